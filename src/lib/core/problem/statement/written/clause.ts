import type { Message, ReadingKind } from '../messages';
import type { TextEdit } from '../text-edit';
import { LETTER, type TokenKind, type Token } from './token';

/** A statement of its own within a text, as tokens, with its shape: a letter for each token, so that a kind of line is a pattern of letters. */
export class Clause {
	shape = '';
	/** the name that was found before or behind it */
	labelled: string | null = null;
	/** the heading before it, such as bounds or objective */
	headed: string | null = null;
	private own: Token[] = [];

	constructor(
		tokens: readonly Token[],
		/** what was split off before it stands in the same line */
		readonly isLater = false,
		/** the whole text */
		readonly source = ''
	) {
		this.tokens = [...tokens];
	}

	get tokens(): Token[] {
		return this.own;
	}
	set tokens(list: Token[]) {
		this.own = list;
		this.shape = list.map(({ kind }) => LETTER[kind]).join('');
	}
	get from(): number {
		return this.own[0]?.from ?? 0;
	}
	get to(): number {
		return this.own.at(-1)?.to ?? 0;
	}
	/** tokens from one place up to another, as text of the language */
	text(from = 0, to = this.own.length): string {
		return said(this.own.slice(from, to));
	}
	/** the stretch of the source that tokens take */
	span(from: number, to = this.own.length): { from: number; to: number } {
		return { from: this.own[from]?.from ?? this.to, to: this.own[to - 1]?.to ?? this.to };
	}
	/** Tokens read as one: a name of several words, a unit. */
	merge(from: number, to: number, kind: TokenKind, says: string): void {
		const first = this.own[from];
		const token: Token = { ...first, kind, says, habit: null, to: this.own[to - 1].to };
		this.tokens = [...this.own.slice(0, from), token, ...this.own.slice(to)];
	}
	drop(from: number, to: number): void {
		this.tokens = [...this.own.slice(0, from), ...this.own.slice(to)];
	}
}

/** Tokens as text of the language, with the blanks that were between them. */
export const said = (tokens: readonly Token[]): string =>
	tokens
		.map(({ says, apart }, i) => {
			if (i === 0) return says;
			// a name and what could be taken for a part of it stay apart
			const wouldJoin = /\p{L}$/u.test(tokens[i - 1].says) && /^[\p{L}\d([]/u.test(says);
			return (apart && says !== '') || wouldJoin ? ` ${says}` : says;
		})
		.join('');

/** A stretch read as something else, and by which habit. */
export interface Rewriting extends TextEdit {
	readonly kind: ReadingKind;
}

/** One way to read what can be read in several: what it is called, and how the text would say it. */
export interface WayToRead {
	readonly insert: string;
	readonly edits: readonly TextEdit[];
}

/** What can be read in two ways, the reading that stands first. */
export interface Doubt {
	readonly from: number;
	readonly to: number;
	readonly kind: ReadingKind;
	readonly choices: readonly WayToRead[];
}

/** What cannot be read, and what to do about it. */
export interface TextRefusal {
	readonly from: number;
	readonly to: number;
	readonly message: Message;
}

/** What becomes of a text while it is read. */
export class Draft {
	edits: Rewriting[] = [];
	readonly doubts: Doubt[] = [];
	readonly refusals: TextRefusal[] = [];

	/** Reads a stretch as something else; what was said of parts of it before no longer counts. */
	put({ from, to }: { from: number; to: number }, insert: string, kind: ReadingKind): void {
		// what was put before it stays
		const inside = (own: Rewriting) => own.from >= from && own.to <= to && own.to > from;
		if (to > from && this.edits.some(inside)) this.edits = this.edits.filter((own) => !inside(own));
		this.edits.push({ from, to, insert, kind });
	}

	/** The same where something else can be meant: one question for all its places. */
	ask(places: readonly { from: number; to: number }[], choices: readonly string[], kind: ReadingKind): void {
		for (const place of places) this.put(place, choices[0], kind);
		const said = choices.map((insert) => ({ insert, edits: places.map((place) => ({ ...place, insert })) }));
		this.doubts.push({ from: places[0].from, to: places[0].to, kind, choices: said });
	}

	/** Leaves out how a clause begins, up to one of its tokens. */
	passStart(clause: Clause, length: number, kind: ReadingKind): void {
		this.put({ from: clause.from, to: clause.tokens[length]?.from ?? clause.to }, '', kind);
		clause.drop(0, length);
	}

	/** Leaves out how a clause ends, from one of its tokens on. */
	passEnd(clause: Clause, at: number, kind: ReadingKind): void {
		this.put({ from: clause.tokens[at - 1].to, to: clause.to }, '', kind);
		clause.drop(at, clause.shape.length);
	}

	refuse({ from, to }: { from: number; to: number }, message: Message): void {
		this.put({ from, to }, '', 'prose');
		this.refusals.push({ from, to, message });
	}
}

/** A pattern over the shape of a clause, whole or from its beginning. */
export const shape = (pattern: string): RegExp =>
	new RegExp(pattern.replace(/ /g, '').replace(/LIST/g, LIST).replace(/SUM/g, SUM).replace(/NUM/g, NUM));
/** names in a row */
export const LIST = 'p?w(?:[ca]*w)*q?';
/** arithmetic */
export const SUM = '[nwsdtepqPyu]+';
/** a number with its sign, or a fraction */
export const NUM = '(?:s?n(?:dn)?P?)';
