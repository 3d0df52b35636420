import { en } from '../language/language';
import { csvFormatRows } from 'd3-dsv';

/** Cells of CSV files for spreadsheets: what one of them would run as a formula is made harmless, and read back as it was. */

/** a formula begins with one of these signs, or with a plus or minus before something that is no number */
const FORMULA = /^(?:[=@\t\r]|[+-](?![\d.\s]|$))/;
/** the sign = alone is a relation, and no formula */
const isFormula = (cell: string): boolean => cell !== '=' && FORMULA.test(cell);

/**
 * Writes rows of cells as CSV. A cell that a spreadsheet would run as a formula gets an apostrophe before it, which is told.
 * @param notes takes what is told; left out where nobody reads it
 */
export function csvText(rows: readonly (readonly string[])[], notes?: string[]): string {
	let found = 0;
	const safe = rows.map((row) => row.map((cell) => (isFormula(cell) ? ((found += 1), `'${cell}`) : cell)));
	if (found > 0)
		notes?.push(
			en`${found === 1 ? en`A cell begins` : en`${found} cells begin`} like a formula and ${found === 1 ? en`has` : en`have`} an apostrophe before it, so that no spreadsheet runs it.`
		);
	return csvFormatRows(safe) + '\n';
}

/** A cell as it was before an apostrophe made it harmless. */
export const plainCell = (cell: string): string =>
	cell.startsWith("'") && isFormula(cell.slice(1)) ? cell.slice(1) : cell;
