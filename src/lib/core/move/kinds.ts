import type { Remark } from '../commentary/findings';
import type { Sentence } from '../sentence/sentence';
import type { Rule } from '../method/rule';
import { artificial } from './artificial';
import { basis } from './basis';
import { begin } from './begin';
import { branch } from './branch';
import { change } from './change';
import { combine } from './combine';
import { cut } from './cut';
import { drop } from './drop';
import { inward } from './inward';
import { asStated } from './messages';
import { phase } from './phase';
import { pivot } from './pivot';
import type { Position, Result } from '../position/position';
import type { Move, MoveKind, Naming, Offer } from './types';

/** All kinds of moves, in the order in which they are offered. A new kind is one file and one line here. */
const KINDS: { readonly [K in Move['kind']]: MoveKind<Extract<Move, { kind: K }>> } = {
	basis,
	begin,
	pivot,
	phase,
	artificial,
	cut,
	combine,
	drop,
	branch,
	inward,
	change
};

const kindOf = (move: Move): MoveKind<Move> => KINDS[move.kind] as unknown as MoveKind<Move>;

/** Does a move, or says why it cannot be done here. */
export const perform = (position: Position, move: Move): Result => kindOf(move).perform(position, move);

/** The trail's line for a move; null stands for its beginning. */
export const labelOf = (move: Move | null, names: Naming): Sentence =>
	move ? kindOf(move).label(move, names) : asStated;

/** What a move did. */
export const tell = (before: Position, move: Move, after: Position): Remark =>
	kindOf(move).tell(before, move, after);

/** Everything that can be done at a position, but for pivots by hand and numbers changed where they stand. */
export const offers = (position: Position, rule: Rule): Offer[] =>
	Object.values(KINDS).flatMap((kind) => kind.offers(position, rule));
