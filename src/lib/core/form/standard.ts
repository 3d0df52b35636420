import { artificialId, negativePartId, slackId, variableId } from '../problem/column-id';
import { compare, isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, type Constraint, type Problem, type Relation, type Terms } from '../problem/types';
import { primed } from '../problem/names';
import { MIRRORED } from '../problem/relation';
import { inColumns, mixedTerms, shownTerms } from './terms';
import {
	type Column,
	type ColumnKind,
	type Form,
	type FormChange,
	type FormOptions,
	type FormRow,
	type Owner,
	type Substitution,
	type System
} from './types';
import { OWN_NAMES, type Keys } from '../problem/keys';

/** A row before it is an equation. */
interface DraftRow {
	readonly owner: Owner;
	readonly entries: Map<number, Rational>;
	relation: Relation;
	rhs: Rational;
	factor: 1 | -1;
	/** the number that its slack is named by */
	readonly number: number;
}

/** Told after each change on the way, with the problem as it stands then. */
export type Watch = (change: FormChange, system: System) => void;

/** Builds one form; every change it records is one the reader of the problem can follow. */
class FormBuilder {
	readonly columns: Column[] = [];
	readonly changes: FormChange[] = [];
	readonly substitutions: Substitution[] = [];
	private drafts: DraftRow[] | null = null;
	private negated = false;
	private readonly byVariable = new Map<string, Substitution>();
	private readonly taken: Set<string>;
	private readonly author: ReadonlySet<string>;

	constructor(
		private readonly problem: Problem,
		private readonly options: FormOptions,
		private readonly keys: Keys,
		private readonly watch?: Watch
	) {
		this.taken = new Set(problem.variables.map((variable) => variable.name));
		this.author = new Set([...this.taken, problem.objective.name]);
	}

	build(): Form {
		for (const variable of this.problem.variables) this.substitute(variable.name, effectiveBounds(variable));
		const drafts = (this.drafts = this.problem.constraints.map((row, i) => draftOf(this, row, i + 1)));
		this.splitEqualities(drafts);
		this.boundRows(drafts);
		for (const draft of drafts) this.turn(draft);
		const starts = drafts.map((draft) => this.helper(draft));
		const rows = drafts.map((draft, i): FormRow => ({
			owner: draft.owner,
			entries: draft.entries,
			rhs: draft.rhs,
			factor: draft.factor,
			start: starts[i] ?? this.standIn(draft)
		}));
		const { problem, options, columns, substitutions, changes } = this;
		return { problem, options, columns, rows, ...this.objective(), substitutions, changes };
	}

	private note(change: FormChange): void {
		this.changes.push(change);
		this.watch?.(change, this.system());
	}

	private column(id: string, name: string, kind: ColumnKind, owner: Owner): number {
		const own = kind === 'structural' && name === owner.name;
		if (!own) name = primed(name, this.taken);
		this.taken.add(name);
		const after = { author: this.author, column: this.columns.at(-1) ?? null };
		return this.columns.push({ id, name, order: this.columns.length + 1, kind, owner, after }) - 1;
	}

	/** The lasting key of what owns a row: a constraint, or a variable for its bound. */
	private key({ kind, name }: Owner): string {
		return kind === 'constraint'
			? (this.keys.constraints.get(name) ?? name)
			: `bound:${this.keys.variables.get(name) ?? name}`;
	}

	/** A variable becomes non-negative columns: itself, a shifted or mirrored one, or a difference of two. */
	private substitute(
		name: string,
		{ lower, upper }: { lower: Rational | null; upper: Rational | null }
	): void {
		const owner: Owner = { kind: 'variable', name };
		const key = this.keys.variables.get(name) ?? name;
		const structural = (id: string, shown: string) => this.column(id, shown, 'structural', owner);
		const add = (offset: Rational, parts: Substitution['parts']) => {
			const substitution = { variable: name, offset, parts };
			this.substitutions.push(substitution);
			this.byVariable.set(name, substitution);
		};
		if (lower && upper && compare(lower, upper) === 0) {
			add(lower, []);
			this.note({ kind: 'fix', owner, bound: lower });
		} else if (lower && isZero(lower)) {
			add(ZERO, [{ column: structural(variableId(key), name), factor: 1 }]);
		} else if (lower) {
			const column = structural(variableId(key), `${name}'`);
			add(lower, [{ column, factor: 1 }]);
			this.note({ kind: 'shift', owner, bound: lower, column: this.columns[column] });
		} else if (upper) {
			const column = structural(variableId(key), `${name}'`);
			add(upper, [{ column, factor: -1 }]);
			this.note({ kind: 'mirror', owner, bound: upper, column: this.columns[column] });
		} else {
			const plus = structural(variableId(key), `${name}⁺`);
			const minus = structural(negativePartId(key), `${name}⁻`);
			add(ZERO, [
				{ column: plus, factor: 1 },
				{ column: minus, factor: -1 }
			]);
			const column = this.columns[plus];
			this.note({ kind: 'split-variable', owner, column, minus: this.columns[minus] });
		}
	}

	/** The author's terms in columns, and what the offsets contribute. */
	inColumns(terms: Terms): { entries: Map<number, Rational>; offset: Rational } {
		return inColumns(this.byVariable, terms);
	}

	private splitEqualities(drafts: DraftRow[]): void {
		if (this.options.equalities === 'one-row') return;
		for (let i = 0; i < drafts.length; i++) {
			const draft = drafts[i];
			if (draft.relation !== '=') continue;
			draft.relation = '<=';
			drafts.splice(i + 1, 0, { ...draft, entries: new Map(draft.entries), relation: '>=' });
			this.note({ kind: 'split-equality', owner: draft.owner });
		}
	}

	/** A variable with two bounds needs a row for the upper one. */
	private boundRows(drafts: DraftRow[]): void {
		for (const variable of this.problem.variables) {
			const { lower, upper } = effectiveBounds(variable);
			if (!lower || !upper || compare(lower, upper) === 0) continue;
			const { column } = this.byVariable.get(variable.name)!.parts[0];
			const owner: Owner = { kind: 'upper', name: variable.name };
			const entries = new Map([[column, ONE]]);
			const number = drafts.length + 1;
			drafts.push({ owner, entries, relation: '<=', rhs: upper.sub(lower), factor: 1, number });
			this.note({ kind: 'bound-row', owner });
		}
	}

	/** Multiplies a row by −1 where its start asks for it. */
	private turn(draft: DraftRow): void {
		const { owner, relation, rhs } = draft;
		const negative = sign(rhs) < 0;
		const why =
			this.options.start === 'slack'
				? relation === '>='
					? 'at-most'
					: null
				: negative
					? 'negative'
					: isZero(rhs) && relation === '>='
						? 'zero'
						: null;
		if (!why) return;
		for (const [column, value] of draft.entries) draft.entries.set(column, value.neg());
		draft.rhs = rhs.neg();
		draft.relation = MIRRORED[relation];
		draft.factor = draft.factor === 1 ? -1 : 1;
		this.note({ kind: 'negate-row', owner, why });
	}

	/** Gives an inequality its slack or surplus; returns the column if the row can start with it. */
	private helper(draft: DraftRow): number | null {
		if (draft.relation === '=') return null;
		const kind = draft.relation === '<=' ? 'slack' : 'surplus';
		const { owner } = draft;
		const key = this.key(owner);
		const isSecond = this.columns.some((column) => column.id === slackId(key));
		const column = this.column(slackId(key, isSecond), `s${draft.number}`, kind, owner);
		draft.entries.set(column, kind === 'slack' ? ONE : ONE.neg());
		draft.relation = '=';
		this.note({ kind, owner, column: this.columns[column] });
		return kind === 'slack' ? column : null;
	}

	/** The artificial variable of a row without a basic one, or what holds its place. */
	private standIn(draft: DraftRow): number {
		const kind = this.options.start === 'artificial' ? 'artificial' : 'vacant';
		const { owner } = draft;
		const equality = ![...draft.entries.keys()].some((j) => this.columns[j].kind === 'surplus');
		const column = this.column(artificialId(this.key(owner)), `a${draft.number}`, kind, owner);
		draft.entries.set(column, ONE);
		this.note({ kind, owner, column: this.columns[column], isEquality: equality });
		return column;
	}

	private objective(): { costs: Map<number, Rational>; constant: Rational } {
		const { sense, name, terms, constant } = this.problem.objective;
		const { entries, offset } = this.inColumns(terms);
		const total = constant.add(offset);
		if (sense === 'max') return { costs: entries, constant: total };
		this.negated = true;
		this.note({ kind: 'maximise', owner: null, objective: name });
		return { costs: new Map([...entries].map(([j, c]) => [j, c.neg()])), constant: total.neg() };
	}

	/** The problem as it stands now, for a reader. */
	system(): System {
		const { objective, constraints } = this.problem;
		const mixed = (terms: Terms, constant: Rational) =>
			mixedTerms(this.columns, this.byVariable, terms, constant);
		const goal = mixed(objective.terms, objective.constant);
		const turned = (value: Rational) => (this.negated ? value.neg() : value);
		const rows = this.drafts
			? this.drafts.map(({ owner, entries, relation, rhs }) => ({
					owner,
					terms: shownTerms(this.columns, entries),
					relation,
					rhs
				}))
			: constraints.map(({ name, terms, relation, rhs }) => {
					const left = mixed(terms, ZERO);
					const owner: Owner = { kind: 'constraint', name };
					return { owner, terms: left.terms, relation, rhs: rhs.sub(left.constant) };
				});
		return {
			sense: this.negated ? 'max' : objective.sense,
			negated: this.negated,
			objective: goal.terms.map((term) => ({ ...term, coefficient: turned(term.coefficient) })),
			constant: turned(goal.constant),
			rows
		};
	}
}

function draftOf(builder: FormBuilder, row: Constraint, number: number): DraftRow {
	const { entries, offset } = builder.inColumns(row.terms);
	const rhs = isZero(offset) ? row.rhs : row.rhs.sub(offset);
	const owner: Owner = { kind: 'constraint', name: row.name };
	return { owner, entries, rhs, factor: 1, number, relation: row.relation };
}

const SLACKS: FormOptions = { start: 'slack', equalities: 'two-rows' };

/**
 * Brings a problem to standard form (Dantzig 1963, ch. 5): maximise, equations, non-negative columns.
 * @param problem any problem of the problem format; whole-number domains are not looked at
 * @param options how rows get their first basic variable, and what becomes of equalities
 * @param keys lasting keys, from which the columns' ids are made
 * @param watch called after each change with the problem as it stands then
 * @returns the form, with every change and its reason
 */
export function standardForm(
	problem: Problem,
	options: FormOptions = SLACKS,
	keys: Keys = OWN_NAMES,
	watch?: Watch
): Form {
	return new FormBuilder(problem, options, keys, watch).build();
}
