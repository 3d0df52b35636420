import type { OtherReading } from './stretch';
import { matchAt } from './sticky';
import { KEYWORDS } from './tokens';

/** The marks of a LaTeX source, and what they mean in a statement. */

interface Mark {
	readonly pattern: RegExp;
	readonly means: string | ((match: RegExpExecArray, line: string) => string | null);
}

const mark = (pattern: RegExp, means: Mark['means']): Mark => ({ pattern, means });

/** How an index joins its name: digits directly, words behind a line. */
const index = (text: string): string =>
	/^\d+$/.test(text) ? text : `_${text.trim().replace(/[^\p{L}\p{Nd}]+/gu, '_')}`;

const MARKS: readonly Mark[] = [
	// a comment; our own export keeps the title in one
	mark(/%[ \t]*(?=title ")/y, ''),
	mark(/%([^\n]*)/y, ([, text]) => `#${text}`),
	mark(/\d{1,3}(?:(?:\\[,;:! ]|~|\{,\})\d{3})+(?!\d)/y, ([number]) => number.replace(/\D/g, '')),
	mark(/\\\\\*?(?:[ \t]*\[[^\]\n]*\])?[ \t]*(\n?)/y, '\n'),
	mark(/\\(?:begin|end)[ \t]*\{[^}\n]*\}(?:\[[^\]\n]*\])?(?:\{[^}\n]*\})*/y, (_, line) =>
		line.trim() ? '\n' : ''
	),
	mark(/\$\$?|\\[[\]()]/y, ''),
	mark(
		/\\(?:left|right|bigl?|bigr?|displaystyle|textstyle|limits|nonumber|notag|quad|qquad|hfill|centering)(?![a-zA-Z])/y,
		' '
	),
	mark(/\\(?:label|tag|hspace|vspace|phantom|hphantom)\*?[ \t]*\{[^}\n]*\}/y, ''),
	mark(/\\mathit\{([a-zA-Z]+)\}/y, ([, word]) =>
		Object.hasOwn(KEYWORDS, word.toLowerCase()) ? `"${word}"` : word
	),
	mark(/\\(?:text(?:rm|it|bf|sf)?|math(?:rm|it|bf|sf|tt)|mbox|hbox|operatorname\*?)[ \t]*(?=\{)/y, ''),
	mark(/\\[dt]?frac[ \t]*\{([^{}\n]*)\}[ \t]*\{([^{}\n]*)\}/y, ([, over, under]) =>
		/^\s*\d+\s*$/.test(over) && /^\s*\d+\s*$/.test(under)
			? `${over.trim()}/${under.trim()}`
			: `((${over})/(${under}))`
	),
	mark(/\\[dt]?frac[ \t]*(\d)[ \t]*(\d)/y, ([, over, under]) => `${over}/${under}`),
	mark(/\\(max|min)(?![a-zA-Z])/y, ([, sense]) => sense),
	mark(/\\(?:leq?q?|leqslant)(?![a-zA-Z])/y, '≤'),
	mark(/\\(?:geq?q?|geqslant)(?![a-zA-Z])/y, '≥'),
	mark(/\\lt(?![a-zA-Z])/y, '<'),
	mark(/\\gt(?![a-zA-Z])/y, '>'),
	mark(/\\(?:cdot|times|ast)(?![a-zA-Z])/y, '·'),
	mark(/\\div(?![a-zA-Z])/y, '/'),
	// an index joins the name before it: x_{1}, x_1, x_{ij}
	mark(/_\{([^{}\n]*)\}/y, ([, text]) => index(text)),
	mark(/\\([_%#$&{}])/y, ([, sign]) => (/[{}$&]/.test(sign) ? '' : sign)),
	mark(/\\[,;:!> ]|~/y, ' '),
	mark(/&|[{}]/y, '')
];
const INDEXED = /(\p{L}[\p{L}\p{Nd}]*)_(?:\{([^{}\n]*)\}|(\d+)(?![\p{L}\p{Nd}_]))/uy;

/** What begins at a place of a LaTeX source and means something else than it says in a statement. */
export function texAt(source: string, at: number, lineSoFar: () => string): OtherReading | null {
	for (const { pattern, means } of MARKS) {
		const match = matchAt(pattern, source, at);
		if (!match) continue;
		const insert = typeof means === 'string' ? means : means(match, lineSoFar());
		if (insert !== null) return { to: at + match[0].length, insert, kind: 'latex' };
	}
	const indexed = matchAt(INDEXED, source, at);
	if (!indexed) return null;
	return { to: at + indexed[0].length, insert: indexed[1] + index(indexed[2] ?? indexed[3]), kind: 'latex' };
}

/** A unit from a LaTeX source without its escapes. */
export const plainUnit = (unit: string): string =>
	unit
		.replace(/\\textbackslash\{\}/g, '\\')
		.replace(/\\([\^~])\{\}/g, '$1')
		.replace(/\\([{}$&#_%])/g, '$1');
