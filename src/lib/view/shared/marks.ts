import type { Mark } from '$lib/desk/identity';

const PATHS: Record<Mark, { d: string; filled: boolean }> = {
	disc: { d: 'm-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0', filled: true },
	square: { d: 'm-3.6 -3.6h7.2v7.2h-7.2z', filled: true },
	triangle: { d: 'm0 -4.4l4.4 7.8h-8.8z', filled: true },
	diamond: { d: 'm0 -4.8l4.4 4.8l-4.4 4.8l-4.4 -4.8z', filled: false },
	cross: { d: 'm-4 -4l8 8m-8 0l8 -8', filled: false },
	bar: { d: 'm-5 0h10', filled: false },
	ring: { d: 'm-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0', filled: false },
	chevron: { d: 'm-4 3l4 -6l4 6', filled: false }
};

/** The outline of a mark around a point, within six units of it. */
export const markPath = (mark: Mark, x = 0, y = 0): { d: string; filled: boolean } => ({
	d: `M${x} ${y}${PATHS[mark].d}`,
	filled: PATHS[mark].filled
});
