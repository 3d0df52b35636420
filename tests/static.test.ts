import { spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Browser } from 'puppeteer-core';
import { launch } from '../scripts/browser.mjs';
import { DeskPage } from './desk-page';
import { FOLDER, servePlainly, type PlainServer } from './support/plain-server';

/** The folder for any web space: served by a plain server of files, under a path. */

const UNDER = '/courses/or';
let browser: Browser;
let server: PlainServer;

beforeAll(async () => {
	// `npm test` has built it: beside other tests a build would take the machine from them
	if (!existsSync(join(FOLDER, 'index.html'))) {
		const { status } = spawnSync(process.execPath, ['scripts/build-static.mjs'], { encoding: 'utf8' });
		expect(status).toBe(0);
	}
	[browser, server] = await Promise.all([launch(), servePlainly(UNDER)]);
}, 300_000);
afterAll(async () => {
	await browser?.close();
	server?.close();
});

test('the application works under a path of a plain web server, page by page, and offline', async () => {
	const { home } = server;
	const desk = await DeskPage.visit(browser, home);
	await desk.turnTo('Simplex');
	expect(new URL(desk.page.url()).pathname).toBe(`${UNDER}/simplex/`);
	await desk.page.reload();
	await desk.page.waitForSelector('[data-pane="tableau"] table');
	await desk.press('Escape');
	await desk.press('s');
	const link = await desk.page.waitForSelector('[aria-label="Link with the lesson in it"]');
	expect(await link!.evaluate((own) => (own as HTMLInputElement).value)).toContain(home);
	await desk.press('Escape');
	await desk.page.waitForSelector('::-p-text(also offline)');
	await desk.page.setOfflineMode(true);
	await desk.page.goto(`${home}practice`);
	await desk.page.waitForSelector('::-p-text(Choose a file)');
	expect(server.missing).toEqual([]);
	expect(desk.complaints).toEqual([]);
	await desk.close();
});
