import { compare, isZero, type Rational } from '../number/rational';
import type { Plan, Problem } from '../problem/types';
import { isFeasible } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { cornerKey } from './corner-key';
import { halfPlanes } from './region';
import type { HalfPlane, LineOwner, Point } from './types';

/** A point where lines of the picture meet: a corner of the region, or an intersection outside it. */
export interface CornerRow {
	/** the point as text, the same for the same point */
	readonly key: string;
	readonly point: Point;
	/** every line that passes through it, with its equation */
	readonly lines: readonly {
		readonly owner: LineOwner;
		readonly a: Rational;
		readonly b: Rational;
		readonly c: Rational;
	}[];
	readonly feasible: boolean;
	/** how the objective arises: coefficient, amount and product of each variable, then the constant */
	readonly parts: readonly {
		readonly cost: Rational;
		readonly amount: Rational;
		readonly product: Rational;
	}[];
	readonly objective: Rational;
	/** whether no feasible corner is better; a region without an end may have something better all the same */
	readonly isBest: boolean;
}

/** Where two lines meet (Cramer's rule); null where they are parallel. */
function meeting(g: HalfPlane, h: HalfPlane): Point | null {
	const determinant = g.a.mul(h.b).sub(g.b.mul(h.a));
	if (isZero(determinant)) return null;
	return {
		x: g.c.mul(h.b).sub(g.b.mul(h.c)).div(determinant),
		y: g.a.mul(h.c).sub(g.c.mul(h.a)).div(determinant)
	};
}

/**
 * The corner table of a problem in two variables: every intersection of two of its lines (constraints and bounds), once each, feasible
 * ones first, then in the order in which the lines are stated. The feasible ones are the corners of the region.
 * @param problem in two variables
 */
export function cornerTable(problem: Problem): CornerRow[] {
	const [x, y] = problem.variables.map(({ name }) => name);
	const planes = halfPlanes(problem).filter(({ a, b }) => !isZero(a) || !isZero(b));
	const points = new Map<string, Point>();
	planes.forEach((g, i) =>
		planes.slice(i + 1).forEach((h) => {
			const point = meeting(g, h);
			if (point && !points.has(cornerKey(point))) points.set(cornerKey(point), point);
		})
	);
	const { objective } = problem;
	const rows = [...points].map(([key, point]): CornerRow => {
		const plan: Plan = new Map([
			[x, point.x],
			[y, point.y]
		]);
		const through = planes.filter(({ a, b, c }) => compare(a.mul(point.x).add(b.mul(point.y)), c) === 0);
		const parts = [...objective.terms].map(([name, cost]) => {
			const amount = plan.get(name)!;
			return { cost, amount, product: cost.mul(amount) };
		});
		return {
			key,
			point,
			lines: through.map(({ owner, a, b, c }) => ({ owner, a, b, c })),
			feasible: isFeasible(problem, plan),
			parts,
			objective: objectiveAt(problem, plan),
			isBest: false
		};
	});
	const feasible = rows.filter((row) => row.feasible);
	const better = objective.sense === 'max' ? 1 : -1;
	const isBest = (row: CornerRow) =>
		feasible.every((other) => compare(row.objective, other.objective) * better >= 0);
	return [
		...feasible.map((row) => ({ ...row, isBest: isBest(row) })),
		...rows.filter((row) => !row.feasible)
	];
}
