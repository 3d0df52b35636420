import type { Position } from '../move/position';
import type { Part } from '../method/types';
import { ZERO } from '../number/rational';
import type { Problem } from '../problem/types';
import { negativeRows } from '../tableau/ratio';
import { columnOf, rhs } from '../tableau/tableau';
import { objectiveSentence, placeSentence } from './plan';
import { joined, say, type Remark, type Sentence } from './sentence';

const GOES_ON: Partial<Record<Part, Sentence>> = {
	dual: say`The objective row is still right, so the dual simplex method goes on from here.`,
	repair: say`The objective row is not right either, so plain pivots repair the basis first.`,
	primal: say`The basis is still feasible; where an entry of the objective row is negative, the primal simplex method goes on.`
};

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
export function changeRemark(before: Problem, { problem, work }: Position): Remark {
	const { tableau: t, part } = work!;
	const negative = negativeRows(t);
	const feasibility =
		negative.length > 0
			? [
					say`${joined(negative.map((row) => say`${columnOf(t, t.basis[row])} = ${rhs(t, row)}`))}: the basis is not feasible any more.`
				]
			: [];
	const on = GOES_ON[part];
	return {
		tone: 'step',
		heading: say`The problem changed`,
		sentences: [
			difference(before, problem),
			...feasibility,
			placeSentence(t),
			say`${objectiveSentence(t)}.`,
			...(on ? [on] : [])
		]
	};
}
