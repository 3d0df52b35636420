import type { Bare, ByCode } from '../sentence/coded';
import type { Column, Owner } from '../form/types';
import type { CombineFault } from '../integer/combined';
import type { Part } from '../method/types';
import type { Rational } from '../number/rational';

/** Why a move cannot be done where one stands; `move/messages.ts` has the words. */
export type Refusal = ByCode<{
	'nothing-begun': Bare;
	'already-begun': Bare;
	/** the method at work cannot go on by itself */
	'not-by-rule': Bare;
	/** no pivots along edges lead there */
	'no-way': Bare;
	/** the statement no longer has the column, row or variable of this id */
	unknown: { id: string };
	'not-basic': { enter: Column; leave: Column };
	/** an artificial variable that has left does not come back */
	'set-aside': { column: Column };
	'zero-entry': { enter: Column; leave: Column };
	/** a step that kept the region when it was taken would leave it with the numbers of now */
	'leaves-region': Bare;
	/** the column is a sum of multiples of the others; of none where it is 0 */
	'dependent-columns': {
		column: Column;
		others: readonly { readonly factor: Rational; readonly column: Column }[];
	};
	'basis-size': { rows: number; chosen: number };
	'no-longer-basis': Bare;
	'row-has-basic': { row: Owner; basic: Column };
	'every-row-has-basic': Bare;
	'no-artificials': Bare;
	'still-vacant': { rows: readonly Owner[] };
	'artificials-not-zero': { sum: Rational };
	'part-at-work': { part: Part };
	/** what the row stands for (its basic variable, or the objective by its name) need not be whole, or is */
	'no-cut-from-row': { row: Column | string };
	/** variables whose columns are not whole at integer plans */
	'cuts-need-whole-columns': { variables: readonly string[] };
	'not-fractional-cut': { row: Column | string; columns: readonly Column[] };
	'not-composed': { fault: CombineFault };
	'every-cut-binds': Bare;
	'bounds-in-use': Bare;
	'need-not-be-whole': { variable: string };
	'branch-not-whole': { value: Rational };
	/** what a branch or changed bound would ask holds already, by the row of this name */
	'holds-already': { name: string };
	'not-optimal': Bare;
	'cuts-stand': Bare;
	'not-a-number': { message: string };
	'no-name': { name: string };
	'name-taken': { name: string };
	'foreign-variable': { name: string };
	'same-number': Bare;
}>;
