import { isZero, ONE, toText, type Rational } from '../../number/rational';
import type { Constraint, Problem, Relation, Sense } from '../types';
import { MIRRORED, RELATION_SIGNS } from '../relation';
import { numbered } from '../names';
import { nameText, printTerms, unitText } from './print';
import { readStatement, type Reading } from './read';
import type { TextEdit } from './text-edit';

/** Small edits of a statement's text: what they do not touch stays as it was written, comments and layout included. */

/** The part of a row before its expression, as it is written: a name, a unit, a colon; empty where the row has no name of its own. */
const labelOf = (source: string): string =>
	/^(?:"(?:[^"\\]|\\.)*"|[^:"\n#]+)\s*(?:\[[^\]\n]*\])?\s*:\s*/.exec(source)?.[0] ?? '';

function place(reading: Reading, kind: 'objective' | 'constraint', name?: string) {
	return reading.places.find((own) => own.kind === kind && (name === undefined || own.name === name)) ?? null;
}

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
export function editRow(
	text: string,
	reading: Reading,
	name: string,
	change: (row: Constraint) => Constraint
): TextEdit[] {
	const row = reading.problem?.constraints.find((own) => own.name === name);
	const at = place(reading, 'constraint', name);
	if (!row || !at || !reading.problem) return [];
	const next = change(row);
	const label = labelOf(text.slice(at.from, at.to));
	const renamed = next.name !== name ? `${nameText(next.name)}${unitText(next.unit)}: ` : label;
	const terms = printTerms(inOrder(reading.problem, next.terms));
	return [
		{
			from: at.from,
			to: at.to,
			insert: `${renamed}${terms} ${RELATION_SIGNS[next.relation]} ${toText(next.rhs)}`
		}
	];
}

/** Sets one coefficient of a row. */
export const setCoefficient = (
	text: string,
	reading: Reading,
	row: string,
	variable: string,
	value: Rational
): TextEdit[] =>
	editRow(text, reading, row, (own) => ({ ...own, terms: new Map(own.terms).set(variable, value) }));

export const setRhs = (text: string, reading: Reading, row: string, rhs: Rational): TextEdit[] =>
	editRow(text, reading, row, (own) => ({ ...own, rhs }));

export const setRelation = (text: string, reading: Reading, row: string, relation: Relation): TextEdit[] =>
	editRow(text, reading, row, (own) => ({ ...own, relation }));

/** The same demand with both sides multiplied by −1. */
export const turnRow = (text: string, reading: Reading, row: string): TextEdit[] =>
	editRow(text, reading, row, (own) => ({
		...own,
		terms: new Map([...own.terms].map(([name, value]) => [name, value.neg()])),
		relation: MIRRORED[own.relation],
		rhs: own.rhs.neg()
	}));

/** Writes the objective anew: another coefficient, or another sense. */
export function editObjective(
	reading: Reading,
	change: (objective: Problem['objective']) => Problem['objective']
): TextEdit[] {
	const at = place(reading, 'objective');
	if (!reading.problem || !at) return [];
	const { sense, name, unit, terms, constant } = change(reading.problem.objective);
	const body = printTerms(inOrder(reading.problem, terms), constant);
	return [{ from: at.from, to: at.to, insert: `${sense} ${nameText(name)}${unitText(unit)} = ${body}` }];
}

export const setCost = (reading: Reading, variable: string, value: Rational): TextEdit[] =>
	editObjective(reading, (own) => ({ ...own, terms: new Map(own.terms).set(variable, value) }));

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
	text: string,
	reading: Reading,
	kind: 'variable' | 'constraint',
	from: string,
	to: string
): TextEdit[] {
	if (kind === 'constraint') return editRow(text, reading, from, (own) => ({ ...own, name: to }));
	const seen = new Set<number>();
	return reading.places.flatMap((own) => {
		if (own.kind !== 'variable' || own.name !== from || seen.has(own.from)) return [];
		seen.add(own.from);
		return [{ from: own.from, to: own.to, insert: nameText(to) }];
	});
}

/** The end of the line that a place ends in. */
const lineEnd = (text: string, at: number): number => {
	const end = text.indexOf('\n', at);
	return end < 0 ? text.length : end;
};

/** A new row below the last one, `name: 0 ≤ 0` in the first variable. */
export function addRow(text: string, reading: Reading): { edits: TextEdit[]; name: string } {
	const { problem } = reading;
	if (!problem) return { edits: [], name: '' };
	const taken = new Set(problem.constraints.map(({ name }) => name));
	const name = numbered('r', problem.constraints.length + 1, taken);
	const last = Math.max(...reading.places.filter(({ kind }) => kind !== 'variable').map(({ to }) => to));
	const at = lineEnd(text, last);
	const [first] = problem.variables;
	return {
		name,
		edits: [{ from: at, to: at, insert: `\n${name}: ${first ? nameText(first.name) : '0'} ≤ 0` }]
	};
}

/** A new variable, declared in a line of its own at the end. */
export function addVariable(text: string, reading: Reading): { edits: TextEdit[]; name: string } {
	const { problem } = reading;
	if (!problem) return { edits: [], name: '' };
	const taken = new Set(problem.variables.map(({ name }) => name));
	const name = numbered('x', problem.variables.length + 1, taken);
	const insert = `${text.endsWith('\n') || text === '' ? '' : '\n'}${name} from 0\n`;
	return { name, edits: [{ from: text.length, to: text.length, insert }] };
}

/** Takes a row out, with its line. */
export function removeRow(text: string, reading: Reading, name: string): TextEdit[] {
	const at = place(reading, 'constraint', name);
	if (!at) return [];
	const from = text.lastIndexOf('\n', at.from - 1);
	const end = lineEnd(text, at.to);
	return from < 0
		? [{ from: 0, to: Math.min(text.length, end + 1), insert: '' }]
		: [{ from, to: end, insert: '' }];
}

/**
 * Reads a number as it may be typed into a cell: a fraction, a decimal, or a short piece of arithmetic such as `15.6/1000`.
 * @returns null for anything else
 */
export function readCell(typed: string): Rational | null {
	const text = typed.trim().replace(/^(-?\d+),(\d+)$/, '$1.$2');
	if (!text || /[\n#:<>=≤≥]/.test(text)) return null;
	const { problem } = readStatement(`max z = 0\nr: q + q ≤ ${text}`);
	const row = problem?.constraints[0];
	// anything but a number leaves other terms on the left
	return row && row.terms.size === 1 && row.terms.get('q')?.equals(ONE.add(1)) ? row.rhs : null;
}
