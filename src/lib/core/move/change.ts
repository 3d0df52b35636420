import { changeRemark } from '../commentary/begin';
import type { Refusal } from '../position/refusal';
import type { Form, Owner } from '../form/types';
import { handOver } from '../method/decide';
import { isZero, NumberError, parseRational, ZERO, type Rational } from '../number/rational';
import { isName, withoutZeros, type Constraint, type Problem, type Relation } from '../problem/types';
import { atSameBasis } from '../tableau/build';
import { branchName } from './branch';
import { addedId } from '../problem/column-id';
import { branchOfKey } from '../problem/keys';
import { limitRow, partAfter } from './limit';
import * as messages from './messages';
import { refused, nameOf, type Position } from '../position/position';
import type { ChangeMove, MoveKind } from './types';

type Change = ChangeMove['change'];

/** The changed problem and its form; a row that is called otherwise now, with its lasting key. */
interface Changed {
	readonly problem: Problem;
	readonly form: Form;
	readonly called?: readonly (readonly [name: string, key: string])[];
}

function changedRhs(position: Position, key: string, value: Rational): Changed | Refusal {
	const name = nameOf(position.keys.constraints, key);
	const row = position.problem.constraints.find((constraint) => constraint.name === name);
	if (!row) return { code: 'unknown', id: name };
	const by = value.sub(row.rhs);
	if (isZero(by)) return { code: 'same-number' };
	const { form } = position.work!.tableau;
	const branch = branchOfKey(key);
	// a branch is called by its bound
	const called = branch
		? branchName(nameOf(position.keys.variables, branch.variable), branch.relation, value.toFraction())
		: name;
	if (called !== name && position.problem.constraints.some((own) => own.name === called))
		return { code: 'holds-already', name: called };
	const changedRow = { ...row, name: called, rhs: value };
	const constraints = position.problem.constraints.map((own) => (own === row ? changedRow : own));
	const problem = { ...position.problem, constraints };
	const owns = ({ owner }: { owner: Owner }) => owner.kind === 'constraint' && owner.name === name;
	const owner = { kind: 'constraint', name: called } as const;
	const rows = form.rows.map((own) =>
		owns(own) ? { ...own, owner, rhs: own.rhs.add(by.mul(own.factor)) } : own
	);
	const columns = form.columns.map((own) => (owns(own) ? { ...own, owner } : own));
	return { problem, form: { ...form, problem, rows, columns }, called: [[called, key]] };
}

function changedCost(position: Position, key: string, value: Rational): Changed | Refusal {
	const name = nameOf(position.keys.variables, key);
	const { objective, variables } = position.problem;
	if (!variables.some((variable) => variable.name === name)) return { code: 'unknown', id: name };
	const by = value.sub(objective.terms.get(name) ?? ZERO);
	if (isZero(by)) return { code: 'same-number' };
	const terms = withoutZeros(new Map(objective.terms).set(name, value));
	const problem = { ...position.problem, objective: { ...objective, terms } };
	const { form } = position.work!.tableau;
	const { offset, parts } = form.substitutions.find(({ variable }) => variable === name)!;
	const gain = objective.sense === 'max' ? by : by.neg();
	const costs = new Map(form.costs);
	for (const { column, factor } of parts)
		costs.set(column, (costs.get(column) ?? ZERO).add(gain.mul(factor)));
	return { problem, form: { ...form, problem, costs, constant: form.constant.add(gain.mul(offset)) } };
}

const HALVES: Record<Relation, readonly ('<=' | '>=')[]> = { '<=': ['<='], '>=': ['>='], '=': ['<=', '>='] };

/** The form with the rows of one more constraint, each with a slack of its own. */
const withConstraint = (form: Form, problem: Problem, row: Constraint): Form =>
	HALVES[row.relation].reduce(
		(now, relation, i): Form => {
			const slack = { id: addedId(row.name, i > 0), name: `s${problem.constraints.length}` };
			const made = limitRow(now, { kind: 'constraint', name: row.name }, { ...row, relation }, slack);
			return { ...now, columns: [...now.columns, made.column], rows: [...now.rows, made.row] };
		},
		{ ...form, problem }
	);

function withAdded(
	position: Position,
	{ name, terms: byKey, relation, rhs }: Extract<Change, { add: unknown }>['add']
): Changed | Refusal {
	if (!isName(name)) return { code: 'no-name', name };
	const { constraints, variables } = position.problem;
	if (constraints.some((row) => row.name === name)) return { code: 'name-taken', name };
	const terms = Object.fromEntries(
		Object.entries(byKey).map(([key, value]) => [nameOf(position.keys.variables, key), value])
	);
	const foreign = Object.keys(terms).find((own) => !variables.some((variable) => variable.name === own));
	if (foreign) return { code: 'foreign-variable', name: foreign };
	const read = Object.entries(terms).map(([own, value]) => [own, parseRational(value)] as const);
	const row: Constraint = { name, terms: withoutZeros(read), relation, rhs: parseRational(rhs) };
	const problem = { ...position.problem, constraints: [...constraints, row] };
	return { problem, form: withConstraint(position.work!.tableau.form, problem, row) };
}

function changed(position: Position, change: Change): Changed | Refusal {
	if ('rhs' in change) return changedRhs(position, change.rhs, parseRational(change.value));
	if ('cost' in change) return changedCost(position, change.cost, parseRational(change.value));
	return withAdded(position, change.add);
}

export const change: MoveKind<ChangeMove> = {
	perform(position, move) {
		const { work } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		if (position.cuts.length > 0) return refused({ code: 'cuts-stand' });
		try {
			const result = changed(position, move.change);
			if ('code' in result) return refused(result);
			const tableau = atSameBasis(work.tableau, result.form);
			if (!tableau) return refused({ code: 'no-longer-basis' });
			const after = handOver({ ...work, tableau }, partAfter(work, tableau));
			const { called = [], problem } = result;
			const isCalled = (key: string) => called.some(([, own]) => own === key);
			const others = [...position.keys.constraints].filter(([, key]) => !isCalled(key));
			const keys = { ...position.keys, constraints: new Map([...others, ...called]) };
			return { ok: true, position: { ...position, keys, problem, work: after } };
		} catch (error) {
			if (error instanceof NumberError) return refused({ code: 'not-a-number', message: error.message });
			throw error;
		}
	},
	label({ change: what }, names) {
		if ('rhs' in what) return messages.rhsBecomes(names.constraint(what.rhs), parseRational(what.value));
		if ('cost' in what) return messages.costBecomes(names.variable(what.cost), parseRational(what.value));
		return messages.added(what.add.name);
	},
	tell: (before, _move, after) => changeRemark(before, after),
	// what is changed to is asked for where it stands: these moves are made at the number itself
	offers: () => []
};
