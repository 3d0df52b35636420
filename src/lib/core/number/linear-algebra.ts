import { gcd, isZero, lcm, numerator, ONE, ZERO, type Rational } from './rational';

export type Vector = readonly Rational[];

/** The row echelon form (leading ones, zeros above and below) and the pivot columns, by exact elimination (Gauss, Jordan). */
export function echelon(rows: readonly Vector[], width: number): { rows: Rational[][]; pivots: number[] } {
	const work = rows.map((row) => [...row]);
	const pivots: number[] = [];
	let top = 0;
	for (let column = 0; column < width && top < work.length; column++) {
		const found = work.findIndex((row, i) => i >= top && !isZero(row[column]));
		if (found < 0) continue;
		[work[top], work[found]] = [work[found], work[top]];
		const lead = work[top][column];
		if (!lead.equals(1)) work[top] = work[top].map((value) => (isZero(value) ? value : value.div(lead)));
		const pivot = work[top];
		for (let i = 0; i < work.length; i++) {
			const factor = work[i][column];
			if (i === top || isZero(factor)) continue;
			work[i] = work[i].map((value, j) => (isZero(pivot[j]) ? value : value.sub(factor.mul(pivot[j]))));
		}
		pivots.push(column);
		top += 1;
	}
	return { rows: work.slice(0, top), pivots };
}

/**
 * How many of some rows of a width are linearly independent.
 * @param most known not to be exceeded: no row is looked at after so many were found
 */
export function rank(rows: readonly Vector[], width: number, most = width): number {
	const found: { lead: number; row: Rational[] }[] = [];
	for (const row of rows) {
		if (found.length === most) break;
		let rest: Rational[] = [...row];
		for (const { lead, row: own } of found) {
			const factor = rest[lead];
			if (!isZero(factor))
				rest = rest.map((value, j) => (isZero(own[j]) ? value : value.sub(factor.mul(own[j]))));
		}
		const lead = rest.findIndex((value) => !isZero(value));
		if (lead < 0) continue;
		const by = rest[lead];
		found.push({ lead, row: rest.map((value) => (isZero(value) ? value : value.div(by))) });
	}
	return found.length;
}

/** A basis of the vectors that every row maps to zero. */
export function nullSpace(rows: readonly Vector[], width: number): Vector[] {
	const { rows: reduced, pivots } = echelon(rows, width);
	const free = Array.from({ length: width }, (_, j) => j).filter((j) => !pivots.includes(j));
	return free.map((j) => {
		const vector = Array.from({ length: width }, () => ZERO);
		vector[j] = ONE;
		pivots.forEach((column, i) => (vector[column] = reduced[i][j].neg()));
		return vector;
	});
}

/** The inner product of two vectors of the same length. */
export const dot = (a: Vector, b: Vector): Rational =>
	a.reduce((sum, value, i) => (isZero(value) || isZero(b[i]) ? sum : sum.add(value.mul(b[i]))), ZERO);

/** A vector of rationals as whole numbers without a common divisor, in the same direction. */
export function wholeVector(values: Vector): bigint[] {
	const multiple = values.reduce((all, value) => lcm(all, value.d), 1n);
	const whole = values.map((value) => numerator(value) * (multiple / value.d));
	const divisor = whole.reduce((a, b) => gcd(a, b), 0n);
	return divisor > 1n ? whole.map((part) => part / divisor) : whole;
}
