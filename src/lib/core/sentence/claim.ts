import type { Rational } from '../number/rational';
import type { Goal } from '../tableau/goal';
import type { Varied } from '../problem/varied';
import type { Plan, Problem } from '../problem/types';
import type { Tableau } from '../tableau/tableau';

/**
 * What a sentence claims of a tableau as it is written in a notation, or of a problem, as data beside the words: so that it can be checked against the
 * board, or by solving, by code that has no part in making it.
 */
export type Claim = TableauClaim | ProblemClaim;

export type Sign = 'negative' | 'positive' | 'zero';

/** An entry as it is written: of a row (by its index) or an objective row, under a column (by its index) or in the place of the right-hand side. */
export interface WrittenCell {
	readonly row: number | Goal;
	readonly column: number | 'rhs';
}

/** Of a tableau as the board writes it. */
export type TableauClaim = { readonly t: Tableau } & (
	| { readonly code: 'sign'; readonly cell: WrittenCell; readonly sign: Sign }
	| { readonly code: 'value'; readonly cell: WrittenCell; readonly value: Rational }
	/** of all entries of an objective row that may be chosen, or of all right-hand sides, none is further on that side of zero; but for columns with M */
	| {
			readonly code: 'most';
			readonly cell: WrittenCell;
			readonly sign: Sign;
			readonly beside?: readonly number[];
	  }
	/** no entry has that sign: of a row or objective row under the columns that may enter, or of a column in the rows */
	| {
			readonly code: 'none';
			readonly of: { readonly row: number | Goal } | { readonly column: number };
			readonly sign: Sign;
	  }
	/** two entries divided, by their sizes where their signs are written otherwise */
	| {
			readonly code: 'ratio';
			readonly over: WrittenCell;
			readonly under: WrittenCell;
			readonly value: Rational;
	  }
	/** raising the column by one changes the quantity (the author's objective, or the sum of the artificial variables) by so much */
	| { readonly code: 'rate'; readonly goal: Goal; readonly column: number; readonly change: Rational }
	/** a column comes to that value where another is raised by so much, or (null) as things stand; the other non-basic ones are at zero */
	| {
			readonly code: 'amount';
			readonly raised: number | null;
			readonly by: Rational;
			readonly column: number;
			readonly value: Rational;
	  }
	/** with a column raised by so much, the others at zero, the plan breaks a constraint of the problem */
	| { readonly code: 'broken'; readonly raised: number; readonly by: Rational; readonly constraint: string }
	/** what the author's objective is at the plan that stands here */
	| { readonly code: 'objective'; readonly value: Rational }
	/** a column that would not change the objective, and whether it can rise at all */
	| { readonly code: 'tied'; readonly column: number; readonly rises: boolean }
	| { readonly code: 'feasible'; readonly holds: boolean }
	| { readonly code: 'dual-feasible'; readonly holds: boolean }
);

/** Of a problem, decided by solving or enumerating it. */
export type ProblemClaim = { readonly problem: Problem } &
	/** with one number changed by so much, the best objective changes by `change`; null where there is no best plan then */
	(
		| {
				readonly code: 'worth';
				readonly of: Varied;
				readonly by: Rational;
				readonly change: Rational | null;
		  }
		| { readonly code: 'best'; readonly value: Rational }
		| { readonly code: 'status'; readonly status: 'infeasible' | 'unbounded' }
		/** no plan is better than that (no integer plan where `whole` is set) */
		| { readonly code: 'bound'; readonly value: Rational; readonly whole?: boolean }
		/** what the best integer plan is worth; null where there is none */
		| { readonly code: 'best-whole'; readonly value: Rational | null }
		/** a plan is a best one, or is not */
		| { readonly code: 'optimal-plan'; readonly plan: Plan; readonly holds: boolean }
		/** what the left side of a constraint comes to at a plan, and whether the constraint holds there */
		| {
				readonly code: 'side';
				readonly constraint: string;
				readonly plan: Plan;
				readonly value: Rational;
				readonly holds: boolean;
		  }
		/** were these rows' artificial variables charged at any more than that, the best plan would have them at zero */
		| { readonly code: 'enough'; readonly rows: readonly string[]; readonly charge: Rational }
	);

/** What a change of one number by so much is really worth. */
export type WorthClaim = Extract<Claim, { code: 'worth' }>;
