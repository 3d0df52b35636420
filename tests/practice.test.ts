import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { deflateRawSync } from 'node:zlib';
import type { ElementHandle } from 'puppeteer-core';
import { expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

freshVisits();

const asks = () => desk.page.$eval('h2', (heading) => heading.textContent!.trim());
const told = (start: string) =>
	desk.page.waitForFunction(
		(sought) => document.querySelector('[role="status"]')?.textContent?.trim().startsWith(sought),
		{},
		start
	);
/** Presses a button by keyboard alone. */
async function pressButton(name: string): Promise<void> {
	const button = await desk.button(name);
	await button.focus();
	await desk.press('Enter');
}

test('an exercise is made from the lesson: what the student sees stands beside the choices, and its link opens it', async () => {
	await desk.click('Share');
	await desk.click('Make an exercise …');
	const count = await desk.page.waitForSelector('::-p-text(Question 1 of 10)');
	expect(count).not.toBeNull();
	await desk.page.select('select.field', 'Duality');
	await desk.page.waitForSelector('::-p-text(Which sign does the dual variable)');
	expect(await desk.barriers()).toEqual([]);
	const link = await desk.page.$eval(
		'[aria-label="Link with the exercise in it"]',
		(own) => (own as HTMLInputElement).value
	);
	await desk.page.goto(link);
	await desk.page.waitForSelector('h2');
	expect(await asks()).toContain('dual');
});

test('an exercise is done by keyboard alone, left and taken up again, and handed in', async () => {
	const exercise = {
		format: 'mathesis-exercise',
		version: 1,
		title: 'The week',
		statement: 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18',
		story: '',
		method: 'auto',
		rule: 'dantzig',
		kinds: ['entering', 'leaving', 'next-tableau'],
		count: 40,
		seed: 1,
		hints: 3,
		atOnce: true,
		waits: true
	};
	const at = new URL(desk.page.url());
	const fragment = deflateRawSync(JSON.stringify(exercise)).toString('base64url');
	await desk.page.goto(`${at.origin}/practice#exercise=${fragment}`);

	await desk.page.waitForSelector('aria/Column y[role="button"]');
	expect(await desk.barriers()).toEqual([]);
	await pressButton('Column x');
	await pressButton('Check');
	await told('✗ Not yet. This column improves the objective, but the rule prefers another one.');
	await pressButton('Column y');
	await pressButton('Check');
	await told('✓ Right');
	await pressButton('Next question');
	await desk.page.waitForFunction(() => document.activeElement?.tagName === 'H2');
	expect(await asks()).toBe('y enters. Which variable leaves?');
	await pressButton('Row s3');
	await pressButton('Check');
	await told('✗ Not yet. This ratio is not the smallest');
	await pressButton('Show where this leads');
	await desk.page.waitForSelector('[aria-label="The tableau after this pivot"]');

	// left and taken up again where it was
	await desk.page.goto(`${at.origin}/practice`);
	await pressButton('Row s2');
	await pressButton('Check');
	await told('✓ Right');
	await pressButton('Next question');

	// the next tableau, typed in its cells, with a calculation
	for (const [label, typed] of [
		['Right-hand side of row y', '12/2'],
		['Row y, column x', '0']
	]) {
		await desk.page.waitForSelector(`[aria-label="${label}"]`);
		await desk.page.focus(`[aria-label="${label}"]`);
		await desk.page.keyboard.type(typed);
	}
	await pressButton('Check');
	await told('✗ Not yet. All entries are right so far.');
	await pressButton('Show the answer');
	await told('The answer:');
	expect(await desk.barriers()).toEqual([]);
	await pressButton('Next question');
	// what is left: x enters, then its row, then the tableau
	for (const choice of ['Column x', 'Row s3']) {
		await pressButton(choice);
		await pressButton('Check');
		await told('✓ Right');
		await pressButton('Next question');
	}
	await desk.page.waitForSelector('[aria-label="Row x, column s2"]');
	await desk.page.focus('[aria-label="Row x, column s2"]');
	await desk.page.keyboard.type('7');
	await pressButton('Check');
	await told('✗ Not yet. One entry is not right: the entry of row x in column s2.');
	await pressButton('Show the answer');
	await pressButton('To the end');
	await desk.page.waitForSelector('::-p-text(4 of 6 right)');
	expect(await desk.barriers()).toEqual([]);
	await desk.page.type('input[maxlength="200"]', 'A student');
	const { arrived } = await desk.downloads();
	await pressButton('Save result');
	const saved = JSON.parse((await arrived('The-week-A-student.result.json')).toString());
	expect(saved).toMatchObject({ format: 'mathesis-result', who: 'A student' });
	expect(saved.lines[1].slips).toEqual(['larger-ratio']);

	// the instructor reads it, beside a file that is none
	const folder = mkdtempSync(join(tmpdir(), 'mathesis-results-'));
	const paths = ['result.json', 'other.json'].map((name) => join(folder, name));
	writeFileSync(paths[0], JSON.stringify(saved));
	writeFileSync(paths[1], '{}');
	await desk.page.goto(`${at.origin}/lessons`);
	const chooser = await desk.page.waitForSelector('[aria-label="Read the results of an exercise"]');
	await (chooser as ElementHandle<HTMLInputElement>).uploadFile(...paths);
	await desk.page.waitForSelector('::-p-text(4 of 6)');
	await desk.page.waitForSelector('::-p-text(Not a result: other.json)');
	await desk.page.waitForSelector('::-p-text(leaving variable: This ratio is not the smallest)');
	expect(await desk.barriers()).toEqual([]);
});

test('a damaged link says so, and nothing else happens', async () => {
	const at = new URL(desk.page.url());
	await desk.page.goto(`${at.origin}/practice#exercise=AAAA`);
	await desk.page.waitForSelector('::-p-text(Choose a file)');
	expect(await desk.page.$eval('[role="alert"]', (own) => own.textContent)).toContain('cannot be opened');
});
