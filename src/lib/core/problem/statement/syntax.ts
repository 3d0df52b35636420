import type { Tree } from '@lezer/common';
import type { Diagnostic } from './diagnostics';
import { KEYWORDS } from './tokens';

interface Trouble {
	readonly from: number;
	readonly to: number;
}

/** The places that the grammar could not read, one for each line, in words that say what to do. */
export function syntaxErrors(tree: Tree, text: string): { finding: Diagnostic; at: Trouble }[] {
	const byLine = new Map<number, Trouble>();
	tree.iterate({
		enter(node) {
			if (!node.type.isError) return;
			const line = text.lastIndexOf('\n', node.from - 1);
			if (!byLine.has(line)) byLine.set(line, { from: node.from, to: node.to });
		}
	});
	return [...byLine.values()].map((trouble) => {
		const open = unfinished(trouble, text);
		const finding: Diagnostic = {
			...widen(open ?? trouble, text),
			severity: 'error',
			code: 'syntax',
			message: open
				? `This line ends with “${text[open.from]}”, so the next one was read as its continuation. Finish it, or take “${text[open.from]}” away.`
				: explain(trouble, text)
		};
		return { finding, at: trouble };
	});
}

/** The operator at the end of the line before, if there is one: it is then what went wrong. */
function unfinished({ from }: Trouble, text: string): Trouble | null {
	const before = text
		.slice(0, text.lastIndexOf('\n', from - 1) + 1)
		.replace(/#[^\n]*\n$/, '')
		.trimEnd();
	const at = before.length - 1;
	return /[+\-−–*·×⋅/÷]/.test(before[at] ?? '') ? { from: at, to: at + 1 } : null;
}

/** An empty error is shown on the character before it, where the eye expects it. */
function widen({ from, to }: Trouble, text: string): Trouble {
	if (to > from) return { from, to };
	let end = from;
	while (end > 0 && /[ \t]/.test(text[end - 1])) end--;
	return end > 0 && text[end - 1] !== '\n'
		? { from: end - 1, to: end }
		: { from, to: Math.min(text.length, from + 1) };
}

function explain({ from, to }: Trouble, text: string): string {
	const start = text.lastIndexOf('\n', from - 1) + 1;
	const next = text.indexOf('\n', from);
	const before = text.slice(start, from).trimEnd();
	const rest = text.slice(from, next < 0 ? text.length : next).trimStart();
	const wrong = text.slice(from, to).trim() || rest;
	const first = [...wrong][0] ?? '';
	const word = /^[\p{L}\p{M}\p{Nd}_']+/u.exec(rest)?.[0] ?? '';
	if (/\d$/.test(before) && /^,\s*\d/.test(rest))
		return 'A comma is not read inside a number. Write a decimal point, and no thousands mark.';
	if (/^[eE][+-]?\d/.test(rest)) return 'Powers of ten are not read. Write the number out.';
	if (/^\s*(max|min)/i.test(before) && /^[<>=≤≥]/.test(rest))
		return 'The objective has no limit of its own. Put this relation in a row below.';
	if (Object.hasOwn(KEYWORDS, word.toLowerCase()))
		return `“${word}” has a meaning of its own here. To use it as a name, put it in double quotes.`;
	if (/[+\-−–*·×/÷^]$/.test(before))
		return `Something is missing after “${before.slice(-1)}”: a number, a name or a bracket.`;
	if (count(before, '(') > count(before, ')')) return 'A bracket is still open here. Close it with “)”.';
	if (/[<>=≤≥]$/.test(before)) return 'The right side is missing. Write a number or an expression.';
	if (/^[<>=≤≥]/.test(rest)) return 'The left side is missing, or this relation is one too many.';
	if (first === ')') return 'This bracket closes nothing. Take it away, or open one before.';
	if (before.endsWith('[') || count(before, '[') > count(before, ']'))
		return 'A unit is still open here. Close it with “]”.';
	if (first === ':')
		return 'A name stands before the colon, and only one colon in a row. Write it as in clay: 2 x ≤ 4.';
	if (/[₀-₉⁰-⁹]/.test(first))
		return 'Raised and lowered digits are not read. Write the index plainly, as in x1.';
	if (first)
		return `“${first}” is not expected here. Write one statement a line: an objective, a row, or a variable’s bounds.`;
	return 'This line stops too early. Finish it, or begin it with # to make it a comment.';
}

const count = (text: string, mark: string) => text.split(mark).length - 1;
