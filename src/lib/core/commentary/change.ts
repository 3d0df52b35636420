import type { Position } from '../position/position';
import { isDualFeasible } from '../method/dual';
import type { Work } from '../method/types';
import { ZERO } from '../number/rational';
import type { Problem } from '../problem/types';
import { negativeRows } from '../tableau/ratio';
import { OBJECTIVE } from '../tableau/goal';
import { columnOf, isPrimalFeasible, rhs, type Tableau } from '../tableau/tableau';
import { objectiveSentence, placeSentence } from './plan';
import { claim, joined, say, type Remark, type Sentence } from '../sentence/sentence';

/** What goes on after a change, told against what was true before it. */
function goesOn(before: Tableau, { tableau: t, part }: Work): Sentence[] {
	const { objective } = t.form.problem;
	const still = (was: boolean) => (was ? ' still' : '');
	const improving = { sign: 'improving', goal: OBJECTIVE, objective } as const;
	if (part === 'dual')
		return [
			say`The tableau is${still(isDualFeasible(before))} dual feasible, so the dual simplex method goes on from here.${claim({ is: 'dual-feasible', t, holds: true })}`
		];
	if (part === 'repair')
		return [
			say`The tableau is not dual feasible either, so pivots make the basis feasible first.${claim({ is: 'dual-feasible', t, holds: false })}`
		];
	if (part !== 'primal') return [];
	const feasible = say`The basis is${still(isPrimalFeasible(before))} feasible${claim({ is: 'feasible', t, holds: true })}`;
	return [
		isDualFeasible(t)
			? say`${feasible}, and no entry of the objective row is ${improving}: it is optimal.`
			: say`${feasible}, and an entry of the objective row is ${improving}: the primal simplex method goes on.${claim({ is: 'dual-feasible', t, holds: false })}`
	];
}

/** What differs between two problems that differ in one number or one constraint. */
function difference(before: Problem, after: Problem): Sentence {
	const added = after.constraints[before.constraints.length];
	if (added)
		return say`The constraint ${{ constraint: added.name }} is new: a row and a slack of its own, in the basis as it stands.`;
	const row = after.constraints.find((own, i) => !own.rhs.equals(before.constraints[i].rhs));
	if (row) {
		const old = before.constraints[after.constraints.indexOf(row)];
		return say`The right-hand side of ${{ constraint: row.name }} is ${row.rhs} instead of ${old.rhs}: only the right-hand sides of the tableau change.`;
	}
	const [old, now] = [before.objective.terms, after.objective.terms];
	const { name } = after.variables.find(
		(variable) => !(old.get(variable.name) ?? ZERO).equals(now.get(variable.name) ?? ZERO)
	)!;
	return say`The objective coefficient of ${name} is ${now.get(name) ?? ZERO} instead of ${old.get(name) ?? ZERO}: only the objective row changes.`;
}

/** What a change of the problem does to a tableau already reached. */
export function changeRemark(before: Position, { problem, work }: Position): Remark {
	const { tableau: t } = work!;
	const old = before.work!.tableau;
	const wasFeasible = isPrimalFeasible(old);
	const negative = negativeRows(t);
	const feasibility =
		negative.length > 0
			? [
					say`${joined(negative.map((row) => say`${columnOf(t, t.basis[row])} = ${rhs(t, row)}`))}: the basis is not feasible${wasFeasible ? ' any more' : ''}.${claim({ is: 'feasible', t, holds: false })}`
				]
			: [];
	return {
		tone: 'step',
		heading: say`The problem changed`,
		sentences: [
			difference(before.problem, problem),
			...feasibility,
			placeSentence(t),
			say`${objectiveSentence(t)}.`,
			...goesOn(old, work!)
		]
	};
}
