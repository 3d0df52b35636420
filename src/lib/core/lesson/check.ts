import { notationShape } from '../notation/check';
import { completed } from '../notation/notation';
import { WAYS, type Move } from '../move/types';
import { isSoundTrail, type Trail } from '../move/trail';
import { BRANCHING_RULES, DIRECTIONS, NODE_RULES } from '../integer/search-types';
import { PARTS } from '../method/types';
import { RULE_NAMES } from '../method/rule';
import { parseRational } from '../number/rational';
import { MAX_STATEMENT } from '../problem/statement/limits';
import * as yup from 'yup';
import { MAX_DECISIONS, MAX_RECIPE, type Lesson } from './lesson';

import { upgraded } from './upgrade';

export const MAX_NODES = 2_000;
export const MAX_LASTING = 500;
export const MAX_PROSE = 50_000;
export const MAX_TAG = 40;
export const MAX_TAGS = 30;
export const MAX_PLANS = 200;

const finite = yup
	.number()
	.required()
	.test('finite', '${path} is not a number', (n) => Number.isFinite(n));
const id = yup.number().integer().min(0).required();
const text = (most: number) => yup.string().required().max(most);
const number = yup
	.string()
	.defined()
	.test('number', '${path} is not a number', (value) => {
		try {
			parseRational(value);
			return true;
		} catch {
			return false;
		}
	});

const isPlain = (value: unknown): value is Record<string, unknown> =>
	typeof value === 'object' && value !== null && !Array.isArray(value);

const numbersByName = yup
	.mixed()
	.test(
		'numbers',
		'${path} is not a list of numbers by name',
		(value) => isPlain(value) && Object.values(value).every((n) => number.isValidSync(n, { strict: true }))
	);

const wordsByName = yup
	.mixed()
	.required()
	.test(
		'words',
		'${path} is not a list of texts by key',
		(value) =>
			isPlain(value) &&
			Object.keys(value).length <= MAX_LASTING &&
			Object.entries(value).every(
				([key, own]) => key.length <= 80 && typeof own === 'string' && own.length <= 400
			)
	);

const changes = yup.lazy((value: unknown) => {
	if (isPlain(value) && 'rhs' in value) return yup.object({ rhs: text(100), value: number }).noUnknown();
	if (isPlain(value) && 'cost' in value) return yup.object({ cost: text(100), value: number }).noUnknown();
	const row = { name: text(40), terms: numbersByName, rhs: number };
	const relation = yup.string().oneOf(['<=', '>=', '=']).required();
	return yup.object({ add: yup.object({ ...row, relation }).required() }).noUnknown();
});

const equalities = yup.string().oneOf(['one-row', 'two-rows']).required();
const by = yup
	.string()
	.oneOf(['hand', ...RULE_NAMES])
	.required();

/** What each kind of move consists of. */
const MOVES: Record<Move['kind'], yup.ObjectShape> = {
	begin: { way: yup.string().oneOf(WAYS).required(), equalities },
	artificial: { column: text(100) },
	pivot: { enter: text(100), leave: text(100), by, outside: yup.boolean() },
	basis: { columns: yup.array(text(100)).min(1).max(500).required() },
	phase: { to: yup.string().oneOf(PARTS).required() },
	cut: { row: text(100), cut: yup.string().oneOf(['fractional', 'mixed-integer']) },
	combine: { multipliers: numbersByName.required() },
	drop: {},
	branch: { variable: text(100), relation: yup.string().oneOf(['<=', '>=']).required(), value: number },
	inward: {},
	change: { change: changes }
};

const move = yup.lazy((value: unknown) => {
	if (value === null) return yup.mixed().nullable();
	const kind = isPlain(value) ? String(value.kind) : '';
	const fields = Object.hasOwn(MOVES, kind) ? MOVES[kind as Move['kind']] : {};
	return yup.object({ kind: yup.string().oneOf(Object.keys(MOVES)).required(), ...fields }).required();
});

const lasting = yup
	.array(yup.object({ key: text(80), name: text(40), look: id }))
	.max(MAX_LASTING)
	.required();

const schema = yup.object({
	format: yup.string().oneOf(['mathesis-lesson']).required(),
	version: yup.number().oneOf([3]).required(),
	statement: yup.string().defined().max(MAX_STATEMENT),
	story: yup.string().defined().max(MAX_PROSE),
	notes: yup.string().defined().max(MAX_PROSE),
	tags: yup.array(text(MAX_TAG)).max(MAX_TAGS).required(),
	page: yup
		.string()
		.matches(/^\/[a-z]{0,20}$/)
		.required(),
	meanings: yup.object({ variables: wordsByName, constraints: wordsByName }).required(),
	lasting: yup.object({ variables: lasting, constraints: lasting, gone: lasting }).required(),
	trail: yup
		.object({
			current: id,
			nodes: yup
				.array(
					yup.object({
						id,
						parent: yup.number().integer().min(0).nullable().defined(),
						move,
						name: yup.string().max(200),
						note: yup.string().max(5_000)
					})
				)
				.min(1)
				.max(MAX_NODES)
				.required()
		})
		.required()
		.test('sound', 'the trail does not hang together', (trail) => isSoundTrail(trail as Trail)),
	rule: yup.string().oneOf(RULE_NAMES).required(),
	notation: notationShape,
	view: yup.object({ x: finite, y: finite, scale: finite.positive() }).nullable().defined().default(null),
	plans: yup
		.array(yup.object({ name: text(80), amounts: numbersByName.required() }))
		.max(MAX_PLANS)
		.required(),
	tree: yup
		.object({
			rules: yup
				.object({
					node: yup.string().oneOf(NODE_RULES).required(),
					branching: yup.string().oneOf(BRANCHING_RULES).required(),
					first: yup.string().oneOf(DIRECTIONS).required()
				})
				.required(),
			decisions: yup
				.array(
					yup.object({
						node: id,
						split: yup.string().min(1).max(40),
						made: yup.string().oneOf(DIRECTIONS)
					})
				)
				.max(MAX_DECISIONS)
				.required(),
			waits: id.nullable().defined(),
			looked: id
		})
		.nullable()
		.optional()
		.default(null),
	recipe: yup.string().max(MAX_RECIPE).optional().default('')
});

/**
 * Checks a lesson that comes from storage or a file; one of an earlier version is brought to the present one first.
 * @param data anything
 * @returns the lesson, with unknown fields left out
 * @throws yup.ValidationError that names the first field at fault
 */
export function readLesson(data: unknown): Lesson {
	const present = upgraded(data);
	schema.validateSync(present, { strict: true });
	const lesson = schema.cast(present, { stripUnknown: true }) as unknown as Lesson;
	return { ...lesson, notation: completed(lesson.notation) };
}
