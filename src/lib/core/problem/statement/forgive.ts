import { plainUnit } from './latex-source';
import { matchAt } from './sticky';
import type { TextEdit } from './text-edit';
import { MAY_DIFFER, pendingOf, readingAt } from './readings';
import { type ReadingKind, type OtherReading } from './stretch';

/** What boards, notes and LaTeX sources write otherwise is brought to the statement language before it is parsed; every place can be traced back. */

/** A stretch of the source that is read as something else, and by which habit. */
export interface Rewriting extends TextEdit {
	readonly kind: ReadingKind;
}

/** A stretch that can be read in two ways: the reader has to say which. */
export interface Doubt {
	readonly from: number;
	readonly to: number;
	readonly choices: readonly string[];
}

/** A text in the statement language, and how it came from its source. */
export interface Forgiven {
	readonly text: string;
	readonly rewritings: readonly Rewriting[];
	readonly doubts: readonly Doubt[];
	/** where a stretch of the text stands in the source */
	origin(stretch: { from: number; to: number }): { from: number; to: number };
}

/** a comment, a quoted text or a unit: none is read otherwise */
const VERBATIM = /#[^\n]*|"(?:[^\\\n"]|\\[^\n])*"|\[[^\]\n]*\]/y;
const WORD = /\p{L}[\p{L}\p{M}\p{Nd}_']*/uy;
const NUMBER = /\d+(?:\.\d+)?/y;

/** Where offsets of the output come from: the offset in the source, or the rewriting that they lie in. */
interface Piece {
	/** offset in the output where the piece begins */
	readonly at: number;
	readonly source: Rewriting | number;
}

function tracer(pieces: readonly Piece[]): Forgiven['origin'] {
	// the last piece that begins at or before an offset
	const find = (offset: number) => {
		let [low, high] = [0, pieces.length - 1];
		while (low < high) {
			const middle = (low + high + 1) >> 1;
			if (pieces[middle].at <= offset) low = middle;
			else high = middle - 1;
		}
		return pieces[low];
	};
	const start = (offset: number) => {
		const piece = find(offset);
		if (!piece) return offset;
		return typeof piece.source === 'number' ? piece.source + offset - piece.at : piece.source.from;
	};
	const end = (offset: number) => {
		if (offset === 0) return start(0);
		const piece = find(offset - 1);
		if (!piece) return offset;
		return typeof piece.source === 'number' ? piece.source + offset - piece.at : piece.source.to;
	};
	return ({ from, to }) =>
		to > from ? { from: start(from), to: end(to) } : { from: start(from), to: start(from) };
}

/**
 * Reads what a text means in the statement language where it is written by another habit.
 * @param source any text
 */
export function forgive(source: string): Forgiven {
	if (!MAY_DIFFER.test(source))
		return { text: source, rewritings: [], doubts: [], origin: (stretch) => stretch };
	const pending = pendingOf(source);
	const pieces: Piece[] = [];
	const rewritings: Rewriting[] = [];
	const doubts: Doubt[] = [];
	const context = pending.context;
	let text = '';
	let copied = 0;
	let at = 0;
	const copy = (to: number) => {
		if (to > copied) {
			pieces.push({ at: text.length, source: copied });
			text += source.slice(copied, to);
		}
		copied = to;
	};
	/** what the present line of the output has come to */
	const lineSoFar = () => {
		const begin = source.lastIndexOf('\n', at - 1) + 1;
		if (begin > copied) return source.slice(begin, at);
		return text.slice(text.lastIndexOf('\n') + 1) + source.slice(copied, at);
	};
	const rewrite = ({ to, insert, kind, choices }: OtherReading) => {
		if (choices) doubts.push({ from: at, to, choices });
		if (source.slice(at, to) !== insert) {
			copy(at);
			const rewriting = { from: at, to, insert, kind };
			if (!choices) rewritings.push(rewriting);
			if (insert) pieces.push({ at: text.length, source: rewriting });
			text += insert;
			copied = to;
		}
		at = to;
	};
	while (at < source.length) {
		const planned = pending.at.get(at);
		if (planned) {
			pending.at.delete(at);
			rewrite(planned);
			continue;
		}
		const verbatim = matchAt(VERBATIM, source, at)?.[0];
		if (verbatim !== undefined && !(context.tex && verbatim[0] === '[' && source[at - 1] === '\\')) {
			const to = at + verbatim.length;
			if (context.tex && verbatim[0] === '[') rewrite({ to, insert: plainUnit(verbatim), kind: 'latex' });
			else at = to;
			continue;
		}
		const found = readingAt(source, at, lineSoFar, context);
		if (found) {
			rewrite(found);
			continue;
		}
		at += (matchAt(WORD, source, at) ?? matchAt(NUMBER, source, at) ?? [source[at]])[0].length;
	}
	copy(source.length);
	return { text, rewritings, doubts, origin: tracer(pieces) };
}
