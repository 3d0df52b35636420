import { affineColumns, standsIn, tidy } from '../form/affine';
import type { Form, FormRow } from '../form/types';
import { isZero, ZERO, type Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { OBJECTIVE } from '../tableau/goal';
import { cost, entry, type Tableau } from '../tableau/tableau';

/** A value for each row that stands: the author's constraints, those that moves added, and cuts, by name. */
export type Multipliers = ReadonlyMap<string, Rational>;

/** The cuts that stand in a form, as rows of the author's variables; `times`: what their equation in the form was multiplied by for that. */
function standingCuts(form: Form) {
	if (!form.rows.some(({ owner }) => owner.kind === 'cut')) return [];
	const columns = affineColumns(form);
	return form.rows.flatMap(({ owner, start }) => {
		if (owner.kind !== 'cut') return [];
		// slack = Σ terms + constant ≥ 0; a cut of two halves of a variable cannot be said in it
		const slack = columns[start];
		return [{ name: owner.name, ...(slack ? tidy(slack, ZERO) : { row: null, times: ZERO }) }];
	});
}

/**
 * The problem that a form stands for: the author's, with its cuts as constraints. Every integer plan of the one is one of the other.
 * @returns null where a cut cannot be said in the author's variables
 */
export function standingProblem(form: Form): Problem | null {
	const cuts = standingCuts(form);
	if (cuts.length === 0) return form.problem;
	const rows = cuts.flatMap(({ name, row }) => (row ? [{ name, ...row }] : []));
	if (rows.length < cuts.length) return null;
	return { ...form.problem, constraints: [...form.problem.constraints, ...rows] };
}

/** Gathers multipliers of form rows to the rows as they were stated, cuts included; rows for bounds have none of their own. */
export function toConstraints(form: Form, byRow: readonly Rational[]): Multipliers {
	const sums = new Map<string, Rational>(form.problem.constraints.map((row) => [row.name, ZERO]));
	const cuts = new Map(standingCuts(form).map(({ name, times }) => [name, times]));
	form.rows.forEach(({ owner, factor }, i) => {
		if (isZero(byRow[i])) return;
		const times = owner.kind === 'cut' ? cuts.get(owner.name)! : null;
		// the cut's equation reads −(its inequality ≥) + slack
		if (times) sums.set(owner.name, isZero(times) ? ZERO : byRow[i].neg().div(times));
		if (owner.kind !== 'constraint') return;
		const value = factor === 1 ? byRow[i] : byRow[i].neg();
		sums.set(owner.name, sums.get(owner.name)!.add(value));
	});
	return sums;
}

/**
 * Multipliers of the form's rows, from how a row of the tableau is made of them: what it has under the column that a row brought. A cut is written with
 * the slacks of other rows; so what it takes of them counts for those rows, as it must where the cut is said in the author's variables.
 * @param under the tableau row's entry under a column
 */
function combinedOf({ columns, rows }: Form, under: (column: number) => Rational): Rational[] {
	/** the multipliers of the cuts' own rows, the last one first: later cuts are written with the slacks of earlier ones */
	const cuts: { readonly entries: FormRow['entries']; readonly times: Rational }[] = [];
	const takenBy = (column: number): Rational =>
		cuts.reduce((sum, { entries, times }) => sum.add((entries.get(column) ?? ZERO).mul(times)), ZERO);
	for (const { owner, entries, start } of [...rows].reverse())
		if (owner.kind === 'cut') cuts.push({ entries, times: under(start).sub(takenBy(start)) });
	return rows.map(({ owner, entries, start }) => {
		const surplus = owner.kind !== 'cut' && [...entries.keys()].find((j) => columns[j].kind === 'surplus');
		if (typeof surplus === 'number') return under(surplus).neg();
		// what stands in is zero, so what a cut takes of it counts for no row
		return standsIn(columns[start]) ? under(start).sub(takenBy(start)) : under(start);
	});
}

/** The simplex multipliers c_B·B⁻¹ of the form's rows: the objective row's entries under the columns that they brought (whose cost is 0). */
export const simplexMultipliers = (t: Tableau): Rational[] =>
	combinedOf(t.form, (column) => cost(t, OBJECTIVE, column));

/** A row of B⁻¹: how a tableau row is combined from the form's rows. */
export const rowCombination = (t: Tableau, row: number): Rational[] =>
	combinedOf(t.form, (column) => entry(t, row, column));

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
