import fc from 'fast-check';
import { expect, test } from 'vitest';
import { pivotFractions } from '../../../../bench/pivots';
import { rational } from '../number/rational';
import { standardForm } from '../form/standard';
import { readStatement } from '../problem/statement/read';
import { compareProducts, makeKernel, pivotKernel, type Kernel } from './kernel';
import { startTableau } from './build';
import { OBJECTIVE } from './goal';
import { cost, entry, goalValue, objectiveValue, pivot, readPlan, rhs } from './tableau';

const fraction = (kernel: Kernel, k: number) =>
	rational(BigInt(kernel.cells[k]), BigInt(kernel.denominator)).toFraction();

test('the kernel pivots as rationals do, from doubles into BigInts', () => {
	let grewLarge = 0;
	const matrix = fc
		.tuple(fc.integer({ min: 2, max: 7 }), fc.integer({ min: 2, max: 7 }), fc.constantFrom(9, 99, 100_000))
		.chain(([m, n, most]) =>
			fc.array(fc.array(fc.integer({ min: -most, max: most }), { minLength: n, maxLength: n }), {
				minLength: m,
				maxLength: m
			})
		);
	fc.assert(
		fc.property(matrix, fc.array(fc.nat(), { maxLength: 12 }), (rows, walk) => {
			const width = rows[0].length;
			let kernel = makeKernel(rows, width);
			let plain = rows.map((row) => row.map((v) => rational(v)));
			for (const at of walk) {
				const [r, s] = [at % (rows.length - 1), Math.floor(at / 7) % (width - 1)];
				if (!kernel.cells[r * width + s]) continue;
				kernel = pivotKernel(kernel, r, s);
				plain = pivotFractions(plain, r, s);
			}
			if (!(kernel.cells instanceof Float64Array)) grewLarge += 1;
			expect(kernel.denominator > 0).toBe(true);
			expect(plain.flat().map((v) => v.toFraction())).toEqual(
				plain.flat().map((_, k) => fraction(kernel, k))
			);
		}),
		{ numRuns: 600 }
	);
	expect(grewLarge).toBeGreaterThan(20);
	expect(() =>
		pivotKernel(
			makeKernel(
				[
					[0, 1],
					[1, 1]
				],
				2
			),
			0,
			0
		)
	).toThrow(/zero/);
});

test('products are compared exactly where doubles no longer can', () => {
	const big = 2 ** 52 - 1;
	expect(compareProducts(big, big, big, big - 1)).toBe(1);
	expect(compareProducts(big, big - 2, big - 1, big - 1)).toBe(-1);
	expect(compareProducts(3, 4, 2n, 6n)).toBe(0);
});

test('rows with fractions are scaled inside and shown as they are', () => {
	const { problem } = readStatement(
		'max z = 1/2 x + 1/3 y + 7\na: 1/2 x + 1/4 y <= 5/3\nb: 0.1 x + y <= 2.5'
	);
	const t = startTableau(standardForm(problem!));
	const shown = () =>
		[0, 1].map(
			(i) => [0, 1, 2, 3].map((j) => entry(t, i, j).toFraction()).join(' ') + ` | ${rhs(t, i).toFraction()}`
		);
	expect(shown()).toEqual(['1/2 1/4 1 0 | 5/3', '1/10 1 0 1 | 5/2']);
	expect([0, 1, 2].map((j) => cost(t, OBJECTIVE, j).toFraction())).toEqual(['-1/2', '-1/3', '0']);
	const after = pivot(t, 0, 0);
	expect([0, 1, 2, 3].map((j) => entry(after, 0, j).toFraction())).toEqual(['1', '1/2', '2', '0']);
	expect(readPlan(after).get('x')!.toFraction()).toBe('10/3');
	expect(objectiveValue(after).toFraction()).toBe('26/3');
	expect(goalValue(after, OBJECTIVE).toFraction()).toBe('26/3');
});
