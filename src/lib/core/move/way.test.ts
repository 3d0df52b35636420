import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners, anyProblem } from '../../../../tests/support/problems';
import { standardForm } from '../form/standard';
import { compare, ZERO } from '../number/rational';
import { isFeasible } from '../problem/types';
import { startTableau } from '../tableau/build';
import { moved, riseOf } from '../tableau/rise';
import { isPrimalFeasible, readPlan, rhs } from '../tableau/tableau';
import { perform } from './kinds';
import { stated } from '../position/position';
import { wayTo } from './way';

test('every corner of a region is reached by pivots of the ratio test, and each of them stays in the region', () => {
	fc.assert(
		fc.property(anyProblem({ slackStart: true }), (problem) => {
			const begun = perform(stated(problem), { kind: 'begin', way: 'primal', equalities: 'one-row' });
			if (!begun.ok) throw new Error('does not begin');
			for (const corner of allCorners(problem)) {
				const way = wayTo(begun.position.work!, corner)!;
				let position = begun.position;
				for (const move of way) {
					const result = perform(position, move);
					if (!result.ok) throw new Error('is not possible');
					position = result.position;
					expect(isFeasible(problem, readPlan(position.work!.tableau))).toBe(true);
				}
				const end = readPlan(position.work!.tableau);
				for (const [name, value] of corner) expect(compare(end.get(name)!, value)).toBe(0);
			}
		}),
		{ numRuns: 200 }
	);
});

test('a variable rises along an edge of the region as far as the ratio test lets it, and not further', () => {
	fc.assert(
		fc.property(anyProblem({ slackStart: true }), (problem) => {
			const t = startTableau(standardForm(problem));
			if (!isPrimalFeasible(t)) return;
			const plan = readPlan(t);
			for (const column of t.nonbasic) {
				const { direction, limit } = riseOf(t, column);
				const at = (by: string) => moved(plan, direction, limit ? limit.mul(by) : ZERO.add(by));
				expect(isFeasible(problem, at('1'))).toBe(true);
				if (limit) {
					const further = moved(plan, direction, limit.add(1));
					expect(isFeasible(problem, further)).toBe(false);
				} else expect(isFeasible(problem, at('1000'))).toBe(true);
			}
			expect(t.basis.every((_, row) => compare(rhs(t, row), ZERO) >= 0)).toBe(true);
		}),
		{ numRuns: 300 }
	);
});
