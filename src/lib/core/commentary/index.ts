/** What views and pages may use of this folder: what is found and said. The rest of the core and the desk import its modules themselves. */

export { askedOfOneMore, priceFound } from './price-findings';
export {
	bestPlansFound,
	boundFound,
	checksOf,
	type ReadingFinding,
	readingsOf,
	storyFound
} from './answer-findings';
export { conclusionFound } from './construction';
export { compositionOf, cutOffFound, derivationOf } from './derivation';
export { leafFound, nodeFound, relaxedFound, roundingFound } from './integer-findings';
export { foundWords, reasonWords, remarkWords } from './messages';
export {
	combinationFound,
	dualStepFound,
	fromPlanFound,
	gapFound,
	pairFound,
	proofFound,
	twinFound
} from './dual-findings';
export { columnPreview, pivotPreview } from './preview';
export {
	bendFound,
	endFound,
	hundredFound,
	rangeFound,
	reachesFound,
	sidesFound,
	stretchesFound,
	whatIfFound,
	worthFound
} from './range-findings';
export { type EndReading, rangeReading } from './ranges';
export type { Reason, Trial } from './reason-findings';
export { reasonsAt } from './reasons';
export { removedBy } from './shape';
export { cutReasons, nodeReasons, roundingReasons } from './whole-reasons';
export {
	alongWords,
	bestPlansWords,
	boundWords,
	checkWords,
	type Meaning,
	readingWords,
	storyWords
} from './words/answer';
export { dualWords } from './words/duality';
export { expressing } from './words/expressing';
export { brokenSentence, integerWords, STATE_WORDS } from './words/integers';
export { axisName, cellSentence, legendSentence } from './words/map';
export { newcomerWords, newRowWords } from './words/newcomer';
export { offerWords } from './words/offer';
export { writtenOperation } from './words/operations';
export { lineWords } from './words/picture';
export { tightNames } from './words/place';
export { planSentence, quantity } from './words/plan';
export { pointSentence, sideSentence } from './words/points';
export { calledNumber, movedPlanSentence, numberWords, unitOfNumber } from './words/ranges';
export { removedWords, regionInWords } from './words/shape';
export { constraintInWords, objectiveInWords, variableInWords } from './words/story';
