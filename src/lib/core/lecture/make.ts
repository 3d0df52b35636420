import type { Problem } from '../problem/types';
import { asksForWhole } from '../problem/whole';
import type { SheetStep } from '../sheet/steps';
import type { Lesson } from '../lesson/lesson';
import { decide } from '../method/decide';
import type { Rule } from '../method/rule';
import { readNotes } from './notes';
import { PIVOT_STEPS, type ScriptStep, type StepKind } from '../lesson/script';

/** pivots that are taken apart one by one; of later ones only the tableau is shown */
const MOST_TAKEN_APART = 12;
/** nodes of a tree that are shown one by one before all of them */
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
 * A script that shows everything of a lesson in the order of a lecture: the story, the construction of the region, standard form, each tableau with what
 * is asked there and each pivot, the answer.
 * Questions of the notes are asked before anything is solved, and what is expected is told after the answer.
 * @param steps the run, as the tableaux are shown, with rounds of cuts where it has them
 * @param rule the rule of the run
 * @param nodesOf how many nodes its search for integer plans has; asked for only where it has one
 */
export function makeScript(
	problem: Problem,
	{ story, notes }: Pick<Lesson, 'story' | 'notes'>,
	steps: readonly SheetStep[],
	rule: Rule,
	nodesOf: () => number
): ScriptStep[] {
	const step = (shows: StepKind, at = 0): ScriptStep => ({ shows, at });
	const { questions, minutes } = readNotes(notes);
	const own = (says: string): ScriptStep => ({ shows: 'own', at: 0, says });
	const run = steps.filter(({ position }) => position.work !== null);
	const isFlat = problem.variables.length === 2;
	const takenApart = run
		.flatMap(({ move }, i) => (move?.kind === 'pivot' ? [i - 1] : []))
		.slice(0, MOST_TAKEN_APART);
	const tableaux = run.flatMap(({ position }, i): ScriptStep[] => {
		const next = run[i + 1];
		const isPivot = next?.move?.kind === 'pivot';
		const isEnd = !isPivot && decide(position.work!, rule).kind !== 'pivot';
		// of an end the question and what is told
		const taken = takenApart.includes(i) ? PIVOT_STEPS.length : isEnd ? 2 : 1;
		const cuts = next?.move?.kind === 'cut' ? (['cut', 'derivation'] as const) : [];
		return [
			...PIVOT_STEPS.slice(0, taken).map((shows) => step(shows, i)),
			...cuts.map((shows) => step(shows, next.position.cuts.length))
		];
	});
	const isWhole = asksForWhole(problem);
	const hasCuts = run.some(({ move }) => move?.kind === 'cut');
	const nodes = isWhole ? nodesOf() : 0;
	const told = [
		step('answer'),
		...questions.filter(({ expects }) => expects).map(({ asks, expects }) => own(`${asks}\n${expects}`))
	];
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
		...(isWhole
			? [
					...(hasCuts ? [step('cut')] : []),
					...Array.from({ length: Math.min(nodes, MOST_ONE_BY_ONE) }, (_, i) => step('tree', i + 1)),
					...(nodes > 0 ? [step('tree')] : []),
					...told
				]
			: [...told, step('dual'), step('ranges')])
	];
	return planned(script, minutes);
}
