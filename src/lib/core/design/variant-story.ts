import { rational, ZERO, type Rational } from '../number/rational';
import { showNumber } from '../number/show';
import { targetOf, type StoryTarget } from '../lesson/story';
import type { Problem } from '../problem/types';

/** A story with the numbers of another problem of the same structure. */
export interface VariantStory {
	readonly story: string;
	/** numbers that changed and that no link of the story tells */
	readonly untold: readonly StoryTarget[];
}

const VULGAR: Readonly<Record<string, string>> = {
	'1/2': '½',
	'1/3': '⅓',
	'2/3': '⅔',
	'1/4': '¼',
	'3/4': '¾',
	'1/5': '⅕',
	'1/8': '⅛'
};
/** a number in digits: `2,750`, `3.2`, `5/2`, `2½`, `2 1/2` */
const DIGITS = /(?:\d{1,3}(?:,\d{3})+|\d+)(?:\.\d+)?(?:\s?\d+\/\d+|\/\d+)?[½⅓⅔¼¾⅕⅛]?|[½⅓⅔¼¾⅕⅛]/;
/** a number in words, with a word that makes it relative to another one */
const WORD =
	/\b(?:twice|half|thrice|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|thirteen|fourteen|fifteen|sixteen|seventeen|eighteen|nineteen|twenty)(?: (?:that|as much|as many))?\b/i;

/** A number as prose writes it: `2½`, `2,750`, `3.2` where it was a decimal before. */
function written(value: Rational, before: string): string {
	const own = value.abs();
	if (before.includes('.')) {
		const decimal = showNumber(own, 'decimal');
		if (!decimal.includes('…')) return decimal;
	}
	const whole = own.floor();
	const rest = own.sub(whole);
	const digits = String(whole.n);
	const grouped =
		digits.length > 4 || before.includes(',') ? digits.replace(/\B(?=(\d{3})+$)/g, ',') : digits;
	if (rest.equals(ZERO)) return grouped;
	const part = rest.toFraction();
	const sign = VULGAR[part];
	if (sign) return `${whole.equals(ZERO) ? '' : grouped}${sign}`;
	return whole.equals(ZERO) ? part : `${grouped} ${part}`;
}

const numberAt = ({ objective, constraints }: Problem, { name, part }: StoryTarget): Rational | null => {
	if (part === null) return null;
	if (name === null) return objective.terms.get(part) ?? ZERO;
	const row = constraints.find((own) => own.name === name);
	if (!row) return null;
	return part === 'amount' ? row.rhs : (row.terms.get(part) ?? ZERO);
};

/** All numbers of a problem that a story can tell. */
const targets = ({ variables, constraints }: Problem): StoryTarget[] => [
	...variables.map(({ name }) => ({ name: null, part: name })),
	...constraints.flatMap(({ name }) => [
		...variables.map((variable) => ({ name, part: variable.name })),
		{ name, part: 'amount' }
	])
];

/**
 * Puts the numbers of a variant into the links of a story; words that are linked give way to digits, a percentage stays one.
 * @param before the problem that the story tells, `after` the variant: the same variables and constraints
 */
export function storyOf(story: string, before: Problem, after: Problem): VariantStory {
	const told = new Set<string>();
	const keyOf = ({ name, part }: StoryTarget) => `${name ?? ''}.${part}`;
	const next = story.replace(/\[([^\]]*)\]\((#[^()\s]*)\)/g, (whole, text: string, href: string) => {
		const target = targetOf(href);
		const value = target && numberAt(after, target);
		if (!target || !value) return whole;
		told.add(keyOf(target));
		if (value.equals(numberAt(before, target)!)) return whole;
		const found = DIGITS.exec(text) ?? WORD.exec(text);
		const isPercent =
			!!found &&
			text
				.slice(found.index + found[0].length)
				.trimStart()
				.startsWith('%');
		const shown = written(isPercent ? value.mul(rational(100)) : value, found?.[0] ?? '');
		return `[${found ? text.slice(0, found.index) + shown + text.slice(found.index + found[0].length) : shown}](${href})`;
	});
	const untold = targets(after).filter(
		(target) => !told.has(keyOf(target)) && !numberAt(after, target)!.equals(numberAt(before, target)!)
	);
	return { story: next, untold };
}
