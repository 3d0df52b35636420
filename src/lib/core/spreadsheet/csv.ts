import { en } from '../language/language';
import { dsvFormat } from 'd3-dsv';
import { csvText, plainCell } from './csv-cells';
import { NumberError, ONE, parseRational, toText, ZERO, type Rational } from '../number/rational';
import { InputError } from '../problem/json';
import {
	withoutZeros,
	type Constraint,
	type Domain,
	type Problem,
	type Relation,
	type Sense,
	type Variable
} from '../problem/types';
import { NameBook } from '../problem/foreign-names';
import { RELATION_SIGNS } from '../problem/relation';

/**
 * The technology table with heads: activities across, resources down. The first row has the names of the activities between `name`
 * and `relation`, `amount`, `unit`; then the objective, the resources, and rows for units, bounds and domains.
 */

/** Relations as cells have them. */
export const RELATIONS: Record<string, Relation> = {
	'<=': '<=',
	'=<': '<=',
	'≤': '<=',
	'⩽': '<=',
	'>=': '>=',
	'=>': '>=',
	'≥': '>=',
	'⩾': '>=',
	'=': '='
};
const DOMAINS: readonly Domain[] = ['continuous', 'integer', 'binary'];
/** rows that say something of the activities themselves */
const ABOUT = ['unit of activity', 'lower', 'upper', 'domain'] as const;

/** Writes the table; what it cannot hold is added to the notes. */
export function writeCsv(
	{ title, story, variables, objective, constraints }: Problem,
	notes: string[]
): string {
	if (title || story) notes.push(en`Title and story are not kept.`);
	const use = (terms: ReadonlyMap<string, Rational>) =>
		variables.map(({ name }) => toText(terms.get(name) ?? ZERO));
	const constant = objective.constant.n === 0n ? '' : toText(objective.constant);
	const rows = [
		['name', ...variables.map(({ name }) => name), 'relation', 'amount', 'unit'],
		[`${objective.sense} ${objective.name}`, ...use(objective.terms), '', constant, objective.unit ?? ''],
		...constraints.map((row) => [
			row.name,
			...use(row.terms),
			RELATION_SIGNS[row.relation],
			toText(row.rhs),
			row.unit ?? ''
		])
	];
	const about = (head: (typeof ABOUT)[number], of: (variable: Variable) => string) =>
		rows.push([head, ...variables.map(of), '', '', '']);
	if (variables.some(({ unit }) => unit)) about('unit of activity', ({ unit }) => unit ?? '');
	const bound = (value: Rational | null) => (value ? toText(value) : 'none');
	if (variables.some(({ lower }) => !lower || lower.n !== 0n)) about('lower', ({ lower }) => bound(lower));
	if (variables.some(({ upper }) => upper)) about('upper', ({ upper }) => bound(upper));
	if (variables.some(({ domain }) => domain !== 'continuous')) about('domain', ({ domain }) => domain);
	return csvText(rows, notes);
}

/** The sign between cells: the one that the first line has most of. */
function separator(text: string): string {
	const [first = ''] = text.split('\n', 1);
	const count = (sign: string) => first.split(sign).length;
	return ['\t', ';', ','].reduce((a, b) => (count(b) > count(a) ? b : a));
}

/** Whether the numbers in some cells show that a comma is the decimal mark: `2,5` and `0,125` do, `3,600` alone does not. */
export const hasDecimalCommas = (cells: readonly string[]): boolean =>
	cells.some((cell) => /^\s*[-+]?(?:\d+,(?:\d{1,2}|\d{4,})|0,\d+)\s*$/.test(cell)) &&
	!cells.some((cell) => /^\s*[-+]?\d+\.\d+\s*$/.test(cell));

/** Thousands with commas between them. */
const THOUSANDS = /^[-+]?\d{1,3}(?:,\d{3})+(?:\.\d+)?$/;

/** Whether a row says something of the activities themselves, by its head. */
export const isAboutActivities = (head: string): boolean =>
	ABOUT.some((about) => about === head.trim().toLowerCase());

/** Raised for a cell that cannot be read; row and column count from 0. */
export class CellFault extends InputError {
	constructor(
		readonly row: number,
		readonly column: number,
		readonly why: string
	) {
		super([{ path: 'content', message: en`row ${row + 1}, column ${column + 1}: ${why}` }]);
	}
}

class TableReader {
	private readonly comma: boolean;

	/** @param comma whether a comma is the decimal mark; left out, the cells show it */
	constructor(
		private readonly rows: readonly (readonly string[])[],
		private readonly notes: string[],
		comma?: boolean
	) {
		// a comma inside a cell is a decimal mark: as separator it would not be there any more
		const cells = rows.flat();
		this.comma = comma ?? hasDecimalCommas(cells);
		if (this.comma && comma === undefined) notes.push(en`A comma is read as the decimal mark.`);
	}

	private fail(row: number, column: number, message: string): never {
		throw new CellFault(row, column, message);
	}

	private number(row: number, column: number, otherwise: Rational): Rational {
		const cell = (this.rows[row][column] ?? '').trim().replace(/[−–]/g, '-');
		if (cell === '') return otherwise;
		const isThousands = !this.comma && THOUSANDS.test(cell);
		if (isThousands) {
			const note = en`A comma before three digits is read as a mark of thousands: 3,600 is 3600.`;
			if (!this.notes.includes(note)) this.notes.push(note);
		}
		try {
			return parseRational(
				this.comma ? cell.replace(',', '.') : isThousands ? cell.replaceAll(',', '') : cell
			);
		} catch (error) {
			if (error instanceof NumberError) this.fail(row, column, `“${cell.slice(0, 40)}” ${error.message}`);
			throw error;
		}
	}

	read(): Problem {
		const { rows, notes } = this;
		const head = (rows[0] ?? []).map((cell) => cell.trim());
		const at = head.findIndex((cell) => cell.toLowerCase() === 'relation');
		if (at < 1)
			this.fail(0, 0, en`the first row has the names of the activities, then “relation” and “amount”`);
		const book = new NameBook('variable', notes);
		const names = head
			.slice(1, at)
			.map((cell, i) => (cell ? book.of(cell) : this.fail(0, i + 1, en`an activity needs a name`)));
		const variables: Variable[] = names.map((name) => ({
			name,
			lower: ZERO,
			upper: null,
			domain: 'continuous'
		}));
		const rowBook = new NameBook('constraint', notes);
		const constraints: Constraint[] = [];
		let objective: Problem['objective'] | null = null;
		const terms = (row: number) =>
			withoutZeros(names.map((name, j) => [name, this.number(row, j + 1, ZERO)] as const));
		const unitOf = (row: number) => {
			const unit = (rows[row][at + 2] ?? '').trim();
			return unit ? { unit } : {};
		};
		for (let i = 1; i < rows.length; i++) {
			const first = (rows[i][0] ?? '').trim();
			// a row with a relation is a constraint, whatever its name
			const isGoal = !(rows[i][at] ?? '').trim();
			const goal = isGoal ? (/^(max|min)\S*\s+(.+)$/i.exec(first) ?? /^(max|min)\S*$/i.exec(first)) : null;
			if (rows[i].every((cell) => !cell.trim())) continue;
			if (isAboutActivities(first)) this.about(i, first.toLowerCase(), variables);
			else if (goal) {
				if (objective) this.fail(i, 0, en`this is a second objective`);
				const sense = goal[1].toLowerCase() as Sense;
				const name = new NameBook('objective', notes).of(goal[2] ?? 'z');
				objective = { sense, name, ...unitOf(i), terms: terms(i), constant: this.number(i, at + 1, ZERO) };
			} else {
				const sign = (rows[i][at] ?? '').trim();
				const relation =
					RELATIONS[sign] ?? this.fail(i, at, en`“${sign.slice(0, 20)}” is no relation; ≤, ≥ and = are`);
				const name = rowBook.of(first || `r${constraints.length + 1}`);
				constraints.push({
					name,
					...unitOf(i),
					terms: terms(i),
					relation,
					rhs: this.number(i, at + 1, ZERO)
				});
			}
		}
		if (!objective) this.fail(0, 0, en`no row begins with max or min`);
		return { variables, objective, constraints };
	}

	private about(row: number, head: string, variables: Variable[]): void {
		variables.forEach((variable, j) => {
			const cell = (this.rows[row][j + 1] ?? '').trim();
			if (cell === '') return;
			const none = /^(none|-|−|∞|-∞|−∞)$/i.test(cell);
			if (head === 'lower')
				variables[j] = { ...variable, lower: none ? null : this.number(row, j + 1, ZERO) };
			else if (head === 'upper')
				variables[j] = { ...variable, upper: none ? null : this.number(row, j + 1, ONE) };
			else if (head === 'domain') {
				const domain = DOMAINS.find((own) => own === cell.toLowerCase());
				if (!domain)
					this.fail(row, j + 1, en`“${cell.slice(0, 20)}” is no domain; ${DOMAINS.join(', ')} are`);
				variables[j] = { ...variable, domain };
			} else variables[j] = { ...variable, unit: cell.slice(0, 60) };
		});
	}
}

/**
 * Reads a technology table with heads; cells between commas, semicolons or tabs, a decimal comma where the table shows one.
 * @throws InputError with row and column of the first fault
 */
export function readCsv(text: string, notes: string[]): Problem {
	const rows = dsvFormat(separator(text)).parseRows(text.replace(/^\uFEFF/, ''));
	return readTable(
		rows.map((row) => row.map(plainCell)),
		notes
	);
}

/**
 * Reads a technology table whose cells are known.
 * @param comma whether a comma is the decimal mark; left out, the cells show it
 * @throws CellFault for the first cell at fault
 */
export const readTable = (rows: readonly (readonly string[])[], notes: string[], comma?: boolean): Problem =>
	new TableReader(rows, notes, comma).read();
