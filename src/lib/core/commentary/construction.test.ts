import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { allCorners, anyProblem } from '../../../../tests/support/problems';
import { conflictOf, gapOf } from '../answer/conflict';
import { isRedundant } from '../kind/kind';
import { solveLinear } from '../answer/answer';
import { bestFace, edgesAt, valuesOf } from '../geometry/best';
import { construction, keptProblem, ordered } from '../geometry/construction';
import { byKey, pointKey } from '../geometry/point-key';
import { polyhedron } from '../geometry/polyhedron';
import { planAt, withCosts, withoutConstraints } from '../geometry/sides';
import { compare, rational, sign } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { isFeasible, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { buildRemark } from './construction';
import { remarkWords } from './messages';
import { sideSentence } from './words/points';
import { plainText, paragraphText } from '../sentence/sentence';
import { removedBy } from './shape';
import { removedWords, regionInWords } from './words/shape';

const stated = (text: string) => readStatement(text).problem!;

function told(problem: Problem): string[] {
	const corners = polyhedron(problem).vertices.map(({ at }) => at);
	return construction(problem, corners).map((step) => {
		const remark = remarkWords(buildRemark(problem, step, byKey(corners)));
		return `${plainText(remark.heading)} | ${paragraphText(remark)}`;
	});
}

test('the whole construction of a small region, as a teacher would say it', () => {
	const problem = stated(
		'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nodd: bowls - vases >= 0'
	);
	expect(told(problem)).toEqual([
		'The axes | Every plan is a point: bowls to the right, vases upwards.',
		'bowls ≥ 0 | bowls ≥ 0: everything on the other side of bowls = 0 is out.',
		'vases ≥ 0 | vases ≥ 0: everything on the other side of vases = 0 is out.',
		'clay: its line | 5/2 bowls + 4 vases ≤ 100: its border is the line 5/2 bowls + 4 vases = 100. Two points draw it: with vases = 0, 5/2 bowls = 100, so bowls = 40: the point (40, 0); with bowls = 0, 4 vases = 100, so vases = 25: the point (0, 25).',
		'clay: which side stays | Try (0, 0): 5/2·0 + 4·0 = 0, and 0 ≤ 100 is true. So the side with (0, 0) stays.',
		'clay: what it cuts off | clay cuts off a part of the region, but no corner; new corners appear at (0, 25) and (40, 0). Now the region is bounded.',
		'odd: its line | bowls − vases ≥ 0: its border is the line bowls − vases = 0. Two points draw it: it goes through (0, 0); it goes through (1, 1).',
		'odd: which side stays | Try (1, 0): 1·1 + (−1)·0 = 1, and 1 ≥ 0 is true. So the side with (1, 0) stays.',
		'odd: what it cuts off | odd cuts off the corner (0, 25); a new corner appears at (200/13, 200/13).',
		'The region | The region is a polygon with 3 corners.',
		expect.stringMatching(/^Corner/),
		expect.stringMatching(/^Corner/),
		expect.stringMatching(/^Corner/),
		'The direction of the objective | profit = 30 bowls + 45 vases grows fastest in the direction (30, 45). All points with the same profit lie on a line across it; a better profit is a parallel line further on.',
		'The line slides | The line slides from profit = 0 on; it touches the region for the last time at profit = 1200.',
		'The conclusion | profit is greatest at (40, 0): 1200. No other plan is as good.'
	]);
	const corner = told(problem).find((text) => text.startsWith('Corner (200'))!;
	expect(corner).toBe(
		'Corner (200/13, 200/13) | At (200/13, 200/13) clay and odd meet. 5/2 bowls + 4 vases = 100 and bowls − vases = 0: the first plus 4 times the second leaves 13/2 bowls = 100, so bowls = 200/13; then 4 vases = 100 − 5/2·200/13 = 800/13, so vases = 200/13. profit = 30·200/13 + 45·200/13 = 15000/13 here.'
	);
});

describe('special cases in words', () => {
	test.each([
		[
			'max z = 2 x + 2 y\na: x + y <= 4',
			'all along the edge between them: 8. Every best plan is (0, 4) + t·(4, −4) with 0 ≤ t ≤ 1.'
		],
		[
			'min z = x + 0 y\na: x >= 1',
			'along a half-line from (1, 0), without end: 1. Every best plan is (1, 0) + t·(0, 1) with t ≥ 0.'
		],
		['max z = x + 0 y\na: x >= 1', 'z improves without limit in the direction (1, 0)'],
		['max z = x + y\na: x >= 1\nb: x <= 0', 'There is no plan to choose from'],
		[
			'max z = x + y\nx free\ny free\na: x + y <= 3',
			'at every point of the whole line (3/2, 3/2) + t·(−1, 1), in both directions: 3'
		],
		['max z = x + y + w\na: x + y + w <= 2', 'all over the face with the corners']
	])('%j', (text, words) => {
		expect(told(stated(text)).at(-1)).toContain(words);
	});

	test('degenerate corners tell every pair of lines; coinciding and parallel lines are said', () => {
		const problem = stated('max z = x\na: x + y <= 4\nb: 2 x + 2 y <= 8\nc: x + y <= 9\nd: x - y <= 4');
		const corner = told(problem).find((text) => text.startsWith('Corner (4, 0)'))!;
		expect(corner).toContain(
			'each of these pairs gives it: a with d; a with y = 0; b with d; b with y = 0; d with y = 0.'
		);
		const shape = plainText(regionInWords(problem, polyhedron(problem)));
		expect(shape).toContain('a and b are the same line.');
		expect(shape).toContain('a and c are parallel.');
		expect(plainText(sideSentence(problem, 'x.lower'))).toBe('x ≥ 0');
		expect(plainText(removedWords(removedBy(problem, polyhedron(problem), 'c')!))).toBe(
			'removes nothing: redundant'
		);
	});
});

test('each step keeps what it says, and what cuts off nothing is redundant: found in another way', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const corners = polyhedron(problem).vertices.map(({ at }) => at);
			const steps = construction(problem, corners);
			expect(new Set(steps.map(({ key }) => key)).size).toBe(steps.length);
			for (const step of steps) {
				const remark = remarkWords(buildRemark(problem, step, byKey(corners)));
				expect(paragraphText(remark)).not.toBe('');
				if (step.kind !== 'cut') continue;
				const part = keptProblem(problem, step.kept);
				const row = part.constraints.at(-1)!;
				const before = allCorners(withoutConstraints(part, [row.name]));
				const after = allCorners(part);
				const text = paragraphText(remark);
				if (solveLinear(part).status === 'infeasible') {
					expect(text).toMatch(/empty before|Nothing is left/);
					continue;
				}
				expect(text.includes('cuts off nothing')).toBe(isRedundant(part, row, {}));
				if (text.includes('cuts off the corner'))
					expect(before.some((plan) => !isFeasible(part, plan))).toBe(true);
				else if (text.includes('cuts off nothing')) expect(after.length).toBe(before.length);
			}
		}),
		{ numRuns: 400 }
	);
});

test('the best face, the values of the region, and the slopes at a corner agree with the simplex optimum', () => {
	fc.assert(
		fc.property(anyProblem(), fc.integer({ min: 1, max: 9 }), (problem, weight) => {
			const region = polyhedron(problem);
			const answer = solveLinear(problem);
			const best = bestFace(problem, region);
			expect(best.way !== null).toBe(answer.status === 'unbounded');
			expect(best.value?.toFraction() ?? null).toBe(answer.objective?.toFraction() ?? null);
			for (const at of best.points) {
				expect(isFeasible(problem, planAt(problem, at))).toBe(true);
				expect(compare(objectiveAt(problem, planAt(problem, at)), best.value!)).toBe(0);
			}
			const values = valuesOf(problem, problem.objective, region);
			const end = problem.objective.sense === 'max' ? values?.high : values?.low;
			expect(end?.toFraction() ?? null).toBe(best.value?.toFraction() ?? null);
			// an objective between the normals of the two edges has the corner as its best
			if (problem.variables.length !== 2 || problem.objective.sense !== 'max') return;
			region.vertices.forEach(({ at }, i) => {
				const edges = edgesAt(region, i);
				if (!edges) return;
				const normals = edges.map(([dx, dy], k) => {
					const other = edges[1 - k];
					const normal = [dy, dx.neg()];
					const inward = sign(normal[0].mul(other[0]).add(normal[1].mul(other[1]))) > 0;
					return inward ? normal.map((v) => v.neg()) : normal;
				});
				const between = [0, 1].map((k) => normals[0][k].mul(weight).add(normals[1][k].mul(10 - weight)));
				const turned = bestFace(withCosts(problem, between), region);
				expect(turned.points.map(pointKey)).toContain(pointKey(at));
			});
		}),
		{ numRuns: 400 }
	);
});

test('a conflict just meets where each of its constraints gives way by its gap, and not before', () => {
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			if (solveLinear(problem).status !== 'infeasible') return;
			const names = conflictOf(problem, {})!;
			const gap = gapOf(problem, names);
			if (!gap) return;
			expect(sign(gap.by)).toBe(1);
			const own = withoutConstraints(
				problem,
				problem.constraints.flatMap(({ name }) => (names.includes(name) ? [] : [name]))
			);
			const loose = (by: typeof gap.by): Problem => ({
				...own,
				constraints: own.constraints.flatMap((row) => [
					...(row.relation === '<='
						? []
						: [{ ...row, name: `${row.name}1`, relation: '>=' as const, rhs: row.rhs.sub(by) }]),
					...(row.relation === '>='
						? []
						: [{ ...row, name: `${row.name}2`, relation: '<=' as const, rhs: row.rhs.add(by) }])
				])
			});
			expect(isFeasible(loose(gap.by), gap.plan)).toBe(true);
			expect(solveLinear(loose(gap.by.mul(rational(9, 10)))).status).toBe('infeasible');
		}),
		{ numRuns: 400 }
	);
});

test('the order of the constraints can be changed, and those that are not named follow', () => {
	const problem = stated('max z = x\na: x <= 1\nb: x <= 2\nc: x <= 3');
	expect(ordered(problem, ['c', 'gone', 'a']).constraints.map(({ name }) => name)).toEqual(['c', 'a', 'b']);
});
