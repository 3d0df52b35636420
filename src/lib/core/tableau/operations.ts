import { isZero, ONE, type Rational } from '../number/rational';
import { cell, cost, entry, goalValue, rhs, rowCount, type Tableau } from './tableau';
import type { Goal } from './goal';

/** A row of a tableau that a pivot works on: a constraint row by its index, or an objective row. */
export type RowPlace = { readonly row: number } | { readonly goal: Goal };

/** One row operation of a pivot: `R ← factor · R` for the pivot's row, `R ← R − factor · (new pivot row)` for the others. */
export interface RowOperation {
	readonly place: RowPlace;
	readonly kind: 'divide' | 'subtract';
	/** what the pivot's row is multiplied by, or the multiple of the new pivot row that is taken away */
	readonly factor: Rational;
	/** the row before and after by the form's columns, the right-hand side last; in a subtraction also the new pivot row */
	readonly before: readonly Rational[];
	readonly pivotRow: readonly Rational[];
	readonly after: readonly Rational[];
}

const rowAt = (t: Tableau, place: RowPlace): Rational[] => [
	...t.form.columns.map((_, j) => ('row' in place ? entry(t, place.row, j) : cost(t, place.goal, j))),
	'row' in place ? rhs(t, place.row) : goalValue(t, place.goal)
];

/**
 * The row operations of a pivot, in the order in which they are done by hand: first the pivot's row, then the others, then the objective rows
 * (Gauss and Jordan); rows that stay as they are, are left out.
 * @param before the tableau that was pivoted
 * @param after the tableau that the pivot led to
 * @param row the pivot's row
 * @param slot the pivot's column, as index into `before.nonbasic`
 */
export function rowOperations(before: Tableau, after: Tableau, row: number, slot: number): RowOperation[] {
	const column = before.nonbasic[slot];
	const pivot = entry(before, row, column);
	const pivotRow = rowAt(after, { row });
	const first: RowOperation = {
		place: { row },
		kind: 'divide',
		factor: ONE.div(pivot),
		before: rowAt(before, { row }),
		pivotRow,
		after: pivotRow
	};
	const others: RowPlace[] = Array.from({ length: rowCount(before) }, (_, i) => ({ row: i }));
	const places = [
		...others.filter((place) => 'row' in place && place.row !== row && cell(before, place.row, slot)),
		...before.goals.map((goal): RowPlace => ({ goal }))
	];
	const rest = places.flatMap((place): RowOperation[] => {
		const factor = 'row' in place ? entry(before, place.row, column) : cost(before, place.goal, column);
		if (isZero(factor)) return [];
		return [
			{ place, kind: 'subtract', factor, before: rowAt(before, place), pivotRow, after: rowAt(after, place) }
		];
	});
	return [first, ...rest];
}
