import { standardForm } from '../form/standard';
import type { Form } from '../form/types';
import type { Problem } from '../problem/types';
import { BIG_M_GOALS, startTableau, TWO_PHASE_GOALS } from '../tableau/build';
import { isArtificial, isPrimalFeasible, type Tableau } from '../tableau/tableau';
import { isDualFeasible } from './dual';
import { standingTableau } from './standing';
import type { StartFinding } from './findings';
import { run } from './run';
import { type Outcome, type Part, type Run, type Work } from './types';
import { BLAND, DANTZIG, type Rule } from './rule';

export const METHODS = ['auto', 'primal', 'dual', 'two-phase', 'big-m', 'repair'] as const;
export type MethodName = (typeof METHODS)[number];
export type ChosenMethod = Exclude<MethodName, 'auto'>;

/** Raised where a method asked for cannot start on a problem. */
export class CannotStart extends Error {
	constructor(readonly reason: StartFinding) {
		super(reason.code);
	}
}

const AS_ASKED: StartFinding = { code: 'as-asked' };

/** A method made ready: which one, why, and its steps. */
export interface Prepared {
	readonly method: ChosenMethod;
	readonly reason: StartFinding;
	readonly form: Form;
	readonly steps: Run;
}

const FIRST_PARTS: Record<ChosenMethod, Part> = {
	primal: 'primal',
	dual: 'dual',
	repair: 'repair',
	'two-phase': 'phase-one',
	'big-m': 'big-m'
};

/** The tableau with its artificial variables barred: one that has left does not come back. */
function withoutReturn(t: Tableau): Tableau {
	const artificial = t.form.columns.flatMap((_, j) => (isArtificial(t, j) ? [j] : []));
	return { ...t, barred: new Set([...t.barred, ...artificial]) };
}

/** Where a method begins on a form. */
export function beginWork(form: Form, method: ChosenMethod): Work {
	const part = FIRST_PARTS[method];
	if (method === 'two-phase') return { part, tableau: withoutReturn(startTableau(form, TWO_PHASE_GOALS)) };
	if (method === 'big-m') return { part, tableau: withoutReturn(startTableau(form, BIG_M_GOALS)) };
	return { part, tableau: startTableau(form) };
}

function* fromStart(work: Work, rule: Rule): Run {
	yield { kind: 'start', ...work };
	return yield* run(work, rule);
}

/** After a cycle the same method starts over under Bland's rule, which never cycles (Bland 1977). */
function* neverCycling(work: Work, rule: Rule): Run {
	const outcome: Outcome = yield* fromStart(work, rule);
	if (outcome.status !== 'cycle') return outcome;
	yield {
		kind: 'start',
		...work,
		note: { at: outcome.tableau, found: [{ code: 'cycled', length: outcome.length }] }
	};
	return yield* run(work, BLAND);
}

/**
 * The method that a teacher would choose, with the reason: primal if the slacks are feasible, else dual if the objective row is right,
 * else two-phase; an equality needs an artificial variable.
 * @param first the tableau of the slack basis
 */
export function chooseMethod(
	first: Tableau,
	problem: Problem
): { method: 'primal' | 'dual' | 'two-phase'; reason: StartFinding } {
	if (!problem.constraints.some((row) => row.relation === '=')) {
		if (isPrimalFeasible(first)) return { method: 'primal', reason: { code: 'slacks-feasible' } };
		if (isDualFeasible(first)) return { method: 'dual', reason: { code: 'slacks-dual-feasible' } };
	}
	return { method: 'two-phase', reason: { code: 'needs-phase-one' } };
}

const artificialForm = (problem: Problem): Form =>
	standardForm(problem, { start: 'artificial', equalities: 'one-row' });

/**
 * Prepares a method for a problem's relaxation.
 * @param problem any problem; whole-number domains are not looked at
 * @param name `auto` chooses as a teacher would and never cycles; the others do just what they are called
 * @param rule how to choose pivots
 * @throws CannotStart where the method asked for has nothing to start from
 */
export function prepare(problem: Problem, name: MethodName = 'auto', rule: Rule = DANTZIG): Prepared {
	if (name === 'two-phase' || name === 'big-m') {
		const form = artificialForm(problem);
		return { method: name, reason: AS_ASKED, form, steps: fromStart(beginWork(form, name), rule) };
	}
	const form = standardForm(problem);
	const first = startTableau(form);
	if (name === 'auto') {
		const choice = chooseMethod(first, problem);
		const held =
			choice.method === 'two-phase'
				? standardForm(problem, { start: 'vacant', equalities: 'one-row' })
				: null;
		const tableau = held && standingTableau(startTableau(held));
		if (held && tableau)
			return {
				method: 'primal',
				reason: { code: 'basis-stands' },
				form: held,
				steps: neverCycling({ part: 'primal', tableau }, rule)
			};
		const used = choice.method === 'two-phase' ? artificialForm(problem) : form;
		return { ...choice, form: used, steps: neverCycling(beginWork(used, choice.method), rule) };
	}
	const equality = problem.constraints.some((row) => row.relation === '=');
	if (name === 'primal' && (!isPrimalFeasible(first) || equality))
		throw new CannotStart({ code: 'primal-cannot-start', hasEquality: equality });
	if (name === 'dual' && !isDualFeasible(first)) throw new CannotStart({ code: 'dual-cannot-start' });
	return { method: name, reason: AS_ASKED, form, steps: fromStart(beginWork(form, name), rule) };
}
