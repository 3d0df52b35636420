import type { Shape } from './shape';

type JsonSchema = Record<string, unknown>;

const isOptional = (shape: Shape): boolean =>
	shape.kind === 'optional' || (shape.kind === 'described' && isOptional(shape.of));

function recordSchema(fields: Readonly<Record<string, Shape>>, first: JsonSchema = {}): JsonSchema {
	const properties = Object.fromEntries(Object.entries(fields).map(([name, own]) => [name, schemaOf(own)]));
	const required = Object.keys(fields).filter((name) => !isOptional(fields[name]));
	return {
		type: 'object',
		properties: { ...first, ...properties },
		required: [...Object.keys(first), ...required]
	};
}

/** The JSON Schema (2020-12) of a shape. */
export function schemaOf(shape: Shape): JsonSchema {
	switch (shape.kind) {
		case 'text': {
			const { least, most, pattern } = shape;
			return {
				type: 'string',
				...(least > 0 ? { minLength: least } : {}),
				...(Number.isFinite(most) ? { maxLength: most } : {}),
				...(pattern ? { pattern } : {})
			};
		}
		case 'number':
			return {
				type: 'string',
				pattern: '^\\s*[+-]?(?:\\d+(?:/\\d*[1-9]\\d*|\\.\\d*)?|\\.\\d+)\\s*$',
				maxLength: 210,
				description: 'an exact number: 12, -2.5 or 7/3'
			};
		case 'finite':
			return { type: 'number', ...(shape.above === undefined ? {} : { exclusiveMinimum: shape.above }) };
		case 'count':
			return { type: 'integer', minimum: 0 };
		case 'whole': {
			const { least, most } = shape;
			const count = { type: 'integer', minimum: least, maximum: most };
			if (!shape.mayBeText) return count;
			const text = { type: 'string', pattern: '^\\s*[+-]?\\d+\\s*$' };
			return {
				anyOf: [count, text],
				description: `a whole number from ${least} to ${most}, plain or as text`
			};
		}
		case 'flag':
			return { type: 'boolean' };
		case 'one-of':
			return shape.values.length === 1 ? { const: shape.values[0] } : { enum: shape.values };
		case 'list': {
			const { least, most } = shape;
			return {
				type: 'array',
				...(least > 0 ? { minItems: least } : {}),
				...(Number.isFinite(most) ? { maxItems: most } : {}),
				items: schemaOf(shape.of)
			};
		}
		case 'record': {
			const plain = recordSchema(shape.fields);
			return shape.isClosed ? { ...plain, additionalProperties: false } : plain;
		}
		case 'by-key':
			return {
				type: 'object',
				...(Number.isFinite(shape.most) ? { maxProperties: shape.most } : {}),
				...(Number.isFinite(shape.longest) ? { propertyNames: { maxLength: shape.longest } } : {}),
				additionalProperties: schemaOf(shape.of)
			};
		case 'nullable':
			return { oneOf: [{ type: 'null' }, schemaOf(shape.of)] };
		case 'optional':
			return { ...schemaOf(shape.of), ...(shape.isTold ? { default: shape.fresh } : {}) };
		case 'sound':
			return schemaOf(shape.of);
		case 'kinds':
			return {
				oneOf: Object.entries(shape.fields).map(([kind, fields]) =>
					recordSchema(fields, { kind: { const: kind } })
				)
			};
		case 'one-with':
			return { oneOf: Object.values(shape.records).map(schemaOf) };
		case 'described':
			return { ...schemaOf(shape.of), description: shape.words };
		case 'named':
			return { $ref: `#/components/schemas/${shape.name}` };
		case 'checked':
		case 'schema':
			return shape.schema;
	}
}
