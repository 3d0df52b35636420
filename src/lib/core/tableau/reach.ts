import type { Rational } from '../number/rational';
import { cell, columnOf, entryAt, pivot, type Tableau } from './tableau';

/** Bringing chosen columns into the basis. */

/** A pivot of a basis that is being reached, by column indices. */
export interface Exchange {
	readonly enter: number;
	readonly leave: number;
}

/** A basis reached by exchanges, or the columns that cannot stand in one basis: the first is the combination of the others. */
export type Reached =
	| { readonly tableau: Tableau; readonly exchanges: readonly Exchange[] }
	| {
			readonly column: number;
			readonly combination: readonly { readonly column: number; readonly factor: Rational }[];
	  };

/**
 * Brings columns into the basis, each by one exchange with a column that is not wanted there (Steinitz 1913).
 * @param wanted column indices, no more than the tableau has rows
 */
export function reach(t: Tableau, wanted: readonly number[]): Reached {
	const keep = new Set(wanted);
	const exchanges: Exchange[] = [];
	let now = t;
	for (const enter of wanted) {
		if (now.basis.includes(enter)) continue;
		const slot = now.nonbasic.indexOf(enter);
		const rows = now.basis.flatMap((own, row) => (!keep.has(own) && cell(now, row, slot) ? [row] : []));
		// a place without a basic variable is filled first, then those of artificial variables
		const rank = (row: number) => {
			const { kind } = columnOf(now, now.basis[row]);
			return kind === 'vacant' ? 0 : kind === 'artificial' ? 1 : 2;
		};
		const [row] = rows.sort((a, b) => rank(a) - rank(b) || a - b);
		if (row === undefined)
			return {
				column: enter,
				combination: now.basis.flatMap((column, i) =>
					cell(now, i, slot) ? [{ column, factor: entryAt(now, i, slot) }] : []
				)
			};
		exchanges.push({ enter, leave: now.basis[row] });
		now = pivot(now, row, slot);
	}
	return { tableau: now, exchanges };
}
