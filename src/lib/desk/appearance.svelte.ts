const KEY = 'mathesis-appearance';

/** Light or dark: as the system prefers until the reader chooses, then as chosen. */
export class Appearance {
	dark = $state(false);

	constructor() {
		this.dark = this.remembered() ?? matchMedia('(prefers-color-scheme: dark)').matches;
		this.apply();
	}

	toggle(): void {
		this.dark = !this.dark;
		this.apply();
		try {
			localStorage.setItem(KEY, this.dark ? 'dark' : 'light');
		} catch {
			// a browser that keeps nothing still shows what was chosen
		}
	}

	private remembered(): boolean | null {
		try {
			const kept = localStorage.getItem(KEY);
			return kept === null ? null : kept === 'dark';
		} catch {
			return null;
		}
	}

	private apply(): void {
		document.documentElement.dataset.mode = this.dark ? 'dark' : 'light';
	}
}
