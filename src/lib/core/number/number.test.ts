import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { approximate, compare, gcd, lcm, parseRational, rational, sign, toText } from './rational';
import { decimalBeside, showNumber, texNumber } from './show';

const ratio = fc
	.tuple(fc.bigInt({ min: -(10n ** 30n), max: 10n ** 30n }), fc.bigInt({ min: 1n, max: 10n ** 20n }))
	.map(([n, d]) => rational(n, d));

describe('rationals', () => {
	test('are read as written, exactly', () => {
		const read = (text: string) => toText(parseRational(text));
		expect(['12', '-2.5', '7/3', '.5', '3.', '+4', '-0', '0.1', '10/4', ' 8 '].map(read)).toEqual([
			'12',
			'-5/2',
			'7/3',
			'1/2',
			'3',
			'4',
			'0',
			'1/10',
			'5/2',
			'8'
		]);
		for (const wrong of [
			'',
			'.',
			'1/0',
			'1e3',
			'1,5',
			'1 2',
			'--1',
			'1/2/3',
			'0x1',
			'½',
			'1/-2',
			'9'.repeat(201)
		])
			expect(() => read(wrong), wrong).toThrow();
		expect(read('9'.repeat(200))).toBe('9'.repeat(200));
	});

	test('text and order survive, whatever the size', () => {
		fc.assert(
			fc.property(ratio, ratio, (a, b) => {
				expect(parseRational(toText(a)).equals(a)).toBe(true);
				expect(compare(a, b)).toBe(sign(a.sub(b)));
				expect(approximate(a)).toBeCloseTo(Number(a.valueOf()), 5);
			})
		);
		expect(approximate(rational(10n ** 400n, 3n * 10n ** 399n))).toBeCloseTo(10 / 3, 10);
	});

	test('gcd and lcm', () => {
		expect([gcd(-12n, 18n), gcd(0n, 5n), lcm(4n, 6n), lcm(1n, 7n)]).toEqual([6n, 5n, 12n, 7n]);
	});
});

describe('numbers as they are shown', () => {
	test('a decimal comma, with the same digits', () => {
		const shown = (n: number, d: number) => showNumber(rational(n, d), 'comma');
		expect([shown(1, 4), shown(-5, 2), shown(1, 3)]).toEqual(['0,25', '−2,5', '0,3333…']);
	});

	test('fractions, decimals with an ellipsis where cut, groups of three from five digits on', () => {
		const both = (n: bigint | number, d: bigint | number = 1) => [
			showNumber(rational(n, d)),
			showNumber(rational(n, d), 'decimal')
		];
		expect(both(-7, 3)).toEqual(['−7/3', '−2.3333…']);
		expect(both(5, 2)).toEqual(['5/2', '2.5']);
		expect(both(1, 100000)).toEqual(['1/100000', '0.00001']);
		expect(both(1, 30000)).toEqual(['1/30000', '0.00003333…']);
		expect(both(1234567)).toEqual(['1\u202f234\u202f567', '1\u202f234\u202f567']);
		expect(both(1234)[0]).toBe('1234');
		expect(texNumber(rational(-12345, 2))).toBe('-\\tfrac{12345}{2}');
	});
});

test('a long fraction has a rounded decimal beside it, a short one and a decimal have none', () => {
	const beside = (text: string, style?: 'mixed' | 'decimal') => decimalBeside(parseRational(text), style);
	expect(beside('4669/74')).toBe('≈\u00a063.09');
	expect(beside('-4669/74')).toBe('≈\u00a0−63.09');
	expect(beside('4695/4')).toBe('=\u00a01173.75');
	expect(beside('-12345/2')).toBe('=\u00a0−6172.5');
	expect(beside('1/3000')).toBe('≈\u00a00.00033');
	expect(beside('199999/1000')).toBe('≈\u00a0200.00');
	expect(beside('155000/7')).toBe('≈\u00a022\u202f142.86');
	expect([beside('35/3'), beside('12345'), beside('4669/74', 'decimal')]).toEqual([null, null, null]);
	expect(beside('4669/74', 'mixed')).not.toBeNull();
});
