import Fraction from 'fraction.js';
import type { Column } from '../form/types';
import { showNumber, type NumberStyle } from '../number/show';
import type { Rational } from '../number/rational';

/** A part of a sentence: words, a number, or the name of something that the views can light up. */
export type Piece =
	| { readonly kind: 'text'; readonly text: string }
	| { readonly kind: 'number'; readonly value: Rational }
	| { readonly kind: 'column'; readonly column: Column }
	| { readonly kind: 'constraint'; readonly name: string };

export type Sentence = readonly Piece[];

/** A paragraph of commentary with what it is about. */
export interface Remark {
	readonly tone: 'step' | 'warning' | 'conclusion' | 'hint';
	readonly heading: string;
	readonly sentences: readonly Sentence[];
}

type Inserted = string | number | Rational | Column | Sentence | { readonly constraint: string };

function piece(value: Inserted): Sentence {
	if (typeof value === 'string' || typeof value === 'number') return [{ kind: 'text', text: String(value) }];
	if (value instanceof Fraction) return [{ kind: 'number', value }];
	if (Array.isArray(value)) return value as Sentence;
	if ('constraint' in value) return [{ kind: 'constraint', name: value.constraint }];
	return [{ kind: 'column', column: value as Column }];
}

/** Builds a sentence: numbers, columns and constraints in the template stay what they are. */
export function say(strings: TemplateStringsArray, ...values: Inserted[]): Sentence {
	return strings.flatMap((text, i): Sentence => {
		const words: Sentence = text ? [{ kind: 'text', text }] : [];
		return i < values.length ? [...words, ...piece(values[i])] : words;
	});
}

/** Sentences in a row, with a text between them and another before the last. */
export function joined(parts: readonly Sentence[], between = ', ', last = ' and '): Sentence {
	return parts.flatMap((part, i) => {
		if (i === 0) return part;
		return [{ kind: 'text' as const, text: i === parts.length - 1 ? last : between }, ...part];
	});
}

/** A sentence as plain text, for screen readers, tests and files. */
export function plainText(sentence: Sentence, style: NumberStyle = 'fraction'): string {
	return sentence
		.map((part) => {
			if (part.kind === 'number') return showNumber(part.value, style);
			if (part.kind === 'column') return part.column.name;
			return part.kind === 'constraint' ? part.name : part.text;
		})
		.join('');
}
