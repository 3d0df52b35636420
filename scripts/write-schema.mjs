// Writes docs/problem.schema.json from the code; a test checks that it is current.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { runnerImport } from 'vite';
import { ROOT } from './prepare.mjs';

const { module } = await runnerImport(join(ROOT, 'src/lib/core/problem/format.ts'), { configFile: false });
writeFileSync(
	join(ROOT, 'docs/problem.schema.json'),
	JSON.stringify(module.problemSchema, null, '\t') + '\n'
);
