import { say, type Sentence } from '../commentary/sentence';
import type { Rational } from '../number/rational';

/** Every sentence of the search for whole numbers. */

export const closedInfeasible = say`infeasible: no plan satisfies these bounds`;
export const closedUnbounded = say`unbounded: the relaxation improves without end`;
export const closedWhole = say`whole: a new incumbent`;
export const closedByBound = (bound: Rational, incumbent: Rational): Sentence =>
	say`bound: ${bound} is no better than the incumbent’s ${incumbent}`;

export const dualCycled = say`The dual simplex method came back to a basis.`;
export const noRowToCut = say`A variable is not whole and has no row to cut from.`;
