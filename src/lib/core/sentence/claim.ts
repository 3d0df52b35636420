import type { ByCode } from './coded';
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
export type TableauClaim = { readonly t: Tableau } & ByCode<{
	sign: { cell: WrittenCell; sign: Sign };
	value: { cell: WrittenCell; value: Rational };
	/** of all entries of an objective row that may be chosen, or of all right-hand sides, none is further on that side of zero; but for columns with M */
	most: { cell: WrittenCell; sign: Sign; beside?: readonly number[] };
	/** no entry has that sign: of a row or objective row under the columns that may enter, or of a column in the rows */
	none: { of: { readonly row: number | Goal } | { readonly column: number }; sign: Sign };
	/** two entries divided, by their sizes where their signs are written otherwise */
	ratio: { over: WrittenCell; under: WrittenCell; value: Rational };
	/** raising the column by one changes the quantity (the author's objective, or the sum of the artificial variables) by so much */
	rate: { goal: Goal; column: number; change: Rational };
	/** a column comes to that value where another is raised by so much, or (null) as things stand; the other non-basic ones are at zero */
	amount: { raised: number | null; by: Rational; column: number; value: Rational };
	/** with a column raised by so much, the others at zero, the plan breaks a constraint of the problem */
	broken: { raised: number; by: Rational; constraint: string };
	/** what the author's objective is at the plan that stands here */
	objective: { value: Rational };
	/** a column that would not change the objective, and whether it can rise at all */
	tied: { column: number; rises: boolean };
	feasible: { holds: boolean };
	'dual-feasible': { holds: boolean };
}>;

/** Of a problem, decided by solving or enumerating it. */
export type ProblemClaim = { readonly problem: Problem } & ByCode<{
	worth: { of: Varied; by: Rational; change: Rational | null };
	best: { value: Rational };
	status: { status: 'infeasible' | 'unbounded' };
	/** no plan is better than that (no integer plan where `whole` is set) */
	bound: { value: Rational; whole?: boolean };
	/** what the best integer plan is worth; null where there is none */
	'best-whole': { value: Rational | null };
	/** a plan is a best one, or is not */
	'optimal-plan': { plan: Plan; holds: boolean };
	/** what the left side of a constraint comes to at a plan, and whether the constraint holds there */
	side: { constraint: string; plan: Plan; value: Rational; holds: boolean };
	/** were these rows' artificial variables charged at any more than that, the best plan would have them at zero */
	enough: { rows: readonly string[]; charge: Rational };
}>;

/** What a change of one number by so much is really worth. */
export type WorthClaim = Extract<Claim, { code: 'worth' }>;
