import type { Result } from './result';
import { slipCounts } from './result';

/** What a class handed in, in one table. */

/** What somebody made of an exercise, summed up. */
export interface ResultRow {
	readonly who: string;
	readonly exercise: string;
	readonly ended: string;
	readonly asked: number;
	readonly right: number;
	/** right at the first try and without a hint */
	readonly atOnce: number;
	readonly tries: number;
	readonly hints: number;
	readonly minutes: number;
	/** whether the check word fits */
	readonly fits: boolean;
}

/** A result summed up. */
export function rowOf({ who, exercise, ended, lines }: Result, fits: boolean): ResultRow {
	const sum = (of: 'tries' | 'hints' | 'seconds') => lines.reduce((all, line) => all + line[of], 0);
	const right = lines.filter((line) => line.right);
	return {
		who,
		exercise,
		ended,
		asked: lines.length,
		right: right.length,
		atOnce: right.filter(({ tries, hints }) => tries === 1 && hints === 0).length,
		tries: sum('tries'),
		hints: sum('hints'),
		minutes: Math.round(sum('seconds') / 60),
		fits
	};
}

/** How often each slip came up in a class, the most frequent first. */
export const slipsOf = (results: readonly Result[]): ReturnType<typeof slipCounts> =>
	slipCounts(results.flatMap(({ lines }) => lines));

const HEAD = [
	'name',
	'exercise',
	'ended',
	'questions',
	'right',
	'right at once',
	'tries',
	'hints',
	'minutes',
	'check word'
];

/** The table as cells, with its head. */
export const resultCells = (rows: readonly ResultRow[]): string[][] => [
	HEAD,
	...rows.map(({ who, exercise, ended, asked, right, atOnce, tries, hints, minutes, fits }) => [
		who,
		exercise,
		ended,
		...[asked, right, atOnce, tries, hints, minutes].map(String),
		fits ? 'fits' : 'does not fit'
	])
];
