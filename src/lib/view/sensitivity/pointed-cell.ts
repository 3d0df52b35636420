import { addressOf, rowKey } from '$lib/core/notation';
import type { TableauCell } from '$lib/core/answer';
import type { Tableau } from '$lib/core/tableau';
import { STEPS } from '../shared/arrow-steps';

/** Pointing at cells of a tableau that is only looked at, by mouse, finger or arrow keys, and marking one of them. */

/** The cell that an element of the grid stands for; undefined for phase one's row and the like. */
function cellOf(t: Tableau, element: HTMLElement): TableauCell | undefined {
	const { row, column } = addressOf(element.dataset.cell!);
	const index = column === 'rhs' ? null : t.form.columns.findIndex(({ id }) => id === column);
	if (index !== null && index < 0) return undefined;
	if (row === 'objective') return { row: null, column: index };
	const basic = t.basis.find((_, i) => rowKey(t, i) === row);
	return basic === undefined ? undefined : { row: basic, column: index };
}

const same = (a: TableauCell | null | undefined, b: TableauCell | null): boolean =>
	!!a && !!b && a.row === b.row && a.column === b.column;

/**
 * An attachment for the element around a grid.
 * @param own the cell that is pointed at in this grid, and `twin` the one that answers to what is pointed at elsewhere
 */
export function pointedCell(
	t: Tableau,
	{ own, twin }: { own: TableauCell | null; twin: TableauCell | null },
	onpoint: (cell: TableauCell | null) => void
) {
	return (node: HTMLElement): (() => void) => {
		const all = () => [...node.querySelectorAll<HTMLElement>('[data-cell]')];
		for (const element of all()) {
			const cell = cellOf(t, element);
			element.toggleAttribute('data-own', same(cell, own));
			element.toggleAttribute('data-twin', same(cell, twin));
		}
		function over({ target }: Event) {
			const element = (target as Element).closest<HTMLElement>('[data-cell]');
			const cell = element && cellOf(t, element);
			if (cell) onpoint(cell);
		}
		const leave = () => onpoint(null);
		/** arrow keys walk over the cells as they stand on the screen */
		function walk(event: KeyboardEvent) {
			const step = STEPS[event.key];
			if (!step || event.target !== node) return;
			event.preventDefault();
			const rows = [...node.querySelectorAll('tr')]
				.map((row) => [...row.querySelectorAll<HTMLElement>('[data-cell]')])
				.filter((row) => row.length > 0);
			const i = rows.findIndex((row) => row.some((element) => same(cellOf(t, element), own)));
			if (i < 0) return onpoint(cellOf(t, rows[0][0]) ?? null);
			const j = rows[i].findIndex((element) => same(cellOf(t, element), own));
			const row = rows[Math.max(0, Math.min(rows.length - 1, i + step[0]))];
			const next = row[Math.max(0, Math.min(row.length - 1, j + step[1]))];
			next.scrollIntoView({ block: 'nearest', inline: 'nearest' });
			onpoint(cellOf(t, next) ?? own);
		}
		node.addEventListener('pointerover', over);
		node.addEventListener('pointerleave', leave);
		node.addEventListener('keydown', walk);
		node.addEventListener('blur', leave);
		return () => {
			node.removeEventListener('pointerover', over);
			node.removeEventListener('pointerleave', leave);
			node.removeEventListener('keydown', walk);
			node.removeEventListener('blur', leave);
		};
	};
}
