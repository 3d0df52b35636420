import { en } from '../language/language';
import { cellText } from './cells';
import type { Judgement } from './judge';
import type { Consequence, QuestionKind, KindName, Question } from './types';
import { INTEGERS } from './words/integers';
import { MODEL } from './words/model';
import { PICTURE } from './words/picture';
import { answerText, at, choiceText, rights, signed, type Words } from './words/shared';
import { TABLEAU } from './words/tableau';
import { WORTH } from './words/worth';

/** What questions, hints, slips and consequences say; a kind without words is an error of the compiler. */

export { answerText, choiceText, rights };

export const WORDS: Readonly<Record<KindName, Words>> = {
	...MODEL,
	...PICTURE,
	...TABLEAU,
	...WORTH,
	...INTEGERS
};

/** Which written entries of a tableau are wrong, and how the row of the first comes about. */
function cellsText({ wrong = [], missing = 0, operation }: Consequence): string {
	const empty = missing ? en` ${missing} ${missing === 1 ? en`entry is` : en`entries are`} still empty.` : '';
	if (wrong.length === 0) return en`All entries are right so far.${empty}`;
	const which =
		wrong.length === 1
			? en`One entry is not right: ${cellText(wrong[0])}.`
			: en`${wrong.length} entries are not right. The first is ${cellText(wrong[0])}.`;
	if (!operation) return which + empty;
	const { row, how, by } = operation;
	const own =
		how === 'divide'
			? en` Row ${row} is the old pivot row divided by ${signed(by)}.`
			: en` From row ${row} subtract ${signed(by).startsWith('−') ? `(${signed(by)})` : by} times the new pivot row.`;
	return which + own + empty;
}

/** What an answer would do, as a sentence. */
export function consequenceText(consequence: Consequence | null): string {
	if (!consequence) return '';
	const { violates, basic, costs, rate, of, value, wrong, point, satisfies, isLacking } = consequence;
	if (wrong) return cellsText(consequence);
	if (satisfies) return en`It leaves ${at(point)} out, and this point satisfies ${satisfies}.`;
	if (isLacking) return en`The region has a corner at ${at(point)}; this picture has none there.`;
	const each = (amounts: Readonly<Record<string, string>>, verb: string) =>
		Object.entries(amounts)
			.map(([name, amount]) => `${name} ${verb} ${signed(amount)}`)
			.join(', ');
	if (violates)
		return en`${point ? en`It contains ${at(point)}, which` : en`It`} violates ${Object.entries(violates)
			.map(([name, by]) => en`${name} by ${by}`)
			.join(', ')}.`;
	if (basic) return en`After this pivot ${each(basic, en`would be`)}.`;
	if (costs)
		return en`After this pivot the objective row would have ${Object.entries(costs)
			.map(([name, entry]) => en`${signed(entry)} under ${name}`)
			.join(', ')}.`;
	if (rate !== undefined)
		return en`Each unit of it would change ${of ? en`the sum of the artificial variables` : en`the objective`} by ${signed(rate)}.`;
	return value === undefined ? '' : en`The objective would be ${signed(value)} there.`;
}

/** What is said of an answer that cannot be read. */
export const UNREADABLE: Readonly<Record<string, string>> = {
	number: en`Answer with a number, such as 3/2, 1.5 or 1 1/2.`,
	name: en`Answer with the name of a variable.`,
	cells: en`Answer with a number for each entry, such as {"s1|x": "1/2", "s1|rhs": "4"}.`,
	cell: en`Answer with a row and a column, such as s1|x, or s1|rhs.`,
	'yes-no': en`Answer yes or no.`,
	state: en`Answer optimal, improvable, unbounded, infeasible or not-feasible.`,
	names: en`Answer with names of constraints, or none.`,
	order: en`Answer with the corners in their order, such as ["(0, 0)", "(4, 0)"].`,
	plan: en`Answer with an amount for each variable, such as {"x": "2"}.`,
	interval: en`Answer with two numbers, null for no end.`,
	sign: en`Answer >= 0, <= 0 or free.`,
	relation: en`Answer with terms, relation and rhs, such as {"terms": {"x": "1"}, "relation": "<=", "rhs": "3"}.`,
	choice: en`Answer with one of the choices.`,
	sides: en`Answer with below, above, left or right for each line, such as {"clay": "below"}.`,
	closing: en`Answer bound, infeasible, integer or branch.`
};

/** What kinds of questions are called where one chooses them. */
export const KIND_LABELS: Readonly<Record<KindName, string>> = {
	sentence: en`which constraint says a sentence`,
	relation: '≤, ≥ or =',
	violation: en`by how much a plan violates a constraint`,
	'plan-value': en`the objective at a plan`,
	coefficient: en`a number of the model`,
	'standard-form': en`slack, surplus, artificial`,
	side: en`which side stays`,
	sides: en`shade: the side of each line that stays`,
	'which-picture': en`which picture shows the region`,
	'artificial-row': en`the row of phase one, or of M`,
	'region-shape': en`bounded, unbounded or empty`,
	gain: en`what a pivot gains`,
	'multiplier-bound': en`a bound from multipliers`,
	complementary: en`which dual values must be 0`,
	'plan-stays': en`does the plan stay optimal`,
	'fractional-part': en`a fractional part`,
	'cut-point': en`does a cut cut off a plan`,
	'branch-on': en`what to branch on`,
	'next-node': en`which node comes next`,
	gap: en`the gap`,
	intercept: en`where a line meets an axis`,
	'corner-lines': en`which lines meet in a corner`,
	redundant: en`redundant constraints`,
	'corner-values': en`fill in the corner table`,
	'rule-kept': en`does a pivot follow the rule`,
	'phase-two': en`may phase two begin`,
	'dual-relation': en`relation of a dual constraint`,
	'dual-number': en`a number of the dual`,
	'dual-leaving': en`dual simplex: leaving variable`,
	'dual-entering': en`dual simplex: entering variable`,
	claim: en`a classmate’s claim`,
	state: en`how a tableau stands`,
	improving: en`an improving column`,
	entering: en`entering variable`,
	ratio: en`a ratio`,
	leaving: en`leaving variable`,
	entry: en`an entry of the next tableau`,
	'next-tableau': en`the whole next tableau`,
	'wrong-entry': en`find the wrong entry`,
	plan: en`read the plan`,
	value: en`read the value`,
	degenerate: en`degenerate or not`,
	feasible: en`which constraints a plan violates`,
	'best-corner': en`best corner`,
	path: en`the path of the simplex method`,
	'other-optimum': en`another optimal plan?`,
	'dual-value': en`dual value of a constraint`,
	'one-more': en`one more unit`,
	interval: en`interval of a number`,
	'dual-sign': en`sign of a dual variable`,
	rounding: en`is a rounded plan feasible`,
	cut: en`derive a cut`,
	close: en`close a node or branch`
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
	return en`This is not right. ${leads || WORDS[question.kind].hints(question)[0]}`;
}
