import { ENTERING_RULES } from '../method/rule';
import {
	anyText,
	as,
	byKey,
	bySchema,
	count,
	described,
	flag,
	list,
	named,
	nullable,
	oneOf,
	optional,
	otherwise,
	record,
	text,
	type Of,
	type Shape
} from '../problem/shape';
import { KIND_NAMES, type Answer, type Consequence, type Given } from '../question/types';
import { NUMBER, numbersByName, PROBLEM, TABLEAU, tableauOf } from './shapes';

/** Questions as the API writes them and as they come back to be judged, described once, and what is said of an answer. */

/** what an answer to a question may be */
const ANSWER: Shape<Answer> = bySchema({
	anyOf: [
		{ type: 'string' },
		{ type: 'array', items: { type: ['string', 'null'] } },
		{ type: 'object', description: 'amounts by name, or an inequality with terms, relation and rhs' }
	]
});
/** the same as somebody writes it: numbers count as numbers, too */
const ANSWER_GIVEN: Shape<Answer | number> = bySchema({
	anyOf: [{ type: 'string' }, { type: 'number' }, { type: 'array' }, { type: 'object' }]
});

/** What a question is and what it is asked about, with numbers and tableaux as they are described. */
function about(number: Shape<string>, tableau: typeof TABLEAU) {
	const numbers = byKey(number);
	const corner = list(number, 2, 2);
	const given = as<Given>(
		record({
			entering: optional(anyText),
			leaving: optional(anyText),
			rule: optional(oneOf(ENTERING_RULES)),
			after: optional(tableau),
			row: optional(anyText),
			column: optional(anyText),
			plan: optional(numbers),
			sentence: optional(anyText),
			choices: optional(list(anyText)),
			pictures: optional(
				described(list(list(corner, 400), 8), 'regions to choose from by their corners, in order round each')
			),
			relaxation: optional(
				record({ status: anyText, objective: optional(number), solution: optional(numbers) })
			),
			incumbent: optional(nullable(number)),
			nodes: optional(described(numbers, 'the bounds of open nodes by their names')),
			weights: optional(described(numbers, 'what rows are multiplied by')),
			number: optional(number),
			cut: optional(record({ terms: numbers, relation: oneOf(['<=', '>=']), rhs: number }))
		})
	);
	return { kind: oneOf(KIND_NAMES), tableau, given };
}

const STEP = described(count, 'the step of the run whose tableau it is about; 0 is the start');
const SENSE = described(oneOf(['max', 'min']), 'of what the first objective row of the tableau measures');

export const QUESTION_RECORD = record({
	...about(NUMBER, TABLEAU),
	step: STEP,
	sense: SENSE,
	right: list(ANSWER),
	slips: list(record({ answer: ANSWER, code: anyText, says: anyText })),
	says: anyText,
	hints: list(anyText),
	problem: optional(PROBLEM)
});
/** A question as the API writes it. */
export type QuestionJson = Of<typeof QUESTION_RECORD>;

export const QUESTIONS_ANSWER = record({ questions: list(named('Question', QUESTION_RECORD)) });

/** a number of bounded length, from outside */
const NUMBER_BACK = text(402, 1, '^-?\\d{1,200}(?:/[1-9]\\d{0,199})?$');

const BACK = about(NUMBER_BACK, tableauOf(NUMBER_BACK));
/** A question that comes back; its words need not. */
const QUESTION_BACK = record(
	{
		...BACK,
		given: otherwise(BACK.given, {}),
		step: otherwise(STEP, 0),
		sense: otherwise(SENSE, 'max'),
		right: list(ANSWER, Infinity, 1),
		slips: list(record({ answer: ANSWER, code: anyText, says: optional(anyText) })),
		says: optional(anyText),
		hints: optional(list(anyText)),
		problem: optional(PROBLEM)
	},
	'a question as it was given'
);
export type QuestionBack = Of<typeof QUESTION_BACK>;

export const JUDGE_REQUEST = record(
	{ question: QUESTION_BACK, answer: ANSWER_GIVEN },
	'an object with a question and an answer'
);

const CONSEQUENCE = as<Consequence>(
	record({
		violates: optional(numbersByName),
		point: optional(numbersByName),
		satisfies: optional(anyText),
		isLacking: optional(flag),
		basic: optional(numbersByName),
		costs: optional(numbersByName),
		rate: optional(NUMBER),
		of: optional(oneOf(['artificials'])),
		wrong: optional(list(anyText)),
		missing: optional(count),
		operation: optional(record({ row: anyText, how: oneOf(['divide', 'subtract']), by: NUMBER })),
		value: optional(NUMBER)
	})
);
export const JUDGE_ANSWER = record({
	right: flag,
	slip: optional(anyText),
	says: anyText,
	consequence: optional(CONSEQUENCE)
});
export type JudgementJson = Of<typeof JUDGE_ANSWER>;
