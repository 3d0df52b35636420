import type { ReadingKind, OtherReading } from './stretch';

/** A stretch of a text that is read otherwise, by its place. */
export type Placed = readonly [at: number, stretch: OtherReading];

/**
 * @param from where the stretch begins
 * @param length how many characters it has
 * @param insert what stands there in the statement language
 * @param choices where it can be read in two ways, the likelier first
 */
export const placed = (
	from: number,
	length: number,
	insert: string,
	kind: ReadingKind,
	choices?: readonly string[]
): Placed => [from, { to: from + length, insert, kind, ...(choices ? { choices } : {}) }];

/** comments, quoted texts and units: none is read otherwise */
export const VERBATIM_PARTS = /#[^\n]*|"(?:[^\\\n"]|\\[^\n])*"|\[[^\]\n]*\]/g;
