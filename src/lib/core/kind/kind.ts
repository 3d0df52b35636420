import { metCount } from '../problem/use';
import { compare, ZERO, type Rational } from '../number/rational';
import {
	isFeasible,
	type Constraint,
	type Plan,
	type Problem,
	type Sense,
	type Terms
} from '../problem/types';
import { asksForWhole, fractionalVariables } from '../problem/whole';
import { objectiveValue, readPlan } from '../tableau/tableau';
import { runLinear, solveLinear, type LinearAnswer, type RunOptions } from '../answer/answer';
import type { Step } from '../method/types';
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
const isDegenerate = (problem: Problem, plan: Plan): boolean =>
	metCount(problem, plan) > problem.variables.length;

/**
 * The properties of a problem, each found out when it is first asked for and then kept. Solving it once gives status, start, degeneracy and what is
 * fractional; the others take as many runs again as said beside them.
 */
export class Properties {
	readonly #problem: Problem;
	readonly #options: RunOptions;
	readonly #known = new Map<string, unknown>();

	/** @param options limits of each run; what they cut short is null, or left out of a list */
	constructor(problem: Problem, options: RunOptions = {}) {
		this.#problem = problem;
		this.#options = options;
	}

	#once<Value>(name: string, find: () => Value): Value {
		if (!this.#known.has(name)) this.#known.set(name, find());
		return this.#known.get(name) as Value;
	}

	get #solved(): { run: LinearAnswer; onTheWay: boolean } {
		return this.#once('solved', () => {
			let onTheWay = false;
			const onStep = ({ tableau }: Step) => {
				const at = readPlan(tableau);
				onTheWay ||= isFeasible(this.#problem, at) && isDegenerate(this.#problem, at);
			};
			const run = solveLinear(this.#problem, { ...this.#options, onStep });
			return { run, onTheWay };
		});
	}

	get status(): ProblemKind['status'] {
		return this.#solved.run.status;
	}
	get start(): ProblemKind['start'] {
		const { method } = this.#solved.run;
		return method === 'primal' ? 'slacks' : method === 'dual' ? 'dual' : 'artificial';
	}
	get degenerate(): ProblemKind['degenerate'] {
		const { run, onTheWay } = this.#solved;
		if (run.status !== 'optimal' && run.status !== 'unbounded') return null;
		return run.solution && isDegenerate(this.#problem, run.solution)
			? 'best'
			: onTheWay
				? 'on the way'
				: null;
	}
	get fractional(): ProblemKind['fractional'] {
		const { solution } = this.#solved.run;
		return solution && asksForWhole(this.#problem)
			? fractionalVariables(this.#problem, solution).map(({ name }) => name)
			: null;
	}
	/** a search of the optimal face */
	get unique(): ProblemKind['unique'] {
		return this.#once('unique', () => {
			const { status, tableau } = this.#solved.run;
			const isOver = () => !!this.#options.shouldStop?.(0);
			return status === 'optimal' && tableau ? optimalSet(tableau, isOver).unique : null;
		});
	}
	/** at most two runs for each variable */
	get bounded(): ProblemKind['bounded'] {
		return this.#once('bounded', () => (this.#hasPlans ? isBounded(this.#problem, this.#options) : null));
	}
	/** a run for each constraint, two for equalities */
	get redundant(): ProblemKind['redundant'] {
		return this.#once('redundant', () =>
			this.#problem.constraints
				.filter((row) => this.#hasPlans && isRedundant(this.#problem, row, this.#options))
				.map(({ name }) => name)
		);
	}
	/** a run for each constraint and bound; null where it was cut short */
	get conflict(): ProblemKind['conflict'] | null {
		return this.#once('conflict', () =>
			this.status === 'infeasible' ? conflictOf(this.#problem, this.#options) : []
		);
	}
	get #hasPlans(): boolean {
		return this.status === 'optimal' || this.status === 'unbounded';
	}
}

/**
 * Finds out what kind of problem this is: all properties, the cheapest first.
 * @param options limits; what they cut short is left open, and told by `complete`
 */
export function kindOf(problem: Problem, options: RunOptions = {}): ProblemKind {
	const own = new Properties(problem, options);
	const { status, start, degenerate, fractional, conflict, unique, bounded, redundant } = own;
	const complete =
		status !== 'stopped' && conflict !== null && (status === 'infeasible' || !options.shouldStop?.(0));
	return {
		status,
		start,
		degenerate,
		fractional,
		conflict: conflict ?? [],
		unique,
		bounded,
		redundant,
		complete
	};
}
