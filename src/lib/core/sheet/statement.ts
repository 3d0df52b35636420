import { en } from '../language/language';
import { effectiveBounds, type Problem, type Terms, type Variable } from '../problem/types';
import { RELATION_SIGNS } from '../problem/relation';
import { isZero, sign } from '../number/rational';
import { say, signed, type Sentence } from '../sentence/sentence';

/** A problem as it stands on paper, line by line. */

export interface StatementLine {
	/** the constraint's name with its unit, `max` or `min`; empty for signs */
	readonly label: string;
	readonly left: Sentence;
	readonly right: Sentence;
}

/** `2 bowls − vases`, the names as names. */
export const linearText = (terms: Terms): Sentence =>
	signed([...terms].map(([name, value]) => ({ says: say`${{ constraint: name }}`, value })));

const withUnit = (name: string, unit: string | undefined): string => (unit ? `${name} [${unit}]` : name);

/** `x, y ≥ 0`, `0 ≤ x ≤ 4`, `x free`, `x ∈ {0, 1}` */
function signLine(variable: Variable): Sentence {
	const { name, domain } = variable;
	if (domain === 'binary') return say`${{ constraint: name }} is 0 or 1`;
	const { lower, upper } = effectiveBounds(variable);
	const whole = domain === 'integer' ? en`, integer` : '';
	if (!lower && !upper) return say`${{ constraint: name }} free${whole}`;
	if (lower && !upper) return say`${{ constraint: name }} ≥ ${lower}${whole}`;
	const from = lower ? say`${lower} ≤ ` : say``;
	return say`${from}${{ constraint: name }} ≤ ${upper!}${whole}`;
}

/** Signs, bounds and domains of the variables, ordinary ones together. */
export function signLines(variables: readonly Variable[]): Sentence[] {
	const isPlain = (v: Variable) => v.domain === 'continuous' && v.lower && isZero(v.lower) && !v.upper;
	const plain = variables
		.filter(isPlain)
		.flatMap(({ name }, i) => say`${i > 0 ? ', ' : ''}${{ constraint: name }}`);
	const rest = variables.filter((v) => !isPlain(v)).map(signLine);
	return plain.length > 0 ? [say`${plain} ≥ 0`, ...rest] : rest;
}

/** Objective, constraints, and signs of the variables. */
export function statementLines({ objective, constraints, variables }: Problem): StatementLine[] {
	const { constant } = objective;
	const size = constant.abs();
	const more = isZero(constant) ? say`` : say` ${sign(constant) < 0 ? '−' : '+'} ${size}`;
	return [
		{
			label: objective.sense,
			left: say`${{ constraint: objective.name }}${objective.unit ? ` [${objective.unit}]` : ''} = ${linearText(objective.terms)}${more}`,
			right: []
		},
		...constraints.map(({ name, unit, terms, relation, rhs }) => ({
			label: withUnit(name, unit),
			left: linearText(terms),
			right: say`${RELATION_SIGNS[relation]} ${rhs}`
		})),
		...signLines(variables).map((left) => ({ label: '', left, right: [] }))
	];
}
