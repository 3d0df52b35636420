import { cellText } from './cells';
import type { Judgement } from './judge';
import type { Consequence, QuestionKind, KindName, Question } from './types';
import { INTEGERS } from './words/integers';
import { MODEL } from './words/model';
import { PICTURE } from './words/picture';
import { answerText, at, rights, signed, type Words } from './words/shared';
import { TABLEAU } from './words/tableau';
import { WORTH } from './words/worth';

/** What questions, hints, slips and consequences say; a kind without words is an error of the compiler. */

export { answerText, rights };

export const WORDS: Readonly<Record<KindName, Words>> = {
	...MODEL,
	...PICTURE,
	...TABLEAU,
	...WORTH,
	...INTEGERS
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
	const { violates, basic, costs, rate, of, value, wrong, point, satisfies, isLacking } = consequence;
	if (wrong) return cellsText(consequence);
	if (satisfies) return `It leaves ${at(point)} out, and this point satisfies ${satisfies}.`;
	if (isLacking) return `The region has a corner at ${at(point)}; this picture has none there.`;
	const each = (amounts: Readonly<Record<string, string>>, verb: string) =>
		Object.entries(amounts)
			.map(([name, amount]) => `${name} ${verb} ${signed(amount)}`)
			.join(', ');
	if (violates)
		return `${point ? `It contains ${at(point)}, which` : 'It'} violates ${Object.entries(violates)
			.map(([name, by]) => `${name} by ${by}`)
			.join(', ')}.`;
	if (basic) return `After this pivot ${each(basic, 'would be')}.`;
	if (costs)
		return `After this pivot the objective row would have ${Object.entries(costs)
			.map(([name, entry]) => `${signed(entry)} under ${name}`)
			.join(', ')}.`;
	if (rate !== undefined)
		return `Each unit of it would change ${of ? 'the sum of the artificial variables' : 'the objective'} by ${signed(rate)}.`;
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
	order: 'Answer with the corners in their order, such as ["(0, 0)", "(4, 0)"].',
	plan: 'Answer with an amount for each variable, such as {"x": "2"}.',
	interval: 'Answer with two numbers, null for no end.',
	sign: 'Answer >= 0, <= 0 or free.',
	relation:
		'Answer with terms, relation and rhs, such as {"terms": {"x": "1"}, "relation": "<=", "rhs": "3"}.',
	choice: 'Answer with one of the choices.',
	sides: 'Answer with below, above, left or right for each line, such as {"clay": "below"}.',
	closing: 'Answer bound, infeasible, integer or branch.'
};

/** What kinds of questions are called where one chooses them. */
export const KIND_LABELS: Readonly<Record<KindName, string>> = {
	sentence: 'which constraint says a sentence',
	relation: '≤, ≥ or =',
	violation: 'by how much a plan violates a constraint',
	'plan-value': 'the objective at a plan',
	coefficient: 'a number of the model',
	'standard-form': 'slack, surplus, artificial',
	side: 'which side stays',
	sides: 'shade: the side of each line that stays',
	'which-picture': 'which picture shows the region',
	'artificial-row': 'the row of phase one, or of M',
	'region-shape': 'bounded, unbounded or empty',
	gain: 'what a pivot gains',
	'multiplier-bound': 'a bound from multipliers',
	complementary: 'which dual values must be 0',
	'plan-stays': 'does the plan stay optimal',
	'fractional-part': 'a fractional part',
	'cut-point': 'does a cut cut off a plan',
	'branch-on': 'what to branch on',
	'next-node': 'which node comes next',
	gap: 'the gap',
	intercept: 'where a line meets an axis',
	'corner-lines': 'which lines meet in a corner',
	redundant: 'redundant constraints',
	'corner-values': 'fill in the corner table',
	'rule-kept': 'does a pivot follow the rule',
	'phase-two': 'may phase two begin',
	'dual-relation': 'relation of a dual constraint',
	'dual-number': 'a number of the dual',
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
	path: 'the path of the simplex method',
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
	answers: QuestionKind['answers']
): string {
	if (!isReadable) return UNREADABLE[answers];
	if (right) return WORDS[question.kind].because(question);
	const because = slip ? slipText(question.kind, slip) : '';
	const leads = consequenceText(consequence);
	if (because || consequence?.wrong) return [because, leads].filter(Boolean).join(' ');
	// never just wrong: what it would do, or else where one begins
	return `This is not right. ${leads || WORDS[question.kind].hints(question)[0]}`;
}
