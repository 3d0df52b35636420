import { sign, ZERO, type Rational } from '../number/rational';
import type { Constraint, Plan, Problem } from '../problem/types';
import { evaluate, holds } from '../problem/types';
import type { Multipliers } from './multipliers';

/** An activity that is thought of: what a unit brings to the objective, and what it takes of each constraint (Dantzig 1963, on pricing out). */
export interface Activity {
	readonly gain: Rational;
	readonly uses: ReadonlyMap<string, Rational>;
}

/** What an activity is worth against dual values: what it takes at their prices, and what is left of its gain in the problem's own sense. */
export interface PricedOut {
	readonly takes: Rational;
	readonly left: Rational;
	/** whether the best plan would have some of it: the objective would get better */
	readonly enters: boolean;
}

/** Prices an activity out before it is added. */
export function pricedOut(problem: Problem, duals: Multipliers, { gain, uses }: Activity): PricedOut {
	const takes = problem.constraints.reduce(
		(sum, { name }) => sum.add((uses.get(name) ?? ZERO).mul(duals.get(name) ?? ZERO)),
		ZERO
	);
	const left = gain.sub(takes);
	const enters = problem.objective.sense === 'max' ? sign(left) > 0 : sign(left) < 0;
	return { takes, left, enters };
}

/** What the best plan makes of a constraint that is thought of. */
export const tested = (plan: Plan, row: Constraint): { readonly used: Rational; readonly isMet: boolean } => {
	const used = evaluate(row.terms, plan);
	return { used, isMet: holds(used, row.relation, row.rhs) };
};
