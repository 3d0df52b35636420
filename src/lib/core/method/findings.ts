import type { Rational } from '../number/rational';
import type { Goal } from '../tableau/goal';
import type { EnteringRule } from './rule';

/** What methods find, by kernel rows and columns of the tableau at which they find it; `messages.ts` has the words. */

/** Why a method does what it does next, ends, or cannot go on. */
export type Finding =
	/** the rule takes this column for this objective row; `moves` where the pivot changes the plan */
	| {
			readonly code: 'enters-by';
			readonly rule: EnteringRule;
			readonly goal: Goal;
			readonly column: number;
			readonly moves: boolean;
	  }
	/** the first negative basic variable (Bland), or the most negative one, leaves */
	| { readonly code: 'dual-leaves'; readonly row: number; readonly isFirst: boolean }
	/** a negative basic variable is raised */
	| { readonly code: 'repairs'; readonly row: number }
	/** a row gets the basic variable that it lacks, or whose artificial one is not zero */
	| { readonly code: 'fills-vacancy'; readonly row: number }
	/** an artificial variable at zero leaves */
	| { readonly code: 'drives-out'; readonly row: number }
	/** these rows say nothing that others do not */
	| { readonly code: 'redundant'; readonly rows: readonly number[] }
	| { readonly code: 'phase-one-done' }
	| { readonly code: 'big-m-done' }
	| { readonly code: 'repaired' }
	/** a basis came back after so many pivots */
	| { readonly code: 'cycled'; readonly length: number }
	/** nothing improves this objective row */
	| { readonly code: 'nothing-improves'; readonly goal: Goal }
	/** no row limits this column */
	| { readonly code: 'no-limit'; readonly column: number }
	/** the right-hand side is negative, and no entry is */
	| { readonly code: 'row-contradicts'; readonly row: number }
	/** 0 = a number that is not 0 */
	| { readonly code: 'empty-row-contradicts'; readonly row: number }
	/** the artificial variables cannot all be zero: minus their sum, at its greatest */
	| { readonly code: 'artificials-remain'; readonly value: Rational }
	| { readonly code: 'vacant-rows'; readonly rows: readonly number[] }
	| { readonly code: 'not-feasible'; readonly rows: readonly number[] }
	| { readonly code: 'artificials-left'; readonly rows: readonly number[] }
	| { readonly code: 'not-dual-feasible'; readonly columns: readonly number[] };

/** Why a method is taken to begin with, or cannot begin. */
export type StartFinding =
	| { readonly code: 'as-asked' }
	| { readonly code: 'slacks-feasible' }
	| { readonly code: 'slacks-dual-feasible' }
	/** isolated columns of the problem's own variables */
	| { readonly code: 'basis-stands' }
	| { readonly code: 'needs-phase-one' }
	| { readonly code: 'primal-cannot-start'; readonly hasEquality: boolean }
	| { readonly code: 'dual-cannot-start' };
