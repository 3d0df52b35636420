import type { Form, FormRow, Column } from '../form/types';
import { lcm, numerator, ONE, rational, ZERO, type Rational } from '../number/rational';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from './goal';
import { insertRow, lowerRhs, makeKernel, removeRow, type Cell } from './kernel';
import { cell, goalRow, isArtificial, pivot, smallest, type Tableau } from './tableau';

const whole = (value: Rational, multiple: bigint): Cell => smallest(numerator(value) * (multiple / value.d));

/** The least multiple that makes all the numbers whole. */
function commonMultiple(values: Iterable<Rational>, start = 1n): bigint {
	let multiple = start;
	for (const value of values) if (value.d !== 1n) multiple = lcm(multiple, value.d);
	return multiple;
}

/** A coefficient of a column for its internal value, which is scale · its own. */
const inner = (value: Rational, scale: Cell): Rational =>
	scale === 1 ? value : value.div(rational(BigInt(scale)));

/**
 * The first tableau of a form: every row basic in its start column.
 * @param form a problem in standard form
 * @param goals the objective rows wanted, priced out for this basis
 */
export function startTableau(form: Form, goals: readonly Goal[] = [OBJECTIVE]): Tableau {
	const basis = form.rows.map((row) => row.start);
	const basic = new Set(basis);
	const nonbasic = form.columns.map((_, j) => j).filter((j) => !basic.has(j));
	const slots = new Map(nonbasic.map((column, k) => [column, k]));
	const width = nonbasic.length + 1;
	const scales: Cell[] = form.columns.map(() => 1);
	const rows = form.rows.map((row) => {
		const multiple = commonMultiple(row.entries.values(), row.rhs.d);
		const cells = new Array<Cell>(width).fill(0);
		for (const [column, value] of row.entries) {
			const k = slots.get(column);
			const structural = form.columns[column].kind === 'structural';
			if (!structural) scales[column] = smallest(multiple);
			if (k === undefined) continue;
			// a surplus column is scaled like its row, so its own coefficient stays −1
			cells[k] = structural ? whole(value, multiple) : value.s < 0n ? -1 : 1;
		}
		cells[width - 1] = whole(row.rhs, multiple);
		return cells;
	});
	const bare: Tableau = {
		form,
		kernel: makeKernel(rows, width),
		basis,
		nonbasic,
		goals: [],
		scales,
		goalScales: [],
		barred: new Set(form.columns.flatMap(({ kind }, j) => (kind === 'vacant' ? [j] : [])))
	};
	return goals.reduce(addGoal, bare);
}

/** The coefficients that a goal maximises, by column, and its constant. */
export function goalCosts(
	t: Tableau,
	goal: Goal
): { costs: ReadonlyMap<number, Rational>; constant: Rational } {
	if (goal.kind === 'objective') return t.form;
	if (goal.kind === 'column') return { costs: new Map([[goal.column, ONE]]), constant: ZERO };
	const artificial = t.form.columns.flatMap((_, j) => (isArtificial(t, j) ? [[j, ONE.neg()] as const] : []));
	return { costs: new Map(artificial), constant: ZERO };
}

/**
 * The tableau with one more objective row, the last one, priced out for the present basis: each basic column is eliminated using its own row.
 * The row is a whole combination of whole rows, so later pivots stay exact.
 */
export function addGoal(t: Tableau, goal: Goal): Tableau {
	const { costs, constant } = goalCosts(t, goal);
	const internal = [...costs].map(([j, c]) => [j, inner(c, t.scales[j])] as const);
	const multiple = commonMultiple(
		internal.map(([, c]) => c),
		constant.d
	);
	const { width, denominator } = t.kernel;
	const slots = new Map(t.nonbasic.map((column, k) => [column, k]));
	const plain = new Array<Cell>(width).fill(0);
	const basic: [number, Cell][] = [];
	for (const [column, value] of internal) {
		const k = slots.get(column);
		if (k !== undefined) plain[k] = whole(value.neg(), multiple);
		else basic.push([t.basis.indexOf(column), whole(value, multiple)]);
	}
	plain[width - 1] = whole(constant, multiple);
	return {
		...t,
		kernel: insertRow(t.kernel, t.kernel.height, priced(t, plain, basic, denominator)),
		goals: [...t.goals, goal],
		goalScales: [...t.goalScales, multiple]
	};
}

/** A row of whole numbers times the denominator, plus multiples of rows of the tableau. */
function priced(
	t: Tableau,
	plain: readonly Cell[],
	multiples: readonly (readonly [number, Cell])[],
	denominator: Cell
): Cell[] {
	if (multiples.length === 0 && denominator === 1) return [...plain];
	return plain.map((value, k) => {
		const start = BigInt(value) * BigInt(denominator);
		return smallest(
			multiples.reduce((sum, [row, factor]) => sum + BigInt(factor) * BigInt(cell(t, row, k)), start)
		);
	});
}

/** The tableau without one of its objective rows. */
export function dropGoal(t: Tableau, goal: Goal): Tableau {
	const at = goalRow(t, goal);
	const without = <T>(list: readonly T[]) => list.filter((_, i) => i !== at - t.basis.length);
	return {
		...t,
		kernel: removeRow(t.kernel, at),
		goals: without(t.goals),
		goalScales: without(t.goalScales)
	};
}

/**
 * The tableau with a row of whole numbers for a new basic column put below the others.
 * @param added the column, the row of the form that it belongs to, its cells (over the kernel's denominator) and the column's scale
 */
export function appendRow(
	t: Tableau,
	added: { column: Column; row: FormRow; cells: readonly Cell[]; scale: Cell }
): Tableau {
	const { form } = t;
	return {
		...t,
		form: { ...form, columns: [...form.columns, added.column], rows: [...form.rows, added.row] },
		kernel: insertRow(t.kernel, t.basis.length, added.cells),
		basis: [...t.basis, form.columns.length],
		scales: [...t.scales, added.scale]
	};
}

/**
 * The tableau with one more row `Σ entries · columns + slack = rhs`, basic in its slack, whatever the present basis.
 * @param column the slack, the only new column, with the coefficient 1 in the row
 * @param now the right-hand side for the columns as they stand in the tableau; the row's own where they are not shifted
 */
export function appendLimit(t: Tableau, column: Column, row: FormRow, now = row.rhs): Tableau {
	const own = [...row.entries].filter(([j]) => j !== row.start);
	const internal = own.map(([j, value]) => [j, inner(value, t.scales[j])] as const);
	const multiple = commonMultiple(
		internal.map(([, value]) => value),
		now.d
	);
	const { width, denominator } = t.kernel;
	const plain = new Array<Cell>(width).fill(0);
	const basic: [number, Cell][] = [];
	for (const [j, value] of internal) {
		const at = t.basis.indexOf(j);
		if (at >= 0) basic.push([at, whole(value.neg(), multiple)]);
		else plain[t.nonbasic.indexOf(j)] = whole(value, multiple);
	}
	plain[width - 1] = whole(now, multiple);
	const cells = priced(t, plain, basic, denominator);
	return appendRow(t, { column, row, cells, scale: smallest(multiple) });
}

/**
 * The tableau without a row and the column that is basic there.
 * @throws Error where that column is no slack
 */
export function withoutRow(t: Tableau, at: number): Tableau {
	const { form } = t;
	const gone = t.basis[at];
	// pivots move slacks from row to row: the equation that goes is the one that the slack was made for
	const dropped = form.rows.find(({ start }) => start === gone);
	if (!dropped) throw new Error('only a row whose basic variable is a slack can be dropped');
	const place = (j: number) => (j > gone ? j - 1 : j);
	const own = dropped.entries.get(gone)!;
	const rows = form.rows
		.filter((row) => row !== dropped)
		.map((row) => {
			const factor = row.entries.get(gone);
			const entries = new Map(row.entries);
			let { rhs } = row;
			if (factor) {
				// a later row was written with this slack: it is eliminated using its own row
				const times = factor.div(own);
				for (const [j, value] of dropped.entries)
					entries.set(j, (entries.get(j) ?? ZERO).sub(value.mul(times)));
				rhs = rhs.sub(dropped.rhs.mul(times));
			}
			const kept = [...entries].filter(([j, value]) => j !== gone && value.n !== 0n);
			return {
				...row,
				rhs,
				start: place(row.start),
				entries: new Map(kept.map(([j, value]) => [place(j), value]))
			};
		});
	const columns = form.columns.filter((_, j) => j !== gone);
	return {
		...t,
		form: { ...form, columns, rows, costs: new Map([...form.costs].map(([j, c]) => [place(j), c])) },
		kernel: removeRow(t.kernel, at),
		basis: t.basis.filter((_, i) => i !== at).map(place),
		nonbasic: t.nonbasic.map(place),
		scales: t.scales.filter((_, j) => j !== gone),
		barred: new Set([...t.barred].map(place))
	};
}

/**
 * The tableau for a column measured from higher up: what was `column` is now `column + amount`, and the new column is not negative. A higher
 * lower bound costs no row, and (of a slack) nor does a lower upper bound.
 * @param amount in the column's internal units, a whole number
 */
export function measuredFrom(t: Tableau, column: number, amount: Cell): Tableau {
	const slot = t.nonbasic.indexOf(column);
	const row = t.basis.indexOf(column);
	const { denominator } = t.kernel;
	const by = slot < 0 ? (i: number): Cell => (i === row ? denominator : 0) : (i: number) => cell(t, i, slot);
	return { ...t, kernel: lowerRhs(t.kernel, by, amount) };
}

/**
 * The tableau of a changed form at the same basis: its first tableau, pivoted there.
 * @param form with the columns and rows of the tableau's form in their order (numbers may differ), and perhaps more
 * @returns null where these columns are no basis of the changed form
 */
export function atSameBasis(t: Tableau, form: Form): Tableau | null {
	let now = { ...startTableau(form, t.goals), barred: t.barred };
	const wanted = new Set(t.basis);
	for (const column of t.basis) {
		if (now.basis.includes(column)) continue;
		const slot = now.nonbasic.indexOf(column);
		const row = now.basis.findIndex(
			(basic, i) => i < t.basis.length && !wanted.has(basic) && cell(now, i, slot)
		);
		if (row < 0) return null;
		now = pivot(now, row, slot);
	}
	return now;
}

/** The goals of a way to start with artificial variables. */
export const TWO_PHASE_GOALS: readonly Goal[] = [OBJECTIVE, INFEASIBILITY];
export const BIG_M_GOALS: readonly Goal[] = [OBJECTIVE, BIG_M];
