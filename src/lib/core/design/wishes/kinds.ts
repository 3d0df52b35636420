import type { Wish, WishName } from '../types';
import { answer } from './answer';
import { binding, fractional, rounding, wholeDuals, wholePlan, wholeValue } from './best-plan';
import { artificial, denominator, pivots, tie } from './method';
import { bounded, corners, degenerate, redundant, wholeCorners } from './region';
import type { WishKind } from './wish';

/** All kinds of wishes; a new one is one object and one line here. Page, search and the API's description read them from this list. */
export const WISH_KINDS: { readonly [K in WishName]: WishKind<K> } = {
	answer,
	'whole-plan': wholePlan,
	'whole-value': wholeValue,
	'whole-duals': wholeDuals,
	fractional,
	rounding,
	binding,
	corners,
	'whole-corners': wholeCorners,
	bounded,
	redundant,
	degenerate,
	pivots,
	tie,
	artificial,
	denominator
};

export const WISH_NAMES = Object.keys(WISH_KINDS) as WishName[];

/** The kind of a wish. */
export const kindOfWish = <K extends WishName>(kind: K): WishKind => WISH_KINDS[kind] as unknown as WishKind;

/** A wish in words. */
export const saysOf = (wish: Wish): string =>
	`${wish.not ? 'must not be: ' : ''}${kindOfWish(wish.kind).says(wish as never)}`;
