import type { LinearAnswer } from '../answer/answer';
import type { Choice, Part } from '../method/types';
import type { EnteringRule, Rule } from '../method/rule';
import type { Problem } from '../problem/types';
import type { Tableau } from '../tableau/tableau';
import type { TableauJson } from '../tableau/written';

/** Questions about where a run stands: what is asked, what is right, and what a wrong answer would do. */

/** What is being asked for, in the order in which kinds are tried. */
export const KIND_NAMES = [
	'sentence',
	'relation',
	'coefficient',
	'standard-form',
	'side',
	'sides',
	'which-picture',
	'intercept',
	'corner-lines',
	'corner-values',
	'redundant',
	'region-shape',
	'state',
	'artificial-row',
	'phase-two',
	'improving',
	'entering',
	'ratio',
	'leaving',
	'gain',
	'dual-leaving',
	'dual-entering',
	'rule-kept',
	'entry',
	'next-tableau',
	'wrong-entry',
	'plan',
	'value',
	'degenerate',
	'feasible',
	'violation',
	'plan-value',
	'best-corner',
	'path',
	'other-optimum',
	'dual-value',
	'one-more',
	'interval',
	'dual-sign',
	'dual-relation',
	'dual-number',
	'multiplier-bound',
	'complementary',
	'plan-stays',
	'rounding',
	'claim',
	'fractional-part',
	'cut',
	'cut-point',
	'branch-on',
	'close',
	'next-node',
	'gap'
] as const;
export type KindName = (typeof KIND_NAMES)[number];

/** An answer as data: a name or number as text, names, amounts by name, an interval with null for no end. */
export type Answer =
	| string
	| readonly string[]
	| Readonly<Record<string, string>>
	| readonly [string | null, string | null]
	| RelationAnswer;

/** An inequality as an answer; any positive multiple means the same. */
export interface RelationAnswer {
	readonly terms: Readonly<Record<string, string>>;
	readonly relation: string;
	readonly rhs: string;
}

/** What a question is asked about, besides the tableau. */
export interface Given {
	readonly entering?: string;
	readonly leaving?: string;
	/** the rule by which the entering variable is chosen */
	readonly rule?: EnteringRule;
	/** a tableau that is shown besides: the one after the pivot, in which an entry may be wrong */
	readonly after?: TableauJson;
	readonly row?: string;
	readonly column?: string;
	readonly plan?: Readonly<Record<string, string>>;
	/** a sentence of the story */
	readonly sentence?: string;
	/** what is chosen from */
	readonly choices?: readonly string[];
	/** regions to choose from, by the choices: the corners of each in order round it */
	readonly pictures?: readonly (readonly (readonly [x: string, y: string])[])[];
	/** a node's relaxation, and the best integer value so far; null where there is none */
	readonly relaxation?: {
		readonly status: string;
		readonly objective?: string;
		readonly solution?: Readonly<Record<string, string>>;
	};
	readonly incumbent?: string | null;
	/** the bounds of open nodes by their names */
	readonly nodes?: Readonly<Record<string, string>>;
	/** what rows are multiplied by */
	readonly weights?: Readonly<Record<string, string>>;
	/** what a number is changed to */
	readonly number?: string;
	/** an inequality that is asked about */
	readonly cut?: RelationAnswer;
}

/** A wrong answer that people give, with the confusion behind it. */
export interface Slip {
	readonly answer: Answer;
	readonly code: string;
}

/** A question as data, complete in itself. */
export interface Question {
	readonly kind: KindName;
	/** the step of the run whose tableau it is about; 0 is the start */
	readonly step: number;
	readonly tableau: TableauJson;
	/** whether the first objective row is of something maximised or minimised */
	readonly sense: 'max' | 'min';
	readonly given: Given;
	/** every right answer */
	readonly right: readonly Answer[];
	readonly slips: readonly Slip[];
	/** the problem, where the answer is about it rather than about the tableau */
	readonly problem?: Problem;
}

/** Where a run stands, and what it does next. */
export interface Situation {
	readonly problem: Problem;
	readonly step: number;
	readonly tableau: Tableau;
	readonly part: Part | 'drive-out';
	readonly rule: Rule;
	/** the part of a method that makes the next step */
	readonly nextPart: Part | 'drive-out' | null;
	/** the pivot that comes next; null where none does */
	readonly next: Choice | null;
	/** the tableau after it */
	readonly after: Tableau | null;
	readonly isLast: boolean;
	readonly answer: LinearAnswer;
	/** a whole number from 0 up to below the given one, the same for the same seed */
	readonly pick: (below: number) => number;
}

/** What an answer would do, in numbers. */
export interface Consequence {
	/** constraints, or variables with a bound, that would be violated, and by how much */
	readonly violates?: Readonly<Record<string, string>>;
	/** the point that `violates`, `satisfies` or `isLacking` is about */
	readonly point?: Readonly<Record<string, string>>;
	/** a constraint that the point satisfies, although the answer cuts it off */
	readonly satisfies?: string;
	/** whether the point is a corner of the region that the picture has not */
	readonly isLacking?: boolean;
	/** basic variables that would be negative, and their values */
	readonly basic?: Readonly<Record<string, string>>;
	/** entries of the objective row that would be negative, by column */
	readonly costs?: Readonly<Record<string, string>>;
	/** by how much the objective would change for each unit, or what `of` names */
	readonly rate?: string;
	/** the sum of the artificial variables, which counts as long as there are any */
	readonly of?: 'artificials';
	/** entries of a tableau that are not what they must be, each as `row|column`, with `rhs` for the right-hand side */
	readonly wrong?: readonly string[];
	/** how many entries are not written yet */
	readonly missing?: number;
	/** how the row of the first wrong entry comes about: divided by a number (the pivot row), or less so many times the new pivot row */
	readonly operation?: { readonly row: string; readonly how: 'divide' | 'subtract'; readonly by: string };
	/** what the number comes to */
	readonly value?: string;
}

/** How a kind of question is asked and judged. */
export interface QuestionKind {
	/** what an answer is */
	readonly answers:
		| 'name'
		| 'number'
		| 'cells'
		| 'cell'
		| 'yes-no'
		| 'state'
		| 'names'
		/** names in their order */
		| 'order'
		| 'plan'
		| 'interval'
		| 'sign'
		| 'relation'
		| 'closing'
		/** for each constraint the side of its line: below, above, left or right */
		| 'sides'
		/** one of `given.choices` */
		| 'choice';
	/** What is asked in a situation, what is right and what people answer instead; null where it cannot be asked there. */
	ask(
		situation: Situation
	): (Pick<Question, 'given' | 'right' | 'slips'> & Partial<Pick<Question, 'tableau' | 'sense'>>) | null;
	/** what it is about where that is not the tableau: the statement, the story in place of the statement, or the picture of two variables */
	readonly about?: 'statement' | 'story' | 'picture';
	/** whether the problem goes with the question */
	readonly withProblem?: boolean;
	/** What a wrong answer would do; null where nothing can be said. */
	consequence?(question: Question, answer: Answer): Consequence | null;
}
