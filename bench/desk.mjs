import { launch, pasteStatement, serve } from '../scripts/browser.mjs';

/** What is promised: everything redrawn so soon after a key or a pivot, and no task that takes longer. */
const PROMISED = 50;
const FRAME = 16.7;

const rows = (variables, count) =>
	Array.from({ length: count }, (_, i) => {
		const sum = variables.map((name, j) => `${((i * 7 + j * 5) % 17) + 1} ${name}`).join(' + ');
		return `row${i + 1}: ${sum} <= ${200 + 17 * i}`;
	});
const statement = (variables, count) =>
	[
		`max profit = ${variables.map((name, j) => `${30 + 7 * j} ${name}`).join(' + ')}`,
		...rows(variables, count)
	].join('\n');
const PAIR = ['bowls', 'vases'];
const EIGHT = ['bowls', 'vases', 'tiles', 'lids', 'mugs', 'jugs', 'plates', 'pots'];

const quantile = (list, q) =>
	[...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * q))];
const share = (milliseconds) => (milliseconds / PROMISED).toFixed(2);
const rest = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** Watches a page: when something last changed among its panes, how long its tasks are, when its frames come. */
const WATCH = () => {
	globalThis.watched = { acted: 0, changed: 0, tasks: [], frames: [] };
	// what is found out off the page, such as the kind of problem, comes in its own time
	const isOwn = ({ target }) =>
		!(target instanceof Element ? target : target.parentElement)?.closest('.kind');
	new MutationObserver((records) => {
		if (records.some(isOwn)) globalThis.watched.changed = performance.now();
	}).observe(document.querySelector('main'), {
		subtree: true,
		childList: true,
		attributes: true,
		characterData: true
	});
	new PerformanceObserver((list) => {
		for (const entry of list.getEntries()) globalThis.watched.tasks.push(entry.duration);
	}).observe({ type: 'longtask' });
	for (const kind of ['keydown', 'pointerdown', 'paste'])
		addEventListener(kind, () => (globalThis.watched.acted = performance.now()), { capture: true });
	const frame = (now) => {
		globalThis.watched.frames.push(now);
		requestAnimationFrame(frame);
	};
	requestAnimationFrame(frame);
};

/** How long after something was done the page last changed, in milliseconds, and the tasks over 50 ms meanwhile. */
async function time(page, act, pause = 350) {
	await page.evaluate(() =>
		Object.assign(globalThis.watched, { tasks: [], changed: 0, acted: performance.now() })
	);
	await act();
	await rest(pause);
	return page.evaluate(() => {
		const { acted, changed, tasks } = globalThis.watched;
		return { redrawn: Math.max(0, changed - acted), tasks };
	});
}

function tell(what, times) {
	const redrawn = times.map((t) => t.redrawn);
	const tasks = times.flatMap((t) => t.tasks);
	const longest = tasks.length ? `; longest ${Math.max(...tasks).toFixed(0)} ms` : '';
	console.log(
		`  ${what.padEnd(46)} median ${share(quantile(redrawn, 0.5))}, 95% ${share(quantile(redrawn, 0.95))}; tasks over 50 ms: ${tasks.length}${longest}`
	);
}

async function open(browser, url, text) {
	// a visitor of its own: tabs of one browser follow each other
	const context = await browser.createBrowserContext();
	const page = await context.newPage();
	await page.goto(url);
	await page.waitForSelector('.cm-content');
	await page.evaluate(WATCH);
	if (text) {
		await pasteStatement(page, text);
		await rest(1000);
	}
	return page;
}

async function keys(page, count) {
	await page.click('.cm-content');
	await page.keyboard.press('End');
	const times = [];
	for (let i = 0; i < count; i++)
		times.push(await time(page, () => page.keyboard.press(i % 2 ? 'Backspace' : 'Digit7')));
	return times.slice(4);
}

async function pivots(page, count) {
	await page.evaluate(() => document.activeElement.blur());
	// the point travels along its edge after everything else is redrawn
	await page.emulateMediaFeatures([{ name: 'prefers-reduced-motion', value: 'reduce' }]);
	const times = [];
	for (let i = 0; i < count; i++) times.push(await time(page, () => page.keyboard.press(i % 2 ? 'b' : 'n')));
	return times.slice(4);
}

/** Drags something and tells the time between frames; left out, the view of the region. */
async function drag(page, selector = '[data-pane="region"] svg[role="group"]') {
	await page.waitForFunction((own) => document.querySelector(own)?.getClientRects().length, {}, selector);
	const box = await (await page.waitForSelector(selector, { visible: true })).boundingBox();
	const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
	await page.mouse.move(x, y);
	await page.mouse.down();
	await page.evaluate(() => (globalThis.watched.frames.length = 0));
	for (let i = 0; i < 90; i++) {
		await page.mouse.move(x + 60 * Math.sin(i / 9), y + 40 * Math.cos(i / 7));
		await rest(8);
	}
	await page.mouse.up();
	const frames = await page.evaluate(() => globalThis.watched.frames);
	return frames.slice(1).map((at, i) => at - frames[i]);
}

/** A block of 60 activities and 60 resources, as a spreadsheet copies it. */
const BLOCK = [
	['', ...Array.from({ length: 60 }, (_, j) => `a${j + 1}`), '', 'amount'],
	['max profit', ...Array.from({ length: 60 }, (_, j) => 30 + j), '', ''],
	...Array.from({ length: 60 }, (_, i) => [
		`r${i + 1}`,
		...Array.from({ length: 60 }, (_, j) => ((i * 7 + j * 5) % 17) + 1),
		'<=',
		200 + 17 * i
	])
]
	.map((row) => row.join('\t'))
	.join('\n');

/** Pastes the block, looks at the preview, makes it the problem: each as a share of what is promised. */
async function pasteBlock(browser, url) {
	const page = await open(browser, url);
	await page.locator('nav a[href="/problem"]').click();
	await page.locator('aria/Paste table[role="button"]').click();
	await page.waitForSelector('textarea[aria-label="The cells as text"]');
	await page.evaluate(() =>
		new MutationObserver(() => (globalThis.watched.changed = performance.now())).observe(document.body, {
			subtree: true,
			childList: true,
			characterData: true
		})
	);
	await page.focus('textarea[aria-label="The cells as text"]');
	const preview = await time(
		page,
		() => page.evaluate((text) => document.execCommand('insertText', false, text), BLOCK),
		1200
	);
	const taken = await time(page, () => page.locator('aria/Make it the problem[role="button"]').click(), 2500);
	await page.close();
	return { preview, taken };
}

/** Fills a collection with lessons and tells how soon its page shows the first of them. */
async function openCollection(browser, url, count) {
	const context = await browser.createBrowserContext();
	const page = await context.newPage();
	await page.goto(url);
	await page.waitForSelector('.cm-content');
	await rest(500);
	await page.locator('a[href="/lessons"]').click();
	await page.waitForSelector('.kept li');
	const lesson = await page.evaluate(
		() =>
			new Promise((resolve) => {
				const request = indexedDB.open('mathesis');
				request.onsuccess = () => {
					const all = request.result.transaction('lessons').objectStore('lessons').getAll();
					all.onsuccess = () => (request.result.close(), resolve(all.result[0].lesson));
				};
			})
	);
	const lessons = Array.from({ length: count }, (_, i) => ({
		edited: new Date(1_700_000_000_000 + i * 60_000).toISOString(),
		lesson: {
			...lesson,
			tags: [`week ${i % 12}`],
			statement: lesson.statement.replace(/title "[^"]*"/, `title "Lesson ${i}"`)
		}
	}));
	await page.evaluate(
		(text) => {
			const data = new DataTransfer();
			data.items.add(new File([text], 'all.mathesis.json'));
			window.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
		},
		JSON.stringify({ format: 'mathesis-collection', version: 1, lessons })
	);
	await page.waitForFunction(
		(sought) => document.body.innerText.includes(sought),
		{ timeout: 120_000 },
		`${count} lessons were added`
	);
	const times = [];
	for (let i = 0; i < 5; i++) {
		await page.locator('nav a[href="/"]').click();
		await page.waitForSelector('.cm-content');
		await rest(400);
		times.push(
			await page.evaluate(async () => {
				const start = performance.now();
				document.querySelector('a[href="/lessons"]').click();
				while (document.querySelectorAll('.kept li').length < 12)
					await new Promise((resolve) => requestAnimationFrame(resolve));
				return performance.now() - start;
			})
		);
	}
	await page.close();
	return times;
}

/** Measures in the browser how soon everything on the page follows a key, a pivot, a paste and a drag. */
export async function measureDesk() {
	const server = await serve();
	const browser = await launch();
	console.log(`\nFrom an act to the last change on the page, as a share of ${PROMISED} ms`);
	try {
		const pair = await open(browser, server.url, statement(PAIR, 12));
		tell('key, 2 variables and 12 rows', await keys(pair, 44));
		tell('pivot and back, 2 variables and 12 rows', await pivots(pair, 24));
		const dragged = [["the region's view", await drag(pair)]];
		await pair.locator('nav a[href="/region"]').click();
		await pair.waitForSelector('[data-pane="steps"] li');
		await pair.keyboard.press('g');
		await rest(600);
		dragged.push(["the objective's line", await drag(pair, '.slide circle')]);
		dragged.push(['a constraint, the statement with it', await drag(pair, '[data-grip="row5"]')]);
		const solid = await open(browser, server.url, statement(PAIR.concat('tiles'), 17));
		await solid.locator('nav a[href="/region"]').click();
		await solid.waitForSelector('.views');
		dragged.push(['a body of 20 sides, turned', await drag(solid)]);
		const tried = await open(browser, server.url, statement(PAIR, 12));
		await tried.locator('nav a[href="/problem"]').click();
		dragged.push(['a plan', await drag(tried, 'g[aria-label^="The plan"] circle')]);
		const eight = await open(browser, server.url, statement(EIGHT, 8));
		tell('key, 8 variables and 8 rows', await keys(eight, 44));
		tell('pivot and back, 8 variables and 8 rows', await pivots(eight, 24));
		for (const [what, text] of [
			['first paste, 2 variables and 12 rows', statement(PAIR, 12)],
			['first paste, 8 variables and 8 rows', statement(EIGHT, 8)]
		]) {
			const times = [];
			for (let i = 0; i < 4; i++) {
				const page = await open(browser, server.url);
				times.push(await time(page, () => pasteStatement(page, text)));
				await page.close();
			}
			tell(what, times);
		}
		const { preview, taken } = await pasteBlock(browser, server.url);
		for (const [what, { redrawn, tasks }] of [
			['preview of a pasted block of 60×60', preview],
			['the block as the problem, all of it seen', taken]
		])
			console.log(
				`  ${what.padEnd(46)} ${(redrawn / 300).toFixed(2)} of 300 ms; tasks over 50 ms: ${tasks.length}${tasks.length ? `; longest ${Math.max(...tasks).toFixed(0)} ms` : ''}`
			);
		const opened = await openCollection(browser, server.url, 1000);
		console.log(
			`  a collection of 1,000 lessons opens in              median ${(quantile(opened, 0.5) / 300).toFixed(2)} of 300 ms, longest ${(Math.max(...opened) / 300).toFixed(2)}`
		);
		console.log(`\nDragged: time between frames, in frames of ${FRAME} ms`);
		for (const [what, gaps] of dragged)
			console.log(
				`  ${what.padEnd(46)} median ${(quantile(gaps, 0.5) / FRAME).toFixed(2)}, longest ${(Math.max(...gaps) / FRAME).toFixed(1)} (${Math.max(...gaps).toFixed(0)} ms)`
			);
	} finally {
		await browser.close();
		server.stop();
	}
}
