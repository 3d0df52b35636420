import { judge, type Judgement } from '../method/hand';
import * as reasons from '../method/messages';
import { goalsOf } from '../method/primal';
import { costSign, stepLength } from '../method/rules';
import type { Choice, Part, RuleName, Work } from '../method/types';
import { ruleNamed } from '../method/types';
import { isZero, sign, type Rational } from '../number/rational';
import { BIG_M, INFEASIBILITY, OBJECTIVE } from '../tableau/goal';
import { rowRatios, sameSign, tightestRows } from '../tableau/ratio';
import {
	cell,
	columnOf,
	cost,
	entryAt,
	goalValue,
	hasGoal,
	isArtificial,
	isInRegion,
	isPrimalFeasible,
	objectiveValue,
	rhs,
	rhsCell,
	type Tableau
} from '../tableau/tableau';
import { columnMeaning, placeSentence, quantity } from './plan';
import { INFEASIBILITY_NAME, joined, NOTHING_SAID, say, type Remark, type Sentence } from './sentence';

type By = RuleName | 'hand';

const name = (t: Tableau, index: number): Sentence => say`${columnOf(t, index)}`;

/** What each unit of the entering variable does to what the part of the method works for. */
function perUnit(t: Tableau, part: Part, entering: number): Sentence {
	if (part === 'phase-one') {
		const rate = cost(t, INFEASIBILITY, entering);
		const verb = isZero(rate)
			? say`leaves ${INFEASIBILITY_NAME} as it is`
			: say`${sign(rate) < 0 ? 'lowers' : 'raises'} ${INFEASIBILITY_NAME} by ${rate.abs()}`;
		return say`each unit ${verb}`;
	}
	if (part === 'big-m' && !isZero(cost(t, BIG_M, entering))) {
		const rate = cost(t, BIG_M, entering);
		return say`each unit ${sign(rate) < 0 ? 'lowers' : 'raises'} the artificial variables by ${rate.abs()} in all`;
	}
	const { objective } = t.form.problem;
	const rate = cost(t, OBJECTIVE, entering);
	if (isZero(rate)) return say`each unit leaves ${objective.name} as it is`;
	const up = sign(rate) < 0 === (objective.sense === 'max');
	return say`each unit ${up ? 'raises' : 'lowers'} ${objective.name} by ${rate.abs()}`;
}

/** The ratios that the method at work compares for a pivot. */
function comparison(t: Tableau, part: Part, choice: Choice): Sentence {
	if (part === 'dual') {
		const compared = rowRatios(t, choice.row, OBJECTIVE).flatMap(({ position, value }) =>
			value
				? [
						{
							name: name(t, t.nonbasic[position]),
							top: cost(t, OBJECTIVE, t.nonbasic[position]),
							bottom: entryAt(t, choice.row, position).abs(),
							value
						}
					]
				: []
		);
		return reasons.rowRatios(t, name(t, choice.leaving), compared);
	}
	const lines = t.basis.flatMap((basic, row) => {
		const counts = part === 'repair' ? sameSign(t, row, choice.position) : cell(t, row, choice.position) > 0;
		if (!counts) return [];
		const [top, bottom] = [rhs(t, row), entryAt(t, row, choice.position)];
		return [{ name: name(t, basic), top, bottom, value: top.div(bottom) }];
	});
	return part === 'repair'
		? reasons.repairRatios(lines)
		: reasons.columnRatios(lines, lines.length < t.basis.length);
}

/** Other rows whose ratio is as small as that of the row chosen. */
function tiedWith(t: Tableau, choice: Choice): number[] {
	const tight = tightestRows(t, choice.position);
	return tight.includes(choice.row) ? tight.filter((row) => row !== choice.row) : [];
}

/** Which variable leaves and why, in a ratio test down the column. */
function leavingSentence(t: Tableau, choice: Choice): Sentence {
	const leaving = columnMeaning(t.form, columnOf(t, choice.leaving));
	if (!tightestRows(t, choice.position).includes(choice.row)) return say`${leaving} leaves.`;
	const tied = tiedWith(t, choice);
	const tie =
		tied.length > 0
			? say` (a tie with ${joined(tied.map((row) => name(t, t.basis[row])))}: the next corner is degenerate)`
			: NOTHING_SAID;
	return say`${leaving} reaches 0 first and leaves${tie}.`;
}

/** Whether the entering column improves what the part of the method works for. */
const drivenByGoal = (t: Tableau, part: Part, { position }: Choice): boolean =>
	costSign(t, goalsOf(t, part), position) < 0;

/** What entered and left, why, and against which ratios. */
function account({ tableau: t, part }: Work, choice: Choice, by: By): Sentence[] {
	const entering = columnMeaning(t.form, columnOf(t, choice.entering));
	const leaving = columnOf(t, choice.leaving);
	if (leaving.kind === 'vacant' || (part === 'repair' && leaving.kind === 'artificial'))
		return [reasons.fillsVacancy(t, choice.row), say`${entering} becomes basic there.`];
	const zeroArtificial = isArtificial(t, choice.leaving) && !rhsCell(t, choice.row) && by !== 'hand';
	if (zeroArtificial && !(cell(t, choice.row, choice.position) > 0 && drivenByGoal(t, part, choice)))
		return [reasons.drivesOut(t, choice.row), say`${entering} takes its place.`];
	const rule = by === 'hand' ? null : ruleNamed(by);
	if (part === 'dual') {
		const why =
			rule && rhsCell(t, choice.row) < 0
				? reasons.dualLeaves(t, choice.row, rule.entering === 'bland')
				: say`chosen by hand`;
		const first = say`${columnMeaning(t.form, leaving)} leaves: ${why}.`;
		return [first, comparison(t, part, choice), say`${entering} enters.`];
	}
	if (part === 'repair') {
		const negative = t.basis.map((_, row) => row).filter((row) => rhsCell(t, row) < 0);
		const target = negative.length ? negative.reduce((a, b) => (t.basis[b] < t.basis[a] ? b : a)) : null;
		const why =
			target !== null && rule
				? say`${reasons.repairs(t, target)}: ${entering} enters.`
				: say`${entering} enters, chosen by hand.`;
		return [why, comparison(t, part, choice), say`${columnMeaning(t.form, leaving)} leaves.`];
	}
	const goal = goalsOf(t, part).find((own) => !isZero(cost(t, own, choice.entering))) ?? OBJECTIVE;
	const why = rule ? reasons.entersBy(t, goal, rule.entering) : say`chosen by hand`;
	const first = say`${entering} enters, ${why}: ${perUnit(t, part, choice.entering)}.`;
	if (!isPrimalFeasible(t)) return [first, say`${columnMeaning(t.form, leaving)} leaves.`];
	return [first, comparison(t, part, choice), leavingSentence(t, choice)];
}

/** `rises by 30 thalers to 30 thalers` */
function moved(
	what: Sentence,
	before: Rational,
	after: Rational,
	unit: string | undefined,
	still: Sentence
): Sentence {
	const change = after.sub(before);
	if (isZero(change)) return say`${what} stays at ${quantity(after, unit)}${still}`;
	return say`${what} ${sign(change) > 0 ? 'rises' : 'falls'} by ${quantity(change.abs(), unit)} to ${quantity(after, unit)}`;
}

/** What became of the objective, and of the sum of artificial variables where there is one. */
function effect(before: Tableau, after: Tableau, choice: Choice): Sentence[] {
	const { name: objective, unit } = before.form.problem.objective;
	const still = isZero(stepLength(before, choice))
		? say`: the step has length 0, the corner is degenerate`
		: NOTHING_SAID;
	const own = moved(say`${objective}`, objectiveValue(before), objectiveValue(after), unit, still);
	const goal = [INFEASIBILITY, BIG_M].find((g) => hasGoal(before, g));
	if (!goal) return [say`So ${own}.`];
	const sum = (t: Tableau) => goalValue(t, goal).neg();
	const what = goal === INFEASIBILITY ? say`${INFEASIBILITY_NAME}` : say`the sum of the artificial variables`;
	const told = isZero(sum(after).sub(sum(before))) ? NOTHING_SAID : still;
	return [say`So ${moved(what, sum(before), sum(after), undefined, NOTHING_SAID)}; ${own}${told}.`];
}

/** What a pivot by hand breaks, and why. */
function brokenSentences(t: Tableau, judgement: Judgement): Sentence[] {
	const { choice, smallerRatio, negativeEntry, newlyNegative, breaksDualFeasibility, gain } = judgement;
	const found: Sentence[] = [];
	if (judgement.breaksFeasibility) {
		const row = columnOf(t, choice.leaving);
		if (negativeEntry)
			found.push(
				say`The entry ${entryAt(t, choice.row, choice.position)} in row ${row} is negative: ${columnOf(t, choice.entering)} becomes negative there.`
			);
		else if (smallerRatio)
			found.push(
				say`${row} is not the row to leave: its ratio ${smallerRatio.own} is larger than ${smallerRatio.value} of ${name(t, t.basis[smallerRatio.row])}.`
			);
		const names = newlyNegative.map(({ column, value }) => say`${name(t, column)} = ${value}`);
		found.push(
			isInRegion(judgement.after)
				? say`A basic variable is negative now: ${joined(names)}.`
				: say`This leaves the region: ${joined(names)}.`
		);
	}
	if (breaksDualFeasibility)
		found.push(
			say`The objective row was already right; this pivot makes an entry ${{ sign: 'improving', goal: OBJECTIVE, objective: t.form.problem.objective }} again.`
		);
	else if (gain < 0 && !judgement.breaksFeasibility)
		found.push(
			say`This goes the wrong way: the entry of ${columnOf(t, choice.entering)} in the objective row is ${{ sign: 'other', goal: OBJECTIVE, objective: t.form.problem.objective }}, so the objective gets worse.`
		);
	return found;
}

/** Whether a pivot by hand can break anything that the method at work relies on. */
const relies = ({ tableau: t, part }: Work, choice: Choice): boolean =>
	part !== 'repair' && columnOf(t, choice.leaving).kind !== 'vacant';

/** What a pivot did: what entered and left and why, the ratios, the objective, the point; by hand also what it broke. */
export function pivotRemark(before: Work, after: Tableau, choice: Choice, by: By): Remark {
	const t = before.tableau;
	const judgement =
		by === 'hand' && relies(before, choice)
			? judge(t, goalsOf(t, before.part), choice.row, choice.position)
			: null;
	const broken = judgement ? brokenSentences(t, judgement) : [];
	const vacant = columnOf(t, choice.leaving).kind === 'vacant';
	return {
		tone: broken.length ? 'warning' : 'step',
		heading: vacant
			? say`${name(t, choice.entering)} becomes basic`
			: say`${name(t, choice.entering)} in, ${name(t, choice.leaving)} out`,
		sentences: [...broken, ...account(before, choice, by), ...effect(t, after, choice), placeSentence(after)]
	};
}
