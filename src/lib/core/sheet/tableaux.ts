import { en } from '../language/language';
import { labelOf } from '../move/kinds';
import type { Choice } from '../method/types';
import type { Naming } from '../move/types';
import { addressText, board, numberPieces, rowKey, type Board, type BoardCell } from '../notation/board';
import { boardEquations } from '../notation/equations';
import { boardLines, shownCell, withPivotRatios, type Content, type BoardLine } from '../notation/lines';
import type { Notation } from '../notation/notation';
import { pivotMade } from '../move/pivot';
import { parseRational } from '../number/rational';
import { say, type Sentence } from '../sentence/sentence';
import { writtenOperation } from '../commentary/words/operations';
import { namedRows } from '../question/cells';
import { rowOperations } from '../tableau/operations';
import type { TableauJson } from '../tableau/written';
import type { Tableau } from '../tableau/tableau';
import type { SheetStep } from './steps';
import type { Fill } from './presets';
import type { SheetPart } from './types';

/** Tableaux on paper: whole, with blanks, or as an empty grid. */

const NOTHING: Content = { kind: 'nothing' };

/**
 * Lines without their numbers; as an empty grid also without the names of the basis. What is blank holds nothing.
 * @param row the row that was pivoted in, by its key: what is blank where only that row is
 * @param cells addresses of what is blank where single cells are
 */
export const blankLines = (
	lines: readonly BoardLine[],
	fill: Fill,
	row: string | null | undefined = null,
	cells: ReadonlySet<string> = new Set()
): BoardLine[] =>
	lines.map((line) => {
		if (fill === 'answers' || line.kind === 'head' || line.kind === 'costs') return line;
		const isBlank = ({ address }: BoardLine['cells'][number]): boolean => {
			if (fill === 'pivot-row') return line.key === row;
			if (fill === 'rhs' || fill === 'ratios') return address?.column === (fill === 'rhs' ? 'rhs' : 'ratio');
			return fill !== 'cells' || (address !== null && cells.has(addressText(address)));
		};
		return {
			...line,
			name: fill === 'grid' && line.kind === 'row' ? NOTHING : line.name,
			cells: line.cells.map((cell) =>
				isBlank(cell) ? { ...cell, content: NOTHING, improving: false, unit: false } : cell
			)
		};
	});

/** A cell of a tableau of a run, by the tableau's number and the address. */
export const cellOnSheet = (number: number, address: string): string => `${number} ${address}`;

/** The addresses of the cells of one tableau of a run. */
const cellsIn = (cells: readonly string[], number: number): ReadonlySet<string> => {
	const start = cellOnSheet(number, '');
	return new Set(cells.flatMap((cell) => (cell.startsWith(start) ? [cell.slice(start.length)] : [])));
};

/** A dictionary's equations: `x = 3 − y`; null where they are left blank. */
const equationsOf = (shown: Board, fill: Fill): [string, Sentence | null][] =>
	boardEquations(shown).map(({ kind, name, constant, terms }) => [
		fill === 'grid' && kind === 'row' ? '' : name,
		// no cells are chosen in equations
		fill !== 'answers' && fill !== 'cells'
			? null
			: [
					...boardNumber(constant.number),
					...terms.flatMap(({ sign: of, size, column }) =>
						of === 0 ? [] : say` ${of < 0 ? '−' : '+'} ${size ? say`${inTerm(size)} ` : []}${column.column}`
					)
				]
	]);

/** A number as it stands before a name: with M in brackets. */
const inTerm = (size: BoardCell): Sentence => (size.m ? say`(${boardNumber(size)})` : boardNumber(size));

/** A number of the board in a sentence: `3`, `3 − 2M`. */
const boardNumber = (cell: BoardCell): Sentence => numberPieces(cell).flatMap((piece) => say`${piece}`);

/** How a tableau is printed, where that is not whole and by itself. */
interface Printed {
	readonly caption?: Sentence;
	readonly fill?: Fill;
	/** the address of the entry that is pivoted on next, where that is told */
	readonly pivot?: string | null;
	/** what was done to the rows to come here */
	readonly operations?: readonly Sentence[];
	/** the row that was pivoted in, by its key: what is blank where only that row is */
	readonly row?: string | null;
	/** its number, and what is blank of it where single cells are */
	readonly cells?: { readonly number: number; readonly open: ReadonlySet<string> };
	/** the pivot whose ratios stand beside */
	readonly compared?: Choice | null;
}

/** One tableau. */
export function tableauPart(t: Tableau, notation: Notation, printed: Printed = {}): SheetPart {
	const { caption = [], fill = 'answers', pivot = null, operations = [], row, cells, compared } = printed;
	const shown = board(t, notation);
	if (notation.layout === 'dictionary')
		return { kind: 'dictionary', caption, equations: equationsOf(shown, fill) };
	return {
		kind: 'tableau',
		caption,
		lines: blankLines(withPivotRatios(t, boardLines(shown, notation), compared), fill, row, cells?.open),
		pivot,
		operations,
		...(cells ? { number: cells.number } : {})
	};
}

/** The row operations by which a tableau came about. */
export function operationsOf(
	before: Tableau,
	after: Tableau,
	{ move }: SheetStep,
	notation: Notation
): Sentence[] {
	const choice = pivotMade(before, move);
	if (!choice || notation.layout === 'dictionary') return [];
	const all = rowOperations(before, after, choice.row, choice.slot);
	const written = all.map((own) => writtenOperation(own, all, notation, before.form.problem.objective));
	// what is done to both parts of a row with M is written once
	const parts = written.filter(({ part }) => part !== null);
	return written.filter((own) => own.part === null || own === parts[0]).map(({ formula }) => formula);
}

/** The address of the entry that the next step pivots on; null where it does not pivot. */
export function pivotOf(t: Tableau, next: SheetStep | undefined): string | null {
	const choice = pivotMade(t, next?.move);
	return choice && addressText({ row: rowKey(t, choice.row), column: t.form.columns[choice.entering].id });
}

const SINGLE: readonly Fill[] = ['cells', 'ratios'];

/**
 * The tableaux of a run, one after the other.
 * @param fill `answers`: all; else the first whole, then without numbers (`blanks`), without names of the basis, too (`grid`), without those of the row that was
 * pivoted in (`pivot-row`), without right-hand sides (`rhs`), without the ratios of the next pivot (`ratios`) or without single cells of any tableau (`cells`)
 * @param cells what is left blank then: number of the tableau and address, see cellOnSheet
 */
export function runParts(
	steps: readonly SheetStep[],
	notation: Notation,
	naming: (t: Tableau) => Naming,
	fill: Exclude<Fill, 'none'>,
	cells: readonly string[] = []
): SheetPart[] {
	let number = 0;
	return steps.flatMap((step, i): SheetPart[] => {
		const t = step.position.work?.tableau;
		if (!t) return [];
		number += 1;
		const before = steps[i - 1]?.position.work?.tableau;
		// a fill that leaves out single things leaves them out of the first tableau, too
		const own = number === 1 && !SINGLE.includes(fill) ? 'answers' : fill;
		const isTold = (own === 'answers' || own === 'ratios') && step.move;
		const made = before ? pivotMade(before, step.move) : null;
		const comparesRatios =
			fill === 'ratios' || (notation.ratios === 'shown' && (fill === 'answers' || fill === 'cells'));
		const part = tableauPart(t, notation, {
			caption: isTold ? say`Tableau ${number}: ${labelOf(step.move!, naming(t))}` : say`Tableau ${number}`,
			fill: own,
			pivot: fill === 'answers' ? pivotOf(t, steps[i + 1]) : null,
			operations: isTold && before ? operationsOf(before, t, step, notation) : [],
			row: made && rowKey(t, made.row),
			...(fill === 'cells' ? { cells: { number, open: cellsIn(cells, number) } } : {}),
			compared: comparesRatios ? pivotMade(t, steps[i + 1]?.move) : null
		});
		return [part];
	});
}

/** The tableau of a question, as its kind of tableau is written: rows by basic variable, the objective last. */
export function questionTableau(t: TableauJson, caption: Sentence, fill: Fill = 'answers'): SheetPart {
	const cell = (row: string, column: string, value: string) =>
		shownCell({ kind: 'number', cell: { plain: parseRational(value), m: null } }, { row, column });
	const names = t.columns.map((text): Content => ({ kind: 'name', text }));
	const head: BoardLine = {
		kind: 'head',
		key: '',
		name: NOTHING,
		cells: [...names, { kind: 'word', text: en`rhs` } as const].map((content) => shownCell(content)),
		row: null,
		goal: null
	};
	const rows = namedRows(t).map(({ name, entries, rhs, isGoal }): BoardLine => ({
		kind: isGoal ? 'goal' : 'row',
		key: name,
		name: { kind: 'name', text: name },
		cells: [...entries.map((value, j) => cell(name, t.columns[j], value)), cell(name, 'rhs', rhs)],
		row: null,
		goal: null
	}));
	return { kind: 'tableau', caption, lines: blankLines([head, ...rows], fill), pivot: null, operations: [] };
}
