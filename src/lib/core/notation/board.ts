import Fraction from 'fraction.js';
import type { Column } from '../form/types';
import { redundantRows } from '../tableau/vacancy';
import { isZero, ONE, ZERO, type Rational } from '../number/rational';
import { goalCosts } from '../tableau/build';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { columnOf, cost, entry, goalValue, hasGoal, rhs, type Tableau } from '../tableau/tableau';
import { columnName } from './column-names';
import { goalFactor, goalName, valueFactor, type Notation } from './notation';

/**
 * Where a cell stands, whatever the notation: the row by the lasting id of its equation's first basic column, or the kind of an objective
 * row; the column by its lasting id, `rhs`, or `own` for the objective's own column.
 */
export interface Address {
	readonly row: string;
	readonly column: string;
}

/** An address as one text, for a document's attributes and for sets. */
export const addressText = ({ row, column }: Address): string => `${row} ${column}`;

/** The address that a text stands for. */
export function addressOf(text: string): Address {
	const [row, column] = text.split(' ');
	return { row, column };
}

/** A row's part of an address: it stays with its equation, whatever is basic there. */
export const rowKey = (t: Tableau, row: number): string => columnOf(t, t.form.rows[row].start).id;

/** What stands in a line beside its name: the entry of a column (by its place among the board's), the right-hand side, or the objective's own column. */
export type Across =
	| { readonly kind: 'entry'; readonly column: string; readonly at: number }
	| { readonly kind: 'rhs'; readonly column: 'rhs' }
	| { readonly kind: 'own'; readonly column: 'own' };

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
	/** its variable is not basic and may enter: a pivot may be made in it, where its entry is not zero */
	readonly open: boolean;
}

export interface BoardRow {
	/** its part of an address */
	readonly key: string;
	/** the basic variable; null where the row has none yet */
	readonly basic: Column | null;
	readonly name: string;
	/** by the board's columns; in a dictionary with the sign that they have there */
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
	/** by the board's columns: whether raising the variable improves what the row is about */
	readonly improving: readonly boolean[];
	/** the entry in the objective's own column, where that is shown; zero in other objective rows */
	readonly own: Rational;
}

/** What stands around an extended tableau: coefficients above the names and beside the basis, and the row z below. */
export interface BoardCosts {
	/** the goal whose coefficients they are */
	readonly goal: Goal;
	readonly above: readonly BoardCell[];
	readonly beside: readonly BoardCell[];
	readonly z: readonly BoardCell[];
}

/** A tableau exactly as it is to be shown; screen, exports and print show boards and nothing else. */
export interface Board {
	readonly columns: readonly BoardColumn[];
	readonly rows: readonly BoardRow[];
	readonly goals: readonly BoardGoal[];
	/** only in an extended layout */
	readonly costs: BoardCosts | null;
	/** what all numbers of rows and objective rows are to be divided by; null where they stand for themselves */
	readonly common: Rational | null;
	/** what stands in each line, from left to right after the line's name */
	readonly across: readonly Across[];
	/** rows and objective rows from top to bottom */
	readonly down: readonly ['rows', 'goals'] | readonly ['goals', 'rows'];
	/** addresses whose numbers are not to be seen, on screen and in what is made of it */
	readonly covered: ReadonlySet<string>;
}

const NONE: ReadonlySet<string> = new Set();

/** Whether a number of a board is not to be seen. @param row its row's part of an address @param column its column's */
export const isCovered = ({ covered }: Board, row: string, column: string): boolean =>
	covered.has(addressText({ row, column }));

/** The addresses of all numbers of a board that a tableau has as well: entries, right-hand sides, objective rows. */
export const addresses = ({ rows, goals, across }: Board): string[] =>
	[...rows.map(({ key }) => key), ...goals.map(({ goal }) => goal.kind)].flatMap((row) =>
		across.flatMap(({ kind, column }) => (kind === 'own' ? [] : [addressText({ row, column })]))
	);

const times = ({ plain, m }: BoardCell, factor: 1 | -1 | Rational): BoardCell =>
	factor === 1 ? { plain, m } : { plain: plain.mul(factor), m: m && m.mul(factor) };

/** The objective rows as they are written, the coefficients of M in the objective's. */
function boardGoals(t: Tableau, indices: readonly number[], notation: Notation): BoardGoal[] {
	const withM = hasGoal(t, BIG_M);
	const apart = notation.bigM === 'two-rows';
	const { objective } = t.form.problem;
	return t.goals
		.filter(({ kind }) => kind === 'objective' || kind === 'infeasibility' || (kind === 'big-m' && apart))
		.map((goal): BoardGoal => {
			const m = withM && goal === OBJECTIVE && !apart;
			// the row of M is a part of the objective's, with its signs
			const whose = goal.kind === 'big-m' ? OBJECTIVE : goal;
			const factor = goalFactor(notation, whose, objective.sense);
			const decides = (j: number) => (withM && goal === OBJECTIVE ? cost(t, BIG_M, j) : null);
			const under = indices.map((j) => ({ plain: cost(t, goal, j), m: m ? cost(t, BIG_M, j) : null }));
			const value = { plain: goalValue(t, goal), m: m ? goalValue(t, BIG_M) : null };
			return {
				goal,
				name: goalName(notation, goal, objective),
				cells: under.map((cell) => times(cell, factor)),
				value: times(value, valueFactor(notation, whose, objective.sense)),
				improving: under.map(({ plain }, k) => signOf({ plain, m: decides(indices[k]) }) < 0),
				own: goal !== OBJECTIVE ? ZERO : notation.entries === 'z-plus' ? ONE : ONE.neg()
			};
		});
}

/** The coefficients around an extended tableau: those of phase one as long as it is at work. */
function boardCosts(t: Tableau, indices: readonly number[], notation: Notation): BoardCosts {
	const goal = hasGoal(t, INFEASIBILITY) ? INFEASIBILITY : OBJECTIVE;
	const withM = hasGoal(t, BIG_M);
	const { sense } = t.form.problem.objective;
	// the same side as the row below is written for: c − z is its entry, or minus it
	const turned = notation.entries === 'z-plus' ? 1 : -1;
	const side = (goalFactor(notation, goal, sense) * turned) as 1 | -1;
	const own = goalCosts(t, goal).costs;
	const ofM = withM ? goalCosts(t, BIG_M).costs : null;
	const coefficient = (j: number): BoardCell =>
		times({ plain: own.get(j) ?? ZERO, m: ofM ? (ofM.get(j) ?? ZERO) : null }, side);
	const z = indices.map((j): BoardCell => {
		const c = coefficient(j);
		const minusD = times({ plain: cost(t, goal, j), m: withM ? cost(t, BIG_M, j) : null }, side);
		return { plain: c.plain.add(minusD.plain), m: c.m && c.m.add(minusD.m ?? ZERO) };
	});
	return { goal, above: indices.map(coefficient), beside: t.basis.map(coefficient), z };
}

/**
 * Writes a tableau as a notation has it.
 * @param t any tableau
 * @param covered addresses whose numbers are not to be seen
 * @returns the columns that the layout shows, but for those that only hold a place, in the form's order
 */
export function board(t: Tableau, notation: Notation, covered = NONE): Board {
	const working = t.goals.some(({ kind }) => kind === 'infeasibility' || kind === 'big-m');
	const { layout } = notation;
	const short = layout === 'condensed' || layout === 'dictionary';
	const indices = t.form.columns.flatMap(({ kind }, j) =>
		kind === 'vacant' || (short && t.basis.includes(j)) ? [] : [j]
	);
	const redundant = new Set(redundantRows(t));
	const sign = layout === 'dictionary' ? ONE.neg() : ONE;
	const goals = boardGoals(t, indices, notation);
	const entries = indices.map((index, at): Across => ({ kind: 'entry', column: columnOf(t, index).id, at }));
	const amounts: Across = { kind: 'rhs', column: 'rhs' };
	const own: Across[] =
		notation.goalColumn === 'shown' && layout !== 'dictionary' ? [{ kind: 'own', column: 'own' }] : [];
	const plain: Board = {
		columns: indices.map((index) => {
			const column = columnOf(t, index);
			const basic = t.basis.includes(index);
			const aside = t.barred.has(index) && !working && !basic;
			const open = !basic && !t.barred.has(index);
			return { column, index, name: columnName(notation, column), basic, aside, open };
		}),
		rows: t.basis.map((basic, row) => {
			const column = columnOf(t, basic);
			const vacant = column.kind === 'vacant';
			return {
				key: rowKey(t, row),
				basic: vacant ? null : column,
				name: vacant ? '' : columnName(notation, column),
				entries: indices.map((j) => entry(t, row, j).mul(sign)),
				rhs: rhs(t, row),
				redundant: redundant.has(row)
			};
		}),
		goals,
		costs: layout === 'extended' ? boardCosts(t, indices, notation) : null,
		common: null,
		across:
			layout === 'dictionary' || notation.rhs === 'first'
				? [...own, amounts, ...entries]
				: [...own, ...entries, amounts],
		down: layout !== 'dictionary' && notation.goalPlace === 'above' ? ['goals', 'rows'] : ['rows', 'goals'],
		covered
	};
	return notation.numbers === 'common' && layout !== 'dictionary' ? overOne(plain, t) : plain;
}

/**
 * A board as whole numbers over one denominator: the product of the pivots so far (Edmonds 1967), or a multiple of it where the problem's
 * own numbers are fractions.
 */
function overOne(shown: Board, t: Tableau): Board {
	const cells = [
		...shown.goals.flatMap(({ cells, value }) => [...cells, value]),
		...(shown.costs?.z ?? [])
	].flatMap(({ plain, m }) => (m ? [plain, m] : [plain]));
	const numbers = [...shown.rows.flatMap(({ entries, rhs }) => [...entries, rhs]), ...cells];
	const start = new Fraction(BigInt(t.kernel.denominator));
	const common = numbers.reduce((all, value) => all.lcm(new Fraction(value.d)), start);
	if (common.equals(1)) return shown;
	const whole = (cell: BoardCell) => times(cell, common);
	return {
		...shown,
		rows: shown.rows.map((row) => ({
			...row,
			entries: row.entries.map((value) => value.mul(common)),
			rhs: row.rhs.mul(common)
		})),
		goals: shown.goals.map((goal) => ({
			...goal,
			cells: goal.cells.map(whole),
			value: whole(goal.value),
			own: goal.own.mul(common)
		})),
		costs: shown.costs && { ...shown.costs, z: shown.costs.z.map(whole) },
		common
	};
}

/** −1, 0 or 1 for a number with M: the coefficient of M decides before the number does. */
export function signOf({ plain, m }: BoardCell): -1 | 0 | 1 {
	const deciding = m && !isZero(m) ? m : plain;
	return isZero(deciding) ? 0 : deciding.s < 0n ? -1 : 1;
}

/** A number with M in pieces, in the order in which they are written. */
export type NumberPiece = Rational | 'M' | '−' | ' − ' | ' + ';

/** The pieces of a number with M: `3 − 2M`, `−M`; of one without, the number alone. */
export function numberPieces({ plain, m }: BoardCell): readonly NumberPiece[] {
	if (!m || isZero(m)) return [plain];
	const size = m.abs().equals(ONE) ? [] : [m.abs()];
	if (isZero(plain)) return m.s < 0n ? ['−', ...size, 'M'] : [...size, 'M'];
	return [plain, m.s < 0n ? ' − ' : ' + ', ...size, 'M'];
}
