import { en } from '../../language/language';
import type { Candidate } from '../candidate';
import type { Plane } from '../plane';
import type { DesignRequest, KeptWish, Wish, WishName, WishOf } from '../types';
import type { Control } from './controls';

/** What a wish is about. */
export const WISH_GROUPS = [
	'numbers',
	'region',
	'answer',
	'method',
	'dual values',
	'whole numbers',
	'mistakes that show'
] as const;
export type WishGroup = (typeof WISH_GROUPS)[number];

/** A kind of wish: how it is said, what can be set of it, and how it is decided exactly. */
export interface WishKind<K extends WishName = WishName> {
	readonly kind: K;
	readonly group: WishGroup;
	/** as it is first wished */
	readonly first: WishOf<K>;
	/** the order of judging: the cheapest first */
	readonly cost: number;
	/** what can be set of it; nothing where it is just wished */
	readonly controls?: readonly Control[];
	/** whether it is about a problem whose variables are all whole numbers */
	readonly isWhole?: boolean;
	/** the wish in words */
	says(wish: WishOf<K>): string;
	/** Whether a candidate keeps it: the value that holds, or null. */
	decide(candidate: Candidate, wish: WishOf<K>, request: DesignRequest): KeptWish['value'] | null;
	/** Whether a draft in two variables keeps it, seen from its region in whole numbers: the same as `decide` finds, sooner. Nothing where that does not show it. */
	quickly?(plane: Plane, wish: WishOf<K>): boolean | undefined;
	/** Why it cannot be kept by itself or with the others; null where nothing speaks against it. */
	against?(wish: WishOf<K>, request: DesignRequest): string | null;
}

/** The first wish of some kind, of those that shall come true. */
export const other = <K extends WishName>(
	{ wishes }: Pick<DesignRequest, 'wishes'>,
	kind: K
): WishOf<K> | undefined =>
	wishes.find((wish): wish is WishOf<K> => (wish as Wish).kind === kind && !wish.not);

/** Whether the request asks for a problem without a best plan. */
export const hasNoBest = (request: DesignRequest): boolean => {
	const is = other(request, 'answer')?.is;
	return is === 'infeasible' || is === 'unbounded';
};

/** Why a wish about the best plan cannot be kept where there is none. */
export const needsBest = (request: DesignRequest): string | null =>
	hasNoBest(request) ? en`there is no best plan where the answer is ${other(request, 'answer')!.is}` : null;

/** Why a wish about the region's corners cannot be kept where there is none. */
export const needsCorner = (request: DesignRequest): string | null =>
	other(request, 'answer')?.is === 'infeasible' ? en`an infeasible problem has no corner` : null;

/** Why a wish about work for whole numbers cannot be kept where the relaxation is whole already. */
export const needsFraction = (request: DesignRequest): string | null => {
	if (request.plan?.shall === 'best') return en`the best plan that was chosen is whole already`;
	if (other(request, 'whole-plan')) return en`the relaxation’s best plan shall be whole already`;
	return needsBest(request);
};

/** “at most 3”, “3” */
export const limitWords = ({ exactly, atMost }: { exactly?: number; atMost?: number }): string =>
	exactly === undefined ? en`at most ${atMost}` : String(exactly);

/** The count where it keeps a limit, else null. */
export const within = (
	count: number,
	{ exactly, atMost }: { exactly?: number; atMost?: number }
): number | null =>
	(exactly === undefined || count === exactly) && (atMost === undefined || count <= atMost) ? count : null;
