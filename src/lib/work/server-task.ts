import type { MessagePort } from 'node:worker_threads';
import type { DesignJson } from '../core/api/design';
import type { FoundJson } from './jobs';

/** what a thread tells when it takes a task up: until then it may have had to start */
export const BEGUN = 'begun';

/** What a job tells of what it has found so far: a solve, or the answer that a design would give now. */
export type FoundSoFar = FoundJson | DesignJson;

/** What a worker thread of the server is asked: the text of a request's body, and which job it is for. */
export interface ServerTask {
	readonly job:
		'solve' | 'convert' | 'region' | 'dual' | 'parametric' | 'design' | 'questions' | 'judge' | 'sheet';
	readonly text: string;
	/** hears what was found so far, for the case that the thread has to be ended from outside */
	readonly port?: MessagePort;
	/** one number, shared with the asking thread: not 0 once nobody waits for the answer */
	readonly unwanted?: Int32Array;
}
