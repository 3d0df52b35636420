import { compare, isZero, ZERO, type Rational } from '../number/rational';
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
import { asksForWhole, fractionalVariables } from '../integer/whole';
import { objectiveValue, readPlan } from '../tableau/tableau';
import { runLinear, solveLinear, type RunOptions } from './answer';
import { optimalSet } from './optimal-set';

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

const goal = (problem: Problem, sense: Sense, terms: Terms): Problem => ({
	...problem,
	objective: { sense, name: 'z', terms, constant: ZERO }
});
const without = (problem: Problem, name: string): Problem => ({
	...problem,
	constraints: problem.constraints.filter((row) => row.name !== name)
});

/** The largest or least value of an expression over the region; null where it has no end. */
function extreme(
	problem: Problem,
	sense: Sense,
	terms: Terms,
	options: RunOptions
): Rational | null | 'stopped' {
	const { status, outcome } = runLinear(goal(problem, sense, terms), options);
	return status === 'stopped' ? 'stopped' : status === 'optimal' ? objectiveValue(outcome!.tableau) : null;
}

/** Whether a constraint of a feasible problem follows from the others. */
export function isRedundant(problem: Problem, row: Constraint, options: RunOptions): boolean {
	const others = without(problem, row.name);
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

/** A member of a conflict: a constraint, or one bound of a variable. */
type Member = { readonly name: string; leaveOut(problem: Problem): Problem };

const members = ({ constraints, variables }: Problem): Member[] => [
	...constraints.map(({ name }): Member => ({ name, leaveOut: (problem) => without(problem, name) })),
	...variables.flatMap((variable) =>
		(['lower', 'upper'] as const)
			.filter((side) => variable[side] !== null)
			.map((side): Member => ({
				name: `${variable.name}.${side}`,
				leaveOut: (problem) => ({
					...problem,
					variables: problem.variables.map((own) =>
						own.name === variable.name ? { ...own, [side]: null } : own
					)
				})
			}))
	)
];

/**
 * A smallest set of constraints and bounds in conflict, by leaving out one after the other what is not needed for it (the deletion
 * filter of Chinneck and Dravnieks, 1991).
 * @returns null where the time was up
 */
export function conflictOf(problem: Problem, options: RunOptions): string[] | null {
	// the bounds that a binary variable has by itself take part as bounds
	let rest: Problem = goal(
		{
			...problem,
			variables: problem.variables.map((own) => ({ ...own, ...effectiveBounds(own), domain: 'continuous' }))
		},
		'max',
		new Map()
	);
	const proof = solveLinear(rest, options).certificate;
	const needed =
		proof?.kind === 'infeasible'
			? new Set([...proof.multipliers].filter(([, value]) => !isZero(value)).map(([name]) => name))
			: null;
	if (needed) for (const { name } of problem.constraints) if (!needed.has(name)) rest = without(rest, name);
	const conflict: string[] = [];
	for (const member of members(rest)) {
		const smaller = member.leaveOut(rest);
		const { status } = runLinear(smaller, options);
		if (status === 'stopped') return null;
		if (status === 'infeasible') rest = smaller;
		else conflict.push(member.name);
	}
	return conflict;
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
