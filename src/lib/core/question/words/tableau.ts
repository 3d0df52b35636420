import { en } from '../../language/language';
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
			en`How does this tableau stand: optimal, improvable, unbounded, not feasible, or does it show that the problem is infeasible?`,
		because: (q) => en`It is ${rights(q)}.`,
		hints: () => [
			en`Look at the right-hand sides first, then at the objective row.`,
			en`A negative right-hand side means that the basic solution is not feasible.`,
			en`With no negative right-hand side: no improving column means optimal; an improving column without a positive entry means unbounded.`
		],
		slips: {
			'sign-of-objective-row': en`Look at the signs in the objective row again: negative entries improve.`,
			'no-positive-entry': en`The improving column has no positive entry, so nothing limits it.`,
			'one-tableau': en`This basic solution is not feasible, but that does not make the problem infeasible.`,
			'no-negative-entry': en`A row has a negative right-hand side and no negative entry: it can never be satisfied.`
		}
	},
	improving: {
		asks: (q) =>
			isPhaseOne(q.tableau)
				? en`Name a variable that makes the sum of the artificial variables smaller if it enters.`
				: en`Name a variable that improves the objective if it enters.`,
		because: (q) => en`Improving columns are ${rights(q)}.`,
		hints: (q) => [
			en`Look at the ${goalRow(q)} only.`,
			signRule(q),
			en`There ${q.right.length === 1 ? en`is one such column` : en`are ${q.right.length} such columns`}.`
		],
		slips: {
			'wrong-sign': en`This column would be a step in the wrong direction: its entry has the wrong sign.`,
			'already-basic': en`This variable is basic already. Only a non-basic variable can enter.`
		}
	},
	entering: {
		asks: (q) => en`Which variable enters? ${ruleText(q)}`,
		because: (q) => en`${rights(q)} is what the rule chooses among the improving columns.`,
		hints: (q) => [
			en`Look at the ${goalRow(q)} only.`,
			signRule(q),
			en`It is one of ${[...q.right, ...q.slips.slice(0, 2).map(({ answer }) => answer)].map(answerText).sort().join(', ')}.`
		],
		slips: {
			'not-by-rule': en`This column improves, too, but the rule prefers another one.`,
			'wrong-sign': en`This column would be a step in the wrong direction: its entry has the wrong sign.`,
			'already-basic': en`This variable is basic already. Only a non-basic variable can enter.`
		}
	},
	ratio: {
		asks: (q) =>
			en`${q.given.entering} enters. What is the ratio of row ${q.given.row}? Answer none if the row sets no limit.`,
		follows: (q) => en`What is the ratio of row ${q.given.row} then? Answer none if the row sets no limit.`,
		because: (q) =>
			q.right[0] === 'none'
				? en`The entry of row ${q.given.row} is not positive, so the row sets no limit.`
				: en`The ratio is the right-hand side divided by the entry, ${rights(q)}.`,
		hints: (q) => [
			en`Find the entry of row ${q.given.row} in column ${q.given.entering}.`,
			en`Only a positive entry gives a ratio.`,
			en`The ratio is the right-hand side divided by that entry.`
		],
		slips: {
			inverted: en`This is the entry divided by the right-hand side. The ratio is the other way round.`,
			'negative-entry': en`The entry is negative: the basic variable increases, so there is no ratio.`,
			'not-divided': en`This is the right-hand side. Divide it by the entry.`
		}
	},
	leaving: {
		asks: (q) => en`${q.given.entering} enters. Which variable leaves?`,
		follows: () => en`Which variable leaves then?`,
		because: (q) => en`${rights(q)} has the smallest ratio, so it reaches 0 first.`,
		hints: (q) => [
			en`How far can ${q.given.entering} increase before a basic variable reaches 0?`,
			en`Divide each right-hand side by the entry in column ${q.given.entering}, where that entry is positive.`,
			en`The row with the smallest ratio leaves.`
		],
		slips: {
			'larger-ratio': en`This ratio is not the smallest: another basic variable would become negative.`,
			'negative-entry': en`The entry is negative, so this variable increases and sets no limit.`,
			'zero-entry': en`The entry is 0, so this variable does not change and sets no limit.`
		}
	},
	'artificial-row': {
		asks: ({ given: { row, column } }) =>
			row === 'M'
				? en`The row of M is still to be written. Which number stands in it under ${column}?`
				: en`The row of phase one is still to be written. Which number stands in it under ${column}?`,
		because: (q) =>
			en`The rows of the artificial variables are subtracted, so that these variables have 0 there: ${rights(q)}.`,
		hints: (q) => [
			en`The row measures ${q.given.row === 'M' ? en`M times ` : ''}the sum of the artificial variables.`,
			en`A basic variable has 0 in an objective row, so the artificial variables must be eliminated from it.`,
			en`Add up column ${q.given.column} over the rows of the artificial variables, and change the sign.`
		],
		slips: {
			'sign-turned': en`The sign is the other one: the rows are subtracted.`,
			'not-priced-out': en`The artificial variables are basic and must be eliminated from this row first.`,
			'one-row-only': en`There is more than one artificial variable: all of their rows count.`
		}
	},
	'phase-two': {
		asks: () => en`Phase one has ended: no column improves its row. May phase two begin?`,
		because: (q) =>
			q.right[0] === 'yes'
				? en`The sum of the artificial variables is 0, so a feasible plan is found.`
				: en`The sum of the artificial variables is not 0, so no plan is feasible.`,
		hints: () => [
			en`Look at the right-hand side of the row of phase one.`,
			en`It shows the sum of the artificial variables.`,
			en`Phase two begins if that sum is 0.`
		],
		slips: {
			'sum-not-zero': en`An artificial variable is still above 0, and nothing can bring it down.`,
			'sum-is-zero': en`Every artificial variable is 0, so the plan is feasible.`,
			'artificial-at-zero': en`The artificial variable in the basis is 0. It can be pivoted out, or stay at 0.`
		}
	},
	'rule-kept': {
		asks: (q) =>
			en`A classmate lets ${q.given.entering} enter and ${q.given.leaving} leave. Does that follow the rule? ${ruleText(q)} ${signRule(q)}`,
		because: (q) => en`Right: ${rights(q)}.`,
		hints: (q) => [
			en`Check the entering variable first, then the leaving one.`,
			en`Is column ${q.given.entering} the one that the rule takes?`,
			en`Does row ${q.given.leaving} have the smallest ratio in column ${q.given.entering}?`
		],
		slips: {
			'column-not-checked': en`The rule takes another column.`,
			'ratio-not-checked': en`Another row has a smaller ratio.`,
			'entering-is-best': en`The entering variable is the one that the rule takes.`,
			'ratio-is-least': en`In this column the leaving row does have the smallest ratio.`
		}
	},
	gain: {
		asks: (q) =>
			en`${q.given.entering} enters and ${q.given.leaving} leaves. By how much does the objective change?`,
		follows: () => en`By how much does the objective change with this pivot?`,
		because: (q) => en`It changes by ${rights(q)}: the ratio times the change for each unit.`,
		hints: (q) => [
			en`How much of ${q.given.entering} comes in? That is the ratio of row ${q.given.leaving}.`,
			en`The entry of the objective row says what each unit changes.`,
			en`Multiply the two.`
		],
		slips: {
			'rate-only': en`This is the change for one unit. The ratio says how many units come in.`,
			'ratio-only': en`This is how many units come in. Each of them changes the objective.`,
			'wrong-sign': en`The number is right, its sign is not.`
		}
	},
	'dual-leaving': {
		asks: (q) =>
			en`The tableau is dual feasible, but not feasible. Which variable leaves? ${q.given.rule && takesFirst({ entering: q.given.rule }) ? en`The rule: the first negative one.` : en`The rule: the most negative right-hand side.`}`,
		because: (q) => en`${rights(q)} is what the rule chooses among the negative right-hand sides.`,
		hints: () => [
			en`In the dual simplex method the row comes first.`,
			en`Look at the right-hand sides only.`,
			en`A row with a right-hand side of 0 or more has nothing to repair.`
		],
		slips: {
			'less-negative': en`This right-hand side is negative, but the rule prefers another one.`,
			'not-negative': en`This basic variable is not negative, so it stays.`
		}
	},
	'dual-entering': {
		asks: (q) => en`${q.given.leaving} leaves. Which variable enters?`,
		follows: () => en`Which variable enters then?`,
		because: (q) =>
			en`${rights(q)} has the smallest ratio over the negative entries of the row, so the objective row keeps its signs.`,
		hints: (q) => [
			en`Look along row ${q.given.leaving}, at its negative entries only.`,
			en`Divide each entry of the objective row by the entry of this row, without signs.`,
			en`The column with the smallest ratio enters.`
		],
		slips: {
			'larger-ratio': en`This ratio is not the smallest: an entry of the objective row would change its sign.`,
			'positive-entry': en`The entry is positive: the leaving variable would become more negative.`,
			'zero-entry': en`The entry is 0, so no pivot is possible there.`
		}
	},
	entry: {
		asks: (q) =>
			en`After the next pivot, what is the entry of row ${q.given.row} in column ${q.given.column}?`,
		because: (q) =>
			en`It is ${rights(q)}: the pivot row is divided by the pivot entry, and a multiple of it is subtracted from each other row.`,
		hints: () => [
			en`Work out the new pivot row first.`,
			en`The new pivot row is the old one divided by the pivot entry.`,
			en`Every other row loses its entry in the entering column times the new pivot row.`
		],
		slips: {
			'not-divided': en`The pivot row has not been divided by the pivot entry.`,
			multiplied: en`The pivot row is divided by the pivot entry, not multiplied.`,
			'row-not-changed': en`This is the entry before the pivot.`,
			'wrong-sign': en`The multiple of the pivot row is subtracted, not added.`
		}
	},
	'next-tableau': {
		asks: (q) => en`${q.given.entering} enters and ${q.given.leaving} leaves. Write the next tableau.`,
		follows: () => en`Write the next tableau.`,
		because: () => en`Every entry is right.`,
		hints: (q) => [
			en`Begin with the pivot row: it is row ${q.given.leaving}, and ${q.given.entering} becomes basic in it.`,
			en`Divide the pivot row by its entry in column ${q.given.entering}.`,
			en`From every other row subtract its entry in column ${q.given.entering} times the new pivot row.`
		],
		slips: {}
	},
	'wrong-entry': {
		asks: (q) =>
			en`${q.given.entering} entered and ${q.given.leaving} left. One entry of the second tableau is wrong. Which one?`,
		because: (q) => en`It is ${cellText(String(q.right[0]))}.`,
		hints: (q) => [
			en`Work out the new pivot row and compare.`,
			en`Then work out the other rows, one at a time.`,
			en`It stands in row ${partsOf(String(q.right[0])).row}.`
		],
		slips: { 'is-right': en`This entry is right.` }
	},
	plan: {
		asks: () => en`Which plan does this tableau show? Give the amount of each variable of the problem.`,
		because: (q) => en`Basic variables have their right-hand sides, the others are 0: ${rights(q)}.`,
		hints: () => [
			en`Find out which variables are basic.`,
			en`A non-basic variable is 0.`,
			en`A basic variable has the value of the right-hand side of its row.`
		],
		slips: { 'nonbasic-read': en`One of these variables is not basic, so its amount is 0.` }
	},
	value: {
		asks: () => en`What is the objective’s value at this tableau?`,
		because: (q) => en`The value is ${rights(q)}.`,
		hints: () => [
			en`It stands in the objective row.`,
			en`Read the plan and put it into the objective.`,
			en`Mind the sign: the row of a minimum is that of its negative.`
		],
		slips: { 'wrong-sign': en`The number is right, its sign is not.` }
	},
	degenerate: {
		asks: () => en`Is this basic solution degenerate?`,
		because: (q) =>
			q.right[0] === 'yes' ? en`A basic variable is 0.` : en`Every basic variable is different from 0.`,
		hints: () => [
			en`Look at the right-hand sides.`,
			en`Only basic variables matter.`,
			en`It is degenerate if a right-hand side is 0.`
		],
		slips: {
			'zero-overlooked': en`One of the basic variables is 0.`,
			'nonbasic-counted': en`Nonbasic variables are always 0. Only a basic variable at 0 makes it degenerate.`
		}
	},
	'other-optimum': {
		asks: () => en`Is there another optimal plan?`,
		because: (q) =>
			q.right[0] === 'yes'
				? en`A non-basic column with entry 0 in the objective row leads to another optimal plan.`
				: en`Every way out of this corner makes the objective worse.`,
		hints: () => [
			en`Look at the objective row.`,
			en`Look for a non-basic column whose entry is 0.`,
			en`If such a column can enter with an amount above 0, there is another optimal plan.`
		],
		slips: {
			'zero-cost-overlooked': en`A non-basic column has entry 0 in the objective row.`,
			'basic-zero-counted': en`Basic columns always have entry 0. Only non-basic columns count.`
		}
	}
};
