import type { StopReason } from '../answer/findings';
import type { Rational } from '../number/rational';
import type { LatticeConflict } from './lattice';

/** What the searches for whole numbers find; `messages.ts` has the words. */

/** Equations that no whole numbers satisfy. */
export interface NoWholeSolution {
	readonly code: 'no-whole-solution';
	readonly conflict: LatticeConflict;
}

/** Why a node of the tree is closed, or how it is branched on. */
export type NodeFinding =
	| NoWholeSolution
	| { readonly code: 'infeasible' }
	| { readonly code: 'unbounded' }
	/** its plan is whole: the incumbent now */
	| { readonly code: 'whole' }
	/** its bound, or its parent's, is no better than the incumbent; `reachable` is what integer plans can reach */
	| {
			readonly code: 'bound';
			readonly whose: 'own' | 'parent';
			readonly bound: Rational;
			readonly reachable: Rational;
			readonly incumbent: Rational;
	  }
	| { readonly code: 'branched'; readonly variable: string; readonly value: Rational };

/** Why a search ended without an answer, or with which certificate it ended. */
export type SearchFinding =
	| StopReason
	| NoWholeSolution
	| { readonly code: 'dual-cycled' }
	| { readonly code: 'no-row-to-cut' }
	/** the region leaves these variables without an end */
	| { readonly code: 'may-not-end'; readonly variables: readonly string[]; readonly nodes: number }
	/** the numbers of the tableau grow with each cut */
	| { readonly code: 'numbers-grow'; readonly digits: number; readonly cuts: number };

/** Why one way to the best integer plan was stopped, cannot be taken, or went otherwise than its name says. */
export type WayFinding =
	| SearchFinding
	| { readonly code: 'begun-again-with-covers' }
	| { readonly code: 'too-many-points'; readonly count: bigint }
	| { readonly code: 'endless-points' };
