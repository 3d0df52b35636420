import { getContext, setContext } from 'svelte';
import { fetchLesson, freshId, keepLesson, setAside, takeFirst, type Kept } from '$lib/store/collection';
import { keepVersion } from '$lib/store/versions';
import type { LessonDocument } from './document.svelte';
import { titleOf, withTitleMark, type Lesson } from '$lib/core/lesson/lesson';
import { remember, remembered } from './remembered';
import { summaryOf } from './summary';

/** milliseconds from the first edit that is not saved yet to its saving */
const DELAY = 60;
/** which lesson a tab has open, and which was open last in this browser */
const OPEN_KEY = 'mathesis-open-lesson';
/** what a page could not save any more when it went */
const RESCUE_KEY = 'mathesis-unsaved-lesson';
/** what marks the title of a lesson that parts from another tab's */
const OTHER_TAB = 'other tab';
const CHANNEL = 'mathesis-lessons';

/** What tabs tell one another: a lesson was saved in one of them. */
interface Word {
	readonly id: string;
	readonly revision: string;
}

/**
 * Keeps the open lesson in the browser: fetched at the start, saved soon after each edit, with its state for the reader. Where the same
 * lesson is open in another tab, what is saved there is shown here; and where both were changed, both are kept.
 */
export class Keeping {
	#state = $state<'starting' | 'saved' | 'saving' | 'failed'>('starting');
	#message = $state<string | null>(null);
	#id = $state('');
	#changes = $state(0);
	#from = $state.raw<{ readonly id: string; readonly title: string } | null>(null);
	#timer: ReturnType<typeof setTimeout> | undefined;
	/** the lesson that was kept last */
	#last: Lesson | null = null;
	/** the revision that the store had when this tab last looked; null before the first save */
	#revision: string | null = null;
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
	get message(): string | null {
		return this.#message;
	}
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
		if (!first.ok) return this.#begin(freshId(), null, first.message);
		if (first.value !== null) {
			await this.#show(freshId(), first.value);
			if (this.#state !== 'failed') this.#last = null;
			this.touch();
			return;
		}
		if (fetched && !fetched.ok) return this.#begin(id!, null, fetched.message);
		if (fetched?.value) {
			await this.#show(id!, fetched.value.lesson, fetched.value.revision);
			return this.#takeRescued();
		}
		// a first visit: the demo lesson is the first of the collection
		this.#begin(id ?? freshId(), null);
		this.#last = null;
		this.touch();
		return this.#takeRescued();
	}

	/**
	 * The page is about to go. Saving goes on as long as the browser lets it; what is not saved yet is put where that takes no time, and is
	 * taken from there at the next start.
	 */
	leave(): void {
		if (this.#state === 'starting' || this.#isKept(this.#document.lesson)) return;
		const rescued: Rescued = { id: this.#id, revision: this.#revision, lesson: this.#document.lesson };
		remember(RESCUE_KEY, JSON.stringify(rescued));
		void this.flush();
	}

	/** What the last page could not save any more, if it belongs to the lesson that is open. */
	async #takeRescued(): Promise<void> {
		const text = remembered(RESCUE_KEY);
		if (text === null) return;
		remember(RESCUE_KEY, null);
		const { id, revision, lesson: data } = JSON.parse(text) as Rescued;
		if (id !== this.#id || JSON.stringify(data) === JSON.stringify(this.#document.lesson)) return;
		const lesson = await this.#read(data);
		if (!lesson) return;
		const isOther = revision !== this.#revision && this.#revision !== null;
		const statement = isOther ? withTitleMark(lesson.statement, OTHER_TAB) : lesson.statement;
		this.#document.open({ ...lesson, statement });
		if (isOther) this.#begin(freshId(), null);
		this.#last = null;
		this.touch();
	}

	/**
	 * Opens a lesson of the collection in place of the present one, which is saved first.
	 * @returns whether it could be opened; if not, the present one stays
	 */
	async open(id: string): Promise<boolean> {
		await this.flush();
		const fetched = await fetchLesson(id);
		if (!fetched.ok || !fetched.value) {
			this.#message = fetched.ok ? 'This lesson is not in this browser any more.' : fetched.message;
			return false;
		}
		const lesson = await this.#read(fetched.value.lesson);
		if (!lesson) return false;
		this.#from = null;
		this.#document.open(lesson);
		this.#begin(id, fetched.value.revision);
		return true;
	}

	/**
	 * Opens a lesson that is not in the collection yet; it is saved there at once. The present one is saved first.
	 * @param isBesides whether it belongs to the present one, to which there is then a way back
	 */
	async openNew(lesson: Lesson, isBesides = false): Promise<void> {
		await this.flush();
		this.#from = isBesides ? { id: this.#id, title: titleOf({ statement: this.#document.text }) } : null;
		this.#document.open(lesson);
		this.#begin(freshId(), null);
		this.#last = null;
		await this.flush();
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
		if (this.#state === 'starting' || this.#isKept(this.#document.lesson)) return;
		this.#state = 'saving';
		this.#timer ??= setTimeout(() => void this.flush(), DELAY);
	}

	/** Saves now, as when the page is about to go. */
	flush(): Promise<void> {
		clearTimeout(this.#timer);
		this.#timer = undefined;
		this.#saving = this.#saving.then(() => this.#save());
		return this.#saving;
	}

	async #save(): Promise<void> {
		const { lesson } = this.#document;
		if (this.#state === 'starting') return;
		if (this.#isKept(lesson)) {
			// an edit was taken back before it was saved
			this.#state = 'saved';
			return;
		}
		const id = this.#id;
		const saved = await keepLesson(
			$state.snapshot(lesson),
			summaryOf(id, lesson, Date.now()),
			this.#revision
		);
		if (!saved.ok) return this.#fail(saved.message);
		if ('other' in saved.value) return this.#part(saved.value.other);
		this.#keep(saved.value.kept, lesson);
	}

	#keep({ id, revision }: Kept, lesson: Lesson): void {
		this.#last = lesson;
		this.#revision = revision;
		this.#channel?.postMessage({ id, revision } satisfies Word);
		if (this.#isKept(this.#document.lesson)) this.#state = 'saved';
		else this.touch();
	}

	/** Another tab has saved another state of this lesson meanwhile: ours goes on as a lesson of its own. */
	async #part(other: Kept): Promise<void> {
		const lesson = await this.#read(other.lesson);
		// both did the same, as two tabs of a first visit do
		if (lesson && JSON.stringify(lesson) === JSON.stringify(this.#document.lesson))
			return this.#begin(other.id, other.revision);
		if (lesson) {
			const statement = withTitleMark(this.#document.text, OTHER_TAB);
			const title = titleOf({ statement });
			this.#message = `This lesson was changed in another tab at the same time. Neither is lost: what was done here goes on as “${title}”.`;
			this.#document.write(statement);
		}
		this.#begin(freshId(), null);
		this.#last = null;
		await this.#save();
	}

	/** Another tab has saved: with nothing unsaved here, what it saved is shown. */
	async #hear({ id, revision }: Word): Promise<void> {
		if (id !== this.#id || revision === this.#revision) return;
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
		// what the store refuses is not kept yet
		this.#last = failure === undefined ? this.#document.lesson : null;
		remember(OPEN_KEY, id, session);
		remember(OPEN_KEY, id);
		if (failure === undefined) this.#state = 'saved';
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
			this.#message = `The kept lesson is damaged (${why}). It was set aside; what stands on the desk is not it.`;
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
		this.#message = null;
	}

	/** Says something that the reader should know about the lesson or where it is kept. */
	say(message: string): void {
		this.#message = message;
	}

	#fail(message: string): void {
		this.#state = 'failed';
		this.#message = message;
	}
}

/** A lesson that was not saved when its page went, and the revision that its tab knew. */
interface Rescued {
	readonly id: string;
	readonly revision: string | null;
	readonly lesson: unknown;
}

const session = () => sessionStorage;

const KEEPING = Symbol('keeping');
export const provideKeeping = (keeping: Keeping): Keeping => setContext(KEEPING, keeping);
/** What keeps the open lesson. */
export const useKeeping = (): Keeping => getContext<Keeping>(KEEPING);
