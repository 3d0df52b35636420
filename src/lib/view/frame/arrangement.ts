import type { Component } from 'svelte';

/** A place on a page: a pane, or places beside or below one another. Sizes are shares of the whole, and can be dragged. */
export type Place = { readonly size: number } & (
	{ readonly pane: string } | { readonly across: readonly Place[] } | { readonly down: readonly Place[] }
);

/** The panes that a page has, by name, with what they are called. */
export type Panes = Readonly<Record<string, { readonly title: string; readonly component: Component }>>;

/** The panes of a place, from left to right and from top to bottom. */
export const panesIn = (place: Place): string[] =>
	'pane' in place ? [place.pane] : ('across' in place ? place.across : place.down).flatMap(panesIn);

/**
 * The share of a column that a tableau takes: more for more rows, so that its neighbours have what it leaves.
 * @param rows how many rows it has, the objective's apart
 * @param few its share with three rows or fewer, in per cent
 * @param many its share with eight rows or more
 */
export const tableauShare = (rows: number, few: number, many: number): number =>
	few + ((many - few) * Math.min(5, Math.max(0, rows - 3))) / 5;
