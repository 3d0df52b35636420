import { decide } from '../method/decide';
import { nameOfRule, type Rule } from '../method/rule';
import type { Decision } from '../method/types';
import { cut } from '../move/cut';
import { perform } from '../move/kinds';
import { moveOf } from '../move/next';
import type { CutMove } from '../move/types';
import { isWhole } from '../problem/whole';
import { readPlan } from '../tableau/tableau';
import { MOST_TABLEAUX, type SheetStep } from './steps';

/** Rounds of cutting planes after the relaxation is solved: a cut, then the pivots of the dual simplex method, and so on. */

/** Which of the rows that give a cut is taken. */
type Row = 'variable-first' | 'objective-first';

const isOptimal = (decision: Decision): boolean =>
	decision.kind === 'end' && decision.end.status === 'optimal';

/** Whether a step shows a best plan of the relaxation, with the cuts so far. */
const isBest = ({ position: { work } }: SheetStep, rule: Rule): boolean =>
	work !== null && isOptimal(decide(work, rule));

function nextCut({ position }: SheetStep, rule: Rule, row: Row): CutMove | null {
	const moves = cut.offers(position, rule).flatMap(({ move }) => (move.kind === 'cut' ? [move] : []));
	const objective = moves.find((move) => move.row === 'objective');
	return (row === 'objective-first' ? (objective ?? moves[0]) : moves[0]) ?? null;
}

function roundsBy(last: SheetStep, rule: Rule, most: number, row: Row): SheetStep[] {
	const rounds: SheetStep[] = [];
	const mostCuts = last.position.cuts.length + most;
	for (let now = last; rounds.length < MOST_TABLEAUX; now = rounds[rounds.length - 1]) {
		const { work, cuts } = now.position;
		const decision = decide(work!, rule);
		if (isOptimal(decision) && cuts.length === mostCuts) break;
		const move = isOptimal(decision) ? nextCut(now, rule, row) : moveOf(work!, decision, nameOfRule(rule));
		const made = move && perform(now.position, move);
		if (!move || !made?.ok) break;
		rounds.push({ position: made.position, move });
	}
	return rounds;
}

/**
 * The steps of the rounds that follow a run, each cut from the row of the first variable that is not whole, or where that ends sooner from the
 * objective row first (Gomory 1958).
 * @param steps the run up to the best plan of the relaxation, with cuts or without
 * @param most cuts that are added at most
 * @returns nothing where the run does not end there, or has branches: then a cut holds in a branch only
 */
export function cutRounds(steps: readonly SheetStep[], rule: Rule, most: number): SheetStep[] {
	const last = steps.at(-1);
	if (!last || !isBest(last, rule) || steps.some(({ move }) => move?.kind === 'branch')) return [];
	const ends = (rounds: readonly SheetStep[]): boolean => {
		const end = rounds.at(-1) ?? last;
		const { problem, work } = end.position;
		return isBest(end, rule) && isWhole(problem, readPlan(work!.tableau));
	};
	const [first, other] = (['variable-first', 'objective-first'] as const).map((row) =>
		roundsBy(last, rule, most, row)
	);
	const isOtherBetter = ends(other) && (!ends(first) || other.length < first.length);
	return isOtherBetter ? other : first;
}

/** cuts that paper has room for */
const MOST_ON_PAPER = 8;

/**
 * A run with its rounds of cuts.
 * @param steps those of a trail or of a run
 * @param run makes the run of the method; asked for where the steps do not end at the best plan of the relaxation
 */
export function withCutRounds(
	steps: readonly SheetStep[],
	run: () => readonly SheetStep[],
	rule: Rule
): readonly SheetStep[] {
	const last = steps.at(-1);
	const own = last && isBest(last, rule) ? steps : run();
	return [...own, ...cutRounds(own, rule, MOST_ON_PAPER)];
}
