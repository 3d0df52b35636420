import type { Clause, Draft } from './clause';
import { asName, pluralsOf, withPlainIndex } from '../../names';
import type { Token } from './token';
import { isKeyword } from './tokens';

/** Which words of a text are variables, by where they stand: the evidence for what is a name, a unit, a label. */

export interface Evidence {
	/** how often a name stands where only a variable can: between signs and relations */
	readonly terms: ReadonlyMap<string, number>;
	/** the names of the objective */
	readonly goal: ReadonlySet<string>;
	/** how often a word stands anywhere */
	readonly words: ReadonlyMap<string, number>;
}

/** words that join a remark to what it is about, and are no units */
const JOINS =
	/^(?:if|for|all|each|every|where|with|when|then|than|because|since|so|unless|only|either|not|without|must|cannot)$/i;

/** words of sentences, which no name of several words has */
const FUNCTION =
	/^(?:the|an?|of|is|are|be|must|can|cannot|should|shall|will|may|where|with|while|such|that|if|then|and|or|not|no|sum|plus|minus|times|for|each|every|per|has|have|than|as|it|we|so)$/i;

/** The machine time is called machine time. */
const withoutArticle = (words: string): string => words.replace(/^(?:the|an?) (?=\p{L})/iu, '');

interface Run {
	readonly clause: Clause;
	readonly from: number;
	readonly to: number;
}
const wordsOf = ({ clause, from, to }: Run): Token[] =>
	clause.tokens.slice(from, to).filter(({ kind }) => kind === 'word');
const called = (run: Run): string =>
	wordsOf(run)
		.map(({ says }) => says)
		.join(' ');

/** Words side by side, and joined by hyphens where their parts stand nowhere else. */
function runsOf(clause: Clause, isHyphen: (clause: Clause, at: number) => boolean): Run[] {
	const runs: Run[] = [];
	for (let i = 0; i < clause.tokens.length; i++) {
		if (clause.tokens[i].kind !== 'word') continue;
		let to = i + 1;
		while (clause.shape[to] === 'w' || (clause.shape[to] === 's' && isHyphen(clause, to))) to += 1;
		runs.push({ clause, from: i, to });
		i = to - 1;
	}
	return runs;
}

/** Whether what stands around a run can only surround a variable. */
function isTerm({ clause, from, to }: Run): boolean {
	const { shape } = clause;
	const before = shape.slice(0, from);
	const after = shape.slice(to);
	return (
		/(?:^|[nstrplcadgyqP])$/.test(before) &&
		/^(?:$|[srqctdayu]|g|i|pw+G?q$)/.test(after) &&
		!(!/g/.test(before) && /r(?:s?n(?:dn)?)(?:[uw]*p)?$/.test(before) && /^(?:$|[cpuqd])/.test(after)) &&
		!/^dw/.test(after) &&
		!/wd$/.test(before) &&
		!(before === 'p' && /^q[nwsp]/.test(after))
	);
}

/** Counts the names of a text. */
export function evidenceOf(
	clauses: readonly Clause[],
	isHyphen: (clause: Clause, at: number) => boolean
): Evidence {
	const [terms, words] = [new Map<string, number>(), new Map<string, number>()];
	const goal = new Set<string>();
	for (const clause of clauses) {
		for (const { kind, says } of clause.tokens)
			if (kind === 'word') words.set(says, (words.get(says) ?? 0) + 1);
		const isEquation = /^w+rw+$/.test(clause.shape);
		for (const run of runsOf(clause, isHyphen)) {
			const name = called(run);
			// what stands before a colon, an equals sign of the objective or alone is called so, and is no term
			const isTitle =
				clause.shape[run.to] === 'l' ||
				(/^[^r]*g/.test(clause.shape.slice(0, run.from)) &&
					/^(?:p[wc]+q)?r/.test(clause.shape.slice(run.to))) ||
				(run.from === 0 && /^(?:p[wc]+q)?r.*g/.test(clause.shape.slice(run.to))) ||
				(/g.*[wq]p$/.test(clause.shape.slice(0, run.from)) && /^G?q$/.test(clause.shape.slice(run.to))) ||
				// z(x, y) = …
				(/^[gl]*wp[wc]*$/.test(clause.shape.slice(0, run.from)) &&
					/^[wc]*q[rl]/.test(clause.shape.slice(run.to))) ||
				/^w+$/.test(clause.shape);
			if (isTitle || !isTerm(run) || isEquation) continue;
			terms.set(name, (terms.get(name) ?? 0) + 1);
			if (/g/.test(clause.shape)) goal.add(name);
		}
	}
	return { terms, goal, words };
}

/** Hyphens that join words: their parts stand nowhere by themselves, or the whole several times. */
export function hyphens(clauses: readonly Clause[]): (clause: Clause, at: number) => boolean {
	const isGlued = ({ tokens, shape }: Clause, at: number) =>
		shape[at - 1] === 'w' &&
		shape[at + 1] === 'w' &&
		tokens[at].says === '-' &&
		!tokens[at].apart &&
		!tokens[at + 1].apart;
	const alone = new Set<string>();
	for (const clause of clauses)
		clause.tokens.forEach(({ kind, says }, i) => {
			if (kind === 'word' && !isGlued(clause, i - 1) && !isGlued(clause, i + 1)) alone.add(says);
		});
	return (clause, at) => {
		if (!isGlued(clause, at)) return false;
		const [left, right] = [clause.tokens[at - 1].says, clause.tokens[at + 1].says];
		const isWord = (text: string) => /^\p{L}{3,}$/u.test(text);
		return (
			!(alone.has(left) && alone.has(right)) &&
			(isWord(left) || isWord(right)) &&
			!/\d$/.test(left + right) &&
			(!alone.has(left) || !alone.has(right)) &&
			!(alone.has(left) && /^\p{L}\d*$/u.test(left)) &&
			!(alone.has(right) && alone.has(left))
		);
	};
}

/** x_1 beside x1 is the same variable, or in quotes one of its own. */
export function withOneIndex(tokens: readonly Token[], draft: Draft): Token[] {
	const names = new Set(tokens.flatMap(({ kind, says }) => (kind === 'word' ? [says] : [])));
	const twins = new Map<string, Token[]>();
	const same = tokens.map((token) => {
		const plain = token.kind === 'word' ? withPlainIndex(token.says) : null;
		if (plain === null || !names.has(plain)) return token;
		twins.set(token.says, [...(twins.get(token.says) ?? []), token]);
		return { ...token, says: plain };
	});
	for (const [name, places] of twins) draft.ask(places, [withPlainIndex(name)!, `"${name}"`], 'index');
	return same;
}

/** x 1 + x 2, as a page copies it: a letter and its index, where the letter stands nowhere alone. */
export function spacedIndices(clauses: readonly Clause[], draft: Draft): void {
	const alone = new Set<string>();
	const found: { clause: Clause; at: number }[] = [];
	for (const clause of clauses)
		clause.tokens.forEach(({ kind, says }, i) => {
			if (kind !== 'word') return;
			const next = clause.tokens[i + 1];
			if (/^\p{L}$/u.test(says) && next?.kind === 'number' && next.apart && /^\d{1,2}$/.test(next.says))
				found.push({ clause, at: i });
			else alone.add(says);
		});
	if (found.length < 2) return;
	for (const { clause, at } of found.reverse()) {
		const [{ says, from }, { says: index, to }] = [clause.tokens[at], clause.tokens[at + 1]];
		if (alone.has(says)) continue;
		draft.put({ from, to }, says + index, 'index');
		clause.merge(at, at + 2, 'word', says + index);
	}
}

/** Reads tokens between a number and its variable as the number's unit; those up to `end` go with it, such as a sign. */
function unitBetween(clause: Clause, from: number, to: number, end: number, draft: Draft): void {
	const unit = `[${clause.text(from, to).replace(/ ?\/ ?/g, '/')}]`;
	draft.put({ from: clause.tokens[from - 1].to, to: clause.tokens[end - 1].to }, ` ${unit}`, 'unit');
	clause.merge(from, end, 'unit', unit);
}

/**
 * Decides for words side by side what each is: a name of several words, a unit behind an amount, a label before its row.
 * @param clauses without those that only tell
 */
export function settleNames(
	clauses: readonly Clause[],
	draft: Draft,
	evidence: Evidence,
	isHyphen: (clause: Clause, at: number) => boolean
): void {
	const { terms } = evidence;
	// several words that stand together once may be a label or a unit with a name
	const isKnown = (name: string) => (terms.get(name) ?? 0) > (/ /.test(name) ? 1 : 0);
	const units = new Map<string, { from: number; to: number; text: string }[]>();
	for (const clause of clauses) {
		// from the last to the first, so that places before stay as they are
		for (const run of runsOf(clause, isHyphen).reverse()) {
			if (clause.shape[run.from] !== 'w') continue;
			const list = wordsOf(run);
			const name = called(run);
			const { from, to } = run;
			const { shape } = clause;
			const [before, after] = [shape.slice(0, from), shape.slice(to)];
			const span = clause.span(from, to);
			const isBehind = /r(?:[^r]*[st])?n(?:dn)?P?$/.test(before) && /^(?:$|[cpu]|dw+$)/.test(after);
			if (
				isBehind &&
				!/g/.test(shape) &&
				!isKnown(name) &&
				!list.some(({ says }) => isKnown(says) || JOINS.test(says))
			) {
				// a unit, also kg/week and hours (labor)
				const end = /^d(w+)$/.exec(after) ? to + after.length : to;
				const text = clause.text(from, end).replace(/ ?\/ ?/g, '/');
				const whole = { from: clause.tokens[from - 1].to, to: clause.span(from, end).to };
				units.set(text, [...(units.get(text) ?? []), { ...whole, text }]);
				clause.merge(from, end, 'unit', `[${text}]`);
				continue;
			}
			// clay 2x + y ≤ 100
			if (from === 0 && /^n[wtp]/.test(after) && /r/.test(after) && !isKnown(name) && !/l/.test(shape)) {
				draft.put(span, `${asName(withoutArticle(clause.text(from, to)))}:`, 'label');
				clause.drop(from, to);
				continue;
			}
			// a unit and a sign between a number and its variable: 3 h · x, 3 thalers/bowl · x
			const scaled = /nw*d?$/.exec(before);
			if (
				scaled &&
				/^tw/.test(after) &&
				isKnown(clause.tokens[to + 1].says) &&
				!clause.tokens.slice(scaled.index + 1, to).some(({ kind, says }) => kind === 'word' && isKnown(says))
			) {
				unitBetween(clause, scaled.index + 1, to, to + 1, draft);
				continue;
			}
			if (list.length === 1) continue;
			const single = isHyphen(clause, from + 1) || /-/.test(clause.text(from, to));
			const [first, last] = [list[0].says, list.at(-1)!.says];
			const rest = list
				.slice(1)
				.map(({ says }) => says)
				.join(' ');
			const begins = from === 0 || /^(?:s|[gl]+)$/.test(before);
			const isSum = /^(?:[str]|$|i)/.test(after);
			// a label before its row: its words stand nowhere else, and what follows is a variable
			if (
				from === 0 &&
				to > 1 &&
				isSum &&
				!isKnown(name) &&
				/r/.test(after) &&
				(isKnown(rest) || isKnown(last)) &&
				!isKnown(first) &&
				!/l/.test(shape)
			) {
				const cut = isKnown(rest) ? 1 : list.length - 1;
				// the number of chairs is chairs
				const words = list.slice(0, cut);
				if (words.every(({ says }) => /^(?:the|total|number|amount|quantity|units?|of|all)$/i.test(says)))
					draft.put({ from: words[0].from, to: list[cut].from }, '', 'prose');
				else {
					const label = withoutArticle(clause.text(from, from + cut));
					if (label.split(' ').some((word) => FUNCTION.test(word))) continue;
					draft.put(clause.span(from, from + cut), `${asName(label)}:`, 'label');
				}
				clause.drop(from, from + cut);
				continue;
			}
			// a list without commas: x y ≥ 0
			if (from === 0 && /^[rih]/.test(after) && list.every(({ says }) => isKnown(says)) && !single) {
				draft.put(clause.span(from, to), list.map(({ says }) => says).join(', '), 'domain');
				clause.tokens = clause.tokens.flatMap((token, i) =>
					i > from && i < to
						? [{ ...token, kind: 'comma' as const, says: ',', from: token.from, to: token.from }, token]
						: [token]
				);
				continue;
			}
			// the objective's unit behind it: 3 x + 2 y euros
			const isNew = list.slice(1).every(({ says }) => !isKnown(says));
			if (
				after === '' &&
				/g/.test(before) &&
				/[nstd]$/.test(before) &&
				isKnown(first) &&
				(terms.get(first) ?? 0) > 0 &&
				isNew &&
				!single
			) {
				draft.put({ from: list[0].to, to: span.to }, '', 'unit');
				clause.drop(from + 1, to);
				continue;
			}
			// a unit between a number and its variable: 3 hours x, 3 thalers bowls
			if (/n$/.test(before) && !isKnown(name) && isKnown(last) && !isKnown(first)) {
				unitBetween(clause, from, to - 1, to - 1, draft);
				continue;
			}
			// 3 thalers/bowl x
			if (/nw+d$/.test(before) && list.length > 1 && isKnown(last) && !isKnown(first)) {
				const start = /w+d$/.exec(before)!.index;
				if (clause.tokens.slice(start, from).some(({ says }) => isKnown(says))) continue;
				unitBetween(clause, start, to - 1, to - 1, draft);
				continue;
			}
			if (list.some(({ says }) => isKeyword(says) || FUNCTION.test(says))) continue;
			// two letters, or two known variables, side by side are a product
			if (list.every(({ says }) => [...says].length < 3)) continue;
			if (!single && list.every(({ says }) => isKnown(says)) && !isKnown(name)) continue;
			// what stands behind the sense may be what it is called
			const isGoalName = begins && /g/.test(before) && !(isKnown(name) && /^s/.test(after));
			if (/^l/.test(after) || isGoalName) continue;
			if (!/[nstrplcadyqg]$|^$/.test(before) || !/^(?:$|[srqctdayulihBFxgp])/.test(after)) continue;
			draft.put(span, asName(name), 'name');
			clause.merge(from, to, 'word', asName(name));
		}
	}
	for (const [text, places] of units) {
		const choices = /^[\p{L}\p{M}\p{Nd}_']+$/u.test(text) ? [` [${text}]`, ` · ${text}`] : null;
		if (choices) draft.ask(places, choices, 'unit');
		else for (const place of places) draft.put(place, ` [${text}]`, 'unit');
	}
}

/** 2 bowls + 1 vase, where the others are vases: one of them, or a variable of its own. */
export function singularNames(clauses: readonly Clause[], draft: Draft, { terms }: Evidence): void {
	const places = new Map<string, { token: Token; isOne: boolean }[]>();
	for (const { tokens } of clauses)
		tokens.forEach((token, i) => {
			const before = tokens[i - 1];
			const isOne = before?.kind === 'number' && before.says === '1' && tokens[i - 2]?.kind !== 'divide';
			if (token.kind === 'word')
				places.set(token.says, [...(places.get(token.says) ?? []), { token, isOne }]);
		});
	for (const [name, found] of places) {
		const plural = pluralsOf(name).find((other) => terms.has(other));
		if (plural && found.every(({ isOne }) => isOne))
			draft.ask(
				found.map(({ token }) => token),
				[plural, name],
				'name'
			);
	}
}
