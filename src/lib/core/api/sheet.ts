import * as yup from 'yup';
import { ruleNamed, RULE_NAMES, type RuleName } from '../method/rule';
import { METHODS, prepare, type MethodName } from '../method/solve';
import { readProblem, validate, InputError, type Issue } from '../problem/json';
import { isPlain } from '../problem/format';
import type { Problem } from '../problem/types';
import { SHEET_FORMATS, sheetFiles, type SheetFile, type SheetFormat } from '../sheet/files';
import { MOST_PRINTED, MOST_VARIANTS, SHEET_PRESETS, type SheetPreset } from '../sheet/presets';
import { among, collect, whole } from './fields';
import { NotPossible } from './region';
import type { Control } from './solve';

/** POST /api/v1/sheet: sheets, exams and quizzes of a problem as files. */

const schema = yup
	.object({
		preset: among(SHEET_PRESETS),
		format: among(SHEET_FORMATS),
		method: among(METHODS),
		rule: among(RULE_NAMES),
		variants: whole(1, MOST_VARIANTS),
		seed: whole(0, 2 ** 32 - 1)
	})
	.typeError('must be an object with a problem')
	.required('must be an object with a problem');

/**
 * Answers a request for sheets, in the shape of docs/API.md.
 * @throws InputError where the request is not one
 * @throws CannotStart where the method has nothing to start from
 * @throws NotPossible where the problem is too large for paper
 */
export function answerSheet(data: unknown, control: Control = {}): { files: SheetFile[] } {
	const issues: Issue[] = [];
	collect(issues, () => validate(schema, data));
	const raw = isPlain(data) ? data : {};
	let problem: Problem | null = null;
	collect(issues, () => (problem = readProblem(raw.problem, 'problem')));
	if (issues.length > 0 || !problem) throw new InputError(issues);
	const { variables, constraints } = problem as Problem;
	if (variables.length + constraints.length > MOST_PRINTED)
		throw new NotPossible(
			`A sheet is made of at most ${MOST_PRINTED} variables and constraints together.`,
			'problem'
		);
	const method = (raw.method ?? 'auto') as MethodName;
	const rule = ruleNamed((raw.rule ?? 'dantzig') as RuleName);
	prepare(problem, method, rule);
	return {
		files: sheetFiles({
			problem,
			preset: (raw.preset ?? 'problem') as SheetPreset,
			format: (raw.format ?? 'html') as SheetFormat,
			method,
			rule,
			variants: (raw.variants as number | undefined) ?? 1,
			seed: (raw.seed as number | undefined) ?? 1,
			options: { shouldStop: control.shouldStop, maxSteps: 1000, mostNodes: 200 }
		})
	};
}
