import { en } from '../language/language';

/** A block of cells brought into the order that a table has: titles above and empty columns left out, units taken out of heads, activities across. */

export type Cells = readonly (readonly string[])[];

const isBlank = (cell: string | undefined): boolean => !cell?.trim();
export const isNumber = (cell: string): boolean =>
	/^\s*[-+−–]?(?:\d[\d\s'’]*(?:[.,]\d*)?|[.,]\d+)(?:\/\d+)?\s*$/.test(cell);

/** what the objective's row or column is called */
export const GOAL = /^(?:max|min)(?:imi[sz]e|imum)?(?![\p{L}\p{Nd}_])/iu;
export const GOAL_NAMES =
	/^(?:z|objective|goal|(?:unit |total )?(?:profit|costs?|revenue|contribution|earnings|margin|price|value)s?)\b/i;
/** what a row or column of totals, of a plan, or of what it uses is called: results, and no part of the problem */
export const RESULT =
	/^(?:totals?|sums?|gesamt|summe|somme|suma|used|usage|use|lhs|left[- ]hand side|plan|solution|optimal|optimum|amount made|quantity|decision|slack|left|left over|unused|result|dual|shadow price)\b/i;
const AT_MOST =
	/^(?:at most|max(?:imum|\.)?|available|availability|capacity|supply|stock|limits?|upper(?: bounds?| limits?)?|budget|on hand)\b/i;
const AT_LEAST =
	/^(?:at least|min(?:imum|\.)?|required?|requirements?|requires|demand|needed|needs?|lower(?: bounds?| limits?)?)\b/i;
/** what a column or row of amounts is called, whatever their relation */
const AMOUNT = /^(?:rhs|amounts?|right[- ]hand side|totals? available)$/i;

/** Whether a head says that amounts stand below it; with the relation that it says besides. */
export function amountHead(head: string): '<=' | '>=' | 'any' | null {
	const text = head.trim();
	if (AMOUNT.test(text)) return 'any';
	if (AT_MOST.test(text)) return '<=';
	return AT_LEAST.test(text) ? '>=' : null;
}

const turned = (cells: Cells): string[][] => (cells[0] ?? []).map((_, j) => cells.map((row) => row[j] ?? ''));

const WITH_RELATION = /^([<>]=?|=[<>]?|[≤≥])[ ]*([-−]?[\d.,]+(?:\/\d+)?)$/;

const RELATION_ALONE = /^[<>=≤≥]+$/;

/** Whether activities stand below each other: a column is the objective, a row has the amounts. */
export function isTurned(cells: Cells): boolean {
	const [[, ...heads] = [], ...rows] = cells;
	const isGoal = (text: string) => GOAL_NAMES.test(text) || (GOAL.test(text) && / /.test(text.trim()));
	const goal = heads.findIndex((head) => isGoal(head) || GOAL.test(head));
	if (goal < 0 || rows.some(([name]) => isGoal(name))) return false;
	if (heads.some((head, j) => j !== goal && amountHead(head) !== null)) return false;
	return rows.some(([name, ...own]) => {
		if (isGoal(heads[goal]) && amountHead(name) !== null) return true;
		// what has nothing in the objective's column, and limits elsewhere
		const filled = own.filter((cell) => !isBlank(cell));
		const limits = filled.every((cell) => WITH_RELATION.test(cell) || RELATION_ALONE.test(cell));
		const isAmounts = (/^b?$/i.test(name.trim()) || amountHead(name) !== null) && filled.every(isNumber);
		return isBlank(own[goal]) && filled.length > 0 && (limits || isAmounts);
	});
}

/** A head with its unit apart: `clay (kg)`, `bowls [dozen]`. */
export function withUnit(head: string): { name: string; unit: string } {
	const found = /^(.*?\S)\s*[([]([^()[\]]{1,40})[)\]]$/.exec(head.trim());
	return found && !isNumber(found[2])
		? { name: found[1], unit: found[2].trim() }
		: { name: head.trim(), unit: '' };
}

/** A column of `≤ 10` becomes two: relations, and amounts under its head. */
function withoutJoined(cells: string[][]): string[][] {
	const parts = (cell: string) => WITH_RELATION.exec(cell);
	const isJoined = (j: number) => {
		const filled = cells.slice(1).map((row) => row[j]);
		return filled.some(parts) && filled.every((cell) => isBlank(cell) || isNumber(cell) || parts(cell));
	};
	const joined = new Set((cells[0] ?? []).flatMap((_, j) => (j > 0 && isJoined(j) ? [j] : [])));
	if (joined.size !== 1) return cells;
	return cells.map((row) =>
		row.flatMap((cell, j) => {
			if (!joined.has(j)) return [cell];
			const own = parts(cell);
			return own ? [own[1], own[2]] : ['', cell];
		})
	);
}

/** What was done to a block before it is looked at. */
export interface Arranged {
	readonly cells: string[][];
	readonly isTurned: boolean;
	readonly notes: readonly string[];
}

/**
 * Brings a block of cells into order.
 * @param given whether it is to be turned; left out, the heads show it
 */
export function arranged(all: Cells, given?: boolean): Arranged {
	const notes: string[] = [];
	const filled = (row: readonly string[]) => row.filter((cell) => !isBlank(cell)).length;
	const width = Math.max(0, ...all.map((row) => row.length));
	let cells = all.map((row) => Array.from({ length: width }, (_, j) => row[j] ?? ''));
	// a title, or heads that several columns share, above the names
	while (cells.length > 2 && width > 2) {
		const [first, second] = cells;
		const isTitle =
			filled(first) === 1 && filled(second) > 1 && !first.some(isNumber) && !GOAL.test(first[0]);
		const isShared =
			!first.some(isNumber) &&
			!second.slice(1).some(isNumber) &&
			filled(first) < filled(second) &&
			filled(second) > 2 &&
			cells[2].some(isNumber) &&
			!second.slice(1).some((cell) => RELATION_ALONE.test(cell));
		if (!isTitle && !isShared) break;
		const text = first.filter((cell) => !isBlank(cell)).join(', ');
		notes.push(en`“${text.slice(0, 60)}” above the names is left out.`);
		cells = cells.slice(1);
	}
	const kept = Array.from({ length: width }, (_, j) => j).filter(
		(j) => j === 0 || cells.some((row) => !isBlank(row[j]))
	);
	// a first column without anything is no column of names
	const start = cells.every((row) => isBlank(row[0])) ? 1 : 0;
	cells = cells.map((row) => kept.slice(start).map((j) => row[j]));
	const turn = given ?? isTurned(cells);
	if (turn) {
		cells = turned(cells);
		notes.push(en`Rows and columns are exchanged: each activity was a row.`);
	}
	return { cells: withoutJoined(cells), isTurned: turn, notes };
}
