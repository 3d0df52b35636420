import { branchAndBound } from '../integer/branch';
import { ONE, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, type Constraint, type Plan, type Problem, type Terms } from '../problem/types';
import { bindsAt } from '../problem/use';

/** The objectives for which a plan is a best one: a cone, made by the rows and bounds that bind at the plan (Kuhn and Tucker 1951). */

/** A direction of the cone, with the row or the variable's bound that makes it. */
export interface ConeEdge {
	readonly row?: string;
	readonly bound?: string;
	readonly terms: Terms;
}

const times = (terms: Terms, factor: Rational): Terms =>
	new Map([...terms].map(([name, value]) => [name, value.mul(factor)]));

/** The directions whose positive mixes are all objectives for which a feasible plan is best; an equation gives both of its directions. */
export function coneAt(problem: Problem, plan: Plan): ConeEdge[] {
	const better = problem.objective.sense === 'max' ? ONE : ONE.neg();
	const rows = problem.constraints
		.filter((row) => bindsAt(row, plan))
		.flatMap(({ name, terms, relation }): ConeEdge[] => {
			const up = { row: name, terms: times(terms, better) };
			const down = { row: name, terms: times(terms, better.neg()) };
			return relation === '<=' ? [up] : relation === '>=' ? [down] : [up, down];
		});
	const bounds = problem.variables.flatMap((variable): ConeEdge[] => {
		const { lower, upper } = effectiveBounds(variable);
		const { name } = variable;
		const amount = plan.get(name) ?? ZERO;
		const unit: Terms = new Map([[name, better]]);
		return [
			...(lower?.equals(amount) ? [{ bound: name, terms: times(unit, ONE.neg()) }] : []),
			...(upper?.equals(amount) ? [{ bound: name, terms: unit }] : [])
		];
	});
	return [...rows, ...bounds];
}

/** pivots after which the nearest whole coefficients are given up */
const MOST_PIVOTS = 4_000;

/**
 * Whole coefficients, not all 0, for which a plan is best, as near as can be to those of the objective: the sum of the changes is least.
 * They are found as a best plan of a problem in whole numbers.
 * @param edges those of {@link coneAt}
 * @returns null where the cone is empty, or nothing was found soon
 */
export function nearestWhole(problem: Problem, edges: readonly ConeEdge[]): Terms | null {
	if (edges.length === 0) return null;
	const names = problem.variables.map(({ name }) => name);
	const of = (kind: string, i: number) => `${kind}${i}`;
	const rows = names.flatMap((name, j): Constraint[] => {
		const mix = edges.map(({ terms }, i) => [of('mix', i), (terms.get(name) ?? ZERO).neg()] as const);
		return [
			{
				name: of('near', j),
				terms: new Map([
					[of('c', j), ONE],
					[of('over', j), ONE.neg()],
					[of('under', j), ONE]
				]),
				relation: '=',
				rhs: problem.objective.terms.get(name) ?? ZERO
			},
			{
				name: of('inside', j),
				terms: new Map([[of('c', j), ONE], ...mix.filter(([, value]) => value.n !== 0n)]),
				relation: '=',
				rhs: ZERO
			}
		];
	});
	const apart = names.flatMap((_, j) => [of('over', j), of('under', j)]);
	const variable = (name: string) => ({ name, lower: ZERO, upper: null, domain: 'continuous' as const });
	const { status, solution } = branchAndBound(
		{
			variables: [
				...names.map((_, j) => ({
					name: of('c', j),
					lower: null,
					upper: null,
					domain: 'integer' as const
				})),
				...apart.map(variable),
				...edges.map((_, i) => variable(of('mix', i)))
			],
			objective: {
				sense: 'min',
				name: 'apart',
				terms: new Map(apart.map((name) => [name, ONE])),
				constant: ZERO
			},
			constraints: rows
		},
		{ maxSteps: MOST_PIVOTS }
	);
	if (status !== 'optimal' || !solution) return null;
	const found = names.map((name, j) => [name, solution.get(of('c', j))!] as const);
	const whole: Terms = new Map(found.filter(([, value]) => value.n !== 0n));
	return whole.size ? whole : null;
}
