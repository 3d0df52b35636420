import type { RuleName } from '$lib/core/method/rule';
import type { Trail } from '$lib/core/move/trail';
import type { Notation } from '$lib/core/notation/notation';
import type { LastingBook } from '$lib/core/problem/lasting';
import type { Problem } from '$lib/core/problem/types';

/**
 * A problem with the way that is gone on it: all that a session works on. The open lesson's document is one; a problem beside it, such as the
 * dual or a node's, is another, with a desk of its own (`beside.svelte.ts`).
 */
export interface Workspace {
	/** null while nothing can be read */
	readonly problem: Problem | null;
	/** lasting keys of its names */
	readonly book: LastingBook;
	readonly trail: Trail;
	readonly rule: RuleName;
	readonly notation: Notation;
	keepTrail(trail: Trail): void;
	/** Several acts that are taken back as one. */
	asOne<T>(act: () => T): T;
	asOneInTime(act: () => Promise<void>): Promise<void>;
}
