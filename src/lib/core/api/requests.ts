import { FORMATS_READ, FORMATS_WRITTEN } from '../formats/convert';
import { RULE_NAMES } from '../method/rule';
import { METHODS } from '../method/solve';
import { isPlain } from '../problem/shape';
import { collect, InputError, inputReader, readProblem, type Issue } from '../problem/json';
import {
	anyText,
	bySchema,
	closed,
	described,
	flag,
	list,
	oneOf,
	optional,
	otherwise,
	record,
	whole,
	type Of,
	type Shape
} from '../problem/shape';
import type { Problem } from '../problem/types';
import { KIND_NAMES } from '../question/types';
import { SHEET_FORMATS } from '../sheet/files';
import { MOST_VARIANTS, SHEET_PRESETS } from '../sheet/presets';
import { INTEGER_WAYS, MAX_MILLISECONDS, MAX_STEPS, TIME } from './limits';
import { PROBLEM } from './shapes';

/** What the API is asked, described once: checks, types and schemas come from here. The request to design stands in `design-request.ts`. */

const MOST_QUESTIONS = 200;
/** steps that a run may take where the request says nothing */
const STEPS = 10_000;

const WITH_PROBLEM = 'an object with a problem';
const RUN = {
	problem: PROBLEM,
	method: otherwise(oneOf(METHODS), 'auto'),
	rule: otherwise(oneOf(RULE_NAMES), 'dantzig')
};
const SEED = otherwise(whole(0, 2 ** 32 - 1), 1);
/** a number, plain or as text, or null for no end */
const END = bySchema<string | number | null>({
	anyOf: [{ $ref: '#/components/schemas/Rational' }, { type: 'number' }, { type: 'null' }]
});

export const SOLVE_REQUEST = record(
	{
		...RUN,
		integer: otherwise(oneOf(INTEGER_WAYS), 'branch'),
		steps: otherwise(flag, false),
		limit: otherwise(
			record({
				steps: otherwise(whole(1, MAX_STEPS), STEPS),
				milliseconds: otherwise(whole(1, MAX_MILLISECONDS), TIME)
			}),
			{ steps: STEPS, milliseconds: TIME }
		)
	},
	WITH_PROBLEM
);
export const CONVERT_REQUEST = described(
	record(
		{ from: oneOf(FORMATS_READ), to: oneOf(FORMATS_WRITTEN), content: anyText },
		'an object with from, to and content'
	),
	'`mps` reads free and fixed form by itself; `csv` is the technology table with heads.'
);
export const REGION_REQUEST = described(
	record({ problem: PROBLEM, without: optional(list(anyText)) }, WITH_PROBLEM),
	'`without` names constraints that are left out; the region is that of the relaxation.'
);
export const DUAL_REQUEST = record({ problem: PROBLEM }, WITH_PROBLEM);
export const PARAMETRIC_REQUEST = described(
	record(
		{
			problem: PROBLEM,
			vary: closed(
				{ rhs: optional(anyText), objective: optional(anyText) },
				'an object with rhs or objective'
			),
			from: optional(END),
			to: optional(END)
		},
		WITH_PROBLEM
	),
	'`vary` names one constraint (`rhs`) or one variable (`objective`); `from` and `to` left out or null are no ends.'
);
export const QUESTIONS_REQUEST = record(
	{
		...RUN,
		kinds: optional(list(oneOf(KIND_NAMES), Infinity, 1)),
		seed: SEED,
		count: otherwise(whole(1, MOST_QUESTIONS), 10)
	},
	WITH_PROBLEM
);
export const SHEET_REQUEST = record(
	{
		...RUN,
		preset: otherwise(oneOf(SHEET_PRESETS), 'problem'),
		format: otherwise(oneOf(SHEET_FORMATS), 'html'),
		variants: otherwise(whole(1, MOST_VARIANTS), 1),
		seed: SEED
	},
	WITH_PROBLEM
);

/**
 * Makes the reader of requests with a problem.
 * @returns a function that reads what the JSON text said: the problem, and the other fields, with what holds where they were left out
 * @throws InputError with every fault and its path, where the reader is given what is no such request
 */
export function requestReader<S extends Shape>(
	shape: S
): (data: unknown) => { readonly problem: Problem; readonly given: Omit<Of<S>, 'problem'> } {
	const read = inputReader(shape);
	return (data) => {
		// a list would pass for an object
		if (!isPlain(data)) throw new InputError([{ path: '', message: `must be ${WITH_PROBLEM}` }]);
		const issues: Issue[] = [];
		let given: Of<S> | null = null;
		collect(issues, () => (given = read(data)));
		let problem: Problem | null = null;
		collect(issues, () => (problem = readProblem(data.problem, 'problem')));
		if (issues.length > 0 || !problem || !given) throw new InputError(issues);
		return { problem, given };
	};
}
