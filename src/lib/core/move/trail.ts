import { count, list, nullable, optional, record, sound, text, type Of } from '../problem/shape';
import { MOVE, type Move } from './types';

/** steps of a trail that are kept */
const MAX_NODES = 2_000;

/** A step of the trail, small enough to keep: the step before and the move (null at the root, which is the problem as stated). */
const NODE = record({
	id: count,
	parent: nullable(count),
	move: nullable(MOVE),
	/** what the instructor calls the step, and notes about it */
	name: optional(text(200, 0)),
	note: optional(text(5_000, 0))
});
export type TrailNode = Of<typeof NODE>;

/** The tree of moves made, and where in it we are. */
const MOVES_MADE = record({ nodes: list(NODE, MAX_NODES, 1), current: count });
export type Trail = Of<typeof MOVES_MADE>;
/** The same as it comes from outside: it must hang together. */
export const TRAIL = sound(MOVES_MADE, 'the trail does not hang together', isSoundTrail);

/** A trail that has begun as suits the problem. */
export const NEW_TRAIL: Trail = {
	nodes: [
		{ id: 0, parent: null, move: null },
		{ id: 1, parent: 0, move: { kind: 'begin', way: 'auto', equalities: 'one-row', standing: true } }
	],
	current: 1
};

/** Whether two moves do the same, whoever chose them. */
function sameMove(a: Move, b: Move): boolean {
	const plain = (move: Move) => JSON.stringify(move.kind === 'pivot' ? [move.enter, move.leave] : move);
	return a.kind === b.kind && plain(a) === plain(b);
}

/** The step with this move from the current node: the one already made if there is one, else a new branch. */
export function extend(trail: Trail, move: Move): Trail {
	const known = trail.nodes.find(
		(node) => node.parent === trail.current && node.move && sameMove(node.move, move)
	);
	if (known) return { ...trail, current: known.id };
	const id = Math.max(...trail.nodes.map((node) => node.id)) + 1;
	return { nodes: [...trail.nodes, { id, parent: trail.current, move }], current: id };
}

/** The nodes from the root to a node. */
export function pathTo(trail: Trail, id: number): TrailNode[] {
	const byId = new Map(trail.nodes.map((node) => [node.id, node]));
	const path: TrailNode[] = [];
	for (let node = byId.get(id); node; node = node.parent === null ? undefined : byId.get(node.parent))
		path.unshift(node);
	return path;
}

/** The nodes to pass on the way from one step to another: up to the common ancestor, then down. */
export function wayBetween(trail: Trail, from: number, to: number): number[] {
	const [a, b] = [pathTo(trail, from).map((n) => n.id), pathTo(trail, to).map((n) => n.id)];
	let shared = 0;
	while (shared < a.length && a[shared] === b[shared]) shared++;
	return [...a.slice(Math.max(0, shared - 1)).reverse(), ...b.slice(shared)];
}

/** A node and all that follow from it. */
export function branchOf(trail: Trail, id: number): ReadonlySet<number> {
	const branch = new Set([id]);
	// parents stand before their children
	for (const node of trail.nodes) if (node.parent !== null && branch.has(node.parent)) branch.add(node.id);
	return branch;
}

/**
 * The trail without a step and all that follow from it; where we stood in it, we stand on the step before.
 * @param id a node that is not the root
 */
export function withoutBranch(trail: Trail, id: number): Trail {
	const gone = branchOf(trail, id);
	const parent = trail.nodes.find((node) => node.id === id)?.parent ?? trail.nodes[0].id;
	return {
		nodes: trail.nodes.filter((node) => !gone.has(node.id)),
		current: gone.has(trail.current) ? parent : trail.current
	};
}

/** The trail with a name or a note at a step; an empty text takes it away. */
export function annotated(trail: Trail, id: number, words: { name?: string; note?: string }): Trail {
	const nodes = trail.nodes.map((node) => {
		if (node.id !== id) return node;
		const { name = '', note = '', ...rest } = { ...node, ...words };
		return { ...rest, ...(name ? { name } : {}), ...(note ? { note } : {}) };
	});
	return { ...trail, nodes };
}

/** Whether a trail from outside hangs together: one root, parents before children, no id twice, a current node. */
export function isSoundTrail(trail: Trail): boolean {
	const seen = new Set<number>();
	for (const node of trail.nodes) {
		if (seen.has(node.id)) return false;
		const root = node.parent === null && node.move === null && seen.size === 0;
		if (!root && (node.parent === null || node.move === null || !seen.has(node.parent))) return false;
		seen.add(node.id);
	}
	return seen.has(trail.current);
}
