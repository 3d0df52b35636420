import { amounts, rights, type WordsOf } from './shared';

/** Words of questions about whole numbers. */
export const INTEGERS: WordsOf<'rounding' | 'cut' | 'close'> = {
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
	cut: {
		asks: (q) => `Derive Gomory’s cut from row ${q.given.row}, in the variables of the problem.`,
		because: (q) => `The cut is ${rights(q)}, or any positive multiple of it.`,
		hints: () => [
			'Take the fractional part of every entry of the row, and of its right-hand side.',
			'The fractional parts of the nonbasic variables must add up to at least that of the right-hand side.',
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
				branch: 'Its plan is not integer and its bound is better than the incumbent.'
			})[String(q.right[0])] ?? '',
		hints: () => [
			'Is the relaxation feasible?',
			'Compare its value with the best integer value so far.',
			'Is every integer variable of its plan whole?'
		],
		slips: {
			'bound-overlooked': 'No plan below this node is better than the incumbent.',
			'can-still-be-better': 'Its bound is better than the incumbent.',
			'not-integer': 'A variable that must be integer is not.',
			'already-integer': 'The plan is integer already.',
			'nothing-below': 'The relaxation is infeasible, so there is nothing to branch on.'
		}
	}
};
