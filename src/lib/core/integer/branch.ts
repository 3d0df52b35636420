import { solveLinear, type LinearAnswer, type RunOptions } from '../answer/answer';
import { compare, type Rational } from '../number/rational';
import type { Sentence } from '../commentary/sentence';
import type { Plan, Problem } from '../problem/types';
import * as messages from './messages';
import {
	ceil,
	floor,
	fractionalVariables,
	tightened,
	unboundedOrEmpty,
	withBounds,
	type WholeResult
} from './whole';

/** A node of the branch-and-bound tree. */
export interface BranchNode {
	readonly id: number;
	readonly parent: number | null;
	/** the bound that this node adds to its parent's */
	readonly branching: {
		readonly variable: string;
		readonly relation: '<=' | '>=';
		readonly value: Rational;
	} | null;
	readonly status: LinearAnswer['status'];
	/** the relaxation's objective: no whole plan below this node is better */
	readonly bound: Rational | null;
	readonly solution: Plan | null;
	/** why nothing more is looked for below; null where it was branched on */
	readonly closed: Sentence | null;
}

export interface BranchResult extends WholeResult {
	readonly nodes: readonly BranchNode[];
	/** how many nodes there were, kept or not */
	readonly nodesMade: number;
	/** of a search that was stopped: no whole plan can be better */
	readonly bound?: Rational;
}

interface OpenNode {
	readonly id: number;
	readonly parent: number | null;
	readonly branching: BranchNode['branching'];
	readonly problem: Problem;
	/** the parent's bound, to choose the most promising node first */
	readonly promise: Rational | null;
}

/**
 * Branch and bound (Land and Doig 1960): the most promising open node first; a node is closed by infeasibility, by a whole
 * plan, or by a bound that cannot beat the incumbent.
 * @param options limits for the whole search; the method and rule are used for every relaxation
 */
export function branchAndBound(problem: Problem, options: RunOptions = {}): BranchResult {
	const sense = problem.objective.sense === 'max' ? 1 : -1;
	const better = (a: Rational, b: Rational) => compare(a, b) * sense > 0;
	const nodes: BranchNode[] = [];
	const open: OpenNode[] = [{ id: 0, parent: null, branching: null, problem, promise: null }];
	let best: { objective: Rational; solution: Plan; id: number } | null = null;
	let pivots = options.pivotsBefore ?? 0;
	let made = 1;
	let relaxation: LinearAnswer | null = null;
	let closed = 0;
	/** the best that an open node promises, or the incumbent where none promises more */
	const bound = (): Rational | undefined =>
		open.reduce<Rational | undefined>(
			(a, { promise }) => (promise && (!a || better(promise, a)) ? promise : a),
			best?.objective
		);
	const stoppedBy = (reason: Sentence | undefined, node: OpenNode): BranchResult => {
		open.push(node);
		const most = bound();
		return {
			status: 'stopped',
			reason,
			nodes,
			nodesMade: closed,
			pivots,
			relaxation: relaxation!,
			...(most ? { bound: most } : {}),
			...(best ? { objective: best.objective, solution: best.solution } : {})
		};
	};
	while (open.length) {
		const node = takeBest(open, better);
		const answer = solveLinear(node.problem, {
			...options,
			pivotsBefore: pivots,
			...(node.id === 0 ? {} : { method: options.method === 'big-m' ? 'big-m' : 'auto' })
		});
		relaxation ??= answer;
		pivots += answer.pivots;
		const record = (why: Sentence | null) => {
			closed += 1;
			if (nodes.length >= (options.mostNodes ?? Infinity)) return;
			nodes.push({
				id: node.id,
				parent: node.parent,
				branching: node.branching,
				status: answer.status,
				bound: answer.objective ?? null,
				solution: answer.solution ?? null,
				closed: why
			});
		};
		if (answer.status === 'stopped') return stoppedBy(answer.reason, node);
		if (answer.status === 'infeasible') {
			record(messages.closedInfeasible);
			continue;
		}
		if (answer.status === 'unbounded') {
			record(messages.closedUnbounded);
			const { end } = unboundedOrEmpty(branchAndBound, problem, options, pivots);
			return { nodes, nodesMade: closed, relaxation, ...end };
		}
		const [objective, solution] = [answer.objective!, answer.solution!];
		if (best && !better(objective, best.objective)) {
			record(messages.closedByBound(objective, best.objective));
			continue;
		}
		const [split] = fractionalVariables(node.problem, solution);
		if (!split) {
			best = { objective, solution, id: node.id };
			record(messages.closedWhole);
			options.onFound?.({ objective, solution, bound: bound() });
			continue;
		}
		record(null);
		const value = solution.get(split.name)!;
		// whole bounds lose no whole plan; the first relaxation is the author's
		const whole = tightened(node.problem);
		const below = { variable: split.name, relation: '<=' as const, value: floor(value) };
		const above = { variable: split.name, relation: '>=' as const, value: ceil(value) };
		open.push(
			{
				id: made,
				parent: node.id,
				branching: below,
				promise: objective,
				problem: withBounds(whole, split.name, { upper: below.value })
			},
			{
				id: made + 1,
				parent: node.id,
				branching: above,
				promise: objective,
				problem: withBounds(whole, split.name, { lower: above.value })
			}
		);
		made += 2;
	}
	const end = { nodes, nodesMade: closed, pivots, relaxation: relaxation! };
	return best
		? { ...end, status: 'optimal', objective: best.objective, solution: best.solution }
		: { ...end, status: 'infeasible' };
}

function takeBest(open: OpenNode[], better: (a: Rational, b: Rational) => boolean): OpenNode {
	let at = 0;
	for (let i = 1; i < open.length; i++) {
		const [p, q] = [open[i].promise, open[at].promise];
		if (p && q && better(p, q)) at = i;
	}
	return open.splice(at, 1)[0];
}
