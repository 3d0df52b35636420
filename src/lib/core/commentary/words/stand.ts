import { en } from '../../language/language';
import { findingWords, noneIn } from '../../method/messages';
import { isZero, sign } from '../../number/rational';
import type { Catalogue } from '../../sentence/catalogue';
import type { OfCode } from '../../sentence/coded';
import {
	claim,
	entrySign,
	isOrAre,
	joined,
	linear,
	midSentence,
	NOTHING_SAID,
	say,
	taken,
	type Sentence
} from '../../sentence/sentence';
import { OBJECTIVE } from '../../tableau/goal';
import { rayAt } from '../../tableau/rise';
import { columnOf, cost, readPlan } from '../../tableau/tableau';
import type { StandFinding } from '../findings';
import { offerWords } from './offer';
import { objectiveSentence, planSentence, usesSentence } from './plan';

/** The words of what is true where one stands. */

/** Constraints times numbers whose sum contradicts itself, spelled out so that it can be checked by hand (Farkas 1902). */
function contradiction({ rows: used, terms, rhs, most }: OfCode<StandFinding, 'sum-contradicts'>): Sentence {
	const rows = taken(used.map(({ constraint, times }) => ({ times, row: say`${{ constraint }}` })));
	if (terms.size === 0) return say`${rows}: 0 ≥ ${rhs}, which is never true. So there is no feasible plan.`;
	const left = linear(terms);
	const limit =
		most === null
			? NOTHING_SAID
			: say` But the signs and bounds of the variables keep the left side at ${most} or below.`;
	return say`${rows}: ${left} ≥ ${rhs}.${limit} No plan satisfies both.`;
}

const BEST_OF = {
	branch: en`Best plan of this branch’s relaxation`,
	problem: en`Best plan`,
	relaxation: en`Best plan of the relaxation`
};

export const STANDS: Catalogue<StandFinding> = {
	'not-begun': () =>
		say`Choose a way to start: from the slacks, with artificial variables, or without a basis.`,
	'numbers-covered': ({ count }) =>
		say`${count} ${count === 1 ? en`number` : en`numbers`} of this tableau ${isOrAre(count)} covered: what is said of them waits until they are shown.`,
	'went-round': ({ steps }) =>
		say`This basis was here ${steps} steps ago, and every step since had length 0: the rule cycles and would never end. Bland’s rule, or lexicographic ties, cannot cycle.`,
	method: ({ t, found }) => findingWords(t, found),
	'split-negative': () =>
		say`The point is in the region, but it is written with a negative part: a free variable is the difference of two columns, and neither may be negative.`,
	'artificial-negative': () =>
		say`The plan satisfies every constraint, but an artificial variable is negative, so the tableau is not feasible. Go back and let the row with the smallest ratio leave.`,
	'dual-would-repair': ({ t }) =>
		say`The tableau is dual feasible: the dual simplex method would make it feasible.${claim({ code: 'dual-feasible', t, holds: true })}`,
	'ways-on': ({ ways }) =>
		say`You can go back in the trail; or ${joined(
			ways.map((way) => midSentence(offerWords(way))),
			'; or ',
			'; or '
		)}.`,
	'best-plan': ({ t, of }) =>
		say`${BEST_OF[of]}: ${planSentence(t.form.problem, readPlan(t))}. Then ${objectiveSentence(t)}.`,
	'constraints-used': ({ uses }) => usesSentence(uses),
	'objective-at-best': ({ t }) => {
		const { objective } = t.form.problem;
		return say`Nothing can ${objective.sense === 'max' ? en`raise` : en`lower`} ${objective.name} further: no entry of the objective row is ${{ sign: 'improving', goal: OBJECTIVE, objective }}.${claim({ code: 'dual-feasible', t, holds: true })}${claim({ code: 'feasible', t, holds: true })}`;
	},
	'columns-tie': ({ columns, moves }) => {
		const so = moves
			? say`so other plans are as good`
			: say`but here the step has length 0: it changes the basis, not the plan`;
		const all = joined(columns.map((column) => say`${column}`));
		return columns.length > 1
			? say`The entries of ${all} in the objective row are 0: a pivot at one of them keeps the objective, ${so}.`
			: say`The entry of ${all} in the objective row is 0: a pivot there keeps the objective, ${so}.`;
	},
	'not-whole': ({ variables }) =>
		say`${joined(variables.map((name) => say`${name}`))} must be integer; this is the best plan of the relaxation, and no integer plan is better.`,
	'rises-for-ever': ({ t, slot }) => {
		const column = t.nonbasic[slot];
		return say`${columnOf(t, column)} can increase without limit: no entry of its column is ${entrySign('positive')}, so no row limits it.${noneIn(t, { column }, 'positive')}`;
	},
	'direction-improves': ({ t, slot }) => {
		const column = t.nonbasic[slot];
		const moves = [...rayAt(t, slot)].flatMap(([variable, move]) =>
			isZero(move) ? [] : [say`${variable} ${sign(move) > 0 ? en`rises` : en`falls`} by ${move.abs()}`]
		);
		return say`For each unit of ${columnOf(t, column)}, ${joined(moves)}, and ${t.form.problem.objective.name} improves by ${cost(t, OBJECTIVE, column).abs()}. There is no best plan; a limit is missing from the statement.`;
	},
	'bounds-exclude': ({ variable }) => say`The bounds of ${variable ?? en`a variable`} exclude each other.`,
	'sum-contradicts': contradiction
};
