import { parseRational, type Rational } from '$lib/core/number/rational';
import type { Plan } from '$lib/core/problem/types';
import { planFromTexts } from '$lib/core/problem/use';
import type { LessonDocument } from './document.svelte';

/** The best plan of a statement, or how the search for it ended. */
export interface BestFound {
	readonly status: string;
	readonly plan: Plan | null;
	readonly objective: Rational | null;
}

/** The best plan of the statement, whole where it must be: found off the page, once for all who ask. */
export class BestPlan {
	readonly #document: LessonDocument;
	#kept = $state.raw<(BestFound & { readonly text: string }) | null>(null);

	/** a search under way that nobody may end by himself: others wait for it */
	#finding: { readonly text: string; readonly done: Promise<void> } | null = null;

	constructor(document: LessonDocument) {
		this.#document = document;
	}

	/** what was found for the statement as it is; null before it was looked for */
	readonly found: BestFound | null = $derived.by(() =>
		this.#kept?.text === this.#document.text ? this.#kept : null
	);

	/**
	 * Looks for it, if nobody has.
	 * @throws Cancelled where the signal ends it
	 */
	async find(milliseconds: number, signal?: AbortSignal): Promise<void> {
		const { text } = this.#document;
		if (this.found && this.found.status !== 'stopped') return;
		if (signal) return this.#search(text, milliseconds, signal);
		if (this.#finding?.text === text) return this.#finding.done;
		const done = this.#search(text, milliseconds);
		this.#finding = { text, done };
		try {
			await done;
		} finally {
			if (this.#finding?.done === done) this.#finding = null;
		}
	}

	async #search(text: string, milliseconds: number, signal?: AbortSignal): Promise<void> {
		const { answerInWorker } = await import('$lib/work/client');
		const answer = await answerInWorker(text, milliseconds, () => {}, signal);
		if (!answer) return;
		const { status, solution, objective } = answer;
		const isDone = status === 'optimal';
		this.#kept = {
			text,
			status,
			plan: isDone && solution ? planFromTexts(solution) : null,
			objective: isDone && objective ? parseRational(objective) : null
		};
	}
}
