import type { MessagePort } from 'node:worker_threads';
import { replyConvert, type Reply } from '../core/exchange/reply';
import { jobs } from './jobs';

/** What a worker thread of the server is asked: the text of a request's body, and which job it is for. */
export interface ServerTask {
	readonly job: 'solve' | 'convert';
	readonly text: string;
	/** hears what was found so far, for the case that the thread has to be ended from outside */
	readonly port?: MessagePort;
	/** one number, shared with the asking thread: not 0 once nobody waits for the answer */
	readonly unwanted?: Int32Array;
}

/** The pool's entry: everything that depends on what a stranger sent happens in here. */
export default function work({ job, text, port, unwanted }: ServerTask): Reply {
	return job === 'solve'
		? jobs.solve(
				text,
				port && ((found) => port.postMessage(found)),
				unwanted && (() => Atomics.load(unwanted, 0) !== 0)
			)
		: replyConvert(text);
}
