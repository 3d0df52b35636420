import type { Notation } from '$lib/core/notation/notation';
import type { Reading } from '$lib/core/problem/statement/reading';
import type { TextEdit } from '$lib/core/problem/statement/text-edit';
import type { Problem } from '$lib/core/problem/types';
import type { BlankCells } from './blank-cells';
import type { Telling } from './telling.svelte';

/** A statement whose cells a table shows and changes: a lesson's, or one with cells that are still to be filled in. */
export interface TableText {
	readonly text: string;
	readonly reading: Reading;
	readonly problem: Problem | null;
	readonly notation: Notation;
	/** whether the problem is older than the text */
	readonly stale: boolean;
	readonly telling: Telling;
	/** the cells that nobody has filled in: names that stand for themselves, and amounts (`variable|x1`, `row|r1`, `goal|`, `rhs|r1`) */
	readonly blank?: BlankCells;
	/** @param group edits of one group in a row are one act */
	edit(edits: readonly TextEdit[], group?: string | null): void;
	write(text: string): void;
	asOne<T>(act: () => T): T;
	/** Told that the amount of a resource was typed, or taken away. */
	filled?(row: string, typed: string): void;
	/** Lets a name that nobody gave become another, since somebody wants to have it. */
	giveWay?(kind: 'variable' | 'constraint', name: string): void;
}
