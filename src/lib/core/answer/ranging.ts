import type { FormRow, Owner } from '../form/types';
import { isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import type { BoundSide } from '../problem/row-owner';
import { effectiveBounds } from '../problem/types';
import { OBJECTIVE } from '../tableau/goal';
import { cost, entry, isArtificial, readPlan, rhs, rhsCell, type Tableau } from '../tableau/tableau';
import { dualValues, reducedCosts } from './multipliers';
import { isTwin, tiedColumns } from './ties';

/** A closed interval; `null` is no end. */
export interface Interval {
	readonly low: Rational | null;
	readonly high: Rational | null;
}

/** How far one number may move, alone, while the optimal basis stays what it is. */
export interface Ranging {
	/** another optimal basis exists or may exist, and may give other intervals */
	readonly degenerate: boolean;
	/** objective coefficients, by variable: the plan stays optimal */
	readonly objective: ReadonlyMap<string, Interval>;
	/** right-hand sides, by constraint: the basis stays feasible, so the dual values hold */
	readonly rhs: ReadonlyMap<string, Interval>;
	/** bounds other than 0 that the plan meets, by variable */
	readonly bounds: ReadonlyMap<string, BoundRange>;
}

/** What a bound of a variable is worth, as a right-hand side is: the objective's rate as the bound rises, and how far that holds. */
export interface BoundRange extends Interval {
	readonly side: BoundSide;
	readonly dual: Rational;
}

/** A condition value + slope · δ ≥ 0 on the change δ of a number: what is `value` at the tableau must not become negative. */
export interface Slope {
	/** the column that it is about: a basic one whose amount, or a non-basic one whose entry in the objective row, would change its sign */
	readonly column: number;
	readonly value: Rational;
	readonly slope: Rational;
}

/** A condition that a change can break. */
export interface Limit extends Slope {
	/** the change at which it becomes zero */
	readonly change: Rational;
}

/** The interval of changes that limits leave, with what sets its ends. */
export interface Limited extends Interval {
	readonly lowBy: Limit | null;
	readonly highBy: Limit | null;
}

const limited = (slopes: readonly Slope[]): Limit[] =>
	slopes.flatMap((own) => (isZero(own.slope) ? [] : [{ ...own, change: own.value.div(own.slope).neg() }]));

/** What is left between limits. */
export function between(limits: readonly Limit[]): Limited {
	let [lowBy, highBy]: (Limit | null)[] = [null, null];
	for (const own of limits) {
		if (sign(own.slope) > 0) lowBy = lowBy && lowBy.change.gte(own.change) ? lowBy : own;
		else highBy = highBy && highBy.change.lte(own.change) ? highBy : own;
	}
	return { low: lowBy?.change ?? null, high: highBy?.change ?? null, lowBy, highBy };
}

const shifted = ({ low, high }: Interval, by: Rational): Interval => ({
	low: low && low.add(by),
	high: high && high.add(by)
});

/** The positions that count: not columns that are always zero, artificial ones and twins of an equality. */
const allowed = (t: Tableau): number[] =>
	t.nonbasic.flatMap((column, k) => (t.barred.has(column) || isTwin(t, column) ? [] : [k]));

/** How the reduced costs, which must stay ≥ 0, change with the objective coefficient of a variable: one for each column that may enter. */
export function costSlopes(t: Tableau, variable: string): Slope[] {
	const direction = t.form.problem.objective.sense === 'max' ? 1 : -1;
	const { parts } = t.form.substitutions.find((own) => own.variable === variable)!;
	return allowed(t).map((k) => {
		const column = t.nonbasic[k];
		let slope = ZERO;
		for (const part of parts) {
			const change = ONE.mul(part.factor * direction);
			const row = t.basis.indexOf(part.column);
			if (row >= 0) slope = slope.add(change.mul(entry(t, row, column)));
			else if (part.column === column) slope = slope.sub(change);
		}
		return { column, value: cost(t, OBJECTIVE, column), slope };
	});
}

/** What limits the objective coefficient of a variable while the plan stays optimal. */
export const costLimits = (t: Tableau, variable: string): Limit[] => limited(costSlopes(t, variable));

/** For each variable the interval of its objective coefficient. */
const objectiveRanges = (t: Tableau): Map<string, Interval> =>
	new Map(
		t.form.substitutions.map(({ variable }) => {
			const now = t.form.problem.objective.terms.get(variable) ?? ZERO;
			return [variable, shifted(between(costLimits(t, variable)), now)];
		})
	);

/**
 * How what must stay ≥ 0 changes, so that the basis stays feasible (the basic variables ≥ 0, artificial ones at 0).
 * @param slope by how much a row's basic variable changes for each unit
 * @param halves whether half of a free variable must stay ≥ 0, too; else it may go below zero: its other half then takes over, which is no limit
 */
const feasibleWhile = (t: Tableau, slope: (row: number) => Rational, halves = false): Slope[] =>
	t.basis.flatMap((column, row) => {
		if (!halves && isHalf(t, column)) return [];
		const by = slope(row);
		const own = { column, value: rhs(t, row), slope: by };
		return isArtificial(t, column) ? [own, { column, value: own.value.neg(), slope: by.neg() }] : [own];
	});

/** By how much a row's basic variable changes for each unit of the right-hand sides of form rows. */
const alongRows =
	(t: Tableau, owns: (owner: Owner) => boolean, times: (row: FormRow) => Rational = () => ONE) =>
	(row: number): Rational =>
		t.form.rows.reduce(
			(sum, own) =>
				owns(own.owner) ? sum.add(entry(t, row, own.start).mul(own.factor).mul(times(own))) : sum,
			ZERO
		);

/** By how much the basic variable of each row changes for each unit of a constraint's right-hand side. */
export const alongRhs = (t: Tableau, name: string): ((row: number) => Rational) =>
	alongRows(t, (owner) => owner.kind === 'constraint' && owner.name === name);

/**
 * What limits the right-hand side of a constraint while the basis stays feasible.
 * @param halves whether half of a free variable counts
 */
export const rhsLimits = (t: Tableau, name: string, halves = false): Limit[] =>
	limited(feasibleWhile(t, alongRhs(t, name), halves));

/** How the basic variables, which must stay ≥ 0, change with a right-hand side: one for each row, of an artificial variable two. */
export const rhsSlopes = (t: Tableau, name: string): Slope[] => feasibleWhile(t, alongRhs(t, name));

/** For each constraint the interval of its right-hand side. */
const rhsRanges = (t: Tableau): Map<string, Interval> =>
	new Map(
		t.form.problem.constraints.map(({ name, rhs: now }) => [name, shifted(between(rhsLimits(t, name)), now)])
	);

/** How basic variables change as a bound of a variable rises: by its own row, or as what its column is measured from. */
function alongBound(t: Tableau, name: string, side: BoundSide): (row: number) => Rational {
	const { parts } = t.form.substitutions.find(({ variable }) => variable === name)!;
	if (t.form.rows.some(({ owner }) => owner.kind === side && owner.name === name))
		return alongRows(t, (owner) => owner.kind === side && owner.name === name);
	const [own] = parts;
	// measured from below the column falls as the bound rises; measured from above its entries have the other sign
	if (own) return (row) => entry(t, row, own.column).mul(-own.factor);
	const { constraints } = t.form.problem;
	const taken = ({ owner }: FormRow): Rational =>
		(constraints.find((row) => row.name === owner.name)?.terms.get(name) ?? ZERO).neg();
	return alongRows(t, ({ kind }) => kind === 'constraint', taken);
}

/** The bounds other than 0 that the plan meets, with their values and intervals; where two meet in one number, the one that limits. */
function boundRanges(t: Tableau): Map<string, BoundRange> {
	const { problem } = t.form;
	const plan = readPlan(t);
	const costs = reducedCosts(t.form, dualValues(t));
	const up = problem.objective.sense === 'max' ? 1 : -1;
	return new Map(
		problem.variables.flatMap((variable): [string, BoundRange][] => {
			const { name } = variable;
			const { lower, upper } = effectiveBounds(variable);
			const dual = costs.get(name)!;
			const met = (bound: Rational | null) => bound !== null && bound.equals(plan.get(name)!);
			const isFixed = met(lower) && met(upper);
			const side = met(upper) && (!met(lower) || sign(dual) * up >= 0) ? 'upper' : 'lower';
			const bound = side === 'upper' ? upper : lower;
			if (!bound || isZero(bound) || !met(bound)) return [];
			const { low, high } = shifted(between(limited(feasibleWhile(t, alongBound(t, name, side)))), bound);
			if (!isFixed) return [[name, { side, dual, low, high }]];
			// one bound alone cannot go past the other
			return [
				[name, { side, dual, low: side === 'upper' ? bound : low, high: side === 'lower' ? bound : high }]
			];
		})
	);
}

/** Whether a column is one half of a free variable. */
export const isHalf = (t: Tableau, column: number): boolean =>
	t.form.substitutions.some(
		({ parts }) => parts.length === 2 && parts.some((part) => part.column === column)
	);

/** Whether another column of the same owner and sort is basic: the other half of a free variable, the other slack of an equality. */
const hasBasicPartner = (t: Tableau, column: number): boolean => {
	const { owner, kind } = t.form.columns[column];
	const isStructural = kind === 'structural';
	return t.basis.some((other) => {
		const partner = t.form.columns[other];
		return (
			other !== column &&
			(partner.kind === 'structural') === isStructural &&
			partner.kind !== 'artificial' &&
			partner.owner.kind === owner.kind &&
			partner.owner.name === owner.name
		);
	});
};

/** Whether a basic column is zero only because one thing is written as two; an artificial one at zero is a redundant equality. */
const isZeroByWriting = (t: Tableau, column: number): boolean =>
	isHalf(t, column) || (isTwin(t, column) && !isArtificial(t, column) && !hasBasicPartner(t, column));

/**
 * Ranges of every objective coefficient and right-hand side at an optimal tableau (Dantzig 1963, ch. 12), each for a change of
 * that number alone.
 * @param t an optimal tableau, artificial columns barred
 */
export function ranging(t: Tableau): Ranging {
	const zeroBasic = t.basis.some((column, row) => !rhsCell(t, row) && !isZeroByWriting(t, column));
	return {
		degenerate: zeroBasic || tiedColumns(t).length > 0,
		objective: objectiveRanges(t),
		rhs: rhsRanges(t),
		bounds: boundRanges(t)
	};
}
