import { changeRemark } from '../commentary/change';
import type { Remark } from '../commentary/sentence';
import type { Form } from '../form/types';
import { isDualFeasible } from '../method/dual';
import { handOver } from '../method/decide';
import type { Part, Work } from '../method/types';
import { isZero, NumberError, parseRational, ZERO, type Rational } from '../number/rational';
import { isName, withoutZeros, type Constraint, type Problem, type Relation } from '../problem/types';
import { atSameBasis } from '../tableau/build';
import { isArtificial, isPrimalFeasible, type Tableau } from '../tableau/tableau';
import { limitRow } from './limit';
import * as messages from './messages';
import { nameOf, type Position } from './position';
import type { ChangeMove, MoveKind } from './types';

type Change = ChangeMove['change'];

function changedRhs(
	position: Position,
	key: string,
	value: Rational
): { problem: Problem; form: Form } | Remark {
	const name = nameOf(position.keys.constraints, key);
	const row = position.problem.constraints.find((constraint) => constraint.name === name);
	if (!row) return messages.unknownColumn(name);
	const by = value.sub(row.rhs);
	if (isZero(by)) return messages.sameNumber;
	const { form } = position.work!.tableau;
	const constraints = position.problem.constraints.map((own) => (own === row ? { ...own, rhs: value } : own));
	const problem = { ...position.problem, constraints };
	const rows = form.rows.map((own) =>
		own.owner.kind === 'constraint' && own.owner.name === name
			? { ...own, rhs: own.rhs.add(by.mul(own.factor)) }
			: own
	);
	return { problem, form: { ...form, problem, rows } };
}

function changedCost(
	position: Position,
	key: string,
	value: Rational
): { problem: Problem; form: Form } | Remark {
	const name = nameOf(position.keys.variables, key);
	const { objective, variables } = position.problem;
	if (!variables.some((variable) => variable.name === name)) return messages.unknownColumn(name);
	const by = value.sub(objective.terms.get(name) ?? ZERO);
	if (isZero(by)) return messages.sameNumber;
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
			const slack = { id: `s+:${row.name}${i ? ':2' : ''}`, name: `s${problem.constraints.length}` };
			const made = limitRow(now, { kind: 'constraint', name: row.name }, { ...row, relation }, slack);
			return { ...now, columns: [...now.columns, made.column], rows: [...now.rows, made.row] };
		},
		{ ...form, problem }
	);

function withAdded(
	position: Position,
	{ name, terms, relation, rhs }: Extract<Change, { add: unknown }>['add']
): { problem: Problem; form: Form } | Remark {
	if (!isName(name)) return messages.badRow(`“${name}” is no name for a constraint.`);
	const { constraints, variables } = position.problem;
	if (constraints.some((row) => row.name === name))
		return messages.badRow(`There is a constraint called “${name}” already.`);
	const foreign = Object.keys(terms).find((own) => !variables.some((variable) => variable.name === own));
	if (foreign) return messages.badRow(`“${foreign}” is not among the variables.`);
	const read = Object.entries(terms).map(([own, value]) => [own, parseRational(value)] as const);
	const row: Constraint = { name, terms: withoutZeros(read), relation, rhs: parseRational(rhs) };
	const problem = { ...position.problem, constraints: [...constraints, row] };
	return { problem, form: withConstraint(position.work!.tableau.form, problem, row) };
}

function changed(position: Position, change: Change): { problem: Problem; form: Form } | Remark {
	if ('rhs' in change) return changedRhs(position, change.rhs, parseRational(change.value));
	if ('cost' in change) return changedCost(position, change.cost, parseRational(change.value));
	return withAdded(position, change.add);
}

/** The part of a method that can go on after a change. */
function partAfter(work: Work, t: Tableau): Part {
	const { part } = work;
	const artificial = t.basis.some((column) => isArtificial(t, column));
	if (part === 'phase-one' || part === 'big-m') return part;
	const primal = artificial && part === 'phase-two' ? 'phase-two' : 'primal';
	if (isPrimalFeasible(t)) return primal;
	return isDualFeasible(t) ? 'dual' : 'repair';
}

export const change: MoveKind<ChangeMove> = {
	perform(position, move) {
		const { work } = position;
		if (!work) return { ok: false, why: messages.nothingBegun };
		if (position.cuts.length > 0) return { ok: false, why: messages.cutsStand };
		try {
			const result = changed(position, move.change);
			if ('tone' in result) return { ok: false, why: result };
			const tableau = atSameBasis(work.tableau, result.form);
			if (!tableau) return { ok: false, why: messages.noLongerBasis };
			const after = handOver({ ...work, tableau }, partAfter(work, tableau));
			return { ok: true, position: { ...position, problem: result.problem, work: after } };
		} catch (error) {
			if (error instanceof NumberError) return { ok: false, why: messages.badNumber(error.message) };
			throw error;
		}
	},
	label({ change: what }, names) {
		if ('rhs' in what) return messages.rhsBecomes(names.constraint(what.rhs), parseRational(what.value));
		if ('cost' in what) return messages.costBecomes(names.variable(what.cost), parseRational(what.value));
		return messages.added(what.add.name);
	},
	tell: (before, _move, after) => changeRemark(before.problem, after),
	// what is changed to is asked for where it stands: these moves are made at the number itself
	offers: () => []
};
