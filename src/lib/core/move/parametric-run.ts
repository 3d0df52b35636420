import { withLength, type Stretch } from '../parametric/stretch';
import { alongRhs, between, costLimits, rhsLimits, type Limit } from '../answer/ranging';
import { basisKey } from '../tableau/tableau';
import type { Work } from '../method/types';
import { perform } from './kinds';
import { pivotMove } from './pivot';
import { stated, type Position } from '../position/position';
import type { PivotMove } from './types';
import { isZero, toText, ZERO, type Rational } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { tightestRows } from '../tableau/ratio';
import { dualValues } from '../answer/multipliers';
import { cost, entryAt, objectiveValue, readPlan, type Tableau } from '../tableau/tableau';
import { basisNames, mergedPieces, type ValuePiece } from '../parametric/value-function';
import { numberOf, type Varied } from '../problem/varied';
import type { Problem } from '../problem/types';

/** The pivots that keep a tableau optimal while one number moves (Gass and Saaty 1955 for the objective, Saaty and Gass 1954 for right-hand sides). */

const MOST = 300;

const keyOf = (position: Position, varied: Varied): string =>
	'rhs' in varied
		? (position.keys.constraints.get(varied.rhs) ?? varied.rhs)
		: (position.keys.variables.get(varied.objective) ?? varied.objective);

/** The position with the number set; the same where it is that already. */
export function withNumberAt(position: Position, varied: Varied, value: Rational): Position | null {
	if (numberOf(position.problem, varied).equals(value)) return position;
	const own = { value: toText(value) };
	const key = keyOf(position, varied);
	const change = 'rhs' in varied ? { rhs: key, ...own } : { cost: key, ...own };
	const result = perform(position, { kind: 'change', change });
	return result.ok ? result.position : null;
}

/** The column that comes in for a basic one at zero that would change its sign: the least |cost / entry| among entries that bring it back. */
function enteringFor(t: Tableau, row: number, isFalling: boolean): number | null {
	let best: { slot: number; ratio: Rational } | null = null;
	t.nonbasic.forEach((column, slot) => {
		const size = entryAt(t, row, slot);
		if (t.barred.has(column) || isZero(size) || size.s < 0n !== isFalling) return;
		const ratio = cost(t, OBJECTIVE, column).div(size.abs());
		if (!best || ratio.lt(best.ratio)) best = { slot, ratio };
	});
	return (best as { slot: number } | null)?.slot ?? null;
}

/** The pivot at a limit: the dual method's for an amount, the primal one's for a reduced cost; null where there is none. */
function pivotAt(work: Work, varied: Varied, { column }: Limit, direction: 1 | -1): PivotMove | null {
	const t = work.tableau;
	if ('rhs' in varied) {
		const row = t.basis.indexOf(column);
		// an artificial variable may not rise from zero either
		const isFalling = alongRhs(t, varied.rhs)(row).s < 0n === direction > 0;
		const slot = enteringFor(t, row, isFalling);
		return slot === null ? null : pivotMove(work, t.nonbasic[slot], column, 'hand');
	}
	const [row] = tightestRows(t, t.nonbasic.indexOf(column));
	return row === undefined ? null : pivotMove(work, column, t.basis[row], 'hand');
}

/**
 * Follows a number from where it is, in one direction, as long as the problem has a best plan.
 * @param position an optimal tableau, no cuts in it
 * @param direction 1 for rising, −1 for falling
 * @returns the stretches in the order in which they are met
 */
export function parametricRun(position: Position, varied: Varied, direction: 1 | -1): Stretch[] {
	const stretches: Stretch[] = [];
	let now = position;
	const seen = new Set<string>();
	for (let i = 0; i < MOST && now.work; i++) {
		const work = now.work;
		const t = work.tableau;
		const from = numberOf(now.problem, varied);
		const limits = 'rhs' in varied ? rhsLimits(t, varied.rhs, true) : costLimits(t, varied.objective);
		const { lowBy, highBy } = between(limits);
		const limit = direction > 0 ? highBy : lowBy;
		const to = limit && from.add(limit.change);
		const own = { direction, from, to, tableau: t, plan: readPlan(t), value: objectiveValue(t), limit };
		const key = `${basisKey(t)} ${from.toFraction()}`;
		const there = to && withNumberAt(now, varied, to);
		const isStuck = seen.has(key) || (to !== null && !there?.work);
		seen.add(key);
		const pivot = limit && there?.work && !isStuck ? pivotAt(there.work, varied, limit, direction) : null;
		const next = pivot && there ? perform(there, pivot) : null;
		const beyond = !limit || next?.ok ? null : 'rhs' in varied ? 'infeasible' : 'unbounded';
		stretches.push({ ...own, pivot, beyond });
		if (!next?.ok) break;
		now = next.position;
	}
	return stretches;
}

/**
 * The optimal value as a function of a number, from the stretches met as it falls and as it rises: what `valueFunction` finds without pivots.
 * @returns pieces in order that cover the whole line; null where a run was given up before its end
 */
export function piecesOf(
	varied: Varied,
	down: readonly Stretch[],
	up: readonly Stretch[]
): ValuePiece[] | null {
	const [lowest, highest] = [down.at(-1), up.at(-1)];
	const isWhole = (own: Stretch | undefined) => !!own && (own.to === null || own.beyond !== null);
	if (!isWhole(lowest) || !isWhole(highest)) return null;
	const pieceOf = ({ from, to, tableau, plan, value }: Stretch, isUp: boolean): ValuePiece => {
		const slope =
			('rhs' in varied ? dualValues(tableau).get(varied.rhs) : plan.get(varied.objective)) ?? ZERO;
		const basis = basisNames(tableau);
		const line = { where: from, value, slope };
		return { ...(isUp ? { from, to } : { from: to, to: from }), status: 'optimal', line, basis };
	};
	const inside = [
		...withLength(down)
			.reverse()
			.map((own) => pieceOf(own, false)),
		...withLength(up).map((own) => pieceOf(own, true))
	];
	const { beyond: below, to: low } = lowest!;
	const { beyond: above, to: high } = highest!;
	return [
		...(below ? [{ from: null, to: low, status: below }] : []),
		...mergedPieces(inside.length ? inside : [{ ...pieceOf(up[0], true), to: up[0].from }]),
		...(above ? [{ from: high, to: null, status: above }] : [])
	];
}

/** The position at which a solved problem stands, to follow a number from. */
export const solvedPosition = (problem: Problem, tableau: Tableau): Position => ({
	...stated(problem),
	work: {
		tableau,
		part: tableau.form.columns.some(({ kind }) => kind === 'artificial') ? 'phase-two' : 'primal'
	}
});
