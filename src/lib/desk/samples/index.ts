import { ENDINGS } from './endings';
import { FIRST } from './first';
import { GOALS } from './goals';
import { LOGIC } from './logic';
import { NETWORKS } from './networks';
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
	...GOALS,
	...NETWORKS,
	...WORTH,
	...WHOLE,
	...LOGIC,
	...FIRST.slice(2)
];
