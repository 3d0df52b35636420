import { expect, test } from 'vitest';
import { kindOf } from '$lib/core/kind/kind';
import { readLesson } from '$lib/core/lesson/check';
import { titleOf } from '$lib/core/lesson/lesson';
import { targetOf } from '$lib/core/lesson/story';
import { branchAndBound } from '$lib/core/integer/branch';
import { cuttingPlanes } from '$lib/core/integer/cuts';
import { isAllowed, objectiveAt, rounded } from '$lib/core/problem/use';
import { readPlan } from '$lib/core/tableau/tableau';
import { runLinear } from '$lib/core/answer/answer';
import { ruleNamed } from '$lib/core/method/rule';
import { readStatement } from '$lib/core/problem/statement/read';
import { rangeReading } from '$lib/core/commentary/ranges';
import { solveLinear } from '$lib/core/answer/answer';
import { optimalSet } from '$lib/core/answer/optimal-set';
import type { RuleName } from '$lib/core/method/rule';
import { isZero, rational, type Rational } from '$lib/core/number/rational';
import type { Problem } from '$lib/core/problem/types';
import { beginSearch } from '$lib/core/integer/branch';
import { SEARCH_RULES, type NodeRule } from '$lib/core/integer/search-types';
import { SAMPLES } from '.';

const of = (shows: string) => {
	const sample = SAMPLES.find((own) => own.shows.startsWith(shows))!;
	return readStatement(sample.lesson.statement).problem!;
};

test('every sample is a right lesson with a story, notes, and links that lead somewhere', () => {
	expect(SAMPLES.length).toBe(36);
	expect(new Set(SAMPLES.map(({ lesson }) => titleOf(lesson))).size).toBe(36);
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
	expect(of('One artificial').constraints.filter(({ relation }) => relation === '>=').length).toBe(1);
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
	for (const shows of ['Rounding', 'Cutting planes', 'Branch']) {
		const problem = of(shows);
		const relaxed = runLinear(problem).outcome!.tableau;
		const corner = readPlan(relaxed);
		const down = new Map([...corner].map(([name, value]) => [name, value.floor()]));
		const best = branchAndBound(problem);
		expect(kindOf(problem).fractional, shows).not.toEqual([]);
		expect(best.status).toBe('optimal');
		if (shows !== 'Cutting planes') expect(best.objective!.gt(objectiveAt(problem, down)), shows).toBe(true);
		if (shows === 'Rounding') expect(isAllowed(problem, rounded(corner))).toBe(false);
		if (shows === 'Cutting planes')
			expect(cuttingPlanes(problem)).toMatchObject({ status: 'optimal', cuts: { length: 2 } });
	}
});

/** The numbers of a problem that a story must tell, as targets of links; 1 and 0 need no telling. */
function told(problem: Problem): string[] {
	const isTold = (value: Rational) => !value.abs().equals(1) && !isZero(value);
	const own = (name: string, terms: Problem['objective']['terms']) =>
		[...terms].flatMap(([variable, value]) => (isTold(value) ? [`#${name}.${variable}`] : []));
	return [
		...own('', problem.objective.terms),
		...problem.constraints.flatMap(({ name, terms, rhs }) => [
			...own(name, terms),
			...(isTold(rhs) ? [`#${name}.amount`] : [])
		])
	];
}

test('every story tells the whole model, each number with its link; every note has question, answer, minutes, key and usual mistake', () => {
	for (const { lesson, shows } of SAMPLES) {
		const { problem } = readStatement(lesson.statement);
		for (const target of told(problem!))
			expect([shows, lesson.story.includes(`](${target})`), target]).toEqual([shows, true, target]);
		for (const part of [/\bask\b/i, /expected/i, /minutes/, /\bkey\b/, /mistake/])
			expect([shows, part.source, part.test(lesson.notes)]).toEqual([shows, part.source, true]);
	}
});

test('the models and phenomena show what they say', () => {
	const whole = ['Transport from', 'A shortest path', 'A relaxation that is whole', 'Assignment'];
	for (const shows of whole) {
		const { solution } = solveLinear(of(shows));
		expect([shows, [...solution!.values()].every(({ d }) => d === 1n)]).toEqual([shows, true]);
	}
	for (const shows of [
		'Blending',
		'Production',
		'Staffing',
		'A free variable',
		'Maximin',
		'A range used',
		'Two numbers',
		'Dual values'
	])
		expect([shows, solveLinear(of(shows)).status]).toEqual([shows, 'optimal']);
	expect(kindOf(of('Staffing'))).toMatchObject({ unique: false });
	expect(kindOf(of('A redundant equality'))).toMatchObject({ status: 'optimal', start: 'artificial' });
	expect(kindOf(of('An optimum at a degenerate')).degenerate).not.toBeNull();
	expect(optimalSet(solveLinear(of('An optimal face')).tableau!)).toMatchObject({ dimension: 2 });
	const pivots = (shows: string, rule: RuleName) =>
		solveLinear(of(shows), { method: 'primal', rule: ruleNamed(rule) }).pivots;
	expect([pivots('Klee', 'dantzig'), pivots('Klee', 'greatest-improvement')]).toEqual([7, 1]);
	expect(
		new Set([
			pivots('Rules that', 'dantzig'),
			pivots('Rules that', 'greatest-improvement'),
			pivots('Rules that', 'bland')
		]).size
	).toBeGreaterThan(1);
	const solvedBy = (node: NodeRule) => {
		const problem = of('A tree where');
		const begun = beginSearch(problem, solveLinear(problem));
		if (!('search' in begun)) throw new Error('no tree');
		while (begun.search.advance({ ...SEARCH_RULES, node }) !== null);
		return begun.search.solved;
	};
	expect([solvedBy('best-bound'), solvedBy('depth-first')]).toEqual([7, 13]);
	for (const shows of ['Cutting rolls', 'A kiln with']) {
		const problem = of(shows);
		const best = branchAndBound(problem);
		expect([shows, best.status, best.objective!.equals(solveLinear(problem).objective!)]).toEqual([
			shows,
			'optimal',
			false
		]);
	}
	const plan = new Map([
		['bowls', rational(2)],
		['vases', rational(2)],
		['jugs', rational(8)]
	]);
	expect(isAllowed(of('Dual values'), plan)).toBe(true);
	const range = rangeReading(solveLinear(of('A range used')).tableau!, { rhs: 'clay' });
	expect([range.rate.gt(2), range.high.at!.gte(50)]).toEqual([true, true]);
	const bowls = rangeReading(solveLinear(of('A range used')).tableau!, { objective: 'bowls' });
	expect(bowls.high.at!.gte(12)).toBe(true);
});
