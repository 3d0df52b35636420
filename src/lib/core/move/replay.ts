import { basisKey } from '../tableau/tableau';
import { perform } from './kinds';
import type { Position } from '../position/position';
import type { Refusal } from '../position/refusal';
import type { TrailNode } from './trail';

/** A step of the way with the position that it led to. */
export interface Stop {
	readonly node: TrailNode;
	readonly position: Position;
}

/** The walk from the problem as stated, as far as the statement allows it. */
export interface Walk {
	/** never empty: the root is always there */
	readonly stops: readonly Stop[];
	/** the first step that is not possible, and why; null where all are */
	readonly broken: { readonly node: TrailNode; readonly why: Refusal } | null;
}

/**
 * Makes the moves of a path anew.
 * @param root the position before any move
 * @param path the nodes from the trail's root to where one wants to stand
 */
export function replay(root: Position, path: readonly TrailNode[]): Walk {
	const stops: Stop[] = [];
	for (const node of path) {
		if (!node.move) {
			stops.push({ node, position: root });
			continue;
		}
		const result = perform(stops.at(-1)?.position ?? root, node.move);
		if (!result.ok) return { stops, broken: { node, why: result.why } };
		stops.push({ node, position: result.position });
	}
	return { stops, broken: null };
}

/** The earlier stop whose basis and part of a method are those of the last one: the way has gone round; null where it has not. */
export function cameBackTo(stops: readonly Stop[]): Stop | null {
	const now = stops.at(-1)?.position.work;
	if (!now || stops.at(-1)!.node.move?.kind !== 'pivot') return null;
	const key = basisKey(now.tableau);
	for (let i = stops.length - 2; i >= 0; i--) {
		const { work } = stops[i].position;
		// what was before a change, a cut or another part is not the same place
		if (!work || work.part !== now.part || work.tableau.form !== now.tableau.form) return null;
		if (basisKey(work.tableau) === key) return stops[i];
	}
	return null;
}
