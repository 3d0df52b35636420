import type { Rational } from '../number/rational';
import { ratios, tightestRows } from '../tableau/ratio';
import { cell, entryAt, isPrimalFeasible, pivot, rhs, rhsCell, type Tableau } from '../tableau/tableau';
import { choiceAt, costSign, improvingSlots, type Goals } from './rules';
import type { Choice } from './types';

/** What a pivot chosen by hand does to the two things a tableau can be. */
export interface PivotJudgement {
	readonly choice: Choice;
	/** basic variables that become negative by this pivot, with their new values */
	readonly newlyNegative: readonly { readonly column: number; readonly value: Rational }[];
	readonly breaksFeasibility: boolean;
	readonly breaksDualFeasibility: boolean;
	/** whether the objective rises, stays or falls */
	readonly gain: -1 | 0 | 1;
	/** the entry is positive, but another row has a smaller ratio */
	readonly smallerRatio: { readonly row: number; readonly value: Rational; readonly own: Rational } | null;
	readonly negativeEntry: boolean;
	readonly after: Tableau;
}

/**
 * Looks at a pivot before it is made.
 * @param row kernel row of a constraint
 * @param slot index into `nonbasic`
 * @returns null for a zero entry, which cannot be a pivot
 */
export function judgePivot(t: Tableau, goals: Goals, row: number, slot: number): PivotJudgement | null {
	const size = cell(t, row, slot);
	if (!size) return null;
	const choice = choiceAt(t, row, slot);
	const after = pivot(t, row, slot);
	const wasNegative = new Set(t.basis.filter((_, i) => rhsCell(t, i) < 0));
	const newlyNegative = after.basis
		.map((column, i) => ({ column, value: rhs(after, i), negative: rhsCell(after, i) < 0 }))
		.filter(({ column, negative }) => negative && !wasNegative.has(column))
		.map(({ column, value }) => ({ column, value }));
	const tight = tightestRows(t, slot);
	const own = size > 0 ? rhs(t, row).div(entryAt(t, row, slot)) : null;
	const least = tight.length > 0 && !tight.includes(row) && own ? ratios(t, slot)[tight[0]] : null;
	const move =
		rhsCell(t, row) === 0 || rhsCell(t, row) === 0n
			? 0
			: (rhsCell(t, row) < 0 ? -1 : 1) * (size < 0 ? -1 : 1);
	return {
		choice,
		newlyNegative,
		breaksFeasibility: isPrimalFeasible(t) && !isPrimalFeasible(after),
		breaksDualFeasibility: improvingSlots(t, goals).length === 0 && improvingSlots(after, goals).length > 0,
		gain: (-costSign(t, goals, slot) * move || 0) as -1 | 0 | 1,
		smallerRatio: least && own ? { row: least.row, value: least.value!, own } : null,
		negativeEntry: size < 0,
		after
	};
}
