import type { Owner } from '$lib/core/form/types';
import type { Problem } from '$lib/core/problem/types';

/** What can be pointed at: a constraint or a variable, whichever view it is shown in. */
export interface Pointed {
	readonly kind: 'constraint' | 'variable';
	readonly name: string;
}

/** The marks that go with the identity colours, so that colour is never alone. */
export const MARKS = ['disc', 'square', 'triangle', 'diamond', 'cross', 'bar', 'ring', 'chevron'] as const;
export type Mark = (typeof MARKS)[number];

/** Dash patterns for lines, in units of the line's width. */
export const DASHES = ['', '9 4', '2.5 3', '12 3 2.5 3', '5 3', '16 4', '8 3 2.5 3 2.5 3', '1.5 4'] as const;

/** How a constraint looks wherever it appears. */
export interface Identity {
	/** CSS colour, from the theme's tokens */
	readonly colour: string;
	readonly mark: Mark;
	readonly dash: string;
}

const PALETTE = 8;

/** The look of the constraint at an index: colour with mark and dash; after eight the pairing shifts, so none repeats before 64. */
export function identityAt(index: number): Identity {
	return (known[index] ??= makeIdentity(index));
}

/** One object for each index: what is the same need not be drawn again. */
const known: Identity[] = [];

function makeIdentity(index: number): Identity {
	const colour = index % PALETTE;
	const round = Math.floor(index / PALETTE);
	const cue = (colour + round * 3) % PALETTE;
	return { colour: `var(--identity-${colour + 1})`, mark: MARKS[cue], dash: DASHES[cue] };
}

/** The identities of a problem's constraints, by name. */
export function identities(problem: Problem | null): ReadonlyMap<string, Identity> {
	return new Map(problem?.constraints.map((row, i) => [row.name, identityAt(i)]));
}

/** What an owner of a column or row is when pointed at. */
export function pointedOf(owner: Owner): Pointed | null {
	if (owner.kind === 'constraint') return { kind: 'constraint', name: owner.name };
	if (owner.kind === 'variable' || owner.kind === 'bound') return { kind: 'variable', name: owner.name };
	return null;
}

export const samePointed = (a: Pointed | null, b: Pointed | null): boolean =>
	a !== null && b !== null && a.kind === b.kind && a.name === b.name;
