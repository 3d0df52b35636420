import { en } from '../language/language';
import { STOPS } from '../answer/messages';
import { codesOf, words, type Catalogue } from '../sentence/catalogue';
import { joined, linear, NOTHING_SAID, say, type Sentence } from '../sentence/sentence';
import type { NodeFinding, WayFinding } from './findings';
import { RELATION_SIGNS } from '../problem/relation';
import type { LatticeConflict } from './lattice';
import type { Branching } from './relaxation';

/** The words of what the searches for whole numbers find. */

/** The equations that a conflict adds up: `1/3 times r1`, or `r1` alone where it stands as it is. */
const added = ({ parts }: LatticeConflict): Sentence =>
	joined(
		parts.map(({ multiplier, constraint, fixed, rhs }) => {
			const row = constraint === undefined ? say`${fixed!} = ${rhs}` : say`${{ constraint }}`;
			return multiplier.equals(1) ? row : say`${multiplier} times ${row}`;
		})
	);
/** Why equations have no whole solution. */
export const noWholeSolution = (conflict: LatticeConflict): Sentence =>
	say`${added(conflict)} ${conflict.parts.length > 1 ? en`add up to` : en`reads`} ${linear(conflict.terms)} = ${conflict.rhs}: at integer plans the left side is a whole number, and ${conflict.rhs} is none`;
const closedByConflict = (conflict: LatticeConflict) => say`infeasible: ${noWholeSolution(conflict)}`;

const NODES: Catalogue<NodeFinding> = {
	infeasible: () => say`infeasible: no plan satisfies its bounds`,
	'no-whole-solution': ({ conflict }) => closedByConflict(conflict),
	unbounded: () => say`unbounded: the relaxation improves without limit`,
	whole: () => say`integer: a new incumbent`,
	bound: ({ whose, bound, reachable, incumbent }) => {
		// told with the value that integer plans can reach where that is less
		const steps = bound.equals(reachable) ? NOTHING_SAID : say`, at integer plans at best ${reachable},`;
		return say`bound: ${whose === 'parent' ? en`its parent’s ` : ''}${bound}${steps} is no better than the incumbent’s ${incumbent}`;
	},
	branched: ({ variable, value }) =>
		say`branched: ${variable} = ${value} is not whole, so ${variable} ≤ ${value.floor()} or ${variable} ≥ ${value.ceil()}`
};

/** `x ≤ 3`: the bound that a branch adds. */
export const branchingText = ({ variable, relation, value }: Branching): Sentence =>
	say`${{ constraint: variable }} ${RELATION_SIGNS[relation]} ${value}`;

/** The codes of why a node is closed or branched on. */
export const NODE_CODES = codesOf(NODES);

/** Why a node is closed or branched on, in words. */
export const nodeWords = (found: NodeFinding): Sentence => words(NODES, found, undefined);

const WAYS: Catalogue<WayFinding> = {
	...STOPS,
	'no-whole-solution': ({ conflict }) => closedByConflict(conflict),
	'dual-cycled': () => say`The dual simplex method came back to a basis.`,
	'no-row-to-cut': () => say`A variable is not whole and has no row to cut from.`,
	'may-not-end': ({ variables, nodes }) =>
		say`Stopped after ${nodes} nodes: the region leaves ${joined(variables.map((name) => say`${name}`))} without an end, so the tree may go on for ever. Bounds would end it.`,
	'numbers-grow': ({ digits, cuts }) =>
		say`Stopped after ${cuts} cuts: the tableau’s common denominator has ${digits} digits, and each cut makes it longer.`,
	'begun-again-with-covers': () =>
		say`The tree became long and was begun again with cover inequalities, which hold at every integer plan.`,
	'too-many-points': ({ count }) => say`${count.toString()} whole points are too many to look at one by one.`,
	'endless-points': () => say`The whole points are not finitely many, or some variables need not be whole.`
};

/** The codes of why a search or a way ended. */
export const WAY_CODES = codesOf(WAYS);

/** Why a search or a way ended, in words. */
export const wayWords = (found: WayFinding): Sentence => words(WAYS, found, undefined);
