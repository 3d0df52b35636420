import { NUM, shape, type Clause, type Draft } from './clause';

/** Letters that stand for numbers: M = 1000, and x ≤ M y elsewhere. */

/** where M = 1000 */
const LEADS = /^(?:where|with|let|and|set|for)$/i;
const DEFINED = shape(`^w?wr${NUM}$`);

interface Parameter {
	readonly clause: Clause;
	readonly name: string;
	readonly value: string;
}

function definition(clause: Clause): Parameter | null {
	if (!DEFINED.test(clause.shape)) return null;
	const equal = clause.shape.indexOf('r');
	const { tokens } = clause;
	if (tokens[equal].says !== '=' || (equal === 2 && !LEADS.test(tokens[0].says))) return null;
	const value = clause.text(equal + 1);
	return {
		clause,
		name: tokens[equal - 1].says,
		value: /^[\d.]+$/.test(value) ? value : `(${value})`
	};
}

/** Names written as only numbers can be: directly before a variable or a bracket, and never behind a number. */
function coefficientsOf(clauses: readonly Clause[]): ReadonlySet<string> {
	const [found, others] = [new Set<string>(), new Set<string>()];
	// where something is stated: what only tells puts words side by side as well
	for (const { tokens, shape: line } of clauses.filter(({ shape }) => /[rg]/.test(shape)))
		for (const [i, { kind, says }] of tokens.entries()) {
			if (kind !== 'word') continue;
			const isSingle = /^\p{L}\p{Nd}*$/u.test(says);
			if (/nt?$/.test(line.slice(Math.max(0, i - 2), i))) others.add(says);
			else if (/^t?[wp]/.test(line.slice(i + 1, i + 3)) && (isSingle || /[srtpg]/.test(line[i - 1] ?? '')))
				found.add(says);
		}
	return new Set([...found].filter((name) => !others.has(name)));
}

/** Reads letters that the text gives a number for as that number, and leaves out where it says so. */
export function settleParameters(clauses: readonly Clause[], draft: Draft): void {
	const own = clauses.map(definition).filter((found): found is Parameter => found !== null);
	const coefficients = own.length > 0 ? coefficientsOf(clauses) : null;
	const values = new Map<string, string>();
	for (const { clause, name, value } of own) {
		if (!coefficients!.has(name) || values.has(name)) continue;
		values.set(name, value);
		draft.put({ from: clause.from, to: clause.to }, '', 'parameter');
		clause.tokens = [];
	}
	if (values.size === 0) return;
	for (const clause of clauses) {
		if (!clause.tokens.some(({ kind, says }) => kind === 'word' && values.has(says))) continue;
		clause.tokens = clause.tokens.map((token) => {
			const value = token.kind === 'word' ? values.get(token.says) : undefined;
			if (value === undefined) return token;
			draft.put(token, value, 'parameter');
			return { ...token, kind: 'number', says: value };
		});
	}
}
