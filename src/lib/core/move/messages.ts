import { en } from '../language/language';
export { asTwoRows as inTwoRows } from '../commentary/words/offer';
import { faultSentence } from '../commentary/words/whole';
import { RELATION_SIGNS } from '../problem/relation';
import { words, type Catalogue } from '../sentence/catalogue';
import { rowWords } from '../sentence/form-words';
import { isOrAre, joined, say, type Paragraph, type Sentence } from '../sentence/sentence';
import type { Part } from '../method/types';
import type { RuleName } from '../method/rule';
import type { Rational } from '../number/rational';
import type { Refusal } from '../position/refusal';
import type { NoCut } from './types';
import type { Way } from '../commentary/offer-findings';

/** What moves are called in the trail, and why one cannot be done. */

export const WAY_LABELS: Record<Way, Sentence> = {
	auto: say`start`,
	primal: say`start from the slacks`,
	'two-phase': say`start with artificial variables`,
	'big-m': say`start with big M`,
	dual: say`start for the dual method`,
	repair: say`start with negative slacks`,
	'by-hand': say`start without a basis`
};

export const PART_NAMES: Record<Part, Sentence> = {
	primal: say`primal simplex method`,
	'phase-one': say`phase one`,
	'phase-two': say`phase two`,
	'big-m': say`big M`,
	dual: say`dual simplex method`,
	repair: say`pivots towards feasibility`
};

export const RULE_LABELS: Record<RuleName, Sentence> = {
	dantzig: say`largest coefficient`,
	bland: say`Bland`,
	'greatest-improvement': say`greatest improvement`,
	'steepest-edge': say`steepest edge`,
	lexicographic: say`largest coefficient, lexicographic ties`
};

export const artificialIn = (row: Sentence): Sentence => say`artificial variable in ${row}`;
export const artificialEverywhere = say`artificial variables`;
export const cutFrom = (row: Sentence): Sentence => say`cut from row ${row}`;
export const cutFromObjective = say`cut from the objective row`;
export const cutFromRows = (rows: Sentence): Sentence => say`cut composed of ${rows}`;
export const cutsDropped = say`cuts that do not bind dropped`;
export const boundsInward = say`whole bounds for whole variables`;
export const branchTo = (variable: Sentence, relation: '<=' | '>=', value: Rational): Sentence =>
	say`branch ${variable} ${RELATION_SIGNS[relation]} ${value}`;
export const rhsBecomes = (row: Sentence, value: Rational): Sentence =>
	say`right-hand side of ${row}: ${value}`;
export const costBecomes = (variable: Sentence, value: Rational): Sentence =>
	say`objective coefficient of ${variable}: ${value}`;
export const added = (name: string): Sentence => say`constraint ${{ constraint: name }} added`;

export const asStated: Sentence = say`the problem as stated`;
export const basisOf = (columns: Sentence): Sentence => say`basis ${columns}`;

/** What variables need before a cut can be derived. */
const cutsNeed = (names: readonly string[]): Sentence =>
	say`${joined(names.map((name) => say`${name}`))} is measured from a bound that is not whole, or split in two. Begin anew with whole bounds (the problem as stated offers that where the constraints imply them), or give it a whole bound in the statement.`;

const NO_CUT: Catalogue<NoCut> = {
	'nothing-to-cut-off': () =>
		say`The relaxation is unbounded, so there is no point to cut off. If there are integer plans, none of them is best: the statement lacks a limit.`,
	'cuts-leave-nothing': () => say`With these cuts no plan is left: there is no integer plan.`,
	'no-plan-at-all': () => say`The relaxation has no plan, so there is no integer plan.`,
	'columns-not-whole': ({ variables }) => cutsNeed(variables),
	'all-whole': () => say`No row of this tableau gives a cut: every variable that must be integer is whole.`
};

/** Why no cut is offered, in words. */
export const noCutWords = (found: NoCut): Sentence => words(NO_CUT, found, undefined);

/** What stands over the words of a refusal. */
const HEADINGS: Readonly<Record<Refusal['code'], string>> = {
	'nothing-begun': en`Nothing begun`,
	'already-begun': en`Already begun`,
	'not-by-rule': en`Not by rule`,
	'no-way': en`No way along edges`,
	unknown: en`Not possible now`,
	'not-basic': en`Not possible now`,
	'set-aside': en`Set aside`,
	'zero-entry': en`No pivot on zero`,
	'leaves-region': en`Not possible now`,
	'dependent-columns': en`Not a basis`,
	'basis-size': en`Not a basis`,
	'no-longer-basis': en`Not possible here`,
	'row-has-basic': en`Not needed`,
	'every-row-has-basic': en`Not needed`,
	'no-artificials': en`Nothing to do`,
	'still-vacant': en`Not yet`,
	'artificials-not-zero': en`Not yet`,
	'part-at-work': en`At work`,
	'no-cut-from-row': en`No cut`,
	'cuts-need-whole-columns': en`No cut yet`,
	'not-fractional-cut': en`Not the fractional cut`,
	'not-composed': en`No rounding cut`,
	'every-cut-binds': en`Nothing to drop`,
	'bounds-in-use': en`Not here`,
	'need-not-be-whole': en`No branch`,
	'branch-not-whole': en`No branch`,
	'holds-already': en`No branch`,
	'not-optimal': en`Not yet`,
	'cuts-stand': en`Not with cuts`,
	'not-a-number': en`Not a number`,
	'no-name': en`Not a constraint`,
	'name-taken': en`Not a constraint`,
	'foreign-variable': en`Not a constraint`,
	'same-number': en`Nothing changes`
};

const REFUSALS: Catalogue<Refusal> = {
	'nothing-begun': () => say`Choose a way to start first.`,
	'already-begun': () =>
		say`A way to start is chosen at the problem as stated. Go back there in the trail to start otherwise; what was done stays.`,
	'not-by-rule': () =>
		say`The method at work cannot go on from here by itself. Pivot by hand, or take one of the ways on.`,
	'no-way': () =>
		say`Pivots that keep the basis feasible do not lead there from here: bring the basis into the region first, or take back what is switched off in the picture.`,
	// an id is the application's own: its owner's name is what a reader knows
	unknown: ({ id }) => say`The statement no longer has what this step names (${id.replace(/^[^:]*:/, '')}).`,
	'not-basic': ({ enter, leave }) =>
		say`${enter} cannot come in for ${leave} here: the one must be non-basic, the other basic.`,
	'set-aside': ({ column }) => say`${column} has left for good: an artificial variable does not come back.`,
	'zero-entry': ({ enter, leave }) =>
		say`The entry of ${enter} in row ${leave} is 0: however far ${enter} rises, ${leave} does not change, so they cannot trade places. Dividing the row by it would be dividing by zero.`,
	'leaves-region': () =>
		say`With the numbers of the present statement this step would leave the region, which it did not when it was taken.`,
	'dependent-columns': ({ column, others }) =>
		others.length === 0
			? say`The column of ${column} is 0 in every row that is left: no row can be solved for it.`
			: say`These columns depend on one another: the column of ${column} is ${joined(
					others.map(({ factor, column: own }) =>
						factor.equals(1) ? say`that of ${own}` : say`${factor} times that of ${own}`
					),
					en` plus `,
					en` plus `
				)}. The equations cannot be solved for all of them.`,
	'basis-size': ({ rows, chosen }) =>
		say`A basis has one variable for each row: ${rows} ${isOrAre(rows)} needed, ${chosen} ${isOrAre(chosen)} chosen.`,
	'no-longer-basis': () => say`After this change the basic columns are no basis any more.`,
	'row-has-basic': ({ row, basic }) =>
		say`Row ${rowWords(row)} needs no artificial variable: ${basic} is basic there.`,
	'every-row-has-basic': () => say`Every row has a basic variable, so no artificial variable is needed.`,
	'no-artificials': () => say`There is no artificial variable to bring down.`,
	'still-vacant': ({ rows }) =>
		say`First every row needs a basic variable; ${joined(rows.map(rowWords))} ${rows.length > 1 ? en`have` : en`has`} none.`,
	'artificials-not-zero': ({ sum }) =>
		say`The artificial variables still sum to ${sum}: while one is not zero, its row is not satisfied.`,
	'part-at-work': ({ part }) => say`${PART_NAMES[part]} is at work already.`,
	'no-cut-from-row': ({ row }) =>
		say`Row ${row} gives no cutting plane: its basic variable need not be whole, or is.`,
	'cuts-need-whole-columns': ({ variables }) => cutsNeed(variables),
	'not-fractional-cut': ({ row, columns }) =>
		say`In row ${row} stand ${joined(columns.map((column) => say`${column}`))}, which need not be whole: a sum with them need not be whole either, and the fractional cut could cut off a good plan. Take the mixed-integer cut.`,
	'not-composed': ({ fault }) => faultSentence(fault),
	'every-cut-binds': () => say`Every cut of this tableau still binds.`,
	'bounds-in-use': () =>
		say`A method has begun with these bounds. Go back to the problem as stated to round them.`,
	'need-not-be-whole': ({ variable }) =>
		say`${variable} need not be whole: between two whole numbers there are plans, and a branch would lose them.`,
	'branch-not-whole': ({ value }) => say`A branch takes a whole number as its bound, not ${value}.`,
	'holds-already': ({ name }) => say`${name} holds here already.`,
	'not-optimal': () => say`First solve this relaxation: the tableau is not optimal.`,
	'cuts-stand': () =>
		say`Cutting planes were derived from the numbers as they are. Go back to before the first cut to change one.`,
	'not-a-number': ({ message }) => say`What was written ${message}.`,
	'no-name': ({ name }) => say`“${name}” is no name for a constraint.`,
	'name-taken': ({ name }) => say`There is a constraint called “${name}” already.`,
	'foreign-variable': ({ name }) => say`“${name}” is not among the variables.`,
	'same-number': () => say`That is what it is already.`
};

/** Why a move cannot be done, in words. */
export const refusalParagraph = (refusal: Refusal): Paragraph => ({
	tone: 'warning',
	heading: say`${HEADINGS[refusal.code]}`,
	sentences: [words(REFUSALS, refusal, undefined)]
});
