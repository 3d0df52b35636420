import { judgePivot } from '../method/hand';
import { goalsOf } from '../method/primal';
import type { Choice, Work } from '../method/types';
import { negativeRows, ratios } from '../tableau/ratio';
import {
	columnOf,
	entryAt,
	isInRegion,
	isPrimalFeasible,
	objectiveValue,
	readPlan,
	rhs
} from '../tableau/tableau';
import { isZero } from '../number/rational';
import { changeOf } from './change';
import type { Remark } from './findings';
import type { PreviewFinding } from './pivot-findings';

/** What a pivot would do, before it is made. */

/** What a pivot would do: its ratio, the objective, the point, and whether that is allowed. */
export function pivotPreview({ tableau: t, part }: Work, choice: Choice): Remark {
	const [enter, leave] = [columnOf(t, choice.entering), columnOf(t, choice.leaving)];
	const heading = { code: 'if-exchanged', enter, leave } as const;
	const judged = judgePivot(t, goalsOf(t, part), choice.row, choice.slot);
	if (!judged) return { tone: 'hint', heading, found: [{ code: 'entry-is-zero' }] };
	const { after, smallerRatio: smaller } = judged;
	const ratio = rhs(t, choice.row).div(entryAt(t, choice.row, choice.slot));
	const { problem } = t.form;
	const negative = negativeRows(after).map((row) => ({
		column: columnOf(after, after.basis[row]),
		value: rhs(after, row)
	}));
	const change = changeOf(objectiveValue(t), objectiveValue(after));
	const allowed: PreviewFinding = isPrimalFeasible(after)
		? { code: 'none-would-be-negative' }
		: { code: 'would-be-negative', negative, inRegion: isInRegion(after) };
	return {
		tone: 'hint',
		heading,
		found: [
			{ code: 'ratio-here', t, choice, ratio, smaller },
			{
				code: 'objective-would',
				objective: problem.objective,
				change,
				ratio,
				each: change.way === 'stays' ? null : change.by.div(ratio.abs())
			},
			{ code: 'plan-would', problem, plan: readPlan(after) },
			allowed
		]
	};
}

/** How far each row lets a column rise. @param entering the column, which is not basic */
export function columnPreview({ tableau: t }: Work, entering: number): Remark {
	const slot = t.nonbasic.indexOf(entering);
	const limits = ratios(t, slot);
	return {
		tone: 'hint',
		heading: { code: 'if-rises', column: columnOf(t, entering) },
		found: t.basis.map((index, row): PreviewFinding => {
			const [basic, entry, to] = [columnOf(t, index), entryAt(t, row, slot), limits[row].value];
			return to
				? { code: 'row-lets-rise', basic, top: rhs(t, row), entry, to }
				: { code: 'row-sets-no-limit', basic, entry, grows: !isZero(entry) };
		})
	};
}
