/**
 * What an objective row of a tableau means; every one is maximised, and its row reads `quantity + Σ entries · columns = value`:
 * the objective (its negative for a minimum), minus phase one's sum of artificial variables, the coefficients of M, or one
 * column as a further goal of the lexicographic method.
 */
export type Goal =
	| { readonly kind: 'objective' }
	| { readonly kind: 'infeasibility' }
	| { readonly kind: 'big-m' }
	| { readonly kind: 'column'; readonly column: number };

/** The author's objective, or its negative for a minimum. */
export const OBJECTIVE: Goal = { kind: 'objective' };
/** Minus the sum of the artificial variables: what phase one maximises. */
export const INFEASIBILITY: Goal = { kind: 'infeasibility' };
/** The coefficients of M in the objective. */
export const BIG_M: Goal = { kind: 'big-m' };
/** A column, by its index, as a goal of its own, for lexicographic orders. */
export const columnGoal = (column: number): Goal => ({ kind: 'column', column });

/** Whether two objective rows mean the same. */
export const sameGoal = (a: Goal, b: Goal): boolean =>
	a === b || (a.kind === b.kind && (a.kind !== 'column' || (b.kind === 'column' && a.column === b.column)));
