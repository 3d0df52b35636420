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
		expect(await desk.text()).toBe(MIX.replace('2 jugs <= 12', '39/2500 jugs <= 12'));
		await desk.page.focus('input[aria-label="Amount of clay"]');
		await desk.page.keyboard.type('19');
		// in step while it is typed, and back again
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('<= 19')
		);
		await desk.press('Escape');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('<= 18')
		);
		await fill('gain per cups', '7/2');
		await fill('Amount of shelf', '');
		const after = MIX.replace('2 jugs <= 12', '39/2500 jugs <= 12')
			.replace('gain [thalers] = 3 cups', 'gain [thalers] = 7/2 cups')
			.replace('cups <= 4', 'cups <= 0');
		expect(await desk.text()).toBe(after);
		await desk.click('shelf: at most; change');
		expect(await desk.text()).toBe(after.replace('cups <= 0', 'cups ≥ 0'));
	});

	test('names and units are taken on Tab and on a click elsewhere, too', async () => {
		const type = async (label: string, value: string) => {
			await desk.page.focus(`input[aria-label="${label}"]`);
			await desk.press('Control+a');
			await desk.page.keyboard.type(value);
		};
		const has = (part: string) =>
			desk.page.waitForFunction(
				(own) => document.querySelector('.cm-content')?.textContent?.includes(own),
				{},
				part
			);
		await type('Name of the resource shelf', 'rack');
		await desk.press('Tab');
		await has('rack: cups');
		await type('Unit of clay', 'pounds');
		await desk.page.click('[data-pane="typeset"] .title, [data-pane="typeset"]');
		await has('clay [pounds]');
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

	test('what cannot be read keeps the number, and stays in its cell while another page is shown', async () => {
		await fill('Amount of clay', '12 h');
		await desk.shows('Table', '“12 h” is no number.');
		expect(await desk.text()).toBe(MIX);
		await desk.page.locator('nav a[href="/simplex"]').click();
		await desk.page.waitForSelector('[data-pane="tableau"]');
		await desk.page.locator('nav a[href="/problem"]').click();
		await desk.page.waitForSelector('input[aria-label="Amount of clay"]');
		await desk.page.waitForFunction(
			() => document.querySelector<HTMLInputElement>('input[aria-label="Amount of clay"]')?.value === '12 h'
		);
		await desk.shows('Table', '“12 h” is no number.');
		await fill('Amount of clay', '12');
		expect(await desk.text()).toBe(MIX.replace('<= 18', '<= 12'));
	});

	test('a new lesson is written by keys alone: names, Tab to the numbers, Escape out of the editor', async () => {
		await desk.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await desk.press('w');
		await desk.page.waitForFunction(
			() => document.activeElement?.getAttribute('aria-label') === 'Name of the activity x1'
		);
		await desk.page.keyboard.type('small bowls');
		await desk.press('Tab');
		await desk.page.keyboard.type('vases');
		await desk.press('Tab');
		await desk.page.waitForFunction(
			() => document.activeElement?.getAttribute('aria-label') === 'z per small_bowls'
		);
		await desk.page.keyboard.type('3');
		await desk.press('ArrowDown');
		await desk.page.waitForFunction(
			() => document.activeElement?.getAttribute('aria-label') === 'r1 per small_bowls'
		);
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('3 small_bowls')
		);
		// the editor is left by Escape: then 3 is a page, and no figure
		await desk.enterStatement();
		await desk.press('Escape');
		await desk.page.waitForFunction(() => !document.activeElement?.closest('.cm-editor'));
		await desk.press('3');
		await desk.page.waitForFunction(() => location.pathname === '/region');
	});

	test('behind a sheet no key acts on the page', async () => {
		await desk.click('Paste table');
		await desk.page.waitForSelector('[role="dialog"]');
		await desk.page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur());
		await desk.press('3');
		await desk.press('w');
		expect(new URL(desk.page.url()).pathname).toBe('/problem');
		await desk.press('Escape');
		await desk.page.waitForFunction(() => !document.querySelector('[role="dialog"]'));
		expect(await desk.text()).toBe(MIX);
		await desk.press('3');
		await desk.page.waitForFunction(() => location.pathname === '/region');
	});

	test('activities and resources come and go, and a block from a spreadsheet fills the cells', async () => {
		await desk.click('Add resource');
		await desk.page.waitForFunction(
			() => document.activeElement?.getAttribute('aria-label') === 'Name of the resource r4'
		);
		await desk.page.type('input[aria-label="r4 per jugs"]', '1');
		await desk.page.focus('input[aria-label="Amount of r4"]');
		expect(await desk.text()).toBe(MIX);
		await desk.page.type('input[aria-label="Amount of r4"]', '9\n');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('r4: jugs ≤ 9')
		);
		await desk.click('Add activity');
		await desk.page.waitForSelector('input[aria-label="r4 per x3"]');
		await clipboard('paste', 'clay per cups', '8\t9\t10\n1/2\t0,25\t-1\n');
		await desk.shows('Problem', 'r4');
		expect([await field('clay per x3'), await field('r4 per jugs'), await field('r4 per x3')]).toEqual([
			'10',
			'1/4',
			'-1'
		]);
		await desk.choose('More for the resource shelf', 'Remove');
		await desk.page.waitForFunction(() => !document.querySelector('input[aria-label="Amount of shelf"]'));
		expect(await desk.text()).not.toContain('shelf');
		await desk.click('Undo the last change');
		await desk.page.waitForSelector('input[aria-label="Amount of shelf"]');
		expect(await desk.text()).toContain('shelf');
	});
});

/** Copies or pastes at a field, as the clipboard does; gives what was copied. */
const clipboard = (kind: 'copy' | 'paste', label: string, text = '') =>
	desk.page.$eval(
		`input[aria-label="${label}"]`,
		(input, [own, content]) => {
			const clipboardData = new DataTransfer();
			if (own === 'paste') clipboardData.setData('text/plain', content);
			input.dispatchEvent(new ClipboardEvent(own, { bubbles: true, cancelable: true, clipboardData }));
			return clipboardData.getData('text/plain');
		},
		[kind, text] as const
	);

describe('blocks, order, bounds', () => {
	test('a block is chosen by keys, copied and cleared', async () => {
		await desk.page.focus('input[aria-label="kiln per cups"]');
		await desk.press('Shift+ArrowRight');
		await desk.press('Shift+ArrowDown');
		expect(await clipboard('copy', 'kiln per cups')).toBe('\t2\n3\t2');
		await desk.press('Delete');
		await desk.shows('Problem', 'clay');
		expect(await desk.text()).toContain('clay [kg]: 0 <= 18');
		await desk.click('Undo the last change');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('3 cups + 2 jugs')
		);
	});

	test('rows and columns trade places, a row is turned, bounds and domains are said', async () => {
		await desk.choose('More for the resource clay', 'Move up');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.match(/clay.*kiln/s)
		);
		await desk.choose('More for the activity jugs', 'Move left');
		expect((await desk.text()).split('\n')[1]).toBe('jugs, cups');
		await desk.choose('More for the resource shelf', 'Multiply by');
		expect(await desk.text()).toContain('shelf: -cups ≥ -4');
		await fill('Greatest amount of jugs', '11/2');
		await desk.click('jugs: any part; change');
		expect(await desk.text()).toContain('jugs to 11/2 integer, cups'.split(',')[0]);
		await fill('Least amount of cups', 'none');
		expect(await desk.text()).toContain('cups free');
		await fill('Unit of clay', 'tons');
		expect(await desk.text()).toContain('clay [tons]');
	});

	test('a table from a spreadsheet is looked at, set right, and becomes the problem; one undo takes it back', async () => {
		await clipboard(
			'paste',
			'clay per cups',
			';bowls;vases;;amount\nprofit;30;45;;\nclay;2,5;4;<=;100\norders;1;many;>=;12\n'
		);
		await desk.page.waitForFunction(() => document.body.innerText.includes('Row 4, column 3'));
		const area = await desk.page.waitForSelector('textarea[aria-label="The cells as text"]');
		await area!.evaluate((node) => {
			const own = node as HTMLTextAreaElement;
			own.value = own.value.replace('many', '1');
			own.dispatchEvent(new Event('input', { bubbles: true }));
		});
		await desk.page.waitForFunction(() => document.body.innerText.includes('2 activities, 2 resources'));
		await desk.click('Use as the problem');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('5/2 bowls')
		);
		expect(await desk.text()).toContain('orders: bowls + vases ≥ 12');
		await desk.click('Undo the last change');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('two ovens')
		);
		// one that stands in the place of the statement
		await desk.write('         A   B   RHS\nprofit   5   4\nlabour   2   1   ≤ 100');
		await desk.click('Read the table');
		await desk.click('Use as the problem');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('labour: 2 A + B ≤ 100')
		);
	});
});

describe('the statement and the story', () => {
	test('what is written by another habit is told, and rewritten at one press; what is ambiguous is asked', async () => {
		await desk.write('Maximise z = 3x₁ + 5x₂ s.t.\nx₁ + x₂ ≤ 1,500.');
		await desk.shows('Statement', '“1,500” is read as 1500.');
		await desk.click('It is 1500');
		await desk.shows('Statement', '“x₁” is read as “x1”');
		await desk.page.locator('aria/Rewrite all[role="button"]').click();
		await desk.page.waitForFunction(() => !document.querySelector('.findings li'));
		expect((await desk.text()).trim()).toBe('Maximise z = 3x1 + 5x2\nx1 + x2 ≤ 1500');
	});

	test('a name is changed everywhere from the cursor, and names in use are offered', async () => {
		await desk.enterStatement();
		await desk.press('Control+End');
		await desk.page.keyboard.type('\nlast: jug');
		await desk.page.waitForFunction(() =>
			[...document.querySelectorAll('.cm-tooltip-autocomplete li')].some(
				(option) => option.textContent === 'jugs'
			)
		);
		// what has only just come up is not taken by mistake
		await desk.page.evaluate(() => {
			const { now } = Date;
			Date.now = () => now() + 1_000;
		});
		await desk.press('Tab');
		await desk.page.keyboard.type(' ≤ 9');
		expect(await desk.text()).toContain('last: jugs ≤ 9');
		await desk.press('Home');
		await desk.press('F2');
		await desk.page.waitForSelector('form input');
		await desk.press('Control+a');
		await desk.page.keyboard.type('limit');
		await desk.press('Enter');
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('limit: jugs')
		);
	});

	test('words of the story light the number that they gave, and the kind of problem is told until it is hidden', async () => {
		await desk.click('Write');
		await desk.page.type(
			'textarea[aria-label="Story, in Markdown"]',
			'A dozen cups takes [3 kg](#clay.cups) of clay.'
		);
		await desk.click('Done');
		await desk.page.waitForSelector('.prose a[href="#clay.cups"]');
		await desk.page.hover('.prose a[href="#clay.cups"]');
		await desk.page.waitForSelector('td.here input[aria-label="clay per cups"]');
		await desk.page.waitForSelector('.cm-content .lit-name');
		await desk.shows('Problem', 'one best plan');
		await desk.page.evaluate(() => (document.activeElement as HTMLElement).blur());
		await desk.press('k');
		await desk.page.waitForFunction(() => !document.querySelector('.kind-word'));
		await desk.click('In words');
		await desk.shows(
			'Problem',
			'clay: 3 kg for each unit of cups and 2 kg for each unit of jugs, at most 18 kg.'
		);
	});
});

describe('plans that are tried', () => {
	test('the plan is dragged in the region, takes a corner when it is near, and marks the lines it crosses', async () => {
		const plan = await desk.page.waitForSelector('[data-pane="region"] g[aria-label^="The plan"]');
		const from = (await plan!.boundingBox())!;
		const [x, y] = [from.x + from.width / 2, from.y + from.height / 2];
		await desk.page.mouse.move(x, y);
		await desk.page.mouse.down();
		await desk.page.mouse.move(x + 260, y - 500, { steps: 6 });
		await desk.page.mouse.up();
		await desk.shows('Plans', 'infeasible');
		expect(await desk.page.$$eval('g.violated', (all) => all.length)).toBeGreaterThan(0);
		await desk.click('To corner');
		await desk.page.waitForFunction(() => !document.querySelector('g.violated'));
	});

	test('use, what is left and what is broken; the best stays hidden until it is asked for', async () => {
		await fill('Amount of cups', '4');
		await fill('Amount of jugs', '7/2');
		await desk.shows('Plans', 'gain = 59/2 thalers');
		await desk.shows('Plans', 'clay 19 ≤ 18 kg 1 too much');
		await desk.shows('Plans', 'gain = 59/2 thalers: infeasible');
		expect(await desk.page.$$eval('.corner circle.best', (list) => list.length)).toBe(0);
		await desk.click('Keep');
		await desk.click('Round');
		await desk.shows('Plans', 'gain = 32 thalers: infeasible');
		await desk.click('To corner');
		await desk.shows('Plans', 'gain = 27 thalers');
		await desk.click('Show best');
		await desk.shows('Plans', '36');
		await desk.page.waitForSelector('.corner circle.best');
		await desk.click('Try best');
		await desk.shows('Plans', 'gain = 36 thalers');
		await desk.shows('Plans', 'kiln 12 ≤ 12 hours used up');
	});

	test('an amount that is pressed is replaced by what is typed, also right after another was', async () => {
		for (const [name, amount] of [
			['cups', '26'],
			['jugs', '11']
		]) {
			await desk.page.locator(`input[aria-label="Amount of ${name}"]`).click();
			await desk.page.keyboard.type(amount);
			// the tab key goes to the next amount, which is then pressed all the same
			await desk.press('Tab');
		}
		expect([await field('Amount of cups'), await field('Amount of jugs')]).toEqual(['26', '11']);
	});

	test('kept plans are there again after the page is loaded anew', async () => {
		await fill('Amount of cups', '2');
		await desk.click('Keep');
		await desk.kept();
		await desk.page.reload();
		await desk.page.waitForSelector('button[aria-label="Try plan 1"]');
		await desk.click('Try plan 1');
		expect(await field('Amount of cups')).toBe('2');
	});

	test('axe finds nothing on the page', async () => {
		await fill('Amount of cups', '9');
		await desk.click('Keep');
		expect(await desk.barriers()).toEqual([]);
	});
});

describe('the corner table', () => {
	test('values come one by one or all, the best is marked then, and corners answer to one another', async () => {
		await desk.turnTo('Region');
		await desk.shows('Corner table', '(4, 3) shelf clay');
		expect(await desk.read('Corner table')).not.toContain('27');
		await desk.click('Show gain at (4, 3)');
		await desk.shows('Corner table', '3·4 + 5·3 = 27');
		expect(await desk.page.$('.corner circle.best')).toBeNull();
		await desk.click('Show values');
		await desk.shows('Corner table', '3·2 + 5·6 = 36 best');
		await desk.page.waitForSelector('.corner circle.best');
		await desk.page.hover('tr.best th');
		await desk.page.waitForSelector('.corner.lit circle.best');
		await desk.click('All intersections');
		await desk.shows('Corner table', '(6, 0) clay jugs = 0 not feasible');
	});
});
