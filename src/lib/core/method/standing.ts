import { isZero, sign, ZERO } from '../number/rational';
import { reach } from '../tableau/reach';
import { vacantRows, type Tableau } from '../tableau/tableau';

/** A basis that stands in a problem already: isolated columns of its own variables where rows have no usable slack. */

/**
 * The columns of such a basis: each row without a usable slack has a variable that occurs in no other row and can be positive there.
 * @param t the tableau of a start with places held in rows that have no usable slack
 * @returns a column for each row; null where a row has none, or every row has its slack
 */
export function standingColumns(t: Tableau): readonly number[] | null {
	const vacant = new Set(vacantRows(t));
	if (vacant.size === 0) return null;
	const alone = (row: number) =>
		t.form.columns.findIndex(
			({ kind }, j) =>
				kind === 'structural' &&
				t.form.rows.every(({ entries }, i) => isZero(entries.get(j) ?? ZERO) === (i !== row)) &&
				sign(t.form.rows[row].entries.get(j)!) > 0
		);
	const columns = t.basis.map((own, row) => (vacant.has(row) ? alone(row) : own));
	return columns.includes(-1) ? null : columns;
}

/** The tableau of the basis that stands already, priced out; null where there is none. */
export function standingTableau(t: Tableau): Tableau | null {
	const columns = standingColumns(t);
	const reached = columns && reach(t, columns);
	return reached && 'tableau' in reached ? reached.tableau : null;
}
