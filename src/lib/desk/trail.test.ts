import { expect, test } from 'vitest';
import { slackStart } from '$lib/core/method/slack-start';
import { readStatement } from '$lib/core/problem/statement/read';
import { readPlan } from '$lib/core/tableau/tableau';
import { laidOut } from '../view/trail/layout';
import { identityAt } from './identity';
import { newLesson, readLesson } from './lesson';
import {
	isSoundTrail,
	NEW_TRAIL,
	pathTo,
	replay,
	standingOn,
	takeStep,
	withoutImpossible,
	type Trail
} from './trail';

const form = (text: string) => {
	const start = slackStart(readStatement(text).problem!);
	return start.ready ? start.form : null;
};
const MIX = 'max z = 3 x + 5 y\na: x <= 4\nb: 2 y <= 12\nc: 3 x + 2 y <= 18';
const step = (trail: Trail, enter: string, leave: string) => takeStep(trail, { enter, leave, by: 'hand' });
const down = step(step(NEW_TRAIL, 'x:y', 's:b'), 'x:x', 's:c');
const branched = step({ ...down, current: 0 }, 'x:x', 's:a');

test('a different choice branches, the same one comes back to its node', () => {
	expect(branched.nodes).toHaveLength(4);
	expect(pathTo(branched, branched.current).map((n) => n.id)).toEqual([0, 3]);
	expect(step({ ...branched, current: 0 }, 'x:y', 's:b')).toEqual({ ...branched, current: 1 });
	expect(laidOut(branched).map(({ node, lane }) => [node.id, lane])).toEqual([
		[0, 0],
		[3, 1],
		[1, 0],
		[2, 0]
	]);
});

test('the tableaux are recomputed, and an edited statement keeps what it still allows', () => {
	const stops = replay(down, form(MIX));
	expect([...readPlan(stops.get(2)!.tableau!).values()].map((v) => v.toFraction())).toEqual(['2', '6']);
	const edited = replay(down, form(MIX.replace('18', '21')));
	expect([
		standingOn(down, edited),
		[...readPlan(edited.get(2)!.tableau!).values()].map((v) => v.toFraction())
	]).toEqual([2, ['3', '6']]);
	// without row c the second step is not there; when row b becomes loose the first one leaves the region
	expect(standingOn(down, replay(down, form(MIX.replace(/c:.*/, ''))))).toBe(1);
	expect(standingOn(down, replay(down, form(MIX.replace('12', '40'))))).toBe(0);
	expect(standingOn(down, replay(down, null))).toBe(0);
	const cut = withoutImpossible(branched, replay(branched, form(MIX.replace(/c:.*/, ''))));
	expect([cut.nodes.map((n) => n.id), cut.current]).toEqual([[0, 1, 3], 3]);
});

test('lessons from outside are checked before they are used', () => {
	const lesson = { ...newLesson(MIX), trail: branched };
	expect(readLesson(structuredClone({ ...lesson, extra: 1 }))).toEqual(lesson);
	const nodes = [...branched.nodes];
	const wrong: unknown[] = [
		null,
		{},
		{ ...lesson, version: 2 },
		{ ...lesson, statement: 7 },
		{ ...lesson, rule: 'guess' },
		{ ...lesson, view: { x: NaN, y: 0, scale: 1 } },
		{ ...lesson, view: { x: 0, y: 0, scale: -1 } },
		{ ...lesson, trail: { nodes: [], current: 0 } },
		{ ...lesson, trail: { nodes, current: 9 } },
		{ ...lesson, trail: { nodes: [...nodes, nodes[1]], current: 0 } },
		{ ...lesson, trail: { nodes: [nodes[1]], current: 1 } },
		{ ...lesson, trail: { nodes: [nodes[0], { ...nodes[1], parent: 5 }], current: 0 } }
	];
	for (const data of wrong) expect(() => readLesson(data)).toThrow();
	expect(isSoundTrail(branched)).toBe(true);
});

test('no two of the first 64 constraints look the same', () => {
	const looks = Array.from({ length: 64 }, (_, i) => identityAt(i)).map(
		({ colour, mark }) => `${colour} ${mark}`
	);
	expect(new Set(looks).size).toBe(64);
});
