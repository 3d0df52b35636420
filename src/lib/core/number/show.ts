import { isInteger, numerator, type Rational } from './rational';

/** How numbers are shown; the value underneath is the same. `common`: a tableau as whole numbers over one denominator, numbers elsewhere as fractions. */
export const NUMBER_STYLES = [
	'fraction',
	'decimal',
	'mixed',
	'decimal1',
	'decimal2',
	'decimal3',
	'decimal6',
	'comma',
	'common'
] as const;
export type NumberStyle = (typeof NUMBER_STYLES)[number];

/** A number taken apart for setting: a sign, and either one run of digits or a numerator over a denominator. */
export interface ShownNumber {
	readonly negative: boolean;
	readonly digits: string;
	readonly over: string | null;
	/** the whole part before a fraction; null where there is none */
	readonly whole: string | null;
	/** true where decimals were cut off, so that `digits` ends in an ellipsis */
	readonly cut: boolean;
}

const DECIMALS = 4;
const MINUS = '\u2212';

/** Digits in groups of three with narrow spaces, from five digits on. */
const grouped = (digits: string): string =>
	digits.length < 5 ? digits : digits.replace(/\B(?=(\d{3})+$)/g, '\u202f');

/** Decimal digits of |value|, exact where few suffice, else cut after four decimals (or three significant ones). */
function decimalDigits(value: Rational, most: number): { digits: string; cut: boolean } {
	const top = value.n;
	const whole = top / value.d;
	let rest = top % value.d;
	let tail = '';
	let significant = whole !== 0n;
	let kept = 0;
	while (rest !== 0n && kept < most) {
		rest *= 10n;
		const digit = rest / value.d;
		rest %= value.d;
		tail += digit.toString();
		significant ||= digit !== 0n;
		if (significant) kept += 1;
		if (tail.length > 40) break;
	}
	const cut = rest !== 0n;
	return { digits: grouped(whole.toString()) + (tail ? '.' + tail : '') + (cut ? '…' : ''), cut };
}

/**
 * Takes a number apart for setting.
 * @param value any rational
 * @param style fractions, or decimals with an ellipsis where digits are cut off
 */
export function takeApart(value: Rational, style: NumberStyle): ShownNumber {
	const negative = numerator(value) < 0n;
	const digits = grouped(value.n.toString());
	const plain = { negative, over: null, whole: null, cut: false };
	if (isInteger(value)) return { ...plain, digits };
	if (style === 'fraction' || style === 'common')
		// beside a fraction line groups would look like numbers of their own
		return { ...plain, digits: value.n.toString(), over: value.d.toString() };
	if (style === 'mixed') {
		const whole = value.n / value.d;
		return {
			...plain,
			digits: (value.n % value.d).toString(),
			over: value.d.toString(),
			whole: whole === 0n ? null : grouped(whole.toString())
		};
	}
	if (style === 'comma') {
		const { digits: decimal, cut } = decimalDigits(value, DECIMALS);
		return { ...plain, digits: decimal.replace('.', ','), cut };
	}
	return { ...plain, ...decimalDigits(value, Number(style.slice('decimal'.length)) || DECIMALS) };
}

/** The number in one line of text, with a true minus sign: `−7/3`, `2.3333…`. */
export function showNumber(value: Rational, style: NumberStyle = 'fraction'): string {
	const shown = takeApart(value, style);
	const whole = shown.whole ? `${shown.whole} ` : '';
	return (shown.negative ? MINUS : '') + whole + shown.digits + (shown.over ? '/' + shown.over : '');
}

/** fractions with fewer digits are read as they are */
const LONG_FRACTION = 5;
const PLACES = 2;

/**
 * A long fraction as a decimal, to be shown beside it: `≈ 63.09` for 4669/74, `= 1173.75` for 4695/4.
 * @returns null where the style shows decimals already, or the fraction is short
 */
export function decimalBeside(value: Rational, style: NumberStyle = 'fraction'): string | null {
	const { over, negative } = takeApart(value, style);
	if (!over || String(value.n).length + String(value.d).length < LONG_FRACTION) return null;
	// a number close to 0 keeps two digits that say something
	let scale = 10n ** BigInt(PLACES);
	while (value.n * scale < 10n * value.d) scale *= 10n;
	const rounded = (2n * value.n * scale + value.d) / (2n * value.d);
	const isExact = rounded * value.d === value.n * scale;
	const padded = String(rounded % scale).padStart(String(scale).length - 1, '0');
	const tail = isExact ? padded.replace(/0+$/, '') : padded;
	return `${isExact ? '=' : '≈'}\u00a0${negative ? MINUS : ''}${grouped(String(rounded / scale))}.${tail}`;
}

/** The number as KaTeX source, in a style. */
export function texNumber(value: Rational, style: NumberStyle = 'fraction'): string {
	const shown = takeApart(value, style);
	const set = (digits: string) =>
		digits
			.replaceAll('\u202f', '\\,')
			.replace(',', digits.includes(',') ? '{,}' : ',')
			.replace('…', '\\ldots');
	const fraction = shown.over ? `\\tfrac{${set(shown.digits)}}{${set(shown.over)}}` : set(shown.digits);
	return (shown.negative ? '-' : '') + (shown.whole ? set(shown.whole) : '') + fraction;
}
