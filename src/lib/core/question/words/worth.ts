import { rights, type WordsOf } from './shared';

/** Words of questions about what an answer is worth. */
export const WORTH: WordsOf<
	'dual-value' | 'one-more' | 'interval' | 'dual-sign' | 'dual-relation' | 'dual-number'
> = {
	'dual-value': {
		asks: (q) => `What is the dual value of ${q.given.row}?`,
		because: (q) => `One more unit of ${q.given.row} changes the objective by ${rights(q)}.`,
		hints: (q) => [
			'It stands in the last objective row.',
			`Find the column of the slack or surplus of ${q.given.row}.`,
			'A constraint with slack has the dual value 0.'
		],
		slips: {
			'wrong-sign': 'The number is right, its sign is not.',
			'slack-read': 'This is the slack of the constraint.',
			'amount-read': 'This is the right-hand side.'
		}
	},
	'one-more': {
		asks: (q) => `By how much does the objective change if the right-hand side of ${q.given.row} grows by 1?`,
		because: (q) => `It changes by ${rights(q)}.`,
		hints: () => [
			'Begin with the dual value.',
			'The dual value holds only inside the interval of the right-hand side.',
			'If the interval ends within one unit, the change is smaller.'
		],
		slips: {
			'beyond-interval': 'This is the dual value, but it does not hold for a whole unit.',
			'wrong-sign': 'The number is right, its sign is not.',
			'new-value': 'This is the new value of the objective. The change is asked for.'
		}
	},
	interval: {
		asks: (q) =>
			q.given.row
				? `Over which interval of the right-hand side of ${q.given.row} does the basis stay optimal?`
				: `Over which interval of the objective coefficient of ${q.given.column} does the plan stay optimal?`,
		because: (q) => `It is ${rights(q)}.`,
		hints: () => [
			'Let the number change by Δ and ask what stays feasible or optimal.',
			'Each basic variable, or each entry of the objective row, gives one condition on Δ.',
			'Add the ends of Δ to the current number.'
		],
		slips: {
			'changes-instead': 'These are the changes. Add the current number.',
			'no-lower-end': 'The interval has a lower end, too.'
		}
	},
	'dual-sign': {
		asks: (q) => `Which sign does the dual variable of ${q.given.row} have: >= 0, <= 0 or free?`,
		because: (q) =>
			`It is ${rights(q)}: that follows from the relation and from whether the objective is maximised.`,
		hints: () => [
			'Ask what more of the right-hand side does to the objective.',
			'For a maximum, more of a ≤ constraint never makes the objective worse.',
			'An equation gives a free dual variable.'
		],
		slips: {
			turned: 'The sign is the other way round here.',
			'equation-has-no-sign': 'More of an equation’s right-hand side can help or hurt.',
			'only-equations-are-free': 'Only an equation has a free dual variable.'
		}
	},
	'dual-relation': {
		asks: (q) => `In the dual, which relation does the constraint of ${q.given.column} have?`,
		because: (q) =>
			`It is ${rights(q)}: that follows from the sign of ${q.given.column} and from whether the objective is maximised.`,
		hints: (q) => [
			`Look at the sign of ${q.given.column}.`,
			'A variable without a sign gives an equation.',
			'For a maximum, a variable that is at least 0 gives ≥; for a minimum it gives ≤.'
		],
		slips: {
			turned: 'The relation is the other way round here.',
			'free-gives-equation': 'The variable has no sign, so its dual constraint is an equation.',
			'only-free-gives-equation': 'Only a variable without a sign gives an equation.'
		}
	},
	'dual-number': {
		asks: (q) =>
			q.given.row && q.given.column
				? `In the dual, which coefficient does the variable of ${q.given.row} have in the constraint of ${q.given.column}?`
				: q.given.column
					? `In the dual, what is the right-hand side of the constraint of ${q.given.column}?`
					: `In the dual, which coefficient does the variable of ${q.given.row} have in the objective?`,
		because: (q) =>
			q.given.row && q.given.column
				? `It is ${rights(q)}: rows and columns change places, the number stays.`
				: q.given.column
					? `It is ${rights(q)}, the coefficient of ${q.given.column} in the objective.`
					: `It is ${rights(q)}, the right-hand side of ${q.given.row}.`,
		hints: () => [
			'Each constraint becomes a variable, each variable a constraint.',
			'Objective coefficients and right-hand sides change places.',
			'The table of coefficients is turned over: what was a row is a column.'
		],
		slips: {
			'other-place': 'This number stands at another place in the dual.',
			'wrong-sign': 'The number is right, its sign is not: numbers keep their signs in the dual.'
		}
	}
};
