import { alongRhs, between, costLimits, rhsLimits, type Limit } from '../answer/ranging';
import { dualValues, reducedCosts } from '../answer/multipliers';
import { isZero, sign, ZERO, type Rational } from '../number/rational';
import { withLength, type Stretch } from '../parametric/stretch';
import { numberOf, type ValuePiece, type Varied } from '../parametric/value-function';
import type { Problem } from '../problem/types';
import { columnOf, readPlan, type Tableau } from '../tableau/tableau';
import { byLayout, inBrackets, joined, NOTHING_SAID, say, type Sentence } from '../sentence/sentence';
import { planSentence, quantity } from './words/plan';

/** What is said of one number of a problem: how far it may move, what it is worth, and what happens beyond. */

/** An end of an interval: how it is computed, and the cells of the tableau that it is read from (column ids). */
export interface EndReading {
	readonly at: Rational | null;
	readonly says: Sentence;
	/** the column whose row, or whose entry in the objective row, sets the end */
	readonly column: string | null;
}

/** A number with its interval. */
export interface RangeReading {
	readonly now: Rational;
	readonly low: EndReading;
	readonly high: EndReading;
	/** by how much the objective changes for each unit within the interval */
	readonly rate: Rational;
	readonly sentences: readonly Sentence[];
}

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

function endSentence(t: Tableau, varied: Varied, limit: Limit | null, isHigh: boolean): Sentence {
	const way = isHigh ? 'rise' : 'fall';
	if (!limit) return say`It may ${way} without end: nothing that it moves is at stake.`;
	const column = columnOf(t, limit.column);
	const size = limit.change.abs();
	const now = numberOf(t.form.problem, varied);
	const ratio = say`${inBrackets(limit.value)} ÷ ${limit.slope.abs()} = ${size}`;
	const what =
		'rhs' in varied
			? say`${column} is ${limit.value} and changes by ${limit.slope.mul(isHigh ? 1 : -1)} for each unit: after ${ratio} it is 0`
			: say`${byLayout(say`the entry of ${column} in the objective row`, say`the coefficient of ${column} in the objective`)} reaches 0 after ${ratio}`;
	return say`It may ${way} by ${size}, to ${now.add(limit.change)}: ${what}.`;
}

/**
 * The reading of one number at an optimal tableau.
 * @param t an optimal tableau, artificial columns barred
 */
export function rangeReading(t: Tableau, varied: Varied): RangeReading {
	const { problem } = t.form;
	const now = numberOf(problem, varied);
	const limits = 'rhs' in varied ? rhsLimits(t, varied.rhs) : costLimits(t, varied.objective);
	const { lowBy, highBy } = between(limits);
	const end = (limit: Limit | null, isHigh: boolean): EndReading => ({
		at: limit && now.add(limit.change),
		says: endSentence(t, varied, limit, isHigh),
		column: limit && columnOf(t, limit.column).id
	});
	const plan = readPlan(t);
	const rate = 'rhs' in varied ? dualValues(t).get(varied.rhs)! : (plan.get(varied.objective) ?? ZERO);
	const { name, unit } = problem.objective;
	const each = unit ? say` ${unit}` : NOTHING_SAID;
	const changes = isZero(rate)
		? say`${name} does not change with it.`
		: say`For each unit more ${name} ${rate.s > 0n ? 'rises' : 'falls'} by ${rate.abs()}${each}.`;
	const stays =
		'rhs' in varied
			? say`Within the interval the same variables stay basic and the dual values hold; the amounts of basic variables move.`
			: say`Within the interval the plan stays as it is: ${planSentence(problem, plan)}.`;
	const moved = 'rhs' in varied ? movingSentence(t, varied.rhs) : null;
	return {
		now,
		low: end(lowBy, false),
		high: end(highBy, true),
		rate,
		sentences: [changes, stays, ...(moved ? [moved] : [])]
	};
}

/** How the plan moves with a right-hand side. */
function movingSentence(t: Tableau, row: string): Sentence | null {
	const along = alongRhs(t, row);
	// a variable may be counted from a bound, or be one of two halves: told is how it moves itself
	const moving = t.form.substitutions.flatMap(({ variable, parts }) => {
		const by = parts.reduce((sum, { column, factor }) => {
			const i = t.basis.indexOf(column);
			return i < 0 ? sum : sum.add(along(i).mul(factor));
		}, ZERO);
		return isZero(by) ? [] : [say`${variable} by ${by}`];
	});
	return moving.length ? say`For each unit ${joined(moving)}.` : null;
}

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
	if (isZero(by)) return [say`This is the number as it stands.`];
	const isWithin = (!low.at || value.gte(low.at)) && (!high.at || value.lte(high.at));
	const start = stretches[0]?.value;
	if (isWithin && start)
		return [
			say`Within the interval, so nothing need be solved: ${inBrackets(rate)} · ${inBrackets(by)} = ${rate.mul(by)}, and ${name} is ${start} + ${inBrackets(rate.mul(by))} = ${quantity(start.add(rate.mul(by)), unit)}.`
		];
	const passed = stretches.filter(({ to }) => to !== null && (by.s > 0n ? to.lt(value) : to.gt(value)));
	const pivots = passed.flatMap(({ pivot, tableau, to }) => {
		if (!pivot || !to) return [];
		const named = (id: string) => say`${tableau.form.columns.find((own) => own.id === id)!}`;
		return [say`at ${to} ${named(pivot.enter)} comes in for ${named(pivot.leave)}`];
	});
	const last = passed.at(-1);
	const way = pivots.length ? [say`Past the end of the interval: ${joined(pivots, '; ', '; ')}.`] : [];
	if (last?.beyond)
		return [
			...way,
			last.beyond === 'infeasible'
				? say`Beyond ${last.to!} there is no plan any more.`
				: say`Beyond ${last.to!} ${name} has no end any more.`
		];
	return way;
}

/** Whether one unit more would be bought at a price, and how many. */
export function priceSentence(
	problem: Problem,
	row: string,
	reading: RangeReading,
	price: Rational
): Sentence {
	const { objective } = problem;
	const gain = objective.sense === 'max' ? reading.rate : reading.rate.neg();
	const said = { constraint: row };
	if (sign(gain) <= 0) return say`No: one more of ${said} does not better ${objective.name}.`;
	const most = reading.high.at
		? say`, and so up to ${reading.high.at.sub(reading.now)} more`
		: say`, and so for any more`;
	const order = price.compare(gain);
	if (order < 0)
		return say`Yes: one more of ${said} is worth ${gain}, which is ${gain.sub(price)} more than it costs${most}.`;
	return order === 0
		? say`It makes no difference: one more of ${said} is worth just ${gain}.`
		: say`No: one more of ${said} is worth ${gain}, ${price.sub(gain)} less than it costs.`;
}

/** The rates of the objective as a number falls and as it rises, where there is a best plan, and how far the one at hand holds. */
export interface Sides {
	readonly less: Rational | null;
	readonly more: Rational | null;
	/** the stretch of the one rate; null where two meet */
	readonly holds: Pick<ValuePiece, 'from' | 'to'> | null;
}

/** The two rates at a number, from the value as a function. */
export function sidesAt(pieces: readonly ValuePiece[], now: Rational): Sides {
	const below = pieces.find(({ from, to }) => (!from || from.lt(now)) && (!to || to.gte(now)));
	const above = pieces.find(({ from, to }) => (!from || from.lte(now)) && (!to || to.gt(now)));
	const [less, more] = [below?.line?.slope ?? null, above?.line?.slope ?? null];
	const one = less && more ? (less.equals(more) ? below! : null) : ((less ? below : above) ?? null);
	return { less, more, holds: one?.status === 'optimal' ? one : null };
}

/** What one more and one less are worth where that differs, and the true interval where this basis tells a shorter one. */
export function sidesSentence(
	problem: Problem,
	pieces: readonly ValuePiece[],
	reading: RangeReading
): Sentence | null {
	const { less, more, holds } = sidesAt(pieces, reading.now);
	const { name } = problem.objective;
	if (less && more && !less.equals(more))
		return say`Here two rates meet: one more changes ${name} by ${more}, one less by ${less.neg()}. This basis tells only one of them.`;
	if (!holds) return null;
	const same = (a: Rational | null, b: Rational | null) => (a && b ? a.equals(b) : a === b);
	if (same(holds.from, reading.low.at) && same(holds.to, reading.high.at)) return null;
	const end = (at: Rational | null, none: string) => (at ? say`${at}` : say`${none}`);
	return say`The rate itself holds from ${end(holds.from, '−∞')} to ${end(holds.to, '∞')}: beyond the interval of this basis another one goes on with it.`;
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
	if (parts.length === 0) return [say`Nothing is changed yet.`];
	if (parts.some(({ room }) => room && isZero(room)))
		return [say`One of the numbers may not move in that direction at all: the rule promises nothing.`];
	const shares = parts.map(({ by, room }) => (room ? by.abs().div(room) : ZERO));
	const sum = shares.reduce((a, b) => a.add(b), ZERO);
	const told = joined(
		parts.map(({ called, by, room }, i) =>
			room
				? say`${called}: ${by.abs()} of ${room} is ${shares[i]}`
				: say`${called}: no end in that direction, 0`
		),
		'; ',
		'; '
	);
	return [
		say`Each change as a share of what it alone might be: ${told}. Together ${sum}.`,
		sum.lte(1)
			? say`That is at most 1, so the basis stays optimal.`
			: say`That is more than 1, so the rule promises nothing: the basis may stay optimal or not. The map shows which.`
	];
}

/** A paragraph for a hand-in: what limits, what that is worth and how far. */
export function worthSentences(t: Tableau): Sentence[] {
	const { problem } = t.form;
	const { name, unit } = problem.objective;
	return problem.constraints.flatMap((row) => {
		const { rate, low, high } = rangeReading(t, { rhs: row.name });
		if (isZero(rate)) return [];
		const amount = (at: Rational) => quantity(at, row.unit);
		const far =
			low.at && high.at
				? say`, as long as there is between ${amount(low.at)} and ${amount(high.at)} of it`
				: low.at
					? say`, as long as there is at least ${amount(low.at)} of it`
					: high.at
						? say`, as long as there is at most ${amount(high.at)} of it`
						: say`, however much there is of it`;
		return [
			say`One more${row.unit ? ` ${row.unit}` : ''} of ${{ constraint: row.name }} changes ${name} by ${quantity(rate, unit)}${far}.`
		];
	});
}

/** What lies between two numbers on a run, for a table of its stretches. */
export function stretchSentences(stretches: readonly Stretch[]): Sentence[] {
	return stretches.map(({ from, to, tableau, limit, pivot, beyond }) => {
		const named = (id: string) => say`${tableau.form.columns.find((own) => own.id === id)!}`;
		if (!to || !limit) return say`From ${from} on the basis stays for ever.`;
		const until = say`From ${from} to ${to}: there ${columnOf(tableau, limit.column)} reaches 0`;
		if (pivot) return say`${until}, and ${named(pivot.enter)} comes in for ${named(pivot.leave)}.`;
		return beyond === 'infeasible'
			? say`${until}; beyond there is no plan.`
			: say`${until}; beyond there is no end.`;
	});
}

/** Stretches of both directions as one line, from the lowest number to the highest. */
export const inLine = (down: readonly Stretch[], up: readonly Stretch[]): Stretch[] => [
	...withLength(down).reverse(),
	...withLength(up)
];

/**
 * How far a coefficient inside a row may move while the plan stays optimal: exact where its variable is at a bound and not basic; of a basic variable only
 * solving anew tells.
 */
export function coefficientSentences(t: Tableau, row: string, variable: string): Sentence[] {
	const { problem, substitutions } = t.form;
	const { parts } = substitutions.find((own) => own.variable === variable)!;
	const now = problem.constraints.find(({ name }) => name === row)!.terms.get(variable) ?? ZERO;
	const said = say`The ${now} of ${variable} in ${{ constraint: row }}`;
	if (parts.some(({ column }) => t.basis.includes(column)))
		return [
			say`${said}: ${variable} is basic, so a change of it moves the plan itself and everything with it. Try it: change it in the statement, one undo takes it back.`
		];
	const duals = dualValues(t);
	const dual = duals.get(row) ?? ZERO;
	const left = reducedCosts(t.form, duals).get(variable)!;
	const { name, sense } = problem.objective;
	if (isZero(dual))
		return [
			say`${said} may be anything: ${{ constraint: row }} is worth nothing here and ${variable} is not made.`
		];
	// reduced cost left − dual · δ must keep its sign
	const change = left.div(dual);
	const isDown = sign(dual) * (sense === 'max' ? 1 : -1) > 0;
	return [
		say`${said} may ${isDown ? 'fall' : 'rise'} by ${change.abs()}, to ${now.add(change)}, and ${isDown ? 'rise' : 'fall'} without end: ${variable} is not made, and a unit of it changes ${name} by ${left}, which is 0 after ${inBrackets(left)} ÷ ${inBrackets(dual)} = ${change}.`
	];
}
