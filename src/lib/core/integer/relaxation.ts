import type { StopReason } from '../answer/findings';
import { standsIn } from '../form/affine';
import type { Column, FormRow, Substitution } from '../form/types';
import { dualEnteringSlot, dualLeavingRow } from '../method/dual';
import { rowTrouble } from '../method/primal';
import type { Goals } from '../method/rules';
import { BLAND, DANTZIG } from '../method/rule';
import { isInteger, isZero, numerator, ONE, rational, type Rational } from '../number/rational';
import { bounded } from '../problem/bounds';
import type { Plan, Problem } from '../problem/types';
import { appendLimit, measuredFrom } from '../tableau/build';
import { OBJECTIVE } from '../tableau/goal';
import { columnValue, pivot, rhsCell, smallest, type Tableau } from '../tableau/tableau';
import { mustBeWhole } from '../problem/whole';

/** The relaxation at a node of a search tree: made from its parent's tableau, solved, and read. */

/** A bound that splits a fractional value. */
export interface Branching {
	readonly variable: string;
	readonly relation: '<=' | '>=';
	readonly value: Rational;
}

/** The two bounds that a value which is not whole is branched on by: below it and above it. */
export const branchSides = (variable: string, value: Rational): [below: Branching, above: Branching] => [
	{ variable, relation: '<=', value: value.floor() },
	{ variable, relation: '>=', value: value.ceil() }
];

/** The problem with the bounds of some branches. */
export const withBranchings = (problem: Problem, branchings: readonly Branching[]): Problem =>
	branchings.reduce((now, { variable, relation, value }) => bounded(now, variable, relation, value), problem);

/** What is kept of a node while the search needs it: where it starts from, and how far its columns are shifted. */
export interface Workings {
	readonly tableau: Tableau;
	/** by column, in internal units: the column stands for itself plus this */
	readonly shifts: ReadonlyMap<number, bigint>;
}

/** Raised where a relaxation was not solved to its end. */
export class SearchStopped extends Error {
	constructor(readonly reason: StopReason) {
		super('stopped');
	}
}

/** pivots after which the dual simplex method goes by Bland's rule, which cannot cycle */
const USUAL_PIVOTS = 60;
const GOALS: Goals = [OBJECTIVE];

/**
 * The dual simplex method to its end, by Bland's rule once it takes long. What it starts from is dual feasible, since the parent's tableau was
 * optimal and bounds change no column.
 * @param shouldStop asked before each pivot
 * @param count told of each pivot
 * @throws SearchStopped where it is told to stop
 * @returns null where no plan is left
 */
export function resolved(
	start: Tableau,
	shouldStop: () => StopReason | null = () => null,
	count: () => void = () => {}
): Tableau | null {
	let t = start;
	const hasStandIns = t.form.columns.some(standsIn);
	for (let made = 0; ; made++) {
		const reason = shouldStop();
		if (reason) throw new SearchStopped(reason);
		if (hasStandIns) {
			const trouble = rowTrouble(t);
			if (trouble?.kind === 'end') return null;
			if (trouble) throw new Error('an artificial variable came back');
		}
		const row = dualLeavingRow(t, made < USUAL_PIVOTS ? DANTZIG : BLAND);
		if (row === null) return t;
		const slot = dualEnteringSlot(t, GOALS, row);
		if (slot === null) return null;
		t = pivot(t, row, slot);
		count();
	}
}

/** The parent's tableau with the bound that a branch adds; null where the variable has no room. */
export function branchedFrom(
	{ tableau: t, shifts }: Workings,
	{ variable, relation, value }: Branching
): Workings | null {
	const { offset, parts } = t.form.substitutions.find((own) => own.variable === variable)!;
	const [{ column, factor }] = parts;
	/** the tableau with the limit as a row of its own, basic in its slack */
	const limited = (id: string, terms: readonly (readonly [number, Rational])[], rhs: Rational, now = rhs) => {
		const start = t.form.columns.length;
		const owner = { kind: 'variable', name: variable } as const;
		const slack: Column = { id, name: `u${start}`, kind: 'slack', owner };
		const row: FormRow = { owner, entries: new Map([...terms, [start, ONE]]), rhs, factor: 1, start };
		return { tableau: appendLimit(t, slack, row, now), shifts };
	};
	const least = value.sub(offset).mul(factor);
	/** `column` is at least this much, in internal units of the column */
	const raised = (of: number, at: Rational): Workings => {
		const wanted = numerator(at.mul(rational(BigInt(t.scales[of]))));
		const amount = wanted - (shifts.get(of) ?? 0n);
		return {
			tableau: measuredFrom(t, of, smallest(amount)),
			shifts: new Map(shifts).set(of, wanted)
		};
	};
	if (parts.length > 1) {
		// a difference of two columns, neither of which has the bound alone: it is a row, and a later bound moves that row's slack
		const side = relation === '<=' ? 1 : -1;
		const [id, rhs] = [`u:${variable}:${relation}`, value.sub(offset).mul(side)];
		const known = t.form.rows.find(({ start }) => t.form.columns[start].id === id);
		if (known) return raised(known.start, known.rhs.sub(rhs));
		const terms = parts.map((part) => [part.column, rational(side * part.factor)] as const);
		return limited(id, terms, rhs);
	}
	if ((relation === '>=') === factor > 0) return raised(column, least);
	const limit = upperRow(t, column);
	if (limit) return raised(limit.slack, limit.rhs.sub(least));
	const now = least.sub(rational(shifts.get(column) ?? 0n, BigInt(t.scales[column])));
	return limited(`u:${variable}`, [[column, ONE]], least, now);
}

/** The variables that should be whole and are not at a tableau; shifts are whole, so that they do not matter. */
export function fractionalAt(t: Tableau): string[] {
	const d = t.kernel.denominator;
	const whole = (row: number) => {
		const value = rhsCell(t, row);
		return typeof value === 'number' && typeof d === 'number'
			? value % d === 0
			: BigInt(value) % BigInt(d) === 0n;
	};
	const rowOf = new Int32Array(t.form.columns.length).fill(-1);
	t.basis.forEach((column, row) => (rowOf[column] = row));
	const found: string[] = [];
	const { variables } = t.form.problem;
	for (let i = 0; i < variables.length; i += 1) {
		if (!mustBeWhole(variables[i])) continue;
		// of two parts one is basic at most
		for (const { column } of t.form.substitutions[i].parts) {
			const row = rowOf[column];
			if (row >= 0 && !whole(row)) found.push(variables[i].name);
		}
	}
	return found;
}

/** An amount of the basic solution, with the columns' shifts. */
function amountOf({ tableau: t, shifts }: Workings, { offset, parts }: Substitution): Rational {
	let sum = offset;
	for (const { column, factor } of parts) {
		const shift = shifts.get(column);
		const own = columnValue(t, column);
		const value = shift ? own.add(rational(shift, BigInt(t.scales[column]))) : own;
		if (!isZero(value)) sum = factor === 1 ? sum.add(value) : sum.sub(value);
	}
	return sum;
}

/** The amount of one of the author's variables in the basic solution. */
export const amountAt = (own: Workings, name: string): Rational =>
	amountOf(
		own,
		own.tableau.form.substitutions.find(({ variable }) => variable === name)!
	);

/** The basic solution in the author's variables. */
export const nodePlan = (own: Workings): Plan =>
	new Map(own.tableau.form.substitutions.map((way) => [way.variable, amountOf(own, way)]));

/** The row `column + slack = rhs` that limits a column from above; null where there is none. */
function upperRow(t: Tableau, column: number): { slack: number; rhs: Rational } | null {
	for (const { entries, start, rhs } of t.form.rows) {
		if (entries.size !== 2 || t.form.columns[start].kind !== 'slack') continue;
		if (entries.get(column)?.equals(1) && entries.get(start)?.equals(1) && isInteger(rhs))
			return { slack: start, rhs };
	}
	return null;
}
