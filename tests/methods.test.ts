import { describe, expect, test, vi } from 'vitest';
import { pasteStatement } from '../scripts/browser.mjs';
import { desk, freshVisits, server } from './visit';

freshVisits();

/** Orders that have to be met, and a set that is sold together. */
const ORDERS = `min effort [hours] = 2 bowls + 3 vases
order: bowls + vases >= 4
set: bowls - vases = 1
shelf: bowls <= 6`;

/** States a problem on the Overview and turns to the page Simplex. */
async function work(text: string): Promise<void> {
	await pasteStatement(desk.page, text);
	await desk.shows('Trail', 'start');
	await desk.turnTo('Simplex');
}

/** Starts in another way; what was done before stays in the trail. */
const startBy = (way: string) => desk.choose('Start', way);

const next = async (told: string) => {
	await desk.click('Next');
	await desk.shows('Commentary', told);
};

const goalRow = (kind: string) =>
	desk.page.$eval(`tr[data-goal="${kind}"]`, (row) =>
		[...row.children].map((cell) => (cell as HTMLElement).innerText.replace(/\s+/g, ' ').trim())
	);

describe('every method on the page Simplex', () => {
	test('standard form, one change at a time; two phases to the end', async () => {
		await work(ORDERS);
		await desk.shows('Standard form', 'The least effort is where −effort is greatest');
		const at = () => desk.page.$eval('[data-pane="form"] .count', (count) => count.textContent);
		expect(await at()).toBe('5 of 5');
		await desk.click('Change before');
		expect(await at()).toBe('4 of 5');
		const limits = () =>
			desk.page.$$eval('[data-pane="form"] .limit [role="img"]', (list) =>
				list.map((f) => f.getAttribute('aria-label'))
			);
		expect(await limits()).toEqual(['= 4', '= 1', '= 6']);
		for (let i = 0; i < 3; i++) await desk.click('Change before');
		expect(await limits()).toEqual(['= 4', '= 1', '≤ 6']);
		expect(await desk.page.$eval('th[data-column="a2"]', (head) => head.getAttribute('title'))).toBe(
			'the artificial variable of set'
		);
		expect((await goalRow('infeasibility')).slice(0, 7)).toEqual(['−w', '−2', '0', '1', '0', '0', '0']);
		await desk.shows('Commentary', 'the new row is minus the sum of the rows of a1 and a2');
		await next('bowls in, a2 out');
		await desk.shows('Commentary', 'order is violated by 3');
		expect(
			await desk.page.$$eval('g.line.violated', (list) => list.map((g) => g.getAttribute('data-line')))
		).toEqual(['order']);
		await desk.page.waitForSelector('g.here.outside');
		await next('vases in, a1 out');
		await next('Phase two');
		expect(await desk.page.$$eval('th.aside', (list) => list.map((th) => th.textContent!.trim()))).toEqual([
			'a1',
			'a2'
		]);
		await desk.shows('Commentary', 'Best plan: bowls = 5/2 and vases = 3/2. Then effort = 19/2 hours.');
		await desk.shows('Trail', 'phase two');
	});

	test('big M as a symbol', async () => {
		await work(ORDERS);
		await startBy('big M');
		await desk.shows('Commentary', 'Each artificial variable costs M');
		expect((await goalRow('objective')).slice(0, 4)).toEqual(['−effort', '2 − 2M', '3', 'M']);
		await next('each unit lowers the artificial variables by 2 in all');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Then effort = 19/2 hours.');
	});

	test('the dual simplex method compares along the row; a row that cannot hold is infeasible', async () => {
		await work(
			'min effort = 2 bowls + 3 vases\norder: bowls + vases >= 4\nmore: bowls + 3 vases >= 6\nshelf: bowls <= 9'
		);
		await desk.shows('Tableau', 'dual');
		const ratios = () =>
			desk.page.$$eval('.row-ratios td', (cells) =>
				cells.map((cell) => (cell as HTMLElement).innerText.trim())
			);
		expect((await ratios()).slice(0, 3)).toEqual(['2', '1', '–']);
		await next('vases in, s2 out');
		await desk.shows(
			'Commentary',
			's2 (the surplus of more) leaves: s2 = −6 is the most negative basic variable.'
		);
		await next('bowls in, s1 out');
		await desk.shows('Commentary', 'Best plan: bowls = 3 and vases = 1.');
		await desk.turnTo('Overview');
		await work('min effort = bowls\nshelf: bowls <= 2\norder: bowls >= 3');
		await desk.click('Next');
		await desk.shows('Commentary', 'Infeasible');
		await desk.shows(
			'Commentary',
			'Take order and −1 times shelf, and add them: 0 ≥ 1, which is never true.'
		);
	});

	test('rows without a basic variable: a pivot, a unit column, an artificial variable in one row', async () => {
		await work(ORDERS);
		await startBy('without a basis');
		await desk.shows('Commentary', 'Rows without a basic variable');
		const basics = () =>
			desk.page.$$eval('.simplex tbody th', (list) => list.map((th) => th.textContent!.replace(/\s/g, '')));
		expect(await basics()).toEqual(['(order)', '(set)', 's3']);
		await desk.choose('Go on with', 'artificial variable in row order');
		await desk.shows('Commentary', 'a1 = 4 in row order');
		await desk.page.locator('[title^="Pivot: bowls becomes basic in set"]').click();
		await desk.shows('Commentary', 'bowls becomes basic');
		expect(await basics()).toEqual(['a1', 'bowls', 's3']);
		await desk.choose('Go on with', 'Begin phase one');
		await desk.shows('Commentary', 'w = a1 is minimised');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Then effort = 19/2 hours.');
	});

	test('repair by pivots; a wrong pivot, what it breaks, and the ways on', async () => {
		await work(
			'max gain = 3 bowls + 2 vases\norder: bowls + vases >= 2\nclay: bowls + 2 vases <= 8\nkiln: bowls <= 5'
		);
		await startBy('pivot them to 0');
		await next('s1 = −2 must not be negative');
		await desk.shows('Trail', 'start with negative slacks');
		await next('The primal simplex method goes on');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Best plan: bowls = 5 and vases = 3/2.');
		await desk.turnTo('Overview');
		await work(
			'max gain = 3 bowls + 5 vases\nshelf: bowls <= 4\nkiln: 2 vases <= 12\nclay: 3 bowls + 2 vases <= 18'
		);
		await startBy('as suits the problem');
		await desk.pivot('vases', 's3');
		await desk.shows('Commentary', 'its ratio 9 is larger than 6 of s2');
		await desk.shows('Commentary', 'You can go back in the trail');
		await desk.choose('Go on with', 'Pivot negative');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Then gain = 36.');
	});

	test('a change at a tableau already reached, and on from there; a constraint added has its own look', async () => {
		await work(
			'max gain = 3 bowls + 5 vases\nshelf: bowls <= 4\nkiln: 2 vases <= 12\nclay: 3 bowls + 2 vases <= 18'
		);
		await desk.click('To the end');
		const change = async (what: string, fields: Record<string, string>) => {
			await desk.click('Change …');
			await desk.page.waitForSelector('select');
			await desk.page.select('select', what);
			for (const [label, value] of Object.entries(fields)) {
				const input = await desk.page.waitForSelector(`aria/${label}[role="textbox"]`);
				await input!.type(value);
			}
			await desk.page.locator('.sheet .now').click();
		};
		await change('rhs clay', { 'New number': '1/0' });
		await desk.page.waitForSelector('.fault');
		await desk.click('Cancel');
		await change('rhs clay', { 'New number': '10' });
		await desk.shows('Commentary', 'The right-hand side of clay is 10 instead of 18');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Best plan: bowls = 0 and vases = 5.');
		await change('cost bowls', { 'New number': '9' });
		await desk.click('To the end');
		await desk.shows('Commentary', 'Then gain = 30.');
		await change('add', { Name: 'order', Row: 'bowls + vases <= 3' });
		await desk.shows('Commentary', 'The constraint order is new');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Then gain = 27.');
		await desk.page.waitForSelector('[data-line="order"]');
		const colours = await desk.page.$$eval('g.line', (list) =>
			list.map((g) => (g as SVGGElement).style.color)
		);
		expect(new Set(colours).size).toBe(4);
		await desk.turnTo('Overview');
		expect(await desk.text()).toContain('clay: 3 bowls + 2 vases <= 18');
	});

	test('a known basis that comes back is a cycle, said and drawn in the trail', async () => {
		await work(
			'min z = -3/4 x1 + 20 x2 - 1/2 x3 + 6 x4\na: 1/4 x1 - 8 x2 - x3 + 9 x4 <= 0\nb: 1/2 x1 - 12 x2 - 1/2 x3 + 3 x4 <= 0\nc: x3 <= 1'
		);
		await desk.click('To the end');
		await desk.shows('Commentary', 'The same basis again');
		await desk.shows('Trail', 'same basis as step 1');
		await desk.shows('Trail', 'degenerate');
		await desk.page.waitForSelector('path.loop');
		await (await desk.step('start')).click();
		await desk.choose('Rule: largest coefficient', 'Bland');
		await desk.click('To the end');
		await desk.shows('Commentary', 'Then z = −5/4.');
	});

	test('the next step can be hidden from the class until it is revealed', async () => {
		await desk.page.waitForSelector('.entry.advised');
		await desk.page.evaluate(() => (document.activeElement as HTMLElement).blur());
		await desk.press('h');
		await desk.page.waitForSelector('.entry.advised', { hidden: true });
		expect(await desk.page.$$eval('.least', (list) => list.length)).toBe(0);
		await desk.press('h');
		await desk.page.waitForSelector('.entry.advised');
	});
});

describe('covered numbers', () => {
	test('a new tableau is shown number by number, by mouse and keys', async () => {
		const covered = () => desk.page.$$eval('.simplex .cover', (list) => list.length);
		const shows = (count: number) =>
			desk.page.waitForFunction(
				(sought) => document.querySelectorAll('.simplex .cover').length === sought,
				{},
				count
			);
		await desk.turnTo('Simplex');
		await desk.choose('Hide from the class', 'The numbers of each new tableau (m)');
		await desk.click('Next');
		await desk.shows('Commentary', 'numbers of this tableau are covered');
		const all = await covered();
		expect(
			await desk.tableau().then(
				(rows) =>
					rows
						.slice(1)
						.flat()
						.filter((cell) => cell === '?').length
			)
		).toBeGreaterThan(20);
		// what is asked for is shown, not pivoted on
		await desk.page.click('.simplex td.rhs .cover');
		await shows(all - 1);
		await desk.keepsFocus();
		await desk.press('ArrowLeft');
		await desk.press('Enter');
		await shows(all - 2);
		expect(await desk.barriers()).toEqual([]);
		await desk.click('Show all numbers');
		await shows(0);
		await desk.shows('Commentary', 'vases in, s3 out');
	});
});

describe('trail', () => {
	test('a step is named and noted; a branch is removed and put back', async () => {
		await desk.click('Next');
		await desk.click('Name or note at this step');
		await (await desk.page.waitForSelector('aria/Name[role="textbox"]'))!.type('up the axis');
		await (await desk.page.waitForSelector('aria/Note[role="textbox"]'))!.type('ask for the ratio');
		await desk.click('Keep');
		await desk.shows('Trail', 'up the axis');
		await desk.click('Next');
		await (await desk.step('up the axis')).click();
		await desk.click('Remove this step and what follows');
		await desk.page.waitForFunction(
			() => !document.querySelector('[data-pane="trail"]')!.textContent!.includes('up the axis')
		);
		await desk.keepsFocus('[data-pane="trail"] *');
		await desk.click('Put it back');
		await desk.keepsFocus();
		await desk.shows('Trail', 'up the axis');
		await desk.kept();
		await desk.page.reload();
		await desk.shows('Trail', 'up the axis');
		await desk.shows('Trail', 'bowls in, s1 out');
	});

	test('an edit is there after the page was killed as soon as it said that it was saved', async () => {
		await desk.enterStatement();
		await desk.press('Control+End');
		await desk.page.keyboard.type('\nshelf: bowls <= 17');
		await desk.kept();
		const other = await desk.page.browserContext().newPage();
		const session = await desk.page.createCDPSession();
		// what has crashed answers no more
		void session.send('Page.crash').catch(() => {});
		await other.goto(server.url);
		await other.waitForFunction(
			() => document.querySelector('.cm-content')?.textContent?.includes('bowls <= 17'),
			{ polling: 100 }
		);
	});

	test('a lesson kept by the first version opens as before', async () => {
		await desk.page.evaluate(
			() =>
				new Promise((resolve, reject) => {
					const open = indexedDB.open('mathesis');
					open.onerror = reject;
					open.onsuccess = () => {
						const nodes = [
							{ id: 0, parent: null, choice: null },
							{ id: 1, parent: 0, choice: { enter: 'x:jugs', leave: 's:kiln', by: 'dantzig' } },
							{ id: 2, parent: 0, choice: { enter: 'x:cups', leave: 's:shelf', by: 'hand' } }
						];
						const lesson = {
							format: 'mathesis-lesson',
							version: 1,
							statement: 'max gain = 3 cups + 5 jugs\nshelf: cups <= 4\nkiln: 2 jugs <= 12',
							trail: { current: 1, nodes },
							rule: 'bland',
							numbers: 'decimal',
							view: null
						};
						const put = open.result
							.transaction('lessons', 'readwrite')
							.objectStore('lessons')
							.put(lesson, 'open-lesson');
						put.onsuccess = resolve;
					};
				})
		);
		await desk.page.reload();
		await desk.shows('Commentary', 'jugs in, s2 out');
		await desk.shows('Trail', 'cups in, s1 out');
		await desk.shows('Commentary', 'is the most negative');
		expect(
			await desk.page.$eval('input[value="decimal"]', (input) => (input as HTMLInputElement).checked)
		).toBe(true);
	});
});

describe('pages and panes', () => {
	test('pages have addresses, and the browser goes back', async () => {
		await desk.turnTo('Simplex');
		await desk.page.waitForSelector('[data-pane="form"]');
		expect(new URL(desk.page.url()).pathname).toBe('/simplex');
		await desk.page.goBack();
		await desk.page.waitForSelector('[data-pane="statement"]');
		await desk.page.goto(`${server.url}/simplex`);
		await desk.shows('Standard form', 'is the slack of');
	});

	test('a page that is turned to takes the focus; F6 goes from pane to pane and comes round', async () => {
		await desk.press('4');
		await desk.page.waitForSelector('[data-pane="form"]');
		await desk.keepsFocus('main');
		const visited: (string | undefined)[] = [];
		const panes = await desk.page.$$eval('section[data-pane]', (all) =>
			all.map((pane) => (pane as HTMLElement).dataset.pane)
		);
		for (let i = 0; i <= panes.length; i++) {
			await desk.press('F6');
			visited.push(
				await desk.page.evaluate(
					() => document.activeElement?.closest<HTMLElement>('section[data-pane]')?.dataset.pane
				)
			);
		}
		expect(visited).toEqual([...panes, panes[0]]);
	});

	test('a pane fills the page by a key and goes back by the same; borders move by keys and are kept', async () => {
		const width = () =>
			desk.page.$eval('[data-pane="commentary"]', (pane) => pane.getBoundingClientRect().width);
		const before = await width();
		await desk.page.hover('[data-pane="commentary"] h2');
		await desk.press('e');
		await desk.page.waitForFunction(() => document.querySelectorAll('[data-pane]').length === 1);
		expect(await width()).toBe(1280);
		await desk.press('e');
		await desk.page.waitForFunction(() => document.querySelectorAll('[data-pane]').length > 1);
		const border = (await desk.page.waitForSelector('[aria-label="Border before Commentary"]'))!;
		await border.focus();
		// the sizes that are kept, without the remark that a border was moved by hand
		const sizes = () =>
			desk.page.evaluate(() =>
				JSON.stringify(Object.entries(localStorage).filter(([, text]) => text !== 'yes'))
			);
		for (let i = 0; i < 3; i++) {
			const was = await sizes();
			await desk.press('ArrowLeft');
			await vi.waitFor(async () => expect(await sizes()).not.toBe(was), 8000);
		}
		await desk.page.waitForFunction(
			(was) => document.querySelector('[data-pane="commentary"]')!.getBoundingClientRect().width > was + 40,
			{},
			before
		);
		const moved = await width();
		await desk.page.reload();
		await desk.page.waitForFunction(
			(was) =>
				Math.abs(
					(document.querySelector('[data-pane="commentary"]')?.getBoundingClientRect().width ?? 0) - was
				) < 3,
			{},
			moved
		);
	});

	test.each([
		[390, 844],
		[800, 600]
	])(
		'at %d×%d one pane at a time, nothing cut off, the others a tap or swipe away',
		async (width, height) => {
			await desk.page.setViewport({ width, height });
			await desk.page.waitForSelector('.pane-tab');
			const tabs = await desk.page.$$eval('.pane-tab', (list) => list.map((tab) => tab.textContent!.trim()));
			expect(tabs).toEqual(['Statement', 'Problem', 'Trail', 'Region', 'Commentary', 'Tableau']);
			const bar = await desk.page.$$eval('header:has(nav) :is(a, button)', (list) =>
				list.filter((item) => item.checkVisibility()).map((item) => item.getBoundingClientRect().right)
			);
			expect(bar.length).toBeGreaterThanOrEqual(4);
			expect(Math.max(...bar)).toBeLessThanOrEqual(width);
			for (const tab of tabs) {
				await desk.page.locator(`aria/${tab}[role="tab"]`).click();
				await desk.page.waitForFunction(
					(name) => {
						const pane = document.querySelector('.one:not([inert]) [data-pane]');
						const box = pane?.getBoundingClientRect();
						return pane?.querySelector('h2')?.textContent === name && Math.abs(box!.left) < 2;
					},
					{},
					tab
				);
				const fits = await desk.page.$eval('.one:not([inert]) [data-pane]', (pane) => {
					const box = pane.getBoundingClientRect();
					const tools = [...pane.querySelectorAll('header button')].map((b) => b.getBoundingClientRect());
					return (
						box.right <= innerWidth + 1 &&
						box.bottom <= innerHeight + 1 &&
						tools.every((b) => b.left >= -1 && b.right <= innerWidth + 1) &&
						document.documentElement.scrollHeight <= innerHeight
					);
				});
				expect([tab, fits]).toEqual([tab, true]);
			}
			await desk.page.$eval('.strip', (strip) => strip.scrollTo({ left: 0 }));
			await desk.page.waitForFunction(
				() => document.querySelector('.one:not([inert]) h2')?.textContent === 'Statement'
			);
		}
	);
});
