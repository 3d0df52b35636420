import { budgetOf, solveLinear, type RunOptions } from '../answer/answer';
import { withGoal } from '../answer/conflict';
import { compare, numerator, ONE, ZERO, type Rational } from '../number/rational';
import { readPlan } from '../tableau/tableau';
import { isFeasible, type Plan, type Problem } from '../problem/types';
import { objectiveAt } from '../problem/use';
import { branchAndBound } from './branch';
import { withCuts } from './cut';
import { cuttingPlanes } from './cuts';
import type { WayFinding } from './findings';
import { mustBeWhole } from '../problem/whole';

/** What one way to the best integer plan took; null for what it does not have. */
export interface WayTaken {
	readonly way: 'enumeration' | 'cuts' | 'branching' | 'cuts-then-branching';
	readonly status: 'optimal' | 'infeasible' | 'unbounded' | 'stopped' | 'impossible';
	readonly objective: Rational | null;
	/** whole points looked at */
	readonly points: number | null;
	readonly pivots: number | null;
	readonly rounds: number | null;
	readonly nodes: number | null;
	/** why it was stopped, cannot be taken, or went another way than its name says */
	readonly reason: WayFinding | null;
}

const MOST_POINTS = 200_000;
/** rounds of cuts before branching */
const FIRST_ROUNDS = 3;

/** The whole points within the bounds that the relaxation implies, one by one; null where they are endless or too many. */
export function wholePoints(
	problem: Problem,
	most = MOST_POINTS,
	options: RunOptions = {}
): { looked: number; feasible: Plan[] } | { tooMany: bigint | null } {
	if (!problem.variables.every(mustBeWhole)) return { tooMany: null };
	const ranges: [bigint, bigint][] = [];
	let count = 1n;
	for (const { name } of problem.variables) {
		const ends = (['min', 'max'] as const).map((sense) => {
			const goal = withGoal(problem, sense, new Map([[name, ONE]]));
			return solveLinear(goal, { shouldStop: options.shouldStop });
		});
		if (ends.some(({ status }) => status === 'infeasible')) return { looked: 0, feasible: [] };
		const [low, high] = ends.map(({ status, tableau }) =>
			status === 'optimal' && tableau ? readPlan(tableau).get(name)! : null
		);
		if (!low || !high) return { tooMany: null };
		const range: [bigint, bigint] = [numerator(low.ceil()), numerator(high.floor())];
		ranges.push(range);
		count *= range[1] >= range[0] ? range[1] - range[0] + 1n : 0n;
	}
	if (count > BigInt(most)) return { tooMany: count };
	const feasible: Plan[] = [];
	const at: bigint[] = [];
	const go = () => {
		if (at.length < ranges.length) {
			const [low, high] = ranges[at.length];
			for (let value = low; value <= high; value++) {
				at.push(value);
				go();
				at.pop();
			}
			return;
		}
		const plan: Plan = new Map(problem.variables.map(({ name }, i) => [name, ZERO.add(at[i])]));
		if (isFeasible(problem, plan)) feasible.push(plan);
	};
	if (count > 0n) go();
	return { looked: Number(count), feasible };
}

function byEnumeration(problem: Problem, options: RunOptions): WayTaken {
	const none = { way: 'enumeration' as const, pivots: null, rounds: null, nodes: null };
	const found = wholePoints(problem, MOST_POINTS, options);
	if ('tooMany' in found) {
		const reason: WayFinding = found.tooMany
			? { code: 'too-many-points', count: found.tooMany }
			: { code: 'endless-points' };
		return { ...none, status: 'impossible', objective: null, points: null, reason };
	}
	const sense = problem.objective.sense === 'max' ? 1 : -1;
	const best = found.feasible.reduce<Rational | null>((most, plan) => {
		const value = objectiveAt(problem, plan);
		return !most || compare(value, most) * sense > 0 ? value : most;
	}, null);
	return {
		...none,
		status: best ? 'optimal' : 'infeasible',
		objective: best,
		points: found.looked,
		reason: null
	};
}

function byCuts(problem: Problem, options: RunOptions): WayTaken {
	const { status, objective = null, pivots, cuts, reason = null } = cuttingPlanes(problem, options);
	return { way: 'cuts', status, objective, points: null, pivots, rounds: cuts.length, nodes: null, reason };
}

function byBranching(problem: Problem, options: RunOptions): WayTaken {
	const own = { ...options, mostNodes: 0 };
	const { status, objective = null, pivots, nodesMade, covers, reason = null } = branchAndBound(problem, own);
	return {
		way: 'branching',
		status,
		objective,
		points: null,
		pivots,
		rounds: null,
		nodes: nodesMade,
		reason: reason ?? (covers ? { code: 'begun-again-with-covers' } : null)
	};
}

/** A few rounds of cuts that strengthen the root, then branching. */
function byBoth(problem: Problem, options: RunOptions): WayTaken {
	let rounds = 0;
	const budget = budgetOf(options);
	const first = cuttingPlanes(problem, {
		...options,
		onStep: ({ kind }) => {
			if (kind === 'cut') rounds += 1;
		},
		// the last of the first rounds has had its pivots when the next begins
		budget: budget.part(() => (rounds > FIRST_ROUNDS ? { code: 'long' } : null))
	});
	const none = { way: 'cuts-then-branching' as const, points: null };
	if (first.reason?.code !== 'long') {
		const { status, objective = null, pivots, cuts, reason = null } = first;
		return { ...none, status, objective, pivots, rounds: cuts.length, nodes: 0, reason };
	}
	const cuts = first.cuts.slice(0, FIRST_ROUNDS).filter(({ original }) => original);
	const stronger = withCuts(problem, cuts);
	const {
		status,
		objective = null,
		pivots,
		nodesMade,
		reason = null
	} = branchAndBound(stronger, {
		...options,
		budget,
		mostNodes: 0
	});
	return {
		...none,
		status,
		objective,
		pivots,
		rounds: cuts.length,
		nodes: nodesMade,
		reason
	};
}

/** The ways to the best integer plan, each to its end or to the limits; told one by one. */
export function compareWays(
	problem: Problem,
	options: RunOptions = {},
	onWay: (taken: WayTaken) => void = () => {}
): WayTaken[] {
	return [byEnumeration, byBranching, byCuts, byBoth].map((way) => {
		const taken = way(problem, options);
		onWay(taken);
		return taken;
	});
}
