import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { rational, ZERO, type Rational } from '../number/rational';
import { isFeasible, withoutZeros, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { solveLinear } from './answer';
import { coefficientInterval } from './coefficient-interval';

const SMALL = rational(1, 100_003);

const withCoefficient = (problem: Problem, row: string, variable: string, value: Rational): Problem => ({
	...problem,
	constraints: problem.constraints.map((own) =>
		own.name === row ? { ...own, terms: withoutZeros(new Map(own.terms).set(variable, value)) } : own
	)
});

test('a best plan stays best at, inside and nowhere beyond each end of a coefficient’s interval', () => {
	const seen = { ends: 0, endless: 0, violates: 0, improves: 0, made: 0, open: 0 };
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const { status, solution: plan } = solveLinear(problem);
			if (status !== 'optimal' || !plan) return;
			for (const { name: row, terms } of problem.constraints)
				for (const { name } of problem.variables) {
					const found = coefficientInterval(problem, plan, row, name);
					const now = terms.get(name) ?? ZERO;
					const stays = (value: Rational) => {
						const changed = withCoefficient(problem, row, name, value);
						const { status, objective } = solveLinear(changed);
						const isBest = status === 'optimal' && objective!.equals(objectiveAt(changed, plan));
						return { isBest: isFeasible(changed, plan) && isBest, isFeasible: isFeasible(changed, plan) };
					};
					for (const [end, by, isOpen, way] of [
						[found.low, found.lowBy, found.lowOpen, -1],
						[found.high, found.highBy, found.highOpen, 1]
					] as const) {
						if (!end) {
							seen.endless += 1;
							for (const far of [1, 1000]) expect(stays(now.add(way * far)).isBest).toBe(true);
							continue;
						}
						seen.ends += 1;
						seen[by!] += 1;
						if (!plan.get(name)!.equals(0)) seen.made += 1;
						if (!end.equals(now)) expect(stays(end.add(now).div(2)).isBest).toBe(true);
						expect(stays(end).isBest).toBe(!isOpen);
						if (isOpen) {
							seen.open += 1;
							continue;
						}
						const beyond = stays(end.add(SMALL.mul(way)));
						expect(beyond).toEqual({ isBest: false, isFeasible: by === 'improves' });
					}
				}
		}),
		{ numRuns: 700 }
	);
	const { open, ...often } = seen;
	expect(open).toBeGreaterThan(0);
	for (const count of Object.values(often)) expect(count).toBeGreaterThan(10);
});
