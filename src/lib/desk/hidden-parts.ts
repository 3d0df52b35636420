/** What is left of some parts once those that were opened are taken away. */
export function without(all: readonly string[], opened: readonly string[]): ReadonlySet<string> {
	const shown = new Set(opened);
	return new Set(all.filter((own) => !shown.has(own)));
}

export const NOTHING_HIDDEN: ReadonlySet<string> = new Set();
