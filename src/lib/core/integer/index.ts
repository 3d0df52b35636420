/** What views and pages may use of this folder: whole numbers. The rest of the core and the desk import its modules themselves. */

export { addCut } from './cut';
export { wayWords } from './messages';
export { shortOf } from './rounding';
export {
	BRANCHING_RULES,
	type BranchingRule,
	type Direction,
	DIRECTIONS,
	NODE_RULES,
	type NodeRule,
	type NodeState,
	type SearchNode
} from './search-types';
