import { choiceAt } from '$lib/core/method/rules';
import type { Choice, EnteringRule } from '$lib/core/method/types';
import { cell, isPrimalFeasible, pivot, startTableau, type Tableau } from '$lib/core/tableau/tableau';
import type { Form } from '$lib/core/form/types';

/** A step of the trail, small enough to save: which columns traded places, and who chose. */
export interface TrailNode {
	readonly id: number;
	readonly parent: number | null;
	/** null at the root; `outside` where the step left the region when it was taken */
	readonly choice: {
		readonly enter: string;
		readonly leave: string;
		readonly by: EnteringRule | 'hand';
		readonly outside?: boolean;
	} | null;
}

/** The tree of steps taken, and where in it we are. */
export interface Trail {
	readonly nodes: readonly TrailNode[];
	readonly current: number;
}

/** A node of the trail with the tableau it stands for; null where the statement no longer allows the step. */
export interface TrailStop {
	readonly node: TrailNode;
	readonly tableau: Tableau | null;
	/** the pivot in the parent's tableau */
	readonly choice: Choice | null;
}

export const NEW_TRAIL: Trail = { nodes: [{ id: 0, parent: null, choice: null }], current: 0 };

/** The step with these columns from the current node: the one already taken if there is one, else a new branch. */
export function takeStep(trail: Trail, choice: NonNullable<TrailNode['choice']>): Trail {
	const known = trail.nodes.find(
		(node) =>
			node.parent === trail.current &&
			node.choice?.enter === choice.enter &&
			node.choice.leave === choice.leave
	);
	if (known) return { ...trail, current: known.id };
	const id = Math.max(...trail.nodes.map((node) => node.id)) + 1;
	return { nodes: [...trail.nodes, { id, parent: trail.current, choice }], current: id };
}

/** The nodes from the root to a node. */
export function pathTo(trail: Trail, id: number): TrailNode[] {
	const byId = new Map(trail.nodes.map((node) => [node.id, node]));
	const path: TrailNode[] = [];
	for (let node = byId.get(id); node; node = node.parent === null ? undefined : byId.get(node.parent))
		path.unshift(node);
	return path;
}

/**
 * Recomputes the tableau of every node from the form; the saved trail holds none, so it cannot disagree with itself.
 * @param known stops of the same form computed before; what they have is not computed again
 */
export function replay(
	trail: Trail,
	form: Form | null,
	known: ReadonlyMap<number, TrailStop> = new Map()
): Map<number, TrailStop> {
	const stops = new Map<number, TrailStop>();
	const index = new Map(form?.columns.map((column, j) => [column.id, j]));
	for (const node of trail.nodes) {
		const before = known.get(node.id);
		if (before?.node === node) {
			stops.set(node.id, before);
			continue;
		}
		if (!node.choice) {
			stops.set(node.id, { node, tableau: form && startTableau(form), choice: null });
			continue;
		}
		const parent = node.parent === null ? null : stops.get(node.parent)?.tableau;
		const [entering, leaving] = [index.get(node.choice.enter), index.get(node.choice.leave)];
		const row = parent && leaving !== undefined ? parent.basis.indexOf(leaving) : -1;
		const position = parent && entering !== undefined ? parent.nonbasic.indexOf(entering) : -1;
		const possible = parent && row >= 0 && position >= 0 && cell(parent, row, position);
		stops.set(node.id, {
			node,
			tableau: possible ? pivot(parent, row, position) : null,
			choice: possible ? choiceAt(parent, row, position) : null
		});
	}
	return stops;
}

/**
 * The node to stand on: the current one, or where an edited statement no longer allows it (or it now leaves the region,
 * which it did not) the last one before that.
 */
export function standingOn(trail: Trail, stops: ReadonlyMap<number, TrailStop>): number {
	const path = pathTo(trail, trail.current);
	const broken = path.findIndex((node) => {
		const tableau = stops.get(node.id)?.tableau;
		return !tableau || (!node.choice?.outside && !isPrimalFeasible(tableau));
	});
	return path[broken < 0 ? path.length - 1 : Math.max(0, broken - 1)].id;
}

/** The trail's tableaux, and the step that we stand on. */
export interface Whereabouts {
	readonly stops: ReadonlyMap<number, TrailStop>;
	readonly stop: TrailStop;
	/** whether its basis is feasible */
	readonly feasible: boolean;
}

/**
 * Finds where in a trail a lesson stands.
 * @param known stops of the same form computed before
 */
export function whereabouts(
	trail: Trail,
	form: Form | null,
	known?: ReadonlyMap<number, TrailStop>
): Whereabouts {
	const stops = replay(trail, form, known);
	const stop = stops.get(standingOn(trail, stops))!;
	return { stops, stop, feasible: stop.tableau !== null && isPrimalFeasible(stop.tableau) };
}

/** The trail without the steps that the statement no longer allows. */
export function withoutImpossible(trail: Trail, stops: ReadonlyMap<number, TrailStop>): Trail {
	const current = standingOn(trail, stops);
	const kept = trail.nodes.filter((node) => node.parent === null || stops.get(node.id)?.tableau);
	return { nodes: kept, current: kept.some((node) => node.id === current) ? current : trail.nodes[0].id };
}

/** Whether a trail from outside hangs together: one root, parents before children, no id twice, a current node. */
export function isSoundTrail(trail: Trail): boolean {
	const seen = new Set<number>();
	for (const node of trail.nodes) {
		if (seen.has(node.id)) return false;
		if (
			node.choice === null
				? node.parent !== null || seen.size > 0
				: node.parent === null || !seen.has(node.parent)
		)
			return false;
		seen.add(node.id);
	}
	return seen.has(trail.current);
}
