import { en } from '../../language/language';
import type { EnteringRule } from '../../method/rule';
import { RELATION_SIGNS } from '../../problem/relation';
import type { Relation } from '../../problem/types';
import { isPhaseOne } from '../board';
import type { Answer, KindName, Question, RelationAnswer } from '../types';

/** What the words of all kinds of questions use. */

/** What is said of a kind of question. */
export interface Words {
	/** the question */
	readonly asks: (question: Question) => string;
	/** the same without the variables that it is about, where it follows a question that asks for them */
	readonly follows?: (question: Question) => string;
	/** why a right answer is right, in a line */
	readonly because: (question: Question) => string;
	/** three hints, from gentle to nearly the answer */
	readonly hints: (question: Question) => readonly [string, string, string];
	readonly slips: Readonly<Record<string, string>>;
}

/** `a`, `a or b`, `a, b or c`; none where the list is empty. */
export const list = (names: readonly string[]): string =>
	names.length === 0
		? en`none`
		: names.length === 1
			? names[0]
			: en`${names.slice(0, -1).join(', ')} or ${names.at(-1)}`;
/** `x = 2, y = −1` */
export const amounts = (plan: Readonly<Record<string, string>> | undefined): string =>
	Object.entries(plan ?? {})
		.map(([name, amount]) => `${name} = ${signed(amount)}`)
		.join(', ');
/** A number as text with a true minus. */
export const signed = (text: string): string => text.replace(/^-(?=\d)/, '−');
/** Whether a list is the two ends of an interval, not names. */
const isInterval = (list: readonly (string | null)[]): boolean =>
	list.length === 2 && list.every((end) => end === null || /^-?\d+(\/\d+)?$/.test(end));

/** An answer in words. */
export function answerText(answer: Answer): string {
	if (typeof answer === 'string') return signed(answer).replace('>=', '≥').replace('<=', '≤');
	if (Array.isArray(answer)) {
		const [low, high] = answer as [string | null, string | null];
		if (isInterval(answer)) return en`from ${signed(low ?? '−∞')} to ${signed(high ?? '∞')}`;
		return answer.length === 0 ? en`none` : answer.join(', ');
	}
	if ('relation' in answer && 'terms' in answer) {
		const { terms, relation, rhs } = answer as RelationAnswer;
		const sum = Object.entries(terms)
			.map(
				([name, factor], i) =>
					`${factor.startsWith('-') ? '− ' : i > 0 ? '+ ' : ''}${factor === '1' || factor === '-1' ? '' : `${factor.replace('-', '')} `}${name}`
			)
			.join(' ');
		return `${sum} ${RELATION_SIGNS[relation as Relation] ?? relation} ${signed(rhs)}`;
	}
	return amounts(answer as Record<string, string>);
}
/** All right answers in words. */
export const rights = (question: Question): string =>
	list([
		...new Set(
			question.right.map((own) => answerText(typeof own === 'string' ? choiceText(question, own) : own))
		)
	]);

/** What may be chosen where it is no name, in words; the answer itself stays as it is in every language. */
const CHOICES: Partial<Record<KindName, Readonly<Record<string, string>>>> = {
	'region-shape': { bounded: en`bounded`, unbounded: en`unbounded`, empty: en`empty` },
	'standard-form': {
		slack: en`slack`,
		surplus: en`surplus`,
		'surplus and artificial variable': en`surplus and artificial variable`,
		'artificial variable': en`artificial variable`
	},
	'rule-kept': {
		'it follows the rule': en`it follows the rule`,
		'the entering variable is wrong': en`the entering variable is wrong`,
		'the leaving variable is wrong': en`the leaving variable is wrong`
	}
};
/** What a choice of a question is called. */
export const choiceText = ({ kind }: Pick<Question, 'kind'>, choice: string): string =>
	CHOICES[kind]?.[choice] ?? choice;

/** The objective row that counts at the tableau of a question, in words. */
export const goalRow = ({ tableau }: Question): string =>
	isPhaseOne(tableau) ? en`row of phase one` : en`objective row`;

/** whether improving entries of that row are negative, as the tableau of a question has them */
export const signRule = (q: Question): string =>
	en`In this tableau a column ${isPhaseOne(q.tableau) ? en`lowers the sum of the artificial variables` : en`improves the objective`} if its entry in the ${goalRow(q)} is negative.`;

const RULES: Readonly<Record<EnteringRule, (row: string) => string>> = {
	dantzig: (row) => en`The rule: the most negative entry of the ${row}.`,
	bland: () => en`The rule: the first improving column from the left.`,
	'greatest-improvement': () => en`The rule: the column whose pivot improves the objective most.`,
	'steepest-edge': () => en`The rule: the column that improves the objective most for the length of its edge.`
};

/** The rule by which the entering variable of a question is chosen, in words. */
export const ruleText = (q: Question): string => RULES[q.given.rule ?? 'dantzig'](goalRow(q));

/** `(2, −1)`: a plan as a point. */
export const at = (plan: Readonly<Record<string, string>> | undefined): string =>
	`(${Object.values(plan ?? {})
		.map(signed)
		.join(', ')})`;

/** The words of some kinds of questions. */
export type WordsOf<Kinds extends KindName> = Readonly<Record<Kinds, Words>>;
