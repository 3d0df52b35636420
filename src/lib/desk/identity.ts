import { DASHES } from '$lib/core/geometry/dashes';
import type { Owner } from '$lib/core/form/types';
import type { Position } from '$lib/core/position/position';
import type { LastingBook } from '$lib/core/problem/lasting';
import { cutName } from '$lib/core/problem/row-owner';

/** What can be pointed at: a constraint (or cut) or a variable, whichever view it is shown in. */
export interface Pointed {
	readonly kind: 'constraint' | 'variable';
	readonly name: string;
}

/** The marks that go with the identity colours, so that colour is never alone. */
export const MARKS = ['disc', 'square', 'triangle', 'diamond', 'cross', 'bar', 'ring', 'chevron'] as const;
export type Mark = (typeof MARKS)[number];

/** How a constraint looks wherever it appears. */
export interface Identity {
	/** CSS colour, from the theme's tokens */
	readonly colour: string;
	readonly mark: Mark;
	readonly dash: string;
}

const PALETTE = 8;

/** The look with a number: colour with mark and dash; after eight the pairing shifts, so none repeats before 64. */
export function identityAt(look: number): Identity {
	const colour = look % PALETTE;
	const round = Math.floor(look / PALETTE);
	const cue = (colour + round * 3) % PALETTE;
	return { colour: `var(--identity-${colour + 1})`, mark: MARKS[cue], dash: DASHES[cue] };
}

/** Looks by the names of constraints: those of the statement, then what moves added to it, cuts last. */
export function identities(book: LastingBook, position: Position | null): ReadonlyMap<string, Identity> {
	const looks = new Map(book.constraints.map(({ name, look }) => [name, look]));
	const added = [
		...(position?.problem.constraints.map(({ name }) => name) ?? []),
		...(position?.cuts.map((_, i) => cutName(i + 1)) ?? [])
	];
	let next = 0;
	const used = new Set(looks.values());
	for (const name of added) {
		if (looks.has(name)) continue;
		while (used.has(next)) next += 1;
		used.add(next);
		looks.set(name, next);
	}
	return new Map([...looks].map(([name, look]) => [name, identityAt(look)]));
}

/** Whether the same constraints look the same. */
export const sameIdentities = (a: ReadonlyMap<string, Identity>, b: ReadonlyMap<string, Identity>): boolean =>
	a.size === b.size &&
	[...a].every(([name, look]) => {
		const other = b.get(name);
		return other?.colour === look.colour && other.mark === look.mark;
	});

/** What an owner of a column or row is when pointed at. */
export function pointedOf({ kind, name }: Owner): Pointed {
	return { kind: kind === 'constraint' || kind === 'cut' ? 'constraint' : 'variable', name };
}

export const samePointed = (a: Pointed | null, b: Pointed | null): boolean =>
	a !== null && b !== null && a.kind === b.kind && a.name === b.name;
