import type { LineOwner, Region, Side } from '$lib/core/geometry';
import type { Vector } from '$lib/core/number';
import type { Problem } from '$lib/core/problem';

/** A point that a step of the construction shows, with what is written beside it. */
export interface StageSpot {
	readonly at: Vector;
	readonly kind: 'crossing' | 'kept' | 'broken';
}

/** How much of a region's picture is shown, where it is not all of it. */
export interface Stage {
	/** the region as far as it has been built */
	readonly region: Region;
	/** a line that is being looked at and does not limit the region yet */
	readonly current: Side | null;
	/** whether the side that stays is known already */
	readonly showsSide: boolean;
	/** the constraint or bound that the step is about */
	readonly about: LineOwner | null;
	/** what it cuts off: the region before, and the line */
	readonly cut: { readonly before: Region; readonly by: Side } | null;
	/** the corners that are shown, by their keys */
	readonly corners: ReadonlySet<string>;
	readonly spots: readonly StageSpot[];
}

/** How much of a picture in one or three variables is shown. */
export interface BuiltPart {
	/** the problem as far as it has been built */
	readonly soFar: Problem;
	/** the side that is being looked at and does not limit the region yet */
	readonly current: Side | null;
	readonly about: LineOwner | null;
	/** the corners that are shown, by their keys; null shows all */
	readonly corners: ReadonlySet<string> | null;
}
