/** How long a statement may be, and how deep its brackets. */

/** More brackets inside one another are not read: recovering from so many open ones takes very long. */
export const MOST_BRACKETS = 200;

/** The place where brackets are nested too deeply; −1 where they are not. */
export function tooDeep(text: string): number {
	let depth = 0;
	for (let i = 0; i < text.length; i++) {
		if (text[i] === '(') depth += 1;
		else if (text[i] === ')') depth = Math.max(0, depth - 1);
		else if (text[i] === '#') i = (text.indexOf('\n', i) + 1 || text.length + 1) - 1;
		if (depth > MOST_BRACKETS) return i;
	}
	return -1;
}

/** Longer texts are not read. */
export const MAX_STATEMENT = 400_000;
