import type { Browser } from 'puppeteer-core';
import { afterAll, afterEach, beforeAll, beforeEach, expect } from 'vitest';
import { launch, serve } from '../scripts/browser.mjs';
import { DeskPage } from './desk-page';

export let browser: Browser;
export let server: Awaited<ReturnType<typeof serve>>;
/** the desk of the visitor in the test that runs */
export let desk: DeskPage;

/** Every test of the file has a fresh visitor, who must have had nothing to complain about in the end. */
export function freshVisits(): void {
	beforeAll(async () => {
		[browser, server] = await Promise.all([launch(), serve()]);
	});
	afterAll(async () => {
		await browser?.close();
		server?.stop();
	});
	beforeEach(async () => {
		desk = await DeskPage.visitAlone(browser, server.url);
	});
	afterEach(leave);
}

async function leave(): Promise<void> {
	const { complaints } = desk;
	await desk.close();
	expect(complaints).toEqual([]);
}

/** The visitor leaves, and another comes to whom nothing is known. */
export async function nextVisit(): Promise<void> {
	await leave();
	desk = await DeskPage.visitAlone(browser, server.url);
}
