import { en } from '../core/language/language';
import { titleOf } from '$lib/core/lesson/lesson';
import type { ScriptStep } from '$lib/core/lesson/script';
import type { SlideJson } from '$lib/work/printed';
import type { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import { notPrintable, printedRequest } from './printed-request.svelte';
import { remember, remembered } from './remembered';
import { Running } from './running.svelte';

export type { SlideJson };

/** where it is kept in the tab how far a lecture is, so that a reload goes on there */
const KEY = 'mathesis lecture';
/** the channel between a lecture and its speaker's window */
const CHANNEL = 'mathesis lecture';

/** How a lecture stands, as the speaker's window sees it. */
export interface LectureState {
	readonly title: string;
	readonly notes: string;
	readonly slides: readonly SlideJson[];
	readonly at: number;
	readonly isTold: boolean;
	/** when it began, in milliseconds since 1970 */
	readonly began: number;
}

/** What windows of a lecture say to each other. */
export type LectureMessage =
	| { readonly says: 'hello' }
	| { readonly says: 'state'; readonly state: LectureState | null }
	| { readonly says: 'go'; readonly by: number };

/** Opens the channel between the windows of a lecture. */
export function lectureChannel(hear: (message: LectureMessage) => void): BroadcastChannel {
	const channel = new BroadcastChannel(CHANNEL);
	channel.onmessage = ({ data }: MessageEvent<LectureMessage>) => hear(data);
	return channel;
}

/** The lecture of the open lesson: its script, its slides, and where it is. */
export class Lecture {
	readonly #desk: Desk;
	#made = $state.raw<{ script: readonly ScriptStep[]; slides: readonly SlideJson[] }>({
		script: [],
		slides: []
	});
	#at = $state(0);
	/** whether the answer to the question of the slide is told */
	#isTold = $state(false);
	#began = $state<number | null>(null);
	/** votes for the choices of questions, by the slide's number */
	#votes = $state<Record<number, number[]>>({});
	#failure = $state<string | null>(null);
	#channel: BroadcastChannel | null = null;
	readonly running = new Running<'slides'>();

	constructor(desk: Desk) {
		this.#desk = desk;
		const kept = /^(\d+) (\d+)$/.exec(remembered(KEY, () => sessionStorage) ?? '');
		if (kept) [this.#at, this.#began] = [Number(kept[1]), Number(kept[2])];
	}

	readonly refusal: string | null = $derived.by(() => notPrintable(this.#desk) ?? this.#failure);
	readonly script: readonly ScriptStep[] = $derived(this.#made.script);
	readonly slides: readonly SlideJson[] = $derived(this.#made.slides);
	/** the slide that is shown, from 0 on */
	readonly at: number = $derived(Math.max(0, Math.min(this.#at, this.slides.length - 1)));
	get isTold(): boolean {
		return this.#isTold;
	}
	/** whether it is being held */
	readonly isOn: boolean = $derived(this.#began !== null);
	readonly slide: SlideJson | null = $derived(this.slides[this.at] ?? null);
	readonly votes: readonly number[] = $derived(this.#votes[this.at] ?? []);
	/** Whether the script is the instructor's own, not the one that suits the problem. */
	readonly isOwn: boolean = $derived.by(() => this.#desk.document.script.length > 0);

	vote(choice: number, count: number): void {
		const list = [...this.votes];
		list[choice] = Math.max(0, Math.trunc(count) || 0);
		this.#votes = { ...this.#votes, [this.at]: list };
	}

	/** Makes the slides anew, as the lesson and its script are now. */
	async make(): Promise<void> {
		const request = printedRequest(this.#desk, false);
		if (!request) return;
		this.#failure = null;
		const { script } = this.#desk.document;
		await this.running.during('slides', async (signal) => {
			const { slidesInWorker } = await import('$lib/work/client');
			try {
				const own = script.length > 0 ? $state.snapshot(script) : null;
				this.#made = await slidesInWorker(
					{ ...request, notes: this.#desk.document.telling.notes, script: own as ScriptStep[] | null },
					signal
				);
				this.#tell();
			} catch (error) {
				if (signal.aborted) throw error;
				this.#failure = en`The slides could not be made: ${(error as Error).message}.`;
			}
		});
	}

	/** Changes the script; from then on it is the instructor's own. */
	write(script: readonly ScriptStep[]): void {
		this.#desk.document.rescript(script);
	}
	/** Back to the script that suits the problem. */
	reset(): void {
		this.#desk.document.rescript([]);
	}

	/** Begins at a slide. */
	begin(at = 0): void {
		this.#began = Date.now();
		this.#at = at;
		this.#isTold = false;
		this.#votes = {};
		this.#keep();
	}
	end(): void {
		this.#began = null;
		this.#keep();
	}

	/** One step on: first what is asked is told, then comes the next slide. */
	forward(): void {
		if (this.slide?.question && !this.#isTold) this.#isTold = true;
		else if (this.at < this.slides.length - 1) {
			this.#at = this.at + 1;
			this.#isTold = false;
		}
		this.#keep();
	}
	back(): void {
		if (this.slide?.question && this.#isTold) this.#isTold = false;
		else if (this.at > 0) {
			this.#at = this.at - 1;
			this.#isTold = this.slide?.question != null;
		}
		this.#keep();
	}
	go(at: number): void {
		this.#at = Math.max(0, Math.min(at, this.slides.length - 1));
		this.#isTold = false;
		this.#keep();
	}

	/** Listens to the speaker's window; returns what ends that. */
	listen(): () => void {
		this.#channel = lectureChannel((message) => {
			if (message.says === 'hello') this.#tell();
			if (message.says !== 'go' || !this.isOn) return;
			if (message.by > 0) this.forward();
			else this.back();
		});
		this.#tell();
		return () => {
			this.#channel?.close();
			this.#channel = null;
		};
	}

	#keep(): void {
		remember(KEY, this.#began === null ? null : `${this.at} ${this.#began}`, () => sessionStorage);
		this.#tell();
	}

	/** Tells the speaker's window how the lecture stands. */
	#tell(): void {
		const { telling, lesson } = this.#desk.document;
		const state: LectureState | null =
			this.#began === null
				? null
				: {
						title: titleOf(lesson),
						notes: telling.notes,
						slides: this.slides,
						at: this.at,
						isTold: this.#isTold,
						began: this.#began
					};
		this.#channel?.postMessage({ says: 'state', state } satisfies LectureMessage);
	}
}

/** The lecture of a desk. */
export const useLecture = oneForDesk((desk) => new Lecture(desk));
