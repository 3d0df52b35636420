/** What a text that was pasted into the statement seems to be, if it is no statement. */
export type PastedKind = 'table' | 'mps' | 'json';

const isNumber = (cell: string): boolean =>
	/^[-+−(]?\s*[$€£]?\s*[\d.,]+(?:\/\d+)?\s*[%€)]?$/.test(cell.trim());

/** Whether every line has the same cells between separators, and most of those below the first line are numbers. */
function isBlock(lines: readonly string[], separator: string): boolean {
	const rows = lines.map((line) => line.split(separator));
	const width = rows[0].length;
	if (width < 2 || (separator !== '\t' && (width < 3 || rows.some((row) => row.length !== width))))
		return false;
	const cells = rows
		.slice(1)
		.flatMap((row) => row.slice(1))
		.filter((cell) => cell.trim() !== '');
	return cells.length > 1 && cells.filter(isNumber).length * 2 >= cells.length;
}

/**
 * Looks whether a pasted text is cells of a spreadsheet, an MPS file or a problem as JSON.
 * @returns null where it is taken for a statement
 */
export function pastedKind(text: string): PastedKind | null {
	if (/^\s*ROWS\s*$/m.test(text) && /^\s*COLUMNS\s*$/m.test(text)) return 'mps';
	if (/^\s*\{/.test(text) && /"objective"\s*:/.test(text)) return 'json';
	const lines = text.split(/\r\n?|\n/).filter((line) => line.trim());
	if (lines.length < 2) return null;
	const isMarkdown = lines.every((line) => /^\s*\|.*\|\s*$/.test(line));
	if (isMarkdown) return 'table';
	return ['\t', ';', ','].some((separator) => isBlock(lines, separator)) ? 'table' : null;
}
