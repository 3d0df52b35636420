import { NumberError } from '../number/rational';
import { readNumber } from './json-number';
import { byKey, checked, described, list, nullable, oneOf, optional, record, text, type Of } from './shape';
import { schemaOf } from './shape-schema';
import { isName, MAX_CONSTRAINTS, MAX_NAME, MAX_VARIABLES } from './types';

/** The problem format, described once: its type, its check and its JSON Schema (docs/problem.schema.json) all come from here. */

function numberFault(value: unknown): string | null {
	if (typeof value !== 'string' && typeof value !== 'number')
		return 'must be a number, as text such as "7/3" or plain';
	try {
		readNumber(value);
		return null;
	} catch (error) {
		if (error instanceof NumberError) return error.message;
		throw error;
	}
}

const number = checked<string | number>(
	{
		description:
			'An exact rational: "12", "-2.5" or "7/3"; a JSON number is taken as its decimal text. At most 200 digits.',
		oneOf: [{ type: 'string', pattern: '^\\s*[+-]?(\\d+(/\\d+|\\.\\d*)?|\\.\\d+)\\s*$' }, { type: 'number' }]
	},
	numberFault
);
const bound = (words: string) => optional(described(nullable(number), words));

const unit = optional(
	checked<string>({ type: 'string', maxLength: 60, pattern: '^[^\\[\\]\\n\\r]*$' }, (value) => {
		if (typeof value !== 'string' || value.length > 60) return 'must be text of at most 60 characters';
		return /[[\]\n\r]/.test(value) ? 'must not have brackets or line breaks' : null;
	})
);
const name = checked<string>(
	{
		type: 'string',
		pattern: "^\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*$",
		maxLength: MAX_NAME,
		description: "A letter of any script, then letters, digits, _ or '."
	},
	(value) =>
		typeof value === 'string' && isName(value)
			? null
			: "must be a name: a letter, then letters, digits, _ or ', at most 40 characters"
);
const terms = described(
	byKey(number, {
		most: MAX_VARIABLES,
		called: 'an object of variable names and coefficients',
		values: 'coefficients'
	}),
	'Coefficients by variable name.'
);

const variable = record({
	name,
	unit,
	lower: bound('0 when left out; null is no bound.'),
	upper: bound('No bound when left out or null.'),
	domain: optional(oneOf(['continuous', 'integer', 'binary']))
});
const objective = record({ sense: oneOf(['max', 'min']), name, unit, terms, constant: optional(number) });
const constraint = record({ name, unit, terms, relation: oneOf(['<=', '>=', '=']), rhs: number });

/** The problem format. */
export const PROBLEM_FORMAT = record(
	{
		format: oneOf(['mathesis-problem']),
		version: checked<1>({ const: 1 }, (value) =>
			value === 1 ? null : 'must be 1, the version this application reads'
		),
		title: optional(text(200, 0)),
		story: optional(text(20_000, 0)),
		variables: list(variable, MAX_VARIABLES, 0, 'variables'),
		objective,
		constraints: list(constraint, MAX_CONSTRAINTS, 0, 'constraints')
	},
	'a problem object'
);

/** A problem as JSON. */
export type ProblemJson = Of<typeof PROBLEM_FORMAT>;

/** The problem format as JSON Schema (2020-12). */
export const problemSchema: Record<string, unknown> = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	title: 'A linear or integer program',
	...schemaOf(PROBLEM_FORMAT)
};
