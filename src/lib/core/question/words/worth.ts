import { en } from '../../language/language';
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
		asks: (q) => en`What is the dual value of ${q.given.row}?`,
		because: (q) => en`One more unit of ${q.given.row} changes the objective by ${rights(q)}.`,
		hints: (q) => [
			en`It stands in the last objective row.`,
			en`Find the column of the slack or surplus of ${q.given.row}.`,
			en`A constraint with slack has the dual value 0.`
		],
		slips: {
			'wrong-sign': en`The number is right, its sign is not.`,
			'slack-read': en`This is the slack of the constraint.`,
			'amount-read': en`This is the right-hand side.`
		}
	},
	'one-more': {
		asks: (q) =>
			en`By how much does the objective change if the right-hand side of ${q.given.row} grows by 1?`,
		because: (q) => en`It changes by ${rights(q)}.`,
		hints: () => [
			en`Begin with the dual value.`,
			en`The dual value holds only inside the interval of the right-hand side.`,
			en`If the interval ends within one unit, the change is smaller.`
		],
		slips: {
			'beyond-interval': en`This is the dual value, but it does not hold for a whole unit.`,
			'wrong-sign': en`The number is right, its sign is not.`,
			'new-value': en`This is the new value of the objective. The change is asked for.`
		}
	},
	'multiplier-bound': {
		asks: (q) =>
			en`Multiply each row by its number (${amounts(q.given.weights)}) and add the rows up. Which bound on the objective does this give? Answer none if it gives none.`,
		because: (q) =>
			q.right[0] === 'none'
				? en`The sum does not cover every coefficient of the objective, so it bounds nothing.`
				: en`The sum covers every coefficient of the objective, so no plan is better than ${rights(q)}.`,
		hints: () => [
			en`Add up the coefficients of each variable, each times its row’s number.`,
			en`Compare these sums with the coefficients of the objective.`,
			en`If the sum is on the right side of every coefficient, the right-hand sides give the bound.`
		],
		slips: {
			'not-covered': en`This is the sum of the right-hand sides, but the sum of the rows does not cover the objective.`,
			'is-covered': en`The sum of the rows covers every coefficient of the objective.`
		}
	},
	complementary: {
		asks: (q) =>
			en`The best plan is ${amounts(q.given.plan)}. Which dual values must be 0? Name the constraints, or none.`,
		because: (q) =>
			(q.right[0] as readonly string[]).length === 0
				? en`No constraint has slack, so none of the dual values must be 0.`
				: en`Constraints with slack: ${rights(q)}. Their dual values are 0.`,
		hints: () => [
			en`Complementary slackness: slack times dual value is 0.`,
			en`Put the plan into each constraint.`,
			en`Where something is left, the dual value is 0.`
		],
		slips: {
			'binding-named': en`These are the binding constraints. Their dual values need not be 0.`,
			'all-named': en`A binding constraint can have a dual value other than 0.`,
			'none-found': en`At least one constraint has slack.`
		}
	},
	'plan-stays': {
		asks: (q) =>
			en`The best plan is ${amounts(q.given.plan)}. The objective coefficient of ${q.given.column} becomes ${signed(q.given.number!)}. Is this plan still optimal?`,
		because: (q) =>
			q.right[0] === 'yes'
				? en`The new number is in the interval over which the plan stays optimal.`
				: en`The new number is outside the interval over which the plan stays optimal.`,
		hints: (q) => [
			en`The plan stays optimal while the coefficient of ${q.given.column} is in an interval.`,
			en`Let the number change by Δ and ask when the objective row stays optimal.`,
			en`At an end of the interval another plan is as good.`
		],
		slips: {
			'inside-interval': en`The new number is still in the interval, so the plan stays. Only its value changes.`,
			'outside-interval': en`With this number another plan is better.`
		}
	},
	interval: {
		asks: (q) =>
			q.given.row
				? en`Over which interval of the right-hand side of ${q.given.row} does the basis stay optimal?`
				: en`Over which interval of the objective coefficient of ${q.given.column} does the plan stay optimal?`,
		because: (q) => en`It is ${rights(q)}.`,
		hints: () => [
			en`Let the number change by Δ and ask what stays feasible or optimal.`,
			en`Each basic variable, or each entry of the objective row, gives one condition on Δ.`,
			en`Add the ends of Δ to the current number.`
		],
		slips: {
			'changes-instead': en`These are the changes. Add the current number.`,
			'no-lower-end': en`The interval has a lower end, too.`
		}
	},
	'dual-sign': {
		asks: (q) => en`Which sign does the dual variable of ${q.given.row} have: ≥ 0, ≤ 0 or free?`,
		because: (q) =>
			en`It is ${rights(q)}: that follows from the relation and from whether the objective is maximised.`,
		hints: () => [
			en`Ask what more of the right-hand side does to the objective.`,
			en`For a maximum, more of a ≤ constraint never makes the objective worse.`,
			en`An equation gives a free dual variable.`
		],
		slips: {
			turned: en`The sign is the other way round here.`,
			'equation-has-no-sign': en`More of an equation’s right-hand side can help or hurt.`,
			'only-equations-are-free': en`Only an equation has a free dual variable.`
		}
	},
	'dual-relation': {
		asks: (q) => en`In the dual, which relation does the constraint of ${q.given.column} have?`,
		because: (q) =>
			en`It is ${rights(q)}: that follows from the sign of ${q.given.column} and from whether the objective is maximised.`,
		hints: (q) => [
			en`Look at the sign of ${q.given.column}.`,
			en`A variable without a sign gives an equation.`,
			en`For a maximum, a variable that is at least 0 gives ≥; for a minimum it gives ≤.`
		],
		slips: {
			turned: en`The relation is the other way round here.`,
			'free-gives-equation': en`The variable has no sign, so its dual constraint is an equation.`,
			'only-free-gives-equation': en`Only a variable without a sign gives an equation.`
		}
	},
	'dual-number': {
		asks: (q) =>
			q.given.row && q.given.column
				? en`In the dual, which coefficient does the variable of ${q.given.row} have in the constraint of ${q.given.column}?`
				: q.given.column
					? en`In the dual, what is the right-hand side of the constraint of ${q.given.column}?`
					: en`In the dual, which coefficient does the variable of ${q.given.row} have in the objective?`,
		because: (q) =>
			q.given.row && q.given.column
				? en`It is ${rights(q)}: rows and columns change places, the number stays.`
				: q.given.column
					? en`It is ${rights(q)}, the coefficient of ${q.given.column} in the objective.`
					: en`It is ${rights(q)}, the right-hand side of ${q.given.row}.`,
		hints: () => [
			en`Each constraint becomes a variable, each variable a constraint.`,
			en`Objective coefficients and right-hand sides change places.`,
			en`The table of coefficients is turned over: what was a row is a column.`
		],
		slips: {
			'other-place': en`This number stands at another place in the dual.`,
			'wrong-sign': en`The number is right, its sign is not: numbers keep their signs in the dual.`
		}
	}
};
