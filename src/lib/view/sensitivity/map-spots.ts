import { type Spot } from '$lib/core/geometry';

/** Where the name of a part of the map goes, in pixels. */

/** The mean of its corners. */
export function middleOf(spots: readonly Spot[]): Spot {
	const sum = spots.reduce((a, b) => ({ x: a.x + b.x, y: a.y + b.y }), { x: 0, y: 0 });
	return { x: sum.x / spots.length, y: sum.y / spots.length };
}

/** Room for a name, in pixels: letters are wider than high. */
export function roomOf(spots: readonly Spot[]): number {
	const reach = (along: readonly number[]) => Math.max(...along) - Math.min(...along);
	return Math.min(reach(spots.map(({ x }) => x)), 3.2 * reach(spots.map(({ y }) => y)));
}
