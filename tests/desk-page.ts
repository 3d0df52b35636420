import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import axe from 'axe-core';
import type { Browser, ElementHandle, Page } from 'puppeteer-core';

/** The desk in a browser, as a person uses it: what is typed, clicked and read. */
export class DeskPage {
	/** anything the page printed to the console or threw */
	readonly complaints: string[] = [];

	private constructor(
		readonly page: Page,
		/** closes what belongs to the visit, and forgets what it kept */
		readonly close: () => Promise<void>
	) {
		page.on('console', (message) => {
			if (['error', 'warn'].includes(message.type())) this.complaints.push(message.text());
		});
		page.on('pageerror', (error) => this.complaints.push(String(error)));
	}

	/** A fresh visitor in a context of one's own: nothing kept from others, at the same time as others. */
	static async visit(
		browser: Browser,
		url: string,
		before?: (page: Page) => Promise<unknown>
	): Promise<DeskPage> {
		const context = await browser.createBrowserContext();
		const page = await context.newPage();
		return new DeskPage(page, () => context.close()).#opened(url, before);
	}

	/**
	 * A visitor alone in the browser: nothing is kept from others but the compiled scripts, so the page opens in half the time. Nothing is fetched for
	 * work without a network: that is hundreds of files, for which the test would have to wait.
	 */
	static async visitAlone(browser: Browser, url: string): Promise<DeskPage> {
		const context = browser.defaultBrowserContext();
		const page = await context.newPage();
		return new DeskPage(page, async () => {
			const [first, ...others] = await context.pages();
			await Promise.all(others.map((own) => own.close()));
			const session = await first.createCDPSession();
			await session.send('Storage.clearDataForOrigin', {
				origin: new URL(url).origin,
				storageTypes: 'all'
			});
			await session.detach();
		}).#opened(url, (own) =>
			own.evaluateOnNewDocument(() => void Reflect.deleteProperty(Navigator.prototype, 'serviceWorker'))
		);
	}

	async #opened(url: string, before?: (page: Page) => Promise<unknown>): Promise<this> {
		const { page } = this;
		await page.setViewport({ width: 1280, height: 800 });
		await before?.(page);
		await page.goto(url);
		await page.waitForSelector('.cm-content');
		// the tableau's component comes a moment after the page
		await page.waitForFunction(() => {
			const pane = document.querySelector('[data-pane="tableau"] .body');
			return !pane || pane.childElementCount > 0;
		});
		return this;
	}

	/**
	 * What axe finds wrong on the page as it is: the rule, the elements, and what is said of the first.
	 * @param only rules to look for; left out, all that are usual
	 * @param within the part of the page that is looked at
	 */
	async barriers(only?: readonly string[], within = 'html'): Promise<string[]> {
		// colours that are on their way are no colours to judge
		await this.page.evaluate(() =>
			Promise.allSettled(
				document
					.getAnimations()
					.filter(({ effect }) => effect?.getComputedTiming().endTime !== Infinity)
					.map((animation) => animation.finished)
			)
		);
		await this.page.evaluate(axe.source);
		const { violations } = await this.page.evaluate(
			(rules, part) =>
				(globalThis as unknown as { axe: typeof axe }).axe.run(part, rules ? { runOnly: [...rules] } : {}),
			only,
			within
		);
		return violations.map(
			({ id, nodes }) =>
				`${id}: ${nodes.map(({ html }) => html).join(' | ')} ${nodes[0].any[0]?.message ?? ''}`
		);
	}

	/** From now on what the page hands out goes to a folder of its own, where it can be waited for by name. */
	async downloads(): Promise<{ folder: string; arrived(name: string): Promise<Buffer> }> {
		const folder = mkdtempSync(join(tmpdir(), 'mathesis-'));
		const session = await this.page.browser().target().createCDPSession();
		await session.send('Browser.setDownloadBehavior', {
			behavior: 'allow',
			downloadPath: folder,
			browserContextId: this.page.browserContext().id
		});
		const arrived = async (name: string) => {
			for (let i = 0; i < 300; i++) {
				if (readdirSync(folder).includes(name)) return readFileSync(join(folder, name));
				await new Promise((resolve) => setTimeout(resolve, 100));
			}
			throw new Error(`${name} did not come: ${readdirSync(folder).join()}`);
		};
		return { folder, arrived };
	}

	/** Puts the cursor into the statement, whose editor comes a moment after the page. */
	async enterStatement(): Promise<void> {
		const editor = await this.page.waitForSelector('.cm-content');
		await editor!.click();
	}

	/** Replaces the statement at once, as pasting does. */
	async write(text: string): Promise<void> {
		await this.enterStatement();
		await this.press('Control+a');
		await this.page.keyboard.sendCharacter(text);
	}

	/** Writes words into the field that finds actions. */
	async seek(words: string): Promise<void> {
		await this.press('/');
		await this.page.waitForSelector('.finder input:focus');
		await this.page.keyboard.type(words);
	}

	async press(keys: string): Promise<void> {
		// a sheet or menu that has just opened listens from the next frame on
		if (keys === 'Escape') await this.settled();
		const parts = keys.split('+') as Parameters<Page['keyboard']['down']>[0][];
		for (const key of parts.slice(0, -1)) await this.page.keyboard.down(key);
		await this.page.keyboard.press(parts.at(-1)!);
		for (const key of parts.slice(0, -1).reverse()) await this.page.keyboard.up(key);
	}

	/** A button by its words or its name for screen readers. */
	async button(name: string): Promise<ElementHandle<HTMLButtonElement>> {
		const handle = await this.page.waitForSelector(`aria/${name}[role="button"]`);
		return handle as ElementHandle<HTMLButtonElement>;
	}

	async click(name: string): Promise<void> {
		await (await this.button(name)).click();
	}

	/** Clicks the tableau's entry that brings one variable in and another out. */
	async pivot(entering: string, leaving: string): Promise<void> {
		const selector = `button.entry[title^="Pivot: ${entering} in, ${leaving} out"]`;
		await (await this.page.waitForSelector(selector))!.click();
	}

	/** The line of the trail with these words. */
	async step(words: string): Promise<ElementHandle<HTMLButtonElement>> {
		const handle = await this.page.waitForFunction(
			(sought) =>
				[...document.querySelectorAll<HTMLButtonElement>('[data-pane="trail"] .go')].find((button) =>
					button.querySelector('.step')?.textContent?.trim().startsWith(sought)
				),
			{},
			words
		);
		return handle as ElementHandle<HTMLButtonElement>;
	}

	/** Chooses from a menu of the tableau's. */
	async choose(menu: string, item: string): Promise<void> {
		await this.click(menu);
		const handle = await this.page.waitForFunction(
			(sought) =>
				[...document.querySelectorAll<HTMLElement>('.menu-item')].find(
					(node) => node.textContent?.includes(sought) && node.offsetParent !== null
				),
			{},
			item
		);
		await (handle as ElementHandle<HTMLElement>).click();
	}

	/** The focus is on something, and not lost to the page, perhaps on what some selector names. */
	async keepsFocus(on = '*'): Promise<void> {
		await this.page.waitForFunction(
			(sought) => document.activeElement !== document.body && document.activeElement?.matches(sought),
			{},
			on
		);
	}

	/** Shows another page of the desk. */
	async turnTo(name: string): Promise<void> {
		await this.page.locator(`aria/${name}[role="link"]`).click();
		await this.page.waitForFunction(
			(sought) => document.querySelector('nav [aria-current="page"]')?.textContent?.trim() === sought,
			{},
			name
		);
		const shown: Record<string, string> = {
			Overview: '.cm-content',
			Problem: '[data-pane="plans"]',
			Region: '[data-pane="corners"]',
			Simplex: '[data-pane="form"], [data-pane="operations"], [data-pane="answer"]',
			Integers: '.choose-control',
			Sensitivity: '[aria-label="What the answer is worth"]',
			Design: '[aria-label="How the exercise is made"]'
		};
		await this.page.waitForSelector(shown[name]);
	}

	/** What a pane shows, as text with single spaces; fractions as they are said. */
	async read(pane: string): Promise<string> {
		return this.page.evaluate((name) => {
			const heading = [...document.querySelectorAll('h2')].find((h) => h.textContent === name);
			const textOf = (node: Node): string => {
				if (node instanceof Text) return node.data;
				if (!(node instanceof Element) || node.classList.contains('only-heard')) return '';
				if (node.classList.contains('number')) return node.getAttribute('aria-label') ?? '';
				const inside = [...node.childNodes].map(textOf).join('');
				return getComputedStyle(node).display === 'inline' ? inside : ` ${inside} `;
			};
			const section = heading?.closest('section');
			return section ? textOf(section).replace(/\s+/g, ' ').trim() : '';
		}, pane);
	}

	/** Waits until a pane shows a text. */
	async shows(pane: string, text: string): Promise<void> {
		const end = Date.now() + 30_000;
		let seen = '';
		while (Date.now() < end) {
			seen = await this.read(pane);
			if (seen.includes(text)) return;
			await new Promise((resolve) => setTimeout(resolve, 50));
		}
		throw new Error(`${pane} does not show “${text}” but: ${seen}`);
	}

	/** Waits until what was done is drawn. */
	async settled(): Promise<void> {
		await this.page.evaluate(
			() => new Promise((resolve) => requestAnimationFrame(() => requestAnimationFrame(resolve)))
		);
	}

	/** Waits until nothing moves any more: walks, fades and sliding parts. */
	async still(): Promise<void> {
		await this.settled();
		await this.page.evaluate(() =>
			Promise.allSettled(document.getAnimations().map((animation) => animation.finished))
		);
		await this.settled();
	}

	/** From now on what moves stands still at its beginning, until it is put to a share of its way or let go on. */
	async holdMotion(): Promise<{ at(share: number): Promise<void>; goOn(): Promise<void> }> {
		const session = await this.page.createCDPSession();
		await session.send('Animation.enable');
		await session.send('Animation.setPlaybackRate', { playbackRate: 0 });
		const at = (share: number) =>
			this.page.evaluate((part) => {
				for (const animation of document.getAnimations())
					animation.currentTime = part * Number(animation.effect!.getComputedTiming().endTime);
			}, share);
		const goOn = () => session.send('Animation.setPlaybackRate', { playbackRate: 1 });
		return { at, goOn };
	}

	/** The tableau as rows of cells. */
	async tableau(): Promise<string[][]> {
		return this.page.evaluate(() =>
			[...document.querySelectorAll('.simplex tr')].map((row) =>
				[...row.children].map((cell) => {
					const fraction = cell.querySelector('.number[aria-label]');
					return (fraction?.getAttribute('aria-label') ?? (cell as HTMLElement).innerText)
						.replace(/\s+/g, ' ')
						.trim();
				})
			)
		);
	}

	/** Where the current point stands, in pixels of the picture. */
	async point(): Promise<{ x: number; y: number }> {
		return this.page.$eval('g.here', (g) => {
			const box = g.querySelector('circle')!.getBoundingClientRect();
			return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
		});
	}

	text(): Promise<string> {
		return this.page.$$eval('.cm-line', (lines) => lines.map((line) => line.textContent).join('\n'));
	}

	/** Waits for the saving of the last edit, which is told as soon as what was done is drawn. */
	async kept(): Promise<void> {
		await this.settled();
		await this.page.waitForFunction(() =>
			document.querySelector('.kept')?.textContent?.trim().startsWith('saved')
		);
	}
}
