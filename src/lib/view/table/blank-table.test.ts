import { expect, test } from 'vitest';
import { newLesson } from '$lib/core/lesson/lesson';
import { BlankTable } from '$lib/desk/blank-table.svelte';
import { LessonDocument } from '$lib/desk/document.svelte';
import { changeBlock, changeCell } from './cells';

const begun = (text = '') => {
	const lesson = new LessonDocument(newLesson(text));
	const table = new BlankTable(lesson);
	if (text === '' || text.startsWith('title')) table.begin();
	return { lesson, table, type: (cell: string, typed: string) => changeCell(table, cell, typed) };
};

test('an empty table grows into a statement, and a resource counts once it has an amount', () => {
	const { lesson, table, type } = begun('title "Spring"');
	expect([table.isFresh, lesson.text]).toEqual([true, 'title "Spring"']);
	expect(type('variable|x1', 'small bowls')).toBeNull();
	type('cost||small_bowls', '30');
	type('cost||x2', '2.5');
	type('use|r1|small_bowls', '2');
	expect(lesson.text).toBe('title "Spring"\nmax z = 30 small_bowls + 2.5 x2');
	type('row|r1', 'clay');
	expect([...table.blank].sort()).toEqual(['goal|', 'rhs|clay', 'rhs|r2', 'row|r2', 'variable|x2']);
	type('rhs|clay', '0');
	expect(lesson.text).toBe('title "Spring"\nmax z = 30 small_bowls + 2.5 x2\nclay: 2 small_bowls ≤ 0');
	type('rhs|clay', '');
	type('goal|', 'profit');
	expect(lesson.text).toBe('title "Spring"\nmax profit = 30 small_bowls + 2.5 x2');
	// what was done is taken back where everything is
	lesson.undo();
	expect(table.isOn).toBe(false);
});

test('a name that nobody gave gives way; one that was given does not, and what cannot be read changes nothing', () => {
	const { lesson, table, type } = begun();
	type('variable|x1', 'x2');
	expect(table.problem!.variables.map(({ name }) => name)).toEqual(['x2', 'x3']);
	expect(type('variable|x3', 'x2')).toMatch('“x2” is taken');
	expect(type('cost||x2', 'many')).toMatch('is no number');
	const before = [lesson.text, [...table.blank]];
	const block = [
		{ cell: 'rhs|r1', typed: '4' },
		{ cell: 'rhs|r2', typed: 'four' }
	];
	expect(changeBlock(table, block)).toMatchObject({ cell: 'rhs|r2' });
	expect([lesson.text, [...table.blank]]).toEqual(before);
});

test('another size keeps what was typed', () => {
	const { table, type } = begun();
	type('variable|x2', 'jugs');
	type('rhs|r1', '9');
	table.resize(3, 1);
	table.resize(3, 2);
	expect(table.problem!.variables.map(({ name }) => name)).toEqual(['x1', 'jugs', 'x3']);
	expect([table.blank.has('rhs|r1'), table.blank.has('rhs|r2')]).toEqual([false, true]);
});

test('a new resource of a problem does nothing without an amount, whatever else is changed', () => {
	const { lesson, table, type } = begun('max z = x + y # gain\na: x + y <= 4.50');
	expect(table.addRow()).toBe('r2');
	type('use|r2|y', '3');
	type('row|r2', 'store');
	type('variable|x', 'cups');
	expect(lesson.text).toBe('max z = cups + y # gain\na: cups + y <= 4.50');
	type('rhs|store', '7');
	expect(lesson.text).toBe('max z = cups + y # gain\na: cups + y <= 4.50\nstore: 3 y ≤ 7');
	expect([table.isOn, table.isFresh, table.blank.size]).toEqual([true, false, 0]);
	lesson.write('max z = x');
	expect(table.isOn).toBe(false);
});
