import { compare, gcd, isZero, lcm, numerator, rational, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, evaluate, type Plan, type Problem } from '../problem/types';
import { basisKey } from '../method/run';
import { OBJECTIVE } from '../tableau/goal';
import { tightestRows } from '../tableau/ratio';
import { cost, pivot, readPlan, type Tableau } from '../tableau/tableau';
import { rayAt } from './certificate';
import { nullSpace, rank, type Vector } from './linear-algebra';

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
const MOST_BASES = 20_000;

const vector = (problem: Problem, plan: Plan): Vector =>
	problem.variables.map((v) => plan.get(v.name) ?? ZERO);

const planOf = (problem: Problem, values: Vector): Plan =>
	new Map(problem.variables.map((v, i) => [v.name, values[i]]));

/** A direction with whole numbers that have no common divisor. */
function primitive(direction: Vector): Vector {
	let multiple = 1n;
	for (const value of direction) multiple = lcm(multiple, value.d);
	const whole = direction.map((value) => numerator(value) * (multiple / value.d));
	const divisor = whole.reduce((a, b) => gcd(a, b), 0n) || 1n;
	return whole.map((value) => rational(value / divisor));
}

const keyOf = (values: Vector): string => values.map((value) => value.toFraction()).join(' ');

/** The rows that hold with equality along a direction or at a point of the optimal set, bounds and objective among them. */
function tightRows(problem: Problem, plan: Plan, homogeneous: boolean): Vector[] {
	const names = problem.variables.map((v) => v.name);
	const rows: Vector[] = [names.map((name) => problem.objective.terms.get(name) ?? ZERO)];
	for (const row of problem.constraints) {
		const target = homogeneous ? ZERO : row.rhs;
		if (compare(evaluate(row.terms, plan), target) === 0)
			rows.push(names.map((name) => row.terms.get(name) ?? ZERO));
	}
	problem.variables.forEach((variable, i) => {
		const { lower, upper } = effectiveBounds(variable);
		const value = plan.get(variable.name) ?? ZERO;
		for (const bound of [lower, upper])
			if (bound && compare(value, homogeneous ? ZERO : bound) === 0) {
				rows.push(names.map((_, j) => rational(i === j ? 1 : 0)));
				break;
			}
	});
	return rows;
}

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

/**
 * The complete set of optimal plans: from an optimal basis all others are reached by pivots in columns of zero reduced cost.
 * Corners of the form that are none in the author's variables (they come from splitting a free variable) are left out by
 * the rank of the rows that hold with equality.
 * @param t an optimal tableau of the problem (phase two)
 * @param hurry asked now and then; true ends the search, and the set says that it is not complete
 */
export function optimalSet(t: Tableau, hurry: () => boolean = () => false): OptimalSet {
	const { problem } = t.form;
	const lines = lineality(problem);
	if (lines.length > 0) return withLines(t, lines, hurry);
	const { points, rays, complete } = explore(t, hurry);
	const width = problem.variables.length;
	// without split variables the form's corners are the author's
	const split = t.form.substitutions.some(({ parts }) => parts.length === 2);
	const tight = (plan: Plan, homogeneous: boolean) => rank(tightRows(problem, plan, homogeneous), width);
	const vertices = split ? points.filter((plan) => tight(plan, false) === width) : points;
	const extreme = split ? rays.filter((ray) => tight(ray, true) === width - 1) : rays;
	const spread = directions(problem, vertices, extreme);
	const dimension = rank(spread, width);
	return { unique: dimension === 0, dimension, vertices, rays: extreme, lines: [], complete };
}

const directions = (problem: Problem, vertices: readonly Plan[], rays: readonly Plan[]): Vector[] => {
	const first = vertices.length ? vector(problem, vertices[0]) : [];
	return [
		...vertices.slice(1).map((plan) => vector(problem, plan).map((value, i) => value.sub(first[i]))),
		...rays.map((ray) => vector(problem, ray))
	];
};

/** A set with lines has no extreme point: one optimal point, the lines, and the dimension from a walk over the form's corners. */
function withLines(t: Tableau, lines: readonly Vector[], hurry: () => boolean): OptimalSet {
	const { problem } = t.form;
	const { points, rays, complete } = explore(t, hurry);
	const spread = [...directions(problem, points, rays), ...lines];
	const shown = lines.map((line) => planOf(problem, primitive(line)));
	// rays that lead away from the lines, one for each direction modulo the lines
	const beyond: Plan[] = [];
	for (const ray of rays) {
		const rows = [...lines, ...beyond.map((p) => vector(problem, p))];
		const size = problem.variables.length;
		if (rank([...rows, vector(problem, ray)], size) > rank(rows, size)) beyond.push(ray);
	}
	return {
		unique: false,
		dimension: rank(spread, problem.variables.length),
		vertices: [readPlan(t)],
		rays: beyond,
		lines: shown,
		complete
	};
}

/** Visits the optimal bases, breadth first; gathers the different plans and directions seen. */
function explore(t: Tableau, hurry: () => boolean): { points: Plan[]; rays: Plan[]; complete: boolean } {
	const { problem } = t.form;
	const points = new Map<string, Plan>();
	const rays = new Map<string, Plan>();
	const seen = new Set([basisKey(t)]);
	const queue: Tableau[] = [t];
	let complete = true;
	for (let at = 0; at < queue.length && complete; at++) {
		const here = queue[at];
		const plan = readPlan(here);
		points.set(keyOf(vector(problem, plan)), plan);
		for (let k = 0; k < here.nonbasic.length; k++) {
			const column = here.nonbasic[k];
			if (here.barred.has(column) || !isZero(cost(here, OBJECTIVE, column))) continue;
			const rows = tightestRows(here, k);
			if (rows.length === 0) {
				const ray = primitive(vector(problem, rayAt(here, k)));
				if (ray.some((value: Rational) => !isZero(value))) rays.set(keyOf(ray), planOf(problem, ray));
			}
			for (const row of rows) {
				const next = pivot(here, row, k);
				const key = basisKey(next);
				if (seen.has(key)) continue;
				seen.add(key);
				queue.push(next);
			}
		}
		if (points.size + rays.size > MOST_FOUND || queue.length > MOST_BASES || hurry()) complete = false;
	}
	return {
		points: [...points.values()].slice(0, MOST_FOUND),
		rays: [...rays.values()].slice(0, MOST_FOUND),
		complete
	};
}

/** The segment between two plans as `from + t · direction`, 0 ≤ t ≤ 1. */
export function segmentBetween(from: Plan, to: Plan): { from: Plan; direction: Plan } {
	const direction = new Map([...to].map(([name, value]) => [name, value.sub(from.get(name) ?? ZERO)]));
	return { from, direction };
}
