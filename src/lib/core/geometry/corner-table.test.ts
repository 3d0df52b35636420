import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners, anyProblem, bestOf } from '../../../../tests/support/problems';
import { cornerCsv, cornerLatex } from '../exchange/corner-table';
import { readStatement } from '../problem/statement/read';
import { cornerKey } from './corner-key';
import { cornerTable } from './corner-table';
import { region } from './region';

const PROBLEM = readStatement(
	'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases ≤ 100\nwheel: 2 bowls + 3/2 vases ≤ 63\nkiln: bowls + 4 vases ≤ 88'
).problem!;

test('every corner with its lines and its objective worked out, and the intersections outside', () => {
	const table = cornerTable(PROBLEM);
	expect(
		table
			.filter(({ feasible }) => feasible)
			.map(({ key }) => key)
			.sort()
	).toEqual(['0 0', '0 22', '24 10', '63/2 0', '8 20']);
	const best = table.find(({ isBest }) => isBest)!;
	expect([best.key, best.objective.toFraction(), best.lines.map(({ owner }) => owner.name)]).toEqual([
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
		fc.property(anyProblem({ variables: 2 }), (problem) => {
			const feasible = cornerTable(problem).filter((row) => row.feasible);
			const corners = allCorners(problem);
			const keys = corners.map((plan) => [...plan.values()].map((v) => v.toFraction()).join(' '));
			expect(feasible.map(({ key }) => key).sort()).toEqual(keys.sort());
			expect(feasible.map(({ key }) => key).sort()).toEqual(
				region(problem)
					.corners.map(({ point }) => cornerKey(point))
					.sort()
			);
			const best = feasible.filter(({ isBest }) => isBest).map(({ objective }) => objective.toFraction());
			const value = bestOf(problem, corners);
			expect(new Set(best)).toEqual(new Set(value ? [value.toFraction()] : []));
		}),
		{ numRuns: 200 }
	);
});
