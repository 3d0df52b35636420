import { type Rational } from '../number/rational';
import type { Goal } from './goal';
import { cell, compareRatios, cost, entryAt, rhs, rhsCell, rowCount, type Tableau } from './tableau';

/** One line of a ratio test: why a row is compared, or why it is not. */
export interface Ratio {
	readonly row: number;
	/** rhs / entry where the entry is positive */
	readonly value: Rational | null;
	readonly reason: 'compared' | 'zero-entry' | 'negative-entry';
}

/** The ratios of a column: rhs / entry for each row with a positive entry (Dantzig 1951). */
export function ratios(t: Tableau, slot: number): Ratio[] {
	return t.basis.map((_, row) => {
		const size = cell(t, row, slot);
		if (size > 0) return { row, value: rhs(t, row).div(entryAt(t, row, slot)), reason: 'compared' };
		return { row, value: null, reason: size < 0 ? 'negative-entry' : 'zero-entry' };
	});
}

/**
 * The rows that attain the least ratio, in row order; empty where no entry of the column is positive.
 * @param t a tableau whose right-hand sides are not negative
 */
export function tightestRows(t: Tableau, slot: number): number[] {
	let best: number[] = [];
	for (let row = 0; row < rowCount(t); row++) {
		if (!(cell(t, row, slot) > 0)) continue;
		const order = best.length ? compareRatios(t, row, best[0], slot) : -1;
		if (order < 0) best = [row];
		else if (order === 0) best.push(row);
	}
	return best;
}

/** Rows whose basic variable is negative. */
export function negativeRows(t: Tableau): number[] {
	const found: number[] = [];
	for (let row = 0; row < rowCount(t); row++) if (rhsCell(t, row) < 0) found.push(row);
	return found;
}

/** Whether a row sets a limit when a column rises from a basis that may be infeasible: entry and right-hand side have the same sign. */
export function sameSign(t: Tableau, row: number, slot: number): boolean {
	const [size, value] = [cell(t, row, slot), rhsCell(t, row)];
	return (size > 0 && !(value < 0)) || (size < 0 && value < 0);
}

/** One place of a ratio test along a row: cost / |entry| where the entry is negative. */
export interface RowRatio {
	readonly slot: number;
	readonly value: Rational | null;
}

/** The ratios of the dual simplex method along a row, barred columns left out (Lemke 1954). */
export function rowRatios(t: Tableau, row: number, goal: Goal): RowRatio[] {
	return t.nonbasic.map((column, slot) => {
		const counts = cell(t, row, slot) < 0 && !t.barred.has(column);
		return { slot, value: counts ? cost(t, goal, column).div(entryAt(t, row, slot).abs()) : null };
	});
}
