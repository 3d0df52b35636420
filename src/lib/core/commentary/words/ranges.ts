import { en } from '../../language/language';
import { sign, type Rational } from '../../number/rational';
import type { Varied } from '../../problem/varied';
import type { CoefficientEnd } from '../../answer/coefficient-interval';
import type { Plan, Problem } from '../../problem/types';
import { words, type Catalogue } from '../../sentence/catalogue';
import {
	byLayout,
	claim,
	inBrackets,
	joined,
	NOTHING_SAID,
	say,
	type Sentence
} from '../../sentence/sentence';
import type {
	BendFinding,
	EndFinding,
	NumberFinding,
	ReachFinding,
	SideFinding,
	StopFinding,
	StretchFinding
} from '../range-findings';
import type { PriceFinding, ThenFinding } from '../price-findings';
import type { CoefficientFinding } from '../ranges';
import type { Column } from '../../form/types';
import { planSentence, quantity, singular } from './plan';

/** The words of one number of a problem: how far it may move, what it is worth, and what happens beyond. */

/** `the amount of clay`, or `the coefficient of bowls in profit`: what a number is called. */
export const calledNumber = (problem: Problem, varied: Varied): Sentence =>
	'rhs' in varied
		? say`the amount of ${{ constraint: varied.rhs }}`
		: say`the coefficient of ${varied.objective} in ${problem.objective.name}`;

/** The unit of a number, as far as it is known. */
export function unitOfNumber(problem: Problem, varied: Varied): string | undefined {
	if ('rhs' in varied) return problem.constraints.find(({ name }) => name === varied.rhs)?.unit;
	const { unit } = problem.objective;
	const per = problem.variables.find(({ name }) => name === varied.objective)?.unit;
	return unit && per ? en`${unit} per ${per}` : unit;
}

/** `kg`, or `unit`: one of a number. */
function unitFor(problem: Problem, varied: Varied): string {
	const unit = 'rhs' in varied ? unitOfNumber(problem, varied) : undefined;
	return unit ? singular(unit) : en`unit`;
}

/** `kg of clay`, or `unit of r1`: one of a right-hand side. */
const oneOf = (problem: Problem, row: string): Sentence =>
	say`${unitFor(problem, { rhs: row })} of ${{ constraint: row }}`;

const WAYS = { high: en`increase`, low: en`decrease` } as const;
const entryOf = (column: Column) =>
	byLayout(
		say`the entry of ${column} in the objective row`,
		say`the coefficient of ${column} in the objective`
	);
const increases = (by: Rational): string => (sign(by) > 0 ? en`increases` : en`decreases`);
const signed = (by: Rational): Sentence => (sign(by) > 0 ? say`+${by}` : say`−${by.abs()}`);
/** `Each extra kg`, `Each kg less` */
const each = (problem: Problem, varied: Varied, way: 'more' | 'less'): Sentence => {
	const unit = unitFor(problem, varied);
	return way === 'less' ? say`Each ${unit} less` : say`Each extra ${unit}`;
};

/** The computation of where an amount, or an entry of the objective row, reaches 0. */
const division = ({
	value,
	by,
	size
}: Extract<EndFinding, { code: 'amount-reaches-zero' | 'entry-reaches-zero' }>): Sentence =>
	say`${inBrackets(value)} ÷ ${by.abs()} = ${size}`;

/** What one unit more or less changes the objective by; where there is no best plan then, that. */
function sideOf(problem: Problem, { row, way, change, worth }: SideFinding): Sentence {
	const { name, unit } = problem.objective;
	const unitOf = unitFor(problem, { rhs: row });
	const one =
		way === 'more'
			? say`one ${unitOf} more of ${{ constraint: row }}`
			: say`one ${unitOf} less of ${{ constraint: row }}`;
	return change === null
		? say`with ${one} no best plan exists${claim(worth)}`
		: say`${one} changes ${name} by ${quantity(change, unit)}${claim(worth)}`;
}

/** How long each one more is worth that much, where it is bought. */
const BOUGHT: Catalogue<ThenFinding, Problem> = {
	'rate-changes': ({ row, first, each: own }, problem) =>
		say` Its first ${first} ${unitOfNumber(problem, { rhs: row }) ?? en`units`} bring ${own} each; after that the rate changes.`,
	'every-further': () => say` So is every further one.`,
	'holds-for': ({ room }) => say` This holds for up to ${room} more.`,
	'holds-for-one': () => NOTHING_SAID
};

/** The same of a requirement that is taken on. */
const TAKEN_ON: Catalogue<ThenFinding, Problem> = {
	...BOUGHT,
	'rate-changes': ({ row, first, each: own }, problem) =>
		say` Its first ${first} ${unitOfNumber(problem, { rhs: row }) ?? en`units`} cost ${own} each; after that the rate changes.`,
	'every-further': () => say` Every further one costs as much.`
};

type Priced = Extract<PriceFinding, { size: Rational }>;
const isWorth = ({ row, worth, size }: Priced, problem: Problem): Sentence =>
	say`one more ${oneOf(problem, row)} is worth ${quantity(size, problem.objective.unit)}${claim(worth)}`;
const costs = ({ row, worth, size }: Priced, problem: Problem): Sentence =>
	say`one more ${oneOf(problem, row)} costs ${quantity(size, problem.objective.unit)}${claim(worth)}`;

const UNTIL: Catalogue<Extract<StretchFinding, { code: 'until' }>['then'], { readonly past: string }> = {
	pivot: ({ enter, leave }) => say`, ${enter} enters and ${leave} leaves.`,
	infeasible: (_, { past }) => say`; ${past} it no plan is feasible.`,
	unbounded: (_, { past }) => say`; ${past} it the objective is unbounded.`
};

const MOVES = { decrease: WAYS.low, increase: WAYS.high };
const REACHES: Catalogue<ReachFinding, { readonly way: 'decrease' | 'increase' }> = {
	'without-limit': (_, { way }) => say`${MOVES[way]} without limit`,
	'to-before': ({ end }, { way }) =>
		way === 'decrease' ? say`decrease to any value above ${end}` : say`increase to any value below ${end}`,
	'not-at-all': (_, { way }) => say`not ${MOVES[way]}`,
	'by-to': ({ by, end }, { way }) => say`${MOVES[way]} by ${by}, to ${end}`
};
/** Why a coefficient goes no farther to a side. */
const STOPS: Readonly<Record<CoefficientEnd, (of: CoefficientFinding) => Sentence>> = {
	violates: ({ row }) => say`the plan violates ${{ constraint: row }}`,
	improves: ({ variable }) => say`a plan with another amount of ${variable} or of others is better`
};
const BEYOND = { low: en`Below`, high: en`Above` } as const;
const stop = (of: CoefficientFinding, { side, end, isOpen, by }: StopFinding): Sentence =>
	say`${isOpen ? en`At` : BEYOND[side]} ${end} ${STOPS[by](of)}.`;
const coefficient = ({ row, variable, now }: CoefficientFinding): Sentence =>
	say`The ${now} of ${variable} in ${{ constraint: row }}`;

/** How the optimal value bends, and why. */
const BENDS: Readonly<
	Record<BendFinding['of'], Readonly<Record<BendFinding['sense'], (goal: string) => Sentence>>>
> = {
	'<=': {
		max: () => say`It is concave: the first units go where they earn most, later ones earn less.`,
		min: () => say`It is convex: the first units save most, later ones save less.`
	},
	'>=': {
		max: (goal) =>
			say`It is concave: the first units that are asked for take least from ${goal}, later ones take more.`,
		min: () =>
			say`It is convex: what is asked for is met the cheapest way first, and more of it costs more per unit.`
	},
	'=': {
		max: (goal) =>
			say`It is concave: each further unit adds less to ${goal} than the one before, or takes more from it.`,
		min: (goal) =>
			say`It is convex: each further unit adds more to ${goal} than the one before, or takes less from it.`
	},
	coefficient: {
		max: () =>
			say`It is convex: the value of each plan is a straight line, and the best value is the highest of them.`,
		min: () =>
			say`It is concave: the value of each plan is a straight line, and the best value is the lowest of them.`
	}
};

const NUMBERS: Catalogue<NumberFinding, Problem> = {
	bends: ({ sense, of }, { objective }) => BENDS[of][sense](objective.name),
	'no-end': ({ side }) => say`It can ${WAYS[side]} without limit.`,
	'amount-is-zero': ({ side, column }) => say`It cannot ${WAYS[side]} at all: ${column} is 0 already.`,
	'entry-is-zero-already': ({ side, column }) =>
		say`It cannot ${WAYS[side]} at all: ${entryOf(column)} is 0 already.`,
	'amount-reaches-zero': (found, problem) => {
		const { side, column, varied, end, value, by, size } = found;
		return say`It can ${WAYS[side]} by ${size}, to ${end}. There ${column} reaches 0: it is ${value} now and ${sign(by) < 0 ? en`loses` : en`gains`} ${by.abs()} per ${unitFor(problem, varied)}, and ${division(found)}.`;
	},
	'entry-reaches-zero': (found) => {
		const { side, column, end, size } = found;
		return say`It can ${WAYS[side]} by ${size}, to ${end}. There ${entryOf(column)} reaches 0: ${division(found)}.`;
	},

	'single-value': () => say`The interval of this basis is this single value, so its rate holds nowhere else.`,
	'changes-nothing': ({ worth }, { objective }) =>
		say`${objective.name} does not change with it.${claim(worth)}`,
	'each-unit': ({ varied, way, by, room, worth }, problem) => {
		const { name, unit } = problem.objective;
		const far = room
			? say`, up to ${quantity(room, unitOfNumber(problem, varied))} ${way === 'less' ? en`less` : en`more`}`
			: NOTHING_SAID;
		return say`${each(problem, varied, way)} ${increases(by)} ${name} by ${quantity(by.abs(), unit)}${far}.${claim(worth)}`;
	},
	'let-off': ({ row, by }, problem) =>
		say`Requiring one less ${oneOf(problem, row)} ${increases(by)} ${problem.objective.name} by ${quantity(by.abs(), problem.objective.unit)}.`,
	'part-of-best-plan': ({ variable, from }, { objective }) =>
		say`From ${from} ${objective.sense === 'max' ? en`on` : en`down`}, ${{ constraint: variable }} is part of a best plan.`,
	'basis-stays': () =>
		say`Within the interval the basis and the dual values stay the same; the amounts of the basic variables change.`,
	'plan-stays-within': ({ plan }, problem) =>
		say`Within the interval the plan stays the same: ${planSentence(problem, plan)}.`,
	'plan-moves': ({ varied, way, moving }, problem) =>
		say`${each(problem, varied, way)} changes the plan: ${joined(moving.map(({ variable, by }) => say`${variable} by ${signed(by)}`))}.`,

	'current-value': () => say`This is the current value.`,
	'rate-holds': ({ rate, by, start }, { objective: { name, unit } }) => {
		const change = rate.mul(by);
		return say`This is within the interval, so the rate holds: ${inBrackets(rate)} · ${inBrackets(by)} = ${change}, and ${name} is ${start} + ${inBrackets(change)} = ${quantity(start.add(change), unit)}.`;
	},
	'basis-changes': ({ pivots }) =>
		say`This is beyond the interval, so the basis changes: ${joined(
			pivots.map(({ at, enter, leave }) => say`at ${at} ${enter} enters and ${leave} leaves`),
			'; ',
			'; '
		)}.`,
	'infeasible-beyond': ({ at }) => say`Beyond ${at} no plan is feasible.`,
	'unbounded-beyond': ({ at }, { objective }) => say`Beyond ${at} ${objective.name} is unbounded.`,

	'no-plan-with-more': ({ row, worth }, problem) =>
		say`No: with one more ${oneOf(problem, row)} no best plan exists.${claim(worth)}`,
	'more-does-not-improve': ({ row, worth }, problem) =>
		say`No: one more ${oneOf(problem, row)} does not improve ${problem.objective.name}.${claim(worth)}`,
	'more-costs-nothing': ({ row, worth }, problem) =>
		say`Yes: one more ${oneOf(problem, row)} does not change ${problem.objective.name}.${claim(worth)}`,
	'worth-more': (found, problem) =>
		say`Yes: ${isWorth(found, problem)}, ${found.apart} more than it costs.${words(BOUGHT, found.then, problem)}`,
	'worth-the-price': (found, problem) =>
		say`It makes no difference: ${isWorth(found, problem)}, exactly what it costs.${words(BOUGHT, found.then, problem)}`,
	'worth-less': (found, problem) =>
		say`No: ${isWorth(found, problem)}, ${found.apart} less than it costs.${words(BOUGHT, found.then, problem)}`,
	'costs-less-than-paid': (found, problem) =>
		say`Yes: ${costs(found, problem)}, ${found.apart} less than is paid for it.${words(TAKEN_ON, found.then, problem)}`,
	'costs-what-is-paid': (found, problem) =>
		say`It makes no difference: ${costs(found, problem)}, exactly what is paid for it.${words(TAKEN_ON, found.then, problem)}`,
	'costs-more-than-paid': (found, problem) =>
		say`No: ${costs(found, problem)}, ${found.apart} more than is paid for it.${words(TAKEN_ON, found.then, problem)}`,

	'two-rates-of-amount': ({ more, less }, problem) =>
		say`Two rates meet here: ${sideOf(problem, more)}, and ${sideOf(problem, less)}. This basis shows only one of the rates.`,
	'two-rates': ({ more, less }, { objective }) =>
		say`Two rates meet here: a small increase changes ${objective.name} by ${more} per unit, a small decrease by ${less.neg()}. This basis shows only one of them.`,
	'holds-farther': ({ rate, from, to }) =>
		say`The rate ${rate} holds from ${from ?? '−∞'} to ${to ?? '∞'}, farther than this basis.`,

	'nothing-changed': () => say`Change a number first.`,
	'cannot-move': () =>
		say`One of the numbers cannot move in that direction at all, so the rule says nothing.`,
	shares: ({ shares, sum }, problem) => {
		const told = joined(
			shares.map(({ varied, by, room, share }) =>
				room
					? say`${calledNumber(problem, varied)}: ${by} of ${room} is ${share}`
					: say`${calledNumber(problem, varied)}: no limit in that direction, 0`
			),
			'; ',
			'; '
		);
		return say`Each change, as a share of the largest it could be alone: ${told}. The sum is ${sum}.`;
	},
	'basis-stays-optimal': () => say`That is at most 1, so the basis stays optimal.`,
	'rule-says-nothing': () =>
		say`That is more than 1, so the rule says nothing: the basis may or may not stay optimal. The map shows which.`,

	'sides-differ': ({ more, less }, problem) =>
		say`At this corner one more and one less differ: ${sideOf(problem, more)}; ${sideOf(problem, less)}.`,
	'each-extra': ({ row, rate, low, high, worth }, problem) => {
		const { name, unit } = problem.objective;
		const amount = (at: Rational) => quantity(at, row.unit);
		const far =
			low && high
				? say` while ${{ constraint: row.name }} is between ${amount(low)} and ${amount(high)}`
				: low
					? say` while ${{ constraint: row.name }} is at least ${amount(low)}`
					: high
						? say` while ${{ constraint: row.name }} is at most ${amount(high)}`
						: NOTHING_SAID;
		return say`Each extra ${oneOf(problem, row.name)} changes ${name} by ${quantity(rate, unit)}${far}.${claim(worth)}`;
	},

	'stays-optimal': ({ from, isFalling }) =>
		say`${isFalling ? en`Below` : en`Beyond`} ${from} the basis stays optimal.`,
	until: ({ from, to, isFalling, column, isBasic, then }) =>
		say`From ${from} ${isFalling ? en`down ` : ''}to ${to}: there ${isBasic ? column : entryOf(column)} reaches 0${words(UNTIL, then, { past: isFalling ? en`below` : en`beyond` })}`,

	'any-value': ({ of }) => say`${coefficient(of)} may have any value: the plan stays the best plan.`,
	'cannot-change': ({ of, up, down }) =>
		up === down
			? say`${coefficient(of)} cannot change at all: after any change ${STOPS[up](of)}.`
			: say`${coefficient(of)} cannot change at all: if it increases, ${STOPS[up](of)}; if it decreases, ${STOPS[down](of)}.`,
	'can-change': ({ of, up, down, stops }) =>
		say`${coefficient(of)} can ${words(REACHES, down, { way: 'decrease' })} and ${words(REACHES, up, { way: 'increase' })} while the plan stays the best plan. ${joined(
			stops.map((own) => stop(of, own)),
			' ',
			' '
		)}`
};

/** What is found of a number, in words. @param problem whose number it is */
export const numberWords = (problem: Problem, found: NumberFinding): Sentence =>
	words(NUMBERS, found, problem);

/** The best plan with a number as it was moved. */
export const movedPlanSentence = (problem: Problem, plan: Plan): Sentence =>
	say`The best plan is then ${planSentence(problem, plan)}.`;
