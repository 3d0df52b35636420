import type { Part } from '../../method/types';
import { RELATION_SIGNS } from '../../problem/relation';
import { words, type Catalogue } from '../../sentence/catalogue';
import { rowWords } from '../../sentence/form-words';
import { joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import type { OfferFinding, Way } from '../offer-findings';

/** How what can be done is offered. */

/** A pivot, by its two columns. */
export const exchangeWords = (enter: Sentence, leave: Sentence): Sentence => say`${enter} in, ${leave} out`;

/** A pivot in a row that had no basic variable. */
export const fillWords = (enter: Sentence): Sentence => say`${enter} becomes basic`;

const STARTS: Record<Way, Sentence> = {
	auto: say`Start as suits the problem`,
	primal: say`Start from the slacks as they are`,
	'two-phase': say`Start with artificial variables, in two phases`,
	'big-m': say`Start with artificial variables and big M`,
	dual: say`Start for the dual simplex method`,
	repair: say`Start from negative slacks, and pivot them to 0 one by one`,
	'by-hand': say`Start without a basis: rows that need it have no basic variable yet`
};

const PARTS: Record<Part, Sentence> = {
	primal: say`Go on with the primal simplex method`,
	'phase-one': say`Begin phase one: minimise the sum of the artificial variables`,
	'phase-two': say`Set the artificial variables aside and go on`,
	'big-m': say`Go on with big M in the objective`,
	dual: say`Go on with the dual simplex method`,
	repair: say`Pivot negative basic variables to 0 one by one`
};

/** What is said of a start in which each equality becomes two inequalities. */
export const asTwoRows = say`; equalities as two inequalities`;

const OFFERS: Catalogue<OfferFinding> = {
	start: ({ way, inTwoRows }) => say`${STARTS[way]}${inTwoRows ? asTwoRows : NOTHING_SAID}`,
	'start-from-basis': ({ columns }) =>
		say`Start from the basis that stands there already: ${joined(columns.map((column) => say`${column}`))}`,
	exchange: ({ enter, leave }) => exchangeWords(say`${enter}`, say`${leave}`),
	'fill-row': ({ column }) => fillWords(say`${column}`),
	'go-on-with': ({ part, onlyFills }) =>
		onlyFills ? say`Give every row a basic variable, by pivots` : PARTS[part],
	'add-artificial': ({ row }) => say`Add an artificial variable in row ${rowWords(row)}`,
	'add-artificials': () => say`Add an artificial variable in every row that needs one`,
	'cut-from-row': ({ basic }) => say`Add a cutting plane from row ${basic}`,
	'cut-from-objective': () => say`Add a cutting plane from the objective row`,
	'drop-cuts': () => say`Drop the cuts that do not bind`,
	branch: ({ variable, relation, value }) => say`Branch: ${variable} ${RELATION_SIGNS[relation]} ${value}`,
	'whole-bounds': () => say`Give whole variables whole bounds`
};

/** Something that can be done here, as it is offered. */
export const offerWords = (offer: OfferFinding): Sentence => words(OFFERS, offer, undefined);
