import type { Bare, ByCode } from '../sentence/coded';
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
	| ByCode<{
			infeasible: Bare;
			unbounded: Bare;
			/** its plan is whole: the incumbent now */
			whole: Bare;
			/** its bound, or its parent's, is no better than the incumbent; `reachable` is what integer plans can reach */
			bound: { whose: 'own' | 'parent'; bound: Rational; reachable: Rational; incumbent: Rational };
			branched: { variable: string; value: Rational };
	  }>
	| NoWholeSolution;

/** Why a search ended without an answer, or with which certificate it ended. */
export type SearchFinding =
	| ByCode<{
			'dual-cycled': Bare;
			'no-row-to-cut': Bare;
			/** the region leaves these variables without an end */
			'may-not-end': { variables: readonly string[]; nodes: number };
			/** the numbers of the tableau grow with each cut */
			'numbers-grow': { digits: number; cuts: number };
	  }>
	| StopReason
	| NoWholeSolution;

/** Why one way to the best integer plan was stopped, cannot be taken, or went otherwise than its name says. */
export type WayFinding =
	| ByCode<{
			'begun-again-with-covers': Bare;
			'too-many-points': { count: bigint };
			'endless-points': Bare;
	  }>
	| SearchFinding;
