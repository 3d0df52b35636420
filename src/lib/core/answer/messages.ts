import { codesOf, words, type Catalogue } from '../sentence/catalogue';
import { say, type Sentence } from '../sentence/sentence';
import type { StopReason } from './findings';

/** The words of why a run stopped before its end. */
export const STOPS: Catalogue<StopReason> = {
	'step-limit': ({ most }) => say`The limit of ${most} steps was reached.`,
	'time-limit': ({ milliseconds }) => say`The limit of ${milliseconds} milliseconds was reached.`,
	cycles: ({ length }) => say`The basis came back after ${length} pivots: under this rule the method cycles.`,
	long: () => say`The search became long.`
};

/** The codes of why a run stopped. */
export const STOP_CODES = codesOf(STOPS);

/** Why a run stopped, in words. */
export const stopWords = (found: StopReason): Sentence => words(STOPS, found, undefined);
