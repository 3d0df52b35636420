import { NUMBER_STYLES } from '../number/show';
import { as, oneOf, optional, record, text, type Shape } from '../problem/shape';
import { CHOICES, type Notation } from './notation';

const letters = optional(text(3, 1, '^\\p{L}{1,3}$'));
const choices = Object.fromEntries(
	Object.entries(CHOICES).map(([name, variants]) => [name, optional(oneOf(variants as readonly string[]))])
);
const rest = { ...choices, slack: letters, surplus: letters, artificial: letters, infeasibility: letters };

/** A notation as it is kept: what it leaves out is as the plain notation has it. */
export const NOTATION = as<Notation>(record({ numbers: oneOf(NUMBER_STYLES), ...rest }));
/** The same in a file of notations, where numbers may be left out as well. */
export const LOOSE_NOTATION: Shape<Partial<Notation>> = as(
	record({ numbers: optional(oneOf(NUMBER_STYLES)), ...rest })
);
