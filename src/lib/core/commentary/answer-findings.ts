import { summedRows } from '../answer/check';
import type { Multipliers } from '../answer/multipliers';
import type { OptimalSet } from '../answer/optimal-set';
import type { Column } from '../form/types';
import { pointOf } from '../geometry/sides';
import type { Vector } from '../number/linear-algebra';
import { isZero, ZERO, type Rational } from '../number/rational';
import {
	withoutZeros,
	type Constraint,
	type Objective,
	type Plan,
	type Problem,
	type Terms
} from '../problem/types';
import { objectiveAt, usesOf } from '../problem/use';
import type { Each } from '../sentence/coded';
import { OBJECTIVE } from '../tableau/goal';
import { columnOf, columnValue, goalValue, objectiveValue, readPlan, type Tableau } from '../tableau/tableau';
import { namesOf } from './corner';

/** What the answer says: read off the last tableau, in the author's terms, all best plans, and two ways of checking it. `words/answer.ts` has the words. */

/** A column that a variable is made of, as it stands in a tableau. */
export interface ReadColumn {
	readonly column: Column;
	readonly isBasic: boolean;
	readonly value: Rational;
	/** whether the variable is more by it, or less */
	readonly factor: 1 | -1;
}

/** A line of the answer as it is read off, with what it is read from: ids of the columns whose values it uses. */
export type ReadingFinding = { readonly columns: readonly string[] } & (
	| { readonly code: 'covers'; readonly others: readonly Column[] }
	| { readonly code: 'fixed'; readonly variable: string; readonly value: Rational; readonly unit?: string }
	| {
			readonly code: 'amount';
			readonly variable: string;
			readonly value: Rational;
			readonly unit?: string;
			readonly from: readonly ReadColumn[];
			/** what the amount is counted from, where it is made of its columns by a sum that is not plain to see; null where it is just read */
			readonly counted: Rational | null;
	  }
	/** the objective, and what stands in the value's cell before a notation gives it a sign */
	| {
			readonly code: 'objective';
			readonly objective: Objective;
			readonly value: Rational;
			readonly inside: Rational;
	  }
);

/** How the answer is read off a tableau: each of the author's variables from its cell, and the objective from the value's cell. */
export function readingsOf(t: Tableau): ReadingFinding[] {
	const plan = readPlan(t);
	const { problem } = t.form;
	const amounts = t.form.substitutions.map(({ variable, offset, parts }): ReadingFinding => {
		const own = problem.variables.find(({ name }) => name === variable);
		const common = { variable, value: plan.get(variable)!, ...(own?.unit && { unit: own.unit }) };
		if (parts.length === 0) return { code: 'fixed', ...common, columns: [] };
		const from = parts.map(({ column, factor }) => ({
			column: columnOf(t, column),
			isBasic: t.basis.includes(column),
			value: columnValue(t, column),
			factor
		}));
		const isJustRead = parts.length === 1 && isZero(offset) && parts[0].factor === 1;
		const isNothing = isZero(offset) && from.every(({ value }) => isZero(value));
		const columns = from.map(({ column }) => column.id);
		return { code: 'amount', ...common, columns, from, counted: isJustRead || isNothing ? null : offset };
	});
	const others = t.nonbasic.filter((j) => !t.barred.has(j)).map((j) => columnOf(t, j));
	const { objective } = problem;
	return [
		...(others.length > 0
			? [{ code: 'covers', others, columns: t.basis.map((j) => columnOf(t, j).id) } as const]
			: []),
		...amounts,
		{
			code: 'objective',
			objective,
			value: objectiveValue(t),
			inside: goalValue(t, OBJECTIVE),
			columns: []
		}
	];
}

/** An amount of the story: nothing of it, a negative amount, or some. */
export interface ToldAmount {
	readonly name: string;
	readonly unit?: string;
	readonly value: Rational;
	readonly is: 'none' | 'negative' | 'some';
}

/** The answer in the words and units of the story. */
export type StoryFinding =
	| {
			readonly code: 'plan';
			/** whether it is known to be the only best one */
			readonly isOnly: boolean;
			readonly amounts: readonly ToldAmount[];
			readonly objective: Objective;
			readonly value: Rational;
	  }
	| { readonly code: 'binding'; readonly row: Constraint; readonly used: Rational }
	| Each<'left-over' | 'exceeded', { readonly row: Constraint; readonly by: Rational }>;

/**
 * What a best plan comes to in the story.
 * @param isOnly whether no other plan is as good; false where that is not known
 */
export function storyFound(problem: Problem, plan: Plan, isOnly: boolean): StoryFinding[] {
	const { objective } = problem;
	const amounts = problem.variables.map(({ name, unit }): ToldAmount => {
		const value = plan.get(name) ?? ZERO;
		const is = isZero(value) ? 'none' : value.s < 0n ? 'negative' : 'some';
		return { name, value, is, ...(unit && { unit }) };
	});
	const uses = usesOf(problem, plan).flatMap(({ row, used, slack }): StoryFinding[] => {
		if (row.relation === '=') return [];
		if (isZero(slack)) return [{ code: 'binding', row, used }];
		return [{ code: row.relation === '<=' ? 'left-over' : 'exceeded', row, by: slack.abs() }];
	});
	return [{ code: 'plan', isOnly, amounts, objective, value: objectiveAt(problem, plan) }, ...uses];
}

/** All best plans, by the names of the variables: one, a line and perhaps more, a half-line or segment from a point with its direction, or corners with weights and rays. */
export type BestPlansFinding = { readonly names: readonly string[]; readonly isComplete: boolean } & (
	| { readonly code: 'only'; readonly at: Vector }
	| { readonly code: 'line'; readonly at: Vector; readonly along: Vector; readonly isMore: boolean }
	| Each<'half-line' | 'segment', { readonly at: Vector; readonly along: Vector }>
	| {
			readonly code: 'set';
			readonly dimension: number;
			readonly corners: readonly Vector[];
			readonly rays: readonly Vector[];
	  }
);

/** What the set of best plans is. */
export function bestPlansFound(problem: Problem, set: OptimalSet): BestPlansFinding {
	const { dimension, complete: isComplete } = set;
	const names = namesOf(problem);
	const common = { names, isComplete };
	const points = (plans: readonly Plan[]) => plans.map((plan) => pointOf(problem, plan));
	const [corners, rays, lines] = [points(set.vertices), points(set.rays), points(set.lines)];
	const [at, other] = corners;
	if (set.unique) return { code: 'only', ...common, at };
	if (lines.length > 0) return { code: 'line', ...common, at, along: lines[0], isMore: dimension > 1 };
	if (dimension === 1 && rays.length === 1) return { code: 'half-line', ...common, at, along: rays[0] };
	if (dimension === 1 && corners.length === 2)
		return { code: 'segment', ...common, at, along: other.map((value, i) => value.sub(at[i])) };
	return { code: 'set', ...common, dimension, corners, rays };
}

/** A way from one best plan to others: a plan between them, or the column that leads to one that is new, or known already. */
export type AlongFinding =
	| { readonly code: 'stays-best'; readonly plan: Plan; readonly value: Rational }
	| Each<'to-another' | 'back-to-known', { readonly column: Column }>;

/** A constraint with a plan put into it. */
export type CheckFinding = Each<
	'kept' | 'broken',
	{
		readonly row: Constraint;
		readonly names: readonly string[];
		readonly at: Vector;
		readonly used: Rational;
	}
>;

/** The plan put into every constraint as it is stated. */
export const checksOf = (problem: Problem, plan: Plan): CheckFinding[] =>
	usesOf(problem, plan).map(({ row, used, kept }) => ({
		code: kept ? 'kept' : 'broken',
		row,
		names: namesOf(problem),
		at: pointOf(problem, plan),
		used
	}));

/** Why no plan can be better, line by line. */
export type BoundFinding = { readonly objective: Objective } & (
	| { readonly code: 'bounds-alone'; readonly value: Rational }
	/** rows times their multipliers, added; what is left of the objective then, and what the signs and bounds make of it */
	| {
			readonly code: 'rows-added';
			readonly rows: readonly (readonly [name: string, times: Rational])[];
			readonly terms: Terms;
			readonly rhs: Rational;
			readonly rest: Terms;
			readonly restIs: Rational;
	  }
	| { readonly code: 'so-bounded'; readonly value: Rational }
);

/** Constraints times their multipliers, added, bound the objective of every plan (weak duality). */
export function boundFound(problem: Problem, multipliers: Multipliers, plan: Plan): BoundFinding[] {
	const rows = [...multipliers].filter(([, times]) => !isZero(times));
	const { objective } = problem;
	const value = objectiveAt(problem, plan);
	if (rows.length === 0) return [{ code: 'bounds-alone', objective, value }];
	const summed = summedRows(problem, multipliers);
	const terms = withoutZeros(summed.terms);
	const rest = withoutZeros(
		namesOf(problem).map(
			(name) => [name, (objective.terms.get(name) ?? ZERO).sub(terms.get(name) ?? ZERO)] as const
		)
	);
	const restIs = value.sub(summed.rhs).sub(objective.constant);
	return [
		{ code: 'rows-added', objective, rows, terms, rhs: summed.rhs, rest, restIs },
		{ code: 'so-bounded', objective, value }
	];
}
