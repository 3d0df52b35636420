import { cell, columnOf, rhsCell, vacantRows, type Tableau } from './tableau';

/** Rows without a basic variable of their own: what stands for it must be zero in the end, and may be replaced. */

/** Rows without a basic variable that could get one. */
export const openVacancies = (t: Tableau): number[] =>
	vacantRows(t).filter((row) => fillingSlot(t, row) !== null);

/** Whether the basic variable of a row stands for something that must be zero in the end. */
export const mustVanish = (t: Tableau, row: number): boolean => {
	const { kind } = columnOf(t, t.basis[row]);
	return kind === 'artificial' || kind === 'vacant';
};

/** A column that can become basic in a row without a basic variable: the first that would not be negative, else the first. */
export function fillingSlot(t: Tableau, row: number): number | null {
	const open = t.nonbasic
		.map((column, k) => ({ column, k }))
		.filter(({ column, k }) => !t.barred.has(column) && cell(t, row, k))
		.sort((a, b) => a.column - b.column);
	const positive = rhsCell(t, row) >= 0;
	return (open.find(({ k }) => cell(t, row, k) > 0 === positive) ?? open[0])?.k ?? null;
}

/** Rows that hold no demand of their own: what stands for their basic variable is zero and nothing can replace it. */
export const redundantRows = (t: Tableau): number[] =>
	t.basis.flatMap((_, row) =>
		mustVanish(t, row) && !rhsCell(t, row) && fillingSlot(t, row) === null ? [row] : []
	);
