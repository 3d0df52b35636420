import { decide } from '../method/decide';
import { nameOfRule, type Rule } from '../method/rule';
import { cut } from '../move/cut';
import { perform } from '../move/kinds';
import { moveOf } from '../move/next';
import type { Move } from '../move/types';
import { asksForWhole } from '../problem/whole';
import { MOST_TABLEAUX, type SheetStep } from '../sheet/steps';

/** Rounds of cutting planes after the relaxation is solved: a cut, then the pivots of the dual simplex method, and so on. */

/** cuts that are shown one by one */
const MOST_CUTS = 3;

/** The cut that comes next: of the first row that gives one, of the objective where no other does. */
const nextCut = ({ position }: SheetStep, rule: Rule): Move | null =>
	cut.offers(position, rule)[0]?.move ?? null;

/**
 * The steps of the rounds that follow a run.
 * @param steps the run up to the best plan of the relaxation, with cuts or without
 * @returns nothing where the run does not end there, or has branches: then a cut holds in a branch only
 */
export function cutRounds(steps: readonly SheetStep[], rule: Rule): SheetStep[] {
	const last = steps.at(-1);
	if (!last || !asksForWhole(last.position.problem)) return [];
	if (steps.some(({ move }) => move?.kind === 'branch')) return [];
	const rounds: SheetStep[] = [];
	const most = last.position.cuts.length + MOST_CUTS;
	for (let now = last; rounds.length < MOST_TABLEAUX; now = rounds[rounds.length - 1]) {
		const { work, cuts } = now.position;
		if (!work) break;
		const decision = decide(work, rule);
		const isBest = decision.kind === 'end' && decision.end.status === 'optimal';
		const move = isBest
			? cuts.length < most
				? nextCut(now, rule)
				: null
			: rounds.length > 0
				? moveOf(work, decision, nameOfRule(rule))
				: null;
		const made = move && perform(now.position, move);
		if (!move || !made?.ok) break;
		rounds.push({ position: made.position, move });
	}
	return rounds;
}
