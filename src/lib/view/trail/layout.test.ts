import { expect, test } from 'vitest';
import { extend, NEW_TRAIL } from '$lib/core/move/trail';
import { laidOut } from './layout';

test('the first choice goes on in its lane, each other one takes a lane to the right', () => {
	const step = (trail: typeof NEW_TRAIL, enter: string) =>
		extend(trail, { kind: 'pivot', enter, leave: 's:a', by: 'hand' });
	const down = step(step(NEW_TRAIL, 'x:y'), 'x:x');
	const branched = step({ ...down, current: 1 }, 'x:z');
	expect(laidOut(branched).map(({ node, lane, index }) => [node.id, lane, index])).toEqual([
		[0, 0, 0],
		[1, 0, 1],
		[4, 1, 2],
		[2, 0, 3],
		[3, 0, 4]
	]);
});
