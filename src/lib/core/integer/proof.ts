import { solveLinear } from '../answer/answer';
import type { Certificate } from '../answer/certificate';
import { checkCertificate } from '../answer/check';
import type { Rational } from '../number/rational';
import { isFeasible, type Problem } from '../problem/types';
import { provesNoWholePlan, type LatticeConflict } from './lattice';
import { withBranchings, type Branching } from './relaxation';
import type { Search } from './search';
import { isWhole } from '../problem/whole';

/** A closed node of a tree with what shows that nothing better is below. */
export interface LeafProof {
	readonly node: number;
	readonly branchings: readonly Branching[];
	readonly problem: Problem;
	readonly claim: 'infeasible' | 'bound' | 'whole';
	readonly bound: Rational | null;
	readonly certificate: Certificate | null;
	/** equations that no whole numbers satisfy, where that closes the node */
	readonly lattice: LatticeConflict | null;
	/** whether the certificate was verified without the simplex method */
	readonly holds: boolean;
}

/**
 * Proves that a node is rightly closed: its relaxation is infeasible, its equations have no whole solution, its bound (as far as integer plans can reach it) does
 * not beat the incumbent, or its best plan is whole. The multipliers are found anew and checked by a checker that knows no simplex method.
 */
export function leafProof(search: Search, id: number): LeafProof | null {
	const node = search.nodes[id];
	if (node.state !== 'infeasible' && node.state !== 'bound' && node.state !== 'whole') return null;
	const branchings = search.branchingsOf(id);
	const problem = withBranchings(search.problem, branchings);
	const lattice = search.conflictAt(id);
	if (lattice)
		return {
			node: id,
			branchings,
			problem,
			claim: 'infeasible',
			bound: null,
			certificate: null,
			lattice,
			holds: provesNoWholePlan(problem, lattice)
		};
	const { status, certificate = null, objective = null } = solveLinear(problem);
	const checked = certificate !== null && checkCertificate(problem, certificate);
	const sense = problem.objective.sense === 'max' ? 1 : -1;
	const best = search.incumbent?.objective;
	const closes =
		status === 'infeasible' ||
		(status === 'optimal' && !!best && search.reachable(objective!).compare(best) * sense <= 0);
	// a leaf closed as whole has a plan to show, which must be one of the node's
	const shows =
		node.state !== 'whole' ||
		(node.solution !== null && isWhole(problem, node.solution) && isFeasible(problem, node.solution));
	return {
		node: id,
		branchings,
		problem,
		claim: status === 'infeasible' ? 'infeasible' : node.state === 'whole' ? 'whole' : 'bound',
		bound: objective,
		certificate,
		lattice: null,
		holds: checked && closes && shows
	};
}
