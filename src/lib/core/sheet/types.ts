import type { BoardLine } from '../notation/lines';
import type { Problem } from '../problem/types';
import type { Sentence } from '../sentence/sentence';
import type { Drawing } from './drawing';
import type { DrawnTree } from './tree-drawing';

/** What a sheet of paper consists of, before it is written as HTML, LaTeX or text. */

/** A piece of a sheet. A cell that is `null` is left blank for the student to fill in. */
export type SheetPart =
	| { readonly kind: 'heading'; readonly says: string }
	/** lines for name and date */
	| { readonly kind: 'fields' }
	| { readonly kind: 'prose'; readonly text: string }
	| { readonly kind: 'statement'; readonly problem: Problem }
	| { readonly kind: 'sentences'; readonly lines: readonly Sentence[] }
	| {
			readonly kind: 'grid';
			readonly head: readonly Sentence[];
			readonly rows: readonly (readonly (Sentence | null)[])[];
	  }
	| {
			readonly kind: 'tableau';
			readonly caption: Sentence;
			readonly lines: readonly BoardLine[];
			/** the address of the entry that is pivoted on next, where that is told */
			readonly pivot: string | null;
			/** its number in the run, where cells of it are left blank one by one */
			readonly number?: number;
			/** what was done to the rows to come here */
			readonly operations: readonly Sentence[];
			/** the column or row that is looked at: its part of an address */
			readonly lit?: { readonly column?: string; readonly row?: string };
	  }
	/** a dictionary: names and what they are equal to; null is left blank */
	| {
			readonly kind: 'dictionary';
			readonly caption: Sentence;
			readonly equations: readonly (readonly [name: string, equals: Sentence | null])[];
	  }
	| { readonly kind: 'picture'; readonly drawing: Drawing }
	/** a branch-and-bound tree */
	| { readonly kind: 'tree'; readonly tree: DrawnTree }
	/** pictures to choose from, beside each other */
	| {
			readonly kind: 'pictures';
			readonly choices: readonly { readonly name: string; readonly drawing: Drawing }[];
	  }
	| {
			readonly kind: 'question';
			readonly number: number;
			readonly says: string;
			/** empty lines to write on */
			readonly room: number;
	  }
	| { readonly kind: 'key'; readonly number: number; readonly says: string; readonly because: string }
	| { readonly kind: 'room'; readonly lines: number }
	/** the way back to the live problem */
	| { readonly kind: 'link'; readonly link: string };

/** A sheet as the student gets it, and what is left blank there filled in. */
export interface Sheet {
	readonly title: string;
	readonly student: readonly SheetPart[];
	/** empty where nothing is left blank */
	readonly key: readonly SheetPart[];
}
