import { isInteger, isZero, parseRational, sign, toText, ZERO, type Rational } from '../number/rational';
import {
	brokenConstraints,
	effectiveBounds,
	evaluate,
	holds,
	isWithinBounds,
	type Constraint,
	type Plan,
	type Problem
} from './types';

/** How a constraint fares under a plan. */
export interface Use {
	readonly row: Constraint;
	/** what the plan takes: the row's left side */
	readonly used: Rational;
	/** use per unit, amount and their product, for each variable in the row */
	readonly parts: readonly {
		readonly name: string;
		readonly perUnit: Rational;
		readonly amount: Rational;
		readonly product: Rational;
	}[];
	/** what is left (≤) or had beyond the demand (≥): not negative while the row is kept; for an equality minus the distance */
	readonly slack: Rational;
	readonly kept: boolean;
}

/** How every constraint fares under a plan. */
export const usesOf = (problem: Problem, plan: Plan): Use[] =>
	problem.constraints.map((row) => {
		const used = evaluate(row.terms, plan);
		const rest = row.rhs.sub(used);
		const slack = row.relation === '<=' ? rest : row.relation === '>=' ? rest.neg() : rest.abs().neg();
		const parts = [...row.terms].map(([name, perUnit]) => {
			const amount = plan.get(name) ?? ZERO;
			return { name, perUnit, amount, product: perUnit.mul(amount) };
		});
		return { row, used, parts, slack, kept: holds(used, row.relation, row.rhs) };
	});

/** The variables whose amounts are not allowed: outside their bounds, or not whole where they must be. */
export const notAllowed = (problem: Problem, plan: Plan): string[] =>
	problem.variables
		.filter((variable) => {
			const amount = plan.get(variable.name) ?? ZERO;
			const isBroken = variable.domain !== 'continuous' && !isInteger(amount);
			return isBroken || !isWithinBounds(variable, amount);
		})
		.map(({ name }) => name);

/** Whether a plan keeps every constraint and bound, and is whole where it must be. */
export const isAllowed = (problem: Problem, plan: Plan): boolean =>
	brokenConstraints(problem, plan).size === 0 && notAllowed(problem, plan).length === 0;

/** A constraint or bound that a plan breaks, and by how much. */
export interface Broken {
	readonly name: string;
	/** what is asked for, where it is a bound of a variable */
	readonly bound: { readonly relation: '<=' | '>='; readonly value: Rational } | null;
	readonly by: Rational;
	readonly unit: string | undefined;
}

/** The constraints and bounds that a plan breaks. */
export function brokenAt(problem: Problem, plan: Plan): Broken[] {
	const rows = problem.constraints.flatMap(({ name, terms, relation, rhs, unit }): Broken[] => {
		const left = evaluate(terms, plan);
		return holds(left, relation, rhs) ? [] : [{ name, bound: null, by: left.sub(rhs).abs(), unit }];
	});
	const bounds = problem.variables.flatMap((variable): Broken[] => {
		const { lower, upper } = effectiveBounds(variable);
		const value = plan.get(variable.name) ?? ZERO;
		const { name, unit } = variable;
		const limit = (bound: Rational | null, relation: '<=' | '>='): Broken[] =>
			!bound || holds(value, relation, bound)
				? []
				: [{ name, bound: { relation, value: bound }, by: value.sub(bound).abs(), unit }];
		return [...limit(lower, '>='), ...limit(upper, '<=')];
	});
	return [...rows, ...bounds];
}

/** Whether a constraint is met with equality at a plan. */
export const bindsAt = ({ terms, rhs }: Constraint, plan: Plan): boolean => evaluate(terms, plan).equals(rhs);

/** The objective at a plan. */
export const objectiveAt = ({ objective }: Problem, plan: Plan): Rational =>
	evaluate(objective.terms, plan, objective.constant);

/** A plan with every amount rounded to the nearest whole number, halves up. */
export const rounded = (plan: Plan): Plan =>
	new Map([...plan].map(([name, value]) => [name, value.add('1/2').floor()]));

/**
 * The integer plans around a plan: each amount rounded down and up, and the others kept.
 * @param names the variables whose amounts are to be whole
 */
export function wholeAround(plan: Plan, names: readonly string[]): Plan[] {
	return names.reduce<Plan[]>(
		(plans, name) =>
			plans.flatMap((own) => {
				const value = own.get(name) ?? ZERO;
				const around = isInteger(value) ? [value] : [value.floor(), value.ceil()];
				return around.map((amount) => withAmount(own, name, amount));
			}),
		[plan]
	);
}

/** The plan nearest to one of some others, by the sum of squared differences; null where there is none. */
export function nearest(plan: Plan, others: readonly Plan[]): Plan | null {
	const distance = (other: Plan) =>
		[...plan].reduce((sum, [name, value]) => {
			const by = value.sub(other.get(name) ?? ZERO);
			return isZero(by) ? sum : sum.add(by.mul(by));
		}, ZERO);
	return others.reduce<Plan | null>(
		(best, other) => (best && sign(distance(best).sub(distance(other))) <= 0 ? best : other),
		null
	);
}

/** Whether two plans have the same amounts; what one leaves out counts as zero. */
export const samePlan = (a: Plan, b: Plan): boolean =>
	[...a].every(([name, value]) => value.equals(b.get(name) ?? ZERO));

/** A plan for every variable: the amounts given, and for the others the allowed amount nearest to zero. */
export const planOf = ({ variables }: Problem, amounts: Plan): Plan =>
	new Map(
		variables.map((variable) => {
			const { lower, upper } = effectiveBounds(variable);
			const otherwise = lower && lower.s > 0n ? lower : upper && upper.s < 0n ? upper : ZERO;
			return [variable.name, amounts.get(variable.name) ?? otherwise];
		})
	);

/** The same plan with another amount of one variable. */
export const withAmount = (plan: Plan, name: string, amount: Rational): Plan =>
	new Map([...plan, [name, amount]]);

/**
 * A plan from amounts as text, by name.
 * @throws NumberError where an amount is no rational number
 */
export const planFromTexts = (amounts: Readonly<Record<string, string>>): Plan =>
	new Map(Object.entries(amounts).map(([name, amount]) => [name, parseRational(amount)]));

/** A plan as amounts in text, by name. */
export const writePlan = (plan: Plan): Record<string, string> =>
	Object.fromEntries([...plan].map(([name, amount]) => [name, toText(amount)]));

/** How many constraints and bounds a plan meets with equality; a row without variables says nothing, and a fixed variable has one bound. */
export function metCount(problem: Problem, plan: Plan): number {
	const rows = problem.constraints.filter(
		(row) => [...row.terms.values()].some((value) => !isZero(value)) && bindsAt(row, plan)
	);
	const bounds = problem.variables.filter((variable) => {
		const { lower, upper } = effectiveBounds(variable);
		const value = plan.get(variable.name) ?? ZERO;
		return lower?.equals(value) || upper?.equals(value);
	});
	return rows.length + bounds.length;
}
