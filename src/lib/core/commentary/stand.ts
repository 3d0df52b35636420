import { greatest, summedRows } from '../answer/check';
import { certify } from '../answer/certificate';
import { standingProblem } from '../answer/multipliers';
import { risingAmong, tiedColumns } from '../answer/ties';
import { isOfBranch } from '../problem/column-id';
import { goalsOf } from '../method/primal';
import { improvingSlots } from '../method/rules';
import type { Decision, End, Work } from '../method/types';
import { withoutZeros } from '../problem/types';
import { isZero } from '../number/rational';
import type { Position } from '../position/position';
import { OBJECTIVE } from '../tableau/goal';
import { columnOf, isArtificial, isInRegion, readPlan, rhsCell, type Tableau } from '../tableau/tableau';
import { usesUnder } from './change';
import type { Remark, StandFinding } from './findings';
import type { OfferFinding } from './offer-findings';

/** What is true where one stands: a conclusion, what is in the way, or what comes next. */

/** What the best plan of a tableau is the best of: a branch, or a relaxation whose plan is not whole, promise less. */
function bestOf(t: Tableau, notWhole: readonly string[]): 'problem' | 'relaxation' | 'branch' {
	if (t.form.columns.some(({ id }) => isOfBranch(id))) return 'branch';
	return notWhole.length === 0 ? 'problem' : 'relaxation';
}

/** The conclusion at an optimal tableau. */
function optimalRemark(t: Tableau): Remark {
	const plan = readPlan(t);
	const variables = t.form.problem.variables
		.filter(({ name, domain }) => domain !== 'continuous' && plan.get(name)!.d !== 1n)
		.map(({ name }) => name);
	const tied = tiedColumns(t);
	const moves = risingAmong(t, tied) !== undefined;
	const columns = tied.map((column) => columnOf(t, column));
	return {
		tone: 'conclusion',
		heading: { code: 'optimal' },
		found: [
			{ code: 'best-plan', t, of: bestOf(t, variables) },
			{ code: 'constraints-used', uses: usesUnder(t.form.problem, readPlan(t)) },
			{ code: 'objective-at-best', t },
			...(tied.length > 0 ? [{ code: 'columns-tie', columns, moves } as const] : []),
			...(variables.length > 0 ? [{ code: 'not-whole', variables } as const] : [])
		]
	};
}

/** The conclusion where a column can rise for ever: the direction, in the author's variables. */
const unboundedRemark = (t: Tableau, slot: number): Remark => ({
	tone: 'conclusion',
	heading: { code: 'unbounded' },
	found: [
		{ code: 'rises-for-ever', t, slot },
		{ code: 'direction-improves', t, slot }
	]
});

/** The conclusion where nothing is feasible, with a proof in the author's constraints where they can say it. */
function infeasibleRemark(end: Extract<End, { status: 'infeasible' }>, why: readonly StandFinding[]): Remark {
	const certificate = certify(end);
	const problem = standingProblem(end.tableau.form);
	const proof = (): StandFinding[] => {
		if (certificate?.kind !== 'infeasible') return [];
		if (certificate.variable) return [{ code: 'bounds-exclude', variable: certificate.variable }];
		if (!problem) return [];
		const used = [...certificate.multipliers].filter(([, value]) => !isZero(value));
		if (used.length === 0) return [{ code: 'bounds-exclude', variable: null }];
		const { terms, rhs } = summedRows(problem, certificate.multipliers);
		const rows = used.map(([constraint, times]) => ({ constraint, times }));
		return [
			{ code: 'sum-contradicts', rows, terms: withoutZeros(terms), rhs, most: greatest(problem, terms) }
		];
	};
	return { tone: 'conclusion', heading: { code: 'infeasible' }, found: [...why, ...proof()] };
}

/** Whether an artificial variable is negative, so that a row is met with more than it asks for. */
const negativeArtificial = (t: Tableau): boolean =>
	t.basis.some((column, row) => isArtificial(t, column) && rhsCell(t, row) < 0);

/** What is in the way of the method at work, and the ways on. */
function stuckRemark(
	{ tableau: t, part }: Work,
	{ trouble }: Extract<Decision, { kind: 'stuck' }>,
	why: readonly StandFinding[],
	ways: readonly { readonly found: OfferFinding }[]
): Remark {
	const outside = trouble === 'not-feasible';
	const inRegion = outside && isInRegion(t);
	// while M stands in the objective row it counts there
	const goals = part === 'big-m' ? goalsOf(t, part) : [OBJECTIVE];
	const isDual = outside && improvingSlots(t, goals).length === 0;
	return {
		tone: outside ? 'warning' : 'hint',
		heading: { code: 'stuck', trouble, inRegion },
		found: [
			...(inRegion
				? [{ code: negativeArtificial(t) ? 'artificial-negative' : 'split-negative' } as const]
				: []),
			...why,
			...(isDual ? [{ code: 'dual-would-repair', t } as const] : []),
			...(ways.length > 0 ? [{ code: 'ways-on', ways: ways.map(({ found }) => found) } as const] : [])
		]
	};
}

/** What is told instead of what is true of a tableau whose numbers are covered: that so many of them are. */
export const coveredRemark = (count: number): Remark => ({
	tone: 'hint',
	heading: { code: 'covered' },
	found: [{ code: 'numbers-covered', count }]
});

/** A basis that was seen before on the way. */
export const cycleRemark = (steps: number): Remark => ({
	tone: 'warning',
	heading: { code: 'cycle' },
	found: [{ code: 'went-round', steps }]
});

/**
 * What is true where one stands.
 * @param decision what the method at work would do; null where nothing was begun
 * @param ways what can be done here
 */
export function standRemarks(
	{ work }: Position,
	decision: Decision | null,
	ways: readonly { readonly found: OfferFinding }[]
): Remark[] {
	if (!work || !decision)
		return [{ tone: 'hint', heading: { code: 'nothing-begun' }, found: [{ code: 'not-begun' }] }];
	const { tableau: t } = work;
	const why = decision.because.map((found): StandFinding => ({ code: 'method', t, found }));
	switch (decision.kind) {
		case 'stuck':
			return [stuckRemark(work, decision, why, ways)];
		case 'hand-over':
			return [{ tone: 'hint', heading: { code: 'next' }, found: why }];
		case 'end': {
			const { end } = decision;
			if (end.status === 'optimal') return [optimalRemark(end.tableau)];
			if (end.status === 'unbounded') return [unboundedRemark(end.tableau, end.slot)];
			return [infeasibleRemark(end, why)];
		}
		case 'pivot':
			return [];
	}
}
