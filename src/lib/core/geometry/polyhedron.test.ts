import fc from 'fast-check';
import { expect, test } from 'vitest';
import { allCorners, anyProblem } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { rank } from '../number/linear-algebra';
import { isInteger, rational, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { isFeasible, type Plan } from '../problem/types';
import { hullEdges, wholeHull } from './hull';
import { facesOf, outline, polyhedron } from './polyhedron';
import { keepsSide, planAt, sliced } from './sides';

const stated = (text: string) => readStatement(text).problem!;
const key = (point: readonly { toFraction(): string }[]) => point.map((v) => v.toFraction()).join(' ');
const keyOf = (plan: Plan) => key([...plan.values()]);

test('corners, rays, edges and dimension of random regions of one to three variables', () => {
	const seen = new Set<string>();
	fc.assert(
		fc.property(anyProblem(), (problem) => {
			const p = polyhedron(problem);
			const width = problem.variables.length;
			seen.add(`${width} ${p.dimension} ${p.rays.length > 0} ${p.lines.length > 0}`);
			expect(p.dimension < 0).toBe(solveLinear(problem).status === 'infeasible');
			expect(p.vertices.map(({ at }) => key(at)).sort()).toEqual(allCorners(problem).map(keyOf).sort());
			if (p.dimension >= 0 && p.lines.length === 0) expect(p.vertices.length).toBeGreaterThan(0);
			for (const { at, tight } of p.vertices) {
				expect(p.sides.every((side) => keepsSide(side, at))).toBe(true);
				expect(
					rank(
						tight.map((i) => p.sides[i].row),
						width
					)
				).toBe(width);
			}
			for (const { direction, tight } of p.rays) {
				const far = p.vertices[0].at.map((value, i) => value.add(direction[i].mul(1000)));
				expect(p.sides.every((side) => keepsSide(side, far))).toBe(true);
				expect(
					rank(
						tight.map((i) => p.sides[i].row),
						width
					)
				).toBe(width - 1);
			}
			for (const edge of p.edges) {
				const [from, to] = edge.vertices.map((i) => p.vertices[i]);
				const other = to ?? p.rays[(edge as { ray: number }).ray];
				const shared = from.tight.filter((i) => other.tight.includes(i));
				expect(
					rank(
						shared.map((i) => p.sides[i].row),
						width
					)
				).toBe(width - 1);
			}
			// corners, edges and faces of a body: Euler 1758
			if (width === 3 && p.dimension === 3 && p.rays.length === 0 && p.vertices.length) {
				const distinct = new Set(facesOf(p).map(({ vertices }) => [...vertices].sort().join()));
				expect(p.vertices.length - p.edges.length + distinct.size).toBe(2);
			}
			if (p.dimension === 2 && p.rays.length === 0 && p.vertices.length)
				expect([outline(p).length, p.edges.length]).toEqual([p.vertices.length, p.vertices.length]);
		}),
		{ numRuns: 1500 }
	);
	for (const kind of [
		'3 3 false false',
		'3 3 true false',
		'3 2 false false',
		'3 -1 false false',
		'2 1 true false',
		'1 1 false false'
	])
		expect(seen).toContain(kind);
});

test('the corners of a face go around it', () => {
	const p = polyhedron(stated('max z = x + y + w\nbox: x <= 2\ny <= 2\nw <= 2\ncut: x + y + w <= 5'));
	const faces = facesOf(p);
	const cut = faces.find(({ side }) => p.sides[side].owner.name === 'cut')!;
	expect(cut.vertices).toHaveLength(3);
	expect(faces).toHaveLength(7);
	for (const { vertices } of faces)
		vertices.forEach((v, i) => {
			const next = vertices[(i + 1) % vertices.length];
			expect(p.edges.some((edge) => [...edge.vertices].sort().join() === [v, next].sort().join())).toBe(true);
		});
	const pentagons = faces.filter(({ vertices }) => vertices.length === 5);
	expect(pentagons).toHaveLength(3);
});

test('the hull of the whole points has every whole point, and corners among them only', () => {
	fc.assert(
		fc.property(anyProblem({ whole: true }), (problem) => {
			const hull = wholeHull(problem)!;
			const width = problem.variables.length;
			const grid = (n: number): number[][] =>
				n === 0 ? [[]] : grid(n - 1).flatMap((rest) => [0, 1, 2, 3, 4].map((v) => [...rest, v]));
			const whole = grid(width)
				.map((point) => point.map((v) => rational(v)))
				.filter((point) => isFeasible(problem, planAt(problem, point)));
			const keys = new Set(whole.map(key));
			expect(hull.every((point) => point.every(isInteger) && keys.has(key(point)))).toBe(true);
			expect(hull.length > 0).toBe(whole.length > 0);
			// a point is a corner of the hull just when some objective has it as its only best: tried with the steep ones
			const best = (weights: readonly number[]) => {
				const value = (point: (typeof whole)[number]) =>
					point.reduce((sum, v, i) => sum + Number(v.n) * weights[i], 0);
				const most = Math.max(...whole.map(value));
				return whole.filter((point) => value(point) === most);
			};
			const corners = new Set(hull.map(key));
			if (whole.length === 0) return;
			const directions = grid(width).map((w) =>
				w.map((v, i) => (v - 2) * 7 + (i === 0 ? 1 : i === 1 ? 3 : -2))
			);
			for (const weights of directions) {
				const found = best(weights);
				expect(found.some((point) => corners.has(key(point)))).toBe(true);
				if (found.length === 1) expect(corners).toContain(key(found[0]));
			}
			for (const point of hull) {
				const others = hull.filter((other) => other !== point);
				const between = others.some((p, i) =>
					others.slice(i + 1).some((q) => p.every((v, k) => v.add(q[k]).equals(point[k].mul(2))))
				);
				expect(between).toBe(false);
			}
		}),
		{ numRuns: 300 }
	);
});

test('a slice fixes the other variables', () => {
	const problem = stated('max z = x + 2 y + 3 w\na: x + y + w <= 10\nb: x - w >= 1');
	const flat = sliced(problem, ['y', 'x'], new Map([['w', rational(4)]]));
	expect(flat.variables.map(({ name }) => name)).toEqual(['y', 'x']);
	expect(flat.constraints.map(({ rhs }) => rhs.toFraction())).toEqual(['6', '5']);
	expect(flat.objective.constant.toFraction()).toBe('12');
});

test('the hull’s edges are those of the region where its corners are whole already', () => {
	const names = ['x', 'y', 'w'];
	let edges = 0;
	fc.assert(
		fc.property(
			fc.integer({ min: 1, max: 3 }),
			fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 3, maxLength: 3 }),
			// sums of neighbours make a totally unimodular matrix (Hoffman and Kruskal 1956)
			fc.array(fc.tuple(fc.nat(2), fc.nat(2), fc.constantFrom('<=', '>='), fc.nat(6)), { maxLength: 4 }),
			(width, upper, sums) => {
				const used = names.slice(0, width);
				const rows = sums.flatMap(([from, to, relation, rhs]) => {
					const part = used.slice(Math.min(from, to), Math.max(from, to) + 1);
					return part.length > 0 ? [`${part.join(' + ')} ${relation} ${rhs}`] : [];
				});
				const bounds = used.map((name, i) => `${name} from 0 to ${upper[i]}`);
				const goal = `max z = ${used.join(' + ')}`;
				const problem = stated([goal, ...rows, ...bounds, `${used.join(', ')} integer`].join('\n'));
				const body = polyhedron(problem);
				const hull = wholeHull(problem)!;
				const told = (ends: readonly (readonly Rational[])[]) => ends.map(key).sort().join(' – ');
				expect(
					hullEdges(hull)
						.map(([p, q]) => told([hull[p], hull[q]]))
						.sort()
				).toEqual(body.edges.map(({ vertices }) => told(vertices.map((v) => body.vertices[v].at))).sort());
				edges += body.edges.length;
			}
		),
		{ numRuns: 150 }
	);
	expect(edges).toBeGreaterThan(100);
});
