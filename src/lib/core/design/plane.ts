import type { Sense } from '../problem/types';
import type { ProblemDraft } from './types';

/**
 * The region of a draft in two variables, in whole numbers: what two lines decide needs no fraction. A corner is (x, y, w), which stands for the point
 * (x/w, y/w), so that comparing is multiplying. It turns a candidate down early; whatever is found is judged by the exact way of the core.
 */
export interface Plane {
	/** different corners of the region, w > 0 */
	readonly corners: readonly PlaneCorner[];
	/** directions in which it goes on along one of its lines; none where it is bounded */
	readonly rays: readonly Point[];
	/** constraints, by index, that cut nothing off; null where the region has no inside */
	readonly idle: readonly number[] | null;
	/** `none`: no plan at all; `open`: the objective has no end */
	readonly answer: 'none' | 'open' | 'unique' | 'several';
	/** the best corners, by index; none where there is no best plan */
	readonly best: readonly number[];
}

type Point = readonly [x: number, y: number, w: number];

export interface PlaneCorner {
	readonly at: Point;
	/** lines through it: constraints by index, then the two axes */
	readonly lines: readonly number[];
}

/** above that, products would leave the numbers that are exact */
const MOST = 999;

interface Line {
	readonly a: number;
	readonly b: number;
	readonly c: number;
	readonly isEquation: boolean;
}

/** The constraints as a·x + b·y ≤ c or = c, then the axes. */
const linesOf = ({ rows, relations, rhs }: ProblemDraft): Line[] => [
	...rows.map(([a, b], i): Line => {
		const turn = relations[i] === '>=' ? -1 : 1;
		return { a: turn * a, b: turn * b, c: turn * rhs[i], isEquation: relations[i] === '=' };
	}),
	{ a: -1, b: 0, c: 0, isEquation: false },
	{ a: 0, b: -1, c: 0, isEquation: false }
];

/** By how much a point or, with w = 0, a direction is beyond a line. */
const beyond = ({ a, b, c }: Line, [x, y, w]: Point): number => a * x + b * y - c * w;

/**
 * The region of a draft with two variables.
 * @returns null where the draft has other than two variables, or numbers that are not whole or above 999
 */
export function planeOf(draft: ProblemDraft, sense: Sense): Plane | null {
	const { rows, rhs, costs } = draft;
	if (costs.length !== 2) return null;
	const isFit = (value: number) => Number.isInteger(value) && Math.abs(value) <= MOST;
	if (![...rows.flat(), ...rhs, ...costs].every(isFit)) return null;
	const lines = linesOf(draft);
	const keeps = (at: Point) =>
		lines.every((own) => (own.isEquation ? beyond(own, at) === 0 : beyond(own, at) <= 0));

	const corners: PlaneCorner[] = [];
	const isKnown = ([x, y, w]: Point) =>
		corners.some(({ at: [u, v, z] }) => x * z === u * w && y * z === v * w);
	for (let i = 0; i < lines.length; i++)
		for (let k = i + 1; k < lines.length; k++) {
			const [p, q] = [lines[i], lines[k]];
			const w = p.a * q.b - q.a * p.b;
			if (w === 0) continue;
			const turn = Math.sign(w);
			const at = [turn * (p.c * q.b - q.c * p.b), turn * (p.a * q.c - q.a * p.c), turn * w] as const;
			if (!keeps(at) || isKnown(at)) continue;
			corners.push({
				at,
				lines: lines.flatMap((own, line) => (beyond(own, at) === 0 ? [line] : []))
			});
		}
	if (corners.length === 0) return { corners, rays: [], idle: null, answer: 'none', best: [] };

	// a region without end goes on along one of its lines
	const rays = lines
		.flatMap(({ a, b }): Point[] => [
			[b, -a, 0],
			[-b, a, 0]
		])
		.filter((way) => (way[0] !== 0 || way[1] !== 0) && keeps(way));
	const turn = sense === 'max' ? 1 : -1;
	const gain = ([x, y]: readonly [number, number, number]) => turn * (costs[0] * x + costs[1] * y);
	const best = corners.reduce<number[]>((own, { at }, i) => {
		if (own.length === 0) return [i];
		const order = gain(at) * corners[own[0]].at[2] - gain(corners[own[0]].at) * at[2];
		return order > 0 ? [i] : order === 0 ? [...own, i] : own;
	}, []);
	const isOpen = rays.some((way) => gain(way) > 0);
	const isEdge = best.length > 1 || rays.some((way) => gain(way) === 0);
	return {
		corners,
		rays,
		idle: idleRows(lines, corners, rays),
		answer: isOpen ? 'open' : isEdge ? 'several' : 'unique',
		best: isOpen ? [] : best
	};
}

/** Constraints that hold no edge of the region alone; null where it has no inside: a line through all of it says nothing about the others. */
function idleRows(
	lines: readonly Line[],
	corners: readonly PlaneCorner[],
	rays: readonly Point[]
): number[] | null {
	const runsAlong = ({ a, b }: Line, [x, y]: Point) => a * x + b * y === 0;
	const cornersOn = (line: number) => corners.filter((own) => own.lines.includes(line)).length;
	const holdsAll = (own: Line, line: number) =>
		cornersOn(line) === corners.length && rays.every((way) => runsAlong(own, way));
	if (lines.some((own, line) => own.isEquation || holdsAll(own, line))) return null;
	const isSame = (p: Line, q: Line) =>
		p.a * q.b === q.a * p.b &&
		p.a * q.c === q.a * p.c &&
		p.b * q.c === q.b * p.c &&
		p.a * q.a + p.b * q.b > 0;
	const hasEdge = (own: Line, line: number) => {
		const on = cornersOn(line);
		const isEdge = on > 1 || (on === 1 && rays.some((way) => runsAlong(own, way)));
		return isEdge && !lines.some((other, k) => k !== line && isSame(own, other));
	};
	return lines.slice(0, -2).flatMap((own, i) => (hasEdge(own, i) ? [] : [i]));
}

/** Whether a corner is a point of whole numbers. */
export const isWholePoint = ({ at: [x, y, w] }: PlaneCorner): boolean => x % w === 0 && y % w === 0;
