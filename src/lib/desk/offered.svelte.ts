import type { Sentence } from '$lib/core/sentence/sentence';

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

/** What the panes that are shown add to what can be done: keys and finder have it as long as they stand. */
export class Offered {
	#lists = $state.raw<readonly (() => readonly Action[])[]>([]);

	get actions(): readonly Action[] {
		return this.#lists.flatMap((list) => list());
	}

	/** Adds actions; gives what takes them away again. */
	add(list: () => readonly Action[]): () => void {
		this.#lists = [...this.#lists, list];
		return () => (this.#lists = this.#lists.filter((own) => own !== list));
	}
}
