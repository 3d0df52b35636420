import type { Column } from '../form/types';
import type { StepKind } from '../geometry/construction';
import type { Vector } from '../number/linear-algebra';
import type { Rational } from '../number/rational';
import type { Objective, Problem, Relation, Terms } from '../problem/types';

/** What is found of the region in the plane or in space: of its sides and corners, and at each step of its construction. */

/** A constraint or bound as its author states it; its line is where it holds with equality. */
export interface StatedSide {
	/** null for a bound */
	readonly constraint: string | null;
	readonly terms: Terms;
	readonly relation: Relation;
	readonly rhs: Rational;
}

/** A corner: what meets there, how its coordinates follow, and the objective there. */
export type CornerFinding =
	/** the columns that are basic at a corner, and not 0 there */
	| { readonly code: 'basic-at-corner'; readonly columns: readonly Column[] }
	/** on a number line: the one side that gives this end */
	| { readonly code: 'end-of-line'; readonly at: Vector; readonly sides: readonly StatedSide[] }
	| { readonly code: 'sides-meet'; readonly at: Vector; readonly sides: readonly StatedSide[] }
	/** two equations in two variables, one of which names one variable alone */
	| {
			readonly code: 'solved-by-putting-in';
			readonly single: StatedSide;
			readonly other: StatedSide;
			/** in the order in which they are named */
			readonly both: readonly [StatedSide, StatedSide];
			readonly names: readonly string[];
	  }
	| {
			readonly code: 'solved-by-adding';
			readonly both: readonly [StatedSide, StatedSide];
			readonly names: readonly string[];
	  }
	| { readonly code: 'sides-leave-one-point'; readonly at: Vector; readonly sides: readonly StatedSide[] }
	/** more sides meet than needed: these pairs give the corner */
	| {
			readonly code: 'degenerate-pairs';
			readonly pairs: readonly (readonly [StatedSide, StatedSide])[];
	  }
	| { readonly code: 'degenerate-corner'; readonly needed: number }
	| {
			readonly code: 'objective-there';
			readonly at: Vector;
			readonly value: Rational;
			readonly objective: Objective;
			readonly names: readonly string[];
	  };

interface Best {
	readonly objective: Objective;
	readonly value: Rational;
}

/** The conclusion that a picture allows. */
export type BestFinding =
	| { readonly code: 'no-plan-to-choose' }
	| { readonly code: 'improves-for-ever'; readonly objective: Objective; readonly way: Vector }
	| ({ readonly code: 'best-on-line'; readonly at: Vector; readonly way: Vector } & Best)
	| ({ readonly code: 'best-at-point'; readonly at: Vector } & Best)
	| ({ readonly code: 'best-on-edge'; readonly from: Vector; readonly to: Vector } & Best)
	| ({ readonly code: 'best-on-half-line'; readonly at: Vector } & Best)
	/** every best plan is `at + t·way`; t from 0 on, to 1 where it is a segment */
	| {
			readonly code: 'every-best-plan';
			readonly at: Vector;
			readonly way: Vector;
			readonly isSegment: boolean;
	  }
	| ({ readonly code: 'best-on-face'; readonly corners: readonly Vector[] } & Best)
	/** variables held fast: it is a slice, and says nothing of the whole problem */
	| {
			readonly code: 'slice';
			readonly held: readonly HeldVariable[];
			readonly objective: Objective;
			readonly best: 'none' | 'for-ever' | { readonly at: Vector; readonly value: Rational };
	  };

/** A variable that is held fast. */
export interface HeldVariable {
	readonly name: string;
	readonly amount: Rational;
}

/** What a step of the construction shows. */
export type BuildFinding =
	| { readonly code: 'plans-are-points'; readonly problem: Problem }
	| { readonly code: 'bound-leaves-out'; readonly side: StatedSide }
	| { readonly code: 'side-has-line'; readonly side: StatedSide; readonly width: number }
	/** a line at one value of a variable, whatever the others are */
	| { readonly code: 'line-at-value'; readonly side: StatedSide; readonly names: readonly string[] }
	/** points that draw a line, or where a plane meets the axes */
	| {
			readonly code: 'line-through';
			readonly side: StatedSide;
			readonly points: readonly Vector[];
			readonly names: readonly string[];
	  }
	| {
			readonly code: 'test-point';
			readonly side: StatedSide;
			readonly at: Vector;
			readonly left: Rational;
			readonly holds: boolean;
			readonly names: readonly string[];
	  }
	| { readonly code: 'side-stays'; readonly at: Vector; readonly holds: boolean }
	| { readonly code: 'only-line-stays'; readonly width: number }
	| { readonly code: 'empty-before' }
	| { readonly code: 'nothing-left'; readonly side: StatedSide }
	| { readonly code: 'cuts-off-nothing'; readonly side: StatedSide }
	| {
			readonly code: 'cuts-off';
			readonly side: StatedSide;
			readonly lost: readonly Vector[];
			readonly gained: readonly Vector[];
	  }
	| { readonly code: 'closed-now' }
	| { readonly code: 'region-shape'; readonly shape: RegionShape }
	/** on a number line: which way the objective gets better */
	| {
			readonly code: 'better-to-side';
			readonly objective: Objective;
			readonly name: string;
			readonly grows: boolean;
	  }
	| { readonly code: 'steepest-way'; readonly objective: Objective; readonly way: Vector }
	| { readonly code: 'equal-lines'; readonly objective: Objective; readonly width: number }
	/** from where to where the objective slides; null where it has no end there */
	| {
			readonly code: 'slides';
			readonly objective: Objective;
			readonly from: Rational | null;
			readonly to: Rational | null;
			readonly width: number;
	  };

/** What kind of set a region is, in space of `width` variables. */
export interface RegionShape {
	/** −1 where it is empty */
	readonly dimension: number;
	readonly isOpen: boolean;
	readonly hasLine: boolean;
	readonly corners: number;
	readonly width: number;
}

export type PictureFinding = CornerFinding | BestFinding | BuildFinding;

/** A step of the construction, and the side or corner that it is about. */
export interface BuildHeading {
	readonly code: 'build';
	readonly step: StepKind;
	readonly side: StatedSide | null;
	readonly corner: Vector | null;
	readonly width: number;
}

/** What is found of the objective's line, and of a picture without a region. */
export type ObjectiveLineFinding =
	/** the slopes of the objective's line between which a corner stays best; null is an upright line */
	| {
			readonly code: 'stays-best-between';
			readonly at: Vector;
			readonly slopes: readonly [Rational | null, Rational | null];
	  }
	/** the values that the objective takes in the region; null where there is no end */
	| { readonly code: 'values-in-region'; readonly low: Rational | null; readonly high: Rational | null }
	| { readonly code: 'objective-turned'; readonly terms: Terms }
	| {
			readonly code: 'sides-exclude';
			readonly names: readonly string[];
			/** where they would just meet, and by how much each constraint gives way there */
			readonly gap: { readonly at: Vector; readonly by: Rational } | null;
	  }
	| { readonly code: 'others-held'; readonly held: readonly HeldVariable[] }
	/** a point on the way along the best plans */
	| {
			readonly code: 'along-best';
			readonly along: Rational;
			readonly at: Vector;
			readonly value: Rational;
	  };
