import { en } from '../language/language';
import { isZero, sign, ZERO, type Rational } from '../number/rational';
import { ratios } from '../tableau/ratio';
import { rhs, type Tableau } from '../tableau/tableau';
import {
	isCovered,
	numberPieces,
	rowKey,
	type Across,
	type Address,
	type Board,
	type BoardCell,
	type BoardColumn,
	type BoardGoal,
	type BoardRow
} from './board';
import type { Notation } from './notation';

/** A written tableau line by line, each cell with its address: screens, exports, sheets and questions only lay it out. */

/** What stands in a place of a written tableau. */
export type Content =
	| { readonly kind: 'nothing' }
	| { readonly kind: 'name'; readonly text: string }
	| { readonly kind: 'word'; readonly text: string }
	| { readonly kind: 'number'; readonly cell: BoardCell }
	/** the denominator of all numbers of the tableau */
	| { readonly kind: 'divisor'; readonly value: Rational };

/** A place of a line beside its name. */
export interface LineCell {
	/** null for names, and for coefficients around an extended tableau */
	readonly address: Address | null;
	/** in which column it stands */
	readonly place: Across['kind'] | 'ratio';
	/** the variable's column, where it stands in one */
	readonly column: BoardColumn | null;
	readonly content: Content;
	/** its number is not to be seen */
	readonly covered: boolean;
	/** it stands in the column of a basic variable */
	readonly unit: boolean;
	/** its variable improves the objective row that the line is about */
	readonly improving: boolean;
}

/** `costs`: coefficients above the names; `head`: the names; `z`: the row z of an extended tableau. */
export interface BoardLine {
	readonly kind: 'costs' | 'head' | 'row' | 'z' | 'goal';
	/** its part of an address, empty for names and coefficients */
	readonly key: string;
	readonly name: Content;
	readonly cells: readonly LineCell[];
	/** the row, or the objective row, that it writes */
	readonly row: BoardRow | null;
	readonly goal: BoardGoal | null;
}

/** A cell that only shows something: it can neither be covered nor improve. */
export const shownCell = (
	content: Content,
	address: Address | null = null,
	place: LineCell['place'] = 'entry'
): LineCell => ({
	address,
	place,
	column: null,
	content,
	covered: false,
	unit: false,
	improving: false
});

const NOTHING: Content = { kind: 'nothing' };
const named = (text: string): Content => (text ? { kind: 'name', text } : NOTHING);
const plain = (value: Rational): Content => ({ kind: 'number', cell: { plain: value, m: null } });
const numbered = (cell: BoardCell): Content => ({ kind: 'number', cell });

/** What a line says in its places. */
interface Parts {
	readonly entries: readonly Content[];
	readonly rhs: Content;
	readonly own: Content;
	readonly improving?: readonly boolean[];
	readonly row?: BoardRow;
	readonly goal?: BoardGoal;
}

/**
 * The lines of a board from top to bottom, as its notation has them.
 * @param shown any board but a dictionary's, which is written as equations
 */
export function boardLines(shown: Board, notation: Notation): BoardLine[] {
	const line = (kind: BoardLine['kind'], key: string, name: Content, parts: Parts): BoardLine => ({
		kind,
		key,
		name,
		row: parts.row ?? null,
		goal: parts.goal ?? null,
		cells: shown.across.map((place): LineCell => {
			const entry = place.kind === 'entry';
			return {
				place: place.kind,
				column: entry ? shown.columns[place.at] : null,
				address:
					kind === 'row' || kind === 'goal' || kind === 'z' ? { row: key, column: place.column } : null,
				content: entry ? parts.entries[place.at] : place.kind === 'rhs' ? parts.rhs : parts.own,
				covered: key !== '' && isCovered(shown, key, place.column),
				unit: entry && shown.columns[place.at].basic,
				improving: entry && (parts.improving?.[place.at] ?? false)
			};
		})
	});
	const objective = shown.goals.find(({ goal }) => goal.kind === 'objective');
	const around = (cells: readonly BoardCell[]): Parts => ({
		entries: cells.map(numbered),
		rhs: NOTHING,
		own: NOTHING
	});
	const head = line('head', '', shown.common ? { kind: 'divisor', value: shown.common } : NOTHING, {
		entries: shown.columns.map(({ name }) => named(name)),
		rhs: { kind: 'word', text: en`rhs` },
		own: named(objective?.name ?? '')
	});
	const rows = shown.rows.map((row) =>
		line('row', row.key, notation.basis === 'named' ? named(row.name) : NOTHING, {
			entries: row.entries.map(plain),
			rhs: plain(row.rhs),
			own: plain(ZERO),
			row
		})
	);
	const goals = shown.goals.map((goal) =>
		line('goal', goal.goal.kind, named(goal.name), {
			entries: goal.cells.map(numbered),
			rhs: numbered(goal.value),
			own: plain(goal.own),
			improving: goal.improving,
			goal
		})
	);
	const { costs } = shown;
	const above = costs ? [line('costs', '', named('c'), around(costs.above))] : [];
	// with its coefficients above, the row z says what the objective row says
	const z = costs ? [line('z', costs.goal.kind, named('z'), around(costs.z))] : [];
	const blocks = { rows, goals: [...z, ...goals] };
	return [...above, head, ...shown.down.flatMap((block) => blocks[block])];
}

/**
 * A tableau with the ratios that are compared as a last column.
 * @param values the ratios by the keys of rows; null, or left out, where a row sets no limit
 */
export const withRatios = (
	lines: readonly BoardLine[],
	values: ReadonlyMap<string, Rational | null>
): BoardLine[] =>
	lines.map((line) => {
		const value = line.kind === 'row' ? values.get(line.key) : null;
		const content: Content =
			line.kind === 'head'
				? { kind: 'word', text: en`ratio` }
				: value
					? plain(value)
					: line.kind === 'row'
						? { kind: 'word', text: '–' }
						: NOTHING;
		const address = line.kind === 'row' ? { row: line.key, column: 'ratio' } : null;
		return { ...line, cells: [...line.cells, shownCell(content, address, 'ratio')] };
	});

/** A tableau's lines with the ratios of the column that is pivoted in; without them where the pivot is chosen by row, as in the dual simplex method. */
export function withPivotRatios(
	t: Tableau,
	lines: readonly BoardLine[],
	pivot: { readonly row: number; readonly slot: number } | null | undefined
): BoardLine[] {
	if (!pivot || sign(rhs(t, pivot.row)) < 0) return [...lines];
	return withRatios(lines, new Map(ratios(t, pivot.slot).map(({ row, value }) => [rowKey(t, row), value])));
}

/**
 * A tableau without the columns of basic variables, which say no more than its row names do.
 * @returns null where they say more: rows without names, blanks, coefficients above, or a basic column with other entries than a 1 and zeros
 */
export function withoutUnits(lines: readonly BoardLine[]): BoardLine[] | null {
	const isNamed = (line: BoardLine) => line.kind !== 'row' || line.name.kind === 'name';
	if (lines.some((line) => line.kind === 'costs' || line.kind === 'z' || !isNamed(line))) return null;
	const units = (lines[0]?.cells ?? []).flatMap(({ unit }, j) => (unit ? [j] : []));
	if (units.length === 0) return null;
	const says = ({ cells }: BoardLine, j: number): 0 | 1 | null => {
		const { content } = cells[j];
		if (content.kind !== 'number' || (content.cell.m && !isZero(content.cell.m))) return null;
		return isZero(content.cell.plain) ? 0 : content.cell.plain.equals(1) ? 1 : null;
	};
	const body = lines.filter(({ kind }) => kind !== 'head');
	const isUnit = (j: number) => {
		const { content: head } = lines.find(({ kind }) => kind === 'head')!.cells[j];
		return body.every((line) => {
			const isOwn =
				line.name.kind === 'name' &&
				head.kind === 'name' &&
				line.kind === 'row' &&
				line.name.text === head.text;
			return says(line, j) === (isOwn ? 1 : 0);
		});
	};
	if (!units.every(isUnit)) return null;
	const left = new Set(units);
	return lines.map((line) => ({ ...line, cells: line.cells.filter((_, j) => !left.has(j)) }));
}

/** How numbers and names are written in a format. */
export interface Writing {
	number(value: Rational): string;
	name(text: string): string;
	/** a word such as rhs */
	word(text: string): string;
	/** a minus sign as numbers have it, and big M */
	readonly minus: string;
	readonly m: string;
}

/** What stands in a place as a format writes it; a number with M as `p + qM`. */
export function contentText(content: Content, { number, name, word, minus, m: big }: Writing): string {
	switch (content.kind) {
		case 'nothing':
			return '';
		case 'name':
			return name(content.text);
		case 'word':
			return word(content.text);
		case 'divisor':
			return `/ ${number(content.value)}`;
		case 'number':
			return numberPieces(content.cell)
				.map((piece) =>
					typeof piece !== 'string' ? number(piece) : piece === 'M' ? big : piece.replace('−', minus)
				)
				.join('');
	}
}
