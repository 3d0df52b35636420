/** What the class may see already: an instructor hides what the rule would do next, asks, and reveals it. */
export class Reveal {
	#hidesNext = $state(false);

	#corners = $state.raw<{ text: string; keys: readonly string[] }>({ text: '', keys: [] });

	/** The corners whose objective is shown, by their keys, as long as the statement is the one they were shown for. */
	cornersOf(statement: string): readonly string[] {
		return this.#corners.text === statement ? this.#corners.keys : [];
	}

	showCorners(statement: string, keys: readonly string[]): void {
		this.#corners = { text: statement, keys };
	}

	/** whether the pivot that the rule would make, and the least ratio, are not shown */
	get hidesNext(): boolean {
		return this.#hidesNext;
	}

	toggleNext(): void {
		this.#hidesNext = !this.#hidesNext;
	}
}
