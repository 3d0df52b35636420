import { compare, rational, sign, ZERO, type Rational } from '../number/rational';
import { dot, rank, wholeVector, type Vector } from '../number/linear-algebra';
import type { Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { pointKey } from './point-key';
import { polyhedron } from './polyhedron';
import { isTight, keepsSide, planAt, sidesOf, type Side } from './sides';

/** A point where lines (planes) of the picture meet: a corner of the region, or an intersection outside it. */
export interface CornerRow {
	/** the point as text, the same for the same point */
	readonly key: string;
	readonly at: Vector;
	/** every constraint and bound that it meets with equality */
	readonly sides: readonly Side[];
	readonly feasible: boolean;
	/** how the objective arises: coefficient, amount and product of each variable, then the constant */
	readonly parts: readonly {
		readonly cost: Rational;
		readonly amount: Rational;
		readonly product: Rational;
	}[];
	readonly objective: Rational;
	/** whether no plan of the region is better: of an unbounded problem no corner is */
	readonly isBest: boolean;
}

/** so many choices of lines are tried for intersections, at most: those of 30 constraints in two variables, of 12 in three; more no reader looks through */
const MOST_CHOICES = 500;

function* choose<T>(items: readonly T[], count: number, from = 0): Generator<T[]> {
	if (count === 0) yield [];
	else
		for (let i = from; i <= items.length - count; i++)
			for (const rest of choose(items, count - 1, i + 1)) yield [items[i], ...rest];
}

/** A side as whole numbers, its right-hand side last: a point of whole numbers over one denominator is tested without fractions. */
type WholeSide = readonly bigint[];
/** A point as whole numbers over a positive denominator, which stands last. */
type WholePoint = readonly bigint[];

/** Where some sides meet in one point, by elimination without fractions (Bareiss 1968); null where they do not. */
function meeting(sides: readonly WholeSide[], width: number): WholePoint | null {
	const rows = sides.map((row) => [...row]);
	let before = 1n;
	for (let k = 0; k < width; k += 1) {
		const found = rows.findIndex((row, i) => i >= k && row[k] !== 0n);
		if (found < 0) return null;
		[rows[k], rows[found]] = [rows[found], rows[k]];
		const pivot = rows[k];
		const lead = pivot[k];
		for (let i = 0; i < width; i += 1) {
			if (i === k) continue;
			const own = rows[i];
			const factor = own[k];
			for (let j = 0; j <= width; j += 1) own[j] = (own[j] * lead - factor * pivot[j]) / before;
		}
		before = lead;
	}
	const point = [...rows.map((row) => row[width]), before];
	return before < 0n ? point.map((value) => -value) : point;
}

/** By how much a whole point goes beyond a side: 0 on it, negative inside; times the point's denominator. */
const beyond = (side: WholeSide, point: WholePoint): bigint =>
	point.reduce((sum, value, j) => sum + (j === point.length - 1 ? -value : value) * side[j], 0n);

/** A point where sides meet, with the sides it lies on and whether it keeps the others. */
interface Meeting {
	readonly at: Vector;
	readonly sides: readonly Side[];
	readonly feasible: boolean;
}

/** Every point where as many sides as there are variables meet, in the order in which the sides are stated, as far as that many choices are tried. */
function intersections(sides: readonly Side[], width: number): { points: Meeting[]; complete: boolean } {
	const whole = sides.map(({ row, rhs }) => wholeVector([...row, rhs]));
	const found = new Map<string, Meeting>();
	let tried = 0;
	for (const chosen of choose([...whole.keys()], width)) {
		if (++tried > MOST_CHOICES) return { points: [...found.values()], complete: false };
		const point = meeting(
			chosen.map((i) => whole[i]),
			width
		);
		if (!point) continue;
		const at = point.slice(0, -1).map((value) => rational(value, point[width]));
		const key = pointKey(at);
		if (found.has(key)) continue;
		const order = whole.map((side) => beyond(side, point));
		found.set(key, {
			at,
			sides: sides.filter((_, i) => order[i] === 0n),
			feasible: sides.every(({ equality }, i) => order[i] === 0n || (!equality && order[i] < 0n))
		});
	}
	return { points: [...found.values()], complete: true };
}

/**
 * The corner table of a problem in a few variables: the corners of its region and, where they are asked for, all other points where its lines
 * (constraints and bounds) meet, once each; corners first, then in the order in which the lines are stated.
 * @param problem in one to three variables
 * @param options `outside`: whether intersections outside the region are wanted, too
 * @returns `complete` is false where there are so many lines that intersections outside the region are missing; no corner ever is
 */
export function cornerTable(
	problem: Problem,
	{ outside = true }: { outside?: boolean } = {}
): { rows: CornerRow[]; complete: boolean } {
	const width = problem.variables.length;
	const all = sidesOf(problem);
	const sides = all.filter(({ row }) => rank([row], width) === 1);
	// a row without variables that cannot be met leaves nothing
	const isEmpty = all.some((side) => !sides.includes(side) && !keepsSide(side, side.row));
	const { vertices, directions } = polyhedron(problem);
	const corners = vertices.map(({ at }) => at);
	const known = new Set(corners.map(pointKey));
	const met = outside ? intersections(sides, width) : { points: [], complete: true };
	const others = met.points.filter(({ at }) => !known.has(pointKey(at)));
	const { objective } = problem;
	const inside = corners.map((at): Meeting => ({
		at,
		sides: sides.filter((side) => isTight(side, at)),
		feasible: true
	}));
	const rows = [...inside, ...others].map(({ at, sides: own, feasible }): CornerRow => {
		const plan = planAt(problem, at);
		return {
			key: pointKey(at),
			at,
			sides: own,
			feasible: feasible && !isEmpty,
			// of hundreds of intersections most are never asked for theirs
			get parts() {
				return [...objective.terms].map(([name, cost]) => {
					const amount = plan.get(name)!;
					return { cost, amount, product: cost.mul(amount) };
				});
			},
			get objective() {
				return objectiveAt(problem, plan);
			},
			isBest: false
		};
	});
	const feasible = rows.filter((row) => row.feasible);
	const better = objective.sense === 'max' ? 1 : -1;
	const costs = problem.variables.map(({ name }) => objective.terms.get(name) ?? ZERO);
	const isUnbounded = directions.some((way) => sign(dot(costs, way)) * better > 0);
	const values = feasible.map((row) => row.objective);
	const best = values.find((value) => values.every((other) => compare(value, other) * better >= 0));
	const place = new Map(sides.map((side, i) => [side, i]));
	const rankOf = ({ sides: own }: CornerRow) => own.slice(0, width).map((side) => place.get(side)!);
	const byLines = (p: CornerRow, q: CornerRow) => {
		const [a, b] = [rankOf(p), rankOf(q)];
		const at = a.findIndex((value, i) => value !== b[i]);
		return at < 0 ? 0 : a[at] - b[at];
	};
	const sorted = feasible
		.map((row, i) => ({ ...row, isBest: !isUnbounded && !!best?.equals(values[i]) }))
		.sort(byLines);
	return { rows: [...sorted, ...rows.filter((row) => !row.feasible)], complete: met.complete };
}
