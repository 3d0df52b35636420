/** What views and pages may use of this folder: questions, exercises and results. The rest of the core and the desk import its modules themselves. */

export { negativeIn } from './board';
export { cellName, cellText, namedRows, renamed } from './cells';
export { type Exercise, exerciseOf, isTooLarge, MOST_ASKED, MOST_SIZE, PRESETS } from './exercise';
export { KINDS } from './kinds';
export {
	isAtOnce,
	minuteOf,
	readResult,
	type ExerciseResult,
	resultText,
	slipCounts,
	summed
} from './result';
export { resultCells, type ResultRow, rowOfResult, slipsOf } from './results-table';
export { type Answer, KIND_NAMES, type KindName, type Question } from './types';
export { choiceText, KIND_LABELS, slipText, WORDS } from './words';
