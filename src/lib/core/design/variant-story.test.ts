import { expect, test } from 'vitest';
import { SAMPLES } from '$lib/desk/samples';
import { readStatement } from '../problem/statement/read';
import { storyOf } from './variant-story';

const problemOf = (text: string) => readStatement(text).problem!;
const BEFORE = problemOf(
	'max profit = 30 bowls + 60 vases\nclay: 5/2 bowls + 4 vases <= 2750\nsilica: 3/10 bowls <= 4'
);
const AFTER = problemOf(
	'max profit = 28 bowls + 50 vases\nclay: 7/2 bowls + 5 vases <= 3100\nsilica: 2/5 bowls <= 6'
);

test('a variant puts its numbers into the links of the story, as the story writes numbers', () => {
	const story =
		'A dozen bowls earns [30 thalers](#.bowls), vases [twice that](#.vases). They take [2½ kg](#clay.bowls) of [2,750](#clay.amount); bowls are [30 %](#silica.bowls) silica, of [four kg](#silica.amount).';
	const { story: own, untold } = storyOf(story, BEFORE, AFTER);
	expect(own).toBe(
		'A dozen bowls earns [28 thalers](#.bowls), vases [50](#.vases). They take [3½ kg](#clay.bowls) of [3,100](#clay.amount); bowls are [40 %](#silica.bowls) silica, of [6 kg](#silica.amount).'
	);
	// what the story does not link is told, so that nobody hands out a story of other numbers
	expect(untold).toEqual([{ name: 'clay', part: 'vases' }]);
});

test('with its own numbers a story stays as it is, and the other way round comes back in digits', () => {
	for (const { lesson } of SAMPLES) {
		const { problem } = readStatement(lesson.statement);
		if (problem) expect(storyOf(lesson.story, problem, problem)).toEqual({ story: lesson.story, untold: [] });
	}
	const story = '[30 thalers](#.bowls), [3.2 kg](#clay.bowls)';
	const decimal = problemOf('max profit = 30 bowls\nclay: 3.2 bowls <= 9');
	const other = problemOf('max profit = 24 bowls\nclay: 4.75 bowls <= 9');
	const there = storyOf(story, decimal, other).story;
	expect(there).toBe('[24 thalers](#.bowls), [4.75 kg](#clay.bowls)');
	expect(storyOf(there, other, decimal).story).toBe(story);
});
