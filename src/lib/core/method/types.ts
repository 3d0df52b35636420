import type { Sentence } from '../sentence/sentence';
import type { Tableau } from '../tableau/tableau';

/** Rules, parts of methods, what they decide, and how a run goes and ends. */

export const ENTERING_RULES = ['dantzig', 'bland', 'greatest-improvement', 'steepest-edge'] as const;
export type EnteringRule = (typeof ENTERING_RULES)[number];
export type TieRule = 'lowest-index' | 'lexicographic';

/** How a method chooses when nobody chooses by hand. */
export interface Rule {
	readonly entering: EnteringRule;
	readonly ties: TieRule;
}

export const DANTZIG: Rule = { entering: 'dantzig', ties: 'lowest-index' };
export const BLAND: Rule = { entering: 'bland', ties: 'lowest-index' };

/** The rules by the names that requests and lessons use. */
export const RULE_NAMES = [...ENTERING_RULES, 'lexicographic'] as const;
export type RuleName = (typeof RULE_NAMES)[number];

/** The rule that a name stands for. */
export const ruleNamed = (name: RuleName): Rule =>
	name === 'lexicographic'
		? { entering: 'dantzig', ties: 'lexicographic' }
		: { entering: name, ties: 'lowest-index' };

/** A pivot: kernel row and position, and the columns that trade places there. */
export interface Choice {
	readonly row: number;
	readonly position: number;
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
	/** raising the column at this position improves the objective for ever */
	| { readonly status: 'unbounded'; readonly tableau: Tableau; readonly position: number }
	/** the row contradicts itself, or (row null) the artificials cannot all be zero */
	| { readonly status: 'infeasible'; readonly tableau: Tableau; readonly row: number | null };

/** What stands in a method's way. */
export type Trouble = 'vacant-rows' | 'not-feasible' | 'not-dual-feasible' | 'artificials-left';

/** What a method would do next, and why; the reasons are put into words only where somebody asks. */
export type Decision = { readonly because: () => readonly Sentence[] } & (
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
	/** what happened besides: a change of phase, a change of rule */
	readonly note?: () => readonly Sentence[];
}

export type Run = Generator<Step, Outcome>;
