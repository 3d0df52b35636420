import type { NodeDecision, SearchRules } from '../integer/search-types';
import { NEW_TRAIL, type Trail } from '../move/trail';
import type { RuleName } from '../method/rule';
import { PLAIN, type Notation } from '../notation/notation';
import { EMPTY_BOOK, type LastingBook } from '../problem/lasting';
import { quote, unquote } from '../problem/statement/linear';

/** Where the region's picture is looked at: the middle in the author's units, and the magnification over "fit". */
export interface RegionView {
	readonly x: number;
	readonly y: number;
	readonly scale: number;
}

/** What variables and constraints mean, in the words of the story; by their lasting keys. */
export interface Meanings {
	readonly variables: Readonly<Record<string, string>>;
	readonly constraints: Readonly<Record<string, string>>;
}

/** characters of a recipe */
export const MAX_RECIPE = 20_000;
/** nodes of a search tree that are kept; what comes after them can be searched again */
export const MAX_DECISIONS = 2_000;

/** A branch-and-bound tree as it is kept: what was decided node by node; it is solved again when it is looked at. */
export interface KeptTree {
	readonly rules: SearchRules;
	readonly decisions: readonly NodeDecision[];
	/** the node that is solved and waits for what follows from it */
	readonly waits: number | null;
	/** the node that is looked at */
	readonly looked: number;
}

/** A lesson as it is kept: the statement and who is who in it, its story, the trail, and how they are shown. */
export interface Lesson {
	readonly format: 'mathesis-lesson';
	readonly version: 3;
	readonly statement: string;
	/** what happened, in Markdown; `[5/2 kg](#clay.bowls)` links a part of it to the number it gave */
	readonly story: string;
	/** what the instructor wants to remember, in Markdown; not for the class */
	readonly notes: string;
	readonly tags: readonly string[];
	/** the page of the desk that it opens with */
	readonly page: string;
	readonly meanings: Meanings;
	readonly lasting: LastingBook;
	readonly trail: Trail;
	readonly rule: RuleName;
	/** how the course writes tableaux; what an older lesson leaves out is as the plain notation has it */
	readonly notation: Notation;
	readonly view: RegionView | null;
	/** plans that were tried and kept, amounts as text by name */
	readonly plans: readonly { readonly name: string; readonly amounts: Readonly<Record<string, string>> }[];
	/** the tree of its whole numbers; null where none was begun */
	readonly tree: KeptTree | null;
	/** how it was designed: a request of POST /api/v1/design with the version of what reads it, as JSON; empty where it was not */
	readonly recipe: string;
}

/** Nothing is said of any name. */
export const NO_MEANINGS: Meanings = { variables: {}, constraints: {} };

/** A fresh lesson around a statement. */
export const newLesson = (statement: string): Lesson => ({
	format: 'mathesis-lesson',
	version: 3,
	statement,
	story: '',
	notes: '',
	tags: [],
	page: '/',
	meanings: NO_MEANINGS,
	lasting: EMPTY_BOOK,
	trail: NEW_TRAIL,
	rule: 'dantzig',
	notation: PLAIN,
	view: null,
	plans: [],
	tree: null,
	recipe: ''
});

/** A lesson in which nothing is stated yet: it opens where a problem is written. */
export const blankLesson = (): Lesson => ({ ...newLesson(''), page: '/problem' });

const TITLE = /^[ \t]*title[ \t]+"((?:[^\\\n"]|\\[^\n])*)"/im;

/** A lesson's title, which its statement has. */
export const titleOf = ({ statement }: { statement: string }): string => {
	const [, quoted] = TITLE.exec(statement) ?? [];
	return quoted === undefined ? '' : unquote(`"${quoted}"`).replace(/\n/g, ' ');
};

/** A title as it is shown; a lesson may have none. */
export const shownTitle = (title: string): string => title || 'Untitled lesson';

/** The statement of a lesson whose title says besides what it is: `Spring firing (copy)`. */
export const withTitleMark = (statement: string, mark: string): string =>
	withTitle(statement, `${shownTitle(titleOf({ statement }))} (${mark})`);

/** A statement under another title; what else it says stays as it is written. */
export function withTitle(statement: string, title: string): string {
	const line = title.trim() && `title ${quote(title.trim().replace(/\s+/g, ' '))}`;
	if (TITLE.test(statement)) return statement.replace(TITLE, () => line);
	return line ? `${line}\n${statement}` : statement;
}
