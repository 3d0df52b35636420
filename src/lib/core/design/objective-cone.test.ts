import { emptyProblem } from './draft';
import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners, anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { rational, ZERO } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import type { Plan, Problem, Terms } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { coneAt, nearestWhole } from './objective-cone';
import { letterNames, named, potteryNames } from './naming';
import { printStatement } from '../problem/statement/print';

const withCosts = (problem: Problem, terms: Terms): Problem => ({
	...problem,
	objective: { ...problem.objective, terms, constant: ZERO }
});
const isBest = (problem: Problem, plan: Plan): boolean =>
	solveLinear(problem, { method: 'two-phase' }).objective?.equals(objectiveAt(problem, plan)) ?? false;

test('each mix of the directions at a corner makes it a best plan', () => {
	let mixed = 0;
	fc.assert(
		fc.property(
			anyProblem(),
			fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 12, maxLength: 12 }),
			(problem, weights) => {
				for (const corner of allCorners(problem).slice(0, 3)) {
					const sum = new Map<string, ReturnType<typeof rational>>();
					coneAt(problem, corner).forEach(({ terms }, i) => {
						for (const [name, value] of terms)
							sum.set(name, (sum.get(name) ?? ZERO).add(value.mul(weights[i % 12])));
					});
					mixed += 1;
					expect(isBest(withCosts(problem, sum), corner)).toBe(true);
				}
			}
		),
		{ numRuns: 60 }
	);
	expect(mixed).toBeGreaterThan(10);
});

test('the nearest whole coefficients make the plan best, and no nearer ones do', () => {
	const problem = readStatement('max z = 7/2 x - y\na: 2 x + 3 y <= 12\nb: 4 x + 3 y <= 18').problem!;
	const corner: Plan = new Map([
		['x', rational(3)],
		['y', rational(2)]
	]);
	const found = nearestWhole(problem, coneAt(problem, corner))!;
	const apart = (x: number, y: number) => Math.abs(x - 3.5) + Math.abs(y + 1);
	const [a, b] = ['x', 'y'].map((name) => Number((found.get(name) ?? ZERO).valueOf()));
	expect(isBest(withCosts(problem, found), corner)).toBe(true);
	for (let x = -6; x <= 9; x++)
		for (let y = -6; y <= 9; y++) {
			if ((x === 0 && y === 0) || apart(x, y) >= apart(a, b)) continue;
			const costs = new Map([
				['x', rational(x)],
				['y', rational(y)]
			]);
			expect(isBest(withCosts(problem, costs), corner)).toBe(false);
		}
});

test('a problem that is begun or taken has names of its story, and is read back as it is', () => {
	const relations = ['<=', '>=', '=', '>='] as const;
	const begun = named(emptyProblem(3, relations, 'min'), potteryNames(3, relations, 'min'));
	expect(begun.constraints.map(({ name }) => name)).toEqual(['clay', 'orders', 'wheel', 'market']);
	const back = readStatement(printStatement(begun)).problem!;
	expect([back.variables, back.constraints.map(({ relation }) => relation)]).toEqual([
		begun.variables,
		[...relations]
	]);
	expect(named(begun, letterNames(3, 4)).variables.map(({ name }) => name)).toEqual(['x1', 'x2', 'x3']);
});
