import fc from 'fast-check';
import { CHOICES, completed, type Notation } from '../../src/lib/core/notation/notation';
import { NUMBER_STYLES } from '../../src/lib/core/number/show';

/** Any notation: every choice made freely. */
export const anyNotation: fc.Arbitrary<Notation> = fc
	.record({
		numbers: fc.constantFrom(...NUMBER_STYLES),
		...Object.fromEntries(
			Object.entries(CHOICES).map(([name, variants]) => [name, fc.constantFrom(...variants)])
		)
	})
	.map((choices) => completed(choices as Partial<Notation>));
