import type { Vector } from '../number/linear-algebra';
import { compare, isZero } from '../number/rational';
import type { Problem } from '../problem/types';
import { facesOf, keepsAll, outline, polyhedronOf, type Polyhedron } from './polyhedron';
import { isTight, sidesOf, type Side } from './sides';

export type RegionShape = 'empty' | 'point' | 'segment' | 'ray' | 'line' | 'polygon' | 'unbounded' | 'plane';

/** The feasible region of two variables: a polyhedron whose corners go round counter-clockwise where it has an inside. */
export interface Region extends Polyhedron {
	readonly axes: readonly [string, string];
	readonly shape: RegionShape;
	/** sides that can be taken away without changing the region; where it has no inside, each by itself */
	readonly redundant: ReadonlySet<number>;
}

function shapeOf({ dimension, lines, directions }: Polyhedron): RegionShape {
	if (dimension < 0) return 'empty';
	if (dimension === 0) return 'point';
	if (dimension === 1) return lines.length > 0 ? 'line' : directions.length > 0 ? 'ray' : 'segment';
	if (lines.length === 2) return 'plane';
	return lines.length + directions.length > 0 ? 'unbounded' : 'polygon';
}

const minus = (p: Vector, q: Vector): Vector => p.map((value, i) => value.sub(q[i]));
const plus = (p: Vector, q: Vector): Vector => p.map((value, i) => value.add(q[i]));

/** Corners counter-clockwise, from where an open boundary begins, else from the lowest one, of several from the leftmost. */
function roundTrip(body: Polyhedron): number[] {
	const order = outline(body);
	const at = (i: number): Vector => body.vertices[i].at;
	if (body.dimension === 2 && order.length > 1) {
		const from = at(order[0]);
		const [x, y] = minus(at(order[1]), from);
		const [inX, inY] = [...order.map((i) => minus(at(i), from)), ...body.directions].reduce(plus);
		if (compare(x.mul(inY), y.mul(inX)) < 0) order.reverse();
	}
	if (body.rays.length > 0) return order;
	const lower = (i: number, k: number) => compare(at(i)[1], at(k)[1]) || compare(at(i)[0], at(k)[0]);
	const start = order.indexOf([...order].sort(lower)[0]);
	return start > 0 ? [...order.slice(start), ...order.slice(0, start)] : order;
}

/** The same body, its corners in another order. */
function reordered(body: Polyhedron, order: readonly number[]): Polyhedron {
	const place = new Map(order.map((old, now) => [old, now]));
	return {
		...body,
		vertices: order.map((i) => body.vertices[i]),
		edges: body.edges.map((edge) =>
			'ray' in edge
				? { ...edge, vertices: [place.get(edge.vertices[0])!] }
				: { vertices: [place.get(edge.vertices[0])!, place.get(edge.vertices[1])!] }
		)
	};
}

/** Whether there are points that keep all other sides and not this one. */
function isNeeded(sides: readonly Side[], index: number): boolean {
	const others = sides.filter((_, i) => i !== index);
	return !keepsAll(sides[index], polyhedronOf(others, 2));
}

/** The sides without which the region would be another. */
function needed(body: Polyhedron): number[] {
	const { sides, dimension, points, lines } = body;
	if (dimension === 2 && lines.length === 0) return facesOf(body).map(({ side }) => side);
	const touches = (side: Side) => points.some((point) => isTight(side, point));
	const touching = sides.flatMap((side, i) => (!side.row.every(isZero) && touches(side) ? [i] : []));
	// of a region without an inside a side may be needed that bounds it nowhere along an edge
	return dimension === 2 ? touching : touching.filter((i) => isNeeded(sides, i));
}

/**
 * The feasible region of a problem in two variables.
 * @param problem a problem with exactly two variables
 * @throws Error for another number of variables
 */
export function region(problem: Problem): Region {
	if (problem.variables.length !== 2) throw new Error('a region is drawn for two variables');
	const body = polyhedronOf(sidesOf(problem), 2);
	const kept = new Set(needed(body));
	const isEmpty = body.dimension < 0;
	return {
		...reordered(body, roundTrip(body)),
		axes: [problem.variables[0].name, problem.variables[1].name],
		shape: shapeOf(body),
		redundant: new Set(isEmpty ? [] : [...body.sides.keys()].filter((i) => !kept.has(i)))
	};
}
