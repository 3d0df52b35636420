/** Rows and columns that an arrow key goes on by. */
export const STEPS: Readonly<Record<string, readonly [number, number]>> = {
	ArrowUp: [-1, 0],
	ArrowDown: [1, 0],
	ArrowLeft: [0, -1],
	ArrowRight: [0, 1]
};
