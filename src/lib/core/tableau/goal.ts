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

export const OBJECTIVE: Goal = { kind: 'objective' };
export const INFEASIBILITY: Goal = { kind: 'infeasibility' };
export const BIG_M: Goal = { kind: 'big-m' };
export const columnGoal = (column: number): Goal => ({ kind: 'column', column });

export const sameGoal = (a: Goal, b: Goal): boolean =>
	a === b || (a.kind === b.kind && (a.kind !== 'column' || (b.kind === 'column' && a.column === b.column)));
