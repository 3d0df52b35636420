import Fraction from 'fraction.js';
import type { Form } from '../form/types';
import { isZero, lcm, numerator, ONE, ZERO, type Rational } from '../number/rational';
import { isFeasible, type Plan } from '../problem/types';
import { compareProducts, makeKernel, pivotKernel, type Cell, type Kernel } from './kernel';

/**
 * An objective row of a tableau: the objective itself, phase one's sum of artificials, the coefficients of M, or (`max j`) the
 * column j, as a further goal of the lexicographic method.
 */
export type GoalName = 'z' | 'w' | 'M' | `max ${number}`;

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
	/** the non-basic column at each position of the kernel */
	readonly nonbasic: readonly number[];
	/** names of the objective rows, in kernel order after the constraint rows */
	readonly goals: readonly GoalName[];
	/** internal value of a column = scale · its value (rows are multiplied to whole numbers) */
	readonly scales: readonly Cell[];
	readonly goalScales: readonly bigint[];
	/** columns that may not enter any more: artificial variables after phase one */
	readonly barred: ReadonlySet<number>;
}

const smallest = (value: bigint): Cell => (value < 1n << 50n ? Number(value) : value);
const whole = (value: Rational, multiple: bigint): Cell => {
	const result = numerator(value) * (multiple / value.d);
	return result > -(1n << 50n) && result < 1n << 50n ? Number(result) : result;
};

/** The least multiple that makes all the numbers whole. */
function commonMultiple(values: Iterable<Rational>, start = 1n): bigint {
	let multiple = start;
	for (const value of values) if (value.d !== 1n) multiple = lcm(multiple, value.d);
	return multiple;
}

/**
 * The first tableau of a form: every row basic in its start column.
 * @param form a problem in standard form
 * @param goals the objective rows wanted; `w` and `M` are built from the artificial variables
 */
export function startTableau(form: Form, goals: readonly GoalName[] = ['z']): Tableau {
	const basis = form.rows.map((row) => row.start);
	const basic = new Set(basis);
	const nonbasic = form.columns.map((_, j) => j).filter((j) => !basic.has(j));
	const position = new Map(nonbasic.map((column, k) => [column, k]));
	const width = nonbasic.length + 1;
	const scales: Cell[] = form.columns.map(() => 1);
	const blank = (): Cell[] => new Array<Cell>(width).fill(0);
	const multiples: bigint[] = [];
	const rows = form.rows.map((row) => {
		const multiple = commonMultiple(row.entries.values(), row.rhs.d);
		multiples.push(multiple);
		const cells = blank();
		for (const [column, value] of row.entries) {
			const k = position.get(column);
			if (form.columns[column].kind !== 'structural') scales[column] = smallest(multiple);
			if (k === undefined) continue;
			// a surplus column is scaled like its row, so its own coefficient stays −1
			cells[k] = form.columns[column].kind === 'structural' ? whole(value, multiple) : value.s < 0n ? -1 : 1;
		}
		cells[width - 1] = whole(row.rhs, multiple);
		return cells;
	});
	const goalScales: bigint[] = [];
	for (const goal of goals) {
		const cells = blank();
		const { costs, constant } = goalCosts(form, goal);
		// a column's internal coefficient is cost / scale; those of the artificials' rows carry scales
		const scaleOf = (j: number) => BigInt(scales[j]);
		const multiple = commonMultiple(
			[...costs].map(([j, c]) => (scales[j] === 1 ? c : c.div(new Fraction(scaleOf(j), 1n)))),
			constant.d
		);
		for (const [column, value] of costs) {
			const k = position.get(column);
			if (k !== undefined)
				cells[k] = whole(
					scales[column] === 1 ? value.neg() : value.neg().div(new Fraction(scaleOf(column), 1n)),
					multiple
				);
		}
		cells[width - 1] = whole(constant, multiple);
		goalScales.push(multiple);
		rows.push(cells);
	}
	return {
		form,
		kernel: makeKernel(rows, width),
		basis,
		nonbasic,
		goals,
		scales,
		goalScales,
		barred: new Set()
	};
}

function goalCosts(form: Form, goal: GoalName): { costs: ReadonlyMap<number, Rational>; constant: Rational } {
	if (goal === 'z') return form;
	if (goal === 'w' || goal === 'M') return artificialCosts(form);
	return { costs: new Map([[Number(goal.slice(4)), ONE]]), constant: ZERO };
}

/**
 * Phase one maximises w = −Σ artificials. With each artificial replaced from its own row,
 * `a = rhs − Σ entries`, w is a combination of the other columns.
 */
function artificialCosts(form: Form): { costs: Map<number, Rational>; constant: Rational } {
	const costs = new Map<number, Rational>();
	let constant = ZERO;
	for (const row of form.rows) {
		if (form.columns[row.start].kind !== 'artificial') continue;
		constant = constant.sub(row.rhs);
		for (const [column, value] of row.entries)
			if (column !== row.start) costs.set(column, (costs.get(column) ?? ZERO).add(value));
	}
	return { costs, constant };
}

export const rowCount = (t: Tableau): number => t.basis.length;
/** The kernel row of the k-th objective row. */
export const goalRow = (t: Tableau, goal: number): number => t.basis.length + goal;
/** The stored whole number at a kernel row and position. */
export const cell = (t: Tableau, row: number, position: number): Cell =>
	t.kernel.cells[row * t.kernel.width + position];
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
	const position = t.nonbasic.indexOf(column);
	if (position < 0) return t.basis[row] === column ? ONE : ZERO;
	return entryAt(t, row, position);
}

/** The entry of a row at a non-basic position. */
export function entryAt(t: Tableau, row: number, position: number): Rational {
	return quotient(
		cell(t, row, position),
		t.scales[t.nonbasic[position]],
		t.kernel.denominator,
		t.scales[t.basis[row]]
	);
}

/** The value of the basic variable of a row. */
export function rhs(t: Tableau, row: number): Rational {
	return quotient(rhsCell(t, row), 1, t.kernel.denominator, t.scales[t.basis[row]]);
}

/** The entry of an objective row in a column's place (zero for basic columns). */
export function cost(t: Tableau, goal: number, column: number): Rational {
	const position = t.nonbasic.indexOf(column);
	if (position < 0) return ZERO;
	return quotient(
		cell(t, goalRow(t, goal), position),
		t.scales[column],
		t.kernel.denominator,
		smallest(t.goalScales[goal])
	);
}

/** The value of an objective row's quantity at this basic solution. */
export function goalValue(t: Tableau, goal: number): Rational {
	return quotient(rhsCell(t, goalRow(t, goal)), 1, t.kernel.denominator, smallest(t.goalScales[goal]));
}

/** The index of the objective row of that name, or −1. */
export const goalIndex = (t: Tableau, goal: GoalName): number => t.goals.indexOf(goal);

/** The author's objective at this basic solution. */
export function objectiveValue(t: Tableau): Rational {
	const value = goalValue(t, goalIndex(t, 'z'));
	return t.form.problem.objective.sense === 'max' ? value : value.neg();
}

/**
 * The pivot: the column's variable becomes basic in the row, the row's basic variable becomes non-basic.
 * @param row index of a row
 * @param position index into `nonbasic`, with an entry in that row that is not zero
 * @throws Error for a zero entry
 */
export function pivot(t: Tableau, row: number, position: number): Tableau {
	const kernel = pivotKernel(t.kernel, row, position);
	const [basis, nonbasic] = [[...t.basis], [...t.nonbasic]];
	[basis[row], nonbasic[position]] = [nonbasic[position], basis[row]];
	return { ...t, kernel, basis, nonbasic };
}

/** The tableau without one of its objective rows. */
export function dropGoal(t: Tableau, goal: GoalName): Tableau {
	const index = goalIndex(t, goal);
	const without = <T>(list: readonly T[]) => list.filter((_, i) => i !== index);
	const { width, height, cells } = t.kernel;
	const gone = goalRow(t, index) * width;
	const kept =
		cells instanceof Float64Array
			? Float64Array.from([...cells.subarray(0, gone), ...cells.subarray(gone + width)])
			: [...cells.slice(0, gone), ...cells.slice(gone + width)];
	return {
		...t,
		kernel: { ...t.kernel, height: height - 1, cells: kept },
		goals: without(t.goals),
		goalScales: without(t.goalScales)
	};
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
export function compareRatios(t: Tableau, a: number, b: number, position: number): -1 | 0 | 1 {
	return compareProducts(rhsCell(t, a), cell(t, b, position), rhsCell(t, b), cell(t, a, position));
}
