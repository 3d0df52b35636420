import type { Plan, Problem } from '../../problem/types';
import type { Catalogue } from '../../sentence/catalogue';
import { joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import { readPlan, type Tableau } from '../../tableau/tableau';
import type { PlaceFinding, TightLine } from '../findings';
import { tightLines } from '../place';
import { brokenBy, objectiveSentence, planSentence } from './plan';

/** The words of where a basic solution is. */

/** A line by its constraint's name, a bound's as it holds: `x = 0`. */
const lineName = (line: TightLine): Sentence =>
	'constraint' in line ? say`${{ constraint: line.constraint }}` : say`${line.variable} = ${line.value}`;

/** The constraints and bounds that hold with equality at a plan. */
export const tightNames = (problem: Problem, plan: Plan): Sentence[] =>
	tightLines(problem, plan).map(lineName);

/** `(24, 12) where clay and kiln meet` */
function pointOn(t: Tableau, on: readonly TightLine[]): Sentence {
	const plan = readPlan(t);
	const [x, y] = t.form.problem.variables.map(({ name }) => plan.get(name)!);
	const names = joined(on.map(lineName));
	return say`(${x}, ${y})${on.length === 0 ? NOTHING_SAID : on.length > 1 ? say` where ${names} meet` : say` on ${names}`}`;
}

export const PLACES: Catalogue<PlaceFinding> = {
	'plan-now': ({ t, broken }) =>
		say`The plan is now ${planSentence(t.form.problem, readPlan(t))}.${broken.length ? say` It is not in the region: ${brokenBy(broken)}.` : NOTHING_SAID}`,
	'point-outside': ({ t, on, broken }) =>
		say`The point ${pointOn(t, on)} is not in the region: ${brokenBy(broken)}.`,
	'point-corner': ({ t, on }) => say`This is the corner ${pointOn(t, on)}.`,
	'point-cut-corner': ({ t, on }) => say`This is a corner that the cuts made, ${pointOn(t, on)}.`,
	'point-inside': ({ t, on }) =>
		say`This is the point ${pointOn(t, on)}; it is in the region, but it is not a corner.`,
	'objective-now': ({ t }) => say`${objectiveSentence(t)}.`
};
