import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

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
	await chooseIn('Profile', 'Worked as a minimum, slacks running on');
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
	await desk.shows('Row operations', 'R3 stays: its pivot is 1');
	await desk.click('Row operation after');
	await desk.shows('Row operations', 'R1 ← R1 − 2 R3');
	await desk.page.hover('[data-pane="operations"] tr.result td:last-child');
	await desk.shows('Row operations', 'rhs: 8 − 6 = 2');
	// an entry of the tableau explains itself in the operation that made it
	await desk.page.hover('[data-pane="tableau"] tbody tr:nth-child(2) [data-cell$=" rhs"]');
	await desk.shows('Row operations', 'rhs: 6 − 3 = 3');
	await desk.page.hover('[data-cell="objective rhs"]');
	await desk.shows('Row operations', 'rhs: 0 + 12 = 12');
	await desk.page.hover('nav');
	const changed = await desk.page.$$eval('[data-pane="operations"] td.changed', (list) => list.length);
	expect(changed).toBe(3);
});

test('the answer is read off and checked; another optimum is a pivot away, and the way back is recognised', async () => {
	await simplex(EDGE);
	await desk.press('g');
	await desk.shows('The answer', 'cups = 3: cups is basic');
	await desk.shows('The answer', 'The best plans are a segment');
	await desk.shows('The answer', 'clay: 2·3 + 1·2 = 8 ≤ 8 ✓');
	await desk.shows('The answer', 'Take 2 times clay: 4 cups + 2 jugs ≤ 16.');
	await desk.click('To another best plan: bring s3 in');
	await desk.shows('The answer', 'cups = 2');
	await desk.shows('The answer', 'gain = 16');
	await desk.click('Back to a known best plan: bring s2 in');
	await desk.shows('The answer', 'This optimal basis was here before');
	expect(await desk.barriers()).toEqual([]);
});

test('the run goes out with its sentences in the lesson’s notation', async () => {
	const { arrived } = await desk.downloads();
	await simplex(`title "Edge"\n${EDGE}`);
	await desk.press('g');
	const saved = async (choice: string, name: string) => {
		await desk.choose('Export', choice);
		return (await arrived(name)).toString();
	};
	const run = await saved('The run with its sentences as Markdown', 'Edge-run.md');
	expect(run).toContain('### cups in, s3 out');
	expect(run).toContain('| gain | 0 | 0 | 2 | 0 | 0 | 16 |');
	expect(await saved('This tableau as LaTeX', 'Edge-tableau.tex')).toContain('\\begin{tabular}{lrrrrrr}');
});

test('a notation of one’s own is kept, exported, forgotten and taken in again; a wrong file is refused', async () => {
	const { folder, arrived } = await desk.downloads();
	await simplex(EDGE);
	await desk.press('n');
	await desk.click('Notation');
	await chooseIn('Numbers', 'common');
	await chooseIn('Row operations', 'rectangle');
	await desk.page.type('::-p-aria(Name for this notation)', 'Our course');
	await desk.click('Keep');
	await desk.page.waitForFunction(() => document.querySelector('optgroup')?.textContent === 'Our course');
	await desk.click('Export yours');
	await arrived('notations.json');
	// a built-in name is not to be had; another name keeps the notation with its numbers
	await desk.page.type('::-p-aria(Name for this notation)', 'Last row, improving is negative');
	await desk.page.waitForFunction(() => document.querySelector('.choices .wrong'));
	await desk.page.click('::-p-aria(Name for this notation)', { count: 3 });
	await desk.page.keyboard.type('My course');
	await desk.click('Rename');
	await desk.page.waitForFunction(() => document.querySelector('optgroup')?.textContent === 'My course');
	await chooseIn('Profile', 'Last row, improving is negative');
	await chooseIn('Profile', 'My course');
	expect(await desk.page.$eval('::-p-aria(Numbers)', (own) => (own as HTMLSelectElement).value)).toBe(
		'common'
	);
	await desk.click('Forget');
	await desk.click('Forget “My course”?');
	await desk.click('Put it back');
	await desk.page.waitForFunction(() => document.querySelector('optgroup')?.textContent === 'My course');
	await desk.click('Forget');
	await desk.click('Forget “My course”?');
	await desk.page.waitForFunction(() => !document.querySelector('optgroup'));
	const file = (await desk.page.$('.choices input[type="file"]'))!;
	const wrong = join(folder, 'wrong.json');
	writeFileSync(wrong, '{"format":"something"}');
	await file.uploadFile(wrong);
	await desk.page.waitForFunction(() =>
		document.querySelector('.said')?.textContent?.includes('was not imported')
	);
	await file.uploadFile(join(folder, 'notations.json'));
	await desk.page.waitForFunction(() => document.querySelector('optgroup')?.textContent === 'Our course');
	await desk.press('Escape');
	await desk.shows('Row operations', 'R1: old − 2 · R3');
});

test('a pivot is told before it is made; inverse, earlier and pinned tableaux stand beside', async () => {
	await simplex(EDGE);
	await desk.press('n');
	await (await desk.page.waitForSelector('button[title^="Pivot: jugs in, s2 out"]'))!.hover();
	await desk.shows('Commentary', 'Ratio 3 ÷ 1 = 3, but s1 has only 2');
	await desk.page.hover('th[data-column="jugs"]');
	await desk.shows('Commentary', 's1 lets it increase to');
	await desk.page.hover('nav');
	await desk.press('t');
	await desk.press('n');
	await desk.shows('Tableau beside', 'pinned');
	await desk.shows('Tableau beside', 'The steps to the current tableau: 2 steps');
	await desk.press(',');
	await desk.shows('Tableau beside', 'Step 1: ');
	await desk.press('t');
	await desk.page.waitForSelector('[data-pane="region"]');
	await desk.press('v');
	await desk.page.waitForSelector('td.multiplier');
	expect(
		await desk.page.$$eval('th.inverse', (list) => list.map((cell) => cell.textContent!.trim()))
	).toEqual(['s1', 's2', 's3']);
});

test('a line of the answer lights the cell it is read from; along the best plans the objective stays', async () => {
	await simplex(EDGE);
	await desk.press('g');
	await desk.shows('The answer', 'A best plan has 3 cups and 2 jugs. Then gain is 16');
	await desk.page.focus('[data-pane="answer"] li:nth-child(2) button');
	expect(await desk.page.$$eval('td.read', (cells) => cells.map((cell) => cell.textContent!.trim()))).toEqual(
		['3']
	);
	expect(await desk.page.$$eval('th.covered', (cells) => cells.length)).toBe(2);
	await desk.page.focus('[data-pane="answer"] input[type="range"]');
	for (let i = 0; i < 6; i++) await desk.page.keyboard.press('ArrowRight');
	await desk.shows('The answer', 'gain stays 16');
	expect(await desk.read('The answer')).toContain('cups = 5/2 and jugs = 3');
});

test('why the rules are as they are is told with the numbers that stand here, and hidden with the advice', async () => {
	await desk.write(
		'max profit = 30 bowls + 45 vases\nclay: 5/2 bowls + 4 vases <= 100\nwheel: 2 bowls + 3/2 vases <= 63\nkiln: bowls + 4 vases <= 88'
	);
	await desk.turnTo('Simplex');
	await desk.press('y');
	await desk.shows('Commentary', 'With the ratio of s1, at 25, s3 would be −12: kiln would be violated');
	expect(await desk.barriers()).toEqual([]);
	await desk.choose('Hide from the class', 'What the rule would do');
	await desk.shows('Commentary', 'Why can a slack start the basis?');
	expect(await desk.read('Commentary')).not.toContain('Why the smallest ratio?');
	await desk.choose('Hide from the class', 'What the rule would do');
	await desk.click('To the end');
	await desk.shows('Commentary', 'Why is this the best?');
});
