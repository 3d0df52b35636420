import type { Tableau } from '../tableau/tableau';

export type EnteringRule = 'dantzig' | 'bland' | 'greatest-improvement' | 'steepest-edge';
export type TieRule = 'lowest-index' | 'lexicographic';

/** How a method chooses when nobody chooses by hand. */
export interface Rule {
	readonly entering: EnteringRule;
	readonly ties: TieRule;
}

export const DANTZIG: Rule = { entering: 'dantzig', ties: 'lowest-index' };
export const BLAND: Rule = { entering: 'bland', ties: 'lowest-index' };

/** A pivot: kernel row and position, and the columns that trade places there. */
export interface Choice {
	readonly row: number;
	readonly position: number;
	readonly entering: number;
	readonly leaving: number;
}

/** Which part of which method a step belongs to. */
export type Phase = 'primal' | 'phase-one' | 'phase-two' | 'big-m' | 'dual' | 'repair' | 'drive-out';

/** One step of a method, with the tableau it led to. */
export interface Step {
	readonly kind: 'start' | 'pivot' | 'phase' | 'cut';
	readonly phase: Phase;
	readonly tableau: Tableau;
	readonly choice?: Choice;
	/** the rule that chose; absent where a person did */
	readonly rule?: Rule;
	/** what happened besides, in a sentence: a change of phase, a change of rule */
	readonly note?: string;
}

/** How a method ended. */
export type Outcome =
	| { readonly status: 'optimal'; readonly tableau: Tableau }
	/** raising the column at this position improves the objective for ever */
	| { readonly status: 'unbounded'; readonly tableau: Tableau; readonly position: number }
	/** the row contradicts itself, or (row null) the artificials cannot all be zero */
	| { readonly status: 'infeasible'; readonly tableau: Tableau; readonly row: number | null }
	/** the basis came back after so many pivots */
	| { readonly status: 'cycle'; readonly tableau: Tableau; readonly length: number };

export type Method = Generator<Step, Outcome>;
