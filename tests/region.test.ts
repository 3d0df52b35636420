import { describe, expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

freshVisits();

const KILN = `max gain = 3 cups + 5 jugs
shelf: cups <= 4
kiln: 2 jugs <= 12
clay: 3 cups + 2 jugs <= 18
far: cups + jugs <= 40`;

async function show(statement: string): Promise<void> {
	await desk.write(statement);
	await desk.turnTo('Region');
	await desk.page.waitForSelector('[data-pane="steps"] li');
}

/** Drags with the mouse by so many pixels, from the middle of an element. */
async function drag(selector: string, dx: number, dy: number): Promise<void> {
	const box = await (await desk.page.waitForSelector(selector))!.boundingBox();
	const [x, y] = [box!.x + box!.width / 2, box!.y + box!.height / 2];
	await desk.page.mouse.move(x, y);
	await desk.page.mouse.down();
	for (let i = 1; i <= 6; i++) await desk.page.mouse.move(x + (dx * i) / 6, y + (dy * i) / 6);
	await desk.page.mouse.up();
	await desk.settled();
}

const focus = (selector: string) => desk.page.$eval(selector, (own) => (own as SVGElement).focus());

/** `64/5` as a number. */
const amount = (text: string) =>
	text
		.split('/')
		.map(Number)
		.reduce((a, b) => a / b);

const values = () =>
	desk.page.$$eval('[role="slider"]', (list) =>
		Object.fromEntries(
			list.map((own) => [own.getAttribute('aria-label')!.split('.')[0], own.getAttribute('aria-valuetext')])
		)
	);
const corners = () =>
	desk.page.$$eval('g.corner', (list) => list.map((own) => own.getAttribute('aria-label')));

describe('built up before the class', () => {
	test('one key walks forward, another back; each step has its sentence, and any can be gone to', async () => {
		await show(KILN);
		await desk.press('PageDown');
		await desk.shows('Region', 'Every plan is a point: cups to the right, jugs upwards.');
		expect(await corners()).toEqual([]);
		for (let i = 0; i < 3; i++) await desk.press('PageDown');
		await desk.shows('Region', 'It is cups = 4 whatever jugs is.');
		for (let i = 0; i < 6; i++) await desk.press('PageDown');
		await desk.shows('Region', 'with jugs = 0, 3 cups = 18, so cups = 6: the point (6, 0)');
		await desk.press('PageDown');
		await desk.shows('Region', '3·0 + 2·0 = 0, and 0 ≤ 18 is true. So the side with (0, 0) stays.');
		expect(await desk.page.$('.removed')).toBeNull();
		await desk.press('PageDown');
		await desk.shows('Region', 'clay cuts off the corner (4, 6)');
		expect(await desk.page.$('.removed')).not.toBeNull();
		await desk.press('PageUp');
		await desk.shows('Region', 'So the side with (0, 0) stays.');
		const far = await desk.page.waitForSelector('[data-pane="steps"] li:nth-child(15) button');
		await far!.click();
		await desk.shows('Region', 'far cuts off nothing from the region so far: it is redundant');
		const last = await desk.page.waitForSelector('[data-pane="steps"] li:last-child button');
		await last!.click();
		await desk.shows('Region', 'gain is greatest at (2, 6): 36. No other plan is as good.');
		expect(await corners()).toContain('Corner (2, 6), best');
		await desk.press('c');
		await desk.shows('Region', 'The region is a polygon with 5 corners.');
		expect((await corners()).join()).not.toContain('best');
	});

	test('a constraint is switched off and on and drawn earlier; what it removes is told', async () => {
		await show(KILN);
		await desk.shows('What each constraint removes', 'far cups + jugs ≤ 40 removes nothing: redundant');
		await desk.shows('What each constraint removes', 'removes the corner (4, 6)');
		await desk.page.locator('#side-2 .switch-control').click();
		await desk.shows('What each constraint removes', 'switched off');
		await desk.shows('Region', 'with 4 corners');
		expect(await desk.read('Corner table')).toContain('(4, 6)');
		await desk.click('Draw clay earlier');
		await desk.page.locator('#side-1 .switch-control').click();
		await desk.shows('Region', 'with 5 corners');
		const headings = await desk.page.$$eval('[data-pane="steps"] li.cut', (list) =>
			list.map((own) => own.textContent!.replace(/\s+/g, ' ').trim())
		);
		expect(headings.map((text) => /(\w+): what/.exec(text)![1])).toEqual(['shelf', 'clay', 'kiln', 'far']);
	});
});

describe('taken hold of', () => {
	test('by touch a line follows the finger to the end of the drag; Escape takes all of it back', async () => {
		await show(KILN);
		const box = (await (await desk.page.waitForSelector('[data-grip="kiln"]'))!.boundingBox())!;
		const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
		const kiln = async () => amount((await values())['The line of kiln']!);
		const seen = new Set<number>();
		await desk.page.touchscreen.touchStart(x, y);
		for (let i = 1; i <= 5; i++) {
			await desk.page.touchscreen.touchMove(x, y - 12 * i);
			await desk.settled();
			seen.add(await kiln());
		}
		await desk.page.touchscreen.touchEnd();
		await desk.settled();
		expect(seen.size).toBe(5);
		// nothing is held: what is written elsewhere arrives in the editor, and one press puts the line back
		await desk.click('Put kiln back to 12');
		expect(await kiln()).toBe(12);
		await desk.page.mouse.move(x, y);
		await desk.page.mouse.down();
		await desk.page.mouse.move(x, y - 50, { steps: 4 });
		await desk.settled();
		expect(await kiln()).toBeGreaterThan(12);
		await desk.page.keyboard.press('Escape');
		await desk.settled();
		expect(await kiln()).toBe(12);
		await desk.page.mouse.up();
		await desk.turnTo('Overview');
		expect(await desk.text()).toContain('2 jugs <= 12');
	});

	test('a constraint’s line is dragged: the amount changes everywhere as one edit, and can be put back', async () => {
		await show(KILN);
		const before = (await values())['The line of kiln'];
		expect(before).toBe('12');
		await drag('[data-grip="kiln"]', 0, -60);
		const after = (await values())['The line of kiln']!;
		expect(amount(after)).toBeGreaterThan(12);
		await desk.shows('What each constraint removes', `kiln 2 jugs ≤ ${after}`);
		await desk.click('Put kiln back to 12');
		expect((await values())['The line of kiln']).toBe('12');
		await focus('[data-grip="clay"]');
		await desk.press('ArrowUp');
		await desk.press('ArrowUp');
		expect(amount((await values())['The line of clay']!)).toBeGreaterThan(18);
		await desk.click('Put clay back to 18');
		expect((await values())['The line of clay']).toBe('18');
	});

	test('a line dragged out of the picture is told of at its border, and comes back in the same drag', async () => {
		await show(KILN);
		const shelf = async () => amount((await values())['The line of shelf']!);
		const box = (await (await desk.page.waitForSelector('[data-grip="shelf"]'))!.boundingBox())!;
		const [x, y] = [box.x + box.width / 2, box.y + 40];
		await desk.page.mouse.move(x, y);
		await desk.page.mouse.down();
		await desk.page.mouse.move(1270, y, { steps: 5 });
		await desk.settled();
		const out = await shelf();
		expect(out).toBeGreaterThan(6);
		expect(await desk.page.$eval('[data-out="shelf"]', (own) => own.textContent)).toContain('shelf');
		await desk.page.mouse.move(x + 6, y, { steps: 5 });
		await desk.settled();
		expect(await shelf()).toBeLessThan(out);
		expect(await desk.page.$('[data-out]')).toBeNull();
		await desk.page.mouse.up();
		await desk.click('Put shelf back to 4');
	});

	test('the objective’s line is dragged, stepped and typed; it takes a corner’s value, and is turned by its arrow', async () => {
		await show(KILN);
		const level = async () => (await values())['The line of the objective gain'];
		await desk.shows('Region', 'between 0 and 36 in the region');
		expect(await level()).toBe('gain = 0');
		const field = (await desk.page.waitForSelector('[aria-label="Value of gain at the line"]'))!;
		await field.type('21');
		expect(await level()).toBe('gain = 21');
		await focus('.slide[role="slider"]');
		await desk.press('End');
		expect(await level()).toBe('gain = 36');
		await desk.press('ArrowDown');
		expect(await level()).not.toBe('gain = 36');
		await desk.press('ArrowUp');
		await desk.press('ArrowUp');
		expect(await desk.page.$eval('.objective', (own) => own.classList.contains('outside'))).toBe(true);
		await desk.press('End');
		await desk.click('Show values');
		await desk.shows(
			'Region',
			'stays best while the line’s slope is between those of the two edges there'.replace('’', "'")
		);
		await drag('.swing .grip', 40, 40);
		await desk.shows('Region', 'The objective is turned to');
		expect(await corners()).not.toContain('Corner (2, 6), best');
		await desk.click('Reset direction');
		expect(await corners()).toContain('Corner (2, 6), best');
	});

	test('a click on a corner goes there by pivots that join the trail; a column shows the edge along which it would rise', async () => {
		await show(KILN);
		const corner = (await desk.page.waitForSelector('[aria-label="Corner (2, 6)"]'))!;
		await corner.hover();
		await desk.shows('Region', 'Basic and not 0 there: cups, jugs, s1 and s4.');
		await corner.click();
		await desk.page.waitForSelector('.leg');
		expect(await desk.page.$$eval('.leg', (list) => list.map((own) => own.textContent))).toEqual(['1', '2']);
		await desk.turnTo('Simplex');
		await desk.shows('Trail', 'jugs in');
		expect((await desk.tableau()).map(([first]) => first)).toContain('jugs');
		await desk.page.hover('th[data-column="s2"]');
		const rise = await desk.page.waitForSelector('.rise');
		expect(await rise!.evaluate((own) => own.getAttribute('data-rise'))).toBe('ends');
	});
});

describe('special cases', () => {
	test('an empty region names a smallest conflict and how far it is apart', async () => {
		await show('max z = x + y\nneed: x + y >= 8\na: x <= 3\nb: y <= 3\nloose: x <= 90');
		await desk.shows('Region', 'need, a and b exclude one another');
		await desk.shows('Region', 'if each of the constraints were relaxed by 2/3');
		const marked = await desk.page.$$eval('.violated', (list) =>
			list.map((own) => own.getAttribute('data-line'))
		);
		expect(marked).toEqual(['need', 'a', 'b']);
	});

	test('an edge of best plans has a point that slides along it; a half-line too; without end the way is drawn', async () => {
		await show('max z = 4 x + 2 y\na: 2 x + y <= 8\nb: x + y <= 6\nc: x <= 3');
		await desk.click('Show values');
		await desk.shows('Region', 'Every best plan is (2, 4) + t·(1, −2) with 0 ≤ t ≤ 1.');
		await desk.page.focus('.slider-thumb');
		await desk.press('End');
		await desk.shows('Region', 't = 1: (3, 2), z = 16');
		await desk.turnTo('Overview');
		await show('min z = x\na: x >= 1\nb: x + y >= 3');
		await desk.click('Show values');
		await desk.shows('Region', 'Every best plan is (1, 2) + t·(0, 1) with t ≥ 0.');
		expect(await desk.page.$('[data-way="best"]')).not.toBeNull();
		await desk.turnTo('Overview');
		await show('max z = x + y\na: x - y <= 2');
		await desk.page.locator('[data-pane="steps"] li:last-child button').click();
		await desk.shows('Region', 'the problem is unbounded');
		expect(await desk.page.$('[data-way="improves"]')).not.toBeNull();
	});

	test('one variable is a number line; corners far apart have an inset', async () => {
		await show('max z = 3 x\na: 2 x <= 9\nb: x >= 1');
		await desk.shows('Region', 'The region is a segment with 2 ends. Ends: 9/2 and 1.');
		expect(await desk.page.$$eval('svg [data-line]', (list) => list.length)).toBe(2);
		await desk.turnTo('Overview');
		await show('max z = x + y\na: x + y <= 10000\nb: x >= 1\nc: y >= 1\nd: x + y >= 3');
		await desk.page.waitForSelector('[data-inset]');
	});
});

describe('three variables and more', () => {
	const SOLID =
		'max z = 5 x + 4 y + 3 w\na: 2 x + 3 y + w <= 5\nb: 4 x + y + 2 w <= 11\nc: 3 x + 4 y + 2 w <= 8';

	test('a body that turns, with the pivots along its edges', async () => {
		await show(SOLID);
		await desk.page.waitForSelector('.views');
		expect(await desk.page.$$eval('g.corner', (list) => list.length)).toBe(6);
		const outline = () =>
			desk.page.$$eval('polygon.face', (list) => list.map((own) => own.getAttribute('points')).join());
		const before = await outline();
		await drag('[data-pane="region"] .canvas', 80, 20);
		expect(await outline()).not.toBe(before);
		await focus('[data-pane="region"] svg[role="group"]');
		await desk.press('0');
		// Escape takes a turn back, though the button is still down
		const canvas = (await (await desk.page.$('[data-pane="region"] .canvas'))!.boundingBox())!;
		await desk.page.mouse.move(canvas.x + 40, canvas.y + canvas.height - 60);
		await desk.page.mouse.down();
		await desk.page.mouse.move(canvas.x + 120, canvas.y + canvas.height - 60, { steps: 4 });
		await desk.settled();
		expect(await outline()).not.toBe(before);
		await desk.page.keyboard.press('Escape');
		await desk.page.mouse.move(canvas.x + 160, canvas.y + canvas.height - 60, { steps: 4 });
		await desk.settled();
		expect(await outline()).toBe(before);
		await desk.page.mouse.up();
		await focus('[data-pane="region"] svg[role="group"]');
		await desk.press('0');
		expect(await outline()).toBe(before);
		await (await desk.page.waitForSelector('[aria-label="Corner (2, 0, 1)"]'))!.click();
		await desk.page.waitForSelector('.walked');
		await desk.page.locator('[data-pane="steps"] li:last-child button').click();
		await desk.shows('Region', 'z is greatest at (2, 0, 1): 13.');
	});

	test('of four variables two are shown, and the others are said', async () => {
		await show('max z = x + y + v + w\na: x + y + v + w <= 10\nb: x - v <= 2');
		await desk.shows('Region', 'The other variables are held at v = 0 and w = 0.');
		await desk.click('Axes: x, y');
		const item = await desk.page.waitForFunction(() =>
			[...document.querySelectorAll<HTMLElement>('.menu-item')].find(
				(node) => node.textContent?.trim() === 'x, v, w'
			)
		);
		await (item as unknown as { click(): Promise<void> }).click();
		await desk.page.waitForSelector('.views');
		await desk.shows('Region', 'The other variables are held at y = 0.');
	});
});

test('the picture as SVG, PNG, TikZ, and the steps as a strip', async () => {
	const { arrived } = await desk.downloads();
	await show(`title "Kiln"\n${KILN}`);
	const saved = async (choice: string, name: string) => {
		await desk.choose('The picture as a file', choice);
		return arrived(name);
	};
	const svg = (await saved('SVG, light', 'Kiln-region-light.svg')).toString();
	expect(svg).toContain('viewBox');
	expect(svg).toContain('(2, 6)');
	expect(svg).not.toContain('var(--');
	const png = await saved('PNG for slides', 'Kiln-region-light-slides.png');
	expect([png.subarray(1, 4).toString(), png.readUInt32BE(16)]).toEqual(['PNG', 1920]);
	const tikz = (await saved('TikZ for LaTeX, as it is shown', 'Kiln-region.tikz')).toString();
	expect(tikz).toMatch(/\\begin\{tikzpicture\}[\s\S]*\{\(2, 6\)\};[\s\S]*\\end\{tikzpicture\}/);
	expect(tikz.match(/\\begin\{scope\}/g)!.length).toBe(tikz.match(/\\end\{scope\}/g)!.length);
	expect(tikz).not.toMatch(/NaN|undefined|[−≤]/);
	const edited = (await saved('TikZ for LaTeX, to edit', 'Kiln-region-coordinates.tikz')).toString();
	expect(edited).toMatch(/\\begin\{tikzpicture\}\[x=[\d.]+cm, y=[\d.]+cm[\s\S]*corner\{\(2,6\)\}/);
	const strip = (
		await saved('Strip of the construction’s steps (SVG), black', 'Kiln-region-steps-print.svg')
	).toString();
	expect(strip.match(/<svg/g)!.length).toBe(25);
	expect(strip).toContain('The conclusion');
	await desk.shows('Region', 'The region is a polygon');
});

test('axe finds nothing, while it is built and when it is done', async () => {
	await show(KILN);
	const find = async () => {
		await desk.settled();
		return desk.barriers();
	};
	expect(await find()).toEqual([]);
	for (let i = 0; i < 6; i++) await desk.press('PageDown');
	expect(await find()).toEqual([]);
	await desk.turnTo('Overview');
	await show('max z = x + y + w\na: x + y + w <= 3');
	await desk.page.waitForSelector('.views');
	expect(await find()).toEqual([]);
});
