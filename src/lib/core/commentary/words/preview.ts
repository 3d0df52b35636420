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
import type { Way } from '../change';
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
	change: { way, by, to },
	ratio,
	each
}: OfCode<PreviewFinding, 'objective-would'>): Sentence {
	const amount = quantity(to, unit);
	const because = each ? say`: ${ratio} times ${each}` : NOTHING_SAID;
	const WOULD: Record<Way, () => Sentence> = {
		stays: () => say`${name} would stay at ${amount}.`,
		rises: () => say`${name} would rise by ${by}, to ${amount}${because}.`,
		falls: () => say`${name} would fall by ${by}, to ${amount}${because}.`
	};
	return WOULD[way]();
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
	'row-lets-rise': ({ basic, top, entry, to }) =>
		say`${basic} lets it increase to ${byLayout(say`${top} ÷ ${entry}`, say`|${top} ÷ (${entry.neg()})|`)} = ${to}.`,
	'row-sets-no-limit': ({ basic, entry, grows }) =>
		grows
			? say`${basic} sets no limit: it grows with it (entry ${entryValue(entry)}).`
			: say`${basic} sets no limit: it does not change (entry 0).`
};
