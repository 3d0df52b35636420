import { questions } from '../question/ask';
import { KINDS } from '../question/kinds';
import { judge } from '../question/judge';
import { KIND_NAMES, type Answer, type Question } from '../question/types';
import { answerText, rights, saidOf, WORDS } from '../question/words';
import { say } from '../sentence/sentence';
import { drawingOf, withoutBest } from '../sheet/drawing';
import { picturesOf } from '../sheet/make';
import { quizItem } from '../sheet/quiz';
import { questionTableau } from '../sheet/tableaux';
import type { SheetPart } from '../sheet/types';
import { type ScriptStep } from '../lesson/script';
import type { SlideChoice, LectureSource, SlideShown, Slide } from './slide';

/** Slides that ask a question, and what the speaker has to know of one. */

const LETTERS = 'ABCDEFGH';

/** What is said of an answer to a question. */
const verdictOn = (question: Question, answer: Answer): string =>
	saidOf(question, judge(question, answer), KINDS[question.kind].answers);

/** The right answer to a question, and the wrong ones to expect: one of each confusion. */
export function answerOf(question: Question): NonNullable<Slide['answer']> {
	const { kind } = question;
	const slips = question.slips.filter(
		({ code }, i) => question.slips.findIndex((slip) => slip.code === code) === i
	);
	return {
		right: kind === 'next-tableau' ? '' : rights(question),
		because: WORDS[kind].because(question),
		slips: slips.map(({ answer }) => `${answerText(answer)}: ${verdictOn(question, answer)}`)
	};
}

/** A question with choices where it has a few, and with what is told of each. */
function questionOf(question: Question): NonNullable<Slide['question']> {
	const item = quizItem(question, 'Q');
	const field = item?.fields.length === 1 && item.fields[0].kind === 'choice' ? item.fields[0] : null;
	const { kind } = question;
	const because = WORDS[kind].because(question);
	const choices =
		field && field.most === 1 && field.options.length <= LETTERS.length
			? field.options.map(({ id, text }, i): SlideChoice => {
					const isRight = item!.right.some((own) => own[field.id].includes(id));
					const slip = item!.slips.find(({ entries }) => entries[field.id].includes(id));
					return {
						letter: LETTERS[i],
						// pictures are called by their letters
						says: text === LETTERS[i] ? '' : text,
						isRight,
						because: isRight
							? because
							: (slip?.says ?? verdictOn(question, question.given.choices?.[i] ?? text))
					};
				})
			: [];
	return { says: WORDS[kind].asks(question), choices };
}

export function questionSlide(source: LectureSource, { asks, at }: ScriptStep): SlideShown | null {
	const kind = KIND_NAMES.find((own) => own === asks);
	if (!kind) return null;
	const { problem, method, rule } = source;
	const list = questions({ problem, method, rule, kinds: [kind], seed: 1, count: at + 1 });
	const question = list[at];
	if (!question) return null;
	const drawing = kind === 'best-corner' ? drawingOf(problem, 'answers') : null;
	const about: SheetPart = drawing
		? { kind: 'picture', drawing: withoutBest(drawing) }
		: question.problem
			? { kind: 'statement', problem }
			: questionTableau(question.given.after ?? question.tableau, []);
	const drawings = picturesOf(question);
	// the statement would answer what a sentence of the story is asked about
	const isHidden = KINDS[kind].about === 'story' && question.given.sentence !== undefined;
	return {
		title: say`Question`,
		main: isHidden ? [] : drawings ? [about, drawings] : [about],
		beside: [],
		question: questionOf(question),
		answer: answerOf(question)
	};
}
