import { sidesOf, type Side } from '../../geometry/sides';
import { isZero, toText, type Rational } from '../../number/rational';
import type { Plan, Problem } from '../../problem/types';
import { brokenAt } from '../../problem/use';
import type { Tableau } from '../../tableau/tableau';
import type { Answer, Consequence, Situation, Slip } from '../types';

/** What all kinds of questions use. */

/** Whether the picture of a problem is what a run begins with: two variables, no step yet. */
export const isFlat = ({ problem, step }: Pick<Situation, 'problem' | 'step'>): boolean =>
	step === 0 && problem.variables.length === 2;

/** The constraints that have a line in a picture of two variables, each with its side. */
export const drawnSides = (problem: Problem): Side[] =>
	sidesOf(problem).filter(({ owner, row }) => owner.kind === 'constraint' && row.some((own) => !isZero(own)));

/** `(2, 3/2)`: a corner as answers write it. */
export const cornerText = (x: Rational, y: Rational): string => `(${toText(x)}, ${toText(y)})`;

/** What a plan violates, and by how much; null where it violates nothing. */
export function violations(problem: Problem, plan: Plan): Required<Pick<Consequence, 'violates'>> | null {
	const broken = brokenAt(problem, plan).map(({ name, by }): [string, string] => [name, toText(by)]);
	return broken.length > 0 ? { violates: Object.fromEntries(broken) } : null;
}

export const nameOfColumn = (t: Tableau, column: number): string => t.form.columns[column].name;

/** Slips that differ from every right answer, each answer once. */
export function without(right: readonly Answer[], slips: readonly Slip[]): Slip[] {
	const taken = new Set(right.map((answer) => JSON.stringify(answer)));
	return slips.filter(({ answer }) => {
		const key = JSON.stringify(answer);
		if (taken.has(key)) return false;
		taken.add(key);
		return true;
	});
}
