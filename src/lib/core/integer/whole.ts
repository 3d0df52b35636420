import { runLinear, type LinearAnswer, type RunOptions } from '../answer/answer';
import { withGoal } from '../answer/conflict';
import type { SearchFinding } from './findings';
import {
	gcd,
	isInteger,
	isZero,
	lcm,
	numerator,
	ONE,
	rational,
	ZERO,
	type Rational
} from '../number/rational';
import { readPlan } from '../tableau/tableau';
import { effectiveBounds, type Plan, type Problem, type Variable } from '../problem/types';
import { asksForWhole, mustBeWhole } from '../problem/whole';
import { primed } from '../problem/names';

/** What any search for an integer plan says at its end. */
export interface WholeResult {
	readonly status: 'optimal' | 'infeasible' | 'unbounded' | 'stopped';
	readonly reason?: SearchFinding;
	readonly objective?: Rational;
	readonly solution?: Plan;
	readonly pivots: number;
	readonly relaxation: LinearAnswer;
}

/** The next lower whole number, or the number itself. */
export const floor = (value: Rational): Rational => value.floor();
/** The next higher whole number, or the number itself. */
export const ceil = (value: Rational): Rational => value.ceil();

/** The problem with whole bounds on its whole-number variables; no integer plan is lost. */
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

/**
 * What an unbounded relaxation means for integer plans: with rational data there are plans of any quality as soon as there is one
 * (Meyer 1974), so one is looked for, with nothing to improve.
 * @param search how integer plans are looked for
 * @param options with the budget of both searches
 * @returns `unbounded`, `infeasible`, or `stopped` with its reason, and the pivots spent; and what the second found
 */
export function unboundedOrEmpty<Result extends WholeResult>(
	search: (problem: Problem, options: RunOptions) => Result,
	problem: Problem,
	options: RunOptions
): { end: Pick<WholeResult, 'status' | 'reason' | 'pivots'>; found: Result } {
	const feasibility = { ...problem, objective: { ...problem.objective, terms: new Map() } };
	const found = search(feasibility, options);
	const end = {
		status: found.status === 'optimal' ? ('unbounded' as const) : found.status,
		pivots: found.pivots,
		...(found.reason ? { reason: found.reason } : {})
	};
	return { end, found };
}

/** The whole-number variables that can grow or fall without end in the region of the relaxation: a search over them may have no end. */
export function unboundedWhole(problem: Problem): string[] {
	return problem.variables.filter(mustBeWhole).flatMap((variable) => {
		const { lower, upper } = effectiveBounds(variable);
		const terms = new Map([[variable.name, ONE]]);
		const hasEnd = (sense: 'max' | 'min') =>
			runLinear(withGoal(problem, sense, terms)).status !== 'unbounded';
		return (upper || hasEnd('max')) && (lower || hasEnd('min')) ? [] : [variable.name];
	});
}

/**
 * The same relaxation, with a whole bound for every whole-number variable that has none, where the other rows imply one: such a variable
 * is one column then, and not split in two.
 * @param options with the budget of which finding the bounds is a part
 */
export function withImpliedBounds(problem: Problem, options: RunOptions = {}): Problem {
	const extreme = (name: string, sense: 'max' | 'min'): Rational | null => {
		const goal = withGoal(problem, sense, new Map([[name, ONE]]));
		const run = runLinear(goal, { ...options, onStep: undefined });
		return run.status === 'optimal' ? (readPlan(run.tableau!).get(name) ?? ZERO) : null;
	};
	const variables = problem.variables.map((variable): Variable => {
		const { lower, upper } = effectiveBounds(variable);
		if (!mustBeWhole(variable) || lower || upper) return variable;
		const least = extreme(variable.name, 'min');
		if (least) return { ...variable, lower: floor(least) };
		const most = extreme(variable.name, 'max');
		return most ? { ...variable, upper: ceil(most) } : variable;
	});
	return { ...problem, variables };
}

/**
 * The same relaxation, written so that every whole-number variable is one column at a whole distance from it: a fractional bound that a
 * column would be measured from becomes a row, and a variable without bounds gets those that the other rows imply.
 * @param options with the budget of which finding the bounds is a part
 */
export function withWholeColumns(problem: Problem, options: RunOptions): Problem {
	const implied = withImpliedBounds(problem, options);
	const constraints = [...problem.constraints];
	const names = new Set(constraints.map(({ name }) => name));
	const keepAsRow = (name: string, relation: '<=' | '>=', rhs: Rational) => {
		const row = primed(`${name}'`, names);
		names.add(row);
		constraints.push({ name: row, terms: new Map([[name, ONE]]), relation, rhs });
	};
	const variables = implied.variables.map((variable): Variable => {
		if (!mustBeWhole(variable)) return variable;
		const { lower, upper } = effectiveBounds(variable);
		if (lower && isInteger(lower)) return variable;
		if (lower) {
			keepAsRow(variable.name, '>=', lower);
			return { ...variable, lower: floor(lower) };
		}
		if (upper && isInteger(upper)) return variable;
		if (upper) {
			keepAsRow(variable.name, '<=', upper);
			return { ...variable, upper: ceil(upper) };
		}
		return variable;
	});
	return { ...problem, variables, constraints };
}

/** The least step between two values that the objective can take at integer plans; null where it can take any. */
export function objectiveStep({ objective, variables }: Problem): Rational | null {
	const whole = new Set(variables.filter(mustBeWhole).map(({ name }) => name));
	const used = [...objective.terms].filter(([, value]) => !isZero(value));
	if (used.length === 0 || used.some(([name]) => !whole.has(name))) return null;
	const multiple = used.reduce((all, [, value]) => lcm(all, value.d), 1n);
	const divisor = used.reduce((all, [, value]) => gcd(all, numerator(value.mul(rational(multiple)))), 0n);
	return rational(divisor < 0n ? -divisor : divisor, multiple);
}
