import type { Spot } from '../region/box';
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
	{ name: 'Corner', turn: -0.6, tilt: 0.42 },
	{ name: 'Front', turn: 0, tilt: 0 },
	{ name: 'Side', turn: -Math.PI / 2, tilt: 0 },
	{ name: 'Top', turn: 0, tilt: Math.PI / 2 }
] as const;

export const CORNER_VIEW: Camera = { ...VIEWS[0], scale: 1 };

/** How points of the room become pixels. */
export interface Projection {
	spot(at: Triple): Spot;
	/** whether a face with this outward normal looks at the reader */
	faces(normal: Triple): boolean;
}

const EDGE = 46;

/**
 * A parallel projection of a room into a picture.
 * @param equal whether a unit is equally long on all axes; else the room is shown as a cube
 */
export function projection(
	room: Room,
	{ turn, tilt, scale }: Camera,
	size: Size,
	equal: boolean
): Projection {
	const spans = room.low.map((low, i) => room.high[i] - low || 1);
	const most = Math.max(...spans);
	const unit = spans.map((span) => 1 / (equal ? most : span));
	const middle = room.low.map((low, i) => (low + room.high[i]) / 2);
	const [ct, st, cb, sb] = [Math.cos(turn), Math.sin(turn), Math.cos(tilt), Math.sin(tilt)];
	const turned = (x: number, y: number, z: number) => {
		const [across, away] = [x * ct - y * st, x * st + y * ct];
		return { across, up: z * cb + away * sb, depth: away * cb - z * sb };
	};
	// the whole cube stays in sight however it is turned
	const room3 = Math.min((size.width - 2 * EDGE) / 1.62, (size.height - 2 * EDGE) / 1.5);
	const pixels = Math.max(10, room3) * scale;
	return {
		spot: ([x, y, z]) => {
			const at = turned((x - middle[0]) * unit[0], (y - middle[1]) * unit[1], (z - middle[2]) * unit[2]);
			return { x: size.width / 2 + at.across * pixels, y: size.height / 2 - at.up * pixels };
		},
		faces: ([x, y, z]) => turned(x / unit[0], y / unit[1], z / unit[2]).depth < 0
	};
}

/** Spots in order around their middle: the outline of a convex polygon. */
export function aroundMiddle(spots: readonly Spot[]): Spot[] {
	const x = spots.reduce((sum, p) => sum + p.x, 0) / (spots.length || 1);
	const y = spots.reduce((sum, p) => sum + p.y, 0) / (spots.length || 1);
	return [...spots].sort((p, q) => Math.atan2(p.y - y, p.x - x) - Math.atan2(q.y - y, q.x - x));
}
