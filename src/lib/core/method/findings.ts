import type { Bare, ByCode } from '../sentence/coded';
import type { Rational } from '../number/rational';
import type { Goal } from '../tableau/goal';
import type { EnteringRule } from './rule';

/** What methods find, by kernel rows and columns of the tableau at which they find it; `messages.ts` has the words. */

/** Why a method does what it does next, ends, or cannot go on. */
export type Finding = ByCode<{
	/** the rule takes this column for this objective row; `moves` where the pivot changes the plan */
	'enters-by': { rule: EnteringRule; goal: Goal; column: number; moves: boolean };
	/** the first negative basic variable (Bland), or the most negative one, leaves */
	'dual-leaves': { row: number; isFirst: boolean };
	/** a negative basic variable is raised */
	repairs: { row: number };
	/** a row gets the basic variable that it lacks, or whose artificial one is not zero */
	'fills-vacancy': { row: number };
	/** an artificial variable at zero leaves */
	'drives-out': { row: number };
	/** these rows say nothing that others do not */
	redundant: { rows: readonly number[] };
	'phase-one-done': Bare;
	'big-m-done': Bare;
	repaired: Bare;
	/** a basis came back after so many pivots */
	cycled: { length: number };
	/** nothing improves this objective row */
	'nothing-improves': { goal: Goal };
	/** no row limits this column */
	'no-limit': { column: number };
	/** the right-hand side is negative, and no entry is */
	'row-contradicts': { row: number };
	/** 0 = a number that is not 0 */
	'empty-row-contradicts': { row: number };
	/** the artificial variables cannot all be zero: minus their sum, at its greatest */
	'artificials-remain': { value: Rational };
	'vacant-rows': { rows: readonly number[] };
	'not-feasible': { rows: readonly number[] };
	'artificials-left': { rows: readonly number[] };
	'not-dual-feasible': { columns: readonly number[] };
}>;

/** Why a method is taken to begin with, or cannot begin. */
export type StartFinding = ByCode<{
	'as-asked': Bare;
	'slacks-feasible': Bare;
	'slacks-dual-feasible': Bare;
	/** isolated columns of the problem's own variables */
	'basis-stands': Bare;
	'needs-phase-one': Bare;
	'primal-cannot-start': { hasEquality: boolean };
	'dual-cannot-start': Bare;
}>;
