import { startWords } from '../method/messages';
import { CannotStart } from '../method/solve';
import { InputError, inputReader, type Issue } from '../problem/json';
import { plainText } from '../sentence/sentence';
import { convert } from '../formats/convert';
import { answerDesign, type DesignJson } from './design';
import { answerDual, answerParametric } from './duality';
import { parseJson } from '../formats/json-text';
import { answerJudge, answerQuestions } from './questions';
import { answerRegion, NotPossible } from './region';
import { answerSolve, type RunControl } from './solve';
import { answerSheet } from './sheet';
import { CONVERT_REQUEST } from './requests';
import { readSolveRequest } from './solve-request';

/** An HTTP answer before it is one: a status, and a body that is JSON text already, so that nobody has to write it twice. */
export interface Reply {
	readonly status: number;
	readonly text: string;
}

const TITLES: Record<number, string> = {
	400: 'The input is not valid',
	404: 'There is nothing here',
	405: 'This method is not allowed here',
	413: 'The input is too large',
	415: 'The content type is not application/json',
	422: 'This cannot be done with this problem',
	500: 'Something went wrong here',
	503: 'All workers are busy'
};

/** An error as RFC 9457 wants it. */
export function problemDetails(status: number, detail: string, issues: readonly Issue[] = []): Reply {
	const title = TITLES[status] ?? 'Error';
	return jsonReply(status, {
		type: 'about:blank',
		title,
		status,
		detail,
		...(issues.length ? { issues } : {})
	});
}

/** A reply with a body. */
export const jsonReply = (status: number, body: object): Reply => ({ status, text: JSON.stringify(body) });

const MOST_ISSUES = 100;
const readConversion = inputReader(CONVERT_REQUEST);

function guarded(text: string, answer: (data: unknown) => object): Reply {
	try {
		return jsonReply(200, answer(parseJson(text)));
	} catch (error) {
		if (error instanceof SyntaxError)
			return problemDetails(400, error.message, [{ path: '', message: error.message }]);
		if (error instanceof InputError) {
			const [first] = error.issues;
			const detail = first ? `${first.path || 'The input'} ${first.message}` : error.message;
			return problemDetails(400, detail, error.issues.slice(0, MOST_ISSUES));
		}
		if (error instanceof CannotStart) {
			const message = plainText(startWords(error.reason));
			return problemDetails(422, message, [{ path: 'method', message }]);
		}
		if (error instanceof NotPossible)
			return problemDetails(422, error.message, [{ path: error.path, message: error.message }]);
		throw error;
	}
}

/** Answers the body of POST /api/v1/solve. */
export function replySolve(text: string, control: (milliseconds: number) => RunControl): Reply {
	return guarded(text, (data) => {
		const request = readSolveRequest(data);
		return answerSolve(request, control(request.limit.milliseconds));
	});
}

/** Answers the body of POST /api/v1/convert. */
export const replyConvert = (text: string): Reply => guarded(text, (data) => convert(readConversion(data)));

/** Answers the body of POST /api/v1/region. */
export const replyRegion = (text: string, control: RunControl): Reply =>
	guarded(text, (data) => answerRegion(data, control));

/** Answers the body of POST /api/v1/dual. */
export const replyDual = (text: string): Reply => guarded(text, answerDual);

/** Answers the body of POST /api/v1/parametric. */
export const replyParametric = (text: string, control: RunControl): Reply =>
	guarded(text, (data) => answerParametric(data, control));

/** Answers the body of POST /api/v1/questions. */
export const replyQuestions = (text: string, control: RunControl): Reply =>
	guarded(text, (data) => answerQuestions(data, control));

/** Answers the body of POST /api/v1/judge. */
export const replyJudge = (text: string): Reply => guarded(text, answerJudge);

/** Answers the body of POST /api/v1/sheet. */
export const replySheet = (text: string, control: RunControl): Reply =>
	guarded(text, (data) => answerSheet(data, control));

/** Answers the body of POST /api/v1/design. */
export const replyDesign = (
	text: string,
	control: (milliseconds: number) => RunControl,
	soFar?: (found: DesignJson) => void
): Reply =>
	guarded(text, (data) => {
		const problems: DesignJson['problems'][number][] = [];
		let tried = 0;
		let missed: DesignJson['missed'] = {};
		const tell = () => soFar?.({ problems, tried, missed });
		return answerDesign(data, control, {
			onFind: (find) => {
				problems.push(find);
				tell();
			},
			onProgress: (progress) => {
				({ tried, missed } = progress);
				tell();
			}
		});
	});
