import { isDualFeasible, leavingFinding } from '../method/dual';
import { judge, type Judgement } from '../method/hand';
import * as reasons from '../method/messages';
import { enteringFinding, goalsOf } from '../method/primal';
import { costSign, moves } from '../method/rules';
import type { Choice, Part, Work } from '../method/types';
import type { RuleName } from '../method/rule';
import { ruleNamed } from '../method/rule';
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
import {
	byLayout,
	claim,
	entrySign,
	entryValue,
	INFEASIBILITY_NAME,
	joined,
	NOTHING_SAID,
	say,
	type Remark,
	type Sentence
} from '../sentence/sentence';

type By = RuleName | 'hand';

const name = (t: Tableau, index: number): Sentence => say`${columnOf(t, index)}`;

/** What each unit of the entering variable does to what the part of the method works for. */
function perUnit(t: Tableau, part: Part, entering: number): Sentence {
	if (part === 'phase-one') {
		const rate = cost(t, INFEASIBILITY, entering);
		const told = claim({ is: 'rate', t, goal: INFEASIBILITY, column: entering, change: rate });
		if (isZero(rate)) return say`each unit leaves ${INFEASIBILITY_NAME} as it is${told}`;
		const down = sign(rate) < 0;
		if (down && isZero(goalValue(t, INFEASIBILITY)))
			return say`each unit would lower ${INFEASIBILITY_NAME} by ${rate.abs()}, but it is 0 already${told}`;
		return say`each unit ${down ? 'lowers' : 'raises'} ${INFEASIBILITY_NAME} by ${rate.abs()}${told}`;
	}
	if (part === 'big-m' && !isZero(cost(t, BIG_M, entering))) {
		const rate = cost(t, BIG_M, entering);
		return say`each unit ${sign(rate) < 0 ? 'lowers' : 'raises'} the artificial variables by ${rate.abs()} in all`;
	}
	const { objective } = t.form.problem;
	const rate = cost(t, OBJECTIVE, entering);
	const up = sign(rate) < 0 === (objective.sense === 'max');
	const told = claim({
		is: 'rate',
		t,
		goal: OBJECTIVE,
		column: entering,
		change: up ? rate.abs() : rate.abs().neg()
	});
	if (isZero(rate)) return say`each unit leaves ${objective.name} as it is${told}`;
	return say`each unit ${up ? 'raises' : 'lowers'} ${objective.name} by ${rate.abs()}${told}`;
}

/** The ratios that the method at work compares for a pivot. */
function comparison(t: Tableau, part: Part, choice: Choice): Sentence {
	if (part === 'dual') {
		// where the objective row is not dual feasible, quotients along the row say nothing
		if (!isDualFeasible(t)) return NOTHING_SAID;
		const compared = rowRatios(t, choice.row, OBJECTIVE).flatMap(({ position, value }) =>
			value
				? [
						{
							name: name(t, t.nonbasic[position]),
							top: cost(t, OBJECTIVE, t.nonbasic[position]),
							bottom: entryAt(t, choice.row, position).abs(),
							value,
							over: { row: OBJECTIVE, column: t.nonbasic[position] },
							under: { row: choice.row, column: t.nonbasic[position] }
						}
					]
				: []
		);
		return reasons.rowRatios(t, choice.row, name(t, choice.leaving), compared);
	}
	const lines = t.basis.flatMap((basic, row) => {
		const counts = part === 'repair' ? sameSign(t, row, choice.position) : cell(t, row, choice.position) > 0;
		if (!counts) return [];
		const [top, bottom] = [rhs(t, row), entryAt(t, row, choice.position)];
		const [over, under] = [
			{ row, column: 'rhs' },
			{ row, column: choice.entering }
		] as const;
		return [{ name: name(t, basic), top, bottom, value: top.div(bottom), over, under }];
	});
	return part === 'repair'
		? reasons.repairRatios(t, lines)
		: reasons.columnRatios(t, choice.entering, lines, lines.length < t.basis.length);
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
		return [
			reasons.findingWords(t, { code: 'fills-vacancy', row: choice.row }),
			say`${entering} becomes basic there.`
		];
	const zeroArtificial = isArtificial(t, choice.leaving) && !rhsCell(t, choice.row) && by !== 'hand';
	const isDone = part === 'phase-one' && isZero(goalValue(t, INFEASIBILITY));
	if (
		zeroArtificial &&
		(isDone || !(cell(t, choice.row, choice.position) > 0 && drivenByGoal(t, part, choice)))
	)
		return [
			reasons.findingWords(t, { code: 'drives-out', row: choice.row }),
			say`${entering} takes its place.`
		];
	const rule = by === 'hand' ? null : ruleNamed(by);
	if (part === 'dual') {
		const why =
			rule && rhsCell(t, choice.row) < 0
				? reasons.findingWords(t, leavingFinding(choice.row, rule))
				: say`chosen by hand`;
		const first = say`${columnMeaning(t.form, leaving)} leaves: ${why}.`;
		return [first, comparison(t, part, choice), say`${entering} enters.`];
	}
	if (part === 'repair') {
		const negative = t.basis.map((_, row) => row).filter((row) => rhsCell(t, row) < 0);
		const target = negative.length ? negative.reduce((a, b) => (t.basis[b] < t.basis[a] ? b : a)) : null;
		const why =
			target !== null && rule
				? say`${reasons.findingWords(t, { code: 'repairs', row: target })}: ${entering} enters.`
				: say`${entering} enters, chosen by hand.`;
		return [why, comparison(t, part, choice), say`${columnMeaning(t.form, leaving)} leaves.`];
	}
	const goal = goalsOf(t, part).find((own) => !isZero(cost(t, own, choice.entering))) ?? OBJECTIVE;
	const why = rule ? reasons.findingWords(t, enteringFinding(t, choice, goal, rule)) : say`chosen by hand`;
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
	const still = !moves(before, choice)
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

const signClaim = (t: Tableau, { row, entering: column }: Choice) =>
	byLayout(
		claim({ is: 'sign', t, cell: { row, column }, sign: 'negative' }),
		claim({ is: 'sign', t, cell: { row, column }, sign: 'positive' })
	);

/** What a pivot by hand breaks, and why. */
function brokenSentences({ tableau: t, part }: Work, judgement: Judgement): Sentence[] {
	const { choice, smallerRatio, negativeEntry, newlyNegative, breaksDualFeasibility, gain } = judgement;
	const found: Sentence[] = [];
	if (judgement.breaksFeasibility) {
		const row = columnOf(t, choice.leaving);
		if (negativeEntry)
			found.push(
				say`The entry ${entryValue(entryAt(t, choice.row, choice.position))} in row ${row} is ${entrySign('negative')}: ${columnOf(t, choice.entering)} becomes negative there.${signClaim(t, choice)}`
			);
		else if (smallerRatio)
			found.push(
				say`${row} is not the row to leave: its ratio ${smallerRatio.own} is larger than ${smallerRatio.value} of ${name(t, t.basis[smallerRatio.row])}.`
			);
		const broke = [
			...claim({ is: 'feasible', t, holds: true }),
			...claim({ is: 'feasible', t: judgement.after, holds: false })
		];
		const names = newlyNegative.map(({ column, value }) => say`${name(t, column)} = ${value}`);
		found.push(
			isInRegion(judgement.after)
				? say`A basic variable is negative now: ${joined(names)}.${broke}`
				: say`This leaves the region: ${joined(names)}.${broke}`
		);
	}
	const goal = goalsOf(t, part)[0];
	const objective = t.form.problem.objective;
	const row = say`${{ goal: goal.kind === 'big-m' ? OBJECTIVE : goal, objective }}`;
	if (breaksDualFeasibility)
		found.push(
			goal === OBJECTIVE
				? say`The tableau was dual feasible; this pivot makes an entry of the objective row ${{ sign: 'improving', goal, objective }} again.${claim({ is: 'dual-feasible', t, holds: true })}${claim({ is: 'dual-feasible', t: judgement.after, holds: false })}`
				: say`No entry of row ${row} could improve it any more; this pivot makes one ${{ sign: 'improving', goal, objective }} again.`
		);
	else if (gain < 0 && !judgement.breaksFeasibility)
		found.push(
			say`This goes the wrong way: the entry of ${columnOf(t, choice.entering)} in row ${row} is ${{ sign: 'other', goal, objective }}, so ${goal === OBJECTIVE ? say`the objective` : say`the sum of the artificial variables`} gets worse.`
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
	const broken = judgement ? brokenSentences(before, judgement) : [];
	const vacant = columnOf(t, choice.leaving).kind === 'vacant';
	return {
		tone: broken.length ? 'warning' : 'step',
		heading: vacant
			? say`${name(t, choice.entering)} becomes basic`
			: say`${name(t, choice.entering)} in, ${name(t, choice.leaving)} out`,
		sentences: [...broken, ...account(before, choice, by), ...effect(t, after, choice), placeSentence(after)]
	};
}
