import type { Bare, ByCode } from '../sentence/coded';

/** Why a run stopped before its end; `messages.ts` has the words. */
export type StopReason = ByCode<{
	'step-limit': { most: number };
	'time-limit': { milliseconds: number };
	/** the basis came back after so many pivots */
	cycles: { length: number };
	/** whoever watches the run goes on in another way */
	long: Bare;
}>;
