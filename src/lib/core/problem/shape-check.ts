import * as yup from 'yup';
import { parseRational } from '../number/rational';
import { isPlain, type Of, type Shape } from './shape';
import { partsOf } from './shape-parts';

/** faults told of values by key; more would help nobody */
const MOST_FAULTS = 20;

function isNumber(value: unknown): boolean {
	try {
		return typeof value === 'string' && !!parseRational(value);
	} catch {
		return false;
	}
}

const fieldsOf = (fields: Readonly<Record<string, Shape>>): yup.ObjectShape =>
	Object.fromEntries(Object.entries(fields).map(([name, own]) => [name, checkOf(own)]));

/** What is wrong with a value that stands at a path. */
function faultsIn(schema: yup.Schema, value: unknown, path: string): readonly yup.ValidationError[] {
	try {
		schema.validateSync(value, { strict: true, path } as yup.ValidateOptions);
		return [];
	} catch (error) {
		if (error instanceof yup.ValidationError) return [error];
		throw error;
	}
}

/** One of several checks, by the value. */
const either = (of: (value: unknown) => yup.AnySchema): yup.Schema => yup.lazy(of) as unknown as yup.Schema;

/**
 * The check of a shape.
 * @returns a yup schema, to be used strictly
 */
export function checkOf(shape: Shape): yup.Schema {
	switch (shape.kind) {
		case 'text': {
			const { least, most, pattern } = shape;
			const wanted = '${path} must be text';
			const plain = (least > 0 ? yup.string().required(wanted) : yup.string().defined(wanted))
				.nonNullable(wanted)
				.typeError(wanted)
				.max(most, `\${path} has more than ${most} characters`);
			return pattern === undefined ? plain : plain.matches(new RegExp(pattern, 'u'));
		}
		case 'number':
			return yup.mixed().test('number', '${path} is not a number', isNumber);
		case 'finite': {
			const plain = yup.number().required().test('finite', '${path} is not a number', Number.isFinite);
			return shape.above === undefined ? plain : plain.moreThan(shape.above);
		}
		case 'count':
			return yup.number().integer().min(0).required();
		case 'whole': {
			const { least, most, mayBeText } = shape;
			const message = `\${path} must be a whole number from ${least} to ${most}`;
			const isWithin = (value: unknown) => {
				const number = mayBeText && isNumber(value) ? Number(value) : value;
				return Number.isInteger(number) && (number as number) >= least && (number as number) <= most;
			};
			return yup.mixed().test('whole', message, isWithin);
		}
		case 'flag': {
			const message = '${path} must be true or false';
			return yup.boolean().typeError(message).required(message);
		}
		case 'one-of': {
			const message = `\${path} must be one of ${shape.values.join(', ')}`;
			return yup.mixed().test('one-of', message, (value) => shape.values.includes(value as string));
		}
		case 'list': {
			const { least, most, called } = shape;
			const wanted = called ? `\${path} must be a list of ${called}` : '${path} must be a list';
			return yup
				.array(checkOf(shape.of) as yup.AnySchema)
				.typeError(wanted)
				.required(wanted)
				.min(least, `\${path} has fewer than ${least} ${called ?? 'entries'}`)
				.max(most, `\${path} has more than ${most} ${called ?? 'entries'}`);
		}
		case 'record': {
			const message = `\${path} must be ${shape.called ?? 'an object'}`;
			const plain = yup.object(fieldsOf(shape.fields)).typeError(message).required(message);
			return shape.isClosed
				? plain.noUnknown('${path} has a field that does not belong there: ${unknown}')
				: plain;
		}
		case 'by-key': {
			const { most, longest, called, values } = shape;
			const own = checkOf(shape.of);
			const wanted = `\${path} must be ${called}`;
			return yup
				.mixed()
				.required(wanted)
				.test('by-key', function (value) {
					if (!isPlain(value)) return this.createError({ message: wanted });
					const entries = Object.entries(value);
					if (entries.length > most)
						return this.createError({ message: `\${path} has more than ${most} ${values}` });
					const faults: yup.ValidationError[] = [];
					for (const [key, part] of entries) {
						const path = `${this.path}.${key}`;
						if (key.length > longest)
							faults.push(
								this.createError({ message: `\${path} has a name of more than ${longest} characters` })
							);
						else faults.push(...faultsIn(own, part, path));
						if (faults.length >= MOST_FAULTS) break;
					}
					return faults.length === 0 || new yup.ValidationError(faults);
				});
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
		case 'checked':
			return yup
				.mixed()
				.nullable()
				.test('checked', function (value) {
					const message = shape.fault(value);
					return message === null || this.createError({ message });
				});
		case 'described':
		case 'named':
			return checkOf(shape.of);
		case 'schema':
			return yup.mixed().nullable();
	}
}

/**
 * Makes the reader of a shape.
 * @returns a function that gives what is described of data, with what holds where something was left out
 * @throws yup.ValidationError that names the first field at fault, where the reader is given something else
 */
export function readerOf<S extends Shape>(shape: S): (data: unknown) => Of<S> {
	const check = checkOf(shape);
	return (data) => {
		check.validateSync(data, { strict: true });
		return partsOf(shape, data);
	};
}
