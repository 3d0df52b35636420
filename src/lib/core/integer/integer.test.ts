import { wayWords } from './messages';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem, bestOf } from '../../../../tests/support/problems';
import { detail } from '../answer/answer';
import { plainText } from '../sentence/sentence';
import { compare, rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { effectiveBounds, evaluate, isFeasible, type Plan, type Problem } from '../problem/types';
import { branchAndBound } from './branch';
import { cuttingPlanes } from './cuts';
import { fractionalVariables } from '../problem/whole';

/** Every integer plan within the bounds, tried one by one. */
function wholePlans(problem: Problem): Plan[] {
	return problem.variables
		.reduce<Plan[]>(
			(plans, variable) => {
				const { lower, upper } = effectiveBounds(variable);
				const values: number[] = [];
				for (let v = Math.ceil(lower!.valueOf()); v <= upper!.valueOf(); v++) values.push(v);
				return plans.flatMap((plan) => values.map((v) => new Map([...plan, [variable.name, rational(v)]])));
			},
			[new Map()]
		)
		.filter((plan) => isFeasible(problem, plan));
}

test('branching, cutting and trying every integer plan agree, and no cut takes an integer plan away', () => {
	let cutsSeen = 0;
	fc.assert(
		fc.property(anyProblem({ whole: true }), (problem) => {
			const plans = wholePlans(problem);
			const best = bestOf(problem, plans);
			for (const method of [branchAndBound, cuttingPlanes]) {
				const answer = method(problem, { maxSteps: 20_000 });
				expect([method.name, answer.status]).toEqual([method.name, best ? 'optimal' : 'infeasible']);
				if (!best) continue;
				expect(compare(answer.objective!, best)).toBe(0);
				expect(
					isFeasible(problem, answer.solution!) && !fractionalVariables(problem, answer.solution!).length
				).toBe(true);
			}
			const { cuts, relaxation } = cuttingPlanes(problem, { maxSteps: 20_000 });
			cutsSeen += cuts.length;
			cuts.forEach(({ original, kind }, i) => {
				expect(kind).toBe('gomory-fractional');
				const { terms, relation, rhs } = original!;
				const keeps = (plan: Plan) => compare(evaluate(terms, plan), rhs) * (relation === '>=' ? 1 : -1) >= 0;
				for (const plan of plans) expect(keeps(plan)).toBe(true);
				// a unique optimum that is not whole is what the first cut cuts off
				if (i === 0 && detail(relaxation)!.optimalSet.unique) expect(keeps(relaxation.solution!)).toBe(false);
			});
		}),
		{ numRuns: 500 }
	);
	expect(cutsSeen).toBeGreaterThan(50);
});

test('mixed problems take the mixed-integer cut and end at the same best plan as branching', () => {
	fc.assert(
		fc.property(anyProblem({ whole: true, variables: 2 }), (raw) => {
			const problem: Problem = {
				...raw,
				variables: raw.variables.map((v, i) => (i ? { ...v, domain: 'continuous' } : v))
			};
			const [cut, branch] = [cuttingPlanes(problem, { maxSteps: 300 }), branchAndBound(problem)];
			if (cut.status === 'stopped') return;
			expect(cut.status).toBe(branch.status);
			if (branch.objective) expect(compare(cut.objective!, branch.objective)).toBe(0);
		}),
		{ numRuns: 300 }
	);
});

test('the tree says for each node why it was closed', () => {
	const { problem } = readStatement('max z = 5 x + 8 y\na: x + y <= 6\nb: 5 x + 9 y <= 45\nx, y integer');
	const { nodes } = branchAndBound(problem!);
	expect(nodes[0]).toMatchObject({ id: 0, parent: null, closed: null });
	const branched = new Set(nodes.map((node) => node.parent));
	for (const node of nodes) expect(node.closed === null).toBe(branched.has(node.id));
	expect(nodes.filter(({ closed }) => closed?.code === 'whole').length).toBeGreaterThan(0);
});

test('an unbounded relaxation: unbounded if there is an integer plan at all', () => {
	for (const method of [branchAndBound, cuttingPlanes]) {
		const solve = (text: string) => method(readStatement(text).problem!, { maxSteps: 2000 }).status;
		expect(solve('max z = x + y\na: x - y <= 1\nx, y integer')).toBe('unbounded');
		expect(solve('max z = x\na: 2 x - 2 y >= 1\nx, y integer')).toBe('unbounded');
		expect(solve('max z = y\na: 4 x >= 1\nb: 4 x <= 3\nx, y integer')).toBe('infeasible');
	}
	// no corner has whole coordinates however far one branches; a cut sees it at once, and so do the equations
	const odd = readStatement('max z = x\na: 2 x - 2 y = 1\nx, y integer').problem!;
	const { status, cuts } = cuttingPlanes(odd);
	expect([status, cuts.length]).toEqual(['infeasible', 1]);
	expect(branchAndBound(odd).status).toBe('infeasible');
	const slack = readStatement('max z = x\na: 2 x - 2 y - u = 1\nx, y integer\nu <= 1/2').problem!;
	expect(branchAndBound(slack, { maxSteps: 100 })).toMatchObject({ status: 'stopped', pivots: 100 });
});

test('cuts end on bounded problems with free variables, and no number of cuts is too many but the caller’s', () => {
	const free = readStatement(
		'max z = 8 x + 7 y - 2 z1\na: 5 x + y + z1 <= 7\nb: 5 x + y - z1 >= -9\nc: x + 4 y <= 2\nd: x + 2 y >= -9\ne: y + 4 z1 <= 13\nf: -x - y + 5 z1 >= -8\nx, y, z1 free integer'
	).problem!;
	const [cut, branch] = [cuttingPlanes(free), branchAndBound(free)];
	expect([cut.status, cut.objective!.toFraction()]).toEqual(['optimal', branch.objective!.toFraction()]);
	const many = readStatement('max z = y\na: y - 450 x <= 0\nb: 450 x + y <= 450\nx, y integer').problem!;
	const long = cuttingPlanes(many);
	expect([long.status, long.objective!.toFraction(), long.cuts.length > 400]).toEqual(['optimal', '0', true]);
	const limited = cuttingPlanes(many, { maxSteps: 50 });
	expect([limited.status, plainText(wayWords(limited.reason!))]).toEqual([
		'stopped',
		'The limit of 50 steps was reached.'
	]);
});

test('random bounded problems with free variables end by cuts and agree with branching', () => {
	const boxed = anyProblem({ variables: 3 }).map((problem): Problem => {
		const domain = 'integer' as const;
		const variables = problem.variables.map((variable) => ({
			...variable,
			lower: null,
			upper: null,
			domain
		}));
		const walls = variables.flatMap(({ name }, i) => [
			{
				name: `up${i}`,
				terms: new Map([[name, rational(3)]]),
				relation: '<=' as const,
				rhs: rational(10 + i)
			},
			{
				name: `low${i}`,
				terms: new Map([[name, rational(2)]]),
				relation: '>=' as const,
				rhs: rational(-5 - i)
			}
		]);
		return { ...problem, variables, constraints: [...problem.constraints, ...walls] };
	});
	fc.assert(
		fc.property(boxed, (problem) => {
			const [cut, branch] = [cuttingPlanes(problem, { maxSteps: 5000 }), branchAndBound(problem)];
			expect(cut.status).toBe(branch.status);
			if (branch.objective) expect(compare(cut.objective!, branch.objective)).toBe(0);
		}),
		{ numRuns: 150 }
	);
});

test('the relaxation is the author’s, with bounds that are not whole, and the first cut cuts it off', () => {
	const solve = (text: string) => {
		const problem = readStatement(text).problem!;
		return { problem, cut: cuttingPlanes(problem), branch: branchAndBound(problem) };
	};
	for (const [text, relaxed, whole] of [
		['max z = x\nx from 0 to 3/2\nx integer', '3/2', '1'],
		['min z = x\nx from 1/2\nx integer', '1/2', '1'],
		['max z = x + y\na: y <= 7/4\nx free to 5/2\nx, y integer', '17/4', '3'],
		['max z = 2 x + y\na: x + y <= 4\nb: 2 x <= 5\nx from -1/3 to 9/2\nx, y integer', '13/2', '6']
	]) {
		const { problem, cut, branch } = solve(text);
		for (const { relaxation, objective } of [cut, branch])
			expect([relaxation.objective!.toFraction(), objective!.toFraction()]).toEqual([relaxed, whole]);
		const { terms, relation, rhs } = cut.cuts[0].original!;
		const { solution } = cut.relaxation;
		expect(isFeasible(problem, solution!)).toBe(true);
		expect(compare(evaluate(terms, solution!), rhs) * (relation === '>=' ? 1 : -1)).toBeLessThan(0);
	}
});

test('the limit that a stopped search names is the caller’s, whatever part of it the last relaxation had', () => {
	const knapsack = readStatement(
		'max z = 41 a + 43 b + 47 c + 53 d + 59 e\nr: 31 a + 37 b + 41 c + 43 d + 47 e <= 101\na, b, c, d, e binary'
	).problem!;
	for (const maxSteps of [3, 7, 12]) {
		const { status, reason, pivots } = branchAndBound(knapsack, { maxSteps });
		expect([status, plainText(wayWords(reason!)), pivots]).toEqual([
			'stopped',
			`The limit of ${maxSteps} steps was reached.`,
			maxSteps
		]);
	}
});
