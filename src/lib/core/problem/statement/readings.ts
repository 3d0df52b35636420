import type { Context, ReadingKind, OtherReading } from './stretch';
import { texAt } from './latex-source';
import { lineHabits } from './line-habits';
import { countsOf } from './line-counts';
import { numberAt } from './numerals';
import { matchAt } from './sticky';
import { KEYWORDS } from './tokens';

/** The habits of boards and notes, and what they mean in the statement language. */

const COMMENT_OR_QUOTED = /#[^\n]*|"(?:[^\\\n"]|\\[^\n])*"/g;

function contextOf(source: string): Context {
	const code = source.replace(COMMENT_OR_QUOTED, '');
	const point = /\d\.\d/.test(code) || /\d,\d{3},\d{3}/.test(code);
	const comma = /(?:\d,(?:\d{1,2}|\d{4,})|(?:^|\D)0,\d+)(?![\d,])/m.test(code);
	return {
		tex: /\\[a-zA-Z\\,;:!{}_&%]|\p{L}_\{/u.test(code),
		comma: point === comma ? null : point ? 'thousands' : 'decimal'
	};
}

const NAME = "\\p{L}[\\p{L}\\p{M}\\p{Nd}_'₀-₉]*";
const ARROW =
	/^([^\n#]*?\S)([ \t]*(?:→|⟶|->|\\(?:to|rightarrow|longrightarrow)(?![a-z]))\s*\\?(max|min)[a-z]*[!.]?[ \t]*)(?=$|#|\\\\)/gim;
const OBJECTIVE = new RegExp(
	`^[ \\t]*\\\\?(?:max|min)(?:imi[sz]e|imum)?(?![\\p{L}\\p{Nd}_'])\\.?(?:[ \\t:&]|\\\\q?quad(?![a-z])|\\\\[,;:!])*(${NAME})([ \\t]*\\[[^\\]\\n]*\\])?([ \\t]*\\([^)\\n=]*\\))?([ \\t]*)(:=|:|=)`,
	'gimu'
);
/** What is known beforehand to be read otherwise, by its place, and what the text shows of its author's habits. */
export function pendingOf(source: string): { at: Map<number, OtherReading>; context: Context } {
	const at = new Map<number, OtherReading>();
	for (const match of source.matchAll(ARROW)) {
		const from = match.index + match[1].length;
		at.set(match.index, { to: match.index, insert: `${match[3].toLowerCase()} `, kind: 'sense' });
		at.set(from, { to: from + match[2].length, insert: '', kind: 'sense' });
	}
	for (const match of source.matchAll(OBJECTIVE)) {
		const [, , , brackets = '', blank, sign] = match;
		const end = match.index + match[0].length;
		// “Max demand: x ≤ 40” limits something
		if (sign !== '=' && /[<>≤≥]/.test(source.slice(end).split('\n', 1)[0])) continue;
		if (brackets) {
			const from = end - sign.length - blank.length - brackets.length;
			at.set(from, { to: from + brackets.length, insert: '', kind: 'sense' });
		}
		if (sign !== '=') at.set(end - sign.length, { to: end, insert: blank ? '=' : ' =', kind: 'sense' });
	}
	for (const [from, stretch] of countsOf(source)) at.set(from, stretch);
	for (const [from, stretch] of lineHabits(source)) if (!at.has(from)) at.set(from, stretch);
	return { at, context: contextOf(source) };
}

interface Rule {
	readonly kind: ReadingKind;
	readonly pattern: RegExp;
	/** what it means; null where it is no such thing here */
	readonly means: string | ((match: RegExpExecArray, line: string, rest: string) => string | null);
	/** where it can mean something else as well, the choices */
	choices?: (match: RegExpExecArray) => readonly string[] | null;
}

const END = '(?=[ \\t]*(?:$|#|\\\\\\\\|\\\\end))';
const rule = (kind: ReadingKind, pattern: string, means: Rule['means'], choices?: Rule['choices']): Rule => ({
	kind,
	choices,
	pattern: new RegExp(pattern, 'iumy'),
	means
});
const ATTRIBUTE =
	/^[ \t]*(?:(?:are|is|be|all|both|must be)[ \t]+)*(?:integers?\b|integral|whole|free\b|unrestricted|binary|urs\b|∈|\\in(?![a-z])|from\b|to\b|non-?negative)/i;
/** whether a line says something already that a further statement can follow */
const says = (line: string): boolean =>
	/[<>=≤≥⩽⩾≦≧∈]|\b(?:integer|binary|free|from|to)\b/i.test(line.replace(/"[^"]*"/g, 'name'));
const isObjective = (line: string): boolean => /^\s*(?:max|min)/i.test(line);

/** A comma, a semicolon or “and” between statements of one line. */
function separator(match: RegExpExecArray, line: string, rest: string): string | null {
	const sign = match[0].trim();
	if (ATTRIBUTE.test(rest))
		return says(line) || sign !== ',' ? ' ' : /^\s*[\p{L}_'\d, ]+$/u.test(line) ? ' ' : null;
	if (sign === ';') return '\n';
	// max 3x + 2y, x + y ≤ 4: after an objective only a row follows
	if (sign === ',' && isObjective(line) && /[<>=≤≥⩽⩾]/.test(rest.split(/[,;]/, 1)[0])) return '\n';
	if (says(line) && !isObjective(line)) return '\n';
	return /and/i.test(sign) && /^[\s\p{L}\p{Nd}_',₀-₉]+$/u.test(line) ? ', ' : null;
}

const beginning = (means: string) => (_: RegExpExecArray, line: string) => (line.trim() ? null : means);
/** what may stand before a relation in words */
const MUST = '(?:(?:is|are|must[ \\t]+be|should[ \\t]+be|must|should|shall|may)[ \\t]+)?(?:be[ \\t]+)?';
const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';

/** A set that variables lie in: ℤ, ℕ, ℝ₊, ℝ. */
function setOf(match: RegExpExecArray): string {
	if (/[ZNℤℕ]/i.test(match[1])) return ' integer';
	return match[2] && !/^\^[n\d{]/.test(match[2]) ? ' from 0' : ' free';
}

/** Real numbers, in a text that also asks for signs: any sign, or just not whole? */
const inReals = (match: RegExpExecArray): readonly string[] | null =>
	match[0].trim() && setOf(match) === ' free' && /(?:≥|>=|\\geq?)\s*\{?0(?!\d)/.test(match.input)
		? [' free', ' from 0']
		: null;

const RULES: readonly Rule[] = [
	rule(
		'rows',
		"[,;]?[ \\t]*(?:subject[ \\t]+to|such[ \\t]+that|so[ \\t]+that|s\\.[ \\t]?t\\.?|st(?=[ \\t]*$))(?![\\p{L}\\p{Nd}_'])(?:[ \\t]+(?:the[ \\t]+)?constraints?)?[ \\t]*[:,]?",
		(_, line) => (/[-+*/·<>=≤≥]\s*$/.test(line) ? null : line.trim() ? '\n' : '')
	),
	rule(
		'rows',
		`(?:under[ \\t]+)?(?:the[ \\t]+)?(?:constraints|restrictions|conditions)[ \\t]*:?${END}`,
		beginning('')
	),
	rule('rows', '(?:and|where|with)[ \\t]+(?=[\\p{L}\\d(])', beginning('')),
	rule(
		'rows',
		"(?:unter[ \\t]+den[ \\t]+nebenbedingungen|unter|u\\.[ \\t]?d\\.[ \\t]?n\\.?|so[ \\t]?dass|sous[ \\t]+(?:les[ \\t]+)?contraintes|sous|s\\.[ \\t]?c\\.?|sujeto[ \\t]+a|sujeta[ \\t]+a|s\\.[ \\t]?a\\.?)(?![\\p{L}\\p{Nd}_'])[ \\t]*[:,]?(?=[ \\t]*(?:$|[-−(\\d\\p{L}]))",
		(_, line) => (/[-+*/·<>=≤≥]\s*$/.test(line) ? null : line.trim() ? '\n' : '')
	),
	rule(
		'sense',
		"(maxim(?:ieren?|iser|izar)|minim(?:ieren?|iser|izar))(?![\\p{L}\\p{Nd}_'])(?:[ \\t]*:)?",
		(match, line) => (line.trim() ? null : match[1].slice(0, 3).toLowerCase())
	),
	rule('sense', "(max|min)(imi[sz]e|imum|imal)?(?![\\p{L}\\p{Nd}_'])(\\.?)([ \\t]*:)?", (match, line) => {
		const rest = /.*/.exec(match.input.slice(match.index + match[0].length))![0];
		// a label, or a name of something that is limited
		if (line.trim() || /^[ \t]*=/.test(rest) || (match[4] && /[<>≤≥]/.test(rest))) return null;
		const known = Object.hasOwn(KEYWORDS, match[1].toLowerCase() + (match[2] ?? '').toLowerCase());
		return known && !match[3] && !match[4] ? match[0] : match[1].toLowerCase();
	}),
	rule('domain', '(?:∈|\\\\in(?![a-z]))[ \\t]*\\\\?\\{[ \\t]*0[ \\t]*,[ \\t]*1[ \\t]*\\\\?\\}', ' binary'),
	rule(
		'domain',
		'(?:∈|\\\\in(?![a-z]))[ \\t]*(?:\\\\(?:mathbb|mathbf|mathrm|Bbb)[ \\t]*)?\\{?[ \\t]*([ZNRQℤℕℝℚ])(?![\\p{L}\\p{Nd}])[ \\t]*\\}?((?:[_^](?:\\{[^}\\n]*\\}|\\S))|[₊⁺+≥₀]+)?',
		setOf,
		inReals
	),
	rule(
		'domain',
		'(?:(?:are|is|be|all|both|must[ \\t]+be)[ \\t]+)+(integers?|integral|whole|binary|free|unrestricted|non-?negative)(?![\\p{L}_])(?:[ \\t]+(?:numbers?|(?:in|of)[ \\t]+sign))?',
		(match) => domainWord(match[1])
	),
	rule(
		'domain',
		'(integers|integral|whole[ \\t]+numbers?|unrestricted(?:[ \\t]+(?:in|of)[ \\t]+sign)?|free[ \\t]+(?:in|of)[ \\t]+sign|urs|non-?negative)(?![\\p{L}\\p{Nd}_])',
		(match, line) =>
			!isObjective(line) && /^[\s\p{L}\p{Nd}_',]*[\p{L}\p{Nd}_',]\s+$|[<>=≤≥]\s*[-−]?[\d./]+\s+$/u.test(line)
				? domainWord(match[1])
				: null
	),
	rule(
		'list',
		"[ \\t]*(?:,[ \\t]*and(?![\\p{L}\\p{Nd}_'])|[,;]|(?<=[ \\t])and(?![\\p{L}\\p{Nd}_']))[ \\t]*(?!$|#|\\\\\\\\|\\\\end|[ \\t])",
		separator
	),
	rule('ends', `(?:[ \\t]*,[ \\t]*and|(?<=[ \\t])and|[ \\t]*[.,;!]+)${END}`, (_, line) =>
		line.trim() ? '' : null
	),
	rule(
		'relation',
		'(?:is[ \\t]+|must[ \\t]+be[ \\t]+)?(?:at[ \\t]+most|no[ \\t]+more[ \\t]+than|not[ \\t]+more[ \\t]+than)(?![\\p{L}_])',
		'≤'
	),
	rule(
		'relation',
		'(?:is[ \\t]+|must[ \\t]+be[ \\t]+)?(?:at[ \\t]+least|no[ \\t]+less[ \\t]+than|not[ \\t]+less[ \\t]+than)(?![\\p{L}_])',
		'≥'
	),
	rule(
		'relation',
		`${MUST}(?:less[ \\t]+than[ \\t]+or[ \\t]+equal(?:[ \\t]+to)?|(?:can)?not[ \\t]+exceed|does[ \\t]+not[ \\t]+exceed|limited[ \\t]+to|not[ \\t]+greater[ \\t]+than|h(?:ö|oe)chstens|au[ \\t]+plus|como[ \\t]+m[áa]ximo|a[ \\t]+lo[ \\t]+sumo)(?![\\p{L}_])`,
		'≤'
	),
	rule(
		'relation',
		`${MUST}(?:greater[ \\t]+than[ \\t]+or[ \\t]+equal(?:[ \\t]+to)?|no[ \\t]+fewer[ \\t]+than|not[ \\t]+less[ \\t]+than|mindestens|au[ \\t]+moins|al[ \\t]+menos|como[ \\t]+m[íi]nimo)(?![\\p{L}_])`,
		'≥'
	),
	rule('relation', `${MUST}(?:equal[ \\t]+to|equals|exactly)(?![\\p{L}_])`, '='),
	rule('relation', '≦|≲|⪕|<[ \\t]+=', '≤'),
	rule('relation', '≧|≳|⪖|>[ \\t]+=', '≥'),
	rule('relation', '==|＝|≡', '='),
	rule('mark', '[—‐‑－﹣⁻]', '-'),
	rule('mark', '＋', '+'),
	rule('mark', '[•∙⋆＊]', (_, line) => (line.trim() ? '·' : '')),
	rule('mark', '[⁄∕]', '/'),
	rule('power', '[²³]', (match) => (match[0] === '²' ? '^2' : '^3')),
	rule('mark', '[\u200b\u200c\u200d\u2060\ufeff]', ''),
	rule('mark', '[０-９]+', (match) =>
		match[0].replace(/[０-９]/g, (digit) => String(digit.charCodeAt(0) - 0xff10))
	),
	rule('mark', '（', '('),
	rule('mark', '）', ')'),
	rule('mark', '，', ', '),
	rule('mark', '\\r(?!\\n)', '\n'),
	rule('mark', '</?(?:p|div|li|ul|ol|br|tr|table|tbody)[ \\t]*/?>', (_, line) => (line.trim() ? '\n' : '')),
	rule('mark', '</?(?:sub|b|i|em|strong|span|td)[ \\t]*/?>', ''),
	rule('strict', '(?<![=<>-])<(?![=/])', '≤'),
	rule('strict', '(?<![=<>-])>(?!=)', '≥'),
	rule('mark', '&(?:nbsp|ensp|thinsp);', ' '),
	rule('mark', '&(?:le|leq);', '≤'),
	rule('mark', '&(?:ge|geq);', '≥'),
	rule(
		'number',
		'(\\d+(?:\\.\\d+)?)[ \\t]?%(?=[ \\t]*(?:[\\p{L}(*·]|of\\b))',
		(match) => `(${match[1]}/100)`
	),
	rule('unit', '[$€£](?=[ \\t]?\\d)', ''),
	rule('unit', '(?<=\\d)[ \\t]?[$€£]', ''),
	rule(
		'domain',
		"(?<=[\\p{L}\\p{Nd}_'][ \\t])(?:int|ganzzahlig|enti(?:er|ers|ère|ères)|enter[oa]s?)(?![\\p{L}_])",
		'integer'
	),
	rule('domain', "(?<=[\\p{L}\\p{Nd}_'][ \\t])(?:bin(?:är|aires?|ari[oa]s?))(?![\\p{L}_])", 'binary'),
	rule('domain', "(?<=[\\p{L}\\p{Nd}_'][ \\t])(?:frei|libres?)(?![\\p{L}_])", 'free'),
	rule('index', `(\\p{L}[\\p{L}_]*)(?:\\((\\d+(?:,[ ]?\\d+)*)\\)|\\[(\\d+(?:,[ ]?\\d+)*)\\])`, (match) =>
		/^(?:max|min)/i.test(match[1]) ? null : match[1] + (match[2] ?? match[3]).replace(/,\s?/g, '_')
	),
	rule('index', `\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*[₀-₉][\\p{L}\\p{M}\\p{Nd}_'₀-₉]*`, (match) =>
		match[0].replace(/[₀-₉]/g, (digit) => String(SUBSCRIPTS.indexOf(digit)))
	)
];

function domainWord(word: string): string {
	if (/^(?:integer|integral|whole)/i.test(word)) return 'integer';
	if (/^binary/i.test(word)) return 'binary';
	return /^non/i.test(word) ? 'from 0' : 'free';
}

/** what no text can do without in which anything is read otherwise: most have none of it, and need not be looked through */
export const MAY_DIFFER =
	/[\\;,$€£&{}~%!∈∞０-９（），\r→⟶|²³…₀-₉½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞≦≲⪕≧≳⪖＝≡—‐‑－﹣⁻＋•∙⋆＊⁄∕\u200b-\u200d\u2060\ufeff]|->|==|\/\/|(?<![=-])[<>](?!=)|\.\.\.|[<>] +=|\.[ \t]*(?:$|#)|\d[ \u00a0\u2009\u202f'’]\d{3}|\d\)|^[ \t]*\d+\.[ \t]|(?:max|min)\S*[ \t]*[.:]|(?:max|min)imum|:=|<\/?[a-z]+ *\/?>|\p{L}[([]\d|\d[eE][-+]?\d|\d[ \t]*\(?\p{L}[\p{L}\p{Nd}_' ]*\)?[ \t]*$|^[ \t]*[*‣▪◦-][ \t]|^[ \t]*\(?\p{L}[^\n:]*[):.]|\d[ \t]+[½¼¾⅓⅔]|^[ \t]*(?:bounds?|generals?|gen|gin|integers?|int|binar|bin|end)\b|\b(?:inf|infinity|in|int|integer|equal|equals|exactly|exceed|limited|fewer|unter|sodass|sous|sujeto|sujeta|u\.|s\.|maximier|minimier|maximis|minimis|maximiz|minimiz|mindestens|ganzzahlig|frei|libres?|au|al|como|a)(?![\p{L}\p{Nd}_'])|h[öo]e?chstens|enti[eè]r|enter[oa]|binär|binair|\b(?:to|that|s\.|st|constraints|restrictions|conditions|and|where|with|are|is|be|all|both|integers|integral|whole|unrestricted|sign|urs|non-?negative|most|least|than|of|between|per|let|objective|variables?|model|program(?:me)?|lp|ilp|negativity)(?![\p{L}\p{Nd}_'])|^[ \t]*(?:max|min)[^\n]*[:(\]]|^[ \t]*(?:max|min)[a-z]*[ \t]+\p{L}[\p{L}\p{Nd}_']*[ \t]*$|^[ \t]*\p{L}[\p{L}\p{M}\p{Nd}_']*[ \t]+(?:[\p{L}\d(][^\n=<>≤≥]*[-+−][^\n]*[=<>≤≥]|\d)|^[ \t]*\p{L}[\p{L}\p{Nd}_']*[ \t]*=[ \t]*\p{L}[^\n\d]*$|[=<>≤≥][^\n]*\d[ \t]+[\p{L}\d][^\n]*[=<>≤≥]|^[ \t]*\p{L}+(?:[ \t]+\p{L}+){3,}/imu;

/** where a rule may begin to match: most characters are none of these */
const MAY_BEGIN =
	/[\p{L}\d０-９（），²³€£&\r∈\\,; \t.!≦≲⪕≧≳⪖<>=＝≡—‐‑－﹣⁻＋•∙⋆＊⁄∕\u200b-\u200d\u2060\ufeff$&{}_^%~½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/u;

/**
 * What begins at a place of the source and is read otherwise.
 * @param lineSoFar tells what the present line has come to before that place; asked only where something may be read otherwise
 * @returns null where the text means what it says
 */
export function readingAt(
	source: string,
	at: number,
	lineSoFar: () => string,
	context: Context
): OtherReading | null {
	if (!MAY_BEGIN.test(source[at])) return null;
	const tex = context.tex ? texAt(source, at, lineSoFar) : null;
	if (tex) return tex;
	const number = numberAt(source, at, context.comma);
	if (number) return number;
	for (const { kind, pattern, means, choices } of RULES) {
		const match = matchAt(pattern, source, at);
		if (!match) continue;
		const to = at + match[0].length;
		const insert = typeof means === 'string' ? means : means(match, lineSoFar(), source.slice(to, to + 200));
		if (insert === null) continue;
		const both = choices?.(match);
		return { to, insert, kind, ...(both ? { choices: both } : {}) };
	}
	return null;
}
