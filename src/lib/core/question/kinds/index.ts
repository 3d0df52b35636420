import type { Kind, KindName } from '../types';
import { close, cut } from './integers';
import { entering, entryAfter, improving, leaving, ratio } from './pivoting';
import { nextTableau, wrongEntry } from './next-tableau';
import { bestCorner, feasible, rounding } from './plans';
import { degenerate, otherOptimum, plan, state, value } from './reading';
import { dualSign, dualValue, interval, oneMore } from './worth';

/** All kinds of questions by their names; a name without a kind, or without words, is an error of the compiler. */
export const KINDS: Readonly<Record<KindName, Kind>> = {
	state,
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
	'best-corner': bestCorner,
	'other-optimum': otherOptimum,
	'dual-value': dualValue,
	'one-more': oneMore,
	interval,
	'dual-sign': dualSign,
	rounding,
	cut,
	close
};
