import { expect, test } from 'vitest';
import { kindOf } from '$lib/core/kind/kind';
import { readLesson } from '$lib/core/lesson/check';
import { readNotes } from '$lib/core/lecture/notes';
import { titleOf } from '$lib/core/lesson/lesson';
import { targetOf } from '$lib/core/lesson/story';
import { branchAndBound } from '$lib/core/integer/branch';
import { cuttingPlanes } from '$lib/core/integer/cuts';
import { isAllowed, objectiveAt, rounded, usesOf } from '$lib/core/problem/use';
import { readPlan } from '$lib/core/tableau/tableau';
import { runLinear } from '$lib/core/answer/answer';
import { ruleNamed } from '$lib/core/method/rule';
import { readStatement } from '$lib/core/problem/statement/read';
import { rangeReading } from '$lib/core/commentary/ranges';
import { solveLinear } from '$lib/core/answer/answer';
import { optimalSet } from '$lib/core/answer/optimal-set';
import type { RuleName } from '$lib/core/method/rule';
import { asksForWhole } from '$lib/core/problem/whole';
import { dualProblem } from '$lib/core/answer/dual-problem';
import { isZero, rational, toText, type Rational } from '$lib/core/number/rational';
import type { Problem } from '$lib/core/problem/types';
import { beginSearch } from '$lib/core/integer/branch';
import { SEARCH_RULES, type NodeRule } from '$lib/core/integer/search-types';
import { readFileSync } from 'node:fs';
import { SAMPLES } from '.';
import { WEEKS } from './weeks';

const of = (shows: string) => {
	const sample = SAMPLES.find((own) => own.shows.startsWith(shows))!;
	return readStatement(sample.lesson.statement).problem!;
};

test('every sample is a right lesson with a story, notes, and links that lead somewhere', () => {
	expect(SAMPLES.length).toBe(46);
	expect(new Set(SAMPLES.map(({ lesson }) => titleOf(lesson))).size).toBe(46);
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

test('every sample stands in one week of the course, and the guide has the same weeks', () => {
	const placed = WEEKS.flatMap(({ samples }) => samples);
	expect(placed.length).toBe(SAMPLES.length);
	expect(new Set(placed)).toEqual(new Set(SAMPLES));
	const guide = readFileSync('docs/GUIDE.md', 'utf8');
	WEEKS.forEach(({ name, samples }, i) =>
		expect(guide).toContain(
			`| ${i + 1}, ${name.charAt(0).toLowerCase()}${name.slice(1)} | ${samples.map(({ shows }) => shows.replace('’', "'")).join('; ')} |`
		)
	);
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
	expect(kindOf(of('A minimum, '))).toMatchObject({ status: 'optimal', unique: true, start: 'dual' });
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
		// its script asks the class something and has a time
		const { questions, minutes } = readNotes(lesson.notes);
		expect([shows, questions.length > 0, questions.every(({ expects }) => expects), minutes > 0]).toEqual([
			shows,
			true,
			true,
			true
		]);
		for (const part of [/\bkey\b/, /mistake/])
			expect([shows, part.source, part.test(lesson.notes)]).toEqual([shows, part.source, true]);
	}
});

/** What each sample comes to: the best value of its relaxation, and that of its integer plans where it asks for them. */
const VALUES: Readonly<Record<string, string>> = {
	'One best corner': '1170',
	'Three variables': '576',
	'One artificial variable': '800',
	'Artificial variables': '800',
	'An equality': '650',
	'The dual simplex method': '309/4',
	'A corner with too many lines, and a cycle': '1/20',
	'Two phases and big M side by side': '26',
	'An optimal edge': '800',
	'An optimal half-line': '4',
	Infeasible: 'infeasible',
	Unbounded: 'unbounded',
	'Blending with ratios': '600',
	'Transport from kilns to shops': '323',
	'Assignment of potters to tasks': '18',
	'Production over four weeks with a store': '890',
	'Staffing of shifts': '11',
	'Cutting rolls of packing paper': '113/12, 10',
	'A kiln with a fixed charge': '145, 134',
	'A free variable': '48',
	'A redundant equality': '100',
	Maximin: '22',
	'A shortest path': '4',
	'Goals with deviations': '120',
	'An absolute value and a cost in pieces': '52',
	'A maximum flow': '12',
	'A minimum-cost flow': '59',
	'Dual values and complementary slackness': '66',
	'A range used': '130',
	'Two numbers changed at once': '180',
	'An optimum at a degenerate corner': '44',
	'An optimal face': '24',
	'Rules that part ways': '28',
	'Klee and Minty’s cube': '10000',
	'A relaxation that is whole by itself': '30, 30',
	'Strong duality': '58',
	'Infeasible, and its dual unbounded': 'infeasible',
	'Rounding fails': '165/4, 40',
	'Cutting planes': '3/2, 1',
	'Branch and bound': '71, 70',
	'A tree where depth first is worse': '1124/33, 31',
	'Set covering': '5/2, 3',
	'Either–or, and if–then': '134, 134',
	'Lot sizes with set-ups over four weeks': '608/11, 78',
	'A minimum, solved by its dual': '26',
	'Large numbers': '5180000/13'
};

test('every sample comes to the value that is known of it', () => {
	for (const { shows, lesson } of SAMPLES) {
		const problem = readStatement(lesson.statement).problem!;
		const { status, objective } = solveLinear(problem);
		const whole = asksForWhole(problem) ? branchAndBound(problem).objective : null;
		const said =
			status === 'optimal'
				? [objective, whole].flatMap((own) => (own ? [toText(own)] : [])).join(', ')
				: status;
		expect([shows, said]).toEqual([shows, VALUES[shows]]);
	}
	// what notes and stories say besides
	const duals = (shows: string) => solveLinear(of(shows)).duals!;
	expect([
		duals('A shortest path').get('mill')?.equals(-2),
		duals('A shortest path').get('start')?.equals(4)
	]).toEqual([true, true]);
	const pipes = duals('A maximum flow');
	expect(['a', 'b', 'c', 'd', 'e'].map((pipe) => toText(pipes.get(`pipe_${pipe}`)!))).toEqual([
		'0',
		'1',
		'1',
		'1',
		'0'
	]);
	expect(duals('A minimum-cost flow').get('bridge')?.equals(-1)).toBe(true);
	const plan = (shows: string) => branchAndBound(of(shows)).solution!;
	expect(['set1', 'set2', 'set3', 'set4'].map((name) => toText(plan('Lot sizes').get(name)!))).toEqual([
		'1',
		'0',
		'1',
		'0'
	]);
	expect(toText(plan('Either').get('mould')!)).toBe('1');
	const dual = solveLinear(dualProblem(of('Infeasible, and')).problem);
	expect(dual.status).toBe('unbounded');
	const offered = new Map([
		['bowls', rational(4)],
		['vases', rational(2)],
		['jugs', rational(8)]
	]);
	const slack = usesOf(of('Dual values and'), offered).filter((use) => !isZero(use.slack));
	expect(slack).toEqual([]);
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
