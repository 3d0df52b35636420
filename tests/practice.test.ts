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
	await button.evaluate((own) => (own as HTMLElement | SVGElement).focus());
	await desk.press('Enter');
}

/** Opens an exercise as a student does, by its link. */
async function openExercise(own: {
	title: string;
	statement: string;
	kinds: string[];
	count: number;
	hints: number;
}) {
	const exercise = {
		format: 'mathesis-exercise',
		version: 1,
		story: '',
		method: 'auto',
		rule: 'dantzig',
		seed: 1,
		atOnce: true,
		waits: true,
		...own
	};
	const { origin } = new URL(desk.page.url());
	const fragment = deflateRawSync(JSON.stringify(exercise)).toString('base64url');
	// another fragment alone would load nothing
	await desk.page.goto(`${origin}/lessons`);
	await desk.page.goto(`${origin}/practice#exercise=${fragment}`);
	return origin;
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
	const origin = await openExercise({
		title: 'The week',
		statement: 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18',
		kinds: ['entering', 'leaving', 'next-tableau'],
		count: 40,
		hints: 3
	});

	await desk.page.waitForSelector('aria/Column y[role="button"]');
	expect(await desk.barriers()).toEqual([]);
	await pressButton('Column x');
	await pressButton('Check');
	await told('✗ Not yet. This column improves, too, but the rule prefers another one.');
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
	await desk.page.goto(`${origin}/practice`);
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
	await desk.page.goto(`${origin}/lessons`);
	const chooser = await desk.page.waitForSelector('[aria-label="Read the results of an exercise"]');
	await (chooser as ElementHandle<HTMLInputElement>).uploadFile(...paths);
	await desk.page.waitForSelector('::-p-text(4 of 6)');
	await desk.page.waitForSelector('::-p-text(Not a result: other.json)');
	await desk.page.waitForSelector('::-p-text(leaving variable: This ratio is not the smallest)');
	expect(await desk.barriers()).toEqual([]);
});

test('pictures are answered by keyboard: sides are pressed, a region is chosen, the objective line is moved', async () => {
	const statement = 'max z = 7 x + 5 y\na: 3 x + 2 y <= 37\nb: x - 2 y <= 4\nc: 2 x + y >= 5\nd: y <= 14';
	const open = (kind: string) =>
		openExercise({ title: 'Sides', statement, kinds: [kind], count: 1, hints: 0 });
	await open('sides');
	for (const side of ['below a', 'below b', 'above c', 'below d']) await pressButton(side);
	expect(await desk.barriers()).toEqual([]);
	await pressButton('Check');
	await told(
		'✗ Not yet. The sign alone does not tell the side: put a point into each constraint. It leaves (0, 0) out'
	);
	await pressButton('above b');
	await pressButton('Check');
	await told('✓ Right. What stays: below a, above b, above c, below d.');

	await open('which-picture');
	await desk.page.waitForSelector('fieldset svg');
	expect(await desk.barriers()).toEqual([]);
	// pictures in turn, each wrong one with its reason, until one is right
	for (let i = 0, said = ''; !said.startsWith('✓'); i++) {
		await desk.page.locator(`fieldset label:nth-of-type(${i + 1}) input`).click();
		await pressButton('Check');
		await desk.page.waitForFunction(
			(before) => {
				const now = document.querySelector('.told')?.textContent?.trim() ?? '';
				return now !== '' && now !== before;
			},
			{},
			said
		);
		said = await desk.page.$eval('.told', (own) => own.textContent!.trim());
		expect(said).toMatch(/^✓|It contains \(.*\), which violates|a corner at \(/);
	}

	await open('best-corner');
	await pressButton('Draw the objective line');
	const slider = (await desk.page.waitForSelector('input[type="range"]'))!;
	const place = () =>
		desk.page.$eval('.objective .drawn', (line) => line.getAttribute('x1')! + line.getAttribute('y1')!);
	const before = await place();
	await slider.press('ArrowRight');
	await desk.page.waitForFunction(
		(was) => {
			const line = document.querySelector('.objective .drawn')!;
			return line.getAttribute('x1')! + line.getAttribute('y1')! !== was;
		},
		{},
		before
	);
	expect(await desk.barriers()).toEqual([]);
});

test('a damaged link says so, and nothing else happens', async () => {
	const at = new URL(desk.page.url());
	await desk.page.goto(`${at.origin}/practice#exercise=AAAA`);
	await desk.page.waitForSelector('::-p-text(Choose a file)');
	expect(await desk.page.$eval('[role="alert"]', (own) => own.textContent)).toContain('cannot be opened');
});
