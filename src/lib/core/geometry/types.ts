import type { Rational } from '../number/rational';
import type { RowOwner } from '../problem/row-owner';

/** The region in the plane: lines, corners, edges, and what removes what. */

/** An exact point of the plane. */
export interface Point {
	readonly x: Rational;
	readonly y: Rational;
}

/** What a line of the picture comes from. */
export type LineOwner = Exclude<RowOwner, { kind: 'cut' }>;

/** `a·x + b·y ≤ c`, or `= c` where `equality`; a = b = 0 says something about no point or all. */
export interface HalfPlane {
	readonly owner: LineOwner;
	readonly a: Rational;
	readonly b: Rational;
	readonly c: Rational;
	readonly equality: boolean;
}

/** A corner of the region, with every line that passes through it (indices into the half-planes). */
export interface Corner {
	readonly point: Point;
	readonly lines: readonly number[];
}

/** The part of a line that bounds the region: between corners, or from a corner (or nowhere) without end. */
export interface Edge {
	readonly lines: readonly number[];
	readonly from: number | null;
	readonly to: number | null;
	/** a point on the edge and its direction */
	readonly point: Point;
	readonly direction: Point;
}

export type RegionShape = 'empty' | 'point' | 'segment' | 'ray' | 'line' | 'polygon' | 'unbounded' | 'plane';

/** The feasible region of two variables. Corners go round counter-clockwise where the region has an inside. */
export interface Region {
	readonly axes: readonly [string, string];
	readonly halfPlanes: readonly HalfPlane[];
	readonly shape: RegionShape;
	readonly corners: readonly Corner[];
	readonly edges: readonly Edge[];
	/** half-planes that can be taken away without changing the region */
	readonly redundant: ReadonlySet<number>;
}
