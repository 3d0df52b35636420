import { message, type Message } from '../messages';
import { said, shape, type Clause, type Draft } from './clause';
import { ANSWER } from './labels';
import type { Evidence } from './names';
import { goesOn, intervalEnds, range } from './signs';
import type { Token } from './token';

/** Rows that are put together otherwise: two limits, absolute values, shares, relations between several sides. */

const isMost = (says: string): boolean => /^(?:≤|<=|=<|⩽)$/.test(says);
const isLeast = (says: string): boolean => /^(?:≥|>=|=>|⩾)$/.test(says);

/** Reads a row where it is written otherwise. */
export function settleRow(clause: Clause, draft: Draft): void {
	const whole = { from: clause.from, to: clause.to };
	const { shape: line, tokens } = clause;
	const put = (insert: string) => draft.put(whole, insert, 'relation');
	const is = (pattern: string): RegExpExecArray | null => shape(`^${pattern}$`).exec(line);
	// at most 12 bowls
	const amount = is('r(NUM)(w)');
	if (amount) return put(`${tokens.at(-1)!.says} ${tokens[0].says} ${clause.text(1, 1 + amount[1].length)}`);
	// for all days, where nothing is indexed
	const general = /v(?:w+|w[hr]?.*)$/.exec(line);
	if (general && general.index > 0) {
		draft.put({ from: tokens[general.index - 1].to, to: clause.to }, '', 'domain');
		clause.drop(general.index, line.length);
		return settleRow(clause, draft);
	}
	const absolute = is('y([^y]+)yr(NUM)u?');
	if (absolute) {
		const at = absolute[1].length + 2;
		if (isMost(tokens[at].says))
			return put(
				`-${clause.text(at + 1, at + 1 + absolute[2].length)} ≤ ${clause.text(1, at - 1)} ≤ ${clause.text(at + 1, at + 1 + absolute[2].length)}`
			);
		return;
	}
	const between = is('(SUM)B(NUM)(?:a|s)(NUM)u?');
	if (between) {
		const low = between[1].length + 1;
		const high = low + between[2].length + 1;
		return put(
			`${clause.text(low, low + between[2].length)} ≤ ${clause.text(0, low - 1)} ≤ ${clause.text(high, high + between[3].length)}`
		);
	}
	// x + y in [2, 4]
	const interval = is('(SUM)hu');
	const ends = interval && intervalEnds(tokens.at(-1)!.says);
	if (ends?.every((end) => /^-?[\d./]+$/.test(end)))
		return put(`${ends[0]} ≤ ${clause.text(0, interval![1].length)} ≤ ${ends[1]}`);
	// at most 4 and at least 2
	const two = is('(SUM)r(NUM)u?[ca]*r(NUM)u?');
	if (two) {
		const first = two[1].length;
		const second = line.lastIndexOf('r');
		const [a, b] = [
			clause.text(first + 1, first + 1 + two[2].length),
			clause.text(second + 1, second + 1 + two[3].length)
		];
		const isFalling = isMost(tokens[first].says) && isLeast(tokens[second].says);
		if (isFalling || (isLeast(tokens[first].says) && isMost(tokens[second].says)))
			return put(`${isFalling ? b : a} ≤ ${clause.text(0, first)} ≤ ${isFalling ? a : b}`);
	}
	// x ≤ y ≤ 5: a row for each relation
	const sides = line.split('r');
	if (
		sides.length === 3 &&
		sides.every((side) => shape('^(?:SUM)$').test(side)) &&
		!(isNumber(sides[0]) && isNumber(sides[2])) &&
		/w/.test(sides[1])
	) {
		const first = sides[0].length;
		const second = first + 1 + sides[1].length;
		draft.put(
			{ from: tokens[second - 1].to, to: tokens[second].from },
			`\n${clause.text(first + 1, second)} `,
			'list'
		);
	}
}
const isNumber = (side: string): boolean => shape('^NUM$').test(side);

/** Shares: 40% x is a multiple, 40% of x + y of the whole sum or of its first term. */
export function settleShares(clause: Clause, draft: Draft): void {
	// x ≤ 5 (5 %) is a remark, and no product
	const remark = /r[^r]*[nw](pnPq)$/.test(clause.shape) ? clause.shape.length - 4 : 0;
	if (remark && clause.tokens[remark].apart) {
		draft.passEnd(clause, remark, 'comment');
	}
	for (let i = clause.tokens.length - 1; i >= 0; i--) {
		const share = shareAt(clause, i);
		if (!share) continue;
		const { from, says } = share;
		let of = clause.tokens[i + 1]?.says === 'of' ? i + 2 : 0;
		// of the sum x + y
		while (of && clause.shape[of + 1] === 'w' && /^(?:the|sum|of)$/i.test(clause.tokens[of].says)) of += 1;
		const end = of ? of + /^[^r]*/.exec(clause.shape.slice(of))![0].length : 0;
		if (of && end > of) {
			const [sum, line] = [clause.text(of, end), clause.shape.slice(of, end)];
			const place = { from: clause.tokens[from].from, to: clause.tokens[end - 1].to };
			if (/s/.test(line) && !/^p[^q]*q$/.test(line))
				draft.ask([place], [`${says} (${sum})`, `${says} ${sum}`], 'number');
			else draft.put(place, `${says} ${/^p/.test(line) ? sum : `(${sum})`}`, 'number');
			const first: Token = { ...clause.tokens[from], kind: 'number', says };
			clause.tokens = [...clause.tokens.slice(0, from), first, ...clause.tokens.slice(of)];
			continue;
		}
		draft.put(clause.span(from, i + 1), says, 'number');
		clause.merge(from, i + 1, 'number', says);
	}
}

/** A share that ends at a token, and where it begins: 40%, and 1/3 before “of”. */
function shareAt({ tokens, shape: line }: Clause, end: number): { from: number; says: string } | null {
	if (line[end] === 'P' && line[end - 1] === 'n')
		return { from: end - 1, says: `(${tokens[end - 1].says}/100)` };
	if (tokens[end + 1]?.says !== 'of') return null;
	const from = end - (/ndn$/.test(line.slice(0, end + 1)) ? 2 : 0);
	const says = said(tokens.slice(from, end + 1));
	return line[end] === 'n' && says.includes('/') ? { from, says: `(${says})` } : null;
}

/** x : y = 2 : 1 is 1 x = 2 y. */
export function settleProportion(clause: Clause, draft: Draft): void {
	const named = /^(wl)?wlwrnln$/.exec(clause.shape);
	if (!named) return;
	const label = clause.tokens.slice(0, named[1]?.length ?? 0);
	const [first, , second, relation, over, , under] = clause.tokens.slice(label.length);
	draft.put(
		{ from: first.from, to: clause.to },
		`${under.says} ${first.says} ${relation.says} ${over.says} ${second.says}`,
		'relation'
	);
	const row = [under, first, relation, over, second].map((token) => ({ ...token, apart: true }));
	clause.tokens = [...label, ...row];
}

/** Sums that are not written out: 2 x1 + … + 2 x5, where all that is left out can only be one thing. */
export function settleDots(clause: Clause, draft: Draft): void {
	for (;;) {
		const found = /(?<![ndt])((?:n(?:dn)?t?)?)w(s)o\2\1w/.exec(clause.shape);
		if (!found) return;
		const own = clause.tokens.slice(found.index, found.index + found[0].length);
		const at = own.findIndex(({ kind }) => kind === 'dots');
		const [before, after] = [own.slice(0, at - 1), own.slice(at + 2)];
		const [factor, other] = [before, after].map((term) => said(term.slice(0, -1)));
		const names = range(before.at(-1)!.says, after.at(-1)!.says)?.slice(1, -1);
		if (!names || factor !== other || own[at - 1].says !== own[at + 1].says) return;
		const sign = own[at - 1].says;
		const terms = names.map((name) => `${sign} ${factor ? `${factor} ` : ''}${name} `);
		draft.put({ from: own[at - 1].from, to: own[at + 1].to }, `${terms.join('')}${sign}`, 'number');
		const { from, to } = own[at];
		const added = names.flatMap((name): Token[] => [
			{ ...own[at - 1], from, to },
			...before.map((token) => ({ ...token, from, to, ...(token.kind === 'word' ? { says: name } : {}) }))
		]);
		clause.tokens = [
			...clause.tokens.slice(0, found.index + at - 1),
			...added,
			...clause.tokens.slice(found.index + at + 1)
		];
	}
}

const WHOLE =
	/\bof (?:the )?(total|whole|sum|mix(?:ture)?|blend|output|production)\b(?! of)(?:\s+([^\s+*]+))?/i;
const SHARE = /%|\bper ?cent\b|\bpct\b|\b(?:half|third|quarter)\b|\d\/\d/i;
/** words that stand for something else, and are no names */
const PRONOUN = /^(?:in|either|neither|both|any|each|every|all|none|everything|altogether|we|you|they|it)$/i;

/** What cannot be said by linear rows as it stands, with what could be written instead. */
export function refuseOthers(clause: Clause, draft: Draft, { terms }: Evidence): boolean {
	const { shape: line, tokens } = clause;
	const text = clause.source.slice(clause.from, clause.to);
	const label = clause.labelled
		? /(?:[^\n:;]*:|\(\w+\))[ \t]*$/.exec(clause.source.slice(0, clause.from))
		: null;
	const refuse = (says: Message) => {
		draft.refuse({ from: label?.index ?? clause.from, to: clause.to }, says);
		clause.tokens = [];
		return true;
	};
	const words = tokens.filter(({ kind }) => kind === 'word').map(({ says }) => says);
	const isAbout = words.some((word) => terms.has(word));
	if (isAbout && /\d[.,]\d+[ \t]?(?:\.\.\.|…)/.test(text)) return refuse(message('notLinear', 'decimals'));
	if (isAbout && /so[sr]|so$/.test(line)) return refuse(message('notLinear', 'dots'));
	// x in {1, 3, 5}
	if (isAbout && /hjn(?:[cm]n)+k$/.test(line)) {
		const numbers = tokens.filter(({ kind }) => kind === 'number').map(({ says }) => Number(says));
		if (!goesOn(numbers)) return refuse(message('notLinear', 'values'));
	}
	if (isAbout && tokens.some(({ says }) => says === '≠')) return refuse(message('notLinear', 'unequal'));
	if (isAbout && /^\s*either\b.*\bor\b/is.test(text)) return refuse(message('notLinear', 'either'));
	// at most 3 of either
	const isPronoun = words.some((word) => PRONOUN.test(word) && (terms.get(word) ?? 0) < 2);
	if (isPronoun && /r/.test(line) && !/g/.test(line)) return refuse(message('sentence', text.trim()));
	// neither x nor y may exceed 3; at least one of x and y must be 0
	const isOneOf = /^(?:wl)?rnw[ca]/.test(line) && /^[^<>≤≥=]*\d*\s*\bof\b/i.test(text);
	if (isAbout && (/\bneither\b|\bnor\b/i.test(text) || isOneOf))
		return refuse(message('sentence', text.trim()));
	// for every table at least 4 chairs; x exceeds y by at least 2
	if (/^vwrnw$/.test(line) || (/^wr/.test(line) && /^by$/i.test(words[0]) && clause.isLater))
		return refuse(message('sentence', text.trim()));
	// 25% of the total, at most 30% bowls
	const whole = WHOLE.exec(text);
	const isOfWhole = whole !== null && (terms.get(whole[1]) ?? 0) < 2 && !terms.has(whole[2] ?? '');
	if (isAbout && SHARE.test(text) && (isOfWhole || /^(?:wl)?rnw$/.test(line)))
		return refuse(message('notLinear', 'whole'));
	if (isAbout && /\bodd\b|\beven\b|\bmultiples? of\b|\bdivisible\b/i.test(text))
		return refuse(message('notLinear', 'parity'));
	if (isAbout && /^\s*(?:limit|restrict|cap|keep)\b(?!\s*[:=])/i.test(text) && /^w+[Fr]/.test(line))
		return refuse(message('sentence', text.trim()));
	if (isAbout && /^\s*if\b|\bthen\b|\bunless\b|\bonly if\b/i.test(text))
		return refuse(message('notLinear', 'condition'));
	if (/r.*O.*[rw]|^w.*O.*r/.test(line) && !/r[^r]*nOn$/.test(line))
		return refuse(message('notLinear', 'either'));
	// The kiln takes at most 40 pieces: a sentence, and no row of a variable
	if (
		/^(?:w|[ca])+r/.test(line) &&
		(/\bsum of\b|\btogether\b/i.test(text) || (/\bas (?:many|much)\b/i.test(text) && !/^wrnw$/.test(line)))
	)
		return refuse(message('sentence', text.trim()));
	const left = /^(?:w|[ca])+(?=r)/.exec(line)?.[0] ?? '';
	// oak tables, pine chairs ≥ 0
	const listed = left.split(/[ca]+/).length > 1 && said(tokens.slice(0, left.length)).split(/ ?, ?/);
	if (listed && listed.every((name) => terms.has(name))) return false;
	if (
		left.replace(/[ca]/g, '').length > 2 &&
		!words.slice(0, left.length).some((word) => terms.has(word)) &&
		!/g/.test(line) &&
		!ANSWER.test(text)
	)
		return refuse(message('sentence', text.trim()));
	return false;
}
