import fc from 'fast-check';
import Fraction from 'fraction.js';
import { expect, test } from 'vitest';
import { keepSame } from './keep';

const leaf = fc.oneof(
	fc.integer({ min: -2, max: 2 }),
	fc.constantFrom('a', 'b', null, true, undefined),
	fc.integer({ min: -3, max: 3 }).map((n) => new Fraction(n, 2))
);
const { value } = fc.letrec<{ value: unknown }>((tie) => ({
	value: fc.oneof(
		{ maxDepth: 3 },
		leaf,
		fc.array(tie('value'), { maxLength: 3 }),
		fc
			.uniqueArray(fc.tuple(fc.constantFrom('p', 'q', 'r'), tie('value')), {
				maxLength: 3,
				selector: ([name]) => name
			})
			.map((entries) => new Map(entries)),
		fc.dictionary(fc.constantFrom('p', 'q', 'r'), tie('value'), { maxKeys: 3, noNullPrototype: true })
	)
}));
/** Another value of the same make, sharing nothing with the first. */
const copy = (v: unknown): unknown =>
	v instanceof Fraction
		? new Fraction(v)
		: v instanceof Map
			? new Map([...v].map(([k, w]) => [k, copy(w)]))
			: Array.isArray(v)
				? v.map(copy)
				: typeof v === 'object' && v !== null
					? Object.fromEntries(Object.entries(v).map(([k, w]) => [k, copy(w)]))
					: v;

test('the result always says what the new value says', () => {
	fc.assert(
		fc.property(value, value, (before, now) => {
			expect(keepSame(before, now)).toEqual(now);
		})
	);
});

test('a value that says the same is the old one itself; else its equal parts are', () => {
	fc.assert(
		fc.property(value, value, (same, other) => {
			expect(keepSame(same, copy(same))).toBe(same);
			const kept = keepSame({ same, other: 0 }, { same: copy(same), other: { more: other } });
			expect(kept.same).toBe(same);
		})
	);
});
