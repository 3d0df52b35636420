import { budgetOf, solveLinear, type LinearAnswer, type RunOptions } from '../answer/answer';
import { dualProblem } from '../answer/dual-problem';
import { primed } from '../problem/names';
import { effectiveBounds, withoutZeros, type Problem, type Terms } from '../problem/types';
import { max, min, ONE, ZERO, type Rational } from '../number/rational';
import type { StopReason } from '../answer/findings';
import type { Tableau } from '../tableau/tableau';
import { numberOf, withNumber, type Varied } from '../problem/varied';
import { follow, type Followed, type Leg } from './follow';

/** The optimal value as a function of one number of a problem: piecewise linear, exact. */

/** A stretch of the number on which one thing is true; an end that is null is none. */
export interface ValuePiece {
	readonly from: Rational | null;
	readonly to: Rational | null;
	readonly status: 'optimal' | 'infeasible' | 'unbounded';
	/** of an optimal piece: the value there is `value + slope · (number − where)`; on a single number the slope is that of one best basis there */
	readonly line?: ValueLine;
	/** names of the basic columns that are optimal inside the piece */
	readonly basis?: readonly string[];
}

export interface ValueLine {
	readonly where: Rational;
	readonly value: Rational;
	readonly slope: Rational;
}

/** Raised where a limit ends the work. */
export class ParametricStopped extends Error {
	constructor(readonly reason: StopReason) {
		super('stopped');
	}
}

const at = ({ where, value, slope }: ValueLine, number: Rational): Rational =>
	value.add(slope.mul(number.sub(where)));
const sameLine = (a: ValueLine, b: ValueLine): boolean =>
	a.slope.equals(b.slope) && at(a, b.where).equals(b.value);

/** One run after the other, with limits for all together. */
class Solver {
	readonly #options: RunOptions;
	constructor(options: RunOptions) {
		this.#options = { ...options, budget: budgetOf(options) };
	}

	solve(problem: Problem): LinearAnswer {
		const answer = solveLinear(problem, this.#options);
		if (answer.status === 'stopped') throw new ParametricStopped(answer.reason!);
		return answer;
	}
}

/** The numbers for which a problem with this right-hand side has plans at all; null where there are none. */
function feasibleRange(
	problem: Problem,
	row: string,
	solver: Solver
): { low: Rational | null; high: Rational | null } | null {
	const name = primed('t', new Set(problem.variables.map((own) => own.name)));
	const extreme = (sense: 'max' | 'min') =>
		solver.solve({
			...problem,
			variables: [
				...problem.variables.map((own) => ({
					...own,
					...effectiveBounds(own),
					domain: 'continuous' as const
				})),
				{ name, lower: null, upper: null, domain: 'continuous' }
			],
			objective: { sense, name: 'z', terms: new Map([[name, ONE]]), constant: ZERO },
			constraints: problem.constraints.map((own) =>
				own.name === row ? { ...own, terms: new Map([...own.terms, [name, ONE.neg()]]), rhs: ZERO } : own
			)
		});
	const [least, most] = [extreme('min'), extreme('max')];
	if (least.status === 'infeasible') return null;
	return { low: least.objective ?? null, high: most.objective ?? null };
}

/** The line that the value follows when the right-hand side goes on for ever: among the best dual values those that decide there. */
function lineAtInfinity(problem: Problem, row: string, side: 1 | -1, solver: Solver): ValueLine {
	const { problem: dual, variableOf } = dualProblem(problem);
	const own = variableOf.get(row)!;
	// far out the dual objective is decided by this dual value first, then by all else
	const sense = (dual.objective.sense === 'min') === side > 0 ? 'min' : 'max';
	const goal = (terms: Terms, own: 'max' | 'min'): Problem => ({
		...dual,
		objective: { ...dual.objective, sense: own, terms, constant: ZERO }
	});
	const slope = solver.solve(goal(new Map([[own, ONE]]), sense)).objective!;
	const rest = withoutZeros([...dual.objective.terms].filter(([name]) => name !== own));
	const fixed = {
		...goal(rest, dual.objective.sense),
		constraints: [
			...dual.constraints,
			{
				name: primed('far', new Set(dual.constraints.map(({ name }) => name))),
				terms: new Map([[own, ONE]]),
				relation: '=' as const,
				rhs: slope
			}
		]
	};
	const value = solver.solve(fixed).objective!.add(dual.objective.constant);
	return { where: ZERO, value, slope };
}

/** The pieces over the numbers of a right-hand side, without bases. */
function rhsPieces(
	problem: Problem,
	row: string,
	from: Rational | null,
	to: Rational | null,
	solver: Solver
): ValuePiece[] {
	const whole = (status: 'infeasible' | 'unbounded'): ValuePiece[] => [{ from, to, status }];
	const range = feasibleRange(problem, row, solver);
	if (!range) return whole('infeasible');
	const low = range.low && from ? max(range.low, from) : (range.low ?? from);
	const high = range.high && to ? min(range.high, to) : (range.high ?? to);
	if (low && high && low.gt(high)) return whole('infeasible');
	const outside = (start: Rational | null, end: Rational | null): ValuePiece[] =>
		start && end && start.equals(end) ? [] : [{ from: start, to: end, status: 'infeasible' }];
	const around = (inside: ValuePiece[]): ValuePiece[] => [
		...(low && (!from || low.gt(from)) ? outside(from, low) : []),
		...inside,
		...(high && (!to || high.lt(to)) ? outside(high, to) : [])
	];
	const lineAt = (number: Rational): ValueLine | null => {
		const { objective, duals } = solver.solve(withNumber(problem, { rhs: row }, number));
		return objective ? { where: number, value: objective, slope: duals!.get(row)! } : null;
	};
	const inner = low ?? high ?? ZERO;
	if (!lineAt(inner)) return around([{ from: low, to: high, status: 'unbounded' }]);
	const first = low ? lineAt(low)! : lineAtInfinity(problem, row, -1, solver);
	const last = high ? lineAt(high)! : lineAtInfinity(problem, row, 1, solver);
	const piece = (start: Rational | null, end: Rational | null, line: ValueLine): ValuePiece => ({
		from: start,
		to: end,
		status: 'optimal',
		line
	});
	/** lines at both ends of a stretch touch the value there; where they cross it is looked at again (Eisner and Severance 1976) */
	const between = (
		start: Rational | null,
		a: ValueLine,
		end: Rational | null,
		b: ValueLine
	): ValuePiece[] => {
		if (sameLine(a, b)) return [piece(start, end, a)];
		const cross = at(b, ZERO).sub(at(a, ZERO)).div(a.slope.sub(b.slope));
		if (start && cross.lte(start)) return [piece(start, end, b)];
		if (end && cross.gte(end)) return [piece(start, end, a)];
		const there = lineAt(cross)!;
		if (there.value.equals(at(a, cross))) return [piece(start, cross, a), piece(cross, end, b)];
		return [...between(start, a, cross, there), ...between(cross, there, end, b)];
	};
	if (low && high && low.equals(high)) return around([piece(low, high, first)]);
	return around(mergedPieces(between(low, first, high, last)));
}

/** Pieces in order; neighbours on one line are one piece. */
export function mergedPieces(pieces: readonly ValuePiece[]): ValuePiece[] {
	const list: ValuePiece[] = [];
	for (const own of pieces) {
		const before = list.at(-1);
		if (before?.line && own.line && sameLine(before.line, own.line))
			list[list.length - 1] = { ...before, to: own.to };
		else list.push(own);
	}
	return list;
}

/** A number inside a piece. */
function inside({ from, to }: ValuePiece): Rational {
	if (from && to) return from.add(to).div(2);
	if (from) return from.add(1);
	return to ? to.sub(1) : ZERO;
}

/**
 * The optimal value of a problem's relaxation as a function of one of its numbers, all others kept: where it is infeasible or unbounded, and the
 * lines in between. Of a right-hand side it is concave for a maximum and convex for a minimum, of a coefficient of the objective the other way round;
 * that of a coefficient is found as that of a right-hand side of the dual (Gass and Saaty 1955; Eisner and Severance 1976).
 * @param varied the constraint or variable, which the problem has
 * @param from the first number looked at, null for no end; not above `to`
 * @returns pieces in order that cover the interval
 * @throws ParametricStopped where a limit of the options ends it
 */
export function valueFunction(
	problem: Problem,
	varied: Varied,
	from: Rational | null,
	to: Rational | null,
	options: RunOptions = {}
): ValuePiece[] {
	const solver = new Solver(options);
	const withBasis = (pieces: readonly ValuePiece[]): ValuePiece[] =>
		pieces.map((own) => {
			if (own.status !== 'optimal') return own;
			const { tableau } = solver.solve(withNumber(problem, varied, inside(own)));
			return { ...own, basis: basisNames(tableau!) };
		});
	if ('rhs' in varied) return withBasis(rhsPieces(problem, varied.rhs, from, to, solver));
	const feasible = solver.solve({ ...problem, objective: { ...problem.objective, terms: new Map() } });
	if (feasible.status === 'infeasible') return [{ from, to, status: 'infeasible' }];
	// where the dual has no plan, the primal, which has some, has no end
	const dual = dualProblem(problem).problem;
	const pieces = rhsPieces(dual, varied.objective, from, to, solver);
	return withBasis(
		pieces.map((own) => (own.status === 'infeasible' ? { ...own, status: 'unbounded' } : own))
	);
}

/** The names of the basic columns, in the order of the columns. */
export const basisNames = (t: Tableau): string[] =>
	[...t.basis].sort((a, b) => a - b).map((column) => t.form.columns[column].name);

/** Legs followed from a number as pieces, clipped to an interval. */
function piecesOnWay(
	{ legs, beyond }: Followed,
	now: Rational,
	direction: 1 | -1,
	end: Rational | null
): ValuePiece[] {
	const isUp = direction > 0;
	const piece = (
		start: Rational,
		stop: Rational | null,
		rest: Omit<ValuePiece, 'from' | 'to'>
	): ValuePiece[] => {
		const last = end && (!stop || stop.compare(end) * direction > 0) ? end : stop;
		if (last && last.compare(start) * direction <= 0) return [];
		return [{ from: isUp ? start : last, to: isUp ? last : start, ...rest }];
	};
	const inside = legs.flatMap(({ from, to, value, rate, tableau }) => {
		const where = now.add(from);
		const basis = basisNames(tableau);
		const rest = { status: 'optimal', line: { where, value, slope: rate }, basis } as const;
		return piece(where, to && now.add(to), rest);
	});
	const last = legs.at(-1)?.to;
	const all = beyond && last ? [...inside, ...piece(now.add(last), null, { status: beyond })] : inside;
	return isUp ? all : all.reverse();
}

/**
 * The same as {@link valueFunction}, by the pivots met on the way from where the number stands; where the problem has no best plan there, or the
 * interval does not hold it, each line is found by solving.
 * @throws ParametricStopped where a limit of the options ends it
 */
export function followedFunction(
	problem: Problem,
	varied: Varied,
	from: Rational | null,
	to: Rational | null,
	options: RunOptions = {}
): ValuePiece[] {
	const now = numberOf(problem, varied);
	const isInside = (!from || from.lte(now)) && (!to || to.gte(now));
	const budget = budgetOf(options);
	const answer = isInside ? solveLinear(problem, { ...options, budget }) : null;
	if (answer?.status === 'stopped') throw new ParametricStopped(answer.reason!);
	if (answer?.status !== 'optimal' || (from && to && from.equals(to)))
		return valueFunction(problem, varied, from, to, { ...options, budget });
	const side = (direction: 1 | -1, end: Rational | null): ValuePiece[] => {
		let stop: StopReason | null = null;
		const mayGoOn = (pivots: number) => {
			stop = budget.exhausted() ?? budget.asked();
			if (pivots > 0) budget.spend();
			return stop === null;
		};
		const isEnough = (leg: Leg) => end !== null && now.add(leg.to!).compare(end) * direction >= 0;
		const followed = follow(answer.tableau!, varied, direction, mayGoOn, isEnough);
		if (!followed) throw new ParametricStopped(stop!);
		return piecesOnWay(followed, now, direction, end);
	};
	const [below, above] = [side(-1, from), side(1, to)];
	const isSomewhere = [...below, ...above].some(({ status }) => status === 'optimal');
	// where it has a best plan at this number alone, that is a piece without length
	const { tableau, objective } = answer;
	const slope =
		('rhs' in varied ? answer.duals!.get(varied.rhs) : answer.solution!.get(varied.objective)) ?? ZERO;
	const here: ValuePiece = {
		from: now,
		to: now,
		status: 'optimal',
		line: { where: now, value: objective!, slope },
		basis: basisNames(tableau!)
	};
	return mergedPieces([...below, ...(isSomewhere ? [] : [here]), ...above]);
}

/** The value on an optimal piece at a number of it. */
export const valueOn = ({ line }: ValuePiece, number: Rational): Rational | null =>
	line ? at(line, number) : null;
