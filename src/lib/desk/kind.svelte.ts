import { kindWords, type KindWord } from '$lib/core/commentary/words/kind';
import { Cancelled } from '$lib/work/cancelled';
import { kindInWorker } from '$lib/work/client';

const PAUSE = 250;
const MILLISECONDS = 5_000;

/** What kind of problem is stated: found out off the page, once typing pauses; the last words stay until there are new ones. */
export class Kind {
	#words = $state.raw<readonly KindWord[]>([]);
	#isCurrent = $state(false);
	#running: AbortController | null = null;

	get words(): readonly KindWord[] {
		return this.#words;
	}
	/** whether the words are about the statement as it stands */
	get isCurrent(): boolean {
		return this.#isCurrent;
	}

	/** Finds out the kind of the problem that a statement states. */
	async find(statement: string): Promise<void> {
		this.cancel();
		this.#isCurrent = false;
		const running = new AbortController();
		this.#running = running;
		await new Promise((resolve) => setTimeout(resolve, PAUSE));
		if (running.signal.aborted) return;
		try {
			const kind = await kindInWorker(statement, MILLISECONDS, running.signal);
			if (running.signal.aborted) return;
			this.#words = kind ? kindWords(kind) : [];
			this.#isCurrent = true;
		} catch (error) {
			if (!(error instanceof Cancelled)) this.#words = [];
		}
	}

	cancel(): void {
		this.#running?.abort();
		this.#running = null;
	}
}
