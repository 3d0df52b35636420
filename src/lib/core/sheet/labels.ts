import { placeTexts, type LabelWish } from '../geometry/labels';
import type { Spot } from '../geometry/box';
import type { Drawing } from './drawing';

/** Where the names of lines and the coordinates of corners stand in a drawing, so that they cover nothing. */

/** a letter's width and a line's height in the picture's pixels */
const [LETTER, LINE] = [6.1, 15];
/** parts of a line at which its name may stand */
const ALONG = [0.96, 0.04, 0.86, 0.14, 0.75, 0.25, 0.62, 0.38, 0.5];

/** Places by `line NAME`, `objective` and `corner NUMBER`: the middle of each text. */
export function placedTexts(
	drawing: Drawing,
	x: (value: number) => number,
	y: (value: number) => number,
	size: { readonly width: number; readonly height: number }
): ReadonlyMap<string, Spot> {
	const { constraints, corners, objective, axes, box } = drawing;
	const at = (p: Spot): Spot => ({ x: x(p.x), y: y(p.y) });
	const width = (text: string) => [...text].length * LETTER + 4;
	const lines = [
		...constraints.map(({ name, from, to }) => ({
			key: `line ${name}`,
			text: name,
			from: at(from),
			to: at(to)
		})),
		...(objective
			? [{ key: 'objective', text: objective.name, from: at(objective.from), to: at(objective.to) }]
			: [])
	];
	const onLines = lines.map(({ key, text, from, to }): LabelWish => {
		const [dx, dy] = [to.x - from.x, to.y - from.y];
		const length = Math.hypot(dx, dy) || 1;
		const [nx, ny] = [-dy / length, dx / length];
		// so far from the line that the text does not touch it
		const off = (Math.abs(nx) * width(text)) / 2 + (Math.abs(ny) * LINE) / 2 + 2;
		const places = ALONG.flatMap((t) =>
			[off, -off].map((by) => ({ x: from.x + dx * t + nx * by, y: from.y + dy * t + ny * by }))
		);
		return { key, text, places, needed: true, lead: 0 };
	});
	const spots = corners.map((corner) => at(corner.at));
	const atCorners = corners.map(({ says }, i): LabelWish => {
		const own = spots[i];
		const [right, up] = [width(says) / 2 + 6, LINE / 2 + 4];
		const places = [
			[right, -up],
			[right, up],
			[-right, -up],
			[-right, up],
			[right + 4, 0],
			[-right - 4, 0],
			[0, -up - 5],
			[0, up + 5]
		].map(([px, py]) => ({ x: own.x + px, y: own.y + py }));
		return { key: `corner ${i}`, text: says, places, owner: own, needed: true, lead: 0 };
	});
	// the names of the axes have their places already
	const taken = [
		{ ...at({ x: box.x1, y: Math.max(0, box.y0) }), text: axes[0] },
		{ ...at({ x: Math.max(0, box.x0), y: box.y1 }), text: axes[1] }
	].map(({ text, ...own }, i): LabelWish => ({
		key: `axis ${i}`,
		text,
		places: [{ x: own.x + 4 + width(text) / 2, y: own.y }],
		needed: true,
		lead: 0
	}));
	const inside = { x0: 2, y0: 2, x1: size.width - 2, y1: size.height - 2 };
	const strokes = [
		...lines.map(({ from, to }) => ({ p: from, q: to })),
		{ p: at({ x: box.x0, y: 0 }), q: at({ x: box.x1, y: 0 }) },
		{ p: at({ x: 0, y: box.y0 }), q: at({ x: 0, y: box.y1 }) }
	];
	const placed = placeTexts(
		[...taken, ...atCorners, ...onLines],
		inside,
		spots,
		strokes,
		({ text }) => width(text),
		LINE
	);
	return new Map(placed.map((own) => [own.key, { x: own.x, y: own.y }]));
}
