import { compare, ZERO, type Rational } from '../number/rational';
import {
	effectiveBounds,
	evaluate,
	isFeasible,
	type Constraint,
	type Plan,
	type Problem,
	type Sense,
	type Terms
} from '../problem/types';
import { asksForWhole, fractionalVariables } from '../problem/whole';
import { objectiveValue, readPlan } from '../tableau/tableau';
import { runLinear, solveLinear, type RunOptions } from '../answer/answer';
import { withoutConstraints } from '../geometry/sides';
import { conflictOf, withGoal } from '../answer/conflict';
import { optimalSet } from '../answer/optimal-set';

/** What kind of problem this is: what a teacher wants to know before the class does. */
export interface ProblemKind {
	readonly status: 'optimal' | 'infeasible' | 'unbounded' | 'stopped';
	/**
	 * where infeasible: constraints, and bounds as `x.lower` and `x.upper`, that exclude each other while any of them left out
	 * would let the others be kept
	 */
	readonly conflict: readonly string[];
	/** whether the region has an end in every direction; null where it is empty or was not found out */
	readonly bounded: boolean | null;
	/** whether just one plan is best; null where none is */
	readonly unique: boolean | null;
	/** where more lines than needed meet: at the best corner that was found, or at a corner on the way to it */
	readonly degenerate: 'best' | 'on the way' | null;
	/** constraints that change nothing when they are left out alone */
	readonly redundant: readonly string[];
	/** variables that must be whole and are not at the relaxation's best corner; null where none has to be */
	readonly fractional: readonly string[] | null;
	/** what a method can start from */
	readonly start: 'slacks' | 'dual' | 'artificial';
	/** whether everything asked for was found out before the time was up */
	readonly complete: boolean;
}

/** The largest or least value of an expression over the region; null where it has no end. */
function extreme(
	problem: Problem,
	sense: Sense,
	terms: Terms,
	options: RunOptions
): Rational | null | 'stopped' {
	const { status, outcome } = runLinear(withGoal(problem, sense, terms), options);
	return status === 'stopped' ? 'stopped' : status === 'optimal' ? objectiveValue(outcome!.tableau) : null;
}

/** Whether a constraint of a feasible problem follows from the others. */
export function isRedundant(problem: Problem, row: Constraint, options: RunOptions): boolean {
	const others = withoutConstraints(problem, [row.name]);
	const follows = (sense: Sense) => {
		const value = extreme(others, sense, row.terms, options);
		if (value === null || value === 'stopped') return false;
		const order = compare(value, row.rhs);
		return sense === 'max' ? order <= 0 : order >= 0;
	};
	if (row.relation === '=') return follows('max') && follows('min');
	return follows(row.relation === '<=' ? 'max' : 'min');
}

/** Whether no variable can grow or fall without end. */
function isBounded(problem: Problem, options: RunOptions): boolean | null {
	for (const { name } of problem.variables)
		for (const sense of ['max', 'min'] as const) {
			const value = extreme(problem, sense, new Map([[name, ZERO.add(1)]]), options);
			if (value === 'stopped') return null;
			if (value === null) return false;
		}
	return true;
}

/** Whether more constraints and bounds hold with equality than there are variables. */
function isDegenerate(problem: Problem, plan: Plan): boolean {
	const rows = problem.constraints.filter(
		({ terms, rhs }) => compare(evaluate(terms, plan), rhs) === 0
	).length;
	const bounds = problem.variables.reduce((count, variable) => {
		const value = plan.get(variable.name) ?? ZERO;
		const { lower, upper } = effectiveBounds(variable);
		return count + [lower, upper].filter((bound) => bound && compare(bound, value) === 0).length;
	}, 0);
	return rows + bounds > problem.variables.length;
}

/**
 * Finds out what kind of problem this is.
 * @param options limits; what they cut short is left open, and told by `complete`
 */
export function kindOf(problem: Problem, options: RunOptions = {}): ProblemKind {
	let onTheWay = false;
	const run = solveLinear(problem, {
		...options,
		onStep: ({ tableau }) => {
			const at = readPlan(tableau);
			onTheWay ||= isFeasible(problem, at) && isDegenerate(problem, at);
		}
	});
	const start = run.method === 'primal' ? 'slacks' : run.method === 'dual' ? 'dual' : 'artificial';
	const nothing = {
		conflict: [],
		bounded: null,
		unique: null,
		degenerate: null,
		redundant: [],
		fractional: null
	};
	if (run.status === 'stopped') return { ...nothing, status: run.status, start, complete: false };
	if (run.status === 'infeasible') {
		const conflict = conflictOf(problem, options);
		return { ...nothing, status: run.status, start, conflict: conflict ?? [], complete: conflict !== null };
	}
	const plan = run.solution;
	const bounded = isBounded(problem, options);
	return {
		status: run.status,
		start,
		conflict: [],
		bounded,
		unique:
			run.status === 'optimal' && run.tableau
				? optimalSet(run.tableau, () => !!options.shouldStop?.(0)).unique
				: null,
		degenerate: plan && isDegenerate(problem, plan) ? 'best' : onTheWay ? 'on the way' : null,
		redundant: problem.constraints
			.filter((row) => isRedundant(problem, row, options))
			.map(({ name }) => name),
		fractional:
			plan && asksForWhole(problem) ? fractionalVariables(problem, plan).map(({ name }) => name) : null,
		complete: !options.shouldStop?.(0)
	};
}
