import { en } from '../language/language';
import { parseRational, toText, type Rational } from '../number/rational';
import { isPlain } from '../problem/shape';
import type { Plan } from '../problem/types';
import type { Answer, QuestionKind } from './types';

/** Answers as people write them, in one form: 3/2, 1.5, 1 1/2, with or without a unit; names in any order. */

/** A number as written; null where it is none. */
export function numberIn(text: unknown): Rational | null {
	if (typeof text !== 'string' && typeof text !== 'number') return null;
	const bare = String(text)
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

const SIDES = ['below', 'above', 'left', 'right'];

/** The side of each line as a text, in whatever order they were given; null where one is no side. */
function sidesIn(answer: unknown): string | null {
	if (!isPlain(answer)) return null;
	const lines: string[] = [];
	for (const [name, side] of Object.entries(answer)) {
		const bare = typeof side === 'string' ? side.trim().toLowerCase() : '';
		if (!SIDES.includes(bare)) return null;
		lines.push(`${name.normalize('NFC')} ${bare}`);
	}
	return lines.sort().join('\n');
}

/** An inequality, divided so that its first coefficient is 1 or −1, with ≤; null where it is none. */
function relationIn(answer: unknown): string | null {
	if (!isPlain(answer)) return null;
	const { terms, relation, rhs } = answer;
	const turn = relation === '<=' || relation === '≤' ? 1 : relation === '>=' || relation === '≥' ? -1 : 0;
	const amount = numberIn(rhs);
	if (!isPlain(terms) || turn === 0 || !amount) return null;
	const own: [string, Rational][] = [];
	for (const [name, text] of Object.entries(terms)) {
		const value = numberIn(text);
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

/** A plan as written; null where it is none. */
export function planIn(answer: unknown): Plan | null {
	if (!isPlain(answer)) return null;
	const plan = new Map<string, Rational>();
	for (const [name, text] of Object.entries(answer)) {
		const amount = numberIn(text);
		if (!amount) return null;
		plan.set(name.normalize('NFC'), amount);
	}
	return plan;
}

/** An end of an interval as written; null where it is neither a number nor left open. */
function endIn(end: unknown): string | null {
	if (end === null || (typeof end === 'string' && /^[-−+]?(?:∞|inf(?:inity)?)$/i.test(end))) return 'open';
	const value = numberIn(end);
	return value && toText(value);
}

/** Numbers by name as a text, in whatever order they were given. */
const linesOf = (numbers: Plan | null): string | null =>
	numbers &&
	[...numbers]
		.map(([name, value]) => `${name} = ${toText(value)}`)
		.sort()
		.join('\n');

/**
 * An answer in the form that answers are compared in.
 * @returns null where it is no answer of that kind
 */
export function canonical(kind: QuestionKind['answers'], answer: Answer): string | null {
	const text = typeof answer === 'string' ? answer : null;
	if (kind === 'cell')
		return text === null
			? null
			: text
					.trim()
					.replace(/\s*\|\s*/, '|')
					.normalize('NFC');
	if (kind === 'cells') return linesOf(planIn(answer));
	if (kind === 'name' || kind === 'choice') return text === null ? null : text.trim().normalize('NFC');
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
	if (kind === 'sides') return sidesIn(answer);
	if (kind === 'number') {
		if (text === null) return null;
		if (/^(?:none|no ratio|-|—|–)$/i.test(text.trim())) return 'none';
		const value = numberIn(text);
		return value && toText(value);
	}
	if (kind === 'names') {
		const names =
			text === null
				? answer
				: /^\s*(?:none)?\s*$/i.test(text)
					? []
					: text.trim().split(/\s*[,;]\s*|(?<![=≤≥])\s+(?![=≤≥])/);
		if (!Array.isArray(names) || names.some((name) => typeof name !== 'string')) return null;
		return [...new Set((names as string[]).map((name) => name.trim().normalize('NFC')))].sort().join('\n');
	}
	if (kind === 'order') {
		const places = text === null ? answer : text.trim().split(/\s*(?:;|→|->|(?<=\)),)\s*/);
		if (!Array.isArray(places) || places.some((place) => typeof place !== 'string')) return null;
		return places.map((place) => (place as string).replace(/\s+/g, '').normalize('NFC')).join('\n');
	}
	if (kind === 'interval') {
		if (!Array.isArray(answer) || answer.length !== 2) return null;
		const ends = answer.map(endIn);
		return ends.includes(null) ? null : ends.join(en` to `);
	}
	// a plan: amounts that are 0 may be left out
	const plan = planIn(answer);
	return linesOf(plan && new Map([...plan].filter(([, { n }]) => n !== 0n)));
}
