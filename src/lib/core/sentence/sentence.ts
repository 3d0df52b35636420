import { en, phrase } from '../language/language';
import Fraction from 'fraction.js';
import type { Column } from '../form/types';
import type { Claim } from './claim';
import { columnName, steppedAside } from '../notation/column-names';
import { CHOICES, goalName, improvingSign, PLAIN, shownText, type Notation } from '../notation/notation';
import { sign, type Rational } from '../number/rational';
import type { Objective, Terms } from '../problem/types';
import type { Goal } from '../tableau/goal';

/** A part of a sentence: words, a number, or the name of something that the views can light up. */
export type Piece =
	| { readonly kind: 'text'; readonly text: string }
	| { readonly kind: 'number'; readonly value: Rational }
	| { readonly kind: 'column'; readonly column: Column }
	| { readonly kind: 'constraint'; readonly name: string }
	| { readonly kind: 'goal'; readonly goal: Goal; readonly objective: Objective }
	/** what the words beside it claim of a tableau; not shown */
	| { readonly kind: 'claim'; readonly claim: Claim }
	/** what is said differently in different notations: the first case whose choices are the notation's */
	| {
			readonly kind: 'by-notation';
			readonly cases: readonly { readonly when: Partial<Notation>; readonly says: Sentence }[];
	  }
	/** what phase one's sum of artificial variables is called */
	| { readonly kind: 'infeasibility' }
	/** the columns among these whose first names are taken, and what is said of them */
	| { readonly kind: 'stepped-aside'; readonly columns: readonly Column[]; readonly says: string }
	/** `negative` or `positive`, as entries of an objective row are written that improve, or do not */
	| {
			readonly kind: 'sign';
			readonly improving: boolean;
			readonly goal: Goal;
			readonly objective: Objective;
	  };

export type Sentence = readonly Piece[];

/** A paragraph of commentary with what it is about. */
export interface Paragraph {
	readonly tone: 'step' | 'warning' | 'conclusion' | 'hint';
	readonly heading: Sentence;
	readonly sentences: readonly Sentence[];
}

type Inserted =
	| string
	| number
	| Rational
	| Column
	| Sentence
	| { readonly constraint: string }
	| { readonly goal: Goal; readonly objective: Objective }
	| { readonly piece: Piece }
	| { readonly sign: 'improving' | 'other'; readonly goal: Goal; readonly objective: Objective };

function piece(value: Inserted): Sentence {
	if (typeof value === 'string' || typeof value === 'number') return [{ kind: 'text', text: String(value) }];
	if (value instanceof Fraction) return [{ kind: 'number', value }];
	if (Array.isArray(value)) return value as Sentence;
	if ('constraint' in value) return [{ kind: 'constraint', name: value.constraint }];
	if ('piece' in value) return [value.piece];
	if ('sign' in value) {
		const { sign: which, goal, objective } = value;
		return [{ kind: 'sign', improving: which === 'improving', goal, objective }];
	}
	if ('goal' in value) return [{ kind: 'goal', ...value }];
	return [{ kind: 'column', column: value as Column }];
}

/** Builds a sentence, written in English and said in the language chosen: numbers, columns, constraints and objective rows in the template stay what they are. */
export function say(strings: TemplateStringsArray, ...values: Inserted[]): Sentence {
	const { parts, order } = phrase(strings);
	return parts.flatMap((text, i): Sentence => {
		const words: Sentence = text ? [{ kind: 'text', text }] : [];
		return i < order.length ? [...words, ...piece(values[order[i]])] : words;
	});
}

export const NOTHING_SAID: Sentence = [];

/** What phase one's sum of artificial variables is called, to be put into sentences. */
export const INFEASIBILITY_NAME: { readonly piece: Piece } = { piece: { kind: 'infeasibility' } };

/** Sentences in a row, with a text between them and another before the last. */
export function joined(parts: readonly Sentence[], between = ', ', last = en` and `): Sentence {
	return parts.flatMap((part, i) => {
		if (i === 0) return part;
		return [{ kind: 'text' as const, text: i === parts.length - 1 ? last : between }, ...part];
	});
}

/** A sentence in the middle of another: its first word without a capital. */
export function midSentence(sentence: Sentence): Sentence {
	const [first, ...rest] = sentence;
	return first?.kind === 'text'
		? [{ kind: 'text', text: first.text.charAt(0).toLowerCase() + first.text.slice(1) }, ...rest]
		: sentence;
}

/** A piece as it is shown in a notation. */
export type ShownPiece = Exclude<
	Piece,
	{ kind: 'by-notation' | 'infeasibility' | 'stepped-aside' | 'claim' }
>;

function resolvedPiece(part: Piece, notation: Notation): (ShownPiece | Extract<Piece, { kind: 'claim' }>)[] {
	switch (part.kind) {
		case 'by-notation': {
			const isMeant = (when: Partial<Notation>) =>
				Object.entries(when).every(([name, own]) => notation[name as keyof Notation] === own);
			return resolved(part.cases.find(({ when }) => isMeant(when))?.says ?? NOTHING_SAID, notation);
		}
		case 'infeasibility':
			return [{ kind: 'text', text: notation.infeasibility }];
		case 'stepped-aside': {
			const aside = steppedAside(notation, part.columns);
			return aside.length === 0
				? []
				: resolved(say`${joined(aside.map((column) => say`${column}`))}${part.says}`, notation);
		}
		default:
			return [part];
	}
}

const resolved = (sentence: Sentence, notation: Notation) =>
	sentence.flatMap((part) => resolvedPiece(part, notation));

/** A sentence in a notation: what is said differently in others, said as it is there. */
export const inNotation = (sentence: Sentence, notation: Notation): ShownPiece[] =>
	resolved(sentence, notation).flatMap((part) => (part.kind === 'claim' ? [] : [part]));

/** What a sentence claims of tableaux as they are written in a notation. */
export const claimsOf = (sentence: Sentence, notation: Notation): Claim[] =>
	resolved(sentence, notation).flatMap((part) => (part.kind === 'claim' ? [part.claim] : []));

/** A claim to be put beside the words that make it. */
export const claim = (own: Claim): Sentence => [{ kind: 'claim', claim: own }];

/** What is written otherwise in a dictionary, where the entries of rows have the other sign. */
export const byLayout = (tableau: Sentence, dictionary: Sentence): { readonly piece: Piece } => ({
	piece: {
		kind: 'by-notation',
		cases: [
			{ when: { layout: 'dictionary' }, says: dictionary },
			{ when: {}, says: tableau }
		]
	}
});

/** Choices on which signs of objective rows and their values depend. */
type SignChoice = 'entries' | 'value' | 'minimum' | 'phaseOne' | 'layout';

/** What the signs of an objective row's entries depend on; those of its value on `value`, too. */
export const signsOf = ({ kind }: Goal): SignChoice[] => [
	'layout',
	'entries',
	kind === 'infeasibility' ? 'phaseOne' : 'minimum'
];

/**
 * What is said differently where signs are written differently, made for each combination of some choices.
 * @param choices those on which it depends; of layouts, whether it is a dictionary
 */
export function byNotation(
	choices: readonly SignChoice[],
	make: (notation: Notation) => Sentence
): { readonly piece: Piece } {
	const cases = choices.reduce<Partial<Notation>[]>(
		(all, choice) => {
			const values = choice === 'layout' ? (['dictionary', 'full'] as const) : CHOICES[choice];
			return all.flatMap((when) => values.map((own) => ({ ...when, [choice]: own })));
		},
		[{}]
	);
	return {
		piece: {
			kind: 'by-notation',
			cases: cases.map((own) => {
				const { layout, ...rest } = own;
				// any other layout is as the full one
				const when = layout === 'full' ? rest : own;
				return { when, says: make({ ...PLAIN, ...own }) };
			})
		}
	};
}

/** The sign of entries of rows, which are `sign` underneath, as it is written. */
export const entrySign = (sign: 'negative' | 'positive') =>
	sign === 'negative' ? byLayout(say`negative`, say`positive`) : byLayout(say`positive`, say`negative`);

/** A number behind a sign of arithmetic: a negative one in brackets. */
export const inBrackets = (value: Rational): Sentence => (sign(value) < 0 ? say`(${value})` : say`${value}`);

/** An entry of a row as it is written. */
export const entryValue = (value: Rational) => byLayout(say`${value}`, say`${value.neg()}`);

/** What a piece that is no number is called in a notation. */
export function pieceName(part: Exclude<ShownPiece, { kind: 'number' }>, notation: Notation): string {
	switch (part.kind) {
		case 'text':
			return part.text;
		case 'column':
			return columnName(notation, part.column);
		case 'constraint':
			return part.name;
		case 'goal':
			return goalName(notation, part.goal, part.objective);
		case 'sign': {
			const improving = improvingSign(notation, part.goal, part.objective.sense);
			return (improving === 'negative') === part.improving ? en`negative` : en`positive`;
		}
	}
}

/** A sentence as plain text, for screen readers, tests and files. */
export function plainText(sentence: Sentence, notation: Notation = PLAIN): string {
	return inNotation(sentence, notation)
		.map((part) => (part.kind === 'number' ? shownText(notation, part.value) : pieceName(part, notation)))
		.join('');
}

/** A paragraph's sentences as one text. */
export const paragraphText = ({ sentences }: Paragraph, notation: Notation = PLAIN): string =>
	sentences
		.map((sentence) => plainText(sentence, notation))
		.filter(Boolean)
		.join(' ');

/** Rows times their multipliers, as an instruction: `Take clay and 2 times kiln and add them`; one alone is just named. */
export function taken(parts: readonly { readonly times: Rational; readonly row: Sentence }[]): Sentence {
	// plain ones first: “2 times a and b” could mean both
	const once = parts.filter(({ times }) => times.equals(1));
	const rest = parts.filter(({ times }) => !times.equals(1));
	const told = [...once.map(({ row }) => row), ...rest.map(({ times, row }) => say`${times} times ${row}`)];
	if (parts.length > 1) return say`Take ${joined(told)}, and add them`;
	return say`Take ${told[0]}`;
}

/** `is 1`, `are 3`: a number with the verb that goes with it. */
export const isOrAre = (count: Rational | number): string => (Number(count.valueOf()) === 1 ? 'is' : 'are');

/** `2 x − y` from named terms. */
export function signed(terms: readonly { says: Sentence; value: Rational }[]): Sentence {
	if (terms.length === 0) return say`0`;
	return terms.flatMap(({ says, value }, i) => {
		const minus = sign(value) < 0;
		const between = i === 0 ? (minus ? say`−` : say``) : minus ? say` − ` : say` + `;
		const size = value.abs();
		return [...between, ...(size.equals(1) ? says : say`${size} ${says}`)];
	});
}

/** ` + 2 x − y` from named terms, after something. */
export const signedAfter = (terms: readonly { says: Sentence; value: Rational }[]): Sentence =>
	terms.flatMap(({ says, value }) => {
		const size = value.abs();
		return say` ${sign(value) < 0 ? '−' : '+'} ${size.equals(1) ? says : say`${size} ${says}`}`;
	});

/** `2 bowls − vases` from terms by the names of variables. */
export const linear = (terms: Terms): Sentence =>
	signed([...terms].map(([name, value]) => ({ says: say`${name}`, value })));

/** A text as it begins a sentence. */
export const capitalText = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** A sentence with a capital at its beginning, where it begins with text. */
export function capital(sentence: Sentence): Sentence {
	const [first, ...rest] = sentence;
	return first?.kind === 'text' ? [{ kind: 'text', text: capitalText(first.text) }, ...rest] : sentence;
}
