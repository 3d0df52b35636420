/** Counts as English words. */

/** The counts from zero to nineteen, in order. */
export const SMALL_COUNTS = [
	'zero',
	'one',
	'two',
	'three',
	'four',
	'five',
	'six',
	'seven',
	'eight',
	'nine',
	'ten',
	'eleven',
	'twelve',
	'thirteen',
	'fourteen',
	'fifteen',
	'sixteen',
	'seventeen',
	'eighteen',
	'nineteen'
] as const;
/** Twenty to ninety. */
const TENS: readonly string[] = [
	'twenty',
	'thirty',
	'forty',
	'fifty',
	'sixty',
	'seventy',
	'eighty',
	'ninety'
];

/**
 * A count as written: up to 999 in figures, up to 99 in words (`25`, `twenty-five`).
 * @returns null where the text is none
 */
export function countIn(text: string): number | null {
	if (/^\d{1,3}$/.test(text)) return Number(text);
	const small: readonly string[] = SMALL_COUNTS;
	const [first, ones] = text.toLowerCase().split('-');
	if (ones === undefined && small.includes(first)) return small.indexOf(first);
	const [high, low] = [TENS.indexOf(first), small.indexOf(ones ?? 'zero')];
	return high < 0 || low < 0 || low > 9 ? null : 20 + 10 * high + low;
}
