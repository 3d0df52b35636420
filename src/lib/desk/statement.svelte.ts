import { EMPTY_BOOK, follow, type LastingBook } from '$lib/core/problem/lasting';
import { readStatement } from '$lib/core/problem/statement/read';
import { NO_READING, type Reading } from '$lib/core/problem/statement/reading';
import type { Problem } from '$lib/core/problem/types';
import { Cancelled } from '$lib/work/cancelled';

/** characters that are read at once; longer texts go to the worker when typing pauses */
const READ_AT_ONCE = 6_000;

/** A statement's text, what it reads as, the last right problem, and who is who in it. */
export class Statement {
	#text = $state('');
	#problem = $state.raw<Problem | null>(null);
	#book = $state.raw<LastingBook>(EMPTY_BOOK);
	#reading = $state.raw<Reading>(NO_READING);
	#pending: AbortController | null = null;
	readonly #onread: (next: Problem) => void;

	/** @param onread told of a problem just before it takes the place of the one before */
	constructor(onread: (next: Problem) => void) {
		this.#onread = onread;
	}

	get text(): string {
		return this.#text;
	}
	get reading(): Reading {
		return this.#reading;
	}
	/** the last right problem; it stays while the text is wrong */
	get problem(): Problem | null {
		return this.#problem;
	}
	get book(): LastingBook {
		return this.#book;
	}

	/** Begins with another text, of a problem whose constraints and variables are known; the problem is read anew. */
	begin(text: string, problem: Problem | null, book: LastingBook): void {
		this.#problem = problem;
		this.#book = book;
		this.write(text, 0);
	}

	/**
	 * Takes in another text.
	 * @param pause milliseconds after which a long one is read, if no other has come
	 */
	write(text: string, pause: number): void {
		this.#text = text;
		this.#pending?.abort();
		if (text.length <= READ_AT_ONCE) this.#take(readStatement(text));
		else void this.#readLong(text, pause);
	}

	/** A long text is read by a worker. */
	async #readLong(text: string, pause: number): Promise<void> {
		const pending = new AbortController();
		this.#pending = pending;
		await new Promise((resolve) => setTimeout(resolve, pause));
		if (pending.signal.aborted) return;
		try {
			const { readInWorker } = await import('$lib/work/client');
			this.#take(await readInWorker(text, pending.signal));
		} catch (error) {
			// without a worker the page may be slow, but it works
			if (!(error instanceof Cancelled)) this.#take(readStatement(text));
		}
	}

	#take(reading: Reading): void {
		this.#reading = reading;
		if (!reading.problem) return;
		this.#onread(reading.problem);
		this.#book = follow(this.#book, this.#problem, reading.problem);
		this.#problem = reading.problem;
	}
}
