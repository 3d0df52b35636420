import { completed } from '../notation/notation';
import { expect, test } from 'vitest';
import { NEW_TRAIL } from '../move/trail';
import { forStudents, newLesson, type KeptTree } from './lesson';
import { readLesson } from './check';

const MIX = 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18';
const nodes = [
	...NEW_TRAIL.nodes,
	{
		id: 2,
		parent: 1,
		move: { kind: 'pivot', enter: 'x:y', leave: 's:b', by: 'bland' },
		name: 'first',
		note: 'look'
	},
	{ id: 3, parent: 1, move: { kind: 'pivot', enter: 'x:x', leave: 's:b', by: 'hand', outside: true } },
	{ id: 4, parent: 2, move: { kind: 'change', change: { rhs: 'a', value: '7/2' } } },
	{ id: 5, parent: 4, move: { kind: 'change', change: { cost: 'x', value: '-2' } } },
	{
		id: 6,
		parent: 5,
		move: { kind: 'change', change: { add: { name: 'd', terms: { x: '1/2' }, relation: '>=', rhs: '1' } } }
	},
	{ id: 7, parent: 6, move: { kind: 'phase', to: 'dual' } },
	{ id: 8, parent: 7, move: { kind: 'cut', row: 'x:x' } },
	{ id: 9, parent: 0, move: { kind: 'begin', way: 'by-hand', equalities: 'two-rows' } },
	{ id: 10, parent: 9, move: { kind: 'artificial', column: 'all' } }
];
const tree: KeptTree = {
	rules: { node: 'depth-first', branching: 'first', first: 'up' },
	decisions: [{ node: 0, split: 'x', made: 'down' }, { node: 2 }],
	waits: 1,
	looked: 0
};
const lesson = { ...newLesson(MIX), trail: { nodes, current: 10 }, tree };

test('a lesson with every kind of move is read as it was kept, without what does not belong', () => {
	const kept = JSON.parse(JSON.stringify(lesson)) as unknown;
	expect(readLesson({ ...(kept as object), extra: 1, toString: 1, constructor: {} })).toEqual(kept);
	// kept before there were trees
	const { tree: _, ...older } = kept as typeof lesson;
	expect(readLesson(older).tree).toBeNull();
});

test('lessons from outside are checked before they are used', () => {
	const withMove = (move: unknown) => ({
		...lesson,
		trail: { nodes: [nodes[0], { id: 1, parent: 0, move }], current: 1 }
	});
	const wrong: unknown[] = [
		null,
		{},
		{ ...lesson, version: 4 },
		{ ...lesson, statement: 7 },
		{ ...lesson, rule: 'guess' },
		{ ...lesson, notation: { numbers: 'roman' } },
		{ ...lesson, lasting: { variables: [], constraints: [{ key: 'a' }], gone: [] } },
		{ ...lesson, view: { x: NaN, y: 0, scale: 1 } },
		{ ...lesson, view: { x: 0, y: 0, scale: -1 } },
		{ ...lesson, tree: { ...tree, rules: { ...tree.rules, node: 'by luck' } } },
		{ ...lesson, tree: { ...tree, decisions: [{ node: -1 }] } },
		{ ...lesson, tree: { ...tree, decisions: [{ node: 0, split: 'x', made: 'sideways' }] } },
		{ ...lesson, trail: { nodes: [], current: 0 } },
		{ ...lesson, trail: { nodes, current: 99 } },
		{ ...lesson, trail: { nodes: [...nodes, nodes[1]], current: 0 } },
		{ ...lesson, trail: { nodes: [nodes[1]], current: 1 } },
		{ ...lesson, trail: { nodes: [nodes[0], { ...nodes[1], parent: 5 }], current: 0 } },
		withMove(null),
		withMove('begin'),
		withMove({ kind: 'jump' }),
		withMove({ kind: '__proto__' }),
		withMove({ kind: 'begin', way: 'guess', equalities: 'one-row' }),
		withMove({ kind: 'pivot', enter: 'x:x', leave: 7, by: 'hand' }),
		withMove({ kind: 'pivot', enter: 'x:x', leave: 's:a', by: 'chance' }),
		withMove({ kind: 'change', change: { rhs: 'a', value: 'seven' } }),
		withMove({
			kind: 'change',
			change: { add: { name: 'd', terms: { x: 'one' }, relation: '<=', rhs: '1' } }
		}),
		withMove({ kind: 'phase', to: 'three' })
	];
	for (const data of wrong) expect(() => readLesson(data), JSON.stringify(data)).toThrow();
});

test('a lesson of the first version opens as it was: start from the slacks, the same pivots, who chose', () => {
	const first = {
		format: 'mathesis-lesson',
		version: 1,
		statement: MIX,
		rule: 'bland',
		numbers: 'decimal',
		view: { x: 1, y: 2, scale: 3 },
		trail: {
			current: 2,
			nodes: [
				{ id: 0, parent: null, choice: null },
				{ id: 1, parent: 0, choice: { enter: 'x:y', leave: 's:b', by: 'dantzig' } },
				{ id: 2, parent: 1, choice: { enter: 'x:x', leave: 's:a', by: 'hand', outside: true } }
			]
		}
	};
	expect(readLesson(first)).toEqual({
		...newLesson(MIX),
		rule: 'bland',
		notation: completed({ numbers: 'decimal' }),
		view: { x: 1, y: 2, scale: 3 },
		trail: {
			current: 2,
			nodes: [
				{ id: 3, parent: null, move: null },
				{ id: 0, parent: 3, move: { kind: 'begin', way: 'auto', equalities: 'one-row' } },
				{ id: 1, parent: 0, move: { kind: 'pivot', enter: 'x:y', leave: 's:b', by: 'dantzig' } },
				{ id: 2, parent: 1, move: { kind: 'pivot', enter: 'x:x', leave: 's:a', by: 'hand', outside: true } }
			]
		}
	});
	for (const trail of [
		'gone',
		{},
		{ nodes: [7], current: 0 },
		{ nodes: [{ id: 0, parent: null, choice: 3 }], current: 9 }
	])
		expect(() => readLesson({ ...first, trail })).toThrow();
});

test('for students a lesson goes without notes, recipe and later steps, and what is concealed stays so', () => {
	const lesson = {
		...newLesson('max z = x\na: x <= 1'),
		notes: 'the answer is 1',
		recipe: '{}',
		tags: ['exam'],
		trail: {
			nodes: [
				...NEW_TRAIL.nodes,
				{
					id: 2,
					parent: 1,
					move: { kind: 'phase' as const, to: 'phase-two' as const },
					note: 'ask first',
					name: 'here'
				},
				{ id: 3, parent: 2, move: { kind: 'phase' as const, to: 'phase-two' as const } },
				{ id: 4, parent: 1, move: { kind: 'phase' as const, to: 'phase-two' as const } }
			],
			current: 2
		},
		concealed: ['best' as const]
	};
	const given = readLesson(JSON.parse(JSON.stringify(forStudents(lesson, '/simplex'))));
	expect(given.trail.nodes.map(({ id }) => id)).toEqual([0, 1, 2]);
	expect(JSON.stringify(given)).not.toMatch(/answer is|ask first|exam/);
	expect(given).toMatchObject({ page: '/simplex', concealed: ['best'], statement: lesson.statement });
});
