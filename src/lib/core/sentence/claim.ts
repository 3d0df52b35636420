import type { Rational } from '../number/rational';
import type { Goal } from '../tableau/goal';
import type { Tableau } from '../tableau/tableau';

/**
 * What a sentence claims of a tableau as it is written in a notation, or of its problem, as data beside the words: so that it can be checked against the
 * board, or by solving, by code that has no part in making it.
 */
export type Sign = 'negative' | 'positive' | 'zero';

/** An entry as it is written: of a row (by its index) or an objective row, under a column (by its index) or in the place of the right-hand side. */
export interface WrittenCell {
	readonly row: number | Goal;
	readonly column: number | 'rhs';
}

export type Claim = { readonly t: Tableau } & (
	| { readonly is: 'sign'; readonly cell: WrittenCell; readonly sign: Sign }
	| { readonly is: 'value'; readonly cell: WrittenCell; readonly value: Rational }
	/** of all entries of an objective row that may be chosen, or of all right-hand sides, none is further on that side of zero; but for columns with M */
	| {
			readonly is: 'most';
			readonly cell: WrittenCell;
			readonly sign: Sign;
			readonly beside?: readonly number[];
	  }
	/** no entry has that sign: of a row or objective row under the columns that may enter, or of a column in the rows */
	| {
			readonly is: 'none';
			readonly of: { readonly row: number | Goal } | { readonly column: number };
			readonly sign: Sign;
	  }
	/** two entries divided, by their sizes where their signs are written otherwise */
	| {
			readonly is: 'ratio';
			readonly over: WrittenCell;
			readonly under: WrittenCell;
			readonly value: Rational;
	  }
	/** raising the column by one changes the quantity (the author's objective, or the sum of the artificial variables) by so much */
	| { readonly is: 'rate'; readonly goal: Goal; readonly column: number; readonly change: Rational }
	/** with one number of the problem changed by so much, the best objective changes by `change`; null where there is no best plan then */
	| {
			readonly is: 'worth';
			readonly of: { readonly rhs: string } | { readonly objective: string };
			readonly by: Rational;
			readonly change: Rational | null;
	  }
	| { readonly is: 'feasible'; readonly holds: boolean }
	| { readonly is: 'dual-feasible'; readonly holds: boolean }
);
