import { joined, say, type Remark, type Sentence } from '../sentence/sentence';
import type { Column } from '../form/types';
import type { Part, RuleName } from '../method/types';
import type { Rational } from '../number/rational';
import type { Way } from './types';

/** What moves are called, how they are offered, and why one cannot be done. */

export const WAY_LABELS: Record<Way, Sentence> = {
	auto: say`start`,
	primal: say`start from the slacks`,
	'two-phase': say`start with artificial variables`,
	'big-m': say`start with big M`,
	dual: say`start for the dual method`,
	repair: say`start with negative slacks`,
	'by-hand': say`start without a basis`
};

export const WAY_OFFERS: Record<Way, Sentence> = {
	auto: say`Start as suits the problem`,
	primal: say`Start from the slacks as they are`,
	'two-phase': say`Start with artificial variables, in two phases`,
	'big-m': say`Start with artificial variables and big M`,
	dual: say`Start for the dual simplex method`,
	repair: say`Start from negative slacks, and pivot them to 0 one by one`,
	'by-hand': say`Start without a basis: rows that need it have no basic variable yet`
};

export const inTwoRows = say`; equalities as two inequalities`;

export const PART_NAMES: Record<Part, Sentence> = {
	primal: say`primal simplex method`,
	'phase-one': say`phase one`,
	'phase-two': say`phase two`,
	'big-m': say`big M`,
	dual: say`dual simplex method`,
	repair: say`pivots towards feasibility`
};

export const PHASE_OFFERS: Record<Part, Sentence> = {
	primal: say`Go on with the primal simplex method`,
	'phase-one': say`Begin phase one: minimise the sum of the artificial variables`,
	'phase-two': say`End phase one: set the artificial variables aside`,
	'big-m': say`Go on with big M in the objective`,
	dual: say`Go on with the dual simplex method`,
	repair: say`Pivot negative basic variables to 0 one by one`
};

export const fillRows = say`Give every row a basic variable, by pivots`;

export const RULE_LABELS: Record<RuleName, Sentence> = {
	dantzig: say`largest coefficient`,
	bland: say`Bland`,
	'greatest-improvement': say`greatest improvement`,
	'steepest-edge': say`steepest edge`,
	lexicographic: say`largest coefficient, lexicographic ties`
};

export const artificialIn = (row: Sentence): Sentence => say`artificial variable in ${row}`;
export const artificialEverywhere = say`artificial variables`;
export const offerArtificial = (row: Sentence): Sentence => say`Add an artificial variable in row ${row}`;
export const offerArtificials = say`Add an artificial variable in every row that needs one`;
export const exchange = (enter: Sentence, leave: Sentence): Sentence => say`${enter} in, ${leave} out`;
export const fills = (enter: Sentence): Sentence => say`${enter} becomes basic`;
export const cutFrom = (row: Sentence): Sentence => say`cut from row ${row}`;
export const offerCut = (row: Sentence): Sentence => say`Add a cutting plane from row ${row}`;
export const cutFromObjective = say`cut from the objective row`;
export const cutFromRows = (rows: Sentence): Sentence => say`cut composed of ${rows}`;
export const cutsDropped = say`cuts that do not bind dropped`;
export const offerDrop = say`Drop the cuts that do not bind`;
export const boundsInward = say`whole bounds for whole variables`;
export const offerInward = say`Give whole variables whole bounds`;
export const branchTo = (variable: Sentence, relation: '<=' | '>=', value: Rational): Sentence =>
	say`branch ${variable} ${relation === '<=' ? '≤' : '≥'} ${value}`;
export const offerBranch = (variable: Sentence, relation: '<=' | '>=', value: Rational): Sentence =>
	say`Branch: ${variable} ${relation === '<=' ? '≤' : '≥'} ${value}`;
export const offerObjectiveCut = say`Add a cutting plane from the objective row`;
export const rhsBecomes = (row: Sentence, value: Rational): Sentence =>
	say`right-hand side of ${row}: ${value}`;
export const costBecomes = (variable: Sentence, value: Rational): Sentence =>
	say`objective coefficient of ${variable}: ${value}`;
export const added = (name: string): Sentence => say`constraint ${{ constraint: name }} added`;

export const basisOf = (columns: Sentence): Sentence => say`basis ${columns}`;
export const offerStanding = (columns: Sentence): Sentence =>
	say`Start from the basis that stands there already: ${columns}`;

/* why a move cannot be done */

const refusal = (heading: string, ...sentences: Sentence[]): Remark => ({
	tone: 'warning',
	heading: say`${heading}`,
	sentences
});

export const dependent = (
	column: Column,
	others: readonly { readonly factor: Rational; readonly column: Column }[]
): Remark =>
	refusal(
		'Not a basis',
		others.length === 0
			? say`The column of ${column} is 0 in every row that is left: no row can be solved for it.`
			: say`These columns depend on one another: the column of ${column} is ${joined(
					others.map(({ factor, column: own }) =>
						factor.equals(1) ? say`that of ${own}` : say`${factor} times that of ${own}`
					),
					' plus ',
					' plus '
				)}. The equations cannot be solved for all of them.`
	);
export const basisNeeds = (rows: number, chosen: number): Remark =>
	refusal(
		'Not a basis',
		say`A basis has one variable for each row: ${rows} ${rows === 1 ? 'is' : 'are'} needed, ${chosen} ${chosen === 1 ? 'is' : 'are'} chosen.`
	);

export const notByRule = refusal(
	'Not by rule',
	say`The method at work cannot go on from here by itself. Pivot by hand, or take one of the ways on.`
);
export const nothingBegun = refusal('Nothing begun', say`Choose a way to start first.`);
export const alreadyBegun = refusal(
	'Already begun',
	say`A way to start is chosen at the problem as stated. Go back there in the trail to start otherwise; what was done stays.`
);
export const unknownColumn = (id: string): Remark =>
	refusal('Not possible now', say`The statement no longer has what this step names (${id}).`);
export const notBasic = (enter: Sentence, leave: Sentence): Remark =>
	refusal(
		'Not possible now',
		say`${enter} cannot come in for ${leave} here: the one must be non-basic, the other basic.`
	);
export const mayNotEnter = (enter: Sentence): Remark =>
	refusal('Set aside', say`${enter} has left for good: an artificial variable does not come back.`);
export const zeroEntry = (enter: Sentence, leave: Sentence): Remark =>
	refusal(
		'No pivot on zero',
		say`The entry of ${enter} in row ${leave} is 0: however far ${enter} rises, ${leave} does not change, so they cannot trade places. Dividing the row by it would be dividing by zero.`
	);
export const leftRegion = refusal(
	'Not possible now',
	say`With the numbers of the present statement this step would leave the region, which it did not when it was taken.`
);
export const rowHasBasic = (row: Sentence, basic: Sentence): Remark =>
	refusal('Not needed', say`Row ${row} needs no artificial variable: ${basic} is basic there.`);
export const everyRowHasBasic = refusal(
	'Not needed',
	say`Every row has a basic variable, so no artificial variable is needed.`
);
export const noArtificials = refusal('Nothing to do', say`There is no artificial variable to bring down.`);
export const stillVacant = (rows: readonly Sentence[]): Remark =>
	refusal(
		'Not yet',
		say`First every row needs a basic variable; ${joined(rows)} ${rows.length > 1 ? 'have' : 'has'} none.`
	);
export const artificialsNotZero = (sum: Rational): Remark =>
	refusal(
		'Not yet',
		say`The artificial variables still sum to ${sum}: while one is not zero, its row is not met.`
	);
export const atWork = (part: Part): Remark =>
	refusal('At work', say`${PART_NAMES[part]} is at work already.`);

export const notWhole = (row: Sentence): Remark =>
	refusal('No cut', say`Row ${row} gives no cutting plane: its basic variable need not be whole, or is.`);
/** What variables need before a cut can be derived. */
export const cutsNeed = (names: readonly string[]): Sentence =>
	say`${joined(names.map((name) => say`${name}`))} is measured from a bound that is not whole, or split in two. Begin anew with whole bounds (the problem as stated offers that where the constraints imply them), or give it a whole bound in the statement.`;
export const fractionalBound = (names: readonly string[]): Remark => refusal('No cut yet', cutsNeed(names));
export const notAllWhole = (row: Sentence, columns: readonly Sentence[]): Remark =>
	refusal(
		'Not the fractional cut',
		say`In row ${row} stand ${joined(columns)}, which need not be whole: a sum with them need not be whole either, and the fractional cut could cut off a good plan. Take the mixed-integer cut.`
	);
export const notComposed = (why: Sentence): Remark => refusal('No rounding cut', why);
export const nothingToDrop = refusal('Nothing to drop', say`Every cut of this tableau still binds.`);
export const begunAlready = refusal(
	'Not here',
	say`A method has begun with these bounds. Go back to the problem as stated to round them.`
);
export const needNotBeWhole = (name: string): Remark =>
	refusal(
		'No branch',
		say`${name} need not be whole: between two whole numbers there are plans, and a branch would lose them.`
	);
export const notWholeBound = (value: Rational): Remark =>
	refusal('No branch', say`A branch takes a whole number as its bound, not ${value}.`);
export const branchedAlready = (name: string): Remark =>
	refusal('No branch', say`${name} holds here already.`);
export const notOptimalYet = refusal(
	'Not yet',
	say`First solve this relaxation: the tableau is not optimal.`
);
export const cutsStand = refusal(
	'Not with cuts',
	say`Cutting planes were derived from the numbers as they are. Go back to before the first cut to change one.`
);
export const badNumber = (why: string): Remark => refusal('Not a number', say`What was written ${why}.`);
export const badRow = (why: string): Remark => refusal('Not a constraint', say`${why}`);
export const sameNumber = refusal('Nothing changes', say`That is what it is already.`);
export const noLongerBasis = refusal(
	'Not possible here',
	say`After this change the basic columns are no basis any more.`
);

export const noWay: Remark = {
	tone: 'warning',
	heading: say`No way along edges`,
	sentences: [
		say`Pivots that keep the basis feasible do not lead there from here: bring the basis into the region first, or take back what is switched off in the picture.`
	]
};
