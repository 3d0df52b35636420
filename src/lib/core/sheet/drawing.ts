import { ticks } from 'd3-array';
import {
	boxAround,
	drawn,
	fillPolygon,
	fitBox,
	lineInBox,
	spot,
	spotIn,
	type Box,
	type Spot
} from '../geometry/box';
import { region } from '../geometry/region';
import { sidesOf } from '../geometry/sides';
import { bestFace } from '../geometry/best';
import { DASHES } from '../geometry/dashes';
import type { Vector } from '../number/linear-algebra';
import { pointKey } from '../geometry/point-key';
import { approximate, ZERO } from '../number/rational';
import { showNumber } from '../number/show';
import type { Problem } from '../problem/types';
import type { Fill } from './presets';

/** The region of two variables for paper: black on white, in the problem's own coordinates. */

export interface DrawnConstraint {
	readonly name: string;
	/** its place among the problem's constraints, from 0 on */
	readonly order: number;
	readonly from: Spot;
	readonly to: Spot;
	/** lengths drawn and left out in turn, in points; empty for a whole line */
	readonly dash: readonly number[];
}

export interface DrawnCorner {
	readonly at: Spot;
	/** its coordinates, exact */
	readonly says: string;
	readonly isBest: boolean;
}

export interface Drawing {
	readonly box: Box;
	readonly axes: readonly [x: string, y: string];
	readonly ticks: { readonly x: readonly number[]; readonly y: readonly number[] };
	/** the feasible region; empty where it is not drawn */
	readonly area: readonly Spot[];
	readonly constraints: readonly DrawnConstraint[];
	readonly corners: readonly DrawnCorner[];
	/** where one stands: the plan of a tableau */
	readonly here?: Spot;
	/** the objective line through a best corner */
	readonly objective: { readonly name: string; readonly from: Spot; readonly to: Spot } | null;
}

const dashAt = (i: number): number[] => DASHES[i % DASHES.length].split(' ').filter(Boolean).map(Number);

/** The objective line through a point. */
function objectiveAt({ objective, variables }: Problem, { x, y }: Spot, box: Box): Drawing['objective'] {
	const [a, b] = variables.map(({ name }) => approximate(objective.terms.get(name) ?? ZERO));
	if (a === 0 && b === 0) return null;
	const ends = lineInBox({ index: 0, a, b, c: a * x + b * y }, box);
	return ends && { name: objective.name, from: ends[0], to: ends[1] };
}

/** A drawing that does not tell which corner is best. */
export const withoutBest = (drawing: Drawing): Drawing => ({
	...drawing,
	objective: null,
	corners: drawing.corners.map((corner) => ({ ...corner, isBest: false }))
});

/**
 * The picture of a problem in two variables.
 * @param fill `answers`: region, corners and objective line; `blanks`: only the lines of the constraints; `grid`: empty axes
 * @returns null where there is nothing to draw: other than two variables
 */
export function drawingOf(problem: Problem, fill: Exclude<Fill, 'none'>): Drawing | null {
	if (problem.variables.length !== 2) return null;
	const own = region(problem);
	const lines = own.sides.flatMap((side, i) => drawn(side, i) ?? []);
	const box = fitBox(own, lines, []);
	const names = problem.constraints.map(({ name }) => name);
	const isWhole = fill === 'answers';
	const best = new Set(bestFace(problem, own).points.map(pointKey));
	const isBest = (at: Vector) => best.has(pointKey(at));
	const first = own.vertices.find(({ at }) => isBest(at))?.at;
	return {
		box,
		axes: [problem.variables[0].name, problem.variables[1].name],
		ticks: { x: ticks(box.x0, box.x1, 8), y: ticks(box.y0, box.y1, 7) },
		area: isWhole ? fillPolygon(lines, box) : [],
		constraints:
			fill === 'grid'
				? []
				: lines.flatMap((line): DrawnConstraint[] => {
						const { owner } = own.sides[line.index];
						const ends = owner.kind === 'constraint' ? lineInBox(line, box) : null;
						const order = names.indexOf(owner.name);
						return ends ? [{ name: owner.name, from: ends[0], to: ends[1], order, dash: dashAt(order) }] : [];
					}),
		corners: isWhole
			? own.vertices.map(({ at }) => ({
					at: spot(at),
					says: `(${at.map((value) => showNumber(value)).join(', ')})`,
					isBest: isBest(at)
				}))
			: [],
		objective: isWhole && first ? objectiveAt(problem, spot(first), box) : null
	};
}

/** The picture while the region is constructed: so many constraints drawn, and what is left of the plane by them and the signs of the variables. */
export function drawingUpTo(problem: Problem, count: number): Drawing | null {
	const whole = drawingOf(problem, 'blanks');
	if (!whole) return null;
	const names = new Set(problem.constraints.slice(0, count).map(({ name }) => name));
	const kept = sidesOf(problem).flatMap((side, i) => {
		const { kind, name } = side.owner;
		const line = kind === 'constraint' && !names.has(name) ? null : drawn(side, i);
		return line ?? [];
	});
	return {
		...whole,
		area: fillPolygon(kept, whole.box),
		constraints: whole.constraints.filter(({ name }) => names.has(name))
	};
}

/** Regions to choose from by their corners, all on the same axes; nothing else is drawn. */
export function regionDrawings(
	{ variables }: Problem,
	pictures: readonly (readonly (readonly [x: string, y: string])[])[]
): Drawing[] {
	const areas = pictures.map((corners) => corners.map(spotIn));
	const box = boxAround(areas.flat());
	return areas.map((area) => ({
		box,
		axes: [variables[0].name, variables[1].name],
		ticks: { x: ticks(box.x0, box.x1, 4), y: ticks(box.y0, box.y1, 4) },
		area,
		constraints: [],
		corners: [],
		objective: null
	}));
}

/** The region of a problem in the picture of another that it is a part of, such as a node of its tree. */
export function drawingWithin(problem: Problem, part: Problem): Drawing | null {
	const whole = drawingOf(problem, 'blanks');
	if (!whole) return null;
	const own = region(part);
	const kept = own.sides.flatMap((side, i) => drawn(side, i) ?? []);
	return { ...whole, area: own.shape === 'empty' ? [] : fillPolygon(kept, whole.box) };
}
