import { rank, type Vector } from '../number/linear-algebra';
import { rowOf } from '../geometry/sides';
import { isDualFeasible } from '../method/dual';
import type { Cut } from '../integer/cut';
import { ZERO, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { isPrimalFeasible, objectiveValue } from '../tableau/tableau';
import type { Stop } from './replay';

/** A cutting plane with what it did to the bound. */
export interface Round {
	readonly number: number;
	readonly cut: Cut;
	/** the relaxation's best value before, and after the pivots that followed; null while it is not solved */
	readonly before: Rational | null;
	readonly after: Rational | null;
}

const isSolved = ({ position: { work } }: Stop): boolean =>
	!!work && isPrimalFeasible(work.tableau) && isDualFeasible(work.tableau);

/** The cuts on the way to where one stands, each with the bound before and after. */
export function roundsOf(stops: readonly Stop[]): Round[] {
	const cuts = stops.at(-1)?.position.cuts ?? [];
	return cuts.map((cut, i): Round => {
		const at = stops.findIndex(({ position }) => position.cuts.length > i);
		const solved = stops.slice(0, at).findLast(isSolved);
		const next = stops.findIndex(({ position }, k) => k > at && position.cuts.length > i + 1);
		const later = stops.slice(at, next < 0 ? undefined : next).find(isSolved);
		const value = (stop: Stop | undefined) => (stop ? objectiveValue(stop.position.work!.tableau) : null);
		return { number: i + 1, cut, before: value(solved), after: value(later) };
	});
}

/**
 * How close a cut comes to the convex hull of the whole points: not at all, touching it, or along one of its faces of highest dimension.
 * @param hull the hull's corners, in the order of the problem's variables
 */
export function touchOf(
	problem: Problem,
	hull: readonly Vector[],
	{ original }: Cut
): 'no' | 'touches' | 'face' {
	if (!original) return 'no';
	const row = rowOf(problem, original.terms);
	const value = (at: Vector) => at.reduce((sum, x, i) => sum.add(x.mul(row[i])), ZERO);
	const tight = hull.filter((at) => value(at).equals(original.rhs));
	if (tight.length === 0) return 'no';
	const spread = tight.slice(1).map((at) => at.map((x, i) => x.sub(tight[0][i])));
	return rank(spread, row.length) >= row.length - 1 ? 'face' : 'touches';
}
