import { echelon, type Vector } from '../number/linear-algebra';
import { lcm, max, min, numerator, rational, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { extremeRays } from './double-description';
import { polyhedron } from './polyhedron';
import { sidesOf, type Side } from './sides';

/** so many rows of whole points are gone through, at most */
const MOST_ROWS = 20_000;

/** A side in whole numbers: the same side, quicker arithmetic. */
function wholeSide({ row, rhs, equality }: Side): { row: bigint[]; rhs: bigint; equality: boolean } {
	const multiple = row.reduce((all, value) => lcm(all, value.d), rhs.d);
	const of = (value: Rational) => numerator(value) * (multiple / value.d);
	return { row: row.map(of), rhs: of(rhs), equality };
}

type WholeSide = ReturnType<typeof wholeSide>;
type WholePoint = readonly bigint[];

/** The quotient rounded towards minus infinity. */
function floorDivided(a: bigint, b: bigint): bigint {
	const quotient = a / b;
	return a % b !== 0n && a < 0n !== b < 0n ? quotient - 1n : quotient;
}

/** The least and greatest last amount with which a start becomes a whole point of the region; null where there is none. */
function stretch(sides: readonly WholeSide[], start: WholePoint): [bigint, bigint] | null {
	let [low, high]: (bigint | null)[] = [null, null];
	for (const { row, rhs, equality } of sides) {
		const rest = start.reduce((sum, value, i) => sum - row[i] * value, rhs);
		const last = row[start.length];
		if (last === 0n) {
			if (equality ? rest !== 0n : rest < 0n) return null;
			continue;
		}
		if (equality && rest % last !== 0n) return null;
		if (last > 0n || equality) {
			const most = floorDivided(rest, last);
			if (high === null || most < high) high = most;
		}
		if (last < 0n || equality) {
			const least = -floorDivided(-rest, last);
			if (low === null || least > low) low = least;
		}
	}
	return low === null || high === null || low > high ? null : [low, high];
}

/** Which facets of their hull some whole points of equal length lie on, as bits; null where the facets are too many. */
function facetsAt(points: readonly WholePoint[]): bigint[] | null {
	const [first] = points;
	const differences = points.slice(1).map((p) => p.map((value, i) => rational(value - first[i])));
	// in these coordinates the points are as they are, and their hull has an inside
	const { pivots } = echelon(differences, first.length);
	const flat = points.map((p) => pivots.map((i) => p[i]));
	const facets = extremeRays(
		flat.map((p) => [...p, 1n]),
		pivots.length + 1
	);
	if (!facets) return null;
	return flat.map((p) =>
		facets.reduce((bits, facet, k) => {
			const value = p.reduce((sum, part, i) => sum + part * facet[i], facet[p.length]);
			return value === 0n ? bits | (1n << BigInt(k)) : bits;
		}, 0n)
	);
}

/** The extreme ones among some whole points of equal length: no other point lies on all of their facets. */
function extremePoints(points: readonly WholePoint[]): WholePoint[] {
	const tight = points.length > 2 ? facetsAt(points) : null;
	if (!tight) return [...points];
	return points.filter((_, i) => tight.every((bits, j) => j === i || (bits & tight[i]) !== tight[i]));
}

/**
 * The edges of a hull, as pairs of its corners: no third corner lies on all facets that both lie on.
 * @param corners its extreme points, whole, as `wholeHull` gives them
 */
export function hullEdges(corners: readonly Vector[]): [number, number][] {
	const tight = corners.length > 2 ? facetsAt(corners.map((at) => at.map(numerator))) : corners.map(() => 0n);
	if (!tight) return [];
	return corners.flatMap((_, i) =>
		corners.slice(i + 1).flatMap((_, k): [number, number][] => {
			const j = i + 1 + k;
			const shared = tight[i] & tight[j];
			const isEdge = tight.every((bits, m) => m === i || m === j || (bits & shared) !== shared);
			return isEdge ? [[i, j]] : [];
		})
	);
}

/**
 * The corners of the convex hull of a region's whole points, for problems of one to three variables with a bounded region.
 * @returns null where the region is not bounded, or there are too many rows of whole points to go through
 */
export function wholeHull(problem: Problem): Vector[] | null {
	const region = polyhedron(problem);
	if (region.dimension < 0) return [];
	if (region.rays.length > 0 || region.lines.length > 0) return null;
	const sides = sidesOf(problem).map(wholeSide);
	const width = problem.variables.length;
	const spans = problem.variables.slice(0, width - 1).map((_, i) => {
		const values = region.vertices.map(({ at }) => at[i]);
		return [numerator(values.reduce(min).ceil()), numerator(values.reduce(max).floor())] as const;
	});
	const count = spans.reduce((all, [low, high]) => all * (high >= low ? high - low + 1n : 0n), 1n);
	if (count > BigInt(MOST_ROWS)) return null;
	/** whole points from a start on, thinned to those that can be extreme */
	const from = (start: WholePoint): WholePoint[] => {
		if (start.length === width - 1) {
			const ends = stretch(sides, start);
			if (!ends) return [];
			return ends[0] === ends[1] ? [[...start, ends[0]]] : ends.map((end) => [...start, end]);
		}
		const [low, high] = spans[start.length];
		const found: WholePoint[] = [];
		for (let value = low; value <= high; value++) found.push(...from([...start, value]));
		return extremePoints(found);
	};
	return extremePoints(from([])).map((point) => point.map((value) => rational(value)));
}
