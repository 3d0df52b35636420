import { annotated, NEW_TRAIL, type Trail } from '$lib/core/move/trail';
import type { RuleName } from '$lib/core/method/types';
import { fitted } from '$lib/core/notation/column-names';
import { PLAIN, type Notation } from '$lib/core/notation/notation';
import type { NumberStyle } from '$lib/core/number/show';
import { EMPTY_BOOK, follow, type LastingBook } from '$lib/core/problem/lasting';
import type { Fix } from '$lib/core/problem/statement/diagnostics';
import { applyEdits, type TextEdit } from '$lib/core/problem/statement/text-edit';
import { NO_READING, readStatement, type Reading } from '$lib/core/problem/statement/read';
import type { Plan, Problem } from '$lib/core/problem/types';
import { writePlan } from '$lib/core/problem/use';
import { Cancelled } from '$lib/work/cancelled';
import {
	NO_MEANINGS,
	type KeptTree,
	type Lesson,
	type Meanings,
	type RegionView
} from '$lib/core/lesson/lesson';

/** characters that are read at once; longer texts go to the worker when typing pauses */
const READ_AT_ONCE = 6_000;
const PAUSE = 200;

/** What a lesson consists of: the statement, the trail, the notation. It is what is kept. */
export class LessonDocument {
	#text = $state('');
	#trail = $state.raw<Trail>(NEW_TRAIL);
	#rule = $state<RuleName>('dantzig');
	#notation = $state.raw<Notation>(PLAIN);
	#view = $state.raw<RegionView | null>(null);
	#plans = $state.raw<Lesson['plans']>([]);
	#tree = $state.raw<{ statement: string; kept: KeptTree } | null>(null);
	#story = $state('');
	#notes = $state('');
	#tags = $state.raw<readonly string[]>([]);
	#page = $state('/');
	#meanings = $state.raw<Meanings>(NO_MEANINGS);
	#problem = $state.raw<Problem | null>(null);
	readonly #fitted = $derived(this.#problem ? fitted(this.#notation, this.#problem) : this.#notation);
	#book = $state.raw<LastingBook>(EMPTY_BOOK);
	#reading = $state.raw<Reading>(NO_READING);
	#pendingRead: AbortController | null = null;
	#held = $state(false);
	/** the variables of the problem that story, notes and meanings are about, once another has taken its place */
	#toldOf = $state.raw<readonly string[] | null>(null);

	constructor(lesson: Lesson) {
		this.open(lesson);
	}

	get text(): string {
		return this.#text;
	}
	/** what the text reads as */
	get reading(): Reading {
		return this.#reading;
	}
	/** the last right problem; it stays while the text is wrong */
	get problem(): Problem | null {
		return this.#problem;
	}
	/** whether the problem is older than the text */
	get stale(): boolean {
		return this.#reading.problem === null && this.#problem !== null;
	}
	/** whether something of it is being dragged: an editor takes up the text when it is let go, as one edit */
	get held(): boolean {
		return this.#held;
	}
	/** who is who among constraints and variables */
	get book(): LastingBook {
		return this.#book;
	}
	get trail(): Trail {
		return this.#trail;
	}
	get rule(): RuleName {
		return this.#rule;
	}
	/** the lesson's notation as it is written here: where a name of it is one of the author's, another */
	get notation(): Notation {
		return this.#fitted;
	}
	/** the notation as it was chosen */
	get chosenNotation(): Notation {
		return this.#notation;
	}
	get view(): RegionView | null {
		return this.#view;
	}
	/** the plans that were kept, amounts as text by the variables' names */
	get plans(): Lesson['plans'] {
		return this.#plans;
	}

	/** the tree of the statement's whole numbers; null where none was begun of the statement as it is */
	get tree(): KeptTree | null {
		return this.#tree?.statement === this.#text ? this.#tree.kept : null;
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
	/** the page of the desk that it is looked at with */
	get page(): string {
		return this.#page;
	}

	/** whether story, notes and meanings are those of a problem that another has taken the place of */
	get isOutgrown(): boolean {
		return this.#toldOf !== null;
	}

	/** The lasting key of a variable or constraint; one that the book does not know is its own key. */
	keyOf(kind: keyof Meanings, name: string): string {
		return this.#book[kind].find((own) => own.name === name)?.key ?? name;
	}

	/** What a variable or constraint means in the words of the story; empty where nothing is said. */
	meaning(kind: keyof Meanings, name: string): string {
		if (this.isOutgrown) return '';
		const key = this.#book[kind].find((own) => own.name === name)?.key;
		return (key !== undefined && Object.hasOwn(this.#meanings[kind], key) && this.#meanings[kind][key]) || '';
	}

	/** The lesson as it is kept. */
	get lesson(): Lesson {
		return {
			format: 'mathesis-lesson',
			version: 3,
			statement: this.#text,
			story: this.#story,
			notes: this.#notes,
			tags: this.#tags,
			page: this.#page,
			meanings: this.#meanings,
			lasting: this.#book,
			trail: this.#trail,
			rule: this.#rule,
			notation: this.#notation,
			view: this.#view,
			plans: this.#plans,
			tree: this.tree
		};
	}

	/** Shows a lesson in place of the present one. */
	open(lesson: Lesson): void {
		this.#problem = null;
		this.#toldOf = null;
		this.#book = lesson.lasting;
		this.#trail = lesson.trail;
		this.#rule = lesson.rule;
		this.#notation = lesson.notation;
		this.#view = lesson.view;
		this.#plans = lesson.plans;
		this.#tree = lesson.tree && { statement: lesson.statement, kept: lesson.tree };
		this.#story = lesson.story;
		this.#notes = lesson.notes;
		this.#tags = lesson.tags;
		this.#page = lesson.page;
		this.#meanings = lesson.meanings;
		this.#change(lesson.statement, 0);
	}

	/** Takes in the statement's text; a wrong text leaves the last right problem where it is. */
	write(text: string): void {
		if (text !== this.#text) this.#change(text, 0);
	}

	/** Takes in the text as it stands in the editor; a long one is read once typing pauses. */
	type(text: string): void {
		// an editor that waits for the end of a drag has an older text: it takes up the present one first
		if (this.#held) return this.letGo();
		// an editor that was told of a text tells it back
		if (text !== this.#text) this.#change(text, PAUSE);
	}

	#change(text: string, pause: number): void {
		this.#text = text;
		this.#pendingRead?.abort();
		if (text.length <= READ_AT_ONCE) this.#take(readStatement(text));
		else void this.#readLong(text, pause);
	}

	/** Changes the statement by small edits of its text; what they do not touch stays as it was written. A drag that nobody ended ends. */
	edit(edits: readonly TextEdit[]): void {
		this.letGo();
		this.drag(edits);
	}

	/** Small edits that belong to the drag for which the document is held. */
	drag(edits: readonly TextEdit[]): void {
		if (edits.length > 0 && !this.stale) this.write(applyEdits(this.#text, edits));
	}

	/** From now on changes belong to one drag, until it is let go. */
	hold(): void {
		this.#held = true;
	}

	letGo(): void {
		this.#held = false;
	}

	/** Follows a finding's way out; unlike other edits it is there for a text that is wrong. */
	fix({ edits }: Fix): void {
		this.write(applyEdits(this.#text, edits));
	}

	/** A long text is read by a worker. */
	async #readLong(text: string, pause: number): Promise<void> {
		const pending = new AbortController();
		this.#pendingRead = pending;
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
		this.#compare(reading.problem);
		this.#book = follow(this.#book, this.#problem, reading.problem);
		this.#problem = reading.problem;
	}

	/** A problem that has no variable of the one before is another one; the first one may come back. */
	#compare(next: Problem): void {
		const names = (this.#toldOf ?? this.#problem?.variables.map(({ name }) => name)) || [];
		const isOther = names.length > 0 && !next.variables.some(({ name }) => names.includes(name));
		const isTold = !!(this.#story || this.#notes) || this.#meanings !== NO_MEANINGS;
		this.#toldOf = isOther && isTold ? names : null;
	}

	/** What was said of the problem before goes, or stays as being about this one. */
	settleStory(stays: boolean): void {
		this.#toldOf = null;
		if (stays) return;
		this.#story = '';
		this.#notes = '';
		this.#meanings = NO_MEANINGS;
	}

	/** Puts another trail in place of the present one. */
	keepTrail(trail: Trail): void {
		this.#trail = trail;
	}

	/** Names a step or notes something about it; an empty text takes it away. */
	annotate(id: number, words: { name?: string; note?: string }): void {
		this.#trail = annotated(this.#trail, id, words);
	}

	/** Keeps a tree with the statement; where another is written, it is put aside until this one stands there again. */
	keepTree(kept: KeptTree): void {
		this.#tree = { statement: this.#text, kept };
	}

	/** Keeps a plan under a name; one of the same name gives way. */
	keepPlan(name: string, plan: Plan): void {
		const others = this.#plans.filter((other) => other.name !== name);
		this.#plans = [...others, { name, amounts: writePlan(plan) }];
	}

	removePlan(name: string): void {
		this.#plans = this.#plans.filter((other) => other.name !== name);
	}

	tell(story: string): void {
		this.#story = story;
	}

	note(notes: string): void {
		this.#notes = notes;
	}

	tag(tags: readonly string[]): void {
		this.#tags = tags;
	}

	/** Notes which page it is looked at with, so that it opens there again. */
	stay(page: string): void {
		this.#page = page;
	}

	/** Says what a variable or constraint means; an empty text takes it away. */
	mean(kind: keyof Meanings, name: string, text: string): void {
		const key = this.#book[kind].find((own) => own.name === name)?.key;
		if (key === undefined) return;
		const { [key]: _, ...others } = this.#meanings[kind];
		this.#meanings = { ...this.#meanings, [kind]: text.trim() ? { ...others, [key]: text.trim() } : others };
	}

	chooseRule(rule: RuleName): void {
		this.#rule = rule;
	}

	/** Writes from now on in another notation, or with some of its choices made otherwise. */
	notate(choices: Partial<Notation>): void {
		this.#notation = { ...this.#notation, ...choices };
	}

	showNumbers(numbers: NumberStyle): void {
		this.notate({ numbers });
	}

	/** Looks at another part of the plane; null is the fitted one. */
	look(view: RegionView | null): void {
		this.#view = view;
	}
}
