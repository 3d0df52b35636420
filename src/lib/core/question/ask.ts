import { solveLinear, type RunOptions } from '../answer/answer';
import { Seeded } from '../design/seeded';
import { DANTZIG } from '../method/rule';
import type { Step } from '../method/types';
import type { Problem } from '../problem/types';
import { tableauJson } from '../tableau/written';
import { KINDS } from './kinds';
import { KIND_NAMES, type KindName, type Question, type Situation } from './types';

/** the longest run that questions are asked along */
const MOST_STEPS = 200;

/** The places of a run: each tableau with the pivot that comes next. */
function situationsOf(problem: Problem, options: RunOptions, pick: Situation['pick']): Situation[] {
	const steps: Step[] = [];
	const { rule = DANTZIG } = options;
	const answer = solveLinear(problem, {
		...options,
		maxSteps: MOST_STEPS,
		onStep: (step) => steps.push(step)
	});
	return steps.map(({ tableau, part }, step) => {
		const next = steps[step + 1];
		const isPivot = next?.kind === 'pivot';
		return {
			problem,
			step,
			tableau,
			part,
			rule,
			nextPart: next?.part ?? null,
			next: isPivot ? (next.choice ?? null) : null,
			after: isPivot ? next.tableau : null,
			isLast: step === steps.length - 1,
			answer,
			pick
		};
	});
}

/** A kind's question in a situation; null where it cannot be asked there. */
export function questionAt(kind: KindName, situation: Situation): Question | null {
	const { ask, withProblem } = KINDS[kind];
	const asked = ask(situation);
	if (!asked) return null;
	const { problem, step, tableau } = situation;
	// another objective row comes first while artificial variables are driven out
	const isOwn = tableau.goals[0].kind === 'objective';
	return {
		kind,
		step,
		tableau: tableauJson(tableau),
		sense: isOwn ? problem.objective.sense : 'min',
		...asked,
		...(withProblem ? { problem } : {})
	};
}

/** So many of some lists, at most: the first of each in turn, then the second of each. */
export function inTurn<T>(lists: readonly (readonly T[])[], count: number): T[] {
	const chosen: T[] = [];
	for (let round = 0; chosen.length < count && lists.some((list) => list.length > round); round++)
		for (const list of lists) if (list.length > round && chosen.length < count) chosen.push(list[round]);
	return chosen;
}

/** What questions are wanted. */
export interface Wanted extends Pick<RunOptions, 'method' | 'rule' | 'shouldStop'> {
	readonly problem: Problem;
	/** left out, all that can be asked */
	readonly kinds?: readonly KindName[];
	readonly seed: number;
	readonly count: number;
}

/**
 * Questions along the run of a method: the kinds in turn, each at the places where it can be asked, in the order of the run. The same request gives the
 * same questions.
 * @throws CannotStart where the method has nothing to start from
 */
export function questions({ problem, kinds = KIND_NAMES, seed, count, ...options }: Wanted): Question[] {
	const random = new Seeded(seed);
	const pick = (below: number) => random.int(0, below - 1);
	const places = situationsOf(problem, options, pick);
	const byKind = kinds.map((kind) => {
		const list = places.flatMap((situation) => questionAt(kind, situation) ?? []);
		// where a kind can be asked at several places, the seed says with which it begins
		const start = list.length > 0 ? pick(list.length) : 0;
		return [...list.slice(start), ...list.slice(0, start)];
	});
	const chosen = inTurn(byKind, count);
	const place = ({ kind }: Question) => KIND_NAMES.indexOf(kind);
	return chosen.sort((a, b) => a.step - b.step || place(a) - place(b));
}
