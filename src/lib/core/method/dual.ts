import { compare } from '../number/rational';
import { compareProducts } from '../tableau/kernel';
import { negativeRows } from '../tableau/ratio';
import { cell, goalRow, pivot, rhs, type Tableau } from '../tableau/tableau';
import { basisKey } from './primal';
import { choiceAt, firstNegative, improvingPositions } from './rules';
import { DANTZIG, type Method, type Rule, type Step } from './types';

/** Whether no allowed column has a negative entry in the objective row, so that the dual simplex method can work. */
export const isDualFeasible = (t: Tableau, goals: readonly number[] = [0]): boolean =>
	improvingPositions(t, goals).length === 0;

/** The row to leave: the most negative right-hand side, or (Bland) the lowest index among the negative ones. */
function dualLeavingRow(t: Tableau, rule: Rule): number | null {
	const rows = negativeRows(t);
	if (rows.length === 0) return null;
	const byIndex = (a: number, b: number) => (t.basis[b] < t.basis[a] ? b : a);
	if (rule.entering === 'bland') return rows.reduce(byIndex);
	return rows.reduce((a, b) => {
		const order = compare(rhs(t, b), rhs(t, a));
		return order < 0 ? b : order > 0 ? a : byIndex(a, b);
	});
}

/**
 * The column to enter: the least |cost / entry| over negative entries of the row; with several objective rows the
 * quotients are compared one row after the other (lexicographic dual simplex), then the lowest index decides.
 * @returns a position, or null where the row has no negative entry
 */
export function dualEnteringPosition(t: Tableau, goals: readonly number[], row: number): number | null {
	return firstNegative(t, row, (a, b) => {
		for (const goal of goals) {
			// cost_a / |entry_a| against cost_b / |entry_b|: both entries are negative, so their signs cancel
			const costs = goalRow(t, goal);
			const order = compareProducts(cell(t, costs, b), cell(t, row, a), cell(t, costs, a), cell(t, row, b));
			if (order !== 0) return order;
		}
		return 0;
	});
}

/**
 * The dual simplex method (Lemke 1954) from a dual feasible basis: removes negative right-hand sides while the objective row
 * stays right.
 * @returns optimal; infeasible with the row that contradicts itself; or a cycle
 */
export function* dual(
	start: Tableau,
	{ goals = [0], rule = DANTZIG }: { goals?: readonly number[]; rule?: Rule } = {}
): Method {
	let tableau = start;
	let pivots = 0;
	const seen = new Map([[basisKey(tableau), 0]]);
	for (;;) {
		const row = dualLeavingRow(tableau, rule);
		if (row === null) return { status: 'optimal', tableau };
		const position = dualEnteringPosition(tableau, goals, row);
		if (position === null) return { status: 'infeasible', tableau, row };
		const choice = choiceAt(tableau, row, position);
		tableau = pivot(tableau, row, position);
		pivots += 1;
		yield { kind: 'pivot', phase: 'dual', tableau, choice, rule } satisfies Step;
		const before = seen.get(basisKey(tableau));
		if (before !== undefined) return { status: 'cycle', tableau, length: pivots - before };
		seen.set(basisKey(tableau), pivots);
	}
}
