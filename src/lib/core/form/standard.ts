import { compare, isZero, ONE, sign, ZERO, type Rational } from '../number/rational';
import { effectiveBounds, type Constraint, type Problem, type Relation, type Terms } from '../problem/types';
import type {
	ChangeKind,
	Column,
	ColumnKind,
	Form,
	FormChange,
	FormRow,
	Owner,
	StartKind,
	Substitution
} from './types';

const MINUS_ONE = ONE.neg();
const MIRROR: Record<Relation, Relation> = { '<=': '>=', '>=': '<=', '=': '=' };

interface DraftRow {
	owner: Owner;
	entries: Map<number, Rational>;
	relation: Relation;
	rhs: Rational;
	factor: 1 | -1;
	number: number;
}

/** Builds one form; every `change` it records is one the reader of the problem can follow. */
class FormBuilder {
	readonly columns: Column[] = [];
	readonly changes: FormChange[] = [];
	readonly substitutions: Substitution[] = [];
	readonly drafts: DraftRow[] = [];
	private readonly byVariable = new Map<string, Substitution>();
	private readonly taken: Set<string>;

	constructor(
		private readonly problem: Problem,
		private readonly startKind: StartKind
	) {
		this.taken = new Set(problem.variables.map((variable) => variable.name));
	}

	build(): Form {
		for (const variable of this.problem.variables) this.substitute(variable.name, effectiveBounds(variable));
		this.problem.constraints.forEach((row, i) => this.constraint(row, i + 1));
		this.boundRows();
		const starts = this.drafts.map((row) => this.inequality(row));
		const rows: FormRow[] = this.drafts.map((draft, i) => ({
			owner: draft.owner,
			entries: draft.entries,
			rhs: draft.rhs,
			factor: draft.factor,
			start: starts[i] ?? this.artificial(draft)
		}));
		return {
			problem: this.problem,
			startKind: this.startKind,
			columns: this.columns,
			rows,
			...this.objective(),
			substitutions: this.substitutions,
			changes: this.changes
		};
	}

	private note(kind: ChangeKind, owner: Owner | null, reason: string, column?: number): void {
		const named = column === undefined ? {} : { column: this.columns[column].id };
		this.changes.push({ kind, owner, reason, ...named });
	}

	private column(id: string, name: string, kind: ColumnKind, owner: Owner): number {
		if (
			kind !== 'structural' ||
			this.problem.variables.every((v) => v.name !== name || v.name !== owner.name)
		)
			while (this.taken.has(name)) name += "'";
		this.taken.add(name);
		return this.columns.push({ id, name, kind, owner }) - 1;
	}

	/** A variable becomes non-negative columns: itself, a shifted or mirrored one, or a difference of two. */
	private substitute(
		name: string,
		{ lower, upper }: { lower: Rational | null; upper: Rational | null }
	): void {
		const owner: Owner = { kind: 'variable', name };
		const add = (offset: Rational, parts: Substitution['parts']) => {
			const substitution = { variable: name, offset, parts };
			this.substitutions.push(substitution);
			this.byVariable.set(name, substitution);
		};
		if (lower && upper && compare(lower, upper) === 0) {
			add(lower, []);
			this.note('fix', owner, `${name} can only be ${lower.toFraction()}, so that number takes its place.`);
		} else if (lower && isZero(lower)) {
			add(ZERO, [{ column: this.column(`x:${name}`, name, 'structural', owner), factor: 1 }]);
		} else if (lower) {
			const column = this.column(`x:${name}`, `${name}'`, 'structural', owner);
			add(lower, [{ column, factor: 1 }]);
			const shown = this.columns[column].name;
			this.note(
				'shift',
				owner,
				`${name} is at least ${lower.toFraction()}: ${name} = ${lower.toFraction()} + ${shown} with ${shown} ≥ 0.`,
				column
			);
		} else if (upper) {
			const column = this.column(`x:${name}`, `${name}'`, 'structural', owner);
			add(upper, [{ column, factor: -1 }]);
			const shown = this.columns[column].name;
			this.note(
				'mirror',
				owner,
				`${name} is at most ${upper.toFraction()} and has no lower bound: ${name} = ${upper.toFraction()} − ${shown} with ${shown} ≥ 0.`,
				column
			);
		} else {
			const plus = this.column(`x:${name}`, `${name}⁺`, 'structural', owner);
			const minus = this.column(`x-:${name}`, `${name}⁻`, 'structural', owner);
			add(ZERO, [
				{ column: plus, factor: 1 },
				{ column: minus, factor: -1 }
			]);
			const [p, m] = [this.columns[plus].name, this.columns[minus].name];
			this.note(
				'split-variable',
				owner,
				`${name} may have either sign: ${name} = ${p} − ${m} with both ≥ 0.`,
				plus
			);
		}
	}

	/** The author's terms in columns, and what the offsets contribute. */
	private inColumns(terms: Terms): { entries: Map<number, Rational>; offset: Rational } {
		const entries = new Map<number, Rational>();
		let offset = ZERO;
		for (const [name, coefficient] of terms) {
			const substitution = this.byVariable.get(name);
			if (!substitution) continue;
			if (!isZero(substitution.offset)) offset = offset.add(coefficient.mul(substitution.offset));
			for (const { column, factor } of substitution.parts)
				entries.set(column, factor === 1 ? coefficient : coefficient.neg());
		}
		return { entries, offset };
	}

	private constraint(row: Constraint, number: number): void {
		const owner: Owner = { kind: 'constraint', name: row.name };
		const { entries, offset } = this.inColumns(row.terms);
		const rhs = isZero(offset) ? row.rhs : row.rhs.sub(offset);
		const draft = { owner, entries, rhs, factor: 1 as const, number, relation: row.relation };
		if (row.relation === '=' && this.startKind === 'slack') {
			this.note(
				'split-equality',
				owner,
				`${row.name} is an equality: it says ≤ and ≥ at once, and is written as these two rows.`
			);
			this.drafts.push({ ...draft, relation: '<=' });
			this.drafts.push({ ...draft, entries: new Map(entries), relation: '>=' });
		} else this.drafts.push(draft);
	}

	/** A variable with two bounds needs a row for the upper one. */
	private boundRows(): void {
		for (const variable of this.problem.variables) {
			const { lower, upper } = effectiveBounds(variable);
			if (!lower || !upper || compare(lower, upper) === 0) continue;
			const { column } = this.byVariable.get(variable.name)!.parts[0];
			const owner: Owner = { kind: 'bound', name: variable.name };
			const entries = new Map([[column, ONE]]);
			this.note('bound-row', owner, `The upper bound of ${variable.name} becomes a row of its own.`);
			const number = this.drafts.length + 1;
			this.drafts.push({ owner, entries, relation: '<=', rhs: upper.sub(lower), factor: 1, number });
		}
	}

	private negate(draft: DraftRow, why: string): void {
		for (const [column, value] of draft.entries) draft.entries.set(column, value.mul(MINUS_ONE));
		draft.rhs = draft.rhs.neg();
		draft.relation = MIRROR[draft.relation];
		draft.factor = draft.factor === 1 ? -1 : 1;
		this.note('negate-row', draft.owner, why);
	}

	/** Gives an inequality its slack or surplus; returns the column if the row can start with it. */
	private inequality(draft: DraftRow): number | null {
		const name = draft.owner.kind === 'bound' ? `the bound of ${draft.owner.name}` : draft.owner.name;
		if (this.startKind === 'slack' && draft.relation === '>=')
			this.negate(draft, `${name} is multiplied by −1, so that it reads ≤ and its slack can be basic.`);
		if (
			this.startKind === 'artificial' &&
			(sign(draft.rhs) < 0 || (isZero(draft.rhs) && draft.relation === '>='))
		)
			this.negate(
				draft,
				isZero(draft.rhs)
					? `${name} has the right-hand side 0: multiplied by −1 it reads ≤ 0 and needs no artificial variable.`
					: `${name} has a negative right-hand side and is multiplied by −1.`
			);
		if (draft.relation === '=') return null;
		const kind = draft.relation === '<=' ? 'slack' : 'surplus';
		const twin = this.columns.some((c) => c.owner === draft.owner);
		const id = `s:${draft.owner.kind === 'bound' ? 'bound:' : ''}${draft.owner.name}${twin ? ':2' : ''}`;
		const column = this.column(id, `s${draft.number}`, kind, draft.owner);
		draft.entries.set(column, kind === 'slack' ? ONE : MINUS_ONE);
		const shown = this.columns[column].name;
		this.note(
			kind,
			draft.owner,
			kind === 'slack'
				? `${shown} is what ${name} leaves unused; with it the row is an equation.`
				: `${shown} is what ${name} gets beyond its demand; without it the row is an equation.`,
			column
		);
		return kind === 'slack' ? column : null;
	}

	private artificial(draft: DraftRow): number {
		const column = this.column(`a:${draft.owner.name}`, `a${draft.number}`, 'artificial', draft.owner);
		draft.entries.set(column, ONE);
		const why = draft.relation === '=' ? 'has no slack' : 'has its surplus with the wrong sign';
		this.note(
			'artificial',
			draft.owner,
			`${draft.owner.name} ${why} to start from: ${this.columns[column].name} stands in until the row is met without it.`,
			column
		);
		return column;
	}

	private objective(): { costs: Map<number, Rational>; constant: Rational } {
		const { sense, name, terms, constant } = this.problem.objective;
		const { entries, offset } = this.inColumns(terms);
		const total = constant.add(offset);
		if (sense === 'max') return { costs: entries, constant: total };
		this.note('maximise', null, `The least ${name} is where −${name} is greatest, so −${name} is maximised.`);
		return { costs: new Map([...entries].map(([j, c]) => [j, c.neg()])), constant: total.neg() };
	}
}

/**
 * Brings a problem to standard form (Dantzig 1963, ch. 5): maximise, equations, non-negative columns.
 * @param problem any problem of the problem format; whole-number domains are not looked at
 * @param startKind `slack`: every inequality starts with its slack, right-hand sides may be negative, equalities become two
 *   inequalities; `artificial`: right-hand sides are not negative, rows without a usable slack get an artificial variable
 * @returns the form, with every change and its reason
 */
export function standardForm(problem: Problem, startKind: StartKind = 'slack'): Form {
	return new FormBuilder(problem, startKind).build();
}
