import { fetchLesson, keepLesson, setAside } from '$lib/store/lessons';
import type { LessonDocument } from './document.svelte';
import type { Lesson } from './lesson';

/** milliseconds from the first edit that is not saved yet to its saving */
const DELAY = 100;

/** Keeps the open lesson in the browser: fetched at the start, saved soon after each edit, with its state for the reader. */
export class Keeping {
	#state = $state<'starting' | 'saved' | 'saving' | 'failed'>('starting');
	#message = $state<string | null>(null);
	#timer: ReturnType<typeof setTimeout> | undefined;
	/** the lesson that was kept last */
	#last: Lesson | null = null;
	readonly #document: LessonDocument;

	constructor(document: LessonDocument) {
		this.#document = document;
	}

	get state() {
		return this.#state;
	}
	get message(): string | null {
		return this.#message;
	}

	/** Restores the kept lesson if there is one that can be read; the desk works either way. */
	async restore(): Promise<void> {
		const fetched = await fetchLesson();
		if (!fetched.ok) {
			this.#fail(fetched.message);
			return;
		}
		if (fetched.value !== null) {
			try {
				// loaded when there is something to check
				const { readLesson } = await import('./lesson-check');
				this.#document.open(readLesson(fetched.value));
			} catch (error) {
				const why = error instanceof Error ? error.message : String(error);
				await setAside(fetched.value);
				this.#message = `The kept lesson is damaged (${why}). It was set aside, and the desk opened with the demo lesson instead.`;
			}
		}
		this.#last = this.#document.lesson;
		this.#state = 'saved';
	}

	/** Notes that something may have changed; saving follows shortly. An edit does not wait for the next one to end. */
	touch(): void {
		if (this.#state === 'starting' || this.#isKept(this.#document.lesson)) return;
		this.#state = 'saving';
		this.#timer ??= setTimeout(() => void this.flush(), DELAY);
	}

	/** Saves now, as when the page is about to go. */
	async flush(): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		const { lesson } = this.#document;
		if (this.#state === 'starting') return;
		if (this.#isKept(lesson)) {
			// an edit was taken back before it was saved
			this.#state = 'saved';
			return;
		}
		const kept = await keepLesson($state.snapshot(lesson));
		if (!kept.ok) return this.#fail(kept.message);
		this.#last = lesson;
		if (this.#isKept(this.#document.lesson)) this.#state = 'saved';
		else this.touch();
	}

	/** Whether a lesson is the one kept last: its parts are values, so they need not be looked into. */
	#isKept(lesson: Lesson): boolean {
		const last = this.#last;
		return (
			last !== null && (Object.keys(lesson) as (keyof Lesson)[]).every((key) => lesson[key] === last[key])
		);
	}

	dismiss(): void {
		this.#message = null;
	}

	#fail(message: string): void {
		this.#state = 'failed';
		this.#message = message;
	}
}
