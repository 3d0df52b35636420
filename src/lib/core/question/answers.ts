import { parseRational, toText, type Rational } from '../number/rational';
import type { Answer, Kind } from './types';

/** Answers as people write them, in one form: 3/2, 1.5, 1 1/2, with or without a unit; names in any order. */

/** A number as written; null where it is none. */
export function numberIn(text: string): Rational | null {
	const bare = text
		.trim()
		.replace(/[−–]/g, '-')
		.replace(/^([-+]?[\d.,/ ]*\d)\s*[\p{L}€$£%°][\p{L}\p{N}/·.^ ]*$/u, '$1')
		.replace(/^[$€£]\s*/, '');
	const mixed = /^([-+]?)(\d+)\s+(\d+)\/(\d+)$/.exec(bare);
	try {
		if (mixed) {
			const size = parseRational(mixed[2]).add(parseRational(`${mixed[3]}/${mixed[4]}`));
			return mixed[1] === '-' ? size.neg() : size;
		}
		return parseRational(/^[-+]?\d+,\d+$/.test(bare) ? bare.replace(',', '.') : bare.replace(/\s+/g, ''));
	} catch {
		return null;
	}
}

const YES = /^(?:y|yes|true|ja|oui|s[ií])$/i;
const NO = /^(?:n|no|false|nein|non)$/i;
const STATES = ['optimal', 'improvable', 'unbounded', 'infeasible', 'not-feasible'];

/** The sign that a dual value has: ≥ 0, ≤ 0 or free. */
function signIn(text: string): string | null {
	const bare = text.replace(/\s+/g, '').toLowerCase();
	if (/^(?:>=|≥|=>)0$|^nonnegative$|^non-negative$/.test(bare)) return '>= 0';
	if (/^(?:<=|≤|=<)0$|^nonpositive$|^non-positive$/.test(bare)) return '<= 0';
	return /^(?:free|unrestricted|any)$/.test(bare) ? 'free' : null;
}

/** An inequality, divided so that its first coefficient is 1 or −1, with ≤; null where it is none. */
function relationIn(answer: unknown): string | null {
	if (!isMap(answer)) return null;
	const { terms, relation, rhs } = answer as unknown as { terms: unknown; relation: unknown; rhs: unknown };
	const turn = /^(?:<=|≤)$/.test(String(relation)) ? 1 : /^(?:>=|≥)$/.test(String(relation)) ? -1 : 0;
	const amount = numberIn(String(rhs));
	if (!isMap(terms) || turn === 0 || !amount) return null;
	const own: [string, Rational][] = [];
	for (const [name, text] of Object.entries(terms)) {
		const value = numberIn(String(text));
		if (!value) return null;
		if (value.n !== 0n) own.push([name.normalize('NFC'), value.mul(turn)]);
	}
	own.sort(([a], [b]) => (a < b ? -1 : 1));
	if (own.length === 0) return null;
	const size = own[0][1].abs();
	return [
		...own.map(([name, value]) => `${toText(value.div(size))} ${name}`),
		toText(amount.mul(turn).div(size))
	].join(' ');
}

const isMap = (answer: unknown): answer is Record<string, string> =>
	typeof answer === 'object' && answer !== null && !Array.isArray(answer);

/**
 * An answer in the form that answers are compared in.
 * @returns null where it is no answer of that kind
 */
export function canonical(kind: Kind['answers'], answer: Answer): string | null {
	const text = typeof answer === 'string' ? answer : null;
	if (kind === 'name') return text === null ? null : text.trim().normalize('NFC');
	if (kind === 'yes-no')
		return text === null ? null : YES.test(text.trim()) ? 'yes' : NO.test(text.trim()) ? 'no' : null;
	if (kind === 'state') {
		const state =
			text
				?.trim()
				.toLowerCase()
				.replace(/[\s_]+/g, '-') ?? '';
		return STATES.includes(state) ? state : null;
	}
	if (kind === 'closing') {
		const way = text?.trim().toLowerCase() ?? '';
		return ['bound', 'infeasible', 'integer', 'branch'].includes(way) ? way : null;
	}
	if (kind === 'relation') return relationIn(answer);
	if (kind === 'sign') return text === null ? null : signIn(text);
	if (kind === 'number') {
		if (text === null) return null;
		if (/^(?:none|no ratio|-|—|–)$/i.test(text.trim())) return 'none';
		const value = numberIn(text);
		return value && toText(value);
	}
	if (kind === 'names') {
		const names = text === null ? answer : text.trim() === '' ? [] : text.split(/[\s,;]+/);
		if (!Array.isArray(names) || names.some((name) => typeof name !== 'string')) return null;
		return [...new Set((names as string[]).map((name) => name.trim().normalize('NFC')))].sort().join('\n');
	}
	if (kind === 'interval') {
		if (!Array.isArray(answer) || answer.length !== 2) return null;
		const ends = (answer as (string | null)[]).map((end) =>
			end === null || /^[-−+]?(?:∞|inf(?:inity)?)$/i.test(end)
				? 'open'
				: (numberIn(end) && toText(numberIn(end)!)) || null
		);
		return ends.includes(null) ? null : ends.join(' to ');
	}
	// a plan: amounts that are 0 may be left out
	if (!isMap(answer)) return null;
	const amounts: string[] = [];
	for (const [name, amount] of Object.entries(answer)) {
		const value = typeof amount === 'string' || typeof amount === 'number' ? numberIn(String(amount)) : null;
		if (!value) return null;
		if (value.n !== 0n) amounts.push(`${name.normalize('NFC')} = ${toText(value)}`);
	}
	return amounts.sort().join('\n');
}
