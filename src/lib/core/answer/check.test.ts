import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { anyProblem } from '../../../../tests/support/problems';
import { isZero, ONE, rational, ZERO, type Rational } from '../number/rational';
import { readStatement } from '../problem/statement/read';
import { evaluate, type Problem } from '../problem/types';
import { solveLinear } from './answer';
import type { Certificate } from './certificate';
import { checkCertificate } from './check';
import { nullSpace, rank } from '../number/linear-algebra';
import { segmentBetween } from './optimal-set';

const problemOf = (text: string): Problem => readStatement(text).problem!;
const map = (values: Record<string, number | Rational>) =>
	new Map(Object.entries(values).map(([name, v]) => [name, typeof v === 'number' ? rational(v) : v]));

describe('the checker refuses what proves nothing', () => {
	const pots = problemOf('max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18');
	const point = map({ x: 2, y: 6 });
	const multipliers = map({ a: ZERO, b: rational(3, 2), c: ONE });

	test('optimal: a plan outside, a plan that is worse, a wrong sign, a bound that does not bind', () => {
		const check = (certificate: Partial<Extract<Certificate, { kind: 'optimal' }>>) =>
			checkCertificate(pots, { kind: 'optimal', point, multipliers, ...certificate });
		expect(check({})).toBe(true);
		expect(check({ point: map({ x: 4, y: 6 }) })).toBe(false);
		expect(check({ point: map({ x: 2, y: 5 }) })).toBe(false);
		expect(check({ multipliers: map({ a: -1, b: rational(3, 2), c: 1 }) })).toBe(false);
		expect(check({ multipliers: map({ a: 0, b: 0, c: 1 }) })).toBe(false);
		expect(check({ multipliers: map({ a: 0, b: 2, c: 1 }) })).toBe(false);
	});

	test('infeasible: multipliers that contradict nothing, or have the wrong sign', () => {
		const none = problemOf('max z = x + y\na: x + y <= 3\nb: x + y >= 5');
		const check = (values: Record<string, number>) =>
			checkCertificate(none, { kind: 'infeasible', multipliers: map(values) });
		expect(check({ a: -1, b: 1 })).toBe(true);
		expect(check({ a: 1, b: -1 })).toBe(false);
		expect(check({ a: -2, b: 1 })).toBe(false);
		expect(check({ a: 0, b: 0 })).toBe(false);
		expect(checkCertificate(none, { kind: 'infeasible', multipliers: map({}), variable: 'x' })).toBe(false);
		const crossed = problemOf('max z = x\nx from 3 to 2');
		expect(checkCertificate(crossed, { kind: 'infeasible', multipliers: map({}), variable: 'x' })).toBe(true);
	});

	test('unbounded: a direction that leaves, that does not improve, a point outside', () => {
		const open = problemOf('max z = x + 2 y\na: x - y <= 2\nb: y - 2 x <= 3');
		const check = (ray: Record<string, number>, at = { x: 0, y: 0 }) =>
			checkCertificate(open, { kind: 'unbounded', point: map(at), ray: map(ray) });
		expect(check({ x: 1, y: 1 })).toBe(true);
		expect(check({ x: 1, y: 0 })).toBe(false);
		expect(check({ x: 0, y: 0 })).toBe(false);
		expect(check({ x: -1, y: 1 })).toBe(false);
		expect(check({ x: 1, y: 1 }, { x: 9, y: 0 })).toBe(false);
	});

	test('a certificate does not prove a problem whose optimum is another', () => {
		let refused = 0;
		fc.assert(
			fc.property(anyProblem(), anyProblem(), (p, q) => {
				if (p.variables.length !== q.variables.length || p.constraints.length !== q.constraints.length)
					return;
				const [a, b] = [solveLinear(p), solveLinear(q)];
				if (!checkCertificate(q, a.certificate!)) {
					refused += 1;
					return;
				}
				expect(a.status).toBe(b.status);
				const { terms, constant } = q.objective;
				if (a.solution) expect(evaluate(terms, a.solution, constant).equals(b.objective!)).toBe(true);
			}),
			{ numRuns: 4000 }
		);
		expect(refused).toBeGreaterThan(50);
	});
});

test('rank and null space belong together, and the null space is mapped to zero', () => {
	const matrix = fc.tuple(fc.integer({ min: 1, max: 4 }), fc.integer({ min: 1, max: 5 })).chain(([m, n]) =>
		fc.array(
			fc.array(
				fc.integer({ min: -2, max: 2 }).map((v) => rational(v)),
				{ minLength: n, maxLength: n }
			),
			{ minLength: m, maxLength: m }
		)
	);
	fc.assert(
		fc.property(matrix, (rows) => {
			const width = rows[0].length;
			const kernel = nullSpace(rows, width);
			expect(rank(rows, width) + kernel.length).toBe(width);
			expect(rank(kernel, width)).toBe(kernel.length);
			for (const row of rows)
				for (const vector of kernel)
					expect(isZero(row.reduce((sum, v, j) => sum.add(v.mul(vector[j])), ZERO))).toBe(true);
		})
	);
});

test('the segment between two optima in a parameter', () => {
	const { from, direction } = segmentBetween(map({ x: 0, y: rational(5, 2) }), map({ x: 3, y: 1 }));
	const at = (t: Rational) => [...from].map(([name, v]) => v.add(direction.get(name)!.mul(t)).toFraction());
	expect([at(ZERO), at(rational(1, 2)), at(ONE)]).toEqual([
		['0', '5/2'],
		['3/2', '7/4'],
		['3', '1']
	]);
});
