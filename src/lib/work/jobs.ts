import { solveLinear } from '../core/answer/answer';
import { kindOf, type ProblemKind } from '../core/kind/kind';
import { openFile, type Opened } from '../core/lesson/files';
import { InputError, type Issue } from '../core/problem/json';
import { numbers } from '../core/api/answer-json';
import { replySolve, type Reply } from '../core/api/reply';
import type { NumbersJson, SolveJson } from '../core/api/shapes';
import { answerSolve, type RunControl } from '../core/api/solve';
import { MAX_STEPS } from '../core/api/limits';
import { beginSearch } from '../core/integer/branch';
import { compareWays, type WayTaken } from '../core/integer/compare';
import type { SearchRules } from '../core/integer/search-types';
import { DANTZIG } from '../core/method/rule';
import { toText } from '../core/number/rational';
import { decodeProblem, writeProblem } from '../core/problem/codec';
import { answerDesign, type DesignJson, type ProgressJson } from '../core/api/design';
import { coneAt, nearestWhole } from '../core/design/objective-cone';
import { planFromTexts, writePlan } from '../core/problem/use';
import { variants, type SameWay } from '../core/design/variants';
import type { ProblemJson } from '../core/problem/format';
import { readStatement } from '../core/problem/statement/read';
import { numberMap, type MapCell, type Window } from '../core/parametric/map';
import type { Varied } from '../core/problem/varied';
import {
	pack,
	packDecision,
	packReading,
	takePacked,
	unpack,
	type Packed,
	type PackedDecision,
	type PackedReading
} from './packing';
import { sheetFilesOf, sheetPages, slides } from './printed';
import { timed } from './timed';

/** What a job has found so far: pivots made, and of a search for whole numbers the best plan and the bound. */
export interface FoundJson {
	readonly pivots: number;
	readonly objective?: string;
	readonly solution?: NumbersJson;
	readonly bound?: string;
}

/** Told now and then while a job runs. */
export type Progress = (found: FoundJson) => void;

const BETWEEN_REPORTS = 100;

/** The jobs that a worker can do; in the browser and on the server they are the same functions. */
export const jobs = {
	/** Opens the text of a file: what it brought, or what is wrong with it. */
	open(name: string, text: string): Opened | { issues: readonly Issue[] } {
		try {
			return openFile(name, text);
		} catch (error) {
			if (error instanceof InputError) return { issues: error.issues };
			throw error;
		}
	},

	/** Finds out what kind of problem a statement states; null where it states none. */
	kind(text: string, milliseconds: number): ProblemKind | null {
		const { problem } = readStatement(text);
		return problem && kindOf(problem, { ...timed(milliseconds), maxSteps: MAX_STEPS });
	},
	/** Looks for problems that keep wishes, as POST /api/v1/design does; each find is told, and now and then how it goes. */
	design(
		request: object,
		onFind: (find: DesignJson['problems'][number]) => void,
		onProgress: (progress: ProgressJson) => void
	): void {
		answerDesign(request, (milliseconds) => timed(milliseconds), { onFind, onProgress });
	},
	/** Whole coefficients of the objective near its own for which a plan is best; null where none was found. */
	nearestWhole(json: ProblemJson, plan: Readonly<Record<string, string>>): Record<string, string> | null {
		const problem = decodeProblem(json);
		const found = nearestWhole(problem, coneAt(problem, planFromTexts(plan)));
		return found && writePlan(found);
	},
	/** Makes the sheets of a handout, each part as HTML for the page. */
	sheetPages,
	/** Makes the files of a handout. */
	sheetFilesOf,
	/** Makes the slides of a lecture, their parts as HTML. */
	slides,
	/** Looks for variants of a problem; each is told. */
	variants(
		json: ProblemJson,
		count: number,
		seed: number,
		way: SameWay,
		milliseconds: number,
		onFind: (problem: ProblemJson) => void
	): void {
		const { shouldStop } = timed(milliseconds);
		variants(
			decodeProblem(json),
			count,
			seed,
			way,
			() => shouldStop!(0) !== null,
			(found) => onFind(writeProblem(found))
		);
	},
	/** The map of two numbers of a problem, as `numberMap` parts it. */
	map(
		json: ProblemJson,
		varied: readonly [Varied, Varied],
		window: Packed<Window>,
		milliseconds: number
	): Packed<MapCell[]> {
		const { shouldStop } = timed(milliseconds);
		const isOver = () => shouldStop!(0) !== null;
		return pack(numberMap(decodeProblem(json), varied, unpack(window), isOver));
	},
	/** Reads a statement that is too long to be read between two frames. */
	read(text: string): PackedReading {
		return packReading(readStatement(text));
	},
	/** Answers a solve request (its JSON text), as POST /api/v1/solve does; ends early where it is unwanted. */
	solve(text: string, progress?: Progress, isUnwanted?: () => boolean): Reply {
		return replySolve(text, (milliseconds) => reporting(timed(milliseconds, isUnwanted), progress));
	},
	/** Takes the ways to the best integer plan of a statement, each told as it ends; the time is shared by all. */
	compare(text: string, milliseconds: number, told: (way: Packed<WayTaken>) => void): void {
		const { problem } = readStatement(text);
		if (!problem) return;
		compareWays(problem, { ...timed(milliseconds), maxSteps: MAX_STEPS }, (way) => told(pack(way)));
	},
	/**
	 * Goes on with a branch-and-bound search. What is told of it is done again (solved where it is not said what was found), then it goes
	 * to its end by the rules.
	 * @param goOn null ends after what was told
	 * @param told what is new, some at a time and in its order; the next waits until it was taken
	 */
	async search(
		json: ProblemJson,
		decisions: readonly PackedDecision[],
		goOn: { rules: SearchRules; mostNodes: number } | null,
		told: (fresh: PackedDecision[]) => void | Promise<void>
	): Promise<void> {
		const problem = decodeProblem(json);
		const begun = beginSearch(problem, solveLinear(problem));
		if (!('search' in begun)) return;
		const { search } = begun;
		let fresh: PackedDecision[] = [];
		let last = performance.now();
		/** what is being taken: meanwhile the search goes on */
		let taken: void | Promise<void> = undefined;
		const tell = async () => {
			await taken;
			const own = fresh;
			fresh = [];
			last = performance.now();
			if (own.length > 0) taken = told(own);
		};
		const isDue = () => performance.now() - last > BETWEEN_REPORTS;
		for (const decision of decisions) {
			if (!takePacked(search, decision)) break;
			if (decision.found === undefined) fresh.push(packDecision(search, decision));
			if (isDue()) await tell();
		}
		const mayGoOn = (most: number) => search.made < most && search.mayNotEnd.length === 0;
		while (goOn && mayGoOn(goOn.mostNodes) && search.advance(goOn.rules) !== null) {
			fresh.push(packDecision(search, search.decisions.at(-1)!));
			if (isDue()) await tell();
		}
		await tell();
		await taken;
	},
	/** Solves a statement; null where it states no problem. */
	answer(text: string, milliseconds: number, progress?: Progress): SolveJson | null {
		const { problem } = readStatement(text);
		if (!problem) return null;
		const limit = { steps: MAX_STEPS, milliseconds };
		const request = {
			problem,
			method: 'auto',
			rule: DANTZIG,
			integer: 'branch',
			steps: false,
			limit
		} as const;
		return answerSolve(request, reporting(timed(milliseconds), progress));
	}
};

/** Tells the progress while a run asks whether to stop. */
function reporting(control: RunControl, progress?: Progress): RunControl {
	if (!progress) return control;
	let last = performance.now();
	let found: Omit<FoundJson, 'pivots'> = {};
	return {
		...control,
		onFound: ({ objective, solution, bound }) => {
			found = {
				...(objective ? { objective: toText(objective) } : {}),
				...(solution ? { solution: numbers(solution) } : {}),
				...(bound ? { bound: toText(bound) } : {})
			};
		},
		shouldStop: (pivots) => {
			if (performance.now() - last > BETWEEN_REPORTS) {
				last = performance.now();
				progress({ pivots, ...found });
			}
			return control.shouldStop?.(pivots) ?? null;
		}
	};
}

export type Jobs = typeof jobs;
