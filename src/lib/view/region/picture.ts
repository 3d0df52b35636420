import { approximate, dot, type NumberStyle, showNumber, type Vector } from '$lib/core/number';
import {
	type BestFace,
	type Box,
	type DrawnLine,
	type Region,
	type Side,
	type Spot,
	drawn,
	fillPolygon,
	fitBox,
	lineInBox,
	pointKey,
	spot
} from '$lib/core/geometry';
import type { Identity, Pointed } from '$lib/desk/identity';
import { MARGIN, unit, type Frame, type Size } from './frame';
import { perUnit } from '../picture/scale';
import type { ObjectiveSlope } from './objective';
import { sameOwner } from '$lib/core/problem';
import type { Stage, StageSpot } from './stage';
import { labelWidth, placeLabels, type LabelWish, type PlacedLabel } from './labels';

/** A line of the picture, in pixels. */
export interface PictureLine {
	readonly key: string;
	readonly index: number;
	readonly name: string;
	readonly kind: 'constraint' | 'lower' | 'upper';
	readonly pointed: Pointed;
	readonly identity: Identity | null;
	/** null where it passes outside the view */
	readonly ends: readonly [Spot, Spot] | null;
	/** the middle of the strokes that point to the feasible side; null outside the view and for an equality, which has none */
	readonly comb: readonly [Spot, Spot] | null;
	readonly redundant: boolean;
	/** the step of the construction is about it */
	readonly about: boolean;
	/** its name; null outside the view */
	readonly label: PlacedLabel | null;
}

/** A point that a step of the construction shows. */
export interface PictureSpot extends Spot {
	readonly key: string;
	readonly text: string;
	readonly kind: StageSpot['kind'];
	readonly label: PlacedLabel | null;
}

export interface PictureCorner extends Spot {
	readonly key: string;
	readonly index: number;
	/** the corner's own key, the same in every view */
	readonly corner: string;
	readonly text: string;
	readonly best: boolean;
	/** its text in the picture; null outside the view, and where many corners leave no room */
	readonly label: PlacedLabel | null;
}

/** What is drawn, in pixels: plain values, so that what stays can be told from what changes. */
export interface Picture {
	readonly lines: readonly PictureLine[];
	readonly corners: readonly PictureCorner[];
	readonly spots: readonly PictureSpot[];
	/** what the present step cuts off, as polygons */
	readonly removed: readonly string[];
	/** the points of the region's polygon; empty where it is flat or empty */
	readonly fill: string;
	/** flat regions: the points of a segment, ray or line; empty otherwise */
	readonly flat: string;
}

/** A region made ready for drawing. */
export interface Scene {
	readonly region: Region;
	readonly lines: readonly DrawnLine[];
	/** how much of it is shown; null shows all */
	readonly stage: Stage | null;
	/** the region's sides, and the one that is being looked at */
	readonly sides: readonly Side[];
}

const linesOf = (sides: readonly Side[]): DrawnLine[] => sides.flatMap((side, i) => drawn(side, i) ?? []);

/**
 * The box that shows a whole region.
 * @param extra further points to show
 */
export const fitOf = (region: Region, extra: readonly Spot[]): Box =>
	fitBox(region, linesOf(region.sides), extra);

/**
 * @param region the finished region
 * @param stage how much of it is shown; null shows all
 */
export function makeScene(region: Region, stage: Stage | null = null): Scene {
	if (!stage) return { region, lines: linesOf(region.sides), stage, sides: region.sides };
	const sides = [...stage.region.sides, ...(stage.current ? [stage.current] : [])];
	return { region: stage.region, lines: linesOf(sides), stage, sides };
}

/** Spots as the points of a polygon or polyline: unlike a path's data they are no style, so that a change of them costs less. */
export const points = (spots: readonly Spot[]): string =>
	spots.map((p) => `${p.x.toFixed(2)},${p.y.toFixed(2)}`).join(' ');

/** Length of the strokes that show a line's feasible side, in pixels. */
export const COMB = 7;

/** A line moved towards its feasible side by half a stroke: dashed across, it is the comb. */
const combOf = ([p, q]: readonly [Spot, Spot], { x, y }: Spot): readonly [Spot, Spot] => [
	{ x: p.x + (x * COMB) / 2, y: p.y + (y * COMB) / 2 },
	{ x: q.x + (x * COMB) / 2, y: q.y + (y * COMB) / 2 }
];

/** Whether a region has an inside. */
const isSolid = ({ shape }: Region): boolean =>
	shape === 'polygon' || shape === 'unbounded' || shape === 'plane';

/** The outline of a region in pixels, to the picture's border where it goes on; the ends of a flat one. */
export function outlineOf(region: Region, { box, x, y }: Frame): Spot[] {
	const own = isSolid(region)
		? fillPolygon(linesOf(region.sides), box)
		: region.vertices.map(({ at }) => spot(at));
	return own.map((p) => ({ x: x(p.x), y: y(p.y) }));
}

/**
 * The picture of a region in a frame.
 * @param slope the objective's, where its line may pass through any corner: labels keep off it
 */
export function makePicture(
	scene: Scene,
	frame: Frame,
	best: BestFace | null,
	style: NumberStyle,
	identities: ReadonlyMap<string, Identity>,
	slope: ObjectiveSlope | null = null
): Picture {
	const { region, lines, stage, sides } = scene;
	const { box, x, y } = frame;
	const pixel = (p: Spot): Spot => ({ x: x(p.x), y: y(p.y) });
	const shown: Omit<PictureLine, 'label'>[] = [];
	const inwards = new Map<number, Spot>();
	for (const line of lines) {
		const { owner, equality } = sides[line.index];
		const isCurrent = line.index >= region.sides.length;
		const ends = lineInBox(line, box);
		// perpendicular in pixels: the gradient of a·x + b·y seen through the scales, turned to the feasible side
		const inward = unit(-line.a / perUnit(x), -line.b / perUnit(y));
		inwards.set(line.index, inward);
		const pixels = ends && ([pixel(ends[0]), pixel(ends[1])] as const);
		shown.push({
			key: `line ${line.index}`,
			index: line.index,
			name: owner.name,
			kind: owner.kind,
			pointed: { kind: owner.kind === 'constraint' ? 'constraint' : 'variable', name: owner.name },
			identity: (owner.kind === 'constraint' && identities.get(owner.name)) || null,
			ends: pixels,
			comb: equality || (isCurrent && !stage!.showsSide) ? null : pixels && combOf(pixels, inward),
			redundant: region.redundant.has(line.index),
			about: sameOwner(stage?.about ?? null, owner)
		});
	}
	const bestKeys = new Set(best?.points.map(pointKey));
	const corners = region.vertices
		.map(({ at }, index) => ({
			key: `corner ${index}`,
			index,
			...pixel(spot(at)),
			text: coordinates(at, style),
			best: bestKeys.has(pointKey(at)),
			corner: pointKey(at)
		}))
		.filter((own) => (!stage || stage.corners.has(own.corner)) && [own.x, own.y].every(Number.isFinite));
	const spots = (stage?.spots ?? []).map(({ at, kind }, i) => ({
		key: `spot ${i}`,
		index: i,
		...pixel(spot(at)),
		text: coordinates(at, style),
		kind
	}));
	const bounding = lines.filter(({ index }) => index < region.sides.length);
	const placed = labels(shown, inwards, [...corners, ...spots], frame.size, slope);
	const labelled = <T extends { key: string }>(part: T) => ({ ...part, label: placed.get(part.key) ?? null });
	return {
		lines: shown.map(labelled),
		corners: corners.map(labelled),
		spots: spots.map(labelled),
		removed: stage?.cut ? removedPolygons(stage.cut, box).map((p) => points(p.map(pixel))) : [],
		fill: isSolid(region) ? points(fillPolygon(bounding, box).map(pixel)) : '',
		flat: flatPoints(region, box, pixel)
	};
}

/** The parts of the region before a cut that the cut takes away; of an equality both sides. */
function removedPolygons({ before, by }: NonNullable<Stage['cut']>, box: Box): Spot[][] {
	const around = linesOf(before.sides);
	const flat = before.sides.some(({ equality }) => equality);
	const line = drawn(by, 0);
	if (flat || before.shape === 'empty' || !line) return [];
	const beyond = { ...line, a: -line.a, b: -line.b, c: -line.c };
	return [beyond, ...(by.equality ? [line] : [])]
		.map((side) => fillPolygon([...around, side], box))
		.filter((polygon) => polygon.length > 2);
}

function flatPoints(region: Region, box: Box, pixel: (p: Spot) => Spot): string {
	if (!['segment', 'ray', 'line'].includes(region.shape)) return '';
	const corners = region.vertices.map(({ at }) => spot(at));
	if (corners.length === 2) return points(corners.map(pixel));
	const [[dx, dy]] = [...region.directions, ...region.lines];
	const row = [dy, dx.neg()];
	const line = drawn({ row, rhs: dot(row, region.points[0]) }, 0);
	const ends = line && lineInBox(line, box);
	if (!ends) return '';
	if (corners.length === 0) return points(ends.map(pixel));
	const along = ({ x, y }: Spot) => x * approximate(dx) + y * approximate(dy);
	const far = ends.reduce((p, q) => (along(q) > along(p) ? q : p));
	return points([pixel(corners[0]), pixel(far)]);
}

/** `(24, 12)`; decimals where fractions would be too long to read in the picture. */
export function coordinates(at: Vector, style: NumberStyle): string {
	const text = (s: NumberStyle) => `(${at.map((value) => showNumber(value, s)).join(', ')})`;
	const exact = text(style);
	return exact.length > 22 ? text('decimal') : exact;
}

/** A long name's beginning and end; the mark tells which it is, and the statement has it whole. */
export const shortened = (name: string): string => {
	const letters = [...name];
	return letters.length > 16 ? `${letters.slice(0, 8).join('')}…${letters.slice(-5).join('')}` : name;
};

/** pixels of the objective's line and arrow that are kept clear beside a corner */
const ARROW = 36;

const onFrame = (p: Spot, size: Size) => p.x > 0 && p.x < size.width && p.y > 0 && p.y < size.height;

/** The labels that have a place, by the keys of what they belong to. */
function labels(
	lines: readonly Omit<PictureLine, 'label'>[],
	inwards: ReadonlyMap<number, Spot>,
	corners: readonly (Spot & { key: string; text: string })[],
	size: Size,
	slope: ObjectiveSlope | null
): ReadonlyMap<string, PlacedLabel> {
	const visible = corners.filter((corner) => onFrame(corner, size));
	const middle = {
		x: visible.reduce((sum, c) => sum + c.x, 0) / (visible.length || 1),
		y: visible.reduce((sum, c) => sum + c.y, 0) / (visible.length || 1)
	};
	const cornerWishes: LabelWish[] = visible.map((corner) => {
		const half = labelWidth(corner.text) / 2 + 9;
		const [sx, sy] = [corner.x < middle.x - 4 ? -1 : 1, corner.y <= middle.y ? -1 : 1];
		const by = (dx: number, dy: number) => ({ x: corner.x + dx, y: corner.y + dy });
		return {
			key: corner.key,
			text: corner.text,
			owner: corner,
			places: [
				by(sx * half, sy * 11),
				by(half, sy * 11),
				by(half, -11),
				by(-half, sy * 11),
				by(half, 0),
				by(0, sy * 18),
				by(-half, 12),
				by(half, 25),
				by(half, -25),
				by(-half, 25),
				by(half * 1.4, 14),
				by(half * 1.4, -14),
				by(0, -sy * 18)
			],
			needed: visible.length <= 10,
			lead: 0
		};
	});
	const at = ({ x, y }: Spot, way: Spot, by: number) => ({ x: x + way.x * by, y: y + way.y * by });
	const strokes = [
		...lines.flatMap(({ ends }) => (ends ? [{ p: ends[0], q: ends[1] }] : [])),
		// the objective's line through a corner, and its arrow
		...(slope
			? visible.flatMap((corner) => [
					{ p: corner, q: at(corner, slope.better, ARROW) },
					{ p: at(corner, slope.along, -ARROW), q: at(corner, slope.along, ARROW) }
				])
			: [])
	];
	const lineWishes: LabelWish[] = lines.flatMap((line) => {
		if (!line.ends || line.kind !== 'constraint') return [];
		const [p, q] = line.ends;
		const inward = inwards.get(line.index)!;
		const text = shortened(line.name);
		const half = labelWidth(text) / 2 + 12;
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
		return { key: line.key, text, places, needed: true, lead: 16 };
	});
	const inside = {
		x0: MARGIN.left + 2,
		y0: MARGIN.top,
		x1: size.width - 10,
		y1: size.height - MARGIN.bottom - 2
	};
	const placed = placeLabels(
		[...cornerWishes.filter((w) => w.needed), ...lineWishes, ...cornerWishes.filter((w) => !w.needed)],
		inside,
		visible,
		strokes
	);
	return new Map(placed.map((label) => [label.key, label]));
}
