/** All that is said, by part: texts in English with `{0}`, `{1}`, … for values. */
export function allWords(): Record<string, string[]>;

/** What components show without a mark, so that no other language could say it: `FILE: text`. */
export function unmarkedWords(): string[];
