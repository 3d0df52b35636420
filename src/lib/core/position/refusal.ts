import type { Column, Owner } from '../form/types';
import type { CombineFault } from '../integer/combined';
import type { Part } from '../method/types';
import type { Rational } from '../number/rational';

/** Why a move cannot be done where one stands; `move/messages.ts` has the words. */
export type Refusal =
	| { readonly code: 'nothing-begun' }
	| { readonly code: 'already-begun' }
	/** the method at work cannot go on by itself */
	| { readonly code: 'not-by-rule' }
	/** no pivots along edges lead there */
	| { readonly code: 'no-way' }
	/** the statement no longer has the column, row or variable of this id */
	| { readonly code: 'unknown'; readonly id: string }
	| { readonly code: 'not-basic'; readonly enter: Column; readonly leave: Column }
	/** an artificial variable that has left does not come back */
	| { readonly code: 'set-aside'; readonly column: Column }
	| { readonly code: 'zero-entry'; readonly enter: Column; readonly leave: Column }
	/** a step that kept the region when it was taken would leave it with the numbers of now */
	| { readonly code: 'leaves-region' }
	/** the column is a sum of multiples of the others; of none where it is 0 */
	| {
			readonly code: 'dependent-columns';
			readonly column: Column;
			readonly others: readonly { readonly factor: Rational; readonly column: Column }[];
	  }
	| { readonly code: 'basis-size'; readonly rows: number; readonly chosen: number }
	| { readonly code: 'no-longer-basis' }
	| { readonly code: 'row-has-basic'; readonly row: Owner; readonly basic: Column }
	| { readonly code: 'every-row-has-basic' }
	| { readonly code: 'no-artificials' }
	| { readonly code: 'still-vacant'; readonly rows: readonly Owner[] }
	| { readonly code: 'artificials-not-zero'; readonly sum: Rational }
	| { readonly code: 'part-at-work'; readonly part: Part }
	/** what the row stands for (its basic variable, or the objective by its name) need not be whole, or is */
	| { readonly code: 'no-cut-from-row'; readonly row: Column | string }
	/** variables whose columns are not whole at integer plans */
	| { readonly code: 'cuts-need-whole-columns'; readonly variables: readonly string[] }
	| {
			readonly code: 'not-fractional-cut';
			readonly row: Column | string;
			readonly columns: readonly Column[];
	  }
	| { readonly code: 'not-composed'; readonly fault: CombineFault }
	| { readonly code: 'every-cut-binds' }
	| { readonly code: 'bounds-in-use' }
	| { readonly code: 'need-not-be-whole'; readonly variable: string }
	| { readonly code: 'branch-not-whole'; readonly value: Rational }
	/** what a branch or changed bound would ask holds already, by the row of this name */
	| { readonly code: 'holds-already'; readonly name: string }
	| { readonly code: 'not-optimal' }
	| { readonly code: 'cuts-stand' }
	| { readonly code: 'not-a-number'; readonly message: string }
	| { readonly code: 'no-name'; readonly name: string }
	| { readonly code: 'name-taken'; readonly name: string }
	| { readonly code: 'foreign-variable'; readonly name: string }
	| { readonly code: 'same-number' };
