/** where the fields of the fixed form begin and end */
const FIELDS: readonly (readonly [number, number])[] = [
	[1, 3],
	[4, 12],
	[14, 22],
	[24, 36],
	[39, 47],
	[49, 61]
];

/** The fields of a data line of the fixed form; the first, a code of two letters, is empty where there is none. */
export function fixedFields(line: string): string[] {
	const cut = FIELDS.map(([from, to]) => line.slice(from, to).trim());
	while (cut.length > 1 && cut.at(-1) === '') cut.pop();
	return cut;
}

/**
 * The fields of a data line of the free form, with blanks between them.
 * @param coded whether such a line begins with a code; else an empty one is put before
 */
export function freeFields(line: string, coded: boolean): string[] {
	const parts = line.trim().split(/\s+/);
	return coded ? parts : ['', ...parts];
}
