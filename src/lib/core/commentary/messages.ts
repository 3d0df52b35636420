import { en } from '../language/language';
import { RELATION_SIGNS } from '../problem/relation';
import { words, type Catalogue } from '../sentence/catalogue';
import { joined, say, type Paragraph, type Sentence } from '../sentence/sentence';
import type { Part, Trouble } from '../method/types';
import type { Heading, Remark, RemarkFinding } from './findings';
import type { Reason, Trial } from './reason-findings';
import { BEGINNINGS } from './words/begin';
import { CORNERS } from './words/corner';
import { BEST, BUILD, buildHeading } from './words/picture';
import { exchangeWords, fillWords } from './words/offer';
import { PIVOTS } from './words/pivot';
import { PLACES } from './words/place';
import { PREVIEWS } from './words/preview';
import { STEP_ANSWERS, STEP_QUESTIONS, trialOf } from './words/reason';
import { STANDS } from './words/stand';
import { WHOLE_ANSWERS, WHOLE_QUESTIONS } from './words/whole-reason';
import { WHOLE } from './words/whole';

/** The words of remarks and reasons: a catalogue for what each is about, and one for all that is found. */

const FOUND: Catalogue<RemarkFinding> = {
	...PLACES,
	...BEGINNINGS,
	...PIVOTS,
	...PREVIEWS,
	...STANDS,
	...WHOLE,
	...CORNERS,
	...BUILD,
	...BEST
};

const PARTS: Record<Part, string> = {
	primal: en`The primal simplex method goes on`,
	'phase-one': en`Phase one`,
	'phase-two': en`Phase two`,
	'big-m': en`Big M`,
	dual: en`The dual simplex method goes on`,
	repair: en`Towards feasibility`
};

const TROUBLES: Record<Trouble, string> = {
	'vacant-rows': en`Rows without a basic variable`,
	'artificials-left': en`Not all rows satisfied`,
	'not-feasible': en`Outside the region`,
	'not-dual-feasible': en`Not for the dual method`
};

const HEADINGS: Catalogue<Heading> = {
	start: () => say`Start`,
	basis: ({ columns }) => say`Basis ${joined(columns.map((column) => say`${column}`))}`,
	exchange: ({ enter, leave }) => exchangeWords(say`${enter}`, say`${leave}`),
	'becomes-basic': ({ column }) => fillWords(say`${column}`),
	artificials: ({ count }) => (count > 1 ? say`Artificial variables` : say`An artificial variable`),
	part: ({ part }) => say`${PARTS[part]}`,
	changed: () => say`The problem changed`,
	cut: ({ number, row }) => say`Cut ${number}, from row ${{ constraint: row }}`,
	'cut-composed': ({ number }) => say`cut ${number}, composed of constraints`,
	'cuts-dropped': ({ numbers }) => say`Dropped: ${joined(numbers.map((number) => say`cut ${number}`))}`,
	branch: ({ variable, relation, value }) => say`Branch ${variable} ${RELATION_SIGNS[relation]} ${value}`,
	'whole-bounds': () => say`Whole bounds`,
	'nothing-begun': () => say`The problem as stated`,
	covered: () => say`Covered`,
	cycle: () => say`The same basis again`,
	next: () => say`Next`,
	stuck: ({ trouble, inRegion }) => say`${inRegion ? en`Not a feasible basis` : TROUBLES[trouble]}`,
	optimal: () => say`Optimal`,
	unbounded: () => say`Unbounded`,
	infeasible: () => say`Infeasible`,
	'if-exchanged': ({ enter, leave }) => say`If ${enter} came in and ${leave} went out`,
	'if-rises': ({ column }) => say`If ${column} rises from 0`,
	build: buildHeading
};

/** What a remark is about, in words. */
export const headingWords = (heading: Heading): Sentence => words(HEADINGS, heading, undefined);

/** Something that a remark found, in words. */
export const foundWords = (found: RemarkFinding): Sentence => words(FOUND, found, undefined);

/** A remark in words. */
export const remarkWords = ({ tone, heading, found }: Remark): Paragraph => ({
	tone,
	heading: headingWords(heading),
	sentences: found.map(foundWords).filter(({ length }) => length > 0)
});

const QUESTIONS: Catalogue<Reason> = { ...STEP_QUESTIONS, ...WHOLE_QUESTIONS };
const ANSWERS: Catalogue<Reason> = { ...STEP_ANSWERS, ...WHOLE_ANSWERS };

/** A reason in words. */
export interface ReasonWords {
	readonly code: Reason['code'];
	readonly question: Sentence;
	readonly answer: Sentence;
	/** the wrong choice, to be played out on a branch of the trail */
	readonly trial: (Trial & { readonly says: Sentence }) | null;
}

/** Why a rule is as it is, in words. */
export const reasonWords = (reason: Reason): ReasonWords => ({
	code: reason.code,
	question: words(QUESTIONS, reason, undefined),
	answer: words(ANSWERS, reason, undefined),
	trial: trialOf(reason)
});
