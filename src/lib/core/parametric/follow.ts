import { alongRhs, costSlopes } from '../answer/ranging';
import { dualValues } from '../answer/multipliers';
import { isZero, sign, ZERO, type Rational } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import {
	cost,
	entryAt,
	isArtificial,
	objectiveValue,
	pivot,
	readPlan,
	rhs,
	type Tableau
} from '../tableau/tableau';
import type { Varied } from '../problem/varied';

/**
 * One number of a solved problem, followed by pivots of its tableau: the dual simplex method for a right-hand side (Saaty and Gass 1954), the primal
 * one for a coefficient of the objective (Gass and Saaty 1955). The tableau stays that of the problem as it is; what the number's change adds
 * is reckoned beside it. Ties are broken by the smallest index (Bland 1977), so it ends.
 */

/** A stretch of changes on which one basis is optimal. */
export interface Leg {
	/** the changes of the number at which it begins and ends, on the way from 0; null is no end */
	readonly from: Rational;
	readonly to: Rational | null;
	/** the objective at `from`, and how much it changes for each unit by which the number rises */
	readonly value: Rational;
	readonly rate: Rational;
	readonly tableau: Tableau;
}

/** The legs in one direction, and what is true beyond the last; null where it has no end. */
export interface Followed {
	readonly legs: readonly Leg[];
	readonly beyond: 'infeasible' | 'unbounded' | null;
}

/** A pivot by kernel row and non-basic position. */
interface Exchange {
	readonly row: number;
	readonly slot: number;
}

/** The first change at or after `from` at which something turns, and the pivot there: null where none mends it; no change where nothing turns. */
type Turn = { readonly at: Rational; readonly exchange: Exchange | null } | null;

/** What can turn: it is `value` at a change of 0 and must not become negative; the smallest key is taken first. */
interface Condition {
	readonly value: Rational;
	readonly slope: Rational;
	readonly key: number;
}

/** The condition that is broken first on the way, of several the one with the smallest key. */
function firstBroken<T extends Condition>(
	conditions: readonly T[],
	direction: 1 | -1
): { at: Rational; own: T } | null {
	let first: { at: Rational; own: T } | null = null;
	for (const own of conditions) {
		if (sign(own.slope) * direction >= 0) continue;
		const at = own.value.div(own.slope).neg();
		const order = first ? at.compare(first.at) * direction : -1;
		if (order < 0 || (order === 0 && own.key < first!.own.key)) first = { at, own };
	}
	return first;
}

/** The dual ratio test: the column whose reduced cost, for each unit of the entry that counts, is the least. */
function entering(t: Tableau, row: number, wanted: 1 | -1): number | null {
	let best: { slot: number; ratio: Rational } | null = null;
	for (let slot = 0; slot < t.nonbasic.length; slot += 1) {
		const column = t.nonbasic[slot];
		if (t.barred.has(column)) continue;
		const own = entryAt(t, row, slot);
		if (sign(own) !== wanted) continue;
		const ratio = cost(t, OBJECTIVE, column).div(own.abs());
		const order = best ? ratio.compare(best.ratio) : -1;
		if (order < 0 || (order === 0 && column < t.nonbasic[best!.slot])) best = { slot, ratio };
	}
	return best?.slot ?? null;
}

function turnOfRhs(t: Tableau, name: string, direction: 1 | -1): Turn {
	const along = alongRhs(t, name);
	const conditions = t.basis.flatMap((column, row) => {
		const own = { row, value: rhs(t, row), slope: along(row), key: column, leaves: -1 as 1 | -1 };
		// an artificial variable must stay zero: it may not rise either
		const above = { ...own, value: own.value.neg(), slope: own.slope.neg(), leaves: 1 as const };
		return isArtificial(t, column) ? [own, above] : [own];
	});
	const broken = firstBroken(conditions, direction);
	if (!broken) return null;
	const { row, leaves } = broken.own;
	const slot = entering(t, row, leaves);
	return { at: broken.at, exchange: slot === null ? null : { row, slot } };
}

/** The primal ratio test; an artificial variable at zero leaves first, whichever way it would move. */
function leaving(t: Tableau, slot: number): number | null {
	let best: { row: number; ratio: Rational } | null = null;
	for (let row = 0; row < t.basis.length; row += 1) {
		const own = entryAt(t, row, slot);
		const isHeld = isArtificial(t, t.basis[row]) && !isZero(own);
		if (!isHeld && sign(own) <= 0) continue;
		const ratio = isHeld ? ZERO : rhs(t, row).div(own);
		const order = best ? ratio.compare(best.ratio) : -1;
		if (order < 0 || (order === 0 && t.basis[row] < t.basis[best!.row])) best = { row, ratio };
	}
	return best?.row ?? null;
}

function turnOfCost(t: Tableau, variable: string, direction: 1 | -1): Turn {
	const conditions = costSlopes(t, variable).map((own) => ({ ...own, key: own.column }));
	const broken = firstBroken(conditions, direction);
	if (!broken) return null;
	const slot = t.nonbasic.indexOf(broken.own.column);
	const row = leaving(t, slot);
	return { at: broken.at, exchange: row === null ? null : { row, slot } };
}

/**
 * Follows a number in one direction for as long as the problem has a best plan.
 * @param t an optimal tableau without cuts, artificial columns barred
 * @param direction 1 for rising, −1 for falling
 * @param mayGoOn asked before each pivot with how many there were
 * @param isEnough told of each leg; true ends it there
 * @returns null where it was not allowed to go on
 */
export function follow(
	t: Tableau,
	varied: Varied,
	direction: 1 | -1,
	mayGoOn: (pivots: number) => boolean = () => true,
	isEnough: (leg: Leg) => boolean = () => false
): Followed | null {
	const legs: Leg[] = [];
	let [now, from] = [t, ZERO];
	for (let pivots = 0; mayGoOn(pivots); pivots += 1) {
		const turn =
			'rhs' in varied ? turnOfRhs(now, varied.rhs, direction) : turnOfCost(now, varied.objective, direction);
		const rate =
			('rhs' in varied ? dualValues(now).get(varied.rhs) : readPlan(now).get(varied.objective)) ?? ZERO;
		const to = turn?.at ?? null;
		// the basis's own value at a change of 0, though it need not be feasible there
		const value = objectiveValue(now).add(rate.mul(from));
		const leg = { from, to, value, rate, tableau: now };
		legs.push(leg);
		if (!turn || !to || isEnough(leg)) return { legs, beyond: null };
		if (!turn.exchange) return { legs, beyond: 'rhs' in varied ? 'infeasible' : 'unbounded' };
		now = pivot(now, turn.exchange.row, turn.exchange.slot);
		from = to;
	}
	return null;
}

/** Whether a leg is more than a step at one number, as there are at degenerate corners. */
export const hasLength = ({ from, to }: Leg): boolean => to === null || !to.equals(from);
