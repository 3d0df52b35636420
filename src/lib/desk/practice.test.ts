import { expect, test } from 'vitest';
import { negativeIn } from '$lib/core/question/board';
import { exerciseOf, PRESETS } from '$lib/core/question/exercise';
import type { Answer } from '$lib/core/question/types';
import { fragmentOf, textOfFragment } from './link';
import { Practice } from './practice.svelte';

const EXERCISE = exerciseOf(
	{
		title: 'The week',
		statement: 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18',
		story: ''
	},
	PRESETS[0]
);
const begun = (change: Partial<typeof EXERCISE> = {}) => {
	const practice = new Practice(false);
	practice.begin({ ...EXERCISE, ...change });
	return practice;
};
const wrongOf = (practice: Practice): Answer => practice.question!.slips[0].answer;
const rightOf = (practice: Practice): Answer => practice.question!.right[0];

test('a wrong answer is told with what it would do, waits, and is counted; the right one goes on', () => {
	const practice = begun();
	while (practice.question?.kind !== 'leaving') {
		practice.answer(rightOf(practice));
		practice.next();
	}
	const { at } = practice;
	practice.answer(practice.question.slips.find(({ code }) => code === 'larger-ratio')!.answer);
	expect(practice.told).toMatchObject({ right: false });
	expect(practice.told!.says).toMatch(/would be −\d+/);
	expect(negativeIn(practice.told!.leads!).length).toBeGreaterThan(0);
	practice.next();
	expect(practice.at).toBe(at);
	practice.hint();
	expect(practice.hints.length).toBe(1);
	practice.answer('no name at all' as Answer);
	practice.answer(rightOf(practice));
	expect(practice.told!.right).toBe(true);
	practice.answer(wrongOf(practice));
	expect(practice.now).toMatchObject({ right: true, hints: 1, slips: ['larger-ratio'] });
	practice.next();
	expect(practice.at).toBe(at + 1);
});

test('a whole exercise ends with its result; one judged at the end tells nothing before', () => {
	const practice = begun({ atOnce: false });
	for (let i = 0; i < practice.questions.length; i++) {
		practice.answer(i === 0 ? wrongOf(practice) : rightOf(practice));
		expect(practice.told).toBeNull();
	}
	expect(practice.isDone).toBe(true);
	const { lines } = practice.result('A student');
	expect(lines.map(({ right }) => right)).toEqual(lines.map((_, i) => i > 0));
	expect(lines[0].slips.length).toBe(1);
});

test('given up, the answer is told and counts as not answered; where nothing is waited for one may skip', () => {
	const practice = begun();
	practice.show();
	expect([practice.now.right, practice.now.done]).toEqual([false, true]);
	expect(practice.told!.says.length).toBeGreaterThan(5);
	practice.next();
	expect(practice.at).toBe(1);
	const free = begun({ waits: false });
	free.next();
	expect(free.at).toBe(1);
});

test('an exercise travels in a link of at most 2,000 characters; a damaged one is refused in words', () => {
	const names = ['bowls', 'vases', 'jugs', 'plates'];
	const row = (k: number) => names.map((name, i) => `${k + 2 * i} ${name}`).join(' + ');
	const statement = `max profit [thalers] = ${row(31)}\nclay [kg]: ${row(2)} <= 100\nwheel [hours]: ${row(3)} <= 63\nkiln: ${row(1)} <= 88`;
	const exercise = { ...EXERCISE, statement };
	const fragment = fragmentOf(exercise, 'exercise');
	expect(fragment.length).toBeLessThan(2_000);
	const practice = new Practice(false);
	practice.open(textOfFragment(fragment, 'exercise')!);
	expect(practice.exercise).toEqual(exercise);
	expect(textOfFragment(fragment)).toBeNull();
	for (const text of ['{', '{}', JSON.stringify({ ...exercise, kinds: ['x'] }), 'null'])
		expect(() => practice.open(text)).toThrow(/.{10,}/);
	expect(practice.exercise).toEqual(exercise);
});
