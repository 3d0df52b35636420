import type { Remark } from '../commentary/findings';
import type { Each } from '../sentence/coded';
import type { Sentence } from '../sentence/sentence';
import type { OfferFinding, Way } from '../commentary/offer-findings';
import { RULE_NAMES, type Rule } from '../method/rule';
import { PARTS } from '../method/types';
import {
	byKey,
	closed,
	exactNumber,
	flag,
	kinds,
	list,
	oneOf,
	oneWith,
	optional,
	record,
	text,
	type Of
} from '../problem/shape';
import type { Position, Result } from '../position/position';

/** The moves, each a small value that can be kept, and what every kind of them can tell. */

/** Ways to start: by a method, as a teacher would choose, or with the rows that need it left without a basic variable. */
export const WAYS = [
	'auto',
	'primal',
	'two-phase',
	'big-m',
	'dual',
	'repair',
	'by-hand'
] as const satisfies readonly Way[];
export type { Way };

/** the id of a column, or a lasting key */
const id = text(100);
const multipliers = byKey(exactNumber, { most: 500, longest: 100 });

/** What each kind of move consists of, numbers as text as everything that is kept: its type, check and schema are made from this. */
const FIELDS = {
	/** `standing`: where it suits, from a basis that stands in the problem already; older trails do not say so and add artificial variables */
	begin: { way: oneOf(WAYS), equalities: oneOf(['one-row', 'two-rows']), standing: optional(flag) },
	/** an artificial variable in one row (by the id of its column), or in every row without a basic variable (`all`) */
	artificial: { column: id },
	/** columns that trade places; `outside` where the basis was not feasible after it when it was made */
	pivot: { enter: id, leave: id, by: oneOf(['hand', ...RULE_NAMES]), outside: optional(flag) },
	/** a basis chosen by its columns, reached in one move */
	basis: { columns: list(id, 500, 1) },
	/** one part of a method hands over to another */
	phase: { to: oneOf(PARTS) },
	/**
	 * a cutting plane from the row of a basic column, or from the objective row (`objective`); which of Gomory's cuts is asked for may be said, else
	 * it is the fractional one wherever that is right
	 */
	cut: { row: id, cut: optional(oneOf(['fractional', 'mixed-integer'])) },
	/** a cutting plane composed of constraints (by lasting keys), times numbers, rounded down */
	combine: { multipliers },
	/** the cuts that do not bind any more leave the tableau */
	drop: {},
	/** a bound that splits a fractional value: a variable by its lasting key, a whole number */
	branch: { variable: id, relation: oneOf(['<=', '>=']), value: exactNumber },
	/** bounds of whole-number variables that are fractional become whole, inward; one that has none gets what the constraints imply */
	inward: {},
	/** one number of the problem changed (by lasting keys), or a constraint added */
	change: {
		change: oneWith({
			rhs: closed({ rhs: id, value: exactNumber }),
			cost: closed({ cost: id, value: exactNumber }),
			add: closed({
				add: record({
					name: text(40),
					terms: multipliers,
					relation: oneOf(['<=', '>=', '=']),
					rhs: exactNumber
				})
			})
		})
	}
} as const;

/** What a teacher does with a problem; small enough to be kept, and done anew from any position that allows it. */
export const MOVE = kinds(FIELDS);
export type Move = Of<typeof MOVE>;
type Kind<K extends Move['kind']> = Extract<Move, { kind: K }>;
export type BeginMove = Kind<'begin'>;
export type ArtificialMove = Kind<'artificial'>;
export type PivotMove = Kind<'pivot'>;
export type BasisMove = Kind<'basis'>;
export type PhaseMove = Kind<'phase'>;
export type CutMove = Kind<'cut'>;
export type CombineMove = Kind<'combine'>;
export type DropMove = Kind<'drop'>;
export type BranchMove = Kind<'branch'>;
export type InwardMove = Kind<'inward'>;
export type ChangeMove = Kind<'change'>;

/** Something that can be done where one stands. */
export interface Offer {
	readonly move: Move;
	readonly found: OfferFinding;
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

/** Why no row gives a cut where a run has ended. */
export type NoCut =
	| Each<'nothing-to-cut-off' | 'cuts-leave-nothing' | 'no-plan-at-all' | 'all-whole', unknown>
	| { readonly code: 'columns-not-whole'; readonly variables: readonly string[] };
