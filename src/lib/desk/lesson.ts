import { NEW_TRAIL, type Trail } from '$lib/core/move/trail';
import type { RuleName } from '$lib/core/method/types';
import type { NumberStyle } from '$lib/core/number/show';
import { EMPTY_BOOK, type LastingBook } from '$lib/core/problem/lasting';

/** Where the region's picture is looked at: the middle in the author's units, and the magnification over "fit". */
export interface RegionView {
	readonly x: number;
	readonly y: number;
	readonly scale: number;
}

/** A lesson as it is kept: the statement and who is who in it, the trail, and how they are shown. */
export interface Lesson {
	readonly format: 'mathesis-lesson';
	readonly version: 2;
	readonly statement: string;
	readonly lasting: LastingBook;
	readonly trail: Trail;
	readonly rule: RuleName;
	readonly notation: { readonly numbers: NumberStyle };
	readonly view: RegionView | null;
	/** plans that were tried and kept, amounts as text by name */
	readonly plans: readonly { readonly name: string; readonly amounts: Readonly<Record<string, string>> }[];
}

/** A fresh lesson around a statement. */
export const newLesson = (statement: string): Lesson => ({
	format: 'mathesis-lesson',
	version: 2,
	statement,
	lasting: EMPTY_BOOK,
	trail: NEW_TRAIL,
	rule: 'dantzig',
	notation: { numbers: 'fraction' },
	view: null,
	plans: []
});
