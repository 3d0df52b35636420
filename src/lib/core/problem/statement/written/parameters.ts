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

/** Whether a name is written as only a number can be: directly before a variable or a bracket, and never behind a number. */
function isCoefficient(name: string, clauses: readonly Clause[]): boolean {
	let found = false;
	for (const { tokens, shape: line } of clauses)
		for (const [i, { kind, says }] of tokens.entries()) {
			if (kind !== 'word' || says !== name) continue;
			if (/nt?$/.test(line.slice(0, i))) return false;
			const isSingle = /^\p{L}\p{Nd}*$/u.test(name);
			found ||= /^t?[wp]/.test(line.slice(i + 1)) && (isSingle || /[srtpg]$/.test(line.slice(0, i)));
		}
	return found;
}

/** Reads letters that the text gives a number for as that number, and leaves out where it says so. */
export function settleParameters(clauses: readonly Clause[], draft: Draft): void {
	for (const clause of clauses) {
		const own = definition(clause);
		const others = clauses.filter((other) => other !== clause);
		if (!own || !isCoefficient(own.name, others)) continue;
		draft.put({ from: clause.from, to: clause.to }, '', 'parameter');
		clause.tokens = [];
		for (const other of others)
			other.tokens = other.tokens.map((token) => {
				if (token.kind !== 'word' || token.says !== own.name) return token;
				draft.put(token, own.value, 'parameter');
				return { ...token, kind: 'number', says: own.value };
			});
	}
}
