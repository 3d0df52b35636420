import type { ByCode } from '../sentence/coded';
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
	readonly slot: number;
}

/** Reasons at a tableau. */
export type StepReason = ByCode<{
	/** why a column improves the objective, and others that would */
	improves: { t: Tableau; entering: number; equation: ObjectiveEquation; others: readonly number[] };
	/** why a column improves the sum of the artificial variables, which counts first: what it is, and its change for each unit */
	'improves-sum': {
		t: Tableau;
		entering: number;
		goal: 'infeasibility' | 'big-m';
		sum: Rational;
		rate: Rational;
	};
	/** why only rows are compared that fall; one that does not, if there is any */
	'rows-compared': { t: Tableau; slot: number; falling: readonly number[]; other: number | null };
	/** why the smallest ratio: what the leaving variable would be at a larger one, of a row or (null) one further */
	'smallest-ratio': {
		t: Tableau;
		row: number;
		slot: number;
		limit: Rational;
		larger: number | null;
		at: Rational;
		amount: Rational;
	};
	'next-degenerate': { t: Tableau; rows: readonly number[]; slot: number; limit: Rational };
	'length-zero': { t: Tableau; row: number; slot: number };
	'row-first': { t: Tableau; row: number };
	/** why that ratio of the dual method: what a dearer column costs for each unit */
	'dual-ratio': {
		t: Tableau;

		row: number;

		slot: number;

		ratio: Rational;

		dearer: { readonly slot: number; readonly ratio: Rational } | null;
		/** whether another column has the same ratio */
		ties: boolean;
	};
	best: { t: Tableau; equation: ObjectiveEquation };
	'best-at-corner': { objective: Objective };
	'dual-value': { problem: Problem; constraint: string; relation: '<=' | '>='; worth: Rational };
	/** a column that does not change the objective, and whether it can rise */
	'several-best': { t: Tableau; column: number; rises: boolean };
	'no-end': { t: Tableau; slot: number };
	/** an artificial variable is not 0 though their sum is at its least */
	'sum-remains': { t: Tableau; basic: number; value: Rational };
	/** a row says that a basic variable is negative; these columns only lower it */
	'row-excludes': { t: Tableau; basic: number; value: Rational; lowering: readonly number[] };
	/** the equation that the objective row is */
	/** the columns that stand in the equation that the row is */
	'objective-row': { t: Tableau; columns: readonly number[] };
	/** what rounding to hundredths would be off by */
	exact: { t: Tableau; basic: number; value: Rational; off: Rational };
	'slack-starts': { t: Tableau; basic: number; value: Rational; constraint: string };
	/** what the left side comes to where the non-basic variables are 0, and what the surplus would be */
	'surplus-cannot-start': { t: Tableau; row: Constraint; left: Rational; surplus: Rational };
	/** an equality that is met where the non-basic variables are 0 */
	'equality-met': { t: Tableau; row: Constraint };
	'equality-has-no-slack': { t: Tableau; row: Constraint; left: Rational };
	'phase-one': { sum: Rational };
	/** how large M has to be: what a unit of any row with an artificial variable is worth at most, where that is known */
	'big-m': { problem: Problem; rows: readonly string[]; worth: Rational | null };
}>;

/** Reasons about whole numbers. */
export type WholeReason = ByCode<{
	/** a row that a rounded plan breaks, what it comes to before and after; null where none does */
	rounding: {
		problem: Problem;
		corner: Plan;
		variable: string;
		broken: {
			readonly row: Constraint;
			readonly plan: Plan;
			readonly before: Rational;
			readonly after: Rational;
			/** whether the row is met with equality at the corner */
			readonly binds: boolean;
		} | null;
	};
	'slack-whole': { t: Tableau; column: number; constraint: Constraint };
	'cut-holds': { kind: CutKind; part: Rational };
	/** the cut in the author's variables, where they can say it, and its left side here */
	'cut-off': { least: Rational; cut: { readonly stated: Stated; readonly left: Rational } | null };
	branching: { variable: string; value: Rational };
	/** why a node is closed; each problem is the node's, with the bounds of its branchings */
	'closed-infeasible': { problem: Problem };
	'closed-without-whole': { problem: Problem; conflict: LatticeConflict };
	'closed-whole': { problem: Problem; bound: Rational };
	/** `reachable` is the best that integer plans of that bound can have, where it is less */
	'closed-by-bound': { problem: Problem; bound: Rational; reachable: Rational | null; incumbent: Rational };
}>;

export type Reason = StepReason | WholeReason;
