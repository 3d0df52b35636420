/** What a sticky pattern matches at a place of a text; null where it does not begin there. */
export function matchAt(pattern: RegExp, text: string, at: number): RegExpExecArray | null {
	pattern.lastIndex = at;
	return pattern.exec(text);
}
