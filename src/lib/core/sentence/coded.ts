/** Something found, as data: a code, and beside it what it is about. It can be kept, judged, and cross a worker. */
export interface Coded {
	readonly code: string;
}

/** No field beside the code. */
export type Bare = Record<never, never>;

/** Findings from one map: each code with its fields, as in `ByCode<{ repaired: Bare; repairs: { row: number } }>`. */
export type ByCode<Fields> = {
	[Code in keyof Fields]: { readonly code: Code } & Readonly<Fields[Code]>;
}[keyof Fields];

/** A finding of each of some codes, with the same fields. */
export type Each<Code extends string, Fields> = Code extends string
	? { readonly code: Code } & Fields
	: never;

/** The findings of one code. */
export type OfCode<Found extends Coded, Code extends Found['code']> = Extract<Found, { code: Code }>;
