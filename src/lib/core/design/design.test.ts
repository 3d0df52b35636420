import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { answerDesign, type DesignJson } from '../api/design';
import { compare, isZero, rational } from '../number/rational';
import { writeProblem } from '../problem/codec';
import { readProblem } from '../problem/json';
import { evaluate, holds, type Problem } from '../problem/types';
import { InputError } from '../problem/json';
import { answerRegion } from '../api/region';
import { objectiveAt, rounded } from '../problem/use';
import type { Wish } from './types';

/** So many looks at the clock, so that no test depends on how fast a machine is. */
const looks = (most: number) => () => {
	let left = most;
	return { shouldStop: () => (left-- > 0 ? null : ({ code: 'long' } as const)) };
};
const ask = (request: object, most = 4_000): DesignJson => answerDesign(request, looks(most));
const problemsOf = (request: object, most?: number): Problem[] =>
	ask(request, most).problems.map(({ problem }) => readProblem(JSON.parse(JSON.stringify(problem)), ''));

const best = (problem: Problem) => {
	const values = allCorners(problem).map((plan) => objectiveAt(problem, plan));
	return values.reduce((a, b) => ((problem.objective.sense === 'max') === b.gt(a) ? b : a));
};

test('promises are kept, by corners enumerated and by solving with another method', () => {
	const seen = new Map<string, number>();
	const lists: readonly Wish[][] = [
		[{ kind: 'answer', is: 'unique' }],
		[{ kind: 'answer', is: 'several' }],
		[{ kind: 'answer', is: 'infeasible' }],
		[{ kind: 'answer', is: 'unbounded' }],
		[{ kind: 'whole-plan' }, { kind: 'answer', is: 'unique' }],
		[{ kind: 'fractional' }, { kind: 'rounding', is: 'infeasible' }],
		[{ kind: 'corners', exactly: 5 }],
		[{ kind: 'whole-corners' }],
		[{ kind: 'degenerate', is: true }, { kind: 'whole-value' }],
		[{ kind: 'degenerate', is: false }],
		[{ kind: 'binding', rows: ['r1', 'r3'] }],
		[
			{ kind: 'pivots', exactly: 2 },
			{ kind: 'denominator', atMost: 1 }
		],
		[{ kind: 'artificial', exactly: 2 }, { kind: 'whole-plan' }],
		[{ kind: 'whole-duals' }, { kind: 'whole-plan' }],
		[
			{ kind: 'bounded', is: true },
			{ kind: 'redundant', is: true }
		],
		[
			{ kind: 'tie', is: true },
			{ kind: 'pivots', atMost: 4 }
		]
	];
	fc.assert(
		fc.property(fc.integer({ min: 1, max: 1e6 }), fc.constantFrom('max', 'min'), (seed, sense) => {
			// each list in each run, so that none is missed by chance
			for (const wishes of lists) {
				const request = {
					variables: 2,
					constraints: 3,
					sense,
					numbers: { from: -3, to: 9 },
					form: 'any',
					wishes,
					seed,
					count: 2
				};
				for (const problem of problemsOf(request, 1_500)) {
					for (const own of wishes) {
						seen.set(own.kind, (seen.get(own.kind) ?? 0) + 1);
						expectKept(problem, own);
					}
					for (const { terms, rhs } of [...problem.constraints, { ...problem.objective, rhs: null }]) {
						for (const value of terms.values())
							expect(value.d === 1n && value.gte(-3) && value.lte(9)).toBe(true);
						if (rhs) expect(rhs.d === 1n && rhs.gte(0) && rhs.lte(99)).toBe(true);
					}
				}
			}
		}),
		{ numRuns: 9 }
	);
	for (const kind of [
		'answer',
		'whole-plan',
		'fractional',
		'corners',
		'whole-corners',
		'degenerate',
		'binding',
		'pivots',
		'artificial',
		'tie'
	])
		expect([kind, (seen.get(kind) ?? 0) > 2]).toEqual([kind, true]);
});

function expectKept(problem: Problem, wish: Wish): void {
	const other = solveLinear(problem, { method: 'big-m' });
	const corners = allCorners(problem);
	const plans = corners.filter((plan) => other.objective && objectiveAt(problem, plan).equals(best(problem)));
	const region = answerRegion({ problem: writeProblem(problem) });
	switch (wish.kind) {
		case 'answer':
			if (wish.is === 'infeasible' || wish.is === 'unbounded') return expect(other.status).toBe(wish.is);
			expect(other.status).toBe('optimal');
			if (wish.is === 'unique') expect(plans.length).toBe(1);
			return;
		case 'whole-plan':
			return expect(plans.every((plan) => [...plan.values()].every(({ d }) => d === 1n))).toBe(true);
		case 'fractional':
			expect(problem.variables.every(({ domain }) => domain === 'integer')).toBe(true);
			return expect(plans.every((plan) => [...plan.values()].some(({ d }) => d !== 1n))).toBe(true);
		case 'rounding': {
			const near = rounded(plans[0]);
			return expect(
				problem.constraints.some((row) => !holds(evaluate(row.terms, near), row.relation, row.rhs))
			).toBe(true);
		}
		case 'corners':
			return expect([corners.length, region.vertices.length]).toEqual([wish.exactly, wish.exactly]);
		case 'whole-corners':
			return expect(corners.every((plan) => [...plan.values()].every(({ d }) => d === 1n))).toBe(true);
		case 'degenerate': {
			const many = corners.some((plan) => {
				const rows = problem.constraints.filter(
					(row) => compare(evaluate(row.terms, plan), row.rhs) === 0
				).length;
				return rows + [...plan.values()].filter(isZero).length > problem.variables.length;
			});
			return expect(many).toBe(wish.is);
		}
		case 'binding': {
			const tight = problem.constraints.filter(
				(row) => compare(evaluate(row.terms, plans[0]), row.rhs) === 0
			);
			return expect(tight.map(({ name }) => name)).toEqual(wish.rows);
		}
		case 'pivots': {
			const { pivots } = solveLinear(problem, { method: wish.method });
			return expect(wish.exactly === undefined ? pivots <= wish.atMost! : pivots === wish.exactly).toBe(true);
		}
		case 'artificial':
			return expect(
				problem.constraints.filter(
					({ relation, rhs }) => relation === '=' || (relation === '>=' && rhs.s > 0n)
				).length
			).toBe(wish.exactly);
		case 'whole-value':
			return expect(other.objective!.d).toBe(1n);
		case 'redundant':
			return expect(region.redundant.length > 0).toBe(wish.is);
		case 'bounded':
			return expect(region.bounded).toBe(wish.is);
	}
}
test('a plan that was chosen is feasible, or best, also among seven variables and six rows of mixed relations', () => {
	const point = [3, 4];
	for (const shall of ['feasible', 'best']) {
		const request = { variables: 2, constraints: 3, plan: { point, shall }, seed: 5, count: 3 };
		const problems = problemsOf(request);
		for (const { promises } of ask(request).problems)
			expect(promises).toContainEqual({ kind: 'plan', point: ['3', '4'], shall, value: true });
		expect(problems.length).toBe(3);
		for (const problem of problems) {
			const plan = new Map(problem.variables.map(({ name }, j) => [name, rational(point[j])]));
			expect(
				problem.constraints.every((row) => holds(evaluate(row.terms, plan), row.relation, row.rhs))
			).toBe(true);
			if (shall === 'best') expect(objectiveAt(problem, plan).equals(best(problem))).toBe(true);
		}
	}
	const large = {
		variables: 7,
		constraints: 6,
		relations: ['<=', '<=', '>=', '<=', '=', '<='],
		numbers: { from: -4, to: 9, rhs: 300 },
		plan: { point: [2, 0, 5, 1, 3, 0, 4], shall: 'best' },
		count: 2
	};
	for (const problem of problemsOf(large)) expect(solveLinear(problem).status).toBe('optimal');
	expect(problemsOf(large).length).toBe(2);
});

test('the same request has the same answer; what contradicts itself, and what is unknown, is named', () => {
	const request = {
		variables: 2,
		constraints: 3,
		wishes: [{ kind: 'pivots', exactly: 2 }],
		seed: 7,
		count: 3
	};
	expect(ask(request)).toEqual(ask(request));
	expect(ask({ ...request, seed: 8 })).not.toEqual(ask(request));
	const fault = (change: object): string => {
		try {
			ask({ variables: 2, constraints: 3, ...change });
		} catch (error) {
			if (error instanceof InputError)
				return error.issues.map(({ path, message }) => `${path} ${message}`).join('; ');
			throw error;
		}
		return '';
	};
	expect(fault({ wishes: [{ kind: 'pretty' }] })).toContain('wishes[0].kind must be one of answer');
	expect(fault({ wishes: [{ kind: 'corners' }] })).toContain('wishes[0].exactly');
	expect(fault({ wishes: [{ kind: 'whole-plan' }, { kind: 'fractional' }] })).toContain(
		'wishes[0] the best plan cannot be'
	);
	expect(fault({ wishes: [{ kind: 'answer', is: 'infeasible' }], plan: { point: [1, 2] } })).toContain(
		'wishes[0]'
	);
	expect(fault({ wishes: [{ kind: 'binding', rows: ['r9'] }] })).toContain('“r9” is not among');
	expect(fault({ relations: ['<='] })).toContain('relations must be 3');
	expect(fault({ plan: { point: [1, 'x'] } })).toContain('plan.point[1]');
	expect(fault({ numbers: { from: 3, to: 2 } })).toContain('numbers.to');
	expect(fault({ variables: 9 })).toContain('variables must be a whole number from 2 to 8');
	expect(fault({ wishes: [{ kind: 'answer', is: 'infeasible' }], relations: ['<=', '<=', '<='] })).toContain(
		'zeros is feasible'
	);
});

test('what must not be is not: the same wish turned round', () => {
	const wishes = [
		{ kind: 'whole-plan', not: true },
		{ kind: 'degenerate', is: true, not: true },
		{ kind: 'answer', is: 'several', not: true }
	];
	const { problems } = ask({ variables: 2, constraints: 3, wishes, count: 4 });
	expect(problems.length).toBe(4);
	for (const { problem, promises } of problems) {
		expect(promises.map(({ value }) => value)).toEqual([false, false, false]);
		const { solution } = solveLinear(readProblem(JSON.parse(JSON.stringify(problem)), ''));
		if (solution) expect([...solution.values()].every(({ d }) => d === 1n)).toBe(false);
	}
});

test('where wishes exclude each other, a smallest set never met is named, and what came nearest with what it misses', () => {
	const request = {
		variables: 2,
		constraints: 3,
		relations: ['<=', '<=', '<='],
		wishes: [
			{ kind: 'corners', exactly: 5 },
			{ kind: 'bounded', is: true },
			{ kind: 'redundant', is: true }
		],
		count: 2
	};
	const answer = ask(request, 120);
	expect(answer.problems).toEqual([]);
	// three rows make five corners only where each of them does something
	expect(answer.neverMet).toEqual([0, 2]);
	for (const { problem, misses } of answer.nearest!) {
		const own = readProblem(JSON.parse(JSON.stringify(problem)), '');
		const { vertices, redundant, bounded } = answerRegion({ problem: writeProblem(own) });
		const kept = [vertices.length === 5, bounded, redundant.length > 0];
		expect(kept.flatMap((isKept, i) => (isKept ? [] : [i]))).toEqual(misses);
	}
	expect(ask({ ...request, wishes: [{ kind: 'corners', exactly: 4 }] }, 1_500).nearest).toBeUndefined();
});
