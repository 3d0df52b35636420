import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { ONE, sign } from '../number/rational';
import { isFeasible } from '../problem/types';
import { readStatement } from '../problem/statement/read';
import { OBJECTIVE } from '../tableau/goal';
import { cost, isPrimalFeasible, pivot, readPlan, rhs, type Tableau } from '../tableau/tableau';
import { largerQuotients, largerRatios, nonbasicRead, worsening } from './slips';

const toFraction = (own: { toFraction(): string }) => own.toFraction();
const last = (text: string): Tableau => solveLinear(readStatement(text).problem!).tableau!;

test('what a larger ratio does is what the pivot there does', () => {
	let met = 0;
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const { tableau: t } = solveLinear(problem);
			if (!t || !isPrimalFeasible(t)) return;
			for (const [slot] of t.nonbasic.entries()) {
				const slips = largerRatios(t, slot);
				for (const { row, least, ratio, falls } of slips) {
					met += 1;
					const after = pivot(t, row, slot);
					expect(toFraction(rhs(after, row))).toBe(toFraction(ratio));
					expect(toFraction(rhs(after, least))).toBe(toFraction(falls));
					expect(sign(falls)).toBe(-1);
				}
				const sizes = slips.map(({ ratio }) => ratio);
				expect(sizes).toEqual([...sizes].sort((a, b) => a.compare(b)));
			}
		})
	);
	expect(met).toBeGreaterThan(20);
});

test('a larger quotient along a row turns an objective entry negative', () => {
	let met = 0;
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const { tableau: t, status } = solveLinear(problem);
			if (!t || status !== 'optimal') return;
			for (const row of t.basis.keys())
				for (const { slot, ratio } of largerQuotients(t, row)) {
					met += 1;
					expect(toFraction(cost(pivot(t, row, slot), OBJECTIVE, t.basis[row]))).toBe(toFraction(ratio));
					const after = pivot(t, row, slot);
					expect(
						after.nonbasic.some((own) => !t.barred.has(own) && sign(cost(after, OBJECTIVE, own)) < 0)
					).toBe(true);
				}
		}),
		{ numRuns: 400 }
	);
	expect(met).toBeGreaterThan(5);
});

test('a variable that is not basic is read off where its column has an entry', () => {
	const t = last('max z = 3 x + y\na: x + y <= 4\nb: x + 3 y <= 6');
	const [read] = nonbasicRead(t, (value) => value.equals(ONE));
	expect([...read.plan].map(([name, amount]) => `${name} ${toFraction(amount)}`)).toEqual(['x 4', 'y 4']);
	expect(isFeasible(t.form.problem, read.plan)).toBe(false);
	expect([...readPlan(t).values()].map(toFraction)).toEqual(['4', '0']);
	expect(nonbasicRead(t, (value) => value.gt(2))).toEqual([]);
});

test('columns that would make the objective worse', () => {
	const t = last('max z = 3 x + y\na: x + y <= 4\nb: x + 3 y <= 6');
	expect(
		worsening(t, OBJECTIVE)
			.map((column) => t.form.columns[column].name)
			.sort()
	).toEqual(['s1', 'y']);
});
