import type { ObjectShape } from 'yup';
import type { Candidate } from '../candidate';
import type { DesignRequest, Kept, Wish, WishName, WishOf } from '../types';

/** A kind of wish, in one file: how it is said, what is written in a request, and how it is decided exactly. */
export interface WishKind<K extends WishName = WishName> {
	readonly kind: K;
	/** the order of judging: the cheapest first */
	readonly cost: number;
	/** its fields besides the kind */
	readonly fields: ObjectShape;
	/** the same as a JSON Schema's properties, for the API's description */
	readonly properties: Readonly<Record<string, object>>;
	/** the wish in words */
	says(wish: WishOf<K>): string;
	/** Whether a candidate keeps it: the value that holds, or null. */
	decide(candidate: Candidate, wish: WishOf<K>, request: DesignRequest): Kept['value'] | null;
	/** Why it cannot be kept by itself or with the others; null where nothing speaks against it. */
	against?(wish: WishOf<K>, request: DesignRequest): string | null;
}

/** The first wish of some kind, of those that shall come true. */
export const other = <K extends WishName>(request: DesignRequest, kind: K): WishOf<K> | undefined =>
	request.wishes.find((wish): wish is WishOf<K> => (wish as Wish).kind === kind && !wish.not);

/** Whether the request asks for a problem without a best plan. */
export const hasNoBest = (request: DesignRequest): boolean => {
	const is = other(request, 'answer')?.is;
	return is === 'infeasible' || is === 'unbounded';
};
