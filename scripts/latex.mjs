/**
 * Compiles every LaTeX export of all samples in all notations with the TeX of this machine (texlive-latex-base, -recommended, texlive-pictures):
 * sheets, problems, runs and corner tables. Fails where one does not compile or has an overfull box. Not part of `npm test`.
 *
 *     node scripts/latex.mjs [folder] [part of the names of those that are wanted]
 */
import { execFileSync } from 'node:child_process';
import { existsSync, mkdirSync, mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, resolve } from 'node:path';
import { createServer } from 'vite';
import { ROOT } from './prepare.mjs';

const folder = resolve(process.argv[2] ?? mkdtempSync(join(tmpdir(), 'latex-')));
// the configuration is looked for where one stands
process.chdir(ROOT);
mkdirSync(folder, { recursive: true });
const server = await createServer({ server: { middlewareMode: true }, appType: 'custom', logLevel: 'error' });
const load = (path) => server.ssrLoadModule(path);
const { SAMPLES } = await load('/src/lib/desk/samples/index.ts');
const { titleOf } = await load('/src/lib/core/lesson/lesson.ts');
const { readStatement } = await load('/src/lib/core/problem/statement/read.ts');
const { sheetFiles } = await load('/src/lib/core/sheet/files.ts');
const { SHEET_PRESETS } = await load('/src/lib/core/sheet/presets.ts');
const { PROFILES } = await load('/src/lib/core/notation/notation.ts');
const { fitted } = await load('/src/lib/core/notation/column-names.ts');
const { DANTZIG } = await load('/src/lib/core/method/rule.ts');
const { stepsOf } = await load('/src/lib/core/sheet/steps.ts');
const { runText } = await load('/src/lib/core/formats/run.ts');
const { writeLatex } = await load('/src/lib/core/formats/latex.ts');
const { cornerLatex } = await load('/src/lib/core/formats/corner-table.ts');
const { cornerTable } = await load('/src/lib/core/geometry/corner-table.ts');

/** A fragment as a document of its own. */
const framed = (body) =>
	`\\documentclass[11pt]{article}\\usepackage[utf8]{inputenc}\\usepackage[T1]{fontenc}\\usepackage{amsmath,graphicx}\\usepackage[margin=15mm]{geometry}\\emergencystretch=3em\\begin{document}\n${body}\n\\end{document}\n`;

const documents = [];
for (const {
	lesson: { statement }
} of SAMPLES) {
	const name = titleOf({ statement })
		.toLowerCase()
		.replace(/[^a-z0-9]+/g, '-');
	const { problem } = readStatement(statement);
	if (!problem || problem.variables.length + problem.constraints.length > 30) continue;
	documents.push([`${name}-statement`, framed(writeLatex(problem, []))]);
	if (problem.variables.length <= 3)
		documents.push([
			`${name}-corners`,
			framed(cornerLatex(problem, cornerTable(problem, { outside: false }).rows))
		]);
	PROFILES.forEach(({ notation: own }, i) => {
		const notation = fitted(own, problem);
		const steps = stepsOf(problem, 'auto', DANTZIG).flatMap(({ position: { work } }) =>
			work ? [{ tableau: work.tableau, remarks: [] }] : []
		);
		documents.push([`${name}-run-${i}`, framed(runText(steps, notation, 'latex'))]);
		for (const preset of i === 0 ? SHEET_PRESETS : ['solution']) {
			const wanted = {
				problem,
				preset,
				format: 'latex',
				method: 'auto',
				rule: DANTZIG,
				variants: 1,
				seed: 1,
				notation
			};
			for (const { name: file, content } of sheetFiles(wanted))
				documents.push([`${name}-${i}-${file.replace(/\.tex$/, '')}`, content]);
		}
	});
}
await server.close();

let failures = 0;
const wanted = process.argv[3] ?? '';
for (const [name, text] of documents.filter(([own]) => own.includes(wanted))) {
	writeFileSync(join(folder, `${name}.tex`), text);
	try {
		execFileSync('pdflatex', ['-interaction=nonstopmode', '-halt-on-error', `${name}.tex`], {
			cwd: folder,
			stdio: 'pipe'
		});
	} catch {
		// the log says what is wrong
	}
	const log = existsSync(join(folder, `${name}.log`))
		? readFileSync(join(folder, `${name}.log`), 'latin1')
		: '! no log';
	const wrong = log.split('\n').filter((line) => /^!|^Overfull \\hbox/.test(line));
	if (wrong.length === 0) continue;
	failures += 1;
	console.log(`${name}: ${wrong.slice(0, 3).join(' | ')}`);
}
console.log(`${documents.length} documents, ${failures} with errors or overfull boxes; in ${folder}`);
process.exitCode = failures > 0 ? 1 : 0;
