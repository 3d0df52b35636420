import { en } from '../language/language';
import { NEW_TRAIL, pathTo } from '../move/trail';
import { PLAIN } from '../notation/notation';
import { EMPTY_BOOK } from '../problem/lasting';
import { quote, unquote } from '../problem/statement/linear';
import type { Lesson, Meanings } from './fields';
import { FIRST_CONCEALED } from './secrets';

export type { KeptTree, Lesson, Meanings, RegionView } from './fields';

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
	recipe: '',
	concealed: FIRST_CONCEALED,
	script: []
});

/**
 * A lesson as students get it: without the instructor's notes, the recipe, the lecture's script and the tags, and without steps beyond where it stands; notes at steps go, too.
 * What the class may not see stays concealed.
 * @param page the page that it opens with
 */
export function forStudents(lesson: Lesson, page: string = lesson.page): Lesson {
	const nodes = pathTo(lesson.trail, lesson.trail.current).map(({ id, parent, move, name }) => ({
		id,
		parent,
		move,
		...(name === undefined ? {} : { name })
	}));
	const trail = { nodes, current: lesson.trail.current };
	return { ...lesson, page, notes: '', recipe: '', tags: [], tree: null, plans: [], script: [], trail };
}

/** A lesson in which nothing is stated yet: it opens where a problem is written. */
export const blankLesson = (): Lesson => ({ ...newLesson(''), page: '/problem' });

const TITLE = /^[ \t]*title[ \t]+"((?:[^\\\n"]|\\[^\n])*)"/im;

/** A lesson's title, which its statement has. */
export const titleOf = ({ statement }: { statement: string }): string => {
	const [, quoted] = TITLE.exec(statement) ?? [];
	return quoted === undefined ? '' : unquote(`"${quoted}"`).replace(/\n/g, ' ');
};

/** A title as it is shown; a lesson may have none. */
export const shownTitle = (title: string): string => title || en`Untitled lesson`;

/** The statement of a lesson whose title says besides what it is: `Spring firing (copy)`. */
export const withTitleMark = (statement: string, mark: string): string =>
	withTitle(statement, `${shownTitle(titleOf({ statement }))} (${mark})`);

/** A statement under another title; what else it says stays as it is written. */
export function withTitle(statement: string, title: string): string {
	const line = title.trim() && `title ${quote(title.trim().replace(/\s+/g, ' '))}`;
	if (TITLE.test(statement)) return statement.replace(TITLE, () => line);
	return line ? `${line}\n${statement}` : statement;
}
