import { inColumns, namedBefore } from '../form/terms';
import type { Column, Form, FormRow, Owner } from '../form/types';
import { isDualFeasible } from '../method/dual';
import type { Part, Work } from '../method/types';
import { ONE } from '../number/rational';
import { primed } from '../problem/names';
import type { Constraint } from '../problem/types';
import { isArtificial, isPrimalFeasible, type Tableau } from '../tableau/tableau';

/**
 * An inequality as a row that a move adds to a form: with a slack of its own, `≥` multiplied by −1.
 * @param slack the slack's id, and the name it has where nobody else has it
 */
export function limitRow(
	form: Form,
	owner: Owner,
	{ terms, relation, rhs }: Pick<Constraint, 'terms' | 'rhs'> & { readonly relation: '<=' | '>=' },
	slack: { readonly id: string; readonly name: string }
): { column: Column; row: FormRow } {
	const factor = relation === '<=' ? 1 : -1;
	const substitutions = new Map(form.substitutions.map((own) => [own.variable, own]));
	const { entries, offset } = inColumns(substitutions, terms);
	for (const [j, value] of entries) entries.set(j, value.mul(factor));
	const start = form.columns.length;
	entries.set(start, ONE);
	const name = primed(slack.name, new Set(form.columns.map((column) => column.name)));
	return {
		column: { id: slack.id, name, order: start + 1, kind: 'slack', owner, after: namedBefore(form) },
		row: { owner, entries, rhs: rhs.sub(offset).mul(factor), factor, start }
	};
}

/** The part of a method that can go on after a change, or with one more row. */
export function partAfter(work: Work, t: Tableau): Part {
	const { part } = work;
	const artificial = t.basis.some((column) => isArtificial(t, column));
	if (part === 'phase-one' || part === 'big-m') return part;
	const primal = artificial && part === 'phase-two' ? 'phase-two' : 'primal';
	if (isPrimalFeasible(t)) return primal;
	return isDualFeasible(t) ? 'dual' : 'repair';
}
