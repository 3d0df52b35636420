import { isInteger, ZERO } from '../number/rational';
import type { Plan, Problem, Variable } from './types';

/** Which variables are asked to be whole numbers, and which of a plan are. */

/** Whether a variable is asked to be a whole number. */
export const mustBeWhole = (variable: Variable): boolean => variable.domain !== 'continuous';

/** Whether a problem asks for whole numbers at all. */
export const asksForWhole = (problem: Problem): boolean => problem.variables.some(mustBeWhole);

/** The variables that should be whole and are not. */
export function fractionalVariables(problem: Problem, plan: Plan): Variable[] {
	return problem.variables.filter((v) => mustBeWhole(v) && !isInteger(plan.get(v.name) ?? ZERO));
}

/** Whether a plan is whole where it must be. */
export const isWhole = (problem: Problem, plan: Plan): boolean =>
	fractionalVariables(problem, plan).length === 0;
