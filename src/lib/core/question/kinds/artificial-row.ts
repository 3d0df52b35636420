import { sign, toText, ZERO } from '../../number/rational';
import { BIG_M, INFEASIBILITY, sameGoal } from '../../tableau/goal';
import { cost, entry, isArtificial } from '../../tableau/tableau';
import { tableauJson } from '../../tableau/written';
import type { QuestionKind, Slip } from '../types';
import { nameOfColumn, without } from './shared';

/** An entry of the row of phase one, or of M, at the start: it follows from the rows of the artificial variables. */
export const artificialRow: QuestionKind = {
	answers: 'number',
	ask({ problem, step, tableau: t, pick }) {
		const goal = t.goals.find((own) => sameGoal(own, INFEASIBILITY) || sameGoal(own, BIG_M));
		if (step > 0 || !goal) return null;
		const rows = t.basis.flatMap((column, row) => (isArtificial(t, column) ? [row] : []));
		const columns = t.nonbasic.filter((column) =>
			rows.some((row) => sign(entry(t, row, column)) !== 0 && !isArtificial(t, column))
		);
		if (rows.length === 0 || columns.length === 0) return null;
		const column = columns[pick(columns.length)];
		const right = cost(t, goal, column);
		const [first] = rows;
		const slips: Slip[] = [
			{ answer: toText(right.neg()), code: 'sign-turned' },
			{ answer: toText(ZERO), code: 'not-priced-out' },
			...(rows.length > 1 ? [{ answer: toText(entry(t, first, column).neg()), code: 'one-row-only' }] : [])
		];
		const shown = tableauJson(t);
		const row = sameGoal(goal, BIG_M) ? 'M' : 'w';
		return {
			// the row that is asked for is not shown
			tableau: { ...shown, objective: shown.objective.filter(({ name }) => name !== row) },
			sense: problem.objective.sense,
			given: { row, column: nameOfColumn(t, column) },
			right: [toText(right)],
			slips: without([toText(right)], slips)
		};
	}
};
