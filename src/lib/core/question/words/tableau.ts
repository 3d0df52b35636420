import { takesFirst } from '../../method/rule';
import { isPhaseOne } from '../board';
import { cellText, partsOf } from '../cells';
import { answerText, goalRow, rights, ruleText, signRule, type WordsOf } from './shared';

/** Words of questions about a tableau and the next pivot. */
export const TABLEAU: WordsOf<
	| 'state'
	| 'improving'
	| 'entering'
	| 'ratio'
	| 'leaving'
	| 'gain'
	| 'dual-leaving'
	| 'dual-entering'
	| 'rule-kept'
	| 'artificial-row'
	| 'phase-two'
	| 'entry'
	| 'next-tableau'
	| 'wrong-entry'
	| 'plan'
	| 'value'
	| 'degenerate'
	| 'other-optimum'
> = {
	state: {
		asks: () =>
			'How does this tableau stand: optimal, improvable, unbounded, not feasible, or does it show that the problem is infeasible?',
		because: (q) => `It is ${rights(q)}.`,
		hints: () => [
			'Look at the right-hand sides first, then at the objective row.',
			'A negative right-hand side means that the basic solution is not feasible.',
			'With no negative right-hand side: no improving column means optimal; an improving column without a positive entry means unbounded.'
		],
		slips: {
			'sign-of-objective-row': 'Look at the signs in the objective row again: negative entries improve.',
			'no-positive-entry': 'The improving column has no positive entry, so nothing limits it.',
			'one-tableau': 'This basic solution is not feasible, but that does not make the problem infeasible.',
			'no-negative-entry':
				'A row has a negative right-hand side and no negative entry: it can never be satisfied.'
		}
	},
	improving: {
		asks: (q) =>
			isPhaseOne(q.tableau)
				? 'Name a variable that makes the sum of the artificial variables smaller if it enters.'
				: 'Name a variable that improves the objective if it enters.',
		because: (q) => `Improving columns are ${rights(q)}.`,
		hints: (q) => [
			`Look at the ${goalRow(q)} only.`,
			signRule(q),
			`There ${q.right.length === 1 ? 'is one such column' : `are ${q.right.length} such columns`}.`
		],
		slips: {
			'wrong-sign': 'This column would be a step in the wrong direction: its entry has the wrong sign.',
			'already-basic': 'This variable is basic already. Only a non-basic variable can enter.'
		}
	},
	entering: {
		asks: (q) => `Which variable enters? ${ruleText(q)}`,
		because: (q) => `${rights(q)} is what the rule chooses among the improving columns.`,
		hints: (q) => [
			`Look at the ${goalRow(q)} only.`,
			signRule(q),
			`It is one of ${[...q.right, ...q.slips.slice(0, 2).map(({ answer }) => answer)].map(answerText).sort().join(', ')}.`
		],
		slips: {
			'not-by-rule': 'This column improves, too, but the rule prefers another one.',
			'wrong-sign': 'This column would be a step in the wrong direction: its entry has the wrong sign.',
			'already-basic': 'This variable is basic already. Only a non-basic variable can enter.'
		}
	},
	ratio: {
		asks: (q) =>
			`${q.given.entering} enters. What is the ratio of row ${q.given.row}? Answer none if the row sets no limit.`,
		follows: (q) => `What is the ratio of row ${q.given.row} then? Answer none if the row sets no limit.`,
		because: (q) =>
			q.right[0] === 'none'
				? `The entry of row ${q.given.row} is not positive, so the row sets no limit.`
				: `The ratio is the right-hand side divided by the entry, ${rights(q)}.`,
		hints: (q) => [
			`Find the entry of row ${q.given.row} in column ${q.given.entering}.`,
			'Only a positive entry gives a ratio.',
			'The ratio is the right-hand side divided by that entry.'
		],
		slips: {
			inverted: 'This is the entry divided by the right-hand side. The ratio is the other way round.',
			'negative-entry': 'The entry is negative: the basic variable increases, so there is no ratio.',
			'not-divided': 'This is the right-hand side. Divide it by the entry.'
		}
	},
	leaving: {
		asks: (q) => `${q.given.entering} enters. Which variable leaves?`,
		follows: () => 'Which variable leaves then?',
		because: (q) => `${rights(q)} has the smallest ratio, so it reaches 0 first.`,
		hints: (q) => [
			`How far can ${q.given.entering} increase before a basic variable reaches 0?`,
			`Divide each right-hand side by the entry in column ${q.given.entering}, where that entry is positive.`,
			'The row with the smallest ratio leaves.'
		],
		slips: {
			'larger-ratio': 'This ratio is not the smallest: another basic variable would become negative.',
			'negative-entry': 'The entry is negative, so this variable increases and sets no limit.',
			'zero-entry': 'The entry is 0, so this variable does not change and sets no limit.'
		}
	},
	'artificial-row': {
		asks: ({ given: { row, column } }) =>
			row === 'M'
				? `The row of M is still to be written. Which number stands in it under ${column}?`
				: `The row of phase one is still to be written. Which number stands in it under ${column}?`,
		because: (q) =>
			`The rows of the artificial variables are subtracted, so that these variables have 0 there: ${rights(q)}.`,
		hints: (q) => [
			`The row measures ${q.given.row === 'M' ? 'M times ' : ''}the sum of the artificial variables.`,
			'A basic variable has 0 in an objective row, so the artificial variables must be eliminated from it.',
			`Add up column ${q.given.column} over the rows of the artificial variables, and change the sign.`
		],
		slips: {
			'sign-turned': 'The sign is the other one: the rows are subtracted.',
			'not-priced-out': 'The artificial variables are basic and must be eliminated from this row first.',
			'one-row-only': 'There is more than one artificial variable: all of their rows count.'
		}
	},
	'phase-two': {
		asks: () => 'Phase one has ended: no column improves its row. May phase two begin?',
		because: (q) =>
			q.right[0] === 'yes'
				? 'The sum of the artificial variables is 0, so a feasible plan is found.'
				: 'The sum of the artificial variables is not 0, so no plan is feasible.',
		hints: () => [
			'Look at the right-hand side of the row of phase one.',
			'It shows the sum of the artificial variables.',
			'Phase two begins if that sum is 0.'
		],
		slips: {
			'sum-not-zero': 'An artificial variable is still above 0, and nothing can bring it down.',
			'sum-is-zero': 'Every artificial variable is 0, so the plan is feasible.',
			'artificial-at-zero': 'The artificial variable in the basis is 0. It can be pivoted out, or stay at 0.'
		}
	},
	'rule-kept': {
		asks: (q) =>
			`A classmate lets ${q.given.entering} enter and ${q.given.leaving} leave. Does that follow the rule? ${ruleText(q)} ${signRule(q)}`,
		because: (q) => `Right: ${rights(q)}.`,
		hints: (q) => [
			'Check the entering variable first, then the leaving one.',
			`Is column ${q.given.entering} the one that the rule takes?`,
			`Does row ${q.given.leaving} have the smallest ratio in column ${q.given.entering}?`
		],
		slips: {
			'column-not-checked': 'The rule takes another column.',
			'ratio-not-checked': 'Another row has a smaller ratio.',
			'entering-is-best': 'The entering variable is the one that the rule takes.',
			'ratio-is-least': 'In this column the leaving row does have the smallest ratio.'
		}
	},
	gain: {
		asks: (q) =>
			`${q.given.entering} enters and ${q.given.leaving} leaves. By how much does the objective change?`,
		follows: () => 'By how much does the objective change with this pivot?',
		because: (q) => `It changes by ${rights(q)}: the ratio times the change for each unit.`,
		hints: (q) => [
			`How much of ${q.given.entering} comes in? That is the ratio of row ${q.given.leaving}.`,
			'The entry of the objective row says what each unit changes.',
			'Multiply the two.'
		],
		slips: {
			'rate-only': 'This is the change for one unit. The ratio says how many units come in.',
			'ratio-only': 'This is how many units come in. Each of them changes the objective.',
			'wrong-sign': 'The number is right, its sign is not.'
		}
	},
	'dual-leaving': {
		asks: (q) =>
			`The tableau is dual feasible, but not feasible. Which variable leaves? ${q.given.rule && takesFirst({ entering: q.given.rule }) ? 'The rule: the first negative one.' : 'The rule: the most negative right-hand side.'}`,
		because: (q) => `${rights(q)} is what the rule chooses among the negative right-hand sides.`,
		hints: () => [
			'In the dual simplex method the row comes first.',
			'Look at the right-hand sides only.',
			'A row with a right-hand side of 0 or more has nothing to repair.'
		],
		slips: {
			'less-negative': 'This right-hand side is negative, but the rule prefers another one.',
			'not-negative': 'This basic variable is not negative, so it stays.'
		}
	},
	'dual-entering': {
		asks: (q) => `${q.given.leaving} leaves. Which variable enters?`,
		follows: () => 'Which variable enters then?',
		because: (q) =>
			`${rights(q)} has the smallest ratio over the negative entries of the row, so the objective row keeps its signs.`,
		hints: (q) => [
			`Look along row ${q.given.leaving}, at its negative entries only.`,
			'Divide each entry of the objective row by the entry of this row, without signs.',
			'The column with the smallest ratio enters.'
		],
		slips: {
			'larger-ratio': 'This ratio is not the smallest: an entry of the objective row would change its sign.',
			'positive-entry': 'The entry is positive: the leaving variable would become more negative.',
			'zero-entry': 'The entry is 0, so no pivot is possible there.'
		}
	},
	entry: {
		asks: (q) => `After the next pivot, what is the entry of row ${q.given.row} in column ${q.given.column}?`,
		because: (q) =>
			`It is ${rights(q)}: the pivot row is divided by the pivot entry, and a multiple of it is subtracted from each other row.`,
		hints: () => [
			'Work out the new pivot row first.',
			'The new pivot row is the old one divided by the pivot entry.',
			'Every other row loses its entry in the entering column times the new pivot row.'
		],
		slips: {
			'not-divided': 'The pivot row has not been divided by the pivot entry.',
			multiplied: 'The pivot row is divided by the pivot entry, not multiplied.',
			'row-not-changed': 'This is the entry before the pivot.',
			'wrong-sign': 'The multiple of the pivot row is subtracted, not added.'
		}
	},
	'next-tableau': {
		asks: (q) => `${q.given.entering} enters and ${q.given.leaving} leaves. Write the next tableau.`,
		follows: () => 'Write the next tableau.',
		because: () => 'Every entry is right.',
		hints: (q) => [
			`Begin with the pivot row: it is row ${q.given.leaving}, and ${q.given.entering} becomes basic in it.`,
			`Divide the pivot row by its entry in column ${q.given.entering}.`,
			`From every other row subtract its entry in column ${q.given.entering} times the new pivot row.`
		],
		slips: {}
	},
	'wrong-entry': {
		asks: (q) =>
			`${q.given.entering} entered and ${q.given.leaving} left. One entry of the second tableau is wrong. Which one?`,
		because: (q) => `It is ${cellText(String(q.right[0]))}.`,
		hints: (q) => [
			'Work out the new pivot row and compare.',
			'Then work out the other rows, one at a time.',
			`It stands in row ${partsOf(String(q.right[0])).row}.`
		],
		slips: { 'is-right': 'This entry is right.' }
	},
	plan: {
		asks: () => 'Which plan does this tableau show? Give the amount of each variable of the problem.',
		because: (q) => `Basic variables have their right-hand sides, the others are 0: ${rights(q)}.`,
		hints: () => [
			'Find out which variables are basic.',
			'A non-basic variable is 0.',
			'A basic variable has the value of the right-hand side of its row.'
		],
		slips: { 'nonbasic-read': 'One of these variables is not basic, so its amount is 0.' }
	},
	value: {
		asks: () => 'What is the objective’s value at this tableau?',
		because: (q) => `The value is ${rights(q)}.`,
		hints: () => [
			'It stands in the objective row.',
			'Read the plan and put it into the objective.',
			'Mind the sign: the row of a minimum is that of its negative.'
		],
		slips: { 'wrong-sign': 'The number is right, its sign is not.' }
	},
	degenerate: {
		asks: () => 'Is this basic solution degenerate?',
		because: (q) =>
			q.right[0] === 'yes' ? 'A basic variable is 0.' : 'Every basic variable is different from 0.',
		hints: () => [
			'Look at the right-hand sides.',
			'Only basic variables matter.',
			'It is degenerate if a right-hand side is 0.'
		],
		slips: {
			'zero-overlooked': 'One of the basic variables is 0.',
			'nonbasic-counted': 'Nonbasic variables are always 0. Only a basic variable at 0 makes it degenerate.'
		}
	},
	'other-optimum': {
		asks: () => 'Is there another optimal plan?',
		because: (q) =>
			q.right[0] === 'yes'
				? 'A non-basic column with entry 0 in the objective row leads to another optimal plan.'
				: 'Every way out of this corner makes the objective worse.',
		hints: () => [
			'Look at the objective row.',
			'Look for a non-basic column whose entry is 0.',
			'If such a column can enter with an amount above 0, there is another optimal plan.'
		],
		slips: {
			'zero-cost-overlooked': 'A non-basic column has entry 0 in the objective row.',
			'basic-zero-counted': 'Basic columns always have entry 0. Only non-basic columns count.'
		}
	}
};
