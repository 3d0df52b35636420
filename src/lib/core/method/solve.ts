import { standardForm } from '../form/standard';
import type { Form } from '../form/types';
import type { Problem } from '../problem/types';
import { isPrimalFeasible, startTableau, type Tableau } from '../tableau/tableau';
import { bigM, twoPhase } from './artificial';
import { dual, isDualFeasible } from './dual';
import { primal } from './primal';
import { repair } from './repair';
import { BLAND, DANTZIG, type Method, type Outcome, type Rule, type Step } from './types';

export const METHODS = ['auto', 'primal', 'dual', 'two-phase', 'big-m', 'repair'] as const;
export type MethodName = (typeof METHODS)[number];

/** Raised where a method asked for cannot start on a problem; the message says why. */
export class CannotStart extends Error {}

/** A method made ready: which one, why, and its steps. */
export interface Prepared {
	readonly method: Exclude<MethodName, 'auto'>;
	readonly reason: string;
	readonly form: Form;
	readonly steps: Method;
}

function* fromStart(t: Tableau, phase: Step['phase'], rest: Method): Method {
	yield { kind: 'start', phase, tableau: t };
	return yield* rest;
}

function* repairThenPrimal(t: Tableau, rule: Rule): Method {
	yield { kind: 'start', phase: 'repair', tableau: t };
	const repaired = yield* repair(t, rule);
	if (repaired.status !== 'optimal') return repaired;
	yield {
		kind: 'phase',
		phase: 'primal',
		tableau: repaired.tableau,
		note: 'No right-hand side is negative any more: the basis is feasible, and the primal simplex method goes on.'
	};
	return yield* primal(repaired.tableau, { rule });
}

/** After a cycle the same phase goes on under Bland's rule, which never cycles (Bland 1977). */
function* neverCycling(form: Form, method: Prepared['method'], rule: Rule): Method {
	const steps = start(form, method, rule);
	const outcome: Outcome = yield* steps;
	if (outcome.status !== 'cycle') return outcome;
	const again = start(form, method, BLAND);
	const first = again.next();
	if (!first.done)
		yield {
			...first.value,
			kind: 'start',
			note: `The same basis came back after ${outcome.length} pivots: the rule cycles. Bland’s rule starts over and cannot cycle.`
		};
	return first.done ? first.value : yield* again;
}

function start(form: Form, method: Prepared['method'], rule: Rule): Method {
	if (method === 'two-phase') return twoPhase(form, rule);
	if (method === 'big-m') return bigM(form, rule);
	const t = startTableau(form);
	if (method === 'repair') return repairThenPrimal(t, rule);
	return method === 'dual'
		? fromStart(t, 'dual', dual(t, { rule }))
		: fromStart(t, 'primal', primal(t, { rule }));
}

/**
 * Prepares a method for a problem's relaxation.
 * @param problem any problem; whole-number domains are not looked at
 * @param name `auto` chooses as a teacher would and never cycles; the others do just what they are called
 * @param rule how to choose pivots
 * @throws CannotStart where the method asked for has nothing to start from
 */
export function prepare(problem: Problem, name: MethodName = 'auto', rule: Rule = DANTZIG): Prepared {
	if (name === 'two-phase' || name === 'big-m') {
		const form = standardForm(problem, 'artificial');
		return { method: name, reason: 'as asked', form, steps: start(form, name, rule) };
	}
	const form = standardForm(problem, 'slack');
	const first = startTableau(form);
	const [feasible, dualFeasible] = [isPrimalFeasible(first), isDualFeasible(first)];
	const equality = problem.constraints.some((row) => row.relation === '=');
	if (name === 'auto') {
		const choice = chooseMethod(feasible, dualFeasible, equality);
		const used = choice.method === 'two-phase' ? standardForm(problem, 'artificial') : form;
		return { ...choice, form: used, steps: neverCycling(used, choice.method, rule) };
	}
	if (name === 'primal' && (!feasible || equality))
		throw new CannotStart(
			`The primal simplex method needs a feasible slack basis, but ${equality ? 'an equality has no slack' : 'a slack would be negative'}.`
		);
	if (name === 'dual' && !dualFeasible)
		throw new CannotStart(
			'The dual simplex method needs an objective row without negative entries; here a column would improve the objective.'
		);
	return { method: name, reason: 'as asked', form, steps: start(form, name, rule) };
}

function chooseMethod(
	feasible: boolean,
	dualFeasible: boolean,
	equality: boolean
): { method: 'primal' | 'dual' | 'two-phase'; reason: string } {
	if (feasible && !equality)
		return {
			method: 'primal',
			reason: 'The slacks are a feasible basis, so the primal simplex method can start at once.'
		};
	if (dualFeasible && !equality)
		return {
			method: 'dual',
			reason:
				'Some slacks would be negative, but no column improves the objective: the dual simplex method needs no artificial variables.'
		};
	return {
		method: 'two-phase',
		reason:
			'The slacks are no feasible basis and the objective row is not right either: phase one finds a feasible basis first.'
	};
}
