import { ZERO, type Rational } from '../number/rational';
import {
	evaluate,
	holds,
	withoutZeros,
	type Constraint,
	type Plan,
	type Problem,
	type Relation,
	type Terms
} from '../problem/types';

/** A problem made around a plan by hand: what each row comes to there, and what follows from what is wished. */

/** A row at a plan. */
export interface RowAt {
	readonly row: Constraint;
	/** what the left-hand side comes to */
	readonly left: Rational;
	/** what is left (≤) or above (≥); negative where the plan violates the row */
	readonly slack: Rational;
	readonly isMet: boolean;
}

/** Each row of a problem at a plan, in the problem's order. */
export const rowsAt = (problem: Problem, plan: Plan): RowAt[] =>
	problem.constraints.map((row) => {
		const left = evaluate(row.terms, plan);
		const slack = row.rhs.sub(left).mul(row.relation === '>=' ? -1 : 1);
		return { row, left, slack, isMet: holds(left, row.relation, row.rhs) };
	});

/** The right-hand side that gives a row its slack at a plan. */
export const rhsFor = (relation: Relation, left: Rational, slack: Rational): Rational =>
	relation === '=' ? left : relation === '<=' ? left.add(slack) : left.sub(slack);

/**
 * Coefficients of the objective for which a plan is best: a mix of the rows that bind there, with the weights given (taken in the direction in which the
 * row limits the objective; the sum of the cone's edges is inside it).
 * @param weights by row, not negative; of an equation either sign
 */
export function costsFor(problem: Problem, weights: ReadonlyMap<string, Rational>): Terms {
	const sum = new Map<string, Rational>();
	const turn = problem.objective.sense === 'max' ? 1 : -1;
	for (const { name, terms, relation } of problem.constraints) {
		const weight = weights.get(name);
		if (!weight) continue;
		const times = relation === '>=' ? weight.mul(-turn) : relation === '<=' ? weight.mul(turn) : weight;
		for (const [variable, value] of terms)
			sum.set(variable, (sum.get(variable) ?? ZERO).add(value.mul(times)));
	}
	return withoutZeros(sum);
}
