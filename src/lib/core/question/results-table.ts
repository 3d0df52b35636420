import { en } from '../language/language';
import { slipCounts, summed, type ExerciseResult, type ResultSummary } from './result';

/** What a class handed in, in one table. */

/** A line of the table: whose result, of which exercise, summed up. */
export interface ResultRow extends ResultSummary {
	readonly who: string;
	readonly exercise: string;
	readonly ended: string;
	/** whether the check word fits */
	readonly fits: boolean;
}

/** The line of a result. */
export const rowOfResult = ({ who, exercise, ended, lines }: ExerciseResult, fits: boolean): ResultRow => ({
	who,
	exercise,
	ended,
	...summed(lines),
	fits
});

/** How often each slip came up in a class, the most frequent first. */
export const slipsOf = (results: readonly ExerciseResult[]): ReturnType<typeof slipCounts> =>
	slipCounts(results.flatMap(({ lines }) => lines));

const HEAD = [
	'name',
	'exercise',
	'ended',
	'questions',
	'right',
	en`right at once`,
	'tries',
	'hints',
	'minutes',
	en`check word`
];

/** The table as cells, with its head. */
export const resultCells = (rows: readonly ResultRow[]): string[][] => [
	HEAD,
	...rows.map(({ who, exercise, ended, asked, right, atOnce, tries, hints, minutes, fits }) => [
		who,
		exercise,
		ended,
		...[asked, right, atOnce, tries, hints, minutes].map(String),
		fits ? 'fits' : en`does not fit`
	])
];
