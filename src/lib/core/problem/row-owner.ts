/** What owns a row wherever rows are spoken of: standard form, pictures, dual values, certificates, the API. */

/** A constraint (of the author, or one that a move added), one bound of a variable (`name` is the variable's), or a cutting plane. */
export type RowOwner =
	| { readonly kind: 'constraint'; readonly name: string }
	| { readonly kind: BoundSide; readonly name: string }
	| { readonly kind: 'cut'; readonly name: string };

export type BoundSide = 'lower' | 'upper';

/** Whether a row is a bound of a variable. */
export const isBound = (owner: {
	readonly kind: string;
	readonly name: string;
}): owner is { readonly kind: BoundSide; readonly name: string } =>
	owner.kind === 'lower' || owner.kind === 'upper';

/** Whether the same row is meant; where there is none, nothing is the same. */
export const sameOwner = (a: RowOwner | null, b: RowOwner | null): boolean =>
	a !== null && b !== null && a.kind === b.kind && a.name === b.name;

/** What the API and findings call a row: a constraint's or cut's name, or `x.lower`, `x.upper`. No name of an author has a point or a blank. */
export const rowName = (owner: RowOwner): string =>
	isBound(owner) ? `${owner.name}.${owner.kind}` : owner.name;

/** The owner that a row's name stands for. */
export function ownerOf(name: string): RowOwner {
	const [variable, side] = name.split('.');
	if (side === 'lower' || side === 'upper') return { kind: side, name: variable };
	return /^cut \d+$/.test(name) ? { kind: 'cut', name } : { kind: 'constraint', name };
}

/** What a row is called in words, from its name: a bound as what it is. */
export function calledRow(name: string): string {
	const owner = ownerOf(name);
	return isBound(owner) ? `the ${owner.kind} bound of ${owner.name}` : name;
}

/** The name of the n-th cut, from 1 on. */
export const cutName = (number: number): string => `cut ${number}`;
