import type { RegionView } from '$lib/core/lesson';
import { scaleLinear, type ScaleLinear } from 'd3';
import { type Box, type Spot } from '$lib/core/geometry';

export interface Size {
	readonly width: number;
	readonly height: number;
}

export const MARGIN = { left: 46, right: 14, top: 26, bottom: 34 };

/** What is seen of the plane, and how its axes become pixels. */
export interface Frame {
	readonly box: Box;
	readonly size: Size;
	readonly x: ScaleLinear<number, number>;
	readonly y: ScaleLinear<number, number>;
}

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

/** The box widened in one direction so that a unit is equally long on both axes. */
export function squared({ x0, x1, y0, y1 }: Box, size: Size): Box {
	const [width, height] = [size.width - MARGIN.left - MARGIN.right, size.height - MARGIN.top - MARGIN.bottom];
	const unit = Math.min(width / (x1 - x0), height / (y1 - y0));
	if (!(unit > 0 && Number.isFinite(unit))) return { x0, x1, y0, y1 };
	// what is there stays at the lower left, where the axes are
	return { x0, x1: x0 + width / unit, y0, y1: y0 + height / unit };
}

/** A box of the plane shown in a rectangle of pixels. */
export function frameOf(box: Box, size: Size): Frame {
	return {
		box,
		size,
		x: scaleLinear([box.x0, box.x1], [MARGIN.left, size.width - MARGIN.right]),
		y: scaleLinear([box.y0, box.y1], [size.height - MARGIN.bottom, MARGIN.top])
	};
}

/** The direction of a vector, also where its parts are far apart in size. */
export function unit(x: number, y: number): Spot {
	const most = Math.max(Math.abs(x), Math.abs(y)) || 1;
	const norm = Math.hypot(x / most, y / most) || 1;
	return { x: x / most / norm, y: y / most / norm };
}
