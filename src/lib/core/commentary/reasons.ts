import { marginal } from '../parametric/marginal';
import { dualValues } from '../answer/multipliers';
import { risingAmong, tiedColumns } from '../answer/ties';
import type { Decision, Work } from '../method/types';
import { isInteger, isZero, sign, ZERO } from '../number/rational';
import type { Position } from '../position/position';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { negativeRows, tightestRows } from '../tableau/ratio';
import {
	cost,
	entryAt,
	goalValue,
	isArtificial,
	objectiveValue,
	rhs,
	type Tableau
} from '../tableau/tableau';
import { leastAlong } from '../method/admissible';
import { largerQuotients, largerRatios } from '../method/slips';
import type { ObjectiveEquation, StepReason } from './reason-findings';
import { startReasons } from './start-reasons';

/** Why the rules of the methods are as they are, answered with the numbers that stand here. */

/** The author's objective in the non-basic columns. */
function objectiveIn(t: Tableau): ObjectiveEquation {
	const turn = t.form.problem.objective.sense === 'max' ? -1 : 1;
	const terms = new Map(
		t.nonbasic.flatMap((column) => {
			const own = cost(t, OBJECTIVE, column).mul(turn);
			return isZero(own) || t.barred.has(column) ? [] : [[column, own] as const];
		})
	);
	return { value: objectiveValue(t), terms };
}

/** Why a column improves the objective. */
function improves(t: Tableau, slot: number): StepReason {
	const { sense } = t.form.problem.objective;
	const entering = t.nonbasic[slot];
	const equation = objectiveIn(t);
	const others = [...equation.terms]
		.filter(([column, own]) => column !== entering && sign(own) * (sense === 'max' ? 1 : -1) > 0)
		.map(([column]) => column);
	return { code: 'improves', t, entering, equation, others };
}

/** The same of the sum of the artificial variables, where that is what counts. */
function improvesSum(t: Tableau, goal: Goal, slot: number): StepReason[] {
	const entering = t.nonbasic[slot];
	const rate = cost(t, goal, entering);
	if ((goal.kind !== 'infeasibility' && goal.kind !== 'big-m') || isZero(rate)) return [];
	return [{ code: 'improves-sum', t, entering, goal: goal.kind, sum: goalValue(t, goal).neg(), rate }];
}

/** Why the smallest ratio: the row with the next larger one, or one step further. */
function smallestRatio(t: Tableau, row: number, slot: number): StepReason {
	const limit = rhs(t, row).div(entryAt(t, row, slot));
	const [next = null] = largerRatios(t, slot, row);
	const at = next?.ratio ?? limit.add(1);
	// a step beyond the limit takes the entry away
	const amount = next?.falls ?? entryAt(t, row, slot).neg();
	const larger = next?.row ?? null;
	return { code: 'smallest-ratio', t, row, slot, limit, larger, at, amount };
}

/** Reasons for a pivot of the primal method: the column, the row, and what a larger ratio would do. */
function primalReasons(t: Tableau, goal: Goal, row: number, slot: number): StepReason[] {
	const rows = [...t.basis.keys()];
	const falling = rows.filter((i) => sign(entryAt(t, i, slot)) > 0);
	const other = rows.find((i) => !falling.includes(i)) ?? null;
	const limit = rhs(t, row).div(entryAt(t, row, slot));
	const tight = tightestRows(t, slot);
	return [
		...(goal.kind === 'objective' ? [improves(t, slot)] : improvesSum(t, goal, slot)),
		{ code: 'rows-compared', t, slot, falling, other },
		smallestRatio(t, row, slot),
		...(tight.length > 1 ? [{ code: 'next-degenerate', t, rows: tight, slot, limit } as const] : []),
		...(isZero(limit) ? [{ code: 'length-zero', t, row, slot } as const] : [])
	];
}

/** Reasons for a pivot of the dual method: the row first, then the ratio. */
function dualReasons(t: Tableau, row: number, slot: number): StepReason[] {
	const ratio = cost(t, OBJECTIVE, t.nonbasic[slot]).div(entryAt(t, row, slot).abs());
	const [dearer = null] = largerQuotients(t, row);
	const ties = leastAlong(t, row).length > 1;
	return [
		{ code: 'row-first', t, row },
		{ code: 'dual-ratio', t, row, slot, ratio, dearer, ties }
	];
}

/** Reasons at an optimum: why it is one, whether it is the only one, what the numbers beside it are worth. */
function optimalReasons(t: Tableau): StepReason[] {
	const { objective, constraints } = t.form.problem;
	const tied = tiedColumns(t);
	const duals = dualValues(t);
	const worth = (name: string) => duals.get(name) ?? ZERO;
	// a row whose dual value is what a whole unit more is really worth, read off its slack or surplus
	const binding = constraints.find(
		({ name, relation }) =>
			relation !== '=' && !isZero(worth(name)) && marginal(t, name).more.unit?.equals(worth(name))
	);
	const rising = risingAmong(t, tied);
	return [
		{ code: 'best', t, equation: objectiveIn(t) },
		{ code: 'best-at-corner', objective },
		...(binding
			? [
					{
						code: 'dual-value',
						problem: t.form.problem,
						constraint: binding.name,
						relation: binding.relation as '<=' | '>=',
						worth: worth(binding.name)
					} as const
				]
			: []),
		...(tied.length
			? [{ code: 'several-best', t, column: rising ?? tied[0], rises: rising !== undefined } as const]
			: [])
	];
}

/** Reasons where nothing is feasible: a row that contradicts the signs, or a sum of artificial variables that cannot be 0. */
function infeasibleReasons(t: Tableau, row: number | null): StepReason[] {
	if (row === null) {
		const rest = t.basis.findIndex((column, i) => isArtificial(t, column) && !isZero(rhs(t, i)));
		return rest < 0 ? [] : [{ code: 'sum-remains', t, basic: t.basis[rest], value: rhs(t, rest) }];
	}
	const lowering = t.nonbasic.filter((column, k) => !isZero(entryAt(t, row, k)) && !t.barred.has(column));
	return [{ code: 'row-excludes', t, basic: t.basis[row], value: rhs(t, row), lowering }];
}

/** Why fractions stay as they are: what rounding would do to the first amount that suffers. */
function exactReasons(t: Tableau): StepReason[] {
	const row = t.basis.findIndex((_, i) => !isInteger(rhs(t, i).mul(100)));
	if (row < 0) return [];
	const value = rhs(t, row);
	const rounded = value.mul(100).add('1/2').floor().div(100);
	return [{ code: 'exact', t, basic: t.basis[row], value, off: value.sub(rounded).abs() }];
}

/**
 * The reasons that belong to where one stands.
 * @param decision what the method at work would do here
 */
export function reasonsAt({ work }: Position, decision: Decision | null): StepReason[] {
	if (!work) return [];
	const { tableau: t, part }: Work = work;
	if (decision?.kind === 'end') {
		const { end } = decision;
		if (end.status === 'optimal') return optimalReasons(t);
		if (end.status === 'unbounded') return [{ code: 'no-end', t, slot: end.slot }];
		return infeasibleReasons(t, end.row);
	}
	const start = [...startReasons(t, part), ...exactReasons(t)];
	if (decision?.kind !== 'pivot' || decision.driveOut) return start;
	const { row, slot } = decision.choice;
	if (part === 'dual' && negativeRows(t).length > 0) return [...start, ...dualReasons(t, row, slot)];
	if (part === 'repair' || negativeRows(t).length > 0) return start;
	const goal: Goal = part === 'phase-one' ? INFEASIBILITY : part === 'big-m' ? BIG_M : OBJECTIVE;
	return [...primalReasons(t, goal, row, slot), ...start];
}
