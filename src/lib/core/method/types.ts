import type { Tableau } from '../tableau/tableau';
import type { Finding } from './findings';

/** Parts of methods, what they decide, and how a run goes and ends. */

/** A pivot: kernel row and slot, and the columns that trade places there. */
export interface Choice {
	readonly row: number;
	readonly slot: number;
	readonly entering: number;
	readonly leaving: number;
}

/** The part of a method that is at work. */
export const PARTS = ['primal', 'phase-one', 'phase-two', 'big-m', 'dual', 'repair'] as const;
export type Part = (typeof PARTS)[number];

/** A tableau with the part of a method that works on it. */
export interface Work {
	readonly tableau: Tableau;
	readonly part: Part;
}

/** How a method ends. */
export type End =
	| { readonly status: 'optimal'; readonly tableau: Tableau }
	/** raising the column at this slot improves the objective for ever */
	| { readonly status: 'unbounded'; readonly tableau: Tableau; readonly slot: number }
	/** the row contradicts itself, or (row null) the artificials cannot all be zero */
	| { readonly status: 'infeasible'; readonly tableau: Tableau; readonly row: number | null };

/** What stands in a method's way. */
export type Trouble = 'vacant-rows' | 'not-feasible' | 'not-dual-feasible' | 'artificials-left';

/** What a method would do next, and why, as it is found at the tableau where it decides. */
export type Decision = { readonly because: readonly Finding[] } & (
	| { readonly kind: 'pivot'; readonly choice: Choice; readonly driveOut?: boolean }
	| { readonly kind: 'hand-over'; readonly to: Part }
	| { readonly kind: 'end'; readonly end: End }
	| { readonly kind: 'stuck'; readonly trouble: Trouble }
);

/** How a run ended: as its method ends, or because a basis came back after so many pivots. */
export type Outcome = End | { readonly status: 'cycle'; readonly tableau: Tableau; readonly length: number };

/** One step of a run, with the tableau it led to. */
export interface Step {
	readonly kind: 'start' | 'pivot' | 'phase' | 'cut';
	readonly part: Part | 'drive-out';
	readonly tableau: Tableau;
	readonly choice?: Choice;
	/** what happened besides, found at the tableau before: a change of phase, a change of rule */
	readonly note?: { readonly at: Tableau; readonly found: readonly Finding[] };
}

export type Run = Generator<Step, Outcome>;
