import { expect, test } from 'vitest';
import { openNode, type NodeState, type SearchNode } from '$lib/core/integer/search-types';
import { rational } from '$lib/core/number/rational';
import { laidOutTree } from './tree-layout';

/** A full tree of some depth, numbered from the root row by row; all leaves closed but one. */
function fullTree(depth: number, open: number): SearchNode[] {
	const count = 2 ** (depth + 1) - 1;
	return Array.from({ length: count }, (_, id): SearchNode => {
		const isLeaf = id >= 2 ** depth - 1;
		const state: NodeState = !isLeaf ? 'branched' : id === open ? 'open' : 'bound';
		const node = openNode({
			id,
			parent: id === 0 ? null : (id - 1) >> 1,
			branching:
				id === 0 ? null : { variable: 'x', relation: id % 2 ? '>=' : '<=', value: rational(id % 2 ? 1 : 0) },
			depth: Math.floor(Math.log2(id + 1)),
			promise: null
		});
		return { ...node, state };
	});
}
const none: ReadonlySet<number> = new Set();
const drawnIds = (...args: Parameters<typeof laidOutTree>) =>
	laidOutTree(...args).placed.map(({ node }) => node.id);

test('a small tree is drawn whole: below stands lower, ≤ to the left, and what is folded counts what it hides', () => {
	const nodes = fullTree(3, 14);
	const { placed } = laidOutTree(nodes, none, none, null, false);
	expect(placed).toHaveLength(15);
	for (const { node, parent, x, y } of placed) {
		expect(parent?.node.id ?? null).toBe(node.parent);
		if (!parent) continue;
		expect(y).toBeGreaterThan(parent.y);
		expect(Math.sign(x - parent.x)).toBe(node.branching!.relation === '<=' ? -1 : 1);
	}
	const folded = laidOutTree(nodes, new Set([1]), none, null, false).placed;
	expect(folded).toHaveLength(9);
	expect(folded.find(({ node }) => node.id === 1)!.hidden).toBe(6);
});

test('of a large tree the closed parts are folded, but never the way to the incumbent or what is open', () => {
	const nodes = fullTree(9, 1022);
	const ids = drawnIds(nodes, none, none, 700, false);
	expect(ids.length).toBeLessThan(80);
	for (let id: number | null = 700; id !== null; id = nodes[id].parent) expect(ids).toContain(id);
	expect(ids).toContain(1022);
	// a part that was folded by itself can be opened
	const closed = laidOutTree(nodes, none, none, 700, false).placed.find(({ hidden }) => hidden > 0)!;
	expect(drawnIds(nodes, none, new Set([closed.node.id]), 700, false).length).toBe(ids.length + 2);
	// while a search is at work the picture is kept small, from the root down
	const open = nodes.map((node): SearchNode => (node.state === 'bound' ? { ...node, state: 'open' } : node));
	const atWork = drawnIds(open, none, none, null, true);
	expect(atWork.length).toBeLessThan(70);
	expect(Math.max(...atWork)).toBeLessThan(70);
	expect(drawnIds(open, none, none, null, false).length).toBeGreaterThan(250);
});
