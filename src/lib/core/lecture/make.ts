import type { Problem } from '../problem/types';
import { asksForWhole } from '../problem/whole';
import type { SheetStep } from '../sheet/steps';
import type { Lesson } from '../lesson/lesson';
import { readNotes } from './notes';
import { PIVOT_STEPS, type ScriptStep, type StepKind } from '../lesson/script';

/** pivots that are taken apart one by one; of later ones only the tableau is shown */
const MOST_TAKEN_APART = 8;
/** cuts, and nodes of a tree, that are shown one by one before all of them */
const MOST_ONE_BY_ONE = 8;

/** Minutes spread evenly over steps, in whole numbers; steps without any are left as they are. */
function planned(script: readonly ScriptStep[], minutes: number): ScriptStep[] {
	const until = (i: number) => Math.round((minutes * i) / script.length);
	return script.map((step, i) => {
		const own = until(i + 1) - until(i);
		return own > 0 ? { ...step, minutes: own } : step;
	});
}

/**
 * A script that shows everything of a lesson in the order of a lecture: the story, the construction of the region, standard form, each pivot, the answer.
 * Questions of the notes are asked before anything is solved, and what is expected is told after the answer.
 * @param steps the run, as the tableaux are shown
 * @param counts how many cuts and nodes its search for integer plans has; asked for only where it has one
 */
export function makeScript(
	problem: Problem,
	{ story, notes }: Pick<Lesson, 'story' | 'notes'>,
	steps: readonly SheetStep[],
	counts: () => { readonly cuts: number; readonly nodes: number }
): ScriptStep[] {
	const step = (shows: StepKind, at = 0): ScriptStep => ({ shows, at });
	const { questions, minutes } = readNotes(notes);
	const own = (says: string): ScriptStep => ({ shows: 'own', at: 0, says });
	const run = steps.filter(({ position }) => position.work !== null);
	const isFlat = problem.variables.length === 2;
	const tableaux = run.flatMap((_, i): ScriptStep[] => {
		const isPivot = run[i + 1]?.move?.kind === 'pivot';
		return (isPivot && i < MOST_TAKEN_APART ? PIVOT_STEPS : PIVOT_STEPS.slice(0, 1)).map((shows) =>
			step(shows, i)
		);
	});
	const oneByOne = (shows: 'cut' | 'tree', count: number) => [
		...Array.from({ length: Math.min(count, MOST_ONE_BY_ONE) }, (_, i) => step(shows, i + 1)),
		...(count > 0 ? [step(shows)] : [])
	];
	const whole = asksForWhole(problem) ? counts() : null;
	const script = [
		...(story.trim() ? [step('story')] : []),
		step('problem'),
		...questions.map(({ asks }) => own(asks)),
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
		...questions.filter(({ expects }) => expects).map(({ asks, expects }) => own(`${asks}\n${expects}`)),
		...(whole
			? [...oneByOne('cut', whole.cuts), ...oneByOne('tree', whole.nodes)]
			: [step('dual'), step('ranges')])
	];
	return planned(script, minutes);
}
