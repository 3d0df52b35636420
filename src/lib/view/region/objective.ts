import { type Region, type Spot } from '$lib/core/geometry';
import { approximate, ZERO } from '$lib/core/number';
import type { Problem } from '$lib/core/problem';
import { MARGIN, unit, type Frame } from './frame';
import { perUnit } from '../picture/scale';
import { coveredBy, labelWidth, type PlacedLabel } from './labels';

/** The objective line in pixels: its direction, and the side it improves to. */
export interface ObjectiveSlope {
	readonly along: Spot;
	readonly better: Spot;
}

/** The direction of the objective line in pixels and the side it improves to; null where the objective is constant. */
export function objectiveSlope(problem: Problem, region: Region, { x, y }: Frame): ObjectiveSlope | null {
	const c = region.axes.map((name) => problem.objective.terms.get(name) ?? ZERO);
	const size = c[0].abs().compare(c[1].abs()) >= 0 ? c[0].abs() : c[1].abs();
	if (size.n === 0n) return null;
	const [a, b] = c.map((value) => approximate(value.div(size)));
	const turn = problem.objective.sense === 'max' ? 1 : -1;
	const better = unit((turn * a) / perUnit(x), (turn * b) / perUnit(y));
	return { along: { x: -better.y, y: better.x }, better };
}

/**
 * Where the objective line's name stands: beside the line, inside the frame, away from other corners and labels, and where other lines cover least of it.
 * @param lines the ends of the other lines
 * @returns null where nothing is free
 */
export function objectiveSpot(
	text: string,
	here: Spot,
	{ along, better }: ObjectiveSlope,
	{ size }: Frame,
	corners: readonly Spot[],
	labels: readonly PlacedLabel[],
	lines: readonly (readonly [Spot, Spot])[]
): Spot | null {
	const half = labelWidth(text) / 2 + 6;
	const bottom = size.height - MARGIN.bottom;
	const spots = [-0.42, 0.42, -0.3, 0.3, -0.18, 0.18, 0].flatMap((t) =>
		[1, -1].map((side) => ({
			x: here.x + along.x * t * size.width + side * better.x * (half * Math.abs(better.x) + 12),
			y: here.y + along.y * t * size.width + side * better.y * 14
		}))
	);
	const inside = (s: Spot) =>
		s.x > MARGIN.left + half && s.x < size.width - half && s.y > MARGIN.top && s.y < bottom - 8;
	// beside another corner it would be taken for that corner's value
	const apart = (s: Spot) =>
		corners.every(
			(c) =>
				Math.hypot(c.x - here.x, c.y - here.y) < 2 ||
				Math.abs(c.x - s.x) > half + 26 ||
				Math.abs(c.y - s.y) > 30
		);
	const clear = (s: Spot) =>
		labels.every((l) => Math.abs(l.x - s.x) > l.width / 2 + half || Math.abs(l.y - s.y) > 18);
	const free = spots.filter((s) => inside(s) && apart(s) && clear(s));
	const crossed = free.map((s) => coveredBy(lines, s, half, 9));
	return free[crossed.indexOf(Math.min(...crossed))] ?? null;
}
