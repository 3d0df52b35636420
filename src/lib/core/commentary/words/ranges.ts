import { isZero, min, ONE, sign, ZERO, type Rational } from '../../number/rational';
import type { Stretch } from '../../parametric/stretch';
import type { ValuePiece, Varied } from '../../parametric/value-function';
import type { Plan, Problem } from '../../problem/types';
import {
	byLayout,
	claim,
	inBrackets,
	joined,
	NOTHING_SAID,
	say,
	type Sentence
} from '../../sentence/sentence';
import { tightestRows } from '../../tableau/ratio';
import { columnOf, readPlan, rhs, type Tableau } from '../../tableau/tableau';
import type { CoefficientEnd } from '../../answer/coefficient-interval';
import { isOneRate, marginal, type OneSide } from '../../parametric/marginal';
import { sidesAt, type CoefficientFinding, type RangeReading } from '../ranges';
import { planSentence, quantity, singular } from './plan';

/** The words of one number of a problem: how far it may move, what it is worth, and what happens beyond. */

/** `clay`, or `the 30 of bowls in profit`: what a number is called. */
export const calledNumber = (problem: Problem, varied: Varied): Sentence =>
	'rhs' in varied
		? say`the amount of ${{ constraint: varied.rhs }}`
		: say`the coefficient of ${varied.objective} in ${problem.objective.name}`;

/** The unit of a number, as far as it is known. */
export function unitOfNumber(problem: Problem, varied: Varied): string | undefined {
	if ('rhs' in varied) return problem.constraints.find(({ name }) => name === varied.rhs)?.unit;
	const { unit } = problem.objective;
	const per = problem.variables.find(({ name }) => name === varied.objective)?.unit;
	return unit && per ? `${unit} per ${per}` : unit;
}

/** An end of an interval, and how it is computed. */
export function endSentence({ t, varied, now, low, high }: RangeReading, side: 'low' | 'high'): Sentence {
	const { limit } = side === 'high' ? high : low;
	const way = side === 'high' ? 'increase' : 'decrease';
	if (!limit) return say`It can ${way} without limit.`;
	const column = columnOf(t, limit.column);
	const size = limit.change.abs();
	const ratio = say`${inBrackets(limit.value)} ÷ ${limit.slope.abs()} = ${size}`;
	const end = now.add(limit.change);
	if (isZero(size))
		return say`It cannot ${way} at all: ${'rhs' in varied ? say`${column} is 0 already` : say`${byLayout(say`the entry of ${column} in the objective row`, say`the coefficient of ${column} in the objective`)} is 0 already`}.`;
	const by = limit.slope.mul(side === 'high' ? 1 : -1);
	const what =
		'rhs' in varied
			? say`There ${column} reaches 0: it is ${limit.value} now and ${sign(by) < 0 ? 'loses' : 'gains'} ${by.abs()} per ${unitFor(t.form.problem, varied)}, and ${ratio}`
			: say`There ${byLayout(say`the entry of ${column} in the objective row`, say`the coefficient of ${column} in the objective`)} reaches 0: ${ratio}`;
	return say`It can ${way} by ${size}, to ${end}. ${what}.`;
}

/** `kg`, or `unit`: one of a number. */
function unitFor(problem: Problem, varied: Varied): string {
	const unit = 'rhs' in varied ? unitOfNumber(problem, varied) : undefined;
	return unit ? singular(unit) : 'unit';
}

/** `kg of clay`, or `unit of r1`: one of a right-hand side. */
const oneOf = (problem: Problem, row: string): Sentence =>
	say`${unitFor(problem, { rhs: row })} of ${{ constraint: row }}`;

/** What a number is worth within its interval, and what moves with it. */
export function rangeSentences({ t, varied, rate, low, high, now, moving }: RangeReading): Sentence[] {
	const { problem } = t.form;
	const { name, unit } = problem.objective;
	const isStuck = (end: Rational | null) => end !== null && end.equals(now);
	// at a degenerate corner the basis says nothing about a direction in which it cannot go
	if (isStuck(low.at) && isStuck(high.at))
		return [say`The interval of this basis is this single value, so its rate holds nowhere else.`];
	const each = say`Each ${isStuck(high.at) ? say`${unitFor(problem, varied)} less` : say`extra ${unitFor(problem, varied)}`}`;
	const way = isStuck(high.at) ? rate.neg() : rate;
	const room = isStuck(high.at) ? low.at && now.sub(low.at) : high.at && high.at.sub(now);
	const step = (room ? min(room, ONE) : ONE).mul(isStuck(high.at) ? -1 : 1);
	const worth = claim({ problem: t.form.problem, is: 'worth', of: varied, by: step, change: rate.mul(step) });
	const changes = isZero(rate)
		? say`${name} does not change with it.${worth}`
		: say`${each} ${sign(way) > 0 ? 'increases' : 'decreases'} ${name} by ${quantity(rate.abs(), unit)}${room ? say`, up to ${quantity(room, unitOfNumber(problem, varied))} ${isStuck(high.at) ? 'less' : 'more'}` : NOTHING_SAID}.${worth}`;
	const stays =
		'rhs' in varied
			? say`Within the interval the basis and the dual values stay the same; the amounts of the basic variables change.`
			: say`Within the interval the plan stays the same: ${planSentence(problem, readPlan(t))}.`;
	const signed = (by: Rational) => (sign(by) > 0 ? say`+${by}` : say`−${by.abs()}`);
	const told = joined(
		moving.map(({ variable, by }) => say`${variable} by ${signed(isStuck(high.at) ? by.neg() : by)}`)
	);
	return [
		changes,
		...letOff(problem, varied, rate, low.at && now.sub(low.at)),
		...partOfPlan(t, varied, { low: low.at, high: high.at }),
		stays,
		...(moving.length ? [say`${each} changes the plan: ${told}.`] : [])
	];
}

/** What it is worth to be let off one unit of a constraint ≥. @param room how far its right-hand side may decrease; null without limit */
function letOff(problem: Problem, varied: Varied, rate: Rational, room: Rational | null): Sentence[] {
	const row = 'rhs' in varied && problem.constraints.find(({ name }) => name === varied.rhs);
	if (!row || row.relation !== '>=' || isZero(rate) || (room && room.lt(ONE))) return [];
	const { name, unit } = problem.objective;
	return [
		say`Being let off one ${oneOf(problem, row.name)} ${sign(rate) < 0 ? 'increases' : 'decreases'} ${name} by ${quantity(rate.abs(), unit)}.`
	];
}

/** From which coefficient on a variable that is 0 now is part of a best plan. */
function partOfPlan(
	t: Tableau,
	varied: Varied,
	{ low, high }: { readonly low: Rational | null; readonly high: Rational | null }
): Sentence[] {
	if (!('objective' in varied)) return [];
	const { objective } = t.form.problem;
	const end = objective.sense === 'max' ? high : low;
	const position = t.nonbasic.findIndex((column) => {
		const { kind, owner } = columnOf(t, column);
		return kind === 'structural' && owner.name === varied.objective;
	});
	if (!end || position < 0 || !isZero(readPlan(t).get(varied.objective) ?? ZERO)) return [];
	// at a degenerate corner it may enter with 0, and where no ratio limits it the objective has no end
	const [row] = tightestRows(t, position);
	if (row === undefined || isZero(rhs(t, row))) return [];
	return [
		say`From ${end} ${objective.sense === 'max' ? 'on' : 'down'}, ${{ constraint: varied.objective }} is part of a best plan.`
	];
}

/** The best plan with a number as it was moved. */
export const movedPlanSentence = (problem: Problem, plan: Plan): Sentence =>
	say`The best plan is then ${planSentence(problem, plan)}.`;

/** What the number at another value would give, told by the stretch that it lies in. */
export function whatIfSentences(
	problem: Problem,
	reading: RangeReading,
	stretches: readonly Stretch[],
	value: Rational
): Sentence[] {
	const { now, rate, low, high } = reading;
	const by = value.sub(now);
	const { name, unit } = problem.objective;
	if (isZero(by)) return [say`This is the current value.`];
	const isWithin = (!low.at || value.gte(low.at)) && (!high.at || value.lte(high.at));
	const start = stretches[0]?.value;
	if (isWithin && start)
		return [
			say`This is within the interval, so the rate holds: ${inBrackets(rate)} · ${inBrackets(by)} = ${rate.mul(by)}, and ${name} is ${start} + ${inBrackets(rate.mul(by))} = ${quantity(start.add(rate.mul(by)), unit)}.`
		];
	const passed = stretches.filter(({ to }) => to !== null && (by.s > 0n ? to.lt(value) : to.gt(value)));
	const pivots = passed.flatMap(({ pivot, tableau, to }) => {
		if (!pivot || !to) return [];
		const named = (id: string) => say`${tableau.form.columns.find((own) => own.id === id)!}`;
		return [say`at ${to} ${named(pivot.enter)} enters and ${named(pivot.leave)} leaves`];
	});
	const last = passed.at(-1);
	const way = pivots.length
		? [say`This is beyond the interval, so the basis changes: ${joined(pivots, '; ', '; ')}.`]
		: [];
	if (last?.beyond)
		return [
			...way,
			last.beyond === 'infeasible'
				? say`Beyond ${last.to!} no plan is feasible.`
				: say`Beyond ${last.to!} ${name} is unbounded.`
		];
	return way;
}

/** Whether one unit more would be bought at a price, and how many. */
export function priceSentence(t: Tableau, row: string, price: Rational): Sentence {
	const { more } = marginal(t, row);
	const { problem } = t.form;
	const { objective } = problem;
	const told = claim({ problem: t.form.problem, is: 'worth', of: { rhs: row }, by: ONE, change: more.unit });
	const one = say`one more ${oneOf(problem, row)}`;
	if (!more.unit || !more.rate) return say`No: with ${one} no best plan exists.${told}`;
	const gainOf = (change: Rational) => (objective.sense === 'max' ? change : change.neg());
	const gain = gainOf(more.unit);
	if (sign(gain) <= 0) return say`No: ${one} does not improve ${objective.name}.${told}`;
	const isSteady = more.unit.equals(more.rate);
	const far = !isSteady
		? say` Its first ${more.for!} ${unitOfNumber(problem, { rhs: row }) ?? 'units'} bring ${gainOf(more.rate)} each; after that the rate changes.`
		: !more.for
			? say` So is every further one.`
			: more.for.gt(1)
				? say` This holds for up to ${more.for} more.`
				: NOTHING_SAID;
	const worth = say`${one} is worth ${quantity(gain, objective.unit)}${told}`;
	const order = price.compare(gain);
	if (order < 0) return say`Yes: ${worth}, ${gain.sub(price)} more than it costs.${far}`;
	return order === 0
		? say`It makes no difference: ${worth}, exactly what it costs.${far}`
		: say`No: ${worth}, ${price.sub(gain)} less than it costs.${far}`;
}

/** What one unit more or less changes the objective by, in words; where there is no plan, that. */
function sideSentence(t: Tableau, row: string, side: OneSide, way: 'more' | 'less'): Sentence {
	const { problem } = t.form;
	const by = ONE.mul(way === 'more' ? 1 : -1);
	const told = claim({ problem: t.form.problem, is: 'worth', of: { rhs: row }, by, change: side.unit });
	const { name, unit } = problem.objective;
	const one = say`one ${unitFor(problem, { rhs: row })} ${way} of ${{ constraint: row }}`;
	if (side.unit === null) return say`with ${one} no best plan exists${told}`;
	return say`${one} changes ${name} by ${quantity(side.unit, unit)}${told}`;
}

/** What one more and one less are worth where that differs, and the true interval where this basis tells a shorter one. */
export function sidesSentence(
	pieces: readonly ValuePiece[],
	{ t, varied, now, low, high }: RangeReading
): Sentence | null {
	const { less, more, holds } = sidesAt(pieces, now);
	const { name } = t.form.problem.objective;
	if (less && more && !less.equals(more)) {
		const own = 'rhs' in varied && { row: varied.rhs, ...marginal(t, varied.rhs) };
		return own
			? say`Two rates meet here: ${sideSentence(t, own.row, own.more, 'more')}, and ${sideSentence(t, own.row, own.less, 'less')}. This basis shows only one of the rates.`
			: say`Two rates meet here: a small increase changes ${name} by ${more} per unit, a small decrease by ${less.neg()}. This basis shows only one of them.`;
	}
	if (!holds) return null;
	const same = (a: Rational | null, b: Rational | null) => (a && b ? a.equals(b) : a === b);
	if (same(holds.from, low.at) && same(holds.to, high.at)) return null;
	const end = (at: Rational | null, none: string) => (at ? say`${at}` : say`${none}`);
	return say`The rate ${(less ?? more)!} holds from ${end(holds.from, '−∞')} to ${end(holds.to, '∞')}, farther than this basis.`;
}

/** The 100 % rule for changes at once, with its sum (Bradley, Hax and Magnanti 1977). */
export function hundredSentences(
	changes: readonly { readonly called: Sentence; readonly reading: RangeReading; readonly value: Rational }[]
): Sentence[] {
	const parts = changes.flatMap(({ called, reading, value }) => {
		const by = value.sub(reading.now);
		if (isZero(by)) return [];
		const end = by.s > 0n ? reading.high.at : reading.low.at;
		const room = end && end.sub(reading.now).abs();
		return [{ called, by, room }];
	});
	if (parts.length === 0) return [say`Change a number first.`];
	if (parts.some(({ room }) => room && isZero(room)))
		return [say`One of the numbers cannot move in that direction at all, so the rule says nothing.`];
	const shares = parts.map(({ by, room }) => (room ? by.abs().div(room) : ZERO));
	const sum = shares.reduce((a, b) => a.add(b), ZERO);
	const told = joined(
		parts.map(({ called, by, room }, i) =>
			room
				? say`${called}: ${by.abs()} of ${room} is ${shares[i]}`
				: say`${called}: no limit in that direction, 0`
		),
		'; ',
		'; '
	);
	return [
		say`Each change, as a share of the largest it could be alone: ${told}. The sum is ${sum}.`,
		sum.lte(1)
			? say`That is at most 1, so the basis stays optimal.`
			: say`That is more than 1, so the rule says nothing: the basis may or may not stay optimal. The map shows which.`
	];
}

/** A paragraph for a hand-in: what limits, what that is worth and how far. */
export function worthSentences(t: Tableau): Sentence[] {
	const { problem } = t.form;
	const { name, unit } = problem.objective;
	return problem.constraints.flatMap((row) => {
		const { more, less } = marginal(t, row.name);
		if (![more, less].some(({ rate }) => rate && !isZero(rate))) return [];
		const amount = (at: Rational) => quantity(at, row.unit);
		if (!isOneRate({ more, less })) {
			const [up, down] = [sideSentence(t, row.name, more, 'more'), sideSentence(t, row.name, less, 'less')];
			return [say`At this corner one more and one less differ: ${up}; ${down}.`];
		}
		const low = less.for && row.rhs.sub(less.for);
		const high = more.for && row.rhs.add(more.for);
		const far =
			low && high
				? say` while ${{ constraint: row.name }} is between ${amount(low)} and ${amount(high)}`
				: low
					? say` while ${{ constraint: row.name }} is at least ${amount(low)}`
					: high
						? say` while ${{ constraint: row.name }} is at most ${amount(high)}`
						: NOTHING_SAID;
		const by = more.for ? min(more.for, ONE) : ONE;
		return [
			say`Each extra ${oneOf(problem, row.name)} changes ${name} by ${quantity(more.rate!, unit)}${far}.${claim({ problem: t.form.problem, is: 'worth', of: { rhs: row.name }, by, change: more.rate!.mul(by) })}`
		];
	});
}

/** What lies between two numbers on a run, for a table of its stretches. */
export function stretchSentences(stretches: readonly Stretch[]): Sentence[] {
	return stretches.map(({ direction, from, to, tableau, limit, pivot, beyond }) => {
		const named = (id: string) => say`${tableau.form.columns.find((own) => own.id === id)!}`;
		const isFalling = direction < 0;
		if (!to || !limit) return say`${isFalling ? 'Below' : 'Beyond'} ${from} the basis stays optimal.`;
		const column = columnOf(tableau, limit.column);
		const what = tableau.basis.includes(limit.column)
			? say`${column}`
			: byLayout(
					say`the entry of ${column} in the objective row`,
					say`the coefficient of ${column} in the objective`
				);
		const until = say`From ${from} ${isFalling ? 'down ' : ''}to ${to}: there ${what} reaches 0`;
		if (pivot) return say`${until}, ${named(pivot.enter)} enters and ${named(pivot.leave)} leaves.`;
		const past = isFalling ? 'below' : 'beyond';
		return beyond === 'infeasible'
			? say`${until}; ${past} it no plan is feasible.`
			: say`${until}; ${past} it the objective is unbounded.`;
	});
}

/** Why a coefficient goes no farther to one side. */
function endReason({ row, variable }: CoefficientFinding, by: CoefficientEnd): Sentence {
	return by === 'violates'
		? say`the plan violates ${{ constraint: row }}`
		: say`a plan with another amount of ${variable} or of others is better`;
}

/** How far a coefficient inside a row may move while the best plan stays what it is. */
export function coefficientSentence(found: CoefficientFinding): Sentence {
	const { row, variable, now, low, high, lowBy, highBy, lowOpen, highOpen } = found;
	const called = say`The ${now} of ${variable} in ${{ constraint: row }}`;
	if (!low && !high) return say`${called} may have any value: the plan stays the best plan.`;
	if (low && high && low.equals(high)) {
		const [up, down] = [endReason(found, highBy!), endReason(found, lowBy!)];
		return lowBy === highBy
			? say`${called} cannot change at all: after any change ${up}.`
			: say`${called} cannot change at all: if it increases, ${up}; if it decreases, ${down}.`;
	}
	const by = (end: Rational | null, way: string, isOpen: boolean) =>
		!end
			? say`${way} without limit`
			: isOpen
				? say`${way} to any value ${way === 'decrease' ? 'above' : 'below'} ${end}`
				: end.equals(now)
					? say`not ${way}`
					: say`${way} by ${end.sub(now).abs()}, to ${end}`;
	const reasons = [
		...(low ? [say`${lowOpen ? 'At' : 'Below'} ${low} ${endReason(found, lowBy!)}.`] : []),
		...(high ? [say`${highOpen ? 'At' : 'Above'} ${high} ${endReason(found, highBy!)}.`] : [])
	];
	return say`${called} can ${by(low, 'decrease', lowOpen)} and ${by(high, 'increase', highOpen)} while the plan stays the best plan. ${joined(reasons, ' ', ' ')}`;
}
