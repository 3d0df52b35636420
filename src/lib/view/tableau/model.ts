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

/** The thing shown before where it is the same: what stays need not be drawn again. */
const kept = <T>(before: T | undefined, now: T, same: (p: T, q: T) => boolean): T =>
	before !== undefined && same(before, now) ? before : now;

const sameNumber = (p: Rational, q: Rational): boolean => p.equals(q);
const sameList = <T>(p: readonly T[], q: readonly T[]): boolean =>
	p.length === q.length && p.every((v, i) => v === q[i]);
const sameColumn = (p: Column, q: Column): boolean => p.id === q.id && p.name === q.name && p.kind === q.kind;
const sameShownColumn = (p: ShownColumn, q: ShownColumn): boolean =>
	p.column === q.column && p.position === q.position && p.cost === q.cost;
const sameShownRow = (p: ShownRow, q: ShownRow): boolean =>
	p.basic === q.basic && p.rhs === q.rhs && sameList(p.entries, q.entries);

/**
 * What the tableau pane shows: every column in the form's order, rows named by their basic variables.
 * @param last what was shown before, to keep its parts where they are the same
 */
export function shownTableau(t: Tableau, last: ShownTableau | null = null): ShownTableau {
	const columns = t.form.columns.map((column, j) => kept(last?.columns[j]?.column, column, sameColumn));
	const shown = columns.map((column, index): ShownColumn => {
		const before = last?.columns[index];
		const now = {
			index,
			column,
			position: t.nonbasic.indexOf(index),
			cost: kept(before?.cost, cost(t, 0, index), sameNumber),
			pointed: pointedOf(column.owner)
		};
		return kept(before, now, sameShownColumn);
	});
	const rows = t.basis.map((basic, row): ShownRow => {
		const before = last?.rows[row];
		const now = {
			row,
			basic: columns[basic],
			entries: shown.map(({ index }) => kept(before?.entries[index], entry(t, row, index), sameNumber)),
			rhs: kept(before?.rhs, rhs(t, row), sameNumber),
			pointed: pointedOf(columns[basic].owner)
		};
		return kept(before, now, sameShownRow);
	});
	const { sense, name } = t.form.problem.objective;
	return {
		columns: kept(last?.columns, shown, sameList),
		rows: kept(last?.rows, rows, sameList),
		goalName: sense === 'max' ? name : `−${name}`,
		goalValue: kept(last?.goalValue, goalValue(t, 0), sameNumber)
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
