import type { Rational } from '../number/rational';
import type { RowOwner } from '../problem/row-owner';
import type { Problem, Relation, Sense } from '../problem/types';

/** Standard form: columns, rows, what became of each variable, and the changes on the way. */

/** What a column or row of standard form stands for in the author's problem. */
export type Owner = { readonly kind: 'variable'; readonly name: string } | RowOwner;

/**
 * `vacant`: holds the place of the basic variable that a row does not have yet. It must be zero, may not enter, and is not shown;
 * given the kind `artificial` it becomes the artificial variable of its row.
 */
export type ColumnKind = 'structural' | 'slack' | 'surplus' | 'artificial' | 'vacant';

/** A non-negative variable of standard form. */
export interface Column {
	/** stays the same when the problem is edited elsewhere, so that a trail can name it */
	readonly id: string;
	/** as shown: x1, s2, a1 */
	readonly name: string;
	/** its place among the form's columns, from 1 on: what running numbers are made of */
	readonly order?: number;
	readonly kind: ColumnKind;
	readonly owner: Owner;
	/** whose names come first: what a notation calls a column depends on what those are called */
	readonly after?: NamedBefore;
}

/** What was named before a column: the author's names (variables and objective), and the column before it. */
export interface NamedBefore {
	readonly author: ReadonlySet<string>;
	readonly column: Column | null;
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

/** One change on the way to standard form, as data; `sentence/form-words.ts` puts it into words. */
export type FormChange = {
	/** whose it is; the objective's is nobody's */
	readonly owner: Owner | null;
	/** the column that it brought */
	readonly column?: Column;
} & (
	| { readonly kind: 'maximise'; readonly objective: string }
	/** a variable that can only be its bound, is measured from its lower one, or from its upper one */
	| { readonly kind: 'fix' | 'shift' | 'mirror'; readonly owner: Owner; readonly bound: Rational }
	| { readonly kind: 'split-variable'; readonly owner: Owner; readonly minus: Column }
	| { readonly kind: 'split-equality' | 'bound-row' | 'slack' | 'surplus'; readonly owner: Owner }
	| {
			readonly kind: 'negate-row';
			readonly owner: Owner;
			/** so that it reads ≤, since its right-hand side is negative, or since it is 0 and ≤ needs no artificial variable */
			readonly why: 'at-most' | 'negative' | 'zero';
	  }
	| { readonly kind: 'artificial' | 'vacant'; readonly owner: Owner; readonly isEquality: boolean }
);

/** A linear expression while a problem is on its way to standard form: in variables not replaced yet and in columns. */
export interface MixedTerm {
	readonly of: Column | { readonly variable: string };
	readonly coefficient: Rational;
}

/** The problem between two changes on its way to standard form. */
export interface System {
	readonly sense: Sense;
	/** whether the negative of the author's objective stands here */
	readonly negated: boolean;
	readonly objective: readonly MixedTerm[];
	readonly constant: Rational;
	readonly rows: readonly {
		readonly owner: Owner;
		readonly terms: readonly MixedTerm[];
		readonly relation: Relation;
		readonly rhs: Rational;
	}[];
}

/**
 * How rows get their first basic variable. `slack`: each inequality by its slack, whatever its sign; `artificial`: right-hand sides are not
 * negative, and rows without a usable slack get an artificial variable; `vacant`: the same, but such rows stay without.
 */
export type StartKind = 'slack' | 'artificial' | 'vacant';

export interface FormOptions {
	readonly start: StartKind;
	/** whether an equality stays one row (then without a slack) or is written as two inequalities */
	readonly equalities: 'one-row' | 'two-rows';
}

/** A problem in standard form: maximise, equations, non-negative columns, a unit column to start from in every row. */
export interface Form {
	readonly problem: Problem;
	readonly options: FormOptions;
	readonly columns: readonly Column[];
	readonly rows: readonly FormRow[];
	/** coefficients of the quantity maximised (the objective, or its negative for a minimum), by column index */
	readonly costs: ReadonlyMap<number, Rational>;
	readonly constant: Rational;
	readonly substitutions: readonly Substitution[];
	readonly changes: readonly FormChange[];
}
