import { expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

freshVisits();

const LOADS = `max profit [thalers] = 5 bowls + 8 vases
shelves: bowls + vases <= 6
firing: 5 bowls + 9 vases <= 45
bowls, vases integer`;

async function integers(statement: string, way?: string): Promise<void> {
	await desk.write(statement);
	await desk.turnTo('Integers');
	if (way) await showWay(way);
}
const showWay = (way: string) =>
	desk.page.evaluate((words) => {
		[...document.querySelectorAll<HTMLElement>('.choose-item')]
			.find((item) => item.textContent?.trim() === words)!
			.click();
	}, way);
const accessible = async () => expect(await desk.barriers()).toEqual([]);

test('every rounding is judged, also a whole point that is pointed at; the best is found and compared', async () => {
	await integers(LOADS);
	await desk.shows('Rounding', 'bowls = 9/4 and vases = 15/4: not whole');
	await desk.shows('Rounding', 'violates firing by 1');
	await desk.shows('Rounding', 'Whether it is optimal is not known yet');
	await desk.click('Find an optimal integer plan');
	await desk.shows('Rounding', 'An optimal integer plan is (0, 5) with profit = 40');
	await desk.shows(
		'Rounding',
		'Rounding down stays in the region, but is worse than the best integer plan by 6 thalers'
	);
	expect(await desk.page.$$eval('.points .feasible', (list) => list.length)).toBe(25);
	await desk.page.type('::-p-aria(An integer plan to judge: bowls, vases)', '1, x');
	await desk.click('Check this plan');
	await desk.page.waitForSelector('[role="alert"]');
	await desk.page.click('::-p-aria(An integer plan to judge: bowls, vases)', { count: 3 });
	await desk.page.keyboard.type('0, 5');
	await desk.press('Enter');
	await desk.shows('Rounding', 'pointed at');
	await desk.page.evaluate(() => (document.activeElement as HTMLElement).blur());
	await desk.press('u');
	await desk.page.waitForSelector('.hull');
	await accessible();
});

test('in three variables the body holds its whole points and their hull, and shows what a branch leaves', async () => {
	await integers(
		'max profit = 5 bowls + 8 vases + 6 plates\na: bowls + vases + plates <= 2\nb: 2 vases <= 3\nbowls, vases, plates integer'
	);
	await desk.page.waitForSelector('circle.whole');
	expect(await desk.page.$$eval('circle.whole', (list) => list.length)).toBe(9);
	await desk.page.evaluate(() => (document.activeElement as HTMLElement).blur());
	await desk.press('u');
	await desk.page.waitForSelector('line.hull');
	expect(await desk.page.$$eval('line.hull', (list) => list.length)).toBe(9);
	await showWay('Branch and bound');
	await desk.press('x');
	await desk.press('x');
	await desk.page.waitForSelector('polygon.removed');
	await desk.page.waitForSelector('polygon.left');
	await accessible();
});

test('cuts by hand: the row chosen and derived, the cut drawn, its pivots, a composed one; then by rule until whole, and proved', async () => {
	await integers(LOADS, 'Cutting planes');
	await desk.press('g');
	await desk.shows('Cutting planes', 'The row as an equation: bowls + 9/4 s1 − 1/4 s2 = 9/4.');
	await desk.shows('Cutting planes', 'In the variables of the problem: 4 bowls + 7 vases ≤ 35.');
	await desk.page.evaluate(() =>
		[...document.querySelectorAll<HTMLElement>('.rows button')]
			.find((own) => own.textContent!.startsWith('vases'))!
			.click()
	);
	await desk.click('Cut from this row');
	await desk.shows('Commentary', 'Cut 1, from row vases');
	await desk.shows('Tableau', 'c1');
	await desk.press('g');
	await desk.shows('Cutting planes', 'meets the hull');
	await desk.press('b');
	await desk.press('b');
	await desk.click('Compose …');
	await desk.page.type('::-p-aria(shelves)', '9/4');
	await desk.page.type('::-p-aria(firing)', '1/4');
	await desk.shows('Cutting planes', '9/4 times shelves and 1/4 times firing, added');
	await desk.click('Add this cut');
	await desk.shows('Commentary', 'composed of constraints');
	await desk.click('Compose …');
	await desk.click('Until whole');
	await desk.shows('Cutting planes', 'every variable that must be integer is whole');
	await desk.shows('Tableau', '40');
	await showWay('Proof');
	await desk.shows('Proof', '✓ checked against the constraints with the cuts');
	await desk.shows('Proof', '25 whole points lie in the region');
	await accessible();
});

test('undo takes a tree back step by step, and brings it back with the problem that it belongs to', async () => {
	await integers(LOADS, 'Branch and bound');
	for (const solved of ['1 node solved', '2 nodes solved', '3 nodes solved']) {
		await desk.press('x');
		await desk.shows('Branch and bound', solved);
	}
	await desk.turnTo('Overview');
	await desk.write(LOADS.replace('8 vases', '7 vases'));
	await desk.turnTo('Integers');
	await desk.press('x');
	await desk.shows('Branch and bound', '1 node solved');
	await desk.press('Control+z');
	await desk.press('Control+z');
	await desk.shows('Branch and bound', '3 nodes solved');
	await desk.press('Control+z');
	await desk.shows('Branch and bound', '2 nodes solved');
	await desk.press('Control+y');
	await desk.shows('Branch and bound', '3 nodes solved');
});

test('the tree by hand: the class is asked, a variable and a node are chosen; then by rule to the end, with its proof and a node’s tableau', async () => {
	await integers(LOADS, 'Branch and bound');
	await desk.click('Ask first');
	await desk.press('x');
	await desk.shows('Branch and bound', 'Is it closed, and why, or is it branched on?');
	await desk.click('Branch on vases');
	await desk.shows('Branch and bound', 'Branched: vases = 15/4 is not whole, so vases ≤ 3 or vases ≥ 4.');
	await desk.page.$eval('svg[aria-label^="Branch-and-bound tree"]', (tree) =>
		(tree as SVGSVGElement).focus()
	);
	await desk.press('ArrowDown');
	await desk.press('Enter');
	await desk.shows('Branch and bound', '2 nodes solved');
	await desk.page.waitForSelector('.removed');
	await desk.click('Ask first');
	await desk.click('All nodes');
	await desk.shows(
		'Branch and bound',
		'bowls = 0 and vases = 5 is an optimal integer plan, profit = 40 thalers'
	);
	const words = await desk.page.$$eval('.node .word', (list) => list.map((word) => word.textContent));
	expect(words).toContain('incumbent');
	expect(await desk.page.$$('.node[aria-label*=": branched"]')).not.toHaveLength(0);
	// what nodes come to can be hidden and shown one by one, in the picture and in the sentences
	await desk.click('Hide results');
	const covered = () =>
		desk.page.$$eval('.node .word', (list) => list.filter((word) => word.textContent === 'covered').length);
	expect(await covered()).toBe(words.length);
	expect(await desk.read('Branch and bound')).not.toContain('best integer plan');
	await desk.click('Show its result');
	await desk.shows('Branch and bound', 'from its parent');
	expect(await covered()).toBe(words.length - 1);
	await desk.click('Hide results');
	// the tree is kept with the lesson, and solved again when it is looked at
	await desk.kept();
	await desk.page.reload();
	await desk.page.waitForSelector('.choose-item');
	await showWay('Branch and bound');
	await desk.shows(
		'Branch and bound',
		'bowls = 0 and vases = 5 is an optimal integer plan, profit = 40 thalers'
	);
	expect(await desk.page.$$eval('.node .word', (list) => list.map((word) => word.textContent))).toEqual(
		words
	);
	// another problem's tree shows nothing of this one
	await desk.turnTo('Overview');
	await desk.write(LOADS.replace('8 vases', '7 vases'));
	await desk.turnTo('Integers');
	await desk.press('x');
	await desk.shows('Branch and bound', '75/2');
	await desk.turnTo('Overview');
	await desk.write(LOADS);
	await desk.turnTo('Integers');
	await desk.click('All nodes');
	await desk.shows('Branch and bound', 'bowls = 0 and vases = 5 is an optimal integer plan');
	await desk.click('Its tableau');
	await desk.shows('Tableau', 's3');
	await desk.press('g');
	await desk.shows('Tableau', '40');
	await accessible();
	await showWay('Proof');
	await desk.shows('Proof', '✓ checked');
	expect(await desk.read('Proof')).not.toContain('✗ not proved');
	await showWay('Comparison');
	await desk.click('Compare the ways');
	await desk.shows('Comparison', 'the cuts, and every leaf closed');
});

test('what cannot be done is told: fractional bounds, no whole numbers, an unbounded problem, a pure cut in a mixed one', async () => {
	await integers('max z = x + y\na: 2 x + 3 y <= 12\nx from 1/2 to 7/2\nx, y integer', 'Cutting planes');
	await desk.press('r');
	await desk.shows('Tableau', 'x');
	await desk.turnTo('Simplex');
	await desk.shows('Trail', 'whole bounds for whole variables');
	await desk.turnTo('Overview');
	await desk.write('max z = x + y\na: x - y <= 1\nx, y integer');
	await desk.turnTo('Integers');
	await showWay('Rounding');
	await desk.shows('Rounding', 'The relaxation has no best plan (unbounded)');
	await showWay('Cutting planes');
	await desk.press('g');
	await desk.shows('Cutting planes', 'there is no point to cut off');
	await showWay('Branch and bound');
	await desk.shows('Branch and bound', 'no node has a bound');
	await desk.turnTo('Overview');
	await desk.write('max z = x + y\na: 2 x + 3 y <= 7\nb: x - y <= 2\nx, y free integer');
	await desk.turnTo('Integers');
	await showWay('Cutting planes');
	await desk.press('g');
	await desk.shows('Cutting planes', 'split in two');
	await desk.turnTo('Overview');
	await desk.write('max z = 2 x + y\na: 2 x + 3 y <= 7\nx integer');
	await desk.turnTo('Integers');
	await showWay('Cutting planes');
	await desk.press('g');
	const kind = '[data-pane="ways"] .bar label:nth-child(2) select';
	await desk.page.waitForSelector(kind);
	await desk.page.select(kind, 'fractional');
	await desk.click('Cut');
	await desk.shows('Commentary', 'Take the mixed-integer cut.');
	await desk.turnTo('Overview');
	await desk.write('max z = x\na: x <= 3');
	await desk.turnTo('Integers');
	await desk.shows('Cutting planes', 'All variables are continuous.');
	await desk.click('Make them integer');
	await desk.page.waitForSelector(kind);
});
