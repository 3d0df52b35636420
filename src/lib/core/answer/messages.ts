import { say, type Sentence } from '../sentence/sentence';

/** Why a run stopped before its end. */

export const stepLimit = (most: number): Sentence => say`The limit of ${most} steps was reached.`;

export const timeLimit = (milliseconds: number): Sentence =>
	say`The limit of ${milliseconds} milliseconds was reached.`;

export const cycles = (length: number): Sentence =>
	say`The basis came back after ${length} pivots: under this rule the method cycles.`;
