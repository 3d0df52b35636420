import type { Sentence, Remark } from '../sentence/sentence';
import type { ChosenMethod } from '../method/solve';
import type { Part } from '../method/types';
import type { Rule, RuleName } from '../method/rule';
import type { Relation } from '../problem/types';
import type { Position, Result } from '../position/position';

/** The moves, each a small value that can be kept, and what every kind of them can tell. */

/** Ways to start: by a method, as a teacher would choose, or with the rows that need it left without a basic variable. */
export const WAYS = ['auto', 'primal', 'two-phase', 'big-m', 'dual', 'repair', 'by-hand'] as const;
export type Way = ChosenMethod | 'auto' | 'by-hand';

export interface BeginMove {
	readonly kind: 'begin';
	readonly way: Way;
	readonly equalities: 'one-row' | 'two-rows';
}

/** An artificial variable in one row (by the id of its column), or in every row without a basic variable. */
export interface ArtificialMove {
	readonly kind: 'artificial';
	readonly column: string | 'all';
}

/** Columns by their ids; `outside` where the basis was not feasible after it when it was made. */
export interface PivotMove {
	readonly kind: 'pivot';
	readonly enter: string;
	readonly leave: string;
	readonly by: RuleName | 'hand';
	readonly outside?: boolean;
}

/** A basis chosen by its columns (ids), reached in one move. */
export interface BasisMove {
	readonly kind: 'basis';
	readonly columns: readonly string[];
}

/** One part of a method hands over to another. */
export interface PhaseMove {
	readonly kind: 'phase';
	readonly to: Part;
}

/**
 * A cutting plane from the row of a basic column (by its id), or from the objective row. Which of Gomory's cuts is asked for may be said; else it
 * is the fractional one wherever that is right.
 */
export interface CutMove {
	readonly kind: 'cut';
	readonly row: string | 'objective';
	readonly cut?: 'fractional' | 'mixed-integer';
}

/** A cutting plane composed of constraints, times numbers (as text, by lasting keys), rounded down. */
export interface CombineMove {
	readonly kind: 'combine';
	readonly multipliers: Readonly<Record<string, string>>;
}

/** The cuts that do not bind any more leave the tableau. */
export interface DropMove {
	readonly kind: 'drop';
}

/** A bound that splits a fractional value: a variable by its lasting key, a whole number as text. */
export interface BranchMove {
	readonly kind: 'branch';
	readonly variable: string;
	readonly relation: '<=' | '>=';
	readonly value: string;
}

/** Bounds of whole-number variables that are fractional become whole, inward; one that has none gets what the constraints imply. */
export interface InwardMove {
	readonly kind: 'inward';
}

/** One number of the problem changed, or a constraint added; numbers as text, as everything that is kept. */
export interface ChangeMove {
	readonly kind: 'change';
	readonly change:
		| { readonly rhs: string; readonly value: string }
		| { readonly cost: string; readonly value: string }
		| {
				readonly add: {
					readonly name: string;
					/** by the variables' lasting keys */
					readonly terms: Readonly<Record<string, string>>;
					readonly relation: Relation;
					readonly rhs: string;
				};
		  };
}

/** What a teacher does with a problem; small enough to be kept, and done anew from any position that allows it. */
export type Move =
	| BeginMove
	| ArtificialMove
	| PivotMove
	| BasisMove
	| PhaseMove
	| CutMove
	| CombineMove
	| DropMove
	| BranchMove
	| InwardMove
	| ChangeMove;

/** Something that can be done where one stands. */
export interface Offer {
	readonly move: Move;
	readonly says: Sentence;
}

/** Everything that is to know about one kind of move; the list of kinds is all that others ask. */
export interface MoveKind<M extends Move> {
	/** Does the move, or says why it cannot be done here. */
	perform(position: Position, move: M): Result;
	/** The trail's line. */
	label(move: M, names: Naming): Sentence;
	/** What was done, at the position that it led to. */
	tell(before: Position, move: M, after: Position): Remark;
	/** What can be done of this kind. */
	offers(position: Position, rule: Rule): Offer[];
}

/** Says what the id of a column, or the lasting key of a constraint or variable, is called now. */
export interface Naming {
	column(id: string): Sentence;
	constraint(key: string): Sentence;
	variable(key: string): Sentence;
}
