import { en } from '../../language/language';
import { numberPieces } from '../../notation/board';
import { goalFactor, goalName, valueFactor, type Notation } from '../../notation/notation';
import { ONE, sign, ZERO, type Rational } from '../../number/rational';
import type { Objective } from '../../problem/types';
import type { RowOperation } from '../../tableau/operations';
import { OBJECTIVE } from '../../tableau/goal';
import { plainText, say, type Sentence } from '../../sentence/sentence';

/** A line of a row operation: what it is called, and its numbers by the form's columns, the right-hand side last. */
export interface OperationLine {
	readonly name: string;
	readonly cells: readonly Rational[];
}

/** A row operation as a course writes it. */
export interface WrittenOperation {
	readonly formula: Sentence;
	/** the row before, what it is combined with, and last the result */
	readonly lines: readonly OperationLine[];
	/** of a row whose entries hold M, which part of them these lines are; the formula is that of the whole row */
	readonly part: string | null;
	/** how an entry of the result came about, by its index in the lines */
	says(index: number): string;
}

/** What a row is called: R1, R2, or the objective row's name. */
const rowName = (notation: Notation, { place }: RowOperation, objective: Objective): string =>
	'row' in place ? `R${place.row + 1}` : goalName(notation, place.goal, objective);

/**
 * Of an objective row whose entries hold M: which part of it an operation works on, and the multiple of the pivot row that is added to the whole row,
 * as `5 + 3M`; null for other rows, and where M has a row of its own.
 */
function withM(
	{ place }: RowOperation,
	operations: readonly RowOperation[],
	notation: Notation,
	objective: Objective
): { row: string; part: string; size: string; minus: '+' | '−' } | null {
	if ('row' in place || notation.bigM !== 'one-row') return null;
	const of = (kind: 'objective' | 'big-m') => {
		const own = operations.find((other) => 'goal' in other.place && other.place.goal.kind === kind);
		if (!own || !('goal' in own.place)) return null;
		return own.factor.mul(goalFactor(notation, own.place.goal, objective.sense));
	};
	const [p, q] = [of('objective'), of('big-m')];
	if (!q || (place.goal.kind !== 'objective' && place.goal.kind !== 'big-m')) return null;
	// what is taken away where neither part is negative, else what is added
	const isTaken = sign(q) > 0 && (!p || sign(p) >= 0);
	const turned = (value: Rational) => (isTaken ? value : value.neg());
	const size = numberPieces({ plain: p ? turned(p) : ZERO, m: turned(q) })
		.map((piece) => (typeof piece === 'string' ? piece : plainText(say`${piece}`, notation)))
		.join('');
	return {
		row: goalName(notation, OBJECTIVE, objective),
		part: place.goal.kind === 'big-m' ? en`coefficients of M` : en`numbers without M`,
		size,
		minus: isTaken ? '−' : '+'
	};
}

/**
 * Writes a pivot's row operation as the notation has it, with the signs of the objective row that it has there.
 * @param operation one of `operations`
 * @param operations all of the pivot, as `rowOperations` gives them: that of the pivot's row first
 */
export function writtenOperation(
	operation: RowOperation,
	operations: readonly RowOperation[],
	notation: Notation,
	objective: Objective
): WrittenOperation {
	const { place } = operation;
	const [first] = operations;
	const own = 'row' in place ? 1 : goalFactor(notation, place.goal, objective.sense);
	const value = 'row' in place ? 1 : valueFactor(notation, place.goal, objective.sense);
	const last = operation.before.length - 1;
	/** an objective row's numbers as they are written; its value can have another sign than its entries */
	const written = (row: readonly Rational[]) => row.map((cell, j) => cell.mul(j === last ? value : own));
	const shown = (number: Rational) => plainText(say`${number}`, notation);
	/** a number after a sign of arithmetic */
	const inner = (number: Rational) => (sign(number) < 0 ? `(${shown(number)})` : shown(number));
	const mixed = withM(operation, operations, notation, objective);
	const [plain, pivotName] = [operation, first].map((each) => rowName(notation, each, objective));
	const name = mixed?.row ?? plain;
	const part = mixed ? `${mixed.row}, ${mixed.part}` : plain;
	const before = { name: en`${part}, before`, cells: written(operation.before) };
	const after = { name: en`${part}, after`, cells: written(operation.after) };
	const pivot = ONE.div(first.factor);
	const style = notation.operations;

	if (operation.kind === 'divide') {
		const formula = operation.factor.equals(1)
			? say`${name} stays: its pivot is 1`
			: style === 'multiples'
				? say`${name} ← ${inner(operation.factor)} ${name}`
				: say`new ${name} = old ${name} ÷ ${inner(pivot)}`;
		const says = (k: number) =>
			style === 'multiples'
				? `${shown(before.cells[k])} · ${inner(operation.factor)} = ${shown(after.cells[k])}`
				: `${shown(before.cells[k])} ÷ ${inner(pivot)} = ${shown(after.cells[k])}`;
		return { formula, lines: [before, after], part: null, says };
	}
	const factor = operation.factor.mul(own);
	const size = factor.abs();
	const times = mixed ? say`(${mixed.size}) ` : size.equals(1) ? say`` : say`${size} `;
	const minus = mixed ? mixed.minus : sign(factor) < 0 ? '+' : '−';
	/** where the value's cell is written with the other sign than the row's entries, what is added there is, too */
	const turned =
		value === own
			? say``
			: say` (its value is written with the other sign: ${minus === '−' ? '+' : '−'} there)`;
	if (style === 'rectangle') {
		const corner = { name: en`${pivotName}, before`, cells: first.before };
		const says = (k: number) => {
			const multiple = k === last ? operation.factor.mul(value) : factor;
			return `${shown(before.cells[k])} − ${inner(multiple)} · ${inner(corner.cells[k])} ÷ ${inner(pivot)} = ${shown(after.cells[k])}`;
		};
		return {
			formula: say`${name}: old ${minus} ${mixed ? say`(${mixed.size}) · ` : size.equals(1) ? say`` : say`${size} · `}${pivotName}${pivot.equals(1) ? '' : ` ÷ ${inner(pivot)}`}${turned}`,
			lines: [before, corner, after],
			part: mixed?.part ?? null,
			says
		};
	}
	const taken = {
		name: `${shown(factor.neg())} · ${pivotName}`,
		cells: operation.pivotRow.map((cell, j) => cell.mul(operation.factor.mul(j === last ? value : own).neg()))
	};
	const says = (k: number) => {
		const added = taken.cells[k];
		const sum = sign(added) < 0 ? `− ${shown(added.abs())}` : `+ ${shown(added)}`;
		return `${shown(before.cells[k])} ${sum} = ${shown(after.cells[k])}`;
	};
	const formula =
		style === 'multiples'
			? say`${name} ← ${name} ${minus} ${times}${pivotName}${turned}`
			: say`new ${name} = old ${name} ${minus} ${times}new ${pivotName}${turned}`;
	return { formula, lines: [before, taken, after], part: mixed?.part ?? null, says };
}
