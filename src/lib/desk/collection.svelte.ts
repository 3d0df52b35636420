import { en } from '../core/language/language';
import { readLesson } from '$lib/core/lesson/check';
import { collectionText } from '$lib/core/lesson/files';
import { blankLesson, withTitle, withTitleMark, type Lesson } from '$lib/core/lesson/lesson';
import {
	fetchAll,
	fetchIndex,
	fetchLesson,
	freshId,
	keepLesson,
	removeLesson,
	restoreLesson,
	type LessonSummary
} from '$lib/store/collection';
import { versionsOf, type Version } from '$lib/store/versions';
import type { LessonDocument } from './document.svelte';
import type { Keeping } from './keeping.svelte';
import { allTags, asIso, summaryOf } from './summary';

export type { LessonSummary } from '$lib/store/collection';
export type { Version } from '$lib/store/versions';

/** The lessons kept in this browser: what is there, found and ordered. */
export class Collection {
	#list = $state.raw<readonly LessonSummary[]>([]);
	#isRead = $state(false);
	#removed = $state.raw<LessonSummary | null>(null);
	/** words that are searched for */
	query = $state('');
	/** the tag that is asked for */
	tag = $state<string | null>(null);
	readonly #keeping: Keeping;
	readonly #document: LessonDocument;

	constructor(keeping: Keeping, document: LessonDocument) {
		this.#keeping = keeping;
		this.#document = document;
	}

	/** whether the list has been read */
	get isRead(): boolean {
		return this.#isRead;
	}
	readonly count: number = $derived(this.#list.length);
	/** the lesson that was removed last, while it can be put back by one press */
	get removed(): LessonSummary | null {
		return this.#removed;
	}

	/** what the search finds, last edited first */
	readonly shown = $derived.by((): readonly LessonSummary[] => {
		const wanted = this.query.toLowerCase().split(/\s+/).filter(Boolean);
		return this.#list.filter(
			({ words, tags }) =>
				(this.tag === null || tags.includes(this.tag)) && wanted.every((word) => words.includes(word))
		);
	});

	readonly tags: readonly string[] = $derived(allTags(this.#list));

	/** Reads what is there; the open lesson is saved first. */
	async refresh(): Promise<void> {
		await this.#keeping.flush();
		const read = await fetchIndex();
		if (read.ok) this.#list = read.value;
		else this.#keeping.say(read.message);
		this.#isRead = true;
	}

	/** A lesson by its id, checked; null where it cannot be read, which is told. */
	async #lesson(id: string): Promise<{ lesson: Lesson; revision: string } | null> {
		const fetched = await fetchLesson(id);
		if (!fetched.ok || !fetched.value) {
			this.#keeping.say(fetched.ok ? en`This lesson is not in this browser any more.` : fetched.message);
			return null;
		}
		try {
			return { lesson: readLesson(fetched.value.lesson), revision: fetched.value.revision };
		} catch (error) {
			this.#keeping.say(en`This lesson is damaged (${(error as Error).message}).`);
			return null;
		}
	}

	/** Opens a lesson; gives the page that it is about, null where it cannot be opened. */
	async open(id: string): Promise<string | null> {
		return id === this.#keeping.id || (await this.#keeping.open(id)) ? this.#document.page : null;
	}

	/** Opens a lesson that is new here: an empty one, or a sample. */
	async create(lesson: Lesson = blankLesson()): Promise<string> {
		await this.#keeping.openNew(lesson);
		return this.#document.page;
	}

	async duplicate(id: string): Promise<void> {
		await this.#keeping.flush();
		const found = await this.#lesson(id);
		if (!found) return;
		const lesson = { ...found.lesson, statement: withTitleMark(found.lesson.statement, 'copy') };
		await this.#keep(freshId(), lesson, null);
	}

	/** Another title, or other tags. */
	async describe(id: string, { title, tags }: { title?: string; tags?: readonly string[] }): Promise<void> {
		if (id === this.#keeping.id) {
			if (title !== undefined) this.#document.write(withTitle(this.#document.text, title));
			if (tags) this.#document.telling.tag(tags);
			return this.refresh();
		}
		const found = await this.#lesson(id);
		if (!found) return;
		const { lesson, revision } = found;
		const statement = title === undefined ? lesson.statement : withTitle(lesson.statement, title);
		await this.#keep(id, { ...lesson, statement, tags: tags ?? lesson.tags }, revision);
	}

	async #keep(id: string, lesson: Lesson, revision: string | null): Promise<void> {
		const saved = await keepLesson(lesson, summaryOf(id, lesson, Date.now()), (own) => own === revision);
		if (!saved.ok) this.#keeping.say(saved.message);
		else if ('other' in saved.value)
			this.#keeping.say(en`Another tab has just changed this lesson. Try again.`);
		await this.refresh();
	}

	/** Takes a lesson out; the open one gives its place to the next, or to a fresh one. */
	async remove(summary: LessonSummary): Promise<void> {
		await this.#keeping.flush();
		if (summary.id === this.#keeping.id) {
			const next = this.#list.find(({ id }) => id !== summary.id);
			if (!next || !(await this.#keeping.open(next.id))) await this.create();
		}
		const gone = await removeLesson(summary.id, Date.now());
		if (gone.ok) {
			this.#removed = summary;
			this.#document.didElsewhere(() => void this.restore());
		} else this.#keeping.say(gone.message);
		await this.refresh();
	}

	/** Puts the lesson back that was removed last. */
	async restore(): Promise<void> {
		const last = this.#removed;
		if (!last) return;
		this.#removed = null;
		const back = await restoreLesson(last.id);
		if (!back.ok) this.#keeping.say(back.message);
		await this.refresh();
	}

	/** Earlier states of a lesson, the newest first. */
	async versions(id: string): Promise<readonly Version[]> {
		return [...(await versionsOf(id))].reverse();
	}

	/** Goes back to an earlier state of the open lesson; the present one is kept as a version. */
	async goBack(version: Version): Promise<boolean> {
		try {
			const lesson = readLesson(version.lesson);
			await this.#keeping.replace(lesson);
			await this.refresh();
			return true;
		} catch (error) {
			this.#keeping.say(en`This state is damaged (${(error as Error).message}).`);
			return false;
		}
	}

	/** The whole collection as the text of a file; lessons that are damaged are left out, and told. */
	async file(): Promise<string | null> {
		await this.#keeping.flush();
		const all = await fetchAll();
		if (!all.ok) {
			this.#keeping.say(all.message);
			return null;
		}
		let damaged = 0;
		const lessons = all.value.flatMap(({ edited, lesson }) => {
			try {
				return [{ edited: asIso(edited), lesson: readLesson(lesson) }];
			} catch {
				damaged += 1;
				return [];
			}
		});
		if (damaged) this.#keeping.say(en`${damaged} damaged lessons are not in the file.`);
		return collectionText(lessons);
	}
}
