import { expect, test, vi } from 'vitest';
import { newLesson } from '$lib/core/lesson/lesson';
import { Desk } from './desk.svelte';

const answers = vi.hoisted(() => [] as object[]);
vi.mock('$lib/work/client', () => ({ answerInWorker: async () => answers.shift() }));

test('the best plan is looked for once, again where the search was stopped, and anew for another statement', async () => {
	const { best, document } = new Desk(newLesson('max z = x\nr: x <= 4'));
	answers.push({ status: 'stopped', solution: { x: '3' }, objective: '3' });
	await best.find(10);
	// what a search had when it was stopped is not the best plan
	expect(best.found).toMatchObject({ status: 'stopped', plan: null, objective: null });
	answers.push({ status: 'optimal', solution: { x: '4' }, objective: '4' });
	await best.find(10);
	expect(best.found?.objective?.equals(4)).toBe(true);
	answers.push({ status: 'infeasible' });
	await best.find(10);
	expect([best.found?.status, answers.length]).toEqual(['optimal', 1]);
	document.write('max z = x\nr: x <= 5');
	expect(best.found).toBeNull();
});
