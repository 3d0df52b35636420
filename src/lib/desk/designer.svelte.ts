import { readDesignRequest, type ProgressJson } from '$lib/core/exchange/design';
import { neverMet, together, type Met, type NearFind } from '$lib/core/design/wish-sample';
import { storyOf } from '$lib/core/design/variant-story';
import type { Kept, PlanKept, Wish, WishedPlan } from '$lib/core/design/types';
import { effort } from '$lib/core/design/search';
import type { SameWay } from '$lib/core/design/variants';
import { collectionText } from '$lib/core/lesson/files';
import { newLesson, withTitle, type Lesson } from '$lib/core/lesson/lesson';
import { decodeProblem, writeProblem } from '$lib/core/problem/codec';
import { InputError } from '$lib/core/problem/json';
import { printStatement } from '$lib/core/problem/statement/print';
import type { Problem, Relation, Sense } from '$lib/core/problem/types';
import { useDesk, type Desk } from './desk.svelte';
import { asIso } from './summary';
import { Running } from './running.svelte';

export const WAYS_TO_DESIGN = ['wishes', 'hand', 'variants'] as const;
export type WayToDesign = (typeof WAYS_TO_DESIGN)[number];

/** What the ways to an exercise are called. */
export const DESIGN_WORDS: Readonly<Record<WayToDesign, string>> = {
	wishes: 'By wishes',
	hand: 'Around a plan',
	variants: 'Variants of this lesson'
};

/** A find with what it promises, and how much a student would write. */
export interface Found {
	readonly problem: Problem;
	readonly promises: readonly (Kept | PlanKept)[];
	readonly effort: number;
}

/** what a search may take before it stops by itself */
const MILLISECONDS = 20_000;
const MOST_WORKERS = 4;
/** how far apart the seeds of searches side by side are */
const APART = 1_000_003;

/** The design of exercises: what is wished, and what was found. */
export class Designer {
	readonly #desk: Desk;
	way = $state<WayToDesign>('wishes');
	variables = $state(2);
	constraints = $state(3);
	sense = $state<Sense>('max');
	/** null: as it comes */
	relations = $state.raw<readonly (Relation | null)[]>([]);
	from = $state(0);
	to = $state(9);
	rhs = $state(99);
	/** amounts as they are typed; empty where no plan is chosen */
	plan = $state('');
	shall = $state<WishedPlan['shall']>('best');
	wishes = $state.raw<readonly Wish[]>([
		{ kind: 'answer', is: 'unique' },
		{ kind: 'whole-plan' },
		{ kind: 'pivots', exactly: 2 }
	]);
	seed = $state(1);
	count = $state(4);
	/** how many variants, and what they keep of the pivots */
	copies = $state(4);
	sameWay = $state<SameWay>('number');
	#finds = $state.raw<readonly Found[]>([]);
	#progress = $state.raw<readonly ProgressJson[]>([]);
	#variants = $state.raw<{ text: string; list: readonly Problem[] }>({ text: '', list: [] });
	#searched = $state.raw<readonly Wish[]>([]);
	#fault = $state<string | null>(null);
	readonly running = new Running<'search' | 'variants'>();

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** what was found, the most pleasant first */
	get finds(): readonly Found[] {
		return this.#finds;
	}
	/** variants of the lesson's problem, as it is */
	get variants(): readonly Problem[] {
		return this.#variants.text === this.#desk.document.text ? this.#variants.list : [];
	}
	get tried(): number {
		return this.#progress.reduce((sum, { tried }) => sum + tried, 0);
	}
	/** of how many candidates a wish was the first that failed, the most frequent first */
	get missed(): readonly (readonly [string, number])[] {
		const all: Record<string, number> = {};
		for (const { missed } of this.#progress)
			for (const [kind, count] of Object.entries(missed)) all[kind] = (all[kind] ?? 0) + count;
		return Object.entries(all).sort(([, a], [, b]) => b - a);
	}
	/** what came nearest, where fewer were found than wanted */
	get nearest(): readonly NearFind[] {
		return this.#progress
			.flatMap(({ near }) => near)
			.map(({ problem, misses }) => ({ problem: decodeProblem(problem), misses }))
			.sort((a, b) => a.misses.length - b.misses.length)
			.slice(0, 3);
	}
	/** a smallest set of the wishes searched for that no candidate of the sample kept at once; none where each was met */
	get neverMet(): readonly Wish[] {
		const met = this.#progress.reduce<Met>((sum, own) => together(sum, own.met), {});
		return (neverMet(met, this.#searched.length) ?? []).map((i) => this.#searched[i]);
	}
	/** the wishes that were searched for */
	get searched(): readonly Wish[] {
		return this.#searched;
	}
	/** why the wishes cannot be searched for */
	get fault(): string | null {
		return this.#fault;
	}
	/** the request as POST /api/v1/design takes it */
	get request(): object {
		const { variables, constraints, sense, from, to, rhs, wishes, seed, count } = this;
		const all = this.relations.slice(0, constraints);
		const relations =
			all.length === constraints && all.every((own) => own !== null) ? { relations: all } : {};
		const amounts = this.plan.split(/[\s,;]+/).filter(Boolean);
		const plan = amounts.length ? { plan: { point: amounts, shall: this.shall } } : {};
		return {
			variables,
			constraints,
			sense,
			...relations,
			numbers: { from, to, rhs },
			...plan,
			wishes,
			seed,
			count,
			limit: { milliseconds: MILLISECONDS }
		};
	}
	/** what speaks against the wishes, before anything is searched */
	get against(): string | null {
		try {
			readDesignRequest(this.request);
			return null;
		} catch (error) {
			if (!(error instanceof InputError)) throw error;
			return error.issues.map(({ path, message }) => `${this.#called(path)} ${message}`).join('; ');
		}
	}

	#called(path: string): string {
		const at = /^wishes\[(\d+)\]/.exec(path);
		return at ? `Wish ${Number(at[1]) + 1}:` : path;
	}

	wish(wish: Wish): void {
		this.wishes = [...this.wishes, wish];
	}

	changeWish(i: number, wish: Wish): void {
		this.wishes = this.wishes.map((own, k) => (k === i ? wish : own));
	}

	removeWish(i: number): void {
		this.wishes = this.wishes.filter((_, k) => k !== i);
	}

	/** Searches in workers side by side, each with a seed of its own, until so many are found. */
	async search(): Promise<void> {
		this.#fault = this.against;
		this.#finds = [];
		if (this.#fault) return;
		const request = $state.snapshot(this.request);
		this.#searched = this.wishes;
		const workers = Math.min(MOST_WORKERS, Math.max(1, navigator.hardwareConcurrency || 1), this.count);
		const done = new AbortController();
		this.#progress = Array.from({ length: workers }, () => ({ tried: 0, missed: {}, met: {}, near: [] }));
		await this.running.during('search', async (signal) => {
			signal.addEventListener('abort', () => done.abort(), { once: true });
			const { designInWorker } = await import('$lib/work/client');
			const take = (find: { problem: unknown; promises: Found['promises'] }) => {
				const problem = decodeProblem(find.problem as Parameters<typeof decodeProblem>[0]);
				const text = printStatement(problem);
				if (
					this.#finds.length >= this.count ||
					this.#finds.some((own) => printStatement(own.problem) === text)
				)
					return;
				const own: Found = { problem, promises: find.promises, effort: effort(problem) };
				this.#finds = [...this.#finds, own].sort((a, b) => a.effort - b.effort);
				if (this.#finds.length >= this.count) done.abort();
			};
			const one = async (i: number) => {
				const told = (progress: ProgressJson) =>
					(this.#progress = this.#progress.map((own, k) => (k === i ? progress : own)));
				await designInWorker({ ...request, seed: this.seed + i * APART }, take, told, done.signal).catch(
					(error: unknown) => {
						if (!done.signal.aborted) throw error;
					}
				);
			};
			await Promise.all(Array.from({ length: workers }, (_, i) => one(i)));
		});
	}

	/** Looks for variants of the open lesson's problem. */
	async vary(): Promise<void> {
		const { text, problem } = this.#desk.document;
		if (!problem) return;
		this.#variants = { text, list: [] };
		await this.running.during('variants', async (signal) => {
			const { variantsInWorker } = await import('$lib/work/client');
			const take = (json: Parameters<typeof decodeProblem>[0]) =>
				(this.#variants = { text, list: [...this.#variants.list, decodeProblem(json)] });
			await variantsInWorker(
				writeProblem(problem),
				this.copies,
				this.seed,
				this.sameWay,
				MILLISECONDS,
				take,
				signal
			);
		});
	}

	/** A find as a lesson; the recipe is in its notes, so that it can be gone on with. */
	lessonOf({ problem }: Pick<Found, 'problem'>, title: string): Lesson {
		const recipe = JSON.stringify(this.request);
		return {
			...newLesson(withTitle(printStatement(problem), title)),
			notes: `Designed by wishes. The recipe, for the page Design or \`POST /api/v1/design\`:\n\n\`${recipe}\`\n`
		};
	}

	/** The variants as lessons of a collection, lettered, each with the story in its own numbers. */
	variantLessons(title: string): Lesson[] {
		const { problem, telling } = this.#desk.document;
		const { story } = telling;
		return this.variants.map((own, i) => {
			const lesson = newLesson(withTitle(printStatement(own), `${title} ${String.fromCharCode(65 + i)}`));
			if (!problem || !story) return lesson;
			const { story: told, untold } = storyOf(story, problem, own);
			const left = untold.map(({ name, part }) => `${name ?? problem.objective.name}, ${part}`).join('; ');
			const notes = left
				? `Numbers that the story does not link, and so may tell wrongly here: ${left}.\n`
				: '';
			return { ...lesson, story: told, notes };
		});
	}

	/** The variants as the text of a collection's file. */
	collection(title: string): string {
		const edited = asIso(Date.now());
		return collectionText(this.variantLessons(title).map((lesson) => ({ edited, lesson })));
	}
}

const made = new WeakMap<Desk, Designer>();

/** The design of exercises on the desk that the views above provide; made when it is first asked for. */
export function useDesigner(): Designer {
	const desk = useDesk();
	const known = made.get(desk);
	if (known) return known;
	// it outlives the page that asks for it first
	let fresh: Designer;
	$effect.root(() => {
		fresh = new Designer(desk);
	});
	made.set(desk, fresh!);
	return fresh!;
}
