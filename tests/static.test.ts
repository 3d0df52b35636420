import { spawnSync } from 'node:child_process';
import { createReadStream, existsSync, statSync } from 'node:fs';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { extname, join } from 'node:path';
import { afterAll, beforeAll, expect, test } from 'vitest';
import type { Browser } from 'puppeteer-core';
import { launch } from '../scripts/browser.mjs';
import { DeskPage } from './desk-page';

/** The folder for any web space: served by a plain server of files, under a path. */

const FOLDER = 'build-static';
const UNDER = '/courses/or';
const TYPES: Record<string, string> = {
	'.html': 'text/html',
	'.js': 'text/javascript',
	'.css': 'text/css',
	'.svg': 'image/svg+xml'
};
let browser: Browser;
let server: Server;
const missing: string[] = [];

/** A server that knows files and folders, and nothing else. */
const plainServer = () =>
	createServer(({ url = '' }, response) => {
		const [path] = decodeURIComponent(url).split('?', 1);
		let file = join(FOLDER, path.slice(UNDER.length));
		if (path.startsWith(`${UNDER}/`) && existsSync(file) && statSync(file).isDirectory()) {
			if (!path.endsWith('/')) return response.writeHead(301, { location: `${path}/` }).end();
			file = join(file, 'index.html');
		}
		if (!path.startsWith(`${UNDER}/`) || !existsSync(file)) {
			missing.push(path);
			return response.writeHead(404).end();
		}
		response.writeHead(200, { 'content-type': TYPES[extname(file)] ?? 'application/octet-stream' });
		return createReadStream(file).pipe(response);
	});

beforeAll(async () => {
	// `npm test` has built it: beside other tests a build would take the machine from them
	if (!existsSync(join(FOLDER, 'index.html'))) {
		const { status } = spawnSync(process.execPath, ['scripts/build-static.mjs'], { encoding: 'utf8' });
		expect(status).toBe(0);
	}
	browser = await launch();
	server = plainServer();
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
}, 300_000);
afterAll(async () => {
	await browser?.close();
	server?.close();
});

test('the application works under a path of a plain web server, page by page, and offline', async () => {
	const { port } = server.address() as AddressInfo;
	const home = `http://127.0.0.1:${port}${UNDER}/`;
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
	await desk.page.goto(`http://127.0.0.1:${port}${UNDER}/practice`);
	await desk.page.waitForSelector('::-p-text(Choose a file)');
	expect(missing).toEqual([]);
	expect(desk.complaints).toEqual([]);
	await desk.close();
});
