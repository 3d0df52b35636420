import { nice } from 'd3-array';
import type { Vector } from '../number/linear-algebra';
import { approximate, isZero, max, parseRational } from '../number/rational';
import { openWays, type Polyhedron } from './polyhedron';
import type { Side } from './sides';

/** What is seen of the plane, in doubles: for drawing only. */

/** A stretch of the plane in the author's units. */
export interface Box {
	readonly x0: number;
	readonly x1: number;
	readonly y0: number;
	readonly y1: number;
}

export interface Spot {
	readonly x: number;
	readonly y: number;
}

/** A side `a·x + b·y ≤ c` in doubles, its larger coefficient ±1; null where it has no line. */
export interface DrawnLine {
	readonly index: number;
	readonly a: number;
	readonly b: number;
	readonly c: number;
}

/** A side in two variables made ready for drawing. */
export function drawn({ row, rhs }: Pick<Side, 'row' | 'rhs'>, index: number): DrawnLine | null {
	const size = row.map((value) => value.abs()).reduce(max);
	if (isZero(size)) return null;
	const [a, b, c] = [...row, rhs].map((value) => approximate(value.div(size)));
	return [a, b, c].every(Number.isFinite) ? { index, a, b, c } : null;
}

/** A point of the plane for drawing. */
export const spot = ([x, y]: Vector): Spot => ({ x: approximate(x), y: approximate(y) });

function range(values: readonly number[]): [number, number] {
	const known = values.filter(Number.isFinite);
	return known.length ? [Math.min(...known), Math.max(...known)] : [0, 1];
}

/** Room around what is shown, as a part of its width. */
const ROOM = 0.1;
/** About how many steps an axis has; the box ends at one, so that it stays while a number changes a little. */
const STEPS = 8;

/** One axis of the box: the values with room around them, and zero where it is near. */
function axis(values: readonly number[]): [number, number] {
	let [low, high] = range(values);
	if (low > 0 && low < 0.75 * high) low = 0;
	if (high < 0 && high > 0.75 * low) high = 0;
	if (high === low) {
		const around = Math.abs(high) || 1;
		[low, high] = low === 0 ? [0, around] : [low - around / 2, high + around / 2];
	}
	const span = high - low;
	const [from, to] = nice(low === 0 ? 0 : low - span * ROOM, high + span * ROOM, STEPS);
	return [low === 0 ? -to * 0.035 : from, to];
}

/** Where lines cross the axes and each other, for regions whose own corners do not say what to show. */
function landmarks(lines: readonly DrawnLine[]): Spot[] {
	const found: Spot[] = [];
	for (const { a, b, c } of lines) {
		if (a !== 0) found.push({ x: c / a, y: 0 });
		if (b !== 0) found.push({ x: 0, y: c / b });
	}
	return found;
}

/**
 * The box that shows the whole region, or as much as says how it opens; works for numbers of any size.
 * @param extra further points to show, such as the current plan
 */
export function fitBox(
	region: Pick<Polyhedron, 'vertices' | 'directions' | 'lines'>,
	lines: readonly DrawnLine[],
	extra: readonly Spot[]
): Box {
	const own = [...region.vertices.map(({ at }) => spot(at)), ...extra];
	// without a corner the lines themselves are what is to be seen, wherever a run went
	const useful = region.vertices.length > 0 && own.length > 1 && own.some((p) => p.x !== 0 || p.y !== 0);
	// crossings a little outside are worth seeing; what counts as near is measured in whole steps, so that it stays too
	const reach = (values: number[]) => 1.3 * (Math.max(...axis(values).map(Math.abs)) || Infinity);
	const [reachX, reachY] = [reach(own.map((p) => p.x)), reach(own.map((p) => p.y))];
	const near = landmarks(lines).filter(
		(p) => !useful || (Math.abs(p.x) <= reachX && Math.abs(p.y) <= reachY)
	);
	const shown = [...own, ...near];
	if (!useful) shown.push({ x: 0, y: 0 });
	let [x0, x1] = axis(shown.map((p) => p.x));
	let [y0, y1] = axis(shown.map((p) => p.y));
	for (const direction of openWays(region)) {
		const { x: dx, y: dy } = spot(direction);
		const [width, height] = [x1 - x0, y1 - y0];
		if (dx > 0) x1 += width * 0.3;
		if (dx < 0) x0 -= width * 0.3;
		if (dy > 0) y1 += height * 0.3;
		if (dy < 0) y0 -= height * 0.3;
	}
	return { x0, x1, y0, y1 };
}

/** A point whose coordinates are written as texts. */
export const spotIn = ([x, y]: readonly [x: string, y: string]): Spot => ({
	x: approximate(parseRational(x)),
	y: approximate(parseRational(y))
});

/** The box that shows some points, and the origin where it is near. */
export function boxAround(spots: readonly Spot[]): Box {
	const [x0, x1] = axis(spots.map(({ x }) => x));
	const [y0, y1] = axis(spots.map(({ y }) => y));
	return { x0, x1, y0, y1 };
}

/** The part of a line inside a box, as its two ends; null where it passes outside. */
export function lineInBox({ a, b, c }: DrawnLine, { x0, x1, y0, y1 }: Box): [Spot, Spot] | null {
	const hits: Spot[] = [];
	if (b !== 0) for (const x of [x0, x1]) hits.push({ x, y: (c - a * x) / b });
	if (a !== 0) for (const y of [y0, y1]) hits.push({ x: (c - b * y) / a, y });
	// a hair of room, so that a line along the box's own edge is not lost to rounding
	const [hairX, hairY] = [(x1 - x0) * 1e-9, (y1 - y0) * 1e-9];
	const inside = hits.filter(
		(p) => p.x >= x0 - hairX && p.x <= x1 + hairX && p.y >= y0 - hairY && p.y <= y1 + hairY
	);
	if (inside.length < 2) return null;
	const distance = (p: Spot, q: Spot) => Math.abs(p.x - q.x) / (x1 - x0) + Math.abs(p.y - q.y) / (y1 - y0);
	const first = inside[0];
	const last = inside.reduce((p, q) => (distance(first, q) > distance(first, p) ? q : p));
	return distance(first, last) > 1e-6 ? [first, last] : null;
}

/** The part of a box that keeps all sides (Sutherland and Hodgman 1974); for filling only. */
export function fillPolygon(lines: readonly DrawnLine[], { x0, x1, y0, y1 }: Box): Spot[] {
	let polygon: Spot[] = [
		{ x: x0, y: y0 },
		{ x: x1, y: y0 },
		{ x: x1, y: y1 },
		{ x: x0, y: y1 }
	];
	for (const { a, b, c } of lines) {
		const over = (p: Spot) => a * p.x + b * p.y - c;
		polygon = polygon.flatMap((p, i) => {
			const q = polygon[(i + 1) % polygon.length];
			const [u, v] = [over(p), over(q)];
			const kept = u <= 0 ? [p] : [];
			if ((u < 0 && v > 0) || (u > 0 && v < 0)) {
				const t = u / (u - v);
				kept.push({ x: p.x + (q.x - p.x) * t, y: p.y + (q.y - p.y) * t });
			}
			return kept;
		});
	}
	return polygon;
}
