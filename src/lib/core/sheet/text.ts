import { en } from '../language/language';
import { contentText, type Writing } from '../notation/lines';
import { shownText, type Notation } from '../notation/notation';
import { notationText } from '../notation/words';
import { plainText } from '../sentence/sentence';
import { LINK_SAYS, paragraphsOf } from './prose';
import { statementLines } from './statement';
import type { SheetPart } from './types';

/** Sheets as plain text, tables in columns. */

/** Rows of cells in columns of equal width; what is blank is a line to write on. */
function columns(rows: readonly (readonly (string | null)[])[], startsLeft: boolean): string {
	const shown = rows.map((row) => row.map((text) => text ?? '____'));
	const widths = shown[0].map((_, j) => Math.max(...shown.map((row) => [...row[j]].length)));
	return shown
		.map((row) =>
			row
				.map((text, j) => (startsLeft || j === 0 ? text.padEnd(widths[j]) : text.padStart(widths[j])))
				.join('  ')
				.trimEnd()
		)
		.join('\n');
}

const room = (lines: number): string => Array.from({ length: lines }, () => '\n' + '_'.repeat(60)).join('');

function partText(part: SheetPart, notation: Notation): string {
	switch (part.kind) {
		case 'heading':
			return `${part.says}\n${'-'.repeat([...part.says].length)}`;
		case 'fields':
			return en`Name: ${'_'.repeat(40)}  Date: ${'_'.repeat(12)}`;
		case 'prose':
			return paragraphsOf(part.text).join('\n\n');
		case 'statement':
			return columns(
				statementLines(part.problem).map(({ label, left, right }) => [
					label,
					plainText(
						[...left, ...(right.length ? [{ kind: 'text' as const, text: ' ' }] : []), ...right],
						notation
					)
				]),
				true
			);
		case 'sentences':
			return part.lines.map((line) => plainText(line, notation)).join('\n');
		case 'grid':
			return columns(
				[part.head, ...part.rows].map((row) => row.map((own) => own && plainText(own, notation))),
				true
			);
		case 'tableau': {
			const same = (text: string) => text;
			const writing: Writing = {
				number: (value) => shownText(notation, value),
				name: same,
				word: same,
				minus: '−',
				m: 'M'
			};
			const rows = part.lines.map(({ name, cells }) => [
				contentText(name, writing),
				...cells.map(({ address, content }) =>
					address && content.kind === 'nothing' ? null : contentText(content, writing)
				)
			]);
			const done = part.operations.map((own) => plainText(own, notation)).join('   ');
			return [plainText(part.caption, notation), done, columns(rows, false)].filter(Boolean).join('\n');
		}
		case 'dictionary':
			return [
				plainText(part.caption, notation),
				...part.equations.map(
					([name, equals]) => `${name || '____'} = ${equals ? plainText(equals, notation) : '_'.repeat(24)}`
				)
			].join('\n');
		case 'picture':
			return en`(picture of the region)`;
		case 'tree':
			return en`(picture of the tree)`;
		case 'pictures':
			return en`(pictures ${part.choices.map(({ name }) => name).join(', ')})`;
		case 'question':
			return `${part.number}. ${part.says}${room(part.room)}`;
		case 'key':
			return `${part.number}. ${[part.says, part.because].filter(Boolean).join('. ')}`;
		case 'room':
			return room(part.lines).trimStart();
		case 'link':
			return `${LINK_SAYS}\n${part.link}`;
	}
}

/** One sheet or several as plain text. */
export const documentText = (
	sheets: readonly { readonly title: string; readonly parts: readonly SheetPart[] }[],
	notation: Notation
): string =>
	sheets
		.map(({ title, parts }) =>
			[`${title}\n${'='.repeat([...title].length)}`, ...parts.map((part) => partText(part, notation))].join(
				'\n\n'
			)
		)
		.join('\n\n\n')
		.concat(`\n\n${notationText(notation)}\n`);
