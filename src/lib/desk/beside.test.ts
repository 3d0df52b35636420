import { expect, test } from 'vitest';
import { dualProblem } from '$lib/core/answer/dual-problem';
import { newLesson } from '$lib/core/lesson/lesson';
import { objectiveValue } from '$lib/core/tableau/tableau';
import { Beside } from './beside.svelte';
import { Desk } from './desk.svelte';

test('two problems are worked on beside each other: each has its own way, and the lesson nothing of the other’s', () => {
	const desk = new Desk(
		newLesson('max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12\nclay: 3 cups + 2 jugs <= 18')
	);
	desk.document.notate({ layout: 'dictionary' });
	const beside = new Beside(desk);
	const dual = dualProblem(desk.document.problem!).problem;
	beside.open(dual, 'The dual');
	const other = beside.other!.desk;
	expect(other.document.notation.layout).toBe('dictionary');
	const before = desk.document.lesson;
	for (const side of [other, desk]) while (side.session.next());
	expect([desk, other].map(({ session }) => objectiveValue(session.tableau!).toFraction())).toEqual([
		'36',
		'36'
	]);
	expect(desk.document.lesson.statement).toBe(before.statement);
	expect(desk.session.stops.length).toBe(4);
	// what the class may not see is the same set
	desk.reveal.toggle('advice');
	expect(other.reveal.conceals('advice')).toBe(true);
	// it is kept as it was left, until another is opened
	beside.close();
	expect(beside.other).toBeNull();
	beside.open(dual, 'The dual');
	expect(beside.other!.desk).toBe(other);
	beside.open(desk.document.problem!, 'The same again');
	expect(beside.other!.desk.session.stops.length).toBe(2);
});
