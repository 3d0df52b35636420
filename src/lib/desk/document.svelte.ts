import { untrack } from 'svelte';
import { annotated, type Trail } from '$lib/core/move/trail';
import type { RuleName } from '$lib/core/method/rule';
import { fitted } from '$lib/core/notation/column-names';
import { type Notation } from '$lib/core/notation/notation';
import type { NumberStyle } from '$lib/core/number/show';
import type { LastingBook } from '$lib/core/problem/lasting';
import type { Fix } from '$lib/core/problem/statement/diagnostics';
import { applyEdits, type TextEdit } from '$lib/core/problem/statement/text-edit';
import type { Reading } from '$lib/core/problem/statement/reading';
import type { Plan, Problem } from '$lib/core/problem/types';
import { writePlan } from '$lib/core/problem/use';
import { knownPage } from './pages';
import { Acts } from './acts.svelte';
import { Statement } from './statement.svelte';
import { Telling, type KeptTelling } from './telling.svelte';
import {
	newLesson,
	type KeptTree,
	type Lesson,
	type Meanings,
	type RegionView
} from '$lib/core/lesson/lesson';

/** milliseconds of typing's pause after which a long text is read */
const PAUSE = 200;

/** What of a lesson is a value here: all but the statement with who is who in it, what is told of it, and the tree of its whole numbers. */
type Own = Omit<Lesson, 'statement' | 'lasting' | 'tree' | keyof KeptTelling>;

/** A part of the desk that is no part of the lesson, but whose acts are taken back in one order with the lesson's. */
export interface Joined {
	/** how it stands, as a value */
	readonly state: unknown;
	restore(state: never): void;
}

/** A tree of whole numbers with the statement that it belongs to. */
interface GrownTree {
	readonly statement: string;
	readonly kept: KeptTree;
}

/** What of a lesson an act changes, and what it is taken back to. */
type Kept = Pick<Lesson, 'trail' | 'rule' | 'notation' | 'plans' | 'lasting'> &
	KeptTelling & {
		readonly text: string;
		readonly problem: Problem | null;
		readonly tree: GrownTree | null;
		readonly joined: readonly unknown[];
	};

/** What a lesson consists of: the statement, the trail, the notation. It is what is kept. */
export class LessonDocument {
	readonly #statement: Statement = new Statement((next) => this.telling.compare(next));
	/** what is told of the problem */
	readonly telling: Telling = new Telling(this.#statement, (group) => this.#mark(group ?? null, true));
	#own = $state.raw<Own>(newLesson(''));
	#tree = $state.raw<GrownTree | null>(null);
	// what stays the same when another part changes tells nobody
	readonly trail: Trail = $derived(this.#own.trail);
	readonly rule: RuleName = $derived(this.#own.rule);
	/** the notation as it was chosen */
	readonly chosenNotation: Notation = $derived(this.#own.notation);
	readonly view: RegionView | null = $derived(this.#own.view);
	/** the plans that were kept, amounts as text by the variables' names */
	readonly plans: Lesson['plans'] = $derived(this.#own.plans);
	/** the page of the desk that it is looked at with */
	readonly page: string = $derived(this.#own.page);
	/** how it was designed, as `recipe.ts` reads it; empty where it was not */
	readonly recipe: string = $derived(this.#own.recipe);
	/** what the class may not see before it is asked for */
	readonly concealed: Lesson['concealed'] = $derived(this.#own.concealed);
	/** the steps of its lecture; empty where they are made as suits the problem */
	readonly script: Lesson['script'] = $derived(this.#own.script);
	/** the lesson's notation as it is written here: where a name of it is one of the author's, another */
	readonly notation: Notation = $derived.by(() =>
		this.problem ? fitted(this.chosenNotation, this.problem) : this.chosenNotation
	);
	readonly #acts = new Acts<Kept>();
	readonly #joined: Joined[] = [];
	/** takes back what was done last, where that was no act of this lesson */
	#elsewhere = $state.raw<(() => void) | null>(null);
	/** the drag that is going on */
	#drag: object | null = null;
	#held = $state(false);

	constructor(lesson: Lesson) {
		this.open(lesson);
	}

	readonly text: string = $derived(this.#statement.text);
	/** what the text reads as */
	readonly reading: Reading = $derived(this.#statement.reading);
	/** the last right problem; it stays while the text is wrong */
	readonly problem: Problem | null = $derived(this.#statement.problem);
	/** whether the problem is older than the text */
	readonly stale: boolean = $derived(this.reading.problem === null && this.problem !== null);
	/** whether something of it is being dragged: an editor takes up the text when it is let go, as one edit */
	get held(): boolean {
		return this.#held;
	}
	/** who is who among constraints and variables */
	readonly book: LastingBook = $derived(this.#statement.book);

	/** the tree of the statement's whole numbers; null where none was begun of the statement as it is */
	readonly tree: KeptTree | null = $derived(this.#tree?.statement === this.text ? this.#tree.kept : null);

	/** Keeps just these things from the class; `Reveal` says when, and takes it back. */
	conceal(concealed: Lesson['concealed']): void {
		this.#change({ concealed });
	}

	/** Writes the lecture's steps anew. */
	rescript(script: Lesson['script']): void {
		this.#mark('script');
		this.#change({ script });
	}

	/** The lasting key of a variable or constraint; one that the book does not know is its own key. */
	keyOf(kind: keyof Meanings, name: string): string {
		return this.book[kind].find((own) => own.name === name)?.key ?? name;
	}

	/** The lesson as it is kept. */
	readonly lesson: Lesson = $derived.by(() => {
		const { toldOf: _, ...told } = this.telling.kept;
		return { ...this.#own, ...told, statement: this.text, lasting: this.book, tree: this.tree };
	});

	#change(parts: Partial<Own>): void {
		// who writes a part does not follow the others
		this.#own = { ...untrack(() => this.#own), ...parts };
	}

	readonly canUndo: boolean = $derived(this.#elsewhere !== null || this.#acts.canUndo);
	readonly canRedo: boolean = $derived(this.#acts.canRedo);

	get #kept(): Kept {
		return {
			text: this.text,
			problem: this.problem,
			...this.telling.kept,
			lasting: this.book,
			trail: this.trail,
			rule: this.rule,
			notation: this.chosenNotation,
			plans: this.plans,
			tree: this.#tree,
			joined: this.#joined.map(({ state }) => state)
		};
	}

	/** Something is about to be changed; as in {@link Acts.mark}. */
	#mark(group: unknown = null, isTyped = false): void {
		this.#elsewhere = null;
		this.#acts.mark(this.#kept, group, isTyped);
	}

	/** From now on acts of a part of the desk are taken back with those of the lesson; it calls what this returns before each. */
	join(part: Joined): () => void {
		this.#joined.push(part);
		return () => untrack(() => this.#mark());
	}

	/** Something was done last that is no act of this lesson, such as removing another. */
	didElsewhere(takeBack: () => void): void {
		this.#elsewhere = takeBack;
	}

	/** Takes the last act back, wherever it was done. */
	undo(): void {
		this.letGo();
		if (this.#elsewhere) {
			const takeBack = this.#elsewhere;
			this.#elsewhere = null;
			return takeBack();
		}
		this.#restore(this.#acts.undo(this.#kept));
	}

	redo(): void {
		this.letGo();
		this.#restore(this.#acts.redo(this.#kept));
	}

	/** What is done in it is one act. */
	asOne<T>(act: () => T): T {
		this.#acts.begin();
		try {
			return act();
		} finally {
			this.#acts.end();
		}
	}

	/** The same for what takes its time. */
	async asOneInTime(act: () => Promise<void>): Promise<void> {
		this.#acts.begin();
		await act().finally(() => this.#acts.end());
	}

	#restore(kept: Kept | null): void {
		if (!kept) return;
		const { trail, rule, notation, plans, tree, joined } = kept;
		this.#change({ trail, rule, notation, plans });
		this.#tree = tree;
		this.#joined.forEach((part, i) => part.restore(joined[i] as never));
		if (kept.text !== this.text) this.#statement.begin(kept.text, kept.problem, kept.lasting);
		this.telling.restore(kept);
	}

	/** Shows a lesson in place of the present one. */
	open(lesson: Lesson): void {
		this.#acts.clear();
		this.#elsewhere = null;
		const { statement, lasting, tree, story, notes, tags, meanings, ...own } = lesson;
		this.#own = { ...own, page: knownPage(own.page) };
		this.#tree = tree && { statement, kept: tree };
		this.telling.restore({ story, notes, tags, meanings, toldOf: null });
		this.#statement.begin(statement, null, lasting);
	}

	/** Takes in the statement's text; a wrong text leaves the last right problem where it is. */
	write(text: string): void {
		this.#put(text, null);
	}

	/** Another text; changes of one group in a row are one act. */
	#put(text: string, group: unknown): void {
		if (text === this.text) return;
		this.#mark(group);
		this.#statement.write(text, 0);
	}

	/** Takes in the text as it stands in the editor; a long one is read once typing pauses. */
	type(text: string): void {
		// an editor that waits for the end of a drag has an older text: it takes up the present one first
		if (this.#held) return this.letGo();
		// an editor that was told of a text tells it back
		if (text === this.text) return;
		this.#mark('typing', true);
		this.#statement.write(text, PAUSE);
	}

	/**
	 * Changes the statement by small edits of its text; what they do not touch stays as it was written. A drag that nobody ended ends.
	 * @param group edits of one group in a row, such as the keys typed into a cell, are one act
	 */
	edit(edits: readonly TextEdit[], group: string | null = null): void {
		this.letGo();
		if (edits.length > 0 && !this.stale) this.#put(applyEdits(this.text, edits), group);
	}

	/** Small edits that belong to the drag for which the document is held. */
	drag(edits: readonly TextEdit[]): void {
		if (edits.length > 0 && !this.stale) this.#put(applyEdits(this.text, edits), this.#drag);
	}

	/** From now on changes belong to one drag, until it is let go. */
	hold(): void {
		this.#held = true;
		this.#drag = {};
	}

	letGo(): void {
		this.#held = false;
		this.#drag = null;
	}

	/** Follows a finding's way out; unlike other edits it is there for a text that is wrong. */
	fix({ edits }: Fix): void {
		this.write(applyEdits(this.text, edits));
	}

	/** Puts another trail in place of the present one. */
	keepTrail(trail: Trail): void {
		this.#mark();
		this.#change({ trail });
	}

	/** Names a step or notes something about it; an empty text takes it away. */
	annotate(id: number, words: { name?: string; note?: string }): void {
		this.#mark();
		this.#change({ trail: annotated(this.trail, id, words) });
	}

	/**
	 * Keeps a tree with the statement; where another statement is written, undo brings this one back with its tree.
	 * @param group steps of one group in a row are one act; undefined where nothing was done but looking
	 */
	keepTree(kept: KeptTree, group?: object | null): void {
		if (group !== undefined) this.#mark(group);
		this.#tree = { statement: this.text, kept };
	}

	/** Keeps a plan under a name; one of the same name gives way. */
	keepPlan(name: string, plan: Plan): void {
		this.#mark();
		const others = this.plans.filter((other) => other.name !== name);
		this.#change({ plans: [...others, { name, amounts: writePlan(plan) }] });
	}

	removePlan(name: string): void {
		this.#mark();
		this.#change({ plans: this.plans.filter((other) => other.name !== name) });
	}

	/** Notes which page it is looked at with, so that it opens there again. */
	stay(page: string): void {
		this.#change({ page });
	}

	chooseRule(rule: RuleName): void {
		this.#mark();
		this.#change({ rule });
	}

	/** Writes from now on in another notation, or with some of its choices made otherwise. */
	notate(choices: Partial<Notation>): void {
		this.#mark();
		this.#change({ notation: { ...this.chosenNotation, ...choices } });
	}

	showNumbers(numbers: NumberStyle): void {
		this.notate({ numbers });
	}

	/** Looks at another part of the plane; null is the fitted one. */
	look(view: RegionView | null): void {
		this.#change({ view });
	}
}
