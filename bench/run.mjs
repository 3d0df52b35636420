// npm run bench: everything measured in one run; figures are ratios, rates and growth, so that they carry over between machines.
import { mkdtempSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { lezer } from '@lezer/generator/rollup';
import { build } from 'vite';
import { ROOT, run } from '../scripts/prepare.mjs';
import { measureDesk } from './desk.mjs';

const wanted = process.argv.slice(2);
const asked = (part) => wanted.length === 0 || wanted.includes(part);

for (const part of ['engine', 'design', 'sensitivity', 'sheet'].filter(asked)) {
	const outDir = mkdtempSync(join(ROOT, 'node_modules/.bench-'));
	await build({
		configFile: false,
		logLevel: 'warn',
		plugins: [lezer()],
		resolve: { alias: { $lib: join(ROOT, 'src/lib') } },
		build: { ssr: join(ROOT, `bench/${part}.ts`), outDir, emptyOutDir: true, minify: false }
	});
	await import(pathToFileURL(join(outDir, `${part}.js`)).href);
}
if (asked('desk')) {
	run('npm', ['run', '--silent', 'build'], { stdio: ['ignore', 'ignore', 'inherit'] });
	await measureDesk();
}
