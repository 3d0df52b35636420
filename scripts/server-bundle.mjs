import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { lezer } from '@lezer/generator/rollup';
import { build } from 'vite';
import { ROOT } from './prepare.mjs';

/** Bundles a part of the server into one file that needs nothing else. */
async function bundle(name, source, outDir) {
	await build({
		configFile: false,
		logLevel: 'warn',
		plugins: [lezer()],
		resolve: { alias: { $lib: join(ROOT, 'src/lib') } },
		ssr: { noExternal: true },
		build: {
			ssr: true,
			outDir: join(ROOT, outDir),
			emptyOutDir: false,
			rollupOptions: { input: { [name]: join(ROOT, source) }, output: { entryFileNames: '[name].js' } }
		}
	});
}

/** A content security policy as the header's text. */
const policyText = (directives) =>
	Object.entries(directives)
		.map(
			([name, sources]) =>
				`${name} ${sources.map((s) => (/^(none|self|unsafe-)/.test(s) ? `'${s}'` : s)).join(' ')}`
		)
		.join('; ');

/**
 * Completes adapter-node's output: the bundle of the worker threads, and an entry with our limits and headers.
 * @param directives the pages' content security policy; files get the same
 */
export async function finishServer(out, directives) {
	await bundle('worker', 'src/lib/work/server-worker.ts', join(out, 'worker'));
	writeFileSync(join(ROOT, out, 'worker/package.json'), '{ "type": "module" }\n');
	await bundle('headers', 'src/lib/work/headers.ts', out);
	writeFileSync(join(ROOT, out, 'policy.js'), `export default ${JSON.stringify(policyText(directives))};\n`);
	// bodies are read by the API itself, which knows its limits
	const entry = readFileSync(join(ROOT, 'scripts/server-entry.mjs'), 'utf8');
	writeFileSync(join(ROOT, out, 'server.js'), entry);
	writeFileSync(
		join(ROOT, out, 'index.js'),
		"process.env.BODY_SIZE_LIMIT = 'Infinity';\nexport const { server } = await import('./server.js');\n"
	);
}
