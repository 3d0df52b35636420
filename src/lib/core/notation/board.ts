import type { Column } from '../form/types';
import { redundantRows } from '../method/artificial';
import { isZero, type Rational } from '../number/rational';
import { BIG_M, OBJECTIVE, type Goal } from '../tableau/goal';
import { columnOf, cost, entry, goalValue, hasGoal, rhs, type Tableau } from '../tableau/tableau';
import { columnName, goalName, type Notation } from './notation';

/** A number of an objective row: `plain`, or `plain + m·M`. */
export interface BoardCell {
	readonly plain: Rational;
	readonly m: Rational | null;
}

/** A column of the tableau as it is written. */
export interface BoardColumn {
	readonly column: Column;
	/** index in the form */
	readonly index: number;
	readonly name: string;
	/** its variable is basic: a unit column */
	readonly basic: boolean;
	/** its variable may not enter any more and no objective row works on it */
	readonly aside: boolean;
}

export interface BoardRow {
	/** the basic variable; null where the row has none yet */
	readonly basic: Column | null;
	readonly name: string;
	/** by the board's columns */
	readonly entries: readonly Rational[];
	readonly rhs: Rational;
	/** it says nothing that others do not say */
	readonly redundant: boolean;
}

export interface BoardGoal {
	readonly goal: Goal;
	readonly name: string;
	readonly cells: readonly BoardCell[];
	readonly value: BoardCell;
}

/** A tableau exactly as it is to be shown; screen, exports and print show boards and nothing else. */
export interface Board {
	readonly columns: readonly BoardColumn[];
	readonly rows: readonly BoardRow[];
	readonly goals: readonly BoardGoal[];
}

/** The objective rows, the coefficients of M written into the objective's. */
function boardGoals(t: Tableau, indices: readonly number[], notation: Notation): BoardGoal[] {
	const withM = hasGoal(t, BIG_M);
	const { objective } = t.form.problem;
	return t.goals
		.filter(({ kind }) => kind === 'objective' || kind === 'infeasibility')
		.map((goal): BoardGoal => {
			const m = withM && goal === OBJECTIVE;
			return {
				goal,
				name: goalName(notation, goal, objective),
				cells: indices.map((j) => ({ plain: cost(t, goal, j), m: m ? cost(t, BIG_M, j) : null })),
				value: { plain: goalValue(t, goal), m: m ? goalValue(t, BIG_M) : null }
			};
		});
}

/**
 * Writes a tableau as a notation has it.
 * @param t any tableau
 * @returns every column but those that only hold a place, in the form's order
 */
export function board(t: Tableau, notation: Notation): Board {
	const working = t.goals.some(({ kind }) => kind === 'infeasibility' || kind === 'big-m');
	const indices = t.form.columns.map((_, j) => j).filter((j) => columnOf(t, j).kind !== 'vacant');
	const redundant = new Set(redundantRows(t));
	return {
		columns: indices.map((index) => {
			const column = columnOf(t, index);
			const basic = t.basis.includes(index);
			const aside = t.barred.has(index) && !working && !basic;
			return { column, index, name: columnName(notation, column), basic, aside };
		}),
		rows: t.basis.map((basic, row) => {
			const column = columnOf(t, basic);
			const vacant = column.kind === 'vacant';
			return {
				basic: vacant ? null : column,
				name: vacant ? '' : columnName(notation, column),
				entries: indices.map((j) => entry(t, row, j)),
				rhs: rhs(t, row),
				redundant: redundant.has(row)
			};
		}),
		goals: boardGoals(t, indices, notation)
	};
}

/** −1, 0 or 1 for a number with M: the coefficient of M decides before the number does. */
export function signOf({ plain, m }: BoardCell): -1 | 0 | 1 {
	const deciding = m && !isZero(m) ? m : plain;
	return isZero(deciding) ? 0 : deciding.s < 0n ? -1 : 1;
}
