/** Small things that the browser remembers: what may not be kept there is simply not remembered. */

/** What is remembered under a key; null where nothing is, or nothing may be. */
export function remembered(key: string, storage: () => Storage = () => localStorage): string | null {
	try {
		return storage().getItem(key);
	} catch {
		return null;
	}
}

/** Remembers a text under a key; null forgets it. */
export function remember(
	key: string,
	text: string | null,
	storage: () => Storage = () => localStorage
): void {
	try {
		if (text === null) storage().removeItem(key);
		else storage().setItem(key, text);
	} catch {
		// full, or refused: the application works without
	}
}
