import { approximate, ZERO } from '$lib/core/number/rational';
import { showNumber, type NumberStyle } from '$lib/core/number/show';
import type { Best } from '$lib/core/geometry/region';
import type { Region } from '$lib/core/geometry/types';
import type { Problem } from '$lib/core/problem/types';
import { identityAt, type Identity, type Pointed } from '$lib/desk/identity';
import type { RegionView } from '$lib/desk/lesson';
import { scaleLinear, type ScaleLinear } from 'd3';
import { drawn, fillPolygon, fitBox, lineInBox, spot, type Box, type DrawnLine, type Spot } from './frame';
import { placeLabels, textWidth, type LabelWish, type PlacedLabel } from './labels';

/** A line of the picture, in pixels. */
export interface PictureLine {
	readonly index: number;
	readonly name: string;
	readonly kind: 'constraint' | 'lower' | 'upper';
	readonly identity: Identity | null;
	readonly ends: readonly [Spot, Spot];
	/** strokes that point to the feasible side */
	readonly comb: string;
	readonly redundant: boolean;
}

/** What a line is when pointed at. */
export const pointedLine = (line: PictureLine): Pointed => ({
	kind: line.kind === 'constraint' ? 'constraint' : 'variable',
	name: line.name
});

export interface PictureCorner extends Spot {
	readonly index: number;
	readonly text: string;
	readonly best: boolean;
}

export interface Picture {
	readonly x: ScaleLinear<number, number>;
	readonly y: ScaleLinear<number, number>;
	readonly lines: readonly PictureLine[];
	readonly corners: readonly PictureCorner[];
	readonly fill: string;
	/** flat regions: a segment, ray, line or point as a path */
	readonly flat: string;
	readonly labels: readonly PlacedLabel[];
}

export interface Size {
	readonly width: number;
	readonly height: number;
}

export const MARGIN = { left: 46, right: 14, top: 26, bottom: 34 };

/**
 * The box that a view shows: the fitted box, moved and magnified. A view from which the fitted box can no longer be seen
 * (the numbers have changed since) counts as none.
 */
export function viewedBox(fit: Box, view: RegionView | null): Box {
	if (!view) return fit;
	const [w, h] = [(fit.x1 - fit.x0) / view.scale / 2, (fit.y1 - fit.y0) / view.scale / 2];
	const box = { x0: view.x - w, x1: view.x + w, y0: view.y - h, y1: view.y + h };
	const seen = box.x0 < fit.x1 && box.x1 > fit.x0 && box.y0 < fit.y1 && box.y1 > fit.y0;
	// what was magnified for other numbers may be a speck now, or all of it
	return seen && [box.x0, box.x1, box.y0, box.y1].every(Number.isFinite) ? box : fit;
}

export function scales(box: Box, size: Size): Pick<Picture, 'x' | 'y'> {
	return {
		x: scaleLinear([box.x0, box.x1], [MARGIN.left, size.width - MARGIN.right]),
		y: scaleLinear([box.y0, box.y1], [size.height - MARGIN.bottom, MARGIN.top])
	};
}

/** Everything the region's picture depends on besides the view. */
export interface Scene {
	readonly problem: Problem;
	readonly region: Region;
	readonly lines: readonly DrawnLine[];
	readonly fit: Box;
}

export function makeScene(problem: Problem, region: Region, extra: readonly Spot[]): Scene {
	const lines = region.halfPlanes.flatMap((h, i) => drawn(h, i) ?? []);
	return { problem, region, lines, fit: fitBox(region, lines, extra) };
}

const path = (points: readonly Spot[]): string =>
	points.map((p, i) => `${i ? 'L' : 'M'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('');

/** A polygon's outline; nothing where none of it is in the box. */
const closed = (points: readonly Spot[]): string => (points.length > 2 ? path(points) + 'Z' : '');

/** Pixels for one unit of an axis; from its ends, since near 0 and 1 huge numbers leave no digits. */
function perUnit(scale: ScaleLinear<number, number>): number {
	const [[d0, d1], [r0, r1]] = [scale.domain(), scale.range()];
	return (r1 - r0) / (d1 - d0);
}

/** The direction of a vector, also where its parts are far apart in size. */
function unit(x: number, y: number): Spot {
	const most = Math.max(Math.abs(x), Math.abs(y)) || 1;
	const norm = Math.hypot(x / most, y / most) || 1;
	return { x: x / most / norm, y: y / most / norm };
}

/** Short strokes from a line towards its feasible side, every 26 pixels. */
function comb([p, q]: readonly [Spot, Spot], inward: Spot): string {
	const length = Math.hypot(q.x - p.x, q.y - p.y);
	const count = Math.floor(length / 26);
	let strokes = '';
	for (let i = 1; i <= count; i++) {
		const t = (i - 0.5) / count;
		const [x, y] = [p.x + (q.x - p.x) * t, p.y + (q.y - p.y) * t];
		strokes += `M${x.toFixed(1)} ${y.toFixed(1)}l${(inward.x * 7).toFixed(1)} ${(inward.y * 7).toFixed(1)}`;
	}
	return strokes;
}

/** The picture of a region in a box of pixels. */
export function makePicture(
	scene: Scene,
	best: Best | null,
	view: RegionView | null,
	size: Size,
	style: NumberStyle
): Picture {
	const { region, lines } = scene;
	const box = viewedBox(scene.fit, view);
	const { x, y } = scales(box, size);
	const pixel = (p: Spot): Spot => ({ x: x(p.x), y: y(p.y) });
	const shown: PictureLine[] = [];
	const inwards = new Map<number, Spot>();
	for (const line of lines) {
		const { owner, equality } = region.halfPlanes[line.index];
		const ends = lineInBox(line, box);
		if (!ends) continue;
		// perpendicular in pixels: the gradient of a·x + b·y seen through the scales, turned to the feasible side
		const inward = unit(-line.a / perUnit(x), -line.b / perUnit(y));
		inwards.set(line.index, inward);
		const pixels = [pixel(ends[0]), pixel(ends[1])] as const;
		shown.push({
			index: line.index,
			name: owner.name,
			kind: owner.kind,
			identity: owner.kind === 'constraint' ? identityAt(line.index) : null,
			ends: pixels,
			comb: equality ? '' : comb(pixels, inward),
			redundant: region.redundant.has(line.index)
		});
	}
	const corners = region.corners
		.map((corner, index) => ({
			index,
			...pixel(spot(corner.point)),
			text: coordinates(corner.point, style),
			best: !!best?.corners.includes(index)
		}))
		.filter((corner) => [corner.x, corner.y].every(Number.isFinite));
	const solid = region.shape === 'polygon' || region.shape === 'unbounded' || region.shape === 'plane';
	return {
		x,
		y,
		lines: shown,
		corners,
		fill: solid ? closed(fillPolygon(lines, box).map(pixel)) : '',
		flat: flatPath(scene, box, pixel),
		labels: labels(shown, inwards, corners, size)
	};
}

function flatPath({ region, lines }: Scene, box: Box, pixel: (p: Spot) => Spot): string {
	if (!['segment', 'ray', 'line'].includes(region.shape)) return '';
	const [edge] = region.edges;
	const line = lines.find((l) => l.index === edge.lines[0]);
	const ends = line && lineInBox(line, box);
	if (!ends) return '';
	const corners = region.corners.map((corner) => spot(corner.point));
	if (corners.length === 2) return path(corners.map(pixel));
	if (corners.length === 0) return path(ends.map(pixel));
	const [dx, dy] = [approximate(edge.direction.x), approximate(edge.direction.y)];
	const away = edge.to === null ? 1 : -1;
	const far = ends.reduce((p, q) => ((q.x - p.x) * dx * away + (q.y - p.y) * dy * away > 0 ? q : p));
	return path([pixel(corners[0]), pixel(far)]);
}

/** `(24, 12)`; decimals where fractions would be too long to read in the picture. */
export function coordinates(point: Region['corners'][number]['point'], style: NumberStyle): string {
	const text = (s: NumberStyle) => `(${showNumber(point.x, s)}, ${showNumber(point.y, s)})`;
	const exact = text(style);
	return exact.length > 22 ? text('decimal') : exact;
}

/** A long name's beginning and end; the mark tells which it is, and the statement has it whole. */
export const shortened = (name: string): string => {
	const letters = [...name];
	return letters.length > 16 ? `${letters.slice(0, 8).join('')}…${letters.slice(-5).join('')}` : name;
};

const onFrame = (p: Spot, size: Size) => p.x > 0 && p.x < size.width && p.y > 0 && p.y < size.height;

function labels(
	lines: readonly PictureLine[],
	inwards: ReadonlyMap<number, Spot>,
	corners: readonly PictureCorner[],
	size: Size
): PlacedLabel[] {
	const visible = corners.filter((corner) => onFrame(corner, size));
	const middle = {
		x: visible.reduce((sum, c) => sum + c.x, 0) / (visible.length || 1),
		y: visible.reduce((sum, c) => sum + c.y, 0) / (visible.length || 1)
	};
	const cornerWishes: LabelWish[] = visible.map((corner) => {
		const half = textWidth(corner.text) / 2 + 9;
		const [sx, sy] = [corner.x < middle.x - 4 ? -1 : 1, corner.y <= middle.y ? -1 : 1];
		const at = (dx: number, dy: number) => ({ x: corner.x + dx, y: corner.y + dy });
		return {
			key: `corner ${corner.index}`,
			text: corner.text,
			owner: corner,
			places: [
				at(sx * half, sy * 11),
				at(half, sy * 11),
				at(half, -11),
				at(-half, sy * 11),
				at(half, 0),
				at(0, sy * 18),
				at(-half, 12),
				at(half, 25),
				at(half, -25),
				at(-half, 25),
				at(half * 1.4, 14),
				at(half * 1.4, -14),
				at(0, -sy * 18)
			],
			needed: visible.length <= 10,
			lead: 0
		};
	});
	const lineWishes: LabelWish[] = lines
		.filter((line) => line.kind === 'constraint')
		.map((line) => {
			const [p, q] = line.ends;
			const inward = inwards.get(line.index)!;
			const text = shortened(line.name);
			const half = textWidth(text) / 2 + 12;
			const off = Math.abs(inward.x) * half + Math.abs(inward.y) * 12;
			// the right end first: the left one is crowded by the axis
			const [near, far] = p.x <= q.x ? [0, 1] : [1, 0];
			const along = [0.04, 0.12, 0.22, 0.35, 0.5, 0.65, 0.78, 0.88, 0.96].map((t) => far + (near - far) * t);
			const places = along.flatMap((t) =>
				[-1, 1].map((side) => ({
					x: p.x + (q.x - p.x) * t + inward.x * off * side,
					y: p.y + (q.y - p.y) * t + inward.y * off * side
				}))
			);
			return { key: `line ${line.index}`, text, places, needed: true, lead: 16 };
		});
	const inside = {
		x0: MARGIN.left + 2,
		y0: MARGIN.top,
		x1: size.width - 4,
		y1: size.height - MARGIN.bottom - 2
	};
	return placeLabels(
		[...cornerWishes.filter((w) => w.needed), ...lineWishes, ...cornerWishes.filter((w) => !w.needed)],
		inside,
		visible,
		lines.map(({ ends: [p, q] }) => ({ p, q }))
	);
}

/** The direction of the objective line in pixels and the side it improves to; null where the objective is constant. */
export function objectiveSlope(
	problem: Problem,
	region: Region,
	picture: Picture
): { along: Spot; better: Spot } | null {
	const c = region.axes.map((name) => problem.objective.terms.get(name) ?? ZERO);
	const size = c[0].abs().compare(c[1].abs()) >= 0 ? c[0].abs() : c[1].abs();
	if (size.n === 0n) return null;
	const [a, b] = c.map((value) => approximate(value.div(size)));
	const turn = problem.objective.sense === 'max' ? 1 : -1;
	const better = unit((turn * a) / perUnit(picture.x), (turn * b) / perUnit(picture.y));
	return { along: { x: -better.y, y: better.x }, better };
}

/** Ticks of an axis and the power of ten that is taken out of them. */
export function ticks(
	scale: ScaleLinear<number, number>,
	count: number
): { values: number[]; power: number; text(v: number): string } {
	const [from, to] = scale.domain();
	const most = Math.max(Math.abs(from), Math.abs(to));
	const exponent = most > 0 ? Math.floor(Math.log10(most) / 3) * 3 : 0;
	const power = exponent >= 6 || exponent <= -3 ? exponent : 0;
	const format = scaleLinear([from / 10 ** power, to / 10 ** power], [0, 1]).tickFormat(count);
	return { values: scale.ticks(count), power, text: (v) => format(v / 10 ** power) };
}

const RAISED = '⁰¹²³⁴⁵⁶⁷⁸⁹';

/** `×10⁶` for an axis title. */
export const showPower = (power: number): string =>
	power === 0
		? ''
		: ` ×10${power < 0 ? '⁻' : ''}${[...String(Math.abs(power))].map((d) => RAISED[Number(d)]).join('')}`;
