import { dot, echelon, nullSpace, rank, wholeVector, type Vector } from '../number/linear-algebra';
import { isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { across, extremes, wholeDirection } from './extremes';
import { dotWhole } from './double-description';
import { asLines, keepsSide, sidesOf, type Side } from './sides';

/** A corner, with the sides (by index) that hold there with equality. */
export interface Vertex {
	readonly at: Vector;
	readonly tight: readonly number[];
}

/** An extreme direction, with the sides that it runs along. */
export interface Ray {
	readonly direction: Vector;
	readonly tight: readonly number[];
}

/** An edge between two corners, or from a corner along a ray for ever. */
export type PolyhedronEdge =
	| { readonly vertices: readonly [number, number] }
	| { readonly vertices: readonly [number]; readonly ray: number };

/** The part of the boundary on one side, where it is of one dimension less than the polyhedron; corners in order around it. */
export interface Face {
	readonly side: number;
	readonly vertices: readonly number[];
	readonly rays: readonly number[];
}

/** All points that keep some sides, in any number of variables. */
export interface Polyhedron {
	readonly sides: readonly Side[];
	/** −1 where it is empty */
	readonly dimension: number;
	readonly vertices: readonly Vertex[];
	readonly rays: readonly Ray[];
	/** directions in which it goes on both ways; where there are any, it has no corner, and rays are not listed */
	readonly lines: readonly Vector[];
	readonly edges: readonly PolyhedronEdge[];
	/** points and directions that span it together with the lines: the corners and rays, where it has corners */
	readonly points: readonly Vector[];
	readonly directions: readonly Vector[];
}

/** The ways in which a polyhedron goes on without end, along a line both ways. */
export const openWays = ({ directions, lines }: Pick<Polyhedron, 'directions' | 'lines'>): Vector[] => [
	...directions,
	...lines.flatMap((line) => [line, line.map((value) => value.neg())])
];

/** Whether all points of a polyhedron keep a side. */
export const keepsAll = (side: Side, body: Polyhedron): boolean =>
	body.points.every((at) => keepsSide(side, at)) &&
	openWays(body).every((way) => {
		const turn = sign(dot(side.row, way));
		return side.equality ? turn === 0 : turn <= 0;
	});

const allEqual = (row: Vector): boolean => row.every(isZero);

/** A point that keeps all the equations; null where they contradict one another. */
function solution(equations: readonly { row: Vector; rhs: Vector[number] }[], width: number): Vector | null {
	const { rows, pivots } = echelon(
		equations.map(({ row, rhs }) => [...row, rhs]),
		width + 1
	);
	if (pivots.includes(width)) return null;
	const point = Array.from({ length: width }, () => ZERO);
	pivots.forEach((column, i) => (point[column] = rows[i][width]));
	return point;
}

/** Finds the sides that hold with equality at a point (`end` 1), or along which a direction runs (`end` 0). */
function tightAt(sides: readonly Side[]): (parts: Vector, end: Rational) => number[] {
	const planes = sides.map(({ row, rhs }) => wholeVector([...row, rhs.neg()]));
	return (parts, end) => {
		const whole = wholeVector([...parts, end]);
		return planes.flatMap((plane, i) => (dotWhole(plane, whole) === 0n ? [i] : []));
	};
}

/** Sides as bits. */
const bitsOf = (tight: readonly number[]): bigint => tight.reduce((bits, i) => bits | (1n << BigInt(i)), 0n);

/**
 * Which corners and rays span an edge: those whose common sides no third one has (Fukuda and Prodon 1996).
 * @param corners sides that are tight at each corner
 * @param rays sides that each ray runs along
 */
function edgesOf(corners: readonly bigint[], rays: readonly bigint[]): PolyhedronEdge[] {
	const all = [...corners, ...rays];
	const spans = (i: number, j: number) => {
		const shared = all[i] & all[j];
		if (shared === 0n && all.length > 2) return false;
		return all.every((bits, k) => k === i || k === j || (bits & shared) !== shared);
	};
	return corners.flatMap((_, i) => [
		...corners.flatMap((_other, j) => (j > i && spans(i, j) ? [{ vertices: [i, j] as const }] : [])),
		...rays.flatMap((_ray, k) => (spans(i, corners.length + k) ? [{ vertices: [i] as const, ray: k }] : []))
	]);
}

/**
 * The polyhedron of some sides: its corners, rays and edges, by the double description method (Motzkin, Raiffa, Thompson and
 * Thrall 1953).
 * @param sides rows of equal length
 * @param width how many variables there are
 */
export function polyhedronOf(sides: readonly Side[], width: number): Polyhedron {
	const empty: Polyhedron = {
		sides,
		dimension: -1,
		vertices: [],
		rays: [],
		lines: [],
		edges: [],
		points: [],
		directions: []
	};
	const rows = sides.map(({ row }) => row);
	const lines = rank(rows, width) === width ? [] : nullSpace(rows, width);
	const { equations, inequalities } = asLines(sides);
	const start = solution(equations, width);
	if (!start) return empty;
	// of each line only one point is looked at: what is left has corners
	const found = extremes(start, [...equations, ...across(lines, start)], inequalities);
	if (!found || found.points.length === 0) return empty;
	const [first, ...others] = found.points;
	const spread = [
		...others.map((point) => point.map((value, i) => value.sub(first[i]))),
		...found.rays,
		...lines
	];
	const dimension = rank(spread, width);
	const span = { points: found.points, directions: found.rays };
	if (lines.length > 0) return { ...empty, ...span, dimension, lines: lines.map(wholeDirection) };
	const tight = tightAt(sides);
	const vertices = found.points.map((at) => ({ at, tight: tight(at, ONE) }));
	const rays = found.rays.map((direction) => ({ direction, tight: tight(direction, ZERO) }));
	const edges = edgesOf(
		vertices.map(({ tight }) => bitsOf(tight)),
		rays.map(({ tight }) => bitsOf(tight))
	);
	return { sides, dimension, vertices, rays, lines: [], edges, ...span };
}

/** The region of a problem (whole numbers are not asked for) as a polyhedron. */
export const polyhedron = (problem: Problem): Polyhedron =>
	polyhedronOf(sidesOf(problem), problem.variables.length);

/** Corners in order along the edges between them, beginning where an unbounded boundary begins. */
function around(members: ReadonlySet<number>, edges: readonly PolyhedronEdge[]): number[] {
	const next = new Map<number, number[]>([...members].map((i) => [i, []]));
	for (const edge of edges) {
		const [p, q] = edge.vertices;
		if (q === undefined || !members.has(p) || !members.has(q)) continue;
		next.get(p)!.push(q);
		next.get(q)!.push(p);
	}
	const order: number[] = [];
	const seen = new Set<number>();
	let at: number | undefined = [...members].find((i) => next.get(i)!.length < 2) ?? [...members][0];
	while (at !== undefined) {
		order.push(at);
		seen.add(at);
		at = next.get(at)!.find((i) => !seen.has(i));
	}
	// the corners of a face of more than two dimensions have no order around it
	return [...order, ...[...members].filter((i) => !seen.has(i))];
}

/** The faces of one dimension less than the polyhedron; in three dimensions their corners go around. Coinciding sides have one each. */
export function facesOf({ sides, dimension, vertices, rays, edges }: Polyhedron): Face[] {
	return sides.flatMap((side, index): Face[] => {
		if (side.equality || allEqual(side.row)) return [];
		const members = vertices.flatMap(({ tight }, i) => (tight.includes(index) ? [i] : []));
		const along = rays.flatMap(({ tight }, i) => (tight.includes(index) ? [i] : []));
		if (members.length === 0 || (members.length === vertices.length && along.length === rays.length))
			return [];
		const first = vertices[members[0]].at;
		const spread = [
			...members.slice(1).map((i) => vertices[i].at.map((value, k) => value.sub(first[k]))),
			...along.map((i) => rays[i].direction)
		];
		if (rank(spread, first.length) !== dimension - 1) return [];
		return [{ side: index, vertices: around(new Set(members), edges), rays: along }];
	});
}

/** The corners of a polyhedron of dimension two, in order around it. */
export const outline = ({ vertices, edges }: Polyhedron): number[] => around(new Set(vertices.keys()), edges);
