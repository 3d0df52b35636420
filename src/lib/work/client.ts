import { proxy, releaseProxy, wrap, type Remote } from 'comlink';
import type { SolveJson } from '../core/api/shapes';
import type { SameWay } from '../core/design/variants';
import type { DesignJson, ProgressJson } from '../core/api/design';
import type { ProblemKind } from '../core/kind/kind';
import type { Opened } from '../core/lesson/files';
import type { Issue } from '../core/problem/json';
import type { Reading } from '../core/problem/statement/reading';
import type { WayTaken } from '../core/integer/compare';
import type { SearchRules } from '../core/integer/search-types';
import type { ProblemJson } from '../core/problem/format';
import type { MapCell, Window } from '../core/parametric/map';
import type { Varied } from '../core/problem/varied';
import type { SheetFile } from '../core/sheet/files';
import type { Jobs, Progress } from './jobs';
import type { LectureJson, LectureRequest, SheetPages, SheetRequest } from './printed';
import { Cancelled } from './cancelled';
import { languageFile } from './language';
import { pack, unpack, unpackReading, type Packed, type PackedDecision } from './packing';

interface Line {
	readonly worker: Worker;
	readonly remote: Remote<Jobs>;
}

function open(): Line {
	const worker = new Worker(new URL('./browser-worker.ts', import.meta.url), {
		type: 'module',
		name: languageFile()
	});
	return { worker, remote: wrap<Jobs>(worker) };
}

/** A worker kept for the next job, so that starting one is paid once. */
let idle: Line | null = null;

/**
 * Runs a job in a worker of its own until it ends; cancelling ends the worker, whatever it is doing.
 * @throws Cancelled where the signal ends it
 */
async function run<T>(job: (remote: Remote<Jobs>) => Promise<T>, signal?: AbortSignal): Promise<T> {
	if (signal?.aborted) throw new Cancelled();
	const line = idle ?? open();
	idle = null;
	return new Promise<T>((resolve, reject) => {
		const close = () => {
			line.remote[releaseProxy]();
			line.worker.terminate();
		};
		const cancel = () => {
			close();
			reject(new Cancelled());
		};
		signal?.addEventListener('abort', cancel, { once: true });
		line.worker.onerror = (event) => {
			close();
			reject(new Error(event.message || 'the worker could not run'));
		};
		job(line.remote).then(
			(value) => {
				signal?.removeEventListener('abort', cancel);
				if (idle) close();
				else if (!signal?.aborted) idle = line;
				resolve(value);
			},
			(error: unknown) => {
				signal?.removeEventListener('abort', cancel);
				close();
				reject(error instanceof Error ? error : new Error(String(error)));
			}
		);
	});
}

/** Reads a long statement off the main thread. */
export const readInWorker = async (text: string, signal?: AbortSignal): Promise<Reading> =>
	unpackReading(await run((remote) => remote.read(text), signal));

/** Finds out what kind of problem a statement states, off the main thread. */
export const kindInWorker = (
	text: string,
	milliseconds: number,
	signal?: AbortSignal
): Promise<ProblemKind | null> => run((remote) => remote.kind(text, milliseconds), signal);

/** Makes the sheets of a handout off the main thread. */
export const sheetsInWorker = (request: SheetRequest, signal?: AbortSignal): Promise<SheetPages> =>
	run((remote) => remote.sheetPages(request), signal);

/** Makes the files of a handout off the main thread. */
export const sheetFilesInWorker = (request: SheetRequest, signal?: AbortSignal): Promise<SheetFile[]> =>
	run((remote) => remote.sheetFilesOf(request), signal);

/** Makes the slides of a lecture off the main thread. */
export const slidesInWorker = (request: LectureRequest, signal?: AbortSignal): Promise<LectureJson> =>
	run((remote) => remote.slides(request), signal);

/** Opens the text of a file off the main thread: what it brought, or what is wrong with it. */
export const openInWorker = (
	name: string,
	text: string,
	signal?: AbortSignal
): Promise<Opened | { issues: readonly Issue[] }> =>
	run(async (remote) => await remote.open(name, text), signal);

/** Solves a statement off the main thread; the answer is as POST /api/v1/solve gives it. */
export const answerInWorker = (
	text: string,
	milliseconds: number,
	progress: Progress,
	signal?: AbortSignal
): Promise<SolveJson | null> => run((remote) => remote.answer(text, milliseconds, proxy(progress)), signal);

/** Takes the ways to the best integer plan off the main thread; each is told as it ends. */
export const compareInWorker = (
	text: string,
	milliseconds: number,
	told: (way: WayTaken) => void,
	signal?: AbortSignal
): Promise<void> =>
	run(
		async (remote) =>
			await remote.compare(
				text,
				milliseconds,
				proxy((way: Packed<WayTaken>) => told(unpack(way)))
			),
		signal
	);

/** Goes on with a branch-and-bound search off the main thread; what is new is told some at a time. */
export const searchInWorker = (
	problem: ProblemJson,
	decisions: readonly PackedDecision[],
	goOn: { rules: SearchRules; mostNodes: number } | null,
	told: (fresh: PackedDecision[]) => Promise<void>,
	signal?: AbortSignal
): Promise<void> => run(async (remote) => await remote.search(problem, decisions, goOn, proxy(told)), signal);

/** Looks for problems that keep wishes off the main thread; each find is told, and how it goes. */
export const designInWorker = (
	request: object,
	onFind: (find: DesignJson['problems'][number]) => void,
	onProgress: (progress: ProgressJson) => void,
	signal?: AbortSignal
): Promise<void> =>
	run(async (remote) => await remote.design(request, proxy(onFind), proxy(onProgress)), signal);

/**
 * The same on the server, which tells all at its end.
 * @throws Error where the server does not answer, or with another status
 */
export async function designOnServer(
	request: object,
	onFind: (find: DesignJson['problems'][number]) => void,
	onProgress: (progress: ProgressJson) => void,
	signal?: AbortSignal
): Promise<void> {
	const reply = await fetch('/api/v1/design', {
		method: 'POST',
		headers: { 'content-type': 'application/json' },
		body: JSON.stringify(request),
		signal
	});
	if (!reply.ok) throw new Error(`the server answers ${reply.status}`);
	const { problems, tried, missed, nearest = [] } = (await reply.json()) as DesignJson;
	problems.forEach(onFind);
	onProgress({ tried, missed, met: {}, near: nearest });
}

/** Whole coefficients of the objective near its own for which a plan is best, off the main thread; null where none was found. */
export const nearestWholeInWorker = (
	problem: ProblemJson,
	plan: Readonly<Record<string, string>>,
	signal?: AbortSignal
): Promise<Record<string, string> | null> => run((remote) => remote.nearestWhole(problem, plan), signal);

/** Parts the plane of two numbers of a problem off the main thread. */
export const mapInWorker = async (
	problem: ProblemJson,
	varied: readonly [Varied, Varied],
	window: Window,
	milliseconds: number,
	signal?: AbortSignal
): Promise<MapCell[]> =>
	unpack(await run((remote) => remote.map(problem, varied, pack(window), milliseconds), signal));

/** Looks for variants of a problem off the main thread; each is told. */
export const variantsInWorker = (
	problem: ProblemJson,
	count: number,
	seed: number,
	way: SameWay,
	milliseconds: number,
	onFind: (problem: ProblemJson) => void,
	signal?: AbortSignal
): Promise<void> =>
	run(
		async (remote) => await remote.variants(problem, count, seed, way, milliseconds, proxy(onFind)),
		signal
	);
