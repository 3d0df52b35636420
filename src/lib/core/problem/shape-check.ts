import * as yup from 'yup';
import { parseRational } from '../number/rational';
import { isPlain } from './format';
import type { Shape } from './shape';

function isNumber(value: unknown): boolean {
	try {
		return typeof value === 'string' && !!parseRational(value);
	} catch {
		return false;
	}
}

const fieldsOf = (fields: Readonly<Record<string, Shape>>): yup.ObjectShape =>
	Object.fromEntries(Object.entries(fields).map(([name, own]) => [name, checkOf(own)]));

/** One of several checks, by the value. */
const either = (of: (value: unknown) => yup.AnySchema): yup.Schema => yup.lazy(of) as unknown as yup.Schema;

/**
 * The check of a shape. Cast with `stripUnknown` it gives what is described and nothing else.
 * @returns a yup schema, to be used strictly
 */
export function checkOf(shape: Shape): yup.Schema {
	switch (shape.is) {
		case 'text': {
			const { least, most, pattern } = shape;
			const plain = (least > 0 ? yup.string().required() : yup.string().defined()).max(most);
			return pattern === undefined ? plain : plain.matches(new RegExp(pattern, 'u'));
		}
		case 'number':
			return yup.string().defined().test('number', '${path} is not a number', isNumber);
		case 'finite': {
			const plain = yup.number().required().test('finite', '${path} is not a number', Number.isFinite);
			return shape.above === undefined ? plain : plain.moreThan(shape.above);
		}
		case 'count':
			return yup.number().integer().min(0).required();
		case 'flag':
			return yup.boolean().required();
		case 'one-of':
			return typeof shape.values[0] === 'number'
				? yup
						.number()
						.oneOf(shape.values as number[])
						.required()
				: yup
						.string()
						.oneOf(shape.values as string[])
						.required();
		case 'list':
			return yup
				.array(checkOf(shape.of) as yup.AnySchema)
				.min(shape.least)
				.max(shape.most)
				.required();
		case 'record': {
			const plain = yup.object(fieldsOf(shape.fields)).required();
			return shape.isClosed ? plain.noUnknown() : plain;
		}
		case 'by-key': {
			const { most, longest } = shape;
			const own = checkOf(shape.of);
			const isRight = (value: unknown) =>
				isPlain(value) &&
				Object.keys(value).length <= most &&
				Object.entries(value).every(
					([key, part]) => key.length <= longest && own.isValidSync(part, { strict: true })
				);
			return yup.mixed().required().test('by-key', '${path} is not a list of values by key', isRight);
		}
		case 'nullable': {
			const own = checkOf(shape.of) as yup.AnySchema;
			return either((value) => (value === null ? yup.mixed().nullable() : own));
		}
		case 'optional': {
			const own = checkOf(shape.of) as yup.AnySchema;
			const { fresh } = shape;
			const without = fresh === undefined ? yup.mixed().optional() : yup.mixed().nullable().default(fresh);
			return either((value) => (value === undefined ? without : own));
		}
		case 'kinds': {
			const names = Object.keys(shape.fields);
			const kind = yup.string().oneOf(names).required();
			const none = yup.object({ kind }).required();
			const own = new Map(
				names.map((name) => [name, yup.object({ kind, ...fieldsOf(shape.fields[name]) }).required()])
			);
			return either((value) => (isPlain(value) && own.get(String(value.kind))) || none);
		}
		case 'one-with': {
			const own = Object.entries(shape.records).map(
				([key, part]) => [key, checkOf(part) as yup.AnySchema] as const
			);
			return either((value) => {
				const meant = own.find(([key]) => isPlain(value) && Object.hasOwn(value, key)) ?? own.at(-1)!;
				return meant[1];
			});
		}
		case 'sound':
			return (checkOf(shape.of) as yup.MixedSchema).test('sound', shape.message, (value) =>
				shape.test(value)
			) as yup.Schema;
		case 'described':
			return checkOf(shape.of);
	}
}
