import type { SyntaxNode } from '@lezer/common';

/**
 * The parts of a node. The tree's own `getChild` walks with a cursor that looks up all nodes above: in a long sum, which leans to the left, that takes
 * the square of its length.
 */

/** The first child of a kind; null where there is none. */
export function childOf(node: SyntaxNode, kind: string): SyntaxNode | null {
	for (let child = node.firstChild; child; child = child.nextSibling) if (child.type.is(kind)) return child;
	return null;
}

/** All children of a kind, in their order. */
export function childrenOf(node: SyntaxNode, kind: string): SyntaxNode[] {
	const found: SyntaxNode[] = [];
	for (let child = node.firstChild; child; child = child.nextSibling)
		if (child.type.is(kind)) found.push(child);
	return found;
}
