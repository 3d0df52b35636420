import type { Problem } from '../problem/types';
import { asksForWhole } from '../problem/whole';
import type { SheetStep } from '../sheet/steps';
import { PIVOT_STEPS, type ScriptStep, type StepKind } from '../lesson/script';

/** pivots that are taken apart one by one; of later ones only the tableau is shown */
const MOST_TAKEN_APART = 8;

/**
 * A script that shows everything of a lesson in the order of a lecture: the story, the construction of the region, standard form, each pivot, the answer.
 * @param steps the run, as the tableaux are shown
 */
export function makeScript(problem: Problem, hasStory: boolean, steps: readonly SheetStep[]): ScriptStep[] {
	const step = (shows: StepKind, at = 0): ScriptStep => ({ shows, at });
	const run = steps.filter(({ position }) => position.work !== null);
	const isFlat = problem.variables.length === 2;
	const tableaux = run.flatMap((_, i): ScriptStep[] => {
		const isPivot = run[i + 1]?.move?.kind === 'pivot';
		return (isPivot && i < MOST_TAKEN_APART ? PIVOT_STEPS : PIVOT_STEPS.slice(0, 1)).map((shows) =>
			step(shows, i)
		);
	});
	const whole = asksForWhole(problem);
	return [
		...(hasStory ? [step('story')] : []),
		step('problem'),
		...(isFlat
			? [
					...Array.from({ length: problem.constraints.length + 1 }, (_, i) => step('lines', i)),
					step('region'),
					step('best')
				]
			: []),
		step('form'),
		...tableaux,
		step('answer'),
		...(whole ? [step('cut'), step('tree')] : [step('dual'), step('ranges')])
	];
}
