import type { Snippet } from 'svelte';

/** Draws a cell of the grid: what it holds (see cells.ts), row, column, the value shown, and its name for screen readers. */
export type CellSnippet = Snippet<[key: string, y: number, x: number, value: string, label: string]>;
