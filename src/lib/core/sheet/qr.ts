import { encode } from 'uqr';

/** A run of black squares of a QR code: its row, its first column, and how many there are. */
export interface BlackRun {
	readonly y: number;
	readonly x: number;
	readonly length: number;
}

/**
 * A link as a QR code (ISO/IEC 18004), row by row.
 * @returns how many squares it is wide, and its black ones
 */
export function qrCode(link: string): { readonly size: number; readonly runs: readonly BlackRun[] } {
	const { size, data } = encode(link, { ecc: 'L', border: 2 });
	const runs = data.flatMap((row, y) => {
		const own: BlackRun[] = [];
		row.forEach((isBlack, x) => {
			const last = own.at(-1);
			if (!isBlack) return;
			if (last && last.x + last.length === x) own[own.length - 1] = { ...last, length: last.length + 1 };
			else own.push({ y, x, length: 1 });
		});
		return own;
	});
	return { size, runs };
}
