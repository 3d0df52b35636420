import type { Limit } from '../answer/ranging';
import { isZero, type Rational } from '../number/rational';
import type { Plan } from '../problem/types';
import type { Tableau } from '../tableau/tableau';

/** A stretch of a number that moves, on which one basis stays optimal. */

/** One stretch of the number, on which a basis stays optimal, and what ends it. */
export interface Stretch {
	/** whether the number rises (1) or falls (−1) on the way */
	readonly direction: 1 | -1;
	/** where it begins, and where it ends on the way; null is no end */
	readonly from: Rational;
	readonly to: Rational | null;
	readonly tableau: Tableau;
	/** at `from` */
	readonly plan: Plan;
	readonly value: Rational;
	/** what reaches zero at its end */
	readonly limit: Limit | null;
	/** the pivot made there, by the lasting ids of its columns; null where the line ends */
	readonly pivot: { readonly enter: string; readonly leave: string } | null;
	/** what is true beyond its end, where no pivot leads on */
	readonly beyond: 'infeasible' | 'unbounded' | null;
}

/** Stretches that have a length: those at one number only are steps of a degenerate corner. */
export const withLength = (stretches: readonly Stretch[]): Stretch[] =>
	stretches.filter(({ from, to }) => to === null || !isZero(to.sub(from)));
