import { expect, test } from 'vitest';
import { kindOf } from '$lib/core/answer/kind';
import { readLesson } from '$lib/core/lesson/check';
import { titleOf } from '$lib/core/lesson/lesson';
import { targetOf } from '$lib/core/lesson/story';
import { branchAndBound } from '$lib/core/integer/branch';
import { cuttingPlanes } from '$lib/core/integer/cuts';
import { isAllowed, objectiveAt, rounded } from '$lib/core/problem/use';
import { readPlan } from '$lib/core/tableau/tableau';
import { runLinear } from '$lib/core/answer/answer';
import { ruleNamed } from '$lib/core/method/types';
import { readStatement } from '$lib/core/problem/statement/read';
import { SAMPLES } from '.';

const of = (shows: string) => {
	const sample = SAMPLES.find((own) => own.shows.startsWith(shows))!;
	return readStatement(sample.lesson.statement).problem!;
};

test('every sample is a right lesson with a story, notes, and links that lead somewhere', () => {
	expect(SAMPLES.length).toBe(15);
	expect(new Set(SAMPLES.map(({ lesson }) => titleOf(lesson))).size).toBe(15);
	for (const { lesson, shows } of SAMPLES) {
		expect(readLesson(JSON.parse(JSON.stringify(lesson)))).toEqual(lesson);
		const { problem, diagnostics } = readStatement(lesson.statement);
		expect(
			diagnostics.filter(({ code }) => code !== 'unconstrained'),
			shows
		).toEqual([]);
		expect([lesson.story.length > 40, lesson.notes.length > 40, lesson.tags.length > 0]).toEqual([
			true,
			true,
			true
		]);
		const names = [...problem!.variables, ...problem!.constraints].map(({ name }) => name);
		for (const [, href] of lesson.story.matchAll(/\]\((#[^)]*)\)/g)) {
			const { name, part } = targetOf(href)!;
			expect(name === null || names.includes(name), `${shows}: ${href}`).toBe(true);
			expect(part === null || part === 'amount' || names.includes(part), `${shows}: ${href}`).toBe(true);
		}
	}
});

test('each shows what it says', () => {
	expect(kindOf(of('One best'))).toMatchObject({
		status: 'optimal',
		unique: true,
		degenerate: null,
		start: 'slacks'
	});
	expect(kindOf(of('Three'))).toMatchObject({ status: 'optimal', unique: true, start: 'slacks' });
	expect(of('Three').variables.length).toBe(3);
	expect(kindOf(of('Artificial'))).toMatchObject({ status: 'optimal', unique: true, start: 'artificial' });
	expect(kindOf(of('An equality'))).toMatchObject({ status: 'optimal', unique: true, start: 'artificial' });
	expect(kindOf(of('The dual'))).toMatchObject({ status: 'optimal', unique: true, start: 'dual' });
	expect(kindOf(of('A minimum'))).toMatchObject({ status: 'optimal', unique: true, start: 'dual' });
	expect(kindOf(of('Large'))).toMatchObject({ status: 'optimal', unique: true, start: 'slacks' });
	expect(kindOf(of('An optimal edge'))).toMatchObject({ status: 'optimal', unique: false, bounded: true });
	expect(kindOf(of('An optimal half'))).toMatchObject({ status: 'optimal', unique: false, bounded: false });
	expect(kindOf(of('Infeasible')).conflict).toEqual(['kiln', 'bowl_orders', 'vase_orders']);
	expect(kindOf(of('Unbounded')).status).toBe('unbounded');
	const corner = of('A corner with');
	const run = (rule: 'dantzig' | 'bland') =>
		runLinear(corner, { method: 'primal', rule: ruleNamed(rule), maxSteps: 100 }).status;
	expect([kindOf(corner).degenerate, run('dantzig'), run('bland')]).toEqual([
		'on the way',
		'stopped',
		'optimal'
	]);
	for (const shows of ['Rounding', 'Cutting', 'Branch']) {
		const problem = of(shows);
		const relaxed = runLinear(problem).outcome!.tableau;
		const corner = readPlan(relaxed);
		const down = new Map([...corner].map(([name, value]) => [name, value.floor()]));
		const best = branchAndBound(problem);
		expect(kindOf(problem).fractional, shows).not.toEqual([]);
		expect(best.status).toBe('optimal');
		if (shows !== 'Cutting') expect(best.objective!.gt(objectiveAt(problem, down)), shows).toBe(true);
		if (shows === 'Rounding') expect(isAllowed(problem, rounded(corner))).toBe(false);
		if (shows === 'Cutting')
			expect(cuttingPlanes(problem)).toMatchObject({ status: 'optimal', cuts: { length: 2 } });
	}
});
