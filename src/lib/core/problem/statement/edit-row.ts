import { toText, type Rational } from '../../number/rational';
import { RELATION_SIGNS } from '../relation';
import { withoutZeros, type Constraint, type Problem, type Terms } from '../types';
import { editTerm } from './edit-term';
import { nameText, printTerms, unitText } from './print';
import type { Reading } from './reading';
import type { RowSource } from './source';
import type { TextEdit } from './text-edit';

/** A row, or the objective, changed where it stands: a number or unit in its own place, or the row written anew, its name as it was written. */

/** Where the parts of a constraint stand. */
export const rowOf = (reading: Reading, name: string): RowSource | null =>
	reading.rows.find((own) => own.kind === 'constraint' && own.name === name) ?? null;
/** Where the parts of the objective stand. */
export const goalOf = (reading: Reading): RowSource | null =>
	reading.rows.find(({ kind }) => kind === 'objective') ?? null;

/** A number as it was typed, where it is to stand like that. */
export interface Typed {
	readonly value: Rational;
	readonly written: string;
}

const asTyped = (value: Rational, typed?: Typed): string | undefined =>
	typed?.value.equals(value) ? typed.written : undefined;

/** Terms in the order of a problem's variables. */
const inOrder = ({ variables }: Problem, terms: Terms): Terms =>
	withoutZeros(
		variables.flatMap(({ name }) => {
			const value = terms.get(name);
			return value ? [[name, value] as const] : [];
		})
	);

/** Writes another row in the place of one; the name stays as it is written, unless the unit changes, too. */
export function rowAnew(text: string, reading: Reading, before: Constraint, next: Constraint): TextEdit[] {
	const at = reading.places.find(({ kind, name }) => kind === 'constraint' && name === before.name);
	if (!at || !reading.problem) return [];
	const source = rowOf(reading, before.name);
	const label =
		before.unit === next.unit
			? source?.label
				? text.slice(at.from, source.left.from)
				: ''
			: `${nameText(next.name)}${unitText(next.unit)}: `;
	const body = `${printTerms(inOrder(reading.problem, next.terms))} ${RELATION_SIGNS[next.relation]} ${toText(next.rhs)}`;
	return [{ from: at.from, to: at.to, insert: label + body }];
}

/** Writes the objective anew. */
export function goalAnew(
	reading: Reading,
	{ sense, name, unit, terms, constant }: Problem['objective']
): TextEdit[] {
	const at = reading.places.find(({ kind }) => kind === 'objective');
	if (!reading.problem || !at) return [];
	const body = printTerms(inOrder(reading.problem, terms), constant);
	return [{ from: at.from, to: at.to, insert: `${sense} ${nameText(name)}${unitText(unit)} = ${body}` }];
}

/** The right-hand side in its own place; null where other numbers stand beside it. */
export function rhsInPlace(
	text: string,
	{ right, terms }: RowSource,
	rhs: Rational,
	typed?: Typed
): TextEdit[] | null {
	const isPlain = terms?.every(
		({ name, factor }) => name !== null || text.slice(factor!.from, factor!.to) === '0'
	);
	return right && isPlain ? [{ ...right, insert: asTyped(rhs, typed) ?? toText(rhs) }] : null;
}

/** The unit of a row or of the objective; none takes it away. */
export function unitInPlace(source: RowSource, name: string, isGoal: boolean, unit?: string): TextEdit[] {
	if (source.unit) return [{ ...source.unit, insert: unit ? `[${unit}]` : '' }];
	if (!unit) return [];
	if (source.label) return [{ from: source.label.to, to: source.label.to, insert: ` [${unit}]` }];
	const { from } = isGoal ? source.left : source;
	return [{ from, to: from, insert: `${nameText(name)} [${unit}]${isGoal ? ' =' : ':'} ` }];
}

/** The objective's name in its own place; where it has none, before the sum. */
export const goalNameInPlace = ({ label, left }: RowSource, name: string): TextEdit[] =>
	label
		? [{ ...label, insert: nameText(name) }]
		: [{ from: left.from, to: left.from, insert: `${nameText(name)} = ` }];

/**
 * Sets one coefficient of a row, or of the objective (row null), also where it is written and comes to nothing.
 * @param value its new value
 */
export function setTerm(
	text: string,
	reading: Reading,
	row: string | null,
	variable: string,
	value: Rational,
	typed?: Typed
): TextEdit[] {
	const { problem } = reading;
	const written = asTyped(value, typed);
	if (!problem) return [];
	const changed = (terms: Terms) => withoutZeros(new Map(terms).set(variable, value));
	if (row === null) {
		const { objective } = problem;
		const source = goalOf(reading);
		const small = source && editTerm(text, source, variable, value, written);
		return small ?? goalAnew(reading, { ...objective, terms: changed(objective.terms) });
	}
	const own = problem.constraints.find(({ name }) => name === row);
	const source = rowOf(reading, row);
	const small = source?.right && editTerm(text, source, variable, value, written);
	return small || (own ? rowAnew(text, reading, own, { ...own, terms: changed(own.terms) }) : []);
}
