import type { Sentence } from '../commentary/sentence';
import { dualEnteringPosition, dualLeavingRow } from '../method/dual';
import { rowTrouble } from '../method/primal';
import type { Goals } from '../method/rules';
import { DANTZIG, type Rule } from '../method/types';
import { compare, gcd, isInteger, isZero, lcm, numerator, rational, type Rational } from '../number/rational';
import type { Plan, Problem } from '../problem/types';
import { appendRow, measuredFrom } from '../tableau/build';
import { OBJECTIVE } from '../tableau/goal';
import type { Cell } from '../tableau/kernel';
import { cell, columnValue, objectiveValue, pivot, rhsCell, smallest, type Tableau } from '../tableau/tableau';
import * as messages from './messages';
import { mustBeWhole } from './whole';

/** Which open node comes next. */
export const NODE_RULES = ['best-bound', 'depth-first', 'breadth-first'] as const;
export type NodeRule = (typeof NODE_RULES)[number];
/** Which variable is branched on: the one nearest to a half, or the first. */
export const BRANCHING_RULES = ['first', 'most-fractional'] as const;
export type BranchingRule = (typeof BRANCHING_RULES)[number];
/** Which of the two new nodes comes first. */
export const DIRECTIONS = ['down', 'up'] as const;
export type Direction = (typeof DIRECTIONS)[number];

export interface SearchRules {
	readonly node: NodeRule;
	readonly branching: BranchingRule;
	readonly first: Direction;
}

export const SEARCH_RULES: SearchRules = { node: 'best-bound', branching: 'first', first: 'down' };

/** A bound that splits a fractional value. */
export interface Branching {
	readonly variable: string;
	readonly relation: '<=' | '>=';
	readonly value: Rational;
}

/**
 * `open`: not solved yet; `solved`: its relaxation is solved, and it is not said yet what follows; `branched`; the others are closed: nothing
 * better is below.
 */
export type NodeState = 'open' | 'solved' | 'branched' | 'whole' | 'bound' | 'infeasible';

/** A node of the branch-and-bound tree. */
export interface SearchNode {
	readonly id: number;
	readonly parent: number | null;
	/** the bound that it adds to its parent's; null at the root */
	readonly branching: Branching | null;
	readonly depth: number;
	readonly state: NodeState;
	/** the parent's bound: nothing below can be better */
	readonly promise: Rational | null;
	/** its relaxation's objective; null before it is solved, and where it is infeasible */
	readonly bound: Rational | null;
	/** the best plan of its relaxation */
	readonly solution: Plan | null;
	/** the variables that should be whole there and are not */
	readonly fractional: readonly string[];
	/** the variable branched on */
	readonly split: string | null;
	/** why it was closed or branched on */
	readonly why: Sentence | null;
	/** pivots of the dual simplex method from its parent's tableau */
	readonly pivots: number;
	/** how many nodes had been solved when it was; 0 before */
	readonly turn: number;
}

type Mutable<T> = { -readonly [K in keyof T]: T[K] };

/** What is kept of a node while the search needs it: where it starts from, and how far its columns are shifted. */
interface Workings {
	tableau: Tableau;
	/** by column, in internal units: the column stands for itself plus this */
	shifts: ReadonlyMap<number, bigint>;
}

/** The best whole plan so far. */
export interface Incumbent {
	readonly objective: Rational;
	readonly solution: Plan;
	readonly node: number;
}

/** What was known after so many nodes: for a chart. */
export interface Known {
	readonly nodes: number;
	readonly incumbent: Rational | null;
	readonly bound: Rational | null;
}

/** Raised where a relaxation was not solved to its end. */
export class SearchStopped extends Error {
	constructor(readonly reason: Sentence) {
		super('stopped');
	}
}

/** pivots after which the dual simplex method goes by Bland's rule, which cannot cycle */
const USUAL_PIVOTS = 60;
const GOALS: Goals = [OBJECTIVE];
const BLAND: Rule = { entering: 'bland', ties: 'lowest-index' };

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
	/** whether artificial variables may still stand in rows */
	readonly #hasStandIns: boolean;

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
		this.#hasStandIns = root.form.columns.some(({ kind }) => kind === 'artificial' || kind === 'vacant');
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
		const start = branching ? this.#bounded(own, branching) : own;
		const before = this.#pivots;
		const tableau = start && this.#resolved(start.tableau, shouldStop);
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
		node.fractional = this.#fractional(tableau);
		if (this.keepsNodes || node.fractional.length === 0) node.solution = this.#plan(tableau, start.shifts);
	}

	/**
	 * The dual simplex method to its end, by Bland's rule once it takes long. What it starts from is dual feasible, since the parent's tableau was
	 * optimal and bounds change no column.
	 * @returns null where no plan is left
	 */
	#resolved(start: Tableau, shouldStop?: (pivots: number) => Sentence | null): Tableau | null {
		let t = start;
		for (let made = 0; ; made++) {
			const reason = shouldStop?.(this.#pivots);
			if (reason) throw new SearchStopped(reason);
			if (this.#hasStandIns) {
				const trouble = rowTrouble(t);
				if (trouble?.kind === 'end') return null;
				if (trouble) throw new Error('an artificial variable came back');
			}
			const row = dualLeavingRow(t, made < USUAL_PIVOTS ? DANTZIG : BLAND);
			if (row === null) return t;
			const position = dualEnteringPosition(t, GOALS, row);
			if (position === null) return null;
			t = pivot(t, row, position);
			this.#pivots += 1;
		}
	}

	/** The parent's tableau with the bound that a branch adds; null where the variable has no room. */
	#bounded({ tableau: t, shifts }: Workings, { variable, relation, value }: Branching): Workings | null {
		const { offset, parts } = t.form.substitutions.find((own) => own.variable === variable)!;
		const [{ column, factor }] = parts;
		const least = value.sub(offset).mul(factor);
		/** `column` is at least this much, in internal units of the column */
		const raised = (of: number, at: Rational): Workings => {
			const wanted = numerator(at.mul(rational(BigInt(t.scales[of]))));
			const amount = wanted - (shifts.get(of) ?? 0n);
			return {
				tableau: measuredFrom(t, of, smallest(amount)),
				shifts: new Map(shifts).set(of, wanted)
			};
		};
		if ((relation === '>=') === factor > 0) return raised(column, least);
		const limit = upperRow(t, column);
		if (limit) return raised(limit.slack, limit.rhs.sub(least));
		const row = t.basis.indexOf(column);
		const scale = BigInt(t.scales[column]);
		const room = least.mul(rational(scale)).sub(rational(shifts.get(column) ?? 0n));
		const cells = [
			...t.nonbasic.map((_, k) => negated(cell(t, row, k))),
			smallest(numerator(room) * BigInt(t.kernel.denominator) - BigInt(rhsCell(t, row)))
		];
		const start = t.form.columns.length;
		const owner = { kind: 'variable', name: variable } as const;
		const added = {
			column: { id: `u:${variable}`, name: `u${start}`, kind: 'slack', owner } as const,
			row: {
				owner,
				entries: new Map([
					[column, rational(1)],
					[start, rational(1)]
				]),
				rhs: least,
				factor: 1 as const,
				start
			},
			cells,
			scale: smallest(scale)
		};
		return { tableau: appendRow(t, added), shifts };
	}

	#fractional(t: Tableau): string[] {
		const d = t.kernel.denominator;
		const whole = (row: number) => {
			const value = rhsCell(t, row);
			return typeof value === 'number' && typeof d === 'number'
				? value % d === 0
				: BigInt(value) % BigInt(d) === 0n;
		};
		return this.problem.variables.flatMap((variable, i) => {
			if (!mustBeWhole(variable)) return [];
			const { parts } = t.form.substitutions[i];
			if (parts.length === 0) return [];
			const row = t.basis.indexOf(parts[0].column);
			return row < 0 || whole(row) ? [] : [variable.name];
		});
	}

	#plan(t: Tableau, shifts: Workings['shifts']): Plan {
		return new Map(
			t.form.substitutions.map(({ variable, offset, parts }) => [
				variable,
				parts.reduce((sum, { column, factor }) => {
					const shift = rational(shifts.get(column) ?? 0n, BigInt(t.scales[column]));
					return sum.add(columnValue(t, column).add(shift).mul(factor));
				}, offset)
			])
		);
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
			const value = (node.solution ?? this.#plan(workings.tableau, workings.shifts)).get(split!)!;
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
		this.#history.push({ nodes: this.#solved, incumbent: this.#incumbent?.objective ?? null, bound: this.bound });
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

const negated = (value: Cell): Cell => -value || 0;

/** The row `column + slack = rhs` that limits a column from above; null where there is none. */
function upperRow(t: Tableau, column: number): { slack: number; rhs: Rational } | null {
	for (const { entries, start, rhs } of t.form.rows) {
		if (entries.size !== 2 || t.form.columns[start].kind !== 'slack') continue;
		if (entries.get(column)?.equals(1) && entries.get(start)?.equals(1) && isInteger(rhs))
			return { slack: start, rhs };
	}
	return null;
}
