import { type Of, type Shape } from './shape';

const ownOf = (data: object, name: string): unknown =>
	Object.hasOwn(data, name) ? (data as Record<string, unknown>)[name] : undefined;

function fieldsOf(fields: Readonly<Record<string, Shape>>, data: unknown): Record<string, unknown> {
	const parts: Record<string, unknown> = {};
	for (const [name, own] of Object.entries(fields)) {
		const part = parted(own, ownOf(data as object, name));
		if (part !== undefined) parts[name] = part;
	}
	return parts;
}

function parted(shape: Shape, data: unknown): unknown {
	switch (shape.kind) {
		case 'record':
			return fieldsOf(shape.fields, data);
		case 'kinds': {
			const kind = ownOf(data as object, 'kind') as string;
			return { kind, ...fieldsOf(shape.fields[kind], data) };
		}
		case 'one-with': {
			const records = Object.entries(shape.records);
			const [, meant] = records.find(([name]) => Object.hasOwn(data as object, name)) ?? records.at(-1)!;
			return parted(meant, data);
		}
		case 'list':
			return (data as unknown[]).map((part) => parted(shape.of, part));
		case 'by-key':
			return Object.fromEntries(
				Object.entries(data as object).map(([key, part]) => [key, parted(shape.of, part)])
			);
		case 'nullable':
			return data === null ? null : parted(shape.of, data);
		case 'optional':
			return data === undefined ? shape.fresh : parted(shape.of, data);
		case 'sound':
		case 'described':
		case 'named':
			return parted(shape.of, data);
		default:
			return data;
	}
}

/**
 * What a shape describes of data that has been checked against it: everything else is left out, and what was left out is as it is then.
 * (The cast of yup takes inherited names, such as toString, for fields.)
 */
export const partsOf = <S extends Shape>(shape: S, data: unknown): Of<S> => parted(shape, data) as Of<S>;
