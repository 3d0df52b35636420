import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyNotation } from '../../../../tests/support/notations';
import { MAX_PROFILES, readProfiles, withProfiles, writeProfiles } from './check';
import { PLAIN } from './notation';

test('profiles come back from their file as they were kept', () => {
	fc.assert(
		fc.property(
			fc.uniqueArray(fc.record({ name: fc.string({ minLength: 1, maxLength: 20 }), notation: anyNotation }), {
				selector: ({ name }) => name.trim(),
				maxLength: 6
			}),
			(profiles) => {
				const named = profiles.filter(({ name }) => name.trim() === name && name);
				expect(readProfiles(writeProfiles(named))).toEqual(named);
			}
		),
		{ numRuns: 100 }
	);
});

test('what is no file of notations is refused, and what is left out is plain', () => {
	const file = (profiles: unknown) => JSON.stringify({ format: 'mathesis-notations', version: 1, profiles });
	expect(readProfiles(file([{ name: 'mine', notation: { numbers: 'mixed' } }]))).toEqual([
		{ name: 'mine', notation: { ...PLAIN, numbers: 'mixed' } }
	]);
	for (const wrong of [
		'{}',
		'no json',
		file([{ name: '', notation: PLAIN }]),
		file([{ name: 'x', notation: { ...PLAIN, layout: 'sideways' } }]),
		file([{ name: 'x', notation: { ...PLAIN, slack: '<b>' } }]),
		file(Array.from({ length: MAX_PROFILES + 1 }, (_, i) => ({ name: `${i}`, notation: PLAIN }))),
		JSON.stringify({ format: 'mathesis-lesson', version: 1, profiles: [] })
	])
		expect(() => readProfiles(wrong)).toThrow();
});

test('of one name the later stays, and the oldest give way', () => {
	const named = (name: string, slack = 's') => ({ name, notation: { ...PLAIN, slack } });
	expect(withProfiles([named('a'), named('b')], [named('a', 'u')])).toEqual([named('a', 'u'), named('b')]);
	const many = Array.from({ length: MAX_PROFILES }, (_, i) => named(`${i}`));
	expect(withProfiles(many, [named('last')]).map(({ name }) => name)).toEqual([
		...many.slice(1).map(({ name }) => name),
		'last'
	]);
});
