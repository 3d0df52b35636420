import type { Rational } from '$lib/core/number/rational';
import {
	isAllowed,
	nearest,
	planOf,
	planFromTexts,
	rounded,
	wholeAround,
	withAmount
} from '$lib/core/problem/use';
import type { Plan } from '$lib/core/problem/types';

import type { LessonDocument } from './document.svelte';
import type { BestPlan } from './best-plan.svelte';
import type { Figure } from './figure.svelte';
import type { Reveal } from './reveal.svelte';

const MILLISECONDS = 10_000;
const MOST_ROUNDED = 10;

/** The plan being tried, before any method runs; and what it is compared with. */
export class Plans {
	readonly #document: LessonDocument;
	readonly #figure: Figure;
	readonly #best: BestPlan;
	/** amounts by name; a variable that is not there stands at its bound */
	#tried = $state.raw<Plan>(planFromTexts({}));
	readonly #reveal: Reveal;

	constructor(document: LessonDocument, figure: Figure, best: BestPlan, reveal: Reveal) {
		this.#reveal = reveal;
		this.#document = document;
		this.#figure = figure;
		this.#best = best;
	}

	/** the amounts being tried */
	readonly plan = $derived.by((): Plan => {
		const { problem } = this.#document;
		return problem ? planOf(problem, this.#tried) : this.#tried;
	});

	/** the best plan, once the instructor has asked for it; null before, and where there is none */
	readonly best: Plan | null = $derived.by(() => (this.showsBest ? (this.#best.found?.plan ?? null) : null));
	/** whether the best plan is shown: it was asked for here, or as the best corner of the region */
	readonly showsBest: boolean = $derived.by(() => this.#reveal.isOpen('best', this.#document.text));

	set(name: string, value: Rational): void {
		this.#tried = withAmount(this.#tried, name, value);
	}

	take(plan: Plan): void {
		this.#tried = plan;
	}

	/** A point of the picture as the plan being tried: two amounts, the others as they are. */
	place(across: string, x: Rational, up: string, y: Rational): void {
		this.take(withAmount(withAmount(this.plan, across, x), up, y));
	}

	round(): void {
		this.take(rounded(this.plan));
	}

	/** Goes to the corner of the region that is nearest; only where there is a picture. */
	snap(): void {
		const { region, isWhole } = this.#figure;
		if (!region || !isWhole) return;
		const [across, up] = region.axes;
		const corners = region.vertices.map(({ at: [x, y] }) =>
			withAmount(withAmount(this.plan, across, x), up, y)
		);
		const found = nearest(this.plan, corners);
		if (found) this.take(found);
	}

	/** Goes to the nearest plan in whole numbers that is allowed; to the nearest of all where none around is. */
	toWhole(): void {
		const { problem } = this.#document;
		if (!problem) return;
		// the roundings of more amounts than this are too many to look at
		const names = problem.variables.slice(0, MOST_ROUNDED).map(({ name }) => name);
		const around = wholeAround(this.plan, names);
		const allowed = around.filter((plan) => isAllowed(problem, plan));
		const found = nearest(this.plan, allowed.length ? allowed : around);
		if (found) this.take(found);
	}

	/** Shows the best plan beside those tried, or hides it again. */
	async toggleBest(): Promise<void> {
		const { text } = this.#document;
		if (this.showsBest) return this.#reveal.close('best', text);
		this.#reveal.openWhole('best', text);
		await this.#best.find(MILLISECONDS);
	}

	/** Finds the best plan off the page, where it is shown and not known yet. */
	async findBest(): Promise<void> {
		if (this.showsBest && !this.#best.found) await this.#best.find(MILLISECONDS);
	}
}
