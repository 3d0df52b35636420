import { standardForm } from '../form/standard';
import type { Form } from '../form/types';
import { isZero, sign } from '../number/rational';
import type { Problem } from '../problem/types';

/** Why a row cannot start with its slack. */
export interface Need {
	readonly constraint: string;
	readonly reason: 'equality' | 'at-least' | 'negative-rhs' | 'empty-bound';
}

export type SlackStart =
	{ readonly ready: true; readonly form: Form } | { readonly ready: false; readonly needs: readonly Need[] };

/**
 * The form in which every row starts with its slack, if that is a feasible basis; else the rows that need more
 * (artificial variables, or the dual simplex method).
 */
export function slackStart(problem: Problem): SlackStart {
	const form = standardForm(problem, 'slack');
	const needs: Need[] = [];
	const byName = new Map(problem.constraints.map((row) => [row.name, row]));
	for (const row of form.rows) {
		const { kind, name } = row.owner;
		const author = kind === 'constraint' ? byName.get(name) : undefined;
		if (needs.some((need) => need.constraint === name)) continue;
		if (author?.relation === '=') needs.push({ constraint: name, reason: 'equality' });
		else if (sign(row.rhs) < 0 && !isZero(row.rhs))
			needs.push({
				constraint: name,
				reason: kind === 'bound' ? 'empty-bound' : author?.relation === '>=' ? 'at-least' : 'negative-rhs'
			});
	}
	return needs.length ? { ready: false, needs } : { ready: true, form };
}
