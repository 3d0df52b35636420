import {
	covered,
	type LabelWish,
	type LabelSpot,
	type PlacedLabel,
	placeTexts,
	type Rectangle,
	type Stroke
} from '$lib/core/geometry';
import { textScale, textWidth } from '../shared/measure';

export type { LabelWish, PlacedLabel };

/** the height of a label, and its letters as they are set (RegionLabels), at the usual text size */
const HEIGHT = 17;
const LETTERS = 13;

/** The width of a label's text in pixels, with a little room. */
export const labelWidth = (text: string, scale = textScale()): number =>
	textWidth(text, `600 ${LETTERS * scale}px "Source Serif 4 Variable", Georgia, serif`) + 4;

/** Gives each label a place where it covers nothing, as `placeTexts` does, in the letters that labels are set in. */
export function placeLabels(
	wishes: readonly LabelWish[],
	inside: Rectangle,
	spots: readonly LabelSpot[],
	strokes: readonly Stroke[]
): PlacedLabel[] {
	const scale = textScale();
	return placeTexts(wishes, inside, spots, strokes, ({ text }) => labelWidth(text, scale), HEIGHT * scale);
}

/** How many pixels of some lines a rectangle around a spot covers. */
export const coveredBy = (
	lines: readonly (readonly [LabelSpot, LabelSpot])[],
	{ x, y }: LabelSpot,
	half: number,
	high: number
): number => {
	const at = { x0: x - half, y0: y - high, x1: x + half, y1: y + high };
	return lines.reduce((sum, [p, q]) => sum + covered({ p, q }, at), 0);
};
