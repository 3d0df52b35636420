// npm test: installs what it needs, then every check; all of them run even where one fails.
import { spawn } from 'node:child_process';
import { installChromium, installPackages, ROOT, run } from './prepare.mjs';

installPackages();
installChromium();
const failed = [];
const judged = (check, status) => status !== 0 && failed.push(check);

/** Runs a check beside others; what it prints is shown in one piece when it ends. */
const beside = (check) =>
	new Promise((done) => {
		const child = spawn('npm', ['run', '--silent', check], { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
		const printed = [];
		for (const stream of [child.stdout, child.stderr]) stream.on('data', (part) => printed.push(part));
		child.on('close', (status) => {
			console.log(`\n── ${check} ──\n${Buffer.concat(printed)}`);
			judged(check, status);
			done();
		});
	});

// these need one processor each; the others use all there are
const alone = [['check'], ['format:check', 'lint', 'imports']];
await Promise.all(
	alone.map(async (checks) => {
		for (const check of checks) await beside(check);
	})
);
const rest = ['unit', 'build', 'build:static', 'browser'];
for (const check of rest) {
	console.log(`\n── ${check} ──`);
	judged(check, run('npm', ['run', '--silent', check]));
}
if (failed.length) console.error(`\nNot right: ${failed.join(', ')}`);
console.log(`\n${alone.flat().length + rest.length - failed.length} passed, ${failed.length} failed`);
process.exit(failed.length ? 1 : 0);
