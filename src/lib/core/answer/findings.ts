/** Why a run stopped before its end; `messages.ts` has the words. */
export type StopReason =
	| { readonly code: 'step-limit'; readonly most: number }
	| { readonly code: 'time-limit'; readonly milliseconds: number }
	/** the basis came back after so many pivots */
	| { readonly code: 'cycles'; readonly length: number }
	/** whoever watches the run goes on in another way */
	| { readonly code: 'long' };
