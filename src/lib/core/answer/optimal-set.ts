import { extremeRays, primitive as primitiveWhole } from '../geometry/double-description';
import { compare, isZero, lcm, numerator, ONE, rational, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, evaluate, type Plan, type Problem } from '../problem/types';
import { OBJECTIVE } from '../tableau/goal';
import { cost, readPlan, type Tableau } from '../tableau/tableau';
import { echelon, nullSpace, rank, type Vector } from './linear-algebra';
import { objectiveAt } from '../problem/use';

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

const vector = (problem: Problem, plan: Plan): Vector =>
	problem.variables.map((v) => plan.get(v.name) ?? ZERO);

const planOf = (problem: Problem, values: Vector): Plan =>
	new Map(problem.variables.map((v, i) => [v.name, values[i]]));

/** A vector of rationals as whole numbers without a common divisor. */
function wholeVector(values: Vector): bigint[] {
	let multiple = 1n;
	for (const value of values) multiple = lcm(multiple, value.d);
	return primitiveWhole(values.map((value) => numerator(value) * (multiple / value.d)));
}

/** A direction with whole numbers that have no common divisor. */
const primitive = (direction: Vector): Vector => wholeVector(direction).map((part) => rational(part));

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

/** `row · x = rhs`, or `row · x ≥ rhs`. */
interface Line {
	readonly row: Vector;
	readonly rhs: Rational;
}

/** The optimal plans as equations and inequalities, bounds among them. */
function description(problem: Problem, best: Rational): { equations: Line[]; inequalities: Line[] } {
	const names = problem.variables.map((v) => v.name);
	const { objective } = problem;
	const row = (terms: ReadonlyMap<string, Rational>) => names.map((name) => terms.get(name) ?? ZERO);
	const equations: Line[] = [{ row: row(objective.terms), rhs: best.sub(objective.constant) }];
	const inequalities: Line[] = [];
	const atLeast = (line: Line) => inequalities.push(line);
	const atMost = ({ row: values, rhs }: Line) =>
		atLeast({ row: values.map((value) => value.neg()), rhs: rhs.neg() });
	for (const { terms, relation, rhs } of problem.constraints) {
		const line = { row: row(terms), rhs };
		if (relation === '=') equations.push(line);
		else if (relation === '<=') atMost(line);
		else atLeast(line);
	}
	problem.variables.forEach((variable, i) => {
		const { lower, upper } = effectiveBounds(variable);
		const unit = names.map((_, j) => (i === j ? ONE : ZERO));
		if (lower) atLeast({ row: unit, rhs: lower });
		if (upper) atMost({ row: unit, rhs: upper });
	});
	return { equations, inequalities };
}

/** Whether a non-basic column could enter without the objective changing: only then can there be another optimal plan. */
const couldMove = (t: Tableau): boolean =>
	t.nonbasic.some((column) => !t.barred.has(column) && isZero(cost(t, OBJECTIVE, column)));

/**
 * The extreme points and rays of a set without lines, from its description: the equations are solved, the inequalities become a cone in
 * one dimension more, and its extreme rays are the points (last part positive) and the directions (last part zero).
 * @param at a point of the set
 */
function extremes(
	at: Vector,
	equations: readonly Line[],
	inequalities: readonly Line[],
	hurry: () => boolean
): { points: Vector[]; rays: Vector[] } | null {
	const width = at.length;
	const directions = nullSpace(
		equations.map(({ row }) => row),
		width
	);
	const product = (a: Vector, b: Vector) =>
		a.reduce((sum, value, i) => (isZero(value) || isZero(b[i]) ? sum : sum.add(value.mul(b[i]))), ZERO);
	// x = at + Σ y · direction: an inequality reads Σ y · (row · direction) + (row · at − rhs) ≥ 0
	const cone = inequalities.map(({ row, rhs }) =>
		wholeVector([...directions.map((direction) => product(row, direction)), product(row, at).sub(rhs)])
	);
	const positive = [...directions.map(() => 0n), 1n];
	const rows = [
		positive,
		...new Map(cone.filter((row) => row.some(Boolean)).map((row) => [row.join(), row])).values()
	];
	const found = extremeRays(rows, directions.length + 1, { hurry, most: 20 * MOST_FOUND });
	if (!found) return null;
	const back = (parts: readonly bigint[], from: Vector, divisor: bigint): Vector =>
		from.map((value, i) =>
			directions.reduce(
				(sum, direction, k) =>
					parts[k] === 0n ? sum : sum.add(direction[i].mul(rational(parts[k], divisor))),
				value
			)
		);
	const origin = at.map(() => ZERO);
	return {
		points: found.flatMap((ray) => (ray.at(-1)! > 0n ? [back(ray, at, ray.at(-1)!)] : [])),
		rays: found.flatMap((ray) => (ray.at(-1) === 0n ? [primitive(back(ray, origin, 1n))] : []))
	};
}

/** Equations that leave of each line only its point nearest to the present plan. */
const across = (lines: readonly Vector[], at: Vector): Line[] =>
	lines.map((row) => ({ row, rhs: row.reduce((sum, value, i) => sum.add(value.mul(at[i])), ZERO) }));

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
	const at = vector(problem, plan);
	const { equations, inequalities } = description(problem, objectiveAt(problem, plan));
	const lines = lineality(problem);
	const found = extremes(at, [...equations, ...across(lines, at)], inequalities, hurry);
	const width = at.length;
	const shownLines = lines.map((line) => planOf(problem, primitive(line)));
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
	const dimension = rank(spread, width);
	return {
		unique: dimension === 0,
		dimension,
		// a set with lines has no extreme point: one plan stands for all
		vertices: lines.length > 0 ? [plan] : points.slice(0, MOST_FOUND).map((point) => planOf(problem, point)),
		rays: rays.slice(0, MOST_FOUND).map((ray) => planOf(problem, ray)),
		lines: shownLines,
		complete: points.length <= MOST_FOUND && rays.length <= MOST_FOUND
	};
}

/** The dimension of the face that a plan lies in, where the whole set was not found: it is at least that. */
function faceDimension(problem: Problem, plan: Plan, equations: readonly Line[]): number {
	const width = problem.variables.length;
	const tight = problem.constraints
		.filter((row) => row.relation !== '=' && compare(evaluate(row.terms, plan), row.rhs) === 0)
		.map((row) => problem.variables.map(({ name }) => row.terms.get(name) ?? ZERO));
	return width - echelon([...equations.map(({ row }) => row), ...tight], width).pivots.length;
}

/** The segment between two plans as `from + t · direction`, 0 ≤ t ≤ 1. */
export function segmentBetween(from: Plan, to: Plan): { from: Plan; direction: Plan } {
	const direction = new Map([...to].map(([name, value]) => [name, value.sub(from.get(name) ?? ZERO)]));
	return { from, direction };
}
