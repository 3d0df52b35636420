import { bindsAt } from '../problem/use';
import { isZero, sign, ZERO, type Rational } from '../number/rational';
import { echelon, type Vector } from '../number/linear-algebra';
import { effectiveBounds, evaluate, isFeasible, type Plan, type Problem } from '../problem/types';
import { greatest, summedRows } from './check';
import type { Multipliers } from './multipliers';

/** A constraint with its dual value, or a variable with its reduced cost: at a best plan one of the two is zero (Goldman and Tucker 1956). */
export interface Pair {
	readonly kind: 'constraint' | 'variable';
	readonly name: string;
	/** what is left of the constraint, or how far the variable is from the bound that its reduced cost speaks of */
	readonly rest: Rational;
	/** dual value, or reduced cost */
	readonly worth: Rational;
	readonly product: Rational;
	/** whether `worth` has a sign that it may have: else the dual values are not allowed */
	readonly isAllowed: boolean;
}

/** Whether a dual value has the sign that its row's relation allows. */
const mayBe = ({ objective }: Problem, relation: string, value: Rational): boolean =>
	relation === '=' || sign(value) * (relation === '<=' ? 1 : -1) * (objective.sense === 'max' ? 1 : -1) >= 0;

/** What dual values leave of the objective's coefficients. */
export function leftOf(problem: Problem, duals: Multipliers): ReadonlyMap<string, Rational> {
	const { terms } = summedRows(problem, duals);
	return new Map(
		problem.variables.map(({ name }) => [
			name,
			(problem.objective.terms.get(name) ?? ZERO).sub(terms.get(name) ?? ZERO)
		])
	);
}

/** The pairs of a plan and dual values, whatever they are. */
export function pairsOf(problem: Problem, plan: Plan, duals: Multipliers): Pair[] {
	const up = problem.objective.sense === 'max' ? 1 : -1;
	const rows = problem.constraints.map((row): Pair => {
		const rest = row.rhs.sub(evaluate(row.terms, plan)).mul(row.relation === '>=' ? -1 : 1);
		const worth = duals.get(row.name) ?? ZERO;
		const isAllowed = mayBe(problem, row.relation, worth);
		return { kind: 'constraint', name: row.name, rest, worth, product: rest.mul(worth), isAllowed };
	});
	const left = leftOf(problem, duals);
	const columns = problem.variables.map((variable): Pair => {
		const { lower, upper } = effectiveBounds(variable);
		const amount = plan.get(variable.name) ?? ZERO;
		const worth = left.get(variable.name)!;
		// a gain would drive it to its upper bound, a loss to its lower one
		const bound = sign(worth) * up > 0 ? upper : sign(worth) * up < 0 ? lower : (lower ?? upper);
		const rest = amount.sub(bound ?? ZERO).abs();
		const isAllowed = isZero(worth) || bound !== null;
		return { kind: 'variable', name: variable.name, rest, worth, product: rest.mul(worth), isAllowed };
	});
	return [...rows, ...columns];
}

/** What any dual values of allowed signs say of every plan: a bound on the objective (weak duality). */
export interface WeakBound {
	/** rows whose dual value has a sign that turns the row round */
	readonly wrong: readonly string[];
	/** variables that could better the objective without end, as far as these rows go */
	readonly open: readonly string[];
	/** no plan is better; null where nothing is said */
	readonly bound: Rational | null;
}

/** The bound that a combination of the rows gives. */
export function weakBound(problem: Problem, duals: Multipliers): WeakBound {
	const { sense, constant } = problem.objective;
	const wrong = problem.constraints
		.filter(({ name, relation }) => !mayBe(problem, relation, duals.get(name) ?? ZERO))
		.map(({ name }) => name);
	const left = [...leftOf(problem, duals)].map(
		([name, value]) => [name, sense === 'max' ? value : value.neg()] as const
	);
	const open = left
		.filter(([name, value]) => greatest(problem, new Map([[name, value]])) === null)
		.map(([name]) => name);
	const most = greatest(problem, new Map(left));
	const { rhs } = summedRows(problem, duals);
	const bound =
		wrong.length === 0 && most ? rhs.add(sense === 'max' ? most : most.neg()).add(constant) : null;
	return { wrong, open, bound };
}

/** The dual values that go with a plan by complementary slackness, or why there are none. */
export type FromPlan =
	| { readonly is: 'not-feasible' }
	/** no dual values satisfy the equations: the plan is not the best */
	| { readonly is: 'none'; readonly equations: readonly DualEquation[] }
	/** one solution; `wrong` are the pairs whose sign is not allowed: then the plan is not the best either */
	| {
			readonly is: 'one';
			readonly equations: readonly DualEquation[];
			readonly duals: Multipliers;
			readonly wrong: readonly Pair[];
	  }
	/** several solutions: the plan lies on more constraints than it needs */
	| { readonly is: 'several'; readonly equations: readonly DualEquation[] };

/** A variable that is not at a bound: its dual constraint holds with equality in the rows that have nothing left. */
export interface DualEquation {
	readonly variable: string;
	readonly terms: ReadonlyMap<string, Rational>;
	readonly rhs: Rational;
}

/** Looks for the dual values that complementary slackness asks for, from a plan alone. */
export function fromPlan(problem: Problem, plan: Plan): FromPlan {
	if (!isFeasible(problem, plan)) return { is: 'not-feasible' };
	const tight = problem.constraints.filter((row) => bindsAt(row, plan));
	const inner = problem.variables.filter((variable) => {
		const { lower, upper } = effectiveBounds(variable);
		const amount = plan.get(variable.name) ?? ZERO;
		return !(lower?.equals(amount) || upper?.equals(amount));
	});
	const equations = inner.map(({ name }): DualEquation => ({
		variable: name,
		terms: new Map(
			tight.flatMap((row) => {
				const value = row.terms.get(name);
				return value ? [[row.name, value] as const] : [];
			})
		),
		rhs: problem.objective.terms.get(name) ?? ZERO
	}));
	const matrix: Vector[] = equations.map(({ terms, rhs }) => [
		...tight.map(({ name }) => terms.get(name) ?? ZERO),
		rhs
	]);
	const { rows, pivots } = echelon(matrix, tight.length + 1);
	if (pivots.includes(tight.length)) return { is: 'none', equations };
	if (pivots.length < tight.length) return { is: 'several', equations };
	const duals = new Map<string, Rational>(problem.constraints.map(({ name }) => [name, ZERO]));
	tight.forEach(({ name }, i) => duals.set(name, rows[i][tight.length]));
	const wrong = pairsOf(problem, plan, duals).filter((own) => !own.isAllowed || !isZero(own.product));
	return { is: 'one', equations, duals, wrong };
}
