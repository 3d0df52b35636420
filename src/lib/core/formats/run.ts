import { csvText } from '../spreadsheet/csv-cells';
import { plainText, paragraphText, type Paragraph } from '../sentence/sentence';
import { addressText, board, rowKey, type Board, type BoardCell } from '../notation/board';
import { boardEquations } from '../notation/equations';
import { notationText } from '../notation/words';
import { boardLines, contentText, withPivotRatios, type BoardLine, type Writing } from '../notation/lines';
import { shownText, type Notation } from '../notation/notation';
import { ONE, type Rational } from '../number/rational';
import type { Tableau } from '../tableau/tableau';
import { fittedLatex, inLineLatex, latexColumn, latexNumber, latexText } from './latex';

/** A step of a run: its tableau, which of its numbers are covered, and what is said of it. */
export interface RunStep {
	readonly tableau: Tableau;
	readonly covered?: ReadonlySet<string>;
	readonly remarks: readonly Paragraph[];
	/** the pivot that is made from here: its entry is marked, and the ratios of its column stand beside */
	readonly pivot?: { readonly row: number; readonly slot: number };
}

export const RUN_FORMATS = ['latex', 'markdown', 'csv', 'text'] as const;
export type RunFormat = (typeof RUN_FORMATS)[number];

/** what stands for a number that is covered */
const COVERED = '?';

const same = (text: string) => text;
/** how the entry that is pivoted on is marked; a file of numbers has no marks */
const MARKS: Readonly<Record<Exclude<RunFormat, 'latex'>, (text: string) => string>> = {
	markdown: (text) => `**${text}**`,
	text: (text) => `[${text}]`,
	csv: same
};

/** The lines of a tableau as rows of texts. @param marked the entry that is pivoted on, and how it is marked */
const cells = (
	lines: readonly BoardLine[],
	writing: Writing,
	marked: { readonly at: string; readonly mark: (text: string) => string } | null
): string[][] =>
	lines.map(({ name, cells: own }) => [
		contentText(name, writing),
		...own.map(({ content, covered, address }) => {
			const text = covered ? COVERED : contentText(content, writing);
			return marked && address && addressText(address) === marked.at ? marked.mark(text) : text;
		})
	]);

/** `x_B = b − …` as lines, for the dictionary layout. */
const equations = (shown: Board, writing: Writing): [string, string][] =>
	boardEquations(shown).map(({ name, constant, terms }) => {
		const written = (cell: BoardCell) => contentText({ kind: 'number', cell }, writing);
		const inTerm = (size: BoardCell | null) =>
			size === null ? '' : size.m ? `(${written(size)}) ` : `${written(size)} `;
		const said = terms.map(({ sign, size, column, covered }) => {
			const own = writing.name(column.name);
			if (covered) return ` + ${COVERED} ${own}`;
			return sign === 0 ? '' : ` ${sign < 0 ? '-' : '+'} ${inTerm(size)}${own}`;
		});
		return [writing.name(name), (constant.covered ? COVERED : written(constant.number)) + said.join('')];
	});

/**
 * A tableau in a format, in the lesson's notation.
 * @param covered addresses whose numbers are left out
 * @param pivot the pivot that is made from here, where it is told; a dictionary does not mark it
 */
export function tableauText(
	t: Tableau,
	notation: Notation,
	format: RunFormat,
	covered?: ReadonlySet<string>,
	pivot?: RunStep['pivot']
): string {
	const shown = board(t, notation, covered);
	const at =
		pivot && addressText({ row: rowKey(t, pivot.row), column: t.form.columns[t.nonbasic[pivot.slot]].id });
	const table = (lines: readonly BoardLine[], writing: Writing, mark: (text: string) => string): string[][] =>
		cells(lines, writing, at ? { at, mark } : null);
	const plain = (value: Rational) =>
		format === 'csv' ? value.toFraction() : shownText(notation, value).replace(/\u202f/g, ' ');
	const isDictionary = notation.layout === 'dictionary';
	if (format === 'latex') {
		const writing: Writing = {
			number: (value) => latexNumber(value, notation.numbers),
			name: latexColumn,
			word: (text) => `\\text{${text}}`,
			minus: '-',
			m: 'M'
		};
		if (isDictionary) {
			const lines = equations(shown, writing).map(([left, right]) => `${left} &= ${right}`);
			return `\\begin{align*}\n${lines.join(' \\\\\n')}\n\\end{align*}\n`;
		}
		const lines = withPivotRatios(t, boardLines(shown, notation), pivot);
		const rows = table(lines, writing, (text) => `\\boxed{${text}}`);
		// a rule below the names, and one between rows and objective rows
		const isRuled = (i: number) =>
			lines[i].kind === 'head' ||
			(i + 1 < lines.length && (lines[i].kind === 'row') !== (lines[i + 1].kind === 'row') && i > headAt);
		const headAt = lines.findIndex(({ kind }) => kind === 'head');
		const ruled = rows.map(
			(row, i) =>
				row.map((text) => (text ? `$${text}$` : '')).join(' & ') + ' \\\\' + (isRuled(i) ? ' \\hline' : '')
		);
		return `\\begin{tabular}{l${'r'.repeat(rows[0].length - 1)}}\n${ruled.join('\n')}\n\\end{tabular}\n`;
	}
	const writing: Writing = {
		number: plain,
		name: same,
		word: same,
		minus: plain(ONE.neg()).charAt(0),
		m: 'M'
	};
	const rows = isDictionary
		? equations(shown, writing).map(([left, right]) => [left, '=', right])
		: table(withPivotRatios(t, boardLines(shown, notation), pivot), writing, (text) => MARKS[format](text));
	if (format === 'csv') return csvText(rows);
	if (format === 'markdown') {
		const escaped = rows.map((row) => row.map((text) => text.replace(/[|\\]/g, '\\$&')));
		const [head, ...rest] = isDictionary ? [['', '', ''], ...escaped] : escaped;
		const line = (row: readonly string[]) => `| ${row.join(' | ')} |`;
		return [line(head), line(head.map((_, i) => (i === 0 ? ':--' : '--:'))), ...rest.map(line), ''].join(
			'\n'
		);
	}
	const widths = rows[0].map((_, i) => Math.max(...rows.map((row) => [...(row[i] ?? '')].length)));
	return rows
		.map((row) =>
			row
				.map((text, i) => (i === 0 || isDictionary ? text.padEnd(widths[i]) : text.padStart(widths[i])))
				.join('  ')
				.trimEnd()
		)
		.join('\n')
		.concat('\n');
}

/** A whole run with its sentences, in the lesson's notation, which it names first. */
export function runText(steps: readonly RunStep[], notation: Notation, format: RunFormat): string {
	const part = ({ tableau, covered, remarks, pivot }: RunStep, i: number): string => {
		const table = tableauText(tableau, notation, format, covered, pivot);
		const told = remarks.map((remark) => ({
			heading: plainText(remark.heading, notation),
			text: paragraphText(remark, notation)
		}));
		if (format === 'csv') {
			const words = told.map(({ heading, text }) => csvText([[`${i}`, heading, text]]).trimEnd());
			return [...words, table].join('\n');
		}
		if (format === 'latex') {
			const words = told.map(
				({ heading, text }) => `\\paragraph{${latexText(heading)}} ${latexText(text)}\n`
			);
			// a display cannot be made to fit a line, the same within a line can
			const shown = `\\begin{center}\n${fittedLatex(inLineLatex(table))}\n\\end{center}\n`;
			return `${words.join('\n')}\n${shown}`;
		}
		const words = told.map(({ heading, text }) =>
			format === 'markdown' ? `### ${heading}\n\n${text}\n` : `${heading}\n${text}\n`
		);
		return [...words, table].join('\n');
	};
	const all = steps.map(part).join('\n');
	const own = notationText(notation);
	if (format === 'latex') return `% ${latexText(own)}\n% needs \\usepackage{amsmath,graphicx}\n${all}`;
	if (format === 'csv') return `${csvText([['', 'notation', own]])}${all}`;
	return `${own}\n\n${all}`;
}
