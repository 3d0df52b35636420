import { Clause, shape, type Draft } from './clause';
import type { Evidence } from './names';
import { setSays } from './phrases';
import type { Token } from './token';

/** What is said of variables: signs, bounds, domains, in lists, with indices, of all at once. */

const DOMAIN =
	/^\[?(?:(?:are|is|be|all)\s+)*(integers?|integral|int|whole(?: numbers?)?|binary|bin|free|urs|unrestricted|non-?negative|continuous|real)\]?$/i;
const domainSays = (word: string): string =>
	/^(?:int|whole)/i.test(word)
		? 'integer'
		: /^bin/i.test(word)
			? 'binary'
			: /^(?:non|cont|real)/i.test(word)
				? ''
				: 'free';

interface Names {
	readonly list: readonly string[];
	/** how many tokens they take */
	readonly length: number;
	/** whether they stand so in the language */
	readonly isPlain: boolean;
	/** whether each is written by itself */
	readonly isListed: boolean;
}

/** x1 to x3: all between, the first and the last too; null where the names are not of one row. */
export function range(first: string, last: string): string[] | null {
	const [a, b] = [/^(.*?)(\d+)$/.exec(first), /^(.*?)(\d+)$/.exec(last)];
	if (!a || !b || a[1] !== b[1]) return null;
	const [from, to] = [Number(a[2]), Number(b[2])];
	return to > from && to - from < 200
		? Array.from({ length: to - from + 1 }, (_, i) => `${a[1]}${from + i}`)
		: null;
}

/** Whether each number is one more than the one before. */
export const goesOn = (numbers: readonly number[]): boolean =>
	numbers.every((own, i) => i === 0 || own === numbers[i - 1] + 1);

/** The ends of an interval such as `[0, 3]`, with a plain minus; null where a text is none. */
export function intervalEnds(text: string): string[] | null {
	const found = /^\[\s*([-−+]?[^,;\s]+)\s*[,;]\s*([-−+]?[^,;\s]+)\s*\]$/.exec(text);
	return found && found.slice(1).map((end) => end.replace('−', '-'));
}

/** x1, x2, …, xn: all that are known from the first on; null where the last is no such end. */
function openRange(first: string, last: string, all: readonly string[]): string[] | null {
	const [a, b] = [/^(\p{L}+_?)(\d+)$/u.exec(first), /^(\p{L}+)_?[kmnKMN]$/u.exec(last)];
	if (!a || !b || a[1].replace('_', '') !== b[1]) return null;
	const own = all.filter((name) => name.startsWith(a[1]) && /^\d+$/.test(name.slice(a[1].length)));
	return own.filter((name) => Number(name.slice(a[1].length)) >= Number(a[2]));
}

/** The names at the beginning of a clause: listed, in brackets, from the first to the last, or all there are. */
function namesOf(clause: Clause, from: number, all: readonly string[]): Names | null {
	const { tokens, shape: line } = clause;
	if (line[from] === 'A') return { list: all, length: 1, isPlain: false, isListed: false };
	const list: string[] = [];
	let [isPlain, isListed] = [true, true];
	let at = from;
	const brackets = line[at] === 'p';
	if (brackets) [at, isPlain] = [at + 1, false];
	for (;;) {
		if (line[at] !== 'w') break;
		const name = tokens[at].says;
		// x1, …, x5 and x1–x5 and x1..x5
		const dots = /^(?:c?oc?|s)w/.exec(line.slice(at + 1));
		const isDash =
			dots?.[0][0] === 's' && clause.source[tokens[at + 1].from] === '–' && !tokens[at + 1].apart;
		const to = dots && (dots[0][0] !== 's' || isDash) ? tokens[at + dots[0].length].says : null;
		const between = to ? (range(name, to) ?? openRange(name, to, all)) : null;
		if (between) {
			list.push(...between);
			[at, isPlain, isListed] = [at + 1 + dots![0].length, false, false];
		} else {
			list.push(name);
			at += 1;
		}
		const mark = /^[ca]+(?=w)/.exec(line.slice(at));
		if (!mark) break;
		if (mark[0] !== 'c') isPlain = false;
		at += mark[0].length;
	}
	if (brackets) {
		if (line[at] !== 'q') return null;
		at += 1;
	}
	return list.length > 0 ? { list, length: at - from, isPlain, isListed } : null;
}

/** What follows a general statement: for all j, j = 1, …, 3, (j = 1, 2): the index and the numbers that it runs through. */
function generality(
	tail: readonly Token[],
	marks: string
): { index: string; numbers: number[] | null } | null {
	const found = /^[clp]*(v)?(w)(?:[ca]w)*([rh]?)[jp]?((?:n|c|o|a|w|s)*)[kqf]*$/.exec(marks);
	if (!found || (!found[1] && !found[3])) return null;
	const index = tail.find(({ kind }) => kind === 'word')!.says;
	if (!/^[ijkmnlpqrst]$/.test(index)) return null;
	const listed = tail
		.slice(marks.indexOf('w') + 1)
		.filter(({ kind }) => kind === 'number')
		.map(({ says }) => Number(says));
	const isRange = /o/.test(found[4]);
	const numbers =
		listed.length === 0
			? null
			: isRange && /w[q k]*$/.test(marks)
				? null
				: isRange
					? Array.from({ length: listed.at(-1)! - listed[0] + 1 }, (_, i) => listed[0] + i)
					: listed;
	return { index, numbers };
}

/** The variables that a name with an index stands for: x_j, xj, x_{ij}. */
function instances(
	name: string,
	general: { index: string; numbers: number[] | null } | null,
	known: readonly string[]
): string[] | null {
	const found = /^(\p{L}+?)_?([ijkmn]{1,2})$/u.exec(name);
	if (!found || (general && !found[2].includes(general.index))) return null;
	const indexed = new RegExp(`^${found[1]}_?\\d+(?:_\\d+)*$`, 'u');
	const own = known.filter((candidate) => indexed.test(candidate));
	if (own.length === 0 || own.includes(name)) return null;
	const wanted = own.filter(
		(candidate) =>
			!general?.numbers || found[2].length > 1 || general.numbers.includes(Number(/\d+$/.exec(candidate)![0]))
	);
	return wanted.length > 0 ? wanted : null;
}

/** What a text says of names behind them; null where it is something else. */
function said(clause: Clause, from: number): { says: string; isPlain: boolean } | null {
	const rest = clause.tokens.slice(from);
	const line = clause.shape.slice(from);
	const text = (a: number, b: number) => clause.text(from + a, from + b);
	const is = (pattern: string): RegExpExecArray | null => shape(`^${pattern}$`).exec(line);
	const relation = rest[0]?.says ?? '';
	const words = (list: readonly Token[]) =>
		list
			.filter(({ kind }) => kind === 'domain')
			.map(({ says }) => says)
			.filter((own, i, all) => all.indexOf(own) === i);
	const domains = (own: readonly Token[]) => {
		const all = words(own);
		return (all.length > 1 ? all.filter((word) => word !== 'from 0') : all).join(' ');
	};
	if (is('(?:[ca]?i)+'))
		return { says: ` ${domains(rest)}`, isPlain: line === 'i' && rest[0].habit === null };
	// x is an integer between 0 and 3
	const inside = is('i B (NUM) a (NUM)');
	if (inside) {
		const at = 2 + inside[1].length;
		return {
			says: ` from ${text(2, at)} to ${text(at + 1, at + 1 + inside[2].length)} ${rest[0].says}`,
			isPlain: false
		};
	}
	// x integer ≥ 1
	const bounded = is('i[ca]?r(NUM)');
	if (bounded) {
		const at = bounded[0].length - bounded[1].length;
		return { says: ` ${rest[at - 1].says} ${text(at, bounded[0].length)} ${rest[0].says}`, isPlain: false };
	}
	if (is('hz(?:[ca]*i)*'))
		return {
			says: ` ${rest[1].says}${domains(rest) && !rest[1].says.includes(domains(rest)) ? ` ${domains(rest)}` : ''}`,
			isPlain: false
		};
	if (is('hz(?:s|rn|[?])+'))
		return { says: rest[1].says === 'integer' ? ' integer' : ' from 0', isPlain: false };
	// Z, N, R in plain letters, also Z≥0 and R+
	if (is('hw(?:s|rn|n)*') && /^[ZNRQ]n?0?$/.test(rest[1].says))
		return { says: ` ${setSays(rest[1].says[0], line.length > 2 ? '+' : '')}`, isPlain: false };
	if (is('hi')) return { says: ` ${rest[1].says}`, isPlain: false };
	const set = is('hj n([cmO]n)* [co]* k');
	if (set) {
		const numbers = rest.filter(({ kind }) => kind === 'number').map(({ says }) => Number(says));
		if (numbers.length === 2 && numbers[0] === 0 && numbers[1] === 1)
			return { says: ' binary', isPlain: false };
		const isRow = goesOn(numbers);
		if (/o/.test(line) && isRow)
			return { says: numbers[0] === 0 ? ' integer' : ` from ${numbers[0]} integer`, isPlain: false };
		if (isRow && numbers.length > 1)
			return { says: ` from ${numbers[0]} to ${numbers.at(-1)} integer`, isPlain: false };
		return null;
	}
	const closed = is('hj n co?c? [on]*c? n k');
	if (closed) return { says: ` from ${rest[2].says} to ${rest.at(-2)!.says} integer`, isPlain: false };
	// an interval looks like a unit
	const interval = is('h(?:u|p(s?(?:n|N))[cm](s?(?:n|N))[uq?])');
	if (interval) {
		const ends =
			(line === 'hu' && intervalEnds(rest[1].says)) ||
			clause.source
				.slice(rest[1].from, rest.at(-1)!.to)
				.replace(/[[\]()\s]/g, '')
				.split(/[,;]/)
				.map((end) => end.replace('−', '-'));
		const isEnd = (end: string) => /∞|inf/i.test(end);
		if (ends.length !== 2) return null;
		return {
			says: `${isEnd(ends[0]) ? ' free' : ` from ${ends[0]}`}${isEnd(ends[1]) ? '' : ` to ${ends[1]}`}`,
			isPlain: false
		};
	}
	if (relation === '=' || /^=/.test(relation)) {
		if (
			is('r n (?:[dO]|s) n') &&
			Number(rest[1].says) === 0 &&
			Number(rest[3].says) === 1 &&
			rest[0].says === '='
		)
			return { says: ' binary', isPlain: false };
		if (is('r n/?1?') && rest[1]?.says === '0/1') return { says: ' binary', isPlain: false };
		// = 0, 1, …, 5
		const ended = is('r n (?:[ca]n)* co?c?o? c? n');
		if (ended && /o/.test(line))
			return { says: ` from ${rest[1].says} to ${rest.at(-1)!.says} integer`, isPlain: false };
		const listed = is('r n (?:[ca]n)+ [ca]?(o)?');
		if (listed) {
			const numbers = rest.filter(({ kind }) => kind === 'number').map(({ says }) => says);
			if (listed[1])
				return { says: numbers[0] === '0' ? ' integer' : ` from ${numbers[0]} integer`, isPlain: false };
			return numbers.length === 2 && numbers.join() === '0,1'
				? { says: ' binary', isPlain: false }
				: { says: ` from ${numbers[0]} to ${numbers.at(-1)} integer`, isPlain: false };
		}
	}
	const open = is('r(s?)N');
	if (open) {
		const isLower = relation === '≥' || relation === '>=';
		const minus = rest[1].says === '-';
		if (isLower === minus) return { says: isLower ? ' free' : '', isPlain: false };
		return null;
	}
	// (x, y) ≥ (0, 0)
	const zeros = is('rpn(?:cn)+q');
	if (zeros && rest.every(({ kind, says }) => kind !== 'number' || Number(says) === 0))
		return { says: ` ${relation} 0`, isPlain: false };
	const tail = is('r(NUM)((?:[ca]?(?:p?iq?|u|w))*)');
	if (tail && tail[2] !== '') {
		const behind = rest.slice(1 + tail[1].length);
		const own = behind.flatMap(({ kind, says }) =>
			kind === 'domain'
				? [says]
				: DOMAIN.test(says)
					? [domainSays(DOMAIN.exec(says)![1].toLowerCase())]
					: /^(?:comma|and|open|close)$/.test(kind)
						? []
						: [null]
		);
		if (own.includes(null)) return null;
		const isPlain = behind.length === 1 && behind[0].kind === 'domain' && behind[0].habit === null;
		return {
			says: ` ${relation} ${text(1, 1 + tail[1].length)} ${own.filter(Boolean).join(' ')}`.trimEnd(),
			isPlain
		};
	}
	if (tail) return { says: ` ${relation} ${text(1, 1 + tail[1].length)}`, isPlain: true };
	return null;
}

const knownNames = ({ terms }: Evidence): string[] => [...terms.keys()].filter((name) => !/ /.test(name));
const allNames = (evidence: Evidence): string[] =>
	[...new Set([...evidence.goal, ...evidence.terms.keys()])].filter(
		(name) => evidence.terms.has(name) && !/ /.test(name)
	);

/** The variables that are said to be at least 0: x, y ≥ 0, all variables non-negative. */
export function signedNames(clauses: readonly Clause[], evidence: Evidence): Set<string> {
	const known = knownNames(evidence);
	return new Set(
		clauses.flatMap(({ shape: line, tokens }) => {
			const last = tokens.at(-1)!;
			const isSign =
				/^(?:A|p?w(?:[ca]*w)*q?)rn$/.test(line) && last.says === '0' && /[≥>]/.test(tokens.at(-2)!.says);
			if (!isSign && !(/^(?:A|w(?:[ca]*w)*)i$/.test(line) && last.says === 'from 0')) return [];
			if (line[0] === 'A') return allNames(evidence);
			const names = tokens.filter(({ kind }) => kind === 'word').map(({ says }) => says);
			return names.flatMap((name) => instances(name, null, known) ?? [name]);
		})
	);
}

/**
 * Reads clauses about variables where they are written otherwise; returns whether a clause is one.
 * @param signed the variables that the text says to be at least 0
 */
export function settleSigns(
	clause: Clause,
	draft: Draft,
	evidence: Evidence,
	signed: ReadonlySet<string>
): boolean {
	const known = knownNames(evidence);
	const all = allNames(evidence);
	const put = (says: string) => {
		draft.put({ from: clause.from, to: clause.to }, says, 'domain');
		return true;
	};
	// both are whole numbers
	if (clause.shape === 'i' && /^(?:both|all|each|every)\b/i.test(clause.source.slice(clause.from)))
		return put(`${all.join(', ')} ${clause.tokens[0].says}`);
	// integer x, y
	const first = /^i[lc]?(?=w)/.exec(clause.shape);
	if (first) {
		const names = namesOf(clause, first[0].length, all) ?? { list: [], length: -1 };
		const isSpaced = /^w+$/.test(clause.shape.slice(first[0].length));
		const list = isSpaced
			? clause.tokens.slice(first[0].length).map(({ says }) => says)
			: first[0].length + names.length === clause.tokens.length
				? names.list
				: null;
		if (list) return put(`${list.join(', ')} ${clause.tokens[0].says}`);
	}
	// for all j: …
	const early = /^(v.*?)[lc](?=[wp])/.exec(clause.shape);
	let general = early ? generality(clause.tokens.slice(0, early[1].length), early[1]) : null;
	const start = general ? early![0].length : 0;
	// 0 ≤ x, y ≤ 3
	const between = shape('^(NUM|s?N)r').exec(clause.shape.slice(start));
	const low = between && !/g/.test(clause.shape) ? start + between[0].length : start;
	const names = namesOf(clause, low, all);
	if (!names) return false;
	const end = low + names.length;
	const behind = clause.shape.slice(end);
	const tail = general ? null : /(?:[clp]*v|[clp]*w[rh]).*$/.exec(behind.replace(/^r(?=w)/, '!'));
	// x_j ≥ 0 for all j, and integer
	const late = tail && /[vrh].*i$/.test(tail[0]) ? clause.tokens.at(-1)!.says : '';
	if (tail) {
		const last = clause.tokens.length - (late ? 1 : 0);
		general = generality(
			clause.tokens.slice(end + tail.index, last),
			clause.shape.slice(end + tail.index, last)
		);
		if (!general && /v/.test(tail[0])) general = { index: '', numbers: null };
	}
	const stop = tail && general ? end + tail.index : clause.tokens.length;
	const isIndexed = names.list.some((name) => instances(name, general?.index ? general : null, known));
	if (tail && general && !isIndexed && !/v/.test(tail[0])) return false;
	const list = names.list.flatMap(
		(name) => instances(name, general?.index ? general : null, known) ?? [name]
	);
	const isPlain = names.isPlain && !isIndexed && stop === clause.tokens.length && start === 0;
	const rest = new Clause(clause.tokens.slice(0, stop), clause.isLater, clause.source);
	if (low > start) {
		const chain = shape('^r(NUM|s?N)((?:[ca]?i)*)$').exec(rest.shape.slice(end));
		const [r, own] = [clause.tokens[low - 1], clause.tokens[end]];
		if (!chain || r.says !== own.says || !/[≤<≥>]/.test(r.says)) return false;
		const [left, right] = [clause.text(start, low - 1), clause.text(end + 1, end + 1 + chain[1].length)];
		const [from, to] = /[≥>]/.test(r.says) ? [right, left] : [left, right];
		const isOpen = (length: string) => /N/.test(length);
		const [openFrom, openTo] = /[≥>]/.test(r.says)
			? [isOpen(chain[1]), isOpen(between![1])]
			: [isOpen(between![1]), isOpen(chain[1])];
		if (list.length === 1 && !openFrom && !openTo && isPlain && chain[2] === '') return true;
		const domain = clause.tokens
			.slice(end, stop)
			.filter(({ kind }) => kind === 'domain')
			.map(({ says }) => ` ${says}`)
			.join('');
		return put(
			`${list.join(', ')}${openFrom ? ' free' : ` from ${from}`}${openTo ? '' : ` to ${to}`}${domain}`
		);
	}
	const only = said(rest, end);
	if (!only) return false;
	const own = late && late !== 'from 0' ? { says: `${only.says} ${late}`, isPlain: false } : only;
	if (isPlain && own.isPlain) return true;
	if (list.length === 0) return false;
	// a variable of which nothing is said
	if (own.says === '') return put('');
	if (!names.isListed || isIndexed || start > 0) return put(`${list.join(', ')}${own.says}`);
	// the names stay as they are written
	for (let i = low; i < end; i++)
		if (/[pq]/.test(clause.shape[i])) draft.put(clause.tokens[i], '', 'domain');
		else if (clause.shape[i] === 'w' && /a|cc/.test(/[ca]*$/.exec(clause.shape.slice(low, i))![0])) {
			const before = clause.tokens[low + /w[ca]*$/.exec(clause.shape.slice(low, i))!.index];
			draft.put({ from: before.to, to: clause.tokens[i].from }, ', ', 'domain');
		}
	const tailAt = { from: clause.tokens[end - 1].to, to: clause.to };
	// real numbers, in a text that also asks for signs: just not whole, or any sign?
	if (own.says === ' free' && /h/.test(clause.shape) && signed.size > 0)
		draft.ask(
			[tailAt],
			list.every((name) => signed.has(name)) ? [' from 0', ' free'] : [' free', ' from 0'],
			'domain'
		);
	else if (!own.isPlain || stop < clause.tokens.length) draft.put(tailAt, own.says, 'domain');
	return true;
}
