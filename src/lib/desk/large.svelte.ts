import type { SolveJson } from '$lib/core/api/shapes';
import type { Problem } from '$lib/core/problem/types';
import { Cancelled } from '$lib/work/cancelled';

/** Entries of a tableau that still make sense to look at, one by one. */
const MOST_ENTRIES = 1_200;
const MILLISECONDS = 60_000;

/** Whether a problem is too large for the page's own tableau. */
export function isLarge({ variables, constraints }: Problem): boolean {
	return constraints.length * (variables.length + constraints.length) > MOST_ENTRIES;
}

/** The answer to a large problem: found by a worker, with progress, and it can be cancelled. */
export class LargeAnswer {
	#state = $state<'idle' | 'running' | 'done' | 'cancelled' | 'failed'>('idle');
	#pivots = $state(0);
	#result = $state.raw<SolveJson | null>(null);
	#current: AbortController | null = null;

	get state() {
		return this.#state;
	}
	get pivots(): number {
		return this.#pivots;
	}
	get result(): SolveJson | null {
		return this.#result;
	}

	/** Starts on a statement; one that runs is cancelled. */
	async find(statement: string): Promise<void> {
		this.#current?.abort();
		const controller = new AbortController();
		this.#current = controller;
		this.#state = 'running';
		this.#pivots = 0;
		this.#result = null;
		try {
			const progress = ({ pivots }: { pivots: number }) => {
				if (this.#current === controller) this.#pivots = pivots;
			};
			const { answerInWorker } = await import('$lib/work/client');
			const result = await answerInWorker(statement, MILLISECONDS, progress, controller.signal);
			if (this.#current !== controller) return;
			this.#result = result;
			this.#state = result ? 'done' : 'failed';
		} catch (error) {
			if (this.#current === controller) this.#state = error instanceof Cancelled ? 'cancelled' : 'failed';
		}
	}

	cancel(): void {
		this.#current?.abort();
		if (this.#state === 'running') this.#state = 'cancelled';
	}
}
