import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { jsonReply, problemDetails, type Reply } from '$lib/core/api/reply';
import { MAX_MILLISECONDS } from '$lib/core/api/solve-request';
import type { FoundJson } from './jobs';
import type { ServerTask } from './server-worker';

const THREADS = Math.max(1, Math.min(4, availableParallelism()));
const MOST_WAITING = 32;
const LONGEST_WAIT = 2_000;
/** on top of the time the caller allows, before the thread is ended from outside */
const GRACE = 1_500;
/** megabytes that a thread may hold; one that wants more is ended */
const HEAP = 512;

/** The worker's bundle lies beside the server's entry (see scripts/server-bundle.mjs); how deep this chunk lies below it may vary. */
function workerFile(): string {
	let folder = dirname(fileURLToPath(import.meta.url));
	for (let i = 0; i < 6; i++) {
		for (const name of ['worker/worker.js', 'build/worker/worker.js']) {
			const file = join(folder, name);
			if (existsSync(file)) return file;
		}
		folder = dirname(folder);
	}
	throw new Error('the worker bundle is missing; run npm run build');
}

let pool: Piscina | null = null;
let running = 0;
const waiting: (() => void)[] = [];

const threads = (): Piscina =>
	(pool ??= new Piscina({
		filename: workerFile(),
		minThreads: 1,
		maxThreads: THREADS,
		idleTimeout: 5_000,
		resourceLimits: { maxOldGenerationSizeMb: HEAP, maxYoungGenerationSizeMb: 16 }
	}));

/** A place among the running jobs, waiting a little where all are taken; false where none comes free, or nobody waits any more. */
async function admitted(gone: AbortSignal): Promise<boolean> {
	if (gone.aborted) return false;
	if (running < THREADS) {
		running += 1;
		return true;
	}
	if (waiting.length >= MOST_WAITING) return false;
	return new Promise((resolve) => {
		const end = (entered: boolean) => {
			clearTimeout(timer);
			gone.removeEventListener('abort', leaveQueue);
			if (!entered) waiting.splice(waiting.indexOf(enter), 1);
			resolve(entered);
		};
		const enter = () => end(true);
		const leaveQueue = () => end(false);
		const timer = setTimeout(leaveQueue, LONGEST_WAIT);
		gone.addEventListener('abort', leaveQueue, { once: true });
		waiting.push(enter);
	});
}

/** The place goes straight to the next in line, or becomes free. */
function leave(): void {
	const next = waiting.shift();
	if (next) next();
	else running -= 1;
}

/** The time limit in a body, read without parsing it: only to know when to end a thread that does not end by itself. */
function allowedTime(text: string): number {
	const found = [...text.matchAll(/"milliseconds"\s*:\s*(\d{1,9})/g)].map((match) => Number(match[1]));
	return Math.min(MAX_MILLISECONDS, found.length ? Math.max(...found) : 10_000);
}

const isOutOfMemory = (error: unknown): boolean =>
	error instanceof Error && (error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY';

/** The answer to work that had to be ended from outside: what it had found until then. */
function ended(task: ServerTask, why: string, found: FoundJson): Reply {
	if (task.job !== 'solve') return problemDetails(422, `The work was ended: ${why}`);
	return jsonReply(200, { status: 'stopped', reason: `${why} The work was ended from outside.`, ...found });
}

/**
 * Runs a task in a worker thread; the thread is ended where it overruns its time or memory, or the client has gone.
 * @param gone tells that nobody waits for the answer any more
 * @returns the reply; 503 where all threads stay busy
 */
export async function runTask(task: ServerTask, gone: AbortSignal): Promise<Reply & { retryAfter?: number }> {
	if (!(await admitted(gone)))
		return { ...problemDetails(503, 'All workers are busy. Try again shortly.'), retryAfter: 2 };
	const allowed = task.job === 'solve' ? allowedTime(task.text) : 10_000;
	const outside = new AbortController();
	const endFromOutside = () => outside.abort();
	const overtime = setTimeout(endFromOutside, allowed + GRACE);
	// an unwanted job is asked to end, so that the thread lives on; only one that does not listen is ended from outside
	const unwanted = new Int32Array(new SharedArrayBuffer(4));
	let patience: NodeJS.Timeout | undefined;
	const askToEnd = () => {
		Atomics.store(unwanted, 0, 1);
		patience = setTimeout(endFromOutside, GRACE);
	};
	gone.addEventListener('abort', askToEnd, { once: true });
	const { port1, port2 } = new MessageChannel();
	let found: FoundJson = { pivots: 0 };
	port1.on('message', (message: FoundJson) => (found = message));
	try {
		const options = { signal: outside.signal, transferList: [port2] };
		return (await threads().run({ ...task, port: port2, unwanted }, options)) as Reply;
	} catch (error) {
		if (isOutOfMemory(error))
			return ended(task, 'It needed more memory than there is for one request.', found);
		if (!outside.signal.aborted) throw error;
		return ended(task, `The limit of ${allowed} milliseconds was reached.`, found);
	} finally {
		clearTimeout(overtime);
		clearTimeout(patience);
		gone.removeEventListener('abort', askToEnd);
		port1.close();
		leave();
	}
}
