import type { QuestionKind, KindName } from '../types';
import { artificialRow } from './artificial-row';
import { close, cut, cutPoint, fractionalPart } from './integers';
import { branchOn, gap, nextNode } from './tree';
import { coefficient, relation, sentence, standardForm } from './model';
import { claim, cornerLines, cornerValues, intercept, redundant, regionShape, sideStays } from './region';
import {
	dualEntering,
	dualLeaving,
	entering,
	entryAfter,
	gain,
	improving,
	leaving,
	ratio,
	ruleKept
} from './pivoting';
import { nextTableau, wrongEntry } from './next-tableau';
import { path } from './path';
import { bestCorner, feasible, planValue, rounding, violation } from './plans';
import { degenerate, otherOptimum, phaseTwo, plan, state, value } from './reading';
import { sides } from './sides';
import { whichPicture } from './which-picture';
import {
	complementary,
	dualNumber,
	dualRelation,
	dualSign,
	dualValue,
	interval,
	multiplierBound,
	oneMore,
	planStays
} from './worth';

/** All kinds of questions by their names; a name without a kind, or without words, is an error of the compiler. */
export const KINDS: Readonly<Record<KindName, QuestionKind>> = {
	sentence,
	relation,
	coefficient,
	'standard-form': standardForm,
	side: sideStays,
	sides,
	'which-picture': whichPicture,
	intercept,
	'corner-lines': cornerLines,
	'corner-values': cornerValues,
	redundant,
	'region-shape': regionShape,
	gain,
	'dual-leaving': dualLeaving,
	'dual-entering': dualEntering,
	'rule-kept': ruleKept,
	claim,
	state,
	'artificial-row': artificialRow,
	'phase-two': phaseTwo,
	improving,
	entering,
	ratio,
	leaving,
	entry: entryAfter,
	'next-tableau': nextTableau,
	'wrong-entry': wrongEntry,
	plan,
	value,
	degenerate,
	feasible,
	violation,
	'plan-value': planValue,
	'best-corner': bestCorner,
	path,
	'other-optimum': otherOptimum,
	'dual-value': dualValue,
	'one-more': oneMore,
	interval,
	'dual-sign': dualSign,
	'dual-relation': dualRelation,
	'dual-number': dualNumber,
	'multiplier-bound': multiplierBound,
	complementary,
	'plan-stays': planStays,
	rounding,
	'fractional-part': fractionalPart,
	cut,
	'cut-point': cutPoint,
	'branch-on': branchOn,
	close,
	'next-node': nextNode,
	gap
};
