import { dot, nullSpace, wholeVector, type Vector } from '../number/linear-algebra';
import { ONE, rational, ZERO, type Rational } from '../number/rational';
import { dotWhole, extremeRays, primitive } from './double-description';

/** `row · x = rhs`, or `row · x ≥ rhs`. */
export interface Line {
	readonly row: Vector;
	readonly rhs: Rational;
}

/** The extreme points of a polyhedron, and the directions of its extreme rays. */
export interface Extremes {
	readonly points: Vector[];
	readonly rays: Vector[];
}

/** A direction with whole numbers that have no common divisor. */
export const wholeDirection = (direction: Vector): Vector =>
	wholeVector(direction).map((part) => rational(part));

/** Equations that leave of each line only its point nearest to a given one. */
export const across = (lines: readonly Vector[], at: Vector): Line[] =>
	lines.map((row) => ({ row, rhs: dot(row, at) }));

/**
 * The extreme points and rays of a set without lines, from its description: the equations are solved, the inequalities become a cone in
 * one dimension more, and its extreme rays are the points (last part positive) and the directions (last part zero).
 * @param at a point that keeps the equations
 * @param options `hurry`: asked now and then, true gives up; `most`: so many points and rays at once are too many
 * @returns null where it gave up
 */
export function extremes(
	at: Vector,
	equations: readonly Line[],
	inequalities: readonly Line[],
	options: { hurry?: () => boolean; most?: number } = {}
): Extremes | null {
	// in whole numbers: each direction, and the point over its denominator
	const ways = nullSpace(
		equations.map(({ row }) => row),
		at.length
	).map(wholeVector);
	const directions = ways.map((way) => way.map((part) => rational(part)));
	const point = wholeVector([...at, ONE]);
	const denominator = point.at(-1)!;
	// x = at + Σ y · direction: an inequality reads Σ y · (row · direction) + (row · at − rhs) ≥ 0
	const cone = inequalities.map(({ row, rhs }) => {
		const whole = wholeVector([...row, rhs.neg()]);
		const own = whole.slice(0, -1);
		return primitive([...ways.map((way) => dotWhole(own, way) * denominator), dotWhole(whole, point)]);
	});
	const positive = [...directions.map(() => 0n), 1n];
	const rows = [
		positive,
		...new Map(cone.filter((row) => row.some(Boolean)).map((row) => [row.join(), row])).values()
	];
	const found = extremeRays(rows, directions.length + 1, options);
	if (!found) return null;
	const back = (parts: readonly bigint[], from: Vector, divisor: bigint): Vector =>
		from.map((value, i) =>
			directions.reduce(
				(sum, direction, k) =>
					parts[k] === 0n ? sum : sum.add(direction[i].mul(rational(parts[k], divisor))),
				value
			)
		);
	const origin = at.map(() => ZERO);
	return {
		points: found.flatMap((ray) => (ray.at(-1)! > 0n ? [back(ray, at, ray.at(-1)!)] : [])),
		rays: found.flatMap((ray) => (ray.at(-1) === 0n ? [wholeDirection(back(ray, origin, 1n))] : []))
	};
}
