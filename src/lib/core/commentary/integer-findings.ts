import type { Bare, ByCode } from '../sentence/coded';
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
export type RoundingFinding = ByCode<{
	'leaves-region': { which: Rounded; rounding: Rounding };
	'rounding-is-best': { which: Rounded; best: Rational };
	'rounding-is-worse': { which: Rounded; short: Rational; best: Rational };
	'rounding-is-feasible': { which: Rounded };
	'no-rounding-feasible': Bare;
	'none-is-best': { best: Rational };
	'no-integer-plan': Bare;
}>;

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
export type NodeLine = ByCode<{
	node: { id: number; way: readonly Branching[] };
	'not-solved': { promise: Rational };
	'relaxation-best': {
		plan: Plan | null;

		value: Rational;
		/** pivots from its parent; null of the root */
		pivots: number | null;
	};
	'value-in-steps': { reachable: Rational };
	'relaxation-infeasible': { pivots: number };
	'what-follows': Bare;
	so: { why: NodeFinding };
}>;

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
export type SearchLine = ByCode<{
	'done-with-best': { solved: number; plan: Plan; value: Rational };
	'done-without': { solved: number };
	'so-far': {
		solved: number;

		open: number;

		incumbent: { readonly node: number; readonly value: Rational } | null;
		/** no integer plan can be better; null where no bound is known */
		reach: Rational | null;

		gap: Rational | null;
	};
	'may-go-on': { variables: readonly string[]; nodes: number };
}>;

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
