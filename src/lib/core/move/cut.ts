import { derivationOf } from '../commentary/derivation';
import { cutRemark } from '../commentary/whole';
import { isDualFeasible } from '../method/dual';
import { addCut, wholeColumns } from '../integer/cut';
import { isWhole, mustBeWhole } from '../problem/whole';
import { isInteger } from '../number/rational';
import { OBJECTIVE } from '../tableau/goal';
import { cell, columnOf, goalRow, goalValue, readPlan, rhs, rhsCell, type Tableau } from '../tableau/tableau';
import { cutName } from '../problem/row-owner';
import * as messages from './messages';
import { columnIndex } from './pivot';
import { refused, type Position } from '../position/position';
import type { CutMove, MoveKind, NoCut } from './types';

/** Which columns are whole, in internal units, whenever the author's variables are. */
export function wholeAt({ cuts, work }: Position): boolean[] {
	const whole = wholeColumns(work!.tableau.form);
	work!.tableau.form.columns.forEach(({ owner }, j) => {
		if (owner.kind !== 'cut') return;
		const cut = cuts.find((_, i) => owner.name === cutName(i + 1));
		// the mixed-integer cut's slack can be any number
		whole[j] = cut !== undefined && cut.kind !== 'gomory-mixed-integer';
	});
	return whole;
}

/** Whole-number variables whose columns are not whole: measured from a fractional bound, or split in two. */
export function crooked({ problem, work }: Position): string[] {
	const whole = new Set(problem.variables.filter(mustBeWhole).map(({ name }) => name));
	return work!.tableau.form.substitutions
		.filter(({ variable, offset, parts }) => whole.has(variable) && (parts.length > 1 || !isInteger(offset)))
		.map(({ variable }) => variable);
}

/** The kernel row that a cut comes from; negative where the tableau has none such. */
export const kernelRowOf = (t: Tableau, row: CutMove['row']): number =>
	row === 'objective' ? goalRow(t, OBJECTIVE) : t.basis.indexOf(columnIndex(t, row));

/** Whether a cut can be derived from a row: its variable must be whole and is not. */
function isFractional(position: Position, row: number): boolean {
	const t = position.work!.tableau;
	const column = columnOf(t, t.basis[row]);
	if (column.kind !== 'structural') return false;
	const variable = position.problem.variables.find(({ name }) => name === column.owner.name);
	return !!variable && mustBeWhole(variable) && !isInteger(rhs(t, row));
}

function objectiveIsFractional(position: Position): boolean {
	const t = position.work!.tableau;
	const whole = wholeAt(position);
	const coefficients = [...t.form.costs].every(([j, c]) => whole[j] && isInteger(c));
	return coefficients && isInteger(t.form.constant) && !isInteger(goalValue(t, OBJECTIVE));
}

/** Whether the objective row is right and only cuts added here, which wait for their pivots, are broken: several can be added at once. */
function canBeCut(position: Position): boolean {
	const t = position.work?.tableau;
	if (!t || !isDualFeasible(t) || crooked(position).length > 0) return false;
	return t.basis.every((column, row) => !(rhsCell(t, row) < 0) || columnOf(t, column).owner.kind === 'cut');
}

/**
 * Why a relaxation that is solved gives no cut.
 * @param position where the run of its method has ended
 * @param status as what it has ended
 */
export function whyNoCut(position: Position, status: 'optimal' | 'infeasible' | 'unbounded'): NoCut {
	const { problem, work, cuts } = position;
	if (status === 'unbounded') return { code: 'nothing-to-cut-off' };
	if (status === 'infeasible') return { code: cuts.length > 0 ? 'cuts-leave-nothing' : 'no-plan-at-all' };
	return work && !isWhole(problem, readPlan(work.tableau))
		? { code: 'columns-not-whole', variables: crooked(position) }
		: { code: 'all-whole' };
}

export const cut: MoveKind<CutMove> = {
	perform(position, { row: id, cut: wanted }) {
		const { work } = position;
		if (!work) return refused({ code: 'nothing-begun' });
		const t = work.tableau;
		const named = crooked(position);
		if (named.length > 0) return refused({ code: 'cuts-need-whole-columns', variables: named });
		const row = kernelRowOf(t, id);
		if (row < 0) return refused({ code: 'unknown', id: id });
		const possible = id === 'objective' ? objectiveIsFractional(position) : isFractional(position, row);
		const name = id === 'objective' ? position.problem.objective.name : columnOf(t, t.basis[row]);
		if (!possible) return refused({ code: 'no-cut-from-row', row: name });
		const whole = wholeAt(position);
		const broken = t.nonbasic.filter((column, k) => !whole[column] && cell(t, row, k));
		if (wanted === 'fractional' && broken.length > 0) {
			const columns = broken.map((column) => columnOf(t, column));
			return refused({ code: 'not-fractional-cut', row: name, columns });
		}
		const number = position.cuts.length + 1;
		const { tableau, cut: made } = addCut(t, row, whole, number, wanted === 'mixed-integer');
		return {
			ok: true,
			position: { ...position, cuts: [...position.cuts, made], work: { part: 'dual', tableau } }
		};
	},
	label: ({ row }, names) =>
		row === 'objective' ? messages.cutFromObjective : messages.cutFrom(names.column(row)),
	tell: (before, { row: id, cut: wanted }, after) => {
		const t = before.work!.tableau;
		const row = kernelRowOf(t, id);
		const derivation = derivationOf(t, row, wholeAt(before), wanted === 'mixed-integer');
		return cutRemark(t, after.work!.tableau, after.cuts.length, after.cuts.at(-1)!, derivation);
	},
	offers(position) {
		const t = position.work?.tableau;
		if (!t || !canBeCut(position)) return [];
		const rows = t.basis.flatMap((column, row) => (isFractional(position, row) ? [columnOf(t, column)] : []));
		return [
			...rows.map((column) => ({
				move: { kind: 'cut', row: column.id } as const,
				found: { code: 'cut-from-row', basic: column } as const
			})),
			...(objectiveIsFractional(position)
				? [
						{
							move: { kind: 'cut', row: 'objective' } as const,
							found: { code: 'cut-from-objective' } as const
						}
					]
				: [])
		];
	}
};
