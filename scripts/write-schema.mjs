// Writes docs/problem.schema.json and docs/lesson.schema.json from the code; tests check that they are current.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { runnerImport } from 'vite';
import { ROOT } from './prepare.mjs';

const load = (path) => runnerImport(join(ROOT, path), { configFile: false });
const write = (name, schema) =>
	writeFileSync(join(ROOT, 'docs', name), JSON.stringify(schema, null, '\t') + '\n');

write('problem.schema.json', (await load('src/lib/core/problem/format.ts')).module.problemSchema);
const { lezer } = await import('@lezer/generator/rollup');
const lessons = await runnerImport(join(ROOT, 'src/lib/core/lesson/schema.ts'), {
	configFile: false,
	plugins: [lezer()]
});
write('lesson.schema.json', lessons.module.lessonSchema);
