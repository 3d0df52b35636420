import { en } from '../../language/language';
import type { Column, Form } from '../../form/types';
import { isZero, sign, ZERO, type Rational } from '../../number/rational';
import { evaluate, type Constraint, type Plan, type Problem } from '../../problem/types';
import { isBound } from '../../problem/row-owner';
import type { Broken } from '../../problem/use';
import { objectiveValue, type Tableau } from '../../tableau/tableau';
import { joined, say, type Sentence } from '../../sentence/sentence';

/** A unit for one of it, as English makes it: `hours` for 1 is `hour`; a unit that is no plain plural stays. */
export function singular(unit: string): string {
	if (!/^\p{Ll}{4,}$/u.test(unit) || !unit.endsWith('s') || /(?:ss|us|is)$/.test(unit)) return unit;
	if (/ies$/.test(unit) && unit.length > 4) return `${unit.slice(0, -3)}y`;
	return unit.slice(0, /(?:ss|x|ch|sh)es$/.test(unit) ? -2 : -1);
}

/** A measure with what is measured: `dozen bowls`, `loads of bowls`. */
export const measureOf = (unit: string, name: Sentence | string): Sentence =>
	/^(?:dozen|hundred|thousand|million)$/.test(unit) ? say`${unit} ${name}` : say`${unit} of ${name}`;

/** A unit behind a number: `hour` behind 1, `hours` behind others. */
export const counted = (value: Rational, unit: string): string =>
	value.abs().equals(1) ? singular(unit) : unit;

/** A number with its unit, where it has one: `12 dozen`. */
export const quantity = (value: Rational, unit: string | undefined): Sentence =>
	unit ? say`${value} ${counted(value, unit)}` : say`${value}`;

/** `bowls = 12 dozen and vases = 8 dozen`; variables at zero are left out where that keeps it short. */
export function planSentence(problem: Problem, plan: Plan): Sentence {
	const many = problem.variables.length > 4;
	const told = problem.variables.filter((v) => !many || !isZero(plan.get(v.name) ?? ZERO));
	if (told.length === 0) return say`every variable is 0`;
	const parts = told.map((v) => say`${v.name} = ${quantity(plan.get(v.name) ?? ZERO, v.unit)}`);
	return many && told.length < problem.variables.length ? say`${joined(parts)}, all others 0` : joined(parts);
}

/** `profit = 720 thalers` at a tableau's basic solution. */
export function objectiveSentence(t: Tableau): Sentence {
	const { name, unit } = t.form.problem.objective;
	return say`${name} = ${quantity(objectiveValue(t), unit)}`;
}

/** What a plan makes of a constraint, in the words of its kind. */
function useSentence(row: Constraint, plan: Plan): Sentence | null {
	if (row.relation === '=') return null;
	const rest = row.rhs.sub(evaluate(row.terms, plan)).mul(row.relation === '<=' ? 1 : -1);
	const subject = { constraint: row.name };
	if (isZero(rest))
		return row.relation === '<=' ? say`${subject} is used up` : say`${subject} is met exactly`;
	const size = quantity(rest.abs(), row.unit);
	if (sign(rest) < 0) return say`${subject} is violated by ${size}`;
	return row.relation === '<=' ? say`${subject} has ${size} left` : say`${subject} is exceeded by ${size}`;
}

/** How each constraint fares under a plan. */
export function usesSentence(problem: Problem, plan: Plan): Sentence | null {
	const parts = problem.constraints.flatMap((row) => {
		const sentence = useSentence(row, plan);
		return sentence ? [sentence] : [];
	});
	return parts.length ? say`${joined(parts, '; ', '; ')}.` : null;
}

/** Which constraints and bounds a plan breaks, and by how much. */
export const brokenBy = (broken: readonly Broken[]): Sentence =>
	joined(
		broken.map(({ name, bound, by, unit }) => {
			if (!bound) return say`${{ constraint: name }} is violated by ${quantity(by, unit)}`;
			return say`${name} is ${bound.relation === '>=' ? en`below` : en`above`} ${bound.value}`;
		})
	);

/** What a column stands for: `the amount of bowls`, `what clay leaves unused`. */
export function columnMeaning(form: Form, column: Column): Sentence {
	const { owner } = column;
	if (column.kind === 'vacant')
		return say`the place without a basic variable in row ${{ constraint: owner.name }}`;
	if (owner.kind === 'variable') return say`${column}`;
	if (isBound(owner)) return say`${column} (the room below the bound of ${owner.name})`;
	if (owner.kind === 'cut') return say`${column} (the slack of ${owner.name})`;
	const row = form.problem.constraints.find((r) => r.name === owner.name);
	const word =
		column.kind === 'artificial' ? en`artificial variable` : row?.relation === '>=' ? en`surplus` : en`slack`;
	return say`${column} (the ${word} of ${{ constraint: owner.name }})`;
}
