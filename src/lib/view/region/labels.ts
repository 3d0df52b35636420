/** A text that wants a place, with the places it would like, best first (its middle, in pixels). */
export interface LabelWish {
	readonly key: string;
	readonly text: string;
	readonly places: readonly { readonly x: number; readonly y: number }[];
	/** shown even where nothing is free */
	readonly needed: boolean;
	/** room for a mark before the text, in pixels */
	readonly lead: number;
}

export interface PlacedLabel {
	readonly key: string;
	readonly text: string;
	readonly x: number;
	readonly y: number;
	readonly width: number;
}

interface Rectangle {
	readonly x0: number;
	readonly y0: number;
	readonly x1: number;
	readonly y1: number;
}

const LETTER = 6.9;
const HEIGHT = 17;

export const textWidth = (text: string): number => [...text].length * LETTER + 4;

const overlap = (a: Rectangle, b: Rectangle): number =>
	Math.max(0, Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) *
	Math.max(0, Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0));

/**
 * Gives each label the first of its places where it covers nothing, in the order given; a needed one takes the place that
 * covers least, another is left out.
 * @param inside the frame that labels must stay in
 * @param taken spots that no label may cover, such as corner points
 */
export function placeLabels(
	wishes: readonly LabelWish[],
	inside: Rectangle,
	taken: readonly { x: number; y: number; radius: number }[]
): PlacedLabel[] {
	const used: Rectangle[] = taken.map(({ x, y, radius: r }) => ({
		x0: x - r,
		y0: y - r,
		x1: x + r,
		y1: y + r
	}));
	const placed: PlacedLabel[] = [];
	for (const wish of wishes) {
		const width = textWidth(wish.text) + wish.lead;
		let best: { cover: number; at: Rectangle } | null = null;
		for (const place of wish.places) {
			const x = Math.max(inside.x0 + width / 2, Math.min(inside.x1 - width / 2, place.x));
			const y = Math.max(inside.y0 + HEIGHT / 2, Math.min(inside.y1 - HEIGHT / 2, place.y));
			const at = { x0: x - width / 2, y0: y - HEIGHT / 2, x1: x + width / 2, y1: y + HEIGHT / 2 };
			const cover = used.reduce((sum, other) => sum + overlap(at, other), 0);
			if (!best || cover < best.cover) best = { cover, at };
			if (cover === 0) break;
		}
		if (!best || (best.cover > 0 && !wish.needed)) continue;
		used.push(best.at);
		placed.push({
			key: wish.key,
			text: wish.text,
			x: (best.at.x0 + best.at.x1) / 2,
			y: (best.at.y0 + best.at.y1) / 2,
			width
		});
	}
	return placed;
}
