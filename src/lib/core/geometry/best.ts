import { dot, type Vector } from '../number/linear-algebra';
import { compare, isZero, max, min, sign, type Rational } from '../number/rational';
import type { Objective, Problem } from '../problem/types';
import type { Polyhedron } from './polyhedron';
import { rowOf } from './sides';

/** Where in a region the objective is best. */
export interface BestFace {
	/** a direction of the region in which the objective improves for ever; null where there is none */
	readonly way: Vector | null;
	/** null where the region is empty or the objective has no end */
	readonly value: Rational | null;
	/** the best corners (of a region without corners: best points), and the directions in which the best plans go on */
	readonly points: readonly Vector[];
	readonly rays: readonly Vector[];
}

/** The objective's coefficients turned so that more is better. */
const gainOf = (problem: Problem): Vector => {
	const row = rowOf(problem, problem.objective.terms);
	return problem.objective.sense === 'max' ? row : row.map((value) => value.neg());
};

/** Where a problem's objective is best in its region, by looking at all corners and directions. */
export function bestFace(problem: Problem, region: Polyhedron): BestFace {
	const gain = gainOf(problem);
	const { constant, sense } = problem.objective;
	const { points, directions, lines } = region;
	const nothing = { value: null, points: [], rays: [] };
	if (points.length === 0) return { ...nothing, way: null };
	const along = lines.find((line) => !isZero(dot(gain, line)));
	if (along) {
		const forward = sign(dot(gain, along)) > 0;
		return { ...nothing, way: forward ? along : along.map((value) => value.neg()) };
	}
	const way = directions.find((direction) => sign(dot(gain, direction)) > 0);
	if (way) return { ...nothing, way };
	const values = points.map((point) => dot(gain, point));
	const most = values.reduce(max);
	return {
		way: null,
		value: (sense === 'max' ? most : most.neg()).add(constant),
		points: points.filter((_, i) => compare(values[i], most) === 0),
		rays: directions.filter((direction) => isZero(dot(gain, direction)))
	};
}

/** The least and greatest value of an objective in a region; null where it has no end; undefined for an empty region. */
export function valuesOf(
	problem: Problem,
	objective: Objective,
	region: Polyhedron
): { low: Rational | null; high: Rational | null } | undefined {
	const row = rowOf(problem, objective.terms);
	const { points, directions, lines } = region;
	if (points.length === 0) return undefined;
	const values = points.map((point) => dot(row, point).add(objective.constant));
	const open = lines.some((line) => !isZero(dot(row, line)));
	const grows = (turn: 1 | -1) => open || directions.some((direction) => sign(dot(row, direction)) === turn);
	return { low: grows(-1) ? null : values.reduce(min), high: grows(1) ? null : values.reduce(max) };
}

/** The directions of a plane region's two edges at a corner, away from it; null where fewer than two meet there. */
export function edgesAt(region: Polyhedron, corner: number): readonly [Vector, Vector] | null {
	const { vertices, rays, edges } = region;
	const ways = edges.flatMap((edge): Vector[] => {
		const [p, q] = edge.vertices;
		if (p !== corner && q !== corner) return [];
		if (q === undefined) return [rays[(edge as { ray: number }).ray].direction];
		const other = vertices[p === corner ? q : p].at;
		return [other.map((value, i) => value.sub(vertices[corner].at[i]))];
	});
	return ways.length === 2 ? [ways[0], ways[1]] : null;
}
