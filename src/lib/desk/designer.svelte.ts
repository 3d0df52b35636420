import { en } from '../core/language/language';
import { emptyProblem } from '$lib/core/design/draft';
import { readDesignRequest, type ProgressJson } from '$lib/core/api/design';
import { neverMet, together } from '$lib/core/design/wish-sample';
import { FORM_PARTS, type FormPart, type Met, type NearFind } from '$lib/core/design/types';
import type { NamedExercise } from '$lib/core/design/exercises';
import {
	letterNames,
	named,
	namesFor,
	potteryNames,
	type Names,
	type NamesFrom
} from '$lib/core/design/naming';
import type { DesignRequest, KeptWish, PlanKept, Wish, WishedPlan } from '$lib/core/design/types';
import { workOf } from '$lib/core/design/search';
import { saysOf } from '$lib/core/design/wishes/kinds';
import { newLesson, withTitle, type Lesson } from '$lib/core/lesson/lesson';
import { decodeProblem, writeProblem } from '$lib/core/problem/codec';
import { InputError } from '$lib/core/problem/json';
import { printStatement } from '$lib/core/problem/statement/print';
import type { Plan, Problem, Relation, Sense, Terms } from '$lib/core/problem/types';
import { planFromTexts, writePlan } from '$lib/core/problem/use';
import type { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import { writeRecipe } from './recipe';
import { Running } from './running.svelte';

export const WAYS_TO_DESIGN = ['wishes', 'hand', 'variants'] as const;
export type WayToDesign = (typeof WAYS_TO_DESIGN)[number];

/** What the ways to an exercise are called. */
export const DESIGN_WORDS: Readonly<Record<WayToDesign, string>> = {
	wishes: en`By wishes`,
	hand: en`Around a plan`,
	variants: en`Variants of this lesson`
};

/** What the names of a designed problem are taken from. */
export const NAMING_WORDS: Readonly<Record<NamesFrom, string>> = {
	pottery: en`of the pottery`,
	letters: 'x1, x2; r1, r2',
	lesson: en`of the open lesson`
};

/** A find with what it promises, and how much a student would write. */
export interface RankedFind {
	readonly problem: Problem;
	readonly promises: readonly (KeptWish | PlanKept)[];
	readonly digits: number;
	/** the less, the more pleasant by hand */
	readonly roughness: number;
}

/** what the places of a request are called on the page */
const PLACES: Readonly<Record<string, string>> = {
	variables: en`The number of variables`,
	constraints: en`The number of constraints`,
	relations: en`The relations`,
	'numbers.from': en`The least coefficient`,
	'numbers.to': en`The largest coefficient`,
	'numbers.rhs': en`The largest right-hand side`,
	'plan.point': en`The plan`,
	seed: en`The seed`,
	count: en`The number of problems`,
	wishes: en`The wishes`
};

/** what a search may take before it stops by itself */
const MILLISECONDS = 20_000;
const MOST_WORKERS = 4;
/** how far apart the seeds of searches side by side are */
const APART = 1_000_003;
const NOTHING_TRIED: ProgressJson = { tried: 0, missed: {}, met: {}, near: [] };

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
	/** what a problem that is taken is called */
	naming = $state<NamesFrom>('pottery');
	/** whether the server searches: where the device is weak */
	onServer = $state(globalThis.navigator?.hardwareConcurrency === 1);
	wishes = $state.raw<readonly Wish[]>([
		{ kind: 'answer', is: 'unique' },
		{ kind: 'whole-plan' },
		{ kind: 'pivots', exactly: 2 }
	]);
	/** the parts of good form that are asked for */
	form = $state.raw<readonly FormPart[]>(FORM_PARTS);
	seed = $state(1);
	count = $state(4);
	#finds = $state.raw<readonly RankedFind[]>([]);
	#progress = $state.raw<readonly ProgressJson[]>([]);
	#searched = $state.raw<readonly Wish[]>([]);
	/** what was searched for, to be kept in what is taken */
	#recipe = '';
	/** milliseconds that searches took, and how often the last one was gone on with */
	#spent = $state(0);
	#rounds = 0;
	/** counts searches: which one it is whose finds are shown */
	#turn = 0;
	#fault = $state<string | null>(null);
	readonly running = new Running<'search'>();

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** what was found, the most pleasant first */
	get finds(): readonly RankedFind[] {
		return this.#finds;
	}
	readonly tried: number = $derived(this.#progress.reduce((sum, { tried }) => sum + tried, 0));
	/** of how many candidates a wish was the first that failed, the most frequent first */
	readonly missed: readonly (readonly [string, number])[] = $derived.by(() => {
		const all: Record<string, number> = {};
		for (const { missed } of this.#progress)
			for (const [kind, count] of Object.entries(missed)) all[kind] = (all[kind] ?? 0) + count;
		return Object.entries(all).sort(([, a], [, b]) => b - a);
	});
	/** candidates a second, so far; null before there were any */
	readonly rate: number | null = $derived(
		this.#spent > 0 && this.tried > 0 ? Math.round((1000 * this.tried) / this.#spent) : null
	);
	/** of a sample of what was missed: how many kept all wishes but this one, by its place, and how many there were */
	get alone(): { readonly of: number; readonly missed: readonly number[] } {
		const met = this.#met;
		const all = 2 ** this.#searched.length - 1;
		return {
			of: Object.values(met).reduce((sum, count) => sum + count, 0),
			missed: this.#searched.map((_, i) => met[all - 2 ** i] ?? 0)
		};
	}
	readonly #met: Met = $derived(this.#progress.reduce<Met>((sum, own) => together(sum, own.met), {}));
	/** what came nearest, where fewer were found than wanted */
	readonly nearest: readonly NearFind[] = $derived(
		this.#progress
			.flatMap(({ near }) => near)
			.map(({ problem, misses }) => ({ problem: decodeProblem(problem), misses }))
			.sort((a, b) => a.misses.length - b.misses.length)
			.slice(0, 3)
	);
	/** a smallest set of the wishes searched for that no candidate of the sample kept at once; none where each was met */
	readonly neverMet: readonly Wish[] = $derived(
		(neverMet(this.#met, this.#searched.length) ?? []).map((i) => this.#searched[i])
	);
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
			form: this.form,
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

	/** What the place of a fault is called on the page. */
	#called(path: string): string {
		const wish = /^wishes\[(\d+)\]/.exec(path);
		if (wish) return `“${saysOf(this.wishes[Number(wish[1])])}”:`;
		const amount = /^plan\.point\[(\d+)\]/.exec(path);
		if (amount) return en`Amount ${Number(amount[1]) + 1} of the plan`;
		return PLACES[path.replace(/\[.*/, '')] ?? path;
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

	/** Takes up what a lesson was designed by. */
	takeUp(request: DesignRequest): void {
		const { variables, constraints, sense, relations, numbers, plan, wishes, form, seed } = request;
		Object.assign(this, { variables, constraints, sense, ...numbers, wishes, form, seed });
		this.relations = relations ?? [];
		this.plan = plan ? plan.point.join(' ') : '';
		this.shall = plan?.shall ?? 'best';
		this.count = Math.min(12, request.count);
	}

	/** Sets everything as an exercise of this name wishes it, and searches. */
	async begin({ variables, constraints, sense, relations, numbers, wishes }: NamedExercise): Promise<void> {
		Object.assign(this, { variables, constraints, sense, ...numbers, wishes, form: FORM_PARTS, plan: '' });
		this.relations = relations ?? [];
		await this.search();
	}

	/** Searches until so many are found, in workers side by side, each with a seed of its own, or on the server. */
	async search(): Promise<void> {
		this.#fault = this.against;
		this.#finds = [];
		this.#progress = [];
		[this.#spent, this.#rounds] = [0, 0];
		if (!this.#fault) await this.#look();
	}

	/** Goes on with the search that was stopped, with what it found. */
	async goOn(): Promise<void> {
		this.#rounds += 1;
		await this.#look();
	}

	async #look(): Promise<void> {
		const turn = ++this.#turn;
		const request = $state.snapshot(this.request);
		this.#searched = this.wishes;
		this.#recipe = writeRecipe(request);
		const workers = this.onServer
			? 1
			: Math.min(MOST_WORKERS, Math.max(1, navigator.hardwareConcurrency || 1), this.count);
		const done = new AbortController();
		const [before, spent, begun] = [this.#progress, this.#spent, performance.now()];
		const own: ProgressJson[] = Array.from({ length: workers }, () => NOTHING_TRIED);
		await this.running.during('search', async (signal) => {
			signal.addEventListener('abort', () => done.abort(), { once: true });
			const { designInWorker, designOnServer } = await import('$lib/work/client');
			const take = (find: { problem: unknown; promises: RankedFind['promises'] }) => {
				const problem = decodeProblem(find.problem as Parameters<typeof decodeProblem>[0]);
				const text = printStatement(problem);
				// what an earlier search still finds is none of this one's
				if (
					turn !== this.#turn ||
					this.#finds.length >= this.count ||
					this.#finds.some((known) => printStatement(known.problem) === text)
				)
					return;
				const found: RankedFind = { problem, promises: find.promises, ...workOf(problem) };
				this.#finds = [...this.#finds, found].sort((a, b) => a.roughness - b.roughness);
				if (this.#finds.length >= this.count) done.abort();
			};
			const one = async (i: number) => {
				const told = (progress: ProgressJson) => {
					if (turn !== this.#turn) return;
					own[i] = progress;
					this.#progress = [...before, ...own];
					this.#spent = spent + performance.now() - begun;
				};
				const seed = this.seed + (i + this.#rounds * MOST_WORKERS) * APART;
				const work = this.onServer ? designOnServer : designInWorker;
				await work({ ...request, seed }, take, told, done.signal).catch((error: unknown) => {
					if (done.signal.aborted) return;
					if (!this.onServer) throw error;
					this.#fault = en`The server does not answer: search on this device`;
				});
			};
			await Promise.all(Array.from({ length: workers }, (_, i) => one(i)));
		});
	}

	/** The names that a problem of so many parts gets. */
	#names(problem: Problem): Names {
		const relations = problem.constraints.map(({ relation }) => relation);
		const { length } = problem.variables;
		const open = this.#desk.document.problem;
		const own = this.naming === 'lesson' && open && namesFor(open, length, relations.length);
		if (own) return own;
		return this.naming === 'pottery'
			? potteryNames(length, relations, problem.objective.sense)
			: letterNames(length, relations.length);
	}

	/** A lesson of this size with nothing but 0 in it, to be made around a plan. */
	begun(title: string): Lesson {
		const usual: Relation = this.sense === 'max' ? '<=' : '>=';
		const relations = Array.from({ length: this.constraints }, (_, i) => this.relations[i] ?? usual);
		const problem = emptyProblem(this.variables, relations, this.sense);
		return {
			...newLesson(withTitle(printStatement(named(problem, this.#names(problem))), title)),
			page: '/design'
		};
	}

	/** Whole coefficients of the objective near its own for which a plan is best, worked out aside; null where none was found. */
	async nearestWhole(problem: Problem, plan: Plan, signal: AbortSignal): Promise<Terms | null> {
		const { nearestWholeInWorker } = await import('$lib/work/client');
		const found = await nearestWholeInWorker(writeProblem(problem), writePlan(plan), signal);
		return found && planFromTexts(found);
	}

	/** A find as a lesson under the names chosen; it keeps its recipe, so that it can be gone on with. */
	lessonOf({ problem }: Pick<RankedFind, 'problem'>, title: string): Lesson {
		return {
			...newLesson(withTitle(printStatement(named(problem, this.#names(problem))), title)),
			recipe: this.#recipe
		};
	}
}

/** The design of exercises on the desk that the views above provide; it outlives the page that asks for it first. */
export const useDesigner = oneForDesk((desk) => new Designer(desk));
