import { ENDINGS } from './endings';
import { FIRST } from './first';
import type { Sample } from './sample';
import { STARTS } from './starts';
import { MODELS } from './models';
import { WHOLE } from './whole';
import { WORTH } from './worth';

/** The lessons that come along, in the order of a course. */
export const SAMPLES: readonly Sample[] = [
	...FIRST.slice(0, 2),
	...STARTS,
	...ENDINGS,
	...MODELS,
	...WORTH,
	...WHOLE,
	...FIRST.slice(2)
];
