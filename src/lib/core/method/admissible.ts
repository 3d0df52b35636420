import { OBJECTIVE } from '../tableau/goal';
import { negativeRows, rowRatios, sameSign, tightestRows } from '../tableau/ratio';
import { cell, entryAt, isArtificial, rhs, rhsCell, type Tableau } from '../tableau/tableau';
import { goalsOf } from './primal';
import { choiceAt, improvingSlots } from './rules';
import { isUnmet } from './repair';
import type { Choice, Decision, Work } from './types';

/** Slots that may enter in a row where any entry that is not zero will do. */
const anySlot = (t: Tableau, row: number): number[] =>
	t.nonbasic.flatMap((column, k) => (!t.barred.has(column) && cell(t, row, k) ? [k] : []));

/** The columns that the ratio test along a row allows: those with the least quotient (Lemke 1954). */
export function leastAlong(t: Tableau, row: number): number[] {
	const quotients = rowRatios(t, row, OBJECTIVE).flatMap(({ slot, value }) =>
		value ? [{ slot, value }] : []
	);
	return quotients
		.filter(({ value }) => quotients.every((other) => !other.value.lt(value)))
		.map(({ slot }) => slot);
}

/** The rows with the least ratio among those that limit a column while some right-hand sides are negative. */
function leastToRepair(t: Tableau, slot: number): number[] {
	const limits = [...t.basis.keys()]
		.filter((row) => sameSign(t, row, slot))
		.map((row) => ({ row, ratio: rhs(t, row).div(entryAt(t, row, slot)) }));
	return limits.filter(({ ratio }) => limits.every((other) => !other.ratio.lt(ratio))).map(({ row }) => row);
}

const pivotsOf = (t: Tableau, rows: readonly number[], slotsOf: (row: number) => readonly number[]) =>
	rows.flatMap((row) => slotsOf(row).map((slot) => choiceAt(t, row, slot)));

/**
 * The pivots that the method at work allows next: what it relies on stays true, and it comes nearer to its end. All improving columns with all rows of
 * their least ratio; in the dual method all negative rows with all columns of the least quotient; where a row needs a basic variable, or an artificial
 * variable leaves at zero, any entry that is not zero.
 * @param decision what the method decides there by a rule: the pivot that is preferred
 * @returns none, and null, where the method makes no pivot here
 */
export function admissiblePivots(
	{ tableau: t, part }: Work,
	decision: Decision
): { readonly pivots: readonly Choice[]; readonly preferred: Choice | null } {
	if (decision.kind !== 'pivot') return { pivots: [], preferred: null };
	const preferred = decision.choice;
	const rows = [...t.basis.keys()];
	const allowed = (): Choice[] => {
		if (decision.driveOut)
			return pivotsOf(
				t,
				rows.filter((row) => isArtificial(t, t.basis[row]) && !rhsCell(t, row)),
				(row) => anySlot(t, row)
			);
		if (decision.because.some(({ code }) => code === 'fills-vacancy'))
			return pivotsOf(
				t,
				rows.filter((row) => isUnmet(t, row)),
				(row) => anySlot(t, row)
			);
		if (part === 'dual') return pivotsOf(t, negativeRows(t), (row) => leastAlong(t, row));
		const columns =
			part === 'repair'
				? t.nonbasic.flatMap((column, k) =>
						!t.barred.has(column) && negativeRows(t).some((row) => cell(t, row, k) < 0) ? [k] : []
					)
				: improvingSlots(t, goalsOf(t, part));
		const least = part === 'repair' ? leastToRepair : tightestRows;
		return columns.flatMap((slot) => least(t, slot).map((row) => choiceAt(t, row, slot)));
	};
	return { pivots: allowed(), preferred };
}
