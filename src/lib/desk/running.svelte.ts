import { Cancelled } from '$lib/work/cancelled';

/** One piece of long work at a time, by its name; it can be cancelled, and what it has found stays. */
export class Running<Name extends string> {
	#what = $state<Name | null>(null);
	#stop: AbortController | null = null;

	/** what is at work */
	get what(): Name | null {
		return this.#what;
	}

	/** Does some work; what was at work before is cancelled. */
	async during(what: Name, work: (signal: AbortSignal) => Promise<void>): Promise<void> {
		this.cancel();
		const own = new AbortController();
		this.#stop = own;
		this.#what = what;
		try {
			await work(own.signal);
		} catch (error) {
			if (!(error instanceof Cancelled)) throw error;
		} finally {
			if (this.#stop === own) this.#what = null;
		}
	}

	cancel(): void {
		this.#stop?.abort();
		this.#what = null;
	}
}
