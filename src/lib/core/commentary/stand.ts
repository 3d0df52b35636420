import { certify } from '../answer/certificate';
import { summedRows, greatest } from '../answer/check';
import { standingProblem, type Multipliers } from '../answer/multipliers';
import { findingWords } from '../method/messages';
import { goalsOf } from '../method/primal';
import type { Decision, End, Work } from '../method/types';
import type { Position } from '../position/position';
import { improvingPositions } from '../method/rules';
import { isZero, type Rational } from '../number/rational';
import { withoutZeros, type Problem } from '../problem/types';
import { OBJECTIVE } from '../tableau/goal';
import { isInRegion, type Tableau } from '../tableau/tableau';
import { optimalRemark, unboundedRemark } from './conclusion';
import {
	claim,
	isOrAre,
	joined,
	linear,
	midSentence,
	NOTHING_SAID,
	say,
	taken,
	type Remark,
	type Sentence
} from '../sentence/sentence';

/** The combination of constraints that contradicts itself, spelled out so that it can be checked by hand (Farkas 1902). */
export function contradictionSentences(problem: Problem, multipliers: Multipliers): Sentence[] {
	const used = [...multipliers].filter(([, value]) => !isZero(value));
	if (used.length === 0) return [say`The bounds of a variable exclude each other.`];
	const rows = taken(used.map(([name, times]) => ({ times, row: say`${{ constraint: name }}` })));
	const { terms, rhs } = summedRows(problem, multipliers);
	const left = linear(withoutZeros(terms));
	const most: Rational | null = greatest(problem, terms);
	const limit =
		most === null
			? NOTHING_SAID
			: say` But the signs and bounds of the variables keep the left side at ${most} or below.`;
	return [say`${rows}: ${left} ≥ ${rhs}.${limit} No plan satisfies both.`];
}

function infeasibleRemark(end: Extract<End, { status: 'infeasible' }>, why: readonly Sentence[]): Remark {
	const certificate = certify(end);
	const standing = standingProblem(end.tableau.form);
	const proof =
		certificate?.kind === 'infeasible'
			? certificate.variable
				? [say`The bounds of ${certificate.variable} exclude each other.`]
				: standing
					? contradictionSentences(standing, certificate.multipliers)
					: []
			: [];
	return {
		tone: 'conclusion',
		heading: say`Infeasible`,
		sentences: [...why, ...proof]
	};
}

/** Why a method does what it decides, in words. */
const told = (t: Tableau, { because }: Decision): Sentence[] => because.map((own) => findingWords(t, own));

/** Something that can be done here, in words. */
interface Way {
	readonly says: Sentence;
}

/** What is in the way of the method at work, and the ways on. */
function stuckRemark(
	{ tableau: t, part }: Work,
	decision: Extract<Decision, { kind: 'stuck' }>,
	ways: readonly Way[]
): Remark {
	const outside = decision.trouble === 'not-feasible';
	const inside = outside && isInRegion(t);
	const on = ways.map(({ says }) => midSentence(says));
	// while M stands in the objective row it counts there
	const goals = part === 'big-m' ? goalsOf(t, part) : [OBJECTIVE];
	const dual = outside && improvingPositions(t, goals).length === 0;
	const headings: Record<typeof decision.trouble, string> = {
		'vacant-rows': 'Rows without a basic variable',
		'artificials-left': 'Not met yet',
		'not-feasible': inside ? 'Not a feasible basis' : 'Outside the region',
		'not-dual-feasible': 'Not for the dual method'
	};
	return {
		tone: outside ? 'warning' : 'hint',
		heading: say`${headings[decision.trouble]}`,
		sentences: [
			...(inside
				? [
						say`The point is in the region, but it is written with a negative part: a free variable is the difference of two columns, and neither may be negative.`
					]
				: []),
			...told(t, decision),
			...(dual
				? [
						say`The tableau is dual feasible: the dual simplex method would make it feasible.${claim({ is: 'dual-feasible', t, holds: true })}`
					]
				: []),
			...(on.length > 0 ? [say`Ways on: go back in the trail; or ${joined(on, '; or ', '; or ')}.`] : [])
		]
	};
}

/** What is told instead of what is true of a tableau whose numbers are covered: that so many of them are. */
export const coveredRemark = (count: number): Remark => ({
	tone: 'hint',
	heading: say`Covered`,
	sentences: [
		say`${count} ${count === 1 ? 'number' : 'numbers'} of this tableau ${isOrAre(count)} covered: what is said of them waits until they are shown.`
	]
});

const nothingBegun: Remark = {
	tone: 'hint',
	heading: say`The problem as stated`,
	sentences: [say`Choose a way to start: from the slacks, with artificial variables, or without a basis.`]
};

/**
 * What is true where one stands: a conclusion, what is in the way, or what comes next.
 * @param decision what the method at work would do; null where nothing was begun
 * @param ways what can be done here
 */
export function standRemarks(position: Position, decision: Decision | null, ways: readonly Way[]): Remark[] {
	const { work } = position;
	if (!work || !decision) return [nothingBegun];
	switch (decision.kind) {
		case 'stuck':
			return [stuckRemark(work, decision, ways)];
		case 'hand-over':
			return [{ tone: 'hint', heading: say`Next`, sentences: told(work.tableau, decision) }];
		case 'end': {
			const { end } = decision;
			if (end.status === 'optimal') return [optimalRemark(end.tableau)];
			if (end.status === 'unbounded') return [unboundedRemark(end.tableau, end.position)];
			return [infeasibleRemark(end, told(work.tableau, decision))];
		}
		case 'pivot':
			return [];
	}
}

/** A basis that was seen before on the way. */
export const cycleRemark = (steps: number): Remark => ({
	tone: 'warning',
	heading: say`The same basis again`,
	sentences: [
		say`This basis was here ${steps} steps ago, and every step since had length 0: the rule goes round in a circle, and would for ever. Bland’s rule, or lexicographic ties, cannot do that.`
	]
});
