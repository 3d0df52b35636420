import { addCut, deriveCut, fraction, internalRow } from '../integer/cut';
import { withBranchings } from '../integer/relaxation';
import type { Rounding } from '../integer/rounding';
import type { Search } from '../integer/search';
import type { SearchNode } from '../integer/search-types';
import { evaluate, type Plan, type Problem } from '../problem/types';
import { fractionalVariables } from '../problem/whole';
import { columnOf, readPlan, type Tableau } from '../tableau/tableau';
import type { WholeReason } from './reason-findings';

/** Why whole numbers are hard, why a cut may be added and why a node may be closed, with the numbers that stand here. */

/** Why rounding can fail: what a row comes to at the rounded plan. */
export function roundingReasons(problem: Problem, corner: Plan, list: readonly Rounding[]): WholeReason[] {
	const [first] = fractionalVariables(problem, corner);
	if (!first) return [];
	const failures = list.flatMap(({ plan, broken }) =>
		broken.flatMap(({ bound, name }) => {
			const row = bound ? undefined : problem.constraints.find((own) => own.name === name);
			if (!row) return [];
			const [before, after] = [corner, plan].map((own) => evaluate(row.terms, own));
			return [{ row, plan, before, after, binds: before.equals(row.rhs) }];
		})
	);
	// a row that binds at the corner shows best why there is nothing to spare
	const broken = failures.find(({ binds }) => binds) ?? failures[0] ?? null;
	return [{ code: 'rounding', problem, corner, variable: first.name, broken }];
}

/**
 * Why a cut holds at every whole point, why slacks are whole, and why the present point is cut off.
 * @param row the kernel row that it comes from
 * @param whole which columns are whole, in internal units
 */
export function cutReasons(
	t: Tableau,
	row: number,
	whole: readonly boolean[],
	mixed: boolean
): WholeReason[] {
	const { kind, gains, least } = deriveCut(t, row, whole, mixed);
	const { original } = addCut(t, row, whole, 1, mixed).cut;
	const column = t.nonbasic.find(
		(own, k) => !gains[k].equals(0) && whole[own] && columnOf(t, own).kind !== 'structural'
	);
	const owner = column === undefined ? null : columnOf(t, column).owner;
	const constraint =
		owner?.kind === 'constraint' ? t.form.problem.constraints.find(({ name }) => name === owner.name) : null;
	const cut = original && { stated: original, left: evaluate(original.terms, readPlan(t)) };
	return [
		...(column !== undefined && constraint ? [{ code: 'slack-whole', t, column, constraint } as const] : []),
		{ code: 'cut-holds', kind, part: fraction(internalRow(t, row).rhs) },
		{ code: 'cut-off', least, cut }
	];
}

/** Why a node may be closed, or branched on without losing an integer plan. */
export function nodeReasons(search: Search, node: SearchNode): WholeReason[] {
	// what follows is asked for, and not told before
	if (node.state === 'open' || node.state === 'solved') return [];
	if (node.state === 'branched') {
		const value = node.split === null ? null : node.solution?.get(node.split);
		return node.split === null || !value ? [] : [{ code: 'branching', variable: node.split, value }];
	}
	const problem = withBranchings(search.problem, search.branchingsOf(node.id));
	if (node.why?.code === 'no-whole-solution')
		return [{ code: 'closed-without-whole', problem, conflict: node.why.conflict }];
	if (node.state === 'infeasible') return [{ code: 'closed-infeasible', problem }];
	if (node.state === 'whole') return [{ code: 'closed-whole', problem, bound: node.bound! }];
	if (node.why?.code !== 'bound') return [];
	const { bound, incumbent } = node.why;
	const reachable = node.why.reachable.equals(bound) ? null : node.why.reachable;
	return [{ code: 'closed-by-bound', problem, bound, reachable, incumbent }];
}
