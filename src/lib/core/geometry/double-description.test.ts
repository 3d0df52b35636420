import fc from 'fast-check';
import { expect, test } from 'vitest';
import { echelon } from '../number/linear-algebra';
import { rational } from '../number/rational';
import { extremeRays, primitive } from './double-description';

const rows = (...list: number[][]) => list.map((row) => row.map(BigInt));
const shown = (rays: readonly (readonly bigint[])[] | null) => rays?.map((ray) => ray.join(' ')).sort();

test('cones known by sight: an octant, a square cone, a cone that only holds its tip', () => {
	expect(shown(extremeRays(rows([1, 0, 0], [0, 1, 0], [0, 0, 1]), 3))).toEqual(['0 0 1', '0 1 0', '1 0 0']);
	expect(shown(extremeRays(rows([1, 0, 1], [-1, 0, 1], [0, 1, 1], [0, -1, 1]), 3))).toEqual([
		'-1 -1 1',
		'-1 1 1',
		'1 -1 1',
		'1 1 1'
	]);
	expect(extremeRays(rows([1, 0], [0, 1], [-1, -1]), 2)).toEqual([]);
	expect(extremeRays(rows([1, 0], [2, 0]), 2)).toBeNull();
	expect(extremeRays(rows([1, 0], [0, 1], [1, -1]), 2, { hurry: () => true })).toBeNull();
});

test('every ray is on the border in enough independent ways, and all such directions are found', () => {
	const matrix = fc.integer({ min: 2, max: 4 }).chain((n) =>
		fc
			.array(fc.array(fc.integer({ min: -3, max: 3 }), { minLength: n, maxLength: n }), {
				minLength: 1,
				maxLength: 6
			})
			.map((some) => ({
				n,
				all: [
					...Array.from({ length: n }, (_, i) => Array.from({ length: n }, (_, j) => (i === j ? 1 : 0))),
					...some
				]
			}))
	);
	fc.assert(
		fc.property(matrix, ({ n, all }) => {
			const whole = rows(...all);
			const value = (row: readonly bigint[], at: readonly bigint[]) =>
				row.reduce((sum, v, i) => sum + v * at[i], 0n);
			const independent = (chosen: readonly (readonly bigint[])[]) =>
				echelon(
					chosen.map((row) => row.map((v) => rational(v))),
					n
				);
			// every n − 1 independent rows meet in a line; its two directions are tried one by one
			const expected = new Set<string>();
			const subsets = (from: number, chosen: readonly (readonly bigint[])[]): void => {
				if (chosen.length === n - 1) {
					const { rows: reduced, pivots } = independent(chosen);
					if (pivots.length < n - 1) return;
					const free = Array.from({ length: n }, (_, j) => j).find((j) => !pivots.includes(j))!;
					const direction = Array.from({ length: n }, () => rational(0));
					direction[free] = rational(1);
					pivots.forEach((column, i) => (direction[column] = reduced[i][free].neg()));
					const multiple = direction.reduce((m, v) => m * v.d, 1n);
					const at = primitive(direction.map((v) => v.s * v.n * (multiple / v.d)));
					for (const ray of [at, at.map((v) => -v)])
						if (whole.every((row) => value(row, ray) >= 0n)) expected.add(ray.join(' '));
					return;
				}
				for (let i = from; i < whole.length; i++) subsets(i + 1, [...chosen, whole[i]]);
			};
			subsets(0, []);
			expect(shown(extremeRays(whole, n))).toEqual([...expected].sort());
		}),
		{ numRuns: 400 }
	);
});
