import type { OtherReading } from './stretch';

/** Counts that stand before or behind lines, `(1)` or `1.`: they are no factors. */

const NUMBERED = /^([ \t]*)((?:\((\d{1,3})\)|(\d{1,3})[.)])[ \t]+)(?=\S)/gm;
const NUMBERED_END = /([ \t]+\((\d{1,3})\)[ \t]*)$/gm;

/** Lines that count themselves, one after another: the counts are no factors. */
function numbering(source: string, pattern: RegExp, group: number, skip: number): [number, OtherReading][] {
	const found = [...source.matchAll(pattern)].map((match) => ({
		from: match.index + (skip ? match[1].length : 0),
		length: match[skip ? 2 : 1].length,
		count: Number(match[group] ?? match[group + 1])
	}));
	const follows =
		found.length > 1 && found.every(({ count }, i) => i === 0 || count === found[i - 1].count + 1);
	// one alone before a row: a count, or a factor where a name or a bracket follows
	if (!follows) return skip ? found.flatMap((own) => alone(source, own)) : [];
	return found.map(({ from, length }) => [from, { to: from + length, insert: '', kind: 'numbering' }]);
}

/** A count that no other line goes on from: `(1) 2x + y ≤ 4` cannot be a product, `(2) x + y ≤ 4` can be either. */
function alone(
	source: string,
	{ from, length, count }: { from: number; length: number; count: number }
): [number, OtherReading][] {
	const rest = source.slice(from + length).split('\n', 1)[0];
	const isRow = /[<>=≤≥⩽⩾]/.test(rest) && !/^\s*(?:max|min)/i.test(rest);
	if (!isRow || source[from] !== '(') return [];
	const stretch = { to: from + length, insert: '', kind: 'numbering' } as const;
	return [[from, /^\d/.test(rest) ? stretch : { ...stretch, choices: ['', `${count} · `] }]];
}

/** The counts of a text, by their places. */
export const countsOf = (source: string): [number, OtherReading][] => [
	...numbering(source, NUMBERED, 3, 1),
	...numbering(source, NUMBERED_END, 2, 0)
];
