import { Clause, shape, type Draft } from './clause';
import { isTogether, LETTER, type Token } from './token';

/** Lines joined where they go on, and taken apart where they say several things. */

const letters = (tokens: readonly Token[]): string => tokens.map(({ kind }) => LETTER[kind]).join('');
const says = (line: string): boolean => /[rih]/.test(line);
const isGoal = (line: string): boolean => /g/.test(line);

/** Bars that part statements: max 3 x | s.t. | x ≤ 4. */
const barred = (line: Token[]): Token[] =>
	line.some(({ kind }) => kind === 'such' || kind === 'sense')
		? line.map((own, i) =>
				own.kind === 'bar' && own.apart && line[i + 1]?.apart
					? { ...own, kind: 'semicolon' as const, says: '' }
					: own
			)
		: line;

/** The lines of a text; one that cannot stand alone is joined to the one before. */
function linesOf(tokens: readonly Token[], draft: Draft): Token[][] {
	const lines: Token[][] = [[]];
	for (const token of tokens) {
		if (token.kind === 'newline') lines.push([]);
		else lines.at(-1)!.push(token);
	}
	const full = lines.filter((line) => {
		// a line drawn between others
		const isDrawn =
			line.length > 2 &&
			(/^[slt?]+$/.test(letters(line)) ||
				line.every(({ kind, says: sign }) => kind === 'relation' && sign === '='));
		if (isDrawn) draft.put({ from: line[0].from, to: line.at(-1)!.to }, '', 'mark');
		return line.length > 0 && !isDrawn;
	});
	// quoted mail: a sign before every line
	if (full.length > 1 && full.every((line) => isQuote(line[0])))
		for (const line of full) while (line[0] && isQuote(line[0])) draft.put(line.shift()!, '', 'mark');
	const joined: Token[][] = [];
	for (const own of full.filter(({ length }) => length > 0)) {
		const line = barred(own);
		const last = joined.at(-1);
		const [before, here] = [last ? letters(last) : '', letters(line)];
		// the objective stands there already: its sense, and below it the sum
		const isGoalDone = /r/.test(here) && /^[wfl]*g[lcx]*$/.test(letters(joined.at(-2) ?? []));
		const isHead = /^w[wnpqlfcu]*$/.test(before);
		const dangles =
			(/[stdrp]$/.test(before) || (/c$/.test(before) && !says(before) && !isGoal(before))) &&
			!/^w+u?l/.test(here);
		const isDone = /r/.test(before) && !/^s?n(?:dn)?r[^r]*$/.test(before);
		const goesOn =
			(/^r/.test(here) && !isDone && !isGoal(before) && !/^r[nwuPd]*l.*r/.test(here)) ||
			(/^[s]/.test(here) && last && line[0].says === '+');
		// a sum alone, with a minus in front, belongs to what has no relation yet
		const ends =
			last &&
			!isHead &&
			!isGoalDone &&
			/^s/.test(here) &&
			line[0].says === '-' &&
			((!/r/.test(here) && /[nwq]$/.test(before) && !/i/.test(here)) ||
				(!/[rgihF]/.test(before) && /[nwq]$/.test(before)));
		const bullet = line[1]?.apart && line[0].kind === 'sign' && /r/.test(here) && !/[stdr]$/.test(before);
		if (last && (dangles || goesOn || ends) && !(bullet && line[0].says === '+')) {
			if (!/[stdr]$/.test(before)) draft.put({ from: last.at(-1)!.to, to: line[0].from }, ' ', 'joined');
			last.push(...line);
		} else joined.push([...line]);
	}
	return joined;
}

/** Where a statement ends at a mark and another begins. */
function endsAt(
	mark: Token,
	before: string,
	rest: readonly Token[],
	tokens: readonly Token[]
): boolean | 'blank' {
	const after = letters(rest);
	const next = after.split(/[cmaf]/, 1)[0];
	if (mark.kind === 'semicolon') return true;
	if (mark.kind === 'stop')
		return rest.length > 0 && rest[0].apart && (says(before) || isGoal(before)) && /[rgwA]/.test(after);
	if (mark.kind === 'gap')
		return (
			!/^v/.test(after) &&
			(says(before) || (isGoal(before) && /^gu?.+/.test(before))) &&
			(/r/.test(next) || /^[wca]*[rih]/.test(after))
		);
	// integer behind what is said of names
	if (/^(?:[ia]|F)/.test(after))
		return says(before) || mark.kind !== 'comma' ? 'blank' : /^[wcap]*$/.test(before) ? 'blank' : false;
	if (/^r/.test(after)) return false;
	// between 2 and 4
	if (mark.kind === 'and' && shape('B NUM u?$').test(before)) return false;
	// at most 2 of x, y, z are chosen
	if (isOfList(tokens, before, after)) return false;
	// at most 10 of x and y together
	if (/^(?:wl)?rn?w/.test(before) && isTogether(rest[/^[wca]*/.exec(after)![0].length - 1])) return false;
	// 0 ≤ x, y ≤ 3 and integer x, y
	if (shape('^NUMr w(?:[ca]w)*$').test(before) && shape('^w(?:[ca]w)*r NUM').test(after)) return false;
	if (/^i[lc]?[ws]+(?:[ca][ws]+)*$/.test(before) && /^w(?![^c]*[rih])/.test(after)) return false;
	if (isGoal(before)) return /r/.test(next) && (/[nwq]$|[nwqx]g$/.test(before) || /r/.test(before));
	if (!says(before)) return false;
	// a remark in brackets belongs to the row
	if (/^p(?:w|[cdn])+q(?:[cfm]|$)/.test(after) && /w/.test(after)) return 'blank';
	// j = 1, …, n
	if (/o$/.test(before) && /^[wn](?![rih])/.test(after)) return false;
	// 0, 1, 2, … and for all j = 1, 2
	if (/r[ns]+(?:[ca]n)*$/.test(before) && /^(?:n(?:[ca]|$|o)|o)/.test(after)) return false;
	if (/v/.test(before))
		return (
			/^[wpcq]+[rih]/.test(after) &&
			!/^v/.test(after) &&
			rest.length > 2 &&
			!/^[nco]+$/.test(after) &&
			!isIndex(rest[0])
		);
	if (/^(?:v|wr[n.])/.test(after) && isIndexed(tokens, rest[0])) return false;
	if (/^v/.test(after)) return false;
	return true;
}
/** Whether names are listed behind an amount of them, with “of” between. */
function isOfList(tokens: readonly Token[], before: string, after: string): boolean {
	const found = /^(?:wl)?rnw(?:[ca]*w)*$/.exec(before);
	if (!found || !/^w(?:[ca]*w)*w{0,3}(?:$|r)/.test(after)) return false;
	const first = before.indexOf('n');
	return tokens[first + 1].from - tokens[first].to > 3;
}
const isQuote = ({ kind, says: sign, habit }: Token): boolean =>
	kind === 'relation' && sign === '≥' && habit === 'strict';
const isIndex = (token: Token | undefined): boolean => token?.kind === 'word' && /^[ijkmn]$/.test(token.says);
/** Whether a single letter is the index of a name before it: x_j ≥ 0, j = 1, 2. */
const isIndexed = (tokens: readonly Token[], index: Token | undefined): boolean =>
	isIndex(index) &&
	tokens.some(({ kind, says: name }) => kind === 'word' && name.length > 1 && name.endsWith(index!.says));

/** Words that stand behind amounts and nowhere else, and how often. */
function behindAmounts(tokens: readonly Token[]): ReadonlyMap<string, number> {
	const behind = new Map<string, number>();
	const elsewhere = new Set<string>();
	tokens.forEach(({ kind, says: word }, i) => {
		if (kind !== 'word') return;
		const before = letters(tokens.slice(Math.max(0, i - 3), i));
		if (/rs?n$/.test(before)) behind.set(word, (behind.get(word) ?? 0) + 1);
		else elsewhere.add(word);
	});
	return new Map([...behind].filter(([word]) => !elsewhere.has(word)));
}

/** Words beside a sign, or directly behind a number or a dot: variables. */
const termsOf = (tokens: readonly Token[]): ReadonlySet<string> =>
	new Set(
		tokens.flatMap(({ kind, says: word }, i) => {
			const [before, after] = [tokens[i - 1]?.kind ?? '', tokens[i + 1]?.kind ?? ''];
			const isTerm = /^(?:number|sign|times)$/.test(before) || /^(?:sign|times)$/.test(after);
			return kind === 'word' && isTerm ? [word] : [];
		})
	);

/** how a row or what is said of names begins */
const BEGINS = '[nwsp][^r]*r|w[caw]*[rih]';

/** Rows that follow each other without a mark: a number, then terms with a relation of their own. */
function unmarked(
	tokens: Token[],
	amounts: ReadonlyMap<string, number>,
	terms: ReadonlySet<string>
): Token[][] {
	if (isTogether(tokens.at(-1))) return [tokens];
	// labour = x + y ≤ 4
	if (/^wr[nwsp].*r/.test(letters(tokens)) && tokens[1].says === '=' && !terms.has(tokens[0].says))
		return [tokens];
	const line = letters(tokens);
	const pattern = shape(`r (?:s?n(?:dn)?|w(?=p?w|n|i)) (?=${BEGINS}|[wp]+[ca])`);
	const start = isGoal(line) ? line.search(/g/) : 0;
	for (let at = start; at < line.length;) {
		const found = pattern.exec(line.slice(at));
		if (!found) break;
		const end = at + found.index + found[0].length;
		const before = line.slice(at, at + found.index);
		// between two numbers a sum is one row with two limits; 4·(x + y) and 3 − x go on
		const isLimit = !/w/.test(before.split('r').at(-1)!) && !/g/.test(before);
		const next = tokens[end];
		// x exceeds y by at least 2
		if (/^by$/i.test(next.says)) return [tokens];
		// several times behind amounts: a unit
		if (next.kind === 'word' && (amounts.get(next.says) ?? 0) > 1) {
			if (!shape(`^(?:${BEGINS})`).test(line.slice(end + 1))) {
				at = end + 1;
				continue;
			}
			return [tokens.slice(0, end + 1), ...unmarked(tokens.slice(end + 1), amounts, terms)];
		}
		if (next.kind === 'open' && (isIndex(tokens[end + 1]) || /^p[wcdnl]+q$/.test(line.slice(end)))) break;
		const goesOn =
			next.kind === 'sign' && !/^s[nwp][^r]*r/.test(line.slice(end))
				? true
				: next.kind === 'sign' && !(next.apart && !tokens[end + 1]?.apart);
		if (!isLimit && !goesOn && !/^i/.test(line.slice(end)))
			return [tokens.slice(0, end), ...unmarked(tokens.slice(end), amounts, terms)];
		at = end;
	}
	return [tokens];
}

/** kinds at which no statement ends */
const PLAIN: ReadonlySet<Token['kind']> = new Set(['number', 'sign', 'times', 'relation', 'unit', 'divide']);

/**
 * The statements of a text, each by itself.
 * @param tokens of the whole text
 * @param draft takes in where lines are joined and parted
 */
export function clausesOf(tokens: readonly Token[], source: string, draft: Draft): Clause[] {
	const clauses: Clause[] = [];
	const amounts = behindAmounts(tokens);
	const terms = termsOf(tokens);
	for (const line of linesOf(tokens, draft)) {
		let own: Token[] = [];
		let isLater = false;
		let depth = 0;
		let inBraces = false;
		// either … or …, if … then … are one thing, whatever stands between; a label may stand before
		const isWhole = line
			.slice(0, 5)
			.some(
				({ says }, k) =>
					/^(?:either|if)$/i.test(says) && (k === 0 || /^(?:colon|close|count|stop)$/.test(line[k - 1].kind))
			);
		const close = (to: number, mark: { from: number; to: number } | null, how: 'list' | 'rows' = 'list') => {
			if (own.length === 0) {
				if (mark) draft.put(mark, '', 'rows');
				return;
			}
			const parts = isWhole ? [own] : unmarked(own, amounts, terms);
			parts.forEach((part, i) => {
				clauses.push(new Clause(part, isLater || i > 0, source));
				const next = parts[i + 1];
				if (next) draft.put({ from: part.at(-1)!.to, to: next[0].from }, '\n', 'list');
			});
			const at = mark && { from: Math.min(mark.from, own.at(-1)!.to), to: mark.to };
			if (at) draft.put(at, to < line.length ? '\n' : '', to < line.length || how === 'rows' ? how : 'ends');
			own = [];
			isLater = true;
		};
		for (let i = 0; i < line.length; i++) {
			const token = line[i];
			// what has come of the statement so far matters at its marks only
			if (PLAIN.has(token.kind) && !inBraces) {
				own.push(token);
				continue;
			}
			const rest = line.slice(i + 1);
			const before = letters(own);
			// max { 3 x + 2 y : rows }
			if (token.kind === 'left' && /^w*g[^r]*$/.test(before) && !inBraces) {
				inBraces = true;
				if (token.to > token.from) draft.put(token, '', 'sense');
				continue;
			}
			if (
				inBraces &&
				depth === 0 &&
				(token.kind === 'right' || (/^(?:colon|bar)$/.test(token.kind) && /g.*[nwq]/.test(before)))
			) {
				if (token.kind === 'right') draft.put(token, '', 'sense');
				else close(i + 1, token, 'rows');
				continue;
			}
			if (/[pj]/.test(LETTER[token.kind])) depth += 1;
			if (/[qk]/.test(LETTER[token.kind])) depth = Math.max(0, depth - 1);
			// max 3 x + 2 y where x + y ≤ 4
			const joins =
				token.kind === 'word' &&
				/^(?:where|with|while|st)$/i.test(token.says) &&
				depth === 0 &&
				/g.*[stnd].*[nwq]$|g.*r.*[nwq]$|[nwq]g$/.test(before) &&
				(rest.length === 0 || rest.some(({ kind }) => kind === 'relation'));
			if (token.kind === 'such' || joins) {
				if (/[stdr]$/.test(before)) own.push(token);
				else close(i + 1, token, 'rows');
				continue;
			}
			if (token.kind === 'gap' && depth > 0) continue;
			if (own.length === 0 && /^(?:comma|semicolon|and)$/.test(token.kind)) {
				draft.put(token, '', 'rows');
				continue;
			}
			if (!/^(?:comma|semicolon|and|stop|gap)$/.test(token.kind) || depth > 0 || isWhole) {
				own.push(token);
				continue;
			}
			// a mark before subject to says nothing
			if (line[i + 1]?.kind === 'such') {
				draft.put(token, '', 'ends');
				continue;
			}
			// what ends the line says nothing
			if (rest.every(({ kind }) => /^(?:comma|semicolon|and|stop|gap)$/.test(kind))) {
				const isCount = token.kind === 'stop' && /^[nw]$/.test(before);
				if (isCount) own.push(token);
				else if (token.kind === 'gap') draft.put(token, '', token.says ? 'latex' : 'mark');
				else draft.put(token, '', 'ends');
				continue;
			}
			// x + y ≤ 4, x, y ≥ 0: the second comma belongs to a list that has begun
			const isList =
				token.kind === 'comma' &&
				/rs?n(?:dn)?w$/.test(before) &&
				/^w(?:[ca]w)*[rih]/.test(letters(rest)) &&
				!amounts.has(own.at(-1)!.says);
			if (isList) {
				const first = own.pop()!;
				close(i, { from: own.at(-1)!.to, to: first.from });
				own = [first, token];
				continue;
			}
			const isEnd = endsAt(token, before, rest, own);
			if (isEnd === true) close(i + 1, { from: token.from, to: token.to });
			else if (isEnd === 'blank') draft.put(token, ' ', 'list');
			else if (token.kind === 'gap') {
				if (!token.says.includes('\t'))
					draft.put(token, token.says ? ' ' : '', token.says ? 'latex' : 'mark');
			} else own.push(token);
		}
		close(line.length, null);
	}
	return clauses;
}
