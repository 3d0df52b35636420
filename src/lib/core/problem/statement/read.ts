import type { SyntaxNode, Tree } from '@lezer/common';
import { isZero, sign, ZERO } from '../../number/rational';
import {
	MAX_CONSTRAINTS,
	MAX_VARIABLES,
	withoutZeros,
	type Constraint,
	type Objective,
	type Problem,
	type Relation
} from '../types';
import { Findings, type Diagnostic, type Place } from './diagnostics';
import { isConstant, LinearReader, plus, scale, unquote, type Linear } from './linear';
import * as messages from './messages';
import { forgive } from './forgive';
import { notices } from './notices';
import { rowSource, type DeclarationSource, type RowSource } from './source';
import { traced } from './trace';
import { unitFindings } from './units';
import { parser } from './statement.grammar';
import { syntaxErrors } from './syntax';
import { RELATIONS, VariableTable } from './variables';
import { MIRRORED } from '../relation';
import { primed } from '../names';

/** What became of a statement's text: the problem unless something is wrong, the findings, and where things stand. */
export interface Reading {
	readonly problem: Problem | null;
	readonly diagnostics: readonly Diagnostic[];
	readonly places: readonly Place[];
	/** the objective and the constraints part by part, as far as they could be read */
	readonly rows: readonly RowSource[];
	readonly declarations: readonly DeclarationSource[];
}

export const NO_READING: Reading = { problem: null, diagnostics: [], places: [], rows: [], declarations: [] };

/** A row before it is known whether it is a constraint or a bound. */
export interface RowRead {
	name: string;
	at: { from: number; to: number };
	body: Linear;
}

/** More brackets inside one another are not read: recovering from so many open ones takes very long. */
const MOST_BRACKETS = 200;

/** The place where brackets are nested too deeply; −1 where they are not. */
function tooDeep(text: string): number {
	let depth = 0;
	for (let i = 0; i < text.length; i++) {
		if (text[i] === '(') depth += 1;
		else if (text[i] === ')') depth = Math.max(0, depth - 1);
		else if (text[i] === '#') i = (text.indexOf('\n', i) + 1 || text.length + 1) - 1;
		if (depth > MOST_BRACKETS) return i;
	}
	return -1;
}

const refused = (from: number, to: number, message: string): Reading => ({
	...NO_READING,
	diagnostics: [{ from, to, severity: 'error', code: 'limit', message }]
});

/** Longer texts are not read. */
export const MAX_STATEMENT = 400_000;

/** One pass over the syntax tree of a statement; see {@link readStatement}. */
class StatementReader {
	readonly findings = new Findings();
	readonly places: Place[] = [];
	readonly rows: RowRead[] = [];
	private readonly sources: RowSource[] = [];
	private readonly declarations: DeclarationSource[] = [];
	readonly constraints: (Constraint & { labelled: boolean })[] = [];
	private readonly linear: LinearReader;
	private readonly variables: VariableTable;
	private objective: Objective | null = null;
	/** names of rows so far; the empty one is no name */
	private readonly taken = new Set<string>();
	private objectiveRow: RowRead | null = null;
	private title?: string;
	private story?: string;

	constructor(
		private readonly text: string,
		private readonly tree: Tree
	) {
		this.linear = new LinearReader(text, this.findings);
		this.variables = new VariableTable(this.linear, this.findings, this.places);
	}

	read(): Reading {
		const { tree } = this;
		const broken = syntaxErrors(tree, this.text);
		for (let line = tree.topNode.firstChild; line; line = line.nextSibling) this.line(line);
		// in a line that could not be read, only that counts: what follows from it would confuse
		const brokenLines = new Set(
			broken.flatMap(({ finding, at }) => [this.lineStart(finding), this.lineStart(at)])
		);
		this.findings.keep(
			(finding) =>
				!brokenLines.has(this.lineStart(finding)) &&
				!broken.some(({ at }) => at.from >= finding.from && at.from <= finding.to)
		);
		this.findings.list.push(...broken.map(({ finding }) => finding));
		this.nameRows();
		const problem = this.finish();
		const list = this.findings.list;
		if (problem && this.objectiveRow) list.push(...notices(problem, this.objectiveRow, this.rows));
		if (problem) list.push(...unitFindings(problem, this.sources));
		list.sort((a, b) => a.from - b.from || a.to - b.to);
		const { places, sources: rows, declarations } = this;
		return { problem, diagnostics: list, places, rows, declarations };
	}

	private lineStart(at: { from: number }): number {
		return this.text.lastIndexOf('\n', at.from - 1);
	}

	private line(node: SyntaxNode): void {
		if (node.name === 'Title') this.title = this.quoted(node) ?? this.title;
		else if (node.name === 'Story') this.story = this.quoted(node) ?? this.story;
		else if (node.name === 'Objective') this.readObjective(node);
		else if (node.name === 'Row') this.readRow(node);
		else if (node.name === 'Declaration') this.declared(node, this.variables.declare(node));
	}

	private declared({ from, to }: SyntaxNode, names: readonly string[]): void {
		this.declarations.push({ names, from, to });
	}

	private sourceOf(node: SyntaxNode, name: string): void {
		const source = rowSource(node, name, this.text);
		if (source) this.sources.push(source);
	}

	private quoted(node: SyntaxNode): string | undefined {
		const quoted = node.getChild('Quoted');
		return quoted ? unquote(this.linear.source(quoted)) : undefined;
	}

	private mention(linear: Linear): void {
		for (const { name, from, to } of linear.mentions) {
			this.variables.draft(name);
			this.places.push({ kind: 'variable', name, from, to });
		}
	}

	private readObjective(node: SyntaxNode): void {
		if (this.objective) {
			this.findings.error(node, 'second-objective', messages.secondObjective);
			return;
		}
		const equal = node.getChild('Equal');
		const nameNode = equal ? node.firstChild!.nextSibling : null;
		// the name before “=” is in the group too; the expression is the last
		const body = this.linear.read(node.getChildren('Expression').at(-1) ?? null);
		this.mention(body);
		const sense = /^max/i.test(this.linear.source(node.firstChild!)) ? 'max' : 'min';
		const unit = this.linear.unit(node.getChild('Unit'));
		this.objective = {
			sense,
			name: nameNode ? this.linear.name(nameNode) : 'z',
			...(unit ? { unit } : {}),
			terms: withoutZeros(body.terms),
			constant: body.constant
		};
		this.objectiveRow = { name: this.objective.name, at: { from: node.from, to: node.to }, body };
		this.places.push({ kind: 'objective', name: this.objective.name, from: node.from, to: node.to });
		this.sourceOf(node, this.objective.name);
	}

	private readRow(node: SyntaxNode): void {
		let label: SyntaxNode | null = null;
		const sides = node.getChildren('Expression').map((part) => this.linear.read(part));
		const relations: SyntaxNode[] = [];
		for (let part = node.firstChild; part; part = part.nextSibling)
			if (part.name === 'Label') label = part;
			else if (part.name === 'Strict' || part.name in RELATIONS) relations.push(part);
		sides.forEach((side) => this.mention(side));
		const strict = relations.find((relation) => relation.name === 'Strict');
		if (strict) {
			const sign = this.linear.source(strict);
			const insert = sign === '<' ? '≤' : '≥';
			const fix = {
				says: messages.writeInstead(insert),
				edits: [{ from: strict.from, to: strict.to, insert }]
			};
			this.findings.error(strict, 'strict', messages.strict(sign), [fix]);
			return;
		}
		if (relations.length === 0) {
			this.findings.error(node, 'no-relation', messages.noRelation);
			return;
		}
		const kinds = relations.map((relation) => RELATIONS[relation.name]);
		if (sides.length === 3 && kinds.length === 2) {
			this.chain(node, label, sides, kinds);
			return;
		}
		if (sides.length !== 2) {
			if (kinds.length > 2) this.findings.error(node, 'chain', messages.manyRelations);
			return;
		}
		const body = plus(sides[0], scale(sides[1], ZERO.sub(1)));
		if (!label && isZero(body.constant) && body.mentions.length === 1 && kinds[0] !== '=') {
			const [name, coefficient] = [...body.terms][0];
			this.variables.bound(name, sign(coefficient) < 0 ? MIRRORED[kinds[0]] : kinds[0], ZERO);
			this.declared(node, this.variables.attributes(node, [name]));
			return;
		}
		if (node.getChild('Attribute') && (label || body.mentions.length !== 1))
			this.findings.error(node.getChild('Attribute')!, 'bound', messages.aboutVariables);
		else
			this.variables.attributes(
				node,
				body.mentions.map((mention) => mention.name)
			);
		this.addConstraint(node, label, body, kinds[0]);
	}

	private addConstraint(node: SyntaxNode, label: SyntaxNode | null, body: Linear, relation: Relation): void {
		const nameNode = label?.firstChild;
		const name = nameNode ? this.linear.name(nameNode) : '';
		const unit = this.linear.unit(label?.getChild('Unit') ?? null);
		if (nameNode && this.taken.has(name)) this.findings.error(nameNode, 'same-name', messages.sameName(name));
		this.taken.add(name);
		this.constraints.push({
			name,
			labelled: !!nameNode,
			...(unit ? { unit } : {}),
			terms: withoutZeros(body.terms),
			relation,
			rhs: body.constant.neg()
		});
		// what it says of the variable is no part of the row itself
		const last = node.getChildren('Expression').at(-1) ?? node;
		this.rows.push({ name, at: { from: node.from, to: last.to }, body });
		this.sourceOf(node, name);
	}

	/** `2 ≤ bowls ≤ 10` bounds a variable; any other chain is two rows and has to be written so. */
	private chain(node: SyntaxNode, label: SyntaxNode | null, sides: Linear[], kinds: Relation[]): void {
		const [left, middle, right] = sides;
		const single = middle.mentions.length === 1 && isZero(middle.constant);
		if (
			label ||
			!single ||
			!isConstant(left) ||
			!isConstant(right) ||
			kinds[0] !== kinds[1] ||
			kinds[0] === '='
		) {
			this.findings.error(node, 'chain', messages.chain);
			return;
		}
		const [name, coefficient] = [...middle.terms][0];
		if (isZero(coefficient)) return;
		const bounds = [left, right].map((side) => side.constant.div(coefficient));
		const rising = (kinds[0] === '<=') === sign(coefficient) > 0;
		this.variables.between(name, rising ? bounds[0] : bounds[1], rising ? bounds[1] : bounds[0]);
		this.declared(node, this.variables.attributes(node, [name]));
	}

	/** Rows without a name are called r1, r2, … after their position, with a prime where that is taken. */
	private nameRows(): void {
		const { taken } = this;
		this.constraints.forEach((row, i) => {
			let name = row.name;
			if (!row.labelled) {
				name = primed(`r${i + 1}`, taken);
				taken.add(name);
				(row as { name: string }).name = name;
			}
			this.rows[i].name = name;
			const source = this.sources.find(
				(own) => own.kind === 'constraint' && own.from === this.rows[i].at.from
			);
			if (source) (source as { name: string }).name = name;
			this.places.push({ kind: 'constraint', name, ...this.rows[i].at });
		});
	}

	private finish(): Problem | null {
		const whole = { from: 0, to: this.text.length };
		if (!this.text.replace(/#.*$/gm, '').trim()) this.findings.error(whole, 'empty', messages.empty);
		else if (!this.objective && !this.findings.wrong)
			this.findings.error(whole, 'no-objective', messages.noObjective);
		if (this.variables.size > MAX_VARIABLES || this.constraints.length > MAX_CONSTRAINTS)
			this.findings.error(whole, 'limit', messages.tooMany(MAX_VARIABLES, MAX_CONSTRAINTS));
		if (this.findings.wrong || !this.objective) return null;
		return {
			...(this.title ? { title: this.title } : {}),
			...(this.story ? { story: this.story } : {}),
			variables: this.variables.list(),
			objective: this.objective,
			constraints: this.constraints.map(({ labelled: _, ...row }) => row)
		};
	}
}

/**
 * Reads a statement: a problem written as on a board (docs/STATEMENT.md has the grammar).
 * @param text the whole statement, lines separated by newlines
 * @returns the problem, or `null` where an error was found; never throws on any text
 */
export function readStatement(text: string): Reading {
	if (text.length > MAX_STATEMENT)
		return refused(MAX_STATEMENT, text.length, messages.tooLong(MAX_STATEMENT));
	const deep = tooDeep(text);
	if (deep >= 0) return refused(deep, deep + 1, messages.tooDeep(MOST_BRACKETS));
	const forgiven = forgive(text);
	return traced(text, forgiven, new StatementReader(forgiven.text, parser.parse(forgiven.text)).read());
}
