import { noWholeSolution } from '../../integer/messages';
import { RELATION_SIGNS } from '../../problem/relation';
import type { OfCode } from '../../sentence/coded';
import type { Catalogue } from '../../sentence/catalogue';
import { claim, linear, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import { columnOf } from '../../tableau/tableau';
import type { WholeReason } from '../reason-findings';
import { planSentence, quantity } from './plan';

/** The words of reasons about whole numbers. */

const MAY_CLOSE = say`Why may this node be closed?`;

export const WHOLE_QUESTIONS: Catalogue<WholeReason> = {
	rounding: () => say`Why can rounding fail?`,
	'slack-whole': ({ t, column }) => say`Why is ${columnOf(t, column)} whole at an integer plan?`,
	'cut-holds': () => say`Why does every integer plan satisfy the cut?`,
	'cut-off': () => say`Why does it cut this point off?`,
	branching: () => say`Why is no integer plan lost by branching?`,
	'closed-infeasible': () => MAY_CLOSE,
	'closed-without-whole': () => MAY_CLOSE,
	'closed-whole': () => MAY_CLOSE,
	'closed-by-bound': () => MAY_CLOSE
};

function rounding({ problem, corner, variable, broken }: OfCode<WholeReason, 'rounding'>): Sentence {
	const knows = say`The relaxation ignores that ${variable} must be whole, so it chose ${variable} = ${corner.get(variable)!}.`;
	if (!broken)
		return say`Here a rounded plan stays feasible, but nothing says that it is the best integer plan: one further away may have the better ${problem.objective.name}. ${knows}`;
	const { row, plan, before, after, binds } = broken;
	const sense = RELATION_SIGNS[row.relation];
	const name = say`${{ constraint: row.name }}`;
	const told = [
		{ plan: corner, value: before, holds: true },
		{ plan, value: after, holds: false }
	].flatMap((own) => claim({ problem, code: 'side', constraint: row.name, ...own }));
	const here = binds
		? say`At the corner ${planSentence(problem, corner)}, ${name} is binding: its left side is ${before}.`
		: say`At the corner ${planSentence(problem, corner)}, the left side of ${name} is ${before} ${sense} ${row.rhs}.`;
	return say`${here} At ${planSentence(problem, plan)} it is ${after}, which is not ${sense} ${row.rhs}.${told} ${knows}`;
}

export const WHOLE_ANSWERS: Catalogue<WholeReason> = {
	rounding,
	'slack-whole': ({ t, column, constraint }) => {
		const scale = BigInt(t.scales[column]);
		const scaled = scale === 1n ? NOTHING_SAID : say` (after the row was multiplied by ${String(scale)})`;
		return say`It is the difference between ${linear(constraint.terms)} and ${constraint.rhs}${scaled}: whole coefficients times whole amounts are whole, and so is the difference.`;
	},
	'cut-holds': ({ kind, part }) =>
		kind === 'gomory-fractional'
			? say`One side of the row has whole numbers only, so the other, ${part} less parts that are not negative, is whole as well. It is at most ${part}, so it is at most 0: the parts add up to at least ${part}.`
			: say`The basic variable lies at a whole number below its value, or at one above: the inequality is true in both cases, so no integer plan is lost.`,
	'cut-off': ({ least, cut }) => {
		const here = cut
			? say` In the problem’s variables its left side is ${cut.left} here, and not ${RELATION_SIGNS[cut.stated.relation]} ${cut.stated.rhs}.`
			: NOTHING_SAID;
		return say`The non-basic variables are 0 here, so the left side of the cut is 0, and not ${least} or more.${here}`;
	},
	branching: ({ variable, value }) =>
		say`Only plans with ${value.floor()} < ${variable} < ${value.ceil()} lie in neither part, and no whole number lies there. The relaxation’s best plan, with ${variable} = ${value}, is one of them, so neither part contains it.`,
	'closed-infeasible': ({ problem }) =>
		say`The relaxation has no plan within the bounds of the node, so there is no integer plan either.${claim({ problem, code: 'status', status: 'infeasible' })}`,
	'closed-without-whole': ({ problem, conflict }) =>
		say`Its relaxation may have plans, but none of them is whole: ${noWholeSolution(conflict)}.${claim({ problem, code: 'best-whole', value: null })}`,
	'closed-whole': ({ problem, bound }) => {
		const { name, unit } = problem.objective;
		return say`No plan of the node is better than its relaxation’s best, ${name} = ${quantity(bound, unit)}, and that is an integer plan: nothing better is left to find.${claim({ problem, code: 'best', value: bound })}`;
	},
	'closed-by-bound': ({ problem, bound, reachable, incumbent }) => {
		const { name, unit } = problem.objective;
		const whole = reachable
			? say` (${quantity(reachable, unit)} where all is whole)${claim({ problem, code: 'bound', value: reachable, whole: true })}`
			: NOTHING_SAID;
		return say`Every integer plan of the node is a plan of its relaxation, so none has a better ${name} than ${quantity(bound, unit)}${claim({ problem, code: 'bound', value: bound })}${whole}. The incumbent has ${quantity(incumbent, unit)} already.${claim({ problem, code: 'bound', value: incumbent, whole: true })}`;
	}
};
