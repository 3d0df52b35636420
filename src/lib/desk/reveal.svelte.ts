import { remember, remembered } from './remembered';

/**
 * What can be kept from the class until it was asked, in every place that would show it. `advice`: what the rule would do next, in tableau, menus,
 * finder and sentences; `best`: where the objective is best, in pictures of the region; `kind`: what kind of problem is stated.
 */
export type Secret = 'advice' | 'best' | 'kind';

/** where the browser remembers that the kind is concealed */
const KIND_KEY = 'mathesis-hides-kind';

/** What the class may see already: an instructor hides what the rule would do next, asks, and reveals it. */
export class Reveal {
	#concealed = $state.raw<readonly Secret[]>([]);
	#showsInverse = $state(false);
	#showsReasons = $state(false);

	#corners = $state.raw<{ text: string; keys: readonly string[] }>({ text: '', keys: [] });

	/** The corners whose objective is shown, by their keys, as long as the statement is the one they were shown for. */
	cornersOf(statement: string): readonly string[] {
		return this.#corners.text === statement ? this.#corners.keys : [];
	}

	showCorners(statement: string, keys: readonly string[]): void {
		this.#corners = { text: statement, keys };
	}

	constructor() {
		if (typeof document !== 'undefined' && remembered(KIND_KEY) !== null) this.#concealed = ['kind'];
	}

	/** Whether something may not be seen yet; everything that shows it asks here. */
	conceals(secret: Secret): boolean {
		return this.#concealed.includes(secret);
	}

	/** whether the basis inverse and the multipliers are marked in the tableau */
	get showsInverse(): boolean {
		return this.#showsInverse;
	}

	/** whether the reasons behind the rules that act here are told */
	get showsReasons(): boolean {
		return this.#showsReasons;
	}

	toggleReasons(): void {
		this.#showsReasons = !this.#showsReasons;
	}

	toggleInverse(): void {
		this.#showsInverse = !this.#showsInverse;
	}

	/** Keeps something from the class, or shows it again. */
	toggle(secret: Secret): void {
		this.#concealed = this.conceals(secret)
			? this.#concealed.filter((own) => own !== secret)
			: [...this.#concealed, secret];
		if (secret === 'kind') remember(KIND_KEY, this.conceals('kind') ? 'hidden' : null);
	}
}
