import { fetchLesson, keepLesson, setAside } from '$lib/store/lessons';
import type { Desk } from './desk.svelte';
import { readLesson } from './lesson';

const DELAY = 400;

/** Keeps the open lesson in the browser: fetched at the start, saved soon after each edit, with its state for the reader. */
export class Keeping {
	state = $state<'starting' | 'saved' | 'saving' | 'failed'>('starting');
	message = $state<string | null>(null);
	private timer: ReturnType<typeof setTimeout> | undefined;
	private last = '';

	constructor(private readonly desk: Desk) {}

	/** Restores the kept lesson if there is one that can be read; the desk works either way. */
	async restore(): Promise<void> {
		const fetched = await fetchLesson();
		if (!fetched.ok) {
			this.fail(fetched.message);
			return;
		}
		if (fetched.value !== null) {
			try {
				this.desk.open(readLesson(fetched.value));
			} catch (error) {
				const why = error instanceof Error ? error.message : String(error);
				await setAside(fetched.value);
				this.message = `The kept lesson is damaged (${why}). It was set aside, and the desk opened with the demo lesson instead.`;
			}
		}
		this.last = JSON.stringify(this.desk.lesson);
		this.state = 'saved';
	}

	/** Notes that something may have changed; saving follows shortly. */
	touch(): void {
		const now = JSON.stringify(this.desk.lesson);
		if (this.state === 'starting' || now === this.last) return;
		this.state = 'saving';
		clearTimeout(this.timer);
		this.timer = setTimeout(() => void this.flush(), DELAY);
	}

	/** Saves now, as when the page is about to go. */
	async flush(): Promise<void> {
		clearTimeout(this.timer);
		const lesson = this.desk.lesson;
		const now = JSON.stringify(lesson);
		if (this.state === 'starting' || now === this.last) return;
		const kept = await keepLesson(JSON.parse(now));
		if (kept.ok) {
			this.last = now;
			this.state = 'saved';
		} else this.fail(kept.message);
	}

	dismiss(): void {
		this.message = null;
	}

	private fail(message: string): void {
		this.state = 'failed';
		this.message = message;
	}
}
