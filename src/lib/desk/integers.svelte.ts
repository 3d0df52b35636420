import { en } from '../core/language/language';
import type { IntegerWork } from './integer-work';
import { solveLinear } from '$lib/core/answer/answer';
import { wholeHull } from '$lib/core/geometry/hull';
import { roundings } from '$lib/core/integer/rounding';
import { asksForWhole, mustBeWhole } from '$lib/core/problem/whole';
import type { Plan } from '$lib/core/problem/types';
import { samePlan } from '$lib/core/problem/use';
import type { WayTaken } from '$lib/core/integer/compare';
import type { BestFound } from './best-plan.svelte';
import { Cutting } from './cutting.svelte';
import type { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import { Running } from './running.svelte';
import { Tree } from './tree.svelte';

export const MODES = ['rounding', 'cuts', 'branching', 'comparison', 'proof'] as const;
export type Mode = (typeof MODES)[number];

/** What the ways to an integer plan are called. */
export const MODE_WORDS: Readonly<Record<Mode, string>> = {
	rounding: en`Rounding`,
	cuts: en`Cutting planes`,
	branching: en`Branch and bound`,
	comparison: en`Comparison`,
	proof: en`Proof`
};

const MILLISECONDS = 30_000;

/** What is looked at on the page of whole numbers: roundings, cuts, and the tree of a search. */
export class Integers {
	readonly #desk: Desk;
	#mode = $state<Mode>('rounding');
	#pointed = $state.raw<{ text: string; plans: readonly Plan[] }>({ text: '', plans: [] });
	#showsHull = $state(false);
	#ways = $state.raw<{ text: string; list: readonly WayTaken[] }>({ text: '', list: [] });

	readonly running = new Running<IntegerWork>();
	readonly cutting: Cutting;
	readonly tree: Tree;

	constructor(desk: Desk) {
		this.#desk = desk;
		this.cutting = new Cutting(desk, this.running);
		this.tree = new Tree(desk, this.running, () => ({ problem: this.problem, relaxation: this.relaxation }));
	}

	/** the problem, where it asks for whole numbers */
	readonly problem = $derived.by(() => {
		const { problem } = this.#desk.document;
		return problem && asksForWhole(problem) && !this.#desk.session.large ? problem : null;
	});
	/** its relaxation, solved */
	readonly relaxation = $derived(this.problem && solveLinear(this.problem));
	/** the corners of the hull of the whole points; null where there is none to be drawn */
	readonly hull = $derived(
		this.problem && this.problem.variables.length <= 3 && this.problem.variables.every(mustBeWhole)
			? wholeHull(this.problem)
			: null
	);
	/** the roundings of the relaxation's best plan, and the whole points pointed at */
	readonly roundings = $derived.by(() =>
		this.problem && this.corner ? roundings(this.problem, this.corner, this.pointed) : []
	);

	/** the best plan of the relaxation */
	readonly corner: Plan | null = $derived(this.relaxation?.solution ?? null);
	get mode(): Mode {
		return this.#mode;
	}
	get showsHull(): boolean {
		return this.#showsHull;
	}
	/** the best integer plan, once it was asked for: null before */
	readonly best: BestFound | null = $derived.by(() => this.#desk.best.found);
	readonly ways: readonly WayTaken[] = $derived.by(() =>
		this.#ways.text === this.#desk.document.text ? this.#ways.list : []
	);
	/** integer plans that were pointed at */
	readonly pointed: readonly Plan[] = $derived.by(() =>
		this.#pointed.text === this.#desk.document.text ? this.#pointed.plans : []
	);

	show(mode: Mode): void {
		this.#mode = mode;
	}

	toggleHull(): void {
		this.#showsHull = !this.#showsHull;
	}

	/** Judges an integer plan with the roundings, or no longer. */
	point(plan: Plan): void {
		const others = this.pointed.filter((own) => !samePlan(plan, own));
		const isNew = others.length === this.pointed.length;
		this.#pointed = { text: this.#desk.document.text, plans: isNew ? [...others, plan] : others };
	}

	/** Finds the best integer plan off the page. */
	async findBest(): Promise<void> {
		await this.running.during('best', (signal) => this.#desk.best.find(MILLISECONDS, signal));
	}

	/** Takes all ways to the best integer plan off the page, told one by one. */
	async compare(): Promise<void> {
		const { text } = this.#desk.document;
		this.#ways = { text, list: [] };
		await this.running.during('comparison', async (signal) => {
			const { compareInWorker } = await import('$lib/work/client');
			const told = (way: WayTaken) => (this.#ways = { text, list: [...this.#ways.list, way] });
			await compareInWorker(text, MILLISECONDS, told, signal);
		});
	}
}

/** What is looked at of whole numbers. */
export const useIntegers = oneForDesk((desk) => new Integers(desk));
