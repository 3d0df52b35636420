import { sheetFiles } from '../src/lib/core/sheet/files';
import { DANTZIG } from '../src/lib/core/method/rule';
import type { Problem } from '../src/lib/core/problem/types';
import { denseProblem } from './dense-problem';
import { median } from './measure';

/** How long sheets of a run with four constraints and eight variables take: one worked solution, and six exams with their keys. */

const eight = denseProblem(8, 3);
const problem: Problem = { ...eight, constraints: eight.constraints.slice(0, 4) };
const common = { problem, format: 'html', method: 'auto', rule: DANTZIG, seed: 1 } as const;
const solution = median(() => sheetFiles({ ...common, preset: 'solution', variants: 1 }));
const exams = median(() => sheetFiles({ ...common, preset: 'exam', variants: 6 }));
console.log(
	`sheets, 4 × 8: a worked solution ${solution.toFixed(0)} ms, six variants of an exam with keys ${exams.toFixed(0)} ms (${(exams / solution).toFixed(1)} times as long)`
);
