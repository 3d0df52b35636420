import { ExternalTokenizer } from '@lezer/lr';
import * as terms from './statement.grammar.terms';

const LETTER = /\p{L}/u;
const INSIDE = /[\p{L}\p{M}\p{Nd}_']/u;

/** Words with a meaning of their own; in double quotes they may still be names. */
export const KEYWORDS: Readonly<Record<string, string>> = {
	max: 'Sense',
	maximise: 'Sense',
	maximize: 'Sense',
	min: 'Sense',
	minimise: 'Sense',
	minimize: 'Sense',
	free: 'Free',
	integer: 'Integer',
	binary: 'Binary',
	from: 'FromWord',
	to: 'ToWord',
	title: 'TitleWord',
	story: 'StoryWord'
};

/** Words that boards and notes use between names, so that they are read as words in some places; in double quotes they are names everywhere. */
export const SPOKEN: ReadonlySet<string> = new Set(
	(
		'subject such so that s st under the constraint constraints restriction restrictions condition conditions and where with ' +
		'maximum maximal minimum minimal are is be all both must integers int integral whole number numbers unrestricted in of sign urs ' +
		'non nonnegative at no not least most more less than then to or equal for every each only'
	).split(' ')
);

const ids = terms as unknown as Record<string, number>;

function codePoint(input: { next: number; peek(offset: number): number }): { text: string; units: number } {
	const first = input.next;
	if (first >= 0xd800 && first < 0xdc00) {
		const second = input.peek(1);
		return { text: String.fromCharCode(first, second), units: 2 };
	}
	return { text: first < 0 ? '' : String.fromCharCode(first), units: 1 };
}

/** Names in any script: Unicode's letter classes are beyond the grammar's own token language. */
export const nameTokens = new ExternalTokenizer((input) => {
	let here = codePoint(input);
	if (!here.text || !LETTER.test(here.text)) return;
	do {
		for (let i = 0; i < here.units; i++) input.advance();
		here = codePoint(input);
	} while (here.text && INSIDE.test(here.text));
	input.acceptToken(ids.Name);
});

/** Tells the parser which names are keywords (in any case of letters). */
export function keyword(text: string): number {
	const kind = KEYWORDS[text.toLowerCase()];
	return kind && Object.hasOwn(KEYWORDS, text.toLowerCase()) ? ids[kind] : -1;
}
