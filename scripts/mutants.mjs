// npm run mutants [-- folder ...] [-- --lines 70] [-- --seed 7]: changes a seeded sample of lines a little, one at a time, and tells which
// changes no test notices. Folders are parts of src/lib, as core/move or desk; without any the sample is from all of the core.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { parseArgs } from 'node:util';
import { must, ROOT } from './prepare.mjs';

const { values, positionals } = parseArgs({
	allowPositionals: true,
	options: { lines: { type: 'string', default: '70' }, seed: { type: 'string', default: '1' } }
});
const LIB = join(ROOT, 'src/lib');

const files = (folder) =>
	readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
		const path = join(folder, entry.name);
		if (entry.isDirectory()) return files(path);
		// messages are words, types are nothing at run time, the description of the API is checked whole
		return /\.ts$/.test(entry.name) && !/(\.test|types|messages|openapi)\.ts$|schema\.ts$/.test(entry.name)
			? [path]
			: [];
	});

/** Park and Miller (1988): every run with a seed looks at the same lines. */
let state = Number(values.seed) + 1;
const next = (below) => (state = (state * 48271) % 2147483647) % below;

/** Lines with something to change: not imports, comments, signatures or brackets alone. */
const candidates = (file) =>
	readFileSync(file, 'utf8')
		.split('\n')
		.flatMap((line, i) =>
			/[=<>!&|?+\-*]|return|if|true|false/.test(line) &&
			!/^\s*(\/?\*|\/\/|import|export (type|interface)|readonly)/.test(line)
				? [`${relative(ROOT, file)}:${i + 1}-${i + 1}`]
				: []
		);

function sample(list, count) {
	const rest = [...list];
	return Array.from({ length: Math.min(count, rest.length) }, () => rest.splice(next(rest.length), 1)[0]);
}

const folders = positionals.length > 0 ? positionals : ['core'];
const mutate = sample(
	folders.flatMap((folder) => files(join(LIB, folder))).flatMap(candidates),
	Number(values.lines)
);

const config = join(tmpdir(), `mathesis-mutants-${process.pid}.json`);
writeFileSync(
	config,
	JSON.stringify({
		mutate,
		testRunner: 'vitest',
		vitest: { related: false },
		coverageAnalysis: 'perTest',
		// what runs only while modules load would need all tests for each change
		ignoreStatic: true,
		reporters: ['clear-text', 'progress-append-only'],
		clearTextReporter: { logTests: false, reportTests: false, allowColor: false },
		checkers: [],
		// a message for people may change its words
		mutator: { excludedMutations: ['StringLiteral'] },
		concurrency: 2,
		timeoutMS: 15_000,
		dryRunTimeoutMinutes: 30,
		tempDirName: join(tmpdir(), 'mathesis-mutants'),
		thresholds: { high: 90, low: 80, break: null }
	})
);
must('npx', ['stryker', 'run', config]);
