import * as yup from 'yup';
import { NumberError } from '../number/rational';
import { readNumber } from './json-number';
import { isName, MAX_CONSTRAINTS, MAX_NAME, MAX_VARIABLES } from './types';

/**
 * The problem format, described once: types, validation and JSON Schema (docs/problem.schema.json) all come from here. What yup cannot say of
 * a field is a check of its own beside the piece of JSON Schema that says the same.
 */

type Message = string | null;
type JsonSchema = Record<string, unknown>;

/** A field with a check whose message may depend on the value, and the JSON Schema that goes with it. */
function field<T>(json: JsonSchema, look: (value: unknown) => Message, optional = false) {
	const schema = yup
		.mixed<NonNullable<T>>()
		.nullable()
		.meta({ json })
		.test('checked', function (value) {
			if (optional && value === undefined) return true;
			const message = look(value);
			return message === null || this.createError({ message });
		});
	return schema as unknown as yup.Schema<T>;
}

function numberMessage(value: unknown): Message {
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

type NumberJson = string | number;
type TermsJson = Record<string, NumberJson>;

const NUMBER: JsonSchema = {
	description:
		'An exact rational: "12", "-2.5" or "7/3"; a JSON number is taken as its decimal text. At most 200 digits.',
	oneOf: [{ type: 'string', pattern: '^\\s*[+-]?(\\d+(/\\d+|\\.\\d*)?|\\.\\d+)\\s*$' }, { type: 'number' }]
};

const number = () => field<NumberJson>(NUMBER, numberMessage);
const optionalNumber = () => field<NumberJson | undefined>(NUMBER, numberMessage, true);
const bound = (description: string) =>
	field<NumberJson | null | undefined>(
		{ oneOf: [NUMBER, { type: 'null' }], description },
		(v) => (v === null ? null : numberMessage(v)),
		true
	);

const text = (most: number) =>
	field<string | undefined>(
		{ type: 'string', maxLength: most },
		(v) =>
			typeof v !== 'string' ? 'must be text' : v.length > most ? `has more than ${most} characters` : null,
		true
	);
const unit = () =>
	field<string | undefined>(
		{ type: 'string', maxLength: 60, pattern: '^[^\\[\\]\\n\\r]*$' },
		(v) => {
			if (typeof v !== 'string' || v.length > 60) return 'must be text of at most 60 characters';
			return /[[\]\n\r]/.test(v) ? 'must not have brackets or line breaks' : null;
		},
		true
	);
const name = () =>
	field<string>(
		{
			type: 'string',
			pattern: "^\\p{L}[\\p{L}\\p{M}\\p{Nd}_']*$",
			maxLength: MAX_NAME,
			description: "A letter of any script, then letters, digits, _ or '."
		},
		(v) =>
			typeof v === 'string' && isName(v)
				? null
				: "must be a name: a letter, then letters, digits, _ or ', at most 40 characters"
	);
const oneOf = <const T extends string>(values: readonly T[]) =>
	field<T>({ enum: values }, (v) => (values.includes(v as T) ? null : `must be one of ${values.join(', ')}`));
const perhapsOneOf = <const T extends string>(values: readonly T[]) =>
	field<T | undefined>(
		{ enum: values },
		(v) => (values.includes(v as T) ? null : `must be one of ${values.join(', ')}`),
		true
	);
const constant = <const T extends string | number>(value: T, message: string) =>
	field<T>({ const: value }, (v) => (v === value ? null : message));

/** Whether a value is an object of names and values, and no list. */
export const isPlain = (v: unknown): v is Record<string, unknown> =>
	typeof v === 'object' && v !== null && !Array.isArray(v);

/** faults told of one list of terms; more would help nobody */
const MOST_FAULTS = 20;

const terms = () =>
	yup
		.mixed<TermsJson>()
		.required('must be an object of variable names and coefficients')
		.meta({
			json: {
				type: 'object',
				additionalProperties: NUMBER,
				maxProperties: MAX_VARIABLES,
				description: 'Coefficients by variable name.'
			}
		})
		.test('terms', function (value: unknown) {
			if (!isPlain(value))
				return this.createError({ message: 'must be an object of variable names and coefficients' });
			const entries = Object.entries(value);
			if (entries.length > MAX_VARIABLES)
				return this.createError({ message: `has more than ${MAX_VARIABLES} coefficients` });
			const faults: yup.ValidationError[] = [];
			for (const [variable, coefficient] of entries) {
				const message = numberMessage(coefficient);
				if (message) faults.push(this.createError({ path: `${this.path}.${variable}`, message }));
				if (faults.length === MOST_FAULTS) break;
			}
			return faults.length ? new yup.ValidationError(faults) : true;
		});

const object = <T extends yup.ObjectShape>(fields: T, what: string) =>
	yup.object(fields).typeError(`must be ${what}`).required(`must be ${what}`);
const list = <T extends yup.AnySchema>(item: T, most: number, what: string) =>
	yup
		.array(item)
		.typeError(`must be a list of ${what}`)
		.required(`must be a list of ${what}`)
		.max(most, `has more than ${most} ${what}`);

const variable = object(
	{
		name: name(),
		unit: unit(),
		lower: bound('0 when left out; null is no bound.'),
		upper: bound('No bound when left out or null.'),
		domain: perhapsOneOf(['continuous', 'integer', 'binary'])
	},
	'an object'
);
const objective = object(
	{ sense: oneOf(['max', 'min']), name: name(), unit: unit(), terms: terms(), constant: optionalNumber() },
	'an object'
);
const constraint = object(
	{ name: name(), unit: unit(), terms: terms(), relation: oneOf(['<=', '>=', '=']), rhs: number() },
	'an object'
);

/** The problem format for validation. */
export const problemFormat = object(
	{
		format: constant('mathesis-problem', 'must be one of mathesis-problem'),
		version: constant(1, 'must be 1, the version this application reads'),
		title: text(200),
		story: text(20_000),
		variables: list(variable, MAX_VARIABLES, 'variables'),
		objective,
		constraints: list(constraint, MAX_CONSTRAINTS, 'constraints')
	},
	'a problem object'
);

/** A problem as JSON. */
export type ProblemJson = yup.InferType<typeof problemFormat>;

/** Fields that may be left out. */
const OPTIONAL = new Set(['title', 'story', 'unit', 'lower', 'upper', 'domain', 'constant']);

function toJsonSchema(description: yup.SchemaFieldDescription): JsonSchema {
	const { json } = ((description as yup.SchemaDescription).meta ?? {}) as { json?: JsonSchema };
	if (json) return json;
	if ('fields' in description) {
		const fields = Object.entries(description.fields);
		return {
			type: 'object',
			required: fields.map(([key]) => key).filter((key) => !OPTIONAL.has(key)),
			properties: Object.fromEntries(fields.map(([key, own]) => [key, toJsonSchema(own)]))
		};
	}
	const { innerType, tests } = description as yup.SchemaInnerTypeDescription;
	const most = tests.find((test) => test.name === 'max')?.params?.max;
	return { type: 'array', maxItems: most, items: toJsonSchema(innerType as yup.SchemaFieldDescription) };
}

/** The problem format as JSON Schema (2020-12). */
export const problemSchema: JsonSchema = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	title: 'A linear or integer program',
	...toJsonSchema(problemFormat.describe())
};
