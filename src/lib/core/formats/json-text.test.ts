import fc from 'fast-check';
import { expect, test } from 'vitest';
import { parseRational } from '../number/rational';
import { parseJson } from './json-text';

const exact = (value: unknown) => parseRational(String(value)).toFraction();

test('numbers keep what they say: decimals, powers of ten, long ones', () => {
	const read = (text: string) => exact(parseJson(text));
	expect(
		['0.1', '1e3', '-2.50', '1.5e-3', '12E+2', '0.1e1', '1.0', '123456789012345678901'].map(read)
	).toEqual(['1/10', '1000', '-5/2', '3/2000', '1200', '1', '1', '123456789012345678901']);
	fc.assert(
		fc.property(fc.bigInt(), fc.integer({ min: -30, max: 30 }), (digits, power) => {
			const expected = parseRational(String(digits))
				.mul(power >= 0 ? 10n ** BigInt(power) : 1n)
				.div(power < 0 ? 10n ** BigInt(-power) : 1n);
			expect(read(`${digits}e${power}`)).toBe(expected.toFraction());
		})
	);
});

test('plain JSON is read as it always was', () => {
	fc.assert(
		fc.property(fc.json({ noUnicodeString: false }), (text) => {
			const loose = JSON.parse(text) as unknown;
			// numbers that a double would change stay text; everything else is equal
			const settle = (v: unknown): unknown =>
				typeof v === 'string' && /^-?[\d.]+$/.test(v)
					? Number(v)
					: Array.isArray(v)
						? v.map(settle)
						: v && typeof v === 'object'
							? Object.fromEntries(Object.entries(v).map(([k, w]) => [k, settle(w)]))
							: typeof v === 'number'
								? v + 0
								: v;
			expect(settle(parseJson(text))).toEqual(settle(loose));
		}),
		{ numRuns: 200 }
	);
	for (const wrong of ['', '{', '{"a":1,"a":2}', '01', 'NaN', "{'a':1}", '['.repeat(100_000)])
		expect(() => parseJson(wrong)).toThrow(SyntaxError);
});
