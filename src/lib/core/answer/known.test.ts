import { stopWords } from './messages';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { plainText } from '../sentence/sentence';
import { rational, toText, type Rational } from '../number/rational';
import { readProblem } from '../problem/json';
import { readStatement } from '../problem/statement/read';
import { effectiveBounds, type Plan } from '../problem/types';
import { asksForWhole } from '../problem/whole';
import { branchAndBound } from '../integer/branch';
import { cuttingPlanes } from '../integer/cuts';
import { CannotStart, METHODS, type MethodName } from '../method/solve';
import { DANTZIG } from '../method/rule';
import { detail, runLinear, solveLinear } from './answer';
import { checkCertificate } from './check';
import { dualProblem } from './dual-problem';

interface Known {
	problem: unknown;
	expected: {
		status: string;
		objective?: string;
		solution?: Record<string, string>;
		optimalVertices?: Record<string, string>[];
		optimalRays?: Record<string, string>[];
		relaxation?: { status: string; objective: string };
		ranging?: Record<'objective' | 'rhs', Record<string, { low: string | null; high: string | null }>>;
	};
}

const files = import.meta.glob<Known>('./known/*.json', { eager: true, import: 'default' });
const known = Object.entries(files).map(([path, file]) => ({
	...file,
	name: path.replace(/.*\/|\.json/g, ''),
	problem: readProblem(file.problem)
}));
const linear = known.filter(({ problem }) => !asksForWhole(problem));
const whole = known.filter(({ problem }) => asksForWhole(problem));

const text = (plan: ReadonlyMap<string, Rational> | undefined) =>
	plan && Object.fromEntries([...plan].map(([name, value]) => [name, toText(value)]));
const sorted = (plans: readonly Plan[]) => plans.map((plan) => JSON.stringify(text(plan))).sort();
const sortedKnown = (plans: Record<string, string>[]) => plans.map((plan) => JSON.stringify(plan)).sort();

describe('known answers', () => {
	test('there are all of them', () => expect([linear.length, whole.length]).toEqual([14, 5]));

	test.each(linear)('$name', ({ problem, expected }) => {
		const answer = solveLinear(problem);
		expect(answer.status).toBe(expected.status);
		expect(checkCertificate(problem, answer.certificate!)).toBe(true);
		if (expected.status !== 'optimal') return;
		expect(toText(answer.objective!)).toBe(expected.objective);
		const { optimalSet, ranging } = detail(answer)!;
		expect(optimalSet.complete).toBe(true);
		expect(sorted(optimalSet.vertices)).toEqual(sortedKnown(expected.optimalVertices!));
		expect(sorted(optimalSet.rays)).toEqual(sortedKnown(expected.optimalRays!));
		expect(optimalSet.unique).toBe(
			expected.optimalVertices!.length === 1 && expected.optimalRays!.length === 0
		);
		if (!expected.ranging) return;
		for (const part of ['objective', 'rhs'] as const)
			for (const [name, interval] of Object.entries(expected.ranging[part])) {
				const { low, high } = ranging[part].get(name)!;
				expect({ name, low: low && toText(low), high: high && toText(high) }).toEqual({ name, ...interval });
			}
	});

	test.each(linear)('$name: every method that can start agrees', ({ problem, expected }) => {
		for (const method of METHODS) {
			try {
				const answer = solveLinear(problem, { method, rule: { entering: 'bland', ties: 'lowest-index' } });
				expect([method, answer.status]).toEqual([method, expected.status]);
				if (expected.objective) expect(toText(answer.objective!)).toBe(expected.objective);
				expect(checkCertificate(problem, answer.certificate!)).toBe(true);
			} catch (error) {
				if (!(error instanceof CannotStart)) throw error;
				expect(['primal', 'dual']).toContain(method);
			}
		}
	});

	test.each(linear)(
		'$name: the dual has the same value, and the dual of the dual too',
		({ problem, expected }) => {
			const dual = dualProblem(problem).problem;
			const answer = solveLinear(dual);
			if (expected.status === 'optimal') {
				expect(toText(answer.objective!)).toBe(expected.objective);
				expect(toText(solveLinear(dualProblem(dual).problem).objective!)).toBe(expected.objective);
			} else if (expected.status === 'unbounded') expect(answer.status).toBe('infeasible');
			else expect(['infeasible', 'unbounded']).toContain(answer.status);
		}
	);

	test.each(whole)('$name: by branching and by cutting', ({ problem, expected }) => {
		for (const method of [branchAndBound, cuttingPlanes]) {
			const answer = method(problem, { maxSteps: 5000 });
			expect([method.name, answer.status]).toEqual([method.name, expected.status]);
			expect(toText(answer.relaxation.objective!)).toBe(expected.relaxation!.objective);
			if (expected.objective) expect(toText(answer.objective!)).toBe(expected.objective);
			if (expected.solution) expect(text(answer.solution)).toEqual(expected.solution);
		}
	});
});

describe('classics', () => {
	const named = (name: string) => known.find((k) => k.name === name)!.problem;

	test('Beale 1955 cycles under the largest coefficient; auto changes the rule and says so', () => {
		const cycling = runLinear(named('beale-cycling'), { method: 'primal', rule: DANTZIG });
		expect([cycling.status, cycling.pivots]).toEqual(['stopped', 6]);
		expect(plainText(stopWords(cycling.reason!))).toContain('cycles');
		const notes: string[] = [];
		const auto = runLinear(named('beale-cycling'), {
			onStep: (step) => notes.push(...(step.note?.found ?? []).map(({ code }) => code))
		});
		expect(auto.status).toBe('optimal');
		expect(notes).toContain('cycled');
		const lexicographic = runLinear(named('beale-cycling'), {
			method: 'primal',
			rule: { entering: 'dantzig', ties: 'lexicographic' }
		});
		expect(lexicographic.status).toBe('optimal');
	});

	test('Klee and Minty 1972: the largest coefficient visits all corners, the greatest improvement one', () => {
		const pivots = (entering: 'dantzig' | 'greatest-improvement') =>
			runLinear(named('klee-minty-3'), { rule: { entering, ties: 'lowest-index' } }).pivots;
		expect(pivots('dantzig')).toBe(7);
		expect(pivots('greatest-improvement')).toBe(1);
	});
});

describe('all optimal plans, also where a corner has very many bases', () => {
	const setOf = (text: string) => detail(solveLinear(readStatement(text).problem!))!.optimalSet;
	const range = (n: number) => Array.from({ length: n }, (_, i) => i + 1);

	test('a 5×5 assignment without costs has 120', () => {
		const rows = range(5).flatMap((i) => [
			`${range(5)
				.map((j) => `x${i}${j}`)
				.join(' + ')} = 1`,
			`${range(5)
				.map((j) => `x${j}${i}`)
				.join(' + ')} = 1`
		]);
		const { vertices, rays, complete, dimension } = setOf(`max z = 0 x11\n${rows.join('\n')}`);
		expect([vertices.length, rays.length, complete, dimension]).toEqual([120, 0, true, 16]);
	});

	test('a five-dimensional cross-polytope has 10', () => {
		const signs = range(32).map((k) =>
			range(5)
				.map((i) => ((k - 1) & (1 << (i - 1)) ? `- y${i}` : `+ y${i}`))
				.join(' ')
		);
		const rows = signs.map((sum) => `0 ${sum} <= 1`);
		const { vertices, complete, dimension } = setOf(
			`max z = 0 y1\n${rows.join('\n')}\ny1, y2, y3, y4, y5 free`
		);
		expect([vertices.length, complete, dimension]).toEqual([10, true, 5]);
	});

	test('more than a thousand are too many, and said to be', () => {
		const bounds = range(11).map((i) => `x${i} from 0 to 1`);
		const { vertices, complete } = setOf(
			`max z = 0 x1\nr: ${range(11)
				.map((i) => `x${i}`)
				.join(' + ')} <= 99\n${bounds.join('\n')}`
		);
		expect([vertices.length, complete]).toEqual([1000, false]);
	});
});

describe('ranges do not depend on how an equality was written', () => {
	const rangesOf = (text: string, method: MethodName) =>
		detail(solveLinear(readStatement(text).problem!, { method }))!.ranging;
	const shown = (interval: { low: Rational | null; high: Rational | null }) =>
		`${interval.low ? toText(interval.low) : '−∞'}..${interval.high ? toText(interval.high) : '∞'}`;

	test.each([
		['max z = -2 x\na: 2 x = 4', 'x', '−∞..∞'],
		['max z = 3 x + 2 y\na: x + y = 4\nb: x <= 3', 'y', '−∞..3']
	])('%j', (text, variable, range) => {
		for (const method of ['two-phase', 'repair', 'dual'] as const) {
			try {
				expect([method, shown(rangesOf(text, method).objective.get(variable)!)]).toEqual([method, range]);
			} catch (error) {
				if (!(error instanceof CannotStart)) throw error;
			}
		}
	});

	test.each(['two-phase', 'repair', 'dual'] as const)(
		'%s: a free variable that is not basic leaves another basis, which is said',
		(method) => {
			const { degenerate, objective } = rangesOf('max z = 0 x\na: -1 x = 0\nx free', method);
			expect(degenerate || shown(objective.get('x')!) === '−∞..∞').toBe(true);
		}
	);

	test('where no basis is degenerate, every method gives the same ranges', () => {
		let compared = 0;
		fc.assert(
			fc.property(anyProblem(), (problem) => {
				const known = METHODS.flatMap((method) => {
					try {
						const found = detail(
							solveLinear(problem, { method, rule: { entering: 'bland', ties: 'lowest-index' } })
						);
						return found && !found.ranging.degenerate ? [found.ranging] : [];
					} catch (error) {
						if (!(error instanceof CannotStart)) throw error;
						return [];
					}
				});
				for (const ranging of known.slice(1)) {
					compared += 1;
					for (const part of ['objective', 'rhs'] as const)
						for (const [name, interval] of ranging[part])
							expect(`${part} ${name} ${shown(interval)}`).toBe(
								`${part} ${name} ${shown(known[0][part].get(name)!)}`
							);
				}
			}),
			{ numRuns: 400 }
		);
		expect(compared).toBeGreaterThan(150);
	});
});

describe('bounds have values and intervals as rows do', () => {
	test('a best plan at an upper bound', () => {
		const { ranging } = detail(
			solveLinear(readStatement('max z = 3 x + y\nr: x + y <= 4\nx from 0 to 1\ny from 2').problem!)
		)!;
		const told = [...ranging.bounds].map(([name, { side, dual, low, high }]) =>
			[name, side, toText(dual), low && toText(low), high && toText(high)].join(' ')
		);
		expect(told).toEqual(['x upper 2 0 2']);
	});

	test('within the interval the objective follows the value, by solving anew; just outside another basis is needed', () => {
		const met = { lower: 0, upper: 0, fixed: 0, left: 0 };
		fc.assert(
			fc.property(anyProblem(), fc.boolean(), (any, isFixed) => {
				const [first, ...others] = any.variables;
				const one = { ...first, lower: rational(1), upper: rational(1) };
				const problem = isFixed ? { ...any, variables: [one, ...others] } : any;
				const answer = solveLinear(problem);
				const more = detail(answer);
				for (const [name, { side, dual, low, high }] of more?.ranging.bounds ?? []) {
					const variable = problem.variables.find((own) => own.name === name)!;
					const now = effectiveBounds(variable)[side]!;
					const at = (value: Rational) =>
						solveLinear({
							...problem,
							variables: problem.variables.map((own) =>
								own === variable
									? { ...own, ...effectiveBounds(own), domain: 'continuous', [side]: value }
									: own
							)
						});
					const ends = [low ?? now.sub(7), high ?? now.add(7)];
					const inside = ends.map((end) => end.add(now).div(2));
					for (const value of [...ends, ...inside]) {
						const { status, objective } = at(value);
						expect(status).toBe('optimal');
						expect(toText(objective!)).toBe(toText(answer.objective!.add(dual.mul(value.sub(now)))));
					}
					met[variable.lower && variable.upper?.equals(variable.lower) ? 'fixed' : side] += 1;
					if (more!.ranging.degenerate || dual.n === 0n) continue;
					for (const [end, way] of [
						[low, -1],
						[high, 1]
					] as const) {
						if (!end) continue;
						const value = end.add(rational(way, 1000));
						const { objective } = at(value);
						met.left += 1;
						expect(objective?.equals(answer.objective!.add(dual.mul(value.sub(now)))) ?? false).toBe(false);
					}
				}
			}),
			{ numRuns: 1000 }
		);
		for (const count of Object.values(met)) expect(count).toBeGreaterThan(4);
	});
});

test('a free variable may go below zero, so it ends no range', () => {
	const { ranging } = detail(solveLinear(readStatement('max z = -y\nr: x - y = 3\nx free').problem!))!;
	expect(ranging.rhs.get('r')).toEqual({ low: null, high: null });
});
