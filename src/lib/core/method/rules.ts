import { compare, isZero, ONE, type Rational } from '../number/rational';
import { compareProducts } from '../tableau/kernel';
import { tightestRows } from '../tableau/ratio';
import type { Goal } from '../tableau/goal';
import { cell, cost, entry, entryAt, goalRow, rhs, rhsCell, type Tableau } from '../tableau/tableau';
import type { Choice } from './types';
import { takesFirst, type EnteringRule, type TieRule } from './rule';

/** Objective rows in order of importance: the first whose entry is not zero decides. */
export type Goals = readonly Goal[];

const goalRows = (t: Tableau, goals: Goals): number[] => goals.map((goal) => goalRow(t, goal));

function signIn(t: Tableau, rows: readonly number[], slot: number): -1 | 0 | 1 {
	for (const row of rows) {
		const value = cell(t, row, slot);
		if (value < 0) return -1;
		if (value > 0) return 1;
	}
	return 0;
}

/** The sign of a slot's reduced cost. */
export const costSign = (t: Tableau, goals: Goals, slot: number): -1 | 0 | 1 =>
	signIn(t, goalRows(t, goals), slot);

/** The slots that improve the objective: negative reduced cost, not barred. */
export function improvingSlots(t: Tableau, goals: Goals): number[] {
	const rows = goalRows(t, goals);
	const found: number[] = [];
	for (let k = 0; k < t.nonbasic.length; k++)
		if (!t.barred.has(t.nonbasic[k]) && signIn(t, rows, k) < 0) found.push(k);
	return found;
}

/** Negative where slot `a` has the more negative reduced cost. */
function compareCosts(t: Tableau, rows: readonly number[], a: number, b: number): number {
	for (const row of rows) {
		const order = compareProducts(
			cell(t, row, a),
			t.scales[t.nonbasic[a]],
			cell(t, row, b),
			t.scales[t.nonbasic[b]]
		);
		if (order !== 0) return order;
	}
	return 0;
}

const compareVectors = (a: readonly Rational[], b: readonly Rational[]): number => {
	for (let i = 0; i < a.length; i++) {
		const order = compare(a[i], b[i]);
		if (order !== 0) return order;
	}
	return 0;
};

/** What the objective rows gain by a pivot in this column; null where the column can rise for ever. */
function improvement(t: Tableau, goals: Goals, slot: number): Rational[] | null {
	const [row] = tightestRows(t, slot);
	if (row === undefined) return null;
	const ratio = rhs(t, row).div(entryAt(t, row, slot));
	return goals.map((goal) => cost(t, goal, t.nonbasic[slot]).mul(ratio).neg());
}

/** cost² / (1 + Σ entry²) of the deciding objective row: the square of the gain for each unit of length along the edge. */
function steepness(t: Tableau, goals: Goals, slot: number): Rational[] {
	let length = ONE;
	for (let row = 0; row < t.basis.length; row++) {
		const value = entryAt(t, row, slot);
		if (!isZero(value)) length = length.add(value.mul(value));
	}
	return goals.map((goal) => {
		const value = cost(t, goal, t.nonbasic[slot]);
		return value
			.mul(value)
			.div(length)
			.mul(value.s < 0n ? ONE : ONE.neg());
	});
}

/**
 * The columns that a rule finds equally good to enter: by the most negative reduced cost (Dantzig 1951), the greatest improvement, or the steepest edge (Goldfarb and
 * Reid 1977); the lowest index (Bland 1977) is one.
 * @param goals objective rows in order of importance (for big-M: M before z)
 * @returns slots by index of their columns; none where none improves
 */
export function bestEntering(t: Tableau, goals: Goals, rule: EnteringRule): number[] {
	// a column that improves the first goal comes before any that improves a later one alone
	const first = goals.length > 1 ? improvingSlots(t, goals.slice(0, 1)) : [];
	const improving = first.length > 0 ? first : improvingSlots(t, goals);
	const candidates = improving.sort((a, b) => t.nonbasic[a] - t.nonbasic[b]);
	if (takesFirst({ entering: rule })) return candidates.slice(0, 1);
	if (rule === 'dantzig') {
		const rows = goalRows(t, goals);
		return leastOf(candidates, (a, b) => compareCosts(t, rows, a, b));
	}
	const measured = candidates.map((slot) => ({
		slot,
		gain: rule === 'steepest-edge' ? steepness(t, goals, slot) : improvement(t, goals, slot)
	}));
	const endless = measured.filter(({ gain }) => gain === null);
	const best = endless.length ? endless : leastOf(measured, (a, b) => compareVectors(b.gain!, a.gain!));
	return best.map(({ slot }) => slot);
}

/** Those of a list that come before all others, in their order. */
function leastOf<T>(list: readonly T[], order: (a: T, b: T) => number): T[] {
	let least: T[] = [];
	for (const own of list) {
		const against = least.length ? order(own, least[0]) : -1;
		if (against < 0) least = [own];
		else if (against === 0) least.push(own);
	}
	return least;
}

/** The column to enter by a rule; ties go to the lowest index. Null where none improves. */
export const enteringSlot = (t: Tableau, goals: Goals, rule: EnteringRule): number | null =>
	bestEntering(t, goals, rule)[0] ?? null;

/**
 * The row to leave: the least ratio; among equals the lowest column index, or the lexicographically least row over the
 * start columns (Dantzig, Orden and Wolfe 1955).
 * @returns a row, or null where no entry of the column is positive
 */
export function leavingRow(t: Tableau, slot: number, ties: TieRule): number | null {
	const rows = tightestRows(t, slot);
	if (rows.length === 0) return null;
	if (rows.length === 1) return rows[0];
	if (ties === 'lowest-index') return rows.reduce((a, b) => (t.basis[b] < t.basis[a] ? b : a));
	const vector = (row: number) => {
		const size = entryAt(t, row, slot);
		return t.form.rows.map(({ start }) => entry(t, row, start).div(size));
	};
	return rows
		.map((row) => ({ row, vector: vector(row) }))
		.reduce((a, b) => (compareVectors(b.vector, a.vector) < 0 ? b : a)).row;
}

/**
 * Among the columns that are negative in a row and not barred, the first in an order; the lowest index among equals.
 * @param order negative where slot `a` comes before slot `b`
 * @returns a slot, or null where the row has no negative entry
 */
export function firstNegative(
	t: Tableau,
	row: number,
	order: (a: number, b: number) => number
): number | null {
	let best: number | null = null;
	for (let k = 0; k < t.nonbasic.length; k++) {
		if (t.barred.has(t.nonbasic[k]) || !(cell(t, row, k) < 0)) continue;
		const before = best === null ? -1 : order(k, best);
		if (best === null || before < 0 || (before === 0 && t.nonbasic[k] < t.nonbasic[best])) best = k;
	}
	return best;
}

/** The pivot at a row and slot, with the columns it exchanges. */
export function choiceAt(t: Tableau, row: number, slot: number): Choice {
	return { row, slot, entering: t.nonbasic[slot], leaving: t.basis[row] };
}

/** Whether a pivot changes the plan: the entering variable does not stay at 0. */
export const moves = (t: Tableau, { row }: Choice): boolean => !!rhsCell(t, row);
