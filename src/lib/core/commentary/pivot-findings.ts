import type { Bare, ByCode } from '../sentence/coded';
import type { Column } from '../form/types';
import type { Finding } from '../method/findings';
import type { PivotJudgement } from '../method/hand';
import type { Choice } from '../method/types';
import type { Rational } from '../number/rational';
import type { Objective, Plan, Problem } from '../problem/types';
import type { Goal } from '../tableau/goal';
import type { Tableau } from '../tableau/tableau';
import type { Change, UnitRate } from './change';

/** What is found of a pivot, once it is done and before. */

/** What a pivot did, and why it was that one; `t` is the tableau before it. */
export type PivotFinding = ByCode<{
	/** why it is made, as the method found it, or null where it was chosen by hand */
	entered: { t: Tableau; choice: Choice; because: Finding | null; rate: UnitRate };
	left: { t: Tableau; choice: Choice };
	/** it reached 0 first, with these other rows */
	'left-first': { t: Tableau; choice: Choice; tied: readonly number[] };
	'left-because': { t: Tableau; choice: Choice; because: Finding | null };
	'entered-after': { t: Tableau; choice: Choice };
	/** it raises a negative basic variable */
	'entered-to-repair': { t: Tableau; choice: Choice; because: Finding | null };
	/** a row without basic variable got one; an artificial variable at zero went */
	'basic-there': { t: Tableau; choice: Choice };
	'took-place': { t: Tableau; choice: Choice };
	/** ratios that were compared: in the entering column over these rows, or along the row over these positions */
	'ratios-compared': { t: Tableau; choice: Choice; rows: readonly number[] };
	'repair-ratios-compared': { t: Tableau; choice: Choice; rows: readonly number[] };
	'row-ratios-compared': { t: Tableau; choice: Choice; positions: readonly number[] };
	/** what became of the objective, and of the sum of artificial variables where there is one; `stood` where the step had length 0 */
	'objective-moved': {
		objective: Objective;
		change: Change;
		sum: { readonly goal: Goal; readonly change: Change } | null;
		stood: boolean;
	};
	/** what a pivot by hand breaks */
	'entry-has-wrong-sign': { t: Tableau; choice: Choice };
	'ratio-not-least': { t: Tableau; choice: Choice; least: NonNullable<PivotJudgement['smallerRatio']> };
	/** basic variables that are negative now; `inRegion` where that is only how a point of the region is written */
	'feasibility-lost': {
		t: Tableau;
		after: Tableau;
		negative: PivotJudgement['newlyNegative'];
		inRegion: boolean;
	};
	'dual-feasibility-lost': { t: Tableau; after: Tableau; goal: Goal };
	'wrong-way': { t: Tableau; choice: Choice; goal: Goal };
}>;

/** What a pivot would do; `t` is the tableau before it. */
export type PreviewFinding = ByCode<{
	'entry-is-zero': Bare;
	/** the ratio here, and a smaller one of another row */
	'ratio-here': { t: Tableau; choice: Choice; ratio: Rational; smaller: PivotJudgement['smallerRatio'] };
	/** `each`: the change for each unit of the ratio; null where there is none */
	'objective-would': { objective: Objective; change: Change; ratio: Rational; each: Rational | null };
	'plan-would': { problem: Problem; plan: Plan };
	'none-would-be-negative': Bare;
	/** basic variables that would be negative; `inRegion` as of a pivot that is done */
	'would-be-negative': {
		negative: readonly { readonly column: Column; readonly value: Rational }[];
		inRegion: boolean;
	};
	/** how far a row lets a column rise: to a ratio of its right-hand side and its entry */
	'row-lets-rise': { basic: Column; top: Rational; entry: Rational; to: Rational };
	/** it sets no limit: its basic variable stays, or grows with the column */
	'row-sets-no-limit': { basic: Column; entry: Rational; grows: boolean };
}>;
