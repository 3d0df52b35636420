import { intercepts } from './construction';
import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { allCorners, anyProblem, bestOf } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { compare, ZERO } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { isFeasible } from '../problem/types';
import { covered } from './labels';
import { isRedundant } from '../kind/kind';
import { bestFace } from './best';
import { pointKey } from './point-key';
import { region } from './region';
import { keepsSide } from './sides';

const of = (rows: string) => region(readStatement(`max z = x + y\n${rows}`).problem!);
const corners = (rows: string) => of(rows).vertices.map(({ at }) => pointKey(at));

describe('regions of every shape', () => {
	test.each([
		['a: x + y <= 4', 'polygon', ['0 0', '4 0', '0 4']],
		['a: x >= 3\nb: x <= 2', 'empty', []],
		['a: x + y <= 0', 'point', ['0 0']],
		['a: x + y = 3', 'segment', ['3 0', '0 3']],
		['a: x <= 2\nb: x >= 2\nc: y <= 1', 'segment', ['2 0', '2 1']],
		['a: x - y = 1', 'ray', ['1 0']],
		['a: x - y = 1\nx free\ny free', 'line', []],
		['a: x - y <= 1', 'unbounded', ['0 0', '1 0']],
		['a: x >= 1\nx free\ny free', 'unbounded', []],
		['x free\ny free', 'plane', []],
		['a: 0 x <= -1', 'empty', []],
		['a: 0.001 x + y <= 5000000', 'polygon', ['0 0', '5000000000 0', '0 5000000']],
		['a: 7 x + 3 y <= 5\nb: 3 x + 7 y <= 5', 'polygon', ['0 0', '5/7 0', '1/2 1/2', '0 5/7']]
	])('%j is a %s', (rows, shape, points) => {
		expect(of(rows).shape).toBe(shape);
		expect(corners(rows).sort()).toEqual([...points].sort());
	});

	test('lines that coincide, are redundant, or meet three in a corner', () => {
		const r = of('a: 4 x + 3 y <= 12\nb: 4 x + y <= 8\nc: 4 x + 2 y <= 8\nd: 2 x + y <= 4\ne: x + y <= 90');
		const names = (lines: readonly number[]) => lines.map((i) => r.sides[i].owner.name);
		const top = r.vertices.find(({ at: [x, y] }) => x.equals(0) && y.equals(4))!;
		expect(names(top.tight)).toEqual(['a', 'c', 'd', 'x']);
		expect(names([...r.redundant])).toEqual(['a', 'b', 'e']);
	});
});

test('where the region has no inside, lines that hold an end of it are not called redundant', () => {
	const named = (rows: string) => {
		const r = of(rows);
		return [...r.redundant].flatMap((i) =>
			r.sides[i].owner.kind === 'constraint' ? r.sides[i].owner.name : []
		);
	};
	expect(named('a: 3 x <= 1\nb: y <= 0')).toEqual([]);
	expect(named('a: x = 1\nb: y <= 4\nc: x + y <= 9')).toEqual(['c']);
	expect(named('a: x - y = 1\nb: x >= 1')).toEqual(['b']);
});

test('the best corner of the region, the simplex optimum and the corners tried one by one agree', () => {
	const shapes = new Set<string>();
	fc.assert(
		fc.property(anyProblem({ variables: 2 }), (problem) => {
			const r = region(problem);
			shapes.add(r.shape);
			const listed = allCorners(problem).map((plan) =>
				[...plan.values()].map((v) => v.toFraction()).join(' ')
			);
			expect(r.vertices.map(({ at }) => pointKey(at)).sort()).toEqual(listed.sort());
			for (const { at } of r.vertices) expect(r.sides.every((side) => keepsSide(side, at))).toBe(true);
			const answer = solveLinear(problem);
			const best = bestFace(problem, r);
			expect(r.shape === 'empty').toBe(answer.status === 'infeasible');
			expect(best.way !== null).toBe(answer.status === 'unbounded');
			if (best.value && r.vertices.length > 0) {
				expect(compare(best.value, answer.objective!)).toBe(0);
				expect(compare(bestOf(problem, allCorners(problem))!, best.value)).toBe(0);
			}
			// an open direction stays in the region for ever
			const [first] = r.vertices;
			if (first)
				for (const way of r.directions) {
					const far = first.at.map((value, i) => value.add(way[i].mul(1000)));
					expect(isFeasible(problem, new Map(r.axes.map((name, i) => [name, far[i]])))).toBe(true);
				}
		}),
		{ numRuns: 2000 }
	);
	for (const shape of ['empty', 'point', 'segment', 'polygon', 'unbounded']) expect(shapes).toContain(shape);
});

test('corners go round counter-clockwise', () => {
	const r = of('a: x + y <= 6\nb: x <= 4\nc: y <= 5\nd: x - y >= -4');
	const turn = r.vertices.map(({ at: [px, py] }, i) => {
		const [[qx, qy], [sx, sy]] = [1, 2].map((k) => r.vertices[(i + k) % r.vertices.length].at);
		return qx
			.sub(px)
			.mul(sy.sub(qy))
			.sub(qy.sub(py).mul(sx.sub(qx)));
	});
	expect(turn.every((area) => compare(area, ZERO) > 0)).toBe(true);
	expect(r.vertices).toHaveLength(5);
	// an open boundary is followed from its beginning, the region to the left
	expect(corners('a: x + y >= 4\nb: x + 3 y >= 6')).toEqual(['0 4', '3 1', '6 0']);
});

test('a plane through the origin is drawn from that point alone, a line from another one too', () => {
	const side = (numbers: number[]) => ({
		owner: { kind: 'constraint' as const, name: 'r' },
		row: numbers.map((n) => ZERO.add(n)),
		rhs: ZERO,
		equality: false
	});
	const points = (numbers: number[]) =>
		intercepts(side(numbers)).map((at) => at.map((v) => v.toFraction()).join(' '));
	expect(points([1, 2, 3])).toEqual(['0 0 0']);
	expect(points([1, -2])).toEqual(['0 0', '2 1']);
});

test('how much of a segment a rectangle covers, by points along it', () => {
	const place = fc.record({ x: fc.integer({ min: -9, max: 9 }), y: fc.integer({ min: -9, max: 9 }) });
	const POINTS = 2000;
	let crossed = 0;
	fc.assert(
		fc.property(place, place, place, place, (p, q, a, b) => {
			const box = {
				x0: Math.min(a.x, b.x) - 0.5,
				x1: Math.max(a.x, b.x) + 0.5,
				y0: Math.min(a.y, b.y) - 0.5,
				y1: Math.max(a.y, b.y) + 0.5
			};
			const inside = Array.from({ length: POINTS }, (_, i) => (i + 0.5) / POINTS).filter((t) => {
				const [x, y] = [p.x + t * (q.x - p.x), p.y + t * (q.y - p.y)];
				return x > box.x0 && x < box.x1 && y > box.y0 && y < box.y1;
			}).length;
			const length = Math.hypot(q.x - p.x, q.y - p.y);
			if (inside > 0 && inside < POINTS) crossed += 1;
			expect(Math.abs(covered({ p, q }, box) - (inside / POINTS) * length)).toBeLessThanOrEqual(
				(3 * length) / POINTS
			);
		}),
		{ numRuns: 300 }
	);
	expect(crossed).toBeGreaterThan(50);
});

test('the only line of a plane is not redundant', () => {
	expect(region(readStatement('max z = x + y\na: x + y <= 4\nx, y free').problem!).redundant.size).toBe(0);
});

test('a side is redundant where no plan of the others breaks it: found by solving', () => {
	const seen = { kept: 0, redundant: 0 };
	fc.assert(
		fc.property(anyProblem({ variables: 2 }), (problem) => {
			const r = region(problem);
			if (r.shape === 'empty') return;
			const isFlat = r.dimension < 2;
			problem.constraints.forEach((row, i) => {
				const follows = isRedundant(problem, row, {});
				// of sides that coincide each follows from the other, and both bound the region
				const hasTwin = r.sides.some(
					(_, k) =>
						k !== i && !isFlat && r.vertices.every(({ tight }) => tight.includes(i) === tight.includes(k))
				);
				if (r.redundant.has(i)) expect(follows).toBe(true);
				else if (!hasTwin) expect(follows).toBe(false);
				seen[follows ? 'redundant' : 'kept'] += 1;
			});
		}),
		{ numRuns: 500 }
	);
	expect(Math.min(seen.kept, seen.redundant)).toBeGreaterThan(30);
});
