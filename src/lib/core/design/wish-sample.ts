import type { Problem } from '../problem/types';
import { Candidate } from './candidate';
import type { DesignRequest, Met, NearFind } from './types';
import { kindOfWish } from './wishes/kinds';

/** What a sample of candidates shows of wishes together: which were never met at once, and which candidates came nearest. */

const MOST = 600;
const MOST_NEAR = 3;

/** Judges candidates by all wishes, not only up to the first that fails. */
export class WishSample {
	readonly #request: DesignRequest;
	readonly #met: Record<number, number> = {};
	#near: NearFind[] = [];
	#size = 0;

	constructor(request: DesignRequest) {
		this.#request = request;
	}

	get isFull(): boolean {
		return this.#size >= MOST;
	}
	get met(): Met {
		return { ...this.#met };
	}
	get near(): readonly NearFind[] {
		return this.#near;
	}

	add(problem: Problem): void {
		const candidate = new Candidate(problem);
		this.#size += 1;
		const misses = this.#request.wishes.flatMap((wish, i) => {
			const isKept = kindOfWish(wish.kind).decide(candidate, wish, this.#request) !== null;
			return isKept === !wish.not ? [] : [i];
		});
		const bits = this.#request.wishes.reduce((sum, _, i) => (misses.includes(i) ? sum : sum | (1 << i)), 0);
		this.#met[bits] = (this.#met[bits] ?? 0) + 1;
		const worst = this.#near.at(-1);
		if (this.#near.length >= MOST_NEAR && worst!.misses.length <= misses.length) return;
		this.#near = [...this.#near, { problem, misses }]
			.sort((a, b) => a.misses.length - b.misses.length)
			.slice(0, MOST_NEAR);
	}
}

/** Two samples as one. */
export const together = (a: Met, b: Met): Met => {
	const sum: Record<number, number> = { ...a };
	for (const [bits, count] of Object.entries(b)) sum[Number(bits)] = (sum[Number(bits)] ?? 0) + count;
	return sum;
};

/**
 * A smallest set of wishes that no candidate of the sample kept at once, by their places; null where each set was met. It is what the sample shows, and
 * proves nothing.
 * @param count how many wishes there are
 */
export function neverMet(met: Met, count: number): readonly number[] | null {
	const seen = Object.keys(met).map(Number);
	if (seen.length === 0) return null;
	const sets = Array.from({ length: 2 ** Math.min(count, 12) - 1 }, (_, i) => i + 1);
	const sizeOf = (bits: number) => bits.toString(2).replaceAll('0', '').length;
	const least = sets
		.filter((set) => seen.every((bits) => (bits & set) !== set))
		.sort((a, b) => sizeOf(a) - sizeOf(b) || a - b)[0];
	return least === undefined
		? null
		: Array.from({ length: count }, (_, i) => i).filter((i) => least & (1 << i));
}
