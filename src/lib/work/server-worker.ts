import type { MessagePort } from 'node:worker_threads';
import {
	replyConvert,
	replyDesign,
	replyDual,
	replyParametric,
	replyRegion,
	type Reply
} from '../core/api/reply';
import { jobs } from './jobs';
import { timed } from './timed';

/** What a worker thread of the server is asked: the text of a request's body, and which job it is for. */
export interface ServerTask {
	readonly job: 'solve' | 'convert' | 'region' | 'dual' | 'parametric' | 'design';
	readonly text: string;
	/** hears what was found so far, for the case that the thread has to be ended from outside */
	readonly port?: MessagePort;
	/** one number, shared with the asking thread: not 0 once nobody waits for the answer */
	readonly unwanted?: Int32Array;
}

/** milliseconds that work without a limit of its own may take */
const LONGEST = 10_000;

/** The pool's entry: everything that depends on what a stranger sent happens in here. */
export default function work({ job, text, port, unwanted }: ServerTask): Reply {
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
		case 'design':
			return replyDesign(text, (milliseconds) => timed(milliseconds, isUnwanted));
	}
}
