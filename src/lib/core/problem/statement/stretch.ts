/** A stretch of a text that is read otherwise than it is written, and what kind of habit that is. */

/** What is read otherwise: one quiet notice for each kind. */
export type ReadingKind =
	| 'rows'
	| 'sense'
	| 'ends'
	| 'list'
	| 'domain'
	| 'relation'
	| 'latex'
	| 'index'
	| 'number'
	| 'mark'
	| 'numbering'
	| 'unit'
	| 'label'
	| 'meaning'
	| 'prose'
	| 'strict'
	| 'power';

/** A stretch from a known place up to `to`, read as `insert`; with choices where it can be read in two ways. */
export interface OtherReading {
	readonly to: number;
	readonly insert: string;
	readonly kind: ReadingKind;
	readonly choices?: readonly string[];
}

/** What the whole text shows of its author's habits. */
export interface Context {
	/** it comes from a LaTeX source */
	readonly tex: boolean;
	/** what a comma inside numbers is here, as far as other numbers show it */
	readonly comma: 'decimal' | 'thousands' | null;
}
