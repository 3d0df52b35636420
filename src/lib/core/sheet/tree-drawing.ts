import { hierarchy, tree } from 'd3-hierarchy';
import type { BranchNode } from '../integer/branch';
import { branchingText } from '../integer/messages';
import { say, type Sentence } from '../sentence/sentence';

/** A branch-and-bound tree as it is drawn on paper and on slides: a box for each node, the added bound at its edge. */

/** A node in its place: `x` in boxes to the right, `y` in levels down. What is null is left blank. */
export interface DrawnNode {
	readonly id: number;
	readonly x: number;
	readonly y: number;
	/** the place of its parent; null at the root */
	readonly from: { readonly x: number; readonly y: number } | null;
	/** the bound that its edge adds */
	readonly added: Sentence | null;
	readonly bound: Sentence | null;
	/** how it ended, in a word; empty where it was branched on or nothing is told yet */
	readonly ended: Sentence;
}

export interface DrawnTree {
	/** from one edge to the other, in boxes, and in levels */
	readonly size: { readonly x: number; readonly y: number };
	readonly nodes: readonly DrawnNode[];
	/** the node that is looked at */
	readonly lit?: number;
}

/** nodes that are drawn at most: more cannot be read on a page */
const MOST_DRAWN = 31;

/** How a node ended, in a word or two. */
function endedOf({ closed }: BranchNode): Sentence {
	switch (closed?.code) {
		case undefined:
		case 'branched':
			return [];
		case 'whole':
			return say`integer`;
		case 'bound':
			return say`bound`;
		case 'unbounded':
			return say`unbounded`;
		case 'infeasible':
		case 'no-whole-solution':
			return say`infeasible`;
	}
}

/**
 * Lays a tree out (Reingold and Tilford 1981, as d3 does it), ≤ to the left and ≥ to the right.
 * @param nodes those that are drawn, each with its parent among them
 * @param tells what is told of a node: all, its box only, all but how it ends, or nothing at all: its place is kept
 * @returns null where there are none, or too many to be read
 */
export function treeDrawing(
	nodes: readonly BranchNode[],
	tells: (node: BranchNode) => 'all' | 'box' | 'bound' | null
): DrawnTree | null {
	if (nodes.length === 0 || nodes.length > MOST_DRAWN) return null;
	const below = (id: number | null) =>
		nodes
			.filter(({ parent }) => parent === id)
			.sort((a, b) => (a.branching?.relation ?? '').localeCompare(b.branching?.relation ?? ''));
	const [root] = below(null);
	const placed = tree<BranchNode>()
		.nodeSize([1, 1])(hierarchy(root, ({ id }) => below(id)))
		.descendants();
	const left = Math.min(...placed.map(({ x }) => x));
	const spot = ({ x, y }: { x: number; y: number }) => ({ x: x - left, y });
	return {
		size: {
			x: Math.max(...placed.map(({ x }) => x)) - left + 1,
			y: Math.max(...placed.map(({ y }) => y)) + 1
		},
		nodes: placed.flatMap(({ data, parent, ...own }): DrawnNode[] => {
			const { id, branching, bound } = data;
			const told = tells(data);
			if (!told) return [];
			const node = {
				id,
				...spot(own),
				from: parent && spot(parent),
				added: told === 'box' || !branching ? null : branchingText(branching),
				bound: told === 'box' ? null : bound ? say`${bound}` : say`–`,
				ended: told === 'all' ? endedOf(data) : []
			};
			return [node];
		})
	};
}
