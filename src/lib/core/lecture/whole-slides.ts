import { en } from '../language/language';
import { foundWords, remarkWords } from '../commentary/messages';
import { nodeWords } from '../integer/messages';
import type { NodeFinding } from '../integer/findings';
import { cutOffFound } from '../commentary/derivation';
import type { BranchNode } from '../integer/branch';
import { withCuts, type Cut } from '../integer/cut';
import { withBranchings, type Branching } from '../integer/relaxation';
import { tell } from '../move/kinds';
import { kernelRowOf } from '../move/cut';
import type { CutMove } from '../move/types';
import { rowKey } from '../notation/board';
import { capital, plainText, say, type Sentence } from '../sentence/sentence';
import { asksForWhole } from '../problem/whole';
import { linearText } from '../sheet/statement';
import { planText } from '../sheet/blocks';
import { drawingUpTo, drawingWithin } from '../sheet/drawing';
import { tableauPart } from '../sheet/tableaux';
import type { SheetStep } from '../sheet/steps';
import { treeDrawing } from '../sheet/tree-drawing';
import type { SheetPart } from '../sheet/types';
import { OBJECTIVE } from '../tableau/goal';
import { pictureAt, run } from './run-slides';
import type { LectureSource, SlideShown } from './slide';

/** Slides of the ways to an integer plan: cuts with their derivations, and the tree node by node. */

/** The steps of the run before and after its cut of some number. */
function cutStep(source: LectureSource, number: number): [before: SheetStep, after: SheetStep] | null {
	const steps = run(source);
	const at = steps.findIndex(({ position }) => position.cuts.length >= number);
	return at > 0 && steps[at].move?.kind === 'cut' ? [steps[at - 1], steps[at]] : null;
}

/** The tableau with the row that a cut comes from, to be asked for the cut. */
export function cutSlide(source: LectureSource, number: number): SlideShown | null {
	const step = cutStep(source, number);
	if (!step) return null;
	const [{ position }, { position: after }] = step;
	const { tableau: t } = position.work!;
	const cut = after.cuts[number - 1];
	const { row } = step[1].move as CutMove;
	const lit = row === 'objective' ? OBJECTIVE.kind : rowKey(t, kernelRowOf(t, row));
	const part = tableauPart(t, source.notation);
	const [says, because] = [cutText(cut), cutOffFound(t, cut).map((found) => plainText(foundWords(found)))];
	return {
		title: say`Cut ${number}`,
		main: [part.kind === 'tableau' ? { ...part, lit: { row: lit } } : part],
		beside: [
			{ kind: 'sentences', lines: [say`Which cut follows from the row of ${{ constraint: cut.row }}?`] },
			...pictureAt(source, position)
		],
		answer: { right: plainText(says), because: because.join(' '), slips: [] }
	};
}

/** A cut in the non-basic variables. */
const cutText = ({ nonbasic }: Cut): Sentence => say`${linearText(nonbasic.terms)} ≥ ${nonbasic.rhs}`;

/** How a cut comes about; of two variables also the region with the cuts so far. */
export function derivationSlide(source: LectureSource, number: number): SlideShown | null {
	const step = cutStep(source, number);
	if (!step) return null;
	const [{ position }, { position: after, move }] = step;
	const { heading, sentences } = remarkWords(tell(position, move!, after));
	const cutSoFar = withCuts(source.problem, after.cuts);
	const drawing = drawingUpTo(cutSoFar, cutSoFar.constraints.length);
	const lines: SheetPart = { kind: 'sentences', lines: sentences };
	return drawing
		? { title: heading, main: [{ kind: 'picture', drawing }], beside: [lines] }
		: { title: heading, main: [lines] };
}

/**
 * The tree up to a node, in the order in which nodes are solved, asked whether it is closed; of two variables also what the node leaves of the region.
 * How the node ended is told with the answer, and seen in the tree from the next node on.
 */
export function nodeSlide(source: LectureSource, number: number): SlideShown | null {
	const { problem } = source;
	const { nodes } = asksForWhole(problem) ? source.search() : { nodes: [] };
	const node = nodes[number - 1];
	if (!node) return null;
	const way = (own: BranchNode | undefined): Branching[] =>
		own ? [...way(nodes.find(({ id }) => id === own.parent)), ...(own.branching ? [own.branching] : [])] : [];
	const drawing = drawingWithin(problem, withBranchings(problem, way(node)));
	const solved = new Set(nodes.slice(0, number));
	const tells = (own: BranchNode) => (own === node ? 'bound' : solved.has(own) ? 'all' : null);
	// every node has its place from the start, as long as the whole tree can be read
	const tree = treeDrawing(nodes, tells) ?? treeDrawing([...solved], tells);
	const branching = nodes.find(({ parent }) => parent === node.id)?.branching;
	const value = branching && node.solution?.get(branching.variable);
	const found: NodeFinding | null =
		node.closed ?? (value ? { code: 'branched', variable: branching.variable, value } : null);
	return {
		title: say`Node ${node.id}`,
		main: tree ? [{ kind: 'tree', tree: { ...tree, lit: node.id } }] : [],
		beside: [
			{
				kind: 'sentences',
				lines: node.solution
					? [
							say`Best plan of node ${node.id}: ${planText(problem, node.solution)}. Then ${problem.objective.name} = ${node.bound!}.`
						]
					: []
			},
			...(drawing ? [{ kind: 'picture', drawing } as const] : [])
		],
		question: { says: en`Is node ${node.id} closed, or is it branched on?`, choices: [] },
		answer: {
			right: node.closed ? 'closed' : '',
			because: found ? `${plainText(capital(nodeWords(found)))}.` : '',
			slips: []
		}
	};
}
