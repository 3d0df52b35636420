import type { Rational } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { ratios, rowRatios, sameSign, tightestRows } from '../tableau/ratio';
import { entryAt, isPrimalFeasible, rhs, type Tableau } from '../tableau/tableau';
import type { Decision, Work } from './types';

/** A ratio that is compared, or none where a place does not count. */
export interface ComparedRatio {
	readonly value: Rational | null;
	readonly least: boolean;
}

/** The ratios that the method at work compares: down a column, one for each row, or along a row, one for each slot. */
export type Comparison =
	| { readonly along: 'column'; readonly column: number; readonly ratios: readonly ComparedRatio[] }
	| { readonly along: 'row'; readonly row: number; readonly ratios: readonly ComparedRatio[] };

/** The least of some values marked. */
function marked(values: readonly (Rational | null)[]): ComparedRatio[] {
	const least = values.reduce((a, b) => (b && (!a || b.lt(a)) ? b : a), null);
	return values.map((value) => ({ value, least: !!value && !!least && value.equals(least) }));
}

function repairRatios(t: Tableau, slot: number): ComparedRatio[] {
	return marked(
		t.basis.map((_, row) => (sameSign(t, row, slot) ? rhs(t, row).div(entryAt(t, row, slot)) : null))
	);
}

/**
 * What is compared at a tableau.
 * @param decision what the method would do: it says which column or row, where the reader considers none
 * @param considered index of the column that the reader considers
 * @returns null where nothing is compared
 */
export function comparison(
	{ tableau: t, part }: Work,
	decision: Decision,
	considered: number | null
): Comparison | null {
	const choice = decision.kind === 'pivot' && !decision.driveOut ? decision.choice : null;
	if (part === 'dual') {
		if (!choice) return null;
		const along = rowRatios(t, choice.row, OBJECTIVE).map(({ value }) => value);
		return { along: 'row', row: choice.row, ratios: marked(along) };
	}
	const column = considered ?? choice?.entering ?? null;
	const slot = column === null ? -1 : t.nonbasic.indexOf(column);
	if (column === null || slot < 0) return null;
	if (part === 'repair') return { along: 'column', column, ratios: repairRatios(t, slot) };
	if (!isPrimalFeasible(t)) return null;
	const tightest = tightestRows(t, slot);
	const down = ratios(t, slot).map(({ value }, row) => ({ value, least: tightest.includes(row) }));
	return { along: 'column', column, ratios: down };
}
