import { ruleNamed } from '../method/rule';
import { writeProblem } from '../problem/codec';
import { isPlain } from '../problem/shape';
import { collect, InputError, readProblem, type Issue } from '../problem/json';
import { canonical } from '../question/answers';
import { questions } from '../question/ask';
import { judge } from '../question/judge';
import { KINDS } from '../question/kinds';
import { KIND_NAMES, type Answer, type Question } from '../question/types';
import { saidOf, WORDS } from '../question/words';
import { QUESTIONS_REQUEST, requestReader } from './requests';
import type { JudgementJson, QuestionJson } from './shapes';
import type { RunControl } from './solve';

/** POST /api/v1/questions and /api/v1/judge: questions along a run, and what an answer is worth. */

const read = requestReader(QUESTIONS_REQUEST);

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

const isTexts = (list: unknown): list is string[] =>
	Array.isArray(list) && list.every((own) => typeof own === 'string');
const isNumber = (text: unknown): boolean =>
	typeof text === 'string' && /^-?\d{1,200}(?:\/[1-9]\d{0,199})?$/.test(text);
const areNumbers = (list: unknown): boolean => Array.isArray(list) && list.every(isNumber);
const isTextOrNone = (text: unknown): boolean => text === undefined || typeof text === 'string';
const isPlanOrNone = (plan: unknown): boolean =>
	plan === undefined || (isPlain(plan) && areNumbers(Object.values(plan)));
/** Whether they can be the regions of a question: corners by their coordinates. */
const arePictures = (pictures: unknown): boolean =>
	pictures === undefined ||
	(Array.isArray(pictures) &&
		pictures.length <= 8 &&
		pictures.every(
			(corners) =>
				Array.isArray(corners) &&
				corners.length <= 400 &&
				corners.every((corner) => areNumbers(corner) && (corner as string[]).length === 2)
		));
/** Whether what a question is about can be what was given. */
const isGiven = ({ choices, pictures, number, cut, ...given }: Record<string, unknown>): boolean =>
	[given.entering, given.row, given.column].every(isTextOrNone) &&
	[given.plan, given.nodes, given.weights].every(isPlanOrNone) &&
	(number === undefined || isNumber(number)) &&
	(cut === undefined || canonical('relation', cut as Answer) !== null) &&
	(choices === undefined || isTexts(choices)) &&
	arePictures(pictures);

/** Whether a tableau is one that questions come with. */
function isTableau(data: unknown): boolean {
	if (!isPlain(data) || !isTexts(data.columns) || !Array.isArray(data.rows) || !Array.isArray(data.objective))
		return false;
	const width = data.columns.length;
	const isLine = (row: unknown) =>
		isPlain(row) &&
		areNumbers(row.entries) &&
		(row.entries as string[]).length === width &&
		isNumber(row.rhs);
	return (
		width + data.rows.length <= 2_000 &&
		data.rows.every((row) => isLine(row) && typeof (row as Record<string, unknown>).basic === 'string') &&
		data.objective.length > 0 &&
		data.objective.every(isLine)
	);
}

/**
 * A question as it came back.
 * @throws InputError with every fault and its path
 */
function readQuestion(data: unknown): Question {
	const issues: Issue[] = [];
	const wrong = (path: string, message: string) => issues.push({ path: `question${path}`, message });
	if (!isPlain(data))
		throw new InputError([{ path: 'question', message: 'must be a question as it was given' }]);
	const kind = KIND_NAMES.find((name) => name === data.kind);
	if (!kind) wrong('.kind', `must be one of ${KIND_NAMES.join(', ')}`);
	const isAnswer = (answer: unknown) => !kind || canonical(KINDS[kind].answers, answer as Answer) !== null;
	if (!isTableau(data.tableau)) wrong('.tableau', 'must be the tableau of the question');
	if (!Array.isArray(data.right) || data.right.length === 0 || !data.right.every(isAnswer))
		wrong('.right', 'must be the list of right answers');
	if (
		!Array.isArray(data.slips) ||
		!data.slips.every((slip) => isPlain(slip) && typeof slip.code === 'string' && isAnswer(slip.answer))
	)
		wrong('.slips', 'must be the list of slips');
	if (data.given !== undefined && !(isPlain(data.given) && isGiven(data.given)))
		wrong('.given', 'must be what the question came with');
	let problem: Question['problem'];
	if (kind && KINDS[kind].withProblem)
		collect(issues, () => (problem = readProblem(data.problem, 'question.problem')));
	if (issues.length > 0 || !kind) throw new InputError(issues);
	return {
		kind,
		step: typeof data.step === 'number' ? data.step : 0,
		tableau: data.tableau as Question['tableau'],
		sense: data.sense === 'min' ? 'min' : 'max',
		given: (data.given ?? {}) as Question['given'],
		right: data.right as Answer[],
		slips: data.slips as Question['slips'],
		...(problem ? { problem } : {})
	};
}

/**
 * Answers a request to judge an answer.
 * @throws InputError where the question is none, or the answer of no form
 */
export function answerJudge(data: unknown): JudgementJson {
	if (!isPlain(data))
		throw new InputError([{ path: '', message: 'must be an object with a question and an answer' }]);
	const question = readQuestion(data.question);
	const { answer } = data;
	const isAnswer =
		typeof answer === 'string' ||
		typeof answer === 'number' ||
		(typeof answer === 'object' && answer !== null);
	if (!isAnswer)
		throw new InputError([{ path: 'answer', message: 'must be a text, a number, a list or an object' }]);
	const given = typeof answer === 'number' ? String(answer) : (answer as Answer);
	const judgement = judge(question, given);
	const { right, slip, consequence } = judgement;
	const says = saidOf(question, judgement, KINDS[question.kind].answers);
	if (right) return { right, says };
	return { right: false, ...(slip ? { slip } : {}), says, ...(consequence ? { consequence } : {}) };
}
