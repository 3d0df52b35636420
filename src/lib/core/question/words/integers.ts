import { en } from '../../language/language';
import type { Question } from '../types';
import { amounts, answerText, rights, signed, type WordsOf } from './shared';

/** `node 1: 37/2, node 4: 18` */
const nodesText = (nodes: Question['given']['nodes']): string =>
	Object.entries(nodes ?? {})
		.map(([name, bound]) => `${name}: ${signed(bound)}`)
		.join(', ');

/** Words of questions about whole numbers. */
export const INTEGERS: WordsOf<
	'rounding' | 'fractional-part' | 'cut' | 'cut-point' | 'branch-on' | 'close' | 'next-node' | 'gap'
> = {
	rounding: {
		asks: (q) => en`Is the rounded plan ${amounts(q.given.plan)} feasible?`,
		because: (q) =>
			q.right[0] === 'yes' ? en`It satisfies every constraint.` : en`It violates a constraint.`,
		hints: () => [
			en`Put the amounts into each constraint.`,
			en`Rounding up uses more of something.`,
			en`Check the constraints that were binding before.`
		],
		slips: {
			'rounding-can-stay': en`Here rounding satisfies every constraint.`,
			'rounding-can-leave': en`Rounding leaves the feasible region here.`
		}
	},
	'fractional-part': {
		asks: (q) =>
			en`For Gomory’s cut of row ${q.given.row}: what is the fractional part of its entry in column ${q.given.column}?`,
		because: (q) => en`The fractional part is the entry minus the next integer below it: ${rights(q)}.`,
		hints: () => [
			en`The fractional part is what is left above the next integer below.`,
			en`It is never negative.`,
			en`Of −7/4 the next integer below is −2.`
		],
		slips: {
			'sign-ignored': en`This is the part of the number without its sign. The next integer below counts.`,
			'negative-part': en`A fractional part is never negative.`,
			'whole-entry': en`This is the whole entry.`
		}
	},
	'cut-point': {
		asks: (q) => en`Does ${answerText(q.given.cut!)} cut off the plan ${amounts(q.given.plan)}?`,
		because: (q) =>
			q.right[0] === 'yes' ? en`The plan violates the inequality.` : en`The plan satisfies the inequality.`,
		hints: () => [
			en`Put the plan into the left side.`,
			en`Compare it with the right-hand side.`,
			en`A valid cut never cuts off an integer plan.`
		],
		slips: {
			'is-kept': en`The plan satisfies the inequality, so it stays.`,
			'is-cut-off': en`The plan violates the inequality, so it goes.`
		}
	},
	'branch-on': {
		asks: (q) =>
			en`The relaxation’s best plan is ${amounts(q.given.plan)}. Which variables can be branched on? Name all.`,
		because: (q) => en`${rights(q)}: integer variables whose amount is not whole.`,
		hints: () => [
			en`Only integer variables are branched on.`,
			en`Branching on a variable that is whole already gains nothing.`,
			en`Look for fractions among the integer variables.`
		],
		slips: {
			'continuous-named': en`One of these need not be whole.`,
			'whole-named': en`The amount of one of these is whole already.`,
			'none-found': en`An integer variable has an amount that is not whole.`
		}
	},
	'next-node': {
		asks: (q) =>
			en`Open nodes and their bounds: ${nodesText(q.given.nodes)}. Which one comes next by the rule of the best bound?`,
		because: (q) => en`${rights(q)} has the best bound.`,
		hints: () => [
			en`The bound says how good a plan below the node can be at most.`,
			en`For a maximum the largest bound is best, for a minimum the smallest.`,
			en`Compare all open nodes, not only the newest ones.`
		],
		slips: { 'not-best-bound': en`Another open node has a better bound.` }
	},
	gap: {
		asks: (q) =>
			en`The best integer plan so far has value ${signed(q.given.incumbent!)}. Open nodes and their bounds: ${nodesText(q.given.nodes)}. How large is the gap?`,
		because: (q) => en`The gap is ${rights(q)}: from the incumbent to the best bound of an open node.`,
		hints: () => [
			en`No plan can be better than the best bound of the open nodes.`,
			en`For a maximum that is the largest of them, for a minimum the smallest.`,
			en`The gap is its distance from the value of the best integer plan so far.`
		],
		slips: {
			'not-best-bound': en`This is the distance to another node’s bound. The best bound counts.`,
			'bound-itself': en`This is the bound. The gap is its distance from the incumbent.`,
			'open-overlooked': en`An open node may still hold a better plan.`
		}
	},
	cut: {
		asks: (q) => en`Derive Gomory’s cut from row ${q.given.row}, in the variables of the problem.`,
		because: (q) => en`The cut is ${rights(q)}, or any positive multiple of it.`,
		hints: () => [
			en`Take the fractional part of every entry of the row, and of its right-hand side.`,
			en`The fractional parts of the non-basic variables must add up to at least that of the right-hand side.`,
			en`Replace the slacks by what they are in the variables of the problem.`
		],
		slips: {
			'relation-turned': en`The relation is the other way round: this cuts off the integer plans.`,
			'cuts-nothing': en`The plan of the relaxation still satisfies this.`
		}
	},
	close: {
		asks: ({ given: { relaxation, incumbent } }) =>
			en`A node’s relaxation is ${relaxation!.status === 'infeasible' ? en`infeasible` : en`optimal with value ${relaxation!.objective} at ${amounts(relaxation!.solution)}`}. ${incumbent === null || incumbent === undefined ? en`There is no integer plan yet.` : en`The best integer plan so far has value ${incumbent}.`} What happens with the node: bound, infeasible, integer or branch?`,
		because: (q) =>
			({
				infeasible: en`Its relaxation is infeasible, so there is nothing below.`,
				bound: en`Its bound is no better than the incumbent.`,
				integer: en`Its plan is integer, so nothing below can be better.`,
				branch: q.given.incumbent
					? en`Its plan is not integer and its bound is better than the incumbent.`
					: en`Its plan is not integer, and there is no integer plan yet whose value could close it.`
			})[String(q.right[0])] ?? '',
		hints: () => [
			en`Is the relaxation feasible?`,
			en`Compare its value with the best integer value so far.`,
			en`Is every integer variable of its plan whole?`
		],
		slips: {
			'bound-overlooked': en`No plan below this node is better than the incumbent.`,
			'can-still-be-better': en`Its bound is better than the incumbent.`,
			'no-incumbent': en`There is no integer plan yet, so no bound closes a node.`,
			'not-integer': en`A variable that must be integer is not.`,
			'already-integer': en`The plan is integer already.`,
			'nothing-below': en`The relaxation is infeasible, so there is nothing to branch on.`
		}
	}
};
