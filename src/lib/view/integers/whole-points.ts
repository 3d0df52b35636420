import { range } from 'd3';
import { planAt } from '$lib/core/geometry';
import { rational } from '$lib/core/number';
import { isFeasible, type Plan, type Problem } from '$lib/core/problem';
import { type Frame } from '../region/frame';
import { perUnit } from '../picture/scale';
import type { Room, Triple } from '../solid/solid';

/** pixels between whole points below which some are left out */
const CLOSE = 7;
const MOST = 4_000;

/** The whole numbers of an axis that are drawn: every one, or every second, fifth, tenth … where they stand too close. */
function wholeOn(scale: Frame['x'], from: number, to: number): { values: number[]; every: number } {
	const unit = Math.abs(perUnit(scale));
	let every = 1;
	for (let i = 0; unit * every < CLOSE && i < 40; i++) every *= i % 3 === 1 ? 2.5 : 2;
	const values: number[] = [];
	for (let v = Math.ceil(from / every) * every; v <= to && values.length < MOST; v += every) values.push(v);
	return { values, every };
}

/** The whole points of a picture, thinned where they would merge; and whether some were left out. */
export function wholePointsIn({ box, x, y }: Frame): {
	points: { x: number; y: number }[];
	thinned: boolean;
} {
	const across = wholeOn(x, box.x0, box.x1);
	const up = wholeOn(y, box.y0, box.y1);
	const points = across.values.flatMap((px) => up.values.map((py) => ({ x: px, y: py })));
	return { points: points.slice(0, MOST), thinned: across.every > 1 || up.every > 1 };
}

/** The whole lines of one axis, where only that variable must be whole. */
export const wholeLinesIn = (scale: Frame['x'], from: number, to: number): number[] =>
	wholeOn(scale, from, to).values;

/** candidates in a room beyond which some whole points are left out */
const MOST_IN_ROOM = 4_000;

/** The whole points of a body, thinned where they would be too many; and whether some were left out. */
export function wholePointsOf(problem: Problem, { low, high }: Room): { points: Triple[]; thinned: boolean } {
	const values = (every: number) =>
		low.map((from, axis) => range(Math.ceil(from / every) * every, high[axis] + every / 2, every));
	let every = 1;
	const count = () => values(every).reduce((product, { length }) => product * length, 1);
	while (count() > MOST_IN_ROOM) every *= 2;
	const [across, along, up] = values(every);
	const points = across.flatMap((x) =>
		along.flatMap((y) =>
			up.flatMap((z): Triple[] => {
				const plan = planAt(
					problem,
					[x, y, z].map((value) => rational(value))
				);
				return isFeasible(problem, plan) ? [[x, y, z]] : [];
			})
		)
	);
	return { points, thinned: every > 1 };
}

/** A point of the plane of two variables as a plan. */
export const planOfPoint = ([across, up]: readonly [string, string], x: number, y: number): Plan =>
	new Map([
		[across, rational(x)],
		[up, rational(y)]
	]);

/** Whether whole points lie in the region of a problem of two variables; each is asked once, however often the picture moves. */
export function membership(
	problem: Problem,
	axes: readonly [string, string]
): (x: number, y: number) => boolean {
	const known = new Map<string, boolean>();
	return (x, y) => {
		const key = `${x} ${y}`;
		let isIn = known.get(key);
		if (isIn === undefined) {
			isIn = isFeasible(problem, planOfPoint(axes, x, y));
			known.set(key, isIn);
		}
		return isIn;
	};
}
