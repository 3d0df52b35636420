import { CHOICES } from '../notation/notation';
import { BRANCHING_RULES, DIRECTIONS, NODE_RULES } from '../integer/search-types';
import { NUMBER_STYLES } from '../number/show';
import { WAYS } from '../move/types';
import { PARTS } from '../method/types';
import { RULE_NAMES } from '../method/rule';
import { MAX_STATEMENT } from '../problem/statement/limits';
import { MAX_LASTING, MAX_NODES, MAX_PLANS, MAX_PROSE, MAX_TAG, MAX_TAGS } from './check';
import { MAX_DECISIONS, MAX_RECIPE } from './lesson';
import { COLLECTION_FORMAT, MAX_LESSONS } from './files';

/** The published JSON Schema of lessons and collections; docs/lesson.schema.json is written from it. */

const text = (maxLength: number, minLength = 1) => ({ type: 'string', minLength, maxLength });
const object = (properties: Record<string, object>, required = Object.keys(properties)) => ({
	type: 'object',
	properties,
	required
});
const number = {
	type: 'string',
	pattern: '^\\s*[+-]?(?:\\d+(?:/\\d*[1-9]\\d*|\\.\\d*)?|\\.\\d+)\\s*$',
	maxLength: 210,
	description: 'an exact number: 12, -2.5 or 7/3'
};
const numbersByName = { type: 'object', additionalProperties: number };
const id = { type: 'integer', minimum: 0 };
const lasting = {
	type: 'array',
	maxItems: MAX_LASTING,
	items: object({ key: text(80), name: text(40), look: id })
};
const relation = { enum: ['<=', '>=', '='] };
const move = (kind: string, properties: Record<string, object>, optional: string[] = []) =>
	object(
		{ kind: { const: kind }, ...properties },
		['kind', ...Object.keys(properties)].filter((name) => !optional.includes(name))
	);
const moves = [
	{ type: 'null' },
	move('begin', { way: { enum: WAYS }, equalities: { enum: ['one-row', 'two-rows'] } }),
	move('artificial', { column: text(100) }),
	move(
		'pivot',
		{
			enter: text(100),
			leave: text(100),
			by: { enum: ['hand', ...RULE_NAMES] },
			outside: { type: 'boolean' }
		},
		['outside']
	),
	move('phase', { to: { enum: PARTS } }),
	move('cut', { row: text(100), cut: { enum: ['fractional', 'mixed-integer'] } }, ['cut']),
	move('combine', { multipliers: numbersByName }),
	move('drop', {}),
	move('branch', { variable: text(100), relation: { enum: ['<=', '>='] }, value: number }),
	move('inward', {}),
	move('change', {
		change: {
			oneOf: [
				object({ rhs: text(100), value: number }),
				object({ cost: text(100), value: number }),
				object({ add: object({ name: text(40), terms: numbersByName, relation, rhs: number }) })
			]
		}
	})
];
const wordsByKey = { type: 'object', maxProperties: MAX_LASTING, additionalProperties: text(400, 0) };

const LETTERS = { type: 'string', pattern: '^\\p{L}{1,3}$' };

const tree = object({
	rules: object({
		node: { enum: NODE_RULES },
		branching: { enum: BRANCHING_RULES },
		first: { enum: DIRECTIONS }
	}),
	decisions: {
		type: 'array',
		maxItems: MAX_DECISIONS,
		description: 'by node: closed, or branched on the variable `split`, of whose sides `made` is the first',
		items: object({ node: id, split: text(40), made: { enum: DIRECTIONS } }, ['node'])
	},
	waits: { type: ['integer', 'null'], minimum: 0 },
	looked: id
});

const fields = {
	format: { const: 'mathesis-lesson' },
	version: { const: 3 },
	statement: { ...text(MAX_STATEMENT, 0), description: 'the problem in the statement language' },
	story: { ...text(MAX_PROSE, 0), description: 'Markdown; [words](#row.variable) links them to a number' },
	notes: { ...text(MAX_PROSE, 0), description: 'Markdown, for the instructor' },
	tags: { type: 'array', maxItems: MAX_TAGS, items: text(MAX_TAG) },
	page: { type: 'string', pattern: '^/[a-z]{0,20}$' },
	meanings: object({ variables: wordsByKey, constraints: wordsByKey }),
	lasting: object({ variables: lasting, constraints: lasting, gone: lasting }),
	trail: object({
		current: id,
		nodes: {
			type: 'array',
			minItems: 1,
			maxItems: MAX_NODES,
			items: object(
				{
					id,
					parent: { type: ['integer', 'null'], minimum: 0 },
					move: { oneOf: moves },
					name: text(200, 0),
					note: text(5_000, 0)
				},
				['id', 'parent', 'move']
			)
		}
	}),
	rule: { enum: RULE_NAMES },
	notation: object(
		{
			numbers: { enum: NUMBER_STYLES },
			...Object.fromEntries(Object.entries(CHOICES).map(([name, variants]) => [name, { enum: variants }])),
			slack: LETTERS,
			surplus: LETTERS,
			artificial: LETTERS,
			infeasibility: LETTERS
		},
		['numbers']
	),
	view: {
		oneOf: [
			{ type: 'null' },
			object({
				x: { type: 'number' },
				y: { type: 'number' },
				scale: { type: 'number', exclusiveMinimum: 0 }
			})
		]
	},
	plans: { type: 'array', maxItems: MAX_PLANS, items: object({ name: text(80), amounts: numbersByName }) },
	tree: { oneOf: [{ type: 'null' }, tree] },
	recipe: text(MAX_RECIPE, 0)
};

const lesson = {
	// a lesson written before there were trees and recipes has none
	...object(
		fields,
		Object.keys(fields).filter((name) => name !== 'tree' && name !== 'recipe')
	),
	title: 'A lesson of Mathesis'
};

export const lessonSchema = {
	$schema: 'https://json-schema.org/draft/2020-12/schema',
	title: 'A lesson, or a collection of lessons, of Mathesis',
	$defs: { lesson },
	oneOf: [
		{ $ref: '#/$defs/lesson' },
		object({
			format: { const: COLLECTION_FORMAT },
			version: { const: 1 },
			lessons: {
				type: 'array',
				maxItems: MAX_LESSONS,
				items: object({ edited: { type: 'string' }, lesson: { $ref: '#/$defs/lesson' } }, ['lesson'])
			}
		})
	]
};
