import type { Stated } from '../form/affine';
import type { CutKind } from '../integer/cut';
import type { LatticeConflict } from '../integer/lattice';
import type { Rational } from '../number/rational';
import type { Constraint, Objective, Plan, Problem } from '../problem/types';
import type { Tableau } from '../tableau/tableau';

/**
 * Why the rules of the methods are as they are, with the numbers that stand here, as data: codes with what they quote. Rows, positions and columns are
 * the kernel's of the tableau `t` beside them. Each answers a question; words for both stand in `words/reason.ts` and `words/whole-reason.ts`.
 */

/** The author's objective = value + Σ coefficient · non-basic column, while the tableau's equations hold. */
export interface ObjectiveEquation {
	readonly value: Rational;
	readonly terms: ReadonlyMap<number, Rational>;
}

/** A pivot, by its kernel row and position, that shows what a reason says of the wrong choice. */
export interface Trial {
	readonly row: number;
	readonly position: number;
}

/** Reasons at a tableau. */
export type StepReason =
	/** why a column improves the objective, and others that would */
	| {
			readonly code: 'improves';
			readonly t: Tableau;
			readonly entering: number;
			readonly equation: ObjectiveEquation;
			readonly others: readonly number[];
	  }
	/** why a column improves the sum of the artificial variables, which counts first: what it is, and its change for each unit */
	| {
			readonly code: 'improves-sum';
			readonly t: Tableau;
			readonly entering: number;
			readonly goal: 'infeasibility' | 'big-m';
			readonly sum: Rational;
			readonly rate: Rational;
	  }
	/** why only rows are compared that fall; one that does not, if there is any */
	| {
			readonly code: 'rows-compared';
			readonly t: Tableau;
			readonly position: number;
			readonly falling: readonly number[];
			readonly other: number | null;
	  }
	/** why the smallest ratio: what the leaving variable would be at a larger one, of a row or (null) one further */
	| {
			readonly code: 'smallest-ratio';
			readonly t: Tableau;
			readonly row: number;
			readonly position: number;
			readonly limit: Rational;
			readonly larger: number | null;
			readonly at: Rational;
			readonly amount: Rational;
	  }
	| {
			readonly code: 'next-degenerate';
			readonly t: Tableau;
			readonly rows: readonly number[];
			readonly position: number;
			readonly limit: Rational;
	  }
	| { readonly code: 'length-zero'; readonly t: Tableau; readonly row: number; readonly position: number }
	| { readonly code: 'row-first'; readonly t: Tableau; readonly row: number }
	/** why that ratio of the dual method: what a dearer column costs for each unit */
	| {
			readonly code: 'dual-ratio';
			readonly t: Tableau;
			readonly row: number;
			readonly position: number;
			readonly ratio: Rational;
			readonly dearer: { readonly position: number; readonly ratio: Rational } | null;
			/** whether another column has the same ratio */
			readonly ties: boolean;
	  }
	| { readonly code: 'best'; readonly t: Tableau; readonly equation: ObjectiveEquation }
	| { readonly code: 'best-at-corner'; readonly objective: Objective }
	| {
			readonly code: 'dual-value';
			readonly problem: Problem;
			readonly constraint: string;
			readonly relation: '<=' | '>=';
			readonly worth: Rational;
	  }
	/** a column that does not change the objective, and whether it can rise */
	| {
			readonly code: 'several-best';
			readonly t: Tableau;
			readonly column: number;
			readonly rises: boolean;
	  }
	| { readonly code: 'no-end'; readonly t: Tableau; readonly position: number }
	/** an artificial variable is not 0 though their sum is at its least */
	| { readonly code: 'sum-remains'; readonly t: Tableau; readonly basic: number; readonly value: Rational }
	/** a row says that a basic variable is negative; these columns only lower it */
	| {
			readonly code: 'row-excludes';
			readonly t: Tableau;
			readonly basic: number;
			readonly value: Rational;
			readonly lowering: readonly number[];
	  }
	/** the equation that the objective row is */
	| { readonly code: 'objective-row'; readonly t: Tableau }
	/** what rounding to hundredths would be off by */
	| {
			readonly code: 'exact';
			readonly t: Tableau;
			readonly basic: number;
			readonly value: Rational;
			readonly off: Rational;
	  }
	| {
			readonly code: 'slack-starts';
			readonly t: Tableau;
			readonly basic: number;
			readonly value: Rational;
			readonly constraint: string;
	  }
	/** what the left side comes to where the non-basic variables are 0, and what the surplus would be */
	| {
			readonly code: 'surplus-cannot-start';
			readonly t: Tableau;
			readonly row: Constraint;
			readonly left: Rational;
			readonly surplus: Rational;
	  }
	/** an equality that is met where the non-basic variables are 0 */
	| { readonly code: 'equality-met'; readonly t: Tableau; readonly row: Constraint }
	| {
			readonly code: 'equality-has-no-slack';
			readonly t: Tableau;
			readonly row: Constraint;
			readonly left: Rational;
	  }
	| { readonly code: 'phase-one'; readonly sum: Rational }
	/** how large M has to be: what a unit of any row with an artificial variable is worth at most, where that is known */
	| {
			readonly code: 'big-m';
			readonly problem: Problem;
			readonly rows: readonly string[];
			readonly worth: Rational | null;
	  };

/** Reasons about whole numbers. */
export type WholeReason =
	/** a row that a rounded plan breaks, what it comes to before and after; null where none does */
	| {
			readonly code: 'rounding';
			readonly problem: Problem;
			readonly corner: Plan;
			readonly variable: string;
			readonly broken: {
				readonly row: Constraint;
				readonly plan: Plan;
				readonly before: Rational;
				readonly after: Rational;
				/** whether the row is met with equality at the corner */
				readonly binds: boolean;
			} | null;
	  }
	| {
			readonly code: 'slack-whole';
			readonly t: Tableau;
			readonly column: number;
			readonly constraint: Constraint;
	  }
	| { readonly code: 'cut-holds'; readonly kind: CutKind; readonly part: Rational }
	/** the cut in the author's variables, where they can say it, and its left side here */
	| {
			readonly code: 'cut-off';
			readonly least: Rational;
			readonly cut: { readonly stated: Stated; readonly left: Rational } | null;
	  }
	| { readonly code: 'branching'; readonly variable: string; readonly value: Rational }
	/** why a node is closed; each problem is the node's, with the bounds of its branchings */
	| { readonly code: 'closed-infeasible'; readonly problem: Problem }
	| { readonly code: 'closed-without-whole'; readonly problem: Problem; readonly conflict: LatticeConflict }
	| { readonly code: 'closed-whole'; readonly problem: Problem; readonly bound: Rational }
	/** `reachable` is the best that integer plans of that bound can have, where it is less */
	| {
			readonly code: 'closed-by-bound';
			readonly problem: Problem;
			readonly bound: Rational;
			readonly reachable: Rational | null;
			readonly incumbent: Rational;
	  };

export type Reason = StepReason | WholeReason;
