import type { Identity } from '$lib/desk/identity';
import { type LineOwner, type Spot } from '$lib/core/geometry';
import { labelWidth, type LabelWish } from '../region/labels';

interface NamedFace {
	readonly key: string;
	readonly owner: LineOwner | null;
	readonly identity: Identity | undefined;
	readonly front: boolean;
	readonly middle: Spot;
}

/** An axis as it is drawn, with what stands at its end. */
export interface NamedAxis {
	readonly key: string;
	readonly text: string;
	readonly from: Spot;
	readonly to: Spot;
}

/** An axis's name stands beyond its end, in its own direction; a little to a side where that is taken. */
function beyondEnd({ key, text, from, to }: NamedAxis): LabelWish {
	const length = Math.hypot(to.x - from.x, to.y - from.y) || 1;
	const [ux, uy] = [(to.x - from.x) / length, (to.y - from.y) / length];
	const out = Math.abs(ux) * (labelWidth(text) / 2) + Math.abs(uy) * 9 + 7;
	const places = [0, 14, -14, 26, -26].map((aside) => ({
		x: to.x + ux * out - uy * aside,
		y: to.y + uy * out + ux * aside
	}));
	return { key, text, places, needed: true, lead: 0 };
}

/** Where the names of axes, the corners' coordinates and the faces' names would like to stand in the picture of a body. */
export function labelWishes(
	corners: readonly (Spot & { readonly key: string; readonly text: string })[],
	faces: readonly NamedFace[],
	shortened: (name: string) => string,
	axes: readonly NamedAxis[]
): LabelWish[] {
	const atCorners = corners.map((corner): LabelWish => {
		const half = labelWidth(corner.text) / 2 + 9;
		const at = (dx: number, dy: number) => ({ x: corner.x + dx, y: corner.y + dy });
		return {
			key: corner.key,
			text: corner.text,
			owner: corner,
			places: [
				at(half, 12),
				at(-half, 12),
				at(half, -12),
				at(-half, -12),
				at(0, 19),
				at(0, -19),
				at(half, 26),
				at(-half, 26)
			],
			needed: corners.length <= 8,
			lead: 0
		};
	});
	const onFaces = faces.flatMap((face): LabelWish[] => {
		const { owner, middle } = face;
		if (!face.front || owner?.kind !== 'constraint') return [];
		const places = [0, 14, -14, 28, -28].flatMap((dy) =>
			[0, 30, -30].map((dx) => ({ x: middle.x + dx, y: middle.y + dy }))
		);
		return [{ key: face.key, text: shortened(owner.name), places, needed: true, lead: 16 }];
	});
	return [
		...axes.map(beyondEnd),
		...atCorners.filter(({ needed }) => needed),
		...onFaces,
		...atCorners.filter(({ needed }) => !needed)
	];
}
