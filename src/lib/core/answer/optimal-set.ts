import { across, extremes, wholeDirection, type Line } from '../geometry/extremes';
import { asLines, planAt, pointOf, rowOf, sidesOf } from '../geometry/sides';
import { isZero, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, type Plan, type Problem } from '../problem/types';
import { OBJECTIVE } from '../tableau/goal';
import { cost, readPlan, type Tableau } from '../tableau/tableau';
import { echelon, nullSpace, rank, type Vector } from '../number/linear-algebra';
import { bindsAt, objectiveAt } from '../problem/use';

/** All optimal plans: the extreme points and rays of that set in the author's variables, or a point and lines in it. */
export interface OptimalSet {
	readonly unique: boolean;
	readonly dimension: number;
	readonly vertices: readonly Plan[];
	readonly rays: readonly Plan[];
	/** directions of the lines that the set holds, where it has no extreme point */
	readonly lines: readonly Plan[];
	readonly complete: boolean;
}

const MOST_FOUND = 1000;

/** The directions in which the optimal set goes on for ever both ways: only variables without any bound can move so. */
function lineality(problem: Problem): Vector[] {
	const unbound = problem.variables.flatMap((variable, i) => {
		const { lower, upper } = effectiveBounds(variable);
		return lower || upper ? [] : [i];
	});
	if (unbound.length === 0) return [];
	const rows = [problem.objective.terms, ...problem.constraints.map((row) => row.terms)].map((terms) =>
		unbound.map((i) => terms.get(problem.variables[i].name) ?? ZERO)
	);
	return nullSpace(rows, unbound.length).map((direction) => {
		const whole = problem.variables.map(() => ZERO);
		unbound.forEach((i, k) => (whole[i] = direction[k]));
		return whole;
	});
}

/** The optimal plans as equations and inequalities, bounds among them. */
function description(problem: Problem, best: Rational): { equations: Line[]; inequalities: Line[] } {
	const { objective } = problem;
	const { equations, inequalities } = asLines(sidesOf(problem));
	const goal = { row: rowOf(problem, objective.terms), rhs: best.sub(objective.constant) };
	return { equations: [goal, ...equations], inequalities };
}

/** Whether a non-basic column could enter without the objective changing: only then can there be another optimal plan. */
const couldMove = (t: Tableau): boolean =>
	t.nonbasic.some((column) => !t.barred.has(column) && isZero(cost(t, OBJECTIVE, column)));

/**
 * The complete set of optimal plans, by the double description method on the face of optimal plans; so degenerate corners with very many
 * bases are no harder than others.
 * @param t an optimal tableau of the problem (phase two)
 * @param hurry asked now and then; true ends the search, and the set says that it is not complete
 */
export function optimalSet(t: Tableau, hurry: () => boolean = () => false): OptimalSet {
	const { problem } = t.form;
	const plan = readPlan(t);
	const alone: OptimalSet = {
		unique: true,
		dimension: 0,
		vertices: [plan],
		rays: [],
		lines: [],
		complete: true
	};
	if (!couldMove(t)) return alone;
	const at = pointOf(problem, plan);
	const { equations, inequalities } = description(problem, objectiveAt(problem, plan));
	const lines = lineality(problem);
	const found = extremes(at, [...equations, ...across(lines, at)], inequalities, {
		hurry,
		most: 20 * MOST_FOUND
	});
	const width = at.length;
	const shownLines = lines.map((line) => planAt(problem, wholeDirection(line)));
	if (!found)
		return {
			...alone,
			unique: false,
			dimension: faceDimension(problem, plan, equations),
			lines: shownLines,
			complete: false
		};
	const { points, rays } = found;
	const [first = at] = points;
	const spread = [
		...points.slice(1).map((point) => point.map((value, i) => value.sub(first[i]))),
		...rays,
		...lines
	];
	// equations leave so many directions at most
	const most =
		width -
		rank(
			equations.map(({ row }) => row),
			width
		);
	const dimension = rank(spread, width, most);
	return {
		unique: dimension === 0,
		dimension,
		// a set with lines has no extreme point: one plan stands for all
		vertices: lines.length > 0 ? [plan] : points.slice(0, MOST_FOUND).map((point) => planAt(problem, point)),
		rays: rays.slice(0, MOST_FOUND).map((ray) => planAt(problem, ray)),
		lines: shownLines,
		complete: points.length <= MOST_FOUND && rays.length <= MOST_FOUND
	};
}

/** The dimension of the face that a plan lies in, where the whole set was not found: it is at least that. */
function faceDimension(problem: Problem, plan: Plan, equations: readonly Line[]): number {
	const width = problem.variables.length;
	const tight = problem.constraints
		.filter((row) => row.relation !== '=' && bindsAt(row, plan))
		.map((row) => problem.variables.map(({ name }) => row.terms.get(name) ?? ZERO));
	return width - echelon([...equations.map(({ row }) => row), ...tight], width).pivots.length;
}

/** The segment between two plans as `from + t · direction`, 0 ≤ t ≤ 1. */
export function segmentBetween(from: Plan, to: Plan): { from: Plan; direction: Plan } {
	const direction = new Map([...to].map(([name, value]) => [name, value.sub(from.get(name) ?? ZERO)]));
	return { from, direction };
}
