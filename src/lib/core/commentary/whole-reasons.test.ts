import fc from 'fast-check';
import { expect, test } from 'vitest';
import { checkClaims } from '../../../../tests/support/claims';
import { anyProblem, bestOf } from '../../../../tests/support/problems';
import { solveLinear } from '../answer/answer';
import { beginSearch } from '../integer/branch';
import { judgeClaim, type NodeClaim } from '../integer/claims';
import { wholePoints } from '../integer/compare';
import { rowToCut } from '../integer/cuts';
import { wholeColumns } from '../integer/cut';
import { withBranchings } from '../integer/relaxation';
import { roundings } from '../integer/rounding';
import type { Search } from '../integer/search';
import { SEARCH_RULES } from '../integer/search-types';
import { PROFILES } from '../notation/notation';
import { isWhole } from '../problem/whole';
import { compare, isInteger, rational } from '../number/rational';
import { holds, isFeasible, type Plan, type Problem, type Terms } from '../problem/types';
import { plainText } from '../sentence/sentence';
import { faultFound, roundingFound } from './integer-findings';
import { integerWords } from './words/integers';
import { reasonWords } from './messages';
import type { WholeReason } from './reason-findings';
import { cutReasons, nodeReasons, roundingReasons } from './whole-reasons';

const seen = new Map<string, number>();
const claims = new Map<string, number>();
const read = (found: WholeReason): void => {
	const { code, question, answer } = reasonWords(found);
	seen.set(code, (seen.get(code) ?? 0) + 1);
	expect(plainText(question)).toMatch(/^Why .*\?$/);
	expect(plainText(answer)).toMatch(/^[^−].*\.$/s);
	checkClaims(answer, PROFILES[0].notation, claims);
	expect(plainText(answer)).not.toMatch(/undefined|null|\+ −|− −| {2}/);
};
/** A row comes to what is said at a plan; a cut breaks the point it was made for; a branch leaves a number out that is not whole. */
function check(found: WholeReason, here: Plan): void {
	const sum = (terms: Terms, plan: Plan) =>
		[...terms].reduce((all, [name, factor]) => all.add(factor.mul(plan.get(name) ?? 0)), rational(0));
	if (found.code === 'cut-off' && found.cut) {
		const { stated, left } = found.cut;
		expect(sum(stated.terms, here).equals(left)).toBe(true);
		expect(holds(left, stated.relation, stated.rhs)).toBe(false);
	}
	if (found.code === 'branching') expect(isInteger(found.value)).toBe(false);
}

/** What may be said of a node, and what it would prove were it so: judged by all whole points of the node. */
function judged(search: Search, problem: Problem, id: number): void {
	const node = search.nodes[id];
	const points = wholePoints(withBranchings(problem, search.branchingsOf(id)), 3_000);
	if ('tooMany' in points) return;
	const best = bestOf(problem, points.feasible);
	const turn = problem.objective.sense === 'max' ? 1 : -1;
	const said = (claim: NodeClaim) => {
		const fault = judgeClaim(search, node, claim);
		if (fault) expect(plainText(integerWords(search.problem, faultFound(fault)))).toMatch(/\.$/);
		return fault === null;
	};
	if (said({ way: 'infeasible' })) expect(best).toBeNull();
	if (said({ way: 'whole' }))
		expect(isWhole(problem, node.solution!) && isFeasible(problem, node.solution!)).toBe(true);
	if (said({ way: 'bound' }))
		expect(best === null || compare(best, search.incumbent!.objective) * turn <= 0).toBe(true);
	const branches = problem.variables.filter(({ name }) => said({ way: 'branch', variable: name }));
	for (const { name } of branches) expect(isInteger(node.solution!.get(name)!)).toBe(false);
	// something is always right
	expect(
		branches.length > 0 || (['infeasible', 'whole', 'bound'] as const).some((way) => said({ way }))
	).toBe(true);
}

test('rounding, cuts and nodes are explained by numbers that are so, and what is said of a node is judged rightly', () => {
	fc.assert(
		fc.property(anyProblem({ whole: true }), (problem) => {
			const relaxation = solveLinear(problem);
			const { solution, tableau } = relaxation;
			if (!solution || !tableau) return;
			const list = roundings(problem, solution);
			const points = wholePoints(problem, 3_000);
			const best = 'tooMany' in points ? undefined : bestOf(problem, points.feasible);
			for (const own of roundingFound(problem, list, best))
				checkClaims(integerWords(problem, own), PROFILES[0].notation, claims);
			for (const own of roundingReasons(problem, solution, list)) {
				read(own);
				check(own, solution);
			}
			const whole = wholeColumns(tableau.form);
			const row = rowToCut(tableau, whole);
			if (row !== null && relaxation.status === 'optimal')
				for (const own of cutReasons(tableau, row, whole, false)) {
					read(own);
					check(own, solution);
				}
			const start = beginSearch(problem, relaxation);
			if (!('search' in start)) return;
			const { search } = start;
			for (let i = 0; i < 12 && !search.isDone; i++) {
				const id = search.next('best-bound')!;
				if (!search.closeByPromise(id)) {
					search.solve(id);
					judged(search, problem, id);
					search.judge(id, SEARCH_RULES);
				}
				for (const own of nodeReasons(search, search.nodes[id])) {
					read(own);
					check(own, solution);
				}
			}
		}),
		{ numRuns: 300 }
	);
	for (const id of [
		'rounding',
		'cut-holds',
		'cut-off',
		'slack-whole',
		'branching',
		'closed-infeasible',
		'closed-whole',
		'closed-by-bound',
		'closed-without-whole'
	])
		expect([id, (seen.get(id) ?? 0) > 2]).toEqual([id, true]);
	for (const is of ['side', 'best-whole', 'bound', 'best', 'status'])
		expect([is, (claims.get(is) ?? 0) > 2]).toEqual([is, true]);
});
