/** Which number of a problem moves: the right-hand side of a constraint, or a coefficient of the objective. */
export type Varied = { readonly rhs: string } | { readonly objective: string };
