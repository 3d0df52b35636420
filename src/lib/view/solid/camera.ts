import { en } from '$lib/core/language';
import { type Spot } from '$lib/core/geometry';
import type { Size } from '../region/frame';
import type { Room, Triple } from './solid';

/** From where a body is looked at: turned about the upright axis, then tilted; in radians. */
export interface Camera {
	readonly turn: number;
	readonly tilt: number;
	/** magnification over what fits */
	readonly scale: number;
}

/** Views that show something: all three axes at once, or one of them end on. */
export const VIEWS = [
	{ name: en`Corner`, turn: Math.PI + 0.6, tilt: 0.42 },
	{ name: en`Front`, turn: 0, tilt: 0 },
	{ name: en`Side`, turn: -Math.PI / 2, tilt: 0 },
	{ name: en`Top`, turn: 0, tilt: Math.PI / 2 }
] as const;

export const CORNER_VIEW: Camera = { ...VIEWS[0], scale: 1 };

/** How points of the room become pixels. */
export interface Projection {
	spot(at: Triple): Spot;
	/** how far away a point is: about −1 in front, 1 at the back */
	depth(at: Triple): number;
	/** whether a face with this outward normal looks at the reader */
	faces(normal: Triple): boolean;
}

/** pixels that are left free around what is shown */
const EDGE = 30;

/**
 * A parallel projection of a room into a picture; what is shown keeps its size however it is turned.
 * @param options `top`: pixels that are left free above; `equal`: whether a unit is equally long on all axes, else the room is a cube; `shown`: points that shall be in sight
 */
export function projection(
	room: Room,
	{ turn, tilt, scale }: Camera,
	size: Size,
	{ top, equal, shown }: { top: number; equal: boolean; shown: readonly Triple[] }
): Projection {
	const spans = room.low.map((low, i) => room.high[i] - low || 1);
	const most = Math.max(...spans);
	const unit = spans.map((span) => 1 / (equal ? most : span));
	const ends = [0, 1, 2].map((i) => shown.map((at) => at[i] * unit[i]));
	const middle = ends.map((values) => values.reduce((sum, value) => sum + value, 0) / (values.length || 1));
	const reach = Math.max(
		0.2,
		...shown.map((_, k) => Math.hypot(...ends.map((values, i) => values[k] - middle[i])))
	);
	const [ct, st, cb, sb] = [Math.cos(turn), Math.sin(turn), Math.cos(tilt), Math.sin(tilt)];
	const turned = (x: number, y: number, z: number) => {
		const [across, away] = [x * ct - y * st, x * st + y * ct];
		return { across, up: z * cb + away * sb, depth: away * cb - z * sb };
	};
	const pixels = (Math.max(40, Math.min(size.width, size.height - top) / 2 - EDGE) / reach) * scale;
	return {
		spot: ([x, y, z]) => {
			const at = turned(x * unit[0] - middle[0], y * unit[1] - middle[1], z * unit[2] - middle[2]);
			return { x: size.width / 2 + at.across * pixels, y: (size.height + top) / 2 - at.up * pixels };
		},
		depth: ([x, y, z]) =>
			turned(x * unit[0] - middle[0], y * unit[1] - middle[1], z * unit[2] - middle[2]).depth / reach,
		faces: ([x, y, z]) => turned(x / unit[0], y / unit[1], z / unit[2]).depth < 0
	};
}

/** Spots in order around their middle: the outline of a convex polygon. */
export function aroundMiddle(spots: readonly Spot[]): Spot[] {
	const x = spots.reduce((sum, p) => sum + p.x, 0) / (spots.length || 1);
	const y = spots.reduce((sum, p) => sum + p.y, 0) / (spots.length || 1);
	return [...spots].sort((p, q) => Math.atan2(p.y - y, p.x - x) - Math.atan2(q.y - y, q.x - x));
}
