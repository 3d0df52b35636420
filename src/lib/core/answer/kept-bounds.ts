import { isZero, ZERO, type Rational } from '../number/rational';
import { primed } from '../problem/names';
import { effectiveBounds, evaluate, MAX_NAME, type Plan, type Problem, type Terms } from '../problem/types';

/** How a variable is counted from a bound: `variable = from + sign · its new name`. */
export interface Counted {
	readonly variable: string;
	readonly from: Rational;
	readonly sign: 1 | -1;
}

/** A problem whose variables are counted from their bounds, by the names that they have there. */
export interface CountedProblem {
	readonly problem: Problem;
	readonly counted: ReadonlyMap<string, Counted>;
}

/** Whether a problem has bounds that are more than signs. */
export const hasBounds = ({ variables }: Problem): boolean =>
	variables.some((own) => {
		const { lower, upper } = effectiveBounds(own);
		return (lower && !isZero(lower)) || (upper && (!isZero(upper) || lower));
	});

/**
 * The relaxation with each variable counted from its lower bound, or down from its upper one where that is all it has: then a bound other than 0 needs no
 * row, as in the bounded-variable method (Dantzig 1955). A second bound of a variable stays an upper bound.
 */
export function countedFromBounds(problem: Problem): CountedProblem {
	const taken = new Set(problem.variables.map(({ name }) => name));
	const counted = new Map<string, Counted>();
	const newName = new Map<string, string>();
	const variables = problem.variables.map((own) => {
		const { lower, upper } = effectiveBounds(own);
		const [from, sign] = lower ? [lower, 1 as const] : upper ? [upper, -1 as const] : [ZERO, 1 as const];
		const isPlain = isZero(from) && sign === 1;
		const name = isPlain ? own.name : primed(`${own.name.slice(0, MAX_NAME - 2)}'`, taken);
		taken.add(name);
		newName.set(own.name, name);
		if (!isPlain) counted.set(name, { variable: own.name, from, sign });
		return {
			...own,
			name,
			lower: lower || upper ? ZERO : null,
			upper: lower && upper ? upper.sub(lower) : null,
			domain: 'continuous' as const
		};
	});
	const start: Plan = new Map([...counted.values()].map(({ variable, from }) => [variable, from]));
	const moved = (terms: Terms): Terms =>
		new Map(
			[...terms].map(([name, value]) => {
				const own = newName.get(name)!;
				return [own, counted.get(own)?.sign === -1 ? value.neg() : value];
			})
		);
	const { objective } = problem;
	return {
		counted,
		problem: {
			...problem,
			variables,
			objective: {
				...objective,
				terms: moved(objective.terms),
				constant: evaluate(objective.terms, start, objective.constant)
			},
			constraints: problem.constraints.map((row) => ({
				...row,
				terms: moved(row.terms),
				rhs: row.rhs.sub(evaluate(row.terms, start, ZERO))
			}))
		}
	};
}

/** A plan of the counted problem in the variables of the first one. */
export const uncounted = (plan: Plan, counted: CountedProblem['counted']): Plan =>
	new Map(
		[...plan].map(([name, value]) => {
			const own = counted.get(name);
			return own ? [own.variable, own.from.add(own.sign < 0 ? value.neg() : value)] : [name, value];
		})
	);
