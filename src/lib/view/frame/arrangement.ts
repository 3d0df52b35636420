import type { Component } from 'svelte';
import type { Notation } from '$lib/core/notation';
import type { Tableau } from '$lib/core/tableau';

/** A place on a page: a pane, or places beside or below one another. Sizes are shares of the whole, and can be dragged. */
export type PanePlace = { readonly size: number } & (
	| { readonly pane: string }
	| { readonly across: readonly PanePlace[] }
	| { readonly down: readonly PanePlace[] }
);

/** The panes that a page has, by name, with what they are called. */
export type Panes = Readonly<Record<string, { readonly title: string; readonly component: Component }>>;

/** The panes of a place, from left to right and from top to bottom. */
export const panesIn = (place: PanePlace): string[] =>
	'pane' in place ? [place.pane] : ('across' in place ? place.across : place.down).flatMap(panesIn);

/** Lines of a tableau beside its head and one objective row; three where there is none yet. */
export const tableauLines = (t: Tableau | null, { layout }: Notation): number =>
	t ? t.basis.length + t.goals.length - 1 + (layout === 'extended' ? 2 : 0) : 3;

/**
 * The share of a column that a tableau takes: more for more lines, so that its neighbours have what it leaves.
 * @param lines how many it has, as {@link tableauLines} counts
 * @param few its share with three lines or fewer, in per cent
 * @param many its share with eight lines or more
 */
export const tableauShare = (lines: number, few: number, many: number): number =>
	few + ((many - few) * Math.min(5, Math.max(0, lines - 3))) / 5;
