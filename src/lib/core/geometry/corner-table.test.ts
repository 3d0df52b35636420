import fc from 'fast-check';
import { expect, test } from 'vitest';
import { solveLinear } from '../answer/answer';
import { allCorners, anyProblem, bestOf } from '../../../../tests/support/problems';
import { cornerCsv, cornerLatex } from '../formats/corner-table';
import { isFeasible } from '../problem/types';
import { planAt } from './sides';
import { readStatement } from '../problem/statement/read';
import { basicColumns } from '../form/basic';
import { standardForm } from '../form/standard';
import { cornerTable } from './corner-table';

const PROBLEM = readStatement(
	'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases ≤ 100\nwheel: 2 bowls + 3/2 vases ≤ 63\nkiln: bowls + 4 vases ≤ 88'
).problem!;

test('every corner with its lines and its objective worked out, and the intersections outside', () => {
	const { rows: table } = cornerTable(PROBLEM);
	expect(
		table
			.filter(({ feasible }) => feasible)
			.map(({ key }) => key)
			.sort()
	).toEqual(['0 0', '0 22', '24 10', '63/2 0', '8 20']);
	const best = table.find(({ isBest }) => isBest)!;
	expect([best.key, best.objective.toFraction(), best.sides.map(({ owner }) => owner.name)]).toEqual([
		'24 10',
		'1170',
		['clay', 'wheel']
	]);
	expect(
		best.parts.map(({ cost, amount, product }) => [cost, amount, product].map((v) => v.toFraction()))
	).toEqual([
		['30', '24', '720'],
		['45', '10', '450']
	]);
	expect(table.filter(({ feasible }) => !feasible).map(({ key }) => key)).toContain('40 0');
	expect(cornerCsv(PROBLEM, table).split('\n')).toContain('24,10,clay; wheel,30·24 + 45·10,1170,yes');
	expect(cornerLatex(PROBLEM, table)).toContain(
		'$(24, 10)$ & clay, wheel & $30 \\cdot 24 + 45 \\cdot 10$ & $1170$ \\\\'
	);
});

test('the feasible ones are the corners of the region, found in another way, and the best of them is the best corner', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const { rows: table, complete } = cornerTable(problem);
			expect(complete).toBe(true);
			const feasible = table.filter((row) => row.feasible);
			for (const { at, feasible: isInside, sides } of table) {
				expect(isFeasible(problem, planAt(problem, at))).toBe(isInside);
				expect(sides.length).toBeGreaterThanOrEqual(problem.variables.length);
			}
			const corners = allCorners(problem);
			const keys = corners.map((plan) => [...plan.values()].map((v) => v.toFraction()).join(' '));
			expect(feasible.map(({ key }) => key).sort()).toEqual(keys.sort());
			const best = feasible.filter(({ isBest }) => isBest).map(({ objective }) => objective.toFraction());
			// of an unbounded problem no corner is best
			const value = solveLinear(problem).status === 'unbounded' ? null : bestOf(problem, corners);
			expect(new Set(best)).toEqual(new Set(value ? [value.toFraction()] : []));
		}),
		{ numRuns: 300 }
	);
});

test('the basic variables of an intersection are those that are not zero there', () => {
	const form = standardForm(PROBLEM, { start: 'slack', equalities: 'one-row' });
	const basics = (key: string) => {
		const { at } = cornerTable(PROBLEM).rows.find((row) => row.key === key)!;
		return basicColumns(form, planAt(PROBLEM, at)).map(({ name }) => name);
	};
	expect(basics('24 10')).toEqual(['bowls', 'vases', 's3']);
	expect(basics('40 0')).toEqual(['bowls', 's2', 's3']);
	expect(basics('0 0')).toEqual(['s1', 's2', 's3']);
});
