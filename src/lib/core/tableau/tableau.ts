import Fraction from 'fraction.js';
import type { Column, Form } from '../form/types';
import { isZero, ONE, ZERO, type Rational } from '../number/rational';
import { isFeasible, type Plan } from '../problem/types';
import { OBJECTIVE, sameGoal, type Goal } from './goal';
import { compareProducts, pivotKernel, type Cell, type Kernel } from './kernel';

/**
 * A simplex tableau as a value: a pivot gives a new one. Row i reads
 * `basic(i) + Σ entry(i, j) · column j = rhs(i)`; an objective row reads `quantity maximised + Σ cost · column = value`.
 * Columns are named by their index in the form; all entries are exact.
 */
export interface Tableau {
	readonly form: Form;
	readonly kernel: Kernel;
	/** the basic column of each row */
	readonly basis: readonly number[];
	/** the non-basic columns, as the kernel has them; an index here is called a slot */
	readonly nonbasic: readonly number[];
	/** the objective rows, in kernel order after the constraint rows */
	readonly goals: readonly Goal[];
	/** internal value of a column = scale · its value (rows are multiplied to whole numbers) */
	readonly scales: readonly Cell[];
	readonly goalScales: readonly bigint[];
	/** columns that may not enter: artificial variables that have left, and what holds the place of a missing basic variable */
	readonly barred: ReadonlySet<number>;
}

/** A whole number as a double where that is exact. */
export const smallest = (value: bigint): Cell =>
	value > -(1n << 50n) && value < 1n << 50n ? Number(value) : value;

/** How many constraint rows a tableau has. */
export const rowCount = (t: Tableau): number => t.basis.length;

/** Whether a tableau has an objective row of this meaning. */
export const hasGoal = (t: Tableau, goal: Goal): boolean => t.goals.some((own) => sameGoal(own, goal));

function goalIndex(t: Tableau, goal: Goal): number {
	for (let i = 0; i < t.goals.length; i++) if (sameGoal(t.goals[i], goal)) return i;
	throw new Error(`no objective row for ${goal.kind}`);
}

/**
 * The kernel row of an objective row.
 * @throws Error where the tableau has none of this meaning
 */
export const goalRow = (t: Tableau, goal: Goal): number => t.basis.length + goalIndex(t, goal);
/** The stored whole number at a kernel row and slot. */
export const cell = (t: Tableau, row: number, slot: number): Cell =>
	t.kernel.cells[row * t.kernel.width + slot];
/** The stored right-hand side of a kernel row. */
export const rhsCell = (t: Tableau, row: number): Cell => cell(t, row, t.kernel.width - 1);

function quotient(top: Cell, topScale: Cell, bottom: Cell, bottomScale: Cell): Rational {
	if (!top) return ZERO;
	if (
		typeof top === 'number' &&
		typeof bottom === 'number' &&
		typeof topScale === 'number' &&
		typeof bottomScale === 'number'
	) {
		const [a, b] = [top * topScale, bottom * bottomScale];
		if (Math.abs(a) <= Number.MAX_SAFE_INTEGER && b <= Number.MAX_SAFE_INTEGER) return new Fraction(a, b);
	}
	return new Fraction(BigInt(top) * BigInt(topScale), BigInt(bottom) * BigInt(bottomScale));
}

/** The entry of a row in a column's place; basic columns are unit columns. */
export function entry(t: Tableau, row: number, column: number): Rational {
	const slot = t.nonbasic.indexOf(column);
	if (slot < 0) return t.basis[row] === column ? ONE : ZERO;
	return entryAt(t, row, slot);
}

/** The entry of a row at a non-basic slot. */
export function entryAt(t: Tableau, row: number, slot: number): Rational {
	return quotient(
		cell(t, row, slot),
		t.scales[t.nonbasic[slot]],
		t.kernel.denominator,
		t.scales[t.basis[row]]
	);
}

/** The value of the basic variable of a row. */
export function rhs(t: Tableau, row: number): Rational {
	return quotient(rhsCell(t, row), 1, t.kernel.denominator, t.scales[t.basis[row]]);
}

/** The entry of an objective row in a column's place (zero for basic columns). */
export function cost(t: Tableau, goal: Goal, column: number): Rational {
	const slot = t.nonbasic.indexOf(column);
	if (slot < 0) return ZERO;
	const index = goalIndex(t, goal);
	return quotient(
		cell(t, t.basis.length + index, slot),
		t.scales[column],
		t.kernel.denominator,
		smallest(t.goalScales[index])
	);
}

/** The value of an objective row's quantity at this basic solution. */
export function goalValue(t: Tableau, goal: Goal): Rational {
	const index = goalIndex(t, goal);
	return quotient(rhsCell(t, t.basis.length + index), 1, t.kernel.denominator, smallest(t.goalScales[index]));
}

/** The author's objective at this basic solution. */
export function objectiveValue(t: Tableau): Rational {
	const value = goalValue(t, OBJECTIVE);
	return t.form.problem.objective.sense === 'max' ? value : value.neg();
}

/**
 * The pivot: the column's variable becomes basic in the row, the row's basic variable becomes non-basic.
 * @param row index of a row
 * @param slot index into `nonbasic`, with an entry in that row that is not zero
 * @throws Error for a zero entry
 */
export function pivot(t: Tableau, row: number, slot: number): Tableau {
	const kernel = pivotKernel(t.kernel, row, slot);
	const basis = t.basis.slice();
	const nonbasic = t.nonbasic.slice();
	basis[row] = t.nonbasic[slot];
	nonbasic[slot] = t.basis[row];
	const { form, goals, scales, goalScales, barred } = t;
	return { form, kernel, basis, nonbasic, goals, scales, goalScales, barred };
}

/** The value of each column at this basic solution. */
export function columnValue(t: Tableau, column: number): Rational {
	const row = t.basis.indexOf(column);
	return row < 0 ? ZERO : rhs(t, row);
}

/** The basic solution in the author's variables. */
export function readPlan(t: Tableau): Plan {
	const plan = new Map<string, Rational>();
	for (const { variable, offset, parts } of t.form.substitutions) {
		let value = offset;
		for (const { column, factor } of parts) {
			const part = columnValue(t, column);
			if (!isZero(part)) value = factor === 1 ? value.add(part) : value.sub(part);
		}
		plan.set(variable, value);
	}
	return plan;
}

/** Whether no basic variable is negative. */
export function isPrimalFeasible(t: Tableau): boolean {
	return t.basis.every((_, row) => !(rhsCell(t, row) < 0));
}

/** Whether a tableau's point is in the region; with a free variable it can be although the basis is not feasible. */
export const isInRegion = (t: Tableau): boolean => isFeasible(t.form.problem, readPlan(t));

/** −1, 0 or 1 as the ratio rhs/entry of row `a` is less than, equal to or greater than that of row `b`, for positive entries. */
export function compareRatios(t: Tableau, a: number, b: number, slot: number): -1 | 0 | 1 {
	return compareProducts(rhsCell(t, a), cell(t, b, slot), rhsCell(t, b), cell(t, a, slot));
}

/** Rows that have no basic variable yet. */
export const vacantRows = (t: Tableau): number[] =>
	t.basis.flatMap((column, row) => (t.form.columns[column].kind === 'vacant' ? [row] : []));

/** Whether a column is an artificial variable. */
export const isArtificial = (t: Tableau, column: number): boolean =>
	t.form.columns[column].kind === 'artificial';

/** A column of the tableau's form by its index. */
export const columnOf = (t: Tableau, index: number): Column => t.form.columns[index];

/** A basis as a text that is the same whatever the order of its rows. */
export const basisKey = (t: Tableau): string => [...t.basis].sort((a, b) => a - b).join(' ');
