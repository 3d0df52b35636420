import { childrenOf } from './children';
import type { SyntaxNode } from '@lezer/common';
import { ONE, ZERO, type Rational } from '../../number/rational';
import { primed } from '../names';
import { MIRRORED } from '../relation';
import { withoutZeros, type Constraint, type Relation } from '../types';
import type { Findings, TextPlace } from './diagnostics';
import { plus, scale, type Linear, type LinearReader } from './linear';
import { message } from './messages';
import type { RowRead } from './reading';
import { rowSource, type RowSource } from './source';

/**
 * What rows are called: those without a label r1, r2, … after their position, with a prime where that is taken.
 * @param labels of all rows in their order; null where there is none
 */
export function rowNames(labels: readonly (string | null)[]): string[] {
	const taken = new Set(labels.filter((label) => label !== null));
	return labels.map((label, i) => {
		const name = label ?? primed(`r${i + 1}`, taken);
		taken.add(name);
		return name;
	});
}

/** The rows of a statement while it is read: constraints in their order, with where their parts stand. */
export class RowTable {
	readonly constraints: (Constraint & { labelled: boolean })[] = [];
	readonly rows: RowRead[] = [];
	readonly sources: RowSource[] = [];
	/** names of rows so far */
	private readonly taken = new Set<string>();

	constructor(
		private readonly text: string,
		private readonly linear: LinearReader,
		private readonly findings: Findings,
		private readonly places: TextPlace[]
	) {}

	/** Where the parts of a row or of the objective stand. */
	source(node: SyntaxNode, name: string): void {
		const source = rowSource(node, name, this.text);
		if (source) this.sources.push(source);
	}

	/**
	 * A row Σ terms + constant (relation) 0 at a place in the text.
	 * @param name null where it comes later
	 */
	private push(
		node: SyntaxNode,
		label: SyntaxNode | null,
		name: string | null,
		body: Linear,
		relation: Relation
	): void {
		const unit = this.linear.unit(label?.getChild('Unit') ?? null);
		if (name !== null) this.taken.add(name);
		this.constraints.push({
			name: name ?? '',
			labelled: name !== null,
			...(unit ? { unit } : {}),
			terms: withoutZeros(body.terms),
			relation,
			rhs: body.constant.neg()
		});
		// what it says of the variable is no part of the row itself
		const last = childrenOf(node, 'Expression').at(-1) ?? node;
		this.rows.push({ name: name ?? '', at: { from: node.from, to: last.to }, body });
	}

	/** A constraint as it is written; its name may come later. */
	add(node: SyntaxNode, label: SyntaxNode | null, body: Linear, relation: Relation): void {
		const nameNode = label?.firstChild;
		const name = nameNode ? this.linear.name(nameNode) : null;
		if (nameNode && name !== null && this.taken.has(name))
			this.findings.error(nameNode, 'same-name', message('sameName', name));
		this.push(node, label, name, body, relation);
		this.source(node, name ?? '');
	}

	/** A row with two limits: two constraints of its name with a and b. */
	addTwo(node: SyntaxNode, label: SyntaxNode | null, [left, middle, right]: Linear[], kind: Relation): void {
		const name = label?.firstChild ? this.linear.name(label.firstChild) : `r${this.constraints.length + 1}`;
		const [first, second] = ['a', 'b'].map((letter) => primed(`${name}${letter}`, this.taken));
		this.findings.notice(node, 'two-rows', message('twoRows', first, second));
		const rows: readonly (readonly [string, Linear, Relation])[] = [
			[first, left, MIRRORED[kind]],
			[second, right, kind]
		];
		for (const [own, limit, relation] of rows) {
			const body = plus(middle, scale(limit, ZERO.sub(1)));
			// what stands twice stands in one place
			const mentions = own === first ? body.mentions : [];
			this.push(node, label, own, { ...body, mentions }, relation);
		}
	}

	/** A row for each of several variables: `x, y ≥ 2` is x ≥ 2 and y ≥ 2. */
	addEach(node: SyntaxNode, names: readonly string[], relation: Relation, value: Rational): void {
		for (const name of names) {
			const mentions = [{ name, from: node.from, to: node.to }];
			this.push(
				node,
				null,
				null,
				{ constant: value.neg(), terms: new Map([[name, ONE]]), mentions },
				relation
			);
		}
	}

	/** Gives the rows without a label their names, and all their places. */
	nameRows(): void {
		const names = rowNames(this.constraints.map(({ name, labelled }) => (labelled ? name : null)));
		this.constraints.forEach((row, i) => {
			const name = names[i];
			(row as { name: string }).name = name;
			this.rows[i].name = name;
			const source = this.sources.find(
				(own) => own.kind === 'constraint' && own.from === this.rows[i].at.from
			);
			if (source) (source as { name: string }).name = name;
			this.places.push({ kind: 'constraint', name, ...this.rows[i].at });
		});
	}
}
