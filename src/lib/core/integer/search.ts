import type { Sentence } from '../commentary/sentence';
import { compare, gcd, isZero, lcm, numerator, rational, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { columnValue, objectiveValue, type Tableau } from '../tableau/tableau';
import * as messages from './messages';
import { branchedFrom, fractionalAt, planAt, resolved, type Branching, type Workings } from './relaxation';
import type {
	BranchingRule,
	Incumbent,
	Known,
	NodeRule,
	NodeState,
	SearchNode,
	SearchRules
} from './search-types';
import { mustBeWhole } from './whole';

type Mutable<T> = { -readonly [K in keyof T]: T[K] };

/** The least step between two values that the objective can take at whole plans; null where it can take any. */
function gridOf({ objective, variables }: Problem): Rational | null {
	const whole = new Set(variables.filter(mustBeWhole).map(({ name }) => name));
	const used = [...objective.terms].filter(([, value]) => !isZero(value));
	if (used.length === 0 || used.some(([name]) => !whole.has(name))) return null;
	const multiple = used.reduce((all, [, value]) => lcm(all, value.d), 1n);
	const divisor = used.reduce((all, [, value]) => gcd(all, numerator(value.mul(rational(multiple)))), 0n);
	return rational(divisor < 0n ? -divisor : divisor, multiple);
}

/**
 * Branch and bound (Land and Doig 1960; Dakin 1965) a node at a time: each relaxation is solved from its parent's tableau by the dual simplex method.
 * Bounds are shifts of columns, so most of them cost no row. Whoever drives it chooses the node and the variable, or lets rules choose.
 */
export class Search {
	readonly problem: Problem;
	readonly #nodes: Mutable<SearchNode>[] = [];
	readonly #workings = new Map<number, Workings>();
	/** open nodes, the best promise last; of equal ones the newest last */
	readonly #open: number[] = [];
	/** nodes that are solved and not judged */
	readonly #waiting = new Set<number>();
	#incumbent: Incumbent | null = null;
	#solved = 0;
	#pivots = 0;
	#history: Known[] = [];
	readonly #grid: Rational | null;
	readonly #sense: 1 | -1;

	/**
	 * @param problem whole-number variables with whole bounds (`tightened`), each one column of the form
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
		this.#grid = gridOf(problem);
		this.#add(null, null, null, { tableau: root, shifts: new Map() });
	}

	get nodes(): readonly SearchNode[] {
		return this.#nodes;
	}
	get openNodes(): readonly number[] {
		return this.#open;
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
	get isDone(): boolean {
		return this.#open.length === 0 && this.#waiting.size === 0;
	}
	/** incumbent and bound after each node */
	get history(): readonly Known[] {
		return this.#history;
	}
	/** no whole plan can be better; null before the root is solved */
	get bound(): Rational | null {
		const promises = [...this.#waiting].map((id) => this.#nodes[id].bound);
		const last = this.#open.at(-1);
		if (last !== undefined) promises.push(this.#nodes[last].promise);
		let most = this.#incumbent?.objective ?? null;
		for (const promise of promises) if (promise && (!most || this.#better(promise, most))) most = promise;
		return most;
	}

	#better(a: Rational, b: Rational): boolean {
		return compare(a, b) * this.#sense > 0;
	}

	/** The best value that a whole plan can have where the relaxation's is `bound`: the objective moves in steps. */
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

	#add(
		parent: number | null,
		branching: Branching | null,
		promise: Rational | null,
		workings: Workings
	): number {
		const id = this.#nodes.length;
		const depth = parent === null ? 0 : this.#nodes[parent].depth + 1;
		this.#nodes.push({
			id,
			parent,
			branching,
			depth,
			state: 'open',
			promise,
			bound: null,
			solution: null,
			fractional: [],
			split: null,
			why: null,
			pivots: 0,
			turn: 0
		});
		this.#workings.set(id, workings);
		this.#open.splice(this.#placeOf(promise), 0, id);
		return id;
	}

	/** Where a node of this promise stands among the open ones. */
	#placeOf(promise: Rational | null): number {
		let [low, high] = [0, this.#open.length];
		while (promise && low < high) {
			const middle = (low + high) >> 1;
			const own = this.#nodes[this.#open[middle]].promise;
			if (own && this.#better(own, promise)) high = middle;
			else low = middle + 1;
		}
		return low;
	}

	/** The open node that a rule takes; null where none is open. */
	next(rule: NodeRule): number | null {
		const { length } = this.#open;
		if (length === 0) return null;
		if (rule === 'best-bound') return this.#open[length - 1];
		return this.#open.reduce((a, b) => (rule === 'depth-first' ? Math.max(a, b) : Math.min(a, b)));
	}

	/**
	 * Solves the relaxation of an open node.
	 * @param shouldStop asked before each pivot with the pivots made so far in the whole search
	 * @throws SearchStopped where it is told to stop; the node stays open
	 */
	solve(id: number, shouldStop?: (pivots: number) => Sentence | null): void {
		const node = this.#nodes[id];
		const own = this.#workings.get(id)!;
		const { branching } = node;
		const start = branching ? branchedFrom(own, branching) : own;
		const before = this.#pivots;
		const tableau =
			start &&
			resolved(
				start.tableau,
				() => shouldStop?.(this.#pivots) ?? null,
				() => (this.#pivots += 1)
			);
		this.#open.splice(this.#open.lastIndexOf(id), 1);
		this.#waiting.add(id);
		node.pivots = this.#pivots - before;
		node.turn = ++this.#solved;
		node.state = 'solved';
		if (!start || !tableau) {
			this.#workings.delete(id);
			return;
		}
		this.#workings.set(id, { tableau, shifts: start.shifts });
		node.bound = objectiveValue(tableau);
		node.fractional = fractionalAt(tableau);
		if (this.keepsNodes || node.fractional.length === 0)
			node.solution = planAt({ tableau, shifts: start.shifts });
	}

	/** The variable that a rule branches on. */
	splitOf(id: number, rule: BranchingRule): string | null {
		const { fractional } = this.#nodes[id];
		if (rule === 'first' || fractional.length < 2) return fractional[0] ?? null;
		const { tableau: t } = this.#workings.get(id)!;
		const fromHalf = (name: string): Rational => {
			const { parts } = t.form.substitutions.find(({ variable }) => variable === name)!;
			const value = columnValue(t, parts[0].column);
			return value.sub(value.floor()).sub('1/2').abs();
		};
		return fractional.reduce((a, b) => (compare(fromHalf(b), fromHalf(a)) < 0 ? b : a));
	}

	/** What a solved node will be: the state that `judge` gives it. */
	verdict(id: number): Exclude<NodeState, 'open' | 'solved'> {
		const { bound, fractional } = this.#nodes[id];
		if (!bound) return 'infeasible';
		if (!this.#isWorthwhile(bound)) return 'bound';
		return fractional.length > 0 ? 'branched' : 'whole';
	}

	/**
	 * Closes a solved node, or branches on it.
	 * @param split the variable to branch on; left out where a rule chooses
	 * @returns the nodes that it made, the one that comes first last
	 */
	judge(id: number, rules: SearchRules, split = this.splitOf(id, rules.branching)): number[] {
		const node = this.#nodes[id];
		const verdict = this.verdict(id);
		const made: number[] = [];
		node.state = verdict;
		this.#waiting.delete(id);
		const { bound } = node;
		if (verdict === 'infeasible') node.why = messages.closedInfeasible;
		else if (verdict === 'bound')
			node.why = messages.closedByBound(bound!, this.reachable(bound!), this.#incumbent!.objective);
		else if (verdict === 'whole') {
			this.#incumbent = { objective: bound!, solution: node.solution!, node: id };
			node.why = messages.closedWhole;
		} else {
			const workings = this.#workings.get(id)!;
			const value = (node.solution ?? planAt(workings)).get(split!)!;
			node.split = split;
			node.why = messages.branchedOn(split!, value);
			const below: Branching = { variable: split!, relation: '<=', value: value.floor() };
			const above: Branching = { variable: split!, relation: '>=', value: value.ceil() };
			// of equal promise the node made last comes first, but where breadth decides
			const newestFirst = rules.node !== 'breadth-first';
			const order = (rules.first === 'up') === newestFirst ? [below, above] : [above, below];
			made.push(...order.map((branching) => this.#add(id, branching, bound, workings)));
		}
		this.#workings.delete(id);
		this.#history.push({
			nodes: this.#solved,
			incumbent: this.#incumbent?.objective ?? null,
			bound: this.bound
		});
		return made;
	}

	/** Closes an open node unsolved where its parent's bound cannot beat the incumbent any more; says whether it did. */
	closeByPromise(id: number): boolean {
		const node = this.#nodes[id];
		const { promise } = node;
		if (!promise || !this.#incumbent || this.#isWorthwhile(promise)) return false;
		node.state = 'bound';
		node.why = messages.closedByPromise(promise, this.reachable(promise), this.#incumbent.objective);
		this.#open.splice(this.#open.lastIndexOf(id), 1);
		this.#workings.delete(id);
		return true;
	}

	/** The bounds on the way from the root to a node. */
	branchingsOf(id: number): Branching[] {
		const { parent, branching } = this.#nodes[id];
		return [...(parent === null ? [] : this.branchingsOf(parent)), ...(branching ? [branching] : [])];
	}
}
