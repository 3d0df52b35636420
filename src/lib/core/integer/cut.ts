import { addScaled, affineColumns, tidy, type Affine, type Stated } from '../form/affine';
import { cutId } from '../problem/column-id';
import { namedBefore } from '../form/terms';
import type { Column, Form, FormRow } from '../form/types';
import { isZero, lcm, numerator, ONE, rational, ZERO, type Rational } from '../number/rational';
import type { Problem, Terms } from '../problem/types';
import type { Cell } from '../tableau/kernel';
import { appendRow } from '../tableau/build';
import { cell, rhsCell, smallest, type Tableau } from '../tableau/tableau';
import { mustBeWhole } from '../problem/whole';
import { primed } from '../problem/names';
import { cutName } from '../problem/row-owner';

export type CutKind = 'gomory-fractional' | 'gomory-mixed-integer' | 'chvatal-gomory';

/** A cutting plane, by the non-basic columns of the tableau it was derived from, and in the author's variables where they can say it. */
export interface Cut {
	readonly kind: CutKind;
	/** the basic variable (or objective) of the row it comes from; the constraints combined, for one composed of them */
	readonly row: string;
	/** Σ terms · column ≥ rhs */
	readonly nonbasic: { readonly terms: Terms; readonly rhs: Rational };
	readonly original: Stated | null;
	/** it was dropped again, since it did not bind any more */
	readonly dropped?: true;
}

/** A problem with its cuts as constraints, as far as they can be said in its variables. */
export function withCuts(problem: Problem, cuts: readonly Cut[]): Problem {
	const rows = cuts.flatMap(({ original }, i) => (original ? [{ name: cutName(i + 1), ...original }] : []));
	return rows.length === 0 ? problem : { ...problem, constraints: [...problem.constraints, ...rows] };
}

/** The part of a number above the next lower whole number, from 0 up to less than 1. */
export const fraction = (value: Rational): Rational => value.sub(value.floor());

/** The internal row of a tableau: entries in internal units (whole for whole-number columns). */
export function internalRow(t: Tableau, row: number): { entries: Rational[]; rhs: Rational } {
	const d = BigInt(t.kernel.denominator);
	const quotient = (value: Cell) => rational(BigInt(value), d);
	return { entries: t.nonbasic.map((_, k) => quotient(cell(t, row, k))), rhs: quotient(rhsCell(t, row)) };
}

/** Whether a column, in internal units, is whole whenever the author's variables are. */
export function wholeColumns(form: Form): boolean[] {
	const whole = new Set(form.problem.variables.filter(mustBeWhole).map((v) => v.name));
	const structural = form.columns.map(({ owner, kind }) => kind === 'structural' && whole.has(owner.name));
	return form.columns.map((column, j) => {
		if (column.kind === 'structural') return structural[j];
		// rows are multiplied to whole numbers, so a slack is whole where all its row's columns are
		const row = form.rows.find((r) => r.entries.has(j))!;
		return [...row.entries.keys()].every((k) => form.columns[k].kind !== 'structural' || structural[k]);
	});
}

/**
 * The cut of a row whose basic variable should be whole: Gomory's fractional cut (1958) where every non-basic column is
 * whole, else his mixed-integer cut (1960). In internal units: Σ gains · column ≥ least.
 * @param mixed takes the mixed-integer cut in any case
 */
export function deriveCut(
	t: Tableau,
	kernelRow: number,
	whole: readonly boolean[],
	mixed = false
): { kind: CutKind; gains: Rational[]; least: Rational } {
	const { entries, rhs } = internalRow(t, kernelRow);
	const f0 = fraction(rhs);
	const active = t.nonbasic.map((column) => !t.barred.has(column));
	// columns that may not enter keep their part, too: without it the row would be no whole combination of the others, and pivots not exact
	if (!mixed && t.nonbasic.every((column, k) => whole[column] || isZero(entries[k])))
		return { kind: 'gomory-fractional', gains: entries.map(fraction), least: f0 };
	const rest = ONE.sub(f0);
	const gains = entries.map((value, k) => {
		if (!active[k]) return ZERO;
		if (whole[t.nonbasic[k]]) {
			const f = fraction(value);
			return f.compare(f0) <= 0 ? f.div(f0) : ONE.sub(f).div(rest);
		}
		return value.s < 0n ? value.neg().div(rest) : value.div(f0);
	});
	return { kind: 'gomory-mixed-integer', gains, least: ONE };
}

/**
 * Adds a cut to a tableau as a new row with a slack of its own; its right-hand side is negative, so the dual simplex method goes on.
 * @returns the tableau with the row, and the cut as data
 */
export function addCut(
	t: Tableau,
	kernelRow: number,
	whole: readonly boolean[],
	number: number,
	mixed = false
): { tableau: Tableau; cut: Cut } {
	const { kind, gains, least } = deriveCut(t, kernelRow, whole, mixed);
	const multiple = gains.reduce((m, g) => lcm(m, g.d), least.d);
	const d = BigInt(t.kernel.denominator);
	// the fractional cut's own slack is whole as it stands, so its row needs no multiple (its entries are whole over d)
	const scale = kind === 'gomory-fractional' ? 1n : multiple;
	const cells = [...gains, least].map((value) => -numerator(value.mul(rational(scale * d))));
	const basicColumn =
		kernelRow < t.basis.length ? t.form.columns[t.basis[kernelRow]].name : t.form.problem.objective.name;
	// author units: internal column = scale · column
	const shownGains = gains.map((g, k) => g.mul(rational(BigInt(t.scales[t.nonbasic[k]]))));
	const cut = describe(t, kind, basicColumn, shownGains, least);
	const { column, row } = cutRow(t, number, shownGains, least);
	return { tableau: appendRow(t, { column, row, cells: cells.map(smallest), scale: smallest(scale) }), cut };
}

/** The cut as an equation of the form, with a slack of its own. */
function cutRow(
	{ form, nonbasic }: Tableau,
	number: number,
	gains: readonly Rational[],
	least: Rational
): { column: Column; row: FormRow } {
	const start = form.columns.length;
	const owner = { kind: 'cut', name: cutName(number) } as const;
	const taken = new Set(form.columns.map((c) => c.name));
	const name = primed(`c${number}`, taken);
	const entries = new Map(gains.flatMap((g, k) => (isZero(g) ? [] : [[nonbasic[k], g.neg()] as const])));
	entries.set(start, ONE);
	return {
		column: { id: cutId(number), name, order: start + 1, kind: 'slack', owner, after: namedBefore(form) },
		row: { owner, entries, rhs: least.neg(), factor: 1, start }
	};
}

function describe(t: Tableau, kind: CutKind, row: string, gains: readonly Rational[], least: Rational): Cut {
	const { columns } = t.form;
	const terms = new Map(
		gains.flatMap((g, k) =>
			isZero(g) || t.barred.has(t.nonbasic[k]) ? [] : [[columns[t.nonbasic[k]].name, g] as const]
		)
	);
	const affine = affineColumns(t.form);
	const sum = gains.reduce<Affine | null>(
		(total, g, k) => {
			if (isZero(g) || t.barred.has(t.nonbasic[k])) return total;
			const part = affine[t.nonbasic[k]];
			return total && part && addScaled(total, part, g);
		},
		{ constant: ZERO, terms: new Map() }
	);
	return { kind, row, nonbasic: { terms, rhs: least }, original: sum && tidy(sum, least).row };
}
