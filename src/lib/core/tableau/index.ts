/** What views and pages may use of this folder: tableaux. The rest of the core and the desk import its modules themselves. */

export type { Goal } from './goal';
export { rowOperations } from './operations';
export { tightestRows } from './ratio';
export type { TableauJson } from './written';
export { moved, riseOf } from './rise';
export {
	basisKey,
	columnOf,
	isPrimalFeasible,
	objectiveValue,
	pivot,
	readPlan,
	rowCount,
	type Tableau
} from './tableau';
