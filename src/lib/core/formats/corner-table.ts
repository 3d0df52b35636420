import { en } from '../language/language';
import { csvText } from '../spreadsheet/csv-cells';
import type { CornerRow } from '../geometry/corner-table';
import { isZero, sign, toText, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { escapedLatex, fittedLatex, latexName, latexNumber } from './latex';

/** The corner table as CSV and as LaTeX: corner, lines that meet there, objective worked out, and whether it is feasible. */

const lineName = ({ owner }: CornerRow['sides'][number]): string =>
	owner.kind === 'constraint'
		? owner.name
		: `${owner.name} ${owner.kind === 'lower' ? en`at its lower bound` : en`at its upper bound`}`;

/** `30·24 + 45·10`, with the constant at the end; negative numbers in brackets. */
export function workedOut(
	{ parts }: CornerRow,
	constant: Rational,
	write: (value: Rational) => string,
	times: string
): string {
	const bracketed = (value: Rational) => (sign(value) < 0 ? `(${write(value)})` : write(value));
	const sum = parts.map(
		({ cost, amount }, i) => (i === 0 ? write(cost) : bracketed(cost)) + times + bracketed(amount)
	);
	if (!isZero(constant)) sum.push(bracketed(constant));
	return sum.join(' + ') || '0';
}

/** The table as CSV, numbers exact. */
export function cornerCsv({ variables, objective }: Problem, rows: readonly CornerRow[]): string {
	const head = [
		...variables.map(({ name }) => name),
		'lines',
		en`${objective.name} worked out`,
		objective.name,
		'feasible'
	];
	return csvText([
		head,
		...rows.map((row) => [
			...row.at.map(toText),
			row.sides.map(lineName).join('; '),
			workedOut(row, objective.constant, toText, '·'),
			toText(row.objective),
			row.feasible ? 'yes' : 'no'
		])
	]);
}

/** The table as LaTeX with standard packages; a row for each corner. */
export function cornerLatex({ variables, objective }: Problem, rows: readonly CornerRow[]): string {
	const point = variables.map(({ name }) => latexName(name)).join(', ');
	const lines = rows.map((row) => {
		const at = `$(${row.at.map((value) => latexNumber(value)).join(', ')})$`;
		const value = `$${latexNumber(row.objective)}$`;
		return `${at} & ${row.sides.map((line) => escapedLatex(lineName(line))).join(', ')} & $${workedOut(row, objective.constant, latexNumber, ' \\cdot ')}$ & ${value}${row.feasible ? '' : en` (not feasible)`} \\\\`;
	});
	const table = `\\begin{tabular}{llll}\n$(${point})$ & lines & $${latexName(objective.name)}$ worked out & value \\\\ \\hline\n${lines.join('\n')}\n\\end{tabular}`;
	return `% needs \\usepackage{amsmath,graphicx}\n\\noindent ${fittedLatex(table)}\n`;
}
