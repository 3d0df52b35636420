import { branchRemark } from '../commentary/whole';
import { addedId } from '../problem/column-id';
import { branchKey } from '../problem/keys';
import { RELATION_SIGNS } from '../problem/relation';
import { mustBeWhole } from '../problem/whole';
import { isDualFeasible } from '../method/dual';
import { isInteger, ONE, parseRational } from '../number/rational';
import { appendLimit } from '../tableau/build';
import { isPrimalFeasible, readPlan } from '../tableau/tableau';
import { limitRow } from './limit';
import * as messages from './messages';
import { refused, nameOf, type Position } from '../position/position';
import type { BranchMove, MoveKind } from './types';

/** What the constraint of a branch is called: `bowls ≤ 3`. */
export const branchName = (variable: string, relation: '<=' | '>=', value: string): string =>
	`${variable} ${RELATION_SIGNS[relation]} ${value}`;

/** Variables that must be whole and are not, with their values, at an optimal tableau; none elsewhere. */
function splits({ problem, work }: Position) {
	const t = work?.tableau;
	if (!t || !isPrimalFeasible(t) || !isDualFeasible(t)) return [];
	const plan = readPlan(t);
	return problem.variables
		.map((variable) => ({ variable, value: plan.get(variable.name)! }))
		.filter(({ variable, value }) => mustBeWhole(variable) && !isInteger(value));
}

export const branch: MoveKind<BranchMove> = {
	perform(position, { variable: key, relation, value: text }) {
		const { work, problem } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		const t = work.tableau;
		if (!isPrimalFeasible(t) || !isDualFeasible(t)) return refused({ code: 'not-optimal' });
		const name = nameOf(position.keys.variables, key);
		const variable = problem.variables.find((own) => own.name === name);
		if (!variable) return refused({ code: 'unknown', id: name });
		if (!mustBeWhole(variable)) return refused({ code: 'need-not-be-whole', variable: name });
		const value = parseRational(text);
		if (!isInteger(value)) return refused({ code: 'branch-not-whole', value });
		const known = branchName(name, relation, text);
		if (problem.constraints.some((row) => row.name === known))
			return refused({ code: 'holds-already', name: known });
		const constraint = { name: known, terms: new Map([[name, ONE]]), relation, rhs: value };
		const changed = { ...problem, constraints: [...problem.constraints, constraint] };
		const lasting = branchKey({ variable: key, relation, value: text });
		const keys = { ...position.keys, constraints: new Map(position.keys.constraints).set(known, lasting) };
		const slack = { id: addedId(lasting), name: `s${changed.constraints.length}` };
		const { column, row } = limitRow(t.form, { kind: 'constraint', name: known }, constraint, slack);
		const longer = appendLimit(t, column, row);
		const tableau = { ...longer, form: { ...longer.form, problem: changed } };
		return { ok: true, position: { ...position, keys, problem: changed, work: { part: 'dual', tableau } } };
	},
	label: ({ variable, relation, value }, names) =>
		messages.branchTo(names.variable(variable), relation, parseRational(value)),
	tell: (before, { variable, relation, value }, after) =>
		branchRemark(before, nameOf(before.keys.variables, variable), relation, parseRational(value), after),
	offers(position) {
		return splits(position).flatMap(({ variable: { name }, value }) => {
			const key = position.keys.variables.get(name) ?? name;
			return (['<=', '>='] as const).map((relation) => {
				const bound = relation === '<=' ? value.floor() : value.ceil();
				return {
					move: { kind: 'branch' as const, variable: key, relation, value: bound.toFraction() },
					found: { code: 'branch' as const, variable: name, relation, value: bound }
				};
			});
		});
	}
};
