import { compare, type Rational } from '../number/rational';
import type { NodeRule } from './search-types';

/** The open nodes of a search, ordered by what they promise. */
export class OpenNodes {
	/** the best promise last; of equal ones the newest last */
	readonly #list: { readonly id: number; readonly promise: Rational | null }[] = [];

	/** @param sense 1 where more is better, −1 where less is */
	constructor(private readonly sense: 1 | -1) {}

	get ids(): readonly number[] {
		return this.#list.map(({ id }) => id);
	}
	get count(): number {
		return this.#list.length;
	}
	/** the best promise; null where no node is open, or the root is not solved yet */
	get promise(): Rational | null {
		return this.#list.at(-1)?.promise ?? null;
	}

	add(id: number, promise: Rational | null): void {
		let [low, high] = [0, this.#list.length];
		while (promise && low < high) {
			const middle = (low + high) >> 1;
			const own = this.#list[middle].promise;
			if (own && compare(own, promise) * this.sense > 0) high = middle;
			else low = middle + 1;
		}
		this.#list.splice(low, 0, { id, promise });
	}

	remove(id: number): void {
		this.#list.splice(
			this.#list.findLastIndex((own) => own.id === id),
			1
		);
	}

	/** The node that a rule takes; null where none is open. */
	next(rule: NodeRule): number | null {
		if (this.#list.length === 0) return null;
		if (rule === 'best-bound') return this.#list.at(-1)!.id;
		const deeper = rule === 'depth-first';
		return this.#list.reduce((found, { id }) => (id > found === deeper ? id : found), this.#list[0].id);
	}
}
