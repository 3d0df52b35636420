import { compare, sign, ZERO, type Rational } from '../number/rational';
import { dot, echelon, rank, type Vector } from '../number/linear-algebra';
import type { Problem } from '../problem/types';
import { isFeasible } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { pointKey } from './corner-key';
import { polyhedron } from './polyhedron';
import { isTight, planAt, sidesOf, type Side } from './sides';

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

/** so many choices of lines are tried for intersections, at most */
const MOST_CHOICES = 6_000;

function* choose<T>(items: readonly T[], count: number, from = 0): Generator<T[]> {
	if (count === 0) yield [];
	else
		for (let i = from; i <= items.length - count; i++)
			for (const rest of choose(items, count - 1, i + 1)) yield [items[i], ...rest];
}

/** Where some sides meet in one point (elimination, Gauss and Jordan); null where they do not. */
function meeting(sides: readonly Side[], width: number): Vector | null {
	const { rows, pivots } = echelon(
		sides.map(({ row, rhs }) => [...row, rhs]),
		width + 1
	);
	return pivots.length === width && !pivots.includes(width) ? rows.map((row) => row[width]) : null;
}

/** Every point where as many sides as there are variables meet, in the order in which the sides are stated, as far as that many choices are tried. */
function intersections(sides: readonly Side[], width: number): { points: Vector[]; complete: boolean } {
	const found = new Map<string, Vector>();
	let tried = 0;
	for (const chosen of choose(sides, width)) {
		if (++tried > MOST_CHOICES) return { points: [...found.values()], complete: false };
		const at = meeting(chosen, width);
		if (at && !found.has(pointKey(at))) found.set(pointKey(at), at);
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
	const sides = sidesOf(problem).filter(({ row }) => rank([row], width) === 1);
	const { vertices, directions } = polyhedron(problem);
	const corners = vertices.map(({ at }) => at);
	const known = new Set(corners.map(pointKey));
	const met = outside ? intersections(sides, width) : { points: [], complete: true };
	const others = met.points.filter((at) => !known.has(pointKey(at)));
	const { objective } = problem;
	const rows = [...corners, ...others].map((at): CornerRow => {
		const plan = planAt(problem, at);
		const parts = [...objective.terms].map(([name, cost]) => {
			const amount = plan.get(name)!;
			return { cost, amount, product: cost.mul(amount) };
		});
		return {
			key: pointKey(at),
			at,
			sides: sides.filter((side) => isTight(side, at)),
			feasible: isFeasible(problem, plan),
			parts,
			objective: objectiveAt(problem, plan),
			isBest: false
		};
	});
	const feasible = rows.filter((row) => row.feasible);
	const better = objective.sense === 'max' ? 1 : -1;
	const costs = problem.variables.map(({ name }) => objective.terms.get(name) ?? ZERO);
	const isUnbounded = directions.some((way) => sign(dot(costs, way)) * better > 0);
	const isBest = (row: CornerRow) =>
		!isUnbounded && feasible.every((other) => compare(row.objective, other.objective) * better >= 0);
	const place = new Map(sides.map((side, i) => [side, i]));
	const rankOf = ({ sides: own }: CornerRow) => own.slice(0, width).map((side) => place.get(side)!);
	const byLines = (p: CornerRow, q: CornerRow) => {
		const [a, b] = [rankOf(p), rankOf(q)];
		const at = a.findIndex((value, i) => value !== b[i]);
		return at < 0 ? 0 : a[at] - b[at];
	};
	const sorted = feasible.map((row) => ({ ...row, isBest: isBest(row) })).sort(byLines);
	return { rows: [...sorted, ...rows.filter((row) => !row.feasible)], complete: met.complete };
}
