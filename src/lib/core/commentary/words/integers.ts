import { en } from '../../language/language';
import { nodeWords, noWholeSolution, wayWords } from '../../integer/messages';
import type { Branching } from '../../integer/relaxation';
import type { Rounding } from '../../integer/rounding';
import type { NodeState } from '../../integer/search-types';
import type { Rational } from '../../number/rational';
import { RELATION_SIGNS } from '../../problem/relation';
import { evaluate, type Problem } from '../../problem/types';
import type { Broken } from '../../problem/use';
import type { OfCode } from '../../sentence/coded';
import { words, type Catalogue } from '../../sentence/catalogue';
import { capital, claim, joined, NOTHING_SAID, say, type Sentence } from '../../sentence/sentence';
import type { IntegerFinding } from '../integer-findings';
import { planSentence, quantity } from './plan';

/** Integer plans in words: what rounding gives, what became of a node, what the tree proves. */

/** `clay by 3/2 kg`, `bowls ≥ 1 by 1` */
export const brokenSentence = ({ name, bound, by, unit }: Broken): Sentence =>
	bound
		? say`${name} ${RELATION_SIGNS[bound.relation]} ${bound.value} by ${quantity(by, unit)}`
		: say`${{ constraint: name }} by ${quantity(by, unit)}`;

/** What the states of a node are called. */
export const STATE_WORDS: Record<NodeState, string> = {
	open: en`open`,
	solved: en`solved, to be decided`,
	branched: en`branched`,
	whole: en`integer`,
	bound: en`closed by bound`,
	infeasible: en`infeasible`
};

const ROUNDED = { nearest: en`Rounding to the nearest`, down: en`Rounding down` } as const;

/** The way to a node: `bowls ≤ 3, vases ≥ 2`; of the root that it is the relaxation. */
const wayOf = (way: readonly Branching[]): Sentence =>
	way.length === 0
		? say`the relaxation itself`
		: joined(
				way.map(({ variable, relation, value }) => say`${variable} ${RELATION_SIGNS[relation]} ${value}`)
			);

/** The rows that a rounding is said to violate. */
const brokenClaims = (problem: Problem, { plan, broken }: Rounding): Sentence =>
	problem.constraints
		.filter(({ name }) => broken.some((own) => !own.bound && own.name === name))
		.flatMap(({ name, terms }) =>
			claim({ problem, code: 'side', constraint: name, plan, value: evaluate(terms, plan), holds: false })
		);

const bestWhole = (problem: Problem, value: Rational | null) => claim({ problem, code: 'best-whole', value });
const nodes = (count: number): string => `${count} ${count === 1 ? en`node` : en`nodes`}`;

/** `2 times clay and the bounds` */
const timesOf = (rows: readonly (readonly [string, Rational])[]): Sentence =>
	rows.length
		? say`${joined(rows.map(([constraint, value]) => say`${value} times ${{ constraint }}`))} and the bounds`
		: say`the bounds alone`;

/** `Node 3 (bowls ≤ 3): 2 times clay and the bounds keep profit at most 40` */
function limited(
	{ node, way, rows, bound }: OfCode<IntegerFinding, 'leaf-is-whole' | 'leaf-is-no-better'>,
	{ objective: { name, sense, unit } }: Problem
): Sentence {
	const limit = sense === 'max' ? en`at most` : en`at least`;
	return say`Node ${node} (${wayOf(way)}): ${timesOf(rows)} keep ${name} ${limit} ${quantity(bound, unit)}`;
}

const INTEGERS: Catalogue<IntegerFinding, Problem> = {
	'leaves-region': ({ which, rounding }, problem) =>
		say`${ROUNDED[which]} leaves the region: it violates ${joined(rounding.broken.map(brokenSentence))}.${brokenClaims(problem, rounding)}`,
	'rounding-is-best': ({ which, best }, problem) =>
		say`${ROUNDED[which]} is optimal here, but only a comparison with all integer plans shows that.${bestWhole(problem, best)}`,
	'rounding-is-worse': ({ which, short, best }, problem) =>
		say`${ROUNDED[which]} stays in the region, but is worse than the best integer plan by ${quantity(short, problem.objective.unit)}.${bestWhole(problem, best)}`,
	'rounding-is-feasible': ({ which }) =>
		say`${ROUNDED[which]} stays in the region. Whether it is optimal is not known yet.`,
	'no-rounding-feasible': () => say`No rounding stays in the region.`,
	'none-is-best': ({ best }, problem) =>
		say`None of these roundings is optimal: ${problem.objective.name} = ${best} is possible.${bestWhole(problem, best)}`,
	'no-integer-plan': (_, problem) => say`No integer plan is feasible.${bestWhole(problem, null)}`,

	node: ({ id, way }) => say`Node ${id}: ${wayOf(way)}.`,
	'not-solved': ({ promise }, { objective: { name, unit } }) =>
		say`Not solved yet. By its parent’s bound, ${name} is at best ${quantity(promise, unit)}.`,
	'relaxation-best': ({ plan, value, pivots }, problem) => {
		const { name, unit } = problem.objective;
		const steps =
			pivots === null
				? NOTHING_SAID
				: say`; ${pivots} ${pivots === 1 ? en`pivot` : en`pivots`} from its parent`;
		const at = plan ? planSentence(problem, plan) : say`a plan that was not kept`;
		return say`Its relaxation is best at ${at}, ${name} = ${quantity(value, unit)}${steps}.`;
	},
	'value-in-steps': ({ reachable }, { objective: { name, unit } }) =>
		say`At integer plans ${name} changes in steps, so here it is at best ${quantity(reachable, unit)}.`,
	'relaxation-infeasible': ({ pivots }) =>
		say`Its relaxation is infeasible, as ${pivots} ${pivots === 1 ? en`pivot shows` : en`pivots show`}.`,
	'what-follows': () => say`Is it closed, and why, or is it branched on?`,
	so: ({ why }) => say`${capital(nodeWords(why))}.`,

	'done-with-best': ({ solved, plan, value }, problem) =>
		say`Done after ${nodes(solved)}: ${planSentence(problem, plan)} is an optimal integer plan, ${problem.objective.name} = ${quantity(value, problem.objective.unit)}. Every node is branched or closed.`,
	'done-without': ({ solved }) =>
		say`Done after ${nodes(solved)}: every node is closed without an integer plan, so there is none.`,
	'so-far': ({ solved, open, incumbent, reach, gap }, { objective: { name, unit } }) => {
		const found = incumbent
			? say`The incumbent, found at node ${incumbent.node}, has ${name} = ${quantity(incumbent.value, unit)}.`
			: say`There is no incumbent yet.`;
		const most = reach ? say` No integer plan can be better than ${quantity(reach, unit)}.` : NOTHING_SAID;
		const apart = gap ? say` The gap is ${quantity(gap, unit)}.` : NOTHING_SAID;
		return say`${nodes(solved)} solved, ${open} open. ${found}${most}${apart}`;
	},
	'may-go-on': ({ variables, nodes: count }) => wayWords({ code: 'may-not-end', variables, nodes: count }),

	'leaf-has-no-whole-solution': ({ node, way, conflict }) =>
		say`Node ${node} (${wayOf(way)}): ${noWholeSolution(conflict)}.`,
	'leaf-contradicts': ({ node, way, rows }) =>
		say`Node ${node} (${wayOf(way)}): ${timesOf(rows)} contradict one another.`,
	'leaf-is-whole': (found, problem) => say`${limited(found, problem)}, and its best plan is whole.`,
	'leaf-is-no-better': (found, problem) => say`${limited(found, problem)}, no better than the incumbent.`,

	'relaxed-is-whole': () =>
		say`The best plan of the relaxation is integer, so it is an optimal integer plan as well.`,
	'relaxed-is-not-whole': ({ plan }, problem) =>
		say`The relaxation’s best plan is ${planSentence(problem, plan)}: not whole.`,

	'fault-closed': () => say`Nothing is left to branch on: this node can be closed.`,
	'fault-whole-already': ({ fault: { variable, value } }) =>
		say`${variable} = ${value} is whole here: one of the two parts would still contain this plan.`,
	'fault-has-plan': () => say`Its relaxation has a plan, so it is not infeasible.`,
	'fault-no-plan': () =>
		say`Its relaxation is infeasible: there is no bound to compare and nothing to branch on.`,
	'fault-not-whole': ({ fault: { variable, value } }) =>
		say`${variable} = ${value} is not whole, so this is not an integer plan.`,
	'fault-no-incumbent': () => say`No integer plan is known yet to compare the bound with.`,
	'fault-may-be-better': ({ fault: { reachable, incumbent } }, { objective: { name, unit } }) =>
		say`Integer plans here may reach ${name} = ${quantity(reachable, unit)}, which is better than the incumbent’s ${quantity(incumbent, unit)}.`,

	impossible: ({ broken }) => say`The plan is infeasible: it violates ${joined(broken.map(brokenSentence))}.`
};

/** What is found of integer plans, in words. @param problem whose plans they are */
export const integerWords = (problem: Problem, found: IntegerFinding): Sentence =>
	words(INTEGERS, found, problem);
