import type { LinearAnswer } from '$lib/core/answer/answer';
import { nodeSentences, searchSentences } from '$lib/core/commentary/integers';
import type { Sentence } from '$lib/core/commentary/sentence';
import { region } from '$lib/core/geometry/region';
import { beginSearch } from '$lib/core/integer/branch';
import { withBranchings } from '$lib/core/integer/proof';
import type { Search } from '$lib/core/integer/search';
import { SEARCH_RULES, type SearchNode, type SearchRules } from '$lib/core/integer/search-types';
import type { Problem } from '$lib/core/problem/types';
import { solveRelaxation } from './cutting.svelte';
import type { Desk } from './desk.svelte';
import type { IntegerWork } from './integers.svelte';
import type { Running } from './running.svelte';

/** milliseconds that a search may hold the page before it lets it breathe */
const AT_ONCE = 12;
const MOST_NODES = 50_000;

/** The tree of a branch-and-bound search: how far it is, by which rules, and the node looked at. */
export class Tree {
	readonly #desk: Desk;
	readonly #running: Running<IntegerWork>;
	readonly #of: () => { problem: Problem | null; relaxation: LinearAnswer | null };
	#rules = $state.raw<SearchRules>(SEARCH_RULES);
	/** whether the class is asked what follows from a node before it is shown */
	#asks = $state(false);
	/** the search goes on in place: a number that changes with it tells those who look */
	#search: Search | null = null;
	#searched = $state('');
	#turn = $state(0);
	#selected = $state(0);

	/** @param of the problem to be searched, and its relaxation */
	constructor(
		desk: Desk,
		running: Running<IntegerWork>,
		of: () => { problem: Problem | null; relaxation: LinearAnswer | null }
	) {
		this.#desk = desk;
		this.#running = running;
		this.#of = of;
	}

	get rules(): SearchRules {
		return this.#rules;
	}
	get asks(): boolean {
		return this.#asks;
	}
	readonly #nodes = $derived.by((): readonly SearchNode[] => {
		void this.#turn;
		// they change in place; those who look are given what they are now
		return this.#searched === this.#desk.document.text
			? (this.#search?.nodes.map((node) => ({ ...node })) ?? [])
			: [];
	});
	readonly #progress = $derived.by(() => {
		const nodes = this.#nodes;
		const search = nodes.length > 0 ? this.#search : null;
		return {
			nodes,
			said: search ? searchSentences(search) : [],
			history: search ? [...search.history] : [],
			isDone: search?.isDone ?? false,
			incumbent: search?.incumbent?.node ?? null,
			next: search?.next(this.#rules.node) ?? null
		};
	});

	readonly #nodeRegion = $derived.by(() => {
		const { search, node } = this;
		if (!search || !node || search.problem.variables.length !== 2) return null;
		return {
			all: region(search.problem),
			left: region(withBranchings(search.problem, search.branchingsOf(node.id)))
		};
	});

	/** the search of the statement as it is; null before it was begun. It changes in place: see `progress` */
	get search(): Search | null {
		return this.#nodes.length > 0 ? this.#search : null;
	}
	/** how far it is: the nodes, what is said of it, incumbents and bounds, the incumbent's node, and the open node that the rule takes */
	get progress() {
		return this.#progress;
	}
	/** the node that is looked at */
	get node(): SearchNode | null {
		return this.#nodes[this.#selected] ?? null;
	}
	/** the node that waits for what follows from it to be shown */
	get waiting(): SearchNode | null {
		return this.#nodes.find(({ state }) => state === 'solved') ?? null;
	}
	/** a node in sentences; what follows from it is hidden while the class is asked */
	get nodeSaid(): readonly Sentence[] {
		const { node, search } = this;
		return node && search ? nodeSentences(search, node) : [];
	}
	/** for two variables: the region of the relaxation, and what the branches leave of it at the node that is looked at */
	get nodeRegion() {
		return this.#nodeRegion;
	}

	chooseRules(rules: Partial<SearchRules>): void {
		this.#rules = { ...this.#rules, ...rules };
	}

	toggleAsks(): void {
		this.#asks = !this.#asks;
		const { waiting } = this;
		if (!this.#asks && waiting) this.judge();
	}

	look(id: number): void {
		this.#selected = id;
	}

	/** Begins the tree anew. */
	begin(): void {
		this.#running.cancel();
		const { text } = this.#desk.document;
		const { problem, relaxation } = this.#of();
		const begun = problem && relaxation ? beginSearch(problem, relaxation) : null;
		this.#search = begun && 'search' in begun ? begun.search : null;
		this.#searched = text;
		this.#selected = 0;
		this.#turn += 1;
	}

	/** Solves an open node, the one that the rule takes or one chosen by hand; where the class is asked, what follows waits. */
	step(id?: number): void {
		if (!this.search) this.begin();
		const { search } = this;
		if (!search) return;
		if (this.waiting) return this.judge();
		const node = id ?? search.next(this.#rules.node);
		if (node === null) return;
		if (!search.closeByPromise(node)) {
			search.solve(node);
			if (!this.#asks) search.judge(node, this.#rules);
		}
		this.#selected = node;
		this.#turn += 1;
	}

	/** Shows what follows from the node that waits; it may be branched on a variable chosen by hand. */
	judge(split?: string): void {
		const { search, waiting } = this;
		if (!search || !waiting) return;
		search.judge(waiting.id, this.#rules, split);
		this.#selected = waiting.id;
		this.#turn += 1;
	}

	/** The search to its end, in pieces; can be cancelled, and keeps what it has. */
	async run(): Promise<void> {
		if (!this.search) this.begin();
		const { search } = this;
		if (!search) return;
		await this.#running.during('search', async (signal) => {
			if (this.waiting) this.judge();
			while (!signal.aborted && !search.isDone && search.made < MOST_NODES) {
				const end = performance.now() + AT_ONCE;
				let last: number | null = null;
				while (performance.now() < end) {
					last = search.next(this.#rules.node);
					if (last === null) break;
					if (search.closeByPromise(last)) continue;
					search.solve(last);
					search.judge(last, this.#rules);
				}
				this.#selected = search.incumbent?.node ?? last ?? this.#selected;
				this.#turn += 1;
				await new Promise((resolve) => setTimeout(resolve));
			}
		});
	}

	/** Goes to a node's tableau: the branches on the way become steps of the trail, each followed by the pivots of the dual simplex method but the last. */
	async work(id: number): Promise<void> {
		const { search } = this;
		const { session, document } = this.#desk;
		if (!search) return;
		session.goTo(document.trail.nodes[0].id);
		await solveRelaxation(this.#desk);
		const way = search.branchingsOf(id);
		for (const [i, { variable, relation, value }] of way.entries()) {
			if (i > 0) await session.follow('end');
			const key = document.keyOf('variables', variable);
			if (!session.take({ kind: 'branch', variable: key, relation, value: value.toFraction() })) return;
		}
	}
}
