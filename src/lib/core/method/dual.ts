import { compareProducts } from '../tableau/kernel';
import { OBJECTIVE } from '../tableau/goal';
import { negativeRows } from '../tableau/ratio';
import { cell, goalRow, rhsCell, type Tableau } from '../tableau/tableau';
import type { Finding } from './findings';
import { contradiction, optimal, rowTrouble } from './primal';
import { choiceAt, firstNegative, improvingSlots, type Goals } from './rules';
import type { Decision, Work } from './types';
import { takesFirst, type Rule } from './rule';

const GOALS: Goals = [OBJECTIVE];

/** Whether no allowed column has a negative entry in the objective row, so that the dual simplex method can work. */
export const isDualFeasible = (t: Tableau, goals: Goals = GOALS): boolean =>
	improvingSlots(t, goals).length === 0;

/** The row to leave: the most negative right-hand side, or (Bland) the lowest index among the negative ones. */
export function dualLeavingRow(t: Tableau, rule: Rule): number | null {
	const rows = negativeRows(t);
	if (rows.length === 0) return null;
	const byIndex = (a: number, b: number) => (t.basis[b] < t.basis[a] ? b : a);
	if (takesFirst(rule)) return rows.reduce(byIndex);
	return rows.reduce((a, b) => {
		const order = compareProducts(rhsCell(t, b), t.scales[t.basis[a]], rhsCell(t, a), t.scales[t.basis[b]]);
		return order < 0 ? b : order > 0 ? a : byIndex(a, b);
	});
}

/**
 * The column to enter: the least |cost / entry| over negative entries of the row; with several objective rows the
 * quotients are compared one row after the other (lexicographic dual simplex), then the lowest index decides.
 * @returns a slot, or null where the row has no negative entry
 */
export function dualEnteringSlot(t: Tableau, goals: Goals, row: number): number | null {
	const costRows = goals.map((goal) => goalRow(t, goal));
	return firstNegative(t, row, (a, b) => {
		for (const costs of costRows) {
			// cost_a / |entry_a| against cost_b / |entry_b|: both entries are negative, so their signs cancel
			const order = compareProducts(cell(t, costs, b), cell(t, row, a), cell(t, costs, a), cell(t, row, b));
			if (order !== 0) return order;
		}
		return 0;
	});
}

/** Why a rule takes a row of the dual method. */
export const leavingFinding = (row: number, rule: Rule): Finding => ({
	code: 'dual-leaves',
	row,
	isFirst: takesFirst(rule)
});

/**
 * The dual simplex method (Lemke 1954): removes negative right-hand sides while the objective row stays right.
 * @param goals objective rows in order of importance, for the lexicographic method
 */
export function decideDual({ tableau: t }: Work, rule: Rule, goals: Goals = GOALS): Decision {
	const trouble = rowTrouble(t);
	if (trouble) return trouble;
	const improving = improvingSlots(t, goals);
	if (improving.length > 0)
		return {
			kind: 'stuck',
			trouble: 'not-dual-feasible',
			because: [{ code: 'not-dual-feasible', columns: improving.map((k) => t.nonbasic[k]) }]
		};
	const row = dualLeavingRow(t, rule);
	if (row === null) return optimal(t);
	const slot = dualEnteringSlot(t, goals, row);
	if (slot === null) return contradiction(t, row);
	return {
		kind: 'pivot',
		choice: choiceAt(t, row, slot),
		because: [leavingFinding(row, rule)]
	};
}
