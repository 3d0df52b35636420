import { en } from '../../language/language';
import type { Column, Form } from '../../form/types';
import { isZero, ZERO, type Rational } from '../../number/rational';
import type { Plan, Problem } from '../../problem/types';
import { isBound } from '../../problem/row-owner';
import type { Broken } from '../../problem/use';
import type { ConstraintUse } from '../change';
import { objectiveValue, type Tableau } from '../../tableau/tableau';
import { joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';

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

const USES: Record<ConstraintUse['is'], (row: Sentence, size: Sentence) => Sentence> = {
	left: (row, size) => say`${row} has ${size} left`,
	'used-up': (row) => say`${row} is used up`,
	exceeded: (row, size) => say`${row} is exceeded by ${size}`,
	met: (row) => say`${row} is met exactly`,
	violated: (row, size) => say`${row} is violated by ${size}`
};

/** How each constraint fares under a plan; nothing where there is none that could be told. */
export const usesSentence = (uses: readonly ConstraintUse[]): Sentence =>
	uses.length
		? say`${joined(
				uses.map(({ name, unit, is, by }) => USES[is](say`${{ constraint: name }}`, quantity(by, unit))),
				'; ',
				'; '
			)}.`
		: NOTHING_SAID;

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
