import {
	replyConvert,
	replyDesign,
	replyDual,
	replyJudge,
	replyParametric,
	replyQuestions,
	replyRegion,
	replySheet,
	type Reply
} from '../core/api/reply';
import { jobs } from './jobs';
import { BEGUN, type ServerTask } from './server-task';
import { timed } from './timed';

/** milliseconds that work without a limit of its own may take */
const LONGEST = 10_000;

/** The pool's entry: everything that depends on what a stranger sent happens in here. */
export default function work({ job, text, port, unwanted }: ServerTask): Reply {
	port?.postMessage(BEGUN);
	const isUnwanted = unwanted && (() => Atomics.load(unwanted, 0) !== 0);
	switch (job) {
		case 'solve':
			return jobs.solve(text, port && ((found) => port.postMessage(found)), isUnwanted);
		case 'region':
			return replyRegion(text, timed(LONGEST, isUnwanted));
		case 'convert':
			return replyConvert(text);
		case 'dual':
			return replyDual(text);
		case 'parametric':
			return replyParametric(text, timed(LONGEST, isUnwanted));
		case 'questions':
			return replyQuestions(text, timed(LONGEST, isUnwanted));
		case 'judge':
			return replyJudge(text);
		case 'sheet':
			return replySheet(text, timed(LONGEST, isUnwanted));
		case 'design':
			return replyDesign(
				text,
				(milliseconds) => timed(milliseconds, isUnwanted),
				(found) => port?.postMessage(found)
			);
	}
}
