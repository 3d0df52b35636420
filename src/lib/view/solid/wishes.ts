import type { Identity } from '$lib/desk/identity';
import type { LineOwner } from '$lib/core/geometry/types';
import type { Spot } from '../region/box';
import { labelWidth, type LabelWish } from '../region/labels';

interface NamedFace {
	readonly key: string;
	readonly owner: LineOwner | null;
	readonly identity: Identity | undefined;
	readonly front: boolean;
	readonly middle: Spot;
}

/** Where the corners' coordinates and the faces' names would like to stand in the picture of a body. */
export function labelWishes(
	corners: readonly (Spot & { readonly key: string; readonly text: string })[],
	faces: readonly NamedFace[],
	shortened: (name: string) => string
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
		...atCorners.filter(({ needed }) => needed),
		...onFaces,
		...atCorners.filter(({ needed }) => !needed)
	];
}
