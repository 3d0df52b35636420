import { parseRational, ZERO, type Rational } from '../number/rational';
import { numberAt } from '../problem/statement/written/numerals';
import type { Problem } from '../problem/types';

/**
 * Links of a story: `[5/2 kg of clay](#clay.bowls)` links its words to the use of clay per bowls, `(#clay)` to the row, `(#clay.amount)` to
 * its amount, `(#.bowls)` to the objective's coefficient, `(#bowls)` to a variable.
 */

/** What a part of the story gave: a row or variable, and within a row a variable's coefficient or the amount. */
export interface StoryTarget {
	/** a constraint or variable; null for the objective */
	readonly name: string | null;
	/** a variable in that row, or `amount` */
	readonly part: string | null;
}

/** Reads what follows the # of a link. */
export function targetOf(href: string): StoryTarget | null {
	if (!href.startsWith('#') || href.length < 2) return null;
	let text: string;
	try {
		text = decodeURIComponent(href.slice(1));
	} catch {
		return null;
	}
	const [name, part = null] = text.split('.');
	return { name: name || null, part };
}

/** What a target is written as in a link. */
export const hrefOf = ({ name, part }: StoryTarget): string =>
	`#${encodeURIComponent((name ?? '') + (part === null ? '' : `.${part}`))}`;

const LINK = /\]\((#[^()\s]*)\)/g;

/** A story whose links follow a variable or constraint to another name. */
export function relinked(story: string, kind: 'variable' | 'constraint', from: string, to: string): string {
	return story.replace(LINK, (whole, href: string) => {
		const target = targetOf(href);
		if (!target) return whole;
		const name = target.name === from && (kind === 'constraint' || target.part === null) ? to : target.name;
		const part = target.part === from && kind === 'variable' ? to : target.part;
		return `](${hrefOf({ name, part })})`;
	});
}

/** The number that words of a story say: 5/2 of "5/2 kg of clay", 2½ kg; null where they say none. */
export function numberSaid(words: string): Rational | null {
	const start = words.search(/[\d½⅓⅔¼¾⅕⅖⅗⅘⅙⅚⅛⅜⅝⅞]/);
	if (start < 0) return null;
	const read = numberAt(words, start, { tex: false, comma: null, dots: false, e: false });
	if (!read) return null;
	const rest = words.slice(start + read.length);
	const under = /^\s*[/⁄]\s*(\d+)/.exec(rest)?.[1];
	try {
		const value = parseRational(under ? `${read.says}/${under}` : read.says);
		return /[-−]\s*$/.test(words.slice(0, start)) ? value.neg() : value;
	} catch {
		return null;
	}
}

/** The number of a problem that a link is about; null where it is about none, or the problem has no such part. */
export function numberOf({ objective, constraints }: Problem, { name, part }: StoryTarget): Rational | null {
	if (part === null) return null;
	if (name === null) return objective.terms.get(part) ?? ZERO;
	const row = constraints.find((constraint) => constraint.name === name);
	return row ? (part === 'amount' ? row.rhs : (row.terms.get(part) ?? ZERO)) : null;
}
