import { pivot, type Tableau } from '../tableau/tableau';
import { advise, type Advice } from './rules';
import { DANTZIG, type Method, type Phase, type Rule } from './types';

/** A basis as a text that is the same whatever the order of its rows. */
export const basisKey = (t: Tableau): string => [...t.basis].sort((a, b) => a - b).join(' ');

export interface PrimalOptions {
	/** objective rows in order of importance, by index into the tableau's goals */
	readonly goals?: readonly number[];
	readonly rule?: Rule;
	readonly phase?: Phase;
}

/**
 * The primal simplex method from a feasible basis (Dantzig 1951), one yielded step a pivot.
 * @param start a tableau without negative right-hand sides
 * @returns (as the generator's value) optimal, unbounded, or a cycle where a basis came back
 */
export function* primal(start: Tableau, options: PrimalOptions = {}): Method {
	const { goals = [0], rule = DANTZIG, phase = 'primal' } = options;
	let tableau = start;
	let pivots = 0;
	const seen = new Map([[basisKey(tableau), 0]]);
	for (;;) {
		const advice: Advice = advise(tableau, goals, rule);
		if (advice.kind === 'optimal') return { status: 'optimal', tableau };
		if (advice.kind === 'unbounded') return { status: 'unbounded', tableau, position: advice.position };
		tableau = pivot(tableau, advice.choice.row, advice.choice.position);
		pivots += 1;
		yield { kind: 'pivot', phase, tableau, choice: advice.choice, rule };
		const key = basisKey(tableau);
		const before = seen.get(key);
		if (before !== undefined) return { status: 'cycle', tableau, length: pivots - before };
		seen.set(key, pivots);
	}
}
