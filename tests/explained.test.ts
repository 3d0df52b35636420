import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import axe from 'axe-core';
import { expect, test } from 'vitest';
import { browser, desk, freshVisits } from './visit';

freshVisits();

const EDGE = `max gain = 4 cups + 2 jugs
clay: 2 cups + jugs <= 8
kiln: cups + jugs <= 6
shelf: cups <= 3`;

async function simplex(statement: string): Promise<void> {
	await desk.write(statement);
	await desk.turnTo('Simplex');
}
async function chooseIn(label: string, value: string): Promise<void> {
	await desk.page.waitForSelector('.choices select');
	await desk.page.evaluate(
		(words, wanted) => {
			const own = [...document.querySelectorAll('label')].find((node) =>
				node.textContent!.trim().startsWith(words)
			)!;
			const select = own.querySelector('select')!;
			select.value = wanted;
			select.dispatchEvent(new Event('change', { bubbles: true }));
		},
		label,
		value
	);
	await desk.settled();
}

test('a notation is chosen with a preview; tableau and sentences follow, and it is kept with the lesson', async () => {
	await simplex('min cost = 2 x + 3 y\nneed: x + y >= 4\nmost: x <= 3');
	await desk.choose('Start', 'two phases');
	await desk.click('Notation');
	await desk.page.waitForSelector('.preview .simplex');
	await chooseIn('Profile', '2');
	await desk.page.waitForFunction(() =>
		document.querySelector('.preview thead')?.textContent?.includes('x5')
	);
	await desk.press('Escape');
	expect((await desk.tableau())[0]).toEqual(['', 'x', 'y', 'x3', 'x4', 'x5', 'rhs', 'ratio ÷ x']);
	expect((await desk.tableau()).at(-1)!.slice(0, 7)).toEqual(['w', '−1', '−1', '1', '0', '0', '−4']);
	await desk.shows('Commentary', 'cost is worked as a minimum');
	await desk.click('Notation');
	await chooseIn('Objective row', 'z-plus');
	await chooseIn('Basic variables', 'named');
	await chooseIn('Numbers', 'mixed');
	await desk.press('Escape');
	expect((await desk.tableau()).at(-1)!.slice(0, 7)).toEqual(['w', '1', '1', '−1', '0', '0', '4']);
	await desk.press('n');
	await desk.shows('Commentary', 'is the most positive');
	await desk.click('Notation');
	await chooseIn('Layout', 'dictionary');
	await desk.press('Escape');
	await desk.page.waitForSelector('tr[data-goal="objective"]');
	expect(await desk.read('Tableau')).toMatch(/x = 3/);
	await (await desk.page.waitForSelector('button[title^="Pivot: y in"]'))!.click();
	await desk.shows('Trail', 'y in');
	await desk.kept();
	await desk.page.reload();
	await desk.page.waitForSelector('tr[data-goal="objective"]');
});

test('row operations stand one at a time, each entry with how it came about', async () => {
	await simplex(EDGE);
	await desk.press('n');
	await desk.shows('Row operations', 'R3 ← 1 R3');
	await desk.click('Row operation after');
	await desk.shows('Row operations', 'R1 ← R1 − 2 R3');
	await desk.page.hover('[data-pane="operations"] tr.result td:last-child');
	await desk.shows('Row operations', 'rhs: 8 − 6 = 2');
	const changed = await desk.page.$$eval('[data-pane="operations"] td.changed', (list) => list.length);
	expect(changed).toBe(3);
});

test('the answer is read off and checked; another optimum is a pivot away, and the way back is recognised', async () => {
	await simplex(EDGE);
	await desk.press('g');
	await desk.shows('The answer', 'cups = 3: cups is basic');
	await desk.shows('The answer', 'The best plans are a segment');
	await desk.shows('The answer', 'clay: 2·3 + 1·2 = 8 ≤ 8 ✓');
	await desk.shows('The answer', 'Take 2 times clay, and add: 4 cups + 2 jugs ≤ 16.');
	await desk.click('Another optimum: s3 in');
	await desk.shows('The answer', 'cups = 2');
	await desk.shows('The answer', 'gain = 16');
	await desk.click('Back to a known optimum: s2 in');
	await desk.shows('The answer', 'This optimal basis was here before');
	await desk.page.evaluate(axe.source);
	const result = await desk.page.evaluate(() => (globalThis as unknown as { axe: typeof axe }).axe.run());
	expect(result.violations.map(({ id, nodes }) => `${id}: ${nodes[0].html}`)).toEqual([]);
});

test('the run goes out with its sentences in the lesson’s notation', async () => {
	const folder = mkdtempSync(join(tmpdir(), 'mathesis-'));
	const session = await browser.target().createCDPSession();
	await session.send('Browser.setDownloadBehavior', {
		behavior: 'allow',
		downloadPath: folder,
		browserContextId: desk.page.browserContext().id!
	});
	await simplex(`title "Edge"\n${EDGE}`);
	await desk.press('g');
	const saved = async (choice: string, name: string) => {
		await desk.choose('Export', choice);
		for (let i = 0; i < 60; i++) {
			if (readdirSync(folder).includes(name)) return readFileSync(join(folder, name), 'utf8');
			await new Promise((resolve) => setTimeout(resolve, 100));
		}
		throw new Error(`${name} did not come`);
	};
	const run = await saved('The run with its sentences as Markdown', 'Edge-run.md');
	expect(run).toContain('### cups in, s3 out');
	expect(run).toContain('| gain | 0 | 0 | 2 | 0 | 0 | 16 |');
	expect(await saved('This tableau as LaTeX', 'Edge-tableau.tex')).toContain('\\begin{tabular}{lrrrrrr}');
});
