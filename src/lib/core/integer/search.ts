import type { StopReason } from '../answer/findings';
import type { NodeFinding } from './findings';
import { compare, rational, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { objectiveValue, type Tableau } from '../tableau/tableau';
import { latticeConflict, type LatticeConflict } from './lattice';
import { NodeTableaux } from './node-tableaux';
import { OpenNodes } from './open-nodes';
import {
	amountAt,
	fractionalAt,
	nodePlan,
	resolved,
	branchSides,
	withBranchings,
	type Branching,
	type Workings
} from './relaxation';
import {
	openNode,
	type Mutable,
	type NodeDecision,
	type Incumbent,
	type Known,
	type Relaxed,
	type SearchNode,
	type SearchRules
} from './search-types';
import { objectiveStep, unboundedWhole } from './whole';

const HALF = rational(1, 2);

/** nodes after which it is asked whether the tree need not end */
const MANY_NODES = 2_000;

/**
 * Branch and bound (Land and Doig 1960; Dakin 1965) a node at a time: each relaxation is solved from its parent's tableau by the dual simplex method.
 * Bounds are shifts of columns, so most of them cost no row. Whoever drives it chooses the node and the variable, or lets rules choose.
 * Its decisions are enough to do it again; where it is told what the relaxations gave, even without solving them.
 */
export class Search {
	readonly problem: Problem;
	readonly #tableaux: NodeTableaux;
	readonly #nodes: Mutable<SearchNode>[] = [];
	readonly #conflicts = new Map<number, LatticeConflict | null>();
	readonly #decisions: NodeDecision[] = [];
	readonly #open: OpenNodes;
	/** nodes that are solved and not judged */
	readonly #waiting = new Set<number>();
	#incumbent: Incumbent | null = null;
	#solved = 0;
	#pivots = 0;
	#history: Known[] = [];
	#unbounded: readonly string[] | null = null;
	readonly #grid: Rational | null;
	readonly #hasEquations: boolean;
	readonly #sense: 1 | -1;

	/**
	 * @param problem whole-number variables with whole bounds (`tightened`), each one column of the form, or two where nothing bounds it
	 * @param root an optimal tableau of its relaxation
	 * @param keepsNodes false lets closed nodes go, for long searches
	 */
	constructor(
		problem: Problem,
		root: Tableau,
		private readonly keepsNodes = true
	) {
		this.problem = problem;
		this.#sense = problem.objective.sense === 'max' ? 1 : -1;
		this.#grid = objectiveStep(problem);
		this.#open = new OpenNodes(this.#sense);
		this.#tableaux = new NodeTableaux(this.#nodes, root);
		this.#hasEquations = problem.constraints.some(({ relation }) => relation === '=');
		this.#add(null, null, null);
	}

	get nodes(): readonly SearchNode[] {
		return this.#nodes;
	}
	get openNodes(): readonly number[] {
		return this.#open.ids;
	}
	get incumbent(): Incumbent | null {
		return this.#incumbent;
	}
	/** nodes whose relaxation was solved */
	get solved(): number {
		return this.#solved;
	}
	get made(): number {
		return this.#nodes.length;
	}
	get pivots(): number {
		return this.#pivots;
	}
	/** a node that is solved and not judged; null where none waits */
	get waiting(): number | null {
		return [...this.#waiting][0] ?? null;
	}
	get isDone(): boolean {
		return this.#open.count === 0 && this.#waiting.size === 0;
	}
	/** what was decided, in its order; enough for `take` to do it again */
	get decisions(): readonly NodeDecision[] {
		return this.#decisions;
	}
	/** incumbent and bound after each node */
	get history(): readonly Known[] {
		return this.#history;
	}
	/**
	 * Of a tree that has grown large: the whole-number variables without an end in the region, for which it need never end. What runs it by rule stops
	 * then; none where the tree is small or must end.
	 */
	get mayNotEnd(): readonly string[] {
		if (this.#solved < MANY_NODES) return [];
		return (this.#unbounded ??= unboundedWhole(this.problem));
	}
	/** no integer plan can be better; null before the root is solved */
	get bound(): Rational | null {
		const promises = [...this.#waiting].map((id) => this.#nodes[id].bound);
		promises.push(this.#open.promise);
		let most = this.#incumbent?.objective ?? null;
		for (const promise of promises) if (promise && (!most || this.#better(promise, most))) most = promise;
		return most;
	}

	#better(a: Rational, b: Rational): boolean {
		return compare(a, b) * this.#sense > 0;
	}

	/** The best value that an integer plan can have where the relaxation's is `bound`: the objective moves in steps. */
	reachable(bound: Rational): Rational {
		if (!this.#grid) return bound;
		const { constant } = this.problem.objective;
		const steps = bound.sub(constant).div(this.#grid);
		return (this.#sense > 0 ? steps.floor() : steps.ceil()).mul(this.#grid).add(constant);
	}

	/** Whether a node of this bound can hold a plan better than the incumbent. */
	#isWorthwhile(bound: Rational): boolean {
		return !this.#incumbent || this.#better(this.reachable(bound), this.#incumbent.objective);
	}

	#add(parent: number | null, branching: Branching | null, promise: Rational | null): number {
		const id = this.#nodes.length;
		const depth = parent === null ? 0 : this.#nodes[parent].depth + 1;
		this.#nodes.push(openNode({ id, parent, branching, depth, promise }));
		this.#open.add(id, promise);
		return id;
	}

	/** The open node that a rule takes; null where none is open. */
	next(rule: SearchRules['node']): number | null {
		return this.#open.next(rule);
	}

	/**
	 * Solves the relaxation of an open node.
	 * @param shouldStop asked before each pivot with the pivots made so far in the whole search
	 * @throws SearchStopped where it is told to stop; the node stays open
	 */
	solve(id: number, shouldStop?: (pivots: number) => StopReason | null): void {
		const start = this.#tableaux.startOf(id);
		const before = this.#pivots;
		const tableau =
			start &&
			resolved(
				start.tableau,
				() => shouldStop?.(this.#pivots) ?? null,
				() => (this.#pivots += 1)
			);
		const pivots = this.#pivots - before;
		this.#pivots = before;
		if (!start || !tableau) {
			this.#note(id, { bound: null, solution: null, fractional: [], pivots });
			return;
		}
		const own = { tableau, shifts: start.shifts };
		const fractional = fractionalAt(tableau);
		const solution = this.keepsNodes || fractional.length === 0 ? nodePlan(own) : null;
		this.#note(id, { bound: objectiveValue(tableau), solution, fractional, pivots }, own);
	}

	/** Notes what the relaxation of an open node gives; from now on it waits to be judged. */
	#note(id: number, { bound, solution, fractional, pivots }: Relaxed, own?: Workings): void {
		const node = this.#nodes[id];
		this.#open.remove(id);
		this.#waiting.add(id);
		this.#tableaux.keep([id], own);
		this.#pivots += pivots;
		node.bound = bound;
		node.solution = solution;
		node.fractional = fractional;
		node.pivots = pivots;
		node.turn = ++this.#solved;
		node.state = 'solved';
	}

	/** The amount of a variable at a solved node. */
	#amount(id: number, name: string): Rational {
		return this.#nodes[id].solution?.get(name) ?? amountAt(this.#tableaux.solvedAt(id), name);
	}

	/** The variable that a rule branches on. */
	splitOf(id: number, rule: SearchRules['branching']): string | null {
		const { fractional } = this.#nodes[id];
		if (rule === 'first' || fractional.length < 2) return fractional[0] ?? null;
		const fromHalf = (name: string): Rational => {
			const value = this.#amount(id, name);
			return value.sub(value.floor()).sub(HALF).abs();
		};
		return fractional.reduce((a, b) => (compare(fromHalf(b), fromHalf(a)) < 0 ? b : a));
	}

	/** Equations of a solved node that no whole numbers satisfy; looked for where its best plan is not whole. */
	conflictAt(id: number): LatticeConflict | null {
		const known = this.#conflicts.get(id);
		if (known !== undefined) return known;
		const isAsked = this.#hasEquations && this.#nodes[id].fractional.length > 0;
		const found = isAsked ? latticeConflict(withBranchings(this.problem, this.branchingsOf(id))) : null;
		this.#conflicts.set(id, found);
		return found;
	}

	/** What a solved node will be: the state that `judge` gives it. */
	verdict(id: number): Exclude<SearchNode['state'], 'open' | 'solved'> {
		const { bound, fractional } = this.#nodes[id];
		if (!bound || this.conflictAt(id)) return 'infeasible';
		if (!this.#isWorthwhile(bound)) return 'bound';
		return fractional.length > 0 ? 'branched' : 'whole';
	}

	/**
	 * Closes a solved node, or branches on it.
	 * @param split the variable to branch on; left out where a rule chooses
	 * @returns the nodes that it made, the one that comes first last
	 */
	judge(id: number, rules: SearchRules, split = this.splitOf(id, rules.branching)): number[] {
		// of equal promise the node made last comes first, but where breadth decides
		const newestFirst = rules.node !== 'breadth-first';
		return this.#settle(id, split, (rules.first === 'up') === newestFirst ? 'down' : 'up');
	}

	/** @param made the side that is made first */
	#settle(id: number, split: string | null, made: SearchRules['first']): number[] {
		const node = this.#nodes[id];
		const { bound } = node;
		const verdict = this.verdict(id);
		node.state = verdict;
		this.#decisions.push(verdict === 'branched' ? { node: id, split: split!, made } : { node: id });
		let fresh: number[] = [];
		if (verdict === 'infeasible') {
			const conflict = this.conflictAt(id);
			node.why = conflict ? { code: 'no-whole-solution', conflict } : { code: 'infeasible' };
		} else if (verdict === 'bound') node.why = this.#tooLow('own', bound!);
		else if (verdict === 'whole') {
			this.#incumbent = { objective: bound!, solution: node.solution!, node: id };
			node.why = { code: 'whole' };
		} else {
			const value = this.#amount(id, split!);
			node.split = split;
			node.why = { code: 'branched', variable: split!, value };
			const [below, above] = branchSides(split!, value);
			fresh = (made === 'down' ? [below, above] : [above, below]).map((way) => this.#add(id, way, bound));
			this.#tableaux.keep(fresh, this.#tableaux.kept(id));
		}
		this.#waiting.delete(id);
		this.#tableaux.keep([id], undefined);
		this.#history.push({
			nodes: this.#solved,
			incumbent: this.#incumbent?.objective ?? null,
			bound: this.bound
		});
		return fresh;
	}

	/**
	 * Does what was decided in another search of the same problem.
	 * @param found what the relaxation gave there; left out, it is solved here
	 * @returns false where it cannot be done here: the node is not open, or the variable is whole there (the node then waits)
	 */
	take({ node, split, made = 'down' }: NodeDecision, found?: Relaxed): boolean {
		if (this.#nodes[node]?.state !== 'open') return false;
		if (this.closeByPromise(node)) return true;
		if (found) this.#note(node, found);
		else this.solve(node);
		const isBranched = this.verdict(node) === 'branched';
		if (isBranched && !this.#nodes[node].fractional.includes(split ?? '')) return false;
		this.#settle(node, split ?? null, made);
		return true;
	}

	#tooLow(whose: 'own' | 'parent', bound: Rational): NodeFinding {
		const incumbent = this.#incumbent!.objective;
		return { code: 'bound', whose, bound, reachable: this.reachable(bound), incumbent };
	}

	/** Closes an open node unsolved where its parent's bound cannot beat the incumbent any more; says whether it did. */
	closeByPromise(id: number): boolean {
		const node = this.#nodes[id];
		const { promise } = node;
		if (!promise || !this.#incumbent || this.#isWorthwhile(promise)) return false;
		node.state = 'bound';
		node.why = this.#tooLow('parent', promise);
		this.#open.remove(id);
		this.#tableaux.keep([id], undefined);
		this.#decisions.push({ node: id });
		return true;
	}

	/** The next node by the rules, solved (which may be stopped, see `solve`) and judged; says which, null where none is open. */
	advance(rules: SearchRules, shouldStop?: (pivots: number) => StopReason | null): number | null {
		const id = this.next(rules.node);
		if (id === null || this.closeByPromise(id)) return id;
		this.solve(id, shouldStop);
		this.judge(id, rules);
		return id;
	}

	/** The bounds on the way from the root to a node. */
	branchingsOf(id: number): Branching[] {
		const { parent, branching } = this.#nodes[id];
		return [...(parent === null ? [] : this.branchingsOf(parent)), ...(branching ? [branching] : [])];
	}
}
