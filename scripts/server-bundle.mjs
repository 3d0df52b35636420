import { renameSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { lezer } from '@lezer/generator/rollup';
import { build } from 'vite';
import { ROOT } from './prepare.mjs';

/** Bundles what the server's worker threads run into one file that needs nothing else. */
export async function bundleWorker(outDir) {
	await build({
		configFile: false,
		logLevel: 'warn',
		plugins: [lezer()],
		resolve: { alias: { $lib: join(ROOT, 'src/lib') } },
		ssr: { noExternal: true },
		build: {
			ssr: true,
			outDir: join(ROOT, outDir),
			emptyOutDir: true,
			rollupOptions: {
				input: { worker: join(ROOT, 'src/lib/work/server-worker.ts') },
				output: { entryFileNames: '[name].js' }
			}
		}
	});
	writeFileSync(join(ROOT, outDir, 'package.json'), '{ "type": "module" }\n');
}

/** Completes adapter-node's output: the worker bundle, and room for bodies of the API's own limit (1 MB, which it checks itself). */
export async function finishServer(out) {
	await bundleWorker(join(out, 'worker'));
	renameSync(join(ROOT, out, 'index.js'), join(ROOT, out, 'main.js'));
	writeFileSync(
		join(ROOT, out, 'index.js'),
		"process.env.BODY_SIZE_LIMIT ??= '4M';\nexport const { host, path, port, server } = await import('./main.js');\n"
	);
}
