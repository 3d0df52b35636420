import type { LinearAnswer } from '$lib/core/answer/answer';
import { faultFound, nodeFound, searchFound } from '$lib/core/commentary/integer-findings';
import { integerWords } from '$lib/core/commentary/words/integers';
import type { Sentence } from '$lib/core/sentence/sentence';
import { region } from '$lib/core/geometry/region';
import { beginSearch } from '$lib/core/integer/branch';
import { judgeClaim, type NodeClaim } from '$lib/core/integer/claims';
import { withBranchings } from '$lib/core/integer/relaxation';
import type { Search } from '$lib/core/integer/search';
import { SEARCH_RULES, type SearchNode, type SearchRules } from '$lib/core/integer/search-types';
import { MAX_DECISIONS, type KeptTree } from '$lib/core/lesson/fields';
import { writeProblem } from '$lib/core/problem/codec';
import type { Problem } from '$lib/core/problem/types';
import { packDecision, takePacked, type PackedDecision } from '$lib/work/packing';
import { asGiven } from './given-node';
import { solveRelaxation } from './cutting.svelte';
import type { Desk } from './desk.svelte';
import type { IntegerWork } from './integer-work';
import type { Running } from './running.svelte';

const MOST_NODES = 50_000;
/** milliseconds after which a search that is at work is kept again, should the page go */
const KEEP_EVERY = 2_000;

/** The decisions that are kept of a search. */
const keptOf = ({ decisions }: Search) => decisions.slice(0, MAX_DECISIONS);

/** The tree of a branch-and-bound search: how far it is, by which rules, and the node looked at. */
export class Tree {
	readonly #desk: Desk;
	readonly #running: Running<IntegerWork>;
	readonly #of: () => { problem: Problem | null; relaxation: LinearAnswer | null };
	#rules = $state.raw<SearchRules>(SEARCH_RULES);
	/** the search goes on in place: a number that changes with it tells those who look */
	#search: Search | null = null;
	/** the problem that it was begun with, and the statement's text */
	#searched: Problem | null = null;
	#text = '';
	#turn = $state(0);
	#selected = $state(0);
	/** the tree as the lesson keeps it, as long as it is this one */
	#kept = $state.raw<KeptTree | null>(null);

	/** a claim about the node that waits that does not hold, and why */
	#wrong = $state.raw<{ node: number; says: Sentence } | null>(null);

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
	/** whether the class is asked what follows from a node before it is shown */
	readonly asks: boolean = $derived.by(() => this.#desk.reveal.conceals('branching'));
	readonly #nodes = $derived.by((): readonly SearchNode[] => {
		void this.#turn;
		const { tree, text } = this.#desk.document;
		const isThis = this.#kept === tree && (tree !== null || this.#text === text);
		return isThis ? (this.#search?.nodes ?? []).map(asGiven) : [];
	});
	/** nodes whose results the class may not see yet */
	readonly #hidden = $derived.by(() => {
		const looked = this.#nodes.filter(({ turn, state }) => turn > 0 || state !== 'open');
		return this.#desk.reveal.hidden(
			'nodes',
			this.#text,
			looked.map(({ id }) => String(id))
		);
	});
	/** how far it is: the nodes, what is said of it, incumbents and bounds, the incumbent's node, and the open node that the rule takes */
	readonly progress = $derived.by(() => {
		const nodes = this.#nodes;
		const search = nodes.length > 0 ? this.#search : null;
		const best = search?.incumbent?.node ?? null;
		return {
			nodes,
			said:
				search && this.#hidden.size === 0
					? searchFound(search).map((line) => integerWords(search.problem, line))
					: [],
			history: search ? [...search.history] : [],
			isDone: search?.isDone ?? false,
			incumbent: best !== null && this.hides(best) ? null : best,
			next: search?.next(this.#rules.node) ?? null
		};
	});

	/** the problem with the branches on the way to the node that is looked at */
	readonly nodeProblem: Problem | null = $derived.by(() => {
		const { search, node } = this;
		return search && node && withBranchings(search.problem, search.branchingsOf(node.id));
	});
	/** for two variables: the region of the relaxation, and what the branches leave of it at the node that is looked at */
	readonly nodeRegion = $derived.by(() => {
		const { search } = this;
		const left = this.nodeProblem;
		return search && left?.variables.length === 2
			? { all: region(search.problem), left: region(left) }
			: null;
	});

	/** whether anything was searched: before that the root stands there, open */
	readonly isBegun: boolean = $derived.by(
		() => this.#kept !== null && this.#kept === this.#desk.document.tree
	);
	/** the search of the statement as it is; null where nothing can be searched. It changes in place: see `progress` */
	get search(): Search | null {
		return this.#nodes.length > 0 ? this.#search : null;
	}
	/** the node that is looked at */
	readonly node: SearchNode | null = $derived(this.#nodes[this.#selected] ?? null);
	/** why what was said of the node looked at does not follow */
	readonly wrong: Sentence | null = $derived(
		this.#wrong && this.#wrong.node === this.node?.id ? this.#wrong.says : null
	);
	/** the node that waits for what follows from it to be shown */
	get waiting(): SearchNode | null {
		const nodes = this.#nodes;
		const id = this.#search?.waiting ?? null;
		return id === null ? null : (nodes[id] ?? null);
	}
	/** a node in sentences; what follows from it is hidden while the class is asked */
	get nodeSaid(): readonly Sentence[] {
		const { node, search } = this;
		return node && search && !this.hides(node.id)
			? nodeFound(search, node).map((line) => integerWords(search.problem, line))
			: [];
	}
	/** Whether the class may not see yet what a node came to. */
	hides(id: number): boolean {
		return this.#hidden.has(String(id));
	}
	/** whether there is any such node */
	readonly hidesAny: boolean = $derived(this.#hidden.size > 0);
	/** Shows what a node came to. */
	show(id: number): void {
		this.#desk.reveal.show('nodes', this.#text, String(id));
	}

	chooseRules(rules: Partial<SearchRules>): void {
		this.#rules = { ...this.#rules, ...rules };
		if (this.search) this.#keep(null);
	}

	toggleAsks(): void {
		this.#desk.reveal.toggle('branching');
		const { waiting } = this;
		if (!this.asks && waiting) this.judge();
	}

	look(id: number): void {
		this.#selected = id;
		if (this.#running.what !== 'search') this.#keep();
	}

	/** Tells those who look that the search has gone on. */
	#show(selected: number): void {
		this.#selected = selected;
		this.#turn += 1;
	}

	/**
	 * Keeps the tree as it is with the lesson.
	 * @param group as in {@link LessonDocument.keepTree}
	 */
	#keep(group?: object | null): void {
		if (!this.#search) return;
		this.#kept = {
			rules: this.#rules,
			decisions: keptOf(this.#search),
			waits: this.waiting?.id ?? null,
			looked: this.#selected
		};
		this.#desk.document.keepTree(this.#kept, group);
	}

	#make(): void {
		const { problem, relaxation } = this.#of();
		const begun = problem && relaxation ? beginSearch(problem, relaxation) : null;
		this.#search = begun && 'search' in begun ? begun.search : null;
		this.#searched = problem;
		this.#text = this.#desk.document.text;
		this.#show(0);
	}

	/**
	 * Begins the tree anew.
	 * @param act what it is part of; left out where it is an act of its own
	 */
	begin(act: object | null = null): void {
		this.#running.cancel();
		this.#make();
		this.#keep(act);
	}

	/** Whether the search stands where a kept tree does, as when another tab has looked at another node. */
	#isAs({ decisions, waits }: KeptTree): boolean {
		const search = this.#search;
		if (!search || this.#text !== this.#desk.document.text) return false;
		return waits === search.waiting && JSON.stringify(decisions) === JSON.stringify(keptOf(search));
	}

	/** Takes up the tree that came with the lesson, if it is not here yet; it is solved again off the page. Where none came, the root stands there. */
	async restore(): Promise<void> {
		const { tree } = this.#desk.document;
		if (!this.#of().problem) return;
		if (!tree) {
			if (this.#kept === null && this.#search && this.#text === this.#desk.document.text) return;
			this.#kept = null;
			return this.#make();
		}
		if (tree === this.#kept) return;
		const isHere = this.#isAs(tree);
		this.#kept = tree;
		this.#rules = tree.rules;
		if (isHere) return this.#show(tree.looked);
		this.#make();
		const search = this.#search;
		if (!search) return;
		await this.#running.during('search', (signal) => this.#follow(search, tree.decisions, null, signal));
		if (this.#search !== search || this.#kept !== tree) return;
		const { waits, looked } = tree;
		if (waits !== null && search.nodes[waits]?.state === 'open') search.solve(waits);
		this.#show(looked < search.made ? looked : 0);
	}

	/**
	 * Follows a search that goes on off the page, from where this one stands.
	 * @param goesOn the act that goes on by the rules after what is told; null where it ends there
	 */
	async #follow(
		search: Search,
		decisions: readonly PackedDecision[],
		goesOn: object | null,
		signal: AbortSignal
	): Promise<void> {
		const { searchInWorker } = await import('$lib/work/client');
		let last = performance.now();
		const told = async (fresh: readonly PackedDecision[]) => {
			if (signal.aborted) return;
			// another statement stands there now
			if (this.search !== search) return this.#running.cancel();
			for (const decision of fresh) takePacked(search, decision);
			// the picture is a piece of work of its own
			await new Promise((resolve) => setTimeout(resolve));
			if (this.search !== search) return;
			this.#show(search.incumbent?.node ?? fresh.at(-1)!.node);
			if (!goesOn || performance.now() - last < KEEP_EVERY) return;
			last = performance.now();
			this.#keep(goesOn);
		};
		const goOn = goesOn ? { rules: this.#rules, mostNodes: MOST_NODES } : null;
		await searchInWorker(writeProblem(this.#searched!), decisions, goOn, told, signal);
	}

	/** Solves an open node, the one that the rule takes or one chosen by hand; where the class is asked, what follows waits. */
	step(id?: number): void {
		if (this.#running.what !== 'search') this.#desk.document.asOne(() => this.#step(id));
	}

	#step(id?: number): void {
		if (!this.isBegun) this.begin();
		const { search } = this;
		if (!search) return;
		if (this.waiting) return this.judge();
		const node = id ?? search.next(this.#rules.node);
		if (node === null) return;
		if (!search.closeByPromise(node)) {
			search.solve(node);
			if (!this.asks) search.judge(node, this.#rules);
		}
		this.#show(node);
		this.#keep(null);
	}

	/** Judges what somebody says follows from the node that waits; where it does, it is done, and where not, why is told. */
	claim(claim: NodeClaim): void {
		const { search, waiting } = this;
		if (!search || !waiting) return;
		const fault = judgeClaim(search, waiting, claim);
		this.#wrong = fault && { node: waiting.id, says: integerWords(search.problem, faultFound(fault)) };
		if (!fault) this.judge(claim.way === 'branch' ? claim.variable : undefined);
	}

	/** Shows what follows from the node that waits; it may be branched on a variable chosen by hand. */
	judge(split?: string): void {
		const { search, waiting } = this;
		if (!search || !waiting) return;
		this.#wrong = null;
		search.judge(waiting.id, this.#rules, split);
		this.#show(waiting.id);
		this.#keep(null);
	}

	/** The search to its end, off the page; can be cancelled, and keeps what it has. */
	async run(): Promise<void> {
		// however long it takes, it is one act
		const act = {};
		if (!this.isBegun) this.begin(act);
		if (this.waiting) this.judge();
		const { search } = this;
		if (!search) return;
		const known = search.decisions.map((decision) => packDecision(search, decision));
		await this.#running.during('search', (signal) => this.#follow(search, known, act, signal));
		if (this.search === search) this.#keep(act);
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
