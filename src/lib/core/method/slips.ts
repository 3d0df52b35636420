import { withAmount } from '../problem/use';
import type { Plan } from '../problem/types';
import { sign, type Rational } from '../number/rational';
import { OBJECTIVE, type Goal } from '../tableau/goal';
import { ratios, rowRatios, tightestRows } from '../tableau/ratio';
import { columnOf, cost, entry, entryAt, readPlan, rhs, type Tableau } from '../tableau/tableau';

/** What people take by mistake in a tableau, and what comes of it: questions, reasons and the wishes of the designer know the same slips. */

/** A row whose ratio is larger than the least, and what the row of the least one comes to if that row leaves. */
export interface LargerRatio {
	readonly code: 'larger-ratio';
	readonly row: number;
	readonly ratio: Rational;
	/** a row of the least ratio, which is passed by */
	readonly least: number;
	/** the value that the basic variable of that row would have: below 0 */
	readonly falls: Rational;
}

/**
 * Rows that are compared in the ratio test of the primal method, but do not have the least ratio.
 * @param t a tableau whose right-hand sides are not negative
 * @param slot the entering column, by its place among the non-basic ones
 * @param least the row of the least ratio that is passed by; the first of them where it is left out
 * @returns the smallest ratio first; rows with the same one in their order
 */
export function largerRatios(t: Tableau, slot: number, least?: number): LargerRatio[] {
	const tightest = tightestRows(t, slot);
	const passed = least ?? tightest[0];
	if (passed === undefined) return [];
	return ratios(t, slot)
		.flatMap(({ row, value }) => (value && !tightest.includes(row) ? [{ row, ratio: value }] : []))
		.sort((a, b) => a.ratio.compare(b.ratio))
		.map(({ row, ratio }) => {
			const falls = rhs(t, passed).sub(entryAt(t, passed, slot).mul(ratio));
			return { code: 'larger-ratio', row, ratio, least: passed, falls };
		});
}

/** A column whose quotient along a row is larger than the least: an objective entry turns negative. */
export interface LargerQuotient {
	readonly code: 'larger-ratio';
	readonly slot: number;
	readonly ratio: Rational;
}

/** Columns that are compared in the ratio test along a row, in the dual method, but do not have the least quotient; in their order. */
export function largerQuotients(t: Tableau, row: number): LargerQuotient[] {
	const compared = rowRatios(t, row, OBJECTIVE).flatMap(({ slot, value }) =>
		value ? [{ slot, ratio: value }] : []
	);
	return compared
		.filter(({ ratio }) => compared.some((other) => other.ratio.lt(ratio)))
		.map((own) => ({ code: 'larger-ratio', ...own }));
}

/** A variable that is not basic, read off at an entry of its column, and the plan that comes of it. */
export interface NonbasicRead {
	readonly code: 'nonbasic-read';
	readonly column: number;
	readonly row: number;
	readonly plan: Plan;
}

/**
 * The author's variables that are not basic and whose columns have an entry at which somebody may read a value other than 0: the first such row of each.
 * @param mayRead which entries look as if they belonged to a basic variable
 */
export function nonbasicRead(t: Tableau, mayRead: (value: Rational) => boolean): NonbasicRead[] {
	const right = readPlan(t);
	return t.nonbasic.flatMap((column): NonbasicRead[] => {
		const { kind, owner } = columnOf(t, column);
		if (kind !== 'structural' || !right.has(owner.name)) return [];
		const row = t.basis.findIndex((_, i) => sign(rhs(t, i)) !== 0 && mayRead(entry(t, i, column)));
		return row < 0
			? []
			: [{ code: 'nonbasic-read', column, row, plan: withAmount(right, owner.name, rhs(t, row)) }];
	});
}

/** Columns that would make an objective row worse: those that are chosen where its signs are read the other way round. */
export const worsening = (t: Tableau, goal: Goal): number[] =>
	t.nonbasic.filter((column) => !t.barred.has(column) && sign(cost(t, goal, column)) > 0);
