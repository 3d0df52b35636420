import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Browser, Page } from 'puppeteer-core';
import { launch } from '../scripts/browser.mjs';
import { allWords, unmarkedWords } from '../scripts/words.mjs';
import { DEMO_STATEMENT, DEMO_STORY } from '../src/lib/desk/demo';
import { DeskPage } from './desk-page';
import { servePlainly, type PlainServer } from './support/plain-server';

/**
 * Another language is one file: here a mechanical one, in which each letter is doubled. What stands on a page with single letters is said without
 * asking the file, and could not be translated.
 */

const doubled = (text: string) =>
	text.replace(/\{\d+\}|\p{L}/gu, (part) => (part[0] === '{' ? part : part + part));
const LANGUAGE = Object.fromEntries(
	Object.values(allWords())
		.flat()
		.map((text) => [text, doubled(text)])
);
/** pages, and what shows that they are there */
const PAGES = [
	['problem', '[data-pane="plans"] input'],
	['region', '[data-pane="corners"] td'],
	['integers', '[data-pane="ways"] p'],
	['sensitivity', '[data-pane="numbers"] button'],
	['design', '[data-pane="finds"] li'],
	['lessons', '.sample'],
	['lecture', 'main li'],
	['handout', '.preview iframe, .preview article, .preview svg'],
	['help', '[lang="en"] h2'],
	['practice', '::-p-text(CChhoooossee aa ffiillee)'],
	['speaker', '::-p-text(lleeccttuurree)']
] as const;
/** what is the author's, or is the same in all languages */
const NAMES = new Set(
	`${DEMO_STATEMENT} ${DEMO_STORY} Mathesis Ctrl Shift Alt Esc Enter Tab Page Up Down Home End Bland LaTeX Markdown TikZ max min cost cut`.match(
		/\p{L}+/gu
	)
);

let browser: Browser;
let server: PlainServer;

beforeAll(async () => {
	[browser, server] = await Promise.all([
		launch(),
		servePlainly('/or', { '/languages/xx.json': JSON.stringify(LANGUAGE) })
	]);
});
afterAll(async () => {
	await browser?.close();
	server?.close();
});

/** What a page shows or says to screen readers with words of single letters, but for names. */
async function untranslated(page: Page): Promise<string[]> {
	const texts = await page.evaluate(() => {
		const apart = '.cm-editor, .katex, kbd, code, textarea, script, noscript, style, [lang="en"]';
		const found: string[] = [];
		const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT | NodeFilter.SHOW_ELEMENT);
		while (walker.nextNode()) {
			const node = walker.currentNode;
			const element = node instanceof Element ? node : node.parentElement!;
			if (element.closest(apart)) continue;
			if (node instanceof Element)
				for (const name of ['title', 'aria-label', 'placeholder', 'alt', 'aria-valuetext'])
					found.push(node.getAttribute(name) ?? '');
			else found.push(node.textContent ?? '');
		}
		return [...new Set(found.map((text) => text.replace(/\s+/g, ' ').trim()))];
	});
	return texts.filter((text) =>
		text.match(/\p{L}{3,}/gu)?.some((word) => !NAMES.has(word) && !/^(?:(\p{L})\1)+$|^\p{Lu}+$/u.test(word))
	);
}

test('no component has a text of its own that another language could not have', () => {
	expect(unmarkedWords()).toEqual([]);
});

test('everything that a page says can be said in another language', async () => {
	const desk = await DeskPage.visit(browser, `${server.home}?language=xx`);
	const { page } = desk;
	/** Nothing on the page is left in English, once what it waits for is there. */
	const isTranslated = async (selector: string) => {
		await page.waitForSelector(selector);
		expect(await untranslated(page), selector).toEqual([]);
	};
	const turnTo = async (path: string) => {
		const link = await page.$(`header a[href$="/or/${path}"]`);
		await (link ? link.click() : page.goto(server.home + path));
	};
	const write = async (statement: string) => {
		await turnTo('');
		await page.waitForSelector('.cm-content');
		await desk.write(statement);
	};
	const next = async (times: number) => {
		for (let i = 0; i < times; i++) {
			const now = '[data-pane="trail"] [aria-current]';
			const before = await page.$(now);
			await desk.press('n');
			await page.waitForFunction(
				(selector, old) => document.querySelector(selector) !== old,
				{},
				now,
				before
			);
			await isTranslated('[data-pane="trail"] .go');
		}
	};

	expect(await page.$eval('html', ({ lang }) => lang)).toBe('xx');
	await isTranslated('[data-pane="tableau"] table');
	for (const [key, selector] of [
		['?', 'dialog[open] kbd, [role="dialog"] kbd'],
		['/', '[role="dialog"] [role="option"]'],
		['s', '[role="dialog"] input[readonly]']
	]) {
		await desk.press(key);
		await isTranslated(selector);
		await desk.press('Escape');
		await page.waitForFunction((own) => !document.querySelector(own), {}, selector);
	}
	for (const [path, selector] of PAGES) {
		await turnTo(path);
		await isTranslated(selector);
	}
	// what is chosen is known by a key, not by its words
	await turnTo('problem');
	await page.locator('[data-pane="table"] [aria-label^="MMoorree"][aria-label$=" bowls"]').click();
	await page.locator('.menu-item::-p-text(MMoovvee rriigghhtt)').click();
	await page.waitForFunction(() =>
		document.querySelector('[data-pane="table"] thead [aria-label^="NNaammee"]')?.ariaLabel?.endsWith('vases')
	);
	await turnTo('simplex');
	await page.waitForSelector('[data-pane="tableau"] table');
	await next(3);
	await isTranslated('[data-pane="answer"] p');
	await desk.press('y');
	await isTranslated('[data-pane="commentary"]');

	await write(
		'min cost = 3 bowls + 2 vases\nclay: bowls + vases >= 4\nkiln: bowls - vases = 1\nbowls integer'
	);
	await page.waitForFunction(() => document.querySelector('.katex')?.textContent?.includes('cost'));
	await turnTo('simplex');
	await page.waitForSelector('[data-pane="tableau"] table');
	await next(3);
	await turnTo('integers');
	await isTranslated('.choose-control');
	await write('max profit = bowls + vases\nclay: bowls vases <= 2\nkiln: 2 bowls + <= 3');
	await isTranslated('[data-pane="statement"] [role="alert"], [data-pane="statement"] .finding');

	await page.goto(`${server.home}?language=en`);
	await page.waitForSelector('::-p-text(Statement)');
	expect(desk.complaints).toEqual([]);
	// one that is not there is not kept
	await page.goto(`${server.home}?language=zz`);
	await page.waitForSelector('::-p-text(Statement)');
	expect(
		await page.evaluate(() => Object.entries(localStorage).filter(([key]) => /language/.test(key)))
	).toEqual([]);
	await desk.close();
}, 180_000);
