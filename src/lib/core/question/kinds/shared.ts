import type { Tableau } from '../../tableau/tableau';
import type { Answer, Slip } from '../types';

/** What all kinds of questions use. */

export const nameOf = (t: Tableau, column: number): string => t.form.columns[column].name;

/** Slips that differ from every right answer, each answer once. */
export function without(right: readonly Answer[], slips: readonly Slip[]): Slip[] {
	const taken = new Set(right.map((answer) => JSON.stringify(answer)));
	return slips.filter(({ answer }) => {
		const key = JSON.stringify(answer);
		if (taken.has(key)) return false;
		taken.add(key);
		return true;
	});
}
