import { message } from '../messages';
import type { Clause, Draft } from './clause';
import type { Evidence } from './names';
import { ANSWER, TASKS } from './labels';
import { isHeading } from './leads';

/** Lines that tell rather than state: headings, what names mean, sentences, answers. What could be a restriction is never passed over. */

const RESTRICTS =
	/\b(?:must|as many|as much|cannot|can't|only|either|unless|without|requires?|needs?|at least|at most|twice|even|odd|multiple|more|fewer|less|exceed|limit(?:ed)?|available|capacity|no\b|not\b|every|each|negative|positive|storage|space|room|budget)\b/i;
/** what is to be done */
const TASK = new RegExp(`^(?:${TASKS}|sketch|calculate|compute|explain|state|write|hint|note)\\b.*\\s`, 'i');
const MEANS = /^(?:is|are|denotes?|means?|represents?|stands|be|for|number|the)$/i;
const SECTION: readonly (readonly [RegExp, string | null])[] = [
	[/^(?:generals?|gen|gin|integers?|ints?|integer variables?)$/i, 'integer'],
	[/^(?:binar(?:y|ies)|bin|binary variables?)$/i, 'binary'],
	[/^(?:free|free variables?)$/i, 'free'],
	[/^(?:bounds?|end|subject|constraints?)$/i, null]
];

const pass = (clause: Clause, draft: Draft, kind: 'rows' | 'meaning' | 'prose'): void => {
	// with the mark at its end
	const mark = /^[ \t]*[.;,!?:]*/.exec(clause.source.slice(clause.to))![0];
	draft.put({ from: clause.from, to: clause.to + mark.length }, '', kind);
	clause.tokens = [];
};

/** What is written between two clauses' first words, as it stands. */
const textOf = (clause: Clause): string => clause.source.slice(clause.from, clause.to);

/** Sections: names below General are whole, below Binary they are 0 or 1. */
function sections(clauses: readonly Clause[], draft: Draft, { terms }: Evidence): void {
	let domain: string | null = null;
	for (const [i, clause] of clauses.entries()) {
		const head = /^[wi]l?$|^i?w?l?$/.test(clause.shape)
			? SECTION.find(([pattern]) => pattern.test(textOf(clause).replace(/\s*:$/, '').trim()))
			: undefined;
		if (head && clause.tokens.length > 0) {
			domain = head[1];
			const below = clauses.slice(i + 1).find(({ shape }) => shape !== '');
			// no names below: it is said of all
			if (domain && !(below && /^w(?:[ca]*w)*$/.test(below.shape))) {
				const all = [...terms.keys()].filter((name) => !name.includes(' '));
				draft.put({ from: clause.from, to: clause.to }, `${all.join(', ')} ${domain}`, 'domain');
				clause.tokens = [];
			} else pass(clause, draft, 'rows');
		} else if (domain && /^w(?:[ca]*w)*$/.test(clause.shape)) {
			const names = clause.tokens.filter(({ kind }) => kind === 'word').map(({ says }) => says);
			draft.put({ from: clause.from, to: clause.to }, `${names.join(', ')} ${domain}`, 'domain');
			clause.tokens = [];
		} else if (clause.tokens.length > 0) domain = null;
	}
}

/** Whether a clause only says what a name means: x = bowls, x: number of bowls, let x be … */
function isMeaning(clause: Clause, { words, terms, goal }: Evidence, headed: boolean): boolean {
	const { shape: line, tokens } = clause;
	const lead = tokens.findIndex(
		({ says, kind }) => kind === 'word' && !/^(?:let|where|with|and|here|denote|define|set)$/i.test(says)
	);
	if (lead < 0) return false;
	const body = line.slice(lead);
	const isKnown = (word: string) => (terms.get(word) ?? 0) > 0 || goal.has(word);
	const found = /^w(?:u|p[^q]*q)?(r|l|s)?(w[wscdpuqfna%]*)$/.exec(body);
	if (!found) return false;
	const [sign, phrase] = [found[1], tokens.slice(lead + body.length - found[2].length)];
	const plain = phrase.filter(({ kind }) => kind === 'word').map(({ says }) => says);
	const isMeant =
		sign === 'r' || sign === 'l' || (sign === 's' && tokens[lead + 1].apart) || MEANS.test(plain[0]);
	if (!isMeant || (sign === 'r' && !/^[:=]/.test(tokens[lead + body.indexOf('r')].says))) return false;
	const name = tokens[lead].says;
	const several = plain.length > 1;
	const others = plain.filter((word) => isKnown(word) && word !== name);
	// x is 2 y
	if (/n/.test(found[2]) && others.length > 0) return false;
	if ((words.get(name) ?? 0) < 2 && !headed) return false;
	if (sign === 's' && (others.length > 0 || !several)) return false;
	if (sign === 'l') return several && !/r/.test(found[2]) && others.length < plain.length;
	return several
		? !/^ws/.test(found[2]) || others.length === 0
		: others.length === 0 && words.get(plain[0]) === 1 && (sign !== 'r' || isKnown(name));
}

/**
 * Passes over the clauses that only tell, and says so; those that could restrict something and cannot be read are refused.
 * @param clauses of the whole text; those passed over are emptied
 */
export function passTelling(clauses: readonly Clause[], draft: Draft, evidence: Evidence): void {
	sections(clauses, draft, evidence);
	const goal = clauses.findIndex(({ shape }) => /g/.test(shape));
	// We want to maximise profit: where the objective itself is stated too
	const statesGoal = clauses.some(({ shape: line }) => /g.*[nsr]/.test(line));
	let answers = false;
	clauses.forEach((clause, i) => {
		const { shape: line } = clause;
		if (line === '') return;
		if (statesGoal && /^[wacAluF]*g[wacAF]*f?$/.test(line)) return pass(clause, draft, 'prose');
		const text = textOf(clause);
		if (/^w+$/.test(line) && /^\S+\s+(?:from|to)\s+\S+$/i.test(text)) return;
		// what was found already: Optimal solution: x = 4, y = 3
		const isValue = /^(?:[wi]+[lrF]*)?(?:w+r[sn]+(?:dn)?u?)?$/.test(line);
		if (ANSWER.test(text) && i > goal && (isValue || !/[rgih]/.test(line))) answers = true;
		if (answers) {
			if (/g|[≤≥<>]|[rw]n?.*[≤≥]/.test(text) && !/^(?:the )?(?:optimal |best )/i.test(text)) answers = false;
			else return pass(clause, draft, 'prose');
		}
		if (/^[wlnci?fsdu.a]+$/.test(line) && isHeading(text.replace(/[:.]\s*$/, '')))
			return pass(clause, draft, 'rows');
		if (isMeaning(clause, evidence, /variable|unknown|where|let/i.test(clause.headed ?? '')))
			return pass(clause, draft, 'meaning');
		// Maximise, and below it what is maximised
		if (/^g[lcx]*$/.test(clauses[i - 1]?.shape ?? '') && /^[nwsdtpq]+$/.test(line) && /[sn]/.test(line))
			return;
		// (two-phase)
		const isRemark = /^p[wnscfd]*w[wnscfd]*q$/.test(line);
		if (
			isRemark &&
			clause.tokens.every(({ kind, says }) => kind !== 'word' || evidence.words.get(says) === 1)
		)
			return pass(clause, draft, 'prose');
		// Solve graphically.
		if (/^[wcaf]+$/.test(line) && TASK.test(text)) return pass(clause, draft, 'prose');
		// a word by itself that is no variable
		if (/^wf?$/.test(line) && !evidence.terms.has(clause.tokens[0].says)) return pass(clause, draft, 'prose');
		if (/^[?so]+$/.test(line)) return pass(clause, draft, 'rows');
		// what states something, or lists names
		if (/[rgizhvAjeBF]/.test(line) || /^w(?:u|[ca]+w)*$/.test(line) || !/^[wcalnfsduqpo?O%y]+$/.test(line))
			return;
		// a sum of variables that nothing limits
		if (/[nw]s[nw]/.test(line) && clause.tokens.some(({ says }) => evidence.goal.has(says))) return;
		const count = line.replace(/[^w]/g, '').length;
		const isTitle = i < goal || goal < 0;
		if (/^[nwsdtpq]+$/.test(line) && !(isTitle && /^w+n/.test(line)) && /[stn]/.test(line) && count < 3)
			return;
		if (isTitle ? count >= 1 && /w/.test(line) && (count > 1 || /l$|n/.test(line)) : count >= 3) {
			const isQuestion = /^[ \t]*\?/.test(clause.source.slice(clause.to)) || text.endsWith('?');
			const known = new Set(clause.tokens.map(({ says }) => says).filter((says) => evidence.terms.has(says)));
			const restricts =
				RESTRICTS.test(text) ||
				(known.size > 0 && (/n/.test(line) || /\b(?:one|two|three|four|five|six)\b/i.test(text))) ||
				(known.size > 1 && /\b(?:same|outnumbers?|equal|for one)\b/i.test(text));
			if (restricts && !isTitle && !isQuestion)
				draft.refuse({ from: clause.from, to: clause.to }, message('sentence', text.trim()));
			else return pass(clause, draft, 'prose');
			clause.tokens = [];
		}
	});
}
