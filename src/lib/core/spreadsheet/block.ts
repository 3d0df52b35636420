import { en } from '../language/language';
import { dsvFormat } from 'd3-dsv';
import type { Problem, Relation, Sense } from '../problem/types';
import { amountHead, arranged, GOAL, GOAL_NAMES, isNumber, RESULT, withUnit } from './arrange';
import { transportCells } from './transport';
import { CellFault, hasDecimalCommas, isAboutActivities, readTable, RELATIONS } from './csv';

/** A block of cells as it comes from any spreadsheet, and what it is understood as. */

/** How a block is understood; each can be set otherwise. */
export interface BlockLayout {
	/** what stands between cells; `  ` for two blanks or more */
	readonly separator: '\t' | ';' | ',' | '  ';
	readonly decimalComma: boolean;
	/** activities stand below each other, resources beside each other */
	readonly isTurned: boolean;
	/** the first row names the activities */
	readonly hasHeads: boolean;
	/** the first column names the rows */
	readonly hasNames: boolean;
	/** the row that is the objective; null where none is */
	readonly objective: number | null;
	readonly sense: Sense;
	/** the relation of rows that have none */
	readonly relation: Relation;
	/** what columns are for, by their number, as far as it was said */
	readonly columns: Readonly<Record<number, ColumnRole>>;
	/** whether rows are left out, by their number; totals are, unless it was said */
	readonly leftOut: Readonly<Record<number, boolean>>;
}

/** What a column may be for. */
export const COLUMN_ROLES = [
	'name',
	'activity',
	'relation',
	'amount',
	'second amount',
	'unit',
	'nothing'
] as const;
export type ColumnRole = (typeof COLUMN_ROLES)[number];

export interface BlockReading {
	readonly cells: readonly (readonly string[])[];
	readonly layout: BlockLayout;
	readonly roles: readonly ColumnRole[];
	readonly problem: Problem | null;
	/** the first cell that cannot be read, by row and column of the block; without a place where the block as a whole is at fault */
	readonly fault: {
		readonly row: number | null;
		readonly column: number | null;
		readonly message: string;
	} | null;
	readonly notes: readonly string[];
}

const MAX_CELLS = 60_000;
const MAX_WIDTH = 2_000;
/** what stands above the names of a simplex tableau’s rows */
const BASIS = /^(?:basis|base|basic(?: variables?)?|b\.?v\.?)$/i;
/** The name of a row; what only leads to the rows, such as s.t., is none. */
const calledRow = (name: string): string =>
	/^(?:s\.?\s?t\.?|subject to|such that|constraints?):?$/i.test(name.trim()) ? '' : name.replace(/:$/, '');
const isRelation = (cell: string): boolean => Object.hasOwn(RELATIONS, cell.trim());
const isBlank = (cell: string | undefined): boolean => !cell?.trim();

/** Tabs where there are any; else semicolons where every line has as many; else blanks that make columns; else commas. */
function separatorOf(source: string): BlockLayout['separator'] {
	const text = fromMarkdown(source);
	if (text.includes('\t')) return '\t';
	const lines = text.split('\n').filter((line) => line.trim());
	// a title has none
	const parted = lines.filter((line) => line.includes(';')).length;
	if (parted > 0 && parted + 1 >= lines.length) return ';';
	return lines.length > 1 && lines.every((line) => / {2,}\S/.test(line)) ? '  ' : ',';
}

/** relations as people say them in a cell */
const SAID: Readonly<Record<string, string>> = {
	'at most': '≤',
	'no more than': '≤',
	'up to': '≤',
	maximum: '≤',
	'at least': '≥',
	'no less than': '≥',
	minimum: '≥',
	exactly: '=',
	equals: '=',
	equal: '='
};

/** A cell of the body as it is meant: `$45` and `45 €` are 45, `(3)` is −3, `40 %` is 40/100, `12 h` is 12, a dash alone is nothing, `at most` is ≤. */
export function meantBy(cell: string): string {
	const said = SAID[cell.toLowerCase()];
	if (said) return said;
	if (/^[-−–—]$/.test(cell)) return '';
	const money = /^([-−–]?)\s*[$€£]\s*([\d.,]+)$/.exec(cell) ?? /^([-−–]?)\s*([\d.,]+)\s*[$€£]$/.exec(cell);
	if (money) return `${money[1] ? '-' : ''}${money[2]}`;
	const bracketed = /^\(\s*([\d.,]+)\s*\)$/.exec(cell);
	if (bracketed) return `-${bracketed[1]}`;
	const measured = /^([-+−–]?[\d.,]*\d(?:\/\d+)?)\s*(?:[\p{L}°][\p{L}.°]*(?:\s*(?:\/|per)\s*\p{L}+)?)$/u.exec(
		cell
	);
	if (measured) return measured[1];
	const share = /^(\d+)(?:\.(\d+))?\s*%$/.exec(cell);
	return share ? `${share[1]}${share[2] ?? ''}/1${'0'.repeat(2 + (share[2]?.length ?? 0))}` : cell;
}

/** A table whose cells stand between bars, as in Markdown, as tabbed lines; any other text as it is. */
function fromMarkdown(text: string): string {
	const own = text
		.trim()
		.split('\n')
		.map((line) => line.trim());
	// a bar at both ends of all lines is a border
	const isFramed = own.every((line) => /^\|.*\|$/.test(line));
	const lines = own.map((line) => (isFramed ? line.slice(1, -1) : line).split('|'));
	const [{ length }] = lines;
	if (lines.length < 2 || length < 2 || !lines.every((cells) => cells.length === length)) return text;
	return lines
		.filter((cells) => !cells.every((cell) => /^\s*:?-+:?\s*$/.test(cell)))
		.map((cells) => cells.map((cell) => cell.trim()).join('\t'))
		.join('\n');
}

/** Lines whose cells stand below each other, or apart by two blanks or more, with tabs between their cells. */
function tabbed(text: string): string {
	const lines = text.split('\n');
	const apart = lines.map((line) => line.trim().replace(/ {2,}/g, '\t'));
	const width = lines.reduce((most, line) => Math.max(most, line.length), 0);
	// where a line is that long, nothing stands below anything
	if (width > MAX_WIDTH) return apart.join('\n');
	const isGap = Array.from({ length: width }, (_, at) => lines.every((line) => (line[at] ?? ' ') === ' '));
	// where a column begins: behind two blanks in every line
	const starts = isGap.flatMap((gap, at) =>
		!gap && (at === 0 || (isGap[at - 1] && (at === 1 || isGap[at - 2]))) ? [at] : []
	);
	const cells = apart.reduce((most, line) => Math.max(most, line.split('\t').length), 0);
	if (starts.length < cells) return apart.join('\n');
	return lines
		.map((line) => starts.map((from, i) => line.slice(i === 0 ? 0 : from, starts[i + 1]).trim()).join('\t'))
		.join('\n');
}

/** Whether all cells of a first line but its name are amounts: then it is no head. */
const isAmounts = ([, ...rest]: readonly string[]): boolean =>
	rest.some((cell) => cell.trim()) && rest.every((cell) => isBlank(cell) || isNumber(meantBy(cell.trim())));

function cellsOf(text: string, separator: string): string[][] {
	const lines = fromMarkdown(text.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n'));
	const rows = dsvFormat(separator === '  ' ? '\t' : separator)
		.parseRows(separator === '  ' ? tabbed(lines) : lines)
		.map((row, i) => {
			const isHead = i === 0 && !isAmounts(row);
			return row.map((cell, j) =>
				isHead || (j === 0 && !/\d/.test(cell)) ? cell.trim() : meantBy(cell.trim())
			);
		})
		.filter((row) => row.some((cell) => cell !== ''));
	const width = Math.max(0, ...rows.map((row) => row.findLastIndex((cell) => cell !== '') + 1));
	return rows.map((row) => Array.from({ length: width }, (_, j) => row[j] ?? ''));
}

/** The column in which most cells are relations. */
function relationIn(body: readonly (readonly string[])[], width: number): number | undefined {
	return Array.from({ length: width }, (_, j) => j).find((j) => {
		const filled = body.map((row) => row[j]).filter((cell) => cell !== '');
		return filled.length > 0 && filled.filter(isRelation).length * 2 > filled.length;
	});
}

/** What each column is for, from what stands in it; where nothing shows which column holds the amounts, none does. */
function rolesOf(
	cells: readonly (readonly string[])[],
	{
		hasHeads,
		hasNames,
		objective,
		columns
	}: Pick<BlockLayout, 'hasHeads' | 'hasNames' | 'objective' | 'columns'>,
	relation: number | undefined
): ColumnRole[] {
	const body = hasHeads ? cells.slice(1) : cells;
	const width = cells[0]?.length ?? 0;
	const all = Array.from({ length: width }, (_, j) => j);
	const column = (j: number) => body.map((row) => row[j]).filter((cell) => cell !== '');
	const head = (j: number) => (hasHeads ? cells[0][j] : '');
	const isText = (j: number) =>
		column(j).length > 0 && column(j).every((cell) => !isNumber(cell) && !isRelation(cell));
	const first = hasNames ? 1 : 0;
	// the objective has no amount: a last column of numbers that it leaves empty holds them
	const besides = all.findLast((j) => j >= first && !isText(j));
	const isLeftEmpty =
		besides !== undefined &&
		objective !== null &&
		isBlank(cells[objective]?.[besides]) &&
		column(besides).length > 0;
	const numbers = all.filter((j) => j >= first && !isText(j) && column(j).some(isNumber));
	const amount =
		all.find((j) => columns[j] === 'amount') ??
		all.find((j) => j >= first && amountHead(head(j)) && !isText(j) && columns[j] === undefined) ??
		(relation !== undefined
			? relation + 1
			: isLeftEmpty || (besides !== undefined && head(besides).trim() === 'b')
				? besides
				: undefined);
	// a second column of amounts: at least and at most beside each other
	const second = all.find(
		(j) =>
			amount !== undefined &&
			j > amount &&
			isLimit(head(j)) &&
			isLimit(head(amount)) &&
			isLimit(head(j)) !== isLimit(head(amount))
	);
	// amounts stand behind the coefficients, or before them
	const isFirst = amount !== undefined && numbers.filter((j) => j > amount && j !== second).length > 1;
	return all.map((j): ColumnRole => {
		if (columns[j]) return columns[j];
		if (hasNames && j === 0) return 'name';
		if (j === relation) return 'relation';
		if (j === amount) return 'amount';
		if (j === second) return 'second amount';
		if (/^units?\b/i.test(head(j))) return 'unit';
		if (RESULT.test(head(j)) && j >= first) return 'nothing';
		if (amount !== undefined && j > amount && !isFirst)
			return j === amount + 1 && isText(j) ? 'unit' : 'nothing';
		return isText(j) && j >= first ? 'nothing' : 'activity';
	});
}

/** at least or at most, where a head says it */
const isLimit = (head: string): Relation | null => {
	const says = amountHead(head);
	return says === 'any' ? null : says;
};

/** How a block is probably meant. */
function guess(
	text: string,
	given: Partial<BlockLayout>
): { cells: string[][]; layout: BlockLayout; roles: ColumnRole[]; notes: readonly string[] } {
	const separator = given.separator ?? separatorOf(text);
	const plain = cellsOf(text, separator);
	const ways = given.isTurned === undefined ? transportCells(plain) : null;
	const { cells, isTurned, notes } = ways
		? {
				cells: ways,
				isTurned: false,
				notes: [
					en`This is read as a table of transport costs: each way from a source to a destination is an activity, sources send at most what they have, and destinations get at least what they need.`
				]
			}
		: arranged(plain, given.isTurned);
	const columns = given.columns ?? {};
	const inner = (rows: readonly (readonly string[])[]) => rows.flatMap((row) => row.slice(1));
	const hasHeads =
		given.hasHeads ??
		(cells.length > 1 &&
			inner(cells.slice(0, 1))
				.filter((cell) => cell !== '')
				.every((cell) => !isNumber(cell) && !isRelation(cell)));
	const body = hasHeads ? cells.slice(1) : cells;
	const hasNames = given.hasNames ?? (body.length > 0 && body.every((row) => !isNumber(row[0])));
	const decimalComma = given.decimalComma ?? (separator !== ',' && hasDecimalCommas(body.flat()));
	const said = Object.keys(columns).find((j) => columns[Number(j)] === 'relation');
	const relationAt = said === undefined ? relationIn(body, cells[0]?.length ?? 0) : Number(said);
	const start = hasHeads ? 1 : 0;
	const rows = cells.map((row, i) => ({ row, i })).slice(start);
	// a row called maximum limits the activities where another is the objective
	const isLimits = (row: readonly string[]) => /^(?:max|min)(?:imum)?\.?$/i.test(row[0].trim());
	const goal =
		(hasNames &&
			(rows.find(({ row }) => GOAL.test(row[0]) && !isLimits(row)) ??
				rows.find(({ row }) => GOAL_NAMES.test(row[0])) ??
				rows.find(({ row }) => GOAL.test(row[0])))) ||
		(relationAt !== undefined && rows.find(({ row }) => isBlank(row[relationAt])));
	const objective = given.objective !== undefined ? given.objective : goal ? goal.i : null;
	const called = objective === null || !hasNames ? '' : (cells[objective]?.[0] ?? '');
	const sense = given.sense ?? senseOf(called);
	const totals = rows.flatMap(({ row, i }) =>
		hasNames && i !== objective && RESULT.test(row[0]) ? [[i, true]] : []
	);
	const isTableau = hasHeads && BASIS.test(cells[0][0].trim());
	const layout: BlockLayout = {
		separator,
		decimalComma,
		isTurned,
		hasHeads,
		hasNames,
		objective,
		sense,
		relation: given.relation ?? (isTableau ? '=' : '<='),
		columns,
		leftOut: { ...(Object.fromEntries(totals) as Record<number, boolean>), ...given.leftOut }
	};
	const told = isTableau
		? [
				...notes,
				en`The first column looks like the basis of a tableau, so its rows are read as equations. Check the signs of the objective.`
			]
		: notes;
	return { cells, layout, roles: rolesOf(cells, layout, relationAt), notes: told };
}

const SENSE_BEHIND = /\s*[([]\s*(max|min)[a-z]*\.?\s*[)\]]\s*$/i;

/** What an objective's first cell says to do: `min cost`, `profit (max)`; costs are kept small. */
function senseOf(cell: string): Sense {
	const behind = SENSE_BEHIND.exec(cell)?.[1];
	return /^min/i.test(behind ?? cell) || (!behind && /^(?:unit |total )?costs?\b/i.test(cell))
		? 'min'
		: 'max';
}

/** The words of an objective's first cell as `max name`. */
function goalName(cell: string, sense: Sense): string {
	const name = cell
		.replace(SENSE_BEHIND, '')
		.replace(/^(?:max|min)[a-z]*[.:]?\s*/i, '')
		.replace(/\s*=?\s*$/, '');
	return `${sense} ${name || 'z'}`;
}

/**
 * Reads a block of cells as a problem.
 * @param given how it is to be understood, as far as that was said; the rest is seen from the cells
 */
export function readBlock(text: string, given: Partial<BlockLayout> = {}): BlockReading {
	const { cells, layout, roles, notes: arrangement } = guess(text, given);
	const nothing = { cells, layout, roles, problem: null, notes: [] };
	const wrong = (message: string, row: number | null = null, column: number | null = null): BlockReading => ({
		...nothing,
		fault: { row, column, message }
	});
	if (cells.length === 0) return wrong(en`There are no cells yet.`);
	if (cells.length * roles.length > MAX_CELLS)
		return wrong(en`These are more cells than a problem may have.`);
	const at = (role: ColumnRole) => roles.flatMap((own, j) => (own === role ? [j] : []));
	const activities = at('activity');
	const [[name], [relation], [amount], [unit], [second]] = [
		at('name'),
		at('relation'),
		at('amount'),
		at('unit'),
		at('second amount')
	];
	if (activities.length === 0) return wrong(en`No column is left for an activity.`);
	if (layout.objective === null) return wrong(en`No row is the objective. Choose which one is.`);
	if (amount === undefined)
		return wrong(en`Nothing shows which column holds the amounts. Choose it above the cells.`);
	const heads = activities.map((j, k) => withUnit((layout.hasHeads && cells[0][j]) || `x${k + 1}`));
	const twice = heads.findIndex(({ name: own }, k) => heads.some((other, l) => l < k && other.name === own));
	if (twice >= 0)
		return wrong(
			en`Two columns are called “${heads[twice].name}”. Give one of them another name in the cells above, or leave it out.`,
			layout.hasHeads ? 0 : null,
			activities[twice]
		);
	const head = ['name', ...heads.map(({ name: own }) => own), 'relation', 'amount', 'unit'];
	const lines = cells
		.map((row, i) => ({ row, i }))
		.slice(layout.hasHeads ? 1 : 0)
		.filter(({ i }) => !layout.leftOut[i] || i === layout.objective);
	const notes = [...arrangement];
	/** bounds of the activities, where a row has no amount and its name says so */
	const aboutOf = (row: readonly string[]): string | null => {
		if (name === undefined) return null;
		if (isAboutActivities(row[name])) return row[name];
		const says = isBlank(row[amount]) && isBlank(row[relation ?? -1]) ? isLimit(row[name]) : null;
		return says === null ? null : says === '<=' ? 'upper' : 'lower';
	};
	const headOf = (j: number | undefined) =>
		j !== undefined && layout.hasHeads ? isLimit(cells[0][j]) : null;
	const blank = lines.find(
		({ row, i }) =>
			i !== layout.objective &&
			!aboutOf(row) &&
			isBlank(row[amount]) &&
			(second === undefined || isBlank(row[second])) &&
			row.some((cell, j) => j !== name && !isBlank(cell))
	);
	if (blank)
		return wrong(en`This row has no amount. Type it, 0 if it is 0, or leave the row out.`, blank.i, amount);
	const named = new Set<string>();
	for (const { row, i } of lines) {
		if (name === undefined || i === layout.objective || aboutOf(row)) continue;
		const own = calledRow(withUnit(row[name]).name);
		if (own && named.has(own))
			return wrong(
				en`Two rows are called “${own}”. Give one of them another name in the cells above, or leave it out.`,
				i,
				name
			);
		named.add(own);
	}
	const places: number[] = [];
	const rows = lines.flatMap(({ row, i }): string[][] => {
		const isGoal = i === layout.objective;
		const own = withUnit(name === undefined ? '' : row[name]);
		const about = isGoal ? null : aboutOf(row);
		if (about && name !== undefined && about !== row[name])
			notes.push(
				en`“${row[name]}” is read as ${about === 'upper' ? en`the most` : en`the least`} of each activity.`
			);
		const line = (called: string, sign: string, value: string): string[] => {
			places.push(i);
			return [
				called,
				...activities.map((j) => row[j]),
				sign,
				value,
				unit === undefined || about ? (about ? '' : own.unit) : row[unit] || own.unit
			];
		};
		if (isGoal) return [line(goalName(own.name, layout.sense), '', row[amount] ?? '')];
		if (about) return [line(about, '', '')];
		const called = calledRow(own.name);
		const sign = relation === undefined ? '' : row[relation];
		const limits = [amount, second].flatMap((j) =>
			j === undefined || isBlank(row[j])
				? []
				: [{ sign: sign || headOf(j) || layout.relation, value: row[j] }]
		);
		return limits.map((limit, k) =>
			line(limits.length > 1 && called ? `${called} ${k === 0 ? 'a' : 'b'}` : called, limit.sign, limit.value)
		);
	});
	if (heads.some(({ unit: own }) => own)) {
		places.push(0);
		rows.push(['unit of activity', ...heads.map(({ unit: own }) => own), '', '', '']);
	}
	notes.push(
		...Object.keys(layout.leftOut).flatMap((i) =>
			layout.leftOut[Number(i)] && given.leftOut?.[Number(i)] === undefined
				? [en`Row ${Number(i) + 1} (${cells[Number(i)]?.[0] ?? ''}) is left out: it is a result.`]
				: []
		)
	);
	roles.forEach((role, j) => {
		if (role === 'nothing' && given.columns?.[j] === undefined && cells.some((row) => row[j] !== ''))
			notes.push(
				en`Column ${j + 1}${layout.hasHeads && cells[0][j] ? ` (${cells[0][j]})` : ''} is left out.`
			);
	});
	const limit = headOf(amount);
	if (limit && relation === undefined)
		notes.push(en`“${cells[0][amount]}” is read as ${limit === '<=' ? en`at most` : en`at least`}.`);
	try {
		const problem = readTable([head, ...rows], notes, layout.decimalComma);
		return { cells, layout, roles, problem, fault: null, notes };
	} catch (error) {
		if (!(error instanceof CellFault)) throw error;
		const column = [name, ...activities, relation, amount, unit][error.column];
		const row = error.row === 0 ? (layout.hasHeads ? 0 : null) : (places[error.row - 1] ?? null);
		return { ...nothing, fault: { row, column: column ?? null, message: error.why } };
	}
}

/** Whether pasted cells are a table of their own, with relations in it, and not just numbers for cells that are there. */
export const isWholeTable = (text: string): boolean => {
	const cells = cellsOf(text, separatorOf(text));
	return cells.length > 1 && cells.flat().some(isRelation);
};
