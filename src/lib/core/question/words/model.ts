import { en } from '../../language/language';
import { amounts, rights, type WordsOf } from './shared';

/** What a row gets on the way to standard form. */
const STARTS: Readonly<Record<string, string>> = {
	slack: en`a slack`,
	surplus: en`a surplus`,
	'surplus and artificial variable': en`a surplus and an artificial variable`,
	'artificial variable': en`an artificial variable`
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
		asks: (q) => en`Which constraint says this? “${q.given.sentence}”`,
		because: (q) => en`${rights(q)} has just these numbers and this limit.`,
		hints: () => [
			en`Look for the number at the end: it is a right-hand side.`,
			en`At most is ≤, at least is ≥, exactly is =.`,
			en`Compare the use for each variable with the coefficients of that row.`
		],
		slips: { 'other-row': en`This row has other numbers.` }
	},
	relation: {
		asks: (q) => en`Which relation states this? “${q.given.sentence}”`,
		because: (q) =>
			({
				'≤': en`The number is a limit that must not be exceeded, so it is ≤.`,
				'≥': en`The number must be reached, so it is ≥.`,
				'=': en`The number must be met exactly, so it is =.`
			})[String(q.right[0])] ?? '',
		hints: () => [
			en`Is the number a limit that must not be exceeded, or one that must be reached?`,
			en`At most, available, no more than: ≤. At least, required: ≥.`,
			en`Only “exactly” and the like give an equation.`
		],
		slips: {
			turned: en`It is the other way round.`,
			'not-exactly': en`The sentence does not ask for exactly this number.`,
			exactly: en`The sentence asks for exactly this number.`
		}
	},
	violation: {
		asks: (q) =>
			en`By how much does the plan ${amounts(q.given.plan)} violate ${q.given.row}? Answer 0 if it satisfies it.`,
		because: (q) =>
			q.right[0] === '0'
				? en`The plan satisfies ${q.given.row}.`
				: en`The left side is ${rights(q)} beyond what ${q.given.row} allows.`,
		hints: (q) => [
			en`Put the amounts into the left side of ${q.given.row}.`,
			en`Compare it with the right-hand side, in the direction of the relation.`,
			en`What lies on the wrong side of the limit is the violation.`
		],
		slips: {
			'left-side': en`This is the left side. How far is it beyond the limit?`,
			'is-satisfied': en`This is left over: the plan satisfies the constraint.`,
			'is-violated': en`The plan does violate this constraint.`
		}
	},
	'plan-value': {
		asks: (q) => en`What is the objective at the plan ${amounts(q.given.plan)}?`,
		because: (q) => en`Each amount times its coefficient, added up: ${rights(q)}.`,
		hints: () => [
			en`Put the amounts into the objective.`,
			en`Multiply each amount by its coefficient.`,
			en`Add up; a constant of the objective counts as well.`
		],
		slips: {
			'constant-forgotten': en`The objective has a constant, too.`,
			'coefficients-forgotten': en`Multiply each amount by its coefficient before adding.`
		}
	},
	coefficient: {
		asks: (q) => en`Which number stands at ${q.given.column} in constraint ${q.given.row}?`,
		because: (q) => en`Each unit of ${q.given.column} takes ${rights(q)} of ${q.given.row}.`,
		hints: (q) => [
			en`How much of ${q.given.row} does one unit of ${q.given.column} take?`,
			en`It is a coefficient of that row, not its right-hand side.`,
			en`A variable that does not stand in a row has the coefficient 0.`
		],
		slips: {
			'amount-read': en`This is the right-hand side: what there is, not what a unit takes.`,
			'objective-read': en`This is the coefficient in the objective.`,
			'other-variable': en`This is the coefficient of another variable.`
		}
	},
	'standard-form': {
		asks: (q) =>
			en`What does constraint ${q.given.row} get on the way to standard form, so that it can start the basis?`,
		because: (q) =>
			en`${q.given.row} needs ${STARTS[String(q.right[0])]}: only then is it an equation with a variable that can be basic at the start.`,
		hints: () => [
			en`An inequality becomes an equation by one more variable.`,
			en`That variable is added for ≤ and subtracted for ≥.`,
			en`A variable that is subtracted would be negative at the start, and an equality has none.`
		],
		slips: {
			'surplus-for-at-most': en`A surplus belongs to ≥. Here something can be left over, so a slack is added.`,
			'slack-for-at-least': en`A slack belongs to ≤. Here the left side can exceed the right, so a surplus is subtracted.`,
			'no-start': en`The surplus makes an equation, but at the start it would be negative: an artificial variable starts the row.`,
			'slack-for-equality': en`An equality leaves nothing over, so it has no slack.`
		}
	},
	feasible: {
		asks: (q) =>
			en`Which constraints does the plan ${amounts(q.given.plan)} violate? Name all of them, or none.`,
		because: (q) => en`It violates ${rights(q)}.`,
		hints: () => [
			en`Put the amounts into each constraint.`,
			en`Compare the left side with the right-hand side.`,
			en`Mind the direction of each relation.`
		],
		slips: {
			'none-found': en`At least one constraint is violated.`,
			'satisfied-named': en`These are the constraints that the plan satisfies.`
		}
	},
	claim: {
		asks: (q) =>
			en`A classmate says: “Raise ${q.given.column} by 1 in the best plan and it stays feasible.” Is that right?`,
		because: (q) =>
			q.right[0] === 'yes'
				? en`The plan ${amounts(q.given.plan)} violates nothing.`
				: en`The plan ${amounts(q.given.plan)} is not feasible.`,
		hints: (q) => [
			en`Write down the plan with one more of ${q.given.column}.`,
			en`Put it into every constraint.`,
			en`A constraint that was binding leaves no room if the variable stands in it.`
		],
		slips: {
			allowed: en`No constraint is violated by it.`,
			'not-tested': en`Put the plan into the constraints.`
		}
	}
};
