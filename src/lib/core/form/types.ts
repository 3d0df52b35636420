import type { Rational } from '../number/rational';
import type { Problem } from '../problem/types';

/** What a column or row of standard form stands for in the author's problem. */
export type Owner =
	| { readonly kind: 'variable'; readonly name: string }
	| { readonly kind: 'constraint'; readonly name: string }
	| { readonly kind: 'bound'; readonly name: string }
	| { readonly kind: 'cut'; readonly name: string };

export type ColumnKind = 'structural' | 'slack' | 'surplus' | 'artificial';

/** A non-negative variable of standard form. */
export interface Column {
	/** stays the same when the problem is edited elsewhere, so that a trail can name it */
	readonly id: string;
	/** as shown: x1, s2, a1 */
	readonly name: string;
	readonly kind: ColumnKind;
	readonly owner: Owner;
}

/** An equation of standard form: `Σ entries · columns = rhs`, basic at the start in the column `start`. */
export interface FormRow {
	readonly owner: Owner;
	/** by column index; the start column's own coefficient, 1, is among them */
	readonly entries: ReadonlyMap<number, Rational>;
	readonly rhs: Rational;
	readonly start: number;
	/** −1 where the author's row was multiplied by −1, so that multipliers can be read back */
	readonly factor: 1 | -1;
}

/** How an author's variable is made of columns: `variable = offset + Σ factor · column`. */
export interface Substitution {
	readonly variable: string;
	readonly offset: Rational;
	readonly parts: readonly { readonly column: number; readonly factor: 1 | -1 }[];
}

export type ChangeKind =
	| 'maximise'
	| 'shift'
	| 'mirror'
	| 'split-variable'
	| 'fix'
	| 'bound-row'
	| 'split-equality'
	| 'negate-row'
	| 'slack'
	| 'surplus'
	| 'artificial';

/** One change on the way to standard form, with its reason in a sentence. */
export interface FormChange {
	readonly kind: ChangeKind;
	readonly owner: Owner | null;
	readonly column?: string;
	readonly reason: string;
}

/** How rows get their first basic variable. */
export type StartKind = 'slack' | 'artificial';

/** A problem in standard form: maximise, equations, non-negative columns, a unit column to start from in every row. */
export interface Form {
	readonly problem: Problem;
	readonly startKind: StartKind;
	readonly columns: readonly Column[];
	readonly rows: readonly FormRow[];
	/** coefficients of the quantity maximised (the objective, or its negative for a minimum), by column index */
	readonly costs: ReadonlyMap<number, Rational>;
	readonly constant: Rational;
	readonly substitutions: readonly Substitution[];
	readonly changes: readonly FormChange[];
}
