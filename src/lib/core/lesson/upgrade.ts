import type { TrailNode } from '../move/trail';
import { newLesson } from './lesson';

type Data = Record<string, unknown>;

const isData = (value: unknown): value is Data => typeof value === 'object' && value !== null;

/** A step of version 1: which columns traded places, and who chose; null at the start, which was always from the slacks. */
interface FirstNode {
	readonly id: number;
	readonly parent: number | null;
	readonly choice: { enter: string; leave: string; by: string; outside?: boolean } | null;
}

/**
 * In version 1 the root was the tableau of the slacks; now the problem as stated stands before it. Columns were named after the
 * constraints, as the keys of a fresh book are.
 */
function trailOfFirst(trail: Data): unknown {
	if (!Array.isArray(trail.nodes) || !trail.nodes.every(isData)) return trail;
	const nodes = trail.nodes as unknown as FirstNode[];
	const root = Math.max(0, ...nodes.map((node) => Number(node.id) || 0)) + 1;
	const upgradedNodes = nodes.map((node): TrailNode => {
		const { id, parent, choice } = node;
		if (!choice || !isData(choice))
			return { id, parent: parent ?? root, move: { kind: 'begin', way: 'auto', equalities: 'one-row' } };
		const { enter, leave, by, outside } = choice;
		const move = { kind: 'pivot', enter, leave, by, ...(outside ? { outside } : {}) };
		return { id, parent, move: move as TrailNode['move'] };
	});
	return { ...trail, nodes: [{ id: root, parent: null, move: null }, ...upgradedNodes] };
}

const fromFirst = ({ numbers, trail, ...rest }: Data): Data => ({
	...rest,
	version: 2,
	trail: isData(trail) ? trailOfFirst(trail) : trail,
	notation: { numbers }
});

/** What version 2 did not have is as in a fresh lesson. */
const fromSecond = (data: Data): Data => ({ ...newLesson(''), ...data, version: 3 });

/** A lesson of an earlier version in the form of the present one; anything else as it is. */
export function upgraded(data: unknown): unknown {
	if (!isData(data)) return data;
	if (data.version === 1) return fromSecond(fromFirst(data));
	return data.version === 2 ? fromSecond(data) : data;
}
