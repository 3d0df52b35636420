import { en } from '../language/language';
import { isInteger, isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import { texNumber, type NumberStyle } from '../number/show';
import { nameParts } from '../notation/name-parts';
import { quote } from '../problem/statement/linear';
import { nameText } from '../problem/statement/print';
import type { Problem, Relation, Terms, Variable } from '../problem/types';

/** A problem as LaTeX that compiles with standard packages (amsmath for aligned rows), and that the statement language reads back. */

/** How a relation is written in LaTeX. */
export const LATEX_RELATIONS: Record<Relation, string> = { '<=': '\\le', '>=': '\\ge', '=': '=' };

/** A text with the signs escaped that mean something in LaTeX. */
export const escapedLatex = (text: string): string =>
	text.replace(/[\\{}$&#^_%~]/g, (c) =>
		c === '\\' ? '\\textbackslash{}' : c === '^' || c === '~' ? `\\${c}{}` : `\\${c}`
	);

/** A name as mathematics: one letter in italics, a word set as a word, an index lowered. */
export function latexName(name: string): string {
	const [, letters, index] = /^([a-zA-Z]+)(\d*)$/.exec(name) ?? [];
	if (!letters) return `\\text{${escapedLatex(name)}}`;
	const body = letters.length === 1 ? letters : `\\mathit{${letters}}`;
	return index ? `${body}_{${index}}` : body;
}

/**
 * A name of a variable, column or row as mathematics: `x_{12}`, a word in italics, other scripts upright, `y^{+}`.
 * @param escape how signs are escaped that mean something within \text
 */
export function latexColumn(name: string, escape: (text: string) => string = escapedLatex): string {
	const { minus, body, primes, index, raised } = nameParts(name);
	const letters = !/^[a-zA-Z]+$/.test(body)
		? `\\text{${escape(body)}}`
		: body.length === 1
			? body
			: `\\mathit{${body}}`;
	const above = '\\prime'.repeat(primes) + raised;
	return `${minus ? '-' : ''}${letters}${above ? `^{${above}}` : ''}${index ? `_{${index}}` : ''}`;
}

/** Signs of sentences that LaTeX's text does not have, as mathematics. */
const SIGNS: Readonly<Record<string, string>> = {
	'−': '$-$',
	'≤': '$\\le$',
	'≥': '$\\ge$',
	'÷': '$\\div$',
	'·': '$\\cdot$',
	'×': '$\\times$',
	'←': '$\\leftarrow$',
	'→': '$\\to$',
	'∞': '$\\infty$',
	λ: '$\\lambda$',
	μ: '$\\mu$',
	Σ: '$\\Sigma$',
	'✓': '$\\surd$',
	'✗': '$\\times$',
	'′': '$^\\prime$',
	'⁺': '$^+$',
	'⁻': '$^-$',
	'\u202f': '\\,',
	'\u00a0': '~',
	'…': '\\dots{}'
};

/** A sentence's text for LaTeX. */
export const latexText = (text: string): string =>
	escapedLatex(text).replace(/[−≤≥÷·×←→∞λμΣ✓✗′⁺⁻\u202f\u00a0…]/g, (sign) => SIGNS[sign]);

/** A table as wide as it is, but never wider than the line (needs graphicx). */
export const fittedLatex = (table: string): string =>
	`\\resizebox{\\ifdim\\width>\\linewidth\\linewidth\\else\\width\\fi}{!}{%\n${table}}`;

/** An aligned display as a formula within a line, which can be made to fit it. */
export const inLineLatex = (display: string): string =>
	display
		.replace('\\begin{align*}', '$\\begin{aligned}')
		.replace('\\end{align*}', '\\end{aligned}$')
		.trimEnd();

/** A number: a fraction set as one, or in the style of a notation. */
export const latexNumber = (value: Rational, style: NumberStyle = 'fraction'): string =>
	style !== 'fraction' && style !== 'common'
		? texNumber(value, style)
		: isInteger(value)
			? value.toFraction()
			: `${value.s < 0n ? '-' : ''}\\tfrac{${value.n}}{${value.d}}`;

/** A linear expression: numbers and names as the caller writes them. */
export function latexSum(
	terms: Terms,
	constant: Rational | undefined,
	writeName: (name: string) => string,
	writeNumber: (value: Rational) => string
): string {
	let tex = '';
	const add = (value: Rational, name: string) => {
		const minus = sign(value) < 0;
		tex += tex ? (minus ? ' - ' : ' + ') : minus ? '-' : '';
		const size = value.abs();
		tex += name && size.equals(ONE) ? name : writeNumber(size) + (name ? `\\,${name}` : '');
	};
	for (const [name, value] of terms) add(value, writeName(name));
	if (constant && !isZero(constant)) add(constant, '');
	return tex || '0';
}

const latexTerms = (terms: Terms, constant?: Rational): string =>
	latexSum(terms, constant, latexName, (value) => latexNumber(value));

const latexUnit = (unit: string | undefined): string => (unit ? `\\,\\text{[${escapedLatex(unit)}]}` : '');

/** What a variable's line says; null for an ordinary one. */
function declaration({ name, unit, lower, upper, domain }: Variable): string | null {
	const own = latexName(name);
	const words = [
		lower === null ? 'free' : !isZero(lower) && !upper ? `from $${latexNumber(lower)}$` : '',
		upper && (lower === null || unit || domain !== 'continuous') ? `to $${latexNumber(upper)}$` : '',
		lower && !isZero(lower) && upper && (unit || domain !== 'continuous')
			? `from $${latexNumber(lower)}$`
			: '',
		domain === 'continuous' ? '' : domain
	].filter(Boolean);
	if (lower && upper && !unit && domain === 'continuous')
		return `${latexNumber(lower)} \\le ${own} \\le ${latexNumber(upper)}`;
	if (words.length === 0 && !unit) return null;
	return `${own}${latexUnit(unit)} \\text{ ${words.join(' ') || 'from $0$'}}`;
}

/** The sum of the objective, with every variable in it where the rows alone would bring them in another order. */
function objectiveTerms({ objective, variables, constraints }: Problem): string {
	const { terms, constant } = objective;
	const order = new Set([terms, ...constraints.map((row) => row.terms)].flatMap((own) => [...own.keys()]));
	const natural = order.size === variables.length && variables.every(({ name }, i) => [...order][i] === name);
	if (natural) return latexTerms(terms, constant);
	const all = new Map(variables.map(({ name }) => [name, terms.get(name) ?? ZERO]));
	return latexTerms(all, constant);
}

/** letters that a line of a display holds on a usual page */
const WIDEST = 60;
/** About how many letters of a line of LaTeX are seen. */
const letters = (line: string): number => line.replace(/\\[a-z]+|[\\{}$&,]/g, '').length;

/** The lines of a problem as an aligned display, with names at the rows. */
function displayLines(problem: Problem): string[] {
	const { objective, variables, constraints } = problem;
	const sense = objective.sense === 'max' ? '\\max' : '\\min';
	const ordinary = variables
		.filter((variable) => declaration(variable) === null)
		.map(({ name }) => latexName(name));
	const label = (name: string) => escapedLatex(nameText(name));
	return [
		`${sense}\\quad & ${latexName(objective.name)}${latexUnit(objective.unit)} = ${objectiveTerms(problem)}`,
		...constraints.map(
			({ name, unit, terms, relation, rhs }) =>
				`\\text{${label(name)}${unit ? ` [${escapedLatex(unit)}]` : ''}:}\\quad & ${latexTerms(terms)} ${LATEX_RELATIONS[relation]} ${latexNumber(rhs)}`
		),
		...variables.flatMap((variable) => {
			const line = declaration(variable);
			return line ? [` & ${line}`] : [];
		}),
		...(ordinary.length ? [` & ${ordinary.join(', ')} \\ge 0`] : [])
	];
}

const display = (lines: readonly string[]): string =>
	`\\begin{align*}\n${lines.join(' \\\\\n')}\n\\end{align*}\n`;

/** A problem as a formula within a line. */
export const problemInLine = (problem: Problem): string => inLineLatex(display(displayLines(problem)));

/**
 * Writes a problem as an aligned display, or where a row is wide as a formula that is made to fit the line; what it cannot hold is added to the
 * notes.
 */
export function writeLatex(problem: Problem, notes: string[]): string {
	const { title, story } = problem;
	if (story) notes.push(en`The story is not kept.`);
	const lines = displayLines(problem);
	// a comment, which the statement language reads as the title
	const head = title ? `% title ${quote(title)}\n` : '';
	return lines.some((line) => letters(line) > WIDEST)
		? `${head}% needs \\usepackage{amsmath,graphicx}\n\\noindent\n${fittedLatex(problemInLine(problem))}\n`
		: `${head}% needs \\usepackage{amsmath}\n${display(lines)}`;
}
