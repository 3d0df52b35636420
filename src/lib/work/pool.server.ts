import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Piscina } from 'piscina';
import { problemDetails, type Reply } from '$lib/core/exchange/reply';
import { MAX_MILLISECONDS } from '$lib/core/exchange/solve-request';
import type { ServerTask } from './server-worker';

const THREADS = Math.max(1, Math.min(4, availableParallelism()));
const MOST_WAITING = 32;
const LONGEST_WAIT = 2_000;
/** on top of the time the caller allows, before the thread is ended from outside */
const GRACE = 1_500;

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
	(pool ??= new Piscina({ filename: workerFile(), minThreads: 1, maxThreads: THREADS, idleTimeout: 60_000 }));

/** A place among the running jobs, waiting a little where all are taken; false where none comes free. */
async function admitted(): Promise<boolean> {
	if (running < THREADS) {
		running += 1;
		return true;
	}
	if (waiting.length >= MOST_WAITING) return false;
	return new Promise((resolve) => {
		const enter = () => {
			clearTimeout(timer);
			resolve(true);
		};
		const timer = setTimeout(() => {
			waiting.splice(waiting.indexOf(enter), 1);
			resolve(false);
		}, LONGEST_WAIT);
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

/**
 * Runs a task in a worker thread; the thread is ended where it overruns its time.
 * @returns the reply; 503 where all threads stay busy
 */
export async function runTask(task: ServerTask): Promise<Reply & { retryAfter?: number }> {
	if (!(await admitted()))
		return { ...problemDetails(503, 'All workers are busy. Try again shortly.'), retryAfter: 2 };
	const allowed = task.job === 'solve' ? allowedTime(task.text) : 10_000;
	const abort = new AbortController();
	const timer = setTimeout(() => abort.abort(), allowed + GRACE);
	try {
		return (await threads().run(task, { signal: abort.signal })) as Reply;
	} catch (error) {
		if (!abort.signal.aborted) throw error;
		if (task.job === 'convert') return problemDetails(422, 'The conversion took too long and was ended.');
		const reason = `The limit of ${allowed} milliseconds was reached, and the work was ended from outside.`;
		return { status: 200, body: { status: 'stopped', reason, pivots: 0 } };
	} finally {
		clearTimeout(timer);
		leave();
	}
}
