import { isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import { primed } from '../problem/names';
import {
	effectiveBounds,
	evaluate,
	withoutZeros,
	type Constraint,
	type Plan,
	type Problem,
	type Relation,
	type Variable
} from '../problem/types';
import { solveLinear } from './answer';
import type { Interval } from './ranging';

/** Why an end of a coefficient's interval is there: beyond it the plan violates the row, or another plan is better. */
export type CoefficientEnd = 'violates' | 'improves';

/** The coefficients of one variable in one row with which a best plan stays a best plan; null is no end. */
export interface CoefficientInterval extends OpenInterval {
	readonly lowBy: CoefficientEnd | null;
	readonly highBy: CoefficientEnd | null;
}

/** An interval whose ends may themselves be left out, as where a coefficient of 0 would make the problem unbounded. */
export interface OpenInterval extends Interval {
	readonly lowOpen: boolean;
	readonly highOpen: boolean;
}

const closed = (low: Rational | null, high: Rational | null): OpenInterval => ({
	low,
	high,
	lowOpen: false,
	highOpen: false
});
const ANY = closed(null, null);
const NONE_BUT_NOW = closed(ZERO, ZERO);

/** The sign of a column's part in a proof: `y·column relation cost`, for a maximum; null where its variable is fixed, so that it may be anything. */
function relationAt(variable: Variable, amount: Rational): Relation | null {
	const { lower, upper } = effectiveBounds(variable);
	const [isLow, isHigh] = [lower?.equals(amount) ?? false, upper?.equals(amount) ?? false];
	if (isLow && isHigh) return null;
	return isLow ? '>=' : isHigh ? '<=' : '=';
}

/**
 * The dual values that prove a plan best, as a problem of their own: those of rows that are met with equality, of a maximum, each times `t` ≥ 0. In the
 * column of `moving` the `change` times the value of `row` is added, itself a variable.
 */
function proofs(problem: Problem, plan: Plan, row: string, moving: string) {
	const turn = problem.objective.sense === 'max' ? 1 : -1;
	const binding = problem.constraints.filter((own) => evaluate(own.terms, plan).equals(own.rhs));
	const names = new Set(binding.map(({ name }) => name));
	const [change, t] = [primed('change', names), primed('t', names)];
	const duals = binding.map(({ name, relation }): Variable => ({
		name,
		lower: relation === '<=' ? ZERO : null,
		upper: relation === '>=' ? ZERO : null,
		domain: 'continuous'
	}));
	const columns = problem.variables.flatMap((variable): Constraint[] => {
		const { name } = variable;
		const relation = relationAt(variable, plan.get(name)!);
		const cost = (problem.objective.terms.get(name) ?? ZERO).mul(turn);
		const terms = binding.map((own) => [own.name, own.terms.get(name) ?? ZERO] as const);
		const own = [[t, cost.neg()] as const, ...(name === moving ? [[change, ONE] as const] : [])];
		return relation ? [{ name, terms: withoutZeros([...terms, ...own]), relation, rhs: ZERO }] : [];
	});
	const fix = (name: string, value: Rational): Constraint => ({
		name: primed(`fix_${name}`, new Set(problem.variables.map((own) => own.name))),
		terms: new Map([[name, ONE]]),
		relation: '=',
		rhs: value
	});
	const problemWith = (fixed: readonly Constraint[], sense: 'max' | 'min', asked?: string): Problem => ({
		variables: [
			...duals,
			{ name: change, lower: null, upper: null, domain: 'continuous' },
			{ name: t, lower: ZERO, upper: null, domain: 'continuous' }
		],
		objective: { sense, name: 'z', terms: new Map(asked ? [[asked, ONE]] : []), constant: ZERO },
		constraints: [...columns, ...fixed]
	});
	return {
		/** whether some prove it without the row, and so whatever its coefficient is */
		withoutRow: () =>
			solveLinear(problemWith([fix(row, ZERO), fix(change, ZERO), fix(t, ONE)], 'max')).status === 'optimal',
		/** the changes for which some prove it with a value of the row of this sign; null where there are none (Charnes and Cooper 1962) */
		changes(side: 1 | -1): OpenInterval | null {
			const own = fix(row, ONE.mul(side));
			const end = (sense: 'max' | 'min') => solveLinear(problemWith([own], sense, change));
			const [least, most] = [end('min'), end('max')];
			if (least.status === 'infeasible') return null;
			/** an end that only ever larger dual values come near to is none of its interval */
			const isOpen = (at: Rational | null): boolean => {
				const scale = at && solveLinear(problemWith([own, fix(change, at)], 'max', t));
				return scale?.status === 'optimal' && isZero(scale.objective!);
			};
			const [a, b] = [least.objective ?? null, most.objective ?? null];
			const [aOpen, bOpen] = [isOpen(a), isOpen(b)];
			return side > 0
				? { low: a, high: b, lowOpen: aOpen, highOpen: bOpen }
				: { low: b && b.neg(), high: a && a.neg(), lowOpen: bOpen, highOpen: aOpen };
		}
	};
}

const holdsZero = ({ low, high }: Interval): boolean =>
	(!low || sign(low) <= 0) && (!high || sign(high) >= 0);

/** Whether an interval ends before another begins, so that something between them is in neither. */
function isApart(a: OpenInterval, b: OpenInterval): boolean {
	if (!a.high || !b.low) return false;
	const order = a.high.compare(b.low);
	return order < 0 || (order === 0 && a.highOpen && b.lowOpen);
}

/** Two intervals as one, where they meet; else the one that holds 0. */
function joined(a: OpenInterval | null, b: OpenInterval | null): OpenInterval {
	if (!a || !b) return a ?? b ?? NONE_BUT_NOW;
	if (isApart(a, b) || isApart(b, a)) return holdsZero(a) ? a : b;
	const [lower] = [a, b].sort((x, y) =>
		!x.low || !y.low ? (x.low ? 1 : -1) : x.low.compare(y.low) || Number(x.lowOpen) - Number(y.lowOpen)
	);
	const [upper] = [a, b].sort((x, y) =>
		!x.high || !y.high ? (x.high ? 1 : -1) : y.high.compare(x.high) || Number(x.highOpen) - Number(y.highOpen)
	);
	return { low: lower.low, lowOpen: lower.lowOpen, high: upper.high, highOpen: upper.highOpen };
}

/**
 * How far a coefficient inside a row may move, alone, while a best plan stays feasible and best: decided for the plan, whatever its basis.
 * @param plan a best plan of the problem's relaxation
 * @param row the name of a constraint
 * @param variable the name of a variable
 */
export function coefficientInterval(
	problem: Problem,
	plan: Plan,
	row: string,
	variable: string
): CoefficientInterval {
	const own = problem.constraints.find(({ name }) => name === row)!;
	const now = own.terms.get(variable) ?? ZERO;
	const amount = plan.get(variable)!;
	const left = own.rhs.sub(evaluate(own.terms, plan));
	const proof = proofs(problem, plan, row, variable);
	const told = ({ low, high, ...open }: OpenInterval, by: CoefficientEnd): CoefficientInterval => ({
		...open,
		low: low && now.add(low),
		high: high && now.add(high),
		lowBy: low && by,
		highBy: high && by
	});
	if (isZero(amount)) {
		const isFree = !isZero(left) || proof.withoutRow();
		return told(isFree ? ANY : joined(proof.changes(1), proof.changes(-1)), 'improves');
	}
	// the change times the amount is taken from what is left
	const most = left.div(amount);
	if (own.relation === '=') return told(NONE_BUT_NOW, 'violates');
	const isUp = (own.relation === '<=') === sign(amount) > 0;
	const feasible = isUp ? closed(null, most) : closed(most, null);
	if (!isZero(left) || proof.withoutRow()) return told(feasible, 'violates');
	// moved to one side the plan leaves the row, which it needs to be best; to the other it violates it
	return {
		...closed(now, now),
		lowBy: isUp ? 'improves' : 'violates',
		highBy: isUp ? 'violates' : 'improves'
	};
}
