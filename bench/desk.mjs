import { launch, serve } from '../scripts/browser.mjs';

const STATEMENT = [
	'max profit = 30 bowls + 45 vases',
	...Array.from({ length: 12 }, (_, i) => `row${i + 1}: ${i + 2} bowls + ${15 - i} vases <= ${200 + 17 * i}`)
].join('\n');

/**
 * Keystroke to everything redrawn, with 2 variables and 12 constraints: the time from the key's event until the frame that follows is
 * ready to be painted, as the browser itself measures it, and the longest task.
 */
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
		await page.evaluate(() => {
			const times = (window.keyTimes = []);
			window.longTasks = [];
			window.addEventListener(
				'keydown',
				() => {
					const start = performance.now();
					// the frame callback runs before painting, the message after it: style and layout are done by then
					requestAnimationFrame(() => {
						const frame = performance.now();
						const channel = new MessageChannel();
						channel.port1.onmessage = () =>
							times.push({ all: performance.now() - start, waited: frame - start });
						channel.port2.postMessage(null);
					});
				},
				{ capture: true }
			);
			new PerformanceObserver((list) =>
				window.longTasks.push(...list.getEntries().map((e) => e.duration))
			).observe({ entryTypes: ['longtask'] });
		});
		// digits at the end of a right-hand side: every key changes the problem, its region and its tableau
		await page.keyboard.press('End');
		for (let i = 0; i < 60; i++) {
			await page.keyboard.press(i % 2 ? 'Backspace' : 'Digit7');
			await new Promise((resolve) => setTimeout(resolve, 90));
		}
		const work = await page.evaluate(async () => {
			// the work itself, without waiting for a frame: the handlers, reading, drawing and layout
			const view = document.querySelector('.cm-content');
			const times = [];
			for (let i = 0; i < 60; i++) {
				await new Promise((resolve) => setTimeout(resolve, 40));
				const start = performance.now();
				view.focus();
				if (i % 2) document.execCommand('delete');
				else document.execCommand('insertText', false, '7');
				await new Promise((resolve) => queueMicrotask(resolve));
				await new Promise((resolve) => setTimeout(resolve, 0));
				document.body.getBoundingClientRect();
				document.querySelector('table').getBoundingClientRect();
				times.push(performance.now() - start);
			}
			return times;
		});
		const { keyTimes, longTasks } = await page.evaluate(() => ({
			keyTimes: window.keyTimes,
			longTasks: window.longTasks
		}));
		const at = (list, q) =>
			[...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(list.length * q))];
		const all = keyTimes.map((t) => t.all);
		console.log('\nKeystroke to everything redrawn, 2 variables and 12 constraints, in frames of 16.7 ms');
		console.log(
			`  key to painted, median ${(at(all, 0.5) / 16.7).toFixed(2)}, 95% ${(at(all, 0.95) / 16.7).toFixed(2)} (waiting for the frame included)`
		);
		console.log(
			`  the work alone,  median ${(at(work, 0.5) / 16.7).toFixed(2)}, 95% ${(at(work, 0.95) / 16.7).toFixed(2)}`
		);
		console.log(
			`  tasks over 50 ms: ${longTasks.length}${longTasks.length ? ` (longest ${Math.max(...longTasks).toFixed(0)} ms)` : ''}`
		);
	} finally {
		await browser.close();
		server.stop();
	}
}
