import { ruleNamed } from '../method/rule';
import { writeProblem } from '../problem/codec';
import { collect, InputError, inputReader, readProblem, type Issue } from '../problem/json';
import { isPlain } from '../problem/shape';
import { canonical } from '../question/answers';
import { questions } from '../question/ask';
import { judge } from '../question/judge';
import { KINDS } from '../question/kinds';
import type { Answer, Question } from '../question/types';
import { saidOf, WORDS } from '../question/words';
import { QUESTIONS_REQUEST, requestReader } from './requests';
import { JUDGE_REQUEST, type JudgementJson, type QuestionBack, type QuestionJson } from './question-shapes';
import { MOST_LINES } from './shapes';
import type { RunControl } from './solve';

/** POST /api/v1/questions and /api/v1/judge: questions along a run, and what an answer is worth. */

const read = requestReader(QUESTIONS_REQUEST);
const readJudged = inputReader(JUDGE_REQUEST);

/**
 * Answers a request for questions, in the shape of docs/API.md.
 * @throws InputError with every fault and its path
 * @throws CannotStart where the method asked for has nothing to start from
 */
export function answerQuestions(data: unknown, control: RunControl = {}): { questions: QuestionJson[] } {
	const { problem, given } = read(data);
	const found = questions({
		problem,
		method: given.method,
		rule: ruleNamed(given.rule),
		kinds: given.kinds,
		seed: given.seed,
		count: given.count,
		shouldStop: control.shouldStop
	});
	return {
		questions: found.map(({ problem: about, slips, ...question }) => {
			const words = WORDS[question.kind];
			const asked: Question = { ...question, slips };
			return {
				...question,
				says: words.asks(asked),
				slips: slips.map((slip) => ({ ...slip, says: words.slips[slip.code] })),
				hints: words.hints(asked),
				...(about ? { problem: writeProblem(about) } : {})
			};
		})
	};
}

/** Whether an answer holds texts alone, as one that we wrote; somebody else may answer with numbers. */
const isWritten = (answer: unknown): boolean =>
	typeof answer === 'string' ||
	answer === null ||
	(typeof answer === 'object' && Object.values(answer).every(isWritten));

/**
 * A question as it came back.
 * @throws InputError with every fault and its path
 */
function readQuestion(question: QuestionBack): Question {
	const issues: Issue[] = [];
	const check = (isRight: boolean, path: string, message: string) => {
		if (!isRight) issues.push({ path: `question${path}`, message });
	};
	const { problem: sent, ...own } = question;
	const { kind, tableau, right, slips } = own;
	const { answers, withProblem } = KINDS[kind];
	const width = tableau.columns.length;
	const isWhole = [...tableau.rows, ...tableau.objective].every(({ entries }) => entries.length === width);
	check(
		width + tableau.rows.length <= MOST_LINES,
		'.tableau',
		`has more than ${MOST_LINES} rows and columns`
	);
	check(isWhole, '.tableau', 'must have as many entries in each row as it has columns');
	const answersIn = (list: readonly Answer[], pathOf: (place: number) => string) =>
		list.forEach((answer, place) =>
			check(
				isWritten(answer) && canonical(answers, answer) !== null,
				pathOf(place),
				'must be an answer to this question'
			)
		);
	answersIn(right, (place) => `.right[${place}]`);
	answersIn(
		slips.map(({ answer }) => answer),
		(place) => `.slips[${place}].answer`
	);
	const { cut } = own.given;
	check(cut === undefined || canonical('relation', cut) !== null, '.given.cut', 'must be an inequality');
	let problem: Question['problem'];
	if (withProblem) collect(issues, () => (problem = readProblem(sent, 'question.problem')));
	if (issues.length > 0) throw new InputError(issues);
	return { ...own, ...(problem ? { problem } : {}) };
}

/**
 * Answers a request to judge an answer.
 * @throws InputError where the question is none, or the answer of no form
 */
export function answerJudge(data: unknown): JudgementJson {
	if (!isPlain(data))
		throw new InputError([{ path: '', message: 'must be an object with a question and an answer' }]);
	const { question: back, answer } = readJudged(data);
	const question = readQuestion(back);
	const isAnswer =
		typeof answer === 'string' ||
		typeof answer === 'number' ||
		(typeof answer === 'object' && answer !== null);
	if (!isAnswer)
		throw new InputError([{ path: 'answer', message: 'must be a text, a number, a list or an object' }]);
	const given = typeof answer === 'number' ? String(answer) : answer;
	const judgement = judge(question, given);
	const { right, slip, consequence } = judgement;
	const says = saidOf(question, judgement, KINDS[question.kind].answers);
	if (right) return { right, says };
	return { right: false, ...(slip ? { slip } : {}), says, ...(consequence ? { consequence } : {}) };
}
