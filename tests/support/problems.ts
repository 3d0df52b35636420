import fc from 'fast-check';
import { rational, ZERO, type Rational } from '../../src/lib/core/number/rational';
import { echelon } from '../../src/lib/core/number/linear-algebra';
import {
	effectiveBounds,
	evaluate,
	isFeasible,
	withoutZeros,
	type Plan,
	type Problem
} from '../../src/lib/core/problem/types';

const small = fc.integer({ min: -6, max: 9 }).map((n) => rational(n));
const ratio = fc
	.tuple(fc.integer({ min: -12, max: 12 }), fc.integer({ min: 1, max: 4 }))
	.map(([n, d]) => rational(n, d));
const value = fc.oneof({ weight: 3, arbitrary: small }, { weight: 1, arbitrary: ratio });

const bounds = fc.oneof(
	{ weight: 6, arbitrary: fc.constant({ lower: ZERO as Rational | null, upper: null as Rational | null }) },
	{ weight: 1, arbitrary: fc.constant({ lower: null, upper: null }) },
	{ weight: 1, arbitrary: value.map((upper) => ({ lower: null, upper })) },
	{ weight: 1, arbitrary: value.map((lower) => ({ lower, upper: null })) },
	{ weight: 1, arbitrary: fc.tuple(value, value).map(([lower, upper]) => ({ lower, upper })) }
);

export interface Kind {
	readonly variables?: number;
	/** only x ≥ 0 and rows ≤ with right-hand sides ≥ 0 */
	readonly slackStart?: boolean;
	readonly whole?: boolean;
}

/** Random problems of classroom size: every relation, sign, bound and degeneracy. */
export function anyProblem({
	variables,
	slackStart = false,
	whole = false
}: Kind = {}): fc.Arbitrary<Problem> {
	const size = variables ? fc.constant(variables) : fc.integer({ min: 1, max: 3 });
	return fc.tuple(size, fc.integer({ min: 0, max: 4 })).chain(([n, m]) =>
		fc
			.record({
				costs: fc.array(value, { minLength: n, maxLength: n }),
				constant: fc.oneof(fc.constant(ZERO), value),
				sense: fc.constantFrom('max' as const, 'min' as const),
				bounds: fc.array(bounds, { minLength: n, maxLength: n }),
				domains: fc.array(fc.constantFrom('integer' as const, 'integer' as const, 'binary' as const), {
					minLength: n,
					maxLength: n
				}),
				rows: fc.array(fc.array(value, { minLength: n, maxLength: n }), { minLength: m, maxLength: m }),
				relations: fc.array(fc.constantFrom('<=' as const, '<=' as const, '>=' as const, '=' as const), {
					minLength: m,
					maxLength: m
				}),
				rhs: fc.array(value, { minLength: m, maxLength: m })
			})
			.map((raw): Problem => {
				const names = Array.from({ length: n }, (_, j) => `x${j + 1}`);
				const terms = (row: readonly Rational[]) =>
					withoutZeros(names.map((name, j) => [name, row[j]] as const));
				return {
					variables: names.map((name, j) => ({
						name,
						...(slackStart || whole ? { lower: ZERO, upper: whole ? rational(4) : null } : raw.bounds[j]),
						domain: whole ? raw.domains[j] : 'continuous'
					})),
					objective: { sense: raw.sense, name: 'z', terms: terms(raw.costs), constant: raw.constant },
					constraints: raw.rows.map((row, i) => ({
						name: `r${i + 1}`,
						terms: terms(row),
						relation: slackStart ? '<=' : raw.relations[i],
						rhs: slackStart ? raw.rhs[i].abs() : raw.rhs[i]
					}))
				};
			})
	);
}

interface Line {
	readonly row: Rational[];
	readonly rhs: Rational;
}

/** Every line that can bound the region: rows and bounds as equations. */
function lines(problem: Problem): Line[] {
	const names = problem.variables.map((v) => v.name);
	const list = problem.constraints.map((row) => ({
		row: names.map((name) => row.terms.get(name) ?? ZERO),
		rhs: row.rhs
	}));
	problem.variables.forEach((variable, i) => {
		const { lower, upper } = effectiveBounds(variable);
		for (const bound of [lower, upper])
			if (bound) list.push({ row: names.map((_, j) => rational(i === j ? 1 : 0)), rhs: bound });
	});
	return list;
}

function* choose<T>(items: readonly T[], count: number, from = 0): Generator<T[]> {
	if (count === 0) yield [];
	else
		for (let i = from; i <= items.length - count; i++)
			for (const rest of choose(items, count - 1, i + 1)) yield [items[i], ...rest];
}

/** All corners of the region by trying every set of n lines: no simplex, no geometry of the core. */
export function allCorners(problem: Problem): Plan[] {
	const n = problem.variables.length;
	const found = new Map<string, Plan>();
	for (const set of choose(lines(problem), n)) {
		const { rows, pivots } = echelon(
			set.map(({ row, rhs }) => [...row, rhs]),
			n + 1
		);
		if (pivots.length !== n || pivots.includes(n)) continue;
		const plan = new Map(problem.variables.map((v, j) => [v.name, rows[j][n]]));
		if (isFeasible(problem, plan)) found.set([...plan.values()].map((v) => v.toFraction()).join(), plan);
	}
	return [...found.values()];
}

/** The best objective over some plans, or null where there is none. */
export function bestOf(problem: Problem, plans: readonly Plan[]): Rational | null {
	const { terms, constant, sense } = problem.objective;
	return plans
		.map((plan) => evaluate(terms, plan, constant))
		.reduce<Rational | null>((a, b) => (!a || (sense === 'max' ? b.gt(a) : b.lt(a)) ? b : a), null);
}
