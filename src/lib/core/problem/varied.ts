import { ZERO, type Rational } from '../number/rational';
import { withoutZeros, type Problem } from './types';

/** One number of a problem that moves. */

/** Which number: the right-hand side of a constraint, or a coefficient of the objective. */
export type Varied = { readonly rhs: string } | { readonly objective: string };

/** The number of a problem that moves, as it is. */
export const numberOf = (problem: Problem, varied: Varied): Rational =>
	'rhs' in varied
		? problem.constraints.find(({ name }) => name === varied.rhs)!.rhs
		: (problem.objective.terms.get(varied.objective) ?? ZERO);

/** The problem with one of its numbers changed. */
export function withNumber(problem: Problem, varied: Varied, value: Rational): Problem {
	if ('rhs' in varied)
		return {
			...problem,
			constraints: problem.constraints.map((row) => (row.name === varied.rhs ? { ...row, rhs: value } : row))
		};
	const terms = withoutZeros(new Map(problem.objective.terms).set(varied.objective, value));
	return { ...problem, objective: { ...problem.objective, terms } };
}
