import { gcd } from '../number/rational';

/** A vector of whole numbers. */
export type Whole = readonly bigint[];

/** An extreme ray of a cone, with the inequalities that hold with equality on it. */
interface Ray {
	readonly at: Whole;
	readonly tight: Bits;
}

/** The inner product of two vectors of whole numbers of the same length. */
export const dotWhole = (a: Whole, b: Whole): bigint => {
	let sum = 0n;
	for (let i = 0; i < a.length; i++) if (a[i] !== 0n && b[i] !== 0n) sum += a[i] * b[i];
	return sum;
};

/** The vector divided by the greatest divisor of its parts. */
export function primitive(vector: readonly bigint[]): bigint[] {
	const divisor = vector.reduce((a, b) => gcd(a, b), 0n);
	return divisor > 1n ? vector.map((part) => part / divisor) : [...vector];
}

/** Linearly independent rows, in order, and the solutions of `row · x = 1, others 0` as primitive vectors: a simplicial cone's rays. */
function firstCone(rows: readonly Whole[], dimension: number): { chosen: number[]; rays: Whole[] } | null {
	const chosen: number[] = [];
	// reduced rows with the combination of chosen rows that made them
	const echelon: { pivot: number; row: bigint[] }[] = [];
	const reduce = (row: Whole): bigint[] => {
		let rest = [...row];
		for (const { pivot, row: lead } of echelon) {
			if (rest[pivot] === 0n) continue;
			const [p, q] = [lead[pivot], rest[pivot]];
			rest = primitive(rest.map((value, i) => value * p - lead[i] * q));
		}
		return rest;
	};
	for (let i = 0; i < rows.length && chosen.length < dimension; i++) {
		const rest = reduce(rows[i]);
		const pivot = rest.findIndex((value) => value !== 0n);
		if (pivot < 0) continue;
		echelon.push({ pivot, row: rest });
		chosen.push(i);
	}
	if (chosen.length < dimension) return null;
	return {
		chosen,
		rays: chosen.map((_, k) =>
			solveUnit(
				chosen.map((i) => rows[i]),
				k
			)
		)
	};
}

/** The direction in which all rows but the k-th stay zero and the k-th rises (fraction-free elimination). */
function solveUnit(rows: readonly Whole[], k: number): Whole {
	const n = rows.length;
	const work = rows.map((row, i) => [...row, i === k ? 1n : 0n]);
	for (let column = 0; column < n; column++) {
		const found = work.findIndex((row, i) => i >= column && row[column] !== 0n);
		[work[column], work[found]] = [work[found], work[column]];
		for (let i = 0; i < n; i++) {
			if (i === column || work[i][column] === 0n) continue;
			const [p, q] = [work[column][column], work[i][column]];
			work[i] = primitive(work[i].map((value, j) => value * p - work[column][j] * q));
		}
	}
	const denominators = work.map((row, i) => row[i]);
	const common = denominators.reduce((a, b) => (a / gcd(a, b)) * b, 1n);
	const solution = primitive(work.map((row, i) => (row[n] * common) / denominators[i]));
	return dotWhole(rows[k], solution) < 0n ? solution.map((part) => -part) : solution;
}

/** The inequalities that a ray keeps with equality: a bit for each, in words of 32. */
type Bits = Uint32Array;

const withBit = (bits: Bits, i: number): Bits => {
	const next = bits.slice();
	next[i >> 5] |= 1 << (i & 31);
	return next;
};

/** How many bits of a word are set: added up in pairs, fours and bytes. */
function countBits(word: number): number {
	const pairs = word - ((word >>> 1) & 0x55555555);
	const fours = (pairs & 0x33333333) + ((pairs >>> 2) & 0x33333333);
	return (((fours + (fours >>> 4)) & 0x0f0f0f0f) * 0x01010101) >>> 24;
}

/** Tells which pairs of rays span an edge: those for which no third ray is tight wherever both are. */
class Adjacency {
	/** the bits of all rays one after the other */
	readonly #all: Bits;
	readonly #shared: Bits;
	/** the ray that showed last that a pair spans none: it is likely to show it of the next one */
	#witness = 0;

	constructor(
		rays: readonly Ray[],
		private readonly words: number,
		private readonly least: number
	) {
		this.#all = new Uint32Array(rays.length * words);
		rays.forEach(({ tight }, k) => this.#all.set(tight, k * words));
		this.#shared = new Uint32Array(words);
	}

	/** @param p place of a ray, and @param q of another */
	spans(p: number, q: number): boolean {
		const { words } = this;
		const [all, shared] = [this.#all, this.#shared];
		let count = 0;
		for (let w = 0; w < words; w++) {
			shared[w] = all[p * words + w] & all[q * words + w];
			count += countBits(shared[w]);
		}
		if (count < this.least) return false;
		if (this.#isTight(this.#witness) && this.#witness !== p && this.#witness !== q) return false;
		const [first] = shared;
		for (let from = 0; from < all.length; from += words) {
			// most rays are not tight in the first word already
			if ((first & ~all[from]) !== 0) continue;
			const k = from / words;
			if (k === p || k === q || !this.#isTight(k)) continue;
			this.#witness = k;
			return false;
		}
		return true;
	}

	/** Whether a ray is tight wherever the pair is. */
	#isTight(k: number): boolean {
		const [all, shared, from] = [this.#all, this.#shared, k * this.words];
		for (let w = 0; w < shared.length; w++) if (shared[w] & ~all[from + w]) return false;
		return true;
	}
}

/**
 * The extreme rays of a pointed cone `{ x : row · x ≥ 0 for every row }`: the double description method (Motzkin, Raiffa, Thompson and
 * Thrall 1953), with the combinatorial test of adjacency (Fukuda and Prodon 1996). Degenerate cones cost no more than others.
 * @param rows inequalities of equal length, in whole numbers
 * @param dimension length of the rows
 * @param options `most`: so many rays at once are too many; `hurry`: asked now and then, true gives up
 * @returns primitive vectors; null where it gave up, or the rows do not make the cone pointed
 */
export function extremeRays(
	rows: readonly Whole[],
	dimension: number,
	{ most = 20_000, hurry = () => false }: { most?: number; hurry?: () => boolean } = {}
): Whole[] | null {
	const start = firstCone(rows, dimension);
	if (!start) return null;
	const done = new Set(start.chosen);
	const words = (rows.length + 31) >> 5;
	let rays = start.rays.map((at, k): Ray => ({
		at,
		tight: start.chosen.reduce<Bits>(
			(bits, i, j) => (j === k ? bits : withBit(bits, i)),
			new Uint32Array(words)
		)
	}));
	for (let i = 0; i < rows.length; i++) {
		if (done.has(i)) continue;
		if (hurry()) return null;
		const adjacency = new Adjacency(rays, words, dimension - 2);
		const sides = rays.map((ray, place) => ({ ray, place, value: dotWhole(rows[i], ray.at) }));
		const above = sides.filter(({ value }) => value > 0n);
		const below = sides.filter(({ value }) => value < 0n);
		const next: Ray[] = sides
			.filter(({ value }) => value >= 0n)
			.map(({ ray, value }) => (value === 0n ? { ...ray, tight: withBit(ray.tight, i) } : ray));
		for (const p of above) {
			for (const q of below) {
				if (!adjacency.spans(p.place, q.place)) continue;
				const at = primitive(p.ray.at.map((part, k) => q.ray.at[k] * p.value - part * q.value));
				const shared = p.ray.tight.map((word, w) => word & q.ray.tight[w]);
				next.push({ at, tight: withBit(shared, i) });
			}
			if (next.length > most || hurry()) return null;
		}
		rays = next;
	}
	return rays.map(({ at }) => at);
}
