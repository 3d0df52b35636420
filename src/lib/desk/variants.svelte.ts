import { en } from '../core/language/language';
import { storyOf } from '$lib/core/design/variant-story';
import type { SameWay } from '$lib/core/design/variants';
import { collectionText } from '$lib/core/lesson/files';
import { newLesson, withTitle, type Lesson } from '$lib/core/lesson/lesson';
import { decodeProblem, writeProblem } from '$lib/core/problem/codec';
import { printStatement } from '$lib/core/problem/statement/print';
import type { Problem } from '$lib/core/problem/types';
import type { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';
import { Running } from './running.svelte';
import { asIso } from './summary';

/** what a search for variants may take before it stops by itself */
const MILLISECONDS = 20_000;

/** Other problems of the open lesson's kind. */
export class Variants {
	readonly #desk: Desk;
	/** how many, and what they keep of the pivots */
	count = $state(4);
	sameWay = $state<SameWay>('number');
	/** each search has other numbers */
	#seed = 0;
	#made = $state.raw<{ text: string; list: readonly Problem[] }>({ text: '', list: [] });
	readonly running = new Running<'variants'>();

	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** variants of the lesson's problem, as it is */
	readonly list: readonly Problem[] = $derived.by(() =>
		this.#made.text === this.#desk.document.text ? this.#made.list : []
	);

	/** Looks for variants of the open lesson's problem. */
	async vary(): Promise<void> {
		const { text, problem } = this.#desk.document;
		if (!problem) return;
		this.#made = { text, list: [] };
		await this.running.during('variants', async (signal) => {
			const { variantsInWorker } = await import('$lib/work/client');
			const take = (json: Parameters<typeof decodeProblem>[0]) =>
				(this.#made = { text, list: [...this.#made.list, decodeProblem(json)] });
			await variantsInWorker(
				writeProblem(problem),
				this.count,
				(this.#seed += 1),
				this.sameWay,
				MILLISECONDS,
				take,
				signal
			);
		});
	}

	/** The variants as lessons of a collection, lettered, each with the story in its own numbers. */
	lessons(title: string): Lesson[] {
		const { problem, telling } = this.#desk.document;
		const { story } = telling;
		return this.list.map((own, i) => {
			const lesson = newLesson(withTitle(printStatement(own), `${title} ${String.fromCharCode(65 + i)}`));
			if (!problem || !story) return lesson;
			const { story: told, untold } = storyOf(story, problem, own);
			const left = untold.map(({ name, part }) => `${name ?? problem.objective.name}, ${part}`).join('; ');
			const notes = left
				? en`The story has numbers that are not linked to the problem, and may be wrong in this variant: ${left}.\n`
				: '';
			return { ...lesson, story: told, notes };
		});
	}

	/** The variants as the text of a collection's file. */
	collection(title: string): string {
		const edited = asIso(Date.now());
		return collectionText(this.lessons(title).map((lesson) => ({ edited, lesson })));
	}
}

/** The variants of the lesson on the desk that the views above provide. */
export const useVariants = oneForDesk((desk) => new Variants(desk));
