import { alongRhs, between, costLimits, rhsLimits, type Limit } from '../answer/ranging';
import { coefficientInterval, type CoefficientInterval } from '../answer/coefficient-interval';
import { dualValues } from '../answer/multipliers';
import { isZero, ZERO, type Rational } from '../number/rational';
import { withLength, type Stretch } from '../parametric/stretch';
import type { ValuePiece } from '../parametric/value-function';
import { numberOf, type Varied } from '../problem/varied';
import { columnOf, readPlan, type Tableau } from '../tableau/tableau';

/** What is found of one number of a problem: how far it may move, what it is worth, and what moves with it. */

/** An end of an interval. */
export interface EndReading {
	/** null where there is no end */
	readonly at: Rational | null;
	readonly limit: Limit | null;
	/** the id of the column whose row, or whose entry in the objective row, sets the end */
	readonly column: string | null;
}

/** A number with its interval, read off an optimal tableau. */
export interface RangeReading {
	readonly t: Tableau;
	readonly varied: Varied;
	readonly now: Rational;
	readonly low: EndReading;
	readonly high: EndReading;
	/** by how much the objective changes for each unit within the interval */
	readonly rate: Rational;
	/** variables that move with a right-hand side, and by how much for each unit */
	readonly moving: readonly { readonly variable: string; readonly by: Rational }[];
}

/**
 * The reading of one number at an optimal tableau.
 * @param t an optimal tableau, artificial columns barred
 */
export function rangeReading(t: Tableau, varied: Varied): RangeReading {
	const now = numberOf(t.form.problem, varied);
	const limits = 'rhs' in varied ? rhsLimits(t, varied.rhs) : costLimits(t, varied.objective);
	const { lowBy, highBy } = between(limits);
	const end = (limit: Limit | null): EndReading => ({
		at: limit && now.add(limit.change),
		limit,
		column: limit && columnOf(t, limit.column).id
	});
	const rate = 'rhs' in varied ? dualValues(t).get(varied.rhs)! : (readPlan(t).get(varied.objective) ?? ZERO);
	const moving = 'rhs' in varied ? movingWith(t, varied.rhs) : [];
	return { t, varied, now, low: end(lowBy), high: end(highBy), rate, moving };
}

/** How the plan moves with a right-hand side. */
function movingWith(t: Tableau, row: string): RangeReading['moving'] {
	const along = alongRhs(t, row);
	// a variable may be counted from a bound, or be one of two halves: told is how it moves itself
	return t.form.substitutions.flatMap(({ variable, parts }) => {
		const by = parts.reduce((sum, { column, factor }) => {
			const i = t.basis.indexOf(column);
			return i < 0 ? sum : sum.add(along(i).mul(factor));
		}, ZERO);
		return isZero(by) ? [] : [{ variable, by }];
	});
}

/** The rates of the objective as a number falls and as it rises, where there is a best plan, and how far the one at hand holds. */
export interface Sides {
	readonly less: Rational | null;
	readonly more: Rational | null;
	/** the stretch of the one rate; null where two meet */
	readonly holds: Pick<ValuePiece, 'from' | 'to'> | null;
}

/** The two rates at a number, from the value as a function. */
export function sidesAt(pieces: readonly ValuePiece[], now: Rational): Sides {
	const below = pieces.find(({ from, to }) => (!from || from.lt(now)) && (!to || to.gte(now)));
	const above = pieces.find(({ from, to }) => (!from || from.lte(now)) && (!to || to.gt(now)));
	const [less, more] = [below?.line?.slope ?? null, above?.line?.slope ?? null];
	const one = less && more ? (less.equals(more) ? below! : null) : ((less ? below : above) ?? null);
	return { less, more, holds: one?.status === 'optimal' ? one : null };
}

/** Stretches of both directions as one line, from the lowest number to the highest. */
export const inLine = (down: readonly Stretch[], up: readonly Stretch[]): Stretch[] => [
	...withLength(down).reverse(),
	...withLength(up)
];

/** A coefficient inside a row, and how far it may move while the best plan stays what it is. */
export interface CoefficientFinding extends CoefficientInterval {
	readonly code: 'coefficient-interval';
	readonly row: string;
	readonly variable: string;
	readonly now: Rational;
}

/** How far a coefficient inside a row may move while the plan of an optimal tableau stays feasible and best. */
export function coefficientFound(t: Tableau, row: string, variable: string): CoefficientFinding {
	const { problem } = t.form;
	const now = problem.constraints.find(({ name }) => name === row)!.terms.get(variable) ?? ZERO;
	const interval = coefficientInterval(problem, readPlan(t), row, variable);
	return { code: 'coefficient-interval', row, variable, now, ...interval };
}
