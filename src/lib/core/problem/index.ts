/** What views and pages may use of this folder: problems, their statements and their edits. The rest of the core and the desk import its modules themselves. */

export { keysOf } from './lasting';
export { asName, numbered } from './names';
export { RELATION_SIGNS } from './relation';
export { calledRow, isBound, sameOwner } from './row-owner';
export type { Diagnostic, Fix, TextPlace } from './statement/diagnostics';
export { messageText } from './statement/messages';
export { readCell } from './statement/cell';
export type { NewRow } from './statement/edit-lines';
export {
	addRow,
	addVariable,
	moveRow,
	orderVariables,
	removeRow,
	removeVariable,
	renameGoal,
	setCoefficient,
	setCost,
	setRelation,
	setRhs,
	setUnit,
	setVariable,
	turnRow,
	turnSense
} from './statement/edits';
export { printStatement, printTerms, rowLine } from './statement/print';
export { readStatement } from './statement/read';
export type { Reading } from './statement/reading';
export {
	brokenConstraints,
	type Constraint,
	type Domain,
	effectiveBounds,
	isFeasible,
	isName,
	type Plan,
	type Problem,
	type Relation,
	type Sense,
	type Terms,
	type Variable,
	withoutZeros
} from './types';
export {
	brokenAt,
	isAllowed,
	notAllowed,
	objectiveAt,
	planFromTexts,
	type Use,
	usesOf,
	withAmount
} from './use';
export type { Varied } from './varied';
export { isWhole, mustBeWhole } from './whole';
export { rowText, testedRows } from './new-row';
