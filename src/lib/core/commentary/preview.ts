import { judge } from '../method/hand';
import { goalsOf } from '../method/primal';
import type { Choice, Work } from '../method/types';
import { isZero, sign } from '../number/rational';
import { ratios } from '../tableau/ratio';
import {
	columnOf,
	entryAt,
	isInRegion,
	isPrimalFeasible,
	objectiveValue,
	readPlan,
	rhs
} from '../tableau/tableau';
import { planSentence, quantity } from './plan';
import {
	byLayout,
	entryValue,
	inBrackets,
	joined,
	NOTHING_SAID,
	say,
	type Remark,
	type Sentence
} from '../sentence/sentence';

/** What a pivot would do, before it is made: its ratio, the objective, the point, and whether that is allowed. */
export function pivotPreview({ tableau: t, part }: Work, choice: Choice): Remark {
	const [entering, leaving] = [columnOf(t, choice.entering), columnOf(t, choice.leaving)];
	const heading = say`If ${entering} came in and ${leaving} went out`;
	const judged = judge(t, goalsOf(t, part), choice.row, choice.position);
	if (!judged)
		return { tone: 'hint', heading, sentences: [say`The entry is 0: nothing can be divided by it.`] };
	const { after } = judged;
	const size = entryAt(t, choice.row, choice.position);
	const ratio = rhs(t, choice.row).div(size);
	const { problem } = t.form;
	const { name, unit } = problem.objective;
	const [old, fresh] = [objectiveValue(t), objectiveValue(after)];
	const change = fresh.sub(old);
	const becomes = isZero(change)
		? say`${name} would stay at ${quantity(fresh, unit)}.`
		: say`${name} would ${sign(change) > 0 ? 'rise' : 'fall'} by ${change.abs()}, to ${quantity(fresh, unit)}: ${ratio} times ${change.div(ratio).abs()}.`;
	const negative = after.basis.flatMap((column, row) => {
		const value = rhs(after, row);
		return sign(value) < 0 ? [say`${columnOf(after, column)} = ${value}`] : [];
	});
	const allowed: Sentence = isPrimalFeasible(after)
		? say`No basic variable would be negative.`
		: isInRegion(after)
			? say`Negative would be ${joined(negative)}.`
			: say`Not feasible: ${joined(negative)}.`;
	return {
		tone: 'hint',
		heading,
		sentences: [
			say`Ratio ${byLayout(say`${rhs(t, choice.row)} ÷ ${inBrackets(size)}`, say`−${inBrackets(rhs(t, choice.row))} ÷ ${inBrackets(size.neg())}`)} = ${ratio}${judged.smallerRatio ? say`, but ${columnOf(t, t.basis[judged.smallerRatio.row])} has only ${judged.smallerRatio.value}` : NOTHING_SAID}: ${entering} would be ${ratio}.`,
			becomes,
			say`The plan would be ${planSentence(problem, readPlan(after))}.`,
			allowed
		]
	};
}

/** All ratios of a column before a pivot, and which rows set no limit and why. */
export function columnPreview({ tableau: t }: Work, column: number): Remark {
	const position = t.nonbasic.indexOf(column);
	const entering = columnOf(t, column);
	const limits = ratios(t, position);
	const lines = t.basis.map((basic, row): Sentence => {
		const size = entryAt(t, row, position);
		const { value } = limits[row];
		if (value)
			return say`${columnOf(t, basic)} lets it rise to ${byLayout(say`${rhs(t, row)} ÷ ${size}`, say`|${rhs(t, row)} ÷ (${size.neg()})|`)} = ${value}.`;
		if (isZero(size)) return say`${columnOf(t, basic)} sets no limit: it does not change (entry 0).`;
		return say`${columnOf(t, basic)} sets no limit: it grows with it (entry ${entryValue(size)}).`;
	});
	return { tone: 'hint', heading: say`If ${entering} rises from 0`, sentences: lines };
}
