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
