import * as yup from 'yup';
import { METHODS, type MethodName } from '../method/solve';
import { RULE_NAMES, ruleNamed, type Rule, type RuleName } from '../method/rule';
import { InputError, readProblem, validate, type Issue } from '../problem/json';
import type { Problem } from '../problem/types';
import { among, collect, whole } from './fields';

export const INTEGER_WAYS = ['relax', 'branch', 'cuts'] as const;
/** the longest that anybody may ask for: others wait meanwhile */
export const MAX_MILLISECONDS = 30_000;
export const MAX_STEPS = 1_000_000;

/** What POST /api/v1/solve is asked. */
export interface SolveRequest {
	readonly problem: Problem;
	readonly method: MethodName;
	readonly rule: Rule;
	readonly integer: (typeof INTEGER_WAYS)[number];
	readonly steps: boolean;
	readonly limit: { readonly steps: number; readonly milliseconds: number };
}

const schema = yup
	.object({
		method: among(METHODS),
		rule: among(RULE_NAMES),
		integer: among(INTEGER_WAYS),
		steps: yup
			.mixed()
			.test('flag', 'must be true or false', (v) => v === undefined || typeof v === 'boolean'),
		limit: yup
			.object({ steps: whole(1, MAX_STEPS), milliseconds: whole(1, MAX_MILLISECONDS) })
			.default(undefined)
			.typeError('must be an object')
			.nonNullable('must be an object')
	})
	.typeError('must be an object with a problem')
	.required('must be an object with a problem');

/**
 * Reads a request to solve.
 * @param data what the JSON text said
 * @throws InputError with every fault and its path
 */
export function readSolveRequest(data: unknown): SolveRequest {
	const issues: Issue[] = [];
	collect(issues, () => validate(schema, data));
	if (typeof data !== 'object' || data === null || Array.isArray(data))
		throw new InputError([{ path: '', message: 'must be an object with a problem' }]);
	const raw = data as Record<string, unknown>;
	let problem: Problem | null = null;
	collect(issues, () => (problem = readProblem(raw.problem, 'problem')));
	if (issues.length || !problem) throw new InputError(issues);
	const limit = (raw.limit ?? {}) as { steps?: number; milliseconds?: number };
	return {
		problem,
		method: (raw.method ?? 'auto') as MethodName,
		rule: ruleNamed((raw.rule ?? 'dantzig') as RuleName),
		integer: (raw.integer ?? 'branch') as SolveRequest['integer'],
		steps: raw.steps === true,
		limit: { steps: limit.steps ?? 10_000, milliseconds: limit.milliseconds ?? 10_000 }
	};
}
