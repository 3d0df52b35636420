/** A lesson that was not saved when its page went, and the revision that its tab knew. */
export interface Rescued {
	readonly id: string;
	readonly revision: string | null;
	readonly lesson: unknown;
}

const RESCUE_KEY = 'mathesis-unsaved-lesson';

/** Keeps a text where that takes no time, for the next start; null takes it away. */
export function keepForNextStart(text: string | null): void {
	try {
		if (text === null) localStorage.removeItem(RESCUE_KEY);
		else localStorage.setItem(RESCUE_KEY, text);
	} catch {
		// too large, or nothing may be kept: what the browser lets be saved is saved
	}
}

/** What the last page left there. */
export function rescuedText(): string | null {
	try {
		return localStorage.getItem(RESCUE_KEY);
	} catch {
		return null;
	}
}
