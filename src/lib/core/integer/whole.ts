import type { LinearAnswer, RunOptions } from '../answer/answer';
import { isInteger, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, type Plan, type Problem, type Variable } from '../problem/types';

/** What any search for a whole plan says at its end. */
export interface WholeResult {
	readonly status: 'optimal' | 'infeasible' | 'unbounded' | 'stopped';
	readonly reason?: string;
	readonly objective?: Rational;
	readonly solution?: Plan;
	readonly pivots: number;
	readonly relaxation: LinearAnswer;
}

export const mustBeWhole = (variable: Variable): boolean => variable.domain !== 'continuous';

/** Whether a problem asks for whole numbers at all. */
export const asksForWhole = (problem: Problem): boolean => problem.variables.some(mustBeWhole);

/** The variables that should be whole and are not. */
export function fractionalVariables(problem: Problem, plan: Plan): Variable[] {
	return problem.variables.filter((v) => mustBeWhole(v) && !isInteger(plan.get(v.name) ?? ZERO));
}

export const floor = (value: Rational): Rational => value.floor();
export const ceil = (value: Rational): Rational => value.ceil();

/** The problem with whole bounds on its whole-number variables; no whole plan is lost. */
export function tightened(problem: Problem): Problem {
	if (!asksForWhole(problem)) return problem;
	return {
		...problem,
		variables: problem.variables.map((variable) => {
			if (!mustBeWhole(variable)) return variable;
			const { lower, upper } = effectiveBounds(variable);
			return { ...variable, lower: lower && ceil(lower), upper: upper && floor(upper) };
		})
	};
}

/** The problem with one variable's bounds replaced. */
export function withBounds(
	problem: Problem,
	name: string,
	bounds: Partial<Pick<Variable, 'lower' | 'upper'>>
): Problem {
	return {
		...problem,
		variables: problem.variables.map((variable) =>
			variable.name === name ? { ...variable, ...bounds } : variable
		)
	};
}

/**
 * What an unbounded relaxation means for whole plans: with rational data there are plans of any quality as soon as there is one
 * (Meyer 1974), so one is looked for, with nothing to improve.
 * @param search how whole plans are looked for
 * @param before the pivots made so far; the limit holds for all together
 * @returns `unbounded`, `infeasible`, or `stopped` with its reason, and the pivots of both searches; and what the second found
 */
export function unboundedOrEmpty<Result extends WholeResult>(
	search: (problem: Problem, options: RunOptions) => Result,
	problem: Problem,
	options: RunOptions,
	before: number
): { end: Pick<WholeResult, 'status' | 'reason' | 'pivots'>; found: Result } {
	const feasibility = { ...problem, objective: { ...problem.objective, terms: new Map() } };
	const found = search(feasibility, {
		...options,
		maxSteps: (options.maxSteps ?? Infinity) - before,
		shouldStop: (done) => options.shouldStop?.(before + done) ?? null
	});
	const end = {
		status: found.status === 'optimal' ? ('unbounded' as const) : found.status,
		pivots: before + found.pivots,
		...(found.reason ? { reason: found.reason } : {})
	};
	return { end, found };
}
