import { en } from '../language/language';
import { parse } from 'lossless-json';
import { MAX_DIGITS } from '../number/rational';

/** JSON text keeps what it says: a number that a double cannot hold exactly as written stays text, with its powers of ten written out. */
function keepNumber(text: string): number | string {
	const value = Number(text);
	const plain = !/e/i.test(text) && String(value) === text;
	if (plain || (Number.isSafeInteger(value) && /^-?\d+\.0+$/.test(text))) return value;
	const match = /^(-?)(\d+)(?:\.(\d+))?[eE]([+-]?\d+)$/.exec(text);
	if (!match) return text;
	const [, minus, whole, decimals = '', power] = match;
	const shift = Number(power) - decimals.length;
	if (Math.abs(shift) > 2 * MAX_DIGITS) return text;
	const digits = whole + decimals;
	if (shift >= 0) {
		const written = minus + (digits + '0'.repeat(shift)).replace(/^0+(?=\d)/, '');
		// a whole number stays one, however it was written
		return Number.isSafeInteger(value) ? value : written;
	}
	const padded = digits.padStart(1 - shift, '0');
	return `${minus}${padded.slice(0, shift)}.${padded.slice(shift)}`;
}

/**
 * Reads JSON without losing digits.
 * @throws SyntaxError for text that is not JSON, a name twice in one object, or nesting too deep to read
 */
export function parseJson(text: string): unknown {
	try {
		return parse(text, undefined, keepNumber);
	} catch (error) {
		if (error instanceof SyntaxError) throw error;
		const what = error instanceof RangeError ? en`is nested too deeply` : en`cannot be read`;
		throw new SyntaxError(en`The JSON ${what}.`, { cause: error });
	}
}
