import { ZERO } from '$lib/core/number/rational';
import * as edit from '$lib/core/problem/statement/edit';
import type { Relation } from '$lib/core/problem/types';
import type { LessonDocument } from '$lib/desk/document.svelte';
import { renameEverywhere } from '$lib/desk/renaming';

/** the relation that a row gets when its sign is pressed */
export const NEXT: Record<Relation, Relation> = { '<=': '>=', '>=': '=', '=': '<=' };
export const WORDS: Record<Relation, string> = { '<=': 'at most', '>=': 'at least', '=': 'exactly' };

/** the two ways to turn max and min: with the same coefficients, or with their signs turned */
export const SENSES = [
	{ key: 'same', value: false },
	{ key: 'negated', value: true }
];

/** The cells of a block as spreadsheets copy it: tabs between cells, a line for each row. */
export const readBlock = (text: string): string[][] =>
	text
		.replace(/\r/g, '')
		.trimEnd()
		.split('\n')
		.map((line) => line.split('\t'));

const isNameCell = (cell: string): boolean => /^(?:row|variable)\|/.test(cell);

/**
 * Puts a block of cells into the statement, all of them or none. Names come last: until then the cells are known by the old ones.
 * @returns the first cell that cannot be taken, and why; null where all were
 */
export function changeBlock(
	lesson: LessonDocument,
	block: readonly { readonly cell: string; readonly typed: string }[]
): { cell: string; why: string } | null {
	const before = lesson.text;
	const numbers = block.filter(({ cell }) => !isNameCell(cell));
	const names = block.filter(({ cell }) => isNameCell(cell));
	for (const { cell, typed } of [...numbers, ...names]) {
		const why = changeCell(lesson, cell, typed);
		if (why === null) continue;
		lesson.write(before);
		return { cell, why };
	}
	return null;
}

/**
 * Puts what was typed into a cell of the technology table into the statement.
 * @param cell what the cell holds: `row|r`, `variable|x`, `cost||x`, `use|r|x` or `rhs|r`
 * @returns why it cannot be taken; null where it was
 */
export function changeCell(lesson: LessonDocument, cell: string, typed: string): string | null {
	const [kind, row, variable] = cell.split('|');
	const { text, reading } = lesson;
	if (kind === 'row' || kind === 'variable')
		return renameEverywhere(lesson, kind === 'row' ? 'constraint' : 'variable', row, typed);
	const value = typed.trim() === '' ? ZERO : edit.readCell(typed);
	if (!value) return `“${typed.slice(0, 30)}” is no number. Write 12, 5/2, 0.25 or 15.6/1000.`;
	if (kind === 'rhs') lesson.edit(edit.setRhs(text, reading, row, value));
	else if (kind === 'cost') lesson.edit(edit.setCost(text, reading, variable, value));
	else lesson.edit(edit.setCoefficient(text, reading, row, variable, value));
	return null;
}
