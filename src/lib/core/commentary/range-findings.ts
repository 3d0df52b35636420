import type { CoefficientEnd } from '../answer/coefficient-interval';
import type { Column } from '../form/types';
import { isZero, min, ONE, ZERO, type Rational } from '../number/rational';
import { isOneRate, marginal, type OneSide } from '../parametric/marginal';
import type { Stretch } from '../parametric/stretch';
import type { ValuePiece } from '../parametric/value-function';
import type { Varied } from '../problem/varied';
import type { Constraint, Plan, Problem, Relation, Sense } from '../problem/types';
import type { WorthClaim as Worth } from '../sentence/claim';
import type { Each, Bare, ByCode } from '../sentence/coded';
import { tightestRows } from '../tableau/ratio';
import { columnOf, readPlan, rhs, type Tableau } from '../tableau/tableau';
import type { PriceFinding } from './price-findings';
import { sidesAt, type CoefficientFinding, type RangeReading } from './ranges';

/**
 * What is found of one number of a problem, to be said: how far it may move, what it is worth, and what happens beyond. All of it is found at the problem
 * whose number it is; `words/ranges.ts` has the words.
 */

/** An end of an interval, and how it is computed. */
export type EndFinding =
	| ByCode<{
			'no-end': { side: 'low' | 'high' };
			'amount-reaches-zero': {
				side: 'low' | 'high';

				column: Column;

				varied: Varied;

				end: Rational;

				value: Rational;
				/** how the amount changes for each unit to this side */
				by: Rational;

				size: Rational;
			};
			'entry-reaches-zero': {
				side: 'low' | 'high';
				column: Column;
				end: Rational;
				value: Rational;
				by: Rational;
				size: Rational;
			};
	  }>
	/** an amount, or an entry of the objective row, that is 0 already */
	| Each<
			'amount-is-zero' | 'entry-is-zero-already',
			{ readonly side: 'low' | 'high'; readonly column: Column }
	  >;

/** An end of an interval, and what sets it. */
export function endFound({ t, varied, now, low, high }: RangeReading, side: 'low' | 'high'): EndFinding {
	const { limit } = side === 'high' ? high : low;
	if (!limit) return { code: 'no-end', side };
	const column = columnOf(t, limit.column);
	const size = limit.change.abs();
	const isAmount = 'rhs' in varied;
	if (isZero(size)) return { code: isAmount ? 'amount-is-zero' : 'entry-is-zero-already', side, column };
	const by = limit.slope.mul(side === 'high' ? 1 : -1);
	const common = { side, column, end: now.add(limit.change), value: limit.value, by, size };
	return isAmount
		? { code: 'amount-reaches-zero', varied, ...common }
		: { code: 'entry-reaches-zero', ...common };
}

/** How a rate is read: for each unit more, or, where it cannot increase, for each unit less. */
interface Per {
	readonly varied: Varied;
	readonly way: 'more' | 'less';
}

/** What a number is worth within its interval, and what moves with it. */
export type RangeFinding =
	| ByCode<{
			'single-value': Bare;
			'changes-nothing': { worth: Worth };
			'let-off': { row: string; by: Rational };
			'part-of-best-plan': { variable: string; from: Rational };
			'basis-stays': Bare;
			'plan-stays-within': { plan: Plan };
	  }>
	| ({
			readonly code: 'each-unit';
			/** the change of the objective for each unit */
			readonly by: Rational;
			readonly room: Rational | null;
			readonly worth: Worth;
	  } & Per)
	| ({
			readonly code: 'plan-moves';
			readonly moving: readonly { readonly variable: string; readonly by: Rational }[];
	  } & Per);

/** What a number is worth within its interval, and what moves with it. */
export function rangeFound({ t, varied, rate, low, high, now, moving }: RangeReading): RangeFinding[] {
	const { problem } = t.form;
	const isStuck = (end: Rational | null) => end !== null && end.equals(now);
	// at a degenerate corner the basis says nothing about a direction in which it cannot go
	if (isStuck(low.at) && isStuck(high.at)) return [{ code: 'single-value' }];
	const way = isStuck(high.at) ? 'less' : 'more';
	const turn = way === 'less' ? -1 : 1;
	const room = way === 'less' ? low.at && now.sub(low.at) : high.at && high.at.sub(now);
	const step = (room ? min(room, ONE) : ONE).mul(turn);
	const worth: Worth = { problem, code: 'worth', of: varied, by: step, change: rate.mul(step) };
	return [
		isZero(rate)
			? { code: 'changes-nothing', worth }
			: { code: 'each-unit', varied, way, by: rate.mul(turn), room, worth },
		...letOff(problem, varied, rate, low.at && now.sub(low.at)),
		...partOfPlan(t, varied, { low: low.at, high: high.at }),
		'rhs' in varied ? { code: 'basis-stays' } : { code: 'plan-stays-within', plan: readPlan(t) },
		...(moving.length
			? [
					{
						code: 'plan-moves',
						varied,
						way,
						moving: moving.map(({ variable, by }) => ({ variable, by: by.mul(turn) }))
					} as const
				]
			: [])
	];
}

/** What it is worth to be let off one unit of a constraint ≥. @param room how far its right-hand side may decrease; null without limit */
function letOff(problem: Problem, varied: Varied, rate: Rational, room: Rational | null): RangeFinding[] {
	const row = 'rhs' in varied && problem.constraints.find(({ name }) => name === varied.rhs);
	if (!row || row.relation !== '>=' || isZero(rate) || (room && room.lt(ONE))) return [];
	return [{ code: 'let-off', row: row.name, by: rate.neg() }];
}

/** From which coefficient on a variable that is 0 now is part of a best plan. */
function partOfPlan(
	t: Tableau,
	varied: Varied,
	{ low, high }: { readonly low: Rational | null; readonly high: Rational | null }
): RangeFinding[] {
	if (!('objective' in varied)) return [];
	const from = t.form.problem.objective.sense === 'max' ? high : low;
	const slot = t.nonbasic.findIndex((column) => {
		const { kind, owner } = columnOf(t, column);
		return kind === 'structural' && owner.name === varied.objective;
	});
	if (!from || slot < 0 || !isZero(readPlan(t).get(varied.objective) ?? ZERO)) return [];
	// at a degenerate corner it may enter with 0, and where no ratio limits it the objective has no end
	const [row] = tightestRows(t, slot);
	if (row === undefined || isZero(rhs(t, row))) return [];
	return [{ code: 'part-of-best-plan', variable: varied.objective, from }];
}

/** What the number at another value would give. */
export type WhatIfFinding =
	| ByCode<{
			'current-value': Bare;
			'rate-holds': { rate: Rational; by: Rational; start: Rational };
			'basis-changes': {
				pivots: readonly { readonly at: Rational; readonly enter: Column; readonly leave: Column }[];
			};
	  }>
	| Each<'infeasible-beyond' | 'unbounded-beyond', { readonly at: Rational }>;

/** The column of a tableau with an id. */
const named = ({ form }: Tableau, id: string): Column => form.columns.find((own) => own.id === id)!;

/** What the number at another value would give, told by the stretch that it lies in. */
export function whatIfFound(
	{ now, rate, low, high }: RangeReading,
	stretches: readonly Stretch[],
	value: Rational
): WhatIfFinding[] {
	const by = value.sub(now);
	if (isZero(by)) return [{ code: 'current-value' }];
	const isWithin = (!low.at || value.gte(low.at)) && (!high.at || value.lte(high.at));
	const start = stretches[0]?.value;
	if (isWithin && start) return [{ code: 'rate-holds', rate, by, start }];
	const passed = stretches.filter(({ to }) => to !== null && (by.s > 0n ? to.lt(value) : to.gt(value)));
	const pivots = passed.flatMap(({ pivot, tableau, to }) =>
		pivot && to ? [{ at: to, enter: named(tableau, pivot.enter), leave: named(tableau, pivot.leave) }] : []
	);
	const last = passed.at(-1);
	return [
		...(pivots.length ? [{ code: 'basis-changes', pivots } as const] : []),
		...(last?.beyond
			? [
					{
						code: last.beyond === 'infeasible' ? 'infeasible-beyond' : 'unbounded-beyond',
						at: last.to!
					} as const
				]
			: [])
	];
}

/** What one unit to a side changes the objective by; null where no best plan exists then. */
export interface SideFinding {
	readonly row: string;
	readonly way: 'more' | 'less';
	readonly change: Rational | null;
	readonly worth: Worth;
}

const sideFound = (problem: Problem, row: string, { unit }: OneSide, way: 'more' | 'less'): SideFinding => ({
	row,
	way,
	change: unit,
	worth: { problem, code: 'worth', of: { rhs: row }, by: way === 'more' ? ONE : ONE.neg(), change: unit }
});

/** What one more and one less are worth where that differs, and the true interval where this basis tells a shorter one. */
export type SidesFinding = ByCode<{
	'two-rates-of-amount': { more: SideFinding; less: SideFinding };
	'two-rates': { more: Rational; less: Rational };
	'holds-farther': { rate: Rational; from: Rational | null; to: Rational | null };
}>;

/** Where two rates meet, or the one holds farther than the basis tells; null where neither is so. */
export function sidesFound(
	pieces: readonly ValuePiece[],
	{ t, varied, now, low, high }: RangeReading
): SidesFinding | null {
	const { less, more, holds } = sidesAt(pieces, now);
	if (less && more && !less.equals(more)) {
		if (!('rhs' in varied)) return { code: 'two-rates', more, less };
		const { problem } = t.form;
		const sides = marginal(t, varied.rhs);
		return {
			code: 'two-rates-of-amount',
			more: sideFound(problem, varied.rhs, sides.more, 'more'),
			less: sideFound(problem, varied.rhs, sides.less, 'less')
		};
	}
	if (!holds) return null;
	const same = (a: Rational | null, b: Rational | null) => (a && b ? a.equals(b) : a === b);
	if (same(holds.from, low.at) && same(holds.to, high.at)) return null;
	return { code: 'holds-farther', rate: (less ?? more)!, from: holds.from, to: holds.to };
}

/** A number that is changed, and to what. */
export interface ChangedNumber {
	readonly varied: Varied;
	readonly reading: RangeReading;
	readonly value: Rational;
}

/** A change as a share of the largest that it could be alone; `room` is null where there is no limit. */
export interface Share {
	readonly varied: Varied;
	readonly by: Rational;
	readonly room: Rational | null;
	readonly share: Rational;
}

/** What the 100 % rule says of changes at once. */
export type HundredFinding = ByCode<{
	'nothing-changed': Bare;
	'cannot-move': Bare;
	shares: { shares: readonly Share[]; sum: Rational };
	'basis-stays-optimal': Bare;
	'rule-says-nothing': Bare;
}>;

/** The 100 % rule for changes at once, with its sum (Bradley, Hax and Magnanti 1977). */
export function hundredFound(changes: readonly ChangedNumber[]): HundredFinding[] {
	const shares = changes.flatMap(({ varied, reading, value }): Share[] => {
		const by = value.sub(reading.now).abs();
		if (isZero(by)) return [];
		const end = value.gt(reading.now) ? reading.high.at : reading.low.at;
		const room = end && end.sub(reading.now).abs();
		return [{ varied, by, room, share: room && !isZero(room) ? by.div(room) : ZERO }];
	});
	if (shares.length === 0) return [{ code: 'nothing-changed' }];
	if (shares.some(({ room }) => room && isZero(room))) return [{ code: 'cannot-move' }];
	const sum = shares.reduce((all, { share }) => all.add(share), ZERO);
	return [
		{ code: 'shares', shares, sum },
		{ code: sum.lte(1) ? 'basis-stays-optimal' : 'rule-says-nothing' }
	];
}

/** What a right-hand side is worth, for a hand-in. */
export type WorthFinding =
	| { readonly code: 'sides-differ'; readonly more: SideFinding; readonly less: SideFinding }
	| {
			readonly code: 'each-extra';
			readonly row: Constraint;
			readonly rate: Rational;
			readonly low: Rational | null;
			readonly high: Rational | null;
			readonly worth: Worth;
	  };

/** What limits, what that is worth and how far. */
export function worthFound(t: Tableau): WorthFinding[] {
	const { problem } = t.form;
	return problem.constraints.flatMap((row): WorthFinding[] => {
		const { more, less } = marginal(t, row.name);
		if (![more, less].some(({ rate }) => rate && !isZero(rate))) return [];
		if (!isOneRate({ more, less }))
			return [
				{
					code: 'sides-differ',
					more: sideFound(problem, row.name, more, 'more'),
					less: sideFound(problem, row.name, less, 'less')
				}
			];
		const by = more.for ? min(more.for, ONE) : ONE;
		const rate = more.rate!;
		return [
			{
				code: 'each-extra',
				row,
				rate,
				low: less.for && row.rhs.sub(less.for),
				high: more.for && row.rhs.add(more.for),
				worth: { problem, code: 'worth', of: { rhs: row.name }, by, change: rate.mul(by) }
			}
		];
	});
}

/** What lies between two numbers on a run. */
export type StretchFinding =
	| { readonly code: 'stays-optimal'; readonly from: Rational; readonly isFalling: boolean }
	| {
			readonly code: 'until';
			readonly from: Rational;
			readonly to: Rational;
			readonly isFalling: boolean;
			readonly column: Column;
			/** whether it is an amount that reaches 0, or an entry of the objective row */
			readonly isBasic: boolean;
			readonly then:
				| { readonly code: 'pivot'; readonly enter: Column; readonly leave: Column }
				| { readonly code: 'infeasible' }
				| { readonly code: 'unbounded' };
	  };

/** What lies between two numbers on a run, for a table of its stretches. */
export const stretchesFound = (stretches: readonly Stretch[]): StretchFinding[] =>
	stretches.map(({ direction, from, to, tableau, limit, pivot, beyond }): StretchFinding => {
		const isFalling = direction < 0;
		if (!to || !limit) return { code: 'stays-optimal', from, isFalling };
		return {
			code: 'until',
			from,
			to,
			isFalling,
			column: columnOf(tableau, limit.column),
			isBasic: tableau.basis.includes(limit.column),
			then: pivot
				? { code: 'pivot', enter: named(tableau, pivot.enter), leave: named(tableau, pivot.leave) }
				: { code: beyond === 'infeasible' ? 'infeasible' : 'unbounded' }
		};
	});

/** How far a coefficient may move to a side. */
export type ReachFinding = ByCode<{
	'without-limit': Bare;
	/** to any value before this one, but not to it */
	'to-before': { end: Rational };
	'not-at-all': Bare;
	'by-to': { by: Rational; end: Rational };
}>;

/** Why a coefficient goes no farther to a side; `isOpen`: at the end already. */
export interface StopFinding {
	readonly side: 'low' | 'high';
	readonly end: Rational;
	readonly isOpen: boolean;
	readonly by: CoefficientEnd;
}

/** How far a coefficient inside a row may move while the best plan stays what it is. */
export type ReachesFinding = ByCode<{
	'any-value': { of: CoefficientFinding };
	'cannot-change': { of: CoefficientFinding; up: CoefficientEnd; down: CoefficientEnd };
	'can-change': {
		of: CoefficientFinding;
		down: ReachFinding;
		up: ReachFinding;
		stops: readonly StopFinding[];
	};
}>;

/** How far a coefficient inside a row may move while the best plan stays what it is. */
export function reachesFound(of: CoefficientFinding): ReachesFinding {
	const { now, low, high, lowBy, highBy, lowOpen, highOpen } = of;
	if (!low && !high) return { code: 'any-value', of };
	if (low && high && low.equals(high)) return { code: 'cannot-change', of, up: highBy!, down: lowBy! };
	const reach = (end: Rational | null, isOpen: boolean): ReachFinding => {
		if (!end) return { code: 'without-limit' };
		if (isOpen) return { code: 'to-before', end };
		return end.equals(now) ? { code: 'not-at-all' } : { code: 'by-to', by: end.sub(now).abs(), end };
	};
	return {
		code: 'can-change',
		of,
		down: reach(low, lowOpen),
		up: reach(high, highOpen),
		stops: [
			...(low ? [{ side: 'low', end: low, isOpen: lowOpen, by: lowBy! } as const] : []),
			...(high ? [{ side: 'high', end: high, isOpen: highOpen, by: highBy! } as const] : [])
		]
	};
}

/** How the optimal value bends as a number grows, and by what: a right-hand side of some relation, or a coefficient of the objective. */
export interface BendFinding {
	readonly code: 'bends';
	readonly sense: Sense;
	readonly of: Relation | 'coefficient';
}

/** How the optimal value bends as a number grows (Gass and Saaty 1955). */
export const bendFound = ({ objective: { sense }, constraints }: Problem, varied: Varied): BendFinding => ({
	code: 'bends',
	sense,
	of: 'rhs' in varied ? constraints.find(({ name }) => name === varied.rhs)!.relation : 'coefficient'
});

/** All that is found of numbers of a problem. */
export type NumberFinding =
	| EndFinding
	| RangeFinding
	| WhatIfFinding
	| PriceFinding
	| SidesFinding
	| HundredFinding
	| WorthFinding
	| StretchFinding
	| ReachesFinding
	| BendFinding;
