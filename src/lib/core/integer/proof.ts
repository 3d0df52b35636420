import { solveLinear } from '../answer/answer';
import type { Certificate } from '../answer/certificate';
import { checkCertificate } from '../answer/check';
import type { Rational } from '../number/rational';
import type { Problem } from '../problem/types';
import { bounded } from '../problem/bounds';
import type { Branching } from './relaxation';
import type { Search } from './search';

/** A closed node of a tree with what shows that nothing better is below. */
export interface LeafProof {
	readonly node: number;
	readonly branchings: readonly Branching[];
	readonly problem: Problem;
	readonly claim: 'infeasible' | 'bound' | 'whole';
	readonly bound: Rational | null;
	readonly certificate: Certificate | null;
	/** whether the certificate was verified without the simplex method */
	readonly holds: boolean;
}

/** The problem with the bounds of some branches. */
export const withBranchings = (problem: Problem, branchings: readonly Branching[]): Problem =>
	branchings.reduce((now, { variable, relation, value }) => bounded(now, variable, relation, value), problem);

/**
 * Proves that a node is rightly closed: its relaxation is infeasible, or its bound (as far as whole plans can reach it) does not beat the incumbent.
 * The multipliers are found anew and checked by a checker that knows no simplex method.
 */
export function leafProof(search: Search, id: number): LeafProof | null {
	const node = search.nodes[id];
	if (node.state !== 'infeasible' && node.state !== 'bound' && node.state !== 'whole') return null;
	const branchings = search.branchingsOf(id);
	const problem = withBranchings(search.problem, branchings);
	const { status, certificate = null, objective = null } = solveLinear(problem);
	const checked = certificate !== null && checkCertificate(problem, certificate);
	const sense = problem.objective.sense === 'max' ? 1 : -1;
	const best = search.incumbent?.objective;
	const closes =
		status === 'infeasible' ||
		(status === 'optimal' && !!best && search.reachable(objective!).compare(best) * sense <= 0);
	return {
		node: id,
		branchings,
		problem,
		claim: status === 'infeasible' ? 'infeasible' : node.state === 'whole' ? 'whole' : 'bound',
		bound: objective,
		certificate,
		holds: checked && closes
	};
}
