import { compare, isZero, ZERO, type Rational } from '../number/rational';
import type { Plan, Problem } from '../problem/types';
import { brokenAt, objectiveAt, rounded, samePlan, wholeAround, type Broken } from '../problem/use';
import { fractionalVariables, mustBeWhole } from '../problem/whole';

/** An integer plan that stands for another one, judged. */
export interface Rounding {
	readonly plan: Plan;
	readonly broken: readonly Broken[];
	readonly objective: Rational;
	/** each amount rounded to the nearest whole number; each rounded down */
	readonly isNearest: boolean;
	readonly isDown: boolean;
	/** one that the instructor pointed at */
	readonly isPointed: boolean;
}

/** at most 2 to the power of this many plans are made of one */
const MOST_ROUNDED = 6;

/**
 * All roundings of a plan: every whole-number variable up or down, the others as they are; and the plans pointed at.
 * @param plan the relaxation's optimum
 * @param pointed integer plans to be judged with them
 * @returns the nearest first, then down, then the others by their objective; at most 2^MOST_ROUNDED, of the first such variables
 */
export function roundings(problem: Problem, plan: Plan, pointed: readonly Plan[] = []): Rounding[] {
	const names = fractionalVariables(problem, plan)
		.slice(0, MOST_ROUNDED)
		.map(({ name }) => name);
	if (names.length === 0 && pointed.length === 0) return [];
	const whole = (name: string) => problem.variables.some((v) => v.name === name && mustBeWhole(v));
	const only = (all: Plan): Plan =>
		new Map([...plan].map(([name, value]) => [name, whole(name) ? (all.get(name) ?? value) : value]));
	const nearest = only(rounded(plan));
	const down = only(new Map([...plan].map(([name, value]) => [name, value.floor()])));
	const around = names.length ? wholeAround(plan, names) : [];
	const extra = pointed.filter((own) => !around.some((other) => samePlan(own, other)));
	const sense = problem.objective.sense === 'max' ? -1 : 1;
	const judged = [...around, ...extra].map((own): Rounding => ({
		plan: own,
		broken: brokenAt(problem, own),
		objective: objectiveAt(problem, own),
		isNearest: samePlan(own, nearest),
		isDown: samePlan(own, down),
		isPointed: extra.includes(own)
	}));
	const rank = ({ isNearest, isDown, isPointed }: Rounding) =>
		isNearest ? 0 : isDown ? 1 : isPointed ? 3 : 2;
	return judged.sort((a, b) => rank(a) - rank(b) || compare(a.objective, b.objective) * sense);
}

/** How far an objective falls short of the best one; zero where it is as good. */
export function shortOf(problem: Problem, objective: Rational, best: Rational): Rational {
	const by = best.sub(objective).mul(problem.objective.sense === 'max' ? 1 : -1);
	return isZero(by) ? ZERO : by;
}
