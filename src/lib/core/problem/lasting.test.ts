import { expect, test } from 'vitest';
import { EMPTY_BOOK, follow, type LastingBook } from './lasting';
import { readStatement } from './statement/read';
import type { Problem } from './types';

const read = (rows: string): Problem => readStatement(`max z = x + y\n${rows}`).problem!;

/** Edits one after the other; after each, `name=key/look` of every constraint. */
function edited(...texts: string[]): string[] {
	let book: LastingBook = EMPTY_BOOK;
	let before: Problem | null = null;
	return texts.map((text) => {
		const now = read(text);
		book = follow(book, before, now);
		before = now;
		return book.constraints.map(({ name, key, look }) => `${name}=${key}/${look}`).join(' ');
	});
}

test('a line put above, a changed number and a new name leave everybody who they are', () => {
	expect(
		edited(
			'clay: x <= 4\nkiln: y <= 6',
			'top: x + y <= 9\nclay: x <= 4\nkiln: y <= 6',
			'top: x + y <= 9\nclay: x <= 5\nkiln: y <= 6',
			'top: x + y <= 9\nloam: x <= 5\nkiln: y <= 6',
			'kiln: y <= 6\nloam: x <= 5'
		)
	).toEqual([
		'clay=clay/0 kiln=kiln/1',
		'top=top/2 clay=clay/0 kiln=kiln/1',
		'top=top/2 clay=clay/0 kiln=kiln/1',
		'top=top/2 loam=clay/0 kiln=kiln/1',
		'kiln=kiln/1 loam=clay/0'
	]);
});

test('rows without a name of their own are known by what they say, when their number changes', () => {
	expect(edited('x + 0 y <= 4\ny + x <= 6', '2 x + y <= 1\nx + 0 y <= 4\ny + x <= 6')).toEqual([
		'r1=r1/0 r2=r2/1',
		"r1=r1'/2 r2=r1/0 r3=r2/1"
	]);
});

test('who is gone and comes back is the same again; a key is never given twice', () => {
	expect(
		edited(
			'clay: x <= 4\nkiln: y <= 6',
			'kiln: y <= 6',
			'kiln: y <= 6\nwheel: x <= 1',
			'clay: x <= 4\nkiln: y <= 6\nwheel: x <= 1'
		)
	).toEqual([
		'clay=clay/0 kiln=kiln/1',
		'kiln=kiln/1',
		'kiln=kiln/1 wheel=wheel/0',
		'clay=clay/2 kiln=kiln/1 wheel=wheel/0'
	]);
	const swapped = edited('a: x <= 4\nb: y <= 6', 'a: y <= 6\nb: x <= 4');
	expect(swapped[1]).toBe('a=b/1 b=a/0');
});

test('a variable renamed everywhere stays the same variable', () => {
	const one = read('a: x <= 4');
	const book = follow(EMPTY_BOOK, null, one);
	const two = readStatement('max z = u + y\na: u <= 4').problem!;
	const next = follow(book, one, two);
	expect(next.variables.map(({ name, key }) => `${name}=${key}`)).toEqual(['u=x', 'y=y']);
	const three = readStatement('max z = u + y + x\na: u <= 4').problem!;
	expect(follow(next, two, three).variables.map(({ key }) => key)).toEqual(['x', 'y', "x'"]);
});
