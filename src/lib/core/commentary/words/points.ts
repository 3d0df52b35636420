import { en } from '../../language/language';
import { sidesOf } from '../../geometry/sides';
import type { Vector } from '../../number/linear-algebra';
import { RELATION_SIGNS } from '../../problem/relation';
import { rowName } from '../../problem/row-owner';
import type { Problem, Terms } from '../../problem/types';
import { inBrackets, joined, linear, say, type Sentence } from '../../sentence/sentence';
import { statedAs } from '../corner';
import type { StatedSide } from '../picture-findings';

/** Points, lines and sums in words. */

/** A point as it is said: `(24, 12)`; on a number line the number alone. */
export const pointSentence = (at: Vector): Sentence =>
	at.length === 1
		? say`${at[0]}`
		: say`(${joined(
				at.map((value) => say`${value}`),
				', ',
				', '
			)})`;

/** Points in a row; many are cut short. */
export const listOf = (points: readonly Vector[]): Sentence => {
	const most = 8;
	const shown = points.slice(0, most).map(pointSentence);
	return points.length > most
		? say`${joined(shown, ', ', ', ')} and ${points.length - most} more`
		: joined(shown);
};

/** What the set of points with equality is called: a point, line, plane or hyperplane. */
export const lineWord = (variables: number): string =>
	[en`point`, en`line`, en`plane`][variables - 1] ?? en`hyperplane`;

/** The equation of a side's line. */
export const equation = ({ terms, rhs }: StatedSide): Sentence => say`${linear(terms)} = ${rhs}`;

/** A constraint by its name, a bound as it is stated: `x ≥ 0`. */
export const sideName = ({ constraint, terms, relation, rhs }: StatedSide): Sentence =>
	constraint === null ? say`${linear(terms)} ${RELATION_SIGNS[relation]} ${rhs}` : say`${{ constraint }}`;

/** A constraint's name; of a bound its line. */
export const nameOfLine = (side: StatedSide): Sentence =>
	side.constraint === null ? equation(side) : sideName(side);

/** A side by the name of its row, a bound's (`x.lower`) too. */
export function sideSentence(problem: Problem, name: string): Sentence {
	const side = sidesOf(problem).find(({ owner }) => rowName(owner) === name);
	return side ? sideName(statedAs(problem, side)) : say`${name}`;
}

/** `2·24 + 3·(−1)` */
export function products(terms: Terms, names: readonly string[], at: Vector): Sentence {
	const parts = [...terms].map(
		([name, factor], i) =>
			say`${i === 0 ? say`${factor}` : inBrackets(factor)}·${inBrackets(at[names.indexOf(name)])}`
	);
	return parts.length ? joined(parts, ' + ', ' + ') : say`0`;
}
