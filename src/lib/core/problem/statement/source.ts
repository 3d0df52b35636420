import { childOf, childrenOf } from './children';
import type { SyntaxNode } from '@lezer/common';
import { unquote } from './linear';

/** Where each part of a row stands in the text, so that an edit can touch that part alone. */

export interface Span {
	readonly from: number;
	readonly to: number;
}

/** One summand of an expression: a variable with its factor, or a constant. */
export interface TermSource extends Span {
	/** the variable; null for a constant */
	readonly name: string | null;
	/** where the name stands */
	readonly mention: Span | null;
	/** the + or − before it; null for a first summand without one */
	readonly sign: Span | null;
	/** the number before the name; null where none is written */
	readonly factor: Span | null;
	/** the unit of the factor, in brackets behind it */
	readonly unit?: string;
}

/** A constraint or the objective, part by part. */
export interface RowSource extends Span {
	readonly kind: 'objective' | 'constraint';
	readonly name: string;
	/** the name before the colon or “=”, and its unit with brackets */
	readonly label: Span | null;
	readonly unit: Span | null;
	readonly left: Span;
	/** the summands of the left side; null where it is more than a plain sum */
	readonly terms: readonly TermSource[] | null;
	readonly relation: Span | null;
	/** the right side, where it is a mere number */
	readonly right: Span | null;
	readonly rightUnit?: string;
}

/** A line that says something about variables: signs, bounds, units, domains. */
export interface DeclarationSource extends Span {
	readonly names: readonly string[];
}

const span = ({ from, to }: Span): Span => ({ from, to });
const isName = (node: SyntaxNode): boolean => node.name === 'Name' || node.name === 'Quoted';

/** Whether an expression has no variable in it. */
function isNumber(node: SyntaxNode): boolean {
	if (isName(node)) return false;
	return childrenOf(node, 'Expression').every(isNumber);
}

/** The number with a unit that an expression ends with, as in `5/2 [kg/dozen]`. */
function measureIn(node: SyntaxNode): SyntaxNode | null {
	if (node.name === 'Measure') return node;
	const last = childrenOf(node, 'Expression').at(-1);
	return last && last.to === node.to ? measureIn(last) : null;
}
function unitIn(node: SyntaxNode, text: string): { unit?: string } {
	const unit = measureIn(node)?.getChild('Unit');
	const said = unit ? text.slice(unit.from + 1, unit.to - 1).trim() : '';
	return said ? { unit: said } : {};
}
/** A number without the unit behind it. */
const bare = (node: SyntaxNode): Span => ({
	from: node.from,
	to: measureIn(node)?.getChild('Number')?.to ?? node.to
});

function summand(node: SyntaxNode, sign: SyntaxNode | null, text: string): TermSource | null {
	const from = sign?.from ?? node.from;
	const common = { from, to: node.to, sign: sign && span(sign) };
	const nameOf = (own: SyntaxNode) => {
		const raw = text.slice(own.from, own.to);
		return (own.name === 'Quoted' ? unquote(raw) : raw).normalize('NFC');
	};
	if (isName(node)) return { ...common, name: nameOf(node), mention: span(node), factor: null };
	if (isNumber(node))
		return { ...common, name: null, mention: null, factor: bare(node), ...unitIn(node, text) };
	if (node.name === 'Negative' && !sign) {
		const inner = childOf(node, 'Expression');
		return inner && summand(inner, node.firstChild, text);
	}
	if (node.name !== 'Product' || childOf(node, 'Divide')) return null;
	const [factor, name] = childrenOf(node, 'Expression');
	if (!name || !isName(name) || !isNumber(factor)) return null;
	return {
		...common,
		name: nameOf(name),
		mention: span(name),
		factor: bare(factor),
		...unitIn(factor, text)
	};
}

/** The summands of an expression in order; null where it is more than a plain sum of multiples. */
export function termsOf(node: SyntaxNode, text: string): TermSource[] | null {
	const list: TermSource[] = [];
	let rest: SyntaxNode | null = node;
	while (rest) {
		let [here, sign]: [SyntaxNode, SyntaxNode | null] = [rest, null];
		let before: SyntaxNode | null = null;
		if (rest.name === 'Sum') {
			const [left, right] = childrenOf(rest, 'Expression');
			if (!left || !right) return null;
			[before, here] = [left, right];
			sign = childOf(rest, 'Plus') ?? childOf(rest, 'Minus');
		}
		const found = summand(here, sign, text);
		if (!found) return null;
		list.unshift(found);
		rest = before;
	}
	return list;
}

/** The parts of a `Row` or `Objective` node. */
export function rowSource(node: SyntaxNode, name: string, text: string): RowSource | null {
	const sides = childrenOf(node, 'Expression');
	const isGoal = node.name === 'Objective';
	const label = isGoal
		? childOf(node, 'Equal')
			? node.firstChild!.nextSibling
			: null
		: childOf(node, 'Label')?.firstChild;
	const left = isGoal ? sides.at(-1) : sides[0];
	if (!left) return null;
	const relation = ['AtMost', 'AtLeast', 'Equal'].map((kind) => childOf(node, kind)).find((own) => own);
	const right = !isGoal && sides.length === 2 && isNumber(sides[1]) ? sides[1] : null;
	const unit = (isGoal ? node : childOf(node, 'Label'))?.getChild('Unit');
	return {
		kind: isGoal ? 'objective' : 'constraint',
		name,
		...span(node),
		label: label ? span(label) : null,
		unit: unit ? span(unit) : null,
		left: span(left),
		terms: termsOf(left, text),
		relation: !isGoal && relation ? span(relation) : null,
		right: right && bare(right),
		...(right && unitIn(right, text).unit ? { rightUnit: unitIn(right, text).unit } : {})
	};
}
