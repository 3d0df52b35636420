import { dot, type Vector } from '../number/linear-algebra';
import { compare, isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, withoutZeros, type Plan, type Problem, type Terms } from '../problem/types';
import type { RowOwner } from '../problem/row-owner';
import type { Line } from './extremes';

/** What a line or plane of the picture comes from. */
export type LineOwner = Exclude<RowOwner, { kind: 'cut' }>;

/** A constraint or bound as `row · x ≤ rhs`, or `= rhs`, one coefficient for each variable of the problem. */
export interface Side {
	readonly owner: LineOwner;
	readonly row: Vector;
	readonly rhs: Rational;
	readonly equality: boolean;
}

/** Coefficients in the order of a problem's variables. */
export const rowOf = ({ variables }: Problem, terms: Terms): Vector =>
	variables.map(({ name }) => terms.get(name) ?? ZERO);

/** A plan as a point, in the order of the problem's variables. */
export const pointOf = ({ variables }: Problem, plan: Plan): Vector =>
	variables.map(({ name }) => plan.get(name) ?? ZERO);

/** A point as a plan. */
export const planAt = ({ variables }: Problem, point: Vector): Plan =>
	new Map(variables.map(({ name }, i) => [name, point[i]]));

/** The sides of a problem's region: its constraints in their order, then the bounds of each variable. */
export function sidesOf(problem: Problem): Side[] {
	const negated = (row: Vector): Vector => row.map((value) => value.neg());
	const list: Side[] = problem.constraints.map(({ name, terms, relation, rhs }) => {
		const row = rowOf(problem, terms);
		const flip = relation === '>=';
		return {
			owner: { kind: 'constraint', name },
			row: flip ? negated(row) : row,
			rhs: flip ? rhs.neg() : rhs,
			equality: relation === '='
		};
	});
	problem.variables.forEach((variable, i) => {
		const { lower, upper } = effectiveBounds(variable);
		const unit = problem.variables.map((_, j) => (i === j ? ONE : ZERO));
		const { name } = variable;
		if (lower)
			list.push({ owner: { kind: 'lower', name }, row: negated(unit), rhs: lower.neg(), equality: false });
		if (upper) list.push({ owner: { kind: 'upper', name }, row: unit, rhs: upper, equality: false });
	});
	return list;
}

/** Whether a point lies on a side's line or plane. */
export const isTight = (side: Side, point: Vector): boolean => compare(dot(side.row, point), side.rhs) === 0;

/** Whether a point keeps a side. */
export function keepsSide(side: Side, point: Vector): boolean {
	const order = sign(dot(side.row, point).sub(side.rhs));
	return side.equality ? order === 0 : order <= 0;
}

/** Sides as the equations and the inequalities `≥` that they are. */
export const asLines = (sides: readonly Side[]): { equations: Line[]; inequalities: Line[] } => ({
	equations: sides.filter(({ equality }) => equality),
	inequalities: sides
		.filter(({ equality }) => !equality)
		.map(({ row, rhs }) => ({ row: row.map((value) => value.neg()), rhs: rhs.neg() }))
});

/** The problem without some of its constraints. */
export const withoutConstraints = (problem: Problem, names: readonly string[]): Problem =>
	names.length === 0
		? problem
		: { ...problem, constraints: problem.constraints.filter(({ name }) => !names.includes(name)) };

/** The problem with other coefficients of its objective, in the order of its variables. */
export const withCosts = (problem: Problem, costs: Vector): Problem => ({
	...problem,
	objective: {
		...problem.objective,
		terms: withoutZeros(problem.variables.map(({ name }, i) => [name, costs[i]] as const))
	}
});

/** The problem in some of its variables, in this order, the others fixed at a plan's amounts. */
export function sliced(problem: Problem, axes: readonly string[], plan: Plan | null): Problem {
	const shown = new Set(axes);
	const split = (terms: Terms): { kept: Terms; rest: Rational } => ({
		kept: new Map([...terms].filter(([name]) => shown.has(name))),
		rest: [...terms].reduce(
			(sum, [name, value]) => (shown.has(name) ? sum : sum.add(value.mul(plan?.get(name) ?? ZERO))),
			ZERO
		)
	});
	const goal = split(problem.objective.terms);
	return {
		...problem,
		variables: axes.map((axis) => problem.variables.find(({ name }) => name === axis)!),
		objective: {
			...problem.objective,
			terms: goal.kept,
			constant: problem.objective.constant.add(goal.rest)
		},
		constraints: problem.constraints.map((row) => {
			const { kept, rest } = split(row.terms);
			return { ...row, terms: kept, rhs: row.rhs.sub(rest) };
		})
	};
}

/** A point that is not on a side's line, so that it shows which side of it stays: the origin, or else the nearest on an axis. */
export function testPoint(side: Side): Vector {
	const origin = side.row.map(() => ZERO);
	if (!isTight(side, origin)) return origin;
	const axis = side.row.findIndex((value) => !isZero(value));
	return origin.map((value, i) => (i === axis ? ONE : value));
}

/** Whether the test point is on the side that stays. */
export const testHolds = (side: Side): boolean => keepsSide(side, testPoint(side));
