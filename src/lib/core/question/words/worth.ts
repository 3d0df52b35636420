import { amounts, rights, signed, type WordsOf } from './shared';

/** Words of questions about what an answer is worth. */
export const WORTH: WordsOf<
	| 'dual-value'
	| 'one-more'
	| 'interval'
	| 'dual-sign'
	| 'dual-relation'
	| 'dual-number'
	| 'multiplier-bound'
	| 'complementary'
	| 'plan-stays'
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
	'multiplier-bound': {
		asks: (q) =>
			`Multiply each row by its number (${amounts(q.given.weights)}) and add the rows up. Which bound on the objective does this give? Answer none if it gives none.`,
		because: (q) =>
			q.right[0] === 'none'
				? 'The sum does not cover every coefficient of the objective, so it bounds nothing.'
				: `The sum covers every coefficient of the objective, so no plan is better than ${rights(q)}.`,
		hints: () => [
			'Add up the coefficients of each variable, each times its row’s number.',
			'Compare these sums with the coefficients of the objective.',
			'If the sum is on the right side of every coefficient, the right-hand sides give the bound.'
		],
		slips: {
			'not-covered':
				'This is the sum of the right-hand sides, but the sum of the rows does not cover the objective.',
			'is-covered': 'The sum of the rows covers every coefficient of the objective.'
		}
	},
	complementary: {
		asks: (q) =>
			`The best plan is ${amounts(q.given.plan)}. Which dual values must be 0? Name the constraints, or none.`,
		because: (q) =>
			(q.right[0] as readonly string[]).length === 0
				? 'No constraint has slack, so none of the dual values must be 0.'
				: `Constraints with slack: ${rights(q)}. Their dual values are 0.`,
		hints: () => [
			'Complementary slackness: slack times dual value is 0.',
			'Put the plan into each constraint.',
			'Where something is left, the dual value is 0.'
		],
		slips: {
			'binding-named': 'These are the binding constraints. Their dual values need not be 0.',
			'all-named': 'A binding constraint can have a dual value other than 0.',
			'none-found': 'At least one constraint has slack.'
		}
	},
	'plan-stays': {
		asks: (q) =>
			`The best plan is ${amounts(q.given.plan)}. The objective coefficient of ${q.given.column} becomes ${signed(q.given.number!)}. Is this plan still optimal?`,
		because: (q) =>
			q.right[0] === 'yes'
				? 'The new number is in the interval over which the plan stays optimal.'
				: 'The new number is outside the interval over which the plan stays optimal.',
		hints: (q) => [
			`The plan stays optimal while the coefficient of ${q.given.column} is in an interval.`,
			'Let the number change by Δ and ask when the objective row stays optimal.',
			'At an end of the interval another plan is as good.'
		],
		slips: {
			'inside-interval':
				'The new number is still in the interval, so the plan stays. Only its value changes.',
			'outside-interval': 'With this number another plan is better.'
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
		asks: (q) => `Which sign does the dual variable of ${q.given.row} have: ≥ 0, ≤ 0 or free?`,
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
