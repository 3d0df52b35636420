import { max, min, type Rational } from '../number/rational';
import { effectiveBounds, type Problem } from './types';

/** The problem with a bound of a variable made tighter; one that is tighter already stays. */
export const bounded = (problem: Problem, name: string, relation: '<=' | '>=', value: Rational): Problem => ({
	...problem,
	variables: problem.variables.map((variable) => {
		if (variable.name !== name) return variable;
		const { lower, upper } = effectiveBounds(variable);
		return relation === '<='
			? { ...variable, lower, upper: upper ? min(upper, value) : value }
			: { ...variable, upper, lower: lower ? max(lower, value) : value };
	})
});
