import { getContext, setContext } from 'svelte';

/** Shows a page of the desk by its address. */
export type Go = (path: string) => void;

const GO = Symbol('go');

/** Puts the way to other pages at the disposal of all views below. */
export const provideGo = (go: Go): Go => setContext(GO, go);

/** The way to other pages. */
export const useGo = (): Go => getContext<Go>(GO);
