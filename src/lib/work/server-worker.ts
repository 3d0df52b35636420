import { replyConvert, type Reply } from '../core/exchange/reply';
import { jobs } from './jobs';

/** What a worker thread of the server is asked: the text of a request's body, and which job it is for. */
export interface ServerTask {
	readonly job: 'solve' | 'convert';
	readonly text: string;
}

/** The pool's entry: everything that depends on what a stranger sent happens in here. */
export default function work({ job, text }: ServerTask): Reply {
	return job === 'solve' ? jobs.solve(text) : replyConvert(text);
}
