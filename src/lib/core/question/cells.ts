import type { TableauJson } from '../tableau/written';

/** The cells of a tableau as they are asked about: `row|column`, with `rhs` for the right-hand side; objective rows by their letters. */

/** The name of a cell. */
export const cellName = (row: string, column: string): string => `${row}|${column}`;

/** The row and the column of a cell. */
export function partsOf(cell: string): { readonly row: string; readonly column: string } {
	const [row, column = ''] = cell.split('|');
	return { row, column };
}

/** The rows of a tableau by name, the objective rows last; one whose letter is also a variable's is told apart from that. */
export const namedRows = ({ columns, rows, objective }: TableauJson) => [
	...rows.map(({ basic, entries, rhs }) => ({ name: basic, entries, rhs, isGoal: false })),
	...objective.map(({ name, entries, rhs }) => ({
		name: columns.includes(name) ? `objective ${name}` : name,
		entries,
		rhs,
		isGoal: true
	}))
];

/** All cells of a tableau with their values. */
export const cellsOf = (t: TableauJson): [cell: string, value: string][] =>
	namedRows(t).flatMap(({ name, entries, rhs }) => [
		...entries.map((value, j): [string, string] => [cellName(name, t.columns[j]), value]),
		[cellName(name, 'rhs'), rhs] as [string, string]
	]);

/** `the entry of row s1 in column x`, `the right-hand side of row s1`: a cell in words. */
export function cellText(cell: string): string {
	const { row, column } = partsOf(cell);
	return column === 'rhs'
		? `the right-hand side of row ${row}`
		: `the entry of row ${row} in column ${column}`;
}
