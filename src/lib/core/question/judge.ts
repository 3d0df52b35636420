import { canonical } from './answers';
import { KINDS } from './kinds';
import type { Answer, Consequence, Question } from './types';

/** What is said of an answer: whether it is right, which confusion is behind it, and what it would do. */
export interface Judgement {
	readonly right: boolean;
	/** the code of the slip; null where it is none of those that are known */
	readonly slip: string | null;
	readonly consequence: Consequence | null;
	/** whether it can be an answer at all: a number, a name of the tableau */
	readonly isReadable: boolean;
}

/** Judges an answer to a question, in any form that means the same. */
export function judge(question: Question, answer: Answer): Judgement {
	const kind = KINDS[question.kind];
	const own = canonical(kind.answers, answer);
	if (own === null) return { right: false, slip: null, consequence: null, isReadable: false };
	const isSame = (other: Answer) => canonical(kind.answers, other) === own;
	if (question.right.some(isSame)) return { right: true, slip: null, consequence: null, isReadable: true };
	const slip = question.slips.find((candidate) => isSame(candidate.answer))?.code ?? null;
	return { right: false, slip, consequence: kind.consequence?.(question, answer) ?? null, isReadable: true };
}
