import { board, type Board, type BoardCell } from '../../notation/board';
import { goalName, type Notation } from '../../notation/notation';
import { isZero, sign, type Rational } from '../../number/rational';
import { joined, say, type Sentence } from '../../sentence/sentence';
import type { Choice } from '../../method/types';
import { columnOf, type Tableau } from '../../tableau/tableau';

/** A pivot of a dictionary, which has no row operations: an equation is solved for the entering variable, and that is put into the others. */

/** One equation of it, by the row's part of an address: the equations one after the other. */
export interface Expressed {
	readonly row: string;
	readonly says: Sentence;
}

interface Summand {
	readonly cell: BoardCell;
	readonly of: Sentence | null;
}

const plain = (value: Rational): BoardCell => ({ plain: value, m: null });
const isNothing = ({ plain: value, m }: BoardCell) => isZero(value) && (!m || isZero(m));

/** `25 − 5/8 x + (1 + 2 M) y`, zeros left out. */
function sum(parts: readonly Summand[]): Sentence {
	const told = parts.filter(({ cell }) => !isNothing(cell));
	if (told.length === 0) return say`0`;
	return told.flatMap(({ cell, of }, i): Sentence => {
		const { plain: value, m } = cell;
		const withM = m !== null && !isZero(m);
		const minus = !withM && sign(value) < 0;
		const join = i === 0 ? (minus ? '−' : '') : minus ? ' − ' : ' + ';
		const size = withM
			? say`(${value} ${sign(m) < 0 ? '−' : '+'} ${m.abs()} M)`
			: of && value.abs().equals(1)
				? say``
				: say`${value.abs()}`;
		const space = of && size.length > 0 ? ' ' : '';
		return [...say`${join}`, ...size, ...say`${space}`, ...(of ?? say``)];
	});
}

/** The right side of an equation of a board, without one of its columns. */
const rightSide = (
	shown: Board,
	constant: BoardCell,
	cells: readonly BoardCell[],
	without: number | null = null
): Summand[] => [
	{ cell: constant, of: null },
	...cells.flatMap((cell, k) =>
		shown.columns[k].index === without ? [] : [{ cell, of: say`${shown.columns[k].column}` }]
	)
];

/**
 * How the equations of a dictionary become those of the next one.
 * @param before the tableau that was pivoted
 * @param after the tableau that the pivot led to
 */
export function expressing(before: Tableau, after: Tableau, choice: Choice, notation: Notation): Expressed[] {
	const [old, fresh] = [before, after].map((t) => board(t, notation));
	const entering = say`${columnOf(before, choice.entering)}`;
	const at = old.columns.findIndex(({ index }) => index === choice.entering);
	const own = fresh.rows[choice.row];
	const solved = sum(rightSide(fresh, plain(own.rhs), own.entries.map(plain)));
	const first = old.rows[choice.row];
	const from = sum(rightSide(old, plain(first.rhs), first.entries.map(plain)));
	/** `7 − 2 y + 3·(25 − 5/8 s)`: an old right side with the entering variable replaced */
	const replaced = (constant: BoardCell, cells: readonly BoardCell[]): Sentence => {
		const rest = rightSide(old, constant, cells, choice.entering);
		const factor = cells[at];
		const isPlain = !factor.m || isZero(factor.m);
		const size = sum([{ cell: isPlain ? plain(factor.plain.abs()) : factor, of: null }]);
		const start = rest.every(({ cell }) => isNothing(cell)) ? null : sum(rest);
		const minus = isPlain && sign(factor.plain) < 0;
		const times = isPlain && factor.plain.abs().equals(1) ? say`` : say`${size}·`;
		const join = start ? say`${start} ${minus ? '−' : '+'} ` : minus ? say`−` : say``;
		return say`${join}${times}(${solved})`;
	};
	const rows = old.rows.flatMap((row, i): Expressed[] => {
		if (i === choice.row || isZero(row.entries[at])) return [];
		const name = say`${columnOf(before, before.basis[i])}`;
		const now = fresh.rows[i];
		return [
			{
				row: row.key,
				says: say`${name} = ${replaced(plain(row.rhs), row.entries.map(plain))} = ${sum(rightSide(fresh, plain(now.rhs), now.entries.map(plain)))}`
			}
		];
	});
	const goals = old.goals.flatMap((goal, g): Expressed[] => {
		if (isNothing(goal.cells[at])) return [];
		const now = fresh.goals[g];
		const name = goalName(notation, goal.goal, before.form.problem.objective);
		return [
			{
				row: goal.goal.kind,
				says: say`${name} = ${replaced(goal.value, goal.cells)} = ${sum(rightSide(fresh, now.value, now.cells))}`
			}
		];
	});
	const leaving = say`${columnOf(before, choice.leaving)}`;
	return [
		{
			row: first.key,
			says: say`${leaving} = ${from}, solved for ${entering}: ${joined([entering, solved], ' = ', ' = ')}`
		},
		...rows,
		...goals
	];
}
