import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners, anyProblem } from '../../../../tests/support/problems';
import { rational, ZERO } from '../number/rational';
import { objectiveAt } from '../problem/use';
import { solveLinear } from './answer';
import { fromPlan, pairsOf, weakBound } from './complementary';
import { turnedOneWay, writtenDual } from './dual-steps';

test('any dual values of allowed signs bound every plan, those of the answer without a gap, and their pairs are all zero', () => {
	let [bounds, gaps] = [0, 0];
	fc.assert(
		fc.property(
			anyProblem(),
			fc.array(fc.integer({ min: -4, max: 6 }), { minLength: 4, maxLength: 4 }),
			(problem, values) => {
				const answer = solveLinear(problem);
				if (answer.status !== 'optimal') return;
				const isMax = problem.objective.sense === 'max';
				const up = (relation: string) => ((relation === '<=') === isMax ? 1 : -1);
				const tried = new Map(
					problem.constraints.map(({ name, relation }, i) => [
						name,
						rational(Math.abs(values[i] ?? 0) * up(relation))
					])
				);
				const { bound } = weakBound(problem, tried);
				if (bound) {
					bounds += 1;
					if (!bound.equals(answer.objective!)) gaps += 1;
					expect(isMax ? bound.gte(answer.objective!) : bound.lte(answer.objective!)).toBe(true);
				}
				expect(weakBound(problem, answer.duals!).bound!.equals(answer.objective!)).toBe(true);
				for (const pair of pairsOf(problem, answer.solution!, answer.duals!)) {
					expect(pair.isAllowed).toBe(true);
					expect(pair.product.equals(ZERO)).toBe(true);
				}
			}
		),
		{ numRuns: 600 }
	);
	expect([bounds > 30, gaps > 15]).toEqual([true, true]);
});

test('the dual values that follow from a plan prove it best, or show that it is not', () => {
	const seen = { one: 0, none: 0, several: 0, wrong: 0 };
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const answer = solveLinear(problem);
			if (answer.status !== 'optimal') return;
			const corners = allCorners(problem);
			const [first, second] = corners;
			const half =
				second && new Map([...first].map(([name, value]) => [name, value.add(second.get(name)!).div(2)]));
			for (const plan of half ? [...corners, half] : corners) {
				const found = fromPlan(problem, plan);
				const isBest = objectiveAt(problem, plan).equals(answer.objective!);
				if (found.is === 'not-feasible') throw new Error('a corner is a plan');
				seen[found.is] += 1;
				if (found.is === 'none') expect(isBest).toBe(false);
				if (found.is !== 'one') continue;
				if (found.wrong.length) seen.wrong += 1;
				expect(found.wrong.length === 0).toBe(isBest);
			}
		}),
		{ numRuns: 1200 }
	);
	for (const count of Object.values(seen)) expect(count).toBeGreaterThan(8);
});

test('rows turned one way change no optimum, and each row and column has its step', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const turned = turnedOneWay(problem);
			const wanted = problem.objective.sense === 'max' ? '<=' : '>=';
			expect(turned.constraints.every(({ relation }) => relation === '=' || relation === wanted)).toBe(true);
			const [a, b] = [solveLinear(problem), solveLinear(writtenDual(problem, 'turned').dual.problem)];
			if (a.objective) expect(b.objective!.equals(a.objective)).toBe(true);
			const standard = solveLinear(writtenDual(problem, 'standard', 'λ').dual.problem);
			if (a.objective) expect(standard.objective!.abs().equals(a.objective.abs())).toBe(true);
			const { dual, steps } = writtenDual(problem, 'stated', 'rows');
			expect(steps.length).toBe(1 + dual.problem.variables.length + problem.variables.length);
		}),
		{ numRuns: 200 }
	);
});
