/** Widths of texts as the browser sets them. */

/** what a letter takes up on average, where there is no browser to ask */
const LETTER = 7;

let canvas: CanvasRenderingContext2D | null = null;

/**
 * The width of a text in pixels.
 * @param font as CSS writes it: `600 13px "Source Serif 4 Variable"`
 */
export function textWidth(text: string, font: string): number {
	if (typeof document === 'undefined') return [...text].length * LETTER;
	canvas ??= document.createElement('canvas').getContext('2d');
	if (!canvas) return [...text].length * LETTER;
	canvas.font = font;
	return canvas.measureText(text).width;
}

/** How much larger than usual the reader has letters: 1.5 at 150 % text size. */
export const textScale = (): number =>
	typeof document === 'undefined'
		? 1
		: parseFloat(getComputedStyle(document.documentElement).fontSize) / 16 || 1;
