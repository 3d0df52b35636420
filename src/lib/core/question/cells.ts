import type { TableauJson } from '../tableau/written';

/** The cells of a tableau as they are asked about: `row|column`, with `rhs` for the right-hand side; objective rows by their letters. */
export const cellsOf = ({ columns, rows, objective }: TableauJson): [cell: string, value: string][] =>
	[...rows.map((row) => ({ ...row, name: row.basic })), ...objective].flatMap(({ name, entries, rhs }) => [
		...entries.map((value, j): [string, string] => [`${name}|${columns[j]}`, value]),
		[`${name}|rhs`, rhs] as [string, string]
	]);

/** `the entry of row s1 in column x`, `the right-hand side of row s1`: a cell in words. */
export function cellText(cell: string): string {
	const [row, column] = cell.split('|');
	return column === 'rhs'
		? `the right-hand side of row ${row}`
		: `the entry of row ${row} in column ${column}`;
}
