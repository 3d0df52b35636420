import { expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

freshVisits();

const MIX = `max profit [thalers] = 30 bowls + 40 jugs
clay [kg]: 2 bowls + 3 jugs <= 12
wheel [hours]: 4 bowls + 3 jugs <= 16
kiln: 2 jugs <= 9`;

const look = (words: string) =>
	desk.page.evaluate((sought) => {
		[...document.querySelectorAll<HTMLElement>('.choose-item')]
			.find((item) => item.textContent?.trim() === sought)!
			.click();
	}, words);
const open = async (statement: string, words?: string) => {
	await desk.write(statement);
	await desk.turnTo('Sensitivity');
	if (words) await look(words);
};
const focus = (selector: string) => desk.page.$eval(selector, (node) => (node as SVGElement).focus());
const accessible = async () => expect(await desk.barriers()).toEqual([]);

test('a number is taken in the hand: its interval, what it is worth, what happens beyond, and the picture follows', async () => {
	await open(MIX);
	await desk.shows('What if', 'the amount of clay: 12 kg');
	await desk.shows('What if', 'Each extra kg increases profit by 35/3 thalers, up to');
	await desk.click('Amount of wheel: 16');
	await desk.shows('What if', 'It can increase by 8, to 24');
	expect(
		await desk.page.$$eval('[data-ghost]', (list) => list.map((line) => line.getAttribute('data-ghost')))
	).toEqual(['wheel 12', 'wheel 24']);
	await desk.page.locator('input[aria-label="The new number"]').fill('30');
	await desk.shows('What if', 'This is beyond the interval, so the basis changes: at 24');
	await desk.page.locator('input[aria-label="Price of one more"]').fill('2');
	await desk.shows('What if', 'is worth 5/3 thalers, 1/3 less than it costs.');
	await focus('[role="slider"][aria-label="Amount of wheel"]');
	await desk.press('Home');
	await desk.page.waitForFunction(
		() => document.querySelector<HTMLInputElement>('input[aria-label="The new number"]')!.value === '12'
	);
	// a drag is taken back by Escape
	const typed = (sought: string, isSame: boolean) =>
		desk.page.waitForFunction(
			(own, same) =>
				(document.querySelector<HTMLInputElement>('input[aria-label="The new number"]')!.value === own) ===
				same,
			{},
			sought,
			isSame
		);
	const box = (await (await desk.page.$(
		'[role="slider"][aria-label="Amount of wheel"] .grip'
	))!.boundingBox())!;
	await desk.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
	await desk.page.mouse.down();
	await desk.page.mouse.move(box.x + 60, box.y + 9, { steps: 4 });
	await typed('12', false);
	await desk.press('Escape');
	await typed('12', true);
	await desk.page.mouse.up();
	await desk.click('All intervals');
	await desk.shows('Numbers', 'jugs in profit');
	await accessible();
});

test('the value as a function, the map of two numbers, and the dual step by step', async () => {
	await open(MIX, 'As a function');
	await desk.shows('Best value', 'It is concave');
	await desk.shows('Best value', 'below it no plan is feasible');
	await focus('[role="slider"][aria-label="Number along the curve"]');
	await desk.press('PageDown');
	await desk.click('Reset');
	await accessible();
	await look('Two at once');
	await desk.page.waitForSelector('polygon.start');
	await desk.shows('Map of two numbers', 'is optimal: profit = 500/3 thalers');
	await desk.click('100 % rule');
	await focus('.picture-handle[role="button"]');
	await desk.press('ArrowRight');
	await desk.shows('Map of two numbers', 'Each change, as a share');
	await accessible();
	await look('The dual, written');
	await desk.shows('Last tableau of the dual', 'It is shown when the dual is written.');
	await desk.press('PageDown');
	await desk.shows('Primal and dual', 'a maximum has a minimum as its dual');
	await desk.press('PageDown');
	await desk.shows('Primal and dual', 'So y1 ≥ 0.');
	await desk.click('Whole');
	await desk.shows('Last tableau of the dual', 'y1');
	await desk.shows('Last tableau of the dual', 'The dual values of the dual are the primal plan');
	// a number of the one last tableau is marked in the other, rows and columns traded
	await desk.page.locator('[data-pane="last"] tr:nth-child(1) [data-cell$=" rhs"]').hover();
	await desk.page.waitForSelector('[data-pane="dual-tableau"] [data-goal] [data-twin]');
	await desk.shows('Last tableau of the dual', 'in the dual it stands in the objective row');
	await desk.page.focus('[aria-label^="Last tableau of the dual: "]');
	await desk.press('ArrowDown');
	await desk.page.waitForSelector('[data-pane="dual-tableau"] [data-own]');
	await desk.page.locator('[data-pane="dual-tableau"] tr:nth-child(1) [data-cell$=" rhs"]').hover();
	await desk.page.waitForSelector('[data-pane="last"] [data-goal] [data-twin]');
	await desk.click('As tables');
	await desk.shows('Primal and dual', 'rows and columns traded');
	await accessible();
	// both are solved beside each other, each by its own steps
	const side = (name: string) => `section[aria-label="${name}"]`;
	const last = (name: string) =>
		desk.page.$eval(`${side(name)} .simplex [data-cell="objective rhs"]`, (cell) => cell.textContent!.trim());
	await desk.click('Solve both');
	await desk.page.waitForSelector(`${side('The dual')} .simplex`);
	const primal = await last('The primal');
	await desk.page.click(`${side('The dual')} [aria-label="To the end"]`);
	await desk.page.waitForFunction(
		(own) => document.querySelector(own)!.textContent!.includes('Optimal'),
		{},
		side('The dual')
	);
	expect(await last('The primal')).toBe(primal);
	await accessible();
	// its rows are not the lesson's: no marks, slacks and objective of their own
	expect(await desk.page.$$(`${side('The primal')} .simplex .glyph`)).not.toHaveLength(0);
	expect(await desk.page.$$(`${side('The dual')} .simplex .glyph`)).toHaveLength(0);
	expect(await desk.page.$eval(`${side('The dual')} .simplex`, (table) => table.textContent)).toContain('t1');
	await look('The dual, written');
	await desk.click('Open the dual');
	await desk.page.waitForFunction(() => location.pathname === '/simplex');
	await desk.click('↩ Back');
	await desk.page.waitForFunction(() => location.pathname === '/sensitivity');
});

test('any plan and dual values bound one another; the best of both leave no gap; without a best plan that is said', async () => {
	await open(MIX, 'Plan and dual values');
	await desk.shows('Plan and dual values', 'so there is no bound yet');
	await desk.click('The best of both');
	await desk.shows('Plan and dual values', "The plan's profit and the bound are both 500/3");
	await desk.page.locator('input[aria-label="Dual value of kiln"]').fill('3');
	await desk.press('Tab');
	await desk.shows('Plan and dual values', 'a gap of');
	await desk.click('Dual values from the plan');
	await desk.click('Use them');
	await desk.shows('Plan and dual values', 'are both 500/3');
	await accessible();
	await desk.turnTo('Overview');
	await open('max z = x\nr: x >= 3', 'Ranges');
	await desk.shows('What if', 'The problem has no best plan now');
	await look('As a function');
	await desk.shows('Best value', 'unbounded');
});

test('a number is taken in the hand where it stands: in the typeset problem, in the table, in the statement', async () => {
	await desk.write(MIX);
	await desk.page.waitForFunction(() => document.querySelectorAll('.typeset .asked').length === 5);
	await desk.page.$$eval('.typeset .asked', (list) =>
		list[1].dispatchEvent(new MouseEvent('click', { bubbles: true }))
	);
	await desk.shows('What if', 'jugs');
	await desk.turnTo('Problem');
	await desk.page.focus('[aria-label="Amount of kiln"]');
	await desk.page.keyboard.down('Alt');
	await desk.press('q');
	await desk.page.keyboard.up('Alt');
	await desk.shows('What if', 'the amount of kiln: 9');
	// bounds other than signs are rows of the dual, or kept
	await desk.turnTo('Overview');
	await open(MIX + '\njugs to 3', 'The dual, written');
	await desk.click('Whole');
	await desk.shows('Primal and dual', 'upper bound of jugs');
	await desk.click('Bounds kept');
	await desk.shows('Primal and dual', 'd jugs');
});
