import type { Tree } from '@lezer/common';
import type { Diagnostic } from './diagnostics';
import { message, type Message } from './messages';
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
			message: open ? message('unfinished', text[open.from]) : explain(trouble, text)
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

function explain({ from, to }: Trouble, text: string): Message {
	const start = text.lastIndexOf('\n', from - 1) + 1;
	const next = text.indexOf('\n', from);
	const before = text.slice(start, from).trimEnd();
	const rest = text.slice(from, next < 0 ? text.length : next).trimStart();
	const wrong = text.slice(from, to).trim() || rest;
	const first = [...wrong][0] ?? '';
	const word = /^[\p{L}\p{M}\p{Nd}_']+/u.exec(rest)?.[0] ?? '';
	if (/\d$/.test(before) && /^,\s*\d/.test(rest)) return message('comma');
	if (/^[eE][+-]?\d/.test(rest)) return message('powersOfTen');
	if (/^\s*(max|min)/i.test(before) && /^[<>=≤≥]/.test(rest)) return message('objectiveLimit');
	if (/^\s*(max|min)[a-z]*\b/i.test(before) && /^(max|min)\s*\(/i.test(rest))
		return message('leastOrMost', word);
	if (first === '|') return message('absoluteValue');
	if (Object.hasOwn(KEYWORDS, word.toLowerCase())) return message('keyword', word);
	if (/[+\-−–*·×/÷^]$/.test(before)) return message('missingAfter', before.slice(-1));
	if (count(before, '(') > count(before, ')')) return message('openBracket');
	if (/[<>=≤≥]$/.test(before)) return message('missingRight');
	if (/^[<>=≤≥]/.test(rest)) return message('missingLeft');
	if (first === ')') return message('strayBracket');
	if (before.endsWith('[') || count(before, '[') > count(before, ']')) return message('openUnit');
	if (first === ':') return message('colon');
	if (/[₀-₉⁰-⁹]/.test(first)) return message('raisedDigits');
	if (first) return message('unexpected', first);
	return message('stopsEarly');
}

const count = (text: string, mark: string) => text.split(mark).length - 1;
