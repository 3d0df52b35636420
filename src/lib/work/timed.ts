import type { Control } from '../core/exchange/solve';

/** Ends a solve by itself a little before the time is up, and cuts the list of optimal plans short at two thirds of it. */
export function timed(milliseconds: number, cancelled: () => boolean = () => false): Control {
	const start = performance.now();
	const spent = () => performance.now() - start;
	return {
		shouldStop: () => {
			if (cancelled()) return 'Cancelled.';
			return spent() > milliseconds ? `The limit of ${milliseconds} milliseconds was reached.` : null;
		},
		hurry: () => spent() > milliseconds * 0.66
	};
}
