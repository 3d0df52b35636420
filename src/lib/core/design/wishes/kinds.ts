import { en } from '../../language/language';
import type { Wish, WishName } from '../types';
import { allUsed, answer, bestDimension, conflict, noZero } from './answer';
import { binding, fractional, rounding, wholeDuals, wholePlan, wholeValue } from './best-plan';
import { bothDegenerate, dualDenominator, interval, worthlessLimit } from './duals';
import {
	artificial,
	cycle,
	denominator,
	enteringTie,
	morePivots,
	phaseOneDegenerate,
	pivots,
	start,
	tie,
	zeroStep
} from './method';
import { largerRatio, misreadColumn, wrongSign } from './mistakes';
import { noCommonFactor, noNegative, zeros } from './numbers';
import {
	areaPerPoint,
	bounded,
	corners,
	degenerate,
	fitsPage,
	oneWayOut,
	redundant,
	wholeCorners,
	wholePoints
} from './region';
import { transport } from './transport';
import { cuts, depthWorse, gap, nodes, noRounding } from './whole-numbers';
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
	'entering-tie': enteringTie,
	artificial,
	denominator,
	zeros,
	'no-common-factor': noCommonFactor,
	'no-negative': noNegative,
	'fits-page': fitsPage,
	'whole-points': wholePoints,
	'area-per-point': areaPerPoint,
	'one-way-out': oneWayOut,
	'best-dimension': bestDimension,
	conflict,
	'no-zero': noZero,
	'all-used': allUsed,
	start,
	'zero-step': zeroStep,
	'phase-one-degenerate': phaseOneDegenerate,
	'more-pivots': morePivots,
	cycle,
	'dual-denominator': dualDenominator,
	interval,
	'worthless-limit': worthlessLimit,
	'both-degenerate': bothDegenerate,
	'no-rounding': noRounding,
	gap,
	cuts,
	nodes,
	'depth-worse': depthWorse,
	'larger-ratio': largerRatio,
	transport,
	'misread-column': misreadColumn,
	'wrong-sign': wrongSign
};

export const WISH_NAMES = Object.keys(WISH_KINDS) as WishName[];

/** The kind of a wish. */
export const kindOfWish = <K extends WishName>(kind: K): WishKind => WISH_KINDS[kind] as unknown as WishKind;

/** A wish in words. */
export const saysOf = (wish: Wish): string =>
	`${wish.not ? en`it must not be that ` : ''}${kindOfWish(wish.kind).says(wish as never)}`;

/** Whether some wish is about a problem whose variables are whole numbers. */
export const asksWhole = ({ wishes }: { readonly wishes: readonly Wish[] }): boolean =>
	wishes.some(({ kind, not }) => !not && kindOfWish(kind).isWhole);
