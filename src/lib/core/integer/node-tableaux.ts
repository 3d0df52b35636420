import type { Tableau } from '../tableau/tableau';
import { branchedFrom, resolved, type Workings } from './relaxation';
import type { SearchNode } from './search-types';

/** tableaux made anew that are kept, so that the nodes beside and below need not make them again */
const MOST_REMADE = 1_000;

/** The tableaux of a search tree: kept while a node is open or waits, made anew from the root where they were let go. */
export class NodeTableaux {
	readonly #nodes: readonly SearchNode[];
	readonly #root: Workings;
	/** of an open node its parent's, of one that waits its own */
	readonly #kept = new Map<number, Workings>();
	readonly #remade = new Map<number, Workings>();

	/** @param root the relaxation's optimal tableau */
	constructor(nodes: readonly SearchNode[], root: Tableau) {
		this.#nodes = nodes;
		this.#root = { tableau: root, shifts: new Map() };
	}

	/** What is kept for a node now. */
	kept(id: number): Workings | undefined {
		return this.#kept.get(id);
	}

	/** Keeps a tableau for nodes, or lets theirs go. */
	keep(ids: readonly number[], own: Workings | undefined): void {
		for (const id of ids)
			if (own) this.#kept.set(id, own);
			else this.#kept.delete(id);
	}

	/** A node's relaxation before its pivots: its parent's tableau, with the branch; null where the variable has no room. */
	startOf(id: number): Workings | null {
		const { parent, branching } = this.#nodes[id];
		if (parent === null || !branching) return this.#root;
		return branchedFrom(this.#kept.get(id) ?? this.solvedAt(parent), branching);
	}

	/** A solved node's relaxation, made anew where it was let go or never made: pivots that were counted once do not count again. */
	solvedAt(id: number): Workings {
		const isWaiting = this.#nodes[id].state === 'solved';
		const known = this.#remade.get(id) ?? (isWaiting ? this.#kept.get(id) : undefined);
		if (known) return known;
		const start = this.startOf(id)!;
		const own = { tableau: resolved(start.tableau)!, shifts: start.shifts };
		if (this.#remade.size >= MOST_REMADE) this.#remade.clear();
		this.#remade.set(id, own);
		return own;
	}
}
