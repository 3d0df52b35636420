import type { Column } from '../form/types';
import type { Finding } from '../method/findings';
import type { PivotJudgement } from '../method/hand';
import type { Choice, Part } from '../method/types';
import type { Rational } from '../number/rational';
import type { Objective, Plan, Problem } from '../problem/types';
import type { Goal } from '../tableau/goal';
import type { Tableau } from '../tableau/tableau';

/** What is found of a pivot, once it is done and before. */

/** What a pivot did, and why it was that one; `t` is the tableau before it. */
export type PivotFinding =
	/** why it is made, as the method found it, or null where it was chosen by hand */
	| {
			readonly code: 'entered';
			readonly t: Tableau;
			readonly part: Part;
			readonly choice: Choice;
			readonly because: Finding | null;
	  }
	| { readonly code: 'left'; readonly t: Tableau; readonly choice: Choice }
	/** it reached 0 first, with these other rows */
	| {
			readonly code: 'left-first';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly tied: readonly number[];
	  }
	| {
			readonly code: 'left-because';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly because: Finding | null;
	  }
	| { readonly code: 'entered-after'; readonly t: Tableau; readonly choice: Choice }
	/** it raises a negative basic variable */
	| {
			readonly code: 'entered-to-repair';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly because: Finding | null;
	  }
	/** a row without basic variable got one; an artificial variable at zero went */
	| { readonly code: 'basic-there'; readonly t: Tableau; readonly choice: Choice }
	| { readonly code: 'took-place'; readonly t: Tableau; readonly choice: Choice }
	/** ratios that were compared: in the entering column over these rows, or along the row over these positions */
	| {
			readonly code: 'ratios-compared';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly rows: readonly number[];
	  }
	| {
			readonly code: 'repair-ratios-compared';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly rows: readonly number[];
	  }
	| {
			readonly code: 'row-ratios-compared';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly positions: readonly number[];
	  }
	/** what became of the objective, and of the artificial variables’ goal where there is one; `stood` where the step had length 0 */
	| {
			readonly code: 'objective-moved';
			readonly before: Tableau;
			readonly after: Tableau;
			readonly goal: Goal | null;
			readonly stood: boolean;
	  }
	/** what a pivot by hand breaks */
	| { readonly code: 'entry-has-wrong-sign'; readonly t: Tableau; readonly choice: Choice }
	| {
			readonly code: 'ratio-not-least';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly least: NonNullable<PivotJudgement['smallerRatio']>;
	  }
	/** basic variables that are negative now; `inRegion` where that is only how a point of the region is written */
	| {
			readonly code: 'feasibility-lost';
			readonly t: Tableau;
			readonly after: Tableau;
			readonly negative: PivotJudgement['newlyNegative'];
			readonly inRegion: boolean;
	  }
	| {
			readonly code: 'dual-feasibility-lost';
			readonly t: Tableau;
			readonly after: Tableau;
			readonly goal: Goal;
	  }
	| { readonly code: 'wrong-way'; readonly t: Tableau; readonly choice: Choice; readonly goal: Goal };

/** What a pivot would do; `t` is the tableau before it. */
export type PreviewFinding =
	| { readonly code: 'entry-is-zero' }
	/** the ratio here, and a smaller one of another row */
	| {
			readonly code: 'ratio-here';
			readonly t: Tableau;
			readonly choice: Choice;
			readonly ratio: Rational;
			readonly smaller: PivotJudgement['smallerRatio'];
	  }
	| {
			readonly code: 'objective-would';
			readonly objective: Objective;
			readonly from: Rational;
			readonly to: Rational;
			readonly ratio: Rational;
	  }
	| { readonly code: 'plan-would'; readonly problem: Problem; readonly plan: Plan }
	| { readonly code: 'none-would-be-negative' }
	/** basic variables that would be negative; `inRegion` as of a pivot that is done */
	| {
			readonly code: 'would-be-negative';
			readonly negative: readonly { readonly column: Column; readonly value: Rational }[];
			readonly inRegion: boolean;
	  }
	/** how far a row lets a column rise: to a ratio, or (null) without limit */
	| {
			readonly code: 'row-lets-rise';
			readonly t: Tableau;
			readonly row: number;
			readonly position: number;
			readonly to: Rational | null;
	  };
