/**
 * The numbers of a tableau as whole numbers over one common denominator. Only the columns of non-basic variables are kept.
 *
 * Method: fraction-free pivoting (Edmonds 1967; Bareiss 1968). Every entry is a minor of the first matrix, so the division by the
 * old denominator leaves no remainder. While minors are small they are held as doubles: the quotient of
 * (a·p − b·c)/d is then within 1/2 of the whole number it must be, and rounding gives it exactly. The bound that guarantees this is
 * checked before each pivot; past it the entries become BigInts.
 */
export type Cell = number | bigint;

export interface Kernel {
	/** rows of the tableau, the objective rows last */
	readonly height: number;
	/** columns, the right-hand side last */
	readonly width: number;
	/** row by row; entry i,j stands for cells[i·width + j] / denominator */
	readonly cells: Float64Array | readonly bigint[];
	/** positive */
	readonly denominator: Cell;
	/** at least as large as the absolute value of any cell (only for doubles) */
	readonly bound: number;
}

/**
 * With u = 2⁻⁵³ the computed quotient differs from the exact one by at most 3.1·u·(|ap| + |bc|)/d; that is below 1/2 while
 * (|ap| + |bc|)/d stays below 2⁵⁰.
 */
const SAFE = 2 ** 50;

/**
 * A kernel from whole numbers with denominator 1.
 * @param rows rows of equal length, objective rows last, right-hand side last in each
 */
export function makeKernel(rows: readonly (readonly Cell[])[], width: number): Kernel {
	const height = rows.length;
	let bound = 0;
	let small = true;
	for (const row of rows)
		for (const cell of row) {
			const size = Math.abs(Number(cell));
			if (size > bound) bound = size;
		}
	if (!(bound < SAFE)) small = false;
	if (small) {
		const cells = new Float64Array(height * width);
		rows.forEach((row, i) => row.forEach((cell, j) => (cells[i * width + j] = Number(cell))));
		return { height, width, cells, denominator: 1, bound };
	}
	return { height, width, cells: rows.flatMap((row) => row.map(BigInt)), denominator: 1n, bound: Infinity };
}

/** The kernel with a row of whole numbers (over the same denominator) put in at a height. */
export function insertRow(kernel: Kernel, at: number, row: readonly Cell[]): Kernel {
	const { width, height, cells, denominator } = kernel;
	const place = at * width;
	const most = row.reduce<number>((a, cell) => Math.max(a, Math.abs(Number(cell))), kernel.bound);
	if (cells instanceof Float64Array && most < SAFE) {
		const next = new Float64Array((height + 1) * width);
		next.set(cells.subarray(0, place));
		next.set(row.map(Number), place);
		next.set(cells.subarray(place), place + width);
		return { height: height + 1, width, cells: next, denominator, bound: most };
	}
	const large = Array.from(cells as ArrayLike<Cell>, BigInt);
	large.splice(place, 0, ...row.map(BigInt));
	return { height: height + 1, width, cells: large, denominator: BigInt(denominator), bound: Infinity };
}

/**
 * The kernel with `amount` times a list of whole numbers taken from its right-hand sides.
 * @param by for each row what is taken away per unit of the amount (over the same denominator)
 */
export function lowerRhs(kernel: Kernel, by: (row: number) => Cell, amount: Cell): Kernel {
	const { width, height, cells } = kernel;
	if (cells instanceof Float64Array && typeof amount === 'number') {
		const reach = kernel.bound * Math.abs(amount) + kernel.bound;
		if (reach < SAFE) {
			const next = cells.slice();
			for (let i = 0, k = width - 1; i < height; i++, k += width) next[k] -= amount * (by(i) as number);
			return { ...kernel, cells: next, bound: reach };
		}
	}
	const large = Array.from(cells as ArrayLike<Cell>, BigInt);
	for (let i = 0, k = width - 1; i < height; i++, k += width) large[k] -= BigInt(amount) * BigInt(by(i));
	return { ...kernel, cells: large, denominator: BigInt(kernel.denominator), bound: Infinity };
}

/** The kernel without one of its rows. */
export function removeRow(kernel: Kernel, at: number): Kernel {
	const { width, height, cells } = kernel;
	const [from, to] = [at * width, (at + 1) * width];
	const kept =
		cells instanceof Float64Array
			? Float64Array.from([...cells.subarray(0, from), ...cells.subarray(to)])
			: [...cells.slice(0, from), ...cells.slice(to)];
	return { ...kernel, height: height - 1, cells: kept };
}

function largest(cells: Float64Array): number {
	let most = 0;
	for (let k = 0; k < cells.length; k++) {
		const size = Math.abs(cells[k]);
		if (size > most) most = size;
	}
	return most;
}

/**
 * Exchanges the basic variable of a row with the non-basic variable of a column.
 * @param row index below height
 * @param column index below width − 1, with an entry that is not zero
 * @returns a new kernel; the column then belongs to the variable that left
 * @throws Error for a zero entry
 */
export function pivotKernel(kernel: Kernel, row: number, column: number): Kernel {
	const { width, cells } = kernel;
	const pivot = cells[row * width + column];
	if (!pivot) throw new Error('a zero entry cannot be the pivot');
	if (cells instanceof Float64Array) {
		const result = pivotDoubles(kernel, cells, row, column);
		if (result) return result;
		const large = Array.from(cells, BigInt);
		return pivotBig({ ...kernel, denominator: BigInt(kernel.denominator) }, large, row, column);
	}
	return pivotBig(kernel, cells as readonly bigint[], row, column);
}

function pivotDoubles(kernel: Kernel, cells: Float64Array, r: number, s: number): Kernel | null {
	const { height, width } = kernel;
	const d = kernel.denominator as number;
	const base = r * width;
	const pivot = cells[base + s];
	const p = Math.abs(pivot);
	const flip = pivot < 0 ? -1 : 1;
	let rowMost = 0;
	for (let j = 0; j < width; j++) rowMost = Math.max(rowMost, Math.abs(cells[base + j]));
	let columnMost = 0;
	for (let i = 0, k = s; i < height; i++, k += width) columnMost = Math.max(columnMost, Math.abs(cells[k]));
	let bound = kernel.bound;
	let reach = (bound * p + columnMost * rowMost) / d;
	if (!(reach < SAFE)) {
		bound = largest(cells);
		reach = (bound * p + columnMost * rowMost) / d;
		if (!(reach < SAFE)) return null;
	}
	const next = new Float64Array(height * width);
	for (let i = 0, start = 0; i < height; i++, start += width) {
		if (i === r) {
			for (let j = 0; j < width; j++) next[start + j] = flip * cells[start + j];
			next[start + s] = flip * d;
			continue;
		}
		const b = flip * cells[start + s];
		if (b === 0) {
			if (p === d) for (let j = 0; j < width; j++) next[start + j] = cells[start + j];
			else for (let j = 0; j < width; j++) next[start + j] = Math.round((cells[start + j] * p) / d);
		} else if (d === 1) {
			for (let j = 0; j < width; j++) next[start + j] = cells[start + j] * p - b * cells[base + j];
		} else {
			for (let j = 0; j < width; j++)
				next[start + j] = Math.round((cells[start + j] * p - b * cells[base + j]) / d);
		}
		next[start + s] = -b;
	}
	return { height, width, cells: next, denominator: p, bound: Math.max(reach + 1, bound, d) };
}

function pivotBig(kernel: Kernel, cells: readonly bigint[], r: number, s: number): Kernel {
	const { height, width } = kernel;
	const d = kernel.denominator as bigint;
	const base = r * width;
	const pivot = cells[base + s];
	const flip = pivot < 0n;
	const p = flip ? -pivot : pivot;
	const next = new Array<bigint>(height * width);
	for (let i = 0, start = 0; i < height; i++, start += width) {
		if (i === r) {
			for (let j = 0; j < width; j++) next[start + j] = flip ? -cells[start + j] : cells[start + j];
			next[start + s] = flip ? -d : d;
			continue;
		}
		const b = flip ? -cells[start + s] : cells[start + s];
		if (b === 0n) {
			for (let j = 0; j < width; j++) {
				const a = cells[start + j];
				next[start + j] = a === 0n ? a : (a * p) / d;
			}
		} else {
			for (let j = 0; j < width; j++) next[start + j] = (cells[start + j] * p - b * cells[base + j]) / d;
		}
		next[start + s] = -b;
	}
	return { height, width, cells: next, denominator: p, bound: Infinity };
}

/** The sign of a·b − c·d, exactly. */
export function compareProducts(a: Cell, b: Cell, c: Cell, d: Cell): -1 | 0 | 1 {
	if (typeof a === 'number' && typeof b === 'number' && typeof c === 'number' && typeof d === 'number') {
		const [p, q] = [a * b, c * d];
		if (Math.abs(p) <= Number.MAX_SAFE_INTEGER && Math.abs(q) <= Number.MAX_SAFE_INTEGER)
			return p === q ? 0 : p < q ? -1 : 1;
	}
	const difference = BigInt(a) * BigInt(b) - BigInt(c) * BigInt(d);
	return difference === 0n ? 0 : difference < 0n ? -1 : 1;
}
