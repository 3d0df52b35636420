import { solveLinear } from '../answer/answer';
import type { Part } from '../method/types';
import { isZero, max, sign, ZERO, type Rational } from '../number/rational';
import { evaluate } from '../problem/types';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../tableau/goal';
import {
	columnOf,
	cost,
	goalValue,
	hasGoal,
	isArtificial,
	readPlan,
	rhs,
	type Tableau
} from '../tableau/tableau';
import type { StepReason } from './reason-findings';

/** Reasons at a start: what may begin in the basis, what phase one and M are for. */
export function startReasons(t: Tableau, part: Part): StepReason[] {
	const list: StepReason[] = [];
	const slack = t.basis.findIndex((column) => columnOf(t, column).kind === 'slack');
	// only where nothing is made yet is nothing used
	const isAtZero = [...readPlan(t).values()].every(isZero);
	if (isAtZero && slack >= 0 && sign(rhs(t, slack)) >= 0) {
		const basic = t.basis[slack];
		const constraint = columnOf(t, basic).owner.name;
		list.push({ code: 'slack-starts', t, basic, value: rhs(t, slack), constraint });
	}
	if (isAtZero && t.goals.some(({ kind }) => kind === 'objective')) {
		const columns = t.nonbasic.filter(
			(column) => !t.barred.has(column) && !isZero(cost(t, OBJECTIVE, column))
		);
		list.push({ code: 'objective-row', t, columns });
	}
	const artificial = t.basis.findIndex((column) => isArtificial(t, column));
	const owner = artificial < 0 ? null : columnOf(t, t.basis[artificial]).owner;
	const row =
		owner &&
		t.form.problem.constraints.find(({ name }) => owner.kind === 'constraint' && name === owner.name);
	if (row) {
		// where variables are counted from bounds, the left side is not 0 at the start
		const left = evaluate(row.terms, readPlan(t));
		const surplus = row.relation === '>=' ? left.sub(row.rhs) : row.rhs.sub(left);
		if (row.relation === '=')
			list.push(
				isZero(surplus) ? { code: 'equality-met', t, row } : { code: 'equality-has-no-slack', t, row, left }
			);
		else if (sign(surplus) < 0) list.push({ code: 'surplus-cannot-start', t, row, left, surplus });
	}
	if (part === 'phase-one' || hasGoal(t, INFEASIBILITY))
		list.push({ code: 'phase-one', sum: goalValue(t, INFEASIBILITY).neg() });
	if (part === 'big-m' || hasGoal(t, BIG_M))
		list.push({ code: 'big-m', problem: t.form.problem, ...worthOfRows(t) });
	return list;
}

/** What a unit of any row with an artificial variable is worth at most at the best plan: M must be more. */
function worthOfRows(t: Tableau): { rows: readonly string[]; worth: Rational | null } {
	const { duals } = solveLinear(t.form.problem, { maxSteps: 500 });
	const rows = t.form.columns.flatMap(({ kind, owner }) =>
		kind === 'artificial' && owner.kind === 'constraint' ? [owner.name] : []
	);
	const worth = duals ? rows.map((name) => duals.get(name)?.abs() ?? ZERO).reduce(max, ZERO) : null;
	return { rows, worth };
}
