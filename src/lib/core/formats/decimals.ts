import { en } from '../language/language';
import { lcm, MAX_DIGITS, NumberError, parseRational, toText, type Rational } from '../number/rational';

/** Whether a number can be written as a decimal that ends: its denominator has no factors but 2 and 5. */
export function endsAsDecimal({ d }: Rational): boolean {
	let rest = d;
	for (const factor of [2n, 5n]) while (rest % factor === 0n) rest /= factor;
	return rest === 1n;
}

/** Digits after the point that are kept where a decimal does not end. */
const KEPT = 15;

/** A number as a decimal, exact where it ends, else rounded to fifteen digits after the point. */
export function decimalText(value: Rational): string {
	if (value.d === 1n) return toText(value);
	let places = 0;
	let power = 1n;
	while (power % value.d !== 0n && places < (endsAsDecimal(value) ? 400 : KEPT)) {
		power *= 10n;
		places += 1;
	}
	const scaled = (2n * value.n * power + value.d) / (2n * value.d);
	const digits = scaled.toString().padStart(places + 1, '0');
	return `${value.s < 0n ? '-' : ''}${digits.slice(0, -places)}.${digits.slice(-places)}`;
}

/** The least multiple that makes all numbers decimals that end: 1 where they are already. */
export function endingMultiple(values: readonly Rational[]): bigint {
	const rest = values.map(({ d }) => {
		let odd = d;
		for (const factor of [2n, 5n]) while (odd % factor === 0n) odd /= factor;
		return odd;
	});
	return rest.reduce((a, b) => lcm(a, b), 1n);
}

/**
 * Reads a number that may have a power of ten: `2.5`, `1E3`, `4.5D-2`.
 * @throws NumberError with a message for the person who wrote it
 */
export function parseWithPower(text: string): Rational {
	const match = /^([+-]?)(\d*)(?:\.(\d*))?[eEdD]([+-]?\d{1,3})$/.exec(text);
	if (!match) return parseRational(text);
	const [, minus, whole, decimals = '', power] = match;
	const shift = Number(power) - decimals.length;
	if (Math.abs(shift) > MAX_DIGITS) throw new NumberError(en`has more than ${MAX_DIGITS} digits`);
	const digits = whole + decimals || '0';
	return parseRational(
		minus + (shift >= 0 ? digits + '0'.repeat(shift) : `${digits}/1${'0'.repeat(-shift)}`)
	);
}
