import type { Trail, TrailNode } from '$lib/core/move';

/** A node of the trail on the page: a line of its own, and a lane that tells branches apart. */
export interface TrailRow {
	readonly node: TrailNode;
	readonly index: number;
	readonly lane: number;
	readonly parent: TrailRow | null;
}

/** Lays the tree out depth first: the first choice goes on in its parent's lane, each other one takes a lane to the right. */
export function laidOut(trail: Trail): TrailRow[] {
	const children = new Map<number | null, TrailNode[]>();
	for (const node of trail.nodes) children.set(node.parent, [...(children.get(node.parent) ?? []), node]);
	const rows: TrailRow[] = [];
	const stack: { node: TrailNode; lane: number; parent: TrailRow | null }[] = [
		{ node: trail.nodes[0], lane: 0, parent: null }
	];
	while (stack.length) {
		const { node, lane, parent } = stack.pop()!;
		const row: TrailRow = { node, index: rows.length, lane, parent };
		rows.push(row);
		const next = (children.get(node.id) ?? []).map((child, i) => ({
			node: child,
			lane: lane + i,
			parent: row
		}));
		// branches first, so that they stand near the choice they differ from
		stack.push(...next);
	}
	return rows;
}
