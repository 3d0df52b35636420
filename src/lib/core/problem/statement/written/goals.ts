import { said, type Clause, type Draft } from './clause';
import { asName } from '../../names';
import type { Evidence } from './names';

/** The objective in any order of words: its sense before, behind or alone, its name with words, arguments, a unit; defined above or below. */

const FILLER =
	/^(?:the|a|of|to|is|function|objective|our|value|following|that|which|where|with|and|let|by)$/i;

/** The words of a name without those that only lead to it. */
const nameOf = (clause: Clause, from: number, to: number): string => {
	const words = clause.tokens.slice(from, to).filter(({ kind }) => kind === 'word' || kind === 'sign');
	while (words.length > 1 && FILLER.test(words[0].says)) words.shift();
	while (words.length > 1 && FILLER.test(words.at(-1)!.says)) words.pop();
	// profit P is called P
	if (words.length > 1 && [...words.at(-1)!.says].length === 1 && words[0].says.length > 2)
		words.splice(0, words.length - 1);
	return words.length === 1
		? words[0].says.startsWith('"')
			? words[0].says
			: asName(words[0].says)
		: asName(said(words));
};

/** A clause that says what a name is: P = 3x + 2y, where P(x, y) = …; where its expression begins. */
function definition(clause: Clause): { name: string; body: number } | null {
	const found = /^((?:w|s)+?)(?:p[wcno]+q)?u?r(?=[nwsp])/.exec(clause.shape);
	if (
		!found ||
		clause.tokens[found[0].length - 1].says !== '=' ||
		/[rgih]/.test(clause.shape.slice(found[0].length))
	)
		return null;
	if (!/[nwq]/.test(clause.shape.slice(found[0].length))) return null;
	return { name: nameOf(clause, 0, found[1].length), body: found[0].length };
}

const isSum = (shape: string): boolean =>
	/^[nwsdtpqPu]+$/.test(shape) && /[wq]/.test(shape) && !/^w+$/.test(shape);

/** max z = 2 x + y [thalers]: the unit stands behind the objective’s name. */
function unitBehind(clause: Clause, draft: Draft, terms: Evidence['terms']): void {
	const found = /^(g[lc]*)(?:(w+)r)?[^r]*[wnq]u$/.exec(clause.shape);
	if (!found) return;
	const [, sense, name] = found;
	if (!name && terms.has('z')) return;
	const unit = clause.tokens.at(-1)!;
	draft.passEnd(clause, clause.tokens.length - 1, 'unit');
	const { tokens } = clause;
	if (name) {
		const named = sense.length + name.length;
		const { to } = tokens[named - 1];
		clause.tokens = [...tokens.slice(0, named), { ...unit, from: to, to }, ...tokens.slice(named)];
	} else {
		const { from } = tokens[sense.length];
		draft.put({ from, to: from }, `z ${unit.says} = `, 'unit');
	}
}

/** Reads the objective of a text where it is written otherwise. */
export function settleGoal(clauses: readonly Clause[], draft: Draft, { terms }: Evidence): void {
	const at = clauses.findIndex(({ shape }) => /g/.test(shape));
	const clause = clauses[at];
	if (!clause) {
		// max = 3 x + 2 y
		const equal = clauses.find(
			({ shape, tokens: own }) => /^wr[nwsp]/.test(shape) && /^(?:max|min)(?:imi[sz]e)?$/i.test(own[0].says)
		);
		if (equal) draft.put({ from: equal.tokens[0].to, to: equal.tokens[2].from }, ' ', 'sense');
		// maxz = 3 x + 2 y, as a page is copied
		const glued = clauses.find(
			({ shape, tokens: own }) => /^wr[nwsp][^r]*$/.test(shape) && /^(?:max|min)\p{L}$/iu.test(own[0].says)
		);
		if (glued && !equal) {
			const [token] = glued.tokens;
			draft.put(token, `${token.says.slice(0, 3)} ${token.says.slice(3)}`, 'sense');
			glued.tokens = [];
		}
		return;
	}
	// z → max!, so that …
	const marks = /[fc]+$/.exec(clause.shape);
	if (marks) draft.passEnd(clause, marks.index, 'mark');
	unitBehind(clause, draft, terms);
	const { tokens } = clause;
	// z = 3x + 2y → max, 3x + 2y max
	const behind = /^(.*[nwqu])(x?g|pgq)$/.exec(clause.shape);
	if (
		behind &&
		/[nwq]/.test(behind[1]) &&
		!/g/.test(behind[1]) &&
		(behind[2] !== 'g' || isSum(behind[1]) || /^w(?:p[wc]+q)?r/.test(behind[1]))
	) {
		const sense = tokens.find(({ kind }) => kind === 'sense')!;
		const end = behind[1].length;
		draft.put({ from: tokens[end - 1].to, to: tokens.at(-1)!.to }, '', 'sense');
		clause.drop(end, tokens.length);
		const { from } = clause;
		// z → max, its expression elsewhere
		const isName = /^w$/.test(clause.shape);
		// Cost 3x + 2y should be minimised
		const lead = /^w+(?=n)/.exec(clause.shape)?.[0].length ?? 0;
		if (lead > 0) {
			clause.labelled = nameOf(clause, 0, lead);
			draft.put({ from, to: clause.tokens[lead].from }, '', 'label');
			clause.drop(0, lead);
		}
		const named = definition(clause);
		if (named) name(clause, 0, named.body, named.name, draft);
		else if (/^l/.test(clause.shape)) draft.put(clause.span(0, 1), '', 'sense');
		const called = !named && clause.labelled ? `${clause.labelled} = ` : '';
		draft.put({ from, to: from }, `${/^max/i.test(sense.says) ? 'max' : 'min'} ${called}`, 'sense');
		if (!isName) return;
		clause.tokens = [
			{ ...sense, from, to: from, apart: false },
			{ ...clause.tokens[0], apart: true }
		];
	}
	// z = max 3x + 2y
	if (/^wrg[^rg]+$/.test(clause.shape) && tokens[1].says === '=') {
		draft.put({ from: clause.from, to: tokens[3].from }, `${tokens[2].says} ${tokens[0].says} = `, 'sense');
		return;
	}
	// Profit (max): 3x + 2y
	const marked = /^(w+)pgql(?=[nwsp])/.exec(clause.shape);
	if (marked) {
		const called = nameOf(clause, 0, marked[1].length);
		const { says: sense } = tokens[marked[1].length + 1];
		draft.put({ from: clause.from, to: tokens[marked[0].length].from }, `${sense} ${called} = `, 'sense');
		return;
	}
	const g = clause.shape.indexOf('g');
	if (g > 0) return;
	let body = 1;
	while (/[lcx]/.test(clause.shape[body] ?? '')) body += 1;
	if (body > 1)
		draft.put({ from: clause.tokens[0].to, to: clause.tokens[body]?.from ?? clause.to }, ' ', 'sense');
	else if (clause.tokens[1] && !clause.tokens[1].apart)
		draft.put({ from: clause.tokens[0].to, to: clause.tokens[0].to }, ' ', 'sense');
	clause.drop(1, body);
	const next = clauses.slice(at + 1).find(({ shape }) => shape !== '');
	const line = clause.shape.slice(1);
	const join = (from: Clause, insert: string) =>
		draft.put({ from: clause.to, to: from.from }, insert, 'sense');
	// the sense alone
	if (line === '' && next) {
		const named = definition(next);
		join(next, ' ');
		if (named) name(next, 0, named.body, named.name, draft);
		else if (!isSum(next.shape)) draft.edits.pop();
		next.tokens = [];
		return;
	}
	const lead = leadOf(clause, line, terms);
	// a name, its expression in another line
	if (/^w(?:[ws])*$/.test(line) && lead === 0) {
		const own = nameOf(clause, 1, clause.shape.length);
		const other = clauses.find(
			(candidate) => candidate !== clause && definition(candidate)?.name.toLowerCase() === own.toLowerCase()
		);
		const end = clause.tokens.at(-1)!;
		const whole = { from: clause.tokens[1].from, to: end.to };
		if (other && !(terms.get(own) && /s/.test(line))) {
			const { body: from, name: called } = definition(other)!;
			draft.put(whole, `${called} = ${other.text(from)}`, 'sense');
			draft.put({ from: other.from, to: other.to }, '', 'sense');
			other.tokens = [];
		} else if (next && isSum(next.shape) && !/[rgih]/.test(next.shape) && /^w+$/.test(line)) {
			draft.put(whole, own, 'sense');
			join(next, ' = ');
			next.tokens = [];
		} else if (
			/^w+$/.test(line) &&
			line.length > 1 &&
			clause.tokens.some(({ kind, says }) => kind === 'word' && says.length > 2)
		)
			draft.put(whole, own, 'name');
		return;
	}
	// Maximise P where P = …
	const twice = /^(w+)r/.exec(line);
	if (twice) {
		const [first, last] = [clause.tokens[1].says, clause.tokens[twice[1].length].says];
		const isTwice = twice[1].length > 1 && first === last;
		name(clause, 1, twice[0].length + 1, isTwice ? first : nameOf(clause, 1, twice[1].length + 1), draft);
		return;
	}
	const args = /^(w+)(p[wcnos]+q)?(u?)([rl])(?=[nwspg])/.exec(line);
	if (
		args &&
		(args[4] === 'l' || clause.tokens[args[0].length].says === '=') &&
		!/[rg]/.test(line.slice(args[0].length))
	) {
		const unit = args[3] ? ` ${clause.tokens[args[1].length + (args[2]?.length ?? 0) + 1].says}` : '';
		name(clause, 1, args[0].length + 1, nameOf(clause, 1, args[1].length + 1) + unit, draft);
		return;
	}
	// Max profit 3x + 2y, Maximise the profit of 3x + 2y
	const sum = lead + 1;
	if (lead > 0 && clause.tokens.slice(1, sum).every(({ says }) => FILLER.test(says))) {
		draft.put({ from: clause.tokens[1].from, to: clause.tokens[sum].from }, '', 'sense');
		return;
	}
	if (lead > 0 && !/r/.test(line)) {
		name(clause, 1, sum, nameOf(clause, 1, sum), draft);
		return;
	}
	// 3x + 2y = z
	const last = /r(w)$/.exec(line);
	if (
		last &&
		clause.tokens[last.index + 1].says === '=' &&
		(terms.get(clause.tokens.at(-1)!.says) ?? 0) < 2
	) {
		draft.put({ from: clause.tokens[last.index].to, to: clause.to }, '', 'sense');
		draft.put(
			{ from: clause.tokens[1].from, to: clause.tokens[1].from },
			`${clause.tokens.at(-1)!.says} = `,
			'sense'
		);
		return;
	}
	if (/r/.test(line)) return;
	if (clause.labelled && clause.tokens[1])
		draft.put({ from: clause.tokens[1].from, to: clause.tokens[1].from }, `${clause.labelled} = `, 'label');
	// a unit or a name behind the expression
	const unit = /u$/.exec(line);
	if (unit && /[wq]u$/.test(line) && /^\[.*\D.*\]$/.test(clause.tokens.at(-1)!.says)) {
		draft.put({ from: clause.tokens[line.length - 1].to, to: clause.to }, '', 'unit');
		draft.put(
			{ from: clause.tokens[1].from, to: clause.tokens[1].from },
			`z ${clause.tokens.at(-1)!.says} = `,
			'unit'
		);
		return;
	}
	const remark = /p(w+G?)q$/.exec(line);
	if (remark && /[nwq]$/.test(line.slice(0, remark.index)) && clause.tokens[remark.index + 1].apart) {
		const inside = clause.source.slice(clause.tokens[remark.index + 1].to, clause.tokens.at(-1)!.from);
		// (profit in €)
		const [, words, unit] = /^(.+?)\s+in\s+(\S.*)$/.exec(inside.trim()) ?? [];
		const called = unit ? `${asName(words)} [${unit}]` : nameOf(clause, remark.index + 2, line.length);
		if ((terms.get(called) ?? 0) > 1) return;
		draft.put({ from: clause.tokens[remark.index].to, to: clause.to }, '', 'label');
		draft.put({ from: clause.tokens[1].from, to: clause.tokens[1].from }, `${called} = `, 'label');
	}
}

/** How many words before a sum are what it is called: the profit 3x + 2y, the total cost -x + 2y, the profit x + y. */
function leadOf({ tokens }: Clause, line: string, terms: Evidence['terms']): number {
	const plain = /^w+(?=n|pn)/.exec(line);
	if (plain) return plain[0].length;
	const { length } = /^w+(?=s|$)/.exec(line)?.[0] ?? '';
	if (!/^the$/i.test(tokens[1]?.says ?? '') || length < 2) return 0;
	const last = tokens[length];
	const isSigned = tokens[length + 1]?.apart && !tokens[length + 2]?.apart;
	if (isSigned && !terms.has(last.says)) return length;
	return length > 2 && terms.has(last.says) ? length - 1 : 0;
}

/** Writes the name of the objective as the language has it: tokens from one place up to another are its name and the sign behind. */
function name(clause: Clause, from: number, to: number, called: string, draft: Draft): void {
	const written = clause.text(from, to).trim();
	// a unit that was moved here is not written here
	const isWritten = clause.tokens.slice(from, to).every((token) => token.to > token.from);
	if (isWritten && written === `${called} =`) return;
	const end = clause.tokens[to] ? clause.tokens[to].from : clause.tokens[to - 1].to;
	draft.put({ from: clause.tokens[from].from, to: end }, `${called} = `, 'sense');
}
