import { ZERO } from '../../number/rational';
import { RELATION_SIGNS } from '../relation';
import { sameVariable, type Constraint, type Problem, type Terms } from '../types';
import { restate } from './edit-lines';
import {
	goalAnew,
	goalNameInPlace,
	goalOf,
	rhsInPlace,
	rowAnew,
	rowOf,
	setTerm,
	unitInPlace,
	type Typed
} from './edit-row';
import type { Reading } from './reading';
import type { TextEdit } from './text-edit';

/**
 * The text changed where two problems differ: what they share stays as it was written, comments and layout included. One number or sign that
 * differs is written in its own place; where several do, or a row is more than a plain sum, the row is written anew.
 */

/** The variables whose coefficients differ. */
const differing = (before: Terms, next: Terms): string[] =>
	[...new Set([...before.keys(), ...next.keys()])].filter(
		(name) => !(before.get(name) ?? ZERO).equals(next.get(name) ?? ZERO)
	);

function rowPatch(
	text: string,
	reading: Reading,
	before: Constraint,
	next: Constraint,
	typed?: Typed
): TextEdit[] {
	const terms = differing(before.terms, next.terms);
	const [otherRelation, otherRhs, otherUnit] = [
		before.relation !== next.relation,
		!before.rhs.equals(next.rhs),
		before.unit !== next.unit
	];
	const count = terms.length + [otherRelation, otherRhs, otherUnit].filter(Boolean).length;
	if (count === 0) return [];
	const source = rowOf(reading, before.name);
	if (count > 1 || !source) return rowAnew(text, reading, before, next);
	if (otherUnit) return unitInPlace(source, before.name, false, next.unit);
	if (otherRhs) return rhsInPlace(text, source, next.rhs, typed) ?? rowAnew(text, reading, before, next);
	if (otherRelation)
		return source.relation
			? [{ ...source.relation, insert: RELATION_SIGNS[next.relation] }]
			: rowAnew(text, reading, before, next);
	return setTerm(text, reading, before.name, terms[0], next.terms.get(terms[0]) ?? ZERO, typed);
}

function goalPatch(
	text: string,
	reading: Reading,
	before: Problem['objective'],
	next: Problem['objective'],
	typed?: Typed
): TextEdit[] {
	const terms = differing(before.terms, next.terms);
	const otherUnit = before.unit !== next.unit;
	const otherName = before.name !== next.name;
	const isRest = before.sense !== next.sense || !before.constant.equals(next.constant);
	const source = goalOf(reading);
	const count = terms.length + [otherUnit, otherName, isRest].filter(Boolean).length;
	if (count === 0) return [];
	if (count > 1 || isRest || !source) return goalAnew(reading, next);
	if (otherUnit) return unitInPlace(source, source.name, true, next.unit);
	if (otherName) return goalNameInPlace(source, next.name);
	return setTerm(text, reading, null, terms[0], next.terms.get(terms[0]) ?? ZERO, typed);
}

/**
 * Small edits where a problem differs from the one that is read.
 * @param wanted of the same rows and variables, by the same names and in the same order
 * @param typed how a number was typed that is to stand like that
 */
export function patched(text: string, reading: Reading, wanted: Problem, typed?: Typed): TextEdit[] {
	const { problem } = reading;
	if (!problem) return [];
	return [
		...goalPatch(text, reading, problem.objective, wanted.objective, typed),
		...problem.constraints.flatMap((row, i) =>
			row === wanted.constraints[i] ? [] : rowPatch(text, reading, row, wanted.constraints[i], typed)
		),
		...problem.variables.flatMap((own, j) =>
			sameVariable(own, wanted.variables[j]) ? [] : restate(text, reading, wanted.variables[j])
		)
	];
}
