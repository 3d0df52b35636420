import { newLesson, withTitle } from '$lib/core/lesson/lesson';
import { printStatement } from '$lib/core/problem/statement/print';
import type { Problem } from '$lib/core/problem/types';
import { Desk } from './desk.svelte';
import { oneForDesk } from './one-for-desk.svelte';

/** A problem that is worked on beside the open lesson, with a desk of its own: nothing that is done there touches the lesson. */
export class Beside {
	readonly #desk: Desk;
	#other = $state.raw<{ readonly text: string; readonly title: string; readonly desk: Desk } | null>(null);
	#isOpen = $state(false);

	/** @param desk of the open lesson */
	constructor(desk: Desk) {
		this.#desk = desk;
	}

	/** the problem beside, with its desk; null where none is open */
	get other(): { readonly title: string; readonly desk: Desk } | null {
		return this.#isOpen ? this.#other : null;
	}

	/**
	 * Opens a problem beside; where it was open before, as it was left. Its notation and rule are the lesson's.
	 * @param isDual whether it is the dual: its constraints are not the lesson's, so they have no marks and slacks of another letter
	 */
	open(problem: Problem, title: string, isDual = false): void {
		const text = printStatement(problem);
		if (this.#other?.text !== text) {
			const desk = new Desk(newLesson(withTitle(text, title)), this.#desk);
			this.#other = { text, title, desk };
		}
		const { document } = this.#other.desk;
		const { notation } = this.#desk.document;
		const letter = ['t', 'e', 'h'].find((own) => own !== notation.slack && own !== notation.surplus)!;
		document.notate(isDual ? { ...notation, slack: letter, surplus: letter } : notation);
		this.#other.desk.session.hasMarks = !isDual;
		document.chooseRule(this.#desk.document.rule);
		this.#isOpen = true;
	}

	/** Closes it; it stays as it is until another is opened. */
	close(): void {
		this.#isOpen = false;
	}
}

/** The problem beside the lesson of the desk that the views above provide, kept when the view goes. */
export const useBeside = oneForDesk((desk) => new Beside(desk));
