import { existsSync } from 'node:fs';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { MessageChannel } from 'node:worker_threads';
import { Piscina } from 'piscina';
import { jsonReply, problemDetails, type Reply } from '$lib/core/api/reply';
import { MAX_MILLISECONDS } from '$lib/core/api/limits';
import { Places, SHORT } from './places';
import { BEGUN, type ServerTask, type FoundSoFar } from './server-task';

const CORES = Math.max(1, Math.min(4, availableParallelism()));
const SIZE = { short: CORES, long: CORES, waiting: 32, patience: 2_000 };
/** milliseconds on top of the time the caller allows, before the thread is ended from outside */
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
const places = new Places(SIZE);
/** ends each job under way, with what it has found so far */
const endings = new Set<() => void>();
let isClosing = false;

// told by the server's entry: no job begins any more, and what still runs after the grace ends with what it has found
process.on('server-closing' as 'message', (grace) => {
	isClosing = true;
	places.refuseAll();
	setTimeout(() => endings.forEach((end) => end()), grace as number).unref();
});

const threads = (): Piscina =>
	(pool ??= new Piscina({
		filename: workerFile(),
		minThreads: 1,
		maxThreads: SIZE.short + SIZE.long,
		idleTimeout: 5_000,
		resourceLimits: { maxOldGenerationSizeMb: HEAP, maxYoungGenerationSizeMb: 16 }
	}));

/** jobs whose requests may set a time limit */
const LIMITED: ReadonlySet<ServerTask['job']> = new Set(['solve', 'design']);

/** The time limit in a body, read without parsing it: only to know when to end a thread that does not end by itself. */
function allowedTime(text: string): number {
	const found = [...text.matchAll(/"milliseconds"\s*:\s*(\d{1,9})/g)].map((match) => Number(match[1]));
	return Math.min(MAX_MILLISECONDS, found.length ? Math.max(...found) : 10_000);
}

const isOutOfMemory = (error: unknown): boolean =>
	error instanceof Error && (error as NodeJS.ErrnoException).code === 'ERR_WORKER_OUT_OF_MEMORY';

/** The answer to work that had to be ended from outside: what it had found until then. */
function ended({ job }: ServerTask, why: string, found: FoundSoFar | null): Reply {
	if (job === 'solve')
		return jsonReply(200, {
			status: 'stopped',
			reason: `${why} The work was ended from outside.`,
			...(found ?? { pivots: 0 })
		});
	if (job === 'design') return jsonReply(200, found ?? { problems: [], tried: 0, missed: {} });
	return problemDetails(422, `The work was ended: ${why}`);
}

/** How many jobs work now, and how many wait for a place. */
export const load = (): { working: number; waiting: number } => ({
	working: endings.size,
	waiting: places.waiting
});

const BUSY = { ...problemDetails(503, 'All workers are busy. Try again shortly.'), retryAfter: 2 };

/** How one run of a task ended: answered, or ended since it took longer than a short job may. */
type Ended = { readonly reply: Reply } | 'long';

/**
 * Runs a task in a thread; the thread is ended where it overruns its time or memory, or nobody waits for it any more.
 * @param mayGoOn asked once, `SHORT` milliseconds after the job has begun; where it refuses, the thread is ended
 */
async function run(task: ServerTask, gone: AbortSignal, mayGoOn: () => boolean): Promise<Ended> {
	const allowed = LIMITED.has(task.job) ? allowedTime(task.text) : 10_000;
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
	endings.add(endFromOutside);
	let isTooLong = false;
	let judge: NodeJS.Timeout | undefined;
	// a thread that has yet to start takes a while: that is not the job's fault
	const begin = () => {
		judge = setTimeout(() => {
			isTooLong = !mayGoOn();
			if (isTooLong) endFromOutside();
		}, SHORT);
	};
	const { port1, port2 } = new MessageChannel();
	let found: FoundSoFar | null = null;
	port1.on('message', (message: FoundSoFar | typeof BEGUN) => {
		if (message === BEGUN) begin();
		else found = message;
	});
	try {
		const options = { signal: outside.signal, transferList: [port2] };
		return { reply: (await threads().run({ ...task, port: port2, unwanted }, options)) as Reply };
	} catch (error) {
		if (isOutOfMemory(error))
			return { reply: ended(task, 'It needed more memory than there is for one request.', found) };
		if (!outside.signal.aborted) throw error;
		if (isTooLong) return 'long';
		const why = isClosing ? 'The server was ended.' : `The limit of ${allowed} milliseconds was reached.`;
		return { reply: ended(task, why, found) };
	} finally {
		clearTimeout(overtime);
		clearTimeout(patience);
		clearTimeout(judge);
		endings.delete(endFromOutside);
		gone.removeEventListener('abort', askToEnd);
		port1.close();
	}
}

/**
 * Runs a task in a worker thread. One that takes long moves to a place for long work; where none is free at once its thread is ended, and it
 * begins again when one is.
 * @param client who asks, so that nobody holds all places
 * @param gone tells that nobody waits for the answer any more
 * @returns the reply; 503 where all places stay taken
 */
export async function runTask(
	task: ServerTask,
	client: string,
	gone: AbortSignal
): Promise<Reply & { retryAfter?: number }> {
	if (isClosing || !(await places.short.enter(client, gone))) return BUSY;
	let place: 'short' | 'long' = 'short';
	const moveOn = () => {
		if (!places.long.takeNow(client)) return false;
		places.short.leave(client);
		place = 'long';
		return true;
	};
	try {
		const first = await run(task, gone, moveOn);
		if (first !== 'long') return first.reply;
	} finally {
		places[place].leave(client);
	}
	if (isClosing || !(await places.long.enter(client, gone))) return BUSY;
	try {
		const again = await run(task, gone, () => true);
		return again === 'long' ? BUSY : again.reply;
	} finally {
		places.long.leave(client);
	}
}
