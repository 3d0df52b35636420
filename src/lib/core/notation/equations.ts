import { isZero, sign, type Rational } from '../number/rational';
import {
	isCovered,
	type Address,
	type Board,
	type BoardCell,
	type BoardColumn,
	type BoardGoal,
	type BoardRow
} from './board';

/** A dictionary equation by equation, each part with its address: `x = 3 − 2 y`. Screens, exports and sheets only lay it out. */

/** A number of an equation. Its M is null where it has none. */
interface EquationNumber {
	readonly address: Address;
	readonly number: BoardCell;
	/** it is not to be seen */
	readonly covered: boolean;
}

/** A variable with what it is multiplied by. */
export interface EquationTerm {
	readonly address: Address;
	readonly column: BoardColumn;
	/** 0 where the variable does not take part */
	readonly sign: -1 | 0 | 1;
	/** what stands between sign and name; null where that is 1. A number with M has its own signs, and a plus before it. */
	readonly size: BoardCell | null;
	readonly covered: boolean;
	/** its variable improves the objective row that the equation is about */
	readonly improving: boolean;
	/** a pivot may be made on it */
	readonly pivots: boolean;
}

export interface Equation {
	readonly kind: 'row' | 'goal';
	/** its part of an address */
	readonly key: string;
	/** what it is an equation for */
	readonly name: string;
	readonly constant: EquationNumber;
	readonly terms: readonly EquationTerm[];
	/** the row, or the objective row, that it writes */
	readonly row: BoardRow | null;
	readonly goal: BoardGoal | null;
}

/** Without an M that is 0 times M. */
const tidy = ({ plain, m }: BoardCell): BoardCell => ({ plain, m: m && !isZero(m) ? m : null });

/** Sign and size of what a variable is multiplied by. */
function factor({ plain, m }: BoardCell): Pick<EquationTerm, 'sign' | 'size'> {
	if (m) return { sign: 1, size: { plain, m } };
	if (isZero(plain)) return { sign: 0, size: null };
	const size = plain.abs();
	return { sign: sign(plain) < 0 ? -1 : 1, size: size.equals(1) ? null : { plain: size, m: null } };
}

/** The equations of a dictionary's board: rows, then objective rows. @param shown a board in the layout of a dictionary */
export function boardEquations(shown: Board): Equation[] {
	const equation = (
		own: Pick<Equation, 'kind' | 'key' | 'name' | 'row' | 'goal'>,
		constant: BoardCell,
		factors: readonly BoardCell[]
	): Equation => ({
		...own,
		constant: {
			address: { row: own.key, column: 'rhs' },
			number: tidy(constant),
			covered: isCovered(shown, own.key, 'rhs')
		},
		terms: shown.columns.map((column, k): EquationTerm => {
			const written = factor(tidy(factors[k]));
			return {
				address: { row: own.key, column: column.column.id },
				column,
				...written,
				covered: isCovered(shown, own.key, column.column.id),
				improving: own.goal?.improving[k] ?? false,
				pivots: own.kind === 'row' && column.open && written.sign !== 0
			};
		})
	});
	const plain = (value: Rational): BoardCell => ({ plain: value, m: null });
	return [
		...shown.rows.map((row) =>
			equation(
				{ kind: 'row', key: row.key, name: row.name, row, goal: null },
				plain(row.rhs),
				row.entries.map(plain)
			)
		),
		...shown.goals.map((goal) =>
			equation(
				{ kind: 'goal', key: goal.goal.kind, name: goal.name, row: null, goal },
				goal.value,
				goal.cells
			)
		)
	];
}
