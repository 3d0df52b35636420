import type { Sentence } from '$lib/core/commentary/sentence';

/** Something that can be done from anywhere: found by its words, and by its key where it has one. */
export interface Action {
	readonly id: string;
	readonly group: string;
	readonly says: Sentence | string;
	/** a single key; where a text is being written it works together with Alt */
	readonly key?: string;
	readonly possible: boolean;
	run(): void;
}

/** What the page that is shown adds to what can be done: keys and finder have it as long as the page stands. */
export class Offered {
	#list = $state.raw<(() => readonly Action[]) | null>(null);

	get actions(): readonly Action[] {
		return this.#list?.() ?? [];
	}

	/** Adds actions; gives what takes them away again. */
	add(list: () => readonly Action[]): () => void {
		this.#list = list;
		return () => {
			if (this.#list === list) this.#list = null;
		};
	}
}
