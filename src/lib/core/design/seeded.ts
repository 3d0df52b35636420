/** Numbers that look random and are the same again for the same seed (the generator “splitmix32”; Steele, Lea and Flood 2014). */
export class Seeded {
	#state: number;

	/** @param seed a whole number; only its last 32 bits count */
	constructor(seed: number) {
		this.#state = seed >>> 0;
	}

	/** at least 0 and less than 1 */
	next(): number {
		this.#state = (this.#state + 0x9e3779b9) >>> 0;
		let z = this.#state;
		z = Math.imul(z ^ (z >>> 16), 0x21f0aaad);
		z = Math.imul(z ^ (z >>> 15), 0x735a2d97);
		return ((z ^ (z >>> 15)) >>> 0) / 2 ** 32;
	}

	/** A whole number from `from` to `to`, both included. */
	int(from: number, to: number): number {
		return from + Math.floor(this.next() * (to - from + 1));
	}

	chance(probability: number): boolean {
		return this.next() < probability;
	}

	pick<T>(list: readonly T[]): T {
		return list[this.int(0, list.length - 1)];
	}

	/** The list in another order (Fisher and Yates 1938). */
	shuffled<T>(list: readonly T[]): T[] {
		const result = [...list];
		for (let i = result.length - 1; i > 0; i--) {
			const j = this.int(0, i);
			[result[i], result[j]] = [result[j], result[i]];
		}
		return result;
	}
}
