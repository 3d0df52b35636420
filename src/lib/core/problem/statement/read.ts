import { childOf, childrenOf } from './children';
import { NO_READING, type Reading, type RowRead } from './reading';
import type { SyntaxNode, Tree } from '@lezer/common';
import { isZero, sign, toText, ZERO } from '../../number/rational';
import {
	MAX_CONSTRAINTS,
	MAX_VARIABLES,
	withoutZeros,
	type Objective,
	type Problem,
	type Relation
} from '../types';
import { Findings, type TextPlace } from './diagnostics';
import { isConstant, LinearReader, plus, scale, unquote, type Linear } from './linear';
import { message, type Message } from './messages';
import { forgive, mayDiffer } from './forgive';
import { notices } from './notices';
import { RowTable } from './rows';
import type { DeclarationSource } from './source';
import { traced } from './trace';
import { unitFindings } from './units';
import { parser } from './statement.grammar';
import { syntaxErrors } from './syntax';
import { RELATIONS, VariableTable } from './variables';
import { MIRRORED } from '../relation';
import { MAX_STATEMENT, MOST_BRACKETS, tooDeep } from './limits';
import { negativeBound, positiveBound, withObjective } from './row-kinds';
import { nameText } from './print';

const refused = (from: number, to: number, message: Message): Reading => ({
	...NO_READING,
	diagnostics: [{ from, to, severity: 'error', code: 'limit', message }]
});

/** One pass over the syntax tree of a statement; see {@link readStatement}. */
class StatementReader {
	readonly findings = new Findings();
	readonly places: TextPlace[] = [];
	private readonly declarations: DeclarationSource[] = [];
	private readonly linear: LinearReader;
	private readonly variables: VariableTable;
	private readonly table: RowTable;
	private objective: Objective | null = null;
	private objectiveRow: RowRead | null = null;
	/** whether the objective has a name of its own */
	private isNamed = false;
	/** where the objective's name stands for its expression */
	private readonly stood: { from: number; to: number }[] = [];
	private title?: string;
	private story?: string;

	constructor(
		private readonly text: string,
		private readonly tree: Tree
	) {
		this.linear = new LinearReader(text, this.findings);
		this.variables = new VariableTable(this.linear, this.findings, this.places);
		this.table = new RowTable(text, this.linear, this.findings, this.places);
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
		this.table.nameRows();
		this.variables.settle();
		const problem = this.finish();
		const list = this.findings.list;
		if (problem && this.objectiveRow) list.push(...notices(problem, this.objectiveRow, this.table.rows));
		if (problem) list.push(...unitFindings(problem, this.table.sources));
		list.sort((a, b) => a.from - b.from || a.to - b.to);
		const { places, declarations } = this;
		const { sources: rows } = this.table;
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
		else if (node.name === 'Declaration')
			this.declared(
				node,
				this.variables.declare(node, (names, relation, value) => {
					const isBound = relation !== '=' && (relation === '>=' ? sign(value) <= 0 : isZero(value));
					if (!isBound) this.table.addEach(node, names, relation, value);
					return !isBound;
				})
			);
	}

	private declared({ from, to }: SyntaxNode, names: readonly string[]): void {
		this.declarations.push({ names, from, to });
	}

	private quoted(node: SyntaxNode): string | undefined {
		const quoted = childOf(node, 'Quoted');
		return quoted ? unquote(this.linear.source(quoted)) : undefined;
	}

	private mention(linear: Linear): void {
		for (const { name, from, to } of linear.mentions) {
			this.variables.draft(name);
			// where the objective's name stands for its expression, no variable is written
			if (!this.stood.some((own) => own.from === from))
				this.places.push({ kind: 'variable', name, from, to });
		}
	}

	private readObjective(node: SyntaxNode): void {
		if (this.objective) {
			this.findings.error(node, 'second-objective', message('secondObjective'));
			return;
		}
		const equal = childOf(node, 'Equal');
		const nameNode = equal ? node.firstChild!.nextSibling : null;
		// the name before “=” is in the group too; the expression is the last
		const body = this.linear.read(childrenOf(node, 'Expression').at(-1) ?? null);
		this.mention(body);
		const sense = /^max/i.test(this.linear.source(node.firstChild!)) ? 'max' : 'min';
		const unit = this.linear.unit(childOf(node, 'Unit'));
		this.objective = {
			sense,
			name: nameNode ? this.linear.name(nameNode) : 'z',
			...(unit ? { unit } : {}),
			terms: withoutZeros(body.terms),
			constant: body.constant
		};
		this.isNamed = nameNode !== null;
		this.objectiveRow = { name: this.objective.name, at: { from: node.from, to: node.to }, body };
		this.places.push({ kind: 'objective', name: this.objective.name, from: node.from, to: node.to });
		this.table.source(node, this.objective.name);
	}

	private readRow(node: SyntaxNode): void {
		let label: SyntaxNode | null = null;
		const sides = childrenOf(node, 'Expression').map((part) => this.ofObjective(this.linear.read(part)));
		const relations: SyntaxNode[] = [];
		for (let part = node.firstChild; part; part = part.nextSibling)
			if (part.name === 'Label') label = part;
			else if (part.name in RELATIONS) relations.push(part);
		sides.forEach((side) => this.mention(side));
		if (relations.length === 0) {
			this.findings.error(node, 'no-relation', message('noRelation'));
			return;
		}
		const kinds = relations.map((relation) => RELATIONS[relation.name]);
		if (sides.length === 3 && kinds.length === 2) {
			this.chain(node, label, sides, kinds);
			return;
		}
		if (sides.length !== 2) {
			if (kinds.length > 2) this.findings.error(node, 'chain', message('manyRelations'));
			return;
		}
		// 4 ≥ x + y is x + y ≤ 4
		if (isConstant(sides[0]) && !isConstant(sides[1])) {
			sides.reverse();
			kinds[0] = MIRRORED[kinds[0]];
		}
		const body = plus(sides[0], scale(sides[1], ZERO.sub(1)));
		if (!label && isZero(body.constant) && body.mentions.length === 1 && kinds[0] !== '=') {
			const [name, coefficient] = [...body.terms][0];
			this.variables.bound(name, sign(coefficient) < 0 ? MIRRORED[kinds[0]] : kinds[0], ZERO, node);
			this.declared(node, this.variables.attributes(node, [name]));
			return;
		}
		if (!label && kinds[0] !== '=' && this.isNegativeBound(node, body, kinds[0])) return;
		if (childOf(node, 'Attribute') && (label || body.mentions.length !== 1))
			this.findings.error(childOf(node, 'Attribute')!, 'bound', message('aboutVariables'));
		else
			this.variables.attributes(
				node,
				body.mentions.map((mention) => mention.name)
			);
		const bound = label ? null : positiveBound(body, kinds[0]);
		if (bound && childrenOf(node, 'Attribute').length === 0)
			this.findings.notice(node, 'lower-bound', message('lowerRow', bound.name, toText(bound.value)), [
				{
					says: message('asBound', bound.name),
					edits: [
						{ from: node.from, to: node.to, insert: `${nameText(bound.name)} from ${toText(bound.value)}` }
					]
				}
			]);
		this.table.add(node, label, body, kinds[0]);
	}

	/** `x ≥ −5`, unlabelled: the lower bound of x, in place of the 0 that holds where nothing is said. */
	private isNegativeBound(node: SyntaxNode, body: Linear, relation: Relation): boolean {
		const bound = negativeBound(body, relation);
		if (!bound) return false;
		this.variables.below(bound.name, bound.value, node);
		this.declared(node, this.variables.attributes(node, [bound.name]));
		return true;
	}

	/** A side in which the objective's name stands for its expression, where that name is no variable. */
	private ofObjective(side: Linear): Linear {
		const put = this.objective && this.isNamed ? withObjective(side, this.objective) : null;
		if (!put) return side;
		this.findings.notice(put.at, 'objective-limited', message('objectiveLimited', this.objective!.name));
		this.stood.push(put.at);
		return put.side;
	}

	/** `2 ≤ bowls ≤ 10` bounds a variable; `2 ≤ x + y ≤ 4` is two rows of one name with a and b; no other chain is read. */
	private chain(node: SyntaxNode, label: SyntaxNode | null, sides: Linear[], kinds: Relation[]): void {
		const [left, middle, right] = sides;
		const single = middle.mentions.length === 1 && isZero(middle.constant);
		const hasLimits = isConstant(left) && isConstant(right) && kinds[0] === kinds[1] && kinds[0] !== '=';
		if (hasLimits && (label || !single) && middle.mentions.length > 0) {
			this.table.addTwo(node, label, sides, kinds[0]);
			return;
		}
		if (
			label ||
			!single ||
			!isConstant(left) ||
			!isConstant(right) ||
			kinds[0] !== kinds[1] ||
			kinds[0] === '='
		) {
			this.findings.error(node, 'chain', message('chain'));
			return;
		}
		const [name, coefficient] = [...middle.terms][0];
		if (isZero(coefficient)) return;
		const bounds = [left, right].map((side) => side.constant.div(coefficient));
		const rising = (kinds[0] === '<=') === sign(coefficient) > 0;
		this.variables.between(name, rising ? bounds[0] : bounds[1], rising ? bounds[1] : bounds[0]);
		this.declared(node, this.variables.attributes(node, [name]));
	}

	private finish(): Problem | null {
		const whole = { from: 0, to: this.text.length };
		if (!this.text.replace(/#.*$/gm, '').trim()) this.findings.error(whole, 'empty', message('empty'));
		else if (!this.objective && !this.findings.wrong)
			this.findings.error(whole, 'no-objective', message('noObjective'));
		if (this.variables.size > MAX_VARIABLES || this.table.constraints.length > MAX_CONSTRAINTS)
			this.findings.error(whole, 'limit', message('tooMany', MAX_VARIABLES, MAX_CONSTRAINTS));
		if (this.findings.wrong || !this.objective) return null;
		return {
			...(this.title ? { title: this.title } : {}),
			...(this.story ? { story: this.story } : {}),
			variables: this.variables.list(),
			objective: this.objective,
			constraints: this.table.constraints.map(({ labelled: _, ...row }) => row)
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
		return refused(MAX_STATEMENT, text.length, message('tooLong', MAX_STATEMENT));
	const deep = tooDeep(text);
	if (deep >= 0) return refused(deep, deep + 1, message('tooDeep', MOST_BRACKETS));
	// a text in the language is read as it stands, unless it shows another habit
	const tree = parsed(text);
	const asItStands = tree && new StatementReader(text, tree).read();
	if (asItStands?.problem && !mayDiffer(text, asItStands.problem)) return asItStands;
	const forgiven = forgive(text);
	if (forgiven.text === text && forgiven.refusals.length === 0 && forgiven.doubts.length === 0)
		return asItStands ?? new StatementReader(text, parser.parse(text)).read();
	const written = traced(
		text,
		forgiven,
		new StatementReader(forgiven.text, parser.parse(forgiven.text)).read()
	);
	return asItStands?.problem && !written.problem && forgiven.refusals.length === 0 ? asItStands : written;
}

const strict = parser.configure({ strict: true });
/** The tree of a text that is in the language, line for line; null for any other, at its first fault. */
function parsed(text: string): Tree | null {
	try {
		return strict.parse(text);
	} catch (error) {
		if (error instanceof SyntaxError) return null;
		throw error;
	}
}
