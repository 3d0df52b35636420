import { artificialRemark } from '../commentary/begin';
import { refused } from '../position/position';
import type { Column } from '../form/types';
import { addGoal, dropGoal } from '../tableau/build';
import { columnOf, vacantRows, type Tableau } from '../tableau/tableau';
import * as messages from './messages';
import type { ArtificialMove, MoveKind } from './types';

/** The rows' places of a missing basic variable become artificial variables. */
function withArtificials(t: Tableau, rows: readonly number[]): Tableau {
	const turned = new Set(rows.map((row) => t.basis[row]));
	const columns = t.form.columns.map((column, j): Column =>
		turned.has(j) ? { ...column, kind: 'artificial' } : column
	);
	const longer = { ...t, form: { ...t.form, columns } };
	// a row that works on the artificial variables works on the new ones, too
	return t.goals
		.filter(({ kind }) => kind === 'infeasibility' || kind === 'big-m')
		.reduce<Tableau>((now, goal) => addGoal(dropGoal(now, goal), goal), longer);
}

export const artificial: MoveKind<ArtificialMove> = {
	perform(position, { column }) {
		const { work } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		const t = work.tableau;
		const vacant = vacantRows(t);
		let rows = vacant;
		if (column !== 'all') {
			const row = t.form.rows.findIndex(({ start }) => columnOf(t, start).id === column);
			if (row < 0) return refused({ code: 'unknown', id: column });
			if (!vacant.includes(row)) {
				const basic = columnOf(t, t.basis[row]);
				return refused({ code: 'row-has-basic', row: t.form.rows[row].owner, basic });
			}
			rows = [row];
		}
		if (rows.length === 0) return refused({ code: 'every-row-has-basic' });
		return { ok: true, position: { ...position, work: { ...work, tableau: withArtificials(t, rows) } } };
	},
	label: ({ column }, names) =>
		column === 'all'
			? messages.artificialEverywhere
			: messages.artificialIn(names.constraint(column.slice(2))),
	tell: (before, _move, after) => artificialRemark(before.work!.tableau, after.work!.tableau),
	offers({ work }) {
		if (!work) return [];
		const t = work.tableau;
		const vacant = vacantRows(t);
		const single = vacant.map((row) => ({
			move: { kind: 'artificial', column: columnOf(t, t.basis[row]).id } as const,
			found: { code: 'add-artificial', row: t.form.rows[row].owner } as const
		}));
		if (vacant.length === 0) return [];
		return [...single, { move: { kind: 'artificial', column: 'all' }, found: { code: 'add-artificials' } }];
	}
};
