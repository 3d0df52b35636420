import type { Sentence } from '$lib/core/sentence/sentence';
import type { Result } from '$lib/core/position/position';
import type { Move } from '$lib/core/move/types';

/** A move looked at before it is made: where it would lead, or why it cannot be made. */
export interface Proposal {
	readonly move: Move;
	readonly result: Result;
}

/** Steps taken out of the trail, and what puts them back. */
export interface Removed {
	readonly what: Sentence;
	restore(): void;
}
