import { isZero, sign, ZERO, type Rational } from '../../number/rational';
import type { Stretch } from '../../parametric/stretch';
import type { ValuePiece, Varied } from '../../parametric/value-function';
import type { Problem } from '../../problem/types';
import { words, type Catalogue } from '../../sentence/catalogue';
import { byLayout, inBrackets, joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import { columnOf, readPlan, type Tableau } from '../../tableau/tableau';
import { rangeReading, sidesAt, type CoefficientFinding, type RangeReading } from '../ranges';
import { planSentence, quantity } from './plan';

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
	const way = side === 'high' ? 'rise' : 'fall';
	if (!limit) return say`It may ${way} without end: nothing that it moves is at stake.`;
	const column = columnOf(t, limit.column);
	const size = limit.change.abs();
	const ratio = say`${inBrackets(limit.value)} ÷ ${limit.slope.abs()} = ${size}`;
	const what =
		'rhs' in varied
			? say`${column} is ${limit.value} and changes by ${limit.slope.mul(side === 'high' ? 1 : -1)} for each unit: after ${ratio} it is 0`
			: say`${byLayout(say`the entry of ${column} in the objective row`, say`the coefficient of ${column} in the objective`)} reaches 0 after ${ratio}`;
	return say`It may ${way} by ${size}, to ${now.add(limit.change)}: ${what}.`;
}

/** What a number is worth within its interval, and what moves with it. */
export function rangeSentences({ t, varied, rate, moving }: RangeReading): Sentence[] {
	const { problem } = t.form;
	const { name, unit } = problem.objective;
	const each = unit ? say` ${unit}` : NOTHING_SAID;
	const changes = isZero(rate)
		? say`${name} does not change with it.`
		: say`For each unit more ${name} ${rate.s > 0n ? 'rises' : 'falls'} by ${rate.abs()}${each}.`;
	const stays =
		'rhs' in varied
			? say`Within the interval the same variables stay basic and the dual values hold; the amounts of basic variables move.`
			: say`Within the interval the plan stays as it is: ${planSentence(problem, readPlan(t))}.`;
	const told = joined(moving.map(({ variable, by }) => say`${variable} by ${by}`));
	return [changes, stays, ...(moving.length ? [say`For each unit ${told}.`] : [])];
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

const COEFFICIENTS: Catalogue<CoefficientFinding, Tableau> = {
	'moves-the-plan': (found) =>
		say`${numberInRow(found)}: ${found.variable} is basic, so a change of it moves the plan itself and everything with it. Try it: change it in the statement, one undo takes it back.`,
	'may-be-anything': (found) =>
		say`${numberInRow(found)} may be anything: ${{ constraint: found.row }} is worth nothing here and ${found.variable} is not made.`,
	'may-move': (found, t) => {
		const { variable, now, reducedCost, dual, change, falls } = found;
		return say`${numberInRow(found)} may ${falls ? 'fall' : 'rise'} by ${change.abs()}, to ${now.add(change)}, and ${falls ? 'rise' : 'fall'} without end: ${variable} is not made, and a unit of it changes ${t.form.problem.objective.name} by ${reducedCost}, which is 0 after ${inBrackets(reducedCost)} ÷ ${inBrackets(dual)} = ${change}.`;
	}
};

const numberInRow = ({ now, variable, row }: CoefficientFinding): Sentence =>
	say`The ${now} of ${variable} in ${{ constraint: row }}`;

/** How far a coefficient inside a row may move. @param t the tableau at which it was found */
export const coefficientSentence = (t: Tableau, found: CoefficientFinding): Sentence =>
	words(COEFFICIENTS, found, t);
