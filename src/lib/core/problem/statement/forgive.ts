import { withPlainIndex } from '../names';
import type { Problem } from '../types';
import { plainLetters, withRuns } from './plain-letters';
import { readWritten, type Doubt, type TextRefusal, type Rewriting } from './written';

/** What boards, notes and LaTeX sources write otherwise is brought to the statement language before it is parsed; every place can be traced back. */

/** A text in the statement language, and how it came from its source. */
export interface Forgiven {
	readonly text: string;
	readonly rewritings: readonly Rewriting[];
	readonly doubts: readonly Doubt[];
	readonly refusals: readonly TextRefusal[];
	/** where a stretch of the text stands in the source */
	origin(stretch: { from: number; to: number }): { from: number; to: number };
}

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

/** what a text in the language itself may be that is meant otherwise all the same */
const MAY_DIFFER = new RegExp(
	[
		// a row with a unit or a remark behind its number
		/^(?![ \t]*(?:max|min))[^\n#]*[=<>≤≥⩽⩾][^\n#]*\d[ \t]*(?:\([^)\n]*\)|\p{L}[^\n=<>≤≥#]*)[ \t]*$/imu,
		// a count or a bullet before a line
		/^[ \t]*(?:\(?\d+[.)]|[-*–][ \t])/imu,
		// a hyphen inside a name
		/\p{L}{2,}-\p{L}/imu,
		/\p{L}-\p{L}{2}/imu,
		// a meaning: x = bowls
		/^[ \t]*\p{L}[\p{L}\p{Nd}_']*[ \t]*=[ \t]*\p{L}[^\n\d]*$/imu,
		// 1e3, or a coefficient before e
		/\d[eE][-+]?\d/imu,
		// ∞
		/\binf(?:inity)?\b/imu,
		// an index in brackets
		/\p{L}[([]\d/imu,
		// a sense before a name alone, or before a unit
		/^[ \t]*(?:max|min)[a-z]*[ \t]+(?:\p{L}[\p{L}\p{Nd}_']*[ \t]*$|[^\n]*\][ \t]*$)/imu,
		// a domain in brackets behind a row
		/[=<>≤≥][^\n#]*\[[^\]\n]*(?:integer|binary|whole|\d)[^\]\n]*\][ \t]*$/imu,
		/--/imu,
		// a number in words
		/[=<>≤≥][ \t]*(?:one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve)\b/imu,
		// 1.000
		/[1-9]\.\d00(?![\d.])/imu,
		// all ≥ 0
		/^[ \t]*all[ \t]*[>≥⩾]/imu,
		// what was found already
		/^[ \t]*(?:optimal[ \t]+)?(?:solution|answer|result)[ \t]*:/imu,
		// even, odd
		/[ \t](?:even|odd)\b/imu,
		// ∀
		/∀/imu,
		// letters of mathematical alphabets
		/[\u{1d400}-\u{1d7ff}\u210e]/imu,
		// a range of indices
		/\d–\p{L}+\d/imu,
		// = 0 / 1
		/=[ \t]*0[ \t]*\/[ \t]*1/imu,
		// a power
		/\*\*/imu,
		// an index below the line
		/\p{L}_\{/imu,
		// a strict inequality
		/[<>](?!=)/imu
	]
		.map(({ source }) => source)
		.join('|'),
	'imu'
);
/** anything but marks that nobody sees; a blank can be seen to be missing */
const VISIBLE = /[^\u2060-\u2064\u200b-\u200d\ufeff]/u;

/**
 * Whether a text that can be read as it stands may be meant otherwise; what its comments say does not count.
 * @param problem as it is read as it stands
 */
export function mayDiffer(source: string, problem: Problem): boolean {
	return MAY_DIFFER.test(source.replace(/("[^"\n]*")|#[^\n]*/g, '$1')) || indexedTwice(source, problem);
}

/** Whether an index is written in two ways, as in x_1 and x1, and one of them is missing in the objective or in all rows. */
function indexedTwice(source: string, { objective, constraints, variables }: Problem): boolean {
	const names = new Set(variables.map(({ name }) => name));
	const isUsed = (name: string) =>
		objective.terms.has(name) && constraints.some(({ terms }) => terms.has(name));
	return [...names].some((name) => {
		const twin = withPlainIndex(name);
		return (
			twin !== null && names.has(twin) && !(isUsed(name) && isUsed(twin)) && !source.includes(`"${name}"`)
		);
	});
}

/**
 * Reads what a text means in the statement language where it is written by another habit.
 * @param source any text
 */
export function forgive(source: string): Forgiven {
	const plain = plainLetters(source);
	const { edits: own, doubts, refusals } = readWritten(plain.text);
	const edits = plain.runs.length > 0 ? withRuns(own, plain) : own;
	const pieces: Piece[] = [];
	let text = '';
	let copied = 0;
	for (const edit of edits) {
		if (edit.from > copied) {
			pieces.push({ at: text.length, source: copied });
			text += source.slice(copied, edit.from);
		}
		if (edit.insert) pieces.push({ at: text.length, source: edit });
		text += edit.insert;
		copied = Math.max(copied, edit.to);
	}
	if (copied < source.length) {
		pieces.push({ at: text.length, source: copied });
		text += source.slice(copied);
	}
	const asked = new Set(
		doubts.flatMap(({ choices }) => choices[0].edits.map(({ from, to }) => `${from} ${to}`))
	);
	// what is refused is told as that
	for (const { from, to } of refusals) asked.add(`${from} ${to}`);
	const rewritings = edits.filter((edit) => {
		const written = source.slice(edit.from, edit.to);
		const isSeen = written === '' || VISIBLE.test(written) || edit.insert.trim() !== '';
		return !asked.has(`${edit.from} ${edit.to}`) && written !== edit.insert && isSeen;
	});
	return { text, rewritings, doubts, refusals, origin: tracer(pieces) };
}
