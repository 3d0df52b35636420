import { compareProducts } from '../tableau/kernel';
import { negativeRows } from '../tableau/ratio';
import { cell, pivot, rhsCell, rowCount, type Tableau } from '../tableau/tableau';
import { basisKey } from './primal';
import { choiceAt, firstNegative } from './rules';
import { DANTZIG, type Method, type Outcome, type Rule } from './types';

/** A negative entry of the row: the most negative (as shown), or under Bland's rule the lowest index. */
function repairPosition(t: Tableau, row: number, rule: Rule): number | null {
	const scale = (k: number) => t.scales[t.nonbasic[k]];
	return firstNegative(t, row, (a, b) =>
		rule.entering === 'bland' ? 0 : compareProducts(cell(t, row, a), scale(a), cell(t, row, b), scale(b))
	);
}

/** The least ratio rhs/entry over all rows where both have the same sign (zero over a positive entry counts as zero). */
function repairRow(t: Tableau, position: number): number {
	let best = -1;
	const better = (row: number) => {
		if (best < 0) return true;
		// signs of both entries are made positive, then cross-multiplied
		const flip = (r: number) => (cell(t, r, position) < 0 ? -1 : 1);
		const order =
			compareProducts(rhsCell(t, row), cell(t, best, position), rhsCell(t, best), cell(t, row, position)) *
			flip(row) *
			flip(best);
		return order < 0 || (order === 0 && t.basis[row] < t.basis[best]);
	};
	for (let row = 0; row < rowCount(t); row++) {
		const [size, value] = [cell(t, row, position), rhsCell(t, row)];
		if (((size > 0 && !(value < 0)) || (size < 0 && value < 0)) && better(row)) best = row;
	}
	return best;
}

/**
 * Removes negative right-hand sides by plain pivots, without artificial variables: take a row with a negative right-hand side, a
 * negative entry in it, and the least ratio over all rows. Rows that are right stay right, the row taken only rises, so
 * each row is repaired in turn; it is the primal simplex method with that row's variable as objective (after Wolfe 1965).
 * @returns `optimal` here means repaired: no right-hand side is negative
 */
export function* repair(start: Tableau, rule: Rule = DANTZIG): Method {
	let tableau = start;
	let pivots = 0;
	const seen = new Map([[basisKey(tableau), 0]]);
	let target: number | null = null;
	for (;;) {
		const negative = negativeRows(tableau);
		if (negative.length === 0) return { status: 'optimal', tableau };
		// one variable is worked on until it is repaired; it may have left the basis, then it is zero
		let row: number = target === null ? -1 : tableau.basis.indexOf(target);
		if (!negative.includes(row))
			row = negative.reduce((a, b) => (tableau.basis[b] < tableau.basis[a] ? b : a));
		target = tableau.basis[row];
		const position = repairPosition(tableau, row, rule);
		if (position === null) return { status: 'infeasible', tableau, row };
		const leaving = repairRow(tableau, position);
		const choice = choiceAt(tableau, leaving, position);
		tableau = pivot(tableau, leaving, position);
		pivots += 1;
		yield { kind: 'pivot', phase: 'repair', tableau, choice, rule };
		const before = seen.get(basisKey(tableau));
		if (before !== undefined) return { status: 'cycle', tableau, length: pivots - before } satisfies Outcome;
		seen.set(basisKey(tableau), pivots);
	}
}
