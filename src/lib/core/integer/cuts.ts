import { runLinear, solveLinear, type RunOptions } from '../answer/answer';
import { dual } from '../method/dual';
import { primal } from '../method/primal';
import type { Method, Step } from '../method/types';
import { sameProblem, type Problem } from '../problem/types';
import type { Cell } from '../tableau/kernel';
import { goalRow, objectiveValue, readPlan, rhsCell, type GoalName, type Tableau } from '../tableau/tableau';
import { addCut, wholeColumns, type Cut } from './cut';
import { fractionalVariables, tightened, unboundedOrEmpty, type WholeResult } from './whole';

export interface CutsResult extends WholeResult {
	readonly cuts: readonly Cut[];
}

const MOST_CUTS = 400;

/** Adds a goal row "maximise this column" for each structural column, after the objective: the lexicographic order of Gomory's proof. */
function withColumnGoals(t: Tableau): Tableau {
	const { width, cells, denominator, height } = t.kernel;
	const added: Cell[] = [];
	const goals: GoalName[] = [];
	t.form.columns.forEach(({ kind }, j) => {
		if (kind !== 'structural') return;
		goals.push(`max ${j}`);
		const row = t.basis.indexOf(j);
		if (row >= 0) for (let k = 0; k < width; k++) added.push(cells[row * width + k]);
		else for (let k = 0; k < width; k++) added.push(t.nonbasic[k] === j ? -BigInt(denominator) : 0n);
	});
	return {
		...t,
		kernel: {
			height: height + goals.length,
			width,
			cells: [...Array.from(cells as ArrayLike<Cell>), ...added].map(BigInt),
			denominator: BigInt(denominator),
			bound: Infinity
		},
		goals: [...t.goals, ...goals],
		goalScales: [...t.goalScales, ...goals.map(() => 1n)]
	};
}

/** The kernel row to cut from: the objective where it must be whole and is not, else the first such variable's row. */
function cutRow(t: Tableau, whole: readonly boolean[]): number | null {
	const d = BigInt(t.kernel.denominator);
	const fractional = (row: number) => BigInt(rhsCell(t, row)) % d !== 0n;
	const objectiveWhole = [...t.form.costs.keys()].every((j) => whole[j]);
	if (objectiveWhole && fractional(goalRow(t, 0))) return goalRow(t, 0);
	for (let j = 0; j < t.form.columns.length; j++) {
		const row = t.form.columns[j].kind === 'structural' && whole[j] ? t.basis.indexOf(j) : -1;
		if (row >= 0 && fractional(row)) return row;
	}
	return null;
}

/**
 * Gomory's cutting planes on the optimal tableau, each followed by the (lexicographic) dual simplex method. For whole numbers only and a
 * bounded region this ends (Gomory 1958); with continuous variables it may not, and a limit stops it.
 * @param options limits for the whole run
 */
export function cuttingPlanes(problem: Problem, options: RunOptions = {}): CutsResult {
	const relaxation = solveLinear(problem, options);
	const rounded = tightened(problem);
	// whole bounds give another first tableau only where some bound was not whole
	const first = sameProblem(rounded, problem)
		? relaxation
		: runLinear(rounded, { ...options, onStep: undefined });
	const cuts: Cut[] = [];
	let pivots = relaxation.pivots;
	const base = () => ({ cuts, pivots, relaxation });
	if (relaxation.status === 'stopped' || first.status === 'stopped')
		return { ...base(), status: 'stopped', reason: relaxation.reason ?? first.reason };
	if (first.status === 'unbounded') {
		const { end, found } = unboundedOrEmpty(cuttingPlanes, problem, options, pivots);
		return { ...base(), cuts: found.cuts, ...end };
	}
	if (first.status !== 'optimal' || !first.tableau) return { ...base(), status: first.status };
	let tableau = withColumnGoals(first.tableau);
	let goals = tableau.goals.map((_, i) => i);
	const whole = wholeColumns(tableau.form);
	const limit = (): string | null => {
		if (pivots >= (options.maxSteps ?? Infinity))
			return `The limit of ${options.maxSteps} steps was reached.`;
		return options.shouldStop?.(pivots) ?? null;
	};
	const follow = (steps: Method): { outcome: ReturnType<Method['next']>['value']; halt: string | null } => {
		for (;;) {
			const halt = limit();
			const next = halt ? null : steps.next();
			if (!next) return { outcome: undefined as never, halt };
			if (next.done) return { outcome: next.value, halt: null };
			pivots += 1;
			options.onStep?.(next.value as Step);
		}
	};
	const ordered = follow(primal(tableau, { goals }));
	if (ordered.halt) return { ...base(), status: 'stopped', reason: ordered.halt };
	if ('status' in ordered.outcome && ordered.outcome.status === 'optimal') tableau = ordered.outcome.tableau;
	else goals = [0];
	for (;;) {
		const row = cutRow(tableau, whole);
		if (row === null) break;
		if (cuts.length >= MOST_CUTS)
			return { ...base(), status: 'stopped', reason: `${MOST_CUTS} cuts did not lead to a whole plan.` };
		const { tableau: cutTableau, cut } = addCut(tableau, row, whole, cuts.length + 1);
		cuts.push(cut);
		whole.push(cut.kind === 'gomory-fractional');
		options.onStep?.({ kind: 'cut', phase: 'dual', tableau: cutTableau });
		const { outcome, halt } = follow(dual(cutTableau, { goals }));
		if (halt) return { ...base(), status: 'stopped', reason: halt };
		if (!('status' in outcome) || outcome.status === 'cycle')
			return { ...base(), status: 'stopped', reason: 'The dual simplex method came back to a basis.' };
		if (outcome.status === 'infeasible') return { ...base(), status: 'infeasible' };
		tableau = outcome.tableau;
	}
	const solution = readPlan(tableau);
	if (fractionalVariables(problem, solution).length)
		return { ...base(), status: 'stopped', reason: 'A variable is not whole and has no row to cut from.' };
	return { ...base(), status: 'optimal', objective: objectiveValue(tableau), solution };
}
