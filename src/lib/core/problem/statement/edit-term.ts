import { isZero, sign, toText, type Rational } from '../../number/rational';
import { nameText } from './print';
import type { RowSource, TermSource } from './source';
import type { TextEdit } from './text-edit';

/** A coefficient changed in its own place: its number, its sign, or the summand as a whole. */

/** Takes a summand out of a sum, with the sign that joins it. */
function withoutTerm(text: string, terms: readonly TermSource[], at: number): TextEdit[] {
	const [own, next] = [terms[at], terms[at + 1]];
	if (terms.length === 1) return [{ from: own.from, to: own.to, insert: '0' }];
	if (at > 0) {
		const before = terms[at - 1].to;
		return [{ from: before, to: own.to, insert: '' }];
	}
	// the first one: the next takes its place, with its sign only where that is a minus
	const plus = next.sign && text[next.sign.from] === '+';
	const rest = plus ? /\s*/.exec(text.slice(next.sign!.to))![0].length : 0;
	// a minus that a row begins with stands at its term: with a blank it could be a bullet
	const blank = next.sign && !plus ? /\s*/.exec(text.slice(next.sign.to))![0].length : 0;
	if (blank > 0) return [{ from: own.from, to: next.sign!.to + blank, insert: '-' }];
	return [{ from: own.from, to: plus ? next.sign!.to + rest : next.from, insert: '' }];
}

/**
 * Puts a coefficient where it stands.
 * @param written how the number was typed, where it is to stand like that
 * @returns null where the row is more than a plain sum, so that it has to be written anew
 */
export function editTerm(
	text: string,
	{ terms, left }: RowSource,
	variable: string,
	value: Rational,
	written?: string
): TextEdit[] | null {
	const found = terms?.filter(({ name }) => name === variable) ?? [];
	if (!terms || found.length > 1) return null;
	const size = written?.replace(/^[-−+]\s*/, '') ?? toText(value.abs());
	const minus = sign(value) < 0;
	const [own] = found;
	if (!own) {
		if (isZero(value)) return [];
		const term = (size === '1' ? '' : `${size} `) + nameText(variable);
		if (/^0$/.test(text.slice(left.from, left.to))) return [{ ...left, insert: (minus ? '-' : '') + term }];
		return [{ from: left.to, to: left.to, insert: ` ${minus ? '-' : '+'} ${term}` }];
	}
	if (isZero(value)) return withoutTerm(text, terms, terms.indexOf(own));
	const first = terms[0] === own;
	const edits: TextEdit[] = [];
	const isMinus = own.sign !== null && text[own.sign.from] !== '+';
	const joined = own.sign && own.sign.to > own.sign.from;
	if (joined && isMinus !== minus)
		edits.push(
			first && !minus
				? { from: own.sign!.from, to: (own.factor ?? own.mention!).from, insert: '' }
				: { ...own.sign!, insert: minus ? '-' : '+' }
		);
	const lead = !joined && minus ? '-' : '';
	const hasUnit = own.unit !== undefined;
	if (!own.factor)
		edits.push({
			from: own.mention!.from,
			to: own.mention!.from,
			insert: lead + (size === '1' ? '' : `${size} `)
		});
	else if (size === '1' && !hasUnit)
		edits.push({ from: own.factor.from, to: own.mention!.from, insert: lead });
	else edits.push({ ...own.factor, insert: lead + size });
	return edits.filter(({ from, to, insert }) => text.slice(from, to) !== insert);
}
