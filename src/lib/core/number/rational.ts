import { en } from '../language/language';
import Fraction from 'fraction.js';

/** An exact rational number, always in lowest terms with a positive denominator. Treat it as immutable. */
export type Rational = Fraction;

export const ZERO: Rational = new Fraction(0);
export const ONE: Rational = new Fraction(1);

/** A number may have at most this many digits, so that hostile input cannot make arithmetic slow. */
export const MAX_DIGITS = 200;

const NUMBER = /^([+-]?)(?:(\d+)(?:\/(\d+)|\.(\d*))?|\.(\d+))$/;

/** Raised for text that is not a number of the problem format; the message says what to write instead. */
export class NumberError extends Error {}

/**
 * A rational from whole numbers.
 * @param numerator any whole number
 * @param denominator any whole number but zero (1 when left out)
 * @returns the quotient in lowest terms
 * @throws Error for a zero denominator
 */
export function rational(numerator: number | bigint, denominator: number | bigint = 1n): Rational {
	return new Fraction(BigInt(numerator), BigInt(denominator));
}

/**
 * Reads a number as the problem format writes it: `12`, `-2.5`, `7/3`. Nothing else is accepted
 * (no exponents, no repeating decimals, no spaces inside).
 * @param text the number as text, at most {@link MAX_DIGITS} digits
 * @returns the exact value
 * @throws NumberError with a message for the person who wrote it
 */
export function parseRational(text: string): Rational {
	const match = NUMBER.exec(text.trim());
	if (!match) throw new NumberError(en`is not a number; write 12, -2.5 or 7/3`);
	const [, sign, whole = '', bottom, decimals = '', bare = ''] = match;
	const tail = decimals + bare;
	if (whole.length + (bottom?.length ?? 0) + tail.length > MAX_DIGITS)
		throw new NumberError(en`has more than ${MAX_DIGITS} digits`);
	const denominator = bottom === undefined ? 10n ** BigInt(tail.length) : BigInt(bottom);
	if (denominator === 0n) throw new NumberError(en`divides by zero`);
	const numerator = BigInt(whole + tail || '0');
	return new Fraction(sign === '-' ? -numerator : numerator, denominator);
}

/** The number as the problem format writes it: `12` or `7/3` in lowest terms. */
export function toText(value: Rational): string {
	return value.toFraction();
}

/** −1, 0 or 1. */
export function sign(value: Rational): -1 | 0 | 1 {
	return value.n === 0n ? 0 : value.s < 0n ? -1 : 1;
}

/** Whether a number is 0. */
export const isZero = (value: Rational): boolean => value.n === 0n;
/** Whether a number is whole. */
export const isInteger = (value: Rational): boolean => value.d === 1n;

/** The signed numerator. */
export const numerator = (value: Rational): bigint => value.s * value.n;

/** −1, 0 or 1 as `a` is less than, equal to or greater than `b`. */
export function compare(a: Rational, b: Rational): -1 | 0 | 1 {
	const difference = numerator(a) * b.d - numerator(b) * a.d;
	return difference === 0n ? 0 : difference < 0n ? -1 : 1;
}

/** The lesser of two numbers. */
export const min = (a: Rational, b: Rational): Rational => (compare(a, b) <= 0 ? a : b);
/** The greater of two numbers. */
export const max = (a: Rational, b: Rational): Rational => (compare(a, b) >= 0 ? a : b);

/** Greatest common divisor of two whole numbers, never negative (Euclid). */
export function gcd(a: bigint, b: bigint): bigint {
	if (a < 0n) a = -a;
	if (b < 0n) b = -b;
	while (b !== 0n) [a, b] = [b, a % b];
	return a;
}

/** Least common multiple of two positive whole numbers. */
export function lcm(a: bigint, b: bigint): bigint {
	if (a === 1n) return b;
	if (b === 1n || a === b) return a;
	return (a / gcd(a, b)) * b;
}

/** The nearest double, also for numbers whose parts are too long for doubles; for pictures only. */
export function approximate(value: Rational): number {
	const direct = Number(value.n) / Number(value.d);
	if (Number.isFinite(direct) && (direct !== 0 || value.n === 0n)) return Number(value.s) * direct;
	const excess = BigInt(Math.max(0, Math.max(value.n.toString(2).length, value.d.toString(2).length) - 1000));
	return Number(value.s) * (Number(value.n >> excess) / Number(value.d >> excess));
}
