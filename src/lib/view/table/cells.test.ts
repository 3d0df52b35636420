import { expect, test } from 'vitest';
import { LessonDocument } from '$lib/desk/document.svelte';
import { newLesson } from '$lib/core/lesson/lesson';
import { cellNumber, changeBlock, changeCell, tabbedCells } from './cells';

const MIX = 'max z = 3 x + 5 y # per dozen\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18\nx integer';

test('a cell of the table changes just its place in the statement, or says why not', () => {
	const document = new LessonDocument(newLesson(MIX));
	expect(changeCell(document, 'use|c|y', '1/4 + 1/4')).toBeNull();
	expect(document.text).toBe(MIX.replace('3 x + 2 y <= 18', '3 x + 1/2 y <= 18'));
	expect(changeCell(document, 'cost||y', '0,5')).toBeNull();
	expect(document.text).toContain('max z = 3 x + 1/2 y # per dozen\n');
	expect(changeCell(document, 'rhs|a', '')).toBeNull();
	expect(document.text).toContain('a: x <= 0\n');
	const { text } = document;
	expect(changeCell(document, 'rhs|a', '3,600')).toMatch('can be 3600 or 3.600: write the one');
	expect(changeCell(document, 'rhs|a', 'x + 1')).toMatch('“x + 1” is no number');
	expect(changeCell(document, 'variable|x', 'y')).toMatch('“y” is taken');
	expect(changeCell(document, 'row|a', '9 lives')).toMatch('A name is a letter');
	expect(changeCell(document, 'row|a', 'a')).toBeNull();
	expect(document.text).toBe(text);
	expect(changeCell(document, 'variable|x', 'cups')).toBeNull();
	expect(document.problem!.variables.map(({ name, domain }) => `${name} ${domain}`)).toEqual([
		'cups integer',
		'y continuous'
	]);
});

test('a decimal stays one, in the cell and in the statement; decimals are shown where they are chosen and exact', () => {
	const document = new LessonDocument(newLesson(MIX));
	const shown = (part: string) => {
		const row = document.problem!.constraints[2];
		return cellNumber(document, 'c', part, part === 'amount' ? row.rhs : row.terms.get(part)!);
	};
	changeCell(document, 'use|c|y', '0.250');
	changeCell(document, 'rhs|c', '7/2');
	expect(document.text).toContain('c: 3 x + 0.250 y <= 7/2');
	expect([shown('y'), shown('amount')]).toEqual(['0.250', '7/2']);
	document.showNumbers('decimal');
	expect(shown('amount')).toBe('3.5');
	changeCell(document, 'rhs|c', '1/3');
	expect(shown('amount')).toBe('1/3');
});

test('a block from a spreadsheet comes as rows of cells', () => {
	expect(tabbedCells('1\t2/3\t\r\n\t0,5\tx\r\n')).toEqual([
		['1', '2/3', ''],
		['', '0,5', 'x']
	]);
});

test('a block is taken whole, names and all, or not at all', () => {
	const document = new LessonDocument(newLesson(MIX));
	const block = [
		{ cell: 'variable|x', typed: 'cups' },
		{ cell: 'row|c', typed: 'clay' },
		{ cell: 'use|c|x', typed: '7' },
		{ cell: 'use|c|y', typed: '8' }
	];
	const refused = [...block, { cell: 'rhs|c', typed: 'many' }];
	expect(changeBlock(document, refused)).toEqual({
		cell: 'rhs|c',
		why: '“many” is no number. Write 12, 5/2, 0.25 or 15.6/1000.'
	});
	expect(document.text).toBe(MIX);
	expect(changeBlock(document, block)).toBeNull();
	expect(document.text).toContain('clay: 7 cups + 8 y <= 18');
});
