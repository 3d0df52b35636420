import { pivotRemark } from '../commentary/pivot';
import { addedId, isAdded, isOfArtificial, isOfBranch } from '../problem/column-id';
import { decide } from '../method/decide';
import { refused } from '../position/position';
import type { Choice, Work } from '../method/types';
import { choiceAt } from '../method/rules';
import { nameOfRule } from '../method/rule';
import { cell, columnOf, isPrimalFeasible, pivot as pivotTableau, type Tableau } from '../tableau/tableau';
import { exchangeWords, fillWords } from '../commentary/words/offer';
import type { Move, MoveKind, PivotMove } from './types';

/** The column of a tableau with an id; −1 where there is none. Branches were once named by what is shown, which older lessons still do. */
export function columnIndex({ form: { columns } }: Tableau, id: string): number {
	const at = columns.findIndex((column) => column.id === id);
	if (at >= 0 || !isAdded(id)) return at;
	return columns.findIndex((column) => isOfBranch(column.id) && addedId(column.owner.name) === id);
}

/** The pivot of two columns by their ids, or null where it cannot be made. */
export function choiceOf(t: Tableau, { enter, leave }: Pick<PivotMove, 'enter' | 'leave'>): Choice | null {
	const row = t.basis.indexOf(columnIndex(t, leave));
	const slot = t.nonbasic.indexOf(columnIndex(t, enter));
	return row < 0 || slot < 0 || !cell(t, row, slot) ? null : choiceAt(t, row, slot);
}

/** The pivot that a move makes at a tableau; null where it is no pivot, or cannot be made. */
export const pivotMade = (t: Tableau, move: Move | null | undefined): Choice | null =>
	move?.kind === 'pivot' ? choiceOf(t, move) : null;

/** Whether a part of a method keeps the basis feasible from pivot to pivot. */
const keepsFeasible = ({ part, tableau }: Work): boolean =>
	part !== 'dual' && part !== 'repair' && isPrimalFeasible(tableau);

/** The move that exchanges two columns at a tableau; told apart where it leaves the region. */
export function pivotMove(work: Work, enter: number, leave: number, by: PivotMove['by']): PivotMove {
	const t = work.tableau;
	const move: PivotMove = { kind: 'pivot', enter: columnOf(t, enter).id, leave: columnOf(t, leave).id, by };
	const choice = choiceOf(t, move);
	if (!choice || !keepsFeasible(work)) return move;
	const after = pivotTableau(t, choice.row, choice.slot);
	return isPrimalFeasible(after) ? move : { ...move, outside: true };
}

export const pivot: MoveKind<PivotMove> = {
	perform(position, move) {
		const { work } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		const t = work.tableau;
		for (const id of [move.enter, move.leave])
			if (columnIndex(t, id) < 0) return refused({ code: 'unknown', id: id });
		const [entering, leaving] = [columnIndex(t, move.enter), columnIndex(t, move.leave)];
		const [enter, leave] = [columnOf(t, entering), columnOf(t, leaving)];
		const [row, at] = [t.basis.indexOf(leaving), t.nonbasic.indexOf(entering)];
		if (row < 0 || at < 0) return refused({ code: 'not-basic', enter, leave });
		if (t.barred.has(entering)) return refused({ code: 'set-aside', column: enter });
		if (!cell(t, row, at)) return refused({ code: 'zero-entry', enter, leave });
		const after: Work = { ...work, tableau: pivotTableau(t, row, at) };
		if (!move.outside && keepsFeasible(work) && !isPrimalFeasible(after.tableau))
			return refused({ code: 'leaves-region' });
		return { ok: true, position: { ...position, work: after } };
	},
	label: ({ enter, leave }, names) =>
		isOfArtificial(leave) && names.column(leave).length === 0
			? fillWords(names.column(enter))
			: exchangeWords(names.column(enter), names.column(leave)),
	tell(before, move, after) {
		const choice = choiceOf(before.work!.tableau, move)!;
		return pivotRemark(before.work!, after.work!.tableau, choice, move.by);
	},
	offers({ work }, rule) {
		if (!work) return [];
		const decision = decide(work, rule);
		if (decision.kind !== 'pivot') return [];
		const { entering, leaving } = decision.choice;
		const move = pivotMove(work, entering, leaving, nameOfRule(rule));
		const [enter, leave] = [columnOf(work.tableau, entering), columnOf(work.tableau, leaving)];
		return [
			{
				move,
				found:
					leave.kind === 'vacant' ? { code: 'fill-row', column: enter } : { code: 'exchange', enter, leave }
			}
		];
	}
};
