// npm test: installs what it needs, then every check in turn; all of them run even where one fails.
import { installChromium, installPackages, run } from './prepare.mjs';

installPackages();
installChromium();
const checks = ['format:check', 'lint', 'check', 'imports', 'unit', 'build', 'browser'];
const failed = checks.filter((check) => {
	console.log(`\n── ${check} ──`);
	return run('npm', ['run', '--silent', check]) !== 0;
});
if (failed.length) console.error(`\nNot right: ${failed.join(', ')}`);
console.log(`\n${checks.length - failed.length} passed, ${failed.length} failed`);
process.exit(failed.length ? 1 : 0);
