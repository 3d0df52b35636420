import type { Form } from '../form/types';
import { isZero, ZERO, type Rational } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { cost, entry, type Tableau } from '../tableau/tableau';

/** A value for each of the author's constraints, by name. */
export type Multipliers = ReadonlyMap<string, Rational>;

/** Gathers multipliers of form rows to the author's constraints; rows for bounds have none of their own. */
export function toConstraints(form: Form, byRow: readonly Rational[]): Multipliers {
	const sums = new Map<string, Rational>(form.problem.constraints.map((row) => [row.name, ZERO]));
	form.rows.forEach(({ owner, factor }, i) => {
		if (owner.kind !== 'constraint' || isZero(byRow[i])) return;
		const value = factor === 1 ? byRow[i] : byRow[i].neg();
		sums.set(owner.name, sums.get(owner.name)!.add(value));
	});
	return sums;
}

/** The simplex multipliers c_B·B⁻¹ of the form's rows: the objective row's entries under the start columns (whose cost is 0). */
export function simplexMultipliers(t: Tableau): Rational[] {
	return t.form.rows.map(({ start }) => cost(t, OBJECTIVE, start));
}

/** A row of B⁻¹: how a tableau row is combined from the form's rows. */
export function rowCombination(t: Tableau, row: number): Rational[] {
	return t.form.rows.map(({ start }) => entry(t, row, start));
}

/** Dual values in the problem's own sense: the change of the best objective for each unit of right-hand side. */
export function dualValues(t: Tableau): Multipliers {
	const values = toConstraints(t.form, simplexMultipliers(t));
	if (t.form.problem.objective.sense === 'max') return values;
	return new Map([...values].map(([name, value]) => [name, value.neg()]));
}

/** Reduced costs in the problem's own sense: objective coefficient minus the duals' combination of the column. */
export function reducedCosts(form: Form, duals: Multipliers): ReadonlyMap<string, Rational> {
	const { objective, variables, constraints } = form.problem;
	const result = new Map<string, Rational>(
		variables.map((v) => [v.name, objective.terms.get(v.name) ?? ZERO])
	);
	for (const row of constraints) {
		const dual = duals.get(row.name)!;
		if (isZero(dual)) continue;
		for (const [name, value] of row.terms) result.set(name, result.get(name)!.sub(dual.mul(value)));
	}
	return result;
}
