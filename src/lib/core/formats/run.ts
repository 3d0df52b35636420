import { csvText } from '../spreadsheet/csv-cells';
import { plainText, paragraphText, type Paragraph } from '../sentence/sentence';
import { board, isCovered, type Board, type BoardCell } from '../notation/board';
import { shownText, type Notation } from '../notation/notation';
import { isZero, ONE, type Rational } from '../number/rational';
import type { Tableau } from '../tableau/tableau';
import { escapedLatex, latexName, latexNumber } from './latex';

/** A step of a run: its tableau, which of its numbers are covered, and what is said of it. */
export interface RunStep {
	readonly tableau: Tableau;
	readonly covered?: ReadonlySet<string>;
	readonly remarks: readonly Paragraph[];
}

export const RUN_FORMATS = ['latex', 'markdown', 'csv', 'text'] as const;
export type RunFormat = (typeof RUN_FORMATS)[number];

/** what stands for a number that is covered */
const COVERED = '?';

/** A tableau as rows of cells, in the places of the notation; each cell written by `number` and `name`. */
function cells(
	shown: Board,
	notation: Notation,
	number: (value: Rational) => string,
	name: (text: string) => string
): string[][] {
	const withM = ({ plain, m }: BoardCell): string => {
		if (!m || isZero(m)) return number(plain);
		const size = m.abs().equals(1) ? '' : number(m.abs());
		const own = isZero(plain) ? '' : number(plain);
		const sign = m.s < 0n ? number(ONE.neg()).charAt(0) : own ? '+' : '';
		return `${own}${own ? ' ' : ''}${sign}${own ? ' ' : ''}${size}${name('M')}`;
	};
	const named = notation.basis === 'named';
	const objective = shown.goals.find(({ goal }) => goal.kind === 'objective');
	/** @param row its part of an address; without one nothing is covered */
	const line = (
		head: string,
		ofGoal: string,
		entries: readonly string[],
		rhs: string,
		row?: string
	): string[] => [
		head,
		...shown.across.map((place) => {
			if (row !== undefined && isCovered(shown, row, place.column)) return COVERED;
			return place.kind === 'entry' ? entries[place.at] : place.kind === 'rhs' ? rhs : ofGoal;
		})
	];
	const head = line(
		shown.common ? `/ ${number(shown.common)}` : '',
		name(objective?.name ?? ''),
		shown.columns.map((c) => name(c.name)),
		name('rhs')
	);
	const rows = shown.rows.map((row) =>
		line(named ? name(row.name) : '', '0', row.entries.map(number), number(row.rhs), row.key)
	);
	const goals = shown.goals.map((goal) =>
		line(name(goal.name), number(goal.own), goal.cells.map(withM), withM(goal.value), goal.goal.kind)
	);
	const around = shown.costs
		? {
				above: [line(name('c'), '', shown.costs.above.map(withM), '')],
				// with its coefficients above, the row z says what the objective row says
				z: [line(name('z'), '', shown.costs.z.map(withM), '', shown.costs.goal.kind)]
			}
		: { above: [], z: [] };
	const blocks = { rows, goals: [...around.z, ...goals] };
	return [...around.above, head, ...shown.down.flatMap((block) => blocks[block])];
}

/** `x_B = b − …` as lines, for the dictionary layout. */
function equations(
	shown: Board,
	number: (value: Rational) => string,
	name: (text: string) => string
): [string, string][] {
	const sum = (row: string, rhs: string, entries: readonly Rational[]) =>
		entries.reduce(
			(text, value, k) => {
				if (isCovered(shown, row, shown.columns[k].column.id))
					return `${text} + ${COVERED} ${name(shown.columns[k].name)}`;
				if (isZero(value)) return text;
				const size = value.abs().equals(1) ? '' : `${number(value.abs())} `;
				return `${text} ${value.s < 0n ? '-' : '+'} ${size}${name(shown.columns[k].name)}`;
			},
			isCovered(shown, row, 'rhs') ? COVERED : rhs
		);
	return [
		...shown.rows.map((row): [string, string] => [
			name(row.name),
			sum(row.key, number(row.rhs), row.entries)
		]),
		...shown.goals.map((goal): [string, string] => [
			name(goal.name),
			sum(
				goal.goal.kind,
				number(goal.value.plain),
				goal.cells.map(({ plain }) => plain)
			) +
				(goal.cells.some(({ m }) => m && !isZero(m))
					? ` + M(${sum(
							goal.goal.kind,
							number(goal.value.m!),
							goal.cells.map(({ m }) => m!)
						)})`
					: '')
		])
	];
}

/**
 * A tableau in a format, in the lesson's notation.
 * @param covered addresses whose numbers are left out
 */
export function tableauText(
	t: Tableau,
	notation: Notation,
	format: RunFormat,
	covered?: ReadonlySet<string>
): string {
	const shown = board(t, notation, covered);
	const plain = (value: Rational) =>
		format === 'csv' ? value.toFraction() : shownText(notation, value).replace(/\u202f/g, ' ');
	const isDictionary = notation.layout === 'dictionary';
	if (format === 'latex') {
		const number = (value: Rational) => latexNumber(value, notation.numbers);
		const maths = (text: string) =>
			text === 'rhs' ? '\\text{rhs}' : /^M$/.test(text) ? 'M' : mathName(text);
		if (isDictionary) {
			const lines = equations(shown, number, maths).map(([left, right]) => `${left} &= ${right}`);
			return `\\begin{align*}\n${lines.join(' \\\\\n')}\n\\end{align*}\n`;
		}
		const table = cells(shown, notation, number, maths);
		const lines = table.map((row) => row.map((text) => (text ? `$${text}$` : '')).join(' & ') + ' \\\\');
		const headAt = notation.layout === 'extended' ? 1 : 0;
		const goalCount = table.length - 1 - headAt - t.basis.length;
		const rulesAfter = new Set([
			headAt,
			headAt + (notation.goalPlace === 'above' ? goalCount : t.basis.length)
		]);
		const ruled = lines.map((line, i) => (rulesAfter.has(i) ? `${line} \\hline` : line));
		return `\\begin{tabular}{l${'r'.repeat(table[0].length - 1)}}\n${ruled.join('\n')}\n\\end{tabular}\n`;
	}
	const rows = isDictionary
		? equations(shown, plain, (text) => text).map(([left, right]) => [left, '=', right])
		: cells(shown, notation, plain, (text) => text);
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

/** `s_{1}`, `x_{12}^{+}`, or a word: a column's or row's name in a formula, with its sign. */
function mathName(text: string): string {
	const minus = text.startsWith('−') ? '-' : '';
	const bare = minus ? text.slice(1) : text;
	return minus + latexName(bare);
}

/** A whole run with its sentences, in the lesson's notation. */
export function runText(steps: readonly RunStep[], notation: Notation, format: RunFormat): string {
	const part = ({ tableau, covered, remarks }: RunStep, i: number): string => {
		const table = tableauText(tableau, notation, format, covered);
		const told = remarks.map((remark) => ({
			heading: plainText(remark.heading, notation),
			text: paragraphText(remark, notation)
		}));
		if (format === 'csv') {
			const words = told.map(({ heading, text }) => csvText([[`${i}`, heading, text]]).trimEnd());
			return [...words, table].join('\n');
		}
		if (format === 'latex') {
			const words = told.map(({ heading, text }) => `\\paragraph{${mathText(heading)}} ${mathText(text)}\n`);
			return `${words.join('\n')}\n${notation.layout === 'dictionary' ? '' : '\\begin{center}\n'}${table}${notation.layout === 'dictionary' ? '' : '\\end{center}\n'}`;
		}
		const words = told.map(({ heading, text }) =>
			format === 'markdown' ? `### ${heading}\n\n${text}\n` : `${heading}\n${text}\n`
		);
		return [...words, table].join('\n');
	};
	const all = steps.map(part).join('\n');
	return format === 'latex' ? `% needs \\usepackage{amsmath}\n${all}` : all;
}

/** A text for LaTeX: signs that it does not know are written as mathematics. */
const mathText = (text: string): string =>
	escapedLatex(text)
		.replace(/−/g, '$-$')
		.replace(/≤/g, '$\\le$')
		.replace(/≥/g, '$\\ge$')
		.replace(/÷/g, '$\\div$')
		.replace(/·/g, '$\\cdot$')
		.replace(/←/g, '$\\leftarrow$')
		.replace(/[⁺]/g, '$^+$')
		.replace(/[⁻]/g, '$^-$')
		.replace(/\u202f/g, '\\,')
		.replace(/…/g, '\\dots{}');
