import { budgetOf, solveLinear, type RunOptions } from '../answer/answer';
import type { StopReason } from '../answer/findings';
import { decideDual } from '../method/dual';
import { advise, optimal, primalPivot, unbounded } from '../method/primal';
import type { Goals } from '../method/rules';
import { run } from '../method/run';
import { type Decision, type Outcome, type Run, type Work } from '../method/types';
import { DANTZIG, type Rule } from '../method/rule';
import type { Problem } from '../problem/types';
import { addGoal } from '../tableau/build';
import { columnGoal, OBJECTIVE } from '../tableau/goal';
import { goalRow, objectiveValue, readPlan, rhsCell, type Tableau } from '../tableau/tableau';
import { addCut, wholeColumns, type Cut } from './cut';
import { latticeConflict } from './lattice';
import { unboundedOrEmpty, withWholeColumns, type WholeResult } from './whole';
import { fractionalVariables } from '../problem/whole';

/** digits of the common denominator past which cuts only make longer numbers, each pivot slower than the one before */
const MOST_DIGITS = 150;

export interface CutsResult extends WholeResult {
	readonly cuts: readonly Cut[];
}

/** Adds a goal "this column" for each structural column, after the objective: the lexicographic order of Gomory's proof. */
const withColumnGoals = (t: Tableau): Tableau =>
	t.form.columns.reduce((now, { kind }, j) => (kind === 'structural' ? addGoal(now, columnGoal(j)) : now), t);

/** The kernel row to cut from: the objective where it must be whole and is not, else the first such variable's row. */
export function rowToCut(t: Tableau, whole: readonly boolean[]): number | null {
	const d = BigInt(t.kernel.denominator);
	const fractional = (row: number) => BigInt(rhsCell(t, row)) % d !== 0n;
	const objectiveWhole = [...t.form.costs.keys()].every((j) => whole[j]);
	const objective = goalRow(t, OBJECTIVE);
	if (objectiveWhole && fractional(objective)) return objective;
	for (let j = 0; j < t.form.columns.length; j++) {
		const row = t.form.columns[j].kind === 'structural' && whole[j] ? t.basis.indexOf(j) : -1;
		if (row >= 0 && fractional(row)) return row;
	}
	return null;
}

/** The primal simplex method for several goals, one after the other. */
const decideOrdered =
	(goals: Goals) =>
	({ tableau }: Work, rule: Rule): Decision => {
		const advice = advise(tableau, goals, rule);
		if (advice.kind === 'pivot') return primalPivot(tableau, advice.choice, goals, rule);
		return advice.kind === 'optimal' ? optimal(tableau) : unbounded(tableau, advice.slot);
	};

/**
 * Gomory's cutting planes on the optimal tableau, each followed by the (lexicographic) dual simplex method. For whole numbers only and a
 * bounded region this ends (Gomory 1958); with continuous variables it may not, and a limit stops it.
 * @param options limits for the whole run
 */
export function cuttingPlanes(problem: Problem, options: RunOptions = {}): CutsResult {
	const budget = budgetOf(options);
	const own = { ...options, budget };
	const written = withWholeColumns(problem, own);
	let relaxation = solveLinear(written, own);
	const cuts: Cut[] = [];
	const base = () => ({ cuts, pivots: budget.spent, relaxation });
	const { status, reason } = relaxation;
	if (status === 'stopped') return { ...base(), status, reason };
	// a variable written as two columns has no end to go to, so cuts alone need not show what equations show
	const isSplit = relaxation.tableau?.form.substitutions.some(({ parts }) => parts.length > 1);
	const lattice = isSplit && status !== 'infeasible' ? latticeConflict(written) : null;
	if (lattice)
		return { ...base(), status: 'infeasible', reason: { code: 'no-whole-solution', conflict: lattice } };
	if (status === 'unbounded') {
		const { end, found } = unboundedOrEmpty(cuttingPlanes, problem, own);
		return { ...base(), cuts: found.cuts, ...end };
	}
	if (status !== 'optimal' || !relaxation.tableau) return { ...base(), status };
	const follow = (steps: Run): { outcome: Outcome } | { halt: StopReason } => {
		for (;;) {
			const halt = budget.exhausted() ?? budget.asked();
			if (halt) return { halt };
			const next = steps.next();
			if (next.done) return { outcome: next.value };
			budget.spend();
			options.onStep?.(next.value);
		}
	};
	let tableau = withColumnGoals(relaxation.tableau);
	let goals: Goals = tableau.goals;
	const whole = wholeColumns(tableau.form);
	const ordered = follow(run({ tableau, part: 'primal' }, DANTZIG, decideOrdered(goals)));
	if ('halt' in ordered) return { ...base(), status: 'stopped', reason: ordered.halt };
	if (ordered.outcome.status === 'optimal') {
		({ tableau } = ordered.outcome);
		// of several best plans, the one whose tableau is cut first
		relaxation = { ...relaxation, solution: readPlan(tableau) };
	} else goals = [OBJECTIVE];
	for (;;) {
		const row = rowToCut(tableau, whole);
		if (row === null) break;
		const digits = String(tableau.kernel.denominator).length;
		if (digits > MOST_DIGITS)
			return { ...base(), status: 'stopped', reason: { code: 'numbers-grow', digits, cuts: cuts.length } };
		const { tableau: cutTableau, cut } = addCut(tableau, row, whole, cuts.length + 1);
		cuts.push(cut);
		whole.push(cut.kind === 'gomory-fractional');
		options.onStep?.({ kind: 'cut', part: 'dual', tableau: cutTableau });
		const decideNow = (work: Work, rule: Rule) => decideDual(work, rule, goals);
		const followed = follow(run({ tableau: cutTableau, part: 'dual' }, DANTZIG, decideNow));
		if ('halt' in followed) return { ...base(), status: 'stopped', reason: followed.halt };
		const { outcome } = followed;
		if (outcome.status === 'cycle') return { ...base(), status: 'stopped', reason: { code: 'dual-cycled' } };
		if (outcome.status === 'infeasible') return { ...base(), status: 'infeasible' };
		({ tableau } = outcome);
	}
	const solution = readPlan(tableau);
	if (fractionalVariables(problem, solution).length)
		return { ...base(), status: 'stopped', reason: { code: 'no-row-to-cut' } };
	return { ...base(), status: 'optimal', objective: objectiveValue(tableau), solution };
}
