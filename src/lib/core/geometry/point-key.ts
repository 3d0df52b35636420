import type { Vector } from '../number/linear-algebra';

/** A key for a point of any dimension: the same text for the same point. */
export const pointKey = (at: Vector): string => at.map((value) => value.toFraction()).join(' ');

/** Points by their keys, in their order. */
export const byKey = (points: readonly Vector[]): ReadonlyMap<string, Vector> =>
	new Map(points.map((at) => [pointKey(at), at]));
