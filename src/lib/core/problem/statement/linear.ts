import { childOf, childrenOf } from './children';
import type { SyntaxNode } from '@lezer/common';
import { isZero, NumberError, ONE, parseRational, ZERO, type Rational } from '../../number/rational';
import { isName, MAX_NAME } from '../types';
import type { Findings } from './diagnostics';
import { message } from './messages';

/** A linear expression as read: `constant + Σ coefficient · variable`, with each place where a variable stands. */
export interface Linear {
	readonly constant: Rational;
	readonly terms: ReadonlyMap<string, Rational>;
	readonly mentions: readonly { name: string; from: number; to: number }[];
}

const NOTHING: Linear = { constant: ZERO, terms: new Map(), mentions: [] };

/** Whether an expression mentions no variable. */
export const isConstant = (linear: Linear): boolean => linear.mentions.length === 0;

/** An expression times a number. */
export function scale(linear: Linear, factor: Rational): Linear {
	const terms = new Map([...linear.terms].map(([name, c]) => [name, c.mul(factor)]));
	return { ...linear, constant: linear.constant.mul(factor), terms };
}

/** The sum of two expressions. */
export function plus(a: Linear, b: Linear): Linear {
	const terms = new Map(a.terms);
	for (const [name, c] of b.terms) terms.set(name, (terms.get(name) ?? ZERO).add(c));
	return { constant: a.constant.add(b.constant), terms, mentions: [...a.mentions, ...b.mentions] };
}

const MINUS_ONE = ONE.neg();

/** Turns expression trees of the statement's grammar into linear expressions; what is not linear is reported. */
export class LinearReader {
	constructor(
		private readonly text: string,
		private readonly findings: Findings
	) {}

	source(node: { from: number; to: number }): string {
		return this.text.slice(node.from, node.to);
	}

	/** The unit in the brackets of a `Unit` node, if there is one. */
	unit(node: SyntaxNode | null): string | undefined {
		return node ? this.source(node).slice(1, -1).trim() || undefined : undefined;
	}

	/** The name that a `Name` or `Quoted` node stands for; reports names the problem format does not know. */
	name(node: SyntaxNode): string {
		const raw = this.source(node);
		const name = (node.name === 'Quoted' ? unquote(raw) : raw).normalize('NFC');
		if (!isName(name)) {
			this.findings.error(node, 'name', message('badName', name, [...name].length > MAX_NAME));
		}
		return name;
	}

	read(node: SyntaxNode | null): Linear {
		if (!node) return NOTHING;
		switch (node.name) {
			case 'Number':
				return this.number(node);
			case 'Name':
			case 'Quoted': {
				const name = this.name(node);
				return {
					constant: ZERO,
					terms: new Map([[name, ONE]]),
					mentions: [{ name, from: node.from, to: node.to }]
				};
			}
			case 'Measure':
				return this.read(childOf(node, 'Number'));
			case 'Paren':
				return this.read(childOf(node, 'Expression'));
			case 'Negative': {
				const inner = this.read(childOf(node, 'Expression'));
				return childOf(node, 'Minus') ? scale(inner, MINUS_ONE) : inner;
			}
			case 'Sum':
				return this.sum(node);
			case 'Product':
				return this.product(node);
			case 'Power':
				return this.power(node);
			default:
				return NOTHING;
		}
	}

	/** A sum of any length, from its last summand to its first: the tree leans to the left. */
	private sum(node: SyntaxNode): Linear {
		const parts: Linear[] = [];
		let rest: SyntaxNode | null = node;
		while (rest?.name === 'Sum') {
			const [left, right]: SyntaxNode[] = childrenOf(rest, 'Expression');
			if (right) parts.push(childOf(rest, 'Minus') ? scale(this.read(right), MINUS_ONE) : this.read(right));
			rest = left ?? null;
		}
		if (rest) parts.push(this.read(rest));
		const terms = new Map<string, Rational>();
		let constant = ZERO;
		for (const part of parts.reverse()) {
			if (!isZero(part.constant)) constant = constant.add(part.constant);
			for (const [name, c] of part.terms) terms.set(name, terms.has(name) ? terms.get(name)!.add(c) : c);
		}
		return { constant, terms, mentions: parts.flatMap(({ mentions }) => mentions) };
	}

	private number(node: SyntaxNode): Linear {
		try {
			return { ...NOTHING, constant: parseRational(this.source(node)) };
		} catch (error) {
			if (!(error instanceof NumberError)) throw error;
			this.findings.error(node, 'number', message('badNumber', error.message));
			return NOTHING;
		}
	}

	private product(node: SyntaxNode): Linear {
		const [first, second] = childrenOf(node, 'Expression');
		const [left, right] = [this.read(first), this.read(second)];
		if (!second) return left;
		if (childOf(node, 'Divide')) return this.quotient(second, left, right);
		const written = childOf(node, 'Times');
		if (!isConstant(left) && !isConstant(right)) {
			this.findings.error(
				node,
				'product',
				/(?:^|\s)or$/i.test(this.source(first))
					? message('either')
					: message('product', this.source(first), this.source(second), !!written)
			);
			return left;
		}
		if (!written && second.name === 'Number') {
			this.findings.error(
				second,
				'syntax',
				message('numberAfter', this.source(first), this.source(second), isConstant(left))
			);
			return left;
		}
		return isConstant(left)
			? { ...scale(right, left.constant), mentions: right.mentions }
			: scale(left, right.constant);
	}

	private quotient(divisor: SyntaxNode, left: Linear, right: Linear): Linear {
		if (!isConstant(right)) {
			this.findings.error(divisor, 'variable-division', message('variableDivision', this.source(divisor)));
			return left;
		}
		if (isZero(right.constant)) {
			this.findings.error(divisor, 'zero-division', message('zeroDivision'));
			return left;
		}
		return scale(left, ONE.div(right.constant));
	}

	private power(node: SyntaxNode): Linear {
		const [base] = childrenOf(node, 'Expression');
		const left = this.read(base);
		this.findings.error(node, 'power', message('power', this.source(node), isConstant(left)));
		return left;
	}
}

/** The text inside double quotes, with `\"`, `\\` and `\n` resolved. */
export function unquote(quoted: string): string {
	return quoted.slice(1, -1).replace(/\\(.)/gs, (_, c: string) => (c === 'n' ? '\n' : c));
}

/** The text in double quotes, as the statement language reads it back. */
export function quote(text: string): string {
	return '"' + text.replace(/[\\"]/g, '\\$&').replace(/\r?\n/g, '\\n') + '"';
}
