import type { Bare, ByCode } from '../sentence/coded';
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

/** A point that draws a line; where one variable alone is not 0 there, how it follows. */
export interface LinePoint {
	readonly at: Vector;
	readonly follows: {
		readonly zeros: readonly string[];
		readonly name: string;
		readonly factor: Rational;
		readonly rhs: Rational;
		readonly value: Rational;
	} | null;
}

/** What an equation gives for a variable once another is known: `factor · name = rhs − known·value = rest`, and so the variable. */
export interface PutIn {
	readonly name: string;
	readonly factor: Rational;
	readonly rhs: Rational;
	/** the known variable's coefficient and value; null where it takes nothing away */
	readonly known: { readonly factor: Rational; readonly value: Rational } | null;
	readonly rest: Rational;
	readonly value: Rational;
}

/** A corner: what meets there, how its coordinates follow, and the objective there. */
export type CornerFinding = ByCode<{
	/** the columns that are basic at a corner, and not 0 there */
	'basic-at-corner': { columns: readonly Column[] };
	/** on a number line: the one side that gives this end */
	'end-of-line': { at: Vector; sides: readonly StatedSide[] };
	'sides-meet': { at: Vector; sides: readonly StatedSide[] };
	/** two equations in two variables, one of which names one variable alone */
	'solved-by-putting-in': {
		/** in the order in which they are named */
		both: readonly [StatedSide, StatedSide];
		/** the variable that one names alone */
		name: string;
		value: Rational;
		then: PutIn;
	};
	/** `times` the first and the second, added or taken away: what is left of the first variable, and the second from the first equation */
	'solved-by-adding': {
		both: readonly [StatedSide, StatedSide];
		name: string;
		times: readonly [Rational, Rational];
		isTaken: boolean;
		factor: Rational;
		rest: Rational;
		value: Rational;
		then: PutIn;
	};
	'sides-leave-one-point': { at: Vector; sides: readonly StatedSide[] };
	/** more sides meet than needed: these pairs give the corner */
	'degenerate-pairs': { pairs: readonly (readonly [StatedSide, StatedSide])[] };
	'degenerate-corner': { needed: number };
	'objective-there': { at: Vector; value: Rational; objective: Objective; names: readonly string[] };
}>;

interface Best {
	readonly objective: Objective;
	readonly value: Rational;
}

/** The conclusion that a picture allows. */
export type BestFinding =
	| ByCode<{
			'no-plan-to-choose': Bare;
			'improves-for-ever': { objective: Objective; way: Vector };
			/** every best plan is `at + t·way`; t from 0 on, to 1 where it is a segment */
			'every-best-plan': { at: Vector; way: Vector; isSegment: boolean };
			/** variables held fast: it is a slice, and says nothing of the whole problem */
			slice: {
				held: readonly HeldVariable[];
				objective: Objective;
				best: 'none' | 'for-ever' | { readonly at: Vector; readonly value: Rational };
			};
	  }>
	| ({ readonly code: 'best-on-line'; readonly at: Vector; readonly way: Vector } & Best)
	| ({ readonly code: 'best-at-point'; readonly at: Vector } & Best)
	| ({ readonly code: 'best-on-edge'; readonly from: Vector; readonly to: Vector } & Best)
	| ({ readonly code: 'best-on-half-line'; readonly at: Vector } & Best)
	| ({ readonly code: 'best-on-face'; readonly corners: readonly Vector[] } & Best);

/** A variable that is held fast. */
export interface HeldVariable {
	readonly name: string;
	readonly amount: Rational;
}

/** What a step of the construction shows. */
export type BuildFinding = ByCode<{
	'plans-are-points': { problem: Problem };
	'bound-leaves-out': { side: StatedSide };
	'side-has-line': { side: StatedSide; width: number };
	/** a line at one value of a variable, whatever the others are */
	'line-at-value': { side: StatedSide; names: readonly string[] };
	/** points that draw a line, or where a plane meets the axes */
	'line-through': { points: readonly LinePoint[]; width: number };
	'test-point': { side: StatedSide; at: Vector; left: Rational; holds: boolean; names: readonly string[] };
	'side-stays': { at: Vector; holds: boolean };
	'only-line-stays': { width: number };
	'empty-before': Bare;
	'nothing-left': { side: StatedSide };
	'cuts-off-nothing': { side: StatedSide };
	'cuts-off': { side: StatedSide; lost: readonly Vector[]; gained: readonly Vector[] };
	'closed-now': Bare;
	'region-shape': { shape: RegionShape };
	/** on a number line: which way the objective gets better */
	'better-to-side': { objective: Objective; name: string; grows: boolean };
	'steepest-way': { objective: Objective; way: Vector };
	'equal-lines': { objective: Objective; width: number };
	/** from where to where the objective slides; null where it has no end there */
	slides: { objective: Objective; from: Rational | null; to: Rational | null; width: number };
}>;

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
export type ObjectiveLineFinding = ByCode<{
	/** the slopes of the objective's line between which a corner stays best; null is an upright line */
	'stays-best-between': { at: Vector; slopes: readonly [Rational | null, Rational | null] };
	/** the values that the objective takes in the region; null where there is no end */
	'values-in-region': { low: Rational | null; high: Rational | null };
	'objective-turned': { terms: Terms };
	'sides-exclude': {
		names: readonly string[];
		/** where they would just meet, and by how much each constraint gives way there */
		gap: { readonly at: Vector; readonly by: Rational } | null;
	};
	'others-held': { held: readonly HeldVariable[] };
	/** a point on the way along the best plans */
	'along-best': { along: Rational; at: Vector; value: Rational };
}>;
