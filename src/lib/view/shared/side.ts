import { getContext, setContext } from 'svelte';

const SIDE = Symbol('side');

/** Tells panes below that they belong to one of several problems on the page. @param id the element that names it */
export const provideSide = (id: string): string => setContext(SIDE, id);

/** The element that names the problem to which a pane belongs, where there are several. */
export const useSide = (): string | undefined => getContext<string | undefined>(SIDE);
