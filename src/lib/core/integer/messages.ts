import { joined, linear, NOTHING_SAID, say, type Sentence } from '../sentence/sentence';
import type { Rational } from '../number/rational';
import type { LatticeConflict } from './lattice';

/** Every sentence of the search for whole numbers. */

export const closedInfeasible = say`infeasible: no plan satisfies these bounds`;
/** The equations that a conflict adds up: `1/3 times r1`, or `r1` alone where it stands as it is. */
const added = ({ parts }: LatticeConflict): Sentence =>
	joined(
		parts.map(({ multiplier, constraint, fixed, rhs }) => {
			const row = constraint === undefined ? say`${fixed!} = ${rhs}` : say`${{ constraint }}`;
			return multiplier.equals(1) ? row : say`${multiplier} times ${row}`;
		})
	);
/** Why equations have no whole solution. */
export const noWholeSolution = (conflict: LatticeConflict): Sentence =>
	say`${added(conflict)} ${conflict.parts.length > 1 ? 'add up to' : 'reads'} ${linear(conflict.terms)} = ${conflict.rhs}: at whole plans the left side is a whole number, and ${conflict.rhs} is none`;
export const closedByLattice = (conflict: LatticeConflict): Sentence =>
	say`infeasible: ${noWholeSolution(conflict)}`;
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

export const tookLong = say`the search became long`;
/** Why a search by rule was stopped that need not end. */
export const mayNotEnd = (names: readonly string[], nodes: number): Sentence =>
	say`Stopped after ${nodes} nodes: the region leaves ${joined(names.map((name) => say`${name}`))} without an end, so the tree may go on for ever. Bounds would end it.`;
/** Why cutting planes were stopped whose numbers grow. */
export const grewTooLong = (digits: number, cuts: number): Sentence =>
	say`Stopped after ${cuts} cuts: the tableau’s common denominator has ${digits} digits, and each cut makes it longer.`;
