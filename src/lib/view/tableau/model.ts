import type { Rational } from '$lib/core/number/rational';
import { takeApart, type NumberStyle } from '$lib/core/number/show';
import { ratios, tightestRows } from '$lib/core/tableau/ratio';
import { cost, entry, goalValue, isPrimalFeasible, rhs, type Tableau } from '$lib/core/tableau/tableau';
import { pointedOf, type Pointed } from '$lib/desk/identity';

/** What the reader looks at and where the keyboard is, as far as it changes what the tableau shows. */
export interface Attention {
	/** index of the column whose ratios are shown */
	readonly considered: number | null;
	/** the pivot that the rule would make: a row, and the index of a column */
	readonly advised: { readonly row: number; readonly entering: number } | null;
	/** row and column (by index) of the one entry that the tab key reaches */
	readonly reached: { readonly row: number; readonly column: number } | null;
}

const NO_ATTENTION: Attention = { considered: null, advised: null, reached: null };

/** A column of the tableau as shown. */
export interface ShownColumn {
	/** the column's id */
	readonly key: string;
	readonly index: number;
	readonly name: string;
	/** its place among the entries of each row while it is non-basic; −1 for a unit column */
	readonly place: number;
	readonly cost: Rational;
	readonly pointed: Pointed | null;
	/** its ratios are shown */
	readonly considered: boolean;
	/** room for its numbers, in digits */
	readonly digits: number;
}

/** An entry of a non-basic column, where one can pivot. */
export interface ShownEntry {
	/** row and column by index, for the keyboard */
	readonly key: string;
	readonly value: Rational;
	/** which variables a pivot here exchanges, in words */
	readonly exchange: string;
	readonly advised: boolean;
	readonly reached: boolean;
	/** room in its column, in digits */
	readonly digits: number;
}

/** The ratio of a row for the considered column; null where the entry is not positive. */
export interface ShownRatio {
	readonly value: Rational | null;
	readonly least: boolean;
}

/** A row of the tableau as shown. */
export interface ShownRow {
	/** the id of its basic variable */
	readonly key: string;
	readonly name: string;
	/** by the place of their columns; a unit column needs none: it has 1 in the row of its own variable, else 0 */
	readonly entries: readonly ShownEntry[];
	readonly rhs: Rational;
	/** null while no column is considered, or the basis is not feasible */
	readonly ratio: ShownRatio | null;
	readonly pointed: Pointed | null;
}

export interface ShownTableau {
	readonly columns: readonly ShownColumn[];
	readonly rows: readonly ShownRow[];
	readonly goalName: string;
	readonly goalValue: Rational;
	/** the name of the column whose ratios are shown */
	readonly ratiosOf: string | null;
	/** room for the right-hand sides and for the ratios, in digits */
	readonly rhsDigits: number;
	readonly ratioDigits: number;
}

/**
 * Room for numbers one below the other, in digits; a little more than they need, so that most changes leave it as it is and
 * nothing else has to be laid out again.
 */
function roomFor(
	values: readonly (Rational | null)[],
	style: NumberStyle,
	least: number,
	step: number
): number {
	const widths = values.map((value) => {
		if (!value) return 0;
		const { negative, digits, over } = takeApart(value, style);
		// numerator over denominator is set smaller
		const figures = over ? 0.8 * Math.max(digits.length, over.length) + 0.5 : digits.length;
		return figures + (negative ? 1 : 0);
	});
	return Math.max(least, Math.ceil(Math.max(0, ...widths) / step) * step);
}

/** Indices of the columns that can enter, from left to right. */
export const enterable = (t: Tableau): number[] => [...t.nonbasic].sort((a, b) => a - b);

/** What the tableau pane shows: every column in the form's order, rows named by their basic variables. */
export function shownTableau(
	t: Tableau,
	style: NumberStyle = 'fraction',
	{ considered, advised, reached }: Attention = NO_ATTENTION
): ShownTableau {
	const open = enterable(t);
	const entries = t.basis.map((_, row) => open.map((index) => entry(t, row, index)));
	const goal = goalValue(t, 0);
	const columns = t.form.columns.map((column, index): ShownColumn => {
		const place = open.indexOf(index);
		const ownCost = cost(t, 0, index);
		const values = place < 0 ? [] : entries.map((row) => row[place]);
		return {
			key: column.id,
			index,
			name: column.name,
			place,
			cost: ownCost,
			pointed: pointedOf(column.owner),
			considered: index === considered,
			digits: roomFor([...values, ownCost], style, 3, 1)
		};
	});
	const compared = considered === null ? null : shownRatios(t, t.nonbasic.indexOf(considered));
	const rows = t.basis.map((basic, row): ShownRow => {
		const basicColumn = t.form.columns[basic];
		return {
			key: basicColumn.id,
			name: basicColumn.name,
			entries: open.map((index, place) => ({
				key: `${row}:${index}`,
				value: entries[row][place],
				exchange: `${columns[index].name} in, ${basicColumn.name} out`,
				advised: advised?.row === row && advised.entering === index,
				reached: reached?.row === row && reached.column === index,
				digits: columns[index].digits
			})),
			rhs: rhs(t, row),
			ratio: compared?.[row] ?? null,
			pointed: pointedOf(basicColumn.owner)
		};
	});
	const { sense, name } = t.form.problem.objective;
	return {
		columns,
		rows,
		goalName: sense === 'max' ? name : `−${name}`,
		goalValue: goal,
		ratiosOf: considered === null ? null : t.form.columns[considered].name,
		rhsDigits: roomFor([...rows.map((row) => row.rhs), goal], style, 4, 2),
		ratioDigits: roomFor(compared?.map(({ value }) => value) ?? [], style, 4, 2)
	};
}

/** The ratio of each row for a column, the least ones marked; null where the basis is not feasible. */
export function shownRatios(t: Tableau, position: number): ShownRatio[] | null {
	if (position < 0 || !isPrimalFeasible(t)) return null;
	const tightest = tightestRows(t, position);
	return ratios(t, position).map(({ value }, row) => ({ value, least: tightest.includes(row) }));
}
