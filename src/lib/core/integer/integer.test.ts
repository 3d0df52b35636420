import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem, bestOf } from '../../../../tests/support/problems';
import { detail } from '../answer/answer';
import { plainText } from '../commentary/sentence';
import { compare, rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { effectiveBounds, evaluate, isFeasible, type Plan, type Problem } from '../problem/types';
import { branchAndBound } from './branch';
import { cuttingPlanes } from './cuts';
import { fractionalVariables } from './whole';

/** Every whole plan within the bounds, tried one by one. */
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

test('branching, cutting and trying every whole plan agree, and no cut takes a whole plan away', () => {
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
	expect(
		nodes.filter(({ closed }) => closed && plainText(closed).startsWith('whole')).length
	).toBeGreaterThan(0);
});

test('an unbounded relaxation: unbounded if there is a whole plan at all', () => {
	for (const method of [branchAndBound, cuttingPlanes]) {
		const solve = (text: string) => method(readStatement(text).problem!, { maxSteps: 2000 }).status;
		expect(solve('max z = x + y\na: x - y <= 1\nx, y integer')).toBe('unbounded');
		expect(solve('max z = x\na: 2 x - 2 y >= 1\nx, y integer')).toBe('unbounded');
		expect(solve('max z = y\na: 4 x >= 1\nb: 4 x <= 3\nx, y integer')).toBe('infeasible');
	}
	// no corner has whole coordinates however far one branches; a cut sees it at once
	const odd = readStatement('max z = x\na: 2 x - 2 y = 1\nx, y integer').problem!;
	const { status, cuts } = cuttingPlanes(odd);
	expect([status, cuts.length]).toEqual(['infeasible', 1]);
	expect(branchAndBound(odd, { maxSteps: 100 })).toMatchObject({ status: 'stopped', pivots: 100 });
});
