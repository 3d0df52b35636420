import type { StartFinding } from '../method/findings';
import { prepare, type MethodName } from '../method/solve';
import { type Outcome, type Step } from '../method/types';
import { DANTZIG, type Rule } from '../method/rule';
import type { Rational } from '../number/rational';
import type { Plan, Problem } from '../problem/types';
import { objectiveValue, readPlan, type Tableau } from '../tableau/tableau';
import { certify, type Certificate } from './certificate';
import { Budget } from './budget';
import type { StopReason } from './findings';
import { dualValues, reducedCosts, type Multipliers } from './multipliers';
import { optimalSet, type OptimalSet } from './optimal-set';
import { ranging, type Ranging } from './ranging';

/** Limits and hooks of a run; the callback may be asked often and must be cheap. */
export interface RunOptions {
	readonly method?: MethodName;
	readonly rule?: Rule;
	/** pivots after which the run stops */
	readonly maxSteps?: number;
	/** of a run that is a part of another: what all may take together; `maxSteps` and `shouldStop` are then those of the whole */
	readonly budget?: Budget;
	/** asked before each step with the pivots made so far; an answer is the reason to stop */
	readonly shouldStop?: (pivots: number) => StopReason | null;
	/** called for each step */
	readonly onStep?: (step: Step) => void;
	/** nodes of a search tree that are kept; the others are only counted */
	readonly mostNodes?: number;
	/** told what a search for whole numbers has found, whenever that changes */
	readonly onFound?: (found: FoundSoFar) => void;
}

/** The budget of a run: that of the whole of which it is a part, or one of its own. */
export const budgetOf = ({ budget, maxSteps, shouldStop }: RunOptions): Budget =>
	budget ?? new Budget(maxSteps, shouldStop);

/** What a run has found before its end. */
export interface FoundSoFar {
	readonly objective?: Rational;
	readonly solution?: Plan;
	/** no integer plan can be better */
	readonly bound?: Rational;
}

/** How the relaxation of a problem was solved. */
export interface LinearRun {
	readonly status: 'optimal' | 'infeasible' | 'unbounded' | 'stopped';
	readonly reason?: StopReason;
	readonly method: Exclude<MethodName, 'auto'>;
	readonly why: StartFinding;
	readonly pivots: number;
	/** the last tableau reached */
	readonly tableau: Tableau | null;
	/** null where a limit stopped it */
	readonly outcome: Outcome | null;
}

/** An answer to a linear program, with its proof. */
export interface LinearAnswer extends LinearRun {
	readonly objective?: Rational;
	readonly solution?: Plan;
	readonly duals?: Multipliers;
	readonly reducedCosts?: ReadonlyMap<string, Rational>;
	readonly certificate?: Certificate;
}

/**
 * Runs a method on a problem's relaxation to its end or to a limit.
 * @throws CannotStart where the method asked for has nothing to start from
 */
export function runLinear(problem: Problem, options: RunOptions = {}): LinearRun {
	const { method = 'auto', rule = DANTZIG, onStep } = options;
	const budget = budgetOf(options);
	const prepared = prepare(problem, method, rule);
	let pivots = 0;
	let tableau: Tableau | null = null;
	const base = { method: prepared.method, why: prepared.reason };
	const stopped = (reason: StopReason): LinearRun => ({
		...base,
		status: 'stopped',
		reason,
		pivots,
		tableau,
		outcome: null
	});
	for (;;) {
		const halt = budget.asked();
		if (halt) return stopped(halt);
		const next = prepared.steps.next();
		if (next.done) {
			const outcome = next.value;
			if (outcome.status === 'cycle')
				return {
					...stopped({ code: 'cycles', length: outcome.length }),
					tableau: outcome.tableau,
					outcome
				};
			return { ...base, status: outcome.status, pivots, tableau: outcome.tableau, outcome };
		}
		if (next.value.kind === 'pivot') {
			const halted = budget.exhausted();
			if (halted) return stopped(halted);
			budget.spend();
			pivots += 1;
		}
		tableau = next.value.tableau;
		onStep?.(next.value);
	}
}

/** Solves a problem's relaxation: status, plan, dual values, reduced costs and certificate. */
export function solveLinear(problem: Problem, options: RunOptions = {}): LinearAnswer {
	const run = runLinear(problem, options);
	if (run.status === 'stopped' || !run.outcome) return run;
	const certificate = certify(run.outcome) ?? undefined;
	if (run.status !== 'optimal') return { ...run, certificate };
	const { tableau } = run.outcome;
	const duals = dualValues(tableau);
	return {
		...run,
		objective: objectiveValue(tableau),
		solution: readPlan(tableau),
		duals,
		reducedCosts: reducedCosts(tableau.form, duals),
		certificate
	};
}

/**
 * What an optimal answer says besides: all optimal plans and the ranges.
 * @param hurry asked now and then; true cuts the list of optimal plans short
 */
export function detail(
	answer: LinearAnswer,
	hurry?: () => boolean
): { optimalSet: OptimalSet; ranging: Ranging } | null {
	if (answer.status !== 'optimal' || !answer.tableau) return null;
	return { optimalSet: optimalSet(answer.tableau, hurry), ranging: ranging(answer.tableau) };
}
