import { basisKey } from '../tableau/tableau';
import { advance, decide, handOver } from './decide';
import type { Decision, Outcome, Part, Run, Step, Trouble, Work } from './types';
import type { Rule } from './rule';

/** The step that a decision leads to. */
export function stepOf(before: Work, decision: Decision, after: Work): Step {
	const { tableau, part } = after;
	const note = { at: before.tableau, found: decision.because };
	if (decision.kind !== 'pivot') return { kind: 'phase', part, tableau, note };
	const { choice, driveOut } = decision;
	if (driveOut) return { kind: 'pivot', part: 'drive-out', tableau, choice, note };
	return { kind: 'pivot', part: before.part, tableau, choice };
}

/** Which part can go on where another is stuck. */
const WAYS_ON: Record<Trouble, Part> = {
	'vacant-rows': 'repair',
	'not-feasible': 'repair',
	'not-dual-feasible': 'primal',
	'artificials-left': 'phase-one'
};

/**
 * Drives a method to its end, one yielded step a decision. A method that is stuck hands over to the one that can go on: a basis that is not
 * feasible is repaired, and from there the primal method improves.
 * @param decideNow the method, where it is not one of the usual parts
 * @returns (as the generator's value) how it ended, or a cycle where a basis came back within one part
 */
export function* run(start: Work, rule: Rule, decideNow = decide): Run {
	let work = start;
	let pivots = 0;
	let seen = new Map([[basisKey(work.tableau), 0]]);
	for (;;) {
		const decision = decideNow(work, rule);
		if (decision.kind === 'end') return decision.end;
		const after = advance(work, decision);
		if (!after) {
			if (decision.kind !== 'stuck') throw new Error('a decision leads nowhere');
			const note = { at: work.tableau, found: decision.because };
			work = handOver(work, WAYS_ON[decision.trouble]);
			yield { kind: 'phase', ...work, note };
			continue;
		}
		yield stepOf(work, decision, after);
		if (after.part !== work.part) seen = new Map();
		work = after;
		if (decision.kind !== 'pivot') continue;
		pivots += 1;
		const key = basisKey(work.tableau);
		const before = seen.get(key);
		if (before !== undefined)
			return { status: 'cycle', tableau: work.tableau, length: pivots - before } satisfies Outcome;
		seen.set(key, pivots);
	}
}
