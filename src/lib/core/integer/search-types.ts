import type { NodeFinding } from './findings';
import type { Rational } from '../number/rational';
import type { Plan } from '../problem/types';
import type { Branching } from './relaxation';

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
	readonly why: NodeFinding | null;
	/** pivots of the dual simplex method from its parent's tableau */
	readonly pivots: number;
	/** how many nodes had been solved when it was; 0 before */
	readonly turn: number;
}

/** What is still being filled in. */
export type Mutable<T> = { -readonly [K in keyof T]: T[K] };

/** A node that is not solved yet. */
export const openNode = ({
	id,
	parent,
	branching,
	depth,
	promise
}: Pick<SearchNode, 'id' | 'parent' | 'branching' | 'depth' | 'promise'>): SearchNode => ({
	id,
	parent,
	branching,
	depth,
	promise,
	state: 'open',
	bound: null,
	solution: null,
	fractional: NOTHING,
	split: null,
	why: null,
	pivots: 0,
	turn: 0
});
const NOTHING: readonly string[] = [];

/** The best integer plan so far. */
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

/** What the relaxation of a node gives. */
export type Relaxed = Pick<SearchNode, 'bound' | 'solution' | 'fractional' | 'pivots'>;

/** What was decided about a node: that it is closed, or on which variable it is branched and which side is made first. */
export interface NodeDecision {
	readonly node: number;
	readonly split?: string;
	readonly made?: Direction;
}
