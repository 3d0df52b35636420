import { en } from '../language/language';
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

/** A tableau with other numbers in some of its cells. */
export function withCells(t: TableauJson, values: Readonly<Record<string, string>>): TableauJson {
	const lines = namedRows(t).map(({ name, entries, rhs }) => ({
		entries: entries.map((own, j) => values[cellName(name, t.columns[j])] ?? own),
		rhs: values[cellName(name, 'rhs')] ?? rhs
	}));
	return {
		...t,
		rows: t.rows.map((row, i) => ({ ...row, ...lines[i] })),
		objective: t.objective.map((row, i) => ({ ...row, ...lines[t.rows.length + i] }))
	};
}

/** A tableau whose rows are named as after a pivot; its numbers are those of before. */
export const renamed = (t: TableauJson, leaving: string, entering: string): TableauJson => ({
	...t,
	rows: t.rows.map((row) => (row.basic === leaving ? { ...row, basic: entering } : row))
});

/** `the entry of row s1 in column x`, `the right-hand side of row s1`: a cell in words. */
export function cellText(cell: string): string {
	const { row, column } = partsOf(cell);
	return column === 'rhs'
		? en`the right-hand side of row ${row}`
		: en`the entry of row ${row} in column ${column}`;
}
