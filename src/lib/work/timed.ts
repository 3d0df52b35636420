import type { RunControl } from '../core/api/solve';

/**
 * Ends a solve by itself when its time is up, and cuts the list of optimal plans short at two thirds of it.
 * @param isUnwanted tells that nobody waits for the answer any more; the solve ends then as well
 */
export function timed(milliseconds: number, isUnwanted: () => boolean = () => false): RunControl {
	const start = performance.now();
	const spent = () => performance.now() - start;
	return {
		shouldStop: () => (spent() > milliseconds || isUnwanted() ? { code: 'time-limit', milliseconds } : null),
		hurry: () => spent() > milliseconds * 0.66
	};
}
