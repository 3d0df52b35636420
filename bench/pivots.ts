import Fraction from 'fraction.js';

/** A small generator with a seed, so that every run measures the same problems (Park and Miller 1988). */
export function random(seed: number): (low: number, high: number) => number {
	let state = seed;
	return (low, high) => {
		state = (state * 48271) % 2147483647;
		return low + (state % (high - low + 1));
	};
}

/** A dense tableau of `max c x, A x ≤ b` with two-digit data: the objective row last, the right-hand side in the last column. */
export function denseTableau(rows: number, columns: number, seed: number): number[][] {
	const next = random(seed);
	const body = Array.from({ length: rows }, () => [
		...Array.from({ length: columns }, () => next(1, 99)),
		next(10, 99) * columns
	]);
	return [...body, [...Array.from({ length: columns }, () => -next(1, 99)), 0]];
}

/** The same pivot (condensed tableau, leaving column in place) on any kind of number, a fresh tableau each time. */
function pivotWith<T>(
	sub: (a: T, b: T) => T,
	mul: (a: T, b: T) => T,
	div: (a: T, b: T) => T,
	one: T,
	neg: (a: T) => T
): (t: readonly (readonly T[])[], r: number, s: number) => T[][] {
	return (t, r, s) => {
		const p = t[r][s];
		const pivotRow = t[r].map((v, j) => (j === s ? div(one, p) : div(v, p)));
		return t.map((row, i) => {
			if (i === r) return pivotRow;
			const f = row[s];
			return row.map((v, j) => (j === s ? neg(div(f, p)) : sub(v, mul(f, pivotRow[j]))));
		});
	};
}

/** Pivots with one rational object for each entry. */
export const pivotFractions = pivotWith<Fraction>(
	(a, b) => a.sub(b),
	(a, b) => a.mul(b),
	(a, b) => a.div(b),
	new Fraction(1),
	(a) => a.neg()
);

/** The same pivot in double precision on one flat array, as fast code would write it. */
export function pivotDoubles(t: Float64Array, width: number, r: number, s: number): Float64Array {
	const height = t.length / width;
	const next = new Float64Array(t.length);
	const base = r * width;
	const p = t[base + s];
	for (let j = 0; j < width; j++) next[base + j] = t[base + j] / p;
	next[base + s] = 1 / p;
	for (let i = 0, start = 0; i < height; i++, start += width) {
		if (i === r) continue;
		const f = t[start + s];
		for (let j = 0; j < width; j++) next[start + j] = t[start + j] - f * next[base + j];
		next[start + s] = -f / p;
	}
	return next;
}
