import type { Rewriting } from './written';

/** Letters of mathematical alphabets, as equations are copied from documents: 𝑥₁ is x₁. */

const MATHEMATICAL = String.raw`\u{1d400}-\u{1d7ff}\u210e`;
const RUN = new RegExp(`[${MATHEMATICAL}][${MATHEMATICAL}\\p{Nd}₀-₉_.]*`, 'gu');
const LETTER = new RegExp(`[${MATHEMATICAL}]`, 'gu');
/** says nothing, and keeps all places where they were */
const FILLER = '\u2060';

interface Run {
	readonly from: number;
	readonly to: number;
	readonly insert: string;
}

/** A text in plain letters, each place where it was, and the stretches that were not plain. */
export interface PlainLetters {
	readonly text: string;
	readonly runs: readonly Run[];
}

/** A text with plain letters in place of mathematical ones. */
export function plainLetters(source: string): PlainLetters {
	const runs: Run[] = [];
	const text = source.replace(RUN, (run, from: number) => {
		const insert = run.replace(LETTER, (letter) => letter.normalize('NFKC'));
		runs.push({ from, to: from + run.length, insert });
		return insert + FILLER.repeat(run.length - insert.length);
	});
	return { text, runs };
}

/** The edits of a text in plain letters as edits of its source: what they leave of a mathematical stretch is written plainly. */
export function withRuns(edits: readonly Rewriting[], { text, runs }: PlainLetters): readonly Rewriting[] {
	let list = edits;
	for (const run of runs) {
		const end = run.from + run.insert.length;
		const isInside = (own: Rewriting) => own.from < end && own.to > run.from;
		const before: Rewriting[] = list.some(isInside) ? [] : [{ ...run, kind: 'mark' }];
		// an edit that ends with the letters takes their fillers in; one of the fillers alone begins behind them
		const kept = list.flatMap((own): Rewriting[] => {
			if (isInside(own)) return [{ ...own, to: Math.max(own.to, run.to) }];
			if (own.from < end || own.from >= run.to) return [own];
			const isBlank = !own.insert && /^[\s\u2060]*$/.test(text.slice(own.from, own.to));
			return isBlank ? [] : [{ ...own, from: run.to, to: Math.max(own.to, run.to) }];
		});
		list = [...before, ...kept];
	}
	return [...list].sort((a, b) => a.from - b.from || a.to - b.to);
}
