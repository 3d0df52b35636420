import { NO_MEANINGS, type Lesson, type Meanings } from '$lib/core/lesson/lesson';
import type { Problem } from '$lib/core/problem/types';
import type { Statement } from './statement.svelte';

/** What is told of a problem, as it is kept. */
export type KeptTelling = Pick<Lesson, 'story' | 'notes' | 'tags' | 'meanings'> & {
	/** the variables of the problem it is about, once another has taken its place */
	readonly toldOf: readonly string[] | null;
};

/** What is told of a lesson's problem: its story, the instructor's notes, tags, and what its names mean. */
export class Telling {
	#story = $state('');
	#notes = $state('');
	#tags = $state.raw<readonly string[]>([]);
	#meanings = $state.raw<Meanings>(NO_MEANINGS);
	#toldOf = $state.raw<readonly string[] | null>(null);
	readonly #statement: Statement;
	readonly #mark: (group?: string) => void;

	/** @param mark called before each change; those of one group in a row are one act */
	constructor(statement: Statement, mark: (group?: string) => void) {
		this.#statement = statement;
		this.#mark = mark;
	}

	/** what happened, in Markdown */
	get story(): string {
		return this.#story;
	}
	/** what the instructor wants to remember, in Markdown */
	get notes(): string {
		return this.#notes;
	}
	get tags(): readonly string[] {
		return this.#tags;
	}
	/** whether all this is about a problem that another has taken the place of */
	readonly isOutgrown: boolean = $derived(this.#toldOf !== null);
	readonly kept: KeptTelling = $derived.by(() => {
		const { story, notes, tags } = this;
		return { story, notes, tags, meanings: this.#meanings, toldOf: this.#toldOf };
	});

	restore({ story, notes, tags, meanings, toldOf }: KeptTelling): void {
		this.#story = story;
		this.#notes = notes;
		this.#tags = tags;
		this.#meanings = meanings;
		this.#toldOf = toldOf;
	}

	#keyOf = (kind: keyof Meanings, name: string): string | undefined =>
		this.#statement.book[kind].find((own) => own.name === name)?.key;

	/** What a variable or constraint means in the words of the story; empty where nothing is said. */
	meaning(kind: keyof Meanings, name: string): string {
		if (this.isOutgrown) return '';
		const key = this.#keyOf(kind, name);
		return (key !== undefined && Object.hasOwn(this.#meanings[kind], key) && this.#meanings[kind][key]) || '';
	}

	tell(story: string): void {
		if (story === this.#story) return;
		this.#mark('story');
		this.#story = story;
	}

	note(notes: string): void {
		if (notes === this.#notes) return;
		this.#mark('notes');
		this.#notes = notes;
	}

	tag(tags: readonly string[]): void {
		this.#mark();
		this.#tags = tags;
	}

	/** Says what a variable or constraint means; an empty text takes it away. */
	mean(kind: keyof Meanings, name: string, text: string): void {
		const key = this.#keyOf(kind, name);
		if (key === undefined) return;
		this.#mark();
		const { [key]: _, ...others } = this.#meanings[kind];
		this.#meanings = { ...this.#meanings, [kind]: text.trim() ? { ...others, [key]: text.trim() } : others };
	}

	/** A problem that has no variable of the one before is another one; the first one may come back. */
	compare(next: Problem): void {
		const names = (this.#toldOf ?? this.#statement.problem?.variables.map(({ name }) => name)) || [];
		const isOther = names.length > 0 && !next.variables.some(({ name }) => names.includes(name));
		const isTold = !!(this.#story || this.#notes) || this.#meanings !== NO_MEANINGS;
		this.#toldOf = isOther && isTold ? names : null;
	}

	/** What was told of the problem before goes, or stays as being about this one. */
	settle(stays: boolean): void {
		this.#mark();
		this.#toldOf = null;
		if (stays) return;
		this.#story = '';
		this.#notes = '';
		this.#meanings = NO_MEANINGS;
	}
}
