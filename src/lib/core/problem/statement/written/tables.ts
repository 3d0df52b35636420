import { message } from '../messages';
import type { Draft } from './clause';

/** Names and numbers in columns, as a spreadsheet, a file or a book has them: a table, which is read elsewhere. */

const AMOUNT = /^(?:[≤≥<>]?=?[ ]*)[-−]?\d[\d.,/]*$/;
const HEADING = /^(?:[≤≥<>]?=?|\p{L}[^+*·=<>≤≥]*)$/u;
/** a comment, a title, a story */
const PASSED = /^\s*(?:#|\/\/|%|title\b|story\b)/i;

/** what may stand between cells, each for all cells of a line */
const BETWEEN = [/[ ]*\t[ ]*|[ ]{2,}/, /[ ]*\|[ ]*/, /[ ]*;[ ]*/, /[ ]*,[ ]*/];
/** the line below the head of a table in Markdown */
const DRAWN = /^\s*\|?(?:\s*:?-+:?\s*\|)+\s*:?-*:?\s*$/;

/** How many amounts a line of a table has behind its first cell; null where it is no such line. */
function amountsIn(line: string): number | null {
	if (PASSED.test(line)) return null;
	if (DRAWN.test(line)) return 0;
	const text = line
		.trim()
		.replace(/^\|(.*)\|$/, '$1')
		.trim();
	const counts = BETWEEN.map((between) => {
		const [, ...cells] = text.split(between);
		const isLine = cells.length > 0 && cells.every((cell) => AMOUNT.test(cell) || HEADING.test(cell));
		return isLine ? cells.filter((cell) => AMOUNT.test(cell)).length : null;
	});
	return (
		counts.find((count) => count !== null && count > 1) ?? counts.find((count) => count !== null) ?? null
	);
}

/**
 * Refuses the first table of a text: lines in columns that follow each other, two of them with several amounts.
 * @returns whether there is one
 */
export function refuseTable(source: string, draft: Draft): boolean {
	let from = 0;
	let [rows, at] = [0, 0];
	for (const line of [...source.split('\n'), '']) {
		const amounts = amountsIn(line);
		if (amounts === null) {
			if (rows > 1) {
				draft.refuse({ from, to: at - 1 }, message('table'));
				return true;
			}
			[from, rows] = [at + line.length + 1, 0];
		} else if (amounts > 1) rows += 1;
		at += line.length + 1;
	}
	return false;
}
