import { pluralsOf } from '../../names';
import { shape, type Clause, type Draft } from './clause';
import type { Evidence } from './names';
import { isTogether, type Token } from './token';

/** Amounts compared in words: x is at most 2 more than y, x exceeds y by at least 3, 2 chairs for each table, the number of pears. */

const sourceOf = (clause: Clause, { from, to }: Token): string => clause.source.slice(from, to);
const OPPOSITE: Readonly<Record<string, string>> = { '≤': '≥', '≥': '≤', '=': '=' };
const relationOf = ({ says }: Token): string => (/^[≥>⩾]/.test(says) ? '≥' : /^[≤<⩽]/.test(says) ? '≤' : '=');

const MORE = shape('^([nwstd]+)r(NUM)r([nwstd]+)$');
const BY = shape('^([nwstd]+)r([nwstd]*w)w(r?)(NUM)$');
const SUM_FIRST = shape('^((?:w?ww)?)(w(?:[ca]+w)+)(w?)r(NUM|SUM)$');
const SUM_LAST = shape('^r(NUM)(w(?:[ca]+w)+)w$');
const DIFFER = shape('^wawwwr(?:n(?:dn)?)$');
/** at most 2 of x, y, z; are chosen behind it */
const SUM_OF = shape('^r(NUM)(w(?:[ca]+w)+)((?:w{2,3})?)$');

/** A clause without the label before it: where it begins, its tokens and their shape. */
function behindLabel({ shape: line, tokens }: Clause): { from: number; own: readonly Token[]; line: string } {
	const from = /^wl/.test(line) ? 2 : 0;
	return { from, own: tokens.slice(from), line: line.slice(from) };
}
/** Tokens as they were read, with a blank between them. */
const wordsOf = (tokens: readonly Token[]): string => tokens.map(({ says }) => says).join(' ');

/**
 * Writes a clause as one row, from its first token or from behind its label.
 * @param said its relation as it stands, which may be a strict one
 */
function write(
	clause: Clause,
	from: number,
	row: readonly (Token | string)[],
	said: Token,
	draft: Draft
): void {
	const first = clause.tokens[from];
	const tokens = row.map((own): Token =>
		typeof own === 'string'
			? { ...first, kind: /[+-]/.test(own) ? 'sign' : 'relation', says: own, habit: null, apart: true }
			: { ...own, apart: true }
	);
	const kind = said.habit === 'strict' ? 'strict' : 'relation';
	draft.put({ from: first.from, to: clause.to }, wordsOf(tokens), kind);
	clause.tokens = [...clause.tokens.slice(0, from), ...tokens];
}

/** The names of a list, with a plus between them. */
const sumOf = (list: readonly Token[]): (Token | string)[] =>
	list.flatMap((name, i) => (i > 0 ? ['+', name] : [name]));

/** x is at most 2 more than y is x ≤ y + 2; x exceeds y by at least 3 is x ≥ y + 3. */
export function settleComparison(clause: Clause, draft: Draft): void {
	const { from, own, line } = behindLabel(clause);
	const more = MORE.exec(line);
	if (more) {
		const second = more[1].length + 1 + more[2].length;
		const than = /^(?:more|greater|larger|higher|(less|fewer|smaller|lower)) than$/i.exec(
			sourceOf(clause, own[second])
		);
		if (!than || !/w/.test(more[1]) || !/w/.test(more[3])) return;
		const relation = relationOf(own[more[1].length]);
		return write(
			clause,
			from,
			[
				...own.slice(0, more[1].length),
				than[1] ? OPPOSITE[relation] : relation,
				...own.slice(second + 1),
				than[1] ? '-' : '+',
				...own.slice(more[1].length + 1, second)
			],
			own[more[1].length],
			draft
		);
	}
	const by = BY.exec(line);
	if (!by || !/w/.test(by[1])) return;
	const first = by[1].length;
	const word = first + 1 + by[2].length;
	if (!/^by$/i.test(own[word].says) || !/exceed|surpass/i.test(sourceOf(clause, own[first]))) return;
	const amount = own.slice(word + 1 + by[3].length);
	const how = by[3] ? relationOf(own[word + 1]) : '=';
	const isNot = relationOf(own[first]) === '≤';
	// must not exceed y by more than 3; anything else that must not be is no row
	if (isNot && !(by[3] && /more than/i.test(sourceOf(clause, own[word + 1])))) return;
	const relation = isNot ? '≤' : how;
	// not by more than 3 is at most 3: nothing strict is left of it
	const said = by[3] && !isNot ? own[word + 1] : { ...own[first], habit: null };
	write(
		clause,
		from,
		[...own.slice(0, first), relation, ...own.slice(first + 1, word), '+', ...amount],
		said,
		draft
	);
}

/** x + y = 10 or less, x is 2 or more: a relation that the words behind its number say. */
export function settleOrLess(clause: Clause, draft: Draft): void {
	const found = /r([^rO]+)Ow$/.exec(clause.shape);
	const end = found && clause.tokens.at(-1)!;
	const less = end && /^(?:(less|fewer|below|lower)|more|above|higher)$/i.exec(end.says);
	if (!found || !less || relationOf(clause.tokens[found.index]) !== '=') return;
	const relation = clause.tokens[found.index];
	const says = less[1] ? '≤' : '≥';
	const at = found.index + 1 + found[1].length;
	const amount = clause.text(found.index + 1, at);
	draft.put({ from: relation.from, to: clause.to }, `${says} ${amount}`, 'relation');
	clause.tokens = [
		...clause.tokens.slice(0, found.index),
		{ ...relation, says },
		...clause.tokens.slice(found.index + 1, at)
	];
}

/** At least 2 chairs per table: chairs ≥ 2 tables; each table needs a name that the text knows, as it stands or in the plural. */
export function settleRatio(clause: Clause, draft: Draft, { terms }: Evidence): void {
	const { from, own, line } = behindLabel(clause);
	const known = (token: Token): Token | null => {
		const name = [token.says, ...pluralsOf(token.says)].find((says) => terms.has(says));
		return name === undefined ? null : { ...token, says: name };
	};
	const isPer = ({ kind, says }: Token) => kind === 'each' || /^(?:per|each|every)$/i.test(says);
	const last = /^w?rnw[wv]w$/.exec(line);
	const start = last && line.startsWith('w') ? 1 : 0;
	if (start === 1 && !/^(?:there|we|you|make|produce|sell)$/i.test(own[0].says)) return;
	const [relation, amount, of, per, each] = last
		? own.slice(start)
		: /^vwrnw$/.test(line)
			? [own[2], own[3], own[4], own[0], own[1]]
			: [];
	if (!relation || !isPer(per)) return;
	const [counted, base] = [known(of), known(each)];
	if (!counted || !base || counted.says === base.says) return;
	write(clause, from, [counted, relationOf(relation), amount, base], relation, draft);
}

/** The sum of x and y is at most 4, x and y together are at most 4, at most 4 of x and y together: x + y ≤ 4. */
export function settleTogether(clause: Clause, draft: Draft, { terms }: Evidence): void {
	const { from, own, line } = behindLabel(clause);
	// x + y combined ≤ 4
	const word = /s[nwt]*w(?=wr)/.exec(line);
	const joined = word && own[word.index + word[0].length];
	if (joined && isTogether(joined)) {
		draft.put(joined, '', 'relation');
		clause.tokens = clause.tokens.filter((token) => token !== joined);
		return;
	}
	const first = SUM_FIRST.exec(line);
	const last = SUM_LAST.exec(line);
	const lead = first ? wordsOf(own.slice(0, first[1].length)) : '';
	const isSum = /^(?:the )?(?:sum|total) of$/i.test(lead);
	const isBehind = first && lead === '' && first[3] !== '' && isTogether(own[first[2].length]);
	const isLast = last && isTogether(own.at(-1));
	if (!(first && ((isSum && !first[3]) || isBehind)) && !isLast) return;
	const at = isLast ? 1 + last[1].length : first![1].length;
	const list = own
		.slice(at, at + (isLast ? last[2] : first![2]).length)
		.filter(({ kind }) => kind === 'word');
	if (!list.every(({ says }) => terms.has(says))) return;
	const relation = isLast ? own[0] : own[line.indexOf('r')];
	const amount = isLast ? own.slice(1, at) : own.slice(line.indexOf('r') + 1);
	write(clause, from, [...sumOf(list), relationOf(relation), ...amount], relation, draft);
}

/** 3 hours per x and 4 per y, at most 120: terms that are listed are added up. */
export function settlePer(clause: Clause, draft: Draft): void {
	if (!/\b(?:per|for each)\b/i.test(clause.source.slice(clause.from, clause.to))) return;
	for (let at = clause.tokens.length - 2; at > 0; at--) {
		const mark = /^(?:[ca]|ca)(?=n|r)/.exec(clause.shape.slice(at))?.[0];
		if (!mark || clause.shape[at - 1] !== 'w' || /r/.test(clause.shape.slice(0, at))) continue;
		const [first, last] = [clause.tokens[at], clause.tokens[at + mark.length - 1]];
		const isSum = clause.shape[at + mark.length] === 'n';
		draft.put({ from: first.from, to: last.to }, isSum ? ' +' : '', 'relation');
		if (isSum) clause.merge(at, at + mark.length, 'sign', '+');
		else clause.drop(at, at + mark.length);
	}
}

/** x and y differ by at most 3: −3 ≤ x − y ≤ 3. */
export function settleDifference(clause: Clause, draft: Draft): void {
	const { from, own, line } = behindLabel(clause);
	const found = DIFFER.exec(line);
	if (!found || !/^differ by$/i.test(wordsOf(own.slice(3, 5))) || relationOf(own[5]) !== '≤') return;
	const amount = own.slice(6);
	const [x, , y] = own;
	write(clause, from, ['-', ...amount, '≤', x, '-', y, '≤', ...amount], own[5], draft);
}

/** At most 2 of x, y, z are chosen: x + y + z ≤ 2. */
export function settleSumOf(clause: Clause, draft: Draft, { terms }: Evidence): void {
	const { from, own, line } = behindLabel(clause);
	const found = SUM_OF.exec(line);
	if (!found) return;
	const [, amount, names, behind] = found;
	const at = 1 + amount.length;
	const list = own.slice(at, at + names.length).filter(({ kind }) => kind === 'word');
	const [verb] = own.slice(at + names.length);
	const isOf = /\bof\s+$/i.test(clause.source.slice(own[at - 1].to, own[at].from));
	if (!isOf || !list.every(({ says }) => terms.has(says))) return;
	if (behind && !/^(?:is|are|can|may|must|should|shall|will|get)$/i.test(verb.says)) return;
	write(clause, from, [...sumOf(list), relationOf(own[0]), ...own.slice(1, at)], own[0], draft);
}

/** As many x as y, at least twice as many x as y: x = y, x ≥ 2 y. */
export function settleAsMany(clause: Clause, draft: Draft, { terms }: Evidence): void {
	const { from, own, line } = behindLabel(clause);
	const found = /^(r?)(?:(n)|ww)www$/.exec(line);
	if (!found) return;
	const [x, as, y] = own.slice(-3);
	const isSaid = found[2]
		? /as (?:many|much)$/i.test(sourceOf(clause, own[found[1].length]))
		: /^as (?:many|much)$/i.test(wordsOf(own.slice(found[1].length, found[1].length + 2)));
	if (!isSaid || !/^as$/i.test(as.says) || !terms.has(x.says) || !terms.has(y.says)) return;
	const relation = found[1] ? relationOf(own[0]) : '=';
	const times = found[2] ? [own[found[1].length]] : [];
	write(clause, from, [x, relation, ...times, y], own[0], draft);
}

/** The number of pears is at least the number of apples: what only counts a variable says nothing. */
export function passCounts(clause: Clause, draft: Draft, { terms }: Evidence): void {
	if (!clause.tokens.some(({ kind, says }) => kind === 'relation' && says !== '=')) return;
	for (let i = 0; i < clause.tokens.length; i++) {
		if (!/^(?:the|total|number|amount|quantity)$/i.test(clause.tokens[i].says)) continue;
		const found = /^(?:the )?(?:total )?(?:number|amount|quantity) of (?:the )?/i.exec(
			clause.tokens
				.slice(i, i + 6)
				.map(({ kind, says }) => (kind === 'word' ? says : '·'))
				.join(' ')
		);
		const length = found ? found[0].split(' ').length - 1 : 0;
		const next = clause.tokens[i + length];
		if (!found || next?.kind !== 'word' || !terms.has(next.says)) continue;
		draft.put({ from: clause.tokens[i].from, to: next.from }, '', 'name');
		clause.drop(i, i + length);
	}
}
