/** What views and pages may use of this folder: questions, exercises and results. The rest of the core and the desk import its modules themselves. */

export { numberIn } from './answers';
export { pivoted } from './board';
export { cellsOf, cellText } from './cells';
export {
	type Exercise,
	exerciseOf,
	isTooLarge,
	MOST_ASKED,
	MOST_SIZE,
	type Preset,
	PRESETS
} from './exercise';
export type { Judgement } from './judge';
export { KINDS } from './kinds';
export { readResult, type Result, type ResultLine, resultText, slipCounts } from './result';
export { resultCells, type ResultRow, rowOf, slipsOf } from './results-table';
export { type Answer, KIND_NAMES, type KindName, type Question } from './types';
export { answerText, KIND_LABELS, saidOf, slipText, WORDS } from './words';
