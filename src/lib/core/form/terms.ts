import { isZero, ZERO, type Rational } from '../number/rational';
import type { Terms } from '../problem/types';
import type { Column, Form, MixedTerm, NamedBefore, Substitution } from './types';

/** The author's terms on their way to columns. */

/** The author's terms in columns, and what the substitutions' offsets contribute. */
export function inColumns(
	substitutions: ReadonlyMap<string, Substitution>,
	terms: Terms
): { entries: Map<number, Rational>; offset: Rational } {
	const entries = new Map<number, Rational>();
	let offset = ZERO;
	for (const [name, coefficient] of terms) {
		const substitution = substitutions.get(name);
		if (!substitution) continue;
		if (!isZero(substitution.offset)) offset = offset.add(coefficient.mul(substitution.offset));
		for (const { column, factor } of substitution.parts)
			entries.set(column, factor === 1 ? coefficient : coefficient.neg());
	}
	return { entries, offset };
}

/** What is named before a column that is added to a form. */
export const namedBefore = ({ columns, problem }: Form): NamedBefore => ({
	author:
		columns[0]?.after?.author ?? new Set([...problem.variables, problem.objective].map(({ name }) => name)),
	column: columns.at(-1) ?? null
});

/** A row in columns as terms, without what only holds a place. */
export const shownTerms = (columns: readonly Column[], entries: ReadonlyMap<number, Rational>): MixedTerm[] =>
	[...entries].flatMap(([j, coefficient]) =>
		columns[j].kind === 'vacant' ? [] : [{ of: columns[j], coefficient }]
	);

/** The author's terms with those variables in columns that are replaced by now. */
export function mixedTerms(
	columns: readonly Column[],
	substitutions: ReadonlyMap<string, Substitution>,
	terms: Terms,
	constant: Rational
): { terms: MixedTerm[]; constant: Rational } {
	const list: MixedTerm[] = [];
	for (const [variable, coefficient] of terms) {
		const substitution = substitutions.get(variable);
		if (!substitution) {
			list.push({ of: { variable }, coefficient });
			continue;
		}
		constant = constant.add(coefficient.mul(substitution.offset));
		for (const { column, factor } of substitution.parts)
			list.push({ of: columns[column], coefficient: coefficient.mul(factor) });
	}
	return { terms: list, constant };
}
