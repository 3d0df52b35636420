import { MAX_CONSTRAINTS, MAX_NAME, MAX_VARIABLES } from '../problem/types';

type Schema = Record<string, unknown>;

const number: Schema = {
	description:
		'An exact rational: "12", "-2.5" or "7/3"; a JSON number is taken as its decimal text. At most 200 digits.',
	oneOf: [{ type: 'string', pattern: '^\\s*[+-]?(\\d+(/\\d+|\\.\\d*)?|\\.\\d+)\\s*$' }, { type: 'number' }]
};
const name: Schema = {
	type: 'string',
	pattern: "^\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*$",
	maxLength: MAX_NAME,
	description: "A letter of any script, then letters, digits, _ or '."
};
const unit: Schema = { type: 'string', maxLength: 60, pattern: '^[^\\[\\]\\n\\r]*$' };
const terms: Schema = {
	type: 'object',
	additionalProperties: number,
	description: 'Coefficients by variable name.'
};
const bound: Schema = { oneOf: [number, { type: 'null' }] };

/** The problem format as JSON Schema (2020-12); docs/problem.schema.json is this, written out. */
export const problemSchema: Schema = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	title: 'A linear or integer program',
	type: 'object',
	required: ['format', 'version', 'variables', 'objective', 'constraints'],
	properties: {
		format: { const: 'mathesis-problem' },
		version: { const: 1 },
		title: { type: 'string', maxLength: 200 },
		story: { type: 'string', maxLength: 20000 },
		variables: {
			type: 'array',
			maxItems: MAX_VARIABLES,
			items: {
				type: 'object',
				required: ['name'],
				properties: {
					name,
					unit,
					lower: { ...bound, description: '0 when left out; null is no bound.' },
					upper: { ...bound, description: 'No bound when left out or null.' },
					domain: { enum: ['continuous', 'integer', 'binary'] }
				}
			}
		},
		objective: {
			type: 'object',
			required: ['sense', 'name', 'terms'],
			properties: { sense: { enum: ['max', 'min'] }, name, unit, terms, constant: number }
		},
		constraints: {
			type: 'array',
			maxItems: MAX_CONSTRAINTS,
			items: {
				type: 'object',
				required: ['name', 'terms', 'relation', 'rhs'],
				properties: { name, unit, terms, relation: { enum: ['<=', '>=', '='] }, rhs: number }
			}
		}
	}
};
