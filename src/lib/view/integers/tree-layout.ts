import { group, hierarchy, tree, type HierarchyPointNode } from 'd3';
import type { SearchNode } from '$lib/core/integer';

/** A node of the drawn tree with its place. */
export interface Placed {
	readonly node: SearchNode;
	readonly x: number;
	readonly y: number;
	readonly parent: Placed | null;
	/** how many nodes below are folded away */
	readonly hidden: number;
}

export const WIDE = 104;
export const HIGH = 92;
/** nodes that are drawn at once */
const MOST_DRAWN = 300;
/** and while a search is at work, so that the picture keeps up with it */
const MOST_DRAWN_AT_WORK = 60;
/** trees larger than this fold what is closed */
const MANY = 120;

interface Item {
	readonly node: SearchNode;
	readonly children: Item[];
	readonly hidden: number;
}

/**
 * The tree as it is drawn (Reingold and Tilford 1981, as d3 lays it out): what is folded stands as one node, and of a large tree so do parts
 * that are closed whole.
 * @param folded ids of nodes whose children are not shown
 * @param unfolded ids of nodes that are shown although they would be folded by themselves
 * @param atWork whether a search is just adding nodes
 */
export function laidOutTree(
	nodes: readonly SearchNode[],
	folded: ReadonlySet<number>,
	unfolded: ReadonlySet<number>,
	incumbent: number | null,
	atWork: boolean
): { placed: Placed[]; left: number } {
	const children = group(
		nodes.filter(({ parent }) => parent !== null),
		({ parent }) => parent
	);
	/** by node: how many are below, and whether all of them are closed and none is the incumbent */
	const below = new Map<number, { count: number; quiet: boolean }>();
	// children stand after their parents
	for (let i = nodes.length - 1; i >= 0; i--) {
		const { id, state } = nodes[i];
		const own = (children.get(id) ?? []).map((child) => below.get(child.id)!);
		const isClosed = state !== 'open' && state !== 'solved' && id !== incumbent;
		below.set(id, {
			count: own.reduce((sum, child) => sum + child.count + 1, 0),
			quiet: isClosed && own.every(({ quiet }) => quiet)
		});
	}
	const isFolded = (node: SearchNode): boolean => {
		if (folded.has(node.id)) return true;
		const own = below.get(node.id)!;
		return !unfolded.has(node.id) && nodes.length > MANY && own.quiet && own.count > 0 && node.depth > 1;
	};
	/** nodes whose children are drawn: those on the way to the incumbent in any case, of the others the nearest to the root */
	const spread = new Set<number>();
	for (let id = nodes[incumbent ?? 0]?.parent ?? null; id !== null; id = nodes[id].parent)
		if (!isFolded(nodes[id])) spread.add(id);
	let room = atWork ? MOST_DRAWN_AT_WORK : MOST_DRAWN;
	const line = nodes.slice(0, 1);
	for (const node of line) {
		const own = children.get(node.id) ?? [];
		if (own.length === 0 || isFolded(node)) continue;
		if (!spread.has(node.id) && room < own.length && !unfolded.has(node.id)) continue;
		spread.add(node.id);
		room -= own.length;
		line.push(...own);
	}
	const item = (node: SearchNode): Item => {
		// ≤ to the left, ≥ to the right, whichever is searched first
		const own = [...(children.get(node.id) ?? [])].sort((a, b) =>
			(a.branching?.relation ?? '').localeCompare(b.branching?.relation ?? '')
		);
		const hides = own.length > 0 && !spread.has(node.id);
		return { node, hidden: hides ? below.get(node.id)!.count : 0, children: hides ? [] : own.map(item) };
	};
	if (nodes.length === 0) return { placed: [], left: 0 };
	const root = tree<Item>().nodeSize([WIDE, HIGH])(hierarchy(item(nodes[0])));
	const known = new Map<HierarchyPointNode<Item>, Placed>();
	const placed = root.descendants().map((own): Placed => {
		const { node, hidden } = own.data;
		const spot = { node, hidden, x: own.x, y: own.y, parent: (own.parent && known.get(own.parent)) ?? null };
		known.set(own, spot);
		return spot;
	});
	return { placed, left: Math.min(...placed.map(({ x }) => x)) };
}
