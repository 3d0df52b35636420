import type { Rational } from '../number/rational';
import { compare, isZero, ZERO } from '../number/rational';
import { artificialMultipliers } from '../method/artificial';
import type { Outcome } from '../method/types';
import { effectiveBounds, type Plan } from '../problem/types';
import { BIG_M, INFEASIBILITY } from '../tableau/goal';
import { rayAt } from '../tableau/rise';
import { cost, hasGoal, readPlan, rhsCell, type Tableau } from '../tableau/tableau';
import { dualValues, rowCombination, toConstraints, type Multipliers } from './multipliers';

/** Proof of an answer, as data: docs/CERTIFICATES in words, `checkCertificate` in code. */
export type Certificate =
	| { readonly kind: 'optimal'; readonly point: Plan; readonly multipliers: Multipliers }
	| { readonly kind: 'infeasible'; readonly multipliers: Multipliers; readonly variable?: string }
	| { readonly kind: 'unbounded'; readonly point: Plan; readonly ray: Plan };

/** The combination of the form's rows that contradicts itself: y·A ≥ 0 for every column, y·b < 0. */
function contradiction(t: Tableau, row: number | null): Rational[] {
	if (row !== null) {
		const combination = rowCombination(t, row);
		// a row that reads 0 = rhs may have either sign
		return rhsCell(t, row) > 0 ? combination.map((value) => value.neg()) : combination;
	}
	const goal = hasGoal(t, INFEASIBILITY) ? INFEASIBILITY : BIG_M;
	return artificialMultipliers(t, (column) => cost(t, goal, column));
}

/** The certificate that goes with a method's outcome; null for a cycle, which answers nothing. */
export function certify(outcome: Outcome): Certificate | null {
	const { tableau } = outcome;
	const { problem } = tableau.form;
	if (outcome.status === 'optimal')
		return { kind: 'optimal', point: readPlan(tableau), multipliers: dualValues(tableau) };
	if (outcome.status === 'unbounded')
		return { kind: 'unbounded', point: readPlan(tableau), ray: rayAt(tableau, outcome.slot) };
	if (outcome.status === 'cycle') return null;
	const excluded = problem.variables.find((variable) => {
		const { lower, upper } = effectiveBounds(variable);
		return lower && upper && compare(lower, upper) > 0;
	});
	if (excluded)
		return {
			kind: 'infeasible',
			variable: excluded.name,
			multipliers: new Map(problem.constraints.map((row) => [row.name, ZERO]))
		};
	const combined = contradiction(tableau, outcome.row).map((value) => (isZero(value) ? value : value.neg()));
	return { kind: 'infeasible', multipliers: toConstraints(tableau.form, combined) };
}
