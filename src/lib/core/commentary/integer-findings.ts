import type { ClaimFault } from '../integer/claims';
import type { NodeFinding } from '../integer/findings';
import type { LatticeConflict } from '../integer/lattice';
import type { LeafProof } from '../integer/proof';
import type { Branching } from '../integer/relaxation';
import { shortOf, type Rounding } from '../integer/rounding';
import type { Search } from '../integer/search';
import type { SearchNode } from '../integer/search-types';
import { isZero, type Rational } from '../number/rational';
import type { Plan, Problem } from '../problem/types';
import type { Broken } from '../problem/use';
import { isWhole } from '../problem/whole';

/** What is found of integer plans at a problem: what rounding gives, what becomes of nodes, how far a search is. `words/integers.ts` has the words. */

/** Which rounding a line is about. */
type Rounded = 'nearest' | 'down';

/** What rounding comes to. */
export type RoundingFinding =
	| { readonly code: 'leaves-region'; readonly which: Rounded; readonly rounding: Rounding }
	| { readonly code: 'rounding-is-best'; readonly which: Rounded; readonly best: Rational }
	| {
			readonly code: 'rounding-is-worse';
			readonly which: Rounded;
			readonly short: Rational;
			readonly best: Rational;
	  }
	| { readonly code: 'rounding-is-feasible'; readonly which: Rounded }
	| { readonly code: 'no-rounding-feasible' }
	| { readonly code: 'none-is-best'; readonly best: Rational }
	| { readonly code: 'no-integer-plan' };

/**
 * What rounding comes to.
 * @param best the best objective of integer plans; null where there is none, undefined where it is not known yet
 */
export function roundingFound(
	problem: Problem,
	list: readonly Rounding[],
	best: Rational | null | undefined
): RoundingFinding[] {
	const short = ({ objective }: Rounding, of: Rational) => shortOf(problem, objective, of);
	const found = (which: Rounded, rounding: Rounding | undefined): RoundingFinding[] => {
		if (!rounding) return [];
		if (rounding.broken.length > 0) return [{ code: 'leaves-region', which, rounding }];
		if (!best) return [{ code: 'rounding-is-feasible', which }];
		const by = short(rounding, best);
		return isZero(by)
			? [{ code: 'rounding-is-best', which, best }]
			: [{ code: 'rounding-is-worse', which, short: by, best }];
	};
	const nearest = list.find(({ isNearest }) => isNearest);
	const down = list.find(({ isDown }) => isDown);
	const feasible = list.filter(({ broken }) => broken.length === 0);
	// a plan that is whole already has no roundings
	const isRounded = list.length > 0;
	const none: RoundingFinding[] =
		isRounded && feasible.length === 0
			? [{ code: 'no-rounding-feasible' }]
			: isRounded && best && feasible.every((own) => !isZero(short(own, best)))
				? [{ code: 'none-is-best', best }]
				: [];
	return [
		...found('nearest', nearest),
		...(down === nearest ? [] : found('down', down)),
		...none,
		...(best === null ? [{ code: 'no-integer-plan' } as const] : [])
	];
}

/** What is known of a node. */
export type NodeLine =
	| { readonly code: 'node'; readonly id: number; readonly way: readonly Branching[] }
	| { readonly code: 'not-solved'; readonly promise: Rational }
	| {
			readonly code: 'relaxation-best';
			readonly plan: Plan | null;
			readonly value: Rational;
			/** pivots from its parent; null of the root */
			readonly pivots: number | null;
	  }
	| { readonly code: 'value-in-steps'; readonly reachable: Rational }
	| { readonly code: 'relaxation-infeasible'; readonly pivots: number }
	| { readonly code: 'what-follows' }
	| { readonly code: 'so'; readonly why: NodeFinding };

/** What is known of a node: its bounds, its relaxation, and what follows from it, as soon as that is decided. */
export function nodeFound(search: Search, node: SearchNode): NodeLine[] {
	const known = (): NodeLine[] => {
		const { promise, bound, solution, turn, pivots, state, parent } = node;
		if (state === 'open' || (state === 'bound' && turn === 0))
			return promise ? [{ code: 'not-solved', promise }] : [];
		if (!bound) return turn > 0 ? [{ code: 'relaxation-infeasible', pivots }] : [];
		const reachable = search.reachable(bound);
		return [
			{ code: 'relaxation-best', plan: solution, value: bound, pivots: parent === null ? null : pivots },
			...(reachable.equals(bound) ? [] : [{ code: 'value-in-steps', reachable } as const])
		];
	};
	return [
		{ code: 'node', id: node.id, way: search.branchingsOf(node.id) },
		...known(),
		...(node.state === 'solved'
			? [{ code: 'what-follows' } as const]
			: node.why
				? [{ code: 'so', why: node.why } as const]
				: [])
	];
}

/** How far a search is. */
export type SearchLine =
	| {
			readonly code: 'done-with-best';
			readonly solved: number;
			readonly plan: Plan;
			readonly value: Rational;
	  }
	| { readonly code: 'done-without'; readonly solved: number }
	| {
			readonly code: 'so-far';
			readonly solved: number;
			readonly open: number;
			readonly incumbent: { readonly node: number; readonly value: Rational } | null;
			/** no integer plan can be better; null where no bound is known */
			readonly reach: Rational | null;
			readonly gap: Rational | null;
	  }
	| { readonly code: 'may-go-on'; readonly variables: readonly string[]; readonly nodes: number };

/** How far a search is: incumbent, bound, gap, and at its end the answer. */
export function searchFound(search: Search): SearchLine[] {
	const { incumbent, bound, problem, solved, mayNotEnd } = search;
	if (search.isDone)
		return [
			incumbent
				? { code: 'done-with-best', solved, plan: incumbent.solution, value: incumbent.objective }
				: { code: 'done-without', solved }
		];
	const reach = bound ? search.reachable(bound) : null;
	return [
		{
			code: 'so-far',
			solved,
			open: search.openNodes.length,
			incumbent: incumbent && { node: incumbent.node, value: incumbent.objective },
			reach,
			gap: incumbent && reach && shortOf(problem, incumbent.objective, reach)
		},
		...(mayNotEnd.length > 0 ? [{ code: 'may-go-on', variables: mayNotEnd, nodes: solved } as const] : [])
	];
}

/** A leaf, the way to it, and the rows that prove it. */
interface Leaf {
	readonly node: number;
	readonly way: readonly Branching[];
	readonly rows: readonly (readonly [name: string, times: Rational])[];
}

/** What a leaf's certificate proves. */
export type LeafFinding =
	| ({ readonly code: 'leaf-has-no-whole-solution'; readonly conflict: LatticeConflict } & Leaf)
	| ({ readonly code: 'leaf-contradicts' } & Leaf)
	| ({ readonly code: 'leaf-is-whole'; readonly bound: Rational } & Leaf)
	| ({ readonly code: 'leaf-is-no-better'; readonly bound: Rational } & Leaf);

/** What a leaf's certificate proves. */
export function leafFound(
	search: Search,
	{ node, certificate, bound, claim, lattice }: LeafProof
): LeafFinding {
	const multipliers = certificate && 'multipliers' in certificate ? [...certificate.multipliers] : [];
	const rows = multipliers.filter(([, value]) => !isZero(value));
	const leaf = { node, way: search.branchingsOf(node), rows };
	if (lattice) return { code: 'leaf-has-no-whole-solution', conflict: lattice, ...leaf };
	if (claim === 'infeasible') return { code: 'leaf-contradicts', ...leaf };
	return { code: claim === 'whole' ? 'leaf-is-whole' : 'leaf-is-no-better', bound: bound!, ...leaf };
}

/** Whether the plan of the relaxation is an integer plan. */
export type RelaxedFinding =
	{ readonly code: 'relaxed-is-whole' } | { readonly code: 'relaxed-is-not-whole'; readonly plan: Plan };

/** Whether the plan of the relaxation is an integer plan. */
export const relaxedFound = (problem: Problem, plan: Plan): RelaxedFinding =>
	isWhole(problem, plan) ? { code: 'relaxed-is-whole' } : { code: 'relaxed-is-not-whole', plan };

/** A claim about a node that does not hold. */
type Fault<K extends ClaimFault['kind']> = K extends string
	? { readonly code: `fault-${K}`; readonly fault: Extract<ClaimFault, { kind: K }> }
	: never;
export type FaultFinding = Fault<ClaimFault['kind']>;

/** A claim about a node that does not hold, to be said. */
export const faultFound = (fault: ClaimFault): FaultFinding =>
	({ code: `fault-${fault.kind}`, fault }) as FaultFinding;

/** A plan that violates something. */
export interface ImpossibleFinding {
	readonly code: 'impossible';
	readonly broken: readonly Broken[];
}

/** All that is found of integer plans. */
export type IntegerFinding =
	RoundingFinding | NodeLine | SearchLine | LeafFinding | RelaxedFinding | FaultFinding | ImpossibleFinding;
