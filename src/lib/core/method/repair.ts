import { compareProducts } from '../tableau/kernel';
import { negativeRows, sameSign } from '../tableau/ratio';
import { cell, columnOf, rhsCell, rowCount, type Tableau } from '../tableau/tableau';
import type { OfCode } from '../sentence/coded';
import type { Finding } from './findings';
import { contradiction, rowTrouble } from './primal';
import { fillingSlot } from '../tableau/vacancy';
import { choiceAt, firstNegative } from './rules';
import type { Decision, Work } from './types';
import { takesFirst, type Rule } from './rule';

/** A negative entry of the row: the most negative (as shown), or under Bland's rule the lowest index. */
function repairSlot(t: Tableau, row: number, rule: Rule): number | null {
	const scale = (k: number) => t.scales[t.nonbasic[k]];
	return firstNegative(t, row, (a, b) =>
		takesFirst(rule) ? 0 : compareProducts(cell(t, row, a), scale(a), cell(t, row, b), scale(b))
	);
}

/** The least ratio rhs/entry over all rows where both have the same sign (zero over a positive entry counts as zero). */
function repairRow(t: Tableau, slot: number): number {
	let best = -1;
	const better = (row: number) => {
		if (best < 0) return true;
		// signs of both entries are made positive, then cross-multiplied
		const flip = (r: number) => (cell(t, r, slot) < 0 ? -1 : 1);
		const order =
			compareProducts(rhsCell(t, row), cell(t, best, slot), rhsCell(t, best), cell(t, row, slot)) *
			flip(row) *
			flip(best);
		return order < 0 || (order === 0 && t.basis[row] < t.basis[best]);
	};
	for (let row = 0; row < rowCount(t); row++) if (sameSign(t, row, slot) && better(row)) best = row;
	return best;
}

/** Whether the basic variable of a row is missing, or an artificial one that is not zero, and another could fill it. */
export function isUnmet(t: Tableau, row: number): boolean {
	const { kind } = columnOf(t, t.basis[row]);
	const unmet = kind === 'vacant' || (kind === 'artificial' && !!rhsCell(t, row));
	return unmet && fillingSlot(t, row) !== null;
}

/** The first row that is unmet. */
function unmetRow(t: Tableau): number | null {
	const row = t.basis.findIndex((_, i) => isUnmet(t, i));
	return row < 0 ? null : row;
}

/** Why a row is worked on: the first negative basic variable is raised; null where none is negative. */
export function repairFinding(t: Tableau): OfCode<Finding, 'repairs'> | null {
	const [first, ...rest] = negativeRows(t);
	if (first === undefined) return null;
	return { code: 'repairs', row: rest.reduce((a, b) => (t.basis[b] < t.basis[a] ? b : a), first) };
}

/**
 * Removes negative right-hand sides by plain pivots, without artificial variables: take the first negative basic variable, a
 * negative entry in its row, and the least ratio over all rows. Rows that are right stay right and no other becomes wrong, so the same
 * variable is worked on until it is repaired; it is the primal simplex method with that variable as objective (after Wolfe 1965).
 */
export function decideRepair({ tableau: t }: Work, rule: Rule): Decision {
	const unmet = unmetRow(t);
	if (unmet !== null)
		return {
			kind: 'pivot',
			choice: choiceAt(t, unmet, fillingSlot(t, unmet)!),
			because: [{ code: 'fills-vacancy', row: unmet }]
		};
	const trouble = rowTrouble(t);
	if (trouble) return trouble;
	const found = repairFinding(t);
	if (!found) return { kind: 'hand-over', to: 'primal', because: [{ code: 'repaired' }] };
	const slot = repairSlot(t, found.row, rule);
	if (slot === null) return contradiction(t, found.row);
	return {
		kind: 'pivot',
		choice: choiceAt(t, repairRow(t, slot), slot),
		because: [found]
	};
}
