import {
	facesOf,
	type LineOwner,
	outline,
	pointKey,
	type Polyhedron,
	polyhedron,
	openWays,
	polyhedronOf,
	type Side,
	sidesOf
} from '$lib/core/geometry';
import { approximate, dot, ONE, type Rational, sign, type Vector, ZERO } from '$lib/core/number';
import type { Problem } from '$lib/core/problem';
import { stepFrom, snapped } from '../picture/step';

export type Triple = readonly [number, number, number];

/** A body of three variables made ready for drawing; parts of the frame that cuts off what has no end are told by `owner: null`. */
export interface Solid {
	readonly dimension: number;
	readonly vertices: readonly {
		readonly key: string;
		readonly at: Triple;
		readonly exact: Vector;
		/** whether it is a corner of the region and not of the frame */
		readonly own: boolean;
	}[];
	readonly edges: readonly { readonly ends: readonly [number, number]; readonly own: boolean }[];
	/** corners in order around each face, and the direction away from the body */
	readonly faces: readonly {
		readonly owner: LineOwner | null;
		readonly vertices: readonly number[];
		readonly normal: Triple;
	}[];
}

/** The part of space that is shown, along each axis. */
export interface Room {
	readonly low: Triple;
	readonly high: Triple;
	readonly exact: readonly { readonly low: Rational; readonly high: Rational }[];
}

/** An exact point as it is drawn. */
export const triple = (at: Vector): Triple => [approximate(at[0]), approximate(at[1]), approximate(at[2])];

/** The room that shows a region: all its corners and the origin, and a piece of what has no end. */
export function roomOf(problem: Problem, extra: readonly Triple[]): Room {
	const { points, directions, lines } = polyhedron(problem);
	const shown: Triple[] = [[0, 0, 0], ...points.map(triple), ...extra];
	const sides = [0, 1, 2].map((axis) => {
		const values = shown.map((at) => at[axis]).filter(Number.isFinite);
		const [low, high] = [Math.min(...values), Math.max(...values)];
		const span = high - low || Math.max(1, Math.abs(high));
		const open = (turn: 1 | -1) =>
			lines.some((line) => approximate(line[axis]) !== 0) ||
			directions.some((way) => Math.sign(approximate(way[axis])) === turn);
		const step = stepFrom(span / 20);
		return {
			low: snapped(low - (open(-1) ? 0.5 : 0) * span, step),
			high: snapped(high + (open(1) ? 0.5 : high === low ? 1 : 0.08) * span, step)
		};
	});
	const of = (end: 'low' | 'high'): Triple => triple(sides.map((side) => side[end]));
	return { low: of('low'), high: of('high'), exact: sides };
}

const frameSides = ({ exact }: Room): Side[] =>
	exact.flatMap(({ low, high }, axis) => {
		const row = [0, 1, 2].map((i) => (i === axis ? ONE : ZERO));
		const owner: LineOwner = { kind: 'upper', name: '' };
		return [
			{ owner, row, rhs: high, equality: false },
			{ owner, row: row.map((value) => value.neg()), rhs: low.neg(), equality: false }
		];
	});

/** A problem's region as a body, cut off by the room where it has no end. */
export function solidOf(problem: Problem, room: Room): Solid {
	const sides = sidesOf(problem);
	const whole = polyhedron(problem);
	// only where the region has no end does the frame cut
	const ways = openWays(whole);
	const frame = frameSides(room).filter(({ row }) => ways.some((way) => sign(dot(row, way)) > 0));
	const body: Polyhedron = frame.length ? polyhedronOf([...sides, ...frame], 3) : whole;
	const isFrame = (side: number) => side >= sides.length;
	const own = new Set(whole.vertices.map(({ at }) => pointKey(at)));
	const vertices = body.vertices.map(({ at }) => ({
		key: pointKey(at),
		at: triple(at),
		exact: at,
		own: own.has(pointKey(at))
	}));
	const edges = body.edges.flatMap(({ vertices: [p, q] }) => {
		if (q === undefined) return [];
		const shared = body.vertices[p].tight.filter((i) => body.vertices[q].tight.includes(i));
		return [{ ends: [p, q] as const, own: !shared.some(isFrame) }];
	});
	const faces =
		body.dimension === 3
			? facesOf(body).map(({ side, vertices: around }) => ({
					owner: isFrame(side) ? null : body.sides[side].owner,
					vertices: around,
					normal: triple(body.sides[side].row)
				}))
			: body.dimension === 2
				? [{ owner: flatOwner(body), vertices: outline(body), normal: [0, 0, 0] as const }]
				: [];
	return { dimension: body.dimension, vertices, edges, faces };
}

/** The equation that makes a body flat, where a constraint does. */
const flatOwner = ({ sides, vertices }: Polyhedron): LineOwner | null =>
	sides.find(
		(side, i) => side.owner.kind === 'constraint' && vertices.every(({ tight }) => tight.includes(i))
	)?.owner ?? null;

/** The part of a side's plane that the room holds, as a polygon. */
export function planeIn(side: Side, room: Room): Triple[] {
	const cut = polyhedronOf([{ ...side, equality: true }, ...frameSides(room)], 3);
	return outline(cut).map((i) => triple(cut.vertices[i].at));
}

/** Where a plane `row · x = value` meets a body: the points on its edges. */
export function meetingPlane(solid: Solid, row: Triple, value: number): Triple[] {
	const over = solid.vertices.map(({ at }) => row[0] * at[0] + row[1] * at[1] + row[2] * at[2] - value);
	const size = Math.max(...over.map(Math.abs), 1e-300);
	const at = (i: number) => (Math.abs(over[i]) < size * 1e-9 ? 0 : over[i]);
	const points = solid.vertices.flatMap(({ at: own }, i) => (at(i) === 0 ? [own] : []));
	for (const {
		ends: [p, q]
	} of solid.edges) {
		if (at(p) * at(q) >= 0) continue;
		const t = over[p] / (over[p] - over[q]);
		const [a, b] = [solid.vertices[p].at, solid.vertices[q].at];
		points.push([a[0] + t * (b[0] - a[0]), a[1] + t * (b[1] - a[1]), a[2] + t * (b[2] - a[2])]);
	}
	return points;
}
