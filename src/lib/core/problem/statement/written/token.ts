import type { ReadingKind } from '../messages';

/** A part of a text, what it can be, and what the whole text shows of its author's habits. */

export type TokenKind =
	| 'number'
	| 'word'
	| 'relation'
	| 'sign'
	| 'times'
	| 'divide'
	| 'power'
	| 'open'
	| 'close'
	| 'left'
	| 'right'
	| 'comma'
	| 'semicolon'
	| 'colon'
	| 'and'
	| 'or'
	| 'such'
	| 'sense'
	| 'domain'
	| 'in'
	| 'set'
	| 'each'
	| 'all'
	| 'dots'
	| 'stop'
	| 'bar'
	| 'unit'
	| 'arrow'
	| 'percent'
	| 'infinity'
	| 'between'
	| 'from'
	| 'count'
	| 'gap'
	| 'newline'
	| 'other';

/** The letter of a kind in the shape of a line; see `split.ts`. */
export const LETTER: Readonly<Record<TokenKind, string>> = {
	number: 'n',
	word: 'w',
	relation: 'r',
	sign: 's',
	times: 't',
	divide: 'd',
	power: 'e',
	open: 'p',
	close: 'q',
	left: 'j',
	right: 'k',
	comma: 'c',
	semicolon: 'm',
	colon: 'l',
	and: 'a',
	or: 'O',
	such: 'b',
	sense: 'g',
	domain: 'i',
	in: 'h',
	set: 'z',
	each: 'v',
	all: 'A',
	dots: 'o',
	stop: 'f',
	bar: 'y',
	unit: 'u',
	arrow: 'x',
	percent: 'P',
	infinity: 'N',
	between: 'B',
	from: 'F',
	count: 'C',
	gap: 'G',
	newline: 'L',
	other: '?'
};

export interface Token {
	readonly kind: TokenKind;
	readonly from: number;
	readonly to: number;
	/** what it is in the statement language; empty where it says nothing there */
	readonly says: string;
	/** by which habit it says that; null where it is written so in the language */
	readonly habit: ReadingKind | null;
	/** whether a blank stands before it */
	readonly apart: boolean;
	/** a number that can be read in another way too */
	readonly otherwise?: string;
}

/** A stretch that says nothing, or something that is not looked at: blanks of LaTeX, marks of pages, comments. */
export interface Passed {
	readonly from: number;
	readonly to: number;
	readonly says: string;
	readonly habit: ReadingKind;
}

/** What the whole text shows of its author's habits. */
export interface Context {
	readonly tex: boolean;
	/** what a comma inside numbers is here, as far as other numbers show it */
	readonly comma: 'decimal' | 'thousands' | null;
	/** whether points may separate thousands, as in 1.000 */
	readonly dots: boolean;
	/** whether `e2` is a variable here, so that 3e2 is no power of ten */
	readonly e: boolean;
}

/** Whether a word says that the variables before it are added up: x and y together. */
export const isTogether = (token: Token | undefined): boolean =>
	token?.kind === 'word' && /^(?:together|combined|altogether)$/i.test(token.says);
