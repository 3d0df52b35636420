import { SMALL_COUNTS } from '../../../number/number-words';
import type { ReadingKind } from '../messages';
import type { Context, TokenKind, Passed, Token } from './token';
import { matchAt } from '../sticky';
import { KEYWORDS } from '../tokens';
import { phraseAt, setSays } from './phrases';
import { numberAt, type NumberRead } from './numerals';
import { macroAt } from './latex';

/** A text taken apart once, with the place of every part: from here on nobody looks at characters again. */

const BLANK = /[ \t\u00a0\u2009\u202f\u2007\u2060-\u2064\u200b-\u200d\ufeff]+/y;
const COMMENT = /#[^\n]*/y;
const BLOCK = /\/\*[^]*?\*\//y;
const OTHER_COMMENT = /\/\/[^\n]*|(?:--|%|!)(?=[ \t]*\p{L})[^\n]*/uy;
const ABBREVIATION = /(?:no|nr|num|approx|qty)\.(?=[ \t]*(?:of\b|\p{L}))/iuy;
const TABLE_LINE = /[ \t]*\|(?:[^\n|]*\|){2,}[ \t]*(?=\n|$)/y;
const COUNTS: readonly string[] = SMALL_COUNTS.slice(0, 13);
const COUNTED = new RegExp(`(?:${COUNTS.join('|')})(?![\\p{L}\\p{Nd}_'])`, 'iuy');
/** two bowls */
const COUNTED_OF = new RegExp(`(?:${COUNTS.join('|')})[ \\t]+(?=\\p{L})`, 'iuy');
/** a name before a sign or a relation */
const STATED = /^\p{L}[\p{L}\p{Nd}_']*[ \t]*[-+−–<>=≤≥]/u;
/** 12 per bowl, 12 thalers per bowl, in a sum or an objective: what a coefficient is for, and its unit */
const PER =
	/((?:\p{L}+[ \t]+)?(?:per|for each)[ \t](?:(?:unit|piece|item)[ \t]+of[ \t])?)(?=[ \t]*\p{L}[\p{L}\p{Nd}_']*[ \t]*([-+−–≤≥<>])?)/iuy;
const OF = /of[ \t]+(?:the[ \t]+)?(?=\p{L})/iuy;
const BACK = /<-+[ \t]+(?=\p{L})/uy;
const PERCENT = /(?:percent|per cent|pct)(?![\p{L}\p{Nd}_])/iuy;
const ARTICLE = /the[ \t]+(?=\p{L})/iuy;
/** the variables below a sense */
const UNDER_SENSE = /(max|min)_\{[^{}\n]*\}/iy;
/** (in dollars): a unit in words */
const IN_UNIT = /\([ \t]*in[ \t]+([\p{L}$€£][\p{L}$€£/ ]{0,30})\)/iuy;
const TITLE = /(?:title|story)[ \t]+"(?:[^\\\n"]|\\[^\n])*"/iy;
const QUOTED = /"(?:[^\\\n"]|\\[^\n])*"/y;
const BRACKETS = /\[([^\]\n]*)\]/y;
const WORD = /\p{L}[\p{L}\p{M}\p{Nd}_'’′₀-₉]*/uy;
/** an index in brackets or below the line that belongs to the name before it */
const INDEX = /\((\d+(?:,\s?\d+)*)\)|\[(\d+(?:,\s?\d+)*)\]|_\{([^{}\n]*)\}|<sub>([^<\n]*)<\/sub>/y;
/** an underscore of a name, as LaTeX writes it */
const ESCAPED = /\\_([\p{L}\p{M}\p{Nd}_']*)/uy;
const TAG = /<(\/?)(p|div|li|ul|ol|br|tr|table|tbody|td|th|sub|sup|b|i|em|strong|span|pre|code)\b[^>\n]*>/iy;
const ENTITY = /&(nbsp|ensp|thinsp|le|leq|ge|geq|lt|gt|amp|minus|times|middot|sdot);/y;
const CIRCLED = /[①-⑳]/y;
const SUBSCRIPTS = '₀₁₂₃₄₅₆₇₈₉';

const SIGNS: readonly (readonly [RegExp, TokenKind, string])[] = [
	[/≠|!=|<>/y, 'other', '≠'],
	[/<=>|<->|→|⟶|⇒|->|-->/y, 'arrow', ''],
	[/<=|=<|≤|⩽|≦|≲|⪕|<[ \t]+=|=[ \t]+<(?!=)|≼|⩿/y, 'relation', '≤'],
	[/>=|=>|≥|⩾|≧|≳|⪖|>[ \t]+=|=[ \t]+>(?!=)|≽/y, 'relation', '≥'],
	[/:=|===?|=|＝|≡/y, 'relation', '='],
	[/</y, 'relation', '≤'],
	[/>/y, 'relation', '≥'],
	[/\+|＋/y, 'sign', '+'],
	[/[-−–—‐‑－﹣⁻]/y, 'sign', '-'],
	[/\*\*(?=\d)|\^/y, 'power', '^'],
	[/\*|[·×⋅•∙⋆＊✕]/y, 'times', '·'],
	[/\/|[÷⁄∕]/y, 'divide', '/'],
	[/[²³]/y, 'power', ''],
	[/\(|（/y, 'open', '('],
	[/\)|）/y, 'close', ')'],
	[/[{⎧⎨⎩⎪]/y, 'left', ''],
	[/[}⎫⎬⎭]/y, 'right', ''],
	[/&&|∧/y, 'semicolon', ''],
	[/&/y, 'and', ','],
	[/;|；/y, 'semicolon', ''],
	[/\.\.\.+|…+|⋯/y, 'dots', ''],
	[/\.\.(?=[ \t]*\d|[ \t]*\p{L})/uy, 'dots', ''],
	[/,|，|、/y, 'comma', ','],
	[/:|：/y, 'colon', ':'],
	[/∈/y, 'in', ''],
	[/∀/y, 'each', ''],
	[/∞/y, 'infinity', ''],
	[/%/y, 'percent', ''],
	[/[$€£](?=[ \t]*(?:\/|per ))/y, 'word', ''],
	[/[$€£]/y, 'gap', ''],
	[/\|/y, 'bar', '|'],
	[/[.!?]/y, 'stop', '']
];
const SET = /([ℤℕℝℚ])((?:[_^](?:\{[^}\n]*\}|\S))|[≥>]=?[ ]?0|[₊⁺+≥₀]+)?/uy;

/** What names are called in the language: indices directly behind, digits plain. */
const indexed = (index: string): string =>
	/^\d+(?:_\d+)*$/.test(index)
		? index
		: `_${index.trim().replace(/[^\p{L}\p{Nd}]+/gu, '_')}`.replace(/_+$/, '');

/** What the text shows of its author: a LaTeX source, what a comma in its numbers is. */
export function contextOf(source: string): Context {
	const code = source.replace(/#[^\n]*|"(?:[^\\\n"]|\\[^\n])*"/g, '');
	const groups = code.match(/(?<![\d.,])[1-9]\d{0,2},\d{3}(?![\d,.])/g) ?? [];
	const point =
		/(?<![\d.,])(?:\d{1,3}\.(?:\d{1,2}|\d{4,})|0\.\d+)(?![\d.,])|\d,\d{3},\d{3}|\d,\d{3}\.\d/.test(code);
	const comma = /(?<![\d,])(?:\d+,(?:\d{1,2}|\d{4,})|0,\d+)(?![\d,])|\d\{,\}\d|\d\.\d{3},\d/.test(
		code.replace(/[([]\d+(?:,\s?\d+)*[)\]]|\{[^}\n]*\}/g, '').replace(/(\p{L}\w*)\d,/gu, '$1')
	);
	// 1.000 and 2.400, where no number has other decimals
	const dotted = code.match(/(?<![\d.,])[1-9]\d{0,2}\.\d{3}(?![\d.,])/g) ?? [];
	const dots =
		!point &&
		!/(?<![\d.,])\d+\.\d/.test(code.replace(/(?<![\d.,])[1-9]\d{0,2}\.\d{3}(?![\d.,])/g, '')) &&
		dotted.some((own) => /00$/.test(own));
	return {
		dots,
		tex: /\\[a-zA-Z\\,;:!{}_&%]|\p{L}_\{/u.test(code),
		comma:
			point === comma ? (!point && groups.length > 2 ? 'thousands' : null) : point ? 'thousands' : 'decimal',
		e: /(?<![\d.\p{L}_])[eE]\d*(?![\p{L}\p{Nd}_'])/u.test(code)
	};
}

/**
 * Takes a text apart.
 * @param source any text
 * @returns its tokens in order, and the stretches between them that say something else than they are, or nothing
 */
export function tokensOf(source: string, context: Context): { tokens: Token[]; passed: Passed[] } {
	const tokens: Token[] = [];
	const passed: Passed[] = [];
	let here = 0;
	let apart = false;
	const push = (
		kind: TokenKind,
		length: number,
		says: string,
		habit: ReadingKind | null = null,
		otherwise?: string
	) => {
		const to = here + length;
		tokens.push({
			kind,
			from: here,
			to,
			says,
			habit: source.slice(here, to) === says ? null : habit,
			apart,
			otherwise
		});
		here = to;
		apart = false;
	};
	const pass = (length: number, says: string, habit: ReadingKind) => {
		if (source.slice(here, here + length) !== says)
			passed.push({ from: here, to: here + length, says, habit });
		here += length;
		apart = true;
	};
	const startsLine = () => tokens.length === 0 || tokens.at(-1)!.kind === 'newline';
	/** x ≤ 450 (max chairs) */
	const isRemark = (length: number) =>
		tokens.at(-1)?.kind === 'open' &&
		tokens.at(-2)?.kind === 'number' &&
		/^[ \t]+\p{L}/u.test(source.slice(here + length, here + length + 20));
	/** at most ten, three x + two y: a number in words */
	const isCounted = (): boolean => {
		const before = tokens.at(-1)?.kind;
		if (before === 'relation') return true;
		const next = matchAt(COUNTED_OF, source, here)?.[0];
		return (
			!!next &&
			(/^(?:sense|sign|colon|open)$/.test(before ?? '') ||
				(startsLine() && STATED.test(source.slice(here + next.length)))) &&
			!phraseAt(source, here + next.length, false)
		);
	};
	/** 40 % of x: a share, and no comment */
	const isShare = () =>
		tokens.at(-1)?.kind === 'number' && /^%[ \t]+of[ \t]/i.test(source.slice(here, here + 12));
	const isGoal = () =>
		tokens
			.slice(tokens.findLastIndex(({ kind }) => kind === 'newline') + 1)
			.some(({ kind }) => kind === 'sense');
	/** whether something is limited already in this statement */
	const isLimited = () =>
		tokens
			.slice(tokens.findLastIndex(({ kind }) => kind === 'newline' || kind === 'semicolon') + 1)
			.some(({ kind }) => kind === 'relation');
	const word = (letters: string): void => {
		const first = source[here + letters.length] === '{' ? letters.replace(/_$/, '') : letters;
		// what belongs to one name: its letters and the indices behind it
		let says = first
			.replace(/[ᵢⱼₖₘₙ]/g, (letter) => `_${'ijkmn'['ᵢⱼₖₘₙ'.indexOf(letter)]}`)
			.replace(/[₀-₉]/g, (digit) => String(SUBSCRIPTS.indexOf(digit)))
			.replace(/[’′]/g, "'");
		let length = first.length;
		if (context.tex) says = says.replace(/^(\p{L}+)_(\d+)$/u, '$1$2');
		for (
			let own = context.tex ? matchAt(ESCAPED, source, here + length) : null;
			own;
			own = matchAt(ESCAPED, source, here + length)
		) {
			says += `_${own[1]}`;
			length += own[0].length;
		}
		for (let own = matchAt(INDEX, source, here + length); own; own = matchAt(INDEX, source, here + length)) {
			const [, round, square, below, sub] = own;
			if (/^(?:max|min)/i.test(first) && below === undefined) break;
			says += indexed((round ?? square ?? below ?? sub).replace(/,\s?/g, '_').replace(/\\text|[{}\\]/g, ''));
			length += own[0].length;
		}
		says = says.replace(/__+/g, '_');
		push(
			'word',
			length,
			says,
			/[₀-₉ᵢⱼₖₘₙ]|[([]|<sub>/.test(source.slice(here, here + length)) ? 'index' : 'latex'
		);
	};
	let isTable = false;
	const scan = (): void => {
		const c = source[here];
		// a line of a table, as Markdown writes it
		if (startsLine() && !apart) isTable = !!matchAt(TABLE_LINE, source, here);
		if (c === '|' && isTable) return pass(1, ' ', 'mark');
		if (c === '\n') return push('newline', 1, '\n');
		if (c === '\r') return source[here + 1] === '\n' ? void (here += 1) : push('newline', 1, '\n', 'mark');
		const blank = matchAt(BLANK, source, here)?.[0];
		// a tab may part two statements
		if (blank?.includes('\t') && !startsLine() && !context.tex) {
			push('gap', blank.length, blank);
			return void (apart = true);
		}
		if (blank)
			return /[\u2060-\u2064\u200b-\u200d\ufeff]/.test(blank)
				? pass(blank.length, /[\u2061-\u2064]/.test(blank) ? ' ' : '', 'mark')
				: void ((here += blank.length), (apart = true));
		const title = startsLine() ? matchAt(TITLE, source, here)?.[0] : undefined;
		if (title) return void (here += title.length);
		const comment = matchAt(COMMENT, source, here)?.[0];
		if (comment) return void (here += comment.length);
		const block = matchAt(BLOCK, source, here)?.[0];
		if (block) return pass(block.length, block.includes('\n') ? '\n' : '', 'comment');
		const under = matchAt(UNDER_SENSE, source, here);
		if (under) return push('sense', under[0].length, under[1], 'latex');
		if (context.tex) {
			const macro = macroAt(source, here, startsLine());
			if (macro?.passed) return pass(macro.length, macro.says, macro.habit ?? 'latex');
			if (macro) return push(macro.kind!, macro.length, macro.says, macro.habit ?? 'latex');
		} else if (startsLine() || (apart && !isShare())) {
			const other = matchAt(OTHER_COMMENT, source, here)?.[0];
			if (other) return pass(other.length, `#${other.replace(/^(?:\/\/|--|%|!)/, '')}`, 'comment');
		}
		const quoted = matchAt(QUOTED, source, here)?.[0];
		if (quoted) return push('word', quoted.length, quoted);
		const brackets = matchAt(BRACKETS, source, here);
		if (brackets) return push('unit', brackets[0].length, brackets[0]);
		const inside = matchAt(IN_UNIT, source, here);
		if (inside) return push('unit', inside[0].length, `[${inside[1].trim()}]`, 'unit');
		const circled = matchAt(CIRCLED, source, here)?.[0];
		if (circled) return push('count', 1, String(circled.charCodeAt(0) - 0x245f), 'numbering');
		const tag = matchAt(TAG, source, here);
		if (tag) {
			const breaks = /^(?:p|div|li|ul|ol|br|tr|table|tbody)$/i.test(tag[2]) && !startsLine();
			if (breaks) return push('newline', tag[0].length, '\n', 'mark');
			return pass(tag[0].length, /t[dh]/i.test(tag[2]) ? ' ' : '', 'mark');
		}
		const entity = matchAt(ENTITY, source, here);
		if (entity) {
			const name = entity[1];
			if (/^(?:nbsp|ensp|thinsp|amp)$/.test(name)) return pass(entity[0].length, ' ', 'mark');
			const [kind, says]: [TokenKind, string] = /^[lg]/.test(name)
				? ['relation', name[0] === 'l' ? '≤' : '≥']
				: name === 'minus'
					? ['sign', '-']
					: ['times', '·'];
			return push(kind, entity[0].length, says, name === 'lt' || name === 'gt' ? 'strict' : 'mark');
		}
		// x + y ≤ 10 <- labour
		const back =
			isLimited() && tokens.at(-1)!.kind === 'number' ? matchAt(BACK, source, here)?.[0] : undefined;
		if (back) return push('arrow', back.length, '', 'mark');
		const number: NumberRead | null = numberAt(source, here, context);
		if (number) return push('number', number.length, number.says, 'number', number.otherwise);
		const set = matchAt(SET, source, here);
		if (set) return push('set', set[0].length, setSays(set[1], set[2] ?? ''), 'domain');
		const phrase = phraseAt(source, here, startsLine());
		if (phrase && !(phrase.kind === 'sense' && isRemark(phrase.length))) {
			const written = source.slice(here, here + phrase.length);
			const isOwn = phrase.kind === 'sense' ? isKeyword(written) : written.toLowerCase() === phrase.says;
			return push(phrase.kind, phrase.length, isOwn ? written : phrase.says, phrase.habit);
		}
		const amount = isCounted() ? matchAt(COUNTED, source, here)?.[0] : undefined;
		if (amount) return push('number', amount.length, String(COUNTS.indexOf(amount.toLowerCase())), 'number');
		// at most 6 of x
		const isOf =
			tokens.at(-1)?.kind === 'number' &&
			tokens.at(-2)?.kind === 'relation' &&
			/^(?:newline|colon)?$/.test(tokens.at(-3)?.kind ?? '');
		const of = isOf ? matchAt(OF, source, here)?.[0] : undefined;
		if (of) return pass(of.length, '', 'mark');
		// 20 percent
		const percent = tokens.at(-1)?.kind === 'number' ? matchAt(PERCENT, source, here)?.[0] : undefined;
		if (percent) return push('percent', percent.length, '', 'number');
		// twice the vases
		const article = tokens.at(-1)?.kind === 'number' ? matchAt(ARTICLE, source, here)?.[0] : undefined;
		if (article) return pass(article.length, '', 'mark');
		const short = matchAt(ABBREVIATION, source, here)?.[0];
		if (short) return push('word', short.length, short.slice(0, -1), 'latex');
		const per = tokens.at(-1)?.kind === 'number' ? matchAt(PER, source, here) : null;
		if (per && (per[2] || isGoal() || !isLimited())) return pass(per[1].length, '', 'mark');
		const name = matchAt(WORD, source, here)?.[0];
		if (name) return word(name);
		if (
			/^(?:```|~~~|\*\*|__|`)/.test(source.slice(here, here + 3)) &&
			!(source.startsWith('**', here) && /\d/.test(source[here + 2] ?? ''))
		)
			return pass(
				/^(?:```|~~~)/.test(source.slice(here, here + 3))
					? /^.*/.exec(source.slice(here))![0].length
					: source[here] === '`'
						? 1
						: 2,
				'',
				'mark'
			);
		for (const [pattern, kind, says] of SIGNS) {
			const sign = matchAt(pattern, source, here)?.[0];
			if (!sign) continue;
			if (kind === 'word') return push('word', 1, sign);
			if (kind === 'power' && !says) return push(kind, 1, sign === '²' ? '^2' : '^3', 'power');
			// signs that the language knows stay as they are written
			const own = kind === 'relation' ? /^(?:<=|=<|[≤⩽⩾≥=]|>=|=>)$/ : /^(?:[-+−–*·×⋅/÷^(),:])$/;
			const isOwn = own.test(sign) && (says !== '' || kind === 'gap');
			return push(
				kind,
				sign.length,
				isOwn ? sign : says,
				kind !== 'relation' ? 'mark' : /^[<>]$/.test(sign) ? 'strict' : 'relation'
			);
		}
		const [character] = source.slice(here, here + 2);
		push('other', character.length, character);
	};
	while (here < source.length) scan();
	return { tokens, passed };
}

/** Whether a word has a meaning of its own in the language. */
export const isKeyword = (word: string): boolean => Object.hasOwn(KEYWORDS, word.toLowerCase());
