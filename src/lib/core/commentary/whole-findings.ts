import type { Combined, CombineFault } from '../integer/combined';
import type { Cut } from '../integer/cut';
import type { Stated } from '../form/affine';
import type { Column } from '../form/types';
import type { Rational } from '../number/rational';
import type { Objective, Terms } from '../problem/types';
import type { Tableau } from '../tableau/tableau';

/** What is found of cuts, branches and bounds that became whole. */

/** What cuts and branches do. */
export type WholeFinding =
	/** the lines of a cut’s derivation: the row, its whole parts apart, why that is an inequality of whole numbers, the cut */
	| { readonly code: 'row-equation'; readonly row: CutRow }
	| { readonly code: 'parts-apart'; readonly row: CutRow }
	| { readonly code: 'left-side-whole'; readonly row: CutRow }
	| { readonly code: 'fractional-cut'; readonly row: CutRow }
	/** the lines of a mixed-integer cut’s: two ways to round, each term’s share of the way, their sum */
	| { readonly code: 'two-ways'; readonly row: CutRow }
	| { readonly code: 'shares'; readonly row: CutRow }
	| { readonly code: 'shares-add-up'; readonly row: CutRow }
	/** columns of a cut in the author’s variables */
	| { readonly code: 'columns-replaced'; readonly columns: readonly InVariables[] }
	/** the cut in the tableau's columns, where its row was in other units */
	| { readonly code: 'cut-in-columns'; readonly t: Tableau; readonly cut: Cut }
	| { readonly code: 'nonbasic-violate' }
	| { readonly code: 'cut-in-variables'; readonly cut: Stated }
	| { readonly code: 'cut-not-in-variables' }
	| { readonly code: 'broken-here'; readonly by: Rational }
	| { readonly code: 'satisfied-here' }
	| { readonly code: 'slack-basic'; readonly column: Column; readonly value: Rational }
	/** the lines of a cut composed of constraints: their sum, coefficients rounded down, the right-hand side rounded or whole already */
	| {
			readonly code: 'rows-added';
			readonly multipliers: ReadonlyMap<string, Rational>;
			readonly sum: Combined['sum'];
	  }
	| { readonly code: 'coefficients-rounded'; readonly cut: Combined['sum'] }
	| { readonly code: 'rhs-whole-already' }
	| { readonly code: 'rhs-rounded'; readonly cut: Combined['sum'] }
	| { readonly code: 'cannot-compose'; readonly fault: CombineFault }
	/** cuts that left, by number; `stays` where the point stays the best of the relaxation without them */
	| { readonly code: 'cuts-not-binding'; readonly numbers: readonly number[]; readonly stays: boolean }
	| { readonly code: 'branched'; readonly variable: string; readonly value: Rational }
	| { readonly code: 'branch-bound'; readonly objective: Objective; readonly bound: Rational }
	| { readonly code: 'bounds-rounded'; readonly bounds: readonly RoundedBound[] }
	| { readonly code: 'bounds-implied'; readonly bounds: readonly Omit<RoundedBound, 'from'>[] }
	| { readonly code: 'measured-from-whole' }
	| { readonly code: 'bounds-whole-already' };

/** A column as a sum of the author’s variables. */
export interface InVariables {
	readonly column: Column;
	readonly constant: Rational;
	readonly terms: Terms;
}

/** A row from which a cut is derived: of a basic variable, or (null) the objective’s. Entries are in units in which columns are whole. */
export interface CutRow {
	readonly basic: Column | null;
	readonly objective: Objective;
	readonly terms: readonly {
		readonly column: Column;
		readonly index: number;
		/** what the column was multiplied by, with its row */
		readonly scale: Rational;
		readonly value: Rational;
		readonly whole: boolean;
		/** its coefficient in the cut */
		readonly gain: Rational;
	}[];
	readonly rhs: Rational;
	/** the cut’s right-hand side */
	readonly least: Rational;
}

/** A bound of a whole variable that became another. */
export interface RoundedBound {
	readonly variable: string;
	readonly relation: '<=' | '>=';
	readonly from: Rational;
	readonly to: Rational;
}
