import { solveLinear, runLinear } from '$lib/core/answer/answer';
import type { Certificate } from '$lib/core/answer/certificate';
import { checkCertificate } from '$lib/core/answer/check';
import { dualProblem } from '$lib/core/answer/dual-problem';
import { optimalSet, type OptimalSet } from '$lib/core/answer/optimal-set';
import { Candidate } from '$lib/core/design/candidate';
import type { Wish } from '$lib/core/design/types';
import { wholePoints } from '$lib/core/integer/compare';
import { leafProof } from '$lib/core/integer/proof';
import { wishedRun } from '$lib/core/design/wishes/method';
import { standardForm } from '$lib/core/form/standard';
import type { Form } from '$lib/core/form/types';
import { ruleNamed } from '$lib/core/method/rule';
import { isFeasible, type Plan, type Problem } from '$lib/core/problem/types';
import { objectiveAt } from '$lib/core/problem/use';
import { isWhole } from '$lib/core/problem/whole';
import { readPlan, type Tableau } from '$lib/core/tableau/tableau';
import type { Session } from './session.svelte';

/** What views show that takes solving: they ask for it here and solve nothing themselves. */

/** The relaxation of a small problem, solved. */
export const solved = solveLinear;

/** Whether a plan is feasible and no other is better. */
export function isBestPlan(problem: Problem, plan: Plan): boolean {
	const { objective } = solveLinear(problem);
	return isFeasible(problem, plan) && !!objective && objectiveAt(problem, plan).equals(objective);
}

/** The problem in standard form, each row with its slack. */
export const slackForm = (problem: Problem): Form =>
	standardForm(problem, { start: 'slack', equalities: 'one-row' });

/** The tableaux that the run passes which some wishes are about, a basis once at a time. */
export function tableausOn(problem: Problem, wishes: readonly Wish[]): Tableau[] {
	const { method, rule } = wishedRun({ wishes });
	const list: Tableau[] = [];
	runLinear(problem, {
		maxSteps: 30,
		// what misses a wish may have nothing to start this method from
		method: new Candidate(problem).run(method, rule) ? method : 'auto',
		rule: ruleNamed(rule),
		onStep: ({ tableau }) => list.push(tableau)
	});
	return list.filter(({ basis }, i) => basis.join() !== list[i - 1]?.basis.join());
}

/** The dual of a problem with all of its best plans; null where it has none. */
export function bestDuals(problem: Problem): { dual: Problem; set: OptimalSet } | null {
	const dual = dualProblem(problem).problem;
	const { status, tableau } = solveLinear(dual);
	return status === 'optimal' && tableau ? { dual, set: optimalSet(tableau) } : null;
}

/** whole points that are listed, and those that are tried for that */
const MOST_LISTED = 150;
const MOST_TRIED = 3_000;
/** milliseconds that a page may look for all best plans, and steps of that which are made in any case: a small set is found whole, however busy the machine is */
const SEARCH = 40;
const ALWAYS = 20;

/** The best plans of an optimal tableau, as many as are found while nobody waits; the set says whether these are all. */
export function bestPlansFast(t: Tableau): OptimalSet {
	const end = performance.now() + SEARCH;
	let asked = 0;
	return optimalSet(t, () => ++asked > ALWAYS && performance.now() > end);
}

/** What shows that a leaf of a finished search is rightly closed. */
export const provedLeaf = leafProof;

/** The whole points of a region, one by one; null where they are too many to be listed. */
export function listedPoints(
	problem: Problem
): Exclude<ReturnType<typeof wholePoints>, { tooMany: unknown }> | null {
	const found = wholePoints(problem, MOST_TRIED);
	return 'tooMany' in found || found.feasible.length > MOST_LISTED ? null : found;
}
/** The end of a run of cuts with a certificate of the problem with its cuts; null where it has not ended, or not whole. */
export function cutProof({ decision, position, drawn }: Session): {
	readonly certificate: Certificate;
	readonly plan: Plan | null;
	readonly problem: Problem;
	readonly holds: boolean;
} | null {
	if (!position || !drawn || position.cuts.length === 0 || decision?.kind !== 'end') return null;
	if (position.cuts.some(({ original }) => original === null)) return null;
	const { end } = decision;
	const plan = end.status === 'optimal' ? readPlan(end.tableau) : null;
	if (plan && !isWhole(position.problem, plan)) return null;
	// the multipliers are found anew for the constraints with the cuts, and checked without the simplex method
	const { certificate, objective } = solveLinear(drawn);
	if (!certificate) return null;
	const agrees = plan
		? !!objective && objectiveAt(drawn, plan).equals(objective)
		: certificate.kind === 'infeasible';
	return { certificate, plan, problem: drawn, holds: agrees && checkCertificate(drawn, certificate) };
}
