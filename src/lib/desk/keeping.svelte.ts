import { en } from '../core/language/language';
import { getContext, setContext, untrack } from 'svelte';
import {
	fetchLesson,
	freshId,
	keepLesson,
	setAside,
	takeFirst,
	type KeptLesson
} from '$lib/store/collection';
import { SLOW } from '$lib/store/storage';
import { keepVersion } from '$lib/store/versions';
import type { LessonDocument } from './document.svelte';
import { titleOf, withTitleMark, type Lesson } from '$lib/core/lesson/lesson';
import { remember, remembered } from './remembered';
import { forget, putAside, rescued, waitingIds, type Rescued } from './rescue';
import { summaryOf } from './summary';

/** milliseconds from the first edit that is not saved yet to its saving */
const DELAY = 60;
/** which lesson a tab has open, and which was open last in this browser */
const OPEN_KEY = 'mathesis-open-lesson';
/** milliseconds between two attempts to save what was refused: the first, and the longest */
const FIRST_RETRY = 1_000;
const LAST_RETRY = 60_000;
/** what marks the title of a lesson that parts from another tab's */
const OTHER_TAB = 'other tab';
const CHANNEL = 'mathesis-lessons';

/** What tabs tell one another: a lesson was saved in one of them. */
interface Word {
	readonly id: string;
	readonly revision: string;
}

/** `slow`: the store has not answered for some time; `failed`: it refused, and will be asked again */
export type KeepingState = 'starting' | 'saved' | 'saving' | 'slow' | 'failed';

/**
 * Keeps the open lesson in the browser: fetched at the start, saved soon after each edit, with its state for the reader. Where the same
 * lesson is open in another tab, what is saved there is shown here; and where both were changed, both are kept.
 */
export class Keeping {
	#state = $state<KeepingState>('starting');
	#message = $state<string | null>(null);
	/** why the last attempt to save was refused; goes once one is not */
	#failure = $state<string | null>(null);
	#retry = FIRST_RETRY;
	#id = $state('');
	#changes = $state(0);
	#from = $state.raw<{ readonly id: string; readonly title: string } | null>(null);
	#timer: ReturnType<typeof setTimeout> | undefined;
	/** when it goes off, in milliseconds since 1970 */
	#due = 0;
	/** the lesson that was kept last */
	#last: Lesson | null = null;
	/** the revision that the store had when this tab last looked; null before the first save */
	#revision: string | null = null;
	/** revisions of the open lesson that this tab has sent, whether or not the store has answered */
	#sent: readonly string[] = [];
	/** the revision under which the state that is not saved yet will be */
	#next: string | null = null;
	/** the state that was put aside last, and whether another may be in this frame */
	#aside: Lesson | null = null;
	#hasPutAside = false;
	/** saves wait for one another */
	#saving: Promise<void> = Promise.resolve();
	readonly #document: LessonDocument;
	readonly #channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL);

	constructor(document: LessonDocument) {
		this.#document = document;
		this.#channel?.addEventListener('message', ({ data }: MessageEvent<Word>) => void this.#hear(data));
	}

	get state() {
		return this.#state;
	}
	readonly message: string | null = $derived(this.#message ?? this.#failure);
	/** grows when the collection has changed otherwise than by saving the open lesson */
	get changes(): number {
		return this.#changes;
	}
	/** the lesson that the open one was made from, such as the primal of a dual */
	get from() {
		return this.#from;
	}
	/** the open lesson's id in the collection */
	get id(): string {
		return this.#id;
	}

	/** Restores the lesson that was open last, if there is one that can be read; the desk works either way. */
	async restore(): Promise<void> {
		// the lesson that this tab had open, or else the one that was open last in any
		const id = remembered(OPEN_KEY, session) ?? remembered(OPEN_KEY);
		const [first, fetched] = await Promise.all([takeFirst(), id === null ? null : fetchLesson(id)]);
		const failure = first.ok ? (fetched && !fetched.ok ? fetched.message : null) : first.message;
		if (failure !== null) {
			this.#begin(id ?? freshId(), null, failure);
			await this.#takeRescued();
			if (this.#last === null) this.touch();
			return;
		}
		if (first.ok && first.value !== null) {
			await this.#show(freshId(), first.value);
			if (this.#state !== 'failed') this.#last = null;
			this.touch();
		} else if (fetched?.ok && fetched.value) {
			await this.#show(id!, fetched.value.lesson, fetched.value.revision);
			await this.#takeRescued();
		} else {
			// a first visit: the demo lesson is the first of the collection
			this.#begin(id ?? freshId(), null);
			await this.#takeRescued();
			this.#last = null;
			this.touch();
		}
		await this.#keepOrphans();
	}

	/** The page is about to go: what is not saved yet is put aside, and saving goes on as long as the browser lets it. */
	leave(): void {
		if (!this.#isKept(this.#document.lesson)) void this.flush();
	}

	/** Puts the present state aside, to be taken up at the next start unless it is saved before. */
	#putAside(): void {
		const { lesson } = this.#document;
		if (this.#aside === lesson || this.#isKept(lesson)) return;
		this.#aside = lesson;
		this.#next ??= freshId();
		putAside({ id: this.#id, known: this.#revision, revision: this.#next, lesson });
	}

	/** The same at most once a frame: the first edit at once, later ones at the frame's end. */
	#putAsideSoon(): void {
		if (this.#hasPutAside) return;
		this.#putAside();
		this.#hasPutAside = true;
		const next = typeof requestAnimationFrame === 'undefined' ? setTimeout : requestAnimationFrame;
		next(() => {
			this.#hasPutAside = false;
			if (this.#aside !== this.#document.lesson) this.#putAside();
		});
	}

	/** What a page could not save any more of the lesson that is open. */
	async #takeRescued(): Promise<void> {
		const state = rescued(this.#id);
		if (!state) return;
		if (
			state.revision === this.#revision ||
			JSON.stringify(state.lesson) === JSON.stringify(this.#document.lesson)
		)
			return forget(this.#id);
		const lesson = await this.#read(state.lesson);
		if (!lesson) return forget(this.#id);
		const isOther = state.known !== this.#revision && this.#revision !== null;
		const statement = isOther ? withTitleMark(lesson.statement, OTHER_TAB) : lesson.statement;
		this.#document.open({ ...lesson, statement });
		if (isOther) {
			forget(state.id);
			this.#begin(freshId(), null);
		} else {
			// a tab that is still open may yet save it under this revision
			this.#sent = [...this.#sent, state.revision];
		}
		this.#last = null;
		this.touch();
	}

	/** Lessons that other pages could not save any more come into the collection. */
	async #keepOrphans(): Promise<void> {
		for (const id of waitingIds()) if (id !== this.#id) await this.#keepOrphan(rescued(id));
	}

	async #keepOrphan(state: Rescued | null): Promise<void> {
		const lesson = state && (await this.#read(state.lesson));
		if (!state || !lesson) return;
		const { id, known, revision } = state;
		const summary = summaryOf(id, lesson, Date.now());
		let saved = await keepLesson(lesson, summary, (own) => own === known, revision);
		if (saved.ok && 'other' in saved.value && saved.value.other.revision !== revision) {
			const apart = { ...lesson, statement: withTitleMark(lesson.statement, OTHER_TAB) };
			saved = await keepLesson(apart, summaryOf(freshId(), apart, Date.now()), () => false);
		}
		if (!saved.ok) return;
		// the tab may be open after all, and have put a newer state there meanwhile
		if (rescued(id)?.revision === revision) forget(id);
		this.announce();
	}

	/**
	 * Opens a lesson of the collection in place of the present one, which is saved first.
	 * @returns whether it could be opened; if not, the present one stays
	 */
	async open(id: string): Promise<boolean> {
		await this.#flushFor();
		const fetched = await fetchLesson(id);
		if (!fetched.ok || !fetched.value) {
			this.#message = fetched.ok ? en`This lesson is not in this browser any more.` : fetched.message;
			return false;
		}
		const lesson = await this.#read(fetched.value.lesson);
		if (!lesson) return false;
		this.#from = null;
		this.#document.open(lesson);
		this.#begin(id, fetched.value.revision);
		await this.#takeRescued();
		return true;
	}

	/**
	 * Opens a lesson that is not in the collection yet; it is saved there at once. The present one is saved first.
	 * @param isBesides whether it belongs to the present one, to which there is then a way back
	 */
	async openNew(lesson: Lesson, isBesides = false): Promise<void> {
		await this.#flushFor();
		this.#from = isBesides ? { id: this.#id, title: titleOf({ statement: this.#document.text }) } : null;
		this.#document.open(lesson);
		this.#begin(freshId(), null);
		this.#last = null;
		await this.#flushFor();
	}

	/** Puts another state in the place of the open lesson, such as one of this morning; the state before is kept as a version. */
	async replace(lesson: Lesson): Promise<void> {
		await this.flush();
		await keepVersion(this.#id, $state.snapshot(this.#document.lesson), Date.now());
		this.#document.open(lesson);
		await this.flush();
	}

	/** Notes that something may have changed; saving follows shortly. An edit does not wait for the next one to end. */
	touch(): void {
		const { lesson } = this.#document;
		// who calls this follows the lesson alone
		untrack(() => {
			if (this.#state === 'starting' || this.#isKept(lesson)) return;
			if (this.#state === 'saved') this.#state = 'saving';
			this.#putAsideSoon();
			this.#saveIn(DELAY);
		});
	}

	/** Saves after a while, or sooner where that was to be already. */
	#saveIn(milliseconds: number): void {
		const due = Date.now() + milliseconds;
		if (this.#timer && this.#due <= due) return;
		clearTimeout(this.#timer);
		this.#due = due;
		this.#timer = setTimeout(() => void this.flush(), milliseconds);
	}

	/** Saves now, as when the page is about to go. Saves wait for one another. */
	flush(): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		if (this.#state !== 'starting') this.#putAside();
		this.#saving = this.#saving.then(() => this.#save());
		return this.#saving;
	}

	/** Saves before something else is done, which does not wait for a slow store: what is not saved yet has been put aside. */
	async #flushFor(): Promise<void> {
		let timer: ReturnType<typeof setTimeout> | undefined;
		const slow = new Promise<void>((resolve) => (timer = setTimeout(resolve, SLOW)));
		await Promise.race([this.flush(), slow]);
		clearTimeout(timer);
	}

	async #save(): Promise<void> {
		const { lesson } = this.#document;
		if (this.#state === 'starting') return;
		if (this.#isKept(lesson)) {
			// an edit was taken back before it was saved
			this.#succeed();
			return;
		}
		const id = this.#id;
		const revision = (this.#next ??= freshId());
		const sent = (this.#sent = [...this.#sent, revision]);
		this.#next = null;
		const slow = setTimeout(() => {
			if (this.#id === id && this.#state === 'saving') this.#state = 'slow';
		}, SLOW);
		const saved = await keepLesson(
			$state.snapshot(lesson),
			summaryOf(id, lesson, Date.now()),
			(own) => sent.includes(own),
			revision
		);
		clearTimeout(slow);
		// another lesson was opened meanwhile
		if (this.#id !== id) {
			if (saved.ok && 'kept' in saved.value && rescued(id)?.revision === revision) forget(id);
			return;
		}
		if (!saved.ok) return this.#fail(saved.message);
		if ('other' in saved.value) return this.#part(saved.value.other);
		this.#keep(saved.value.kept, lesson);
	}

	#keep({ id, revision }: KeptLesson, lesson: Lesson): void {
		this.#last = lesson;
		this.#revision = revision;
		this.#channel?.postMessage({ id, revision } satisfies Word);
		this.#succeed();
		if (this.#isKept(this.#document.lesson)) forget(id);
		else this.touch();
	}

	#succeed(): void {
		this.#state = 'saved';
		this.#failure = null;
		this.#retry = FIRST_RETRY;
	}

	/** Another tab has saved another state of this lesson meanwhile: ours goes on as a lesson of its own. */
	async #part(other: KeptLesson): Promise<void> {
		const lesson = await this.#read(other.lesson);
		// both did the same, as two tabs of a first visit do
		if (lesson && JSON.stringify(lesson) === JSON.stringify(this.#document.lesson))
			return this.#begin(other.id, other.revision);
		if (lesson) {
			const statement = withTitleMark(this.#document.text, OTHER_TAB);
			const title = titleOf({ statement });
			this.#message = en`This lesson was changed in another tab at the same time. Both versions are kept: yours goes on as “${title}”.`;
			this.#document.write(statement);
		}
		forget(this.#id);
		this.#begin(freshId(), null);
		this.#last = null;
		await this.#save();
	}

	/** Another tab has saved: with nothing unsaved here, what it saved is shown. */
	async #hear({ id, revision }: Word): Promise<void> {
		if (id !== this.#id || this.#sent.includes(revision)) return;
		await this.#saving;
		if (!this.#isKept(this.#document.lesson)) return;
		let fetched = await fetchLesson(id);
		for (let again = 0; !fetched.ok && again < 3; again++) fetched = await fetchLesson(id);
		if (!fetched.ok || !fetched.value || fetched.value.id !== this.#id) return;
		const lesson = await this.#read(fetched.value.lesson);
		if (!lesson || !this.#isKept(this.#document.lesson)) return;
		this.#document.open(lesson);
		this.#begin(id, fetched.value.revision);
	}

	/** Whether a lesson is the one kept last: its parts are values, so they need not be looked into. */
	#isKept(lesson: Lesson): boolean {
		const last = this.#last;
		return (
			last !== null && (Object.keys(lesson) as (keyof Lesson)[]).every((key) => lesson[key] === last[key])
		);
	}

	/** Goes on from the lesson in the document, as it is kept under an id. */
	#begin(id: string, revision: string | null, failure?: string): void {
		this.#id = id;
		this.#revision = revision;
		this.#sent = revision === null ? [] : [revision];
		this.#next = null;
		this.#aside = null;
		// what the store refuses is not kept yet
		this.#last = failure === undefined ? this.#document.lesson : null;
		remember(OPEN_KEY, id, session);
		remember(OPEN_KEY, id);
		if (failure === undefined) this.#succeed();
		else this.#fail(failure);
	}

	/** A lesson from storage, checked; a damaged one is set aside and told. */
	async #read(data: unknown): Promise<Lesson | null> {
		try {
			// loaded when there is something to check
			const { readLesson } = await import('$lib/core/lesson/check');
			return readLesson(data);
		} catch (error) {
			const why = error instanceof Error ? error.message : String(error);
			await setAside(data);
			this.#message = en`The saved lesson is damaged (${why}). It was set aside, and the desk shows another lesson.`;
			return null;
		}
	}

	async #show(id: string, data: unknown, revision: string | null = null): Promise<void> {
		const lesson = await this.#read(data);
		if (lesson) this.#document.open(lesson);
		// what is damaged is not written over
		this.#begin(lesson ? id : freshId(), lesson ? revision : null);
	}

	/** Tells that lessons came into the collection. */
	announce(): void {
		this.#changes += 1;
	}

	dismiss(): void {
		if (this.#message === null) this.#failure = null;
		this.#message = null;
	}

	/** Says something that the reader should know about the lesson or where it is kept. */
	say(message: string): void {
		this.#message = message;
	}

	/** Saving was refused: it is tried again after pauses that grow, and at the next edit. */
	#fail(message: string): void {
		this.#state = 'failed';
		this.#failure = message;
		this.#saveIn(this.#retry);
		this.#retry = Math.min(2 * this.#retry, LAST_RETRY);
	}
}

const session = () => sessionStorage;

const KEEPING = Symbol('keeping');
export const provideKeeping = (keeping: Keeping): Keeping => setContext(KEEPING, keeping);
/** What keeps the open lesson. */
export const useKeeping = (): Keeping => getContext<Keeping>(KEEPING);
