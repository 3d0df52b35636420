import type { Judgement } from '../method/hand';
import { improvingPositions, stepLength } from '../method/rules';
import type { Choice, EnteringRule } from '../method/types';
import { isZero, sign } from '../number/rational';
import type { Need } from '../method/slack-start';
import { negativeRows, ratios } from '../tableau/ratio';
import { cost, entryAt, isInRegion, objectiveValue, rhs, type Tableau } from '../tableau/tableau';
import { columnMeaning, objectiveSentence, placeSentence, quantity } from './plan';
import { joined, say, type Remark, type Sentence } from './sentence';

const RULES: Record<EnteringRule, string> = {
	dantzig: 'its entry in the objective row is the most negative',
	bland: 'it is the first column with a negative entry in the objective row (Bland’s rule)',
	'greatest-improvement': 'its pivot improves the objective most',
	'steepest-edge': 'its edge climbs most steeply'
};

const columnOf = (t: Tableau, index: number) => t.form.columns[index];

/** The ratios of a column in one sentence, the least first said. */
function ratioSentence(t: Tableau, choice: Choice): Sentence {
	const all = ratios(t, choice.position);
	const compared = all.filter((ratio) => ratio.value);
	if (compared.length === 0) return say`No entry of the column is positive, so there is no ratio to compare.`;
	const parts = compared.map(
		({ row, value }) =>
			say`${columnOf(t, t.basis[row])}: ${rhs(t, row)} ÷ ${entryAt(t, row, choice.position)} = ${value!}`
	);
	const skipped = all.length - compared.length;
	const tail = skipped ? say` (entries that are not positive set no limit)` : say``;
	return say`Ratios: ${joined(parts, '; ', '; ')}${tail}.`;
}

/** What a pivot did, for the commentary: what entered and why, the ratios, what left, the objective, the corner. */
export function pivotRemark(
	before: Tableau,
	after: Tableau,
	choice: Choice,
	by: EnteringRule | 'hand',
	judgement: Judgement | null
): Remark {
	const { problem } = before.form;
	const [entering, leaving] = [columnOf(before, choice.entering), columnOf(before, choice.leaving)];
	const rate = cost(before, 0, choice.entering);
	const better = problem.objective.sense === 'max' ? 'raises' : 'lowers';
	const worse = problem.objective.sense === 'max' ? 'lowers' : 'raises';
	const sentences: Sentence[] = [];
	const perUnit = isZero(rate)
		? say`each unit leaves ${problem.objective.name} as it is`
		: say`each unit ${sign(rate) < 0 ? better : worse} ${problem.objective.name} by ${rate.abs()}`;
	const why = by === 'hand' ? say`chosen by hand` : say`because ${RULES[by]}`;
	sentences.push(say`${columnMeaning(before.form, entering)} enters, ${why}: ${perUnit}.`);
	sentences.push(ratioSentence(before, choice));
	const tied = tiedRows(before, choice);
	const tie =
		tied.length > 1 && tied.includes(choice.row)
			? say` (a tie with ${joined(tied.filter((r) => r !== choice.row).map((r) => say`${columnOf(before, before.basis[r])}`))}: the next corner is degenerate)`
			: say``;
	const least = tied.includes(choice.row);
	sentences.push(
		least
			? say`${columnMeaning(before.form, leaving)} reaches 0 first and leaves${tie}.`
			: say`${columnMeaning(before.form, leaving)} leaves.`
	);
	const change = objectiveValue(after).sub(objectiveValue(before));
	const { name, unit } = problem.objective;
	sentences.push(
		isZero(change)
			? say`So ${name} stays at ${quantity(objectiveValue(after), unit)}${isZero(stepLength(before, choice)) ? ': the step has length 0, the corner is degenerate' : ''}.`
			: say`So ${name} ${sign(change) > 0 ? 'rises' : 'falls'} by ${quantity(change.abs(), unit)} to ${quantity(objectiveValue(after), unit)}.`
	);
	sentences.push(placeSentence(after));
	const broken = judgement ? brokenSentences(before, judgement) : [];
	return {
		tone: broken.length ? 'warning' : 'step',
		heading: `${entering.name} in, ${leaving.name} out`,
		sentences: [...broken, ...sentences]
	};
}

function tiedRows(t: Tableau, choice: Choice): number[] {
	const compared = ratios(t, choice.position).filter((ratio) => ratio.value);
	const least = compared.reduce((a, b) => (b.value!.lt(a.value!) ? b : a), compared[0]);
	return compared.filter((ratio) => ratio.value!.equals(least.value!)).map((ratio) => ratio.row);
}

/** What a pivot by hand breaks, and why. */
export function brokenSentences(t: Tableau, judgement: Judgement): Sentence[] {
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
				say`${row} is not the row to leave: its ratio ${smallerRatio.own} is larger than ${smallerRatio.value} of ${columnOf(t, t.basis[smallerRatio.row])}.`
			);
		const names = newlyNegative.map(({ column, value }) => say`${columnOf(t, column)} = ${value}`);
		found.push(
			isInRegion(judgement.after)
				? say`A basic variable is negative now: ${joined(names)}.`
				: say`This leaves the region: ${joined(names)}.`
		);
	}
	if (breaksDualFeasibility)
		found.push(say`The objective row was already right; this pivot makes an entry negative again.`);
	else if (gain < 0 && !judgement.breaksFeasibility)
		found.push(
			say`This goes the wrong way: the entry of ${columnOf(t, choice.entering)} in the objective row is positive, so the objective gets worse.`
		);
	return found;
}

/** Why a zero entry cannot be the pivot. */
export function zeroPivotRemark(t: Tableau, row: number, column: number): Remark {
	const [leaving, entering] = [columnOf(t, t.basis[row]), columnOf(t, column)];
	return {
		tone: 'warning',
		heading: 'No pivot on zero',
		sentences: [
			say`The entry of ${entering} in row ${leaving} is 0: however far ${entering} rises, ${leaving} does not change, so they cannot trade places. Dividing the row by it would be dividing by zero.`
		]
	};
}

/** The first basic solution. */
export function startRemark(t: Tableau): Remark {
	const { problem } = t.form;
	const slacks = t.basis.every((column) => columnOf(t, column).kind === 'slack');
	const maximise =
		problem.objective.sense === 'min'
			? [
					say`The least ${problem.objective.name} is where −${problem.objective.name} is greatest: row z shows −${problem.objective.name}.`
				]
			: [];
	const whole = problem.variables.some((v) => v.domain !== 'continuous')
		? [say`Whole numbers are asked for; these steps solve the relaxation, without that demand.`]
		: [];
	return {
		tone: 'step',
		heading: 'Start',
		sentences: [
			slacks && t.basis.length
				? say`Every slack is basic and every other column is 0.`
				: say`The start columns are basic.`,
			placeSentence(t),
			say`${objectiveSentence(t)}.`,
			...maximise,
			...whole
		]
	};
}

/** Where a tableau has negative right-hand sides, what that means and what can be done. */
export function infeasibleBasisRemark(t: Tableau): Remark {
	const names = negativeRows(t).map((row) => say`${columnOf(t, t.basis[row])} = ${rhs(t, row)}`);
	const inside = isInRegion(t);
	return {
		tone: 'warning',
		heading: inside ? 'Not a feasible basis' : 'Outside the region',
		sentences: [
			...(inside
				? [
						say`The point is in the region, but it is written with a negative part: a free variable is the difference of two columns, and neither may be negative.`
					]
				: []),
			say`${joined(names)}: this basic solution is not feasible, so the ratio test has nothing to stand on.`,
			improvingPositions(t, [0]).length
				? say`Go back in the trail, or pivot by hand until no right-hand side is negative.`
				: say`The objective row is right: the dual simplex method would repair it. Go back in the trail, or pivot by hand on a negative entry of such a row.`
		]
	};
}

/** What a problem needs before its tableau can be started with slacks alone. */
export function needsRemark(needs: readonly Need[]): Remark {
	const reasons: Record<Need['reason'], string> = {
		equality: 'is an equality and has no slack to start with',
		'at-least': 'demands at least something, so making nothing does not meet it',
		'negative-rhs': 'has a negative right-hand side when all variables are at their bounds',
		'empty-bound': 'has an upper bound below its lower bound'
	};
	return {
		tone: 'hint',
		heading: 'This problem needs a start',
		sentences: [
			...needs.map((need) => say`${{ constraint: need.constraint }} ${reasons[need.reason]}.`),
			say`The slacks alone are therefore no feasible basis. A first basis needs artificial variables (two-phase or big-M) or the dual simplex method; this tableau starts from slacks only.`
		]
	};
}
