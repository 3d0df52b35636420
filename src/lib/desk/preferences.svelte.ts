const KEY = 'mathesis-appearance';

/** What belongs to the reader and not to the lesson: light or dark, and how the page is arranged. */
export class Preferences {
	#dark = $state(false);
	#enlarged = $state<string | null>(null);

	constructor() {
		if (typeof document === 'undefined') return;
		this.#dark = remembered() ?? matchMedia('(prefers-color-scheme: dark)').matches;
		this.#apply();
	}

	get dark(): boolean {
		return this.#dark;
	}
	/** the pane that fills the page */
	get enlarged(): string | null {
		return this.#enlarged;
	}

	/** As the system prefers until the reader chooses, then as chosen. */
	toggleDark(): void {
		this.#dark = !this.#dark;
		this.#apply();
		try {
			localStorage.setItem(KEY, this.#dark ? 'dark' : 'light');
		} catch {
			// a browser that keeps nothing still shows what was chosen
		}
	}

	/** Lets a pane fill the page, or go back to its place when asked again. */
	enlarge(pane: string | null): void {
		this.#enlarged = pane === this.#enlarged ? null : pane;
	}

	#apply(): void {
		document.documentElement.dataset.mode = this.#dark ? 'dark' : 'light';
	}
}

function remembered(): boolean | null {
	try {
		const kept = localStorage.getItem(KEY);
		return kept === null ? null : kept === 'dark';
	} catch {
		return null;
	}
}
