import { compare, isZero, max, min, ONE, ZERO, type Rational } from '../number/rational';

/** The problem as its author states it, and whether a plan keeps it. */

export type Relation = '<=' | '>=' | '=';
export type Domain = 'continuous' | 'integer' | 'binary';
export type Sense = 'max' | 'min';

/** Coefficients by variable name; a variable that is not there has the coefficient zero, and zeros are not kept. */
export type Terms = ReadonlyMap<string, Rational>;

/** A decision variable. A bound that is `null` is no bound. */
export interface Variable {
	readonly name: string;
	readonly unit?: string;
	readonly lower: Rational | null;
	readonly upper: Rational | null;
	readonly domain: Domain;
}

export interface Objective {
	readonly sense: Sense;
	readonly name: string;
	readonly unit?: string;
	readonly terms: Terms;
	readonly constant: Rational;
}

export interface Constraint {
	readonly name: string;
	readonly unit?: string;
	readonly terms: Terms;
	readonly relation: Relation;
	readonly rhs: Rational;
}

/** A linear or integer program as its author states it. */
export interface Problem {
	readonly title?: string;
	readonly story?: string;
	readonly variables: readonly Variable[];
	readonly objective: Objective;
	readonly constraints: readonly Constraint[];
}

/** A value for each variable. */
export type Plan = ReadonlyMap<string, Rational>;

export const MAX_VARIABLES = 200;
export const MAX_CONSTRAINTS = 200;
export const MAX_NAME = 40;

const NAME = /^\p{L}[\p{L}\p{M}\p{Nd}_']*$/u;

/** Whether a text may name a variable or constraint: a letter of any script, then letters, digits, `_` or `'`. */
export function isName(text: string): boolean {
	return NAME.test(text) && [...text].length <= MAX_NAME;
}

/** The bounds that hold for a variable, its domain taken into account (a binary one lies in [0, 1]). */
export function effectiveBounds(variable: Variable): { lower: Rational | null; upper: Rational | null } {
	if (variable.domain !== 'binary') return variable;
	return {
		lower: variable.lower ? max(variable.lower, ZERO) : ZERO,
		upper: variable.upper ? min(variable.upper, ONE) : ONE
	};
}

/** The value of a linear expression at a plan; variables that the plan leaves out count as zero. */
export function evaluate(terms: Terms, plan: Plan, constant: Rational = ZERO): Rational {
	let sum = constant;
	for (const [name, coefficient] of terms) {
		const value = plan.get(name);
		if (value && !isZero(value)) sum = sum.add(coefficient.mul(value));
	}
	return sum;
}

/** Whether `left relation right` holds. */
export function holds(left: Rational, relation: Relation, right: Rational): boolean {
	const order = compare(left, right);
	return relation === '=' ? order === 0 : relation === '<=' ? order <= 0 : order >= 0;
}

/** Whether an amount keeps the bounds of a variable. */
export function isWithinBounds(variable: Variable, amount: Rational): boolean {
	const { lower, upper } = effectiveBounds(variable);
	return (!lower || compare(amount, lower) >= 0) && (!upper || compare(amount, upper) <= 0);
}

/** Whether a plan keeps every constraint and every bound (whole numbers are not asked for). */
export function isFeasible(problem: Problem, plan: Plan): boolean {
	return (
		problem.constraints.every((row) => holds(evaluate(row.terms, plan), row.relation, row.rhs)) &&
		problem.variables.every((variable) => isWithinBounds(variable, plan.get(variable.name) ?? ZERO))
	);
}

/** The names of the constraints that a plan does not keep; none where there is no problem or no plan. */
export function brokenConstraints(problem: Problem | null, plan: Plan | null): ReadonlySet<string> {
	if (!problem || !plan) return new Set();
	const broken = problem.constraints.filter(
		(row) => !holds(evaluate(row.terms, plan), row.relation, row.rhs)
	);
	return new Set(broken.map(({ name }) => name));
}

/** The terms without zeros. */
export function withoutZeros(terms: Iterable<readonly [string, Rational]>): Terms {
	return new Map([...terms].filter(([, coefficient]) => !isZero(coefficient)));
}

const sameBound = (a: Rational | null, b: Rational | null) => (a && b ? compare(a, b) === 0 : a === b);

function sameTerms(a: Terms, b: Terms): boolean {
	if (a.size !== b.size) return false;
	for (const [name, value] of a) {
		const other = b.get(name);
		if (!other || compare(value, other) !== 0) return false;
	}
	return true;
}

/** Whether two variables say the same, name and unit included. */
export const sameVariable = (v: Variable, w: Variable): boolean =>
	v.name === w.name &&
	v.unit === w.unit &&
	v.domain === w.domain &&
	sameBound(v.lower, w.lower) &&
	sameBound(v.upper, w.upper);

/** Whether two constraints say the same, name and unit included. */
export const sameConstraint = (r: Constraint, s: Constraint): boolean =>
	r.name === s.name &&
	r.unit === s.unit &&
	r.relation === s.relation &&
	compare(r.rhs, s.rhs) === 0 &&
	sameTerms(r.terms, s.terms);

const sameObjective = (a: Objective, b: Objective): boolean =>
	a.sense === b.sense &&
	a.name === b.name &&
	a.unit === b.unit &&
	compare(a.constant, b.constant) === 0 &&
	sameTerms(a.terms, b.terms);

const everySame = <T>(a: readonly T[], b: readonly T[], same: (p: T, q: T) => boolean): boolean =>
	a.length === b.length && a.every((p, i) => same(p, b[i]));

/** Whether two problems say the same, name for name and in the same order. */
export function sameProblem(a: Problem, b: Problem): boolean {
	return (
		(a.title ?? '') === (b.title ?? '') &&
		(a.story ?? '') === (b.story ?? '') &&
		sameObjective(a.objective, b.objective) &&
		everySame(a.variables, b.variables, sameVariable) &&
		everySame(a.constraints, b.constraints, sameConstraint)
	);
}
