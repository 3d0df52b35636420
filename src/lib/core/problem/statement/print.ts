import { isZero, ONE, sign, toText, type Rational } from '../../number/rational';
import type { Constraint, Problem, Terms, Variable } from '../types';
import { quote } from './linear';
import { KEYWORDS, SPOKEN } from './tokens';
import { RELATION_SIGNS } from '../relation';

/** A name as the language reads it back: quoted where it is one of its own words. */
export const nameText = (name: string) => {
	const word = name.toLowerCase();
	return Object.hasOwn(KEYWORDS, word) || SPOKEN.has(word) ? quote(name) : name;
};
/** A unit as the language reads it back: no brackets, no line breaks, no blanks at its ends. */
export const unitText = (unit: string | undefined) => (unit ? ` [${unit}]` : '');

/** The terms of an expression as text, with a constant at the end where it is not zero. */
export function printTerms(terms: Terms, constant?: Rational): string {
	let text = '';
	const add = (value: Rational, name: string) => {
		const size = value.abs();
		const minus = sign(value) < 0;
		text += text === '' ? (minus ? '-' : '') : minus ? ' - ' : ' + ';
		const factor = toText(size);
		text += name === '' ? factor : size.equals(ONE) ? name : `${factor} ${name}`;
	};
	for (const [name, value] of terms) add(value, nameText(name));
	if (constant && !isZero(constant)) add(constant, '');
	return text || '0';
}

/** What a variable's line says beyond its name: `free to 5 integer`; empty for an ordinary one. */
function attributes(variable: Variable): string {
	const { lower, upper, domain } = variable;
	const words: string[] = [];
	if (lower === null) words.push('free');
	else if (!isZero(lower)) words.push(`from ${toText(lower)}`);
	if (upper) words.push(`to ${toText(upper)}`);
	if (domain !== 'continuous') words.push(domain);
	return words.join(' ');
}

/**
 * What is said of a variable in a line of its own.
 * @returns null for an ordinary variable, unless a line is always wanted
 */
export function declaration(variable: Variable, always: boolean): string | null {
	const words = attributes(variable);
	if (!words && !variable.unit && !always) return null;
	return (
		nameText(variable.name) +
		unitText(variable.unit) +
		(words || !variable.unit ? ` ${words || 'from 0'}` : '')
	);
}

/** A constraint in a line of its own. */
export const rowLine = ({ name, unit, terms, relation, rhs }: Constraint): string =>
	`${nameText(name)}${unitText(unit)}: ${printTerms(terms)} ${RELATION_SIGNS[relation]} ${toText(rhs)}`;

/** The variables' names in the order in which the objective and the rows mention them. */
function mentionOrder(problem: Problem): string[] {
	const seen = new Set<string>(problem.objective.terms.keys());
	for (const row of problem.constraints) for (const name of row.terms.keys()) seen.add(name);
	return [...seen];
}

/**
 * Prints a problem in the statement language; reading the text gives the same problem again.
 * @param problem a problem with valid names; units without brackets or line breaks
 */
export function printStatement(problem: Problem): string {
	const lines: string[] = [];
	if (problem.title) lines.push(`title ${quote(problem.title)}`);
	if (problem.story) lines.push(`story ${quote(problem.story)}`);
	const order = mentionOrder(problem);
	const natural =
		order.length === problem.variables.length && problem.variables.every((v, i) => v.name === order[i]);
	if (!natural) lines.push(...problem.variables.map((v) => declaration(v, true)!));
	const { sense, name, unit, terms, constant } = problem.objective;
	lines.push(`${sense} ${nameText(name)}${unitText(unit)} = ${printTerms(terms, constant)}`);
	lines.push(...problem.constraints.map(rowLine));
	if (natural)
		for (const variable of problem.variables) {
			const line = declaration(variable, false);
			if (line) lines.push(line);
		}
	return lines.join('\n') + '\n';
}
