import { isDualFeasible, leavingFinding } from '../method/dual';
import type { Finding } from '../method/findings';
import { judgePivot, type PivotJudgement } from '../method/hand';
import { repairFinding } from '../method/repair';
import { enteringFinding, goalsOf } from '../method/primal';
import type { RuleName } from '../method/rule';
import { ruleNamed } from '../method/rule';
import { costSign, moves } from '../method/rules';
import type { Choice, Part, Work } from '../method/types';
import { isZero } from '../number/rational';
import { BIG_M, INFEASIBILITY, OBJECTIVE, type Goal } from '../tableau/goal';
import { rowRatios, sameSign, tightestRows } from '../tableau/ratio';
import {
	cell,
	columnOf,
	cost,
	goalValue,
	hasGoal,
	isArtificial,
	isInRegion,
	isPrimalFeasible,
	objectiveValue,
	rhsCell,
	type Tableau
} from '../tableau/tableau';
import { changeOf, unitRate } from './change';
import type { Remark, RemarkFinding } from './findings';
import type { PivotFinding } from './pivot-findings';
import { placeOf } from './place';

/** What is found of a pivot: what entered and left and why, the ratios, what became of the objective; by hand also what it broke. */

type By = RuleName | 'hand';

/** The ratios that the method at work compares for a pivot. */
function ratiosFound(t: Tableau, part: Part, choice: Choice): PivotFinding[] {
	if (part === 'dual') {
		// where the objective row is not dual feasible, quotients along the row say nothing
		if (!isDualFeasible(t)) return [];
		const positions = rowRatios(t, choice.row, OBJECTIVE).flatMap(({ slot, value }) => (value ? [slot] : []));
		return [{ code: 'row-ratios-compared', t, choice, positions }];
	}
	const counts = (row: number) =>
		part === 'repair' ? sameSign(t, row, choice.slot) : cell(t, row, choice.slot) > 0;
	const rows = [...t.basis.keys()].filter(counts);
	return [{ code: part === 'repair' ? 'repair-ratios-compared' : 'ratios-compared', t, choice, rows }];
}

/** Which variable left, and whether it was the first that reached 0, in a ratio test down the column. */
function leftFound(t: Tableau, choice: Choice): PivotFinding {
	const tight = tightestRows(t, choice.slot);
	if (!tight.includes(choice.row)) return { code: 'left', t, choice };
	return { code: 'left-first', t, choice, tied: tight.filter((row) => row !== choice.row) };
}

/** Whether the entering column improves what the part of the method works for. */
const drivenByGoal = (t: Tableau, part: Part, { slot }: Choice): boolean =>
	costSign(t, goalsOf(t, part), slot) < 0;

/** What entered and left, why, and against which ratios. */
function account({ tableau: t, part }: Work, choice: Choice, by: By): RemarkFinding[] {
	const leaving = columnOf(t, choice.leaving);
	const method = (found: Finding): RemarkFinding => ({ code: 'method', t, found });
	if (leaving.kind === 'vacant' || (part === 'repair' && leaving.kind === 'artificial'))
		return [method({ code: 'fills-vacancy', row: choice.row }), { code: 'basic-there', t, choice }];
	const zeroArtificial = isArtificial(t, choice.leaving) && !rhsCell(t, choice.row) && by !== 'hand';
	const isDone = part === 'phase-one' && isZero(goalValue(t, INFEASIBILITY));
	if (zeroArtificial && (isDone || !(cell(t, choice.row, choice.slot) > 0 && drivenByGoal(t, part, choice))))
		return [method({ code: 'drives-out', row: choice.row }), { code: 'took-place', t, choice }];
	const rule = by === 'hand' ? null : ruleNamed(by);
	const ratios = ratiosFound(t, part, choice);
	if (part === 'dual') {
		const because = rule && rhsCell(t, choice.row) < 0 ? leavingFinding(choice.row, rule) : null;
		return [{ code: 'left-because', t, choice, because }, ...ratios, { code: 'entered-after', t, choice }];
	}
	if (part === 'repair') {
		const because = rule && repairFinding(t);
		return [{ code: 'entered-to-repair', t, choice, because }, ...ratios, { code: 'left', t, choice }];
	}
	const goal = goalsOf(t, part).find((own) => !isZero(cost(t, own, choice.entering))) ?? OBJECTIVE;
	const because = rule ? enteringFinding(t, choice, goal, rule) : null;
	const entered: PivotFinding = {
		code: 'entered',
		t,
		choice,
		because,
		rate: unitRate(t, part, choice.entering)
	};
	if (!isPrimalFeasible(t)) return [entered, { code: 'left', t, choice }];
	return [entered, ...ratios, leftFound(t, choice)];
}

/** What a pivot by hand breaks, and why. */
function brokenBy({ tableau: t, part }: Work, judgement: PivotJudgement): PivotFinding[] {
	const { choice, smallerRatio, negativeEntry, newlyNegative, breaksDualFeasibility, gain, after } =
		judgement;
	const found: PivotFinding[] = [];
	if (judgement.breaksFeasibility) {
		if (negativeEntry) found.push({ code: 'entry-has-wrong-sign', t, choice });
		else if (smallerRatio) found.push({ code: 'ratio-not-least', t, choice, least: smallerRatio });
		const inRegion = isInRegion(after);
		found.push({ code: 'feasibility-lost', t, after, negative: newlyNegative, inRegion });
	}
	const [goal] = goalsOf(t, part);
	if (breaksDualFeasibility) found.push({ code: 'dual-feasibility-lost', t, after, goal });
	// on the way to a feasible basis the objective may get worse
	else if (gain < 0 && !judgement.breaksFeasibility && isPrimalFeasible(t))
		found.push({ code: 'wrong-way', t, choice, goal });
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
			? judgePivot(t, goalsOf(t, before.part), choice.row, choice.slot)
			: null;
	const broken = judgement ? brokenBy(before, judgement) : [];
	const [enter, leave] = [columnOf(t, choice.entering), columnOf(t, choice.leaving)];
	const goal = [INFEASIBILITY, BIG_M].find((own) => hasGoal(t, own));
	const sumAt = (of: Tableau, own: Goal) => goalValue(of, own).neg();
	return {
		tone: broken.length ? 'warning' : 'step',
		heading:
			leave.kind === 'vacant' ? { code: 'becomes-basic', column: enter } : { code: 'exchange', enter, leave },
		found: [
			...broken,
			...account(before, choice, by),
			{
				code: 'objective-moved',
				objective: t.form.problem.objective,
				change: changeOf(objectiveValue(t), objectiveValue(after)),
				sum: goal ? { goal, change: changeOf(sumAt(t, goal), sumAt(after, goal)) } : null,
				stood: !moves(t, choice)
			},
			placeOf(after)
		]
	};
}
