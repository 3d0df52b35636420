import { remember, remembered } from './remembered';

const KEY = 'mathesis-appearance';

/** What belongs to the reader and not to the lesson: light or dark, and how the page is arranged. */
export class Preferences {
	#dark = $state(false);
	#wholeColumns = $state(false);
	#enlarged = $state<string | null>(null);

	constructor() {
		if (typeof document === 'undefined') return;
		const chosen = remembered(KEY);
		this.#dark = chosen === null ? matchMedia('(prefers-color-scheme: dark)').matches : chosen === 'dark';
		this.#apply();
	}

	get dark(): boolean {
		return this.#dark;
	}
	/** the pane that fills the page */
	get enlarged(): string | null {
		return this.#enlarged;
	}

	/** whether basic columns are never folded, however wide a tableau is */
	get wholeColumns(): boolean {
		return this.#wholeColumns;
	}

	toggleWholeColumns(): void {
		this.#wholeColumns = !this.#wholeColumns;
	}

	/** As the system prefers until the reader chooses, then as chosen. */
	toggleDark(): void {
		this.#dark = !this.#dark;
		this.#apply();
		remember(KEY, this.#dark ? 'dark' : 'light');
	}

	/** Lets a pane fill the page, or go back to its place when asked again. */
	enlarge(pane: string | null): void {
		this.#enlarged = pane === this.#enlarged ? null : pane;
	}

	/** Paper is light, whatever the screen is: while something is printed. */
	printing(isPrinting: boolean): void {
		if (isPrinting) document.documentElement.dataset.mode = 'light';
		else this.#apply();
	}

	#apply(): void {
		document.documentElement.dataset.mode = this.#dark ? 'dark' : 'light';
	}
}
