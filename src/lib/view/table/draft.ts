import { en } from '$lib/core/language';
import {
	asName,
	isName,
	type NewRow,
	numbered,
	type Problem,
	readCell,
	type Relation,
	type Sense,
	withoutZeros
} from '$lib/core/problem';
import { type Rational, ZERO } from '$lib/core/number';

/** A table that is being filled in before there is a problem: what was typed into each of its fields. */
export interface TableDraft {
	sense: Sense;
	/** the objective's name */
	goal: string;
	names: string[];
	costs: string[];
	rows: DraftRow[];
}

/** A resource that is being filled in. */
export interface DraftRow {
	name: string;
	uses: string[];
	relation: Relation;
	amount: string;
	unit: string;
}

export const emptyRow = (variables: number): DraftRow => ({
	name: '',
	uses: Array<string>(variables).fill(''),
	relation: '<=',
	amount: '',
	unit: ''
});

/** An empty table of so many activities and resources; what was typed into a smaller or larger one stays as far as there is room. */
export function draftOf(variables: number, rows: number, old?: TableDraft): TableDraft {
	const fitted = (texts: readonly string[] | undefined) =>
		Array.from({ length: variables }, (_, j) => texts?.[j] ?? '');
	return {
		sense: old?.sense ?? 'max',
		goal: old?.goal ?? '',
		names: fitted(old?.names),
		costs: fitted(old?.costs),
		rows: Array.from({ length: rows }, (_, i) => ({
			...emptyRow(variables),
			...old?.rows[i],
			uses: fitted(old?.rows[i]?.uses)
		}))
	};
}

/** What cannot be taken, and the field's label. */
export interface DraftFault {
	readonly field: string;
	readonly why: string;
}

class Fault extends Error {
	constructor(readonly fault: DraftFault) {
		super(fault.why);
	}
}

function numberIn(text: string, field: string): Rational {
	if (text.trim() === '') return ZERO;
	const value = readCell(text);
	if (!value)
		throw new Fault({
			field,
			why: en`“${text.slice(0, 30)}” is no number. Write 12, 5/2, 0.25 or 15.6/1000.`
		});
	return value;
}

function nameIn(text: string, field: string, taken: Set<string>, otherwise: () => string): string {
	const name = (/^\p{L}.*\s/u.test(text.trim()) ? asName(text) : text.trim()) || otherwise();
	if (!isName(name))
		throw new Fault({
			field,
			why: en`“${name.slice(0, 40)}” is no name: a letter, then letters, digits and _, at most 40.`
		});
	if (taken.has(name)) throw new Fault({ field, why: en`The name ${name} is used twice.` });
	taken.add(name);
	return name;
}

/** A resource as it was typed; null while it has no amount: until then it does nothing. */
export function rowOfTable(
	row: DraftRow,
	i: number,
	names: readonly string[],
	taken: Set<string>
): NewRow | null {
	if (row.amount.trim() === '') return null;
	const uses = row.uses.map(
		(use, j) => [names[j], numberIn(use, en`${row.name || en`resource ${i + 1}`} per ${names[j]}`)] as const
	);
	return {
		name: nameIn(row.name, en`name of resource ${i + 1}`, taken, () => numbered('r', i + 1, taken)),
		...(row.unit.trim() ? { unit: row.unit.trim().replace(/[[\]\n#"]/g, '') } : {}),
		terms: withoutZeros(new Map(uses)),
		relation: row.relation,
		rhs: numberIn(row.amount, en`amount of resource ${i + 1}`)
	};
}

/** The problem that a filled table says, or the first field that cannot be taken. */
export function problemOfTable(
	draft: TableDraft
): { readonly problem: Problem } | { readonly fault: DraftFault } {
	try {
		const taken = new Set<string>();
		const given = new Set(draft.names.map((name) => name.trim()));
		const names = draft.names.map((name, j) =>
			nameIn(name, en`name of activity ${j + 1}`, taken, () => numbered('x', j + 1, given))
		);
		const rowNames = new Set<string>();
		return {
			problem: {
				variables: names.map((name) => ({ name, lower: ZERO, upper: null, domain: 'continuous' })),
				objective: {
					sense: draft.sense,
					name: nameIn(draft.goal, en`name of the objective`, new Set(), () => 'z'),
					terms: withoutZeros(
						new Map(draft.costs.map((cost, j) => [names[j], numberIn(cost, en`objective per ${names[j]}`)]))
					),
					constant: ZERO
				},
				constraints: draft.rows.flatMap((row, i) => {
					const own = rowOfTable(row, i, names, rowNames);
					return own ? [{ ...own, name: own.name! }] : [];
				})
			}
		};
	} catch (error) {
		if (error instanceof Fault) return { fault: error.fault };
		throw error;
	}
}

/** A new resource of a problem that is there, as it was typed: null while it has no amount, or what cannot be taken. */
export function newRowOf(row: DraftRow, problem: Problem): NewRow | DraftFault | null {
	try {
		const taken = new Set(problem.constraints.map(({ name }) => name));
		const names = problem.variables.map(({ name }) => name);
		return rowOfTable(row, problem.constraints.length, names, taken);
	} catch (error) {
		if (error instanceof Fault) return error.fault;
		throw error;
	}
}
