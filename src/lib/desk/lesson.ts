import type { EnteringRule } from '$lib/core/method/types';
import type { NumberStyle } from '$lib/core/number/show';
import { MAX_STATEMENT } from '$lib/core/problem/statement/read';
import * as yup from 'yup';
import { isSoundTrail, NEW_TRAIL, type Trail } from './trail';

/** The rules offered on the desk. */
export const DESK_RULES = ['dantzig', 'bland'] as const satisfies readonly EnteringRule[];
export type DeskRule = (typeof DESK_RULES)[number];

/** Where the region's picture is looked at: the middle in the author's units, and the magnification over "fit". */
export interface RegionView {
	readonly x: number;
	readonly y: number;
	readonly scale: number;
}

/** A lesson as it is kept: the statement, the trail, and how they are shown. */
export interface Lesson {
	readonly format: 'mathesis-lesson';
	readonly version: 1;
	readonly statement: string;
	readonly trail: Trail;
	readonly rule: DeskRule;
	readonly numbers: NumberStyle;
	readonly view: RegionView | null;
}

const MAX_NODES = 2_000;

const finite = yup
	.number()
	.required()
	.test('finite', '${path} is not a number', (n) => Number.isFinite(n));
const id = yup.number().integer().min(0).required();

const schema = yup.object({
	format: yup.string().oneOf(['mathesis-lesson']).required(),
	version: yup.number().oneOf([1]).required(),
	statement: yup.string().defined().max(MAX_STATEMENT),
	trail: yup
		.object({
			current: id,
			nodes: yup
				.array(
					yup.object({
						id,
						parent: yup.number().integer().min(0).nullable().defined(),
						choice: yup
							.object({
								enter: yup.string().required().max(100),
								leave: yup.string().required().max(100),
								outside: yup.boolean(),
								by: yup
									.string()
									.oneOf(['hand', 'dantzig', 'bland', 'greatest-improvement', 'steepest-edge'])
									.required()
							})
							.nullable()
							.defined()
					})
				)
				.min(1)
				.max(MAX_NODES)
				.required()
		})
		.required()
		.test('sound', 'the trail does not hang together', (trail) => isSoundTrail(trail as Trail)),
	rule: yup.string().oneOf(DESK_RULES).required(),
	numbers: yup.string().oneOf(['fraction', 'decimal']).required(),
	view: yup.object({ x: finite, y: finite, scale: finite.positive() }).nullable().defined().default(null)
});

/**
 * Checks a lesson that comes from storage or a file.
 * @param data anything
 * @returns the lesson, with unknown fields left out
 * @throws yup.ValidationError that names the first field at fault
 */
export function readLesson(data: unknown): Lesson {
	schema.validateSync(data, { strict: true });
	return schema.cast(data, { stripUnknown: true }) as unknown as Lesson;
}

/** A fresh lesson around a statement. */
export function newLesson(statement: string): Lesson {
	return {
		format: 'mathesis-lesson',
		version: 1,
		statement,
		trail: NEW_TRAIL,
		rule: 'dantzig',
		numbers: 'fraction',
		view: null
	};
}
