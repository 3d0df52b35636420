import { count, list, oneOf, optional, record, text, type Of } from '../problem/shape';

/** The script of a lecture: what is shown step by step. It is kept in the lesson and says nothing that follows from the problem. */

/**
 * What a step shows. `lines`: so many constraints drawn (`at`); `position` to `operations`: a tableau of the run (`at`, from 0 on) as it stands,
 * then with the first choice, the ratios, the pivot and the row operations; `cut`: the row that the cut of this number comes from, or a list of all for 0;
 * `derivation`: how that cut comes about; `tree`: the node of this number, all of them for 0; `question`: one of a kind of questions (`at` counts those of
 * its kind);
 * `own`: only a remark.
 */
export const STEP_KINDS = [
	'own',
	'story',
	'problem',
	'lines',
	'region',
	'best',
	'form',
	'position',
	'choice',
	'ratios',
	'pivot',
	'operations',
	'answer',
	'dual',
	'ranges',
	'cut',
	'derivation',
	'tree',
	'question'
] as const;
export type StepKind = (typeof STEP_KINDS)[number];

/** What is shown of a tableau and the pivot at it, one thing after the other. */
export const PIVOT_STEPS = [
	'position',
	'choice',
	'ratios',
	'pivot',
	'operations'
] as const satisfies readonly StepKind[];

const STEP = record({
	shows: oneOf(STEP_KINDS),
	at: count,
	/** a remark of the instructor's, shown to the class */
	says: optional(text(2_000, 0)),
	/** planned minutes */
	minutes: optional(count),
	/** the kind of question that is asked; one that is not known is told as missing */
	asks: optional(text(40))
});
export type ScriptStep = Of<typeof STEP>;

export const MOST_STEPS = 300;
export const SCRIPT = list(STEP, MOST_STEPS);
