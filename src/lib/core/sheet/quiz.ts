import { en } from '../language/language';
import { judge } from '../question/judge';
import { KINDS } from '../question/kinds';
import { answerText, choiceText, saidOf, WORDS } from '../question/words';
import { cellsOf, cellText } from '../question/cells';
import type { Answer, QuestionKind, Question, RelationAnswer } from '../question/types';
import { parseRational, toText, ZERO, type Rational } from '../number/rational';
import type { TableauJson } from '../tableau/written';
import { drawingOf, regionDrawings, withoutBest, type Drawing } from './drawing';

/** Questions as items of a quiz that other systems grade: what is entered, which entries are right, and what is said to wrong ones. */

/** Something that is entered: one or several of some choices, or a text. */
export type Field =
	| {
			readonly kind: 'choice';
			readonly id: string;
			readonly options: readonly { readonly id: string; readonly text: string; readonly drawing?: Drawing }[];
			/** how many may be chosen; 0 for any number */
			readonly most: 0 | 1;
	  }
	/** choices that are put in order */
	| {
			readonly kind: 'order';
			readonly id: string;
			readonly options: readonly { readonly id: string; readonly text: string }[];
	  }
	| { readonly kind: 'text'; readonly id: string; readonly label: string }
	/** a corner of a picture, by its number among the drawing's */
	| { readonly kind: 'spot'; readonly id: string; readonly drawing: Drawing };

/** What has to be entered in each field: every way of writing it, or exactly these choices. */
export type Entries = Readonly<Record<string, readonly string[]>>;

export interface QuizItem {
	readonly id: string;
	readonly title: string;
	readonly says: string;
	/** tableaux that are shown with it */
	readonly tableaux: readonly TableauJson[];
	readonly fields: readonly Field[];
	/** each a way of being right; where choices may be several, all of a field's entries have to be chosen */
	readonly right: readonly Entries[];
	readonly because: string;
	readonly slips: readonly { readonly entries: Entries; readonly says: string }[];
}

const FORMS_OF_FRACTION = 6;

/** The ways in which a number is written: fraction (also not in lowest terms), decimal, mixed, with either minus sign and decimal mark. */
export function writtenForms(value: Rational): string[] {
	const size = value.abs();
	const forms = [toText(size)];
	if (size.d !== 1n) {
		for (let k = 2n; k <= BigInt(FORMS_OF_FRACTION); k++) forms.push(`${size.n * k}/${size.d * k}`);
		if (size.n > size.d) forms.push(`${size.n / size.d} ${size.n % size.d}/${size.d}`);
		let rest = size.d;
		for (const prime of [2n, 5n]) while (rest % prime === 0n) rest /= prime;
		if (rest === 1n) {
			const decimal = size.toString();
			forms.push(decimal, decimal.replace('.', ','));
			if (decimal.startsWith('0.')) forms.push(decimal.slice(1));
		}
	} else forms.push(`${toText(size)}.0`, `${toText(size)}/1`);
	if (value.s >= 0n) return [...forms, ...forms.map((form) => `+${form}`)];
	return forms.flatMap((form) => [`-${form}`, `−${form}`]);
}

/** What may be written where an interval has no end. */
const NO_END = {
	low: ['-∞', '−∞', '-inf', '-infinity', 'none'],
	high: ['∞', 'inf', 'infinity', 'none', '+∞']
};

/** The plain choices of kinds whose answers are some words. */
const CHOICES: Partial<
	Record<QuestionKind['answers'], readonly (readonly [answer: string, text: string])[]>
> = {
	'yes-no': [
		['yes', en`Yes`],
		['no', en`No`]
	],
	state: [
		['optimal', en`Optimal`],
		['improvable', en`It can be improved`],
		['unbounded', en`Unbounded`],
		['infeasible', en`Infeasible`],
		['not-feasible', en`Not feasible yet`]
	],
	closing: [
		['bound', en`Close it: its bound is no better`],
		['infeasible', en`Close it: infeasible`],
		['integer', en`Close it: its plan is whole`],
		['branch', en`Branch on it`]
	],
	sign: [
		['>= 0', '≥ 0'],
		['<= 0', '≤ 0'],
		['free', en`Free`]
	]
};

const letter = (i: number): string => `C${i + 1}`;

/** A field of choices, and what choosing some answers means. */
function chosen(all: readonly (readonly [answer: string, text: string])[], most: 0 | 1 = 1) {
	const field: Extract<Field, { kind: 'choice' }> = {
		kind: 'choice',
		id: 'R1',
		options: all.map(([, text], i) => ({ id: letter(i), text })),
		most
	};
	const of = (answers: readonly string[]): Entries | null => {
		const ids = answers.map((answer) => all.findIndex(([own]) => own === answer));
		return ids.includes(-1) ? null : { R1: ids.map(letter) };
	};
	return { field, of };
}

/** What is entered, and how an answer of the question is entered there; null where it cannot be. */
interface Form {
	readonly fields: readonly Field[];
	entries(answer: Answer): Entries | null;
}

/** One of some choices, which may be pictures. */
const single = (all: readonly (readonly [string, string])[], drawings: readonly Drawing[] = []): Form => {
	const { field, of } = chosen(all);
	const options = field.options.map((option, i) =>
		drawings[i] ? { ...option, drawing: drawings[i] } : option
	);
	return {
		fields: [{ ...field, options }],
		entries: (answer) => (typeof answer === 'string' ? of([answer]) : null)
	};
};

const numberForms = (text: string): string[] =>
	text === 'none' ? ['none', '-', '–', en`no ratio`] : writtenForms(parseRational(text));

/** One field for each named number. */
function named(names: readonly string[], labels: (name: string) => string): Form {
	const fields = names.map((name, i): Field => ({ kind: 'text', id: `R${i + 1}`, label: labels(name) }));
	return {
		fields,
		entries(answer) {
			const own = answer as Readonly<Record<string, string>>;
			return Object.fromEntries(
				names.map((name, i) => [`R${i + 1}`, numberForms(own[name] ?? toText(ZERO))])
			);
		}
	};
}

const distinct = (list: readonly string[]): string[] => [...new Set(list)];

/** cells that are offered as the wrong one, at most */
const MOST_CELLS = 8;

function formOf(question: Question): Form | null {
	const { kind, tableau, right, slips, problem, given } = question;
	const { answers } = KINDS[kind];
	const words = CHOICES[answers];
	if (words) return single(words);
	const offered = distinct(
		[...right, ...slips.map(({ answer }) => answer)].filter((own) => typeof own === 'string')
	);
	switch (answers) {
		case 'choice': {
			const drawings = given.pictures && problem ? regionDrawings(problem, given.pictures) : [];
			return single(
				(given.choices ?? []).map((own) => [own, choiceText(question, own)]),
				drawings
			);
		}
		case 'name': {
			const all =
				kind === 'leaving' || kind === 'dual-leaving'
					? tableau.rows.map(({ basic }) => basic)
					: tableau.columns;
			return single(distinct([...all, ...offered]).map((name) => [name, name]));
		}
		case 'number':
			return {
				fields: [{ kind: 'text', id: 'R1', label: en`Answer` }],
				entries: (answer) => (typeof answer === 'string' ? { R1: numberForms(answer) } : null)
			};
		case 'names': {
			const all = given.choices ?? problem?.constraints.map(({ name }) => name) ?? [];
			const { field, of } = chosen(
				all.map((name) => [name, name]),
				0
			);
			return {
				fields: [field],
				entries: (answer) => (Array.isArray(answer) ? of(answer as string[]) : null)
			};
		}
		case 'order': {
			const { field, of } = chosen((given.choices ?? []).map((own) => [own, own]));
			return {
				fields: [{ kind: 'order', id: field.id, options: field.options }],
				entries: (answer) => (Array.isArray(answer) ? of(answer as string[]) : null)
			};
		}
		case 'plan': {
			const drawing = kind === 'best-corner' && problem ? drawingOf(problem, 'answers') : null;
			if (drawing && problem) {
				const plain = withoutBest(drawing);
				const places = plain.corners.map(({ says }) => says);
				const at = (answer: Answer) => {
					const plan = answer as Readonly<Record<string, string>>;
					const amounts = problem.variables.map(({ name }) => plan[name] ?? '0');
					return places.indexOf(`(${amounts.join(', ').replaceAll('-', '−')})`);
				};
				return {
					fields: [{ kind: 'spot', id: 'R1', drawing: plain }],
					entries: (answer) => (at(answer) < 0 ? null : { R1: [letter(at(answer))] })
				};
			}
			return named(Object.keys(right[0]), (name) => `${name} =`);
		}
		case 'interval':
			return {
				fields: [
					{ kind: 'text', id: 'R1', label: en`from (−inf for no end)` },
					{ kind: 'text', id: 'R2', label: en`to (inf for no end)` }
				],
				entries(answer) {
					const [low, high] = answer as readonly [string | null, string | null];
					return {
						R1: low === null ? NO_END.low : writtenForms(parseRational(low)),
						R2: high === null ? NO_END.high : writtenForms(parseRational(high))
					};
				}
			};
		case 'cells':
			return named(Object.keys(right[0]), cellText);
		case 'cell': {
			const all = cellsOf(given.after ?? tableau).map(([cell]) => cell);
			// those around the right one, so that its place does not tell
			const first = Math.max(0, Math.min(all.indexOf(offered[0]) - 3, all.length - MOST_CELLS));
			return single(all.slice(first, first + MOST_CELLS).map((cell) => [cell, cellText(cell)]));
		}
		case 'relation': {
			const all = [...right, ...slips.map(({ answer }) => answer)] as RelationAnswer[];
			const texts = distinct(all.map(answerText)).sort();
			if (texts.length < 2) return null;
			const { field, of } = chosen([...texts, en`None of these`].map((text) => [text, text]));
			return { fields: [field], entries: (answer) => of([answerText(answer)]) };
		}
		default:
			return null;
	}
}

/**
 * A question as an item of a quiz.
 * @returns null where it cannot be asked by choices and texts
 */
export function quizItem(question: Question, id: string): QuizItem | null {
	const { kind, given, tableau } = question;
	const form = formOf(question);
	if (!form) return null;
	const right = question.right.flatMap((answer): Entries[] => {
		const entries = form.entries(answer);
		return entries ? [entries] : [];
	});
	if (right.length === 0) return null;
	const { answers } = KINDS[kind];
	return {
		id,
		title: en`Question ${id}`,
		says: WORDS[kind].asks(question),
		tableaux: question.problem ? [] : given.after ? [tableau, given.after] : [tableau],
		fields: form.fields,
		right,
		because: WORDS[kind].because(question),
		slips: question.slips.flatMap(({ answer }) => {
			const entries = form.entries(answer);
			return entries ? [{ entries, says: saidOf(question, judge(question, answer), answers) }] : [];
		})
	};
}
