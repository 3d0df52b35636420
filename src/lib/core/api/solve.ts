import { marginal } from '../parametric/marginal';
import type { Tableau } from '../tableau/tableau';
import { plainText } from '../sentence/sentence';
import { detail, solveLinear, type RunOptions } from '../answer/answer';
import type { StopReason } from '../answer/findings';
import { wayWords } from '../integer/messages';
import { startWords } from '../method/messages';
import { branchAndBound } from '../integer/branch';
import { cuttingPlanes } from '../integer/cuts';
import { asksForWhole } from '../problem/whole';
import { toText } from '../number/rational';
import type { OptimalSet } from '../answer/optimal-set';
import {
	boundsJson,
	certificateJson,
	coverJson,
	cutJson,
	linearJson,
	nodeJson,
	numbers,
	optimalSetJson,
	rangingJson,
	stepJson,
	marginalJson
} from './answer-json';
import type { MarginalJson, OptimalSetJson, SolveJson, StepJson } from './shapes';
import type { SolveRequest } from './solve-request';

/** What the one who runs a solve wants to know and to decide meanwhile. */
export interface RunControl {
	/** asked before each pivot; an answer is the reason to stop */
	readonly shouldStop?: (pivots: number) => StopReason | null;
	/** told what was found so far, now and then */
	readonly onFound?: RunOptions['onFound'];
	/** the optimal set may be long: true where it shall be cut short */
	readonly hurry?: () => boolean;
}

/** characters that the lists of an answer may take up together */
const MOST_CHARACTERS = 12_000_000;
/** nodes of a tree that are kept while it is searched */
const MOST_NODES = 20_000;

/** Fills the lists of an answer while there is room, and counts what is left out. */
class Room {
	private left = MOST_CHARACTERS;
	private readonly omitted: Record<string, number> = {};

	/** Adds an entry; it is not even made where there is no room. */
	add<T>(list: T[], name: string, make: () => T): void {
		if (this.left <= 0) {
			this.leaveOut(name, 1);
			return;
		}
		const entry = make();
		this.left -= JSON.stringify(entry).length;
		list.push(entry);
	}

	all<T, U>(entries: readonly T[], name: string, make: (entry: T) => U): U[] {
		const list: U[] = [];
		for (const entry of entries) this.add(list, name, () => make(entry));
		return list;
	}

	leaveOut(name: string, count: number): void {
		if (count > 0) this.omitted[name] = (this.omitted[name] ?? 0) + count;
	}

	get told(): Pick<SolveJson, 'omitted'> {
		return Object.keys(this.omitted).length ? { omitted: this.omitted } : {};
	}
}

function setJson(set: OptimalSet, room: Room): OptimalSetJson {
	const same = <T>(entry: T) => entry;
	const whole = optimalSetJson(set);
	return {
		...whole,
		vertices: room.all(whole.vertices, 'vertices', same),
		rays: room.all(whole.rays, 'rays', same)
	};
}

/** The marginal values of all constraints while there is time. */
function marginalsJson(
	t: Tableau,
	room: Room,
	hurry: () => boolean = () => false
): Record<string, MarginalJson> {
	const found: Record<string, MarginalJson> = {};
	for (const { name } of t.form.problem.constraints) {
		if (hurry()) room.leaveOut('marginal', 1);
		else found[name] = marginalJson(marginal(t, name));
	}
	return found;
}

/**
 * Answers a request to solve, in the shape of docs/API.md.
 * @throws CannotStart where the method asked for has nothing to start from
 */
export function answerSolve(request: SolveRequest, control: RunControl = {}): SolveJson {
	const { problem, method, rule, limit } = request;
	const steps: StepJson[] = [];
	const room = new Room();
	const options: RunOptions = {
		method,
		rule,
		maxSteps: limit.steps,
		mostNodes: MOST_NODES,
		shouldStop: control.shouldStop,
		onFound: control.onFound,
		...(request.steps ? { onStep: (step) => room.add(steps, 'steps', () => stepJson(step)) } : {})
	};
	const shownSteps = request.steps ? { steps } : {};
	if (!asksForWhole(problem) || request.integer === 'relax') {
		const answer = solveLinear(problem, options);
		const more = detail(answer, control.hurry);
		return {
			...linearJson(answer),
			...(answer.duals && answer.reducedCosts
				? { duals: numbers(answer.duals), reducedCosts: numbers(answer.reducedCosts) }
				: {}),
			...(more
				? {
						optimalSet: setJson(more.optimalSet, room),
						ranging: rangingJson(more.ranging),
						bounds: boundsJson(more.ranging),
						marginal: marginalsJson(answer.tableau!, room, control.hurry)
					}
				: {}),
			...(answer.certificate ? { certificate: certificateJson(answer.certificate) } : {}),
			...shownSteps,
			...room.told
		};
	}
	const result =
		request.integer === 'branch' ? branchAndBound(problem, options) : cuttingPlanes(problem, options);
	const { relaxation } = result;
	if ('nodesMade' in result) room.leaveOut('nodes', result.nodesMade - result.nodes.length);
	return {
		status: result.status,
		...(result.reason ? { reason: plainText(wayWords(result.reason)), reasonCode: result.reason.code } : {}),
		...(result.objective ? { objective: toText(result.objective) } : {}),
		...(result.solution ? { solution: numbers(result.solution) } : {}),
		...('bound' in result && result.bound ? { bound: toText(result.bound) } : {}),
		method: relaxation.method,
		why: plainText(startWords(relaxation.why)),
		whyCode: relaxation.why.code,
		pivots: result.pivots,
		relaxation: {
			status: relaxation.status,
			...(relaxation.objective ? { objective: toText(relaxation.objective) } : {}),
			...(relaxation.solution ? { solution: numbers(relaxation.solution) } : {})
		},
		...('nodes' in result
			? {
					nodes: room.all(result.nodes, 'nodes', nodeJson),
					...(result.covers ? { covers: result.covers.map(coverJson) } : {})
				}
			: { cuts: room.all(result.cuts, 'cuts', cutJson) }),
		...shownSteps,
		...room.told
	};
}
