import type { Rule } from '../method/rule';
import type { MethodName } from '../method/solve';
import type { Sentence } from '../sentence/sentence';
import { asksForWhole } from '../problem/whole';
import type { SheetSource } from '../sheet/blocks';
import { cutRounds } from '../sheet/rounds';
import type { SheetPart } from '../sheet/types';

/** What the class sees at a step of a script, what the speaker has to know there, and what slides are made of. */

export interface SlideChoice {
	readonly letter: string;
	readonly says: string;
	readonly isRight: boolean;
	/** why, once it is told */
	readonly because: string;
}

export interface Slide {
	readonly title: Sentence;
	/** the tableau, or what is looked at most */
	readonly main: readonly SheetPart[];
	/** the picture or sentences beside it */
	readonly beside: readonly SheetPart[];
	/** the instructor's remark */
	readonly remark: string;
	readonly minutes: number;
	/** what is asked; its answer is told before the next step comes */
	readonly question: { readonly says: string; readonly choices: readonly SlideChoice[] } | null;
	/** what the speaker has to know of what the step asks, told to the class with the question or by a later step */
	readonly answer: {
		readonly right: string;
		readonly because: string;
		/** wrong answers to expect */
		readonly slips: readonly string[];
	} | null;
	/** the problem has nothing like this any more */
	readonly isMissing: boolean;
}

/** What slides are made of. */
export interface LectureSource extends SheetSource {
	readonly rule: Rule;
	readonly method: MethodName;
}

/** cuts that a lecture shows one by one */
const MOST_CUTS = 3;

/** What the slides of a lecture are made of: its run goes on with cutting planes where whole numbers are asked for, and they are the ones it tells of. */
export function lectureSource(source: SheetSource, rule: Rule, method: MethodName): LectureSource {
	const rounds = asksForWhole(source.problem) ? cutRounds(source.steps, rule, MOST_CUTS) : [];
	const steps = [...source.steps, ...rounds];
	return { ...source, steps, rounds: () => steps, rule, method };
}

export type SlideShown = Pick<Slide, 'title' | 'main'> &
	Partial<Pick<Slide, 'beside' | 'question' | 'answer'>>;
