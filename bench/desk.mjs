import { launch, serve } from '../scripts/browser.mjs';

const STATEMENT = [
	'max profit = 30 bowls + 45 vases',
	...Array.from({ length: 12 }, (_, i) => `row${i + 1}: ${i + 2} bowls + ${15 - i} vases <= ${200 + 17 * i}`)
].join('\n');

const FRAME = 16.7;

/** For each key: when its handling began, and every task of the page's main thread until the next key. */
function keystrokes(events) {
	const keys = events.filter((e) => e.name === 'EventDispatch' && e.args?.data?.type === 'keydown');
	const thread = keys[0] && { pid: keys[0].pid, tid: keys[0].tid };
	const mine = events.filter((e) => e.ph === 'X' && e.pid === thread.pid && e.tid === thread.tid);
	const tasks = mine.filter((e) => e.name === 'RunTask' || e.name === 'ThreadControllerImpl::RunTask');
	return keys.map((key, i) => {
		const end = keys[i + 1]?.ts ?? Infinity;
		const during = tasks.filter((t) => t.ts + t.dur >= key.ts && t.ts < end);
		// everything is redrawn when the last painting that belongs to the key has ended
		const near = mine.filter(
			(e) => ['Paint', 'Layerize', 'Commit'].includes(e.name) && e.ts > key.ts && e.ts < key.ts + 60_000
		);
		const redrawn = near.length ? Math.max(...near.map((e) => e.ts)) : key.ts;
		const work = during.filter((t) => t.ts <= redrawn).reduce((sum, t) => sum + t.dur, 0);
		return { work: work / 1000, longest: Math.max(0, ...during.map((t) => t.dur)) / 1000 };
	});
}

function report(keys) {
	const at = (list, q) =>
		[...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * q))];
	const work = keys.map((key) => key.work);
	const longest = Math.max(...keys.map((key) => key.longest));
	console.log(
		`\nKeystroke to everything redrawn, 2 variables and 12 constraints: main-thread work in frames of ${FRAME} ms`
	);
	console.log(
		`  median ${(at(work, 0.5) / FRAME).toFixed(2)}, 95% ${(at(work, 0.95) / FRAME).toFixed(2)}, over ${keys.length} keys (style, layout and painting included)`
	);
	console.log(
		`  longest task ${longest.toFixed(0)} ms; tasks over 50 ms: ${keys.filter((key) => key.longest > 50).length}`
	);
}

/** Types into a statement with 2 variables and 12 constraints, and measures in the browser what each key costs. */
export async function measureDesk() {
	const server = await serve();
	const browser = await launch();
	try {
		const page = await browser.newPage();
		await page.goto(server.url);
		await page.waitForSelector('.cm-content');
		await page.click('.cm-content');
		await page.keyboard.down('Control');
		await page.keyboard.press('a');
		await page.keyboard.up('Control');
		await page.evaluate((text) => document.execCommand('insertText', false, text), STATEMENT);
		await new Promise((resolve) => setTimeout(resolve, 1500));
		// digits at the end of a right-hand side: every key changes the problem, its region and its tableau
		await page.keyboard.press('End');
		const press = async (count) => {
			for (let i = 0; i < count; i++) {
				await page.keyboard.press(i % 2 ? 'Backspace' : 'Digit7');
				await new Promise((resolve) => setTimeout(resolve, 120));
			}
		};
		await press(20);
		await page.tracing.start({ categories: ['toplevel', 'devtools.timeline'] });
		await press(60);
		const trace = JSON.parse(Buffer.from(await page.tracing.stop()).toString());
		report(keystrokes(trace.traceEvents));
	} finally {
		await browser.close();
		server.stop();
	}
}
