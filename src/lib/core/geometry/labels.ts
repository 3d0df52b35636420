/** Places for the texts of a picture, where they cover nothing: for screens and for paper, in pixels of either. */

/** A text that wants a place, with the places it would like, best first (its middle, in pixels). */
export interface LabelWish {
	readonly key: string;
	readonly text: string;
	readonly places: readonly { readonly x: number; readonly y: number }[];
	/** the spot the text belongs to: it must not stand nearer to another one */
	readonly owner?: { readonly x: number; readonly y: number };
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

export interface Rectangle {
	readonly x0: number;
	readonly y0: number;
	readonly x1: number;
	readonly y1: number;
}

export interface LabelSpot {
	readonly x: number;
	readonly y: number;
}

/** A line to keep off. */
export interface Stroke {
	readonly p: LabelSpot;
	readonly q: LabelSpot;
}

const overlap = (a: Rectangle, b: Rectangle): number =>
	Math.max(0, Math.min(a.x1, b.x1) - Math.max(a.x0, b.x0)) *
	Math.max(0, Math.min(a.y1, b.y1) - Math.max(a.y0, b.y0));

/** The square of the distance from a spot to a rectangle. */
function distance({ x, y }: LabelSpot, r: Rectangle): number {
	const dx = Math.max(r.x0 - x, 0, x - r.x1);
	const dy = Math.max(r.y0 - y, 0, y - r.y1);
	return dx * dx + dy * dy;
}

/** What it costs to be taken for the label of another spot: more than any overlap. */
const MISTAKEN = 1e5;

/** How many pixels of a segment lie inside a rectangle (Liang and Barsky 1984). */
export function covered({ p, q }: Stroke, r: Rectangle): number {
	const dx = q.x - p.x;
	const dy = q.y - p.y;
	let from = 0;
	let to = 1;
	for (let side = 0; side < 4; side++) {
		const move = side === 0 ? -dx : side === 1 ? dx : side === 2 ? -dy : dy;
		const room = side === 0 ? p.x - r.x0 : side === 1 ? r.x1 - p.x : side === 2 ? p.y - r.y0 : r.y1 - p.y;
		if (move === 0) {
			if (room < 0) return 0;
		} else if (move < 0) from = Math.max(from, room / move);
		else to = Math.min(to, room / move);
		if (from >= to) return 0;
	}
	return (to - from) * Math.sqrt(dx * dx + dy * dy);
}

/**
 * Gives each label the first of its places where it covers nothing, in the order given; a needed one takes the place that
 * covers least, another is left out.
 * @param inside the frame that labels must stay in
 * @param spots points that no label may cover, such as corners
 * @param strokes lines that no label may cover
 * @param widthOf how wide a text is
 */
export function placeTexts(
	wishes: readonly LabelWish[],
	inside: Rectangle,
	spots: readonly LabelSpot[],
	strokes: readonly Stroke[],
	widthOf: (wish: LabelWish) => number,
	height: number
): PlacedLabel[] {
	const used: Rectangle[] = spots.map(({ x, y }) => ({ x0: x - 6, y0: y - 6, x1: x + 6, y1: y + 6 }));
	const placed: PlacedLabel[] = [];
	for (const wish of wishes) {
		const width = widthOf(wish) + wish.lead;
		let best: { cover: number; at: Rectangle } | null = null;
		for (const place of wish.places) {
			const x = Math.max(inside.x0 + width / 2, Math.min(inside.x1 - width / 2, place.x));
			const y = Math.max(inside.y0 + height / 2, Math.min(inside.y1 - height / 2, place.y));
			const at = { x0: x - width / 2, y0: y - height / 2, x1: x + width / 2, y1: y + height / 2 };
			const { owner } = wish;
			const near = owner ? distance(owner, at) : 0;
			const mistaken =
				owner && spots.some((s) => (s.x !== owner.x || s.y !== owner.y) && distance(s, at) <= 3 * near + 100);
			let cover = mistaken ? MISTAKEN : 0.05 * Math.max(0, near - 400);
			for (const other of used) {
				if (best && cover >= best.cover) break;
				cover += overlap(at, other);
			}
			for (const stroke of strokes) {
				if (best && cover >= best.cover) break;
				cover += 4 * covered(stroke, at);
			}
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
