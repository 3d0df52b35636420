import { expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

freshVisits();

const MIX = `max profit = 30 bowls + 40 jugs
clay: 2 bowls + 3 jugs <= 12
wheel: 4 bowls + 3 jugs <= 18
kiln: 2 jugs <= 9`;

const way = (words: string) =>
	desk.page.evaluate((sought) => {
		[...document.querySelectorAll<HTMLElement>('.choose-item')]
			.find((item) => item.textContent?.trim() === sought)!
			.click();
	}, words);
const accessible = async () => expect(await desk.barriers()).toEqual([]);

test('wishes are searched for, finds come with their promises, and one is taken as a lesson with its recipe', async () => {
	await desk.turnTo('Design');
	// the page shows its first finds without being asked
	await desk.page.waitForFunction(() => document.querySelectorAll('article').length === 4);
	await desk.choose('Add a wish about method', 'no tableau has a fraction');
	await desk.page.waitForSelector('[aria-label="Wish 4, largest denominator"]');
	await desk.click('Search');
	await desk.shows('Problems found', 'no tableau has a fraction ✓');
	await desk.page.waitForFunction(() => document.querySelectorAll('article').length === 4);
	await accessible();
	await desk.choose('Add a wish about whole numbers', 'all variables must be whole');
	await desk.shows('Wishes', 'the best plan cannot be whole and fractional');
	await (await desk.page.waitForSelector('article[aria-label="Problem 1"] button.now'))!.click();
	await desk.page.waitForFunction(() => location.pathname === '/');
	await desk.shows('Problem', 'bowls');
	// the lesson keeps its recipe, and another device goes on with it
	await desk.turnTo('Design');
	await desk.click('exactly one plan is best');
	await desk.click('Leave wish 1 out');
	await desk.click('Go on with its recipe');
	await desk.click('no tableau has a fraction');
	await desk.page.waitForSelector('[aria-label="Wish 4, largest denominator"]');
	await accessible();
});

test('a named exercise sets the whole sentence and searches; good form can be turned off part by part', async () => {
	await desk.turnTo('Design');
	await desk.click('Dual simplex');
	await desk.shows('Wishes', 'relations ≥ ≥');
	await desk.shows('Wishes', 'the method that suits it is dual simplex');
	await desk.page.waitForFunction(() => document.querySelectorAll('article').length === 4);
	await desk.click('in good form');
	await accessible();
	await (await desk.page.waitForSelector('aria/no two constraints are parallel[role="checkbox"]'))!.click();
	await desk.shows('Wishes', 'in good form but for 1');
	await desk.click('Allow untidy ones');
	await desk.shows('Wishes', 'tidy or not');
});

test('wishes that exclude each other: what was never met together is named, and what came nearest stands there', async () => {
	await desk.turnTo('Design');
	for (const wish of ['exactly one plan is best', 'the best plan is whole', 'the run takes 2 pivots']) {
		await desk.click(wish);
		await desk.click('Leave wish 1 out');
	}
	await desk.click('any relations');
	for (const relation of ['r1', 'r2', 'r3'])
		await desk.page.select(`select[aria-label="Relation of ${relation}"]`, '<=');
	await desk.choose('Add a wish about region', 'the region has 5 corners');
	await desk.choose('Add a wish about region', 'a constraint is redundant');
	await desk.click('Search');
	await desk.page.waitForFunction(() => {
		const told = /searching.* (\d+) candidates/.exec(
			document.querySelector('[data-pane="finds"]')!.textContent ?? ''
		);
		return told && Number(told[1]) > 0;
	});
	await desk.click('Stop');
	await desk.shows('Problems found', 'These wishes were never met together in the sample');
	await desk.shows('Problems found', 'a second');
	await desk.page.waitForSelector('article[aria-label="Near miss 1"]');
	await accessible();
});

test('a problem keeps its promise around a plan, and a mix of what binds makes the plan best, all with one undo', async () => {
	await desk.write(MIX);
	await desk.turnTo('Design');
	await way('Around a plan');
	const fill = async (label: string, text: string) => {
		await desk.page.locator(`input[aria-label="${label}"]`).fill(text);
		await desk.press('Tab');
	};
	await fill('Amount of bowls', '3');
	await fill('Amount of jugs', '4');
	await fill('Left of clay', '0');
	await fill('Left of wheel', '0');
	const value = (label: string) =>
		desk.page.$eval(`input[aria-label="${label}"]`, (input) => (input as HTMLInputElement).value);
	expect(await value('Amount of clay')).toBe('18');
	await fill('clay per jugs', '5');
	expect([await value('Left of clay'), await value('Amount of clay')]).toEqual(['0', '26']);
	expect(await desk.page.$$('[data-pane="region"] polygon title')).toHaveLength(2);
	await fill('profit per jugs', '10');
	await desk.shows('Around a plan', 'The nearest whole coefficients that make it optimal');
	await desk.click('Use this combination');
	await desk.shows('Around a plan', 'With this objective the plan is optimal.');
	await accessible();
	const after = await desk.text();
	await desk.click('Undo the last change');
	expect(await value('profit per bowls')).toBe('30');
	await desk.click('Redo the last change');
	expect(await desk.text()).toBe(after);
	await fill('Amount of clay', '20');
	await desk.shows('Around a plan', 'The plan is infeasible: it violates');
});

test('a problem is begun with nothing in it, under the names of the pottery', async () => {
	await desk.turnTo('Design');
	await way('Around a plan');
	await desk.page.select('[aria-label="A new problem"] select', 'min');
	await desk.click('New problem');
	await desk.shows('Statement', 'min cost [thalers] = 0');
	await desk.shows('Statement', 'market: 0 ≥ 0');
	await accessible();
});

test('variants of a lesson are made, with their answers, and go out as a collection', async () => {
	await desk.write(MIX);
	const { arrived } = await desk.downloads();
	await desk.turnTo('Design');
	await way('Variants of this lesson');
	await desk.click('Make variants');
	await desk.page.waitForFunction(() => document.querySelectorAll('article').length === 4);
	await accessible();
	// handed out without the answers, and printed alone
	expect(await desk.page.$$('article .key')).toHaveLength(4);
	await desk.page.click('[data-pane="variants"] input[type="checkbox"]');
	expect(await desk.page.$$('article .key, article .best')).toHaveLength(0);
	await desk.page.evaluate(() => {
		window.print = () => (document.title = String(document.querySelectorAll('.print-alone article').length));
	});
	await desk.click('Print');
	expect(await desk.page.title()).toBe('4');
	await desk.page.evaluate(() => dispatchEvent(new Event('afterprint')));
	expect(await desk.page.$('.print-alone')).toBeNull();
	await desk.click('Export as a collection');
	const file = JSON.parse((await arrived('variants.mathesis.json')).toString()) as { lessons: unknown[] };
	expect(file.lessons.length).toBe(4);
});
