import type { ClaimFault } from '../../integer/claims';
import type { LeafProof } from '../../integer/proof';
import { nodeWords, noWholeSolution, wayWords } from '../../integer/messages';
import { shortOf, type Rounding } from '../../integer/rounding';
import type { Search } from '../../integer/search';
import type { NodeState, SearchNode } from '../../integer/search-types';
import { isZero, type Rational } from '../../number/rational';
import { isWhole } from '../../problem/whole';
import { evaluate, type Plan, type Problem } from '../../problem/types';
import type { Broken } from '../../problem/use';
import { RELATION_SIGNS } from '../../problem/relation';
import { planSentence, quantity } from './plan';
import { capital, claim, joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';

/** Whole numbers in words: what rounding gives, what became of a node, what the tree proves. */

/** `clay by 3/2 kg`, `bowls ≥ 1 by 1` */
export const brokenSentence = ({ name, bound, by, unit }: Broken): Sentence =>
	bound
		? say`${name} ${RELATION_SIGNS[bound.relation]} ${bound.value} by ${quantity(by, unit)}`
		: say`${{ constraint: name }} by ${quantity(by, unit)}`;

/** That a plan is infeasible, and what it violates by how much. */
export const impossibleSentence = (broken: readonly Broken[]): Sentence =>
	say`The plan is infeasible: it violates ${joined(broken.map(brokenSentence))}.`;

/**
 * What rounding comes to.
 * @param best the best objective of integer plans; null where there is none, undefined where it is not known yet
 */
export function roundingSentences(
	problem: Problem,
	list: readonly Rounding[],
	best: Rational | null | undefined
): Sentence[] {
	const lines: Sentence[] = [];
	const of = (what: string, rounding: Rounding | undefined) => {
		if (!rounding) return;
		if (rounding.broken.length > 0)
			lines.push(
				say`${what} leaves the region: it violates ${joined(rounding.broken.map(brokenSentence))}.${brokenClaims(problem, rounding)}`
			);
		else if (best) {
			const short = shortOf(problem, rounding.objective, best);
			lines.push(
				isZero(short)
					? say`${what} is optimal here, but only a comparison with all integer plans shows that.${claim({ problem, is: 'best-whole', value: rounding.objective })}`
					: say`${what} stays in the region, but is worse than the best integer plan by ${quantity(short, problem.objective.unit)}.${claim({ problem, is: 'best-whole', value: rounding.objective.add(short.mul(problem.objective.sense === 'max' ? 1 : -1)) })}`
			);
		} else lines.push(say`${what} stays in the region. Whether it is optimal is not known yet.`);
	};
	const nearest = list.find(({ isNearest }) => isNearest);
	const down = list.find(({ isDown }) => isDown);
	of('Rounding to the nearest', nearest);
	if (down !== nearest) of('Rounding down', down);
	const feasible = list.filter(({ broken }) => broken.length === 0);
	if (list.length > 0 && feasible.length === 0) lines.push(say`No rounding stays in the region.`);
	else if (best && feasible.every(({ objective }) => !isZero(shortOf(problem, objective, best))))
		lines.push(
			say`None of these roundings is optimal: ${problem.objective.name} = ${best} is possible.${claim({ problem, is: 'best-whole', value: best })}`
		);
	if (best === null)
		lines.push(say`No integer plan is feasible.${claim({ problem, is: 'best-whole', value: null })}`);
	return lines;
}

/** The rows that a rounding is said to violate. */
const brokenClaims = (problem: Problem, { plan, broken }: Rounding): Sentence =>
	problem.constraints
		.filter(({ name }) => broken.some((own) => !own.bound && own.name === name))
		.flatMap(({ name, terms }) =>
			claim({ problem, is: 'side', constraint: name, plan, value: evaluate(terms, plan), holds: false })
		);

/** What the states of a node are called. */
export const STATE_WORDS: Record<NodeState, string> = {
	open: 'open',
	solved: 'solved, to be decided',
	branched: 'branched',
	whole: 'integer',
	bound: 'closed by bound',
	infeasible: 'infeasible'
};

/** The way to a node: `bowls ≤ 3, vases ≥ 2`; of the root that it is the relaxation. */
const wayOf = (search: Search, id: number): Sentence => {
	const way = search.branchingsOf(id);
	return way.length === 0
		? say`the relaxation itself`
		: joined(
				way.map(({ variable, relation, value }) => say`${variable} ${RELATION_SIGNS[relation]} ${value}`)
			);
};

/**
 * A node in sentences: its bounds, its relaxation, and what follows from it, as soon as that is decided.
 */
export function nodeSentences(search: Search, node: SearchNode): Sentence[] {
	const { problem } = search;
	const { name, unit } = problem.objective;
	const steps =
		node.parent === null
			? NOTHING_SAID
			: say`; ${node.pivots} ${node.pivots === 1 ? 'pivot' : 'pivots'} from its parent`;
	const lines = [say`Node ${node.id}: ${wayOf(search, node.id)}.`];
	if (node.state === 'open' || (node.state === 'bound' && node.turn === 0)) {
		if (node.promise)
			lines.push(
				say`Not solved yet. By its parent’s bound, ${name} is at best ${quantity(node.promise, unit)}.`
			);
	} else if (node.bound) {
		lines.push(
			say`Its relaxation is best at ${node.solution ? planSentence(problem, node.solution) : say`a plan that was not kept`}, ${name} = ${quantity(node.bound, unit)}${steps}.`
		);
		const reachable = search.reachable(node.bound);
		if (!reachable.equals(node.bound))
			lines.push(
				say`At integer plans ${name} changes in steps, so here it is at best ${quantity(reachable, unit)}.`
			);
	} else if (node.turn > 0)
		lines.push(
			say`Its relaxation is infeasible, as ${node.pivots} ${node.pivots === 1 ? 'pivot shows' : 'pivots show'}.`
		);
	if (node.state === 'solved') lines.push(say`Is it closed, and why, or is it branched on?`);
	else if (node.why) lines.push(say`${capital(nodeWords(node.why))}.`);
	return lines;
}

/** Why what somebody says of a node does not follow. */
export function claimSentence(search: Search, fault: ClaimFault): Sentence {
	const { name, unit } = search.problem.objective;
	switch (fault.kind) {
		case 'closed':
			return say`Nothing is left to branch on: this node can be closed.`;
		case 'whole-already':
			return say`${fault.variable} = ${fault.value} is whole here: one of the two parts would still contain this plan.`;
		case 'has-plan':
			return say`Its relaxation has a plan, so it is not infeasible.`;
		case 'no-plan':
			return say`Its relaxation is infeasible: there is no bound to compare and nothing to branch on.`;
		case 'not-whole':
			return say`${fault.variable} = ${fault.value} is not whole, so this is not an integer plan.`;
		case 'no-incumbent':
			return say`No integer plan is known yet to compare the bound with.`;
		case 'may-be-better':
			return say`Whole plans here may reach ${name} = ${quantity(fault.reachable, unit)}, which is better than the incumbent’s ${quantity(fault.incumbent, unit)}.`;
	}
}

/** How far a search is: incumbent, bound, gap, and at its end the answer. */
export function searchSentences(search: Search): Sentence[] {
	const { incumbent, bound, problem, solved } = search;
	const { name, unit } = problem.objective;
	const plural = (count: number) => `${count} ${count === 1 ? 'node' : 'nodes'}`;
	if (search.isDone)
		return [
			incumbent
				? say`Done after ${plural(solved)}: ${planSentence(problem, incumbent.solution)} is an optimal integer plan, ${name} = ${quantity(incumbent.objective, unit)}. Every node is branched or closed.`
				: say`Done after ${plural(solved)}: every node is closed without an integer plan, so there is none.`
		];
	const found = incumbent
		? say`The incumbent, found at node ${incumbent.node}, has ${name} = ${quantity(incumbent.objective, unit)}.`
		: say`There is no incumbent yet.`;
	const reach = bound && search.reachable(bound);
	const gap =
		incumbent && reach
			? say` The gap is ${quantity(shortOf(problem, incumbent.objective, reach), unit)}.`
			: NOTHING_SAID;
	const most = reach
		? say` No integer plan can be better than ${quantity(reach, unit)}.${gap}`
		: NOTHING_SAID;
	const now = say`${plural(solved)} solved, ${search.openNodes.length} open. ${found}${most}`;
	const { mayNotEnd } = search;
	return mayNotEnd.length === 0
		? [now]
		: [now, wayWords({ code: 'may-not-end', variables: mayNotEnd, nodes: solved })];
}

/** What a leaf's certificate says. */
export function leafSentence(search: Search, proof: LeafProof): Sentence {
	const { certificate, bound, claim } = proof;
	const { name, unit } = search.problem.objective;
	const by =
		certificate && 'multipliers' in certificate
			? [...certificate.multipliers].filter(([, value]) => !isZero(value))
			: [];
	const times = by.length
		? say`${joined(by.map(([row, value]) => say`${value} times ${{ constraint: row }}`))} and the bounds`
		: say`the bounds alone`;
	const way = wayOf(search, proof.node);
	if (proof.lattice) return say`Node ${proof.node} (${way}): ${noWholeSolution(proof.lattice)}.`;
	if (claim === 'infeasible') return say`Node ${proof.node} (${way}): ${times} contradict one another.`;
	const limit = search.problem.objective.sense === 'max' ? 'at most' : 'at least';
	const end = claim === 'whole' ? say`, and its best plan is whole` : say`, no better than the incumbent`;
	return say`Node ${proof.node} (${way}): ${times} keep ${name} ${limit} ${quantity(bound!, unit)}${end}.`;
}

/** What a plan of the relaxation lacks. */
export const isWholeSentence = (problem: Problem, plan: Plan): Sentence =>
	isWhole(problem, plan)
		? say`The best plan of the relaxation is integer, so it is an optimal integer plan as well.`
		: say`The relaxation’s best plan is ${planSentence(problem, plan)}: not whole.`;
