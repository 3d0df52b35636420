import { rational } from '../src/lib/core/number/rational';
import type { Problem } from '../src/lib/core/problem/types';
import { denseTableau, random } from './pivots';

/** A dense maximum of so many variables and rows with two-digit numbers, every fourth row a ≥. */
export function denseProblem(size: number, seed: number): Problem {
	const t = denseTableau(size, size, seed);
	const next = random(seed + 1);
	const names = Array.from({ length: size }, (_, j) => `x${j + 1}`);
	const terms = (row: number[]) => new Map(names.map((name, j) => [name, rational(row[j])]));
	return {
		variables: names.map((name) => ({ name, lower: rational(0), upper: null, domain: 'continuous' })),
		objective: { sense: 'max', name: 'z', terms: terms(t[size].map((v) => -v)), constant: rational(0) },
		constraints: t.slice(0, size).map((row, i) => {
			const atLeast = i % 4 === 3;
			return {
				name: `r${i + 1}`,
				terms: terms(row),
				relation: atLeast ? '>=' : '<=',
				rhs: rational(atLeast ? next(10, 99) : row[size] * 4)
			};
		})
	};
}
