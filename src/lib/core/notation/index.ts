/** What views and pages may use of this folder: notations and the board. The rest of the core and the desk import its modules themselves. */

export {
	addressOf,
	addressText,
	type Board,
	board,
	type BoardCell,
	type BoardRow,
	numberPieces,
	rowKey
} from './board';
export { MAX_PROFILE_NAME, type Profile, readProfiles, writeProfiles } from './check';
export { columnName } from './column-names';
export { boardEquations, type Equation, type EquationTerm } from './equations';
export { type BoardLine, boardLines, type Content, type LineCell } from './lines';
export { CHOICES, type Notation, PROFILES } from './notation';
export { CHOICE_LABELS, LETTER_LABELS, NUMBER_LABELS, VARIANT_LABELS } from './words';
