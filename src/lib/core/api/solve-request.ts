import type { MethodName } from '../method/solve';
import { ruleNamed, type Rule } from '../method/rule';
import type { Problem } from '../problem/types';
import type { INTEGER_WAYS } from './limits';
import { requestReader, SOLVE_REQUEST } from './requests';

/** What POST /api/v1/solve is asked. */
export interface SolveRequest {
	readonly problem: Problem;
	readonly method: MethodName;
	readonly rule: Rule;
	readonly integer: (typeof INTEGER_WAYS)[number];
	readonly steps: boolean;
	readonly limit: { readonly steps: number; readonly milliseconds: number };
}

const read = requestReader(SOLVE_REQUEST);

/**
 * Reads a request to solve.
 * @param data what the JSON text said
 * @throws InputError with every fault and its path
 */
export function readSolveRequest(data: unknown): SolveRequest {
	const { problem, given } = read(data);
	const { method, rule, integer, steps, limit } = given;
	return { problem, method, rule: ruleNamed(rule), integer, steps, limit };
}
