import { cellText, partsOf } from './cells';
import type { EnteringRule } from '../method/rule';
import type { Judgement } from './judge';
import type { Answer, Consequence, Kind, KindName, Question, RelationAnswer } from './types';

/** What questions, hints, slips and consequences say. */

interface Words {
	/** the question */
	readonly asks: (question: Question) => string;
	/** why a right answer is right, in a line */
	readonly because: (question: Question) => string;
	/** three hints, from gentle to nearly the answer */
	readonly hints: (question: Question) => readonly [string, string, string];
	readonly slips: Readonly<Record<string, string>>;
}

const list = (names: readonly string[]): string =>
	names.length === 0
		? 'none'
		: names.length === 1
			? names[0]
			: `${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;
const amounts = (plan: Readonly<Record<string, string>> | undefined): string =>
	Object.entries(plan ?? {})
		.map(([name, amount]) => `${name} = ${signed(amount)}`)
		.join(', ');
/** A number as text with a true minus. */
const signed = (text: string): string => text.replace(/^-(?=\d)/, '−');
/** An answer in words. */
export function answerText(answer: Answer): string {
	if (typeof answer === 'string') return signed(answer);
	if (Array.isArray(answer))
		return answer.length === 2 && answer.includes(null)
			? `from ${answer[0] ?? '−∞'} to ${answer[1] ?? '∞'}`
			: answer.length === 0
				? 'none'
				: answer.join(', ');
	if ('relation' in answer && 'terms' in answer) {
		const { terms, relation, rhs } = answer as RelationAnswer;
		const sum = Object.entries(terms)
			.map(
				([name, factor], i) =>
					`${factor.startsWith('-') ? '− ' : i > 0 ? '+ ' : ''}${factor.replace('-', '')} ${name}`
			)
			.join(' ');
		return `${sum} ${relation} ${rhs}`;
	}
	return amounts(answer as Record<string, string>);
}
const rights = ({ right }: Question): string => list(right.map(answerText));

/** whether improving entries of the objective row are negative, as the tableau of a question has them */
const ROW = 'In this tableau a column improves the objective if its entry in the objective row is negative.';

/** The rules as an exercise states them. */
const RULES: Readonly<Record<EnteringRule, string>> = {
	dantzig: 'The rule: the most negative entry of the objective row.',
	bland: 'The rule: the first improving column from the left.',
	'greatest-improvement': 'The rule: the column whose pivot improves the objective most.',
	'steepest-edge': 'The rule: the column that improves the objective most for the length of its edge.'
};

const at = ({ plan }: Question['given']): string =>
	`(${Object.values(plan ?? {})
		.map(signed)
		.join(', ')})`;

export const WORDS: Readonly<Record<KindName, Words>> = {
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
			`${q.given.row} needs a ${rights(q)}: only then it is an equation with a variable that can be basic at the start.`,
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
	side: {
		asks: (q) => `Does the side of the line ${q.given.row} stay on which ${at(q.given)} lies?`,
		because: (q) =>
			`Put ${at(q.given)} into ${q.given.row}: it ${q.right[0] === 'yes' ? 'holds' : 'does not hold'}, so that side ${q.right[0] === 'yes' ? 'stays' : 'goes'}.`,
		hints: (q) => [
			'One point decides for its whole side.',
			`Put ${at(q.given)} into the left side of ${q.given.row}.`,
			'Compare the sum with the right-hand side.'
		],
		slips: { 'other-side': 'Put the point into the constraint: it says the opposite.' }
	},
	intercept: {
		asks: (q) =>
			`Where does the line of ${q.given.row} meet the axis of ${q.given.column}? Answer none if it does not.`,
		because: (q) =>
			q.right[0] === 'none'
				? `${q.given.column} does not stand in ${q.given.row}, so the line is parallel to that axis.`
				: `With the other variable at 0, ${q.given.column} is the right-hand side divided by its coefficient, ${rights(q)}.`,
		hints: () => [
			'On the axis the other variable is 0.',
			'What is left is one equation with one variable.',
			'Divide the right-hand side by the coefficient.'
		],
		slips: {
			'not-divided': 'This is the right-hand side. Divide it by the coefficient.',
			'coefficient-read': 'This is the coefficient. The right-hand side is divided by it.',
			inverted: 'This is the coefficient divided by the right-hand side. It is the other way round.'
		}
	},
	'corner-lines': {
		asks: (q) => `Which lines meet in the corner ${at(q.given)}?`,
		because: (q) => `There ${answerText(q.right[0])} hold with equality.`,
		hints: (q) => [
			`Put ${at(q.given)} into each constraint.`,
			'A line passes through the corner if both sides are equal there.',
			'An axis is a line, too: there a variable is at its bound.'
		],
		slips: {
			'one-missing': 'One line that passes through the corner is missing.',
			'one-too-many': 'One of these lines does not pass through the corner.'
		}
	},
	redundant: {
		asks: () =>
			'Which constraints can be left out, each by itself, without changing the feasible region? Name all, or none.',
		because: (q) =>
			`${(q.right[0] as readonly string[]).length === 0 ? 'Each constraint cuts something off.' : `Without ${answerText(q.right[0])} the region is the same.`}`,
		hints: () => [
			'A redundant line touches the region in one corner at most, or not at all.',
			'Cover each line in turn and look whether the region grows.',
			'Compare where the lines meet the axes.'
		],
		slips: {
			'none-found': 'At least one constraint cuts nothing off.',
			'others-named': 'These are just the others.'
		}
	},
	'dual-leaving': {
		asks: (q) =>
			`The tableau is dual feasible, but not feasible. Which variable leaves? ${q.given.rule === 'bland' ? 'The rule: the first negative one.' : 'The rule: the most negative right-hand side.'}`,
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
	},
	entering: {
		asks: (q) => `Which variable enters? ${RULES[q.given.rule ?? 'dantzig']}`,
		because: (q) => `${rights(q)} is what the rule chooses among the improving columns.`,
		hints: (q) => [
			'Look at the objective row only.',
			ROW,
			`It is one of ${[...q.right, ...q.slips.slice(0, 2).map(({ answer }) => answer)].map(answerText).sort().join(', ')}.`
		],
		slips: {
			'not-by-rule': 'This column improves the objective, but the rule prefers another one.',
			'wrong-sign': 'This column makes the objective worse: its entry has the wrong sign.',
			'already-basic': 'This variable is basic already. Only a nonbasic variable can enter.'
		}
	},
	improving: {
		asks: () => 'Name a variable that improves the objective if it enters.',
		because: (q) => `Improving columns are ${rights(q)}.`,
		hints: (q) => [
			'Look at the objective row only.',
			ROW,
			`There ${q.right.length === 1 ? 'is one such column' : `are ${q.right.length} such columns`}.`
		],
		slips: {
			'wrong-sign': 'This column makes the objective worse: its entry has the wrong sign.',
			'already-basic': 'This variable is basic already. Only a nonbasic variable can enter.'
		}
	},
	leaving: {
		asks: (q) => `${q.given.entering} enters. Which variable leaves?`,
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
	ratio: {
		asks: (q) =>
			`${q.given.entering} enters. What is the ratio of row ${q.given.row}? Answer none if the row sets no limit.`,
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
	state: {
		asks: () => 'How does this tableau stand: optimal, improvable, unbounded, infeasible or not-feasible?',
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
	plan: {
		asks: () => 'Which plan does this tableau show? Give the amount of each variable of the problem.',
		because: (q) => `Basic variables have their right-hand sides, the others are 0: ${rights(q)}.`,
		hints: () => [
			'Find out which variables are basic.',
			'A nonbasic variable is 0.',
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
	'best-corner': {
		asks: () => 'Which corner of the feasible region is best?',
		because: (q) => `The objective is best at ${rights(q)}.`,
		hints: () => [
			'Move the objective line in its improving direction.',
			'It leaves the region at a corner, or along an edge.',
			'Compare the objective’s value at the corners.'
		],
		slips: { start: 'This is where the simplex method starts. Other corners are better.' }
	},
	'other-optimum': {
		asks: () => 'Is there another optimal plan?',
		because: (q) =>
			q.right[0] === 'yes'
				? 'A nonbasic column with entry 0 in the objective row leads to another optimal plan.'
				: 'Every way out of this corner makes the objective worse.',
		hints: () => [
			'Look at the objective row.',
			'Look for a nonbasic column whose entry is 0.',
			'If such a column can enter with an amount above 0, there is another optimal plan.'
		],
		slips: {
			'zero-cost-overlooked': 'A nonbasic column has entry 0 in the objective row.',
			'basic-zero-counted': 'Basic columns always have entry 0. Only nonbasic columns count.'
		}
	},
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

/** Which written entries of a tableau are wrong, and how the row of the first comes about. */
function cellsText({ wrong = [], missing = 0, operation }: Consequence): string {
	const empty = missing ? ` ${missing} ${missing === 1 ? 'entry is' : 'entries are'} still empty.` : '';
	if (wrong.length === 0) return `All entries are right so far.${empty}`;
	const which =
		wrong.length === 1
			? `One entry is not right: ${cellText(wrong[0])}.`
			: `${wrong.length} entries are not right. The first is ${cellText(wrong[0])}.`;
	if (!operation) return which + empty;
	const { row, how, by } = operation;
	const own =
		how === 'divide'
			? ` Row ${row} is the old pivot row divided by ${signed(by)}.`
			: ` From row ${row} subtract ${signed(by).startsWith('−') ? `(${signed(by)})` : by} times the new pivot row.`;
	return which + own + empty;
}

/** What an answer would do, as a sentence. */
export function consequenceText(consequence: Consequence | null): string {
	if (!consequence) return '';
	const { violates, basic, rate, value, wrong } = consequence;
	if (wrong) return cellsText(consequence);
	const each = (of: Readonly<Record<string, string>>, verb: string) =>
		Object.entries(of)
			.map(([name, amount]) => `${name} ${verb} ${signed(amount)}`)
			.join(', ');
	if (violates)
		return `It violates ${Object.entries(violates)
			.map(([name, by]) => `${name} by ${by}`)
			.join(', ')}.`;
	if (basic) return `After this pivot ${each(basic, 'would be')}.`;
	if (rate !== undefined) return `Each unit of it would change the objective by ${signed(rate)}.`;
	return value === undefined ? '' : `The objective would be ${signed(value)} there.`;
}

/** What is said of an answer that cannot be read. */
export const UNREADABLE: Readonly<Record<string, string>> = {
	number: 'Answer with a number, such as 3/2, 1.5 or 1 1/2.',
	name: 'Answer with the name of a variable.',
	cells: 'Answer with a number for each entry, such as {"s1|x": "1/2", "s1|rhs": "4"}.',
	cell: 'Answer with a row and a column, such as s1|x, or s1|rhs.',
	'yes-no': 'Answer yes or no.',
	state: 'Answer optimal, improvable, unbounded, infeasible or not-feasible.',
	names: 'Answer with names of constraints, or none.',
	plan: 'Answer with an amount for each variable, such as {"x": "2"}.',
	interval: 'Answer with two numbers, null for no end.',
	sign: 'Answer >= 0, <= 0 or free.',
	relation:
		'Answer with terms, relation and rhs, such as {"terms": {"x": "1"}, "relation": "<=", "rhs": "3"}.',
	choice: 'Answer with one of the choices.',
	closing: 'Answer bound, infeasible, integer or branch.'
};

/** What kinds of questions are called where one chooses them. */
export const KIND_LABELS: Readonly<Record<KindName, string>> = {
	sentence: 'which constraint says a sentence',
	coefficient: 'a number of the model',
	'standard-form': 'slack, surplus, artificial',
	side: 'which side stays',
	intercept: 'where a line meets an axis',
	'corner-lines': 'which lines meet in a corner',
	redundant: 'redundant constraints',
	'dual-leaving': 'dual simplex: leaving variable',
	'dual-entering': 'dual simplex: entering variable',
	claim: 'a classmate’s claim',
	state: 'how a tableau stands',
	improving: 'an improving column',
	entering: 'entering variable',
	ratio: 'a ratio',
	leaving: 'leaving variable',
	entry: 'an entry of the next tableau',
	'next-tableau': 'the whole next tableau',
	'wrong-entry': 'find the wrong entry',
	plan: 'read the plan',
	value: 'read the value',
	degenerate: 'degenerate or not',
	feasible: 'which constraints a plan violates',
	'best-corner': 'best corner',
	'other-optimum': 'another optimal plan?',
	'dual-value': 'dual value of a constraint',
	'one-more': 'one more unit',
	interval: 'interval of a number',
	'dual-sign': 'sign of a dual variable',
	rounding: 'is a rounded plan feasible',
	cut: 'derive a cut',
	close: 'close a node or branch'
};

/** What a slip is, in words; empty where it is not known. */
export const slipText = (kind: KindName, code: string): string =>
	Object.hasOwn(WORDS[kind].slips, code) ? WORDS[kind].slips[code] : '';

/** What is said of an answer that was judged. */
export function saidOf(
	question: Question,
	{ right, slip, consequence, isReadable }: Judgement,
	answers: Kind['answers']
): string {
	if (!isReadable) return UNREADABLE[answers];
	if (right) return WORDS[question.kind].because(question);
	const because = slip ? slipText(question.kind, slip) : '';
	const leads = consequenceText(consequence);
	return [because || (consequence?.wrong ? '' : 'This is not right.'), leads].filter(Boolean).join(' ');
}
