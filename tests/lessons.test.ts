import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { ElementHandle, Page } from 'puppeteer-core';
import { describe, expect, test, vi } from 'vitest';
import { serve } from '../scripts/browser.mjs';
import { DeskPage } from './desk-page';
import { browser, desk, freshVisits, server } from './visit';

freshVisits();

const MIX = 'title "Mix"\nmax z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12 # two\nc: 3 x + 2 y <= 18';
const folder = () => mkdtempSync(join(tmpdir(), 'mathesis-files-'));

/** Waits until the page says something anywhere. */
const says = (text: string, page: Page = desk.page) =>
	page.waitForFunction((sought) => document.body.innerText.replace(/\s+/g, ' ').includes(sought), {}, text);
const lessons = async (page: Page = desk.page) => {
	await page.evaluate(() => (document.activeElement as HTMLElement).blur());
	await page.keyboard.press('l');
	await page.waitForSelector('#kept-lessons');
};
const titles = () =>
	desk.page.$$eval('.kept li .title', (all) => all.map((title) => title.textContent!.trim()));
const saved = () =>
	desk.page.waitForFunction(() => document.querySelector('p.kept')?.textContent?.trim().startsWith('saved'));

/** Opens a file as the chooser does. */
async function openFile(name: string, content: string): Promise<void> {
	const path = join(folder(), name);
	writeFileSync(path, content);
	const input = (await desk.page.$('#file-chooser')) as ElementHandle<HTMLInputElement>;
	await input.uploadFile(path);
}

describe('the collection', () => {
	test('a sample opens with its story and page; lessons are found, copied, renamed, deleted and put back', async () => {
		await lessons();
		await desk.page.type('input[type="search"]', 'rounding fails');
		await desk.page.waitForFunction(() => document.querySelectorAll('.sample').length === 1);
		await desk.page.locator('.sample').click();
		await desk.page.waitForSelector('[data-pane="plans"]');
		await desk.shows('Story', 'The kiln is fired in whole loads.');
		await desk.shows('Problem', 'fractional relaxation');
		await saved();
		await lessons();
		await desk.page.waitForFunction(() => document.querySelectorAll('.kept li').length === 2);
		expect(await titles()).toEqual(['Whole kiln loads', 'Spring firing at Fernhollow']);
		await desk.choose('More for Spring firing at Fernhollow', 'Duplicate');
		await says('Spring firing at Fernhollow (copy)');
		await desk.choose('More for Spring firing at Fernhollow (copy)', 'Rename');
		await desk.page.waitForSelector('form input');
		await desk.press('Control+a');
		await desk.page.keyboard.type('Autumn');
		await desk.press('Enter');
		await desk.page.waitForFunction(
			() => document.querySelector('.kept li .title')?.textContent === 'Autumn'
		);
		await desk.page.type('input[type="search"]', 'autumn');
		await desk.page.waitForFunction(() => document.querySelectorAll('.kept li').length === 1);
		await desk.choose('More for Autumn', 'Delete');
		await says('“Autumn” was deleted.');
		await desk.page.waitForFunction(() => document.querySelectorAll('.kept li').length === 0);
		expect(await titles()).toEqual([]);
		await desk.keepsFocus();
		await desk.click('Undo');
		await desk.keepsFocus();
		await desk.page.waitForFunction(() => document.querySelectorAll('.kept li').length === 1);
		await desk.click('Autumn');
		await desk.page.waitForSelector('.cm-content');
		expect(await desk.text()).toContain('title "Autumn"');
	});

	test('a list that an earlier version kept as a whole is there entry by entry', async () => {
		await saved();
		await desk.page.evaluate(
			() =>
				new Promise<void>((resolve, reject) => {
					const opening = indexedDB.open('mathesis-lists');
					opening.onerror = reject;
					opening.onsuccess = () => {
						const store = opening.result.transaction('lists', 'readwrite').objectStore('lists');
						const all = store.getAll();
						all.onsuccess = () => {
							store.clear();
							store.put(all.result, 'index').onsuccess = () => {
								opening.result.close();
								resolve();
							};
						};
					};
				})
		);
		await desk.page.reload();
		await desk.page.waitForSelector('.cm-content');
		await lessons();
		await desk.page.waitForFunction(() => document.querySelectorAll('.kept li').length === 1);
		expect(await titles()).toEqual(['Spring firing at Fernhollow']);
		await desk.choose('More for Spring firing at Fernhollow', 'Duplicate');
		await says('Spring firing at Fernhollow (copy)');
	});

	test('one goes back to an earlier state', async () => {
		await saved();
		await desk.write(MIX);
		await saved();
		await lessons();
		await desk.choose('More for Mix', 'Earlier states');
		await desk.click('Go back');
		await desk.page.waitForSelector('.cm-content');
		expect(await desk.text()).toContain('Spring firing');
	});

	test('nothing on the page keeps a reader out', async () => {
		await lessons();
		expect(await desk.barriers()).toEqual([]);
	});
});

describe('two tabs', () => {
	test('the one follows the other, and a change in both loses neither', async () => {
		await saved();
		const page = await desk.page.browserContext().newPage();
		await page.goto(server.url);
		await page.waitForSelector('.cm-content');
		await desk.page.bringToFront();
		await desk.write(MIX);
		await page.bringToFront();
		// a page that was in the background may draw no frames yet
		await page.waitForFunction(() => document.querySelector('.cm-content')?.textContent?.includes('two'), {
			polling: 100
		});
		// both at once: neither hears of the other before it has changed
		const type = (own: Page, text: string) =>
			own.evaluate((added) => {
				const content = document.querySelector<HTMLElement>('.cm-content')!;
				content.focus();
				getSelection()!.selectAllChildren(content);
				getSelection()!.collapseToEnd();
				document.execCommand('insertText', false, added);
			}, text);
		await Promise.all([type(page, '\n# here'), type(desk.page, '\n# there')]);
		const texts = async () =>
			(
				await Promise.all(
					[page, desk.page].map((own) => own.$eval('.cm-content', (node) => node.textContent ?? ''))
				)
			).join();
		for (const own of [page, desk.page])
			await own.waitForFunction(
				() => document.querySelector('.kept')?.textContent?.trim().startsWith('saved'),
				{ polling: 100 }
			);
		await vi.waitFor(async () => expect(await texts()).toMatch(/# here.*# there|# there.*# here/), 8000);
	});
});

describe('files', () => {
	test('a lesson and its problem go out as files, and come back the same', async () => {
		const { arrived } = await desk.downloads();
		await desk.write(MIX);
		await desk.page.evaluate(() => (document.activeElement as HTMLElement).blur());
		await desk.press('s');
		await desk.click('The whole lesson');
		await desk.click('LaTeX');
		await desk.click('MPS');
		const there = async (name: string) => (await arrived(name)).toString();
		const whole = await there('Mix.mathesis.json');
		const latex = await there('Mix.tex');
		await there('Mix.mps');
		await desk.click('Close');
		await desk.write('max z = x');
		await openFile('again.mathesis.json', whole);
		await desk.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('# two')
		);
		expect(await desk.text()).toBe(MIX);
		await openFile('source.tex', latex);
		await desk.shows('Statement', 'Read as a LaTeX source');
		await desk.shows('Problem', 'x + ');
		expect(await desk.tableau()).not.toEqual([]);
	});

	test('a damaged, hostile or huge file is refused with what and where, and nothing that was open changes', async () => {
		await saved();
		await desk.write(MIX);
		const refused: [string, string, string][] = [
			['cut.mathesis.json', '{ "format": "mathesis-lesson", "version": 3,\n"stat', 'line 2'],
			['evil.mathesis.json', JSON.stringify({ ...JSON.parse(await lessonText()), story: 7 }), 'story'],
			['wrong.txt', 'max z = x\nr: x y <= 2', 'line 2'],
			['huge.txt', 'x'.repeat(5_200_000), '5.2 MB']
		];
		for (const [name, content, where] of refused) {
			await openFile(name, content);
			await says(`“${name}” was not opened; nothing has changed.`);
			await says(where);
			expect(await desk.text()).toBe(MIX);
			await desk.click('Close');
		}
	});

	test('a dropped file opens, and markup in its story is shown as text', async () => {
		await saved();
		const lesson = {
			...JSON.parse(await lessonText()),
			story: '<img src=x onerror="document.title=1"> and <b>bold</b>',
			page: '/problem'
		};
		await desk.page.evaluate((text) => {
			const data = new DataTransfer();
			data.items.add(new File([text], 'x.mathesis.json'));
			window.dispatchEvent(
				new DragEvent('dragover', { dataTransfer: data, bubbles: true, cancelable: true })
			);
			window.dispatchEvent(new DragEvent('drop', { dataTransfer: data, bubbles: true, cancelable: true }));
		}, JSON.stringify(lesson));
		await desk.shows('Story', '<b>bold</b>');
		expect(await desk.page.title()).toContain('Mathesis');
	});

	test('a link opens the very same lesson for another visitor, and says when it is damaged', async () => {
		await desk.write(MIX);
		await desk.page.evaluate(() => (document.activeElement as HTMLElement).blur());
		await desk.press('s');
		const link = await desk.page.waitForSelector('input[aria-label="Link with the lesson in it"]');
		const url = await link!.evaluate((input) => (input as HTMLInputElement).value);
		await says(`${url.length.toLocaleString('en-GB')} characters`);
		await desk.page.waitForSelector('.qr svg, svg.qr');
		const other = await DeskPage.visit(browser, url);
		await other.page.waitForFunction(() =>
			document.querySelector('.cm-content')?.textContent?.includes('# two')
		);
		expect(other.page.url()).toBe(`${server.url}/`);
		await other.page.goto(`${url.slice(0, -20)}`);
		await says('damaged', other.page);
		await other.close();
	});
});

/** The open lesson as its file has it. */
const lessonText = () =>
	desk.page.evaluate(async () => {
		const request = indexedDB.open('mathesis');
		const base = await new Promise<IDBDatabase>(
			(resolve) => (request.onsuccess = () => resolve(request.result))
		);
		const all = base.transaction('lessons').objectStore('lessons').getAll();
		const [kept] = await new Promise<{ lesson: unknown }[]>(
			(resolve) => (all.onsuccess = () => resolve(all.result))
		);
		// an open connection would stand in the way of the application’s own
		base.close();
		return JSON.stringify(kept.lesson);
	});

test('after the first visit it opens and works with the server gone', async () => {
	const own = await serve();
	const visitor = await DeskPage.visit(browser, own.url);
	await says('also offline', visitor.page);
	own.stop();
	await visitor.page.goto(`${own.url}/problem`);
	await visitor.page.waitForSelector('[data-pane="plans"]');
	await visitor.write(MIX);
	await visitor.shows('Problem', 'one best plan');
	await visitor.page.reload();
	await visitor.page.waitForSelector('.cm-content');
	expect(await visitor.text()).toBe(MIX);
	await visitor.close();
}, 60_000);

test('a page whose scripts are gone, as after a new build, says so and offers to reload', async () => {
	const context = await browser.createBrowserContext();
	const page = await context.newPage();
	await page.setRequestInterception(true);
	page.on('request', (request) =>
		/immutable\/entry/.test(request.url())
			? void request.respond({ status: 404, body: '' })
			: void request.continue()
	);
	await page.goto(server.url);
	await page.waitForSelector('#cannot-load button');
	await context.close();
});
