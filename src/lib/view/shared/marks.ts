import type { Mark } from '$lib/desk/identity';

const PATHS: Record<Mark, { d: string; filled: boolean }> = {
	disc: { d: 'M-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0', filled: true },
	square: { d: 'M-3.6 -3.6h7.2v7.2h-7.2z', filled: true },
	triangle: { d: 'M0 -4.4L4.4 3.4H-4.4z', filled: true },
	diamond: { d: 'M0 -4.8L4.4 0L0 4.8L-4.4 0z', filled: false },
	cross: { d: 'M-4 -4L4 4M-4 4L4 -4', filled: false },
	bar: { d: 'M-5 0H5', filled: false },
	ring: { d: 'M-4 0a4 4 0 1 0 8 0a4 4 0 1 0 -8 0', filled: false },
	chevron: { d: 'M-4 3L0 -3L4 3', filled: false }
};

/** The outline of a mark in a box from −6 to 6. */
export const markPath = (mark: Mark): { d: string; filled: boolean } => PATHS[mark];
