import type { Tableau } from '../tableau/tableau';
import { solveLinear, type LinearAnswer } from '../answer/answer';
import { greatest, summedRows } from '../answer/check';
import { costSlopes, rhsSlopes, type Slope } from '../answer/ranging';
import { dualProblem } from '../answer/dual-problem';
import { isZero, rational, sign, ZERO, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { numberOf, withNumber, type Varied } from '../problem/varied';

/** The plane of two numbers of a problem, parted into the polygons on which one basis stays optimal (Gal and Nedoma 1972). */

/** A point of the plane: the first number, and the second. */
export type MapPoint = readonly [Rational, Rational];

/** `a · first + b · second ≤ c` */
interface Half {
	readonly a: Rational;
	readonly b: Rational;
	readonly c: Rational;
}

export interface MapCell {
	readonly status: 'optimal' | 'infeasible' | 'unbounded';
	/** corners in order around it, within the window */
	readonly polygon: readonly MapPoint[];
	/** names of the basic columns, where one basis is optimal on it */
	readonly basis: readonly string[];
	/** names of the variables that are basic there */
	readonly made: readonly string[];
	/** the optimal value on it: `constant + first · x + second · y` */
	readonly plane: { readonly constant: Rational; readonly first: Rational; readonly second: Rational } | null;
}

/** The two numbers, and how far each is looked at. */
export interface Window {
	readonly first: { readonly low: Rational; readonly high: Rational };
	readonly second: { readonly low: Rational; readonly high: Rational };
}

const MOST_CELLS = 400;

const beyond = ({ a, b, c }: Half, [x, y]: MapPoint): Rational => a.mul(x).add(b.mul(y)).sub(c);

/** A convex polygon without what lies outside a half-plane (Sutherland and Hodgman 1974); fewer than three corners are none. */
function clipped(polygon: readonly MapPoint[], half: Half): MapPoint[] {
	const kept: MapPoint[] = [];
	polygon.forEach((p, i) => {
		const q = polygon[(i + 1) % polygon.length];
		const [dp, dq] = [beyond(half, p), beyond(half, q)];
		if (sign(dp) <= 0) kept.push(p);
		if (sign(dp) * sign(dq) < 0) {
			const t = dp.div(dp.sub(dq));
			kept.push([p[0].add(q[0].sub(p[0]).mul(t)), p[1].add(q[1].sub(p[1]).mul(t))]);
		}
	});
	const distinct = kept.filter((p, i) => {
		const before = kept[(i + kept.length - 1) % kept.length];
		return kept.length === 1 || !p[0].equals(before[0]) || !p[1].equals(before[1]);
	});
	return distinct.length < 3 || isZero(area(distinct)) ? [] : distinct;
}

const area = (polygon: readonly MapPoint[]): Rational =>
	polygon.reduce((sum, p, i) => {
		const q = polygon[(i + 1) % polygon.length];
		return sum.add(p[0].mul(q[1]).sub(q[0].mul(p[1])));
	}, ZERO);

const middle = (polygon: readonly MapPoint[]): MapPoint => {
	const sum = polygon.reduce<MapPoint>(([x, y], p) => [x.add(p[0]), y.add(p[1])], [ZERO, ZERO]);
	return [sum[0].div(polygon.length), sum[1].div(polygon.length)];
};

const outside = ({ a, b, c }: Half): Half => ({ a: a.neg(), b: b.neg(), c: c.neg() });

/** value + first · (x − at) + second · (y − at) ≥ 0 as a half-plane; null where it says nothing of the two numbers. */
function halfOf(value: Rational, first: Rational, second: Rational, [x, y]: MapPoint): Half | null {
	if (isZero(first) && isZero(second)) return null;
	return { a: first.neg(), b: second.neg(), c: value.sub(first.mul(x)).sub(second.mul(y)) };
}

/** The variables that are basic, once each, whatever their columns are counted from. */
const madeAt = ({ basis, form }: Tableau): string[] =>
	form.substitutions
		.filter(({ parts }) => parts.some(({ column }) => basis.includes(column)))
		.map(({ variable }) => variable);

/** The conditions under which the basis of an answer stays optimal. */
function conditions(answer: LinearAnswer, varied: readonly [Varied, Varied], at: MapPoint): Half[] {
	const t = answer.tableau!;
	const slopes = (own: Varied): Slope[] =>
		'rhs' in own ? rhsSlopes(t, own.rhs) : costSlopes(t, own.objective);
	const [one, two] = varied.map(slopes);
	return one.flatMap(({ value, slope }, i) => halfOf(value, slope, two[i].slope, at) ?? []);
}

/** What proves that there is no plan, or no end, around a point: true of a whole half-plane. */
function proven(
	answer: LinearAnswer,
	problem: Problem,
	varied: readonly [Varied, Varied],
	at: MapPoint
): Half | null {
	const { certificate } = answer;
	if (certificate?.kind !== 'infeasible') return null;
	// the combined row demands more than the bounds can give: so it does while its right-hand side is larger
	const { multipliers } = certificate;
	const { terms, rhs } = summedRows(problem, multipliers);
	const most = greatest(problem, terms);
	if (!most) return null;
	const rate = (own: Varied) => ('rhs' in own ? (multipliers.get(own.rhs) ?? ZERO) : ZERO);
	return halfOf(rhs.sub(most), rate(varied[0]), rate(varied[1]), at);
}

/**
 * Parts a window of the plane of two numbers: what is not yet known of it is looked at in its middle, and what is found there is taken off.
 * @param varied two right-hand sides, or two coefficients of the objective, not the same one
 * @param shouldStop asked before each solving; true ends the work with what was found
 * @returns the cells; where two overlap, the first one counts
 */
export function numberMap(
	problem: Problem,
	varied: readonly [Varied, Varied],
	{ first, second }: Window,
	shouldStop: () => boolean = () => false
): MapCell[] {
	if ('objective' in varied[0]) return costMap(problem, varied, { first, second }, shouldStop);
	const whole: MapPoint[] = [
		[first.low, second.low],
		[first.high, second.low],
		[first.high, second.high],
		[first.low, second.high]
	];
	const known: { halves: readonly Half[]; cell: MapCell }[] = [];
	const open: (readonly MapPoint[])[] = [whole];
	while (open.length > 0 && known.length < MOST_CELLS) {
		const piece = open.pop()!;
		const at = middle(piece);
		let found = known.find(({ halves }) => halves.every((half) => sign(beyond(half, at)) <= 0));
		if (!found) {
			if (shouldStop()) break;
			found = lookedAt(problem, varied, at, whole);
			known.push(found);
		}
		let rest: readonly MapPoint[] = piece;
		for (const half of found.halves) {
			const off = clipped(rest, outside(half));
			if (off.length > 0) open.push(off);
			rest = clipped(rest, half);
			if (rest.length === 0) break;
		}
	}
	return known.flatMap(({ cell }) => (cell.polygon.length > 0 ? [cell] : []));
}

const around = (polygon: readonly MapPoint[], halves: readonly Half[]): MapPoint[] =>
	halves.reduce<MapPoint[]>((rest, half) => (rest.length ? clipped(rest, half) : rest), [...polygon]);

/** The part of a polygon that conditions leave, and those of them that are its edges: the others say nothing more where it has an area. */
function edged(
	whole: readonly MapPoint[],
	halves: readonly Half[]
): { polygon: MapPoint[]; halves: readonly Half[] } {
	const polygon = around(whole, halves);
	if (polygon.length === 0) return { polygon, halves };
	const sides = polygon.map((p, i) => [p, polygon[(i + 1) % polygon.length]]);
	const found = sides.map((side) => halves.find((half) => side.every((p) => isZero(beyond(half, p)))));
	return { polygon, halves: [...new Set(found.filter((half) => half !== undefined))] };
}

function lookedAt(
	problem: Problem,
	varied: readonly [Varied, Varied],
	at: MapPoint,
	whole: readonly MapPoint[]
): { halves: readonly Half[]; cell: MapCell } {
	const here = varied.reduce((now, own, i) => withNumber(now, own, at[i]), problem);
	const answer = solveLinear(here);
	const none = { basis: [], made: [], plane: null };
	if (answer.status === 'optimal') {
		const { halves, polygon } = edged(whole, conditions(answer, varied, at));
		const rates = varied.map((own) =>
			'rhs' in own ? answer.duals!.get(own.rhs)! : (answer.solution!.get(own.objective) ?? ZERO)
		);
		const constant = answer.objective!.sub(rates[0].mul(at[0])).sub(rates[1].mul(at[1]));
		const { basis, form } = answer.tableau!;
		return {
			halves,
			cell: {
				status: 'optimal',
				polygon,
				basis: basis.map((column) => form.columns[column].name),
				made: madeAt(answer.tableau!),
				plane: { constant, first: rates[0], second: rates[1] }
			}
		};
	}
	if (answer.status === 'infeasible') {
		const half = proven(answer, here, varied, at);
		const halves = half ? [half] : [];
		return { halves, cell: { ...none, status: 'infeasible', polygon: around(whole, halves) } };
	}
	// it is unbounded wherever there is a plan: where there is one, the problem without an objective has a basis
	const idle = solveLinear({ ...here, objective: { ...here.objective, terms: new Map() } });
	const { halves, polygon } = edged(whole, conditions(idle, varied, at));
	return { halves, cell: { ...none, status: 'unbounded', polygon } };
}

/** The same for two coefficients of the objective: those of the dual's right-hand sides, with the names of the problem's own bases. */
function costMap(
	problem: Problem,
	varied: readonly [Varied, Varied],
	window: Window,
	shouldStop: () => boolean
): MapCell[] {
	const idle = solveLinear({ ...problem, objective: { ...problem.objective, terms: new Map() } });
	if (idle.status === 'infeasible') {
		const { first, second } = window;
		const polygon: MapPoint[] = [
			[first.low, second.low],
			[first.high, second.low],
			[first.high, second.high],
			[first.low, second.high]
		];
		return [{ status: 'infeasible', polygon, basis: [], made: [], plane: null }];
	}
	const dual = dualProblem(problem).problem;
	const rows = varied.map((own) => ({ rhs: 'objective' in own ? own.objective : own.rhs }));
	const cells = numberMap(dual, [rows[0], rows[1]], window, shouldStop);
	return cells.map((cell) => {
		if (cell.status === 'infeasible') return { ...cell, status: 'unbounded' };
		const at = middle(cell.polygon);
		const { tableau } = solveLinear(varied.reduce((now, own, i) => withNumber(now, own, at[i]), problem));
		return {
			...cell,
			basis: tableau!.basis.map((column) => tableau!.form.columns[column].name),
			made: madeAt(tableau!)
		};
	});
}

/** The cell that a point lies in; null outside the window. */
export const cellAt = (cells: readonly MapCell[], at: MapPoint): MapCell | null =>
	cells.find(({ polygon }) =>
		polygon.every((p, i) => {
			const q = polygon[(i + 1) % polygon.length];
			const side = q[0]
				.sub(p[0])
				.mul(at[1].sub(p[1]))
				.sub(q[1].sub(p[1]).mul(at[0].sub(p[0])));
			return sign(side) >= 0;
		})
	) ?? null;

/** A window around where two numbers are: wide enough for both intervals, as far as they end. */
export function windowAround(
	problem: Problem,
	varied: readonly [Varied, Varied],
	intervals: readonly { readonly low: Rational | null; readonly high: Rational | null }[]
): Window {
	const [first, second] = varied.map((own, i) => {
		const now = numberOf(problem, own);
		const { low, high } = intervals[i];
		const size = now.abs().gt(1) ? now.abs() : rational(1);
		const [from, to] = [low ?? now.sub(size), high ?? now.add(size)];
		const margin = to
			.sub(from)
			.mul(rational(2, 5))
			.add(size.mul(rational(1, 5)));
		// amounts that are not negative stay so
		const start = from.sub(margin);
		return {
			low: now.s >= 0n && 'rhs' in own && start.s < 0n && from.s >= 0n ? ZERO : start,
			high: to.add(margin)
		};
	});
	return { first, second };
}
