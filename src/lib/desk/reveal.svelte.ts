/** What can be kept from the class until it was asked. `advice`: what the rule would do next, in tableau, menus, finder and sentences alike. */
export type Secret = 'advice';

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

	/** whether the pivot that the rule would make, and the least ratio, are not shown */
	get hidesNext(): boolean {
		return this.conceals('advice');
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

	toggleNext(): void {
		this.#concealed = this.hidesNext
			? this.#concealed.filter((own) => own !== 'advice')
			: [...this.#concealed, 'advice'];
	}
}
