import { solveLinear } from '../answer/answer';
import type { Part } from '../method/types';
import { isZero, max, sign, ZERO } from '../number/rational';
import { holds } from '../problem/types';
import { say } from '../sentence/sentence';
import { BIG_M, INFEASIBILITY } from '../tableau/goal';
import { columnOf, goalValue, hasGoal, isArtificial, readPlan, rhs, type Tableau } from '../tableau/tableau';
import { reason, type Reason } from './reason';

/** Reasons at a start: what may begin in the basis, what phase one and M are for. */
export function startReasons(t: Tableau, part: Part): Reason[] {
	const list: Reason[] = [];
	const slack = t.basis.findIndex((column) => columnOf(t, column).kind === 'slack');
	// only where nothing is made yet is nothing used
	const isAtZero = [...readPlan(t).values()].every(isZero);
	if (isAtZero && slack >= 0 && sign(rhs(t, slack)) >= 0)
		list.push(
			reason('slack', say`Why can a slack start the basis?`, [
				say`With the non-basic variables at 0, ${columnOf(t, t.basis[slack])} = ${rhs(t, slack)}, which is not negative: nothing of ${{ constraint: columnOf(t, t.basis[slack]).owner.name }} is used yet, and all of it is left.`
			])
		);
	const artificial = t.basis.findIndex((column) => isArtificial(t, column));
	const owner = artificial < 0 ? null : columnOf(t, t.basis[artificial]).owner;
	const row =
		owner &&
		t.form.problem.constraints.find(({ name }) => owner.kind === 'constraint' && name === owner.name);
	if (row && row.relation !== '=' && !holds(ZERO, row.relation, row.rhs))
		list.push(
			reason('surplus', say`Why can a surplus not start the basis?`, [
				say`With all variables at 0 the left-hand side of ${{ constraint: row.name }} is 0 and not ${row.relation === '>=' ? '≥' : '≤'} ${row.rhs}: its surplus would be ${row.rhs.abs().neg()}, and no variable may be negative.`
			])
		);
	if (part === 'phase-one' || hasGoal(t, INFEASIBILITY)) {
		const sum = goalValue(t, INFEASIBILITY).neg();
		list.push(
			reason('phase-one', say`Why is the sum of the artificial variables made as small as it can be?`, [
				say`An artificial variable that is not 0 says by how much its row is not met. The sum is ${sum} now; where it is 0, all rows are met and there is a plan to go on from.`,
				say`Were its least value positive, no choice of the other variables would meet all rows: the problem would be infeasible.`
			])
		);
	}
	if (part === 'big-m' || hasGoal(t, BIG_M)) list.push(bigMReason(t));
	return list;
}

/** How large M has to be here: more than what any row with an artificial variable is worth. */
function bigMReason(t: Tableau): Reason {
	const { problem } = t.form;
	const solved = solveLinear(problem, { maxSteps: 500 });
	const rows = t.form.columns.flatMap(({ kind, owner }) =>
		kind === 'artificial' && owner.kind === 'constraint' ? [owner.name] : []
	);
	const worth = solved.duals
		? rows.map((name) => solved.duals!.get(name)?.abs() ?? ZERO).reduce(max, ZERO)
		: null;
	return reason('big-m', say`Why has M to be large, and how large would do here?`, [
		say`While an artificial variable is not 0, its row is not met; M makes that dearer than anything it could gain.`,
		worth
			? say`One unit of such a row is worth ${worth} at most at the best plan, so any M above ${worth} would do here. As a symbol it is larger than every number, and nothing has to be guessed.`
			: say`As a symbol it is larger than every number, and nothing has to be guessed.`
	]);
}
