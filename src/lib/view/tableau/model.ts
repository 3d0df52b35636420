import type { Column } from '$lib/core/form/types';
import { isZero, type Rational } from '$lib/core/number/rational';
import { ratios } from '$lib/core/tableau/ratio';
import { cost, entry, goalValue, isPrimalFeasible, rhs, type Tableau } from '$lib/core/tableau/tableau';
import { pointedOf, type Pointed } from '$lib/desk/identity';

/** A column of the tableau as shown. */
export interface ShownColumn {
	readonly index: number;
	readonly column: Column;
	/** kernel position while non-basic, else −1 */
	readonly position: number;
	readonly cost: Rational;
	readonly pointed: Pointed | null;
}

/** A row of the tableau as shown. */
export interface ShownRow {
	readonly row: number;
	readonly basic: Column;
	readonly entries: readonly Rational[];
	readonly rhs: Rational;
	readonly pointed: Pointed | null;
}

export interface ShownTableau {
	readonly columns: readonly ShownColumn[];
	readonly rows: readonly ShownRow[];
	readonly goalName: string;
	readonly goalValue: Rational;
}

/** The number shown before where it has not changed: what stays the same need not be drawn again. */
const kept = (before: Rational | undefined, now: Rational): Rational => (before?.equals(now) ? before : now);

/**
 * What the tableau pane shows: every column in the form's order, rows named by their basic variables.
 * @param last what was shown before, to keep its numbers where they are the same
 */
export function shownTableau(t: Tableau, last: ShownTableau | null = null): ShownTableau {
	const { columns } = t.form;
	const shown = columns.map((column, index) => ({
		index,
		column,
		position: t.nonbasic.indexOf(index),
		cost: kept(last?.columns[index]?.cost, cost(t, 0, index)),
		pointed: pointedOf(column.owner)
	}));
	const { sense, name } = t.form.problem.objective;
	return {
		columns: shown,
		rows: t.basis.map((basic, row) => ({
			row,
			basic: columns[basic],
			entries: shown.map(({ index }) => kept(last?.rows[row]?.entries[index], entry(t, row, index))),
			rhs: kept(last?.rows[row]?.rhs, rhs(t, row)),
			pointed: pointedOf(columns[basic].owner)
		})),
		goalName: sense === 'max' ? name : `−${name}`,
		goalValue: goalValue(t, 0)
	};
}

/** The ratio of each row for a column, the least ones marked; null where the basis is not feasible. */
export function shownRatios(
	t: Tableau,
	position: number
): { value: Rational | null; least: boolean }[] | null {
	if (position < 0 || !isPrimalFeasible(t)) return null;
	const all = ratios(t, position);
	const least = all.reduce<Rational | null>(
		(a, { value }) => (value && (!a || value.lt(a)) ? value : a),
		null
	);
	return all.map(({ value }) => ({ value, least: !!value && !!least && isZero(value.sub(least)) }));
}
