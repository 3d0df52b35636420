import { en } from '../../language/language';
import { isZero, sign, type Rational } from '../../number/rational';
import { showNumber, type NumberStyle } from '../../number/show';
import { plainText } from '../../sentence/sentence';
import { counted, measureOf, singular } from './plan';
import type { Constraint, Objective, Problem, Relation, Variable } from '../../problem/types';

/** Rows of a problem as sentences of the story, with units. */

const LIMITS: Record<Relation, string> = { '<=': en`at most`, '>=': en`at least`, '=': en`exactly` };

const measured = (value: Rational, unit: string | undefined, style: NumberStyle): string =>
	showNumber(value, style) + (unit ? ` ${counted(value, unit)}` : '');

/** `each dozen bowls`, `each load of tiles`, or `each unit of vases` where no unit is known. */
const each = ({ name, unit = en`unit` }: Variable): string =>
	en`each ${plainText(measureOf(singular(unit), name))}`;

function uses(problem: Problem, { terms, unit }: Objective | Constraint, style: NumberStyle): string {
	const parts = problem.variables.flatMap((variable) => {
		const value = terms.get(variable.name);
		if (!value || isZero(value)) return [];
		const isLess = sign(value) < 0;
		const amount = measured(value.abs(), unit, style);
		const of = each(variable);
		return [{ isLess, says: isLess ? en`less ${amount} for ${of}` : en`${amount} for ${of}` }];
	});
	const last = parts.pop();
	if (!last) return en`nothing`;
	const before = parts.map(({ says }) => says).join(', ');
	// “and” before “less” would say the opposite
	return before ? before + (last.isLess ? ', ' : en` and `) + last.says : last.says;
}

/** `clay (from the pit): 5/2 kg for each dozen bowls and 4 kg for each dozen vases, at most 100 kg.` */
export function constraintInWords(
	problem: Problem,
	row: Constraint,
	meaning: string,
	style: NumberStyle
): string {
	const what = meaning ? `${row.name} (${meaning})` : row.name;
	return `${what}: ${uses(problem, row, style)}, ${LIMITS[row.relation]} ${measured(row.rhs, row.unit, style)}.`;
}

/** `profit, as large as can be: 30 thalers for each dozen bowls …` */
export function objectiveInWords(problem: Problem, style: NumberStyle): string {
	const { objective } = problem;
	const wish = objective.sense === 'max' ? en`as large as can be` : en`as small as can be`;
	const fixed = isZero(objective.constant)
		? ''
		: en`, and ${measured(objective.constant, objective.unit, style)} in any case`;
	return `${objective.name}, ${wish}: ${uses(problem, objective, style)}${fixed}.`;
}

/** `bowls (fired this week), in dozen: at least 0, whole.` */
export function variableInWords(
	{ name, unit, lower, upper, domain }: Variable,
	meaning: string,
	style: NumberStyle
): string {
	const what = (meaning ? `${name} (${meaning})` : name) + (unit ? en`, in ${unit}` : '');
	const bounds =
		domain === 'binary'
			? en`yes or no`
			: [
					lower ? en`at least ${showNumber(lower, style)}` : '',
					upper ? en`at most ${showNumber(upper, style)}` : '',
					!lower && !upper ? en`any amount` : '',
					domain === 'integer' ? en`whole` : ''
				]
					.filter(Boolean)
					.join(', ');
	return `${what}: ${bounds}.`;
}
