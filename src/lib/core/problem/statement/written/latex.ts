import type { ReadingKind } from '../messages';
import { nameText } from '../print';
import { matchAt } from '../sticky';
import { setSays } from './phrases';
import type { TokenKind } from './token';

/** The commands of a LaTeX source as tokens like all others. */

interface Macro {
	readonly length: number;
	readonly says: string;
	readonly kind?: TokenKind;
	/** whether it says nothing, or stands for a blank */
	readonly passed?: boolean;
	readonly habit?: ReadingKind;
}

const RELATIONS: Readonly<Record<string, string>> = {
	le: '≤',
	leq: '≤',
	leqq: '≤',
	leqslant: '≤',
	ge: '≥',
	geq: '≥',
	geqq: '≥',
	geqslant: '≥',
	lt: '≤',
	gt: '≥',
	eq: '=',
	colon: '='
};
const OTHERS: Readonly<Record<string, readonly [TokenKind, string]>> = {
	cdot: ['times', '·'],
	times: ['times', '·'],
	ast: ['times', '·'],
	div: ['divide', '/'],
	in: ['in', ''],
	forall: ['each', ''],
	infty: ['infinity', ''],
	dots: ['dots', ''],
	ldots: ['dots', ''],
	cdots: ['dots', ''],
	vdots: ['dots', ''],
	land: ['semicolon', ''],
	wedge: ['semicolon', ''],
	to: ['arrow', ''],
	rightarrow: ['arrow', ''],
	longrightarrow: ['arrow', ''],
	vert: ['bar', '|'],
	mid: ['colon', ''],
	lvert: ['bar', '|'],
	rvert: ['bar', '|'],
	max: ['sense', 'max'],
	min: ['sense', 'min'],
	quad: ['gap', ' '],
	qquad: ['gap', ' ']
};
const GREEK =
	'alpha α beta β gamma γ delta δ epsilon ε zeta ζ eta η theta θ kappa κ lambda λ mu μ nu ν xi ξ pi π rho ρ sigma σ tau τ phi φ chi χ psi ψ omega ω'.split(
		' '
	);
const letter = (name: string): string | undefined =>
	GREEK.indexOf(name) % 2 === 0 ? GREEK[GREEK.indexOf(name) + 1] : undefined;

const COMMAND = /\\([a-zA-Z]+)\*?[ \t]*/y;
const GROUP = String.raw`\{(?:[^{}\n]|\{[^{}\n]*\})*\}`;
const BREAK = /\\\\\*?(?:[ \t]*\[[^\]\n]*\])?[ \t]*\n?/y;
const ENVIRONMENT = new RegExp(
	String.raw`\\(?:begin|end)[ \t]*\{[^}\n]*\}(?:\[[^\]\n]*\])?(?:\{[^}\n]*\})*`,
	'y'
);
/** what makes a display fit its line, up to its content */
const FITTED =
	/\\(?:resizebox\*?[ \t]*\{[^{}\n]*\}[ \t]*\{[^{}\n]*\}|scalebox[ \t]*\{[^{}\n]*\}|adjustbox[ \t]*\{[^{}\n]*\})[ \t]*\{%?/y;
const DROPPED = new RegExp(
	String.raw`\\(?:label|tag|hspace|vspace|phantom|hphantom|intertext|setlength|color|cline|underset|documentclass|usepackage|vphantom)\*?(?:\[[^\]\n]*\])?[ \t]*${GROUP}|\\multicolumn[ \t]*${GROUP}[ \t]*${GROUP}`,
	'y'
);
const FRACTION = /\\[dt]?frac[ \t]*(?:\{([^{}\n]*)\}[ \t]*\{([^{}\n]*)\}|(\d)[ \t]*(\d))/y;
const BLACKBOARD =
	/\\(?:mathbb|mathbf|mathrm|Bbb)?[ \t]*\{?[ \t]*([ZNRQ])(?![a-zA-Z])[ \t]*\}?((?:[_^](?:\{[^}\n]*\}|[^\s}]))|[+])?/y;
const UNDER_SENSE = new RegExp(String.raw`\\(max|min)[ \t]*\\?(?:limits)?[ \t]*_(?:${GROUP}|[a-zA-Z])`, 'y');

/**
 * What begins at a place of a LaTeX source and is a command or a mark of it; null where nothing does.
 * @param startsLine whether nothing stands before it in its line
 */
export function macroAt(source: string, from: number, startsLine: boolean): Macro | null {
	const c = source[from];
	if (c === '%') {
		const title = matchAt(/%[ \t]*(?=title ")/y, source, from);
		const text = matchAt(/%[^\n]*/y, source, from)![0];
		return title
			? { length: title[0].length, says: '', passed: true }
			: { length: text.length, says: `#${text.slice(1)}`, passed: true };
	}
	if (c === '$') return { length: source[from + 1] === '$' ? 2 : 1, says: '', passed: true };
	if (c === '&' || c === '~') return { length: 1, says: ' ', passed: true };
	if (c === '{' || c === '}') return { length: 1, says: '', passed: true };
	if (c !== '\\') return null;
	const line = matchAt(BREAK, source, from);
	if (line) return { length: line[0].length, says: '\n', kind: 'newline' };
	const environment = matchAt(ENVIRONMENT, source, from);
	if (environment)
		return startsLine
			? { length: environment[0].length, says: '', passed: true }
			: { length: environment[0].length, says: '\n', kind: 'newline' };
	const dropped = matchAt(FITTED, source, from) ?? matchAt(DROPPED, source, from);
	if (dropped) return { length: dropped[0].length, says: '', passed: true };
	const fraction = matchAt(FRACTION, source, from);
	if (fraction) {
		const [over, under] = [fraction[1] ?? fraction[3], fraction[2] ?? fraction[4]].map((text) => text.trim());
		const isPlain = /^\d+$/.test(over) && /^\d+$/.test(under);
		return {
			length: fraction[0].length,
			says: isPlain ? `${over}/${under}` : `((${indices(over)})/(${indices(under)}))`,
			kind: isPlain ? 'number' : 'word'
		};
	}
	// our own exports set names of words so
	const named = matchAt(/\\math(?:it|rm)\{([a-zA-Z]+)\}(?:_\{([\p{L}\p{Nd}]+)\}|_(\p{Nd}))?/uy, source, from);
	if (named)
		return {
			length: named[0].length,
			says: nameText(named[1] + (named[2] ?? named[3] ?? '')),
			kind: 'word'
		};
	const set = matchAt(BLACKBOARD, source, from);
	if (set) return { length: set[0].length, says: setSays(set[1], set[2] ?? ''), kind: 'set' };
	const under = matchAt(UNDER_SENSE, source, from);
	if (under) return { length: under[0].length, says: under[1], kind: 'sense' };
	const command = matchAt(COMMAND, source, from);
	if (!command) {
		if (/^\\[{}]/.test(source.slice(from)))
			return { length: 2, says: '', kind: source[from + 1] === '{' ? 'left' : 'right' };
		if (/^\\\|/.test(source.slice(from))) return { length: 2, says: '|', kind: 'bar' };
		return {
			length: /[\s\x21-\x2f\x3a-\x40\x5b-\x60\x7b-\x7e]/.test(source[from + 1] ?? '') ? 2 : 1,
			says: /[_%]/.test(source[from + 1] ?? '') ? source[from + 1] : ' ',
			passed: true
		};
	}
	const [whole, name] = command;
	const bare = whole.trimEnd().length;
	// a course's own \\maximize and \\st
	const own = /^(?:st|subjectto|(?:max|min)imi[sz]e)$/i.exec(name)?.[0];
	if (own)
		return /^m/i.test(own)
			? { length: bare, says: own.slice(0, 3).toLowerCase(), kind: 'sense' }
			: { length: bare, says: '', kind: 'such' };
	if (Object.hasOwn(RELATIONS, name))
		return {
			length: bare,
			says: RELATIONS[name],
			kind: 'relation',
			habit: name === 'lt' || name === 'gt' ? 'strict' : 'latex'
		};
	if (Object.hasOwn(OTHERS, name)) return { length: bare, says: OTHERS[name][1], kind: OTHERS[name][0] };
	const greek = letter(name);
	if (greek) {
		const index = matchAt(/_(?:\{([^{}\n]*)\}|(\w))/y, source, from + bare);
		return {
			length: bare + (index?.[0].length ?? 0),
			says: greek + (index?.[1] ?? index?.[2] ?? ''),
			kind: 'word'
		};
	}
	const left = matchAt(/\\(?:left|right|big[lr]?)[ \t]*\./iy, source, from);
	if (left) return { length: left[0].length, says: '', passed: true };
	return {
		length: whole.length,
		says: /^(?:text|math|mbox|hbox|operatorname|bf|it|rm)/.test(name) ? '' : ' ',
		passed: true
	};
}

/** x_{12}, x_1 inside a fraction as names of the language. */
const indices = (text: string): string =>
	text.replace(/_\{([^{}]*)\}/g, '$1').replace(/(\p{L})_(\d)/gu, '$1$2');

/** A unit from a LaTeX source without its escapes. */
export const plainUnit = (unit: string): string =>
	unit
		.replace(/\\textbackslash\{\}/g, '\\')
		.replace(/\\([\^~])\{\}/g, '$1')
		.replace(/\\(?:text|mathrm)\{([^{}]*)\}/g, '$1')
		.replace(/\\([{}$&#_%])/g, '$1');
