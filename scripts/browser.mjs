import { spawn } from 'node:child_process';
import { mkdtempSync } from 'node:fs';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';

export const CHROMIUM = process.env.CHROMIUM ?? '/usr/bin/chromium';

/** Starts Debian's Chromium without a window, with a profile of its own. */
export function launch(size = { width: 1280, height: 800 }) {
	return puppeteer.launch({
		executablePath: CHROMIUM,
		headless: true,
		defaultViewport: size,
		userDataDir: mkdtempSync(join(tmpdir(), 'mathesis-chromium-')),
		args: [
			'--no-sandbox',
			'--disable-gpu',
			'--disable-quic',
			'--no-first-run',
			'--disable-background-networking',
			'--disable-component-update',
			'--disable-sync',
			'--font-render-hinting=none'
		]
	});
}

/** Puts a text in place of the whole statement, as pasting does. */
export async function pasteStatement(page, text) {
	await page.click('.cm-content');
	await page.keyboard.down('Control');
	await page.keyboard.press('a');
	await page.keyboard.up('Control');
	await page.evaluate((t) => document.execCommand('insertText', false, t), text);
}

/** A port that is free now. */
export function freePort() {
	return new Promise((resolve, reject) => {
		const server = createServer();
		server.on('error', reject);
		server.listen(0, '127.0.0.1', () => {
			const { port } = server.address();
			server.close(() => resolve(port));
		});
	});
}

/** Serves the built application; resolves when it answers. */
export async function serve(env = {}, folder = 'build') {
	const port = await freePort();
	const child = spawn(process.execPath, [folder], {
		env: { ...process.env, PORT: String(port), HOST: '127.0.0.1', LOG_LEVEL: 'warn', QUIET: '1', ...env },
		stdio: ['ignore', 'inherit', 'inherit']
	});
	const url = `http://127.0.0.1:${port}`;
	for (let i = 0; i < 100; i++) {
		try {
			await fetch(url);
			return { url, pid: child.pid, stop: () => child.kill() };
		} catch {
			await new Promise((resolve) => setTimeout(resolve, 100));
		}
	}
	child.kill();
	throw new Error('the server did not answer');
}
