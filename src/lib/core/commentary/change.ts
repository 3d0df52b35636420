import { isZero, sign, type Rational } from '../number/rational';
import { usesOf } from '../problem/use';
import type { Plan, Problem } from '../problem/types';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { cost, goalValue, type Tableau } from '../tableau/tableau';
import type { Part } from '../method/types';

/** How values move, as findings that words only put into sentences. */

export type Way = 'rises' | 'falls' | 'stays';

/** Which way a value went, by how much, and to what. */
export interface Change {
	readonly way: Way;
	/** its size, 0 or more */
	readonly by: Rational;
	readonly to: Rational;
}

const wayOf = (change: Rational): Way => (isZero(change) ? 'stays' : sign(change) > 0 ? 'rises' : 'falls');

export function changeOf(from: Rational, to: Rational): Change {
	const change = to.sub(from);
	return { way: wayOf(change), by: change.abs(), to };
}

/** What each unit of the entering variable does to what the part of the method works for. */
export interface UnitRate {
	/** what the rate is of: the artificial variables stand for the row of M */
	readonly of: 'objective' | 'infeasibility' | 'artificials';
	readonly goal: Goal;
	/** `is-least`: it would fall, but it is 0 already */
	readonly way: Way | 'is-least';
	readonly by: Rational;
	/** what is added for each unit */
	readonly change: Rational;
}

/** @param part the part of the method at work */
export function unitRate(t: Tableau, part: Part, entering: number): UnitRate {
	const rated = (of: UnitRate['of'], goal: Goal, change: Rational): UnitRate => ({
		of,
		goal,
		way: wayOf(change),
		by: change.abs(),
		change
	});
	if (part === 'phase-one') {
		const rate = rated('infeasibility', INFEASIBILITY, cost(t, INFEASIBILITY, entering));
		return rate.way === 'falls' && isZero(goalValue(t, INFEASIBILITY)) ? { ...rate, way: 'is-least' } : rate;
	}
	if (part === 'big-m' && !isZero(cost(t, BIG_M, entering)))
		return rated('artificials', BIG_M, cost(t, BIG_M, entering));
	const rate = cost(t, OBJECTIVE, entering);
	return rated('objective', OBJECTIVE, t.form.problem.objective.sense === 'max' ? rate.neg() : rate);
}

/** How a constraint fares under a plan, in the terms of its kind, and by how much. */
export interface ConstraintUse {
	readonly name: string;
	readonly unit?: string;
	readonly is: 'left' | 'used-up' | 'exceeded' | 'met' | 'violated';
	readonly by: Rational;
}

/** How each constraint that is no equality fares under a plan. */
export const usesUnder = (problem: Problem, plan: Plan): ConstraintUse[] =>
	usesOf(problem, plan).flatMap(({ row: { name, unit, relation }, slack }) => {
		if (relation === '=') return [];
		const [atEdge, within] =
			relation === '<=' ? (['used-up', 'left'] as const) : (['met', 'exceeded'] as const);
		const is = isZero(slack) ? atEdge : sign(slack) > 0 ? within : 'violated';
		return [{ name, unit, is, by: slack.abs() }];
	});
