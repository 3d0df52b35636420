import { plainText, type Sentence } from '../commentary/sentence';
import { detail, solveLinear, type RunOptions } from '../answer/answer';
import { branchAndBound } from '../integer/branch';
import { cuttingPlanes } from '../integer/cuts';
import { asksForWhole } from '../integer/whole';
import { toText } from '../number/rational';
import {
	certificateJson,
	cutJson,
	linearJson,
	nodeJson,
	numbers,
	optimalSetJson,
	rangingJson,
	stepJson
} from './answer-json';
import type { SolveRequest } from './solve-request';

/** What the one who runs a solve wants to know and to decide meanwhile. */
export interface Control {
	/** asked before each pivot; an answer is the reason to stop */
	readonly shouldStop?: (pivots: number) => Sentence | null;
	/** the optimal set may be long: true where it shall be cut short */
	readonly hurry?: () => boolean;
}

const MOST_STEPS_SHOWN = 2_000;

/**
 * Answers a request to solve, in the shape of docs/API.md.
 * @throws CannotStart where the method asked for has nothing to start from
 */
export function answerSolve(request: SolveRequest, control: Control = {}): Record<string, unknown> {
	const { problem, method, rule, limit } = request;
	const steps: Record<string, unknown>[] = [];
	const options: RunOptions = {
		method,
		rule,
		maxSteps: limit.steps,
		shouldStop: control.shouldStop,
		...(request.steps
			? { onStep: (step) => steps.length < MOST_STEPS_SHOWN && steps.push(stepJson(step)) }
			: {})
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
			...(more ? { optimalSet: optimalSetJson(more.optimalSet), ranging: rangingJson(more.ranging) } : {}),
			...(answer.certificate ? { certificate: certificateJson(answer.certificate) } : {}),
			...shownSteps
		};
	}
	const result =
		request.integer === 'branch' ? branchAndBound(problem, options) : cuttingPlanes(problem, options);
	const { relaxation } = result;
	return {
		status: result.status,
		...(result.reason ? { reason: plainText(result.reason) } : {}),
		...(result.objective ? { objective: toText(result.objective) } : {}),
		...(result.solution ? { solution: numbers(result.solution) } : {}),
		method: relaxation.method,
		why: plainText(relaxation.why),
		pivots: result.pivots,
		relaxation: {
			status: relaxation.status,
			...(relaxation.objective ? { objective: toText(relaxation.objective) } : {}),
			...(relaxation.solution ? { solution: numbers(relaxation.solution) } : {})
		},
		...('nodes' in result ? { nodes: result.nodes.map(nodeJson) } : { cuts: result.cuts.map(cutJson) }),
		...shownSteps
	};
}
