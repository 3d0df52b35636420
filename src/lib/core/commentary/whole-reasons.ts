import type { Branching } from '../integer/relaxation';
import { addCut, deriveCut, fraction, internalRow } from '../integer/cut';
import type { Rounding } from '../integer/rounding';
import type { Search } from '../integer/search';
import type { SearchNode } from '../integer/search-types';
import { whyClosed } from '../integer/claims';
import { fractionalVariables } from '../problem/whole';
import { evaluate, type Plan, type Problem } from '../problem/types';
import { RELATION_SIGNS } from '../problem/relation';
import { linear, NOTHING_SAID, say, type Sentence } from '../sentence/sentence';
import { columnOf, readPlan, type Tableau } from '../tableau/tableau';
import { reason, type Reason } from './reason';
import { planSentence, quantity } from './plan';

/** Why whole numbers are hard, why a cut may be added and why a node may be closed, with the numbers that stand here. */

/** Why rounding can fail: what a row comes to at the rounded plan. */
export function roundingReasons(problem: Problem, corner: Plan, list: readonly Rounding[]): Reason[] {
	const [first] = fractionalVariables(problem, corner);
	if (!first) return [];
	const value = corner.get(first.name)!;
	const leaves = list.find(({ broken }) => broken.some(({ bound }) => !bound));
	const row =
		leaves && problem.constraints.find(({ name }) => leaves.broken.some((own) => own.name === name));
	const why: Sentence[] = [];
	const facts = [];
	if (leaves && row) {
		const [before, after] = [evaluate(row.terms, corner), evaluate(row.terms, leaves.plan)];
		const sign = RELATION_SIGNS[row.relation];
		why.push(
			say`A corner lies on its constraints, with nothing to spare: at ${planSentence(problem, corner)}, ${{ constraint: row.name }} comes to ${before} ${sign} ${row.rhs}. At ${planSentence(problem, leaves.plan)} it comes to ${after}, and that is not ${sign} ${row.rhs}.`
		);
		facts.push({ is: 'use', terms: row.terms, plan: leaves.plan, value: after } as const);
	} else
		why.push(
			say`Here a rounded plan stays in the region, but nothing says that it is best: a whole plan further away may have the better ${problem.objective.name}.`
		);
	why.push(
		say`The objective knows nothing of whole numbers: ${first.name} = ${value} was chosen as if parts could be made.`
	);
	return [reason('rounding', say`Why can rounding fail?`, why, facts)];
}

/**
 * Why a cut holds at every whole point, why slacks are whole, and why the present point is cut off.
 * @param row the kernel row that it comes from
 * @param whole which columns are whole, in internal units
 */
export function cutReasons(t: Tableau, row: number, whole: readonly boolean[], mixed: boolean): Reason[] {
	const { kind, gains, least } = deriveCut(t, row, whole, mixed);
	const { original } = addCut(t, row, whole, 1, mixed).cut;
	const f0 = fraction(internalRow(t, row).rhs);
	const list: Reason[] = [];
	const slack = t.nonbasic.find(
		(column, k) => !gains[k].equals(0) && whole[column] && columnOf(t, column).kind !== 'structural'
	);
	const owner = slack === undefined ? null : columnOf(t, slack).owner;
	const constraint =
		owner?.kind === 'constraint' ? t.form.problem.constraints.find(({ name }) => name === owner.name) : null;
	if (slack !== undefined && constraint) {
		const scale = t.scales[slack];
		const scaled =
			BigInt(scale) === 1n ? NOTHING_SAID : say` (after the row was multiplied by ${String(scale)})`;
		list.push(
			reason('slack-whole', say`Why is ${columnOf(t, slack)} whole at a whole plan?`, [
				say`It is what lies between ${linear(constraint.terms)} and ${constraint.rhs}${scaled}: whole coefficients times whole amounts are whole, and so is the difference.`
			])
		);
	}
	list.push(
		reason('cut-holds', say`Why does every whole plan satisfy the cut?`, [
			kind === 'gomory-fractional'
				? say`One side of the row has whole numbers only, so the other, ${f0} less parts that are not negative, is whole as well. It cannot be above ${f0}, and so not above 0: the parts add up to ${f0} at least.`
				: say`The basic variable lies at a whole number below its value, or at one above: the inequality is true in both cases, so no whole plan is lost.`
		])
	);
	const point = readPlan(t);
	const facts = original
		? [{ is: 'use', terms: original.terms, plan: point, value: evaluate(original.terms, point) } as const]
		: [];
	const here = original
		? say` In the problem’s variables its left side is ${evaluate(original.terms, point)} here, and not ${RELATION_SIGNS[original.relation]} ${original.rhs}.`
		: NOTHING_SAID;
	list.push(
		reason(
			'cut-off',
			say`Why does it cut this point off?`,
			[
				say`The non-basic variables are 0 here, so the left side of the cut is 0, and not ${least} or more.${here}`
			],
			facts
		)
	);
	return list;
}

/** What a branching leaves out. */
const gap = ({ variable, value }: { variable: string; value: Branching['value'] }): Sentence =>
	say`${value.floor()} < ${variable} < ${value.ceil()}`;

/** Why a node may be closed, or branched on without losing a whole plan. */
export function nodeReasons(search: Search, node: SearchNode): Reason[] {
	if (node.state === 'open') return [];
	// what follows is asked for, and not told before
	if (node.state === 'solved') return [];
	const { name, unit } = search.problem.objective;
	if (node.state === 'branched') {
		const value = node.split === null ? null : node.solution?.get(node.split);
		if (node.split === null || !value) return [];
		return [
			reason(
				'branching',
				say`Why is no whole plan lost by branching?`,
				[
					say`Only plans with ${gap({ variable: node.split, value })} lie in neither part, and no whole number lies there. The relaxation’s best plan, with ${node.split} = ${value}, is one of them: both parts are rid of it.`
				],
				[{ is: 'between', value, below: value.floor(), above: value.ceil() }]
			)
		];
	}
	const said = whyClosed(search, node);
	const facts = said.bound
		? [{ is: 'bound', node: node.id, bound: said.bound, incumbent: said.incumbent } as const]
		: [];
	const answer =
		said.way === 'infeasible'
			? say`Its plans are those of the relaxation within its bounds, and there are none: so there is no whole one either.`
			: said.way === 'whole'
				? say`No plan of the node is better than its relaxation’s best, ${name} = ${quantity(said.bound!, unit)}, and that one is whole: there is nothing left to look for.`
				: say`Every whole plan of the node is a plan of its relaxation, so none has a better ${name} than ${quantity(said.bound!, unit)}${said.reachable!.equals(said.bound!) ? NOTHING_SAID : say` (${quantity(said.reachable!, unit)} where all is whole)`}. The incumbent has ${quantity(said.incumbent!, unit)} already.`;
	return [reason('closed', say`Why may this node be closed?`, [answer], facts)];
}
