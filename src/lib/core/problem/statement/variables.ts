import { childOf, childrenOf } from './children';
import type { SyntaxNode } from '@lezer/common';
import { isZero, toText, ZERO, type Rational } from '../../number/rational';
import type { Domain, Relation, Variable } from '../types';
import type { Findings, TextPlace } from './diagnostics';
import { isConstant, type LinearReader } from './linear';
import { message } from './messages';

type Draft = { -readonly [K in keyof Variable]: Variable[K] };

export const RELATIONS: Record<string, Relation> = { AtMost: '<=', AtLeast: '>=', Equal: '=' };

const isAttribute = ({ name }: SyntaxNode): boolean =>
	['Free', 'Integer', 'Binary', 'From', 'To'].includes(name);

/** The variables of a statement while it is read: in the order in which they are first mentioned, with what is said of them. */
export class VariableTable {
	private readonly drafts = new Map<string, Draft>();

	constructor(
		private readonly linear: LinearReader,
		private readonly findings: Findings,
		private readonly places: TextPlace[]
	) {}

	/** lower bounds below zero that rows say */
	private readonly negative = new Map<string, { value: Rational; at: { from: number; to: number } }>();
	/** names of which a lower bound is said, and where `x ≤ 0` stands */
	private readonly fromBelow = new Set<string>();
	private readonly atMostZero = new Map<string, { from: number; to: number }>();

	/** `x ≥ −5`: the lower bound, unless a tighter one is said besides. */
	below(name: string, value: Rational, at: { from: number; to: number }): void {
		const known = this.negative.get(name);
		if (!known || known.value.lt(value)) this.negative.set(name, { value, at });
	}

	/** Takes in the lower bounds below zero and the signs of what is not positive, each told. */
	settle(): void {
		for (const [name, at] of this.atMostZero) {
			const draft = this.draft(name);
			if (this.fromBelow.has(name) || !draft.upper || !isZero(draft.upper)) continue;
			draft.lower = null;
			if (!this.negative.has(name)) this.findings.notice(at, 'lower-bound', message('atMostZero', name));
		}
		for (const [name, { value, at }] of this.negative) {
			const draft = this.draft(name);
			const isTighter = this.fromBelow.has(name) && draft.lower !== null;
			if (!isTighter) draft.lower = value;
			this.findings.notice(
				at,
				'lower-bound',
				isTighter
					? message('tighterBound', name, toText(draft.lower!))
					: message('lowerBound', name, toText(value))
			);
		}
	}

	get size(): number {
		return this.drafts.size;
	}

	list(): Variable[] {
		return [...this.drafts.values()].map(({ unit, ...rest }) => ({ ...rest, ...(unit ? { unit } : {}) }));
	}

	/** The variable of that name, new with the usual sign if it was not there. */
	draft(name: string): Draft {
		let draft = this.drafts.get(name);
		if (!draft) {
			draft = { name, lower: ZERO, upper: null, domain: 'continuous' };
			this.drafts.set(name, draft);
		}
		return draft;
	}

	/** `x ≥ c` sets the lower bound, `x ≤ c` the upper one; `x ≤ 0` alone says that x is not positive. */
	bound(name: string, relation: Relation, value: Rational, at: { from: number; to: number }): void {
		const draft = this.draft(name);
		if (relation === '>=') {
			draft.lower = value;
			this.fromBelow.add(name);
		} else {
			draft.upper = value;
			if (isZero(value)) this.atMostZero.set(name, at);
		}
	}

	/** `2 ≤ x ≤ 10` sets both. */
	between(name: string, lower: Rational, upper: Rational): void {
		this.fromBelow.add(name);
		Object.assign(this.draft(name), { lower, upper });
	}

	/** What a row says of its variable beyond the row itself: `x ≥ 0 integer`. */
	attributes(node: SyntaxNode, names: readonly string[]): readonly string[] {
		const drafts = names.map((name) => this.draft(name));
		for (const attribute of childrenOf(node, 'Attribute')) this.attribute(attribute, drafts, null);
		return names;
	}

	/** Takes in a line about variables; returns their names. */
	declare(
		node: SyntaxNode,
		asRows: (names: readonly string[], relation: Relation, value: Rational) => boolean
	): readonly string[] {
		const drafts: Draft[] = [];
		let pending: Relation | null = null;
		for (let child = node.firstChild; child; child = child.nextSibling) {
			if (child.name === 'Unit') {
				const last = drafts.at(-1);
				if (last) last.unit = this.linear.unit(child);
			} else if ((child.name === 'Name' || child.name === 'Quoted') && !pending) {
				const name = this.linear.name(child);
				drafts.push(this.draft(name));
				this.places.push({ kind: 'variable', name, from: child.from, to: child.to });
			} else if (RELATIONS[child.name]) pending = RELATIONS[child.name];
			else if (pending && !isAttribute(child) && this.areRows(child, drafts, pending, asRows)) continue;
			else this.attribute(child, drafts, pending);
		}
		return drafts.map(({ name }) => name);
	}

	/** `x, y ≥ 2` says of each what `x ≥ 2` says of one: it is a row. */
	private areRows(
		node: SyntaxNode,
		drafts: readonly Draft[],
		relation: Relation,
		asRows: (names: readonly string[], relation: Relation, value: Rational) => boolean
	): boolean {
		const value = this.linear.read(node);
		if (!isConstant(value)) return false;
		return asRows(
			drafts.map(({ name }) => name),
			relation,
			value.constant
		);
	}

	private attribute(node: SyntaxNode, drafts: Draft[], relation: Relation | null): void {
		const domains: Record<string, Domain> = { Integer: 'integer', Binary: 'binary' };
		if (node.name === 'Free') drafts.forEach((draft) => (draft.lower = null));
		else if (domains[node.name]) drafts.forEach((draft) => (draft.domain = domains[node.name]));
		else if (node.name === 'From' || node.name === 'To' || relation) {
			const isAttribute = node.name === 'From' || node.name === 'To';
			const value = this.linear.read(relation && !isAttribute ? node : childOf(node, 'Expression'));
			if (!isConstant(value)) {
				this.findings.error(node, 'bound', message('boundIsNumber'));
				return;
			}
			for (const draft of drafts) {
				if (node.name === 'From' || relation === '=') this.fromBelow.add(draft.name);
				if (node.name === 'From') draft.lower = value.constant;
				else if (node.name === 'To') draft.upper = value.constant;
				else if (relation === '=') draft.lower = draft.upper = value.constant;
				else this.bound(draft.name, relation!, value.constant, node);
			}
		}
	}
}
