import axe from 'axe-core';
import { beforeEach, describe, expect, test } from 'vitest';
import { desk, freshVisits } from './visit';

freshVisits();
beforeEach(async () => {
	await desk.write(MIX);
	await desk.turnTo('Problem');
});

const MIX = `# the week
max gain [thalers] = 3 cups + 5 jugs # per dozen
shelf: cups <= 4
kiln [hours]: 2 jugs <= 12 # two ovens
clay [kg]: 3 cups + 2 jugs <= 18`;

/** Types into a field of the table or of the plan, and leaves it downwards. */
async function fill(label: string, value: string): Promise<void> {
	const field = (await desk.page.waitForSelector(`input[aria-label="${label}"]`))!;
	await field.focus();
	await desk.press('Control+a');
	await desk.press('Backspace');
	await desk.page.keyboard.type(value);
	await desk.press('Enter');
}

const field = (label: string) =>
	desk.page.$eval(`input[aria-label="${label}"]`, (input) => (input as HTMLInputElement).value);

describe('the technology table', () => {
	test('a cell that is changed changes the statement there and nowhere else', async () => {
		await fill('kiln per jugs', '15.6/1000');
		await desk.shows('Problem', 'kiln');
		expect(await desk.text()).toBe(MIX.replace('2 jugs <= 12', '39/2500 jugs ≤ 12'));
		await fill('gain per cups', '7/2');
		await fill('Amount of shelf', '');
		const after = MIX.replace('2 jugs <= 12', '39/2500 jugs ≤ 12')
			.replace('gain [thalers] = 3 cups', 'gain [thalers] = 7/2 cups')
			.replace('cups <= 4', 'cups ≤ 0');
		expect(await desk.text()).toBe(after);
		await desk.click('shelf: at most; change');
		expect(await desk.text()).toBe(after.replace('cups ≤ 0', 'cups ≥ 0'));
	});

	test('what is no number, or a name that is taken, is said and not taken', async () => {
		await fill('clay per cups', 'many');
		await desk.shows('Table', '“many” is no number.');
		expect(await desk.text()).toBe(MIX);
		await fill('clay per cups', '3');
		await fill('Name of the activity cups', 'jugs');
		await desk.shows('Table', '“jugs” is taken.');
		await fill('Name of the activity cups', 'mugs');
		expect(await desk.text()).toBe(MIX.replaceAll('cups', 'mugs'));
	});

	test('activities and resources come and go, and a block from a spreadsheet fills the cells', async () => {
		await desk.click('Add resource');
		await desk.click('Add activity');
		await desk.page.waitForSelector('input[aria-label="r4 per x3"]');
		await desk.page.$eval('input[aria-label="clay per cups"]', (input) => {
			const clipboardData = new DataTransfer();
			clipboardData.setData('text/plain', '8\t9\t10\n1/2\t0,25\t-1\n');
			input.dispatchEvent(new ClipboardEvent('paste', { bubbles: true, cancelable: true, clipboardData }));
		});
		await desk.shows('Problem', 'r4');
		expect([await field('clay per x3'), await field('r4 per jugs'), await field('r4 per x3')]).toEqual([
			'10',
			'1/4',
			'-1'
		]);
		await desk.click('Remove the resource shelf');
		expect(await desk.text()).not.toContain('shelf');
		await desk.click('Undo edit');
		await desk.page.waitForSelector('input[aria-label="Amount of shelf"]');
		expect(await desk.text()).toContain('shelf');
	});
});

describe('plans that are tried', () => {
	test('use, what is left and what is broken; the best stays hidden until it is asked for', async () => {
		await fill('Amount of cups', '4');
		await fill('Amount of jugs', '7/2');
		await desk.shows('Plans', 'gain = 59/2 thalers');
		await desk.shows('Plans', 'clay 19 ≤ 18 kg 1 too much');
		await desk.shows('Plans', 'gain = 59/2 thalers: not allowed');
		expect(await desk.page.$$eval('.corner circle.best', (list) => list.length)).toBe(0);
		await desk.click('Keep');
		await desk.click('Round');
		await desk.shows('Plans', 'gain = 32 thalers: not allowed');
		await desk.click('To corner');
		await desk.shows('Plans', 'gain = 27 thalers');
		await desk.click('Show best');
		await desk.shows('Plans', '36');
		await desk.page.waitForSelector('.corner circle.best');
		await desk.click('Try best');
		await desk.shows('Plans', 'gain = 36 thalers');
		await desk.shows('Plans', 'kiln 12 ≤ 12 hours used up');
	});

	test('kept plans are there again after the page is loaded anew', async () => {
		await fill('Amount of cups', '2');
		await desk.click('Keep');
		await desk.page.waitForFunction(() => document.body.innerText.includes('saved in this browser'));
		await new Promise((resolve) => setTimeout(resolve, 1000));
		await desk.page.reload();
		await desk.page.waitForSelector('button[aria-label="Try plan 1"]');
		await desk.click('Try plan 1');
		expect(await field('Amount of cups')).toBe('2');
	});

	test('axe finds nothing on the page', async () => {
		await fill('Amount of cups', '9');
		await desk.click('Keep');
		await desk.page.evaluate(axe.source);
		const result = await desk.page.evaluate(() => (globalThis as unknown as { axe: typeof axe }).axe.run());
		expect(result.violations.map(({ id, nodes }) => [id, nodes.map(({ html }) => html)])).toEqual([]);
	});
});
