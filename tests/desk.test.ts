import { describe, expect, test } from 'vitest';
import { pasteStatement } from '../scripts/browser.mjs';
import { DeskPage } from './desk-page';
import { browser, desk, freshVisits, nextVisit, server } from './visit';

freshVisits();

const MIX = `max gain [thalers] = 3 cups + 5 jugs
shelf: cups <= 4
kiln [hours]: 2 jugs <= 12
clay [kg]: 3 cups + 2 jugs <= 18`;

/** the drawing of the region */
const PICTURE = '[data-pane="region"] svg[role="group"]';

const findings = () =>
	desk.page.$$eval('.findings li', (items) =>
		items.map((item) => item.textContent!.replace(/\s+/g, ' ').trim())
	);

describe('from a statement to the best corner', () => {
	test('a statement is typeset, drawn and pivoted by clicking, and the conclusion is in its words', async () => {
		await desk.write(MIX);
		await desk.shows('Problem', 'kiln');
		expect(await desk.page.$$eval('.katex-error', (list) => list.length)).toBe(0);
		const corners = () =>
			desk.page.$$eval('.corner', (list) => list.map((c) => c.getAttribute('aria-label')));
		expect(await corners()).toEqual([
			'Corner (0, 0)',
			'Corner (4, 0)',
			'Corner (4, 3)',
			'Corner (2, 6)',
			'Corner (0, 6)'
		]);
		await desk.pivot('jugs', 's2');
		await desk.shows('Commentary', 'jugs in, s2 out');
		await desk.shows('Commentary', 'corner (0, 6)');
		await desk.pivot('cups', 's3');
		await desk.shows('Commentary', 'Best plan: cups = 2 and jugs = 6. Then gain = 36 thalers.');
		// the best corner is shown once it is found
		expect(await corners()).toContain('Corner (2, 6), best');
		const rows = await desk.tableau();
		expect(rows[0].slice(0, 7)).toEqual(['basis', 'cups', 'jugs', 's1', 's2', 's3', 'rhs']);
		expect(rows.at(-1)!.slice(0, 7)).toEqual(['gain', '0', '0', '0', '3/2', '1', '36']);
	});

	test('the point walks along the edges, and its steps can be retraced', async () => {
		await desk.write(MIX);
		const start = await desk.point();
		const motion = await desk.holdMotion();
		await desk.click('Next');
		await desk.shows('Commentary', 'corner (0, 6)');
		await motion.at(0.5);
		const midway = await desk.point();
		await motion.goOn();
		await desk.still();
		const arrived = await desk.point();
		// along the vertical axis: x stays, y is between
		expect(Math.abs(midway.x - start.x)).toBeLessThan(1.5);
		expect(midway.y).toBeLessThan(start.y - 2);
		expect(midway.y).toBeGreaterThan(arrived.y + 2);
		await desk.click('To the end');
		await desk.shows('Trail', 'cups in, s3 out');
		await desk.click('Back');
		await desk.shows('Commentary', 'corner (0, 6)');
	});

	test('going back and choosing otherwise branches and loses nothing; a reload restores it all', async () => {
		await desk.write(MIX);
		await desk.click('Next');
		await desk.click('Next');
		await desk.step('start').then((button) => button.click());
		await desk.pivot('cups', 's1');
		await desk.shows('Trail', 'cups in, s1 out');
		await desk.shows('Trail', 'cups in, s3 out');
		await desk.page.click('.choose-item:has(input[value="decimal"])');
		await desk.click('Zoom in');
		await desk.kept();
		const [text, trail] = [await desk.text(), await desk.read('Trail')];
		await desk.page.reload();
		await desk.page.waitForSelector('.cm-content');
		expect(await desk.text()).toBe(text);
		expect(await desk.read('Trail')).toBe(trail);
		await desk.shows('Commentary', 'corner (4, 0)');
		expect(
			await desk.page.$eval('input[value="decimal"]', (input) => (input as HTMLInputElement).checked)
		).toBe(true);
		expect(await (await desk.button('Fit')).evaluate((b) => b.disabled)).toBe(false);
	});

	test('pivots that are not sensible are explained; a zero entry is refused', async () => {
		await desk.write(MIX);
		await desk.pivot('jugs', 's1');
		await desk.shows('Commentary', 'No pivot on zero');
		expect(await desk.read('Trail')).not.toContain('in,');
		await desk.pivot('jugs', 's3');
		await desk.shows('Commentary', 'its ratio 9 is larger than 6 of s2');
		await desk.shows('Commentary', 'Outside the region');
		expect(await (await desk.button('Next')).evaluate((b) => b.disabled)).toBe(true);
	});

	test('a degenerate corner, an edge of optima and an unbounded problem are named as such', async () => {
		await desk.write('max z = 2 x + 4 y\na: x + 2 y <= 5\nb: x + y <= 4');
		await desk.click('To the end');
		await desk.shows('Commentary', 'other plans are as good');
		await desk.shows('Region', 'A whole edge is optimal');
		await desk.write('max z = x + 2 y\na: x - y <= 2\nb: y - 2 x <= 3');
		await desk.click('To the end');
		await desk.shows('Commentary', 'can increase without limit');
		await desk.shows('Region', 'improves without limit');
	});
});

describe('wrong and doubtful statements', () => {
	test('errors stand at their place with a way out, and the rest keeps the last right problem', async () => {
		await desk.write(MIX);
		await desk.click('Next');
		await desk.enterStatement();
		await desk.press('Control+End');
		await desk.page.keyboard.type(' +');
		await desk.shows('Statement', 'Something is missing after “+”');
		for (const pane of ['Problem', 'Region', 'Tableau', 'Commentary'])
			expect(await desk.read(pane)).toContain('last right statement');
		await desk.page.keyboard.press('Backspace');
		await desk.page.keyboard.press('Backspace');
		await desk.page.waitForFunction(() => !document.querySelector('.findings li'));
		expect(await desk.read('Region')).not.toContain('last right statement');
		await desk.shows('Trail', 'jugs in, s2 out');
	});

	test('notices stop nothing', async () => {
		await desk.write(
			'max gain = 3 bowls + 5 vases + 2 lids\nclay: bowls + vases + bowls <= 4\nkiln: bowls + vasse <= 3'
		);
		await desk.page.waitForSelector('.findings .notice');
		expect(await findings()).toEqual([
			'Notice lids is in no constraint.',
			'Notice bowls stands twice in row clay; read together as 2 bowls.',
			'Notice vasse occurs only here and looks like vases. Is vases meant? It is vases'
		]);
		await desk.shows('Tableau', 'vasse');
	});

	test('undo and redo take back edits of the statement', async () => {
		await desk.write(MIX);
		await desk.page.keyboard.type('0');
		await desk.shows('Problem', '180');
		await desk.click('Undo the last change');
		const undone = await desk.text();
		await desk.click('Redo the last change');
		expect(await desk.text()).not.toBe(undone);
	});

	test('one undo takes back what was done on any page, from any page', async () => {
		await desk.write(MIX);
		const written = await desk.text();
		await desk.page.keyboard.press('Escape');
		await desk.turnTo('Simplex');
		await desk.page.waitForSelector('[data-pane="tableau"] table');
		const tableau = () =>
			desk.page.$eval('[data-pane="tableau"]', (pane) =>
				(pane as HTMLElement).innerText.replace(/\s+/g, ' ')
			);
		const before = await tableau();
		await desk.press('n');
		await desk.page.waitForFunction(
			(old) =>
				document.querySelector<HTMLElement>('[data-pane="tableau"]')!.innerText.replace(/\s+/g, ' ') !== old,
			{},
			before
		);
		await desk.turnTo('Region');
		await desk.page.keyboard.down('Control');
		await desk.page.keyboard.press('z');
		await desk.page.keyboard.up('Control');
		await desk.turnTo('Simplex');
		await desk.page.waitForFunction(
			(old) =>
				document.querySelector<HTMLElement>('[data-pane="tableau"]')!.innerText.replace(/\s+/g, ' ') === old,
			{},
			before
		);
		await desk.click('Undo the last change');
		await desk.turnTo('Overview');
		await desk.page.waitForSelector('.cm-content');
		expect(await desk.text()).not.toBe(written);
		await desk.click('Redo the last change');
		expect(await desk.text()).toBe(written);
	});

	test('hostile and huge texts leave every pane standing', async () => {
		for (const text of [
			'max ((((((',
			'"',
			`max z = x\nr: x <= ${'9'.repeat(300)}`,
			'max z = <script>alert(1)</script>',
			`max z = x + y\na: 1${'0'.repeat(44)} x + y <= 1\nb: x + 0.${'0'.repeat(34)}1 y <= 3`,
			'max z = 3',
			'max z = x + y\nx, y free',
			'title "<img src=x onerror=alert(1)>"\nmax z = x\nr: x <= 1/3'
		]) {
			await pasteStatement(desk.page, text);
			for (const pane of ['Statement', 'Problem', 'Tableau', 'Trail', 'Commentary'])
				expect((await desk.read(pane)).length).toBeGreaterThan(pane.length);
		}
		await desk.page.waitForFunction(
			() => document.querySelector('.lesson')?.textContent === '<img src=x onerror=alert(1)>'
		);
	});
});

describe('one identity, one screen, for everyone', () => {
	test('pointing at a constraint in one view lights it in the others', async () => {
		const lit = () =>
			desk.page.evaluate(() => ({
				typeset: document.querySelector('[data-constraint="wheel"]')!.classList.contains('lit'),
				line: document.querySelector('[data-line="wheel"]')!.classList.contains('lit'),
				column: document.querySelector('th[data-column="s2"]')!.classList.contains('lit'),
				text: !!document.querySelector('.lit-line')
			}));
		const all = { typeset: true, line: true, column: true, text: true };
		for (const selector of [
			'[data-constraint="wheel"]',
			'th[data-column="s2"]',
			'[data-line="wheel"] .stroke'
		]) {
			await desk.page.hover('h1');
			expect(await lit()).toEqual({ typeset: false, line: false, column: false, text: false });
			await desk.page.hover(selector);
			expect(await lit()).toEqual(all);
		}
	});

	test('after many edits the page shows what it shows when the last statement is opened at once', async () => {
		/** All that is on the screen, without what only tells one visit from another. */
		const screen = () =>
			desk.page.$$eval('main section', (sections) =>
				sections.map((section) => {
					const copy = section.cloneNode(true) as Element;
					// the trail of edits is the one thing that two ways to the same statement do not share
					copy.querySelectorAll('[aria-label$=" edit"]').forEach((button) => button.remove());
					// what is found out off the page comes in its own time
					copy.querySelectorAll('.cm-announced, .cm-cursorLayer, .kind').forEach((part) => part.remove());
					return copy.innerHTML
						.replace(/<!--.*?-->/g, '')
						.replace(/\b(s?\d+|c\d+)-frame\b/g, 'frame')
						.replace(/ (id|aria-labelledby|aria-controls|for|name|data-[a-z-]*|style)="[^"]*"/g, '')
						.replace(/ class=""/g, '')
						.replace(/\s+/g, ' ');
				})
			);
		const last =
			'max z = 2/3 a_1 + 5 b\nshelf: 3 a_1 + b <= 700\nkiln: a_1 + 4 b <= 41/2\nr: b <= 9\na_1 <= 30';
		const edits = [
			'max z = 2 a_1 + 5 b\nshelf: a_1 + b <= 4\nkiln: a_1 + 4 b <= 6',
			'max z = 2 a_1 + 5 b\nshelf: a_1 + b <= 4000000\nkiln: a_1 + 4 b <= 6\nr: b <= 0.001',
			'max z = 2 a_1 + 5\nkiln: a_1 / 3 <= 6\nshelf: a_1 <= 7',
			'max z = 2 a_1 + 5 b +\nkiln',
			'min cost = 2 a_1 + 5 b + c\nshelf: a_1 + b - c >= -41/2\nkiln: b <= 1\nr: c = 0',
			last.replace('700', '7'),
			last.replace('r: b', 'r: 1/7 b').replace('kiln', 'wheel')
		];
		for (const text of [...edits, last]) {
			await pasteStatement(desk.page, text);
			await desk.settled();
		}
		const afterEdits = await screen();
		await nextVisit();
		await pasteStatement(desk.page, last);
		await desk.settled();
		const atOnce = await screen();
		expect(afterEdits).toEqual(atOnce);
	});

	test('a tableau of eight variables and constraints stands whole beside the commentary: its basic columns fold', async () => {
		await desk.page.setViewport({ width: 1024, height: 768 });
		const names = ['bowls', 'vases', 'jugs', 'plates', 'teapots', 'lamps', 'candleholders', 'tiles'];
		const row = (i: number) => names.map((name, j) => `${1 + ((7 * i + 5 * j) % 11)}/13 ${name}`).join(' + ');
		await desk.write(
			`max profit = ${row(3)}\n${names.map((_, i) => `r${i}: ${row(i)} <= ${90 + 17 * i}/7`).join('\n')}`
		);
		await desk.turnTo('Simplex');
		await desk.page.waitForSelector('[data-pane="tableau"] .simplex tbody tr:nth-child(8)');
		await desk.click('Next');
		await desk.page.waitForSelector('[data-pane="trail"] li:nth-child(3)');
		const room = await desk.page.$eval(
			'[data-pane="tableau"] .simplex[data-narrow]',
			(box) => box.clientWidth - box.querySelector('table')!.offsetWidth
		);
		expect(room).toBeGreaterThanOrEqual(0);
	});

	test('where a tableau is larger than its pane, the names of rows and columns and the objective stay in sight', async () => {
		const names = Array.from({ length: 14 }, (_, i) => `glazed_tile_${i}`);
		await desk.write(
			`max z = ${names.join(' + ')}\n${names.map((n, i) => `r${i}: 1234567/89 ${n} <= ${i + 1}`).join('\n')}`
		);
		await desk.page.setViewport({ width: 1024, height: 600 });
		await desk.page.waitForSelector('.simplex[data-narrow] tbody tr:nth-child(14)');
		await desk.press('Escape');
		await desk.press('j');
		await desk.page.waitForSelector('.simplex:not([data-narrow])');
		const [scrolled, gaps] = await desk.page.$eval('.simplex', (pane) => {
			pane.scrollTo(400, 100);
			const [frame, name, head, foot] = [
				pane,
				...['tbody th', 'thead th', 'tfoot th'].map((part) => pane.querySelector(part)!)
			].map((element) => element.getBoundingClientRect());
			const bottom = frame.top + pane.clientHeight;
			return [
				[pane.scrollLeft, pane.scrollTop],
				[name.left - frame.left, head.top - frame.top, bottom - foot.bottom]
			];
		});
		expect(Math.min(...scrolled)).toBeGreaterThan(50);
		expect(Math.max(...gaps)).toBeLessThan(20);
		expect(Math.min(...gaps)).toBeGreaterThan(-1);
	});

	test('what moves under a resting pointer is not pointed at', async () => {
		await desk.page.hover('.cm-line:nth-child(6) span');
		await desk.page.waitForSelector('.lit-line');
		const lit = () => desk.page.$eval('.lit-line', (line) => line.textContent);
		expect(await lit()).toContain('clay');
		await desk.page.focus('.cm-content');
		await desk.press('Control+Home');
		for (let i = 0; i < 7; i++) await desk.press('ArrowDown');
		await desk.press('End');
		await desk.page.waitForFunction(() => document.querySelector('.lit-line')?.textContent?.includes('kiln'));
		await desk.page.keyboard.type('7');
		expect(await lit()).toContain('kiln');
	});

	test('everything is on one screen, at three sizes', async () => {
		for (const [width, height] of [
			[1280, 800],
			[1024, 768],
			[1920, 1080]
		]) {
			await desk.page.setViewport({ width, height });
			const fits = await desk.page.evaluate(() => {
				const root = document.documentElement;
				const shown = [...document.querySelectorAll('header button')].filter((b) => b.checkVisibility());
				const buttons = shown.map((b) => b.getBoundingClientRect());
				return (
					root.scrollHeight <= innerHeight &&
					root.scrollWidth <= innerWidth &&
					buttons.every((b) => b.right <= innerWidth && b.bottom <= innerHeight && b.width > 0)
				);
			});
			expect(fits, `${width}×${height}`).toBe(true);
		}
	});

	test('who asks for less motion gets none: a change of the statement sets nothing moving', async () => {
		await desk.page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
		await desk.page.evaluate(() => {
			const moved: string[] = [];
			Object.assign(window, { moved });
			for (const kind of ['transitionrun', 'animationiteration'])
				addEventListener(kind, ({ target }) => moved.push(`${kind} ${(target as Element).className}`), true);
		});
		await desk.write('max z = 7 x + 5/3 y\na: 2/7 x + y <= 4\nb: x + 11/13 y <= 9');
		await desk.shows('Tableau', '5/3');
		await desk.click('Next');
		await desk.shows('Commentary', 'x in, s2 out');
		expect(await desk.page.evaluate(() => (window as unknown as { moved: string[] }).moved)).toEqual([]);
	});

	test('axe finds nothing, in light, in dark, and with an error', async () => {
		const check = () => desk.barriers();
		await desk.click('To the end');
		await desk.still();
		expect(await check()).toEqual([]);
		await desk.click('Dark');
		await desk.still();
		expect(await check()).toEqual([]);
		await desk.write('max z = x y');
		expect(await check()).toEqual([]);
	});

	test('a whole solve by keyboard alone: entries, keys, the field that finds actions', async () => {
		await desk.enterStatement();
		for (let i = 0; i < 120; i++) {
			await desk.page.keyboard.press('Tab');
			if (await desk.page.evaluate(() => document.activeElement?.classList.contains('entry'))) break;
		}
		await desk.press('ArrowRight');
		await desk.press('ArrowDown');
		await desk.press('ArrowDown');
		await desk.press('Enter');
		await desk.shows('Commentary', 'vases in, s3 out');
		await desk.keepsFocus('.entry');
		await desk.press('n');
		await desk.shows('Commentary', 'bowls in, s1 out');
		await desk.press('b');
		await desk.shows('Commentary', 'vases in, s3 out');
		await desk.seek('to the end');
		await desk.press('ArrowDown');
		await desk.press('Enter');
		await desk.shows('Commentary', 'Best plan: bowls = 24 dozen and vases = 10 dozen.');
		// what is kept from the class is kept in the pictures, too
		for (const best of ['Corner (24, 10)', 'Corner (24, 10), best']) {
			await desk.seek('best corner');
			await desk.press('Enter');
			await desk.page.waitForSelector(`g.corner[aria-label="${best}"]`);
		}
		await desk.press('2');
		await desk.page.waitForSelector('[data-pane="plans"]');
		await desk.press('3');
		await desk.page.waitForSelector('[data-pane="corners"]');
		await desk.press('4');
		await desk.page.waitForSelector('[data-pane="form"], [data-pane="operations"], [data-pane="answer"]');
		await desk.press('?');
		await desk.page.waitForFunction(() => document.activeElement?.closest('.keys'));
		await desk.press('Escape');
		await desk.page.waitForSelector('.keys', { hidden: true });
		// a letter that is typed is text; with Alt it is a key there too
		await desk.press('1');
		await desk.page.waitForSelector('.cm-content');
		await desk.enterStatement();
		await desk.press('Control+End');
		await desk.press('b');
		expect(await desk.text()).toMatch(/b$/);
		await desk.press('Backspace');
		await desk.press('Alt+b');
		await desk.shows('Commentary', 'bowls in, s1 out');
	});
});

describe('large problems and long work', () => {
	const paste = (text: string) =>
		desk.page.evaluate((t) => {
			const data = new DataTransfer();
			data.setData('text/plain', t);
			const content = document.querySelector<HTMLElement>('.cm-content')!;
			content.focus();
			document.execCommand('selectAll');
			content.dispatchEvent(
				new ClipboardEvent('paste', { clipboardData: data, bubbles: true, cancelable: true })
			);
		}, text);

	/** A dense problem that needs phase one and many pivots. */
	function dense(size: number): string {
		let state = 11;
		const next = () => ((state = (state * 48271) % 2147483647) % 90) + 10;
		const sum = () => Array.from({ length: size }, (_, j) => `${next()} x${j + 1}`).join(' + ');
		const rows = Array.from(
			{ length: size },
			(_, i) => `r${i + 1}: ${sum()} ${i % 3 ? '<=' : '>='} ${(i % 3 ? 400 : 3) * next()}`
		);
		return [`max z = ${sum()}`, ...rows].join('\n');
	}

	test('are solved in a worker, with progress, and can be cancelled while the page stays responsive', async () => {
		await paste(dense(100));
		await desk.page.waitForFunction(
			() => /Solving: [1-9]\d* pivots/.test(document.querySelector('.large')?.textContent ?? ''),
			{ timeout: 30_000 }
		);
		await desk.click('Dark');
		expect(await desk.page.$eval('html', (html) => html.dataset.mode)).toBe('dark');
		await desk.click('Cancel');
		await desk.shows('Tableau', 'Cancelled.');
		await paste(dense(36));
		await desk.page.waitForFunction(
			() => /Optimal|Infeasible/.test(document.querySelector('.large h3')?.textContent ?? ''),
			{ timeout: 30_000 }
		);
		await desk.write('max z = x\na: x <= 4');
		await desk.shows('Tableau', 'basis');
	});
});

describe('the view of the region', () => {
	const ticks = () => desk.page.$$eval('.picture-number', (list) => list.map((t) => t.textContent).join(' '));

	test('zooms by wheel, keys and buttons, pans by dragging and arrows, and fits again', async () => {
		const fitted = await ticks();
		const box = (await (await desk.page.$(PICTURE))!.boundingBox())!;
		const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
		const changes: (() => Promise<unknown>)[] = [
			async () => {
				await desk.page.mouse.move(middle.x, middle.y);
				await desk.page.mouse.wheel({ deltaY: -400 });
			},
			async () => {
				await desk.page.mouse.move(middle.x, middle.y);
				await desk.page.mouse.down();
				await desk.page.mouse.move(middle.x + 120, middle.y + 60, { steps: 4 });
				await desk.page.mouse.up();
			},
			() => desk.click('Zoom in').then(() => desk.click('Zoom in')),
			async () => {
				await desk.page.$eval(PICTURE, (svg) => (svg as SVGSVGElement).focus());
				for (const key of ['+', '+', '+', 'ArrowLeft', 'ArrowUp'] as const)
					await desk.page.keyboard.press(key);
			}
		];
		for (const change of changes) {
			await change();
			await desk.page.waitForFunction(
				(was) =>
					[...document.querySelectorAll('.picture-number')].map((t) => t.textContent).join(' ') !== was,
				{},
				fitted
			);
			await desk.click('Fit');
			expect(await ticks()).toBe(fitted);
		}
	});

	test('the view is at home in numbers of any size, and corners tell themselves exactly', async () => {
		await desk.write('max z = x + 1000 y\nsmall: 0.001 x + 2 y <= 5000000\nlarge: 0.003 x + y <= 4000000');
		await desk.page.waitForFunction(() => document.querySelectorAll('.corner').length === 4);
		const inFrame = await desk.page.$$eval('.corner', (list) => {
			const frame = document.querySelector('[data-pane="region"] svg[role="group"]')!.getBoundingClientRect();
			return list.every((c) => {
				const { x, y } = c.querySelector('.dot')!.getBoundingClientRect();
				return x > frame.x + 20 && x < frame.right - 5 && y > frame.y && y < frame.bottom - 20;
			});
		});
		expect(inFrame).toBe(true);
		await desk.page.$eval('.corner', (corner) => (corner as SVGGElement).focus());
		await desk.shows('Region', 'Corner (');
		await desk.shows('Region', '×10⁹');
	});
});

describe('storage that fails', () => {
	const blocked = (script: string) =>
		DeskPage.visit(browser, server.url, (page) => page.evaluateOnNewDocument(script));

	test('blocked: a message, and the application works', async () => {
		const other = await blocked(
			`for (const k of ['indexedDB', 'localStorage']) Object.defineProperty(window, k, { get() { throw new DOMException('denied', 'SecurityError') } });`
		);
		await other.page.waitForSelector('[role="alert"]');
		await other.click('Next');
		await other.shows('Commentary', 'vases in');
		expect(other.complaints).toEqual([]);
		await other.close();
	});

	test('full: a message, and the application works', async () => {
		const other = await blocked(
			`IDBObjectStore.prototype.put = function () { throw new DOMException('full', 'QuotaExceededError') };`
		);
		await other.click('Next');
		await other.page.waitForFunction(() =>
			document.querySelector('[role="alert"]')?.textContent?.includes('full')
		);
		await other.shows('Commentary', 'vases in');
		await other.close();
	});

	test('damaged: the lesson is set aside with a message, and the demo opens', async () => {
		await desk.click('Next');
		await desk.kept();
		await desk.page.evaluate(
			() =>
				new Promise((resolve, reject) => {
					const open = indexedDB.open('mathesis');
					open.onerror = reject;
					open.onsuccess = () => {
						const put = open.result
							.transaction('lessons', 'readwrite')
							.objectStore('lessons')
							.put({ format: 'mathesis-lesson', version: 2, statement: 7 }, 'open-lesson');
						put.onsuccess = resolve;
					};
				})
		);
		await desk.page.reload();
		await desk.page.waitForFunction(() =>
			document.querySelector('[role="alert"]')?.textContent?.includes('damaged')
		);
		await desk.shows('Statement', 'Spring firing');
	});
});

test('what is heard: lines by name and relation, the pivot of the rule, and each step in one sentence', async () => {
	await desk.write(
		'max profit = 30 bowls + 40 jugs\nclay: 2 bowls + 3 jugs <= 12\nwheel: 4 bowls + 3 jugs <= 18'
	);
	await desk.turnTo('Region');
	const line = await desk.page.waitForSelector('[data-line="clay"]');
	expect(await line!.evaluate((own) => own.getAttribute('aria-label'))).toBe(
		'Line clay: 2 bowls + 3 jugs ≤ 12'
	);
	expect(await desk.page.$('[data-pane="region"] g:not([aria-hidden="true"]) > .picture-number')).toBeNull();
	await desk.turnTo('Simplex');
	await desk.page.waitForSelector('th[data-column="jugs"][title$="; enters at this step"]');
	await desk.page.waitForSelector('.entry[title="Pivot: jugs in, s1 out, by the rule"]');
	const heard = () => desk.page.$eval('.page > [role="status"]', (own) => own.textContent);
	await desk.click('To the end');
	await desk.page.waitForFunction(() =>
		document.querySelector('.page > [role="status"]')?.textContent?.includes('Optimal')
	);
	expect(await heard()).toContain('profit = 170.');
	expect(await desk.barriers()).toEqual([]);
});
