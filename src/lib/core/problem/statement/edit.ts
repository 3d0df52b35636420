import { isZero, ONE, toText, type Rational } from '../../number/rational';
import type { Constraint, Problem, Relation, Sense } from '../types';
import { MIRRORED, RELATION_SIGNS } from '../relation';
import { nameText, printTerms, unitText } from './print';
import { readStatement } from './read';
import { type Reading } from './reading';
import { editTerm } from './edit-term';
import type { RowSource } from './source';
import type { TextEdit } from './text-edit';

/**
 * Small edits of a statement's text: what they do not touch stays as it was written, comments and layout included. A number or sign
 * is written in its own place; where a row is more than a plain sum, it is written anew.
 */

const rowOf = (reading: Reading, name: string): RowSource | null =>
	reading.rows.find((own) => own.kind === 'constraint' && own.name === name) ?? null;
/** Where the parts of the objective stand. */
export const goalOf = (reading: Reading): RowSource | null =>
	reading.rows.find(({ kind }) => kind === 'objective') ?? null;

/** Terms in the order of a problem's variables, zeros left out. */
const inOrder = (problem: Problem, terms: ReadonlyMap<string, Rational>) =>
	new Map(
		problem.variables.flatMap(({ name }) => {
			const value = terms.get(name);
			return value && !isZero(value) ? [[name, value] as const] : [];
		})
	);

/**
 * Writes another row in the place of one; the name stays as it is written.
 * @param reading what the text reads as
 */
function editRow(
	text: string,
	reading: Reading,
	name: string,
	change: (row: Constraint) => Constraint
): TextEdit[] {
	const row = reading.problem?.constraints.find((own) => own.name === name);
	const at = reading.places.find((own) => own.kind === 'constraint' && own.name === name);
	const source = rowOf(reading, name);
	if (!row || !at || !reading.problem) return [];
	const next = change(row);
	const label = source?.label ? text.slice(at.from, source.left.from) : '';
	const body = `${printTerms(inOrder(reading.problem, next.terms))} ${RELATION_SIGNS[next.relation]} ${toText(next.rhs)}`;
	return [{ from: at.from, to: at.to, insert: label + body }];
}

/** Writes the objective anew: another coefficient, or another sense. */
function editObjective(
	reading: Reading,
	change: (objective: Problem['objective']) => Problem['objective']
): TextEdit[] {
	const at = reading.places.find(({ kind }) => kind === 'objective');
	if (!reading.problem || !at) return [];
	const { sense, name, unit, terms, constant } = change(reading.problem.objective);
	const body = printTerms(inOrder(reading.problem, terms), constant);
	return [{ from: at.from, to: at.to, insert: `${sense} ${nameText(name)}${unitText(unit)} = ${body}` }];
}

/**
 * Sets one coefficient of a row.
 * @param written how the number was typed, where it is to stand like that
 */
export function setCoefficient(
	text: string,
	reading: Reading,
	row: string,
	variable: string,
	value: Rational,
	written?: string
): TextEdit[] {
	const source = rowOf(reading, row);
	const small = source?.right && editTerm(text, source, variable, value, written);
	return (
		small ||
		editRow(text, reading, row, (own) => ({ ...own, terms: new Map(own.terms).set(variable, value) }))
	);
}

/** Sets the right-hand side of a row. */
export function setRhs(
	text: string,
	reading: Reading,
	row: string,
	rhs: Rational,
	written = toText(rhs)
): TextEdit[] {
	const source = rowOf(reading, row);
	const plain =
		source?.right &&
		source.terms?.every(({ name, factor }) => name !== null || text.slice(factor!.from, factor!.to) === '0');
	if (plain) return [{ ...source.right!, insert: written }];
	return editRow(text, reading, row, (own) => ({ ...own, rhs }));
}

/** Sets the relation of a row. */
export function setRelation(text: string, reading: Reading, row: string, relation: Relation): TextEdit[] {
	const source = rowOf(reading, row);
	if (source?.relation) return [{ ...source.relation, insert: RELATION_SIGNS[relation] }];
	return editRow(text, reading, row, (own) => ({ ...own, relation }));
}

/** The same demand with both sides multiplied by −1. */
export const turnRow = (text: string, reading: Reading, row: string): TextEdit[] =>
	editRow(text, reading, row, (own) => ({
		...own,
		terms: new Map([...own.terms].map(([name, value]) => [name, value.neg()])),
		relation: MIRRORED[own.relation],
		rhs: own.rhs.neg()
	}));

/** Sets one coefficient of the objective. */
export function setCost(
	text: string,
	reading: Reading,
	variable: string,
	value: Rational,
	written?: string
): TextEdit[] {
	const source = goalOf(reading);
	const small = source && editTerm(text, source, variable, value, written);
	return (
		small ?? editObjective(reading, (own) => ({ ...own, terms: new Map(own.terms).set(variable, value) }))
	);
}

/**
 * The other sense of the objective.
 * @param negated whether the coefficients change their signs, so that the same plans are best
 */
export const turnSense = (reading: Reading, negated: boolean): TextEdit[] =>
	editObjective(reading, (own) => {
		const turned = (value: Rational) => (negated ? value.neg() : value);
		const sense: Sense = own.sense === 'max' ? 'min' : 'max';
		const terms = new Map([...own.terms].map(([name, value]) => [name, turned(value)]));
		return { ...own, sense, terms, constant: turned(own.constant) };
	});

/** A variable or constraint gets another name, wherever it is written. */
export function rename(
	reading: Reading,
	kind: 'variable' | 'constraint',
	from: string,
	to: string
): TextEdit[] {
	if (kind === 'constraint') {
		const row = rowOf(reading, from);
		if (!row) return [];
		return [
			row.label
				? { ...row.label, insert: nameText(to) }
				: { from: row.from, to: row.from, insert: `${nameText(to)}: ` }
		];
	}
	const seen = new Set<number>();
	return reading.places.flatMap((own) => {
		if (own.kind !== 'variable' || own.name !== from || seen.has(own.from)) return [];
		seen.add(own.from);
		return [{ from: own.from, to: own.to, insert: nameText(to) }];
	});
}

/** The unit of a constraint or of the objective (name null); an empty one takes it away. */
export function setUnit(reading: Reading, row: string | null, unit: string): TextEdit[] {
	const source = row === null ? goalOf(reading) : rowOf(reading, row);
	if (!source) return [];
	const written = unit.trim();
	if (source.unit) return [{ ...source.unit, insert: written && `[${written}]` }];
	if (!written) return [];
	if (source.label) return [{ from: source.label.to, to: source.label.to, insert: ` [${written}]` }];
	if (row !== null)
		return [{ from: source.from, to: source.from, insert: `${nameText(row)} [${written}]: ` }];
	return [
		{ from: source.left.from, to: source.left.from, insert: `${nameText(source.name)} [${written}] = ` }
	];
}

/**
 * Reads a number as it may be typed into a cell: a fraction, a decimal, or a short piece of arithmetic such as `15.6/1000`.
 * @returns null for anything else
 */
export function readCell(typed: string): Rational | null {
	const text = typed.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2');
	// in a statement letters behind a number could be its unit; in a cell they are none of it
	if (/\p{L}/u.test(text.replace(/(?<=\d)e(?=[-+]?\d)/i, ''))) return null;
	if (!text || /[\n#:<>=≤≥,;\\[]/.test(text)) return null;
	const { problem } = readStatement(`max z = 0\nr: q + q ≤ ${text}`);
	const row = problem?.constraints[0];
	// anything but a number leaves other terms on the left
	return row && row.terms.size === 1 && row.terms.get('q')?.equals(ONE.add(1)) ? row.rhs : null;
}
