import { OWN_NAMES, type Keys } from '../problem/keys';
import type { Cut } from '../integer/cut';
import type { Work } from '../method/types';
import type { Problem } from '../problem/types';
import type { Refusal } from './refusal';

/** Where one stands on the way from a problem to its answer. A move takes a position to another one. */
export interface Position {
	/** the author's problem, with the changes that moves made to it */
	readonly problem: Problem;
	/** lasting keys of the names, from which the ids of columns are made */
	readonly keys: Keys;
	/** the tableau and the part of a method at work; null where nothing was begun */
	readonly work: Work | null;
	/** the cutting planes added so far */
	readonly cuts: readonly Cut[];
}

/** The name that a lasting key stands for now. */
export function nameOf(keys: ReadonlyMap<string, string>, key: string): string {
	for (const [name, own] of keys) if (own === key) return name;
	return key;
}

/** The position before any move. */
export const stated = (problem: Problem, keys: Keys = OWN_NAMES): Position => ({
	problem,
	keys,
	work: null,
	cuts: []
});

/** A move that cannot be done, and why. */
export const refused = (why: Refusal): Result => ({ ok: false, why });

/** What becomes of a move at a position: another position, or why it cannot be done. */
export type Result =
	{ readonly ok: true; readonly position: Position } | { readonly ok: false; readonly why: Refusal };
