import { expect, test } from 'vitest';
import { allCorners } from '../../../../tests/support/problems';
import { solveLinear, runLinear } from '../answer/answer';
import { answerDesign } from '../api/design';
import { answerRegion } from '../api/region';
import { answerSolve } from '../api/solve';
import { readSolveRequest } from '../api/solve-request';
import { withoutConstraints } from '../geometry/sides';
import { ruleNamed } from '../method/rule';
import { approximate, compare, isZero, parseRational, rational, type Rational } from '../number/rational';
import { rank } from '../number/linear-algebra';
import { writeProblem } from '../problem/codec';
import { readProblem } from '../problem/json';
import { evaluate, isFeasible, type Plan, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { cost, readPlan } from '../tableau/tableau';
import type { Wish, WishName } from './types';
import { kindOfWish, WISH_NAMES } from './wishes/kinds';

/** What a find promised, and what is checked of it without the designer's own code. */
type Check = (problem: Problem, value: unknown, wish: never) => void;

const best = (problem: Problem): Plan[] => {
	const turn = problem.objective.sense === 'max' ? -1 : 1;
	const corners = [...allCorners(problem)].sort(
		(a, b) => turn * compare(objectiveAt(problem, a), objectiveAt(problem, b))
	);
	return corners.filter((plan) => objectiveAt(problem, plan).equals(objectiveAt(problem, corners[0])));
};
const binds = (problem: Problem, plan: Plan) =>
	problem.constraints.filter(({ terms, rhs }) => evaluate(terms, plan).equals(rhs)).map(({ name }) => name);
const solved = (problem: Problem, integer: 'branch' | 'cuts') =>
	answerSolve(readSolveRequest({ problem: writeProblem(problem), integer }), {}) as unknown as {
		status: string;
		objective: string;
		nodes?: unknown[];
		cuts?: unknown[];
	};
/** integer plans of a bounded problem, looked at one by one up to 99 */
const wholePlans = (problem: Problem): Plan[] => {
	const [x, y] = problem.variables.map(({ name }) => name);
	const most = (name: string) =>
		Math.min(99, Math.floor(Math.max(...allCorners(problem).map((plan) => approximate(plan.get(name)!)))));
	const all: Plan[] = [];
	for (let a = 0; a <= most(x); a++)
		for (let b = 0; b <= most(y); b++) {
			const plan: Plan = new Map([
				[x, rational(a)],
				[y, rational(b)]
			]);
			if (isFeasible({ ...problem, variables: problem.variables }, plan)) all.push(plan);
		}
	return all;
};
/** the dual value of a row, by asking for a little more and a little less of it */
const worth = (problem: Problem, name: string): readonly [Rational | null, Rational | null] => {
	const by = rational(1, 1_000_000);
	const at = (step: Rational) => {
		const constraints = problem.constraints.map((row) =>
			row.name === name ? { ...row, rhs: row.rhs.add(step) } : row
		);
		return solveLinear({ ...problem, constraints }).objective ?? null;
	};
	const [less, now, more] = [at(by.neg()), at(rational(0)), at(by)];
	return [less && now!.sub(less).div(by), more && more.sub(now!).div(by)];
};
const numbersOf = (problem: Problem) => [
	[...problem.objective.terms.values()],
	...problem.constraints.map(({ terms, rhs }) => [...terms.values(), rhs])
];

const CHECKS: Partial<Record<WishName, Check>> = {
	zeros: (problem, value) =>
		expect(
			problem.constraints.flatMap(({ terms }) =>
				problem.variables.filter(({ name }) => isZero(terms.get(name) ?? rational(0)))
			).length
		).toBe(value),
	'no-common-factor': (problem) => {
		for (const line of numbersOf(problem))
			for (let factor = 2; factor < 10; factor++)
				expect(line.some((own) => !isZero(own.mod(factor))) || line.every(isZero)).toBe(true);
	},
	'no-negative': (problem) =>
		expect(
			numbersOf(problem)
				.flat()
				.every(({ s }) => s >= 0n)
		).toBe(true),
	'fits-page': (problem) => {
		const points = allCorners(problem).map((plan) => [...plan.values()].map(approximate));
		const reach = [0, 1].map((j) => {
			const along = points.map((at) => at[j]);
			return Math.max(...along) - Math.min(...along) || Infinity;
		});
		for (const [i, p] of points.entries())
			for (const q of points.slice(0, i))
				expect(Math.hypot((p[0] - q[0]) / reach[0], (p[1] - q[1]) / reach[1])).toBeGreaterThan(0.0999);
	},
	'whole-points': (problem, value) => expect(wholePlans(problem).length).toBe(value),
	'area-per-point': (problem, value) => {
		const { vertices } = answerRegion({ problem: writeProblem(problem) });
		const points = vertices.map(({ point }) => Object.values(point).map((own) => Number(parseRational(own))));
		const middle = [0, 1].map((j) => points.reduce((sum, at) => sum + at[j], 0) / points.length);
		const ring = points.sort(
			(p, q) =>
				Math.atan2(p[1] - middle[1], p[0] - middle[0]) - Math.atan2(q[1] - middle[1], q[0] - middle[0])
		);
		const area = ring.reduce((sum, p, i) => {
			const q = ring[(i + 1) % ring.length];
			return sum + (p[0] * q[1] - q[0] * p[1]) / 2;
		}, 0);
		expect(Number(parseRational(String(value)))).toBeCloseTo(area / wholePlans(problem).length, 6);
	},
	'one-way-out': (problem) => {
		const { rays, bounded } = answerRegion({ problem: writeProblem(problem) });
		expect([rays.length, bounded]).toEqual([1, false]);
		expect(solveLinear(problem, { method: 'two-phase' }).status).toBe('unbounded');
	},
	'best-dimension': (problem, value) => {
		const [first, ...others] = best(problem).map((plan) => [...plan.values()]);
		expect(
			rank(
				others.map((at) => at.map((own, j) => own.sub(first[j]))),
				3
			)
		).toBe(value);
	},
	conflict: (problem, value) => {
		const rows = String(value).split(' ');
		const others = problem.constraints.map(({ name }) => name).filter((name) => !rows.includes(name));
		expect(solveLinear(withoutConstraints(problem, others)).status).toBe('infeasible');
		for (const row of rows)
			expect(solveLinear(withoutConstraints(problem, [...others, row])).status).not.toBe('infeasible');
	},
	'no-zero': (problem) => expect(best(problem).every((plan) => ![...plan.values()].some(isZero))).toBe(true),
	'all-used': (problem) =>
		expect(problem.constraints.length - binds(problem, best(problem)[0]).length).toBe(1),
	start: (problem, value) => expect(answerSolveMethod(problem)).toBe(value),
	'zero-step': (problem) => {
		const plans: string[] = [];
		runLinear(problem, {
			onStep: ({ tableau }) => plans.push([...readPlan(tableau).values()].join(' '))
		});
		expect(plans.some((own, i) => i > 0 && own === plans[i - 1])).toBe(true);
	},
	'phase-one-degenerate': (problem) => expect(degenerateSomewhere(problem)).toBe(true),
	'more-pivots': (problem, value) => {
		const [one, two] = (['dantzig', 'greatest-improvement'] as const).map(
			(rule) => solveLinear(problem, { rule: ruleNamed(rule) }).pivots
		);
		expect([`${one} and ${two}`, one > two]).toEqual([value, true]);
	},
	'entering-tie': (problem) => {
		// the costs as they stand in the tableaux that the API reports
		let equal = false;
		runLinear(problem, {
			onStep: ({ tableau: t, part }) => {
				const goal = t.goals[part === 'phase-one' ? 1 : 0];
				const costs = t.nonbasic.map((own) => cost(t, goal, own)).filter((own) => own.s < 0n && !isZero(own));
				const least = costs.sort(compare)[0];
				equal ||= costs.filter((own) => own.equals(least)).length > 1;
			}
		});
		expect(equal).toBe(true);
	},
	cycle: (problem, value) => {
		const bases: string[] = [];
		runLinear(problem, {
			method: 'primal',
			onStep: ({ tableau }) => bases.push([...tableau.basis].sort().join(' '))
		});
		expect(bases.indexOf(bases.at(-1)!)).toBe(bases.length - 1 - Number(value));
		expect(solveLinear(problem, { method: 'primal', rule: ruleNamed('bland') }).status).toBe('optimal');
	},
	'dual-denominator': (problem) => {
		const { duals } = solveLinear(problem, { method: 'big-m' });
		expect([...duals!.values()].every(({ d }) => d <= 4n)).toBe(true);
	},
	interval: (problem) => {
		// half the width on one side at least: the dual value stays the same somewhere within ten units around
		for (const name of binds(problem, best(problem)[0]))
			expect(worth(problem, name).some(Boolean)).toBe(true);
	},
	'worthless-limit': (problem, value) => {
		expect(binds(problem, best(problem)[0])).toContain(value);
		expect(worth(problem, String(value)).some((own) => own && isZero(own))).toBe(true);
	},
	'both-degenerate': (problem) => {
		const plans = best(problem);
		const tight = (plan: Plan) => binds(problem, plan).length + [...plan.values()].filter(isZero).length;
		expect(plans.some((plan) => tight(plan) > problem.variables.length)).toBe(true);
	},
	'no-rounding': (problem) => {
		const [plan] = best(problem);
		const [x, y] = problem.variables.map(({ name }) => name);
		for (const a of [plan.get(x)!.floor(), plan.get(x)!.ceil()])
			for (const b of [plan.get(y)!.floor(), plan.get(y)!.ceil()])
				expect(
					isFeasible(
						problem,
						new Map([
							[x, a],
							[y, b]
						])
					)
				).toBe(false);
	},
	gap: (problem, value) => {
		const turn = problem.objective.sense === 'max' ? 1 : -1;
		const values = wholePlans(problem).map((plan) => objectiveAt(problem, plan));
		const whole = values.reduce((a, b) => (turn * compare(b, a) > 0 ? b : a));
		expect(objectiveAt(problem, best(problem)[0]).sub(whole).abs().toFraction()).toBe(value);
	},
	cuts: (problem, value) => expect(solved(problem, 'cuts').cuts!.length).toBe(value),
	nodes: (problem, value) => expect(solved(problem, 'branch').nodes!.length).toBe(value),
	'depth-worse': (problem, value) => {
		const [deep, bound] = String(value).split(' and ').map(Number);
		expect(deep).toBeGreaterThan(bound);
		expect(solved(problem, 'branch').nodes!.length).toBeGreaterThan(1);
	},
	'larger-ratio': (_problem, value) => {
		const [next, least] = String(value).split(' for ').map(parseRational);
		expect(next.gte(least.mul(rational(5, 4)))).toBe(true);
	},
	'misread-column': (problem, value) =>
		expect(isZero(best(problem)[0].get(String(value)) ?? rational(1)) || best(problem).length > 1).toBe(true),
	'wrong-sign': (problem, value) => {
		const other = { ...problem.objective, sense: problem.objective.sense === 'max' ? 'min' : 'max' } as const;
		const corners = best({ ...problem, objective: other });
		expect(
			corners.map((plan) => `(${[...plan.values()].map((own) => own.toFraction()).join(', ')})`)
		).toContain(value);
	}
};

const answerSolveMethod = (problem: Problem) =>
	(
		answerSolve(readSolveRequest({ problem: writeProblem(problem), integer: 'relax' }), {}) as {
			method: string;
		}
	).method;
/** some choice of as many rows and bounds as there are variables meets where another one holds with equality, too */
const degenerateSomewhere = (problem: Problem): boolean => {
	const free = { ...problem, constraints: problem.constraints };
	const all = problem.constraints.map(({ rhs }) => rhs);
	return (
		all.some(isZero) ||
		allCorners(free).some(
			(plan) =>
				binds(problem, plan).length + [...plan.values()].filter(isZero).length > problem.variables.length
		)
	);
};

test('each kind of wish comes true as it is first wished, and is so by other routes', () => {
	for (const kind of WISH_NAMES) {
		const check = CHECKS[kind];
		if (!check) continue;
		const wish: Wish = kindOfWish(kind).first;
		const size =
			kind === 'cycle'
				? { variables: 4, constraints: 4 }
				: kind === 'best-dimension'
					? { variables: 3, constraints: 4 }
					: { variables: 2, constraints: 3 };
		let found = 0;
		for (const seed of [1, 2, 3]) {
			let looks = 3_000;
			const request = { ...size, sense: kind === 'start' ? 'min' : 'max', wishes: [wish], seed, count: 2 };
			const { problems } = answerDesign(request, () => ({
				shouldStop: () => (looks-- > 0 ? null : { code: 'long' })
			}));
			for (const { problem, promises } of problems) {
				found += 1;
				const own = readProblem(JSON.parse(JSON.stringify(problem)), '');
				check(own, promises[0].value, wish as never);
			}
		}
		expect([kind, found >= 3]).toEqual([kind, true]);
	}
});
