import { inColumns, namedBefore } from '../form/standard';
import type { Column, Form, FormRow, Owner } from '../form/types';
import { ONE } from '../number/rational';
import { primed } from '../problem/names';
import type { Constraint } from '../problem/types';

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
