import { isZero, sign, ZERO, type Rational } from '../number/rational';
import { primed } from '../problem/names';
import { solveLinear } from './answer';
import type { Problem } from '../problem/types';
import { withoutZeros } from '../problem/types';
import type { Multipliers } from './multipliers';

/** An activity that is thought of: what a unit brings to the objective, and what it takes of each constraint (Dantzig 1963, on pricing out). */
export interface Activity {
	readonly gain: Rational;
	readonly uses: ReadonlyMap<string, Rational>;
}

/** What an activity is worth against dual values, and what it would do. */
export interface Newcomer {
	/** what it takes at the dual values' prices, and what is left of its gain in the problem's own sense */
	readonly takes: Rational;
	readonly left: Rational;
	/**
	 * `improves`: the best plan would have some of it and be better; `degenerate`: the prices say so, but at this corner there is no room for it, and
	 * other prices of the same plan say the opposite; `ties`: it would earn what it takes; `stays-out`: it would not
	 */
	readonly code: 'improves' | 'degenerate' | 'ties' | 'stays-out';
	/** the best objective with it; null where there is none any more */
	readonly best: Rational | null;
}

/**
 * Prices an activity out before it is added (Dantzig 1963), and says what adding it does: decided by solving, since the prices of a degenerate plan can
 * mislead.
 * @param best the best objective without it
 */
export function newcomer(
	problem: Problem,
	duals: Multipliers,
	best: Rational,
	{ gain, uses }: Activity
): Newcomer {
	const takes = problem.constraints.reduce(
		(sum, { name }) => sum.add((uses.get(name) ?? ZERO).mul(duals.get(name) ?? ZERO)),
		ZERO
	);
	const left = gain.sub(takes);
	const name = primed('new', new Set(problem.variables.map((own) => own.name)));
	const { objective } = problem;
	const answer = solveLinear({
		...problem,
		variables: [...problem.variables, { name, lower: ZERO, upper: null, domain: 'continuous' }],
		objective: { ...objective, terms: withoutZeros([...objective.terms, [name, gain]]) },
		constraints: problem.constraints.map((row) => ({
			...row,
			terms: withoutZeros([...row.terms, [name, uses.get(row.name) ?? ZERO]])
		}))
	});
	const after = answer.objective ?? null;
	const isPriced = objective.sense === 'max' ? sign(left) > 0 : sign(left) < 0;
	const code =
		after === null || !after.equals(best)
			? 'improves'
			: isPriced
				? 'degenerate'
				: isZero(left)
					? 'ties'
					: 'stays-out';
	return { takes, left, code, best: after };
}
