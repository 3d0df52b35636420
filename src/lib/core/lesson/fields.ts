import { BRANCHING_RULES, DIRECTIONS, NODE_RULES } from '../integer/search-types';
import { RULE_NAMES } from '../method/rule';
import { TRAIL } from '../move/trail';
import { NOTATION } from '../notation/shape';
import { BOOK } from '../problem/lasting';
import {
	above,
	byKey,
	count,
	described,
	exactNumber,
	finite,
	list,
	nullable,
	oneOf,
	optional,
	record,
	since,
	text,
	type Of,
	type RecordOf
} from '../problem/shape';
import { MAX_STATEMENT } from '../problem/statement/limits';
import { SCRIPT } from './script';
import { FIRST_CONCEALED, SECRETS } from './secrets';

/**
 * The fields of a lesson, described once: its type, what is checked when one comes from storage or a file, the published schema, and what an older
 * lesson without a field has there. A new field is written here, and what it is at first in `newLesson`.
 */

export const MAX_PROSE = 50_000;
/** characters of a recipe */
export const MAX_RECIPE = 20_000;
/** nodes of a search tree that are kept; what comes after them can be searched again */
export const MAX_DECISIONS = 2_000;
const MAX_WORDS = 500;

/** Where the region's picture is looked at: the middle in the author's units, and the magnification over "fit". */
const VIEW = record({ x: finite, y: finite, scale: above(0) });
export type RegionView = Of<typeof VIEW>;

/** What variables and constraints mean, in the words of the story; by their lasting keys. */
const words = byKey(text(400, 0), { most: MAX_WORDS, longest: 80 });
const MEANINGS = record({ variables: words, constraints: words });
export type Meanings = Of<typeof MEANINGS>;

/** A branch-and-bound tree as it is kept: what was decided node by node; it is solved again when it is looked at. */
const TREE = record({
	rules: record({ node: oneOf(NODE_RULES), branching: oneOf(BRANCHING_RULES), first: oneOf(DIRECTIONS) }),
	decisions: described(
		list(
			record({ node: count, split: optional(text(40)), made: optional(oneOf(DIRECTIONS)) }),
			MAX_DECISIONS
		),
		'by node: closed, or branched on the variable `split`, of whose sides `made` is the first'
	),
	/** the node that is solved and waits for what follows from it */
	waits: nullable(count),
	/** the node that is looked at */
	looked: count
});
export type KeptTree = Of<typeof TREE>;

/** A lesson as it is kept: the statement and who is who in it, its story, the trail, and how they are shown. */
export const LESSON_FIELDS = {
	format: oneOf(['mathesis-lesson']),
	version: oneOf([3]),
	statement: described(text(MAX_STATEMENT, 0), 'the problem in the statement language'),
	story: described(text(MAX_PROSE, 0), 'Markdown; [words](#row.variable) links them to a number'),
	/** what the instructor wants to remember; not for the class */
	notes: described(text(MAX_PROSE, 0), 'Markdown, for the instructor'),
	tags: list(text(40), 30),
	/** the page of the desk that it opens with */
	page: text(21, 1, '^/[a-z]{0,20}$'),
	meanings: MEANINGS,
	lasting: BOOK,
	trail: TRAIL,
	rule: oneOf(RULE_NAMES),
	/** how the course writes tableaux */
	notation: NOTATION,
	view: nullable(VIEW),
	/** plans that were tried and kept, amounts as text by name */
	plans: list(record({ name: text(80), amounts: byKey(exactNumber, { most: 500, longest: 80 }) }), 200),
	/** the tree of its whole numbers; null where none was begun, as in lessons before there were trees */
	tree: since(nullable(TREE), null),
	/** how it was designed: a request of POST /api/v1/design with the version of what reads it, as JSON; empty where it was not */
	recipe: since(text(MAX_RECIPE, 0), ''),
	/** what the class may not see before it is asked for */
	concealed: since(list(oneOf(SECRETS), SECRETS.length), FIRST_CONCEALED),
	/** the steps of its lecture; empty where they are made as suits the problem */
	script: since(SCRIPT, [])
};
export type Lesson = RecordOf<typeof LESSON_FIELDS>;
