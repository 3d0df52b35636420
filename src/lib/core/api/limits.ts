/** What requests may ask for at most, and the ways to integer plans. */

export const INTEGER_WAYS = ['relax', 'branch', 'cuts'] as const;
/** the longest that anybody may ask for: others wait meanwhile */
export const MAX_MILLISECONDS = 30_000;
export const MAX_STEPS = 1_000_000;
/** milliseconds that a request gets where it asks for none */
export const TIME = 10_000;
