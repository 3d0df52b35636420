import { isInteger, isZero, ONE, sign, type Rational } from '../number/rational';
import type { Problem, Relation, Terms, Variable } from '../problem/types';

/** A problem as LaTeX that compiles with standard packages (amsmath for aligned rows). */

/** How a relation is written in LaTeX. */
export const LATEX_RELATIONS: Record<Relation, string> = { '<=': '\\le', '>=': '\\ge', '=': '=' };

const escaped = (text: string): string =>
	text.replace(/[\\{}$&#^_%~]/g, (c) =>
		c === '\\' ? '\\textbackslash{}' : c === '^' || c === '~' ? `\\${c}{}` : `\\${c}`
	);

/** A name as mathematics: one letter in italics, a word set as a word, an index lowered. */
export function latexName(name: string): string {
	const [, letters, index] = /^([a-zA-Z]+)(\d*)$/.exec(name) ?? [];
	if (!letters) return `\\text{${escaped(name)}}`;
	const body = letters.length === 1 ? letters : `\\mathit{${letters}}`;
	return index ? `${body}_{${index}}` : body;
}

/** A number: a fraction set as one. */
export const latexNumber = (value: Rational): string =>
	isInteger(value) ? value.toFraction() : `${value.s < 0n ? '-' : ''}\\tfrac{${value.n}}{${value.d}}`;

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
	latexSum(terms, constant, latexName, latexNumber);

/** What a variable's line says; null for an ordinary one. */
function declaration({ name, lower, upper, domain }: Variable): string | null {
	const own = latexName(name);
	const whole =
		domain === 'continuous'
			? ''
			: domain === 'integer'
				? `${own} \\text{ integer}`
				: `${own} \\text{ binary}`;
	const bounds =
		lower && upper
			? `${latexNumber(lower)} \\le ${own} \\le ${latexNumber(upper)}`
			: upper
				? `${own} \\text{ free to } ${latexNumber(upper)}`
				: lower
					? isZero(lower)
						? ''
						: `${own} \\ge ${latexNumber(lower)}`
					: `${own} \\text{ free}`;
	return [bounds, whole].filter(Boolean).join(' \\\\\n & ') || null;
}

/** Writes a problem as an aligned display with names at the rows; what it cannot hold is added to the notes. */
export function writeLatex(problem: Problem, notes: string[]): string {
	const { title, story, objective, variables, constraints } = problem;
	if (story) notes.push('The story is not kept.');
	if ([objective, ...variables, ...constraints].some(({ unit }) => unit)) notes.push('Units are not kept.');
	const sense = objective.sense === 'max' ? '\\max' : '\\min';
	const ordinary = variables
		.filter((variable) => declaration(variable) === null)
		.map(({ name }) => latexName(name));
	const lines = [
		`${sense}\\quad & ${latexName(objective.name)} = ${latexTerms(objective.terms, objective.constant)}`,
		...constraints.map(
			(row) =>
				`\\text{${escaped(row.name)}:}\\quad & ${latexTerms(row.terms)} ${LATEX_RELATIONS[row.relation]} ${latexNumber(row.rhs)}`
		),
		...variables.flatMap((variable) => {
			const line = declaration(variable);
			return line ? [` & ${line}`] : [];
		}),
		...(ordinary.length ? [` & ${ordinary.join(', ')} \\ge 0`] : [])
	];
	const head = title ? `% ${title.replace(/\s+/g, ' ')}\n` : '';
	return `${head}% needs \\usepackage{amsmath}\n\\begin{align*}\n${lines.join(' \\\\\n')}\n\\end{align*}\n`;
}
