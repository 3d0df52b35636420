import { goalFactor, goalName, valueFactor, type Notation } from '../../notation/notation';
import { ONE, sign, type Rational } from '../../number/rational';
import type { Objective } from '../../problem/types';
import type { RowOperation } from '../../tableau/operations';
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
	/** how an entry of the result came about, by its index in the lines */
	says(index: number): string;
}

/** What a row is called: R1, R2, or the objective row's name. */
const rowName = (notation: Notation, { place }: RowOperation, objective: Objective): string =>
	'row' in place ? `R${place.row + 1}` : goalName(notation, place.goal, objective);

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
	const [name, pivotName] = [operation, first].map((each) => rowName(notation, each, objective));
	const before = { name: `${name}, before`, cells: written(operation.before) };
	const after = { name: `${name}, after`, cells: written(operation.after) };
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
		return { formula, lines: [before, after], says };
	}
	const factor = operation.factor.mul(own);
	const size = factor.abs();
	const times = size.equals(1) ? say`` : say`${size} `;
	const minus = sign(factor) < 0 ? '+' : '−';
	/** where the value's cell is written with the other sign than the row's entries, what is added there is, too */
	const turned =
		value === own
			? say``
			: say` (its value is written with the other sign: ${minus === '−' ? '+' : '−'} there)`;
	if (style === 'rectangle') {
		const corner = { name: `${pivotName}, before`, cells: first.before };
		const says = (k: number) => {
			const multiple = k === last ? operation.factor.mul(value) : factor;
			return `${shown(before.cells[k])} − ${inner(multiple)} · ${inner(corner.cells[k])} ÷ ${inner(pivot)} = ${shown(after.cells[k])}`;
		};
		return {
			formula: say`${name}: old ${minus} ${size.equals(1) ? say`` : say`${size} · `}${pivotName}${pivot.equals(1) ? '' : ` ÷ ${inner(pivot)}`}${turned}`,
			lines: [before, corner, after],
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
	return { formula, lines: [before, taken, after], says };
}
