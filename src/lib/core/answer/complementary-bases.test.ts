import fc from 'fast-check';
import { expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { readStatement } from '../problem/statement/read';
import { isFeasible } from '../problem/types';
import { toText, type Rational } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { cost, entryAt, isPrimalFeasible, objectiveValue, rhs, type Tableau } from '../tableau/tableau';
import { solveLinear } from './answer';
import { dualTableau, twinCell, twinOfDual, type TableauCell } from './complementary-bases';
import { writtenDual, type WrittenDual } from './dual-steps';
import { countedFromBounds, hasBounds, uncounted } from './kept-bounds';

/** the dual has a best plan where the primal has one */
const lastOf = ({ dual }: WrittenDual): Tableau => {
	const { status, tableau } = solveLinear(dual.problem);
	expect(status).toBe('optimal');
	return tableau!;
};

function valueAt(t: Tableau, { row, column }: TableauCell): Rational {
	if (row === null) return column === null ? objectiveValue(t) : cost(t, OBJECTIVE, column);
	const i = t.basis.indexOf(row);
	return column === null ? rhs(t, i) : entryAt(t, i, t.nonbasic.indexOf(column));
}

test('each number of the last tableau stands in that of the dual, rows and columns traded, and back', () => {
	const seen = { paired: 0, apart: 0, bounded: 0, minima: 0 };
	fc.assert(
		fc.property(
			anyProblem(),
			fc.constantFrom('stated', 'turned'),
			fc.constantFrom('kept', 'rows'),
			(problem, form, bounds) => {
				const { status, tableau, objective } = solveLinear(problem);
				if (status !== 'optimal' || !tableau) return;
				const written = writtenDual(problem, form as 'stated', 'y', bounds as 'kept');
				const dual = dualTableau(tableau, lastOf(written), written);
				expect(objectiveValue(dual.tableau).equals(objective!)).toBe(true);
				expect(isPrimalFeasible(dual.tableau)).toBe(true);
				expect(
					dual.tableau.nonbasic.every(
						(j) => dual.tableau.barred.has(j) || cost(dual.tableau, OBJECTIVE, j).gte(0)
					)
				).toBe(true);
				if (!dual.isComplementary) return void (seen.apart += 1);
				seen.paired += 1;
				if (hasBounds(problem)) seen.bounded += 1;
				if (problem.objective.sense === 'min') seen.minima += 1;
				const open = tableau.nonbasic.filter((j) => dual.partnerOf.has(j));
				// a unit column has no row in the dual
				for (const column of tableau.basis)
					expect(twinCell(dual, { row: tableau.basis[0], column })).toBeNull();
				for (const row of [...tableau.basis, null])
					for (const column of [...open, null]) {
						const twin = twinCell(dual, { row, column });
						if (!twin) continue;
						const [here, there] = [valueAt(tableau, { row, column }), valueAt(dual.tableau, twin)];
						expect(toText(there.abs())).toBe(toText(here.abs()));
						expect(twinOfDual(dual, twin)).toEqual({ row, column });
					}
			}
		),
		{ numRuns: 1600 }
	);
	expect(seen.paired).toBeGreaterThan(10 * seen.apart);
	for (const count of [seen.bounded, seen.minima]) expect(count).toBeGreaterThan(40);
});

test('what stands in for the slack of an equation answers to its free variable', () => {
	for (const text of [
		'max z = 3 x + 2 y\na: x + y = 4\nb: x - y <= 2',
		'min z = x\na: x - y = 4\nb: y >= 2'
	]) {
		const { problem } = readStatement(text);
		const { tableau } = solveLinear(problem!);
		const written = writtenDual(problem!, 'stated');
		const dual = dualTableau(tableau!, lastOf(written), written);
		expect(dual.isComplementary).toBe(true);
		expect([...dual.partnerOf.keys()].some((j) => tableau!.form.columns[j].kind === 'artificial')).toBe(true);
	}
});

test('counted from their bounds, the variables have the same plans, and the dual of that the same optimum', () => {
	let bounded = 0;
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			if (!hasBounds(problem)) return;
			const { problem: own, counted } = countedFromBounds(problem);
			const answer = solveLinear(own);
			const first = solveLinear(problem);
			expect(answer.status).toBe(first.status);
			if (!answer.solution) return;
			bounded += 1;
			const plan = uncounted(answer.solution, counted);
			expect(isFeasible(problem, plan)).toBe(true);
			const { dual } = writtenDual(problem, 'stated', 'y', 'kept');
			expect(solveLinear(dual.problem).objective!.equals(first.objective!)).toBe(true);
			expect([...dual.boundOf.keys()].every((key) => key.endsWith('.upper'))).toBe(true);
		}),
		{ numRuns: 600 }
	);
	expect(bounded).toBeGreaterThan(20);
});

test('a lower bound needs no row where bounds are kept; an upper one beside it has the price d', () => {
	const { problem } = readStatement('max z = 3 x + 2 y\na: x + y <= 9\nx from 2 to 5\ny to 4');
	const { primal, dual, steps } = writtenDual(problem!, 'stated', 'y', 'kept');
	expect(primal.constraints[0].rhs.equals(7)).toBe(true);
	expect(dual.problem.objective.constant.equals(6)).toBe(true);
	expect(dual.problem.variables.map(({ name }) => name)).toEqual(['y1', "d_x'", 'd_y']);
	expect(steps[0].kind).toBe('counted');

	expect(toText(dual.problem.objective.terms.get("d_x'")!)).toBe('3');
});
