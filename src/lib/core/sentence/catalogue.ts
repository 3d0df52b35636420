import type { Sentence } from './sentence';

/** Something found, as data: a code, and beside it what it is about. It can be kept, judged, and cross a worker. */
export interface Coded {
	readonly code: string;
}

/** A finding of each of some codes, with the same fields. */
export type Each<Code extends string, Fields> = Code extends string
	? { readonly code: Code } & Fields
	: never;

/** The findings of one code. */
export type OfCode<Found extends Coded, Code extends Found['code']> = Extract<Found, { code: Code }>;

/** What is said of findings: words for each code, by where they were found. A code without words is an error of the compiler. */
export type Catalogue<Found extends Coded, Where = undefined> = {
	readonly [Code in Found['code']]: (found: OfCode<Found, Code>, where: Where) => Sentence;
};

/** The words of a finding from its catalogue. */
export function words<Found extends Coded, Where>(
	catalogue: Catalogue<Found, Where>,
	found: Found,
	where: Where
): Sentence {
	const own = catalogue[found.code as Found['code']] as (found: Found, where: Where) => Sentence;
	return own(found, where);
}

/** The codes that a catalogue has words for. */
export const codesOf = <Found extends Coded, Where>(
	catalogue: Catalogue<Found, Where>
): readonly Found['code'][] => Object.keys(catalogue);
