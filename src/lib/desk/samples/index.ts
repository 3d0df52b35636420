import { ENDINGS } from './endings';
import { FIRST } from './first';
import type { Sample } from './sample';
import { STARTS } from './starts';
import { WHOLE } from './whole';

/** The lessons that come along, in the order of a course. */
export const SAMPLES: readonly Sample[] = [
	...FIRST.slice(0, 2),
	...STARTS,
	...ENDINGS,
	...WHOLE,
	...FIRST.slice(2)
];
