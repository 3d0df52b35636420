import { en } from '../../language/language';
import { isZero, sign } from '../../number/rational';
import type { OfCode } from '../../sentence/coded';
import type { Catalogue } from '../../sentence/catalogue';
import {
	byLayout,
	entryValue,
	inBrackets,
	joined,
	NOTHING_SAID,
	say,
	type Sentence
} from '../../sentence/sentence';
import { columnOf, entryAt, rhs } from '../../tableau/tableau';
import type { PreviewFinding } from '../pivot-findings';
import { planSentence, quantity } from './plan';

/** The words of what a pivot would do. */

function ratioHere({ t, choice, ratio, smaller }: OfCode<PreviewFinding, 'ratio-here'>): Sentence {
	const [top, bottom] = [rhs(t, choice.row), entryAt(t, choice.row, choice.slot)];
	const quotient = byLayout(
		say`${top} ÷ ${inBrackets(bottom)}`,
		say`−${inBrackets(top)} ÷ ${inBrackets(bottom.neg())}`
	);
	const but = smaller
		? say`, but ${columnOf(t, t.basis[smaller.row])} has only ${smaller.value}`
		: NOTHING_SAID;
	return say`Ratio ${quotient} = ${ratio}${but}: ${columnOf(t, choice.entering)} would be ${ratio}.`;
}

function objectiveWould({
	objective: { name, unit },
	from,
	to,
	ratio
}: OfCode<PreviewFinding, 'objective-would'>): Sentence {
	const change = to.sub(from);
	return isZero(change)
		? say`${name} would stay at ${quantity(to, unit)}.`
		: say`${name} would ${sign(change) > 0 ? en`rise` : en`fall`} by ${change.abs()}, to ${quantity(to, unit)}: ${ratio} times ${change.div(ratio).abs()}.`;
}

function rowLetsRise({ t, row, slot, to }: OfCode<PreviewFinding, 'row-lets-rise'>): Sentence {
	const basic = columnOf(t, t.basis[row]);
	const size = entryAt(t, row, slot);
	if (to)
		return say`${basic} lets it increase to ${byLayout(say`${rhs(t, row)} ÷ ${size}`, say`|${rhs(t, row)} ÷ (${size.neg()})|`)} = ${to}.`;
	return isZero(size)
		? say`${basic} sets no limit: it does not change (entry 0).`
		: say`${basic} sets no limit: it grows with it (entry ${entryValue(size)}).`;
}

export const PREVIEWS: Catalogue<PreviewFinding> = {
	'entry-is-zero': () => say`The entry is 0: no pivot is possible there.`,
	'ratio-here': ratioHere,
	'objective-would': objectiveWould,
	'plan-would': ({ problem, plan }) => say`The plan would be ${planSentence(problem, plan)}.`,
	'none-would-be-negative': () => say`No basic variable would be negative.`,
	'would-be-negative': ({ negative, inRegion }) => {
		const amounts = joined(negative.map(({ column, value }) => say`${column} = ${value}`));
		return inRegion ? say`These would be negative: ${amounts}.` : say`Not feasible: ${amounts}.`;
	},
	'row-lets-rise': rowLetsRise
};
