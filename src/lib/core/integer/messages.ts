import { NOTHING_SAID, say, type Sentence } from '../commentary/sentence';
import type { Rational } from '../number/rational';

/** Every sentence of the search for whole numbers. */

export const closedInfeasible = say`infeasible: no plan satisfies these bounds`;
export const closedUnbounded = say`unbounded: the relaxation improves without end`;
export const closedWhole = say`whole: a new incumbent`;

/** Why a bound is too low, told with the value that whole plans can reach where that is less. */
const tooLow = (whose: Sentence, bound: Rational, reachable: Rational, incumbent: Rational): Sentence => {
	const steps = bound.equals(reachable) ? NOTHING_SAID : say`, at whole plans at best ${reachable},`;
	return say`bound: ${whose}${bound}${steps} is no better than the incumbent’s ${incumbent}`;
};
export const closedByBound = (bound: Rational, reachable: Rational, incumbent: Rational): Sentence =>
	tooLow(NOTHING_SAID, bound, reachable, incumbent);
export const closedByPromise = (bound: Rational, reachable: Rational, incumbent: Rational): Sentence =>
	tooLow(say`its parent’s `, bound, reachable, incumbent);
export const branchedOn = (variable: string, value: Rational): Sentence =>
	say`branched: ${variable} = ${value} is not whole, so ${variable} ≤ ${value.floor()} or ${variable} ≥ ${value.ceil()}`;

export const dualCycled = say`The dual simplex method came back to a basis.`;
export const noRowToCut = say`A variable is not whole and has no row to cut from.`;
