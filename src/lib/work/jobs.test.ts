import { plainText } from '../core/commentary/sentence';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../tests/support/problems';
import { printStatement } from '../core/problem/statement/print';
import { readStatement } from '../core/problem/statement/read';
import { sameProblem } from '../core/problem/types';
import { jobs } from './jobs';
import { unpackReading } from './packing';
import { timed } from './timed';

test('a reading survives the crossing from a worker', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const text = printStatement(problem);
			const crossed = unpackReading(structuredClone(jobs.read(text)));
			expect(sameProblem(crossed.problem!, problem)).toBe(true);
			const { diagnostics, places } = readStatement(text);
			expect([crossed.diagnostics, crossed.places]).toEqual([diagnostics, places]);
		}),
		{ numRuns: 100 }
	);
	expect(unpackReading(structuredClone(jobs.read('max x y'))).problem).toBeNull();
});

test('a statement is answered as the API answers its problem', () => {
	const answer = jobs.answer('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18', 1000)!;
	expect(answer).toMatchObject({ status: 'optimal', objective: '36', solution: { x: '2', y: '6' } });
	expect(jobs.answer('max x y', 1000)).toBeNull();
});

test('a run out of time stops with its reason', () => {
	const control = timed(-1);
	expect([plainText(control.shouldStop!(0)!), control.hurry!()]).toEqual([
		'The limit of -1 milliseconds was reached.',
		true
	]);
	expect(timed(60_000).shouldStop!(0)).toBeNull();
	expect(timed(60_000, () => true).shouldStop!(0)).not.toBeNull();
});
