import { budgetOf, solveLinear, type LinearAnswer, type RunOptions } from '../answer/answer';
import type { Budget } from '../answer/budget';
import type { StopReason } from '../answer/findings';
import { compare, isInteger, type Rational } from '../number/rational';
import type { Plan, Problem } from '../problem/types';
import type { Tableau } from '../tableau/tableau';
import { coversAt, type Cover } from './covers';
import type { NodeFinding } from './findings';
import { SearchStopped, type Branching } from './relaxation';
import { Search } from './search';
import { SEARCH_RULES, type Incumbent, type SearchNode } from './search-types';
import { tightened, unboundedOrEmpty, withWholeColumns, type WholeResult } from './whole';
import { fractionalVariables, mustBeWhole } from '../problem/whole';

/** Options of a run with the budget that all of its parts share. */
type Limited = RunOptions & { readonly budget: Budget };

/** A node of the branch-and-bound tree, as an answer lists it. */
export interface BranchNode {
	readonly id: number;
	readonly parent: number | null;
	/** the bound that this node adds to its parent's */
	readonly branching: Branching | null;
	/** how its relaxation ended; `unsolved` where the parent's bound closed it */
	readonly status: 'optimal' | 'infeasible' | 'unbounded' | 'stopped' | 'unsolved';
	/** the relaxation's objective (of an unsolved node its parent's): no integer plan below this node is better */
	readonly bound: Rational | null;
	readonly solution: Plan | null;
	/** why nothing more is looked for below; null where it was branched on */
	readonly closed: NodeFinding | null;
}

export interface BranchResult extends WholeResult {
	readonly nodes: readonly BranchNode[];
	/** how many nodes there were, kept or not */
	readonly nodesMade: number;
	/** of a search that was stopped: no integer plan can be better */
	readonly bound?: Rational;
	/** what was added to the relaxation where the search became long; the nodes are then those of the search with them */
	readonly covers?: readonly Cover[];
}

/** A node that was looked at, as an answer lists it. */
function listed({
	id,
	parent,
	branching,
	state,
	promise,
	bound,
	solution,
	why,
	turn
}: SearchNode): BranchNode {
	const status = state === 'infeasible' && !bound ? 'infeasible' : turn > 0 ? 'optimal' : 'unsolved';
	return {
		id,
		parent,
		branching,
		status,
		bound: turn > 0 ? bound : promise,
		solution,
		closed: state === 'branched' ? null : why
	};
}

/** A search that can begin. */
export interface Begun {
	readonly search: Search;
}

/** Whether a relaxation's tableau has each whole-number variable as one column at a whole distance from it. */
const isReady = ({ form }: Tableau): boolean =>
	form.problem.variables.every((variable, i) => {
		const { offset, parts } = form.substitutions[i];
		return !mustBeWhole(variable) || (parts.length < 2 && isInteger(offset));
	});

/**
 * Begins a search: whole bounds and one column for every whole-number variable, as far as the relaxation does not have them already.
 * @param relaxation the problem's relaxation, solved
 * @returns the search, or how the relaxation with whole bounds ended where that has no best plan
 */
export function beginSearch(
	problem: Problem,
	relaxation: LinearAnswer,
	options: RunOptions = {},
	keepsNodes = true
): Begun | { readonly ended: LinearAnswer } {
	if (relaxation.status === 'optimal' && relaxation.tableau && isReady(relaxation.tableau))
		return { search: new Search(problem, relaxation.tableau, keepsNodes) };
	const written = withWholeColumns(tightened(problem), options);
	const root = solveLinear(written, { ...options, onStep: undefined });
	if (root.status !== 'optimal' || !root.tableau) return { ended: root };
	return { search: new Search(written, root.tableau, keepsNodes) };
}

/**
 * Branch and bound (Land and Doig 1960): the most promising open node first; a node is closed by infeasibility, by a whole
 * plan, or by a bound that cannot beat the incumbent.
 * @param limits for the whole search; the method and rule are used for the first relaxation
 */
export function branchAndBound(problem: Problem, limits: RunOptions = {}): BranchResult {
	const budget = budgetOf(limits);
	const options = { ...limits, budget };
	const relaxation = solveLinear(problem, options);
	const none = { nodes: [], nodesMade: 0, pivots: budget.spent, relaxation };
	const { status } = relaxation;
	if (status === 'stopped') return { ...none, status, reason: relaxation.reason };
	const root = (closed: NodeFinding | null): BranchNode => ({
		id: 0,
		parent: null,
		branching: null,
		status,
		bound: relaxation.objective ?? null,
		solution: relaxation.solution ?? null,
		closed
	});
	if (status === 'infeasible')
		return { ...none, status, nodes: [root({ code: 'infeasible' })], nodesMade: 1 };
	if (status === 'unbounded') {
		const { end } = unboundedOrEmpty(branchAndBound, problem, options);
		return { ...none, nodes: [root({ code: 'unbounded' })], nodesMade: 1, ...end };
	}
	if (fractionalVariables(problem, relaxation.solution!).length === 0) {
		const { objective, solution } = relaxation;
		options.onFound?.({ objective, solution, bound: objective });
		return { ...none, status, nodes: [root({ code: 'whole' })], nodesMade: 1, objective, solution };
	}
	return { ...searched(problem, relaxation, options, root(null)), relaxation };
}

/** pivots after which a search begins again with covers, where there are some: short ones, which are read, need none */
const LONG = 2_000;
const MOST_COVER_ROUNDS = 5;

/** The problem with covers as rows; no name of an author has a space. */
const withCovers = (problem: Problem, covers: readonly Cover[]): Problem => ({
	...problem,
	constraints: [
		...problem.constraints,
		...covers.map(({ terms, rhs }, i) => ({ name: `cover ${i + 1}`, terms, relation: '<=' as const, rhs }))
	]
});

/**
 * The relaxation with the covers that its best plans break, solved.
 * @param first those that the best plan of the relaxation alone breaks; at least one
 */
function strengthened(
	problem: Problem,
	first: readonly Cover[],
	options: RunOptions
): { problem: Problem; covers: readonly Cover[]; answer: LinearAnswer } {
	let covers = first;
	for (let round = 1; ; round++) {
		const stronger = withCovers(problem, covers);
		const answer = solveLinear(stronger, { ...options, onStep: undefined });
		const goesOn = round < MOST_COVER_ROUNDS && answer.status === 'optimal';
		const fresh = goesOn ? coversAt(problem, answer.solution!) : [];
		if (fresh.length === 0) return { problem: stronger, covers, answer };
		covers = [...covers, ...fresh];
	}
}

/** The search below a root whose relaxation has a best plan that is not whole: a long one begins again with covers. */
function searched(
	problem: Problem,
	relaxation: LinearAnswer,
	options: Limited,
	root: BranchNode
): Omit<BranchResult, 'relaxation'> {
	const { budget } = options;
	const broken = coversAt(problem, relaxation.solution!);
	if (broken.length === 0) return below(problem, relaxation, options, root);
	const short = budget.part((pivots) => (pivots >= LONG ? { code: 'long' } : null));
	const first = below(problem, relaxation, { ...options, budget: short }, root);
	if (first.reason?.code !== 'long') return { ...first, pivots: budget.spent };
	const strong = strengthened(problem, broken, options);
	const { covers, answer } = strong;
	const pivots = budget.spent;
	if (answer.status === 'stopped') return { ...first, reason: answer.reason, pivots };
	if (answer.status === 'infeasible')
		return { ...first, status: 'infeasible', reason: undefined, pivots, covers };
	const sense = problem.objective.sense === 'max' ? 1 : -1;
	/** the better of what was found now and before */
	const best = <Known extends Pick<BranchResult, 'objective' | 'solution'>>(now: Known): Known => {
		const { objective, solution } = first;
		const isBetter = objective && (!now.objective || compare(objective, now.objective) * sense > 0);
		return isBetter ? { ...now, objective, solution } : now;
	};
	const second = below(
		strong.problem,
		answer,
		{ ...options, onFound: (found) => options.onFound?.(best(found)) },
		root
	);
	return { ...best(second), nodesMade: first.nodesMade + second.nodesMade, covers };
}

/** The search below a root, as it is. */
function below(
	problem: Problem,
	relaxation: LinearAnswer,
	options: Limited,
	root: BranchNode
): Omit<BranchResult, 'relaxation'> {
	const { budget, mostNodes = Infinity } = options;
	const begun = beginSearch(problem, relaxation, options, mostNodes > 0);
	const nodes: BranchNode[] = [];
	if ('ended' in begun) {
		const { status, reason } = begun.ended;
		if (status === 'stopped') return { status, reason, nodes, nodesMade: 0, pivots: budget.spent };
		// whole bounds alone leave nothing
		const closed = { ...root, closed: { code: 'infeasible' } as const };
		return { status: 'infeasible', nodes: [closed], nodesMade: 1, pivots: budget.spent };
	}
	const { search } = begun;
	let seen: Incumbent | null = null;
	let counted = 0;
	/** the search counts its pivots; what is new is spent */
	const count = () => {
		budget.spend(search.pivots - counted);
		counted = search.pivots;
	};
	const limit = (): StopReason | null => {
		count();
		return budget.exhausted() ?? budget.asked();
	};
	const base = () => ({
		nodes,
		nodesMade: search.solved,
		pivots: budget.spent,
		...(search.incumbent
			? { objective: search.incumbent.objective, solution: search.incumbent.solution }
			: {})
	});
	const list = (id: number) => {
		if (nodes.length >= mostNodes) return;
		const own = listed(search.nodes[id]);
		nodes.push(id === 0 ? { ...own, bound: root.bound, solution: root.solution } : own);
	};
	for (;;) {
		let id: number | null;
		try {
			id = search.advance(SEARCH_RULES, limit);
		} catch (error) {
			if (!(error instanceof SearchStopped)) throw error;
			count();
			const { bound } = search;
			return { ...base(), status: 'stopped', reason: error.reason, ...(bound ? { bound } : {}) };
		}
		count();
		if (id === null) break;
		list(id);
		const { mayNotEnd, bound } = search;
		if (mayNotEnd.length > 0)
			return {
				...base(),
				status: 'stopped',
				reason: { code: 'may-not-end', variables: mayNotEnd, nodes: search.solved },
				...(bound ? { bound } : {})
			};
		if (search.incumbent !== seen) {
			seen = search.incumbent;
			options.onFound?.({ ...seen!, bound: search.bound ?? undefined });
		}
	}
	return { ...base(), status: search.incumbent ? 'optimal' : 'infeasible' };
}
