import type { SearchNode } from '$lib/core/integer/search-types';

/** nodes as they were last given to those who look */
const given = new WeakMap<SearchNode, SearchNode>();
/** A node, which changes in place, as it is now; the same object as before where nothing has changed since. */
export function asGiven(node: SearchNode): SearchNode {
	const before = given.get(node);
	if (before?.state === node.state && before.turn === node.turn) return before;
	const now = { ...node };
	given.set(node, now);
	return now;
}
