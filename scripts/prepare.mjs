// What both commands need on a fresh machine. Only Node's own modules: nothing is installed yet when this runs.
import { spawnSync } from 'node:child_process';
import { existsSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/** Runs a command in the project's folder and shows what it prints; ends the process where it fails. */
export function run(command, args, options = {}) {
	const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
	if (result.error) console.error(`${command}: ${result.error.message}`);
	return result.status ?? 1;
}

export function must(command, args, options) {
	const status = run(command, args, options);
	if (status !== 0) process.exit(status);
}

/** Installs from the lockfile where node_modules is missing or older than it. */
export function installPackages() {
	const installed = join(ROOT, 'node_modules/.package-lock.json');
	const fresh =
		existsSync(installed) && statSync(installed).mtimeMs >= statSync(join(ROOT, 'package-lock.json')).mtimeMs;
	if (fresh) return;
	const quiet = ['--no-audit', '--no-fund', '--loglevel=error'];
	// a registry that lacks optional packages of other platforms makes `ci` refuse the lockfile; `install` then keeps to its versions too
	if (run('npm', ['ci', ...quiet]) !== 0) must('npm', ['install', '--no-save', ...quiet]);
}

/** Installs Debian's Chromium where it is missing. */
export function installChromium() {
	const path = process.env.CHROMIUM ?? '/usr/bin/chromium';
	if (existsSync(path)) return;
	console.log('Chromium is missing; installing Debian’s package.');
	const root = process.getuid?.() === 0;
	const apt = (args) =>
		root
			? run('apt-get', args, { env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' } })
			: run('sudo', ['-n', 'apt-get', ...args]);
	apt(['update', '-qq']);
	if (apt(['install', '-y', '-qq', 'chromium']) !== 0 || !existsSync(path)) {
		console.error(`The browser tests need Chromium at ${path}: apt-get install chromium, or set CHROMIUM.`);
		process.exit(1);
	}
}
