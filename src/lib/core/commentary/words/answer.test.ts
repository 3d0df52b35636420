import { describe, expect, test } from 'vitest';
import { solveLinear } from '../../answer/answer';
import { certify } from '../../answer/certificate';
import { optimalSet } from '../../answer/optimal-set';
import { readStatement } from '../../problem/statement/read';
import { plainText } from '../../sentence/sentence';
import { bestPlansFound, boundFound, checksOf, readingsOf, storyFound } from '../answer-findings';
import { bestPlansWords, boundWords, checkWords, readingWords, storyWords } from './answer';

const stated = (text: string) => readStatement(text).problem!;

describe('the answer in words', () => {
	const answered = (text: string) => {
		const problem = stated(text);
		const { tableau, solution } = solveLinear(problem);
		const set = optimalSet(tableau!);
		const certificate = certify({ status: 'optimal', tableau: tableau! });
		if (certificate?.kind !== 'optimal') throw new Error('no certificate');
		return {
			reading: readingsOf(tableau!).map((found) => plainText(readingWords(found))),
			all: plainText(bestPlansWords(bestPlansFound(problem, set))),
			check: checksOf(problem, solution!).map((found) => plainText(checkWords(found))),
			proof: boundFound(problem, certificate.multipliers, solution!)
				.map((found) => plainText(boundWords(found)))
				.join(' ')
		};
	};
	test('read off, put in, and proved', () => {
		const { reading, all, check, proof } = answered(
			'max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18'
		);
		expect(reading).toEqual([
			'Cover up the columns of the non-basic variables s3 and s2: they are 0. Each row is then an equation for its basic variable alone.',
			'cups = 2: cups is basic, the right-hand side of its row is 2.',
			'jugs = 6: jugs is basic, the right-hand side of its row is 6.',
			'gain = 36: the cell of the value in row gain shows 36.'
		]);
		expect(all).toBe('No other plan is as good: (cups, jugs) = (2, 6) is the only one.');
		expect(check).toEqual(['shelf: 1·2 = 2 ≤ 4 ✓', 'kiln: 2·6 = 12 ≤ 12 ✓', 'clay: 3·2 + 2·6 = 18 ≤ 18 ✓']);
		expect(proof).toBe(
			'Take clay and 3/2 times kiln, and add them: 3 cups + 5 jugs ≤ 36. So gain ≤ 36 for every plan, and this plan has 36.'
		);
	});

	test('substitutions are undone, and a value that shows with another sign is turned', () => {
		const { reading, proof } = answered('min cost = 2 x + y\nneed: x + y >= 4\nx from 1 to 9\ny free');
		expect(reading[1]).toMatch(/^x = 1: x' .* So x = 1 \+ 0 = 1\.$/);
		expect(reading.at(-1)).toBe(
			'cost = 5: the cell of the value in row −cost shows −5, and its sign is turned.'
		);
		expect(proof).toContain(
			'Take need: x + y ≥ 4. What is left of cost, x, is at least 1 by the signs and bounds of the variables.'
		);
	});

	test.each([
		['max z = 2 x + 2 y\na: x + y <= 4', 'a segment: (x, y) = (4, 0) + t·(−4, 4), 0 ≤ t ≤ 1.'],
		['min z = x + 0 y\na: x >= 1', 'a half-line: (x, y) = (1, 0) + t·(0, 1), t ≥ 0.'],
		['max z = x + y + w\na: x + y + w <= 2', 'of dimension 2'],
		['max z = x + y\nx free\ny free\na: x + y <= 3', 'contain a whole line']
	])('all best plans of %j', (text, words) => {
		expect(answered(text).all.replace('(0, 4) + t·(4, −4)', '(4, 0) + t·(−4, 4)')).toContain(words);
	});
});

test('a variable that is measured from its upper bound, or split in two, is read with what it is made of', () => {
	const says = (text: string) =>
		readingsOf(solveLinear(stated(text)).tableau!).map((found) => plainText(readingWords(found)));
	expect(says('min z = x + 2 y\na: x >= -3\nb: x + y >= 2\nx free')).toContain(
		'x = 2: x⁺ is basic, the right-hand side of its row is 2; x⁻ is not basic, so it is 0. So x = 2 − 0 = 2.'
	);
	expect(says('min z = x\na: x >= -3\nx free\nx to 5')).toContain(
		"x = −3: x' is basic, the right-hand side of its row is 8. So x = 5 − 8 = −3."
	);
	expect(says('min z = x\na: x >= -3\nx free\nx to 0')[1]).toMatch(/So x = −3\.$/);
});

test('in the story’s words: what is used up, left or exceeded, and whether another plan may be as good', () => {
	const says = (text: string, isOnly: boolean) => {
		const problem = stated(text);
		const meaning = (_: string, name: string) => (name === 'clay' ? 'red clay' : '');
		return storyFound(problem, solveLinear(problem).solution!, isOnly)
			.map((found) => plainText(storyWords(found, meaning)))
			.join(' ');
	};
	const text =
		'max gain = 3 cups + 5 jugs\nkiln [hours]: 2 jugs <= 12\nclay: cups + jugs <= 6\njugs [loads]\nleast: jugs >= 1\nsame: cups = 0';
	expect(says(text, true)).toBe(
		'The best plan has no cups and 6 loads of jugs. Then gain is 30, the most possible. kiln is binding, at 12 hours. clay (red clay) is binding, at 6. least exceeds what is required by 5.'
	);
	expect(says('min cost = x + 0 pots\na: x >= 1/2\nb: x <= 3\npots [dozen] from 2 to 2', false)).toBe(
		'A best plan has x = 1/2 and 2 dozen pots. Then cost is 1/2, the least possible. a is binding, at 1/2. b has 5/2 left.'
	);
});
