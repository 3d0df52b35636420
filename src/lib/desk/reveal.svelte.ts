/** What the class may see already: an instructor hides what the rule would do next, asks, and reveals it. */
export class Reveal {
	#hidesNext = $state(false);

	/** whether the pivot that the rule would make, and the least ratio, are not shown */
	get hidesNext(): boolean {
		return this.#hidesNext;
	}

	toggleNext(): void {
		this.#hidesNext = !this.#hidesNext;
	}
}
