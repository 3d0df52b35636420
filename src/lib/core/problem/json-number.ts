import { en } from '../language/language';
import { NumberError, parseRational, type Rational } from '../number/rational';

/**
 * A number of the format: text, or a JSON number taken as its decimal text.
 * @throws NumberError for what is no number
 */
export function readNumber(value: string | number): Rational {
	if (typeof value === 'string') return parseRational(value);
	if (!Number.isFinite(value)) throw new NumberError(en`is not a number; write 12, -2.5 or 7/3`);
	const text = String(value);
	const match = /^(-?)(\d+)(?:\.(\d+))?e([+-]\d+)$/.exec(text);
	if (!match) return parseRational(text);
	const [, minus, whole, decimals = '', exponent] = match;
	const shift = Number(exponent) - decimals.length;
	const digits = whole + decimals;
	return parseRational(
		minus +
			(shift >= 0
				? digits + '0'.repeat(shift)
				: '0.' + '0'.repeat(Math.max(0, -shift - digits.length)) + digits)
	);
}
