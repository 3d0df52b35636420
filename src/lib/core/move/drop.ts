import { dropRemark } from '../commentary/whole';
import { withoutRow } from '../tableau/build';
import { columnOf, isPrimalFeasible, rhsCell, type Tableau } from '../tableau/tableau';
import { cutName } from '../problem/row-owner';
import * as messages from './messages';
import { refused } from '../position/position';
import type { DropMove, MoveKind } from './types';

/** The rows of cuts that hold with room to spare: their slacks are basic and positive. */
const slackCuts = (t: Tableau): number[] =>
	t.basis.flatMap((column, row) =>
		columnOf(t, column).owner.kind === 'cut' && rhsCell(t, row) > 0 ? [row] : []
	);

export const drop: MoveKind<DropMove> = {
	perform(position) {
		const { work, cuts } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		let { tableau } = work;
		if (!isPrimalFeasible(tableau) || slackCuts(tableau).length === 0)
			return refused({ code: 'every-cut-binds' });
		const gone = new Set(slackCuts(tableau).map((row) => columnOf(tableau, tableau.basis[row]).owner.name));
		for (let [row] = slackCuts(tableau); row !== undefined; [row] = slackCuts(tableau))
			tableau = withoutRow(tableau, row);
		const left = cuts.map((cut, i) => (gone.has(cutName(i + 1)) ? { ...cut, dropped: true as const } : cut));
		return { ok: true, position: { ...position, cuts: left, work: { ...work, tableau } } };
	},
	label: () => messages.cutsDropped,
	tell: (before, _move, after) => dropRemark(before, after),
	offers({ work }) {
		if (!work || !isPrimalFeasible(work.tableau) || slackCuts(work.tableau).length === 0) return [];
		return [{ move: { kind: 'drop' }, found: { code: 'drop-cuts' } }];
	}
};
