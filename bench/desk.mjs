import { existsSync, readFileSync } from 'node:fs';
import { launch, pasteStatement, serve } from '../scripts/browser.mjs';

const STATEMENT = [
	'max profit = 30 bowls + 45 vases',
	...Array.from({ length: 12 }, (_, i) => `row${i + 1}: ${i + 2} bowls + ${15 - i} vases <= ${200 + 17 * i}`)
].join('\n');

const FRAME = 16.7;
/** milliseconds that a key stays down, and from its release to the next: a quick typist's */
const [DOWN, UP] = [60, 60];
/** the page's own mark at the arrival of a key */
const KEY = 'key arrived';

/** The total length of spans that may overlap. */
function covered(spans) {
	let [time, end] = [0, -Infinity];
	for (const { from, to } of [...spans].sort((a, b) => a.from - b.from)) {
		if (to <= end) continue;
		time += to - Math.max(from, end);
		end = to;
	}
	return time;
}

/** The processor's time since the machine's start, and what of it its host gave to others; nothing where that is not told. */
function processor() {
	if (!existsSync('/proc/stat')) return null;
	const parts = readFileSync('/proc/stat', 'utf8').split('\n')[0].trim().split(/\s+/).slice(1, 9).map(Number);
	return { all: parts.reduce((a, b) => a + b), taken: parts[7] };
}

/**
 * For each key: the time that the page's main thread was at work from the key's arrival to the end of the frame that shows
 * what came of it (waiting for the screen's next turn is left out), and its longest task.
 */
function keystrokes(events) {
	const keys = events.filter((e) => e.name === KEY).sort((a, b) => a.ts - b.ts);
	const { pid, tid } = keys[0];
	const mine = events
		.filter((e) => e.ph === 'X' && e.pid === pid && e.tid === tid)
		.map((e) => ({ name: e.name, what: e.args?.src_func ?? '', from: e.ts, to: e.ts + e.dur }));
	const tasks = mine.filter((e) => /RunTask$|PerformMicrotaskCheckpoint$/.test(e.name));
	const frames = tasks.filter((e) => e.what.includes('BeginMainFrame'));
	return keys.map((key, i) => {
		const next = keys[i + 1]?.ts ?? Infinity;
		// typing is taken in at once, so the first frame after the key shows it
		const frame = frames.find((e) => e.from > key.ts && e.from < next);
		if (!frame) throw new Error('a key was not followed by a frame');
		const during = tasks
			.filter((e) => e.to > key.ts && e.from < frame.to)
			.map((e) => ({ from: Math.max(e.from, key.ts), to: e.to }));
		const after = tasks.filter((e) => e.to > key.ts && e.from < next);
		return {
			work: covered(during) / 1000,
			longest: Math.max(...after.map((e) => e.to - e.from)) / 1000
		};
	});
}

const quantile = (list, q) =>
	[...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * q))];

/** How long each key took until what came of it was on the screen: rasterised and put together by other threads, too. */
function shown(events) {
	const presses = events
		.filter((e) => /^InputLatency::(Raw)?KeyDown$/.test(e.name))
		.sort((a, b) => a.ts - b.ts);
	// the browser gives an identifier again once its key is done
	return presses.flatMap((e, i) => {
		const end = e.ph === 'b' && presses.slice(i).find((other) => other.ph === 'e' && other.id === e.id);
		return end ? [(end.ts - e.ts) / 1000] : [];
	});
}

function report({ desk, bare }, screen, taken) {
	const frames = (milliseconds) => (milliseconds / FRAME).toFixed(2);
	const [work, plain] = [desk, bare].map((keys) => keys.map((key) => key.work));
	const [typical, floor] = [quantile(work, 0.5), quantile(plain, 0.5)];
	const longest = Math.max(...desk.map((key) => key.longest));
	const lines = [
		`\nKeystroke to everything redrawn, 2 variables and 12 constraints: main-thread work in frames of ${FRAME} ms`,
		`median ${frames(typical)}, 95% ${frames(quantile(work, 0.95))}, over ${desk.length} keys (script, style, layout and painting)`,
		`a key in a bare text field, in turn with these: median ${frames(floor)}; the desk takes ${(typical / floor).toFixed(1)} times that`,
		`until it is on the screen, rasterised and put together without a graphics card: median ${frames(quantile(screen.desk, 0.5))}; bare field ${frames(quantile(screen.bare, 0.5))}`,
		`longest task ${longest.toFixed(0)} ms; tasks over 50 ms: ${desk.filter((key) => key.longest > 50).length}`
	];
	if (taken !== null)
		lines.push(
			`meanwhile the machine's host gave ${(100 * taken).toFixed(0)} % of its processors to others: a run counts where that is near 0`
		);
	console.log(lines.join('\n  '));
}

/** Presses keys that add and take away a digit, and waits for what comes of them. */
async function press(page, count) {
	for (let i = 0; i < count; i++) {
		await page.keyboard.press(i % 2 ? 'Backspace' : 'Digit7', { delay: DOWN });
		await new Promise((resolve) => setTimeout(resolve, UP));
	}
}

/** Lets the page mark when a key arrives, and warms it up. */
async function prepare(page, warmUp) {
	await page.keyboard.press('End');
	await press(page, warmUp);
	await page.evaluate(
		(key) => addEventListener('keydown', () => performance.mark(key), { capture: true }),
		KEY
	);
}

/** What the browser tells while some keys are pressed in a page: no more than asked for, as a fuller trace costs time itself. */
async function traced(page, count, categories) {
	await page.bringToFront();
	await press(page, 2);
	await page.tracing.start({ categories });
	await press(page, count);
	return JSON.parse(Buffer.from(await page.tracing.stop()).toString()).traceEvents;
}

/**
 * Types into a statement with 2 variables and 12 constraints, and measures in the browser what each key costs; in turn with a
 * bare text field, which tells how fast the machine and the browser are just now.
 */
export async function measureDesk() {
	const server = await serve();
	const browser = await launch();
	try {
		const bare = await browser.newPage();
		await bare.setContent('<textarea></textarea>');
		await bare.focus('textarea');
		await bare.keyboard.type('row12: 13 bowls + 4 vases <= 387');
		await prepare(bare, 20);
		const page = await browser.newPage();
		await page.goto(server.url);
		await page.waitForSelector('.cm-content');
		// digits at the end of a right-hand side: every key changes the problem, its region and its tableau
		await pasteStatement(page, STATEMENT);
		await new Promise((resolve) => setTimeout(resolve, 1500));
		await prepare(page, 100);
		const [keys, screen] = [
			{ desk: [], bare: [] },
			{ desk: [], bare: [] }
		];
		const before = processor();
		for (let round = 0; round < 5; round++)
			for (const [name, tab] of Object.entries({ desk: page, bare })) {
				keys[name].push(...keystrokes(await traced(tab, 20, ['toplevel', 'blink.user_timing'])));
				screen[name].push(...shown(await traced(tab, 10, ['latencyInfo'])));
			}
		const after = processor();
		report(keys, screen, before && (after.taken - before.taken) / (after.all - before.all));
	} finally {
		await browser.close();
		server.stop();
	}
}
