import { amounts, rights, type WordsOf } from './shared';

/** What a row gets on the way to standard form. */
const STARTS: Readonly<Record<string, string>> = {
	slack: 'a slack',
	surplus: 'a surplus',
	'surplus and artificial variable': 'a surplus and an artificial variable',
	'artificial variable': 'an artificial variable'
};

/** Words of questions about the model. */
export const MODEL: WordsOf<
	| 'sentence'
	| 'relation'
	| 'violation'
	| 'plan-value'
	| 'coefficient'
	| 'standard-form'
	| 'feasible'
	| 'claim'
> = {
	sentence: {
		asks: (q) => `Which constraint says this? “${q.given.sentence}”`,
		because: (q) => `${rights(q)} has just these numbers and this limit.`,
		hints: () => [
			'Look for the number at the end: it is a right-hand side.',
			'At most is ≤, at least is ≥, exactly is =.',
			'Compare the use for each variable with the coefficients of that row.'
		],
		slips: { 'other-row': 'This row has other numbers.' }
	},
	relation: {
		asks: (q) => `Which relation states this? “${q.given.sentence}”`,
		because: (q) =>
			({
				'≤': 'The number is a limit that must not be exceeded, so it is ≤.',
				'≥': 'The number must be reached, so it is ≥.',
				'=': 'The number must be met exactly, so it is =.'
			})[String(q.right[0])] ?? '',
		hints: () => [
			'Is the number a limit that must not be exceeded, or one that must be reached?',
			'At most, available, no more than: ≤. At least, required: ≥.',
			'Only “exactly” and the like give an equation.'
		],
		slips: {
			turned: 'It is the other way round.',
			'not-exactly': 'The sentence does not ask for exactly this number.',
			exactly: 'The sentence asks for exactly this number.'
		}
	},
	violation: {
		asks: (q) =>
			`By how much does the plan ${amounts(q.given.plan)} violate ${q.given.row}? Answer 0 if it satisfies it.`,
		because: (q) =>
			q.right[0] === '0'
				? `The plan satisfies ${q.given.row}.`
				: `The left side is ${rights(q)} beyond what ${q.given.row} allows.`,
		hints: (q) => [
			`Put the amounts into the left side of ${q.given.row}.`,
			'Compare it with the right-hand side, in the direction of the relation.',
			'What lies on the wrong side of the limit is the violation.'
		],
		slips: {
			'left-side': 'This is the left side. How far is it beyond the limit?',
			'is-satisfied': 'This is left over: the plan satisfies the constraint.',
			'is-violated': 'The plan does violate this constraint.'
		}
	},
	'plan-value': {
		asks: (q) => `What is the objective at the plan ${amounts(q.given.plan)}?`,
		because: (q) => `Each amount times its coefficient, added up: ${rights(q)}.`,
		hints: () => [
			'Put the amounts into the objective.',
			'Multiply each amount by its coefficient.',
			'Add up; a constant of the objective counts as well.'
		],
		slips: {
			'constant-forgotten': 'The objective has a constant, too.',
			'coefficients-forgotten': 'Multiply each amount by its coefficient before adding.'
		}
	},
	coefficient: {
		asks: (q) => `Which number stands at ${q.given.column} in constraint ${q.given.row}?`,
		because: (q) => `Each unit of ${q.given.column} takes ${rights(q)} of ${q.given.row}.`,
		hints: (q) => [
			`How much of ${q.given.row} does one unit of ${q.given.column} take?`,
			'It is a coefficient of that row, not its right-hand side.',
			'A variable that does not stand in a row has the coefficient 0.'
		],
		slips: {
			'amount-read': 'This is the right-hand side: what there is, not what a unit takes.',
			'objective-read': 'This is the coefficient in the objective.',
			'other-variable': 'This is the coefficient of another variable.'
		}
	},
	'standard-form': {
		asks: (q) =>
			`What does constraint ${q.given.row} get on the way to standard form, so that it can start the basis?`,
		because: (q) =>
			`${q.given.row} needs ${STARTS[String(q.right[0])]}: only then is it an equation with a variable that can be basic at the start.`,
		hints: () => [
			'An inequality becomes an equation by one more variable.',
			'That variable is added for ≤ and subtracted for ≥.',
			'A variable that is subtracted would be negative at the start, and an equality has none.'
		],
		slips: {
			'surplus-for-at-most': 'A surplus belongs to ≥. Here something can be left over, so a slack is added.',
			'slack-for-at-least':
				'A slack belongs to ≤. Here the left side can exceed the right, so a surplus is subtracted.',
			'no-start':
				'The surplus makes an equation, but at the start it would be negative: an artificial variable starts the row.',
			'slack-for-equality': 'An equality leaves nothing over, so it has no slack.'
		}
	},
	feasible: {
		asks: (q) =>
			`Which constraints does the plan ${amounts(q.given.plan)} violate? Name all of them, or none.`,
		because: (q) => `It violates ${rights(q)}.`,
		hints: () => [
			'Put the amounts into each constraint.',
			'Compare the left side with the right-hand side.',
			'Mind the direction of each relation.'
		],
		slips: {
			'none-found': 'At least one constraint is violated.',
			'satisfied-named': 'These are the constraints that the plan satisfies.'
		}
	},
	claim: {
		asks: (q) =>
			`A classmate says: “Raise ${q.given.column} by 1 in the best plan and it stays feasible.” Is that right?`,
		because: (q) =>
			q.right[0] === 'yes'
				? `The plan ${amounts(q.given.plan)} violates nothing.`
				: `The plan ${amounts(q.given.plan)} is not feasible.`,
		hints: (q) => [
			`Write down the plan with one more of ${q.given.column}.`,
			'Put it into every constraint.',
			'A constraint that was binding leaves no room if the variable stands in it.'
		],
		slips: {
			allowed: 'No constraint is violated by it.',
			'not-tested': 'Put the plan into the constraints.'
		}
	}
};
