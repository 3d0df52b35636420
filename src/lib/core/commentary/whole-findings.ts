import type { Bare, ByCode } from '../sentence/coded';
import type { Combined, CombineFault } from '../integer/combined';
import type { Cut } from '../integer/cut';
import type { Stated } from '../form/affine';
import type { Column } from '../form/types';
import type { Rational } from '../number/rational';
import type { Objective, Terms } from '../problem/types';
import type { Tableau } from '../tableau/tableau';

/** What is found of cuts, branches and bounds that became whole. */

/** What cuts and branches do. */
export type WholeFinding = ByCode<{
	/** the lines of a cut’s derivation: the row, its whole parts apart, why that is an inequality of whole numbers, the cut */
	'row-equation': { row: CutRow };
	'parts-apart': { row: CutRow };
	'left-side-whole': { row: CutRow };
	'fractional-cut': { row: CutRow };
	/** the lines of a mixed-integer cut’s: two ways to round, each term’s share of the way, their sum */
	'two-ways': { row: CutRow };
	shares: { row: CutRow };
	'shares-add-up': { row: CutRow };
	/** columns of a cut in the author’s variables */
	'columns-replaced': { columns: readonly InVariables[] };
	/** the cut in the tableau's columns, where its row was in other units */
	'cut-in-columns': { t: Tableau; cut: Cut };
	'nonbasic-violate': Bare;
	'cut-in-variables': { cut: Stated };
	'cut-not-in-variables': Bare;
	'broken-here': { by: Rational };
	'satisfied-here': Bare;
	'slack-basic': { column: Column; value: Rational };
	/** the lines of a cut composed of constraints: their sum, coefficients rounded down, the right-hand side rounded or whole already */
	'rows-added': { multipliers: ReadonlyMap<string, Rational>; sum: Combined['sum'] };
	'coefficients-rounded': { cut: Combined['sum'] };
	'rhs-whole-already': Bare;
	'rhs-rounded': { cut: Combined['sum'] };
	'cannot-compose': { fault: CombineFault };
	/** cuts that left, by number; `stays` where the point stays the best of the relaxation without them */
	'cuts-not-binding': { numbers: readonly number[]; stays: boolean };
	branched: { variable: string; value: Rational };
	'branch-bound': { objective: Objective; bound: Rational };
	'bounds-rounded': { bounds: readonly RoundedBound[] };
	'bounds-implied': { bounds: readonly Omit<RoundedBound, 'from'>[] };
	'measured-from-whole': Bare;
	'bounds-whole-already': Bare;
}>;

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
