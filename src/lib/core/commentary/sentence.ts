import Fraction from 'fraction.js';
import type { Column } from '../form/types';
import { columnName } from '../notation/column-names';
import { goalName, improvingSign, PLAIN, shownText, type Notation } from '../notation/notation';
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
	/** what is said differently in different notations */
	| { readonly kind: 'written'; as(notation: Notation): Sentence }
	/** `negative` or `positive`, as entries of an objective row are written that improve, or do not */
	| {
			readonly kind: 'sign';
			readonly improving: boolean;
			readonly goal: Goal;
			readonly objective: Objective;
	  };

export type Sentence = readonly Piece[];

/** A paragraph of commentary with what it is about. */
export interface Remark {
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
	| { readonly written: (notation: Notation) => Sentence }
	| { readonly sign: 'improving' | 'other'; readonly goal: Goal; readonly objective: Objective };

function piece(value: Inserted): Sentence {
	if (typeof value === 'string' || typeof value === 'number') return [{ kind: 'text', text: String(value) }];
	if (value instanceof Fraction) return [{ kind: 'number', value }];
	if (Array.isArray(value)) return value as Sentence;
	if ('constraint' in value) return [{ kind: 'constraint', name: value.constraint }];
	if ('written' in value) return [{ kind: 'written', as: value.written }];
	if ('sign' in value) {
		const { sign: which, goal, objective } = value;
		return [{ kind: 'sign', improving: which === 'improving', goal, objective }];
	}
	if ('goal' in value) return [{ kind: 'goal', ...value }];
	return [{ kind: 'column', column: value as Column }];
}

/** Builds a sentence: numbers, columns, constraints and objective rows in the template stay what they are. */
export function say(strings: TemplateStringsArray, ...values: Inserted[]): Sentence {
	return strings.flatMap((text, i): Sentence => {
		const words: Sentence = text ? [{ kind: 'text', text }] : [];
		return i < values.length ? [...words, ...piece(values[i])] : words;
	});
}

export const NOTHING_SAID: Sentence = [];

/** What phase one's sum of artificial variables is called, to be put into sentences. */
export const INFEASIBILITY_NAME = {
	written: (notation: Notation): Sentence => say`${notation.infeasibility}`
};

/** Sentences in a row, with a text between them and another before the last. */
export function joined(parts: readonly Sentence[], between = ', ', last = ' and '): Sentence {
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

/** A sentence in a notation: what is said differently in others, said as it is there. */
export const inNotation = (sentence: Sentence, notation: Notation): Exclude<Piece, { kind: 'written' }>[] =>
	sentence.flatMap((part) => (part.kind === 'written' ? inNotation(part.as(notation), notation) : [part]));

/** What a piece that is no number is called in a notation. */
export function pieceName(part: Exclude<Piece, { kind: 'number' | 'written' }>, notation: Notation): string {
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
			return part.improving ? improving : improving === 'negative' ? 'positive' : 'negative';
		}
	}
}

/** A sentence as plain text, for screen readers, tests and files. */
export function plainText(sentence: Sentence, notation: Notation = PLAIN): string {
	return inNotation(sentence, notation)
		.map((part) => (part.kind === 'number' ? shownText(notation, part.value) : pieceName(part, notation)))
		.join('');
}

/** A remark's sentences as one text. */
export const remarkText = ({ sentences }: Remark, notation: Notation = PLAIN): string =>
	sentences
		.map((sentence) => plainText(sentence, notation))
		.filter(Boolean)
		.join(' ');

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

/** `2 bowls − vases` from terms by the names of variables. */
export const linear = (terms: Terms): Sentence =>
	signed([...terms].map(([name, value]) => ({ says: say`${name}`, value })));
