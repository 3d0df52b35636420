import type { Frame } from '../region/frame';
import { perUnit } from '../region/frame';

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
