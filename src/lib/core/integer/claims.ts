import type { Rational } from '../number/rational';
import type { Search } from './search';
import type { SearchNode } from './search-types';

/** What may be said to follow from a solved node, and whether it does. */

/** Branching on a variable, or closing the node in one of the three ways. */
export type NodeClaim =
	| { readonly way: 'branch'; readonly variable: string }
	| { readonly way: 'bound' }
	| { readonly way: 'infeasible' }
	| { readonly way: 'whole' };

/** Why a claim does not hold; null where it does. */
export type ClaimFault =
	/** it may be closed, so branching is not needed */
	| { readonly kind: 'closed'; readonly way: 'bound' | 'infeasible' | 'whole' }
	/** the variable is whole there already */
	| { readonly kind: 'whole-already'; readonly variable: string; readonly value: Rational }
	/** its relaxation has a plan */
	| { readonly kind: 'has-plan' }
	/** its relaxation has none, so it has no bound and no plan */
	| { readonly kind: 'no-plan' }
	/** a variable is not whole */
	| { readonly kind: 'not-whole'; readonly variable: string; readonly value: Rational }
	| { readonly kind: 'no-incumbent' }
	/** integer plans there may be better than the incumbent */
	| { readonly kind: 'may-be-better'; readonly reachable: Rational; readonly incumbent: Rational };

/**
 * Judges what somebody says follows from a solved node.
 * @returns null where it may be done
 */
export function judgeClaim(search: Search, node: SearchNode, claim: NodeClaim): ClaimFault | null {
	const { bound, fractional, solution } = node;
	const verdict = search.verdict(node.id);
	if (claim.way === 'infeasible') return verdict === 'infeasible' ? null : { kind: 'has-plan' };
	if (!bound) return { kind: 'no-plan' };
	if (claim.way === 'bound') {
		const { incumbent } = search;
		if (!incumbent) return { kind: 'no-incumbent' };
		return verdict === 'bound'
			? null
			: { kind: 'may-be-better', reachable: search.reachable(bound), incumbent: incumbent.objective };
	}
	if (claim.way === 'whole') {
		const [variable] = fractional;
		return variable === undefined ? null : { kind: 'not-whole', variable, value: solution!.get(variable)! };
	}
	if (verdict !== 'branched') return { kind: 'closed', way: verdict };
	return fractional.includes(claim.variable)
		? null
		: { kind: 'whole-already', variable: claim.variable, value: solution!.get(claim.variable)! };
}
