import {
	compare,
	isZero,
	lcm,
	max,
	numerator,
	ONE,
	rational,
	sign,
	ZERO,
	type Rational
} from '../number/rational';
import type { Problem } from '../problem/types';
import { sidesOf } from './sides';
import type { Corner, Edge, HalfPlane, Point, Region, RegionShape } from './types';

/** The half-planes of a problem in two variables: constraints in their order, then bounds. */
export const halfPlanes = (problem: Problem): HalfPlane[] =>
	sidesOf(problem).map(({ owner, row: [a, b], rhs: c, equality }) => ({ owner, a, b, c, equality }));

const isLine = (h: HalfPlane): boolean => !isZero(h.a) || !isZero(h.b);
const value = (h: HalfPlane, p: Point): Rational => h.a.mul(p.x).add(h.b.mul(p.y));

/** Whether a point keeps a half-plane (or line). */
export function keeps(h: HalfPlane, p: Point): boolean {
	const order = compare(value(h, p), h.c);
	return h.equality ? order === 0 : order <= 0;
}

/** A half-plane with whole coefficients: the same line, quicker arithmetic. */
interface Whole {
	readonly a: bigint;
	readonly b: bigint;
	readonly c: bigint;
	readonly equality: boolean;
}

function whole(h: HalfPlane): Whole {
	const multiple = lcm(lcm(h.a.d, h.b.d), h.c.d);
	const of = (value: Rational) => numerator(value) * (multiple / value.d);
	return { a: of(h.a), b: of(h.b), c: of(h.c), equality: h.equality };
}

/** Whether a point is on the line. */
const touches = ({ a, b, c }: Whole, { x, y }: Point): boolean =>
	a * numerator(x) * y.d + b * numerator(y) * x.d === c * x.d * y.d;

/** A quotient with a positive denominator, not in lowest terms. */
type Quotient = readonly [bigint, bigint];
const less = (p: Quotient, q: Quotient): boolean => p[0] * q[1] < q[0] * p[1];

interface Stretch {
	readonly line: number;
	readonly origin: Point;
	readonly direction: Point;
	readonly from: Rational | null;
	readonly to: Rational | null;
}

/**
 * The part of a line that keeps all half-planes, as an interval of its parameter t in `origin + t · direction`; null where none
 * does. The origin is the line's point nearest to (0, 0), and the half-plane lies to the left of the direction.
 */
function feasibleStretch(all: readonly Whole[], line: number): Stretch | null {
	const { a, b, c } = all[line];
	const size = a * a + b * b;
	let from: Quotient | null = null;
	let to: Quotient | null = null;
	for (const h of all) {
		// both sides multiplied by size: the origin is (a·c, b·c) / size
		const rest = h.c * size - c * (h.a * a + h.b * b);
		const slope = h.b * a - h.a * b;
		if (slope === 0n) {
			if (h.equality ? rest !== 0n : rest < 0n) return null;
			continue;
		}
		const limit: Quotient = slope > 0n ? [rest, slope * size] : [-rest, -slope * size];
		if ((h.equality || slope > 0n) && (!to || less(limit, to))) to = limit;
		if ((h.equality || slope < 0n) && (!from || less(from, limit))) from = limit;
		if (from && to && less(to, from)) return null;
	}
	return {
		line,
		origin: { x: rational(a * c, size), y: rational(b * c, size) },
		direction: { x: rational(-b), y: rational(a) },
		from: from && rational(...from),
		to: to && rational(...to)
	};
}

const at = (stretch: Stretch, t: Rational): Point => ({
	x: stretch.origin.x.add(stretch.direction.x.mul(t)),
	y: stretch.origin.y.add(stretch.direction.y.mul(t))
});

const pointKey = (p: Point): string => `${p.x.toFraction()} ${p.y.toFraction()}`;

/** −1, 0, 1: the order of two directions by angle in [0, 2π), exactly. */
export function compareAngles(p: Point, q: Point): number {
	const half = (d: Point) => (sign(d.y) > 0 || (isZero(d.y) && sign(d.x) > 0) ? 0 : 1);
	if (half(p) !== half(q)) return half(p) - half(q);
	return -sign(p.x.mul(q.y).sub(p.y.mul(q.x)));
}

const sameDirection = (p: Point, q: Point): boolean => compareAngles(p, q) === 0;

/**
 * The feasible region of a problem in two variables, exactly: each line is cut by all others to the stretch that bounds the
 * region, and the stretches are ordered by angle. O(n²) in the number of lines.
 * @param problem a problem with exactly two variables
 * @throws Error for another number of variables
 */
export function region(problem: Problem): Region {
	if (problem.variables.length !== 2) throw new Error('a region is drawn for two variables');
	const axes = [problem.variables[0].name, problem.variables[1].name] as const;
	const all = halfPlanes(problem);
	const own = regionOf(axes, all);
	const isFlat = own.shape === 'segment' || own.shape === 'ray' || own.shape === 'line';
	// of a region without an inside a line may be needed that bounds it nowhere along an edge
	return isFlat
		? { ...own, redundant: new Set([...all.keys()].filter((i) => isRedundant(axes, all, i))) }
		: own;
}

/** Whether a half-plane, left out by itself, changes nothing: all points that keep the others keep it. */
export function isRedundant(axes: Region['axes'], all: readonly HalfPlane[], index: number): boolean {
	const others = regionOf(
		axes,
		all.filter((_, i) => i !== index)
	);
	const h = all[index];
	const along = ({ x, y }: Point) => h.a.mul(x).add(h.b.mul(y));
	const points = [...others.corners.map(({ point }) => point), ...others.edges.map(({ point }) => point)];
	if (!isLine(h)) return true;
	if (others.shape === 'plane') return false;
	const isAlong = (value: Rational) => (h.equality ? isZero(value) : sign(value) <= 0);
	return points.every((point) => keeps(h, point)) && openDirections(others).every((d) => isAlong(along(d)));
}

function regionOf(axes: Region['axes'], all: readonly HalfPlane[]): Region {
	const impossible = all.some((h) => !isLine(h) && (h.equality ? !isZero(h.c) : sign(h.c) < 0));
	const base = { axes, halfPlanes: all };
	const nothing = { ...base, corners: [], edges: [], redundant: new Set<number>() };
	if (impossible) return { ...nothing, shape: 'empty' };
	const lines = all.flatMap((h, i) => (isLine(h) ? [i] : []));
	if (lines.length === 0) return { ...nothing, shape: 'plane', redundant: new Set(all.keys()) };
	const quick = all.map(whole);
	const stretches = lines.flatMap((line) => feasibleStretch(quick, line) ?? []);
	if (stretches.length === 0) return { ...nothing, shape: 'empty' };

	const corners: Corner[] = [];
	const byPoint = new Map<string, number>();
	const corner = (stretch: Stretch, t: Rational | null): number | null => {
		if (t === null) return null;
		const point = at(stretch, t);
		const key = pointKey(point);
		if (!byPoint.has(key)) {
			byPoint.set(key, corners.length);
			const tight = lines.filter((line) => touches(quick[line], point));
			corners.push({ point, lines: tight });
		}
		return byPoint.get(key)!;
	};
	const edges: (Edge & { lines: number[] })[] = [];
	const ordered = [...stretches].sort((p, q) => compareAngles(p.direction, q.direction) || p.line - q.line);
	for (const stretch of ordered) {
		const [from, to] = [corner(stretch, stretch.from), corner(stretch, stretch.to)];
		if (from !== null && from === to) continue;
		const twin = edges.find(
			(edge) => sameDirection(edge.direction, stretch.direction) && touches(quick[stretch.line], edge.point)
		);
		if (twin) twin.lines.push(stretch.line);
		else {
			const point = from !== null ? corners[from].point : to !== null ? corners[to].point : stretch.origin;
			edges.push({ lines: [stretch.line], from, to, point, direction: stretch.direction });
		}
	}
	const bounding = new Set(edges.flatMap((edge) => edge.lines));
	const shape = classify(quick, edges, corners);
	const order =
		shape === 'polygon' || shape === 'unbounded'
			? roundTrip(edges, corners.length)
			: corners.map((_, i) => i);
	const place = new Map(order.map((old, now) => [old, now]));
	const renumber = (i: number | null) => (i === null ? null : place.get(i)!);
	return {
		...base,
		shape,
		corners: order.map((i) => corners[i]),
		edges: edges.map((edge) => ({ ...edge, from: renumber(edge.from), to: renumber(edge.to) })),
		redundant: new Set([...all.keys()].filter((i) => !bounding.has(i) && shape !== 'point'))
	};
}

function classify(all: readonly Whole[], edges: readonly Edge[], corners: readonly Corner[]): RegionShape {
	if (edges.length === 0) return corners.length ? 'point' : 'empty';
	const [first] = edges;
	const flat =
		first.lines.some((line) => all[line].equality) ||
		edges.every(
			(edge) => isParallel(edge.direction, first.direction) && touches(all[first.lines[0]], edge.point)
		);
	if (flat && (edges.length > 1 || first.lines.some((line) => all[line].equality))) {
		const ends = edges.flatMap((edge) => [edge.from, edge.to]);
		const open = ends.filter((end) => end === null).length / edges.length;
		return open === 0 ? 'segment' : open === 1 ? 'ray' : 'line';
	}
	return edges.some((edge) => edge.from === null || edge.to === null) ? 'unbounded' : 'polygon';
}

const isParallel = (p: Point, q: Point): boolean => isZero(p.x.mul(q.y).sub(p.y.mul(q.x)));

/** Corner indices in the order of the edges' directions, beginning where an unbounded boundary begins. */
function roundTrip(edges: readonly Edge[], count: number): number[] {
	const start = edges.findIndex((edge) => edge.from === null);
	const turned = start > 0 ? [...edges.slice(start), ...edges.slice(0, start)] : edges;
	const order = new Set<number>();
	for (const edge of turned) for (const end of [edge.from, edge.to]) if (end !== null) order.add(end);
	for (let i = 0; i < count; i++) order.add(i);
	return [...order];
}

/** Directions that span, with the region's points, all of an unbounded region; empty for a bounded one. */
export function openDirections(r: Region): Point[] {
	const back = (d: Point): Point => ({ x: d.x.neg(), y: d.y.neg() });
	if (r.shape === 'plane')
		return [1, -1].flatMap((s) => [
			{ x: ONE.mul(s), y: ZERO },
			{ x: ZERO, y: ONE.mul(s) }
		]);
	const open = r.edges.flatMap((edge) => [
		...(edge.to === null ? [edge.direction] : []),
		...(edge.from === null ? [back(edge.direction)] : [])
	]);
	// a half-plane has one edge without ends and opens to its own side as well
	if (r.shape === 'unbounded' && r.edges.length === 1 && r.corners.length === 0) {
		const { a, b } = r.halfPlanes[r.edges[0].lines[0]];
		open.push({ x: a.neg(), y: b.neg() });
	}
	return open;
}

/** Where the objective is best: corners, with the value; or `unbounded`; or neither where the region has no corner. */
export interface Best {
	readonly corners: readonly number[];
	readonly value: Rational | null;
	readonly unbounded: boolean;
}

/** The corners where the objective is best, found by comparing them all. */
export function bestCorners(problem: Problem, r: Region): Best {
	const { terms, constant, sense } = problem.objective;
	const [cx, cy] = r.axes.map((name) => terms.get(name) ?? ZERO);
	const better = (v: Rational) => (sense === 'max' ? v : v.neg());
	const gain = (p: Point) => better(cx.mul(p.x).add(cy.mul(p.y)));
	const unbounded = openDirections(r).some((direction) => sign(gain(direction)) > 0);
	if (unbounded || r.corners.length === 0) return { corners: [], value: null, unbounded };
	const values = r.corners.map((corner) => gain(corner.point));
	const best = values.reduce((a, b) => max(a, b));
	const corners = values.flatMap((v, i) => (compare(v, best) === 0 ? [i] : []));
	return { corners, value: better(best).add(constant), unbounded: false };
}
