import type { Rational } from '../../number/rational';
import { MIRRORED } from '../relation';
import {
	withoutZeros,
	type Constraint,
	type Problem,
	type Relation,
	type Terms,
	type Variable
} from '../types';
import { rowOf, type Typed } from './edit-row';
import * as lines from './edit-lines';
import { patched } from './patch';
import type { Reading } from './reading';
import { namedAsRead, settled } from './settle';
import type { TextEdit } from './text-edit';

/**
 * Every edit of a statement's text that the table, the pictures and the dialogs make: each says what the problem becomes, and the text is changed where
 * that differs (patch.ts). Each is read back: the problem is then the one asked for, and nothing else has moved. `reading` is always what `text` reads as.
 */

/** The text changed to say another problem of the same rows and variables; nothing where there is no problem. */
function changed(
	text: string,
	reading: Reading,
	change: (problem: Problem) => Problem,
	typed?: Typed
): TextEdit[] {
	const { problem } = reading;
	if (!problem) return [];
	const wanted = change(problem);
	return settled(text, reading, patched(text, reading, wanted, typed), wanted);
}

const withRow =
	(name: string, change: (row: Constraint) => Constraint) =>
	(problem: Problem): Problem => ({
		...problem,
		constraints: problem.constraints.map((row) => (row.name === name ? change(row) : row))
	});

const withGoal =
	(change: (own: Problem['objective']) => Problem['objective']) =>
	(problem: Problem): Problem => ({ ...problem, objective: change(problem.objective) });

const withTerm = <Owner extends { readonly terms: Terms }>(
	own: Owner,
	variable: string,
	value: Rational
): Owner => ({
	...own,
	terms: withoutZeros(new Map(own.terms).set(variable, value))
});
const negated = (terms: Terms): Terms => new Map([...terms].map(([name, value]) => [name, value.neg()]));
const typedAs = (value: Rational, written?: string): Typed | undefined =>
	written === undefined ? undefined : { value, written };

/**
 * Sets one coefficient of a row.
 * @param written how the number was typed, where it is to stand like that
 */
export const setCoefficient = (
	text: string,
	reading: Reading,
	row: string,
	variable: string,
	value: Rational,
	written?: string
): TextEdit[] =>
	changed(
		text,
		reading,
		withRow(row, (own) => withTerm(own, variable, value)),
		typedAs(value, written)
	);

/** Sets the right-hand side of a row. */
export function setRhs(
	text: string,
	reading: Reading,
	row: string,
	rhs: Rational,
	written?: string
): TextEdit[] {
	const { problem } = reading;
	if (!problem) return [];
	const wanted = withRow(row, (own) => ({ ...own, rhs }))(problem);
	const edits = patched(text, reading, wanted, typedAs(rhs, written));
	const source = rowOf(reading, row);
	// the number of a named row is just that; a line that is dragged is edited so with every frame
	const isPlain = edits.length === 1 && edits[0].from === source?.right?.from && source.label !== null;
	return isPlain ? edits : settled(text, reading, edits, wanted);
}

/** Sets the relation of a row. */
export const setRelation = (text: string, reading: Reading, row: string, relation: Relation): TextEdit[] =>
	changed(
		text,
		reading,
		withRow(row, (own) => ({ ...own, relation }))
	);

/** The same demand with both sides multiplied by −1. */
export const turnRow = (text: string, reading: Reading, row: string): TextEdit[] =>
	changed(
		text,
		reading,
		withRow(row, (own) => ({
			...own,
			terms: negated(own.terms),
			relation: MIRRORED[own.relation],
			rhs: own.rhs.neg()
		}))
	);

/** Sets one coefficient of the objective. */
export const setCost = (
	text: string,
	reading: Reading,
	variable: string,
	value: Rational,
	written?: string
): TextEdit[] =>
	changed(
		text,
		reading,
		withGoal((own) => withTerm(own, variable, value)),
		typedAs(value, written)
	);

/**
 * The other sense of the objective.
 * @param isNegated whether the coefficients change their signs, so that the same plans are best
 */
export const turnSense = (text: string, reading: Reading, isNegated: boolean): TextEdit[] =>
	changed(
		text,
		reading,
		withGoal((own) => ({
			...own,
			sense: own.sense === 'max' ? 'min' : 'max',
			...(isNegated ? { terms: negated(own.terms), constant: own.constant.neg() } : {})
		}))
	);

/** The unit of a constraint or of the objective (name null); an empty one takes it away. */
export function setUnit(text: string, reading: Reading, row: string | null, unit: string): TextEdit[] {
	const own = unit.trim();
	const change = <Named extends { readonly unit?: string }>({ unit: _, ...rest }: Named) =>
		(own ? { ...rest, unit: own } : rest) as Named;
	return changed(text, reading, row === null ? withGoal(change) : withRow(row, change));
}

/** Says something else of a variable: its unit, bounds or domain. */
export const setVariable = (
	text: string,
	reading: Reading,
	name: string,
	change: (own: Variable) => Variable
): TextEdit[] =>
	changed(text, reading, (problem) => ({
		...problem,
		variables: problem.variables.map((own) => (own.name === name ? change(own) : own))
	}));

/** The objective gets another name. */
export const renameGoal = (text: string, reading: Reading, name: string): TextEdit[] =>
	changed(text, reading, (problem) => ({ ...problem, objective: { ...problem.objective, name } }));

/** A variable or constraint gets another name, wherever it is written. */
export function rename(
	text: string,
	reading: Reading,
	kind: 'variable' | 'constraint',
	from: string,
	to: string
): TextEdit[] {
	const { problem } = reading;
	const called = (name: string) => (name === from ? to : name);
	const terms = (own: Terms) => new Map([...own].map(([name, value]) => [called(name), value]));
	const wanted =
		problem &&
		(kind === 'constraint'
			? withRow(from, (own) => ({ ...own, name: to }))(problem)
			: {
					...problem,
					variables: problem.variables.map((own) => ({ ...own, name: called(own.name) })),
					objective: { ...problem.objective, terms: terms(problem.objective.terms) },
					constraints: problem.constraints.map((row) => ({ ...row, terms: terms(row.terms) }))
				});
	return settled(text, reading, lines.rename(reading, kind, from, to), wanted);
}

/** Takes a row out, with its line; rows without a name are called by their places, as always. */
export function removeRow(text: string, reading: Reading, name: string): TextEdit[] {
	const { problem } = reading;
	const left = problem?.constraints.filter((row) => row.name !== name) ?? [];
	const wanted = problem && { ...problem, constraints: namedAsRead(reading, left) };
	return settled(text, reading, lines.removeRow(text, reading, name), wanted);
}

/** Takes a variable out of every row, with what is said of it. */
export function removeVariable(text: string, reading: Reading, name: string): TextEdit[] {
	const { problem } = reading;
	const without = (terms: Terms) => new Map([...terms].filter(([own]) => own !== name));
	const wanted = problem && {
		...problem,
		variables: problem.variables.filter((own) => own.name !== name),
		objective: { ...problem.objective, terms: without(problem.objective.terms) },
		constraints: problem.constraints.map((row) => ({ ...row, terms: without(row.terms) }))
	};
	return settled(text, reading, lines.removeVariable(text, reading, name), wanted);
}

/** Puts the variables in another order. */
export function orderVariables(text: string, reading: Reading, names: readonly string[]): TextEdit[] {
	const { problem } = reading;
	const wanted = problem && {
		...problem,
		variables: names.flatMap((name) => problem.variables.filter((own) => own.name === name))
	};
	return settled(text, reading, lines.orderVariables(text, reading, names), wanted);
}

/**
 * Moves a row one place up or down: it trades lines with its neighbour, each with its comment.
 * @param by −1 for up, 1 for down
 */
export function moveRow(text: string, reading: Reading, name: string, by: 1 | -1): TextEdit[] {
	const { problem } = reading;
	const at = problem?.constraints.findIndex((row) => row.name === name) ?? -1;
	const edits = lines.moveRow(text, reading, name, by);
	if (!problem || at < 0 || edits.length === 0) return edits;
	const rows = [...problem.constraints];
	[rows[at], rows[at + by]] = [rows[at + by], rows[at]];
	return settled(text, reading, edits, { ...problem, constraints: namedAsRead(reading, rows) });
}

/** A new row below the last one, and its name. */
export const addRow = lines.addRow;

/** A new variable, declared in a line of its own at the end, and its name. */
export const addVariable = lines.addVariable;
