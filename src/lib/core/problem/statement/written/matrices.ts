import { message } from '../messages';
import type { Draft } from './clause';
import { numberAt } from './numerals';

/** A problem in vectors and a matrix, or in sums over an index, with its numbers beside it: max cᵀx, A x ≤ b, A = [1 2; 3 4]. */

const RELATION = '<=|=<|≤|>=|=>|≥|\\\\leq?|\\\\geq?|=';
const SUM = '(?:∑|Σ|\\\\sum)[ \\t]*(?:_(?:\\{[^}\\n]*\\}|\\w))?(?:\\^(?:\\{[^}\\n]*\\}|\\w))?[ \\t]*';
const INDEX = '_?\\{?\\w{1,2}\\}?';
const GOAL = new RegExp(
	`^([ \\t]*\\\\?)(max|min)[a-z]*[.:]?[ \\t]+(?:\\w[ \\t]*=[ \\t]*)?(?:${SUM})?(\\p{L})(?:[ \\t]*(?:\\^(?:\\{?[T⊤]\\}?|\\{?\\\\top\\}?)|ᵀ|'|⊤)|${INDEX}(?=[ \\t]*\\p{L}))?[ \\t]*[·*]?[ \\t]*(\\p{L})(?:_?\\{?\\w\\}?)?[ \\t]*$`,
	'imu'
);
const ROWS = new RegExp(
	`^[ \\t]*(?:(?:s\\.?[ \\t]?t\\.?|subject to|such that)[ \\t:]*)?(?:${SUM})?(\\p{L})(?:${INDEX}(?=[ \\t]*\\p{L}))?[ \\t]*[·*]?[ \\t]*(\\p{L})(?:_?\\{?\\w\\}?)?[ \\t]*(${RELATION})[ \\t]*(\\p{L})(?:_?\\{?\\w\\}?)?[ \\t]*(?:,?[ \\t]*(?:for all|∀)[^\\n]*)?[,;.]?[ \\t]*$`,
	'imu'
);

/** The numbers of a matrix, line by line: between brackets, lines parted by ; or by brackets of their own; null where something else stands there. */
function numbersIn(text: string): string[][] | null {
	const inner = text.trim().replace(/(?:\^\{?[T⊤]\}?|ᵀ|')\s*$/u, '');
	const lines = /[[(]\s*[[(]/.test(inner)
		? [...inner.matchAll(/[[(]([^[\]()]+)[\])]/g)].map(([, line]) => line)
		: inner.replace(/^\s*[[({]|[\])}]\s*$/g, '').split(/[;\n]|\\\\/);
	const rows = lines
		.filter((line) => line.trim())
		.map((line) => {
			const parts = line
				.trim()
				.split(/\s*[,&]\s*|\s+/)
				.filter(Boolean);
			return parts.map((part) => {
				const size = part.replace(/^[-−–+]/, '');
				const read = numberAt(size, 0, { tex: false, comma: null, dots: false, e: false });
				const under = read && size.slice(read.length);
				if (!read || !/^(?:\/\d+)?$/.test(under!)) return null;
				return `${/^[-−–]/.test(part) ? '-' : ''}${read.says}${under}`;
			});
		});
	return rows.some((row) => row.includes(null)) ? null : (rows as string[][]);
}

interface Defined {
	readonly from: number;
	readonly to: number;
	readonly rows: string[][];
}

/** What a letter is said to be, in brackets and over several lines where they go on. */
function definition(source: string, letter: string): Defined | null {
	const start = new RegExp(
		`^[ \\t]*(?:where|with|and)?[ \\t]*${letter}(?:_\\{?\\w+\\}?)?[ \\t]*(?::=|=)[ \\t]*(?=[[({])`,
		'mu'
	).exec(source);
	if (!start) return null;
	const open = start.index + start[0].length;
	let depth = 0;
	let to = open;
	for (; to < source.length; to++) {
		if (/[[({]/.test(source[to])) depth += 1;
		else if (/[\])}]/.test(source[to])) depth -= 1;
		if (depth === 0) break;
	}
	if (depth !== 0) return null;
	to += 1 + /^(?:\^\{?[T⊤]\}?|ᵀ|')?[ \t]*[,;.]?/u.exec(source.slice(to + 1))![0].length;
	const rows = numbersIn(source.slice(open, to).replace(/[,;.]\s*$/, ''));
	return rows && { from: start.index, to, rows };
}

const sum = (row: readonly string[], names: readonly string[]): string =>
	row
		.map(
			(factor, j) =>
				`${factor.startsWith('-') ? '- ' : j > 0 ? '+ ' : ''}${factor.replace('-', '')} ${names[j]}`
		)
		.join(' ');

/**
 * Writes a problem in matrix form out, where a text is one.
 * @returns whether it was one
 */
export function writeOut(source: string, draft: Draft): boolean {
	const [goal, rows] = [GOAL.exec(source), ROWS.exec(source)];
	if (!goal || !rows || rows[2].toLowerCase() !== goal[4].toLowerCase()) return false;
	const [costs, matrix, amounts] = [goal[3], rows[1], rows[4]].map(
		(letter) => definition(source, letter) ?? definition(source, letter.toUpperCase())
	);
	const span = (match: RegExpExecArray) => ({ from: match.index, to: match.index + match[0].length });
	if (!costs || !matrix || !amounts) {
		draft.refuse(span(goal), message('matrix', 'numbers'));
		return true;
	}
	const flat = (own: Defined) => own.rows.flat();
	const names = flat(costs).map((_, j) => `${goal[4]}${j + 1}`);
	const isWhole =
		matrix.rows.every((row) => row.length === names.length) && flat(amounts).length === matrix.rows.length;
	if (!isWhole) {
		draft.refuse({ from: matrix.from, to: matrix.to }, message('matrix', 'sizes'));
		return true;
	}
	const relation = /^(?:>|=>|≥|\\g)/.test(rows[3]) ? '≥' : /^(?:<|=<|≤|\\l)/.test(rows[3]) ? '≤' : '=';
	draft.put(span(goal), `${goal[2].toLowerCase()} ${sum(flat(costs), names)}`, 'matrix');
	draft.put(
		span(rows),
		matrix.rows.map((row, i) => `${sum(row, names)} ${relation} ${flat(amounts)[i]}`).join('\n'),
		'matrix'
	);
	for (const own of [costs, matrix, amounts]) draft.put(own, '', 'matrix');
	// what is said of the vector is said of each of its variables
	const about = new RegExp(
		`^([ \\t]*)${goal[4]}(?:_?\\{?[ijk]\\}?)?(?=[ \\t]*(?:${RELATION}|∈|\\bin\\b|\\binteger|\\bbinary))`,
		'gmu'
	);
	for (const found of source.matchAll(about)) {
		const from = found.index + found[1].length;
		draft.put({ from, to: found.index + found[0].length }, names.join(', '), 'matrix');
		const end = /^[^\n]*?([ \t]*(?:for all|∀)[^\n]*)$/m.exec(source.slice(from).split('\n', 1)[0]);
		if (end)
			draft.put({ from: from + end[0].length - end[1].length, to: from + end[0].length }, '', 'matrix');
	}
	const heading = /^[ \t]*(?:s\.?[ \t]?t\.?|subject to|such that|where|with)[ \t]*:?[ \t]*$/gim;
	for (const found of source.matchAll(heading))
		draft.put({ from: found.index, to: found.index + found[0].length }, '', 'rows');
	return true;
}
