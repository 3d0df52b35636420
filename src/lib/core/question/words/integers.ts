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
		asks: (q) => `Is the rounded plan ${amounts(q.given.plan)} feasible?`,
		because: (q) => (q.right[0] === 'yes' ? 'It satisfies every constraint.' : 'It violates a constraint.'),
		hints: () => [
			'Put the amounts into each constraint.',
			'Rounding up uses more of something.',
			'Check the constraints that were binding before.'
		],
		slips: {
			'rounding-can-stay': 'Here rounding satisfies every constraint.',
			'rounding-can-leave': 'Rounding leaves the feasible region here.'
		}
	},
	'fractional-part': {
		asks: (q) =>
			`For Gomory’s cut of row ${q.given.row}: what is the fractional part of its entry in column ${q.given.column}?`,
		because: (q) => `The fractional part is the entry minus the next integer below it: ${rights(q)}.`,
		hints: () => [
			'The fractional part is what is left above the next integer below.',
			'It is never negative.',
			'Of −7/4 the next integer below is −2.'
		],
		slips: {
			'sign-ignored': 'This is the part of the number without its sign. The next integer below counts.',
			'negative-part': 'A fractional part is never negative.',
			'whole-entry': 'This is the whole entry.'
		}
	},
	'cut-point': {
		asks: (q) => `Does ${answerText(q.given.cut!)} cut off the plan ${amounts(q.given.plan)}?`,
		because: (q) =>
			q.right[0] === 'yes' ? 'The plan violates the inequality.' : 'The plan satisfies the inequality.',
		hints: () => [
			'Put the plan into the left side.',
			'Compare it with the right-hand side.',
			'A valid cut never cuts off an integer plan.'
		],
		slips: {
			'is-kept': 'The plan satisfies the inequality, so it stays.',
			'is-cut-off': 'The plan violates the inequality, so it goes.'
		}
	},
	'branch-on': {
		asks: (q) =>
			`The relaxation’s best plan is ${amounts(q.given.plan)}. Which variables can be branched on? Name all.`,
		because: (q) => `${rights(q)}: integer variables whose amount is not whole.`,
		hints: () => [
			'Only integer variables are branched on.',
			'Branching on a variable that is whole already gains nothing.',
			'Look for fractions among the integer variables.'
		],
		slips: {
			'continuous-named': 'One of these need not be whole.',
			'whole-named': 'The amount of one of these is whole already.',
			'none-found': 'An integer variable has an amount that is not whole.'
		}
	},
	'next-node': {
		asks: (q) =>
			`Open nodes and their bounds: ${nodesText(q.given.nodes)}. Which one comes next by the rule of the best bound?`,
		because: (q) => `${rights(q)} has the best bound.`,
		hints: () => [
			'The bound says how good a plan below the node can be at most.',
			'For a maximum the largest bound is best, for a minimum the smallest.',
			'Compare all open nodes, not only the newest ones.'
		],
		slips: { 'not-best-bound': 'Another open node has a better bound.' }
	},
	gap: {
		asks: (q) =>
			`The best integer plan so far has value ${signed(q.given.incumbent!)}. Open nodes and their bounds: ${nodesText(q.given.nodes)}. How large is the gap?`,
		because: (q) => `The gap is ${rights(q)}: from the incumbent to the best bound of an open node.`,
		hints: () => [
			'No plan can be better than the best bound of the open nodes.',
			'For a maximum that is the largest of them, for a minimum the smallest.',
			'The gap is its distance from the value of the best integer plan so far.'
		],
		slips: {
			'not-best-bound': 'This is the distance to another node’s bound. The best bound counts.',
			'bound-itself': 'This is the bound. The gap is its distance from the incumbent.',
			'open-overlooked': 'An open node may still hold a better plan.'
		}
	},
	cut: {
		asks: (q) => `Derive Gomory’s cut from row ${q.given.row}, in the variables of the problem.`,
		because: (q) => `The cut is ${rights(q)}, or any positive multiple of it.`,
		hints: () => [
			'Take the fractional part of every entry of the row, and of its right-hand side.',
			'The fractional parts of the non-basic variables must add up to at least that of the right-hand side.',
			'Replace the slacks by what they are in the variables of the problem.'
		],
		slips: {
			'relation-turned': 'The relation is the other way round: this cuts off the integer plans.',
			'cuts-nothing': 'The plan of the relaxation still satisfies this.'
		}
	},
	close: {
		asks: ({ given: { relaxation, incumbent } }) =>
			`A node’s relaxation is ${relaxation!.status === 'infeasible' ? 'infeasible' : `optimal with value ${relaxation!.objective} at ${amounts(relaxation!.solution)}`}. ${incumbent === null || incumbent === undefined ? 'There is no integer plan yet.' : `The best integer plan so far has value ${incumbent}.`} What happens with the node: bound, infeasible, integer or branch?`,
		because: (q) =>
			({
				infeasible: 'Its relaxation is infeasible, so there is nothing below.',
				bound: 'Its bound is no better than the incumbent.',
				integer: 'Its plan is integer, so nothing below can be better.',
				branch: q.given.incumbent
					? 'Its plan is not integer and its bound is better than the incumbent.'
					: 'Its plan is not integer, and there is no integer plan yet whose value could close it.'
			})[String(q.right[0])] ?? '',
		hints: () => [
			'Is the relaxation feasible?',
			'Compare its value with the best integer value so far.',
			'Is every integer variable of its plan whole?'
		],
		slips: {
			'bound-overlooked': 'No plan below this node is better than the incumbent.',
			'can-still-be-better': 'Its bound is better than the incumbent.',
			'no-incumbent': 'There is no integer plan yet, so no bound closes a node.',
			'not-integer': 'A variable that must be integer is not.',
			'already-integer': 'The plan is integer already.',
			'nothing-below': 'The relaxation is infeasible, so there is nothing to branch on.'
		}
	}
};
