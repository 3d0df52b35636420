import type { Coded, OfCode } from './coded';
import type { Sentence } from './sentence';

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
