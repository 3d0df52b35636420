import { said, type Clause, type Draft } from './clause';
import { asName } from '../../names';
import { evidenceOf, type Evidence } from './names';
import { isHeading, SIGNS, withoutLead } from './leads';
import { nameRow, tails } from './tails';

/** What stands before a statement and is no part of it: counts, bullets, labels, marks for points. What stands behind: `tails.ts`. */

/** What was found already: Optimal solution: x = 4. */
export const ANSWER =
	/^(?:the )?(?:optimal |best |an? )?(?:solution|answer|result|optimum|optimal value|ergebnis|l(?:ö|oe)sung)\b/i;
/** verbs that say what is to be done with a problem */
export const TASKS = 'solve|find|use|determine|show|graph|draw';
const IS_TASK = new RegExp(
	`^(?:${TASKS}|using|consider|given|(?:exercise|example|question|problem|task|part|aufgabe|beispiel)\\b.*\\d|minimi[sz]e|maximi[sz]e)\\b`,
	'i'
);
const isRow = (text: string): boolean => /[rB]|hu$/.test(text);

interface Count {
	readonly clause: Clause;
	readonly length: number;
	readonly value: number;
	/** whether it can be nothing but a count */
	readonly sure: boolean;
	/** (i), (ii): names, where they do not go on from each other */
	readonly isRoman?: boolean;
}
const ROMAN = 'i ii iii iv v vi vii viii ix x xi xii'.split(' ');

/** Counts before lines: 1. (2) [3] ① 4) (2.1) (1a). */
function countOf(clause: Clause): Count | null {
	const { shape: line, tokens } = clause;
	const rest = (length: number) => line.slice(length);
	if (clause.isLater) return null;
	if (/^C/.test(line)) return { clause, length: 1, value: Number(tokens[0].says), sure: true };
	if (/^u/.test(line) && /^\[\w?\d{1,2}[a-z]?\]$/.test(tokens[0].says) && rest(1))
		return { clause, length: 1, value: parseInt(tokens[0].says.slice(1), 10), sure: true };
	if (/^pnwq/.test(line) && rest(4)) return { clause, length: 4, value: Number(tokens[1].says), sure: true };
	if (/^pnq/.test(line) && rest(3) && tokens[3].apart)
		return {
			clause,
			length: 3,
			value: Number(tokens[1].says),
			sure: /^[ns]/.test(rest(3)) || /\./.test(tokens[1].says)
		};
	const roman = /^(?:p(?=wq)|)w(?=[qf])./.exec(line)?.[0].length ?? 0;
	const value = roman > 0 ? ROMAN.indexOf(tokens[roman - 2].says.toLowerCase()) : -1;
	if (value >= 0 && rest(roman) && tokens[roman].apart)
		return { clause, length: roman, value: value + 1, sure: false, isRoman: true };
	if (/^n(?:f|q)/.test(line) && rest(2))
		return { clause, length: 2, value: Number(tokens[0].says), sure: true };
	if (/^nf?l/.test(line) && isRow(rest(2)))
		return { clause, length: line[1] === 'f' ? 3 : 2, value: Number(tokens[0].says), sure: true };
	return null;
}

/** Takes the counts of lines away: those that go on from each other, and one alone before a row. */
function counts(clauses: readonly Clause[], draft: Draft): void {
	const all = clauses.map(countOf).filter((own): own is Count => own !== null);
	const isRoman = all.length > 1 && all.every((own, i) => own.isRoman && own.value === i + 1);
	const found = all.filter((own) => isRoman || !own.isRoman);
	const goesUp =
		found.length > 1 &&
		found.every(({ value }, i) => i === 0 || value >= found[i - 1].value) &&
		!found.every(({ value }) => value === found[0].value);
	for (const { clause, length, value, sure } of found) {
		const before = clause.span(0, length);
		const to = clause.tokens[length]?.from ?? before.to;
		if (!goesUp && !sure && !isRow(clause.shape)) continue;
		if (goesUp || sure) draft.put({ from: before.from, to }, '', 'numbering');
		else draft.ask([{ from: before.from, to }], ['', `${value} · `], 'numbering');
		clause.drop(0, length);
	}
	const isSeries = clauses.filter(({ shape: line }) => /[nwu](?:pnw?q|C)$/.test(line)).length > 1;
	for (const clause of clauses) {
		// behind a row: (1), … (2), [3]
		const end = /(?:o+)?(?:pnw?q|C)$|o+pwq$|(?<!c)o+n?$/.exec(clause.shape);
		const [open] = end ? [clause.tokens[end.index]] : [];
		if (
			end &&
			open &&
			open.apart &&
			/r.*n|r.*w|g/.test(clause.shape.slice(0, end.index)) &&
			(/^o/.test(end[0]) || isSeries || end[0] === 'C' || isGap(clause, end.index))
		) {
			draft.passEnd(clause, end.index, 'numbering');
		} else if (open?.apart && /r.*n$/.test(clause.shape.slice(0, end!.index)) && end![0] === 'pnq') {
			// x ≤ 5 (2): a count, or a factor
			const place = { from: clause.tokens[end!.index - 1].to, to: clause.to };
			draft.ask([place], ['', ` · ${clause.tokens[end!.index + 1].says}`], 'numbering');
			clause.drop(end!.index, clause.shape.length);
		}
		const square = /u$/.exec(clause.shape);
		if (
			square &&
			/^\[\(?\w?\d{1,2}(?:\.\d)?[a-z]?\)?\]$/.test(clause.tokens[square.index].says) &&
			/r/.test(clause.shape)
		) {
			draft.passEnd(clause, square.index, 'numbering');
		}
	}
}

/** A number in brackets behind a row is a factor where it stands close, and a count where it stands apart. */
const isGap = ({ tokens, shape: line }: Clause, at: number): boolean =>
	tokens[at].from - tokens[at - 1].to > 1 || /^pnwq/.test(line.slice(at));

/** Marks for points, in brackets: (3 points), [2 marks]. */
function points(clause: Clause, draft: Draft): void {
	const POINTS = /^[([]\s*\d+(?:\.\d+)?\s*(?:points?|pts?\.?|marks?|p\.?|punkte?)\s*[)\]]$/i;
	const end = /(?:pnwf?q|u)$/.exec(clause.shape);
	if (end && POINTS.test(clause.text(end.index).replace(/\.(?=\))/, ''))) {
		draft.put(clause.span(end.index), '', 'numbering');
		clause.drop(end.index, clause.shape.length);
	}
}

/** Bullets: a mark before every row; a dash may be a sign as well. */
function bullets(clauses: readonly Clause[], draft: Draft): void {
	const first = clauses.filter(({ isLater }) => !isLater);
	const rows = first.filter(
		({ shape: line }) => isRow(line) && !/g|A|v|^wrn/.test(line) && !SIGNS.test(line)
	);
	const isDash = ({ tokens, shape: line }: Clause) =>
		line[0] === 's' && tokens[0].says === '-' && !!tokens[1]?.apart;
	// where the objective or a sign has a dash before it, all the others are bullets too; so is a dash before $
	const isBulleted = first.some(
		(clause) =>
			isDash(clause) &&
			((/g/.test(clause.shape) && /[-–—]/.test(clause.source[clause.from])) ||
				SIGNS.test(clause.shape.slice(1)) ||
				clause.shape[1] === 's' ||
				clause.source.slice(clause.tokens[0].to, clause.tokens[1].from).includes('$'))
	);
	const dashes = rows.length > 0 && rows.every(isDash);
	const asked: Clause[] = [];
	for (const clause of first) {
		const [head, next] = clause.tokens;
		if (!next) continue;
		if (
			head.kind === 'times' ||
			(head.kind === 'sign' && head.says === '+' && next.apart && isRow(clause.shape)) ||
			(head.kind === 'other' && /[‣▪◦–—>→\-✓]/.test(head.says))
		) {
			draft.put({ from: head.from, to: next.from }, '', 'mark');
			clause.drop(0, 1);
		} else if (
			isDash(clause) &&
			(/^sA|^ss|^sg|^s[wcp]+[ih]|^sw+$|^swl/.test(clause.shape) ||
				(dashes && /^s(?:[wn]+l)/.test(clause.shape)))
		) {
			draft.put({ from: head.from, to: next.from }, '', 'mark');
			clause.drop(0, 1);
		} else if (dashes && isDash(clause)) asked.push(clause);
	}
	if (asked.length === 0) return;
	draft.ask(
		asked.map(({ tokens: [head, next] }) => ({ from: head.from, to: next.from })),
		isBulleted ? ['', '- '] : ['- ', ''],
		'mark'
	);
	if (isBulleted) for (const clause of asked) clause.drop(0, 1);
}

/** Reads how a clause begins as its name. */
function name(clause: Clause, draft: Draft, length: number, says: string, unit = ''): void {
	const to = clause.tokens[length]?.from ?? clause.span(0, length).to;
	const label = `${says}${unit ? ` [${unit}]` : ''}: `;
	if (said(clause.tokens.slice(0, length)).trim() !== label.trim())
		draft.put({ from: clause.from, to }, label, 'label');
	clause.drop(0, length);
	clause.labelled = says;
}

/** Labels before a statement. */
function labels(clause: Clause, draft: Draft, evidence: Evidence): void {
	const { tokens } = clause;
	// g(x, y): and g(x, y) = before a row
	const named = /^(wpw(?:cw)*q)(?:l|r(?=.*r))/.exec(clause.shape);
	const isNamed =
		named &&
		tokens.slice(1, named[1].length).every(({ kind, says }) => kind !== 'word' || evidence.goal.has(says)) &&
		/^[:=]$/.test(tokens[named[1].length].says);
	if (isNamed) return name(clause, draft, named[0].length, tokens[0].says);
	// [clay] x + y ≤ 4
	const square =
		/^u(?=[nwsp][^l]*r)/.test(clause.shape) && /^\[(\p{L}[\p{L}\p{Nd} _-]*)\]$/u.exec(tokens[0].says);
	if (square) return name(clause, draft, 1, asName(square[1]));
	// labour = x + y ≤ 4
	const [head] = tokens;
	if (
		/^wr[nwsp][^r]*r[^r]*$/.test(clause.shape) &&
		tokens[1].says === '=' &&
		evidence.terms.get(head.says) === 1
	)
		return name(clause, draft, 2, head.says);
	// C1) (C1) C1. a) before a row
	const mark = /^(?:pw+q|w[qf])(?=l?[^l]*$|g)/.exec(clause.shape);
	const behind = clause.shape.slice(mark?.[0].length ?? 0);
	if (mark && !behind.startsWith('l') && /[rg]/.test(behind) && tokens[mark[0].length].apart) {
		const { length } = mark[0];
		const words = tokens.slice(0, length).filter(({ kind }) => kind === 'word');
		// the objective, signs and domains have no name
		if (/g/.test(behind) || SIGNS.test(behind)) {
			return draft.passStart(clause, length, 'numbering');
		}
		if (!words.some(({ says }) => (evidence.terms.get(says) ?? 0) > 0) || /^w[qf]/.test(mark[0]))
			return name(clause, draft, length, asName(said(words)));
	}
	// max z: z = 3x + 2y
	if (/^gwlwr/.test(clause.shape) && tokens[1].says === tokens[3].says) {
		draft.put({ from: tokens[0].to, to: tokens[3].from }, ' ', 'sense');
		return clause.drop(1, 3);
	}
	// Max demand: x ≤ 40 limits something
	const limited = /^g(?:w+)l/.exec(clause.shape);
	if (limited && isRow(clause.shape.slice(limited[0].length))) {
		const [from, to] = [tokens[0].from, tokens[limited[0].length - 2].to];
		return name(clause, draft, limited[0].length, asName(clause.source.slice(from, to)));
	}
	// clay | x + y ≤ 4
	const bar = /^w+y(?=[^y]*r[^y]*$)/.exec(clause.shape);
	if (bar) {
		const words = tokens.slice(0, bar[0].length - 1);
		if (!words.some(({ says }) => (evidence.terms.get(says) ?? 0) > 1))
			return name(clause, draft, bar[0].length, asName(said(words)));
	}
	beforeColon(clause, draft);
}

/** What stands before a colon: a heading, a name, perhaps with a unit. */
function beforeColon(clause: Clause, draft: Draft): void {
	const { tokens } = clause;
	const colon = clause.shape.indexOf('l');
	// x: integer
	if (/^wl[ih]/.test(clause.shape)) {
		draft.put({ from: tokens[0].to, to: tokens[2].from }, ' ', 'domain');
		return clause.drop(1, 2);
	}
	if (colon > 0 && !/[rgj]/.test(clause.shape.slice(0, colon)) && colon < 12) {
		const words = tokens.slice(0, colon);
		const text = clause.source.slice(words[0].from, words.at(-1)!.to);
		if (ANSWER.test(text)) return;
		const rest = clause.shape.slice(colon + 1);
		// signs and domains have no name, and the objective takes it for its own
		const isSigns = SIGNS.test(rest);
		if (isSigns || (/g/.test(rest) && !isHeading(text))) {
			// Solve by hand: max 3x + 2y
			const isName = !isSigns && !IS_TASK.test(text);
			if (isName) clause.labelled = asName(text);
			return draft.passStart(clause, colon + 1, isName ? 'label' : 'rows');
		}
		if (isHeading(text) && (rest || !/^w$/.test(clause.shape.slice(0, colon)))) {
			if (
				words.length === 1 &&
				isRow(rest) &&
				!/g/.test(rest) &&
				!/^(?:obj|goal|target|objective|constraints?|nb|(?:neben)?bedingungen|restriktionen|contraintes|restricciones|where|bounds?|signs?|domain|data|and|with|variables?)/i.test(
					text
				)
			)
				return;
			clause.headed = text;
			return draft.passStart(clause, colon + 1, 'rows');
		}
		if (!isRow(rest)) return;
		// clay (kg): has a unit
		const unit = /^(w+)(?:p(w+(?:dw+)?)q|u)$/.exec(clause.shape.slice(0, colon));
		if (unit && unit[2]) {
			const label = asName(said(words.slice(0, unit[1].length)));
			const inside = said(words.slice(unit[1].length + 1, -1)).replace(/ ?\/ ?/, '/');
			const both = asName(text);
			const to = tokens[colon + 1].from;
			draft.ask([{ from: clause.from, to }], [`${label} [${inside}]: `, `${both}: `], 'unit');
			clause.drop(0, colon + 1);
			clause.labelled = label;
			return;
		}
		if (unit) {
			const bare = said(words.slice(0, unit[1].length));
			// a name in quotes that needs none
			const isQuoted = bare.replace(/^"|"$/g, '') === asName(bare);
			return name(
				clause,
				draft,
				colon + 1,
				isQuoted ? words[0].says : asName(bare),
				words.at(-1)!.says.slice(1, -1)
			);
		}
		if (words.length === 1 && words[0].kind === 'word') return name(clause, draft, colon + 1, words[0].says);
		const own = asName(text);
		if (own) name(clause, draft, colon + 1, own);
	}
}

/** plant 1  x ≤ 4, plant 2  y ≤ 6: one word before several rows, with a count. */
function numbered(clauses: readonly Clause[], draft: Draft, { terms }: Evidence): void {
	const rows = clauses.filter(({ shape: line }) => /^w+n[nwsp][^lg]*r/.test(line));
	const head = ({ tokens, shape: line }: Clause) => tokens.slice(0, line.indexOf('n'));
	for (const clause of rows) {
		const words = said(head(clause));
		const same = rows.filter((own) => said(head(own)) === words);
		if (same.length < 2 || head(clause).some(({ says }) => terms.has(says))) continue;
		const at = clause.shape.indexOf('n');
		draft.put(
			{ from: clause.from, to: clause.tokens[at + 1].from },
			`${asName(`${words} ${clause.tokens[at].says}`)}: `,
			'label'
		);
		clause.labelled = words;
	}
	for (const clause of rows) if (clause.labelled) clause.drop(0, clause.shape.indexOf('n') + 1);
}

/** Bowls [dozen] ≥ 2: the unit belongs to the variable, and the row stands without it. */
function unitOfName(clause: Clause, draft: Draft, { terms }: Evidence): void {
	if (!/^wurs?n(?:dn)?$/.test(clause.shape)) return;
	const [name, unit] = clause.tokens;
	if ((terms.get(name.says) ?? 0) === 0) return;
	const row = said(clause.tokens.slice(2));
	draft.put({ from: name.to, to: clause.to }, ` ${row}\n${name.says} ${unit.says}`, 'declared');
	clause.drop(1, 2);
}

/**
 * Takes away what stands before and behind statements.
 * @param clauses of the whole text; they keep what is stated
 */
export function withoutLabels(
	clauses: readonly Clause[],
	draft: Draft,
	evidence: Evidence,
	isHyphen: Parameters<typeof evidenceOf>[1]
): void {
	bullets(clauses, draft);
	for (const clause of clauses) points(clause, draft);
	counts(clauses, draft);
	numbered(clauses, draft, evidence);
	const ends = new Map<string, number>();
	for (const { shape: line, tokens } of clauses) {
		const words = /p(w+)q$|(w+)n$/.exec(line);
		const text = words ? said(tokens.slice(-1 - (words[1] ?? words[2]).length, -1)) : '';
		ends.set(text, (ends.get(text) ?? 0) + 1);
	}
	for (const clause of clauses) {
		withoutLead(clause, draft, evidence);
		labels(clause, draft, evidence);
	}
	// what stood before a row is no variable any more
	const left = evidenceOf(clauses, isHyphen);
	for (const clause of clauses) {
		unitOfName(clause, draft, left);
		tails(clause, draft, left, ends);
	}
	// behind a mark: x + y ≤ 4;  clay
	clauses.forEach((clause, i) => {
		const row = clauses[i - 1];
		const isName =
			/^w+$/.test(clause.shape) &&
			clause.isLater &&
			row &&
			/r/.test(row.shape) &&
			!/g/.test(row.shape) &&
			!row.labelled;
		const words = clause.tokens.map(({ says }) => says);
		if (!isName || words.some((word) => (evidence.terms.get(word) ?? 0) > 0)) return;
		nameRow(row, draft, words.join(' '));
		draft.put({ from: row.to, to: clause.to }, '', 'label');
		clause.tokens = [];
	});
	headedRows(clauses, draft, evidence);
}

/** Names on lines of their own, each above its row: clay, then x + y ≤ 4. One alone may be anything. */
function headedRows(clauses: readonly Clause[], draft: Draft, { terms }: Evidence): void {
	const isBare = ({ shape: line, labelled }: Clause) =>
		/^[nwsp][^l]*r/.test(line) && !/g/.test(line) && !SIGNS.test(line) && !labelled;
	const found = clauses.flatMap((clause, i) => {
		const row = clauses[i + 1];
		const isName =
			/^w{1,3}$/.test(clause.shape) &&
			!clause.isLater &&
			!isHeading(clause.text()) &&
			!ANSWER.test(clause.text()) &&
			!clause.tokens.some(({ says }) => terms.has(says));
		return isName && row && !row.isLater && isBare(row) ? [{ clause, row }] : [];
	});
	if (found.length < 2) return;
	for (const { clause, row } of found) {
		const name = asName(clause.text());
		draft.put({ from: clause.from, to: row.from }, `${name}: `, 'label');
		row.labelled = name;
		clause.tokens = [];
	}
}
