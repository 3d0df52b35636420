/** A stretch of the text and what takes its place. */
export interface TextEdit {
	readonly from: number;
	readonly to: number;
	readonly insert: string;
}

/** The text after some edits, which must not overlap. */
export function applyEdits(text: string, edits: readonly TextEdit[]): string {
	return [...edits]
		.sort((a, b) => b.from - a.from)
		.reduce((now, { from, to, insert }) => now.slice(0, from) + insert + now.slice(to), text);
}
